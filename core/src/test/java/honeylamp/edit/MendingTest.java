package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class MendingTest {
    private static Optional<Mending.Mend> mend(Plan plan, Snag.Kind kind) {
        var geometry = TestPlans.geometry(plan);
        var snag = Snags.of(geometry, plan).stream()
                .filter(s -> s.kind() == kind)
                .findFirst()
                .orElseThrow();
        return Mending.of(plan, geometry, snag, Snags.USUAL_GAP_REACH);
    }

    private static long count(Plan plan, Snag.Kind kind) {
        return Snags.of(TestPlans.geometry(plan), plan).stream()
                .filter(s -> s.kind() == kind)
                .count();
    }

    @Test
    void aShortEndIsCarriedOnAndTheRoomDivides() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
                .wall(3000, 0, 3000, 3700, BodySide.CENTRE, PARTITION)
                .plan();
        var mended = mend(plan, Snag.Kind.SHORT_END).orElseThrow();
        assertThat(mended.words()).contains("Carry");
        assertThat(count(mended.plan(), Snag.Kind.SHORT_END)).isZero();
        assertThat(TestPlans.geometry(mended.plan()).rooms()).hasSize(2);
        assertThat(mended.plan().storeys().getFirst().walls().getLast().to()).isEqualTo(Position.ofMm(3000, 4000));
    }

    @Test
    void anEndWithNothingAheadIsLeftToThePerson() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, false, 0, 0, 6000, 0, 6000, 4000)
                .plan();
        assertThat(mend(plan, Snag.Kind.OPEN_END)).isEmpty();
    }

    @Test
    void aCoveredWallIsDeletedUnlessSomethingHangsInIt() {
        var plan = TestPlans.start()
                .wall(0, 0, 5000, 0, BodySide.CENTRE, PARTITION)
                .wall(0, 0, 5000, 0, BodySide.CENTRE, OUTER)
                .plan();
        var mended = mend(plan, Snag.Kind.WALL_ON_WALL).orElseThrow().plan();
        assertThat(mended.storeys().getFirst().walls()).hasSize(1);
        assertThat(mended.storeys().getFirst().walls().getFirst().type()).isEqualTo(OUTER); // the thicker is kept
        var withDoor = OpeningEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        OpeningKind.DOOR,
                        TestPlans.wallId(plan, 0),
                        Length.ofMm(500),
                        Length.ofMm(800),
                        Hand.FIRST,
                        Swing.LEFT)
                .plan();
        assertThat(mend(withDoor, Snag.Kind.WALL_ON_WALL)).isEmpty();
    }

    @Test
    void aPartlyCoveredWallIsDrawnBackToWhereItComesOut() {
        var plan = TestPlans.start()
                .wall(0, 0, 5000, 0, BodySide.CENTRE, PARTITION)
                .wall(3000, 0, 8000, 0, BodySide.CENTRE, PARTITION)
                .plan();
        var mended = mend(plan, Snag.Kind.WALL_ON_WALL).orElseThrow();
        assertThat(mended.words()).contains("back");
        var walls = mended.plan().storeys().getFirst().walls();
        assertThat(walls.getLast().from()).isEqualTo(Position.ofMm(5000, 0));
        assertThat(walls.getLast().to()).isEqualTo(Position.ofMm(8000, 0));
    }

    @Test
    void aLostNameIsDeletedAndAnUnnamedRoomIsNot() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var lost = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(-900, -900), "Attic", Finish.of("screed"))
                .plan();
        assertThat(count(mend(lost, Snag.Kind.LOST_NAME).orElseThrow().plan(), Snag.Kind.LOST_NAME))
                .isZero();
        assertThat(mend(lost, Snag.Kind.UNNAMED_ROOM)).isEmpty();
    }
}
