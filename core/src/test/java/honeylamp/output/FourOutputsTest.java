package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Blend;
import honeylamp.drawing.ink.Gradient;
import honeylamp.drawing.ink.Gradient.Stop;
import honeylamp.drawing.ink.Grey;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Pixels;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.sheet.ComposedPage;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import javax.xml.parsers.DocumentBuilderFactory;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.w3c.dom.Element;

/** Every kind of mark and blend on one page, painted alike by screen, PNG, PDF and SVG. */
class FourOutputsTest {
    private static final double WIDTH_MM = 120;
    private static final double HEIGHT_MM = 90;
    private static final double DPI = 127; // 5 pixels to the millimetre
    private static final double PX_PER_MM = 5;
    private static final int TOLERANCE = 24;

    @TempDir
    private java.nio.file.Path folder;

    private static Figure box(double x, double y, double w, double h) {
        return Figure.ring(new Box(x, y, x + w, y + h).ring());
    }

    private static Mark.Text text(String words, double x, double y) {
        return new Mark.Text(words, new Point(x, y), 3, Typeface.MEDIUM, 0.02, Align.LEFT, 0, Ink.of(0x2B2A28));
    }

    private static Pixels picture() {
        var argb = new int[200 * 100]; // as fine as the page is rendered: how readers smooth is not at issue
        for (var i = 0; i < argb.length; i++) {
            argb[i] = 0xff << 24 | (i % 200) << 16 | (i / 200) * 2 << 8 | 0x60;
        }
        return new Pixels(200, 100, argb);
    }

    private static Grey shade() {
        var levels = new byte[200 * 140];
        for (var i = 0; i < levels.length; i++) {
            levels[i] = (byte) (255 - (i % 200) * 7 / 10);
        }
        return new Grey(200, 140, levels);
    }

    private static final List<Stop> WARM =
            List.of(new Stop(0.1, 0xF2E3C6), new Stop(0.6, 0xC98A2B), new Stop(1, 0x6E4A18));

    private static ComposedPage page() {
        var layers = new ArrayList<Layer>();
        layers.add(Layer.of(LayerKind.PAPER, List.of(new Mark.Fill(box(0, 0, WIDTH_MM, HEIGHT_MM), Ink.of(0xFBF7EF)))));
        layers.add(Layer.of(
                LayerKind.FLOOR,
                List.of(
                        new Mark.Fill(box(5, 5, 50, 35), Ink.of(0xD9B48F)),
                        new Mark.Image(picture(), new Box(60, 5, 100, 25)),
                        new Mark.Shaded(
                                box(5, 45, 40, 20), new Gradient.Linear(new Point(5, 45), new Point(45, 65), WARM), 1),
                        new Mark.Shaded(
                                Figure.circle(new Point(75, 55), 14),
                                new Gradient.Radial(new Point(75, 55), 14, WARM),
                                0.7),
                        new Mark.Clip(
                                Figure.circle(new Point(100, 55), 10),
                                List.of(
                                        new Mark.Fill(box(88, 43, 14, 24), Ink.of(0x6E8B74)),
                                        new Mark.Stroke(
                                                Figure.line(new Point(88, 55), new Point(112, 58)),
                                                Pen.butt(2),
                                                new Ink(0xA8503F, 0.8)))))));
        layers.add(
                new Layer(LayerKind.SHADE, Blend.MULTIPLY, List.of(new Mark.Picture(shade(), new Box(10, 8, 50, 36)))));
        layers.add(new Layer(
                LayerKind.SHADE,
                Blend.MULTIPLY,
                List.of(
                        new Mark.Fill(box(20, 30, 60, 30), new Ink(0x9098A8, 0.6)),
                        new Mark.Fill(Figure.circle(new Point(60, 45), 12), new Ink(0x9098A8, 0.6)))));
        layers.add(new Layer(
                LayerKind.SHADE,
                Blend.SCREEN,
                List.of(
                        new Mark.Fill(box(62, 8, 30, 40), new Ink(0x806020, 0.8)),
                        new Mark.Fill(box(80, 20, 30, 40), Ink.of(0x404858)))));
        layers.add(Layer.of(
                LayerKind.LABELS,
                List.of(
                        new Mark.Haloed(text("Kitchen 居間", 8, 30), 0.6, Ink.of(0xFBF7EF)),
                        text("One line", 8, 75),
                        text("and a second", 8, 79.5))));
        return new ComposedPage(
                WIDTH_MM, HEIGHT_MM, PaperFrame.atOrigin(50), "Marks", "A. Drawer", new Drawing(layers));
    }

    private java.nio.file.Path export(String ending) throws Exception {
        var file = folder.resolve("marks." + ending);
        Export.write(page(), Export.Format.of(file).orElseThrow(), Export.Picture.dpi(DPI), file, Progress.NONE);
        return file;
    }

    private BufferedImage screen() {
        return ScreenPainter.paint(new ScreenPainter.Scene(
                page(),
                0xFFD9CFBF,
                List.of(),
                List.of(),
                Affine.scale(PX_PER_MM, PX_PER_MM),
                (int) (WIDTH_MM * PX_PER_MM),
                (int) (HEIGHT_MM * PX_PER_MM)));
    }

    private BufferedImage pdf() throws Exception {
        try (var document = Loader.loadPDF(export("pdf").toFile())) {
            return new PDFRenderer(document).renderImageWithDPI(0, (float) DPI);
        }
    }

    /** Group by group, since the reader at hand knows no blending: each is rendered apart and blended here. */
    private BufferedImage svg() throws Exception {
        var file = export("svg");
        var factory = DocumentBuilderFactory.newDefaultInstance();
        var document = factory.newDocumentBuilder().parse(file.toFile());
        var image = new BufferedImage(
                (int) (WIDTH_MM * PX_PER_MM), (int) (HEIGHT_MM * PX_PER_MM), BufferedImage.TYPE_INT_RGB);
        var root = document.getDocumentElement();
        var groups = new ArrayList<Element>();
        for (var node = root.getFirstChild(); node != null; node = node.getNextSibling()) {
            if (node instanceof Element e && e.getTagName().equals("g")) {
                groups.add(e);
            }
        }
        for (var group : groups) {
            var alone = (Element) root.cloneNode(false);
            var copy = (Element) group.cloneNode(true);
            copy.removeAttribute("style");
            alone.appendChild(copy);
            blended(image, rendered(alone), group.getAttribute("style"));
        }
        return image;
    }

    private static BufferedImage rendered(Element root) throws Exception {
        var text = new StringWriter();
        TransformerFactory.newDefaultInstance().newTransformer().transform(new DOMSource(root), new StreamResult(text));
        var svg = new SVGLoader()
                .load(
                        new ByteArrayInputStream(text.toString().getBytes(StandardCharsets.UTF_8)),
                        null,
                        LoaderContext.createDefault());
        var image = new BufferedImage(
                (int) (WIDTH_MM * PX_PER_MM), (int) (HEIGHT_MM * PX_PER_MM), BufferedImage.TYPE_INT_ARGB);
        var g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        var size = svg.size();
        g.scale(image.getWidth() / size.getWidth(), image.getHeight() / size.getHeight());
        svg.render(null, g);
        g.dispose();
        return image;
    }

    /** The formulas of W3C Compositing over an opaque ground, in floating point. */
    private static void blended(BufferedImage below, BufferedImage above, String style) {
        for (var y = 0; y < below.getHeight(); y++) {
            for (var x = 0; x < below.getWidth(); x++) {
                var s = above.getRGB(x, y);
                var cover = (s >>> 24) / 255.0;
                var out = 0;
                for (var shift = 16; shift >= 0; shift -= 8) {
                    var cs = (s >> shift & 255) / 255.0;
                    var cb = (below.getRGB(x, y) >> shift & 255) / 255.0;
                    var mixed =
                            style.contains("multiply") ? cs * cb : style.contains("screen") ? cs + cb - cs * cb : cs;
                    out = out << 8 | (int) Math.round(255 * (cover * mixed + (1 - cover) * cb));
                }
                below.setRGB(x, y, out);
            }
        }
    }

    @Test
    void paintTheSamePicture() throws Exception {
        var png = ImageIO.read(export("png").toFile());
        assertThat(differing(png, screen())).as("screen").isLessThanOrEqualTo(0.003);
        assertThat(differing(png, pdf())).as("PDF").isLessThanOrEqualTo(0.003);
        assertThat(differing(png, svg())).as("SVG").isLessThanOrEqualTo(0.003);
    }

    /** The share of pixels that differ, text and what lies within a pixel of an edge left out. */
    private double differing(BufferedImage a, BufferedImage b) throws Exception {
        var width = Math.min(a.getWidth(), b.getWidth());
        var height = Math.min(a.getHeight(), b.getHeight());
        var off = 0;
        var all = 0;
        for (var y = 2; y < height - 2; y++) {
            for (var x = 2; x < width - 2; x++) {
                if (!isText(x, y) && !isEdge(a, x, y)) {
                    all++;
                    off += gap(a.getRGB(x, y), b.getRGB(x, y)) > TOLERANCE ? 1 : 0;
                }
            }
        }
        assertThat(all).isGreaterThan(width * height / 2);
        return (double) off / all;
    }

    private static boolean isText(int x, int y) {
        var xMm = x / PX_PER_MM;
        var yMm = y / PX_PER_MM;
        return xMm > 6 && xMm < 45 && (yMm > 25 && yMm < 32 || yMm > 70);
    }

    private static boolean isEdge(BufferedImage image, int x, int y) {
        var here = image.getRGB(x, y);
        for (var dy = -2; dy <= 2; dy++) {
            for (var dx = -2; dx <= 2; dx++) {
                if (gap(here, image.getRGB(x + dx, y + dy)) > TOLERANCE) {
                    return true;
                }
            }
        }
        return false;
    }

    private static int gap(int a, int b) {
        return Math.max(
                Math.abs((a >> 16 & 255) - (b >> 16 & 255)),
                Math.max(Math.abs((a >> 8 & 255) - (b >> 8 & 255)), Math.abs((a & 255) - (b & 255))));
    }

    /** A file says of itself what was chosen: nothing, its title, or who drew it too. */
    @Test
    void aFileSaysOfItselfWhatWasChosen() throws Exception {
        for (var notes : Export.Notes.values()) {
            var picture = Export.Picture.USUAL.withNotes(notes);
            var pdf = folder.resolve(notes + ".pdf");
            Export.write(page(), Export.Format.PDF, picture, pdf, Progress.NONE);
            try (var document = Loader.loadPDF(pdf.toFile())) {
                var said = document.getDocumentInformation();
                assertThat(said.getTitle()).isEqualTo(notes == Export.Notes.NOTHING ? null : "Marks");
                assertThat(said.getAuthor()).isEqualTo(notes == Export.Notes.TITLE_AND_AUTHOR ? "A. Drawer" : null);
                var xmp = new String(document.getDocumentCatalog().getMetadata().toByteArray(), StandardCharsets.UTF_8);
                assertThat(xmp.contains("A. Drawer")).isEqualTo(notes == Export.Notes.TITLE_AND_AUTHOR);
                assertThat(xmp.contains("Marks")).isEqualTo(notes != Export.Notes.NOTHING);
            }
            var svg = folder.resolve(notes + ".svg");
            Export.write(page(), Export.Format.SVG, picture, svg, Progress.NONE);
            assertThat(Files.readString(svg).contains("<title>Marks")).isEqualTo(notes != Export.Notes.NOTHING);
        }
    }

    @Test
    void thePdfSaysWhoseItIsAndInWhichColoursAndItsWordsAreWords() throws Exception {
        try (var document = Loader.loadPDF(export("pdf").toFile())) {
            assertThat(document.getDocumentInformation().getTitle()).isEqualTo("Marks");
            assertThat(document.getDocumentInformation().getAuthor()).isNull(); // only if that is chosen
            assertThat(document.getDocumentCatalog().getLanguage()).isEqualTo("en");
            assertThat(document.getDocumentCatalog().getOutputIntents())
                    .singleElement()
                    .satisfies(i -> assertThat(i.getInfo()).contains("sRGB"));
            assertThat(new PDFTextStripper().getText(document)).contains("居間", "and a second");
        }
    }

    /** Characters that stand in the page come along, others do not: the fonts are a small part of theirs. */
    @Test
    void theSvgBringsItsFontsAlong() throws Exception {
        var svg = Files.readString(export("svg"));
        assertThat(svg).contains("@font-face{font-family:'Open Sans'", "font-family:'Droid Sans Fallback'");
        assertThat(svg.length()).isLessThan(80_000);
    }

    @Test
    void aPngCanBeWithoutPaper() {
        var image = PagePixels.of(page(), new Export.Png(DPI, Export.Backing.CLEAR));
        assertThat(image.getRGB(2, 2) >>> 24).isZero();
        assertThat(image.getRGB(30, 30) >>> 24).isEqualTo(255);
    }

    /** A page that does not end on a whole pixel: the last row and column are paper, as those before. */
    @Test
    void thePngEndsWithoutADarkLine() {
        var whole = page();
        var page = new ComposedPage(
                120.08,
                90.05,
                whole.frame(),
                whole.title(),
                whole.author(),
                new Drawing(List.of(Layer.of(
                        LayerKind.PAPER, List.of(new Mark.Fill(box(0, 0, 120.08, 90.05), Ink.of(0xFBF7EF)))))));
        var image = PagePixels.of(page, new Export.Png(101, Export.Backing.PAPER));
        assertThat(image.getRGB(image.getWidth() - 1, 5) & 0xffffff).isEqualTo(0xFBF7EF);
        assertThat(image.getRGB(5, image.getHeight() - 1) & 0xffffff).isEqualTo(0xFBF7EF);
    }
}
