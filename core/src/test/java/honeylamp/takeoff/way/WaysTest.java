package honeylamp.takeoff.way;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.BriefEdits;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.sheet.SheetSnags;
import honeylamp.takeoff.way.Ways.Reached;
import honeylamp.units.Length;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Rooms whose inner faces are drawn; one comes in by an outer door 1,000 wide in the middle of the south wall. */
class WaysTest {
    /** An outer door leaves its width less two linings of 35 and a leaf of 55 mm. */
    private static final double CLEAR_MM = 875;

    private static Plan house(double w, double d) {
        return TestPlans.opening(
                TestPlans.clearRectangle(w, d), 0, OpeningKind.OUTER_DOOR, w / 2 - 500, 1000, Hand.FIRST, Swing.LEFT);
    }

    /** A piece with its back to the north. */
    private static Plan with(Plan plan, double w, double d, double x, double y) {
        return FurnishingEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        "trunk",
                        Length.ofMm(w),
                        Length.ofMm(d),
                        Length.ofMm(900),
                        Position.ofMm(x, y),
                        0)
                .plan();
    }

    private static LaidStorey storey(Plan plan) {
        return LaidPlan.of(plan).all().getFirst();
    }

    private static Reached only(Plan plan) {
        return Ways.of(storey(plan)).toRooms().getFirst();
    }

    @Test
    void oneComesInByTheDoorAndItIsTheNarrowestPlace() {
        var plan = house(8000, 6000);
        var ways = Ways.of(storey(plan));
        assertThat(ways.entrances()).hasSize(1);
        assertThat(ways.entrances().getFirst().distance(new Point(4000, -150))).isLessThan(0.01);
        var narrowest =
                ways.toRooms().getFirst().way().orElseThrow().narrowest().orElseThrow();
        assertThat(narrowest.door()).isPresent();
        assertThat(narrowest.mm()).isCloseTo(CLEAR_MM, within(0.01));
    }

    @ParameterizedTest
    @ValueSource(doubles = {400, 512.5, 640, 777, 890, 1040.3})
    void aGapBetweenAPieceAndTheWallIsMeasuredBetweenThem(double gap) {
        // a row as deep as half the room across it, with a gap at its right end: the far half is reached there only
        var plan = with(house(8000, 6000), 8000 - gap, 600, (8000 - gap) / 2, 2500);
        var way = Ways.of(storey(plan))
                .between(new Point(4000, 1000), new Point(4000, 5000))
                .orElseThrow();
        assertThat(way.narrowest().orElseThrow().mm()).isCloseTo(gap, within(0.01));
        assertThat(way.narrowest().orElseThrow().between()).hasSize(1);
        assertThat(way.narrowest().orElseThrow().middle().x()).isCloseTo(8000 - gap / 2, within(0.01));
    }

    @Test
    void theWiderOfTwoWaysIsTakenEvenIfItIsLonger() {
        // two pieces in a row across the room: 500 free at the left wall, 700 between, 800 at the right
        var plan = with(with(house(8000, 6000), 2000, 600, 1500, 3000), 3900, 600, 5150, 3000);
        plan = with(plan, 100, 600, 7150, 3000);
        var narrow = Ways.of(storey(plan))
                .between(new Point(700, 1000), new Point(700, 5000))
                .orElseThrow()
                .narrowest()
                .orElseThrow();
        assertThat(narrow.mm()).isCloseTo(800, within(0.01));
    }

    @Test
    void aShortWayWideEnoughIsTakenRatherThanALongWiderOne() {
        // 950 free at the left wall, 2,050 at the right; 900 are wanted
        var plan = with(house(8000, 6000), 5000, 600, 3450, 3000);
        var way = Ways.of(storey(plan))
                .between(new Point(700, 1000), new Point(700, 5000))
                .orElseThrow();
        assertThat(way.narrowest().orElseThrow().mm()).isCloseTo(950, within(0.01));
        assertThat(way.lengthMm()).isBetween(4000.0, 4600.0);
    }

    @Test
    void nobodyPassesWhereThereIsHardlyAGap() {
        var plan = with(house(8000, 6000), 7800, 600, 3900, 2500);
        assertThat(Ways.of(storey(plan)).between(new Point(4000, 1000), new Point(4000, 5000)))
                .isEmpty();
    }

    @Test
    void whatGoesInTheWorksWhatHangsHighAndWhatIsFlatIsInNobodysWay() {
        var plan = with(house(8000, 6000), 8000, 600, 4000, 2500);
        var at = TestPlans.storey(plan);
        var ids = List.of(plan.storeys().getFirst().furnishings().getFirst().id());
        var a = new Point(4000, 1000);
        var b = new Point(4000, 5000);
        assertThat(Ways.of(storey(plan)).between(a, b)).isEmpty();
        var goes = FurnishingEdits.setWorks(plan, at, ids, Wall.Works.REMOVED);
        assertThat(Ways.of(storey(goes)).between(a, b)).isPresent();
        var hangs = FurnishingEdits.raise(plan, at, ids, Length.ofMm(2000)).orThrow();
        assertThat(Ways.of(storey(hangs)).between(a, b)).isPresent();
        var flat =
                FurnishingEdits.resize(plan, at, ids.getFirst(), Length.ofMm(8000), Length.ofMm(600), Length.ofMm(20));
        assertThat(Ways.of(storey(flat)).between(a, b)).isPresent();
    }

    @ParameterizedTest
    @CsvSource({"1600, 1600", "1500, 1500", "1320, 1320", "900, 900"})
    void theTurningCircleIsTheWidestThatIsFree(double deep, double turning) {
        // a room with only a strip left free along its north wall, away from the recess of the door
        var plan = with(house(8000, 6000), 8000, 6000 - deep, 4000, (6000 - deep) / 2);
        assertThat(only(plan).turningMm()).isCloseTo(turning, within(26.0)); // cells of 25 mm
        assertThat(only(plan).turningMm()).isLessThanOrEqualTo(turning + 0.01);
    }

    /** Two rooms of 4,000 x 4,000, a plain opening in the partition between them; the floor of the first is 10 high. */
    private static Plan twoRooms(double highMm, double wideMm) {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 8100, 0, 8100, 4000, 0, 4000)
                .wall(4050, 0, 4050, 4000, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
        plan = TestPlans.opening(plan, 0, OpeningKind.OUTER_DOOR, 1000, 1010, Hand.FIRST, Swing.LEFT);
        plan = TestPlans.opening(plan, 4, OpeningKind.PLAIN, 1500, wideMm, Hand.FIRST, Swing.LEFT);
        var at = TestPlans.storey(plan);
        for (var room : TestPlans.geometry(plan).rooms()) {
            plan = RoomEdits.marked(plan, at, room).plan();
        }
        for (var room : TestPlans.geometry(plan).rooms()) {
            var high = room.outline().bounds().minX() > 4000 ? highMm : 10;
            plan = RoomEdits.fit(
                    plan, at, room, f -> f.withFloorLayers(List.of(new BuildUpLayer("Screed", Length.ofMm(high)))));
        }
        return plan;
    }

    @Test
    void aStepOnTheWayIsToldAndNotStepFree() {
        var high = Ways.of(storey(twoRooms(40, 900))).toRooms();
        assertThat(high).hasSize(2);
        assertThat(high.stream().map(r -> r.way().orElseThrow().stepMm())).containsExactlyInAnyOrder(0.0, 30.0);
        assertThat(high.stream().filter(Reached::isStepFree)).hasSize(1);
        assertThat(Ways.of(storey(twoRooms(25, 900))).toRooms().stream().filter(Reached::isStepFree))
                .hasSize(2);
        assertThat(Ways.of(storey(twoRooms(25, 780))).toRooms().stream().filter(Reached::isStepFree))
                .hasSize(1);
    }

    @Test
    void aNarrowWayIsASnagAndSaysBetweenWhat() {
        // the way to the far half of the room: 640 beside the trunk
        var plan = with(with(house(8000, 6000), 7360, 600, 3680, 1600), 2000, 600, 4000, 300);
        var snags = WaySnags.of(storey(with(house(8000, 6000), 7360, 600, 3680, 1600)));
        assertThat(snags).singleElement().satisfies(s -> {
            assertThat(s.kind()).isEqualTo(Snag.Kind.NARROW_WAY);
            assertThat(s.sentence()).contains("640 mm wide between Trunk and the wall, 900 mm wanted");
        });
        var asked =
                BriefEdits.minimums(with(house(8000, 6000), 7360, 600, 3680, 1600), m -> m.withWay(Length.ofMm(600)));
        assertThat(WaySnags.of(storey(asked))).isEmpty();
        // before the door stands something: nobody gets anywhere
        assertThat(WaySnags.of(storey(plan)))
                .singleElement()
                .satisfies(s -> assertThat(s.sentence()).contains("No way leads to"));
    }

    /** 950 are free at the left of the trunk, 2,050 at the right: whoever comes in goes round by the right. */
    @Test
    void theWayFromTheDoorLeadsToAPoint() {
        var ways = Ways.of(storey(with(house(6000, 6000), 3000, 600, 2450, 3000)));
        var door = ways.entrances().getFirst();
        var way = ways.leadingTo(new Point(2500, 5500)).orElseThrow();
        assertThat(way).isEqualTo(ways.between(door, new Point(2500, 5500)).orElseThrow());
        assertThat(way.line().getFirst().distance(door)).isLessThan(300);
        assertThat(way.line().getLast().distance(new Point(2500, 5500))).isLessThan(300);
    }

    @Test
    void nobodyWaitingEndsTheSearch() {
        var narrow = storey(with(house(8000, 6000), 7360, 600, 3680, 1600));
        assertThat(Ways.of(narrow, () -> false).toRooms()).isEmpty();
        var asked = new int[1];
        var all = SheetSnags.all(narrow, Length.ofMm(100), () -> {
            asked[0]++;
            return true;
        });
        assertThat(all.orElseThrow()).extracting(Snag::kind).contains(Snag.Kind.NARROW_WAY);
        for (var ends = 0; ends < asked[0]; ends++) {
            var left = new int[] {ends};
            assertThat(SheetSnags.all(narrow, Length.ofMm(100), () -> left[0]-- > 0))
                    .as("given up at step %d", ends)
                    .isEmpty();
        }
    }

    /** Against a search of its own: cells of 20 mm, and how far each is from every edge, one by one. */
    @Test
    void widthsAgreeWithAnIndependentSearch() {
        var chance = new Random(20_261_127);
        var compared = 0;
        for (var round = 0; round < 100; round++) {
            var plan = house(5000, 4000);
            for (var i = 0; i < 7; i++) {
                plan = with(
                        plan,
                        300 + chance.nextInt(1200),
                        300 + chance.nextInt(700),
                        500 + chance.nextInt(4000),
                        800 + chance.nextInt(2700));
            }
            var from = new Point(2500, 250);
            var to = new Point(300 + chance.nextInt(4400), 3700);
            var pieces = plan.storeys().getFirst().furnishings();
            var found = Ways.of(storey(plan)).between(from, to);
            if (pieces.stream().anyMatch(p -> near(p, from, 200) || near(p, to, 200))) {
                continue;
            }
            if (found.isEmpty()) {
                assertThat(leads(pieces, from, to, 175)).isFalse();
                continue;
            }
            var narrowest = found.get().narrowest();
            if (narrowest.isPresent()
                    && narrowest.get().mm() < 880
                    && leads(pieces, from, from, narrowest.get().mm() / 2 + 25)
                    && leads(
                            pieces, to, to, narrowest.get().mm() / 2 + 25)) { // else one does not stand there so freely
                compared++;
                assertThat(leads(pieces, from, to, narrowest.get().mm() / 2 - 25))
                        .as("round %d: %s", round, narrowest)
                        .isTrue();
                assertThat(leads(pieces, from, to, narrowest.get().mm() / 2 + 25))
                        .as("round %d: %s", round, narrowest)
                        .isFalse();
            }
        }
        assertThat(compared).isGreaterThan(20);
    }

    private static boolean near(Furnishing piece, Point p, double mm) {
        var ring = Picking.footprint(piece);
        return ring.contains(p) || ring.edgeDistance(p) < mm;
    }

    /** Whether a disc of a radius goes from near one point to near another in a room of 5,000 x 4,000. */
    private static boolean leads(List<Furnishing> pieces, Point from, Point to, double radius) {
        var step = 20;
        var columns = 5000 / step;
        var rows = 4000 / step;
        var rings = pieces.stream().map(Picking::footprint).toList();
        var seen = new boolean[columns][rows];
        var queue = new ArrayDeque<int[]>();
        for (var x = 0; x < columns; x++) {
            for (var y = 0; y < rows; y++) {
                if (beside(x * step, y * step, from) && isFree(rings, x * step, y * step, radius)) {
                    seen[x][y] = true;
                    queue.add(new int[] {x, y});
                }
            }
        }
        while (!queue.isEmpty()) {
            var at = queue.remove();
            if (beside(at[0] * step, at[1] * step, to)) {
                return true;
            }
            var next = new ArrayList<int[]>();
            for (var dx = -1; dx <= 1; dx++) {
                for (var dy = -1; dy <= 1; dy++) {
                    next.add(new int[] {at[0] + dx, at[1] + dy});
                }
            }
            for (var n : next) {
                if (n[0] >= 0
                        && n[1] >= 0
                        && n[0] < columns
                        && n[1] < rows
                        && !seen[n[0]][n[1]]
                        && isFree(rings, n[0] * step, n[1] * step, radius)) {
                    seen[n[0]][n[1]] = true;
                    queue.add(n);
                }
            }
        }
        return false;
    }

    private static boolean beside(double x, double y, Point p) {
        return Math.abs(x - p.x()) <= 150 && Math.abs(y - p.y()) <= 150;
    }

    private static boolean isFree(List<Ring> rings, double x, double y, double radius) {
        var p = new Point(x, y);
        return Math.min(Math.min(x, 5000 - x), Math.min(y, 4000 - y)) >= radius
                && rings.stream().noneMatch(r -> r.contains(p) || r.edgeDistance(p) < radius);
    }
}
