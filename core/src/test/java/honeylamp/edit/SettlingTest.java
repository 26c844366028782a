package honeylamp.edit;

import static honeylamp.TestPlans.geometry;
import static honeylamp.TestPlans.keeping;
import static honeylamp.TestPlans.newest;
import static honeylamp.TestPlans.opening;
import static honeylamp.TestPlans.storey;
import static honeylamp.TestPlans.wallId;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Keeping;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** What openings keep to when walls change. The test hall is 8,000 by 4,000 clear; types 300, 175 and 100 thick. */
class SettlingTest {
    /** Walls 0 to 3 are south, east, north, west; 4 is a partition 100 thick, its centre at x = 5,000. */
    private static Plan hall() {
        return TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 8000, 0, 8000, 4000, 0, 4000)
                .wall(5000, 0, 5000, 4000, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
    }

    private static Plan door(Plan plan, int wall, double offset, Keeping keeping) {
        return keeping(opening(plan, wall, OpeningKind.DOOR, offset, 900, Hand.FIRST, Swing.LEFT), keeping);
    }

    private static Plan moved(Plan plan, int wall, double dx, double dy) {
        return Settling.settled(
                geometry(plan),
                WallEdits.moveWall(plan, storey(plan), wallId(plan, wall), Length.ofMm(dx), Length.ofMm(dy))
                        .orThrow());
    }

    private static double from(Plan plan) {
        return newest(plan).offset().mm();
    }

    @Test
    void aCentredDoorStaysCentredWhenItsWallGrows() {
        var plan = door(TestPlans.clearRectangle(6000, 4000), 0, 100, Keeping.centred(Between.WALLS));
        assertThat(from(plan)).isEqualTo(2550); // (6,000 - 900) / 2
        assertThat(from(moved(plan, 1, 1500, 0))).isEqualTo(3300); // (7,500 - 900) / 2
    }

    @Test
    void aDoorKeepsItsNibWhenTheCrossWallMovesBeyondIt() {
        // after the partition's face at 5,050 the door begins 60 on; the partition then moves right over it
        var plan = door(hall(), 0, 5200, Keeping.fromFirst(Length.ofMm(60)));
        assertThat(from(plan)).isCloseTo(5110, within(1e-6));
        var moved = moved(plan, 4, 1200, 0);
        assertThat(from(moved)).isCloseTo(6310, within(1e-6));
        assertThat(from(moved(moved, 4, -3000, 0))).isCloseTo(3310, within(1e-6));
    }

    @Test
    void aDoorBeforeTheCrossWallKeepsItsDistanceToTheEnd() {
        var plan = door(hall(), 0, 3000, Keeping.fromSecond(Length.ofMm(60)));
        assertThat(from(plan)).isCloseTo(4950 - 60 - 900, within(1e-6));
        assertThat(from(moved(plan, 4, -700, 0))).isCloseTo(4250 - 60 - 900, within(1e-6));
    }

    /** The north wall runs from east to west; seen from outside, the partition does not bound it. */
    @Test
    void theFaceOfTheOtherSideIsNotBoundByAWallThatDoesNotStandThere() {
        var plan = hall();
        var outside = opening(plan, 2, OpeningKind.FIXED_WINDOW, 6000, 1000, Hand.FIRST, Swing.RIGHT);
        var kept = keeping(outside, Keeping.centred(Between.ROOM_FACES));
        // the outer face runs the whole 8,000 of the drawn line: middle at 4,000
        assertThat(from(kept)).isCloseTo(3500, within(1e-6));
        var inside = opening(plan, 2, OpeningKind.FIXED_WINDOW, 6000, 1000, Hand.FIRST, Swing.LEFT);
        // the west room's north face runs from 3,050 to 8,000 as the wall is drawn: middle at 5,525
        assertThat(from(keeping(inside, Keeping.centred(Between.ROOM_FACES)))).isCloseTo(5025, within(1e-6));
    }

    @Test
    void centredBetweenNeighboursFollowsThem() {
        var plan =
                opening(TestPlans.clearRectangle(6000, 4000), 0, OpeningKind.PLAIN, 200, 800, Hand.FIRST, Swing.LEFT);
        var window = keeping(
                opening(plan, 0, OpeningKind.FIXED_WINDOW, 3000, 1000, Hand.FIRST, Swing.LEFT),
                Keeping.centred(Between.NEIGHBOURS));
        assertThat(from(window)).isEqualTo(3000); // between 1,000 and 6,000: (5,000 - 1,000) / 2 + 1,000
        var plain = window.storeys().getFirst().openings().getFirst().id();
        var moved = Settling.settled(
                geometry(window), OpeningEdits.moveTo(window, storey(window), plain, Length.ofMm(600)));
        assertThat(from(moved)).isEqualTo(3200); // between 1,400 and 6,000
    }

    @Test
    void aRowKeepsEqualGapsAlsoWithDifferentWidths() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        plan = opening(plan, 0, OpeningKind.FIXED_WINDOW, 100, 600, Hand.FIRST, Swing.LEFT);
        plan = opening(plan, 0, OpeningKind.FIXED_WINDOW, 1500, 1200, Hand.FIRST, Swing.LEFT);
        plan = opening(plan, 0, OpeningKind.FIXED_WINDOW, 4000, 900, Hand.FIRST, Swing.LEFT);
        var ids = ids(plan);
        var even = OpeningEdits.spaceEvenly(plan, storey(plan), geometry(plan), ids)
                .orThrow();
        // 6,000 - 2,700 leaves four gaps of 825
        assertThat(offsets(even)).containsExactly(825.0, 825.0 + 600 + 825, 825.0 + 600 + 825 + 1200 + 825);
        // 1,000 more leaves four gaps of 1,075
        assertThat(offsets(moved(even, 1, 1000, 0))).containsExactly(1075.0, 2750.0, 5025.0);
        var other = opening(plan, 1, OpeningKind.FIXED_WINDOW, 500, 600, Hand.FIRST, Swing.LEFT);
        assertThat(OpeningEdits.spaceEvenly(other, storey(other), geometry(other), ids(other))
                        .refusal()
                        .orElseThrow())
                .contains("one wall");
    }

    private static Set<OpeningId> ids(Plan plan) {
        return plan.storeys().getFirst().openings().stream().map(Opening::id).collect(Collectors.toSet());
    }

    private static List<Double> offsets(Plan plan) {
        return plan.storeys().getFirst().openings().stream()
                .map(o -> o.offset().mm())
                .toList();
    }

    @Test
    void severalArePutInWithEqualGaps() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var like = newest(opening(plan, 0, OpeningKind.FIXED_WINDOW, 0, 800, Hand.FIRST, Swing.LEFT));
        var row =
                OpeningEdits.addRow(plan, storey(plan), geometry(plan), like, 4).orThrow();
        // 6,000 - 3,200 leaves five gaps of 560
        assertThat(offsets(row.plan())).containsExactly(560.0, 1920.0, 3280.0, 4640.0);
        assertThat(OpeningEdits.addRow(plan, storey(plan), geometry(plan), like, 8)
                        .refusal()
                        .orElseThrow())
                .contains("wider than");
        assertThat(OpeningEdits.addRow(row.plan(), storey(plan), geometry(row.plan()), like, 2)
                        .refusal()
                        .orElseThrow())
                .contains("stand in this stretch");
    }

    @Test
    void aSplitOrReversedWallCarriesWhatItsDoorsKeepTo() {
        var plan = door(hall(), 0, 5200, Keeping.fromFirst(Length.ofMm(60)));
        var split = WallShaping.split(plan, storey(plan), wallId(plan, 0), Length.ofMm(5000))
                .orThrow();
        var settled = Settling.settled(geometry(plan), split.plan());
        assertThat(newest(settled).host()).isEqualTo(split.id());
        assertThat(from(settled)).isCloseTo(110, within(1e-6)); // 5,110 - 5,000
        assertThat(Keeping.fromFirst(Length.ofMm(60)).reversed()).isEqualTo(Keeping.fromSecond(Length.ofMm(60)));
        assertThat(Keeping.evenly(1, 3, Between.WALLS).reversed()).isEqualTo(Keeping.evenly(3, 3, Between.WALLS));
    }

    @Test
    void copiedToTheOppositeWallItLooksIntoTheSameRoom() {
        var plan =
                opening(TestPlans.clearRectangle(6000, 4000), 0, OpeningKind.DOOR, 1000, 900, Hand.FIRST, Swing.LEFT);
        var copy = OpeningEdits.copyOpposite(
                        plan, storey(plan), geometry(plan), newest(plan).id())
                .orThrow();
        var opposite = newest(copy.plan());
        // the north wall is drawn from east to west: the middle at x = 1,450 lies 4,550 from its first end
        assertThat(opposite.host()).isEqualTo(wallId(plan, 2));
        assertThat(opposite.middleMm()).isCloseTo(4550, within(1e-6));
        assertThat(opposite.swing()).isEqualTo(Swing.LEFT);
        assertThat(opposite.hand()).isEqualTo(Hand.SECOND); // both are hinged at their western jamb
    }

    /**
     * Law: whatever is done to the walls, no opening changes its size, none that is cut lies over another or beyond
     * its wall, and one that keeps to something is where that is, or there is a snag. The places are worked out here
     * from the partitions alone.
     */
    @Property(tries = 120, seed = "20261125")
    void openingsAreWhereTheirRuleSaysOrThereIsASnag(@ForAll long seed) {
        var random = new Random(seed);
        var plan = halls(random);
        for (var i = 0; i < 6; i++) {
            plan = opening(
                    plan,
                    0,
                    OpeningKind.DOOR,
                    random.nextInt(11_000),
                    500 + random.nextInt(900),
                    Hand.FIRST,
                    Swing.LEFT);
            plan = keeping(plan, any(random));
        }
        for (var i = 0; i < 8; i++) {
            plan = Settling.settled(geometry(plan), edited(plan, random));
            check(plan);
        }
    }

    /** A hall 12,000 long with three partitions; its south wall is drawn on the inner face. */
    private static Plan halls(Random random) {
        var hall =
                TestPlans.start().chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 12_000, 0, 12_000, 4000, 0, 4000);
        for (var i = 1; i <= 3; i++) {
            var x = 3000 * i + random.nextInt(1200) - 600;
            hall = hall.wall(x, 0, x, 4000, BodySide.CENTRE, TestPlans.PARTITION);
        }
        return hall.plan();
    }

    private static Keeping any(Random random) {
        return switch (random.nextInt(4)) {
            case 0 -> Keeping.AS_PUT;
            case 1 -> Keeping.fromFirst(Length.ofMm(random.nextInt(400)));
            case 2 -> Keeping.fromSecond(Length.ofMm(random.nextInt(400)));
            default -> Keeping.centred(Between.WALLS);
        };
    }

    private static Plan edited(Plan plan, Random random) {
        var storey = plan.storeys().getFirst();
        return switch (random.nextInt(5)) {
            case 0 ->
                WallEdits.moveWall(
                                plan,
                                storey.id(),
                                wallId(plan, 4 + random.nextInt(3)),
                                Length.ofMm(random.nextInt(3000) - 1500),
                                Length.ZERO)
                        .result()
                        .orElse(plan);
            case 1 ->
                WallEdits.moveWall(
                                plan,
                                storey.id(),
                                wallId(plan, 1),
                                Length.ofMm(random.nextInt(4000) - 2000),
                                Length.ZERO)
                        .result()
                        .orElse(plan);
            case 2 ->
                WallEdits.setType(
                        plan,
                        storey.id(),
                        List.of(wallId(plan, 4 + random.nextInt(3))),
                        plan.wallTypes().get(random.nextInt(3)).id());
            case 3 -> WallShaping.turnedRound(plan, storey.id(), storey.walls().getFirst());
            default ->
                OpeningEdits.setWidth(
                        plan,
                        storey.id(),
                        storey.openings().get(random.nextInt(6)).id(),
                        Length.ofMm(400 + random.nextInt(1500)));
        };
    }

    private static void check(Plan plan) {
        var geometry = geometry(plan);
        var storey = geometry.storey();
        var south = storey.walls().getFirst();
        var snagged = Snags.of(geometry, plan).stream()
                .filter(s -> s.kind().isOfOpenings() && !s.kind().isSwing() && s.kind() != Snag.Kind.NARROW_DOOR)
                .flatMap(s -> s.about().stream())
                .collect(Collectors.toSet());
        var placed = new ArrayList<>(geometry.places().placed());
        placed.sort(Comparator.comparing(Opening::offset));
        for (var i = 0; i < placed.size(); i++) {
            var now = placed.get(i);
            assertThat(now.width())
                    .isEqualTo(storey.opening(now.id()).orElseThrow().width());
            assertThat(now.offset().mm()).isNotNegative();
            assertThat(now.end().mm()).isLessThanOrEqualTo(south.line().length() + 1e-6);
            if (i + 1 < placed.size()) {
                assertThat(now.end().mm())
                        .isLessThanOrEqualTo(placed.get(i + 1).offset().mm() + 1e-6);
            }
        }
        if (!geometry.network().overlaps().isEmpty()) {
            return; // a partition lies on another wall: which of the two bounds the rooms is another snag's matter
        }
        for (var opening : storey.openings()) {
            if (!snagged.contains(opening.id())) {
                var cut = geometry.cut(opening.id()).orElseThrow().opening();
                assertThat(cut).isEqualTo(opening);
                where(plan, cut);
            }
        }
    }

    /** The bounds of a door's room, from the partitions' lines and thicknesses; as the south wall is drawn. */
    private static void where(Plan plan, Opening door) {
        var storey = plan.storeys().getFirst();
        var south = storey.walls().getFirst();
        var bounds = new ArrayList<double[]>();
        for (var partition : storey.walls().subList(4, 7)) {
            var half = plan.wallType(partition.type()).thickness().mm() / 2;
            var way = Math.signum(south.to().x().mm() - south.from().x().mm());
            var at = way * (partition.from().x().mm() - south.from().x().mm());
            if (at + half <= 0 || at - half >= south.line().length()) {
                continue; // moved out of the hall
            }
            if (at < half || at > south.line().length() - half) {
                return; // it stands in the end wall
            }
            bounds.add(new double[] {at - half, at + half});
        }
        var middle = door.middleMm();
        var least = bounds.stream()
                .mapToDouble(b -> b[1])
                .filter(x -> x <= middle)
                .max()
                .orElse(0);
        var most = bounds.stream()
                .mapToDouble(b -> b[0])
                .filter(x -> x >= middle)
                .min()
                .orElse(south.line().length());
        var k = door.keeping();
        switch (k.rule()) {
            case AS_PUT -> {}
            case FROM_FIRST ->
                assertThat(door.offset().mm() - least).isCloseTo(k.nib().mm(), within(1.01));
            case FROM_SECOND ->
                assertThat(most - door.end().mm()).isCloseTo(k.nib().mm(), within(1.01));
            case EVEN -> assertThat(middle).isCloseTo((least + most) / 2, within(1.01));
        }
    }
}
