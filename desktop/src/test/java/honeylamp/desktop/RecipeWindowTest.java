package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.store.PlanDocument;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Recipes made and changed in the window, and those that belong to a plan. */
class RecipeWindowTest {
    private static void choose(WindowDriver w, String menu, String item) throws Exception {
        MenuButton button = w.node(menu);
        WindowDriver.onScreen(() -> {
            button.getItems().stream().filter(i -> i.getText().equals(item)).forEach(MenuItem::fire);
            return null;
        });
        w.settle();
    }

    @Test
    void aRecipeIsMadeChangedAndPacked(@TempDir Path folder) throws Exception {
        try (var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()))) {
            w.press("stage-sheet");
            w.press("fold-packs");
            w.fill("recipe-new", "client set");
            assertThat(w.message()).contains("already");
            w.fill("recipe-new", "Quay");
            w.press("recipe-add-quay");
            choose(w, "part-of-quay-1", "Schedules as a workbook");
            w.fill("part-file-quay-1", "{plan}-lists");
            choose(w, "part-look-quay-0", "Listing");
            w.press("part-bare-quay-0");
            w.press("part-kept-quay-0");
            w.press("of-plan-quay");
            assertThat(w.plan().presentation().recipes()).containsExactly("Quay");
            w.answers.sheet = Optional.of(folder);
            w.press("pack-plan");
            w.until(() -> w.message().contains("2 written"));
            assertThat(folder.resolve("quillback-lane-lists.xlsx")).exists();
            try (var document =
                    Loader.loadPDF(folder.resolve("quillback-lane.pdf").toFile())) {
                assertThat(document.getNumberOfPages()).isEqualTo(2);
                assertThat(new String(
                                document.getDocumentCatalog().getMetadata().toByteArray(), StandardCharsets.UTF_8))
                        .contains("pdfaid:part");
            }
            w.press("pack-plan");
            w.until(() -> w.message().contains("0 written, 2 unchanged"));
            w.press("part-away-quay-1");
            w.press("part-away-quay-0");
            assertThat(w.message()).contains("needs a part");
            w.press("forget-quay");
            w.press("pack-plan");
            assertThat(w.message()).contains("not on this machine");
        }
    }
}
