package honeylamp.output;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.walls.WallPiece;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.sheet.ComposedPage;
import honeylamp.sheet.RoomWords;
import honeylamp.sheet.SheetComposer;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** What a client would see on the finished demo, measured on the pixels. */
class PictureQualityTest {
    private static final double PX_PER_MM = 6;

    private final ComposedPage page =
            SheetComposer.compose(TestPlans.page(SailclothYard.plan()), Lamp.LIT, Illustration.PRINT_SHADE_PX_PER_MM);

    private BufferedImage raster(Drawing drawing) {
        var image = new BufferedImage(
                (int) (page.widthMm() * PX_PER_MM), (int) (page.heightMm() * PX_PER_MM), BufferedImage.TYPE_INT_RGB);
        RasterPainter.paint(drawing, image, Affine.scale(PX_PER_MM, PX_PER_MM));
        return image;
    }

    /** Contrast of every text against what truly lies under it, by the formula of WCAG 2.2, at least 4.5. */
    @Test
    void everyTextReadsAgainstWhatLiesUnderIt() {
        var under = raster(page.drawing().only(k -> k != LayerKind.LABELS && k != LayerKind.DIMENSIONS));
        for (var layer : page.drawing().only(k -> k == LayerKind.LABELS).layers()) {
            for (var mark : layer.marks()) {
                if (mark instanceof Mark.Text text) {
                    var ink = luminance(text.ink().rgb());
                    assertThat(contrast(ink, darkTenth(under, text)))
                            .as(text.text())
                            .isGreaterThan(4.5);
                }
            }
        }
    }

    /** Contrast of room labels at the darkest twentieth of what lies under them; shade is lighter there. */
    @Test
    void labelsOfRoomsHaveAContrastOfSeven() {
        var said = RoomWords.on(TestPlans.page(SailclothYard.plan())).stream()
                .flatMap(w -> w.words().stream())
                .collect(Collectors.toSet());
        var under = raster(page.drawing().only(k -> k != LayerKind.LABELS && k != LayerKind.DIMENSIONS));
        for (var layer : page.drawing().only(k -> k == LayerKind.LABELS).layers()) {
            for (var mark : layer.marks()) {
                if (mark instanceof Mark.Text text && said.contains(text.text())) {
                    var levels = levels(under, text);
                    var dark = levels.get(levels.size() / 20);
                    assertThat(contrast(luminance(text.ink().rgb()), dark))
                            .as(text.text())
                            .isGreaterThan(7);
                }
            }
        }
    }

    /** The luminance below which a tenth of the pixels under a text lie. */
    private static double darkTenth(BufferedImage image, Mark.Text text) {
        var levels = levels(image, text);
        return levels.get(levels.size() / 10);
    }

    private static List<Double> levels(BufferedImage image, Mark.Text text) {
        var start = text.start();
        var levels = new ArrayList<Double>();
        for (var x = 0.0; x < text.widthMm(); x += 0.25) {
            for (var y = 0.0; y < text.capHeightMm(); y += 0.25) {
                var rgb = image.getRGB((int) ((start.x() + x) * PX_PER_MM), (int) ((start.y() - y) * PX_PER_MM));
                levels.add(luminance(rgb));
            }
        }
        levels.sort(null);
        return levels;
    }

    private static double contrast(double a, double b) {
        return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
    }

    private static double luminance(int rgb) {
        return 0.2126 * linear(rgb >> 16 & 0xff) + 0.7152 * linear(rgb >> 8 & 0xff) + 0.0722 * linear(rgb & 0xff);
    }

    private static double linear(int level) {
        var c = level / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    /** Along the middle of every wall, through all joints, the cut is dark without a hairline. */
    @Test
    void noJointShowsAHairline() {
        var geometry = TestPlans.geometry(SailclothYard.plan());
        var image = raster(page.drawing().only(k -> k == LayerKind.POCHE));
        var looked = 0;
        for (var piece : geometry.network().pieces()) {
            for (var p : middle(piece)) {
                var inOpening = geometry.cuts().stream()
                        .anyMatch(c -> c.ring().bounds().grown(60).contains(p));
                if (!inOpening) {
                    var q = page.frame().paper(p);
                    var rgb = image.getRGB((int) (q.x() * PX_PER_MM), (int) (q.y() * PX_PER_MM));
                    assertThat(luminance(rgb))
                            .as(piece.wall().id().text() + " at " + p)
                            .isLessThan(0.2);
                    looked++;
                }
            }
        }
        assertThat(looked).isGreaterThan(800);
    }

    private static List<Point> middle(WallPiece piece) {
        var shift = (piece.leftMm() - piece.rightMm()) / 2;
        var line = piece.line().shiftedLeft(shift);
        var out = new ArrayList<Point>();
        // from well inside one end to well inside the other: beyond the drawn ends other walls take over
        for (var at = 100.0; at < line.length() - 100; at += 25) {
            out.add(line.at(at));
        }
        return out;
    }

    /** Of every label at most a trace lies over the boxes of what is drawn as furniture. */
    @Test
    void labelsLieOverNoFurniture() {
        var furniture = new ArrayList<Box>();
        for (var layer : page.drawing().only(k -> k == LayerKind.FURNITURE).layers()) {
            for (var mark : layer.marks()) {
                if (mark instanceof Mark.Fill fill && fill.ink().opacity() == 1) {
                    furniture.add(fill.path().bounds());
                }
            }
        }
        for (var layer : page.drawing().only(k -> k == LayerKind.LABELS).layers()) {
            for (var mark : layer.marks()) {
                if (mark instanceof Mark.Text text && !text.text().equals("Timber balcony")) {
                    var s = text.start();
                    var box = new Box(s.x(), s.y() - text.capHeightMm(), s.x() + text.widthMm(), s.y());
                    var over = furniture.stream()
                            .filter(f -> f.width() < 60)
                            .mapToDouble(f -> overlap(f, box))
                            .sum();
                    assertThat(over / (box.width() * box.height()))
                            .as(text.text())
                            .isLessThan(0.06);
                }
            }
        }
    }

    private static double overlap(Box a, Box b) {
        var w = Math.min(a.maxX(), b.maxX()) - Math.max(a.minX(), b.minX());
        var h = Math.min(a.maxY(), b.maxY()) - Math.max(a.minY(), b.minY());
        return Math.max(0, w) * Math.max(0, h);
    }

    /** Large pictures are painted in bands; wherever they are cut, not one pixel differs. */
    @Test
    void bandsShowNoSeam() {
        var plan = SailclothYard.plan();
        var page = SheetComposer.compose(TestPlans.page(plan), Lamp.LIT, 1);
        var whole = blank(600, 420);
        RasterPainter.paint(page.drawing(), whole, new Affine(1.4, 0, 0, 1.4, 0, 0));
        for (var top = 0; top < 420; top += 140) {
            var strip = blank(600, 140); // small enough to be painted in one go
            RasterPainter.paint(page.drawing(), strip, new Affine(1.4, 0, 0, 1.4, 0, -top));
            for (var y = 0; y < 140; y++) {
                for (var x = 0; x < 600; x++) {
                    assertThat(strip.getRGB(x, y)).isEqualTo(whole.getRGB(x, top + y));
                }
            }
        }
    }

    private static BufferedImage blank(int width, int height) {
        var image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Arrays.fill(((java.awt.image.DataBufferInt) image.getRaster().getDataBuffer()).getData(), 0xffffff);
        return image;
    }

    @Test
    void layersAreSortedHoweverTheyAreGathered() {
        var fill = new Mark.Fill(Figure.ring(new Box(0, 0, 1, 1).ring()), Ink.of(0));
        var drawing = new Drawing(
                        List.of(Layer.of(LayerKind.LABELS, List.of(fill)), Layer.of(LayerKind.FLOOR, List.of(fill))))
                .with(new Drawing(List.of(Layer.of(LayerKind.POCHE, List.of(fill)))));
        assertThat(drawing.layers())
                .extracting(Layer::kind)
                .containsExactly(LayerKind.FLOOR, LayerKind.POCHE, LayerKind.LABELS);
        assertThat(drawing.only(k -> k == LayerKind.POCHE).layers()).hasSize(1);
    }
}
