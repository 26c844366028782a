package honeylamp.derive.pointing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.pointing.Snapping.Caught;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.edit.SettingOutEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.SettingOutLine;
import honeylamp.plan.SettingOutLine.Stay;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One wall of 300 from (0, 0) to (6000, 0), its body 150 to both sides. */
class SnappingTest {
    private static Plan plan() {
        return TestPlans.start()
                .wall(0, 0, 6000, 0, BodySide.CENTRE, TestPlans.OUTER)
                .plan();
    }

    private static List<Snap> at(Plan plan, List<Point> chain, double x, double y) {
        return Snapping.all(TestPlans.geometry(plan), chain, new Point(x, y), 40);
    }

    private static Snap first(Plan plan, List<Point> chain, double x, double y) {
        return at(plan, chain, x, y).getFirst();
    }

    @ParameterizedTest
    @CsvSource({
        "10, 10, END, 0, 0",
        "10, 160, CORNER, 0, 150",
        "3020, 10, MIDDLE, 3000, 0",
        "2000, 10, ALONG, 2000, 0",
        "2000, 160, FACE, 2000, 150",
        "9000, 20, CARRIED_ON, 9000, 0",
        "20, 3000, ALIGNED, 0, 3000"
    })
    void whatIsCaughtIsNamed(double x, double y, Caught caught, double atX, double atY) {
        var snap = first(plan(), List.of(), x, y);
        assertThat(snap.caught()).isEqualTo(caught);
        assertThat(snap.at().distance(new Point(atX, atY))).isLessThan(1e-6);
    }

    @Test
    void theFootOfTheLastCornerIsSquareToTheWall() {
        var snap = first(plan(), List.of(new Point(2000, 3000)), 2015, 140);
        assertThat(snap.caught()).isEqualTo(Caught.FOOT);
        assertThat(snap.at()).isEqualTo(new Point(2000, 150));
    }

    @Test
    void aWallAsLongAsAnEarlierOneIsCaught() {
        var chain = List.of(new Point(20_000, 20_000), new Point(22_500, 20_000), new Point(22_500, 21_000));
        var snap = first(plan(), chain, 22_600, 23_487);
        assertThat(snap.caught()).isEqualTo(Caught.EQUAL);
        assertThat(snap.at().distance(new Point(22_500, 21_000))).isCloseTo(2500, within(1e-6));
    }

    @Test
    void theCentreOfAnArcIsCaught() {
        var plan = plan();
        var arc = WallEdits.addArc(
                        plan,
                        TestPlans.storey(plan),
                        Position.ofMm(10_000, 10_000),
                        Position.ofMm(14_000, 10_000),
                        Length.ofMm(2000),
                        BodySide.CENTRE,
                        TestPlans.OUTER)
                .orThrow()
                .plan();
        assertThat(first(arc, List.of(), 12_010, 10_015).caught()).isEqualTo(Caught.CENTRE);
    }

    @Test
    void aKeyGoesRoundAllThatIsWithinReachStrongestFirst() {
        var all = at(plan(), List.of(), 5990, 20);
        assertThat(all).extracting(Snap::caught).startsWith(Caught.END).contains(Caught.ALONG);
        assertThat(all.stream().map(Snap::at).distinct().count()).isEqualTo(all.size());
    }

    /** Two ends 60 apart: the one held stays until the other is clearly nearer. */
    @Test
    void whatIsHeldIsNotLetGoForSomethingHardlyNearer() {
        var plan = TestPlans.start()
                .wall(0, 0, 6000, 0, BodySide.CENTRE, TestPlans.PARTITION)
                .wall(60, 2000, 60, 20, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
        var p = new Point(32, 8);
        var all = Snapping.all(TestPlans.geometry(plan), List.of(), p, 60);
        var held = Optional.of(Snap.of(new Point(0, 0), Caught.END));
        assertThat(all.getFirst().at()).isEqualTo(new Point(60, 20));
        assertThat(Snapping.steady(all, held, p).orElseThrow().at()).isEqualTo(new Point(0, 0));
        var nearer = new Point(52, 16);
        var then = Snapping.all(TestPlans.geometry(plan), List.of(), nearer, 60);
        assertThat(Snapping.steady(then, held, nearer).orElseThrow().at()).isEqualTo(new Point(60, 20));
    }

    @Test
    void settingOutLinesAreCaughtAndCrossWallsAndGoWhenUsed() {
        var plan = plan();
        var storey = TestPlans.storey(plan);
        var laid = SettingOutEdits.add(plan, storey, new Segment(new Point(1500, -100), new Point(1500, 100)))
                .orThrow();
        var geometry = TestPlans.geometry(laid.plan());
        assertThat(first(laid.plan(), List.of(), 1510, 5000).caught()).isEqualTo(Caught.SETTING_OUT);
        assertThat(first(laid.plan(), List.of(), 1510, 8).caught()).isEqualTo(Caught.CROSSING);
        assertThat(Picking.at(geometry, new Point(1520, 900), 40, SettingOutLine.class::isInstance))
                .containsExactly(laid.id());
        var along = WallEdits.add(
                        laid.plan(),
                        storey,
                        Position.ofMm(1500, 0),
                        Position.ofMm(1500, 2000),
                        BodySide.LEFT,
                        TestPlans.PARTITION)
                .orThrow()
                .plan();
        assertThat(SettingOutEdits.withoutUsed(laid.plan(), along, storey)
                        .storeys()
                        .getFirst()
                        .settingOut())
                .isEmpty();
        var kept = SettingOutEdits.stay(laid.plan(), storey, laid.id(), Stay.KEPT);
        var alongKept = WallEdits.add(
                        kept,
                        storey,
                        Position.ofMm(1500, 0),
                        Position.ofMm(1500, 2000),
                        BodySide.LEFT,
                        TestPlans.PARTITION)
                .orThrow()
                .plan();
        assertThat(SettingOutEdits.withoutUsed(kept, alongKept, storey)
                        .storeys()
                        .getFirst()
                        .settingOut())
                .hasSize(1);
    }

    /** From a face the line runs along it; from an end it stands square to the wall, so it is at x = 6000. */
    @Test
    void aSettingOutLineIsMeasuredFromAFaceOrAnEnd() {
        var geometry = TestPlans.geometry(plan());
        var low = new Point(2000, -140);
        var face = Picking.measuringLine(geometry, Optional.of(Snap.of(new Point(2000, 0), Caught.ALONG)), low, 200)
                .orElseThrow();
        assertThat(face.offset(new Point(0, -150))).isCloseTo(0, within(1e-9));
        var end = Picking.measuringLine(
                        geometry, Optional.of(Snap.of(new Point(6000, 0), Caught.END)), new Point(6010, 5), 200)
                .orElseThrow();
        assertThat(Math.abs(end.offset(new Point(0, 0)))).isCloseTo(6000, within(1e-9));
        assertThat(Picking.measuringLine(geometry, Optional.empty(), new Point(0, 5000), 200))
                .isEmpty();
    }

    @Test
    void aBoxTakesWhatIsInsideOrWhatItTouches() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var geometry = TestPlans.geometry(plan);
        var box = new honeylamp.geometry.Box(-500, -500, 6500, 500);
        Set<ElementId> inside = Picking.inBox(geometry, box, Picking.Within.INSIDE, Wall.class::isInstance);
        assertThat(inside).containsExactly(TestPlans.wallId(plan, 0));
        assertThat(Picking.inBox(geometry, box, Picking.Within.TOUCHING, Wall.class::isInstance))
                .hasSize(3);
    }
}
