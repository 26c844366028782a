package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Grey;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.output.Export.Backing;
import honeylamp.plan.Plan;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.SheetComposer;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutputTest {
    @TempDir
    private java.nio.file.Path folder;

    private static ComposedPage demo() {
        return page(SailclothYard.plan());
    }

    private static ComposedPage page(Plan plan) {
        return SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, Illustration.SCREEN_SHADE_PX_PER_MM);
    }

    private java.nio.file.Path export(ComposedPage page, String name) throws Exception {
        var file = folder.resolve(name);
        Export.write(page, Export.Format.of(file).orElseThrow(), Export.Picture.dpi(60), file, Progress.NONE);
        return file;
    }

    @Test
    void theSamePlanGivesTheSameBytes() throws Exception {
        for (var ending : List.of("png", "svg", "pdf")) {
            var a = Files.readAllBytes(export(demo(), "a." + ending));
            var b = Files.readAllBytes(export(demo(), "b." + ending));
            assertThat(b).as(ending).isEqualTo(a);
        }
    }

    @Test
    void thePdfHasRealTextEmbeddedFontsAndALayerForEveryKind() throws Exception {
        try (var pdf = Loader.loadPDF(export(demo(), "demo.pdf").toFile())) {
            var text = new PDFTextStripper().getText(pdf);
            for (var room : SailclothYard.plan().storeys().getFirst().rooms()) {
                assertThat(text).contains(room.name());
            }
            assertThat(text).contains("30.59 m²", "1:50 on A3", "Sailcloth Yard", "13000");
            var layers = pdf.getDocumentCatalog().getOCProperties().getGroupNames();
            assertThat(layers).contains("Walls", "Furniture", "Dimensions", "Labels", "Shade on floors");
            for (var name : pdf.getPage(0).getResources().getFontNames()) {
                assertThat(pdf.getPage(0).getResources().getFont(name).isEmbedded())
                        .isTrue();
            }
            assertThat(pdf.getDocumentInformation().getCreationDate()).isNull();
        }
    }

    @Test
    void aLayerSwitchedOffIsGoneFromThePage() throws Exception {
        try (var pdf = Loader.loadPDF(export(demo(), "demo.pdf").toFile())) {
            pdf.getDocumentCatalog().getOCProperties().setGroupEnabled("Labels", false);
            pdf.getDocumentCatalog().getOCProperties().setGroupEnabled("Walls", false);
            var image = new PDFRenderer(pdf).renderImageWithDPI(0, 50);
            assertThat(darkPixels(image)).isLessThan(darkPixels(reloaded()) / 2);
        }
    }

    private BufferedImage reloaded() throws IOException {
        try (var pdf = Loader.loadPDF(folder.resolve("demo.pdf").toFile())) {
            return new PDFRenderer(pdf).renderImageWithDPI(0, 50);
        }
    }

    private static long darkPixels(BufferedImage image) {
        var count = 0L;
        for (var y = 0; y < image.getHeight(); y++) {
            for (var x = 0; x < image.getWidth(); x++) {
                var c = new Color(image.getRGB(x, y));
                count += c.getRed() < 70 && c.getGreen() < 70 && c.getBlue() < 70 ? 1 : 0;
            }
        }
        return count;
    }

    /** A building of outer 5,600 mm is 112 mm wide at 1:50: measured on the rendered page at 508 dpi (20 px/mm). */
    @Test
    void thePdfIsTrueToScale() throws Exception {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var sheet = ViewEdits.scale(plan, Optional.of(50));
        try (var pdf = Loader.loadPDF(export(page(sheet), "true.pdf").toFile())) {
            for (var layer : pdf.getDocumentCatalog().getOCProperties().getGroupNames()) {
                pdf.getDocumentCatalog().getOCProperties().setGroupEnabled(layer, layer.equals("Walls"));
            }
            var image = new PDFRenderer(pdf).renderImageWithDPI(0, 508);
            var left = image.getWidth();
            var right = 0;
            for (var y = 0; y < image.getHeight(); y += 7) {
                for (var x = 0; x < image.getWidth(); x++) {
                    if ((image.getRGB(x, y) & 0xff) < 100) {
                        left = Math.min(left, x);
                        right = Math.max(right, x + 1);
                    }
                }
            }
            // by half its width stands out on the lit side the outline's pen of 0.5 mm, in the shade one of 0.9 mm
            assertThat((right - left) / 20.0).isCloseTo(112 + 0.25 + 0.45, within(0.1));
        }
    }

    @Test
    void screenPdfAndPngShowTheSamePicture() throws Exception {
        var png = ImageIO.read(export(demo(), "demo.png").toFile());
        try (var pdf = Loader.loadPDF(export(demo(), "demo.pdf").toFile())) {
            var page = new PDFRenderer(pdf).renderImageWithDPI(0, 60);
            var far = 0L;
            for (var y = 0; y < png.getHeight() - 2; y += 2) {
                for (var x = 0; x < png.getWidth() - 2; x += 2) {
                    far += difference(png, page, x, y) > 40 ? 1 : 0;
                }
            }
            assertThat(far / (png.getWidth() * png.getHeight() / 4.0)).isLessThan(0.04);
        }
    }

    /** Of the means of two by two pixels, so that a shift by part of a pixel does not count. */
    private static double difference(BufferedImage a, BufferedImage b, int x, int y) {
        var sum = 0.0;
        for (var shift : new int[] {0, 8, 16}) {
            var da = 0;
            var db = 0;
            for (var i = 0; i < 4; i++) {
                da += a.getRGB(x + i % 2, y + i / 2) >> shift & 0xff;
                db += b.getRGB(x + i % 2, y + i / 2) >> shift & 0xff;
            }
            sum = Math.max(sum, Math.abs(da - db) / 4.0);
        }
        return sum;
    }

    @Test
    void theSvgIsWellFormedInMillimetresWithAGroupForEveryLayer() throws Exception {
        var file = export(demo(), "demo.svg");
        var document =
                DocumentBuilderFactory.newDefaultInstance().newDocumentBuilder().parse(file.toFile());
        var root = document.getDocumentElement();
        assertThat(root.getAttribute("width")).isEqualTo("420mm");
        assertThat(root.getAttribute("viewBox")).isEqualTo("0 0 420 297");
        var groups = new ArrayList<String>();
        for (var n = root.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n.getNodeName().equals("g")) {
                groups.add(n.getFirstChild().getTextContent());
            }
        }
        assertThat(groups).containsSubsequence("Floor finishes", "Shade on floors", "Furniture", "Walls", "Labels");
        var texts = document.getElementsByTagName("text");
        var words = new ArrayList<String>();
        for (var i = 0; i < texts.getLength(); i++) {
            words.add(texts.item(i).getTextContent());
        }
        assertThat(words).contains("LIVING ROOM", "13000");
        assertThat(Files.readString(file)).contains("mix-blend-mode:multiply", "data:image/png;base64,");
    }

    @Test
    void thePngStatesItsResolution() throws Exception {
        var file = folder.resolve("demo.png");
        Export.write(demo(), Export.Format.PNG, Export.Picture.dpi(100), file, Progress.NONE);
        var image = ImageIO.read(file.toFile());
        // 420 mm at 100 dpi
        assertThat(image.getWidth()).isEqualTo((int) Math.round(420 / 25.4 * 100));
        try (var in = ImageIO.createImageInputStream(file.toFile())) {
            var reader = ImageIO.getImageReaders(in).next();
            reader.setInput(in);
            var root = reader.getImageMetadata(0).getAsTree("javax_imageio_png_1.0");
            var nodes = ((javax.imageio.metadata.IIOMetadataNode) root).getElementsByTagName("pHYs");
            assertThat(((org.w3c.dom.Element) nodes.item(0)).getAttribute("pixelsPerUnitXAxis"))
                    .isEqualTo("3937");
        }
    }

    /** A TIFF holds the very pixels of a PNG, a JPEG nearly: no wall, word or floor is told apart by eye. */
    @Test
    void picturesOfEveryFormatAreAlike() throws Exception {
        var page = demo();
        var png = Export.Picture.dpi(50);
        var exact = PagePixels.of(page, png.of(page));
        var tiff = folder.resolve("a.tif");
        Export.write(page, Export.Format.TIFF, png, tiff, Progress.NONE);
        assertThat(difference(exact, ImageIO.read(tiff.toFile()))).isZero();
        var jpeg = folder.resolve("a.jpg");
        Export.write(page, Export.Format.JPEG, png, jpeg, Progress.NONE);
        assertThat(difference(exact, ImageIO.read(jpeg.toFile()))).isBetween(1e-9, 3.0);
        assertThat(Files.size(jpeg)).isLessThan(Files.size(tiff));
    }

    /** On average over all pixels and colours, of 255. */
    private static double difference(BufferedImage a, BufferedImage b) {
        assertThat(b.getWidth()).isEqualTo(a.getWidth());
        assertThat(b.getHeight()).isEqualTo(a.getHeight());
        var sum = 0L;
        for (var y = 0; y < a.getHeight(); y++) {
            for (var x = 0; x < a.getWidth(); x++) {
                for (var shift = 0; shift <= 16; shift += 8) {
                    sum += Math.abs((a.getRGB(x, y) >> shift & 0xff) - (b.getRGB(x, y) >> shift & 0xff));
                }
            }
        }
        return sum / (3.0 * a.getWidth() * a.getHeight());
    }

    /** 50 dots per inch are what the standard tree of both formats calls 0.508 mm a pixel. */
    @ParameterizedTest
    @CsvSource({"TIFF, a.tif", "JPEG, a.jpg"})
    void otherPicturesStateTheirResolutionToo(Export.Format format, String name) throws Exception {
        var file = folder.resolve(name);
        Export.write(demo(), format, Export.Picture.dpi(50), file, Progress.NONE);
        try (var in = ImageIO.createImageInputStream(file.toFile())) {
            var reader = ImageIO.getImageReaders(in).next();
            reader.setInput(in);
            var root = reader.getImageMetadata(0).getAsTree("javax_imageio_1.0");
            var sizes = ((javax.imageio.metadata.IIOMetadataNode) root).getElementsByTagName("HorizontalPixelSize");
            assertThat(Double.parseDouble(((org.w3c.dom.Element) sizes.item(0)).getAttribute("value")))
                    .isCloseTo(0.508, within(0.001));
        }
    }

    /** A3 across is 420 by 297 mm: the longest side as asked, the other in proportion; upright the same. */
    @Test
    void aPictureIsAsLongAsItIsAsked() {
        var asked = Export.Picture.USUAL.withSize(new Export.Size.Longest(900));
        var across = PagePixels.of(demo(), asked.of(demo()));
        assertThat(across.getWidth()).isEqualTo(900);
        assertThat(across.getHeight()).isEqualTo(636); // 900 x 297 / 420 = 636.4
        var tall = SheetComposer.compose(TestPlans.page(QuillbackLane.plan()), Lamp.COLOUR, 1);
        assertThat(PagePixels.of(tall, asked.of(tall)).getHeight()).isEqualTo(900);
        assertThatThrownBy(() -> new Export.Size.Longest(49)).hasMessageContaining("longest side");
    }

    @Test
    void senselessResolutionsAreRefused() {
        assertThatThrownBy(() -> PagePixels.of(demo(), new Export.Png(5000, Backing.PAPER)))
                .hasMessageContaining(
                        "at most 643 dpi, or 10632 pixels"); // the root of 80 million by 16.535 x 11.693 in
        assertThatThrownBy(() -> PagePixels.of(demo(), new Export.Png(Double.NaN, Backing.PAPER)))
                .isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void cancelledWorkLeavesNoFileBehind() {
        var file = folder.resolve("never.pdf");
        assertThatThrownBy(() -> Export.write(demo(), Export.Format.PDF, Export.Picture.USUAL, file, _ -> {
                    throw new Progress.Cancelled();
                }))
                .isInstanceOf(Progress.Cancelled.class);
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void anEarlierFileSurvivesAFailedExport() throws Exception {
        var file = folder.resolve("kept.svg");
        Files.writeString(file, "earlier");
        assertThatThrownBy(() -> Export.write(demo(), Export.Format.SVG, Export.Picture.USUAL, file, _ -> {
                    throw new Progress.Cancelled();
                }))
                .isInstanceOf(Progress.Cancelled.class);
        assertThat(file).hasContent("earlier");
        assertThat(Export.Format.of(java.nio.file.Path.of("x.txt"))).isEmpty();
    }

    @Test
    void multiplyingDarkensByTheGreyLevel() {
        var image = new BufferedImage(40, 40, BufferedImage.TYPE_INT_RGB);
        var grey = new Grey(2, 1, new byte[] {(byte) 255, (byte) 127});
        var drawing = new Drawing(List.of(
                Layer.of(
                        LayerKind.FLOOR,
                        List.of(new Mark.Fill(Figure.ring(new Box(0, 0, 40, 40).ring()), Ink.of(0xC08040)))),
                new Layer(LayerKind.SHADE, Blend.MULTIPLY, List.of(new Mark.Picture(grey, new Box(0, 0, 40, 40))))));
        RasterPainter.paint(drawing, image, Affine.IDENTITY);
        assertThat(image.getRGB(2, 20) & 0xffffff).isEqualTo(0xC08040);
        // half of 0xC0, 0x80, 0x40
        assertThat(image.getRGB(38, 20) & 0xffffff).isEqualTo(0x604020);
    }

    @Test
    void clipsHoldBackWhatLiesOutside() {
        var image = new BufferedImage(20, 20, BufferedImage.TYPE_INT_RGB);
        var inside = new Mark.Fill(Figure.ring(new Box(0, 0, 20, 20).ring()), Ink.of(0xff0000));
        var clip = new Mark.Clip(Figure.ring(new Box(5, 5, 10, 10).ring()), List.of(inside));
        RasterPainter.paint(new Drawing(List.of(Layer.of(LayerKind.FLOOR, List.of(clip)))), image, Affine.IDENTITY);
        assertThat(image.getRGB(7, 7) & 0xffffff).isEqualTo(0xff0000);
        assertThat(image.getRGB(15, 7) & 0xffffff).isZero();
    }

    @Test
    void overlaysAreAsSmallAsWhatTheyShow() {
        var mark = new Mark.Stroke(Figure.line(new Point(10, 10), new Point(30, 10)), Pen.butt(1), Ink.of(0));
        var overlay = ScreenPainter.overlay(List.of(mark), Affine.scale(2, 2), 400, 300)
                .orElseThrow();
        assertThat(overlay.image().getWidth()).isBetween(40, 52);
        assertThat(overlay.x()).isBetween(14, 20);
        assertThat(ScreenPainter.overlay(List.of(mark), Affine.move(-900, 0), 400, 300))
                .isEmpty();
        assertThat(ScreenPainter.overlay(List.of(), Affine.IDENTITY, 400, 300)).isEmpty();
    }

    @Test
    void textWidthsComeFromTheShippedFont() {
        // every figure is as wide as any other
        assertThat(Typeface.REGULAR.widthMm("1111", 2, 0))
                .isCloseTo(Typeface.REGULAR.widthMm("8808", 2, 0), within(1e-6));
        var plain = Typeface.MEDIUM.widthMm("AB", 2, 0);
        assertThat(Typeface.MEDIUM.widthMm("AB", 2, 0.1))
                .isCloseTo(plain + 0.1 * 2 / Typeface.MEDIUM.capShare(), within(1e-6));
        var text = new Mark.Text("AB", new Point(10, 10), 2, Typeface.MEDIUM, 0, Mark.Align.RIGHT, 0, Ink.of(0));
        assertThat(text.start().x()).isCloseTo(10 - plain, within(1e-6));
    }
}
