package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.DemoFiles;
import honeylamp.desktop.files.WindowState;
import honeylamp.desktop.workspace.Keys;
import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.units.Length;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicReference;
import javafx.scene.Node;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.ScrollEvent;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The window with the demo: keys, refusals, finding, leaving. */
class WindowTest {
    @TempDir
    private Path folder;

    @Test
    void everyStageIsReachedByKeysAndSaysWhatToDo() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            for (var stage : WorkStage.values()) {
                var keys = stage.keys().orElseThrow();
                if (keys.shift() == Keys.Shift.HELD) {
                    w.key(KeyCode.CONTROL, KeyCode.SHIFT, keys.code());
                } else {
                    w.key(KeyCode.CONTROL, keys.code());
                }
                assertThat(WindowDriver.<WorkStage>onScreen(
                                () -> w.model().now().stage()))
                        .isEqualTo(stage);
                var hint =
                        WindowDriver.<String>onScreen(() -> w.model().readout().hint());
                assertThat(hint).endsWith(".");
            }
        }
    }

    @Test
    void aRoomIsDrawnByKeysAlone() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.DIGIT2);
            w.key(KeyCode.LEFT);
            w.key(KeyCode.SPACE);
            var corners = new Object[][] {
                {KeyCode.RIGHT, "3 m"}, {KeyCode.UP, "2.5 m"}, {KeyCode.LEFT, "3 m"},
            };
            for (var corner : corners) {
                for (var i = 0; i < 8; i++) { // so far that the way is the one meant
                    w.key((KeyCode) corner[0]);
                }
                w.write((String) corner[1]);
                w.key(KeyCode.ENTER);
            }
            w.key(KeyCode.C);
            var storey = w.plan().storeys().getFirst();
            assertThat(storey.walls()).extracting(x -> x.length().mm()).containsExactly(3000.0, 2500.0, 3000.0, 2500.0);
            var first = storey.walls().getFirst();
            assertThat(first.to().x()).isEqualTo(first.from().x().plus(Length.ofMm(3000)));
            assertThat(storey.rooms()).hasSize(1);
        }
    }

    @Test
    void aPieceIsPlacedPickedAndDraggedByKeysAlone() throws Exception {
        try (var w = WindowDriver.empty()) {
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.write("armchair");
            w.key(KeyCode.ENTER);
            w.focusPlan();
            w.key(KeyCode.DOWN);
            w.key(KeyCode.SPACE);
            var placed = w.plan().storeys().getFirst().furnishings().getFirst();
            w.key(KeyCode.ESCAPE); // lets the placed piece go
            w.key(KeyCode.ESCAPE); // and takes up picking
            w.robot.press(KeyCode.SPACE);
            w.key(KeyCode.RIGHT);
            w.key(KeyCode.RIGHT);
            w.robot.release(KeyCode.SPACE);
            w.settle();
            var moved = w.plan().storeys().getFirst().furnishings();
            assertThat(moved).hasSize(1);
            var px = WindowDriver.onScreen(() -> w.model().now().viewport().pxPerMm());
            assertThat(moved.getFirst().at().x().mm() - placed.at().x().mm())
                    .isCloseTo(24 / px, org.assertj.core.api.Assertions.within(0.01));
            assertThat(moved.getFirst().at().y()).isEqualTo(placed.at().y());
        }
    }

    @Test
    void theKeyboardGoesFromPartToPart() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.focusPlan();
            w.press("stage-furnish");
            w.click(2950, 4070); // a piece is picked, so the card has fields
            var seen = new java.util.ArrayList<String>();
            for (var i = 0; i < 6; i++) {
                w.key(KeyCode.F6);
                seen.add(WindowDriver.onScreen(() -> {
                    Node at = w.window().scene().getFocusOwner();
                    while (at != null
                            && !java.util.Set.of("plan", "card", "trail", "tray", "desk-edge", "snags")
                                    .contains("" + at.getId())) {
                        at = at.getParent();
                    }
                    return at == null ? "" : at.getId();
                }));
            }
            assertThat(seen).containsExactly("card", "trail", "tray", "desk-edge", "snags", "plan");
        }
    }

    @Test
    void theLampTheFinderAndUndoWorkFromTheKeyboard() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.focusPlan();
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
        try (var w = WindowDriver.with(DemoDocument.made())) {
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
        w.settle();
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
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.show(6500, 4400, 14_000);
            w.move(4000, 3000);
            var pane = w.window().plan();
            var under = new AtomicReference<>(new Point(0, 0));
            var wheel = new AtomicReference<>(new Point(0, 0));
            WindowDriver.onScreen(() -> {
                pane.addEventFilter(ScrollEvent.SCROLL, e -> {
                    wheel.set(new Point(e.getX(), e.getY()));
                    under.set(w.model()
                            .now()
                            .viewport()
                            .planToPixels(pane.getWidth(), pane.getHeight())
                            .inverse()
                            .apply(wheel.get()));
                });
                return null;
            });
            var zoomBefore =
                    WindowDriver.onScreen(() -> w.model().now().viewport().pxPerMm());
            w.wheelUp(2);
            var after = WindowDriver.onScreen(() -> pane.pixel(under.get()));
            assertThat(after.distance(wheel.get())).isLessThan(0.01);
            assertThat(WindowDriver.onScreen(() -> w.model().now().viewport().pxPerMm()))
                    .isGreaterThan(1.3 * zoomBefore);
            w.dragBy(MouseButton.MIDDLE, 60, 40);
            w.settle();
            var panned = WindowDriver.onScreen(() -> pane.pixel(under.get()));
            assertThat(panned.minus(after).distance(new Point(60, 40))).isLessThan(12);
        }
    }

    @Test
    void everyControlHasANameForReaders() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            for (var stage : WorkStage.values()) {
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
        try (var w = WindowDriver.with(DemoDocument.made())) {
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
        assertThat(WindowState.read(file)).isEqualTo(WindowState.FIRST);
        var other = new WindowState(1400, 900, new WindowStyle(WindowStyle.Room.DARK, 150));
        other.write(file);
        assertThat(WindowState.read(file)).isEqualTo(other);
    }

    @Test
    void nonsenseInTheWindowStateIsBegunAnew() throws Exception {
        var file = Files.writeString(folder.resolve("window.properties"), "width=wide\n");
        assertThat(WindowState.read(file)).isEqualTo(WindowState.FIRST);
    }

    @Test
    void theCardChangesWhatIsPickedAndSaysWhatCannotBe() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-walls");
            w.press("tool-pick-and-move");
            w.click(7450, 4100);
            w.fill("wall-height", "1.1 m");
            assertThat(w.plan().storeys().getFirst().walls())
                    .filteredOn(x -> x.height().mm() == 1100)
                    .hasSize(1);
            w.press("card-type-4");
            assertThat(w.plan().storeys().getFirst().walls())
                    .filteredOn(x -> x.height().mm() == 1100)
                    .singleElement()
                    .satisfies(x -> assertThat(x.type().number()).isEqualTo(4));
            w.press("stage-openings");
            w.press("tool-pick-and-move");
            w.click(9000, 5887);
            var opening = w.plan().storeys().getFirst().openings().stream()
                    .filter(o -> o.width().mm() == 760)
                    .toList();
            assertThat(opening).hasSize(2);
            w.fill("opening-sill", "3 m");
            assertThat(w.message()).contains("above the sill");
            w.press("flip-side");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan().storeys().getFirst().openings().stream()
                            .filter(o -> o.width().mm() == 760)
                            .toList())
                    .isEqualTo(opening);
        }
    }

    @Test
    void snagsAreListedShownAndMended() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            WindowDriver.onScreen(() -> {
                var plan = w.model().now().plan();
                var storey = w.model().now().storey();
                var wall = plan.storey(storey).walls().get(10);
                w.model()
                        .edit(
                                honeylamp.edit.WallEdits.add(
                                                plan, storey, wall.from(), wall.to(), wall.body(), wall.type())
                                        .orThrow()
                                        .plan(),
                                "Draw wall");
                return null;
            });
            w.settle();
            javafx.scene.control.Button counter = w.node("snags");
            assertThat(WindowDriver.<String>onScreen(counter::getText)).isEqualTo("1 snag");
            w.press("snags");
            var mend = w.robot.lookup("#mend").tryQueryAs(javafx.scene.control.Button.class);
            assertThat(mend).isPresent();
            WindowDriver.onScreen(() -> {
                mend.orElseThrow().fire();
                return null;
            });
            w.settle();
            assertThat(WindowDriver.<String>onScreen(counter::getText)).isEqualTo("No snags");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            w.settle();
            assertThat(WindowDriver.<String>onScreen(counter::getText)).isEqualTo("1 snag");
        }
    }
}
