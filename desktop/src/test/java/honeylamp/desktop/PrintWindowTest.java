package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.output.Printing;
import honeylamp.store.PlanDocument;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Pages seen before they are written, printed, and found again. */
class PrintWindowTest {
    private static WindowDriver house() throws Exception {
        var w = WindowDriver.with(PlanDocument.of(QuillbackLane.plan()));
        w.press("stage-sheet");
        return w;
    }

    private static String facts(WindowDriver w) throws Exception {
        Label facts = w.node("preview-facts");
        return WindowDriver.onScreen(facts::getText);
    }

    /** A3 upright at 300 dots an inch is 297 / 25.4 × 300 by 420 / 25.4 × 300 pixels. */
    @Test
    void thePageIsSeenAsItWillBeWritten(@TempDir Path folder) throws Exception {
        try (var w = house()) {
            w.key(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.P);
            w.until(() -> facts(w).startsWith("PDF, 297 \u00d7 420 mm at true size"));
            w.press("preview-png");
            w.until(() -> facts(w).startsWith("PNG, 3508 \u00d7 4961 pixels"));
            w.press("preview-svg");
            w.until(() -> facts(w).startsWith("SVG"));
            w.answers.sheet = Optional.of(folder.resolve("seen.pdf"));
            w.press("preview-write");
            w.until(() -> Files.exists(folder.resolve("seen.pdf")));
            w.until(() -> w.message().contains("Exported to seen.pdf"));
            w.press("reveal-export");
            assertThat(w.answers.revealed).contains(folder.resolve("seen.pdf"));
        }
    }

    @Test
    void allPagesGoToThePrinterAtTrueSize() throws Exception {
        try (var w = house()) {
            w.key(KeyCode.CONTROL, KeyCode.P);
            w.until(() -> w.answers.toPrint.length > 0);
            try (var document = Loader.loadPDF(w.answers.toPrint)) {
                assertThat(document.getNumberOfPages()).isEqualTo(1);
                assertThat(document.getPage(0).getMediaBox().getWidth()).isCloseTo(297 / 25.4f * 72, within(0.1f));
            }
            w.until(() -> w.message().contains("at true size"));
            w.answers.printed = Printing.Came.PAPER_TOO_SMALL;
            w.press("print-all");
            w.until(() -> w.message().contains("smaller than the page"));
            try (var document = Loader.loadPDF(w.answers.toPrint)) {
                assertThat(document.getNumberOfPages()).isEqualTo(2);
            }
        }
    }

    @Test
    void whatAFileSaysOfItselfIsChosenAndWhatWasNotWrittenIsNotShown(@TempDir Path folder) throws Exception {
        try (var w = house()) {
            w.press("reveal-export");
            assertThat(w.message()).contains("Nothing was exported yet");
            for (var notes : List.of("nothing", "title-and-author")) {
                var file = folder.resolve(notes + ".pdf");
                w.press("notes-" + notes);
                w.answers.sheet = Optional.of(file);
                w.press("export");
                w.until(() -> w.message().contains("Exported to " + file.getFileName()));
                try (var document = Loader.loadPDF(file.toFile())) {
                    assertThat(document.getDocumentInformation().getAuthor())
                            .isEqualTo(notes.equals("nothing") ? null : "Merrin Dole");
                }
            }
        }
    }
}
