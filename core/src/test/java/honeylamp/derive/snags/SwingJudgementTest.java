package honeylamp.derive.snags;

import static honeylamp.TestPlans.geometry;
import static honeylamp.TestPlans.newest;
import static honeylamp.TestPlans.opening;
import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.snags.Snag.Kind;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Mending;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Brief;
import honeylamp.plan.Minimums;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomFit;
import honeylamp.plan.Stair;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Twenty small plans, each with what speaks against its doors, if anything. The room is 4,000 by 3,000 clear and
 * drawn on its inner faces from the south-west corner: wall 0 south, 1 east, 2 north, 3 west; left is inside. A
 * partition, wall 4, is 100 thick. A door of 870 has a leaf of 800.
 */
class SwingJudgementTest {
    record Case(String name, List<Kind> verdict, Plan plan) {
        @Override
        public String toString() {
            return name;
        }
    }

    private static Plan room() {
        return TestPlans.clearRectangle(4000, 3000);
    }

    private static Plan divided(double x) {
        return TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 4000, 0, 4000, 3000, 0, 3000)
                .wall(x, 0, x, 3000, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
    }

    private static Plan door(Plan plan, int wall, double offset, Hand hand, Swing swing) {
        return opening(plan, wall, OpeningKind.DOOR, offset, 870, hand, swing);
    }

    private static Plan piece(Plan plan, double height, double x, double y) {
        return FurnishingEdits.add(
                        plan,
                        storey(plan),
                        "sofa",
                        Length.ofMm(500),
                        Length.ofMm(500),
                        Length.ofMm(height),
                        Position.ofMm(x, y),
                        0)
                .plan();
    }

    /** A flight 900 wide and 2,000 long that climbs northwards, its middle at a point. */
    private static Plan stair(Plan plan, double x, double y) {
        return StructureEdits.add(
                        plan,
                        storey(plan),
                        Stair.even(
                                Stair.Shape.STRAIGHT,
                                Stair.Turn.RIGHT,
                                Stair.Leads.UP,
                                Length.ofMm(900),
                                Length.ofMm(250),
                                9,
                                Length.ofMm(1575),
                                Length.ZERO),
                        Position.ofMm(x, y),
                        0)
                .plan();
    }

    private static Plan wanting(Plan plan, UnaryOperator<Minimums> change) {
        return plan.withBrief(Brief.OPEN.withMinimums(change.apply(Minimums.USUAL)));
    }

    static Stream<Case> cases() {
        return Stream.of(
                new Case("alone in the middle of a wall", List.of(), door(room(), 0, 1500, Hand.FIRST, Swing.LEFT)),
                new Case("nib of 50 in the corner", List.of(), door(room(), 0, 50, Hand.FIRST, Swing.LEFT)),
                new Case("nib of 25, just enough", List.of(), door(room(), 0, 25, Hand.FIRST, Swing.LEFT)),
                new Case("nib of 10", List.of(Kind.SMALL_NIB), door(room(), 0, 10, Hand.FIRST, Swing.LEFT)),
                new Case("no nib, but hinged at the far jamb", List.of(), door(room(), 0, 0, Hand.SECOND, Swing.LEFT)),
                new Case("no nib, but opening outward", List.of(), door(room(), 0, 0, Hand.FIRST, Swing.RIGHT)),
                new Case(
                        "a nib that is wanted wider",
                        List.of(Kind.SMALL_NIB),
                        wanting(door(room(), 0, 50, Hand.FIRST, Swing.LEFT), m -> m.withNib(Length.ofMm(80)))),
                // the west part is 700 clear: a leaf of 800 opening into it meets the outer wall
                new Case(
                        "into a part narrower than the leaf",
                        List.of(Kind.LEAF_AGAINST_WALL),
                        door(divided(750), 4, 1000, Hand.FIRST, Swing.LEFT)),
                new Case(
                        "out of a part narrower than the leaf",
                        List.of(),
                        door(divided(750), 4, 1000, Hand.FIRST, Swing.RIGHT)),
                // 810 clear lets a leaf of 800 pass
                new Case(
                        "into a part just wide enough", List.of(), door(divided(860), 4, 1000, Hand.FIRST, Swing.LEFT)),
                new Case(
                        "two leaves into one corner",
                        List.of(Kind.LEAF_AGAINST_LEAF),
                        door(door(room(), 0, 100, Hand.SECOND, Swing.LEFT), 3, 2000, Hand.FIRST, Swing.LEFT)),
                new Case(
                        "two doors side by side, hinged apart",
                        List.of(),
                        door(door(room(), 0, 500, Hand.FIRST, Swing.LEFT), 0, 1500, Hand.SECOND, Swing.LEFT)),
                new Case(
                        "a piece within the sweep",
                        List.of(Kind.LEAF_AGAINST_PIECE),
                        piece(door(room(), 0, 1500, Hand.FIRST, Swing.LEFT), 800, 1900, 600)),
                new Case(
                        "a rug within the sweep",
                        List.of(),
                        piece(door(room(), 0, 1500, Hand.FIRST, Swing.LEFT), 12, 1900, 600)),
                new Case(
                        "a piece beyond the sweep",
                        List.of(),
                        piece(door(room(), 0, 1500, Hand.FIRST, Swing.LEFT), 800, 1900, 1100)),
                new Case(
                        "over the steps of a stair",
                        List.of(Kind.LEAF_OVER_STAIR),
                        stair(door(room(), 0, 1500, Hand.FIRST, Swing.LEFT), 1900, 1600)),
                // the flight begins at y = 1,000, the leaf reaches to 800: 200 are left of the 400 wanted
                new Case(
                        "too near before a stair",
                        List.of(Kind.LEAF_OVER_STAIR),
                        stair(door(room(), 0, 1500, Hand.FIRST, Swing.LEFT), 1900, 2000)),
                // it begins at 1,250: 450 are left
                new Case(
                        "far enough before a stair",
                        List.of(),
                        stair(door(room(), 0, 1500, Hand.FIRST, Swing.LEFT), 1900, 2250)),
                // 870 less two linings of 35 and a leaf of 40 is 760
                new Case(
                        "narrower than is wanted",
                        List.of(Kind.NARROW_DOOR),
                        wanting(door(room(), 0, 1500, Hand.FIRST, Swing.LEFT), m -> m.withClearDoor(Length.ofMm(800)))),
                // a leaf of 835 has 500 of wall to slide into
                new Case(
                        "a pocket without room",
                        List.of(Kind.POCKET_TOO_SHORT),
                        opening(room(), 0, OpeningKind.POCKET_DOOR, 500, 870, Hand.FIRST, Swing.LEFT)));
    }

    private static List<Snag> verdict(Plan plan) {
        return Snags.of(geometry(plan), plan).stream()
                .filter(s -> s.kind().isOfOpenings())
                .toList();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void theVerdictIsTheOneExpected(Case c) {
        assertThat(verdict(c.plan)).extracting(Snag::kind).containsExactlyElementsOf(c.verdict);
        assertThat(verdict(c.plan)).allSatisfy(s -> assertThat(s.sentence()).endsWith("."));
    }

    /** What speaks against how a door is hung is mended by another way to hang it, where there is one. */
    @ParameterizedTest
    @MethodSource("cases")
    void aMendHangsTheDoorSoThatNothingSpeaksAgainstIt(Case c) {
        for (var snag : verdict(c.plan)) {
            var mend = Mending.of(c.plan, geometry(c.plan), snag, Snags.USUAL_GAP_REACH);
            assertThat(mend.isPresent()).as(c.name).isEqualTo(snag.kind().isSwing());
            mend.ifPresent(m -> assertThat(verdict(m.plan())).as(c.name).isEmpty());
        }
    }

    @Test
    void theOtherHandIsOfferedBeforeTheOtherSide() {
        var plan = door(room(), 0, 10, Hand.FIRST, Swing.LEFT);
        var geometry = geometry(plan);
        var better = new SwingJudgement(geometry, plan)
                .better(geometry.cuts().getFirst())
                .orElseThrow();
        assertThat(better.hand()).isEqualTo(Hand.SECOND);
        assertThat(better.swing()).isEqualTo(Swing.LEFT);
        var mend = Mending.of(plan, geometry, verdict(plan).getFirst(), Snags.USUAL_GAP_REACH);
        assertThat(mend.map(Mending.Mend::words)).isEqualTo(Optional.of("Hang it at the other jamb"));
    }

    /** A store of 1,500 by 3,000 behind a partition; a leaf that opens into it is let open outward. */
    @Test
    void aStoresDoorOpensOutward() {
        var plan = door(divided(1550), 4, 1000, Hand.FIRST, Swing.LEFT);
        var store = geometry(plan).roomAt(new Point(700, 1500)).orElseThrow();
        plan = RoomEdits.use(plan, storey(plan), store, RoomFit.STORE, RoomFit.CountsAs.INDOOR);
        var snag = verdict(plan);
        assertThat(snag).extracting(Snag::kind).containsExactly(Kind.STORE_OPENS_INWARD);
        var mend = Mending.of(plan, geometry(plan), snag.getFirst(), Snags.USUAL_GAP_REACH)
                .orElseThrow();
        assertThat(mend.words()).isEqualTo("Let it open to the other side");
        assertThat(verdict(mend.plan())).isEmpty();
    }

    /** The leaf sweeps a quarter of 800; the piece covers 1,650 to 2,150 by 350 to 850: they share what is drawn. */
    @Test
    void theOffendingPartIsWhatBothCover() {
        var plan = piece(door(room(), 0, 1500, Hand.FIRST, Swing.LEFT), 800, 1900, 600);
        var geometry = geometry(plan);
        var conflict = new SwingJudgement(geometry, plan)
                .of(geometry.cuts().getFirst())
                .getFirst();
        var box = conflict.parts().getFirst().bounds();
        assertThat(box.minX()).isEqualTo(1650);
        assertThat(box.minY()).isEqualTo(350);
        assertThat(conflict.about())
                .containsExactlyInAnyOrder(
                        newest(plan).id(),
                        plan.storeys().getFirst().furnishings().getFirst().id());
    }

    /** A casement 1,200 wide in the north wall, its sill at 900: one sash, opening 1,200 into the room. */
    @ParameterizedTest
    @CsvSource({
        "wardrobe, 1500, 600, 2200, 3600, true",
        "wardrobe, 1500, 600, 2200, 2400, false", // it ends 1,300 before the wall
        "sideboard, 1500, 450, 850, 3600, false", // lower than the sill
        "floor-lamp, 350, 350, 1600, 3600, false", // put aside by hand
        "curtain-side, 900, 120, 2400, 3900, false"
    })
    void aSashMeetsALargePieceHigherThanTheSill(String kind, double w, double d, double h, double y, boolean meets) {
        var plan = TestPlans.opening(
                TestPlans.clearRectangle(5000, 4000),
                2,
                OpeningKind.CASEMENT_WINDOW,
                1900,
                1200,
                Hand.FIRST,
                Swing.LEFT);
        plan = TestPlans.with(plan, kind, w, d, h, 2500, y, 0);
        var found = new SwingJudgement(TestPlans.geometry(plan), plan)
                .snags().stream()
                        .filter(s -> s.kind() == Snag.Kind.SASH_AGAINST_PIECE)
                        .toList();
        assertThat(found).hasSize(meets ? 1 : 0);
    }
}
