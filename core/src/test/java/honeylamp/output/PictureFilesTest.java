package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.Looks;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.edit.PageEdits;
import honeylamp.edit.ViewEdits;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.Export.Backing;
import honeylamp.output.Export.Format;
import honeylamp.output.Export.Picture;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** Pictures as those who receive them ask for them: on white, only the plan, so many kB, and of the largest paper. */
class PictureFilesTest {
    @TempDir
    Path folder;

    private static ComposedPage page(Plan plan) {
        return SheetComposer.compose(LaidPlan.of(plan).pages().getFirst(), Lamp.LIT, 1);
    }

    private static final ComposedPage DEMO = page(SailclothYard.plan());

    private static ComposedPage demo() {
        return DEMO;
    }

    private BufferedImage written(ComposedPage page, Format format, Picture picture) throws Exception {
        var file = folder.resolve("a." + format.ending());
        Export.write(page, format, picture, file, Progress.NONE);
        return ImageIO.read(file.toFile());
    }

    @Test
    void onWhiteThePaperIsWhiteAndThePlanIsTheSame() throws Exception {
        var paper = written(demo(), Format.PNG, Picture.dpi(50));
        var white = written(demo(), Format.PNG, Picture.dpi(50).withBacking(Backing.WHITE));

        assertThat(white.getRGB(2, 2)).isEqualTo(0xffffffff);
        assertThat(paper.getRGB(2, 2)).isNotEqualTo(0xffffffff);
        // floors cover the paper wholly: of five thousand dark pixels of walls all are as they were
        var dark = 0;
        for (var y = 0; y < paper.getHeight(); y++) {
            for (var x = 0; x < paper.getWidth(); x++) {
                if ((paper.getRGB(x, y) & 0xff) < 50) {
                    dark++;
                    assertThat(white.getRGB(x, y) & 0xff).isCloseTo(paper.getRGB(x, y) & 0xff, within(12));
                }
            }
        }
        assertThat(dark).isGreaterThan(5000);
    }

    @Test
    void aLookOnDarkPaperIsNotPutOnWhite() {
        var night = page(ViewEdits.look(SailclothYard.plan(), _ -> Looks.NIGHT_DRAWING));
        assertThatThrownBy(() -> written(night, Format.PNG, Picture.dpi(50).withBacking(Backing.WHITE)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("light ink on dark paper");
    }

    @Test
    void onlyThePlanIsAllOfThePlanAndNothingElse() {
        var whole = demo();
        var cut = PlanCut.of(whole);

        assertThat(cut.widthMm()).isLessThan(whole.widthMm() - 54); // the column is gone
        var words = Mark.words(cut.drawing().layers().stream()
                        .flatMap(l -> l.marks().stream())
                        .toList())
                .toList();
        assertThat(words)
                .extracting(Mark.Text::text)
                .contains("BATHROOM", "13000")
                .doesNotContain("Sailcloth Yard,");
        for (var word : words) {
            assertThat(word.at().x()).as(word.text()).isBetween(0.0, cut.widthMm());
            assertThat(word.at().y()).as(word.text()).isBetween(0.0, cut.heightMm());
        }
        // a wall has the same length on paper, elsewhere
        assertThat(bounds(cut).width()).isCloseTo(bounds(whole).width(), within(1e-9));
        assertThat(cut.frame().scale()).isEqualTo(whole.frame().scale());
        assertThat(bounds(cut).minX() - bounds(whole).minX())
                .isCloseTo(cut.frame().originX() - whole.frame().originX(), within(1e-9));
    }

    private static honeylamp.geometry.Box bounds(ComposedPage page) {
        return MarkBounds.of(page.drawing()
                        .only(k -> k == LayerKind.POCHE)
                        .layers()
                        .getFirst()
                        .marks())
                .orElseThrow();
    }

    @Test
    void aPdfOfThePlanIsAsLargeAsItIs() throws Exception {
        var file = folder.resolve("plan.pdf");
        var cut = PlanCut.of(demo());
        Export.write(demo(), Format.PDF, Picture.USUAL.withCut(Export.Cut.PLAN), file, Progress.NONE);
        try (var pdf = Loader.loadPDF(file.toFile())) {
            assertThat(pdf.getPage(0).getMediaBox().getWidth() * 25.4 / 72).isCloseTo(cut.widthMm(), within(0.01));
        }
    }

    @ParameterizedTest
    @EnumSource(
            value = Format.class,
            names = {"PNG", "JPEG", "WEBP", "TIFF"})
    void aPictureWeighsNoMoreThanIsAsked(Format format) throws Exception {
        var most = format == Format.TIFF ? 900 : 150;
        var image = written(demo(), format, Picture.dpi(100).withMostKb(Optional.of(most)));
        var bytes = Files.size(folder.resolve("a." + format.ending()));
        assertThat(bytes).isLessThanOrEqualTo(most * 1000L).isGreaterThan(most * 300L);
        assertThat(image.getWidth() / (double) image.getHeight()).isCloseTo(420.0 / 297, within(0.01));
    }

    @Test
    void tooLittleToShowAnythingIsSaid() {
        assertThatThrownBy(() -> written(demo(), Format.TIFF, Picture.dpi(100).withMostKb(Optional.of(10))))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("10 kB would be too small");
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void aWebpKeepsWhatIsClearAndIsSmallerThanAPng() throws Exception {
        var clear = Picture.dpi(100).withBacking(Backing.CLEAR);
        var webp = written(demo(), Format.WEBP, clear);
        var png = written(demo(), Format.PNG, clear);
        assertThat(webp.getWidth()).isEqualTo(png.getWidth());
        assertThat(webp.getRGB(3, 3) >>> 24).isZero();
        assertThat(Files.size(folder.resolve("a.webp"))).isLessThan(Files.size(folder.resolve("a.png")) / 2);
    }

    /** What is painted band by band as a writer asks for it is to the eye the picture that is painted at once. */
    @Test
    void bandsMakeTheSamePicture() {
        var page = demo();
        for (var backing : List.of(Backing.PAPER, Backing.CLEAR)) {
            var png = new Export.Png(330, backing); // 5,457 by 3,859: more than 20 million pixels
            var bands = PagePixels.inBands(page, png);
            assertThat(bands).isInstanceOf(BandedImage.class);
            var whole = PagePixels.unweighed(PagePixels.of(page, png));
            var most = 0;
            var unlike = 0;
            var all = 0;
            for (var y = 0; y < whole.getHeight(); y += 97) {
                var row = whole.getRaster().getPixels(0, y, whole.getWidth(), 1, (int[]) null);
                var banded = bands.getData(new java.awt.Rectangle(0, y, whole.getWidth(), 1))
                        .getPixels(0, y, whole.getWidth(), 1, (int[]) null);
                for (var i = 0; i < row.length; i++) {
                    most = Math.max(most, Math.abs(row[i] - banded[i]));
                    unlike += row[i] == banded[i] ? 0 : 1;
                    all++;
                }
            }
            assertThat(most).as("of 255, where a curve is cut elsewhere").isLessThanOrEqualTo(8);
            assertThat(unlike / (double) all)
                    .as("pixels that are not the very same")
                    .isLessThan(0.0005);
        }
    }

    /** 14,043 by 9,933 pixels, 558 MB if they were held at once; the tests have 1,500 MB, other tests' plans among them. */
    @Test
    void thePictureOfA0AtThreeHundredDotsIsWritten() throws Exception {
        var plan = PageEdits.sheet(SailclothYard.plan(), s -> s.on(Paper.A0, s.way()));
        var large = SheetComposer.compose(LaidPlan.of(plan).pages().getFirst(), Lamp.COLOUR, 1);
        var file = folder.resolve("a0.png");
        Export.write(large, Format.PNG, Picture.dpi(300), file, Progress.NONE);
        try (var in = ImageIO.createImageInputStream(file.toFile())) {
            var reader = ImageIO.getImageReaders(in).next();
            reader.setInput(in);
            assertThat(reader.getWidth(0)).isEqualTo(14_043);
            assertThat(reader.getHeight(0)).isEqualTo(9_933);
            reader.dispose();
        }
        assertThatThrownBy(() -> written(large, Format.JPEG, Picture.dpi(300)))
                .hasMessageContaining("write a PNG or TIFF");
    }

    @Test
    void aPdfHasABookmarkForEachPage() throws Exception {
        var file = folder.resolve("pages.pdf");
        var plan = honeylamp.demo.place.QuillbackLane.plan();
        var pages = LaidPlan.of(plan).pages().stream()
                .map(p -> SheetComposer.compose(p, Lamp.LIT, 0.5))
                .toList();
        Export.writeAll(pages, Export.Picture.USUAL, file, Progress.NONE);
        try (var pdf = Loader.loadPDF(file.toFile())) {
            var item = pdf.getDocumentCatalog().getDocumentOutline().getFirstChild();
            for (var i = 0; i < pages.size(); i++) {
                assertThat(item.getTitle()).isEqualTo(pages.get(i).name());
                assertThat(item.findDestinationPage(pdf)).isEqualTo(pdf.getPage(i));
                item = item.getNextSibling();
            }
            assertThat(item).isNull();
        }
    }
}
