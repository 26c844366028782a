package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class WallsAroundTest {
    private static List<Position> rectangle(double x0, double y0, double x1, double y1) {
        return List.of(Position.ofMm(x0, y0), Position.ofMm(x1, y0), Position.ofMm(x1, y1), Position.ofMm(x0, y1));
    }

    private static Plan around(Plan plan, List<Position> corners, DrawnFace face) {
        return WallsAround.add(
                        plan,
                        TestPlans.geometry(plan),
                        WallsAround.edges(corners),
                        face,
                        PARTITION,
                        Wall.Works.EXISTING)
                .orThrow();
    }

    /** What a report says of walls, whatever line was drawn: how long their faces are. */
    private static List<String> faces(Plan plan) {
        var network = TestPlans.geometry(plan).network();
        return plan.storeys().getFirst().walls().stream()
                .map(w -> network.faceLengthsMm(w.id()).stream()
                        .map(Math::round)
                        .toList()
                        .toString())
                .sorted()
                .toList();
    }

    private static TreeSet<Long> rooms(Plan plan) {
        var out = new TreeSet<Long>();
        TestPlans.geometry(plan).rooms().forEach(r -> out.add(Math.round(r.areaMm2())));
        return out;
    }

    private static double apart(Plan one, Plan other) {
        var a = TestPlans.geometry(one).poche();
        var b = TestPlans.geometry(other).poche();
        return area(Regions.difference(a, b)) + area(Regions.difference(b, a));
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(Outline::area).sum();
    }

    /** Two rooms, 4000 and 3000 wide and 3500 deep, 100 of wall between and around them. */
    @Test
    void threeWaysOfDrawingGiveTheSameWallsAndAreas() {
        var wallsFirst = TestPlans.start()
                .chain(BodySide.RIGHT, PARTITION, true, 0, 0, 7100, 0, 7100, 3500, 0, 3500)
                .wall(4050, 0, 4050, 3500, BodySide.CENTRE, PARTITION)
                .plan();
        var rectangles = around(
                around(TestPlans.start().plan(), rectangle(0, 0, 4000, 3500), DrawnFace.INNER),
                rectangle(4100, 0, 7100, 3500),
                DrawnFace.INNER);
        var outline = around(TestPlans.start().plan(), rectangle(-100, -100, 7200, 3600), DrawnFace.OUTER);
        var outlineFirst = WallEdits.add(
                        outline,
                        TestPlans.storey(outline),
                        Position.ofMm(4000, 0),
                        Position.ofMm(4000, 3500),
                        BodySide.RIGHT,
                        PARTITION)
                .orThrow()
                .plan();
        assertThat(rooms(rectangles)).containsExactly(10_500_000L, 14_000_000L);
        assertThat(rooms(wallsFirst)).isEqualTo(rooms(rectangles));
        assertThat(rooms(outlineFirst)).isEqualTo(rooms(rectangles));
        assertThat(faces(wallsFirst))
                .containsExactly("[3500, 3500]", "[3500, 3700]", "[3500, 3700]", "[7000, 7300]", "[7000, 7300]");
        assertThat(faces(rectangles)).isEqualTo(faces(wallsFirst));
        assertThat(faces(outlineFirst)).isEqualTo(faces(wallsFirst));
        assertThat(apart(wallsFirst, rectangles)).isLessThan(1);
        assertThat(apart(wallsFirst, outlineFirst)).isLessThan(1);
    }

    @ParameterizedTest
    @EnumSource(DrawnFace.class)
    void theSameRoomTracedEitherWayRoundByAnyFaceIsTheSame(DrawnFace face) {
        var out = switch (face) {
            case OUTER -> 100;
            case CENTRE -> 50;
            case INNER -> 0;
        };
        var corners = rectangle(-out, -out, 5000 + out, 4000 + out);
        var inner = around(TestPlans.start().plan(), rectangle(0, 0, 5000, 4000), DrawnFace.INNER);
        var plan = around(TestPlans.start().plan(), corners, face);
        var other = around(TestPlans.start().plan(), corners.reversed(), face);
        for (var traced : List.of(plan, other)) {
            assertThat(apart(inner, traced)).isLessThan(1e-6);
            assertThat(rooms(traced)).containsExactly(20_000_000L);
            assertThat(faces(traced)).isEqualTo(faces(inner));
        }
    }

    @Test
    void aRoomTallerThanItsNeighbourRunsOnFromTheSharedWall() {
        var plan = around(
                around(TestPlans.start().plan(), rectangle(0, 0, 4000, 3000), DrawnFace.INNER),
                rectangle(4100, 0, 7000, 5000),
                DrawnFace.INNER);
        assertThat(rooms(plan)).containsExactly(12_000_000L, 14_500_000L);
        assertThat(Snags.of(TestPlans.geometry(plan), plan))
                .extracting(Snag::kind)
                .containsOnly(Snag.Kind.UNNAMED_ROOM);
    }

    /** The second room begins at the lower outer corner of the first, and its upper wall runs on from the first's. */
    @Test
    void aRoomBegunAtAnOuterCornerSharesTheWall() {
        var plan = around(
                around(TestPlans.start().plan(), rectangle(0, 3500, 4000, 0), DrawnFace.INNER),
                rectangle(4100, -100, 8500, 3500),
                DrawnFace.INNER);
        assertThat(rooms(plan)).containsExactly(14_000_000L, 15_840_000L);
        assertThat(plan.storeys().getFirst().walls()).hasSize(6);
    }

    /** 4000 by 3000, and 3000 by 3000 laid over its upper right corner by 1500 both ways: 12 + 9 - 2.25 m². */
    @ParameterizedTest
    @EnumSource(DrawnFace.class)
    void aRectangleLaidOverTheCornerOfARoomGrowsIt(DrawnFace face) {
        var out = switch (face) {
            case OUTER -> 100;
            case CENTRE -> 50;
            case INNER -> 0;
        };
        var first = around(TestPlans.start().plan(), rectangle(-out, -out, 4000 + out, 3000 + out), face);
        var both = around(first, rectangle(2500 - out, 1500 - out, 5500 + out, 4500 + out), face);
        assertThat(rooms(both)).containsExactly(18_750_000L);
        assertThat(TestPlans.geometry(both).network().openEnds()).isEmpty();
        assertThat(TestPlans.geometry(both).rooms().getFirst().outline().shell().corners())
                .hasSize(8);
        assertThat(Snags.of(TestPlans.geometry(both), both))
                .extracting(Snag::kind)
                .containsOnly(Snag.Kind.UNNAMED_ROOM);
    }

    /** An arm of 1000 laid across a wall of a room of 4000 by 3000 sticks out by 2000: a T. */
    @Test
    void aRectangleLaidAcrossAWallOpensItAsWideAsItIs() {
        var first = around(TestPlans.start().plan(), rectangle(0, 0, 4000, 3000), DrawnFace.INNER);
        var both = around(first, rectangle(1500, 2000, 2500, 5000), DrawnFace.INNER);
        assertThat(rooms(both)).containsExactly(14_000_000L);
        assertThat(TestPlans.geometry(both).network().openEnds()).isEmpty();
    }

    @Test
    void aRectangleWithinARoomIsARoomByItself() {
        var first = around(TestPlans.start().plan(), rectangle(0, 0, 4000, 3000), DrawnFace.INNER);
        var both = around(first, rectangle(3000, 0, 4000, 1000), DrawnFace.INNER);
        assertThat(TestPlans.geometry(both).rooms()).hasSize(2);
        assertThat(rooms(both).getFirst()).isEqualTo(1_000_000L);
    }

    @Test
    void aRoomThatReachesALittleIntoItsNeighbourStaysAnotherRoom() {
        var first = around(TestPlans.start().plan(), rectangle(0, 0, 4000, 3000), DrawnFace.INNER);
        var both = around(first, rectangle(3950, 0, 7000, 3000), DrawnFace.INNER);
        assertThat(TestPlans.geometry(both).rooms()).hasSizeGreaterThan(1);
    }

    @Test
    void drawingTheSameRectangleTwiceAddsNothing() {
        var once = around(TestPlans.start().plan(), rectangle(0, 0, 4000, 3000), DrawnFace.INNER);
        assertThat(around(once, rectangle(0, 0, 4000, 3000), DrawnFace.INNER)).isEqualTo(once);
    }

    @Test
    void aCircleIsTwoArcsAndOneRoom() {
        var plan = TestPlans.start().plan();
        var circle = WallsAround.add(
                        plan,
                        TestPlans.geometry(plan),
                        List.of(
                                new WallsAround.Edge(Position.ofMm(-2000, 0), Position.ofMm(2000, 0), -2000),
                                new WallsAround.Edge(Position.ofMm(2000, 0), Position.ofMm(-2000, 0), -2000)),
                        DrawnFace.INNER,
                        OUTER,
                        Wall.Works.EXISTING)
                .orThrow();
        var room = TestPlans.geometry(circle).rooms().getFirst();
        assertThat(room.areaMm2()).isCloseTo(Math.PI * 4e6, within(1.0));
    }

    /** A bay 2000 wide and 600 deep at 45 degrees adds a trapezium of (2000 + 800) / 2 · 600 to the clear room. */
    @Test
    void aSplayedBayTakesTheWallBehindItAway() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
                .plan();
        var bay = Bays.add(
                        plan,
                        TestPlans.storey(plan),
                        TestPlans.wallId(plan, 0),
                        Length.ofMm(2000),
                        Length.ofMm(4000),
                        Length.ofMm(600),
                        Bays.Shape.SPLAYED,
                        false)
                .orThrow()
                .plan();
        var geometry = StoreyGeometry.of(bay, bay.storeys().getFirst());
        assertThat(geometry.rooms()).hasSize(1);
        assertThat(geometry.rooms().getFirst().areaMm2()).isCloseTo(24e6 + 1400 * 600, within(1.0));
        assertThat(bay.storeys().getFirst().walls()).hasSize(8);
        assertThat(geometry.network().openEnds()).isEmpty();
    }

    /** Half a hexagon on 2000: sides of 1000, an area of three quarters of 1000² · √3. */
    @Test
    void halfAHexagonHasThreeEqualSides() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
                .plan();
        var bay = Bays.add(
                        plan,
                        TestPlans.storey(plan),
                        TestPlans.wallId(plan, 0),
                        Length.ofMm(2000),
                        Length.ofMm(4000),
                        Length.ofMm(0),
                        Bays.Shape.HALF_HEXAGON,
                        false)
                .orThrow()
                .plan();
        assertThat(bay.storeys().getFirst().walls().subList(5, 8))
                .extracting(Wall::length)
                .allSatisfy(l -> assertThat(l.mm()).isCloseTo(1000, within(1e-3)));
        assertThat(rooms(bay).getFirst().doubleValue()).isCloseTo(24e6 + 0.75 * 1e6 * Math.sqrt(3), within(10.0));
    }

    @Test
    void aBayTooDeepForItsWidthIsRefused() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        assertThat(Bays.add(
                                plan,
                                TestPlans.storey(plan),
                                TestPlans.wallId(plan, 0),
                                Length.ofMm(2000),
                                Length.ofMm(3000),
                                Length.ofMm(600),
                                Bays.Shape.SPLAYED,
                                false)
                        .refusal()
                        .orElseThrow())
                .contains("more width");
    }
}
