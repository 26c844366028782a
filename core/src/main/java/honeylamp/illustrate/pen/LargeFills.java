package honeylamp.illustrate.pen;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Figure;
import java.util.List;
import java.util.function.BiFunction;

/** Covering surfaces that are large enough for a hand to fill them in its way; all else stays as it is. */
final class LargeFills {
    private LargeFills() {}

    /**
     * The same marks with each such surface filled otherwise, clipped to it; those within clips too.
     *
     * @param leastMm how large a surface is both ways, in paper mm
     * @param filled what fills a surface of a colour
     */
    static List<Mark> each(List<Mark> marks, double leastMm, BiFunction<Figure, Ink, List<Mark>> filled) {
        return marks.stream().map(m -> each(m, leastMm, filled)).toList();
    }

    private static Mark each(Mark mark, double leastMm, BiFunction<Figure, Ink, List<Mark>> filled) {
        return switch (mark) {
            case Mark.Fill(var path, var ink)
            when isLarge(path, leastMm) && ink.opacity() == 1 -> new Mark.Clip(path, filled.apply(path, ink));
            case Mark.Clip(var path, var inside) ->
                new Mark.Clip(path, each(inside.stream().toList(), leastMm, filled));
            case Mark.Fill _, Mark.Stroke _, Mark.Text _, Mark.Haloed _, Mark.Shaded _, Mark.Image _, Mark.Picture _ ->
                mark;
        };
    }

    private static boolean isLarge(Figure path, double leastMm) {
        var box = path.bounds();
        return Math.min(box.width(), box.height()) >= leastMm;
    }
}
