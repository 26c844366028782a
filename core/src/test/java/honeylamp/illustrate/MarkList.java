package honeylamp.illustrate;

import honeylamp.drawing.Drawing;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Grey;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Figure;
import honeylamp.units.Words;
import java.util.List;

/** A drawing as text, a line a mark, lengths in hundredths of a paper millimetre. */
final class MarkList {
    private final StringBuilder out = new StringBuilder();

    private MarkList() {}

    static String of(Drawing drawing) {
        var list = new MarkList();
        for (var layer : drawing.layers()) {
            list.out.append(layer.kind()).append(' ').append(layer.blend()).append('\n');
            list.marks(layer.marks(), "  ");
        }
        return list.out.toString();
    }

    private void marks(List<Mark> marks, String indent) {
        for (var mark : marks) {
            out.append(indent).append(words(mark)).append('\n');
            if (mark instanceof Mark.Clip clip) {
                marks(clip.inside(), indent + "  ");
            }
        }
    }

    private static String words(Mark mark) {
        return switch (mark) {
            case Mark.Fill(var path, var ink) -> "fill " + ink(ink) + path(path);
            case Mark.Stroke(var path, var pen, var ink) ->
                "stroke " + ink(ink) + " " + n(pen.widthMm()) + (pen.dashMm().isEmpty() ? "" : " " + pen.dashMm())
                        + path(path);
            case Mark.Text text ->
                "text \"" + text.text() + "\" " + n(text.at().x()) + ","
                        + n(text.at().y()) + " " + text.face() + " " + n(text.capHeightMm()) + " turned "
                        + n(text.turnDeg()) + " " + ink(text.ink());
            case Mark.Shaded(var path, var gradient, var opacity) ->
                "shaded " + gradient + " " + n(opacity) + path(path);
            case Mark.Haloed haloed ->
                "halo " + n(haloed.roomMm()) + " " + ink(haloed.ink()) + " " + words(haloed.text());
            case Mark.Image image ->
                "image " + image.pixels().width() + "x" + image.pixels().height();
            case Mark.Picture picture ->
                "picture " + picture.grey().width() + "x" + picture.grey().height() + " mean "
                        + Words.of("%.1f", mean(picture.grey()));
            case Mark.Clip clip -> "clip" + path(clip.path());
        };
    }

    private static double mean(Grey grey) {
        var sum = 0.0;
        for (var level : grey.levels()) {
            sum += level & 0xff;
        }
        return sum / grey.levels().length;
    }

    private static String ink(Ink ink) {
        return "#%06x".formatted(ink.rgb()) + (ink.opacity() < 1 ? "@" + n(ink.opacity()) : "");
    }

    private static String n(double value) {
        return Words.of("%.2f", value == 0 ? 0.0 : value).replace("-0.00", "0.00");
    }

    private static String path(Figure path) {
        var out = new StringBuilder();
        path.walk(new Figure.Walker() {
            @Override
            public void moveTo(double x, double y) {
                out.append(" M").append(n(x)).append(',').append(n(y));
            }

            @Override
            public void lineTo(double x, double y) {
                out.append(" L").append(n(x)).append(',').append(n(y));
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                out.append(" C")
                        .append(n(x1))
                        .append(',')
                        .append(n(y1))
                        .append(' ')
                        .append(n(x2))
                        .append(',')
                        .append(n(y2));
                out.append(' ').append(n(x)).append(',').append(n(y));
            }

            @Override
            public void close() {
                out.append(" Z");
            }
        });
        return out.toString();
    }
}
