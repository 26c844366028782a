package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.store.PlanDocument;
import javafx.scene.Node;
import org.junit.jupiter.api.Test;

/** The list of what is still as it came goes where each is changed. */
class RefineWindowTest {
    @Test
    void aPressGoesWhereItIsChangedAndTheHintGoesWithItsReason() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.press("stage-sheet");
            assertThat(w.<Node>node("refine-none")).isNull();
            var look = "refine-look-";
            var number = 0;
            while (w.<Node>node(look + number) == null && number < 12) {
                number++;
            }
            w.press(look + number);
            assertThat(WindowDriver.onScreen(() -> w.model().now().stage())).isEqualTo(WorkStage.LOOK);
            assertThat(w.message()).contains("Daylight, as it came");
            w.press("look-listing");
            w.press("stage-sheet");
            assertThat(w.<Node>node(look + number)).isNull();
        }
    }
}
