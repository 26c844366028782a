package honeylamp.derive.rooms;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Areas in mm², worked out by hand in the comments, agree to 1 mm². */
class RoomsTest {
    @Test
    void aClearRectangleHasItsClearArea() {
        var room = only(TestPlans.geometry(TestPlans.clearRectangle(5000, 4000)));
        assertThat(room.areaMm2()).isCloseTo(20_000_000, within(1.0));
        assertThat(room.perimeterMm()).isCloseTo(18_000, within(0.001));
    }

    @Test
    void grossAreaReachesTheOuterFaces() {
        // 5,000 + 2 × 300 by 4,000 + 2 × 300
        var geometry = TestPlans.geometry(TestPlans.clearRectangle(5000, 4000));
        assertThat(geometry.grossAreaMm2()).isCloseTo(5600.0 * 4600, within(1.0));
        assertThat(geometry.netAreaMm2()).isCloseTo(20_000_000, within(1.0));
    }

    @ParameterizedTest
    @EnumSource(BodySide.class)
    void theDrawnFaceDecidesTheClearSize(BodySide body) {
        // a 5,000 × 4,000 line drawn counter-clockwise with 300 mm walls: the body lies inside (LEFT),
        // half inside, or outside
        var plan = TestPlans.start()
                .chain(body, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .plan();
        var lost = 2 * 300 * body.leftShare();
        assertThat(only(TestPlans.geometry(plan)).areaMm2()).isCloseTo((5000 - lost) * (4000 - lost), within(1.0));
    }

    @Test
    void anLShapedRoom() {
        // inner faces drawn: 6,000 × 5,000 less a 2,500 × 2,000 corner = 30,000,000 − 5,000,000
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 3000, 3500, 3000, 3500, 5000, 0, 5000)
                .plan();
        assertThat(only(TestPlans.geometry(plan)).areaMm2()).isCloseTo(25_000_000, within(1.0));
    }

    @Test
    void aWallAtSevenDegrees() {
        // inner faces: a trapezium 4,000 high whose right side leans by 7°: base 5,000,
        // top 5,000 − 4,000·tan 7°; area = 4,000 × (5,000 + top) ÷ 2
        var lean = 4000 * Math.tan(Math.toRadians(7));
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000 - lean, 4000, 0, 4000)
                .plan();
        var expected = 4000 * (5000 + 5000 - lean) / 2;
        assertThat(only(TestPlans.geometry(plan)).areaMm2()).isCloseTo(expected, within(1.0));
    }

    @Test
    void aPartitionThatLeansSevenDegreesDividesWithoutLosingItsThickness() {
        // the clear rectangle is 6,000 × 4,000; a 100 mm partition centred on a line from (3,000, 0),
        // leaning 7°, takes 100 ÷ cos 7° of every level line: 4,000 × 100 ÷ cos 7° in all
        var lean = 4000 * Math.tan(Math.toRadians(7));
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
                .wall(3000, 0, 3000 + lean, 4000, BodySide.CENTRE, PARTITION)
                .plan();
        var rooms = TestPlans.geometry(plan).rooms();
        assertThat(rooms).hasSize(2);
        var taken = 4000 * 100 / Math.cos(Math.toRadians(7));
        assertThat(rooms.stream().mapToDouble(Room::areaMm2).sum()).isCloseTo(24_000_000 - taken, within(1.0));
    }

    @Test
    void aFreeStandingWallIsTakenOutOfItsRoom() {
        // 20,000,000 less 2,000 × 100
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .wall(1500, 2000, 3500, 2000, BodySide.CENTRE, PARTITION)
                .plan();
        var room = only(TestPlans.geometry(plan));
        assertThat(room.areaMm2()).isCloseTo(19_800_000, within(1.0));
        assertThat(room.outline().holes()).hasSize(1);
    }

    @Test
    void aWallThatEndsInTheRoomIsTakenOutToo() {
        // a 1,500 mm stub from the left face: its body shows 1,500 × 100
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .wall(0, 2000, 1500, 2000, BodySide.CENTRE, PARTITION)
                .plan();
        assertThat(only(TestPlans.geometry(plan)).areaMm2()).isCloseTo(20_000_000 - 150_000, within(1.0));
    }

    @Test
    void crossingWallsMakeFourRooms() {
        // clear 6,100 × 4,100 crossed by two centred 100 mm walls: each room 3,000 × 2,000
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6100, 0, 6100, 4100, 0, 4100)
                .wall(3050, 0, 3050, 4100, BodySide.CENTRE, PARTITION)
                .wall(0, 2050, 6100, 2050, BodySide.CENTRE, PARTITION)
                .plan();
        assertThat(TestPlans.geometry(plan).rooms())
                .hasSize(4)
                .allSatisfy(r -> assertThat(r.areaMm2()).isCloseTo(6_000_000, within(1.0)));
    }

    @Test
    void anEndThatStopsAtAFaceJoinsTheWall() {
        // the partition is drawn only up to the inner face of the outer wall, whose drawn line is its outer face
        var plan = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
                .wall(3000, 300, 3000, 3700, BodySide.CENTRE, PARTITION)
                .plan();
        // clear 5,400 × 3,400 less the partition's 100 × 3,400, in two halves
        assertThat(TestPlans.geometry(plan).rooms())
                .hasSize(2)
                .allSatisfy(r -> assertThat(r.areaMm2()).isCloseTo(2650.0 * 3400, within(1.0)));
    }

    @Test
    void anOpenChainMakesNoRoom() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, false, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .plan();
        var geometry = TestPlans.geometry(plan);
        assertThat(geometry.rooms()).isEmpty();
        assertThat(geometry.network().openEnds()).hasSize(2);
    }

    @Test
    void wallsThickerThanTheirRoomLeaveWhatIsLeft() {
        // lines 500 apart with centred 300 mm walls leave 200; the short sides leave 2,700
        var plan = TestPlans.start()
                .chain(BodySide.CENTRE, OUTER, true, 0, 0, 3000, 0, 3000, 500, 0, 500)
                .plan();
        assertThat(only(TestPlans.geometry(plan)).areaMm2()).isCloseTo(2700.0 * 200, within(1.0));
    }

    /** Law: the traced poché is the union of the wall bodies, whatever the angle. */
    @Property(tries = 60, seed = "20261125")
    void pocheIsTheUnionOfBodies(
            @ForAll @DoubleRange(min = 0, max = 360) double turn,
            @ForAll @DoubleRange(min = 25, max = 155) double corner) {
        var geometry = TestPlans.geometry(skewed(turn, corner));
        var bodies = geometry.network().pieces().stream()
                .map(p -> Outline.of(p.body()))
                .toList();
        assertThat(area(geometry.network().poche())).isCloseTo(area(Regions.union(bodies)), within(2.0));
    }

    /** Law: net area, poché and gross area belong together. */
    @Property(tries = 60, seed = "20261125")
    void roomsAndWallsFillTheGrossArea(
            @ForAll @DoubleRange(min = 0, max = 360) double turn,
            @ForAll @DoubleRange(min = 25, max = 155) double corner) {
        var geometry = TestPlans.geometry(skewed(turn, corner));
        assertThat(geometry.netAreaMm2() + area(geometry.network().poche()))
                .isCloseTo(geometry.grossAreaMm2(), within(2.0));
    }

    /** A rhombus with a partition along its long middle, turned. */
    private static Plan skewed(double turn, double corner) {
        var u = Point.direction(turn).times(7000);
        var v = Point.direction(turn + corner).times(5000);
        var w = u.plus(v);
        var m = v.times(0.5);
        var n = u.plus(m);
        return TestPlans.start()
                .chain(BodySide.CENTRE, OUTER, true, 0, 0, u.x(), u.y(), w.x(), w.y(), v.x(), v.y())
                .wall(m.x(), m.y(), n.x(), n.y(), BodySide.CENTRE, PARTITION)
                .plan();
    }

    /** Law: the order and the direction in which walls were drawn change nothing. */
    @Property(tries = 25, seed = "20261125")
    void orderAndDirectionDoNotMatter(@ForAll @IntRange(min = 0, max = 1_000_000) int seed) {
        var plan = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 8000, 0, 8000, 3000, 5000, 6000, 0, 6000)
                .wall(4000, 0, 4000, 6000, BodySide.CENTRE, PARTITION)
                .wall(0, 3000, 4000, 3000, BodySide.CENTRE, PARTITION)
                .plan();
        var shuffled = shuffled(plan, new Random(seed));
        var before = areas(TestPlans.geometry(plan));
        var after = areas(TestPlans.geometry(shuffled));
        assertThat(after).hasSameSizeAs(before);
        for (var i = 0; i < before.size(); i++) {
            assertThat(after.get(i)).isCloseTo(before.get(i), within(0.5));
        }
    }

    private static Plan shuffled(Plan plan, Random random) {
        var storey = plan.storeys().getFirst();
        var walls = new ArrayList<Wall>();
        for (var wall : storey.walls()) {
            walls.add(
                    random.nextBoolean()
                            ? wall
                            : wall.between(wall.to(), wall.from())
                                    .withBody(wall.body().flipped()));
        }
        Collections.shuffle(walls, random);
        return plan.withStorey(storey.id(), s -> s.with(Wall.class, walls));
    }

    private static List<Double> areas(StoreyGeometry geometry) {
        return geometry.rooms().stream().map(Room::areaMm2).sorted().toList();
    }

    /** The room finder agrees with JTS on a grid of rooms that share their corners. */
    @Test
    void aGridOfRoomsAgreesWithThePolygonizer() {
        var plan = TestPlans.start();
        for (var i = 0; i <= 6; i++) {
            plan.wall(i * 3000, 0, i * 3000, 15_000, BodySide.CENTRE, PARTITION);
        }
        for (var j = 0; j <= 5; j++) {
            plan.wall(0, j * 3000, 18_000, j * 3000, BodySide.CENTRE, PARTITION);
        }
        var geometry = plan.geometry();
        var lines =
                geometry.network().pieces().stream().map(p -> p.line().chord()).toList();
        assertThat(geometry.rooms()).hasSize(30).hasSameSizeAs(Regions.enclosed(lines));
        assertThat(geometry.rooms()).allSatisfy(r -> assertThat(r.areaMm2()).isCloseTo(2900.0 * 2900, within(0.5)));
    }

    @Test
    void acuteCornersDoNotRunToSpikes() {
        // 12° between two 300 mm walls: an uncut mitre would reach 150 ÷ sin 6° = 1,435 mm
        var tip = Point.direction(12).times(5000);
        var plan = TestPlans.start()
                .wall(5000, 0, 0, 0, BodySide.CENTRE, OUTER)
                .wall(0, 0, tip.x(), tip.y(), BodySide.CENTRE, OUTER)
                .plan();
        var reach = TestPlans.geometry(plan).poche().stream()
                .flatMap(o -> o.shell().corners().stream())
                .mapToDouble(Point::x)
                .min()
                .orElseThrow();
        assertThat(reach).isBetween(-400.0, -100.0);
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(Outline::area).sum();
    }

    private static Room only(StoreyGeometry geometry) {
        assertThat(geometry.rooms()).hasSize(1);
        return geometry.rooms().getFirst();
    }
}
