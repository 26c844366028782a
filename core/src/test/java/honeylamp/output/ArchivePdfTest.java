package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Plan;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import java.io.FileInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.flavours.PDFAFlavour;

/** Files that are to be kept, read by an independent checker, and what those hear who have them read aloud. */
class ArchivePdfTest {
    @TempDir
    private Path folder;

    @BeforeAll
    static void checker() {
        VeraGreenfieldFoundryProvider.initialise();
    }

    private static List<ComposedPage> pages(Plan plan) {
        return LaidPlan.of(plan).pages().stream()
                .map(p -> SheetComposer.compose(p, Lamp.LIT, 0.5))
                .toList();
    }

    private Path written(Plan plan, Export.Lasting lasting) throws Exception {
        var file = folder.resolve("plan.pdf");
        Export.writeAll(
                pages(plan),
                Export.Picture.USUAL.withLasting(lasting).withNotes(Export.Notes.TITLE_AND_AUTHOR),
                file,
                Progress.NONE);
        return file;
    }

    /** What a file does not keep to of a level, a line each. */
    private static List<String> wrong(Path file, PDFAFlavour level) throws Exception {
        try (var in = new FileInputStream(file.toFile());
                var parser = Foundries.defaultInstance().createParser(in, level);
                var validator = Foundries.defaultInstance().createValidator(level, false)) {
            return validator.validate(parser).getTestAssertions().stream()
                    .map(a -> a.getRuleId().getClause() + ": " + a.getMessage())
                    .distinct()
                    .toList();
        }
    }

    /** A room named in three scripts, with a mark that is no letter. */
    private static Plan manyScripts() {
        var plan = SailclothYard.plan();
        var room = TestPlans.geometry(plan).rooms().getFirst();
        return RoomEdits.name(plan, TestPlans.storey(plan), room, "Room \u5c45\u9593 \u063a\u0631\u0641\u0629 \u2014");
    }

    @Test
    void aFileToBeKeptKeepsToTheStandardInEveryLookAndScript() throws Exception {
        var marker = Looks.all().stream()
                .filter(l -> l.name().equals("Marker")) // its hand joins letters
                .findFirst()
                .orElseThrow();
        for (var plan :
                List.of(manyScripts(), QuillbackLane.plan(), ViewEdits.look(SailclothYard.plan(), _ -> marker))) {
            var file = written(plan, Export.Lasting.ARCHIVE);
            assertThat(wrong(file, PDFAFlavour.PDFA_2_A)).isEmpty();
        }
    }

    /** In hands that join letters too. */
    @Test
    void everyWordIsFoundAndCopied() throws Exception {
        for (var look : Looks.all()) {
            var plan = ViewEdits.look(SailclothYard.plan(), _ -> look);
            try (var document =
                    Loader.loadPDF(written(plan, Export.Lasting.PRINT).toFile())) {
                assertThat(new PDFTextStripper().getText(document))
                        .as(look.name())
                        .contains("Upper floor, furnished");
            }
        }
    }

    /** The checker does tell: a file that is only to be printed is none to be kept. */
    @Test
    void aFileToBePrintedDoesNotSayThatItKeeps() throws Exception {
        var file = written(TestPlans.clearRectangle(4000, 3000), Export.Lasting.PRINT);
        assertThat(wrong(file, PDFAFlavour.PDFA_2_B)).isNotEmpty();
    }

    @Test
    void whatIsReadAloudIsThePictureInWordsAndEveryLine() throws Exception {
        try (var document = Loader.loadPDF(
                written(SailclothYard.plan(), Export.Lasting.PRINT).toFile())) {
            var catalog = document.getDocumentCatalog();
            assertThat(catalog.getMarkInfo().isMarked()).isTrue();
            assertThat(catalog.getViewerPreferences().displayDocTitle()).isTrue();
            var all = new ArrayList<PDStructureElement>();
            gather(catalog.getStructureTreeRoot(), all);
            var figures = all.stream()
                    .filter(e -> e.getStructureType().equals("Figure"))
                    .toList();
            assertThat(figures)
                    .singleElement()
                    .satisfies(f -> assertThat(f.getAlternateDescription())
                            .startsWith("Drawing: Upper floor. Written in it: ")
                            .contains("LIVING ROOM, 30.59 m\u00b2", "KITCHEN AND DINING"));
            assertThat(all.stream().filter(e -> e.getStructureType().equals("P")))
                    .hasSizeGreaterThan(20);
            assertThat(document.getPage(0).getCOSObject().getNameAsString(COSName.getPDFName("Tabs")))
                    .isEqualTo("S");
            assertThat(new String(catalog.getMetadata().toByteArray(), StandardCharsets.UTF_8))
                    .contains("Honey Lamp", "Merrin Dole");
        }
    }

    private static void gather(PDStructureNode node, List<PDStructureElement> out) {
        for (var kid : node.getKids()) {
            if (kid instanceof PDStructureElement element) {
                out.add(element);
                gather(element, out);
            }
        }
    }

    @Test
    void theSamePlanGivesTheSameFileBitForBit() throws Exception {
        for (var lasting : Export.Lasting.values()) {
            var once = Files.readAllBytes(written(TestPlans.clearRectangle(4000, 3000), lasting));
            var again = Files.readAllBytes(written(TestPlans.clearRectangle(4000, 3000), lasting));
            assertThat(again).isEqualTo(once);
        }
    }
}
