package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Looks;
import honeylamp.demo.place.SailclothYard;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.FontFile;
import honeylamp.drawing.ink.Typeface;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.plan.Plan;
import honeylamp.plan.TypeFamily;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import java.awt.font.FontRenderContext;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The families a look is lettered in, from the plan to every file. */
class LetteringTest {
    @TempDir
    private Path folder;

    private static Plan byHand() {
        return ViewEdits.look(SailclothYard.plan(), _ -> Looks.BY_HAND);
    }

    private static ComposedPage page(Plan plan) {
        return SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, 2);
    }

    private static Stream<Mark.Text> texts(List<Mark> marks) {
        return marks.stream().flatMap(m -> switch (m) {
            case Mark.Text t -> Stream.of(t);
            case Mark.Haloed h -> Stream.of(h.text());
            case Mark.Clip c -> texts(c.inside());
            case Mark.Fill _, Mark.Stroke _, Mark.Image _, Mark.Shaded _, Mark.Picture _ -> Stream.empty();
        });
    }

    private static Set<Typeface> faces(ComposedPage page) {
        var out = new HashSet<Typeface>();
        page.drawing()
                .layers()
                .forEach(l -> texts(l.marks()).map(Mark.Text::face).forEach(out::add));
        return out;
    }

    @Test
    void aHandLettersWordsAndNarrowFiguresLineUp() {
        assertThat(faces(page(byHand()))).contains(Typeface.HAND).doesNotContain(Typeface.REGULAR, Typeface.MEDIUM);
        assertThat(faces(page(SailclothYard.plan()))).doesNotContain(Typeface.HAND, Typeface.NARROW_REGULAR);
        for (var face : List.of(Typeface.NARROW_REGULAR, Typeface.NARROW_MEDIUM, Typeface.NARROW_SEMIBOLD)) {
            assertThat(face.widthMm("1111", 2, 0)).isCloseTo(face.widthMm("8808", 2, 0), within(1e-6));
        }
    }

    /** Small letters of the hand are as high as those of the humanist family: 0.75 of a capital, by its own glyphs. */
    @Test
    void theSizeOfTheHandIsCorrectedForItsSmallLetters() throws Exception {
        for (var face : List.of(Typeface.REGULAR, Typeface.HAND)) {
            var font = java.awt.Font.createFont(0, face.file().open()).deriveFont((float) face.sizeOfCapHeight(100));
            var x = font.createGlyphVector(new FontRenderContext(null, true, true), "x")
                    .getOutline()
                    .getBounds2D();
            assertThat(x.getHeight()).as(face.name()).isCloseTo(75, within(0.6));
        }
    }

    @Test
    void aFaceOfAnotherFamilyIsAsHeavy() {
        assertThat(Typeface.SEMIBOLD.in(TypeFamily.NARROW)).isEqualTo(Typeface.NARROW_SEMIBOLD);
        assertThat(Typeface.MEDIUM.in(TypeFamily.HAND)).isEqualTo(Typeface.HAND);
        assertThat(Typeface.NARROW_MEDIUM.in(TypeFamily.HUMANIST)).isEqualTo(Typeface.MEDIUM);
    }

    @Test
    void filesBringTheFacesTheyUseAndNoOthers() throws IOException {
        var page = page(byHand());
        var pdf = folder.resolve("hand.pdf");
        try (var out = Files.newOutputStream(pdf)) {
            PdfOutput.write(List.of(page), Export.Lasting.PRINT, out, _ -> {});
        } catch (Progress.Cancelled e) {
            throw new IllegalStateException(e);
        }
        var names = new ArrayList<String>();
        try (var document = Loader.loadPDF(pdf.toFile())) {
            var resources = document.getPage(0).getResources();
            for (var name : resources.getFontNames()) {
                names.add(resources.getFont(name).getName());
            }
        }
        assertThat(names).anyMatch(n -> n.endsWith("PatrickHand-Regular")).anyMatch(n -> n.contains("AsapCondensed"));
        assertThat(names).noneMatch(n -> n.contains("SemiBold") && n.contains("OpenSans"));
        assertThat(SvgFonts.rules(page.drawing())).contains(FontFile.PATRICK_HAND.family(), "Asap Condensed");
    }
}
