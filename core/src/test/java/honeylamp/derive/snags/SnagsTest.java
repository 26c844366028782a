package honeylamp.derive.snags;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

class SnagsTest {
    @Test
    void theDemoHasNone() {
        assertThat(of(SailclothYard.plan())).isEmpty();
    }

    @Test
    void anEmptyPlanHasNone() {
        assertThat(of(TestPlans.start().plan())).isEmpty();
    }

    @Test
    void anEndShortOfAWallIsNamedWithItsGap() {
        // the partition ends 120 mm below the inner face of the upper wall
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
                .wall(3000, 0, 3000, 3880, BodySide.CENTRE, PARTITION)
                .plan();
        var snag = only(of(plan), Snag.Kind.SHORT_END);
        assertThat(snag.sentence()).contains("120 mm short");
        assertThat(snag.about()).containsExactly(TestPlans.wallId(plan, 4), TestPlans.wallId(plan, 2));
        assertThat(snag.where().y()).isEqualTo(3880);
    }

    @Test
    void aWallThatStandsFarFromAllOthersIsNoSnag() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 9000, 0, 9000, 9000, 0, 9000)
                .wall(3000, 3000, 6000, 3000, BodySide.CENTRE, PARTITION)
                .plan();
        assertThat(of(plan)).extracting(Snag::kind).doesNotContain(Snag.Kind.OPEN_END, Snag.Kind.SHORT_END);
    }

    @Test
    void anOpenChainSaysThatNoRoomForms() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, false, 0, 0, 6000, 0, 6000, 4000)
                .plan();
        assertThat(of(plan)).hasSize(2).allSatisfy(s -> assertThat(s.sentence()).contains("no room forms"));
    }

    @Test
    void wallsOnEachOtherAreFoundEvenIfOnlyPartly() {
        var plan = TestPlans.start()
                .wall(0, 0, 5000, 0, BodySide.CENTRE, PARTITION)
                .wall(3000, 0, 8000, 0, BodySide.CENTRE, PARTITION)
                .plan();
        assertThat(only(of(plan), Snag.Kind.WALL_ON_WALL).sentence()).contains("2000 mm");
    }

    @Test
    void roomsWithoutANameAreFound() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        assertThat(only(of(plan), Snag.Kind.UNNAMED_ROOM).sentence()).contains("20.00 m²");
        var named = RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), "Parlour");
        assertThat(of(named)).isEmpty();
    }

    @Test
    void aNameWithoutARoomIsFound() {
        var plan = TestPlans.start().plan();
        var marked = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(1, 1), "Attic", Finish.of("screed"))
                .plan();
        assertThat(only(of(marked), Snag.Kind.LOST_NAME).sentence()).contains("\"Attic\"");
    }

    @Test
    void openingsWithoutRoomWhereTheyWerePutAreFoundAndShownBesideIt() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        // the second door, put over the first (500 to 1385), is shown right behind it; behind the end it moves back in
        var two = door(door(plan, 500), 1000);
        assertThat(only(of(two), Snag.Kind.OPENING_OUT_OF_PLACE).sentence()).contains("no room where it was put");
        assertThat(TestPlans.geometry(two).cuts().getLast().opening().offset()).isEqualTo(Length.ofMm(1385));
        var over = door(plan, 4800);
        assertThat(only(of(over), Snag.Kind.OPENING_OUT_OF_PLACE).kind().mendsByItself())
                .isTrue();
        assertThat(TestPlans.geometry(over).cuts().getFirst().opening().end()).isEqualTo(Length.ofMm(5000));
    }

    @Test
    void anOpeningWiderThanItsWallIsNotCutAndNamed() {
        var plan = TestPlans.clearRectangle(800, 4000);
        var wide = door(plan, 0);
        assertThat(only(of(wide), Snag.Kind.OPENING_WITHOUT_ROOM).sentence()).contains("finds no room");
        assertThat(TestPlans.geometry(wide).cuts()).isEmpty();
    }

    private static Plan door(Plan plan, double offset) {
        return OpeningEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        OpeningKind.DOOR,
                        TestPlans.wallId(plan, 0),
                        Length.ofMm(offset),
                        Length.ofMm(885),
                        Hand.FIRST,
                        Swing.LEFT)
                .plan();
    }

    private static List<Snag> of(Plan plan) {
        return Snags.of(TestPlans.geometry(plan), plan);
    }

    private static Snag only(List<Snag> snags, Snag.Kind kind) {
        var found = snags.stream().filter(s -> s.kind() == kind).toList();
        assertThat(found).hasSize(1);
        return found.getFirst();
    }
}
