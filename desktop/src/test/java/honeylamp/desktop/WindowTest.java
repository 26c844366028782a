package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.DemoFiles;
import honeylamp.desktop.files.Autosave;
import honeylamp.desktop.files.WindowState;
import honeylamp.desktop.workspace.Stage;
import honeylamp.illustrate.Lamp;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The window with the demo: keys, refusals, finding, leaving. */
class WindowTest {
    @TempDir
    private Path folder;

    @Test
    void everyStageIsReachedByKeysAndSaysWhatToDo() throws Exception {
        try (var w = WindowDriver.with(DemoFiles.document())) {
            var digits = new KeyCode[] {
                KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5,
                KeyCode.DIGIT6, KeyCode.DIGIT7, KeyCode.DIGIT8, KeyCode.DIGIT9, KeyCode.DIGIT0
            };
            for (var stage : Stage.values()) {
                w.key(KeyCode.CONTROL, digits[stage.ordinal()]);
                assertThat(WindowDriver.<Stage>onScreen(() -> w.model().now().stage()))
                        .isEqualTo(stage);
                var hint =
                        WindowDriver.<String>onScreen(() -> w.model().readout().hint());
                assertThat(hint).endsWith(".");
            }
        }
    }

    @Test
    void theLampTheFinderAndUndoWorkFromTheKeyboard() throws Exception {
        try (var w = WindowDriver.with(DemoFiles.document())) {
            WindowDriver.onScreen(() -> {
                w.window().focusPlan();
                return null;
            });
            w.key(KeyCode.L);
            assertThat(WindowDriver.<Lamp>onScreen(() -> w.model().now().lamp()))
                    .isEqualTo(Lamp.DRAFT);
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.write("armchair");
            w.key(KeyCode.ENTER);
            assertThat(WindowDriver.<String>onScreen(
                            () -> w.model().now().choices().furnishing()))
                    .isEqualTo("armchair");
            var before = w.plan().storeys().getFirst().furnishings().size();
            w.click(6500, 2500);
            assertThat(w.plan().storeys().getFirst().furnishings()).hasSize(before + 1);
            assertThat(w.autosaved).hasSize(1);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().storeys().getFirst().furnishings()).hasSize(before);
            w.key(KeyCode.CONTROL, KeyCode.Y);
            assertThat(w.plan().storeys().getFirst().furnishings()).hasSize(before + 1);
            assertThat(w.autosaved).hasSize(3);
        }
    }

    @Test
    void badFilesAndNumbersGetASentenceAndChangeNothing() throws Exception {
        try (var w = WindowDriver.with(DemoFiles.document())) {
            var before = w.plan();
            var text = Files.writeString(folder.resolve("notes.png"), "not a picture");
            drop(w, text);
            assertThat(w.message()).contains("no picture").contains("notes.png");
            var empty = Files.createFile(folder.resolve("empty.honeylamp"));
            drop(w, empty);
            assertThat(w.message()).contains("empty");
            w.press("stage-furnish");
            w.click(2950, 4070);
            for (var wrong : new String[] {"-300", "10 km", "soft"}) {
                w.fill("piece-width", wrong);
                assertThat(w.message()).as(wrong).isNotEmpty();
            }
            assertThat(w.plan()).isEqualTo(before);
        }
    }

    private static void drop(WindowDriver w, Path file) throws Exception {
        WindowDriver.onScreen(() -> {
            w.window().dropped(file);
            return null;
        });
    }

    @Test
    void aPictureDroppedOnThePlanBecomesAnUnderlay() throws Exception {
        DemoFiles.write(folder);
        try (var w = WindowDriver.empty()) {
            drop(w, folder.resolve(DemoFiles.SHEET));
            assertThat(w.plan().storeys().getFirst().underlays()).hasSize(1);
            drop(w, folder.resolve(DemoFiles.PLAN));
            assertThat(w.answers.asked).isEqualTo(1); // unsaved: it stays, as the person says
            assertThat(w.plan().storeys().getFirst().walls()).isEmpty();
            w.answers.unsaved = honeylamp.desktop.files.FileDialogs.Unsaved.DROP;
            drop(w, folder.resolve(DemoFiles.PLAN));
            assertThat(w.plan().storeys().getFirst().walls()).hasSize(17);
        }
    }

    @Test
    void zoomKeepsThePointUnderThePointerAndDraggingPans() throws Exception {
        try (var w = WindowDriver.with(DemoFiles.document())) {
            w.show(6500, 4400, 14_000);
            w.move(4000, 3000);
            var before = WindowDriver.onScreen(() -> w.window().plan().pixel(new honeylamp.geometry.Point(4000, 3000)));
            w.robot.scroll(2, javafx.geometry.VerticalDirection.UP);
            w.settle();
            var after = WindowDriver.onScreen(() -> w.window().plan().pixel(new honeylamp.geometry.Point(4000, 3000)));
            assertThat(after.distance(before)).isLessThan(2);
            w.robot.press(MouseButton.MIDDLE);
            w.robot.moveBy(60, 40);
            w.robot.release(MouseButton.MIDDLE);
            w.settle();
            var panned = WindowDriver.onScreen(() -> w.window().plan().pixel(new honeylamp.geometry.Point(4000, 3000)));
            assertThat(panned.minus(after).distance(new honeylamp.geometry.Point(60, 40)))
                    .isLessThan(8);
        }
    }

    @Test
    void everyControlHasANameForReaders() throws Exception {
        try (var w = WindowDriver.with(DemoFiles.document())) {
            for (var stage : Stage.values()) {
                WindowDriver.onScreen(() -> {
                    w.model().go(stage);
                    return null;
                });
                w.settle();
                for (Node node :
                        WindowDriver.onScreen(() -> w.window().scene().getRoot().lookupAll(".button"))) {
                    var text = node instanceof Labeled l ? l.getText() : "";
                    var named = node.getAccessibleText() != null || !text.isBlank();
                    assertThat(named).as(node.toString()).isTrue();
                }
            }
        }
    }

    @Test
    void pointerMovesAnswerWithoutWaitingForThePicture() throws Exception {
        try (var w = WindowDriver.with(DemoFiles.document())) {
            w.press("stage-furnish");
            w.press("piece-sofa");
            w.move(5000, 2500);
            w.move(5200, 2700);
            // the sketch is there at once, the plan untouched
            var marks = WindowDriver.onScreen(() -> w.model().sketch());
            assertThat(marks).isNotEmpty();
            assertThat(w.autosaved).isEmpty();
            w.key(KeyCode.ESCAPE);
        }
    }

    @Test
    void theWindowIsAsLargeAsItWas() {
        var file = folder.resolve("state").resolve("window.properties");
        assertThat(WindowState.read(file)).isEqualTo(new WindowState(1280, 800));
        new WindowState(1400, 900).write(file);
        assertThat(WindowState.read(file)).isEqualTo(new WindowState(1400, 900));
    }

    @Test
    void nonsenseInTheWindowStateIsBegunAnew() throws Exception {
        var file = Files.writeString(folder.resolve("window.properties"), "width=wide\n");
        assertThat(WindowState.read(file)).isEqualTo(new WindowState(1280, 800));
    }

    @Test
    void autosaveKeepsTheNewestPlanUntilItIsSafe() throws Exception {
        var file = folder.resolve("autosave.journal");
        var plan = DemoFiles.document().plan();
        var first = Autosave.to(file);
        first.write(plan.named("before"));
        first.write(plan.named("after"));
        first.close();
        assertThat(Autosave.leftBehind(file)).map(p -> p.name()).isEqualTo(Optional.of("after"));
        var second = Autosave.to(file);
        second.finish();
        assertThat(Autosave.leftBehind(file)).isEmpty();
    }
}
