package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.desktop.workspace.WindowStyle.Room;
import honeylamp.desktop.workspace.WorkStage;
import honeylamp.plan.Covering;
import honeylamp.store.PlanDocument;
import java.util.HashSet;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.paint.Color;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The window in light and dark, and with large words. */
class WindowStyleTest {
    private static void style(WindowDriver w, WindowStyle style) throws Exception {
        WindowDriver.onScreen(() -> {
            w.window().style().set(style);
            return null;
        });
        w.settle();
        w.picture();
    }

    /** The picture of the drawing as it is painted. */
    private static Image drawing(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(
                () -> ((ImageView) w.window().plan().getChildrenUnmodifiable().getFirst()).getImage());
    }

    @Test
    void aDarkRoomHasADarkDeskAndTheSamePaper() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.picture();
            var light = drawing(w);
            style(w, WindowStyle.USUAL.withRoom(Room.DARK));
            var dark = drawing(w);
            var desk = dark.getPixelReader().getColor(4, 4);
            assertThat(light.getPixelReader().getColor(4, 4).getBrightness()).isGreaterThan(0.8);
            assertThat(desk.getBrightness()).isLessThan(0.2);
            var x = (int) (light.getWidth() / 2);
            var y = (int) (light.getHeight() / 2);
            for (var dx = -60; dx <= 60; dx += 12) {
                assertThat(dark.getPixelReader().getArgb(x + dx, y))
                        .isEqualTo(light.getPixelReader().getArgb(x + dx, y));
            }
            var name = (javafx.scene.control.Labeled) w.node("stage-walls").lookup(".stage-name");
            var words = (Color) WindowDriver.onScreen(name::getTextFill);
            assertThat(words.getBrightness()).isGreaterThan(0.8);
            w.press("window-style");
            w.robot.clickOn("Light room");
            assertThat(WindowDriver.<Room>onScreen(
                            () -> w.window().style().get().room()))
                    .isEqualTo(Room.LIGHT);
        }
    }

    @ParameterizedTest
    @CsvSource({
        "LIGHT, 100, 900, 600",
        "DARK, 100, 1000, 800",
        "LIGHT, 150, 1000, 800",
        "DARK, 200, 1000, 1000",
        "LIGHT, 200, 900, 600",
        "DARK, 200, 1280, 800"
    })
    void noWordIsCutInAnyStage(Room room, int percent, double width, double height) throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.resize(width, height);
            style(w, new WindowStyle(room, percent));
            for (var stage : WorkStage.values()) {
                WindowDriver.onScreen(() -> {
                    w.model().go(stage);
                    return null;
                });
                assertNoneIsCut(w, stage + " at " + percent + " %");
            }
        }
    }

    private static void assertNoneIsCut(WindowDriver w, String where) throws Exception {
        w.settle();
        var until = System.nanoTime() + TimeUnit.SECONDS.toNanos(3);
        var cut = w.cutWords();
        while (!cut.isEmpty() && System.nanoTime() < until) {
            w.settle(); // words find their places step by step
            cut = w.cutWords();
        }
        assertThat(cut).as(where).isEmpty();
    }

    /** One thing of every kind there is: its card at any size of words. */
    @ParameterizedTest
    @CsvSource({"100, 900, 600", "150, 1000, 800", "200, 1280, 800"})
    void noWordIsCutInAnyCardNorInTheStartViewNorInTheLists(int percent, double width, double height) throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.resize(width, height);
            style(w, new WindowStyle(Room.LIGHT, percent));
            var kinds = new HashSet<Class<?>>();
            for (var element : w.plan().storeys().getFirst().elements().all().toList()) {
                if (!kinds.add(element.getClass()) || element instanceof Covering) {
                    continue;
                }
                WindowDriver.onScreen(() -> {
                    w.model().pick(Set.of(element.id()));
                    return null;
                });
                assertNoneIsCut(w, "card of " + element.id().text() + " at " + percent + " %");
            }
            assertThat(kinds).hasSizeGreaterThan(5);
            w.focusPlan();
            w.key(KeyCode.X);
            assertNoneIsCut(w, "contents at " + percent + " %");
            w.press("snags");
            assertNoneIsCut(w, "snags at " + percent + " %");
            w.press("start");
            assertNoneIsCut(w, "start view at " + percent + " %");
        }
    }

    @Test
    void sizesOfWordsStayBetweenOnceAndTwice() {
        assertThat(WindowStyle.USUAL.larger(-1).textPercent()).isEqualTo(100);
        assertThat(WindowStyle.USUAL.larger(9).textPercent()).isEqualTo(200);
        assertThat(WindowStyle.mostPercent(1280)).isEqualTo(200); // 900 px have room for 140 %, in steps 125
        assertThat(WindowStyle.mostPercent(900)).isEqualTo(125);
        assertThat(StyleSheets.of(WindowStyle.USUAL.larger(2)).getFirst())
                .isNotEqualTo(StyleSheets.of(WindowStyle.USUAL).getFirst());
    }
}
