package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.plan.Finish;
import honeylamp.plan.Keeping;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Sense;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What follows from an edit is done with it, on whichever storey. */
class CompletingTest {
    private final Completing completing = new Completing(new GeometryCache());

    @Test
    void aSpaceThatClosesIsARoomAndOpeningsStayWhereTheyKeepTo() {
        var bare = TestPlans.clearRectangle(6000, 4000);
        var storey = TestPlans.storey(bare);
        var wall = TestPlans.wallId(bare, 0);
        var door = OpeningEdits.add(
                bare, storey, OpeningKind.DOOR, wall, Length.ofMm(500), Length.ofMm(900), Hand.FIRST, Swing.LEFT);
        var kept = OpeningEdits.keep(
                door.plan(), storey, door.id(), Keeping.centred(honeylamp.plan.Keeping.Between.WALLS));
        var whole = completing.of(bare, kept);
        assertThat(whole.storey(storey).rooms()).isEmpty(); // no wall has changed
        var longer = WallEdits.moveWall(whole, storey, TestPlans.wallId(whole, 1), Length.ofMm(1000), Length.ZERO)
                .orThrow();
        var done = completing.of(whole, longer);
        assertThat(done.storey(storey).rooms()).hasSize(1);
        // clear 7,000 long now: the door's middle lies 3,500 from the inner face, as from the other
        var geometry = TestPlans.geometry(done);
        var middle = geometry.cut(door.id()).orElseThrow().middle().middle();
        var room = geometry.rooms().getFirst().outline().bounds();
        assertThat(middle.x() - room.minX()).isCloseTo(3500, org.assertj.core.data.Offset.offset(0.01));
        assertThat(room.maxX() - middle.x()).isCloseTo(3500, org.assertj.core.data.Offset.offset(0.01));
    }

    @Test
    void completingACompletePlanChangesNothing() {
        var plan = honeylamp.demo.place.QuillbackLane.plan();
        var storey = plan.storeys().getLast().id();
        var edited = WallEdits.moveWall(
                        plan, storey, plan.storey(storey).walls().getLast().id(), Length.ofMm(-80), Length.ofMm(40))
                .orThrow();
        var done = completing.of(plan, edited);
        assertThat(completing.of(done, done)).isSameAs(done);
        assertThat(completing.of(plan, done)).isEqualTo(done);
    }

    /** Walls copied to a storey that nobody looks at close rooms there too. */
    @Test
    void otherStoreysAreCompletedWithTheOneWorkedOn() {
        var below = TestPlans.clearRectangle(6000, 4000);
        var two = StoreyEdits.addOnTop(below, "Loft");
        Set<honeylamp.plan.ElementId> walls =
                below.storeys().getFirst().walls().stream().map(Wall::id).collect(Collectors.toUnmodifiableSet());
        var copied = StoreyEdits.copied(two.plan(), TestPlans.storey(below), walls, List.of(two.id()));
        assertThat(copied.storey(two.id()).rooms()).isEmpty();
        var done = completing.of(two.plan(), copied);
        assertThat(done.storey(two.id()).rooms()).hasSize(1);
        assertThat(done.storey(TestPlans.storey(below)).rooms()).isEmpty(); // nothing was done there
    }

    /** A unit two metres from its copy, on the storey above; drawn larger, the copies there close the gap between. */
    @Test
    void spacesBetweenCopiesOnAnotherStoreyFollowTheDrawnUnit() {
        var plan = marked(TestPlans.clearRectangle(4000, 3000));
        var storey = TestPlans.storey(plan);
        var room = plan.storey(storey).rooms().getFirst().id();
        var unit = UnitEdits.make(plan, TestPlans.geometry(plan), Set.of(room), "Flat")
                .orThrow();
        var above = StoreyEdits.addOnTop(unit.plan(), "Above");
        var placed = above.plan();
        for (var x : new int[] {0, 20_000}) {
            placed = UnitEdits.place(placed, unit.id(), above.id(), Position.ofMm(x, 0), 0, Sense.AS_DRAWN)
                    .plan();
        }
        // two walls from one copy to the other, 15,700 apart, make a space between them
        for (var y : new int[] {-1000, 1000}) {
            placed = WallEdits.add(
                            placed,
                            above.id(),
                            Position.ofMm(2000, y),
                            Position.ofMm(18_000, y),
                            Wall.BodySide.CENTRE,
                            placed.wallTypes().getFirst().id())
                    .orThrow()
                    .plan();
        }
        var done = completing.of(unit.plan(), placed);
        assertThat(marks(done)).isZero(); // the storey is new: what is on it was brought along
        var narrower = Deletion.of(
                placed,
                above.id(),
                Set.of(placed.storey(above.id()).walls().getLast().id()));
        assertThat(marks(completing.of(narrower, placed))).isEqualTo(1);
    }

    private static long marks(Plan plan) {
        return plan.storeys().getLast().elements().of(RoomMark.class).size();
    }

    private static Plan marked(Plan plan) {
        return RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2000, 1500), "Flat", Finish.of("screed"))
                .plan();
    }
}
