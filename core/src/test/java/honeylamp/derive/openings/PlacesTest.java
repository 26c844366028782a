package honeylamp.derive.openings;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.pointing.AgainstWall;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.pointing.Snapping;
import honeylamp.derive.pointing.Snapping.Caught;
import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.SettingOutEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Snapping, picking, leaning on walls, label places and clear distances. */
class PlacesTest {
    private final Plan plan = TestPlans.start()
            .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
            .wall(2500, 0, 2500, 4000, BodySide.CENTRE, PARTITION)
            .plan();
    private final StoreyGeometry geometry = TestPlans.geometry(plan);

    @Test
    void endsComeBeforeAllElse() {
        assertThat(caught(30, -40)).isEqualTo(Caught.END);
        assertThat(snap(30, -40).at()).isEqualTo(Point.ORIGIN);
    }

    @Test
    void middlesCrossingsAndLinesAreNamed() {
        assertThat(caught(3040, 10)).isEqualTo(Caught.MIDDLE);
        assertThat(caught(2520, 30)).isEqualTo(Caught.END);
        assertThat(caught(1200, 20)).isEqualTo(Caught.ALONG);
        assertThat(snap(1200, 20).at()).isEqualTo(new Point(1200, 0));
        assertThat(caught(2575, 1200)).isEqualTo(Caught.FACE);
    }

    @Test
    void farPointsAreCaughtLevelAndPlumb() {
        var snap = Snapping.at(geometry, List.of(new Point(4300, 1100)), new Point(4320, 2600), 60)
                .orElseThrow();
        assertThat(snap.caught()).isEqualTo(Caught.ALIGNED);
        assertThat(snap.at().x()).isEqualTo(4300);
        assertThat(snap.guides()).isNotEmpty();
    }

    @Test
    void nothingIsCaughtBeyondReach() {
        assertThat(Snapping.at(geometry, List.of(), new Point(4200, 1700), 60)).isEmpty();
    }

    @Test
    void aRayStopsAtTheWallItMeets() {
        var met = Snapping.onRay(geometry, new Point(4000, 1000), new Point(-1, 0), new Point(2530, 1000), 60);
        assertThat(met).map(Snapping.Snap::at).contains(new Point(2500, 1000));
        assertThat(Snapping.square(new Point(0, 0), new Point(90, 40))).isEqualTo(new Point(90, 0));
    }

    private Caught caught(double x, double y) {
        return snap(x, y).caught();
    }

    private Snapping.Snap snap(double x, double y) {
        return Snapping.at(geometry, List.of(), new Point(x, y), 60).orElseThrow();
    }

    @Test
    void picksWhatLiesUnderThePoint() {
        assertThat(Picking.wall(geometry, new Point(2540, 2000), 5))
                .map(w -> w.id())
                .contains(TestPlans.wallId(plan, 4));
        assertThat(Picking.wall(geometry, new Point(4000, 2000), 5)).isEmpty();
        assertThat(Picking.at(geometry, new Point(4000, 2000), 5, Opening.class::isInstance))
                .isEmpty();
    }

    @Test
    void smallerPiecesAreStruckBeforeTheRugBelow() {
        var storey = TestPlans.storey(plan);
        var rug = add(plan, "rug", 2400, 1700, 4000, 2000);
        var table = add(rug, "low-table", 900, 600, 4000, 2000);
        var pieces = table.storey(storey).furnishings();
        assertThat(Picking.at(TestPlans.geometry(table), new Point(4000, 2000), 5, Furnishing.class::isInstance))
                .containsExactly(pieces.getLast().id(), pieces.getFirst().id());
        assertThat(Picking.at(TestPlans.geometry(table), new Point(5000, 2000), 5, Furnishing.class::isInstance))
                .containsExactly(pieces.getFirst().id());
    }

    /** At a spot in a wall with an opening, on a setting-out line: one after the other, and only what is asked for. */
    @Test
    void allThatLiesAtAPointIsFoundInOneOrder() {
        var storey = TestPlans.storey(plan);
        var wall = TestPlans.wallId(plan, 4);
        var line = plan.storey(storey).wall(wall).orElseThrow().line();
        var door = TestPlans.opening(plan, 4, OpeningKind.DOOR, line.length() / 2 - 450, 900, Hand.FIRST, Swing.LEFT);
        var middle = line.middle();
        var laid = SettingOutEdits.add(
                        door,
                        storey,
                        new Segment(new Point(middle.x(), middle.y() - 100), new Point(middle.x(), middle.y() + 100)))
                .orThrow();
        var geometry = TestPlans.geometry(laid.plan());
        assertThat(Picking.at(geometry, middle, 30, _ -> true))
                .startsWith(TestPlans.newest(door).id(), wall)
                .contains(laid.id());
        assertThat(Picking.at(geometry, middle, 30, Wall.class::isInstance)).containsExactly(wall);
    }

    private static Plan add(Plan plan, String kind, double w, double d, double x, double y) {
        return FurnishingEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        kind,
                        Length.ofMm(w),
                        Length.ofMm(d),
                        Length.ofMm(400),
                        Position.ofMm(x, y),
                        0)
                .plan();
    }

    @Test
    void piecesLeanTheirBackAgainstTheNearestFace() {
        // upper wall of the right room: the inner face at y = 4,000
        var up = AgainstWall.nearest(geometry, new Point(4000, 3600), 1800, 600, 200)
                .orElseThrow();
        assertThat(up.at().y()).isCloseTo(3700, within(0.01));
        assertThat(up.turnDeg() % 360).isCloseTo(0, within(1e-6));
        // the partition's right face at x = 2,550: the back points west, the front east
        var west = AgainstWall.nearest(geometry, new Point(2900, 2000), 1800, 600, 200)
                .orElseThrow();
        assertThat(west.at().x()).isCloseTo(2850, within(0.01));
        assertThat(west.turnDeg()).isCloseTo(90, within(1e-6));
        // kept within the face near a corner
        var corner = AgainstWall.nearest(geometry, new Point(5500, 3700), 1800, 600, 200)
                .orElseThrow();
        assertThat(corner.at().distance(new Point(5100, 3700))).isLessThan(0.01);
        assertThat(AgainstWall.nearest(geometry, new Point(4300, 2000), 1800, 600, 200))
                .isEmpty();
        assertThat(AgainstWall.nearest(geometry, new Point(-9000, 0), 1800, 600, 200))
                .isEmpty();
    }

    @Test
    void clearDistancesRunFromFaceToJamb() {
        // lower wall: from the left inner corner at 0 to the partition's face at 2,450
        var stretch = ClearDistances.around(
                geometry.network(), geometry.storey().walls().getFirst(), 1000);
        assertThat(stretch.stretchFromMm()).isCloseTo(0, within(0.01));
        assertThat(stretch.stretchToMm()).isCloseTo(2450, within(0.01));
        var added = OpeningEdits.add(
                plan,
                TestPlans.storey(plan),
                OpeningKind.DOOR,
                TestPlans.wallId(plan, 0),
                Length.ofMm(300),
                Length.ofMm(885),
                Hand.FIRST,
                Swing.LEFT);
        var opening = added.plan().storeys().getFirst().openings().getFirst();
        assertThat(stretch.beforeMm(opening)).isCloseTo(300, within(0.01));
        assertThat(stretch.afterMm(opening)).isCloseTo(2450 - 1185, within(0.01));
        assertThat(stretch.lengthMm()).isCloseTo(2450, within(0.01));
    }

    @Test
    void theTapeReadsClearWidthAndLength() {
        var clear = LabelSpot.clearSize(Outline.of(new Box(0, 0, 5000, 4000).ring()), new Point(1000, 1500));
        assertThat(clear.alongMm()).isCloseTo(5000, within(0.01));
        assertThat(clear.acrossMm()).isCloseTo(4000, within(0.01));
    }

    @Test
    void theCacheKeepsWhatHasNotChanged() {
        var cache = new GeometryCache();
        var first = cache.of(plan, plan.storeys().getFirst());
        var moved = add(plan, "low-table", 900, 600, 4000, 2000);
        var second = cache.of(moved, moved.storeys().getFirst());
        assertThat(second.network()).isSameAs(first.network());
        assertThat(second.storey().furnishings()).hasSize(1);
        assertThat(cache.of(plan, plan.storeys().getFirst()).poche()).isSameAs(first.poche());
    }

    @Test
    void openingsCutThePocheThroughItsWholeThickness() {
        // a 1,000 wide plain opening takes 1,000 × 300 out of the cut
        var added = OpeningEdits.add(
                plan,
                TestPlans.storey(plan),
                OpeningKind.PLAIN,
                TestPlans.wallId(plan, 0),
                Length.ofMm(500),
                Length.ofMm(1000),
                Hand.FIRST,
                Swing.LEFT);
        var before = area(geometry.poche());
        var after = area(TestPlans.geometry(added.plan()).poche());
        assertThat(before - after).isCloseTo(300_000, within(1.0));
        assertThat(TestPlans.geometry(added.plan()).rooms()).hasSize(2);
    }

    @Test
    void theDemoIsAsLargeAsItSays() {
        var demo = TestPlans.geometry(SailclothYard.plan());
        assertThat(demo.rooms()).hasSize(8).allSatisfy(r -> assertThat(r.name()).isNotBlank());
        assertThat(demo.netAreaMm2() / 1e6).isBetween(94.0, 96.0);
    }

    @Test
    void idsReadAsALetterAndANumber() {
        assertThat(new FurnishingId(12).text()).isEqualTo("f12");
        assertThat(TestPlans.wallId(plan, 0).text()).startsWith("w");
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(Outline::area).sum();
    }

    @Test
    void segmentsOfTheNetworkShareTheirNodes() {
        var lines =
                geometry.network().pieces().stream().map(p -> p.line().chord()).toList();
        assertThat(lines).hasSize(7); // the lower and upper walls are split where the partition meets them
        assertThat(lines).filteredOn(s -> touches(s, new Point(2500, 0))).hasSize(3);
    }

    private static boolean touches(Segment s, Point p) {
        return s.a().distance(p) < 0.001 || s.b().distance(p) < 0.001;
    }
}
