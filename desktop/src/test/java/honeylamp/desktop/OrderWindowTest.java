package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.Tool;
import honeylamp.plan.Position;
import honeylamp.store.PlanDocument;
import honeylamp.takeoff.Contents;
import honeylamp.units.Length;
import java.util.List;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** North, the scale grid, and the list of everything that stands on a storey. */
class OrderWindowTest {
    private static void use(WindowDriver w, Tool tool) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().use(tool);
            return null;
        });
        w.settle();
    }

    @Test
    void northIsSetByTwoPointsByADragAndByATypedAngle() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            use(w, Tool.SET_NORTH);
            w.show(3000, 2000, 9000);
            w.click(1000, 1000);
            w.click(3000, 3000); // half way between up and right
            assertThat(w.plan().northDeg()).isCloseTo(45, within(0.5));
            w.drag(3000, 1000, 1000, 1000); // straight to the left
            assertThat(w.plan().northDeg()).isCloseTo(180, within(0.5));
            w.focusPlan();
            w.write("30");
            w.key(KeyCode.ENTER); // 30 degrees clockwise from up
            assertThat(w.plan().northDeg()).isCloseTo(60, within(1e-9));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().northDeg()).isCloseTo(180, within(0.5));
        }
    }

    @Test
    void theScaleGridHasItsOwnStepAndNeverPrints() throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(TestWalls.house()))) {
            w.press("stage-walls");
            var plan = w.plan();
            w.focusPlan();
            w.key(KeyCode.Y);
            w.show(3000, 2000, 9000);
            int metres =
                    WindowDriver.onScreen(() -> w.model().shown().besidePlan().size());
            // the house with 1,500 round it: lines at -1,000 … 7,000 and -1,000 … 5,000, each a stroke, a plate and a
            // figure
            assertThat(metres).isEqualTo(3 * (9 + 7));
            w.fill("grid-step", "2 m");
            int twice =
                    WindowDriver.onScreen(() -> w.model().shown().besidePlan().size());
            assertThat(twice).isEqualTo(3 * (4 + 3)); // 0 … 6,000 and 0 … 4,000
            assertThat(WindowDriver.<Length>onScreen(
                            () -> w.model().now().choices().seen().grid().orElseThrow()))
                    .isEqualTo(Length.ofMm(2000));
            assertThat(w.plan()).isSameAs(plan);
            use(w, Tool.DRAW_WALLS); // its crossings are caught
            w.show(3000, 2000, 30_000);
            w.click(10_060, 7_940);
            w.click(10_060, 9_940);
            assertThat(w.plan().storeys().getFirst().walls().getLast().from()).isEqualTo(Position.ofMm(10_000, 8_000));
        }
    }

    @Test
    void everythingOnTheStoreyIsFoundByItsName() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.focusPlan();
            w.key(KeyCode.X);
            ListView<Contents.Entry> list = w.node("contents-list");
            var storey = w.plan().storeys().getFirst();
            assertThat(WindowDriver.<Integer>onScreen(() -> list.getItems().size()))
                    .isEqualTo((int) storey.elements().all().count()
                            - storey.coverings().size());
            w.fill("contents-words", "sofa living");
            var sofa = storey.furnishings().stream()
                    .filter(f -> f.kind().equals("sofa"))
                    .findFirst()
                    .orElseThrow();
            assertThat(WindowDriver.<Object>onScreen(() -> w.model().now().selection()))
                    .isEqualTo(java.util.Set.of(sofa.id()));
            assertThat(WindowDriver.<Tool>onScreen(() -> w.model().now().tool()))
                    .isEqualTo(Tool.PICK_PIECES);
            List<String> names = WindowDriver.onScreen(
                    () -> list.getItems().stream().map(Contents.Entry::name).toList());
            assertThat(names).containsExactly("Sofa, Living room");
            w.fill("contents-words", "opening bathroom");
            List<String> doors = WindowDriver.onScreen(
                    () -> list.getItems().stream().map(Contents.Entry::name).toList());
            assertThat(doors).anySatisfy(d -> assertThat(d).contains("Bathroom").contains("Entrance"));
            w.press("contents-close");
            assertThat(WindowDriver.<Boolean>onScreen(
                            () -> w.window().scene().lookup("#contents-dock").isVisible()))
                    .isFalse();
        }
    }
}
