package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestWalls;
import honeylamp.desktop.workspace.Tool;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.edit.FurnishingEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.Position;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.store.PlanDocument;
import honeylamp.units.Length;
import java.util.Set;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;

/** Kinds shown, faint, hidden and locked from beside their stage; what Alt takes; what stages remember. */
class SightsWindowTest {
    private static Set<ElementId> picked(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> w.model().now().selection());
    }

    private static void choose(WindowDriver w, String menu, int item) throws Exception {
        MenuButton button = w.node(menu);
        WindowDriver.onScreen(() -> {
            button.getItems().get(item).fire();
            return null;
        });
        w.settle();
    }

    private static ScrollPane tray(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> (ScrollPane) w.window().scene().lookup("#tray .scroll-pane"));
    }

    private static String state(WindowDriver w, String stage) throws Exception {
        Label label = w.node("state-" + stage);
        return WindowDriver.onScreen(label::getText);
    }

    @Test
    void aKindIsFadedHiddenAndLockedFromBesideItsStage() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            var sofa = w.plan().storeys().getFirst().furnishings().stream()
                    .filter(f -> f.kind().equals("sofa"))
                    .findFirst()
                    .orElseThrow();
            w.press("tool-pick-and-move");
            var at = sofa.at().point();
            w.show(at.x(), at.y(), 8000);
            w.press("stage-lock");
            assertThat(state(w, "furnish")).isEqualTo("locked");
            w.click(at.x(), at.y());
            assertThat(picked(w)).isEmpty();
            w.press("stage-lock");
            w.click(at.x(), at.y());
            assertThat(picked(w)).containsExactly(sofa.id());
            choose(w, "stage-seen", Degree.HIDDEN.ordinal());
            assertThat(state(w, "furnish")).isEqualTo("hidden");
            assertThat(WindowDriver.firstPage(w.plan())
                            .views()
                            .getFirst()
                            .view()
                            .showing()
                            .of(Kind.FURNITURE))
                    .isEqualTo(Degree.HIDDEN);
            w.key(KeyCode.ESCAPE);
            w.click(at.x(), at.y());
            assertThat(picked(w)).isEmpty(); // what is not seen is not picked
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(state(w, "furnish")).isEqualTo("35 pieces");
        }
    }

    @Test
    void theSecondButtonOnAStageDoesTheSame() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.robot.clickOn("#stage-dimensions", MouseButton.SECONDARY);
            w.settle();
            w.robot.clickOn("Dimensions hidden");
            w.settle();
            assertThat(state(w, "dimensions")).isEqualTo("hidden");
            assertThat(WindowDriver.<WorkStage>onScreen(() -> w.model().now().stage()))
                    .isNotEqualTo(WorkStage.DIMENSIONS);
        }
    }

    @Test
    void setsOfWhatIsSeenHaveNamesAndComeBack() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-sheet");
            var usual = w.plan();
            choose(w, "seen-set", 1); // without furniture
            assertThat(WindowDriver.firstPage(w.plan())
                            .views()
                            .getFirst()
                            .view()
                            .showing()
                            .shows(Kind.FURNITURE))
                    .isFalse();
            w.fill("seen-set-name", "For the builder");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(usual);
            MenuButton sets = w.node("seen-set");
            var names = WindowDriver.onScreen(
                    () -> sets.getItems().stream().map(i -> i.getText()).toList());
            assertThat(names).endsWith("For the builder");
            choose(w, "seen-set", names.size() - 1);
            assertThat(WindowDriver.firstPage(w.plan())
                            .views()
                            .getFirst()
                            .view()
                            .showing()
                            .shows(Kind.FURNITURE))
                    .isFalse();
        }
    }

    @Test
    void altGoesThroughEverythingThatLiesThereOfWhateverStage() throws Exception {
        var house = TestWalls.house();
        var storey = house.storeys().getFirst();
        var bed = FurnishingEdits.add(
                house,
                storey.id(),
                "rug",
                Length.ofMm(1200),
                Length.ofMm(1200),
                Length.ofMm(10),
                Position.ofMm(2500, 2000), // across the partition
                0);
        var wall = storey.walls().getLast().id();
        try (var w = WindowDriver.with(PlanDocument.of(bed.plan()))) {
            WindowDriver.onScreen(() -> {
                w.model().use(Tool.PICK_WALLS);
                return null;
            });
            w.show(3000, 2000, 9000);
            w.focusPlan();
            w.click(2500, 2000);
            assertThat(picked(w)).containsExactly(wall);
            w.robot.press(KeyCode.ALT);
            w.click(2500, 2000);
            assertThat(picked(w)).containsExactly(bed.id());
            w.click(2500, 2000);
            assertThat(picked(w)).containsExactly(wall);
            w.robot.release(KeyCode.ALT);
        }
    }

    @Test
    void picturesToTraceAreSeenInEveryStageAndWallsSeenThroughOnTheScreenOnly() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.focusPlan();
            w.key(KeyCode.I);
            assertThat(WindowDriver.<Boolean>onScreen(() -> w.model().now().showsUnderlay()))
                    .isTrue();
            w.press("stage-walls");
            var plan = w.plan();
            w.focusPlan();
            w.key(KeyCode.V);
            assertThat(WindowDriver.<Degree>onScreen(() -> w.model()
                            .shown()
                            .page()
                            .views()
                            .getFirst()
                            .view()
                            .showing()
                            .of(Kind.WALLS)))
                    .isEqualTo(Degree.FADED);
            assertThat(w.plan()).isSameAs(plan); // nothing of it prints
        }
    }

    @Test
    void toolsHaveKeysByTheirPlaceAndStagesAreFoundAsTheyWereLeft() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-walls");
            w.focusPlan();
            w.key(KeyCode.ALT, KeyCode.DIGIT4);
            assertThat(WindowDriver.<Tool>onScreen(() -> w.model().now().tool()))
                    .isEqualTo(Tool.RECTANGLE);
            w.press("stage-furnish");
            var furnish = tray(w);
            WindowDriver.onScreen(() -> {
                furnish.setVvalue(0.6);
                return null;
            });
            w.settle();
            w.press("stage-walls");
            assertThat(WindowDriver.<Double>onScreen(tray(w)::getVvalue)).isZero();
            w.press("stage-furnish");
            assertThat(WindowDriver.<Double>onScreen(tray(w)::getVvalue)).isEqualTo(0.6);
            assertThat(WindowDriver.<Tool>onScreen(() -> w.model().now().tool()))
                    .isEqualTo(WorkStage.FURNISH.tools().getFirst());
        }
    }
}
