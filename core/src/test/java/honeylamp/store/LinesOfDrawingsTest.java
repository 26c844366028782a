package honeylamp.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.output.Progress;
import honeylamp.plan.Linework.Form;
import honeylamp.plan.Linework.Use;
import honeylamp.store.PictureImport.Notes;
import honeylamp.underlay.DrawnLines;
import honeylamp.underlay.DrawnLines.Drawn;
import honeylamp.underlay.LinesPicture;
import honeylamp.underlay.TracedPicture;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentGroup;
import org.apache.pdfbox.pdmodel.graphics.optionalcontent.PDOptionalContentProperties;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LinesOfDrawingsTest {
    private interface Drawing {
        void draw(PDDocument document, PDPageContentStream page) throws IOException;
    }

    private static byte[] pdf(int rotation, Drawing drawing) throws IOException {
        var out = new ByteArrayOutputStream();
        try (var document = new PDDocument()) {
            var sheet = new PDPage(new PDRectangle(20, 30, 300, 200)); // a crop that does not begin at the origin
            sheet.setRotation(rotation);
            document.addPage(sheet);
            try (var page = new PDPageContentStream(document, sheet)) {
                for (var i = 0; i < 12; i++) { // small enough to leave the middle of things alone
                    page.addRect(300 + i, 222, 0.4f, 0.4f);
                    page.fill();
                }
                drawing.draw(document, page);
            }
            document.save(out);
        }
        return out.toByteArray();
    }

    private static PdfPages.Page page(byte[] pdf) throws IOException, Progress.Cancelled {
        var result = PictureImport.read(pdf, "a.pdf", Notes.LEFT_OUT, Progress.NONE, GraphicsReader.Source.HERE);
        return ((PictureImport.Result.Pages) result).pages().page(0, Progress.NONE);
    }

    private static DrawnLines lines(byte[] pdf) throws IOException, Progress.Cancelled {
        return page(pdf).lines().orElseThrow().lines();
    }

    private static PictureImport.Result.Good svg(String content) throws Progress.Cancelled {
        var svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"200\" height=\"100\" viewBox=\"0 0 200 100\">"
                + content + "</svg>";
        return (PictureImport.Result.Good) PictureImport.read(
                svg.getBytes(StandardCharsets.UTF_8),
                "a.svg",
                Notes.LEFT_OUT,
                Progress.NONE,
                GraphicsReader.Source.HERE);
    }

    private static List<Drawn> of(DrawnLines lines, String layer) {
        return lines.all().stream()
                .filter(d -> lines.layers().get(d.layer()).name().equals(layer))
                .toList();
    }

    private static Box box(List<Drawn> drawn) {
        return Box.around(drawn.stream()
                .flatMap(d -> d.paths().stream())
                .flatMap(p -> p.points().stream())
                .toList());
    }

    /** The box of what is red in a picture. */
    private static Box red(TracedPicture picture) {
        var level = picture.pyramid().levels().getFirst();
        var out = new java.util.ArrayList<Point>();
        for (var y = 0; y < level.height(); y++) {
            for (var x = 0; x < level.width(); x++) {
                var rgb = level.pixels().get(y * level.width() + x);
                if ((rgb >> 16 & 255) > 180 && (rgb >> 8 & 255) < 80) {
                    out.add(new Point(x, y));
                    out.add(new Point(x + 1, y + 1));
                }
            }
        }
        return Box.around(out);
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 90, 180, 270})
    void linesLieWhereThePictureOfAPageShowsThemHoweverItIsTurned(int rotation) throws Exception {
        var page = page(pdf(rotation, (_, p) -> {
            p.setNonStrokingColor(1f, 0f, 0f);
            p.addRect(70, 90, 100, 30);
            p.fill();
        }));
        var lines = page.lines().orElseThrow().lines();
        var red = lines.all().stream()
                .filter(d -> lines.layers().get(d.layer()).colour().equals("#ff0000"))
                .toList();
        var drawn = box(red);
        var seen = red(page.picture());
        assertThat(drawn.minX()).isCloseTo(seen.minX(), within(1.0));
        assertThat(drawn.minY()).isCloseTo(seen.minY(), within(1.0));
        assertThat(drawn.maxX()).isCloseTo(seen.maxX(), within(1.0));
        assertThat(drawn.maxY()).isCloseTo(seen.maxY(), within(1.0));
        // 100 by 30 points of 1/72 in at the page's resolution
        var px = 25.4 / 72 / page.paperMmPerPixel();
        assertThat(Math.max(drawn.width(), drawn.height())).isCloseTo(100 * px, within(1e-3));
        assertThat(Math.min(drawn.width(), drawn.height())).isCloseTo(30 * px, within(1e-3));
    }

    @Test
    void whatIsClippedAwayIsNoLineAndALayerThatIsOffIsNone() throws Exception {
        var px = 25.4 / 72;
        var page = page(pdf(0, (document, p) -> {
            var layers = new PDOptionalContentProperties();
            document.getDocumentCatalog().setOCProperties(layers);
            var off = new PDOptionalContentGroup("Old");
            layers.addGroup(off);
            layers.setGroupEnabled(off, false);
            p.beginMarkedContent(COSName.OC, off);
            p.addRect(40, 40, 10, 10);
            p.fill();
            p.endMarkedContent();
            var on = new PDOptionalContentGroup("New");
            layers.addGroup(on);
            p.beginMarkedContent(COSName.OC, on);
            p.saveGraphicsState();
            p.addRect(100, 100, 50, 50);
            p.clip();
            p.moveTo(60, 120);
            p.lineTo(200, 120);
            p.stroke();
            p.addRect(90, 130, 100, 5);
            p.fill();
            p.restoreGraphicsState();
            p.setLineDashPattern(new float[] {3}, 0);
            p.moveTo(60, 180);
            p.lineTo(200, 180);
            p.stroke();
            p.endMarkedContent();
        }));
        var lines = page.lines().orElseThrow().lines();
        var scale = px / page.paperMmPerPixel();
        assertThat(of(lines, "Old")).isEmpty();
        var own = of(lines, "New");
        assertThat(own)
                .extracting(d -> lines.layers().get(d.layer()).form())
                .containsExactly(Form.LINES, Form.FILLS, Form.BROKEN_LINES);
        assertThat(box(own.subList(0, 1)).minX()).isCloseTo((100 - 20) * scale, within(1e-3));
        assertThat(box(own.subList(0, 1)).maxX()).isCloseTo((150 - 20) * scale, within(1e-3));
        assertThat(box(own.subList(1, 2)).width()).isCloseTo(50 * scale, within(1e-3));
        assertThat(box(own.subList(2, 3)).width()).isCloseTo(140 * scale, within(1e-3));
        var linework = lines.linework("0".repeat(64));
        assertThat(linework.layers().stream().filter(l -> l.use() == Use.LEFT_OUT))
                .singleElement()
                .satisfies(l -> assertThat(l.form()).isEqualTo(Form.BROKEN_LINES));
    }

    private static String bars(int count) {
        var out = new StringBuilder();
        for (var i = 0; i < count; i++) {
            out.append(String.format(Locale.ROOT, "<rect x='%d' y='10' width='1' height='8'/>", 10 + 2 * i));
        }
        return out.toString();
    }

    @Test
    void namedGroupsOfADrawingAreItsLayersEvenWithinOneThatHoldsAll() throws Exception {
        var good = svg(
                "<g transform='translate(0,5)'><g id='walls'>" + bars(12) + "</g><g id='notes' style='display:inline'>"
                        + "<path d='M20 50 H120' stroke='#0000ff' fill='none' stroke-width='2'/><text x='10' y='80'>Hall</text></g></g>"
                        + "<circle cx='150' cy='50' r='10' fill='#00ff00'/>");
        var lines = good.lines().orElseThrow().lines();
        assertThat(lines.layers()).extracting(DrawnLines.Layer::name).contains("walls", "notes");
        assertThat(of(lines, "walls")).hasSize(12);
        assertThat(of(lines, "notes")).hasSize(1); // the word is no line
        // 4000 px for 200 units
        assertThat(of(lines, "notes").getFirst().widthPx()).isCloseTo(40, within(1e-3));
        assertThat(of(lines, "notes").getFirst().paths().getFirst().points())
                .containsExactly(new Point(400, 1100), new Point(2400, 1100));
        var circle = lines.all().stream()
                .filter(d -> lines.layers().get(d.layer()).colour().equals("#00ff00"))
                .toList();
        assertThat(box(circle).width()).isCloseTo(400, within(0.2));
    }

    @Test
    void picturesTexturesWashesAndFewLinesAreNone() throws Exception {
        assertThat(svg(bars(3)).lines()).isEmpty();
        var washed = svg(bars(12) + "<rect x='0' y='0' width='200' height='100' fill='#000' fill-opacity='0.3'/>"
                + "<defs><pattern id='p' width='4' height='4' patternUnits='userSpaceOnUse'><rect width='2' height='2'/></pattern></defs>"
                + "<rect x='0' y='40' width='100' height='50' fill='url(#p)'/>");
        assertThat(washed.lines().orElseThrow().lines().all()).hasSize(12);
    }

    @Test
    void aDrawingOfVeryManyLinesIsAPictureOnly() throws Exception {
        var path = new StringBuilder("<path fill='none' stroke='#000' d='M0 0");
        for (var i = 0; i <= DrawnLines.MOST_POINTS; i++) {
            path.append(" L").append(i / 2500.0).append(' ').append(i % 2);
        }
        var good = svg(bars(12) + path + "'/>");
        assertThat(good.lines()).isEmpty();
        assertThat(good.picture().pyramid().width()).isEqualTo(4000);
    }

    @Test
    void aHairlineIsALineAndEnclosesNothing() throws Exception {
        var page = page(pdf(0, (_, p) -> {
            p.setLineWidth(0);
            p.addRect(70, 60, 100, 100);
            p.stroke();
        }));
        var lines = page.lines().orElseThrow().lines();
        var width = page.picture().pyramid().width();
        var drawn = LinesPicture.of(
                LinesFile.read(LinesFile.bytes(lines)),
                Affine.IDENTITY,
                width,
                page.picture().pyramid().height());
        // the middle of the square: 120 and 110 points of a page that begins at 20 and ends at 230
        var px = 25.4 / 72 / page.paperMmPerPixel();
        var level = drawn.pyramid().levels().getFirst();
        assertThat(level.pixels().get((int) (120 * px) * width + (int) (100 * px)) & 255)
                .isEqualTo(255);
        assertThat(level.pixels().get((int) (120 * px) * width + (int) (50 * px)) & 255)
                .isLessThan(200);
    }

    @Test
    void linesAreKeptToATenThousandthOfAPixelAndDamagedOnesAreRefused() throws Exception {
        var lines = lines(pdf(0, (_, p) -> {
            p.moveTo(61.23f, 77.7f);
            p.curveTo(90, 90, 120, 60, 140.5f, 111);
            p.stroke();
        }));
        var bytes = LinesFile.bytes(lines);
        assertThat(LinesFile.bytes(LinesFile.read(bytes))).isEqualTo(bytes);
        var text = new String(bytes, StandardCharsets.UTF_8);
        for (var damaged : List.of(
                text.substring(0, text.length() / 2),
                text.replace("\"layer\":0", "\"layer\":77"),
                text.replaceFirst("\"xy\":\\[[0-9.]+", "\"xy\":[1e300"),
                text.replace("#000000", "black"),
                text.replace("\"lines\"", "\"waves\""))) {
            assertThatThrownBy(() -> LinesFile.read(damaged.getBytes(StandardCharsets.UTF_8)))
                    .isInstanceOf(IOException.class);
        }
    }
}
