package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.edit.NoteEdits;
import honeylamp.plan.Dimension;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Notes and single dimensions are picked, moved, changed, copied and deleted in the real window. */
class CaptionsWindowTest {
    /** Drawn lines at x 0 and 6,000; a note at (1,500, 3,000), the width measured at y 1,000, its line 500 above. */
    private static Plan plan() {
        var house = TestWalls.house();
        var at = house.storeys().getFirst().id();
        var noted = NoteEdits.add(house, at, Position.ofMm(1500, 3000), "damp course renewed")
                .plan();
        return NoteEdits.measure(noted, at, Position.ofMm(0, 1000), Position.ofMm(6000, 1000), Length.ofMm(500))
                .orThrow()
                .plan();
    }

    private static Storey storey(WindowDriver w) throws Exception {
        return w.plan().storeys().getFirst();
    }

    private static Dimension dimension(WindowDriver w) throws Exception {
        return storey(w).dimensions().getFirst();
    }

    private static WindowDriver window(WorkStage stage) throws Exception {
        var w = WindowDriver.with(PlanDocument.of(plan()));
        w.show(3000, 2000, 8000);
        WindowDriver.onScreen(() -> {
            w.model().use(stage.tools().getFirst());
            w.window().actions().focusPlan();
            return null;
        });
        w.settle();
        w.press("tool-pick-and-move");
        return w;
    }

    @Test
    void aNoteIsMovedRewrittenCopiedAndDeleted() throws Exception {
        try (var w = window(WorkStage.LABELS)) {
            w.drag(1500, 3000, 2600, 2500);
            var moved = storey(w).notes().getFirst();
            assertThat(moved.at().x().mm()).isCloseTo(2600, within(30.0));
            assertThat(moved.at().y().mm()).isCloseTo(2500, within(30.0));

            w.fill("note-words", "damp course of slate");
            assertThat(storey(w).notes().getFirst().text()).isEqualTo("damp course of slate");
            w.fill("note-words", "  ");
            assertThat(w.message()).contains("needs words");

            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.C);
            w.key(KeyCode.CONTROL, KeyCode.V);
            assertThat(storey(w).notes()).hasSize(2);
            w.key(KeyCode.DELETE);
            assertThat(storey(w).notes()).hasSize(1);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(storey(w).notes()).hasSize(1);
        }
    }

    @Test
    void aDimensionIsMovedByItsLineAndByItsEnds() throws Exception {
        try (var w = window(WorkStage.DIMENSIONS)) {
            w.drag(4500, 1500, 4500, 2200);
            assertThat(dimension(w).offset().mm()).isCloseTo(1200, within(30.0));
            w.fill("dimension-offset", "750");
            assertThat(dimension(w).offset()).isEqualTo(Length.ofMm(750));
            w.focusPlan();
            w.drag(6000, 1000, 6000, 4000); // on to the corner, which catches
            assertThat(dimension(w).to()).isEqualTo(Position.ofMm(6000, 4000));
        }
    }

    /** The note lies at y 3,000, the dimension's line along y 1,500 from x 0 to 6,000. */
    @Test
    void aBoxPicksWhatLiesInsideOrWhatItTouches() throws Exception {
        try (var w = window(WorkStage.LABELS)) {
            var note = storey(w).notes().getFirst().id();
            w.drag(600, 3500, 5500, 1200); // to the right: the dimension is not wholly inside
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection())).containsExactly(note);
            w.drag(5500, 3500, 600, 1200); // to the left: it is touched
            assertThat(WindowDriver.onScreen(() -> w.model().now().selection()))
                    .containsExactlyInAnyOrder(note, dimension(w).id());
            w.key(KeyCode.DELETE);
            assertThat(storey(w).notes()).isEmpty();
            assertThat(storey(w).dimensions()).isEmpty();
        }
    }

    @Test
    void aDimensionFollowsTheWallAndComesBackWithIt() throws Exception {
        try (var w = window(WorkStage.DIMENSIONS)) {
            WindowDriver.onScreen(() -> {
                w.model().use(Tool.PICK_WALLS);
                w.window().actions().focusPlan();
                return null;
            });
            w.settle();
            w.click(6000, 2000);
            w.write("600");
            w.key(KeyCode.ENTER);
            assertThat(dimension(w).line().length()).isCloseTo(6600, within(1e-4));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(dimension(w).line().length()).isEqualTo(6000);
        }
    }
}
