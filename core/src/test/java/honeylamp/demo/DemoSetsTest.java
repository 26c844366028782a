package honeylamp.demo;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Schemes;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The sets of pages that are shown in docs. */
class DemoSetsTest {
    @Test
    void theClientsSetHasEachSchemeAndBothSideBySide() {
        var pages = LaidPlan.of(DemoSets.schemes()).pages();
        assertThat(pages)
                .extracting(LaidPage::name)
                .containsExactly("Upper floor: As drawn", "Upper floor: Eight at table", "As drawn and Eight at table");
        var plan = DemoSets.schemes();
        assertThat(plan.opening(Schemes.AS_DRAWN).storeys().getFirst().furnishings())
                .hasSize(plan.storeys().getFirst().furnishings().size() + 1);
    }

    @Test
    void theBuildersSetHasAreasAndASquare() {
        var pages = LaidPlan.of(DemoSets.storeys()).pages();
        assertThat(pages.getFirst().page().lists()).contains(Listing.AREAS);
        assertThat(pages.getLast().page().lists()).contains(Listing.SQUARE);
    }

    /** What lies in docs was made of these: the words of each title are in it. */
    @Test
    void theFilesInDocsAreTheseSets() throws Exception {
        var folder = Path.of("..", "docs", "sets");
        for (var name : new String[] {"sailcloth-yard-schemes", "quillback-lane-storeys", "boat-shed-survey"}) {
            var file = folder.resolve(name + ".pdf");
            assertThat(Files.exists(file)).as(name).isTrue();
            try (var document = Loader.loadPDF(file.toFile())) {
                assertThat(new PDFTextStripper().getText(document)).contains("Wrenmouth");
                assertThat(document.getNumberOfPages())
                        .isEqualTo(name.startsWith("sail") ? 3 : name.startsWith("boat") ? 1 : 2);
                assertThat(document.getDocumentCatalog().getDocumentOutline().children())
                        .isNotEmpty();
            }
        }
    }
}
