package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.desktop.files.KeptLibrary;
import honeylamp.desktop.workspace.WindowStyle;
import honeylamp.store.AtHand;
import honeylamp.store.AtHand.Why;
import honeylamp.store.KeptFile;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.util.WaitForAsyncUtils;

/** Catalogues in the trays of the real window: favourites, what was used last, words, and what stays put. */
class CatalogueWindowTest {
    private static List<String> tiles(WindowDriver w) throws Exception {
        Node tray = w.node("tray");
        return WindowDriver.onScreen(() -> tray.lookupAll(".tile").stream()
                .map(n -> String.valueOf(n.getId()))
                .toList());
    }

    private static Bounds where(WindowDriver w, String id) throws Exception {
        Node node = w.node(id);
        return WindowDriver.onScreen(() -> node.localToScene(node.getBoundsInLocal()));
    }

    @Test
    void whatWasTakenLastStandsFirstAndStaysInItsPlace() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            assertThat(tiles(w)).first().isEqualTo("piece-sofa");
            for (var piece : List.of("armchair", "bench", "rug", "sofa", "bed")) {
                w.press("piece-" + piece);
            }
            var last = List.of("used-piece-bench", "used-piece-rug", "used-piece-sofa", "used-piece-bed");
            assertThat(tiles(w)).startsWith(last.toArray(String[]::new));
            w.press("used-piece-bench");
            assertThat(tiles(w)).startsWith(last.toArray(String[]::new));
            assertThat(WindowDriver.onScreen(() -> w.model().now().choices().furnishing()))
                    .isEqualTo("bench");
        }
    }

    @Test
    void picturesGrowWithTheWordsAndArePaintedAtTheirSize() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.resize(1280, 800);
            w.press("stage-furnish");
            var usual = picture(w);
            WindowDriver.onScreen(() -> {
                w.window().style().set(WindowStyle.USUAL.larger(4));
                return null;
            });
            w.settle();
            assertThat(picture(w)).isCloseTo(2 * usual, within(1.0));
        }
    }

    /** How wide the picture on the first tile is; it has as many pixels. */
    private static double picture(WindowDriver w) throws Exception {
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> {
            var view = (ImageView) w.node("piece-sofa").lookup(".image-view");
            return view.getImage() != null && view.getImage().getWidth() == view.getFitWidth();
        });
        return ((ImageView) w.node("piece-sofa").lookup(".image-view")).getFitWidth();
    }

    @Test
    void whatIsTakenFromTheFinderWasUsedToo() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-furnish");
            w.focusPlan();
            w.key(KeyCode.CONTROL, KeyCode.K);
            w.write("bookcase");
            w.key(KeyCode.ENTER);
            assertThat(tiles(w)).first().isEqualTo("used-piece-bookcase");
        }
    }

    @Test
    void aRibbonKeepsAFavouriteInAllRoomsOfTheCatalogueAndTheMenuOfATileTakesItBack() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-finishes");
            w.press("ribbon-finish-herringbone-oak");
            assertThat(tiles(w)).first().isEqualTo("favourite-finish-herringbone-oak");
            w.press("stage-furnish");
            assertThat(tiles(w)).noneMatch(t -> t.startsWith("favourite-"));
            w.press("stage-finishes");
            assertThat(tiles(w)).first().isEqualTo("favourite-finish-herringbone-oak");
            w.press("favourite-finish-herringbone-oak");
            assertThat(WindowDriver.onScreen(() -> w.model().now().choices().material()))
                    .isEqualTo("herringbone-oak");
            w.robot.clickOn("#favourite-finish-herringbone-oak", MouseButton.SECONDARY);
            w.settle();
            w.robot.clickOn("No favourite any more");
            w.settle();
            assertThat(tiles(w)).noneMatch(t -> t.startsWith("favourite-"));
        }
    }

    @Test
    void favouritesLastBeyondTheProgram(@TempDir Path folder) throws Exception {
        var file = folder.resolve("favourites.json");
        var kept = new KeptLibrary<>(KeptFile.AT_HAND, file);
        assertThat(kept.keep(new AtHand("furnish/sofa", Why.FAVOURITE))).isEmpty();
        assertThat(kept.keep(new AtHand("furnish/sofa", Why.USED))).isEmpty();
        assertThat(kept.keep(new AtHand("openings/DOOR", Why.USED))).isEmpty();
        assertThat(kept.forget(new AtHand("furnish/sofa", Why.USED))).isEmpty();
        assertThat(new KeptLibrary<>(KeptFile.AT_HAND, file).all())
                .containsExactly(new AtHand("furnish/sofa", Why.FAVOURITE), new AtHand("openings/DOOR", Why.USED));
    }

    @Test
    void finishesAndOpeningsAreFoundByWordAndByFamily() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.press("stage-finishes");
            w.fill("finishes-search", "carpet");
            assertThat(tiles(w))
                    .allMatch(t -> t.startsWith("finish-"))
                    .contains("finish-carpet-oat", "finish-carpet-mist", "finish-sisal") // of the family of carpets
                    .doesNotContain("finish-screed");
            w.press("stage-openings");
            w.fill("openings-search", "folding");
            assertThat(tiles(w)).contains("opening-folding-door").hasSizeLessThan(4);
            w.fill("openings-search", "nothing so called");
            assertThat(tiles(w)).isEmpty();
            w.press("stage-finishes"); // as it was left
            TextField search = w.node("finishes-search");
            String words = WindowDriver.onScreen(search::getText);
            assertThat(words).isEqualTo("carpet");
        }
    }

    @Test
    void sizesStayPutWhileTheKindsOfOpeningsAreScrolled() throws Exception {
        try (var w = WindowDriver.with(DemoDocument.made())) {
            w.resize(1280, 800);
            w.press("stage-openings");
            var field = where(w, "opening-width");
            var tile = where(w, "opening-door");
            w.press("product-keep"); // far below
            assertThat(where(w, "opening-width")).isEqualTo(field);
            assertThat(where(w, "opening-door").getMinY()).isLessThan(tile.getMinY() - 300);
            w.resize(900, 600); // no room for that: all of it is scrolled
            w.press("product-keep");
            assertThat(where(w, "opening-width").getMinY()).isNegative();
            w.press("tool-bay-window");
            assertThat(where(w, "opening-width").getMinY()).isPositive();
            w.key(KeyCode.ESCAPE);
        }
    }
}
