package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.desktop.workspace.WorkStage;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.LabelArt;
import honeylamp.plan.Annotation.Words;
import honeylamp.plan.Role;
import honeylamp.plan.RoomLabel.Cramped;
import honeylamp.plan.RoomLabel.Part;
import honeylamp.plan.Showing.Kind;
import honeylamp.store.PlanFile;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** What labels say, chosen in the window. */
class LabelsWindowTest {
    @TempDir
    private Path folder;

    private static List<String> living(WindowDriver w) throws Exception {
        return WindowDriver.<List<String>>onScreen(() -> {
            var view = w.model().shown().view();
            var frame = w.model().now().frame();
            return new LabelArt(view, frame, Pens.of(view.look(), frame.scale()))
                    .placed().stream()
                            .filter(p -> p.room().name().equals("Living room"))
                            .findFirst()
                            .orElseThrow()
                            .words();
        });
    }

    private static List<Part> parts(WindowDriver w) throws Exception {
        return w.plan().presentation().views().getFirst().annotation().rooms().parts();
    }

    private static void to(WindowDriver w, WorkStage stage) throws Exception {
        WindowDriver.onScreen(() -> {
            w.model().go(stage);
            return stage;
        });
        w.settle();
    }

    @Test
    void whatRoomsSayIsChosenLineByLineKeptAndTakenBack() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            to(w, WorkStage.LABELS);
            w.press("labels-name-only");
            assertThat(living(w)).containsExactly("LIVING ROOM");
            w.press("label-area");
            w.press("label-number");
            assertThat(parts(w)).containsExactly(Part.NAME, Part.AREA, Part.NUMBER);
            w.press("label-higher-number");
            w.press("label-higher-number");
            assertThat(parts(w)).containsExactly(Part.NUMBER, Part.NAME, Part.AREA);
            assertThat(living(w)).containsExactly("1.1 LIVING ROOM", "30.59 m\u00b2");
            w.press("labels-cramped");
            assertThat(w.plan()
                            .presentation()
                            .views()
                            .getFirst()
                            .annotation()
                            .rooms()
                            .cramped())
                    .isEqualTo(Cramped.NAME);
            w.press("labels-cramped");
            w.press("label-basis-outer_faces");
            assertThat(living(w).getLast()).isNotEqualTo("30.59 m\u00b2").endsWith(" m\u00b2");
            w.fill("labels-set-name", "For the net loft");
            assertThat(w.message()).contains("For the net loft");
            w.press("labels-name-and-area");
            w.press("labels-for-the-net-loft");
            assertThat(parts(w)).containsExactly(Part.NUMBER, Part.NAME, Part.AREA);
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(parts(w)).containsExactly(Part.NAME, Part.AREA);
        }
    }

    @Test
    void allWordsGoAndComeBackByOneKeyAndStayGoneInTheFile() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.focusPlan();
            w.key(KeyCode.A);
            var view = w.plan().presentation().views().getFirst();
            assertThat(view.annotation().words()).isEqualTo(Words.LEFT_OUT);
            assertThat(view.seen().shows(Kind.DIMENSIONS)).isFalse();
            assertThat(view.seen().shows(Kind.ROOM_NAMES)).isFalse();
            var file = folder.resolve("wordless.honeylamp");
            w.answers.plan = java.util.Optional.of(file);
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
            w.until(() -> Files.exists(file));
            w.settle();
            assertThat(PlanFile.open(file))
                    .isInstanceOfSatisfying(
                            PlanFile.Opened.Good.class,
                            good -> assertThat(good.document()
                                            .plan()
                                            .presentation()
                                            .views()
                                            .getFirst()
                                            .annotation()
                                            .words())
                                    .isEqualTo(Words.LEFT_OUT));
            w.key(KeyCode.A);
            assertThat(w.plan().presentation().views().getFirst().seen()).isEqualTo(view.showing());
        }
    }

    @Test
    void aRoomSaysWhatIsWrittenForItAlone() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            to(w, WorkStage.ROOMS);
            var living = w.model().shown().geometry().rooms().stream()
                    .filter(r -> r.name().equals("Living room"))
                    .findFirst()
                    .orElseThrow();
            WindowDriver.onScreen(() -> {
                w.model()
                        .act(new honeylamp.desktop.workspace.Intent.Pick(
                                java.util.Set.of(living.mark().orElseThrow().id())));
                return null;
            });
            w.settle();
            w.fill("room-words", "oak floor kept");
            assertThat(living(w)).endsWith("oak floor kept");
        }
    }

    @Test
    void piecesAreNamedMeasuredAndWordsReplaced() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            to(w, WorkStage.LABELS);
            w.press("label-pieces-seats");
            assertThat(w.plan().presentation().views().getFirst().annotation().pieces())
                    .containsExactly("seats");
            WindowDriver.<javafx.scene.control.TextField>onScreen(() -> {
                javafx.scene.control.TextField find =
                        (javafx.scene.control.TextField) w.window().scene().lookup("#words-find");
                find.setText("Living room");
                return find;
            });
            w.fill("words-by", "Parlour");
            assertThat(w.message()).contains("1 place");
            assertThat(w.plan().storeys().getFirst().rooms())
                    .anyMatch(m -> m.name().equals("Parlour"));
            to(w, WorkStage.FURNISH);
            var sofa = w.plan().storeys().getFirst().furnishings().stream()
                    .filter(f -> f.kind().equals("sofa"))
                    .findFirst()
                    .orElseThrow();
            WindowDriver.onScreen(() -> {
                w.model().act(new honeylamp.desktop.workspace.Intent.Pick(java.util.Set.of(sofa.id())));
                return null;
            });
            w.settle();
            w.press("piece-distances");
            assertThat(w.plan().presentation().views().getFirst().annotation().distances())
                    .containsExactly(sofa.id());
            to(w, WorkStage.DIMENSIONS);
            w.press("tiers-room-sizes");
            assertThat(w.plan().presentation().views().getFirst().annotation().pairs())
                    .isEqualTo(honeylamp.plan.RoomPairs.ALL);
            assertThat(w.plan().presentation().views().getFirst().tiers().rows())
                    .isEmpty();
        }
    }

    /** Ink in the colour of the paper cannot be read; the list of it brings one to each such word. */
    @Test
    void everyWordOfThePageIsMeasuredAndWhatIsHardToReadIsShown() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            to(w, WorkStage.LABELS);
            Button measure = w.node("words-readable");
            WindowDriver.onScreen(() -> {
                measure.fire(); // both within one turn, so that no answer comes between
                measure.fire();
                return null;
            });
            assertThat(w.message()).startsWith("Ended");
            w.press("words-readable");
            until(w, "can be read");
            w.settle();
            Label found = w.node("words-read");
            assertThat(found.getText()).startsWith("All ").contains(" : 1");
            assertThat(w.<Node>node("hard-word-0")).isNull();
            var pale = ViewEdits.look(
                    w.plan(),
                    l -> l.withPalette(
                            l.palette().with(Map.of(Role.INK, l.palette().of(Role.PAPER)))));
            WindowDriver.onScreen(() -> {
                w.model().edit(pale, "Pale ink");
                return null;
            });
            w.settle();
            assertThat(w.<Node>node("words-read")).isNull(); // it was of another plan
            w.press("words-readable");
            until(w, "hard to read");
            w.press("hard-word-0");
            assertThat(w.message()).contains("where 4.5 is needed");
            assertThat(w.model().now().viewport().pxPerMm()).isGreaterThanOrEqualTo(0.25);
        }
    }

    private static void until(WindowDriver w, String said) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> w.message().contains(said));
    }
}
