package honeylamp.output;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Luminance;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.sheet.ComposedPage;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/** How well the words of a page are read against what truly lies under them, measured on its pixels. */
public final class Legibility {
    /** Words that are to be read have at least this contrast (WCAG 2.2, 1.4.3). */
    public static final double LEAST_CONTRAST = 4.5;

    private static final double STEP_MM = 0.3;

    /** Pixels to the millimetre of paper. */
    private static final double PX_PER_MM = 4;

    /** The darkest and the lightest share of what lies under a word that is left out of account. */
    private static final double LEFT_OUT = 0.05;

    private Legibility() {}

    /**
     * A line of text.
     *
     * @param contrast of its ink with what lies under it, at the worse of the darkest and the lightest twentieth
     * @param spread between the luminances of the darkest and the lightest twentieth under it, from 0 to 1
     */
    public record Word(String text, Point at, double contrast, double spread) {}

    /** All words of a page, in the order they are written. */
    public static List<Word> of(ComposedPage page) {
        var image = new BufferedImage(
                Math.max(1, (int) Math.ceil(page.widthMm() * PX_PER_MM)),
                Math.max(1, (int) Math.ceil(page.heightMm() * PX_PER_MM)),
                BufferedImage.TYPE_INT_RGB);
        RasterPainter.paint(wordless(page.drawing()), image, Affine.scale(PX_PER_MM, PX_PER_MM));
        var out = new ArrayList<Word>();
        for (var layer : page.drawing().layers()) {
            Mark.words(layer.marks()).forEach(text -> out.add(word(image, text)));
        }
        return List.copyOf(out);
    }

    private static Drawing wordless(Drawing drawing) {
        return new Drawing(drawing.layers().stream()
                .map(l -> new Layer(
                        l.kind(),
                        l.blend(),
                        l.marks().stream().flatMap(Legibility::wordless).toList()))
                .toList());
    }

    /** What is left of a mark without its letters: of words with room around them, that room and where the letters were. */
    private static Stream<Mark> wordless(Mark mark) {
        return switch (mark) {
            case Mark.Text _ -> Stream.empty();
            case Mark.Haloed(var text, var room, var ink) ->
                Stream.of(new Mark.Haloed(
                        new Mark.Text(
                                text.text(),
                                text.at(),
                                text.capHeightMm(),
                                text.face(),
                                text.trackingEm(),
                                text.align(),
                                text.turnDeg(),
                                ink),
                        room,
                        ink));
            case Mark.Clip(var path, var inside) ->
                Stream.of(new Mark.Clip(
                        path, inside.stream().flatMap(Legibility::wordless).toList()));
            case Mark.Fill _, Mark.Stroke _, Mark.Shaded _, Mark.Image _, Mark.Picture _ -> Stream.of(mark);
        };
    }

    private static Word word(BufferedImage image, Mark.Text text) {
        var ink = Luminance.of(text.ink().rgb());
        var under = levels(image, text);
        var dark = under[(int) (under.length * LEFT_OUT)];
        var light = under[under.length - 1 - (int) (under.length * LEFT_OUT)];
        var middle = text.start().plus(Point.direction(text.turnDeg()).times(text.widthMm() / 2));
        return new Word(
                text.text(),
                middle,
                Math.min(Luminance.contrast(ink, dark), Luminance.contrast(ink, light)),
                light - dark);
    }

    /** The luminances of what lies under a line of text, rising. */
    private static double[] levels(BufferedImage image, Mark.Text text) {
        var start = text.start();
        var along = Point.direction(text.turnDeg());
        var up = Point.direction(text.turnDeg() - 90);
        var out = new ArrayList<Double>();
        for (var x = 0.0; x <= text.widthMm(); x += STEP_MM) {
            for (var y = 0.0; y <= text.capHeightMm(); y += STEP_MM) {
                var p = start.plus(along.times(x)).plus(up.times(y)).times(PX_PER_MM);
                var px = Math.clamp((long) p.x(), 0, image.getWidth() - 1);
                var py = Math.clamp((long) p.y(), 0, image.getHeight() - 1);
                out.add(Luminance.of(image.getRGB(px, py)));
            }
        }
        var levels = out.stream().mapToDouble(Double::doubleValue).toArray();
        Arrays.sort(levels);
        return levels;
    }
}
