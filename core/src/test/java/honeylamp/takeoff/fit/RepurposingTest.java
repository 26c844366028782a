package honeylamp.takeoff.fit;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.RoomUses;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A house of 8,000 x 4,000 mm parted at 5,000: a study in the west with a stove and a desk, a bedroom in the east. */
class RepurposingTest {
    private static Plan house(Swing swing) {
        var shell = TestPlans.clearRectangle(8000, 4000);
        var at = TestPlans.storey(shell);
        var type = shell.wallTypes().getLast().id();
        var parted = WallEdits.add(shell, at, Position.ofMm(5000, 0), Position.ofMm(5000, 4000), BodySide.CENTRE, type)
                .orThrow()
                .plan();
        var wall = parted.storeys().getFirst().walls().getLast().id();
        var doored = OpeningEdits.add(
                        parted, at, OpeningKind.DOOR, wall, Length.ofMm(1500), Length.ofMm(885), Hand.FIRST, swing)
                .plan();
        var west = RoomEdits.mark(doored, at, Position.ofMm(2000, 2000), "Study", Finish.of("wide-plank-oak"))
                .plan();
        var both = RoomEdits.mark(west, at, Position.ofMm(6500, 2000), "Bedroom", Finish.of("wide-plank-oak"))
                .plan();
        var desk = FurnishingEdits.add(
                        both,
                        at,
                        "desk",
                        Length.ofMm(1400),
                        Length.ofMm(700),
                        Length.ofMm(740),
                        Position.ofMm(2000, 3600),
                        0)
                .plan();
        return FurnishingEdits.add(
                        desk,
                        at,
                        "boiler",
                        Length.ofMm(450),
                        Length.ofMm(350),
                        Length.ofMm(700),
                        Position.ofMm(300, 200),
                        180)
                .plan();
    }

    private static Room west(Plan plan) {
        return StoreyGeometry.of(plan, plan.storeys().getFirst())
                .roomAt(new Point(2000, 2000))
                .orElseThrow();
    }

    private static Repurposing.Done made(Plan plan, String use) {
        return Repurposing.of(
                plan, TestPlans.storey(plan), west(plan), RoomUses.of(use).orElseThrow());
    }

    @Test
    void nameFloorAndContentsFollowAndWhatIsFixedStays() {
        var plan = house(Swing.LEFT);
        var done = made(plan, "bedroom");
        assertThat(done.name()).as("Bedroom is taken next door").isEqualTo("Second bedroom");
        var room = west(done.plan());
        assertThat(room.name()).isEqualTo("Second bedroom");
        assertThat(room.mark().orElseThrow().fit().use()).isEqualTo("bedroom");
        assertThat(done.gone()).isEqualTo(1);
        assertThat(done.plan().storeys().getFirst().furnishings())
                .extracting(Furnishing::kind)
                .contains("boiler", "bed", "wardrobe")
                .doesNotContain("desk");
        assertThat(done.plan().storeys().getFirst().walls())
                .isEqualTo(plan.storeys().getFirst().walls());
        var bath = made(plan, "bath").plan();
        assertThat(west(bath).mark().orElseThrow().floor().material()).isEqualTo("square-tile");
    }

    /** The leaf of a store's door opens out of it, that of a large room into it. */
    @Test
    void doorsOpenAsTheUseAsks() {
        for (var swing : Swing.values()) {
            var plan = house(swing);
            var store = made(plan, "store");
            var study = made(store.plan(), "work");
            var opens = List.of(leaf(store.plan()), leaf(study.plan()));
            assertThat(opens.get(0).x()).as("east of the wall").isGreaterThan(5000);
            assertThat(opens.get(1).x()).as("west of it").isLessThan(5000);
            assertThat(store.turned()
                            + made(house(swing == Swing.LEFT ? Swing.RIGHT : Swing.LEFT), "store")
                                    .turned())
                    .isEqualTo(1);
        }
    }

    /** A point on the side to which the only door's leaf opens. */
    private static Point leaf(Plan plan) {
        var geometry = StoreyGeometry.of(plan, plan.storeys().getFirst());
        var cut = geometry.cuts().getFirst();
        Opening opening = cut.opening();
        return cut.middle()
                .middle()
                .plus(cut.unit().left().times(opening.swing().sign() * 300));
    }
}
