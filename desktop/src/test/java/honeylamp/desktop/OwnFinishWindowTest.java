package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.plan.Finish;
import honeylamp.plan.Pattern;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What a person makes of finishes: a repeat drawn by hand, finishes kept for all plans and shared. */
class OwnFinishWindowTest {
    @TempDir
    private Path folder;

    /** A repeat of four by four modules: four are joined by a drag, two by typed numbers, and it is made wider. */
    @Test
    void anOwnRepeatIsDrawnModuleByModule() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            FinishWindowTest.pickBathroom(w);
            FinishWindowTest.choose(w, "floor-pattern", "Own repeat");
            Pane grid = w.node("floor-repeat");
            var px = grid.getMinWidth() / 6; // with half of the repeats beside
            drag(w, grid, 0.5 * px, 5.5 * px, 1.5 * px, 4.5 * px);
            assertThat(((Pattern.Repeat) FinishWindowTest.laying(w).pattern()).cells())
                    .contains(new Pattern.Repeat.Cell(0, 0, 2, 2))
                    .hasSize(13);
            drag(w, w.node("floor-repeat"), 3.5 * px, 2.5 * px, 4.5 * px, 2.5 * px); // over the right edge
            assertThat(((Pattern.Repeat) FinishWindowTest.laying(w).pattern()).cells())
                    .contains(new Pattern.Repeat.Cell(3, 3, 2, 1));
            w.fill("floor-repeat-join", "3 1 2 1");
            assertThat(((Pattern.Repeat) FinishWindowTest.laying(w).pattern()).cells())
                    .contains(new Pattern.Repeat.Cell(2, 0, 2, 1));
            w.fill("floor-repeat-join", "3 1 9 1");
            assertThat(w.message()).contains("larger than the repeat");
            w.fill("floor-repeat-join", "some");
            assertThat(w.message()).contains("four whole numbers");
            w.fill("floor-repeat-shift", "2");
            assertThat(((Pattern.Repeat) FinishWindowTest.laying(w).pattern()).shift())
                    .isEqualTo(2);
            assertThat(FinishWindowTest.words(w)).containsPattern("\\d+ whole");
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(((Pattern.Repeat) FinishWindowTest.laying(w).pattern()).shift())
                    .isZero();
        }
    }

    private static void drag(WindowDriver w, Pane grid, double x0, double y0, double x1, double y1) throws Exception {
        WindowDriver.onScreen(() -> {
            fire(grid, MouseEvent.MOUSE_PRESSED, x0, y0);
            fire(grid, MouseEvent.MOUSE_DRAGGED, x1, y1);
            fire(grid, MouseEvent.MOUSE_RELEASED, x1, y1);
            return null;
        });
        w.settle();
    }

    private static void fire(Node node, EventType<MouseEvent> what, double x, double y) {
        var there = node.localToScene(x, y);
        node.fireEvent(new MouseEvent(
                what,
                there.getX(),
                there.getY(),
                there.getX(),
                there.getY(),
                MouseButton.PRIMARY,
                1,
                false,
                false,
                false,
                false,
                true,
                false,
                false,
                false,
                false,
                false,
                null));
    }

    private static Finish floor(WindowDriver w, String room) throws Exception {
        return w.plan().storeys().getFirst().rooms().stream()
                .filter(r -> r.name().equals(room))
                .findFirst()
                .orElseThrow()
                .floor();
    }

    /** A photograph of 640 by 320 points is laid on a floor by a click, made as wide as it truly is, kept, and undone. */
    @Test
    void aPhotographBecomesAFinishOfItsRealSize() throws Exception {
        var file = folder.resolve("Sea glass.png");
        var image = new BufferedImage(640, 320, BufferedImage.TYPE_INT_RGB);
        for (var i = 0; i < 640 * 320; i++) {
            image.setRGB(i % 640, i / 640, (i / 640 / 40 + i % 640 / 40) % 2 == 0 ? 0x88b0a8 : 0xd8e4dc);
        }
        ImageIO.write(image, "png", file.toFile());
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-finishes");
            w.answers.picture = Optional.of(file);
            w.press("finish-picture");
            w.told("\"Sea glass\" is in hand");
            var before = w.plan();
            w.click(9400, 7000); // the laundry
            var laid = floor(w, "Laundry").laying().orElseThrow().face().orElseThrow();
            assertThat(laid.name()).isEqualTo("Sea glass");
            assertThat(laid.width()).isEqualTo(Length.ofMm(1000));
            w.fill("floor-face-width", "60 cm");
            var sized = floor(w, "Laundry").laying().orElseThrow().face().orElseThrow();
            assertThat(sized.width()).isEqualTo(Length.ofMm(600));
            assertThat(sized.height()).isEqualTo(Length.ofMm(300));
            w.fill("floor-face-height", "330 mm");
            assertThat(FinishWindowTest.words(w)).contains("10.0 % more");
            w.fill("floor-face-width", "0");
            assertThat(w.message()).isNotBlank();
            w.fill("floor-keep-name", "My sea glass");
            assertThat(w.message()).contains("My sea glass");
            for (var i = 0; i < 3; i++) {
                w.key(KeyCode.CONTROL, KeyCode.Z);
            }
            assertThat(w.plan()).isEqualTo(before);
            Files.writeString(file, "no picture at all");
            w.press("finish-picture");
            w.told("No finish was made");
        }
    }

    /** Courses are kept under a name, laid in another room by one press, laid otherwise there, and forgotten. */
    @Test
    void aSetOfCoursesIsKeptForAllPlansAndLaidElsewhere() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            FinishWindowTest.pickBathroom(w);
            FinishWindowTest.choose(w, "finish-walls", "Paint, chalk");
            w.press("walls-set-out");
            w.press("walls-course-more");
            w.fill("walls-course-1-piece-width", "10 cm");
            w.fill("walls-course-1-piece-length", "30 cm");
            w.fill("walls-course-1-joint", "1 m");
            assertThat(w.message()).contains("a joint is at most 500 mm wide");
            FinishWindowTest.choose(w, "walls-course-1-pattern", "Stack");
            w.fill("walls-keep-name", "Wet rooms");
            assertThat(w.message()).contains("Wet rooms");
            var laundry = w.plan().storeys().getFirst().rooms().stream()
                    .filter(r -> r.name().equals("Laundry"))
                    .findFirst()
                    .orElseThrow()
                    .id();
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.of(laundry));
                return null;
            });
            w.settle();
            w.press("walls-kept-1");
            var there = w.plan().storeys().getFirst().coverings().stream()
                    .filter(c -> c.surface().equals(new Surface.Walls(laundry)))
                    .findFirst()
                    .orElseThrow()
                    .finish();
            assertThat(there.material()).isEqualTo("paint-chalk");
            assertThat(there.courses()).singleElement().satisfies(c -> {
                assertThat(c.laying().pattern()).isEqualTo(new Pattern.Stack());
                assertThat(c.laying().width()).isEqualTo(Length.ofMm(100));
                assertThat(c.laying().length()).isEqualTo(Length.ofMm(300));
            });
            var file = folder.resolve("shared.json");
            w.answers.sheet = Optional.of(file);
            w.press("stage-finishes");
            w.press("share-finishes");
            w.told("shared.json");
            WindowDriver.onScreen(() -> {
                w.model().pick(Set.of(laundry));
                return null;
            });
            w.settle();
            w.press("walls-kept-gone-1");
            assertThat(w.message()).contains("no longer");
            w.press("share-finishes");
            assertThat(w.message()).contains("You keep no finishes yet");
            w.press("bring-in-finishes");
            w.told("1 finish is yours now");
            w.press("walls-kept-1");
            Files.writeString(file, "no finishes at all");
            w.press("bring-in-finishes");
            w.told("Nothing was brought in");
            assertThat(w.message()).contains("Nothing was brought in").contains("holds no finishes");
        }
    }
}
