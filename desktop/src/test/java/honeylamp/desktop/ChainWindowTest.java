package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.catalogue.NewPlan;
import honeylamp.drawing.Mark;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall;
import honeylamp.store.PlanDocument;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Set;
import javafx.scene.input.KeyCode;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** Chains of walls in the real window: sharing what stands, undoing leg by leg, gaps, and what a deletion opens. */
class ChainWindowTest {
    private static final Offset<Double> PIXEL = Offset.offset(40.0);

    private static List<Wall> walls(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst().walls();
    }

    @Test
    void undoInTheMiddleOfAChainTakesBackOneWallAndDrawingGoesOnFromThere() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(NewPlan.in(UnitSystem.MM)))) {
            w.press("stage-walls");
            w.show(3000, 2000, 12_000);
            w.click(0, 0);
            w.click(4000, 0);
            w.click(4000, 3000);
            assertThat(walls(w)).hasSize(2);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(walls(w)).hasSize(1);
            w.click(4000, 2000);
            assertThat(walls(w)).hasSize(2);
            assertThat(walls(w).getLast().from()).isEqualTo(walls(w).getFirst().to());
            assertThat(walls(w).getLast().chord().length()).isCloseTo(2000, PIXEL);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(walls(w)).isEmpty();
            w.click(0, 2000); // the first corner is still there
            assertThat(walls(w)).hasSize(1);
            assertThat(walls(w).getFirst().chord().length()).isCloseTo(2000, PIXEL);
        }
    }

    @Test
    void aChainAlongAWallThatStandsSharesIt() throws Exception {
        var standing = TestWalls.partitions(0, 0, 5000, 0);
        try (var w = WindowDriver.with(PlanDocument.of(standing))) {
            w.press("stage-walls");
            w.show(3000, 2000, 12_000);
            w.click(1000, 3000);
            w.click(1000, 0);
            w.click(4000, 0); // along the wall that stands
            assertThat(walls(w)).hasSize(2);
            assertThat(w.message()).contains("shared");
            w.click(4000, 3000);
            w.click(1000, 3000);
            assertThat(walls(w)).hasSize(4);
            assertThat(TestWalls.geometry(w.plan()).rooms()).hasSize(1);
            assertThat(TestWalls.geometry(w.plan()).network().overlaps()).isEmpty();
        }
    }

    @Test
    void aRectangleLaidOverARoomGrowsItAndUndoTakesThatBack() throws Exception {
        var room = TestWalls.partitions(0, 0, 4000, 0, 4000, 3000, 0, 3000, 0, 0);
        room = RoomEdits.name(
                room,
                room.storeys().getFirst().id(),
                TestWalls.geometry(room).rooms().getFirst(),
                "Parlour");
        try (var w = WindowDriver.with(PlanDocument.of(room))) {
            w.press("stage-walls");
            w.show(3000, 2000, 9000);
            w.press("wall-type-3");
            w.press("face-centre");
            w.press("tool-rectangle");
            w.click(2500, 1500);
            w.click(5500, 4500);
            var rooms = TestWalls.geometry(w.plan()).rooms();
            assertThat(rooms).hasSize(1);
            assertThat(rooms.getFirst().name()).isEqualTo("Parlour");
            assertThat(rooms.getFirst().areaMm2()).isGreaterThan(17e6); // 3.9 by 2.9 had 11.3 m²
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(walls(w)).hasSize(4);
        }
    }

    /** The house's lower wall has a door from 3000 to 3900; a room laid over it takes that stretch of wall away. */
    @Test
    void aShapeThatTakesAWallWithADoorSaysSo() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.press("stage-walls");
            w.show(3000, 1000, 9000);
            w.press("tool-rectangle");
            w.click(2800, 1500);
            w.click(5000, -1500);
            assertThat(w.plan().storeys().getFirst().openings()).isEmpty();
            assertThat(w.message()).contains("1 opening went with the walls");
        }
    }

    @Test
    void anOpenChainShowsWhereItIsOpenAndHowFar() throws Exception {
        var open = TestWalls.partitions(0, 0, 4000, 0, 4000, 3000);
        try (var w = WindowDriver.with(PlanDocument.of(open))) {
            w.press("stage-walls");
            w.show(2000, 1500, 12_000);
            assertThat(words(w)).contains("Open, 5000 mm"); // 3, 4, 5
            w.press("stage-furnish");
            assertThat(words(w)).doesNotContain("Open, 5000 mm");
        }
    }

    private static List<String> words(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().shown().besidePlan().stream()
                .filter(Mark.Text.class::isInstance)
                .map(m -> ((Mark.Text) m).text())
                .toList());
    }

    @Test
    void aDeletionSaysWhichRoomItOpensAndWhichBecomeOne() throws Exception {
        var plan = TestWalls.house();
        var storey = plan.storeys().getFirst().id();
        var rooms = TestWalls.geometry(plan).rooms();
        plan = RoomEdits.name(plan, storey, rooms.getFirst(), "Kitchen");
        plan = RoomEdits.name(plan, storey, TestWalls.geometry(plan).rooms().getLast(), "Pantry");
        try (var w = WindowDriver.with(PlanDocument.of(plan))) {
            deleted(w, wall(plan, 4));
            assertThat(w.message())
                    .contains("are one room now")
                    .contains("Kitchen")
                    .contains("Pantry");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            deleted(w, wall(plan, 1));
            assertThat(w.message()).contains("is not closed any more").doesNotContain("one room now");
        }
    }

    private static ElementId wall(Plan plan, int index) {
        return plan.storeys().getFirst().walls().get(index).id();
    }

    private static void deleted(WindowDriver w, ElementId id) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().pick(Set.of(id));
            return null;
        });
        w.focusPlan();
        w.key(KeyCode.DELETE);
    }
}
