package honeylamp.illustrate.pen;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.Look;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Role;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * What is drawn on dark paper and in rooms that are lit: light on the paper, dark in the rooms. Other looks have one ink
 * for both.
 */
public final class Indoors {
    private final Map<Integer, Integer> outside;

    private Indoors(Map<Integer, Integer> outside) {
        this.outside = outside;
    }

    /** The look as rooms are drawn in. */
    public static Look of(Look look) {
        if (look.shading() != Shading.LAMPS) {
            return look;
        }
        var paper = look.palette().of(Role.PAPER);
        var ink = look.palette().of(Role.INK);
        return look.withPalette(look.palette().with(Map.of(Role.PAPER, ink, Role.INK, paper)));
    }

    /** Marks drawn in the ink of rooms; those about places that are not inside have the ink of the paper. */
    public static List<Mark> told(List<Mark> marks, Pens rooms, Look look, Predicate<Point> isInside) {
        if (look.shading() != Shading.LAMPS) {
            return marks;
        }
        var paper = new Pens(rooms.dial(), rooms.large(), look);
        var indoors = new Indoors(Map.of(
                rooms.ink().rgb(), paper.ink().rgb(),
                rooms.ink(Role.PAPER).rgb(), paper.ink(Role.PAPER).rgb(),
                rooms.figureInk().rgb(), paper.figureInk().rgb()));
        return marks.stream()
                .map(m -> isInside(m, isInside) ? m : indoors.outside(m))
                .toList();
    }

    /** Lines and surfaces are inside if all their corners are, words if their middle is. */
    private static boolean isInside(Mark mark, Predicate<Point> isInside) {
        return switch (mark) {
            case Mark.Fill fill -> all(fill.path().bounds(), isInside);
            case Mark.Stroke stroke -> all(stroke.path().bounds(), isInside);
            case Mark.Text text -> isInside.test(text.ring().bounds().centre());
            case Mark.Haloed words -> isInside.test(words.text().ring().bounds().centre());
            case Mark.Shaded shaded -> all(shaded.path().bounds(), isInside);
            case Mark.Clip clip -> all(clip.path().bounds(), isInside);
            case Mark.Image image -> all(image.where(), isInside);
            case Mark.Picture picture -> all(picture.where(), isInside);
        };
    }

    private static boolean all(Box box, Predicate<Point> isInside) {
        return box.ring().corners().stream().allMatch(isInside);
    }

    private Mark outside(Mark mark) {
        return switch (mark) {
            case Mark.Fill(var path, var ink) -> new Mark.Fill(path, outside(ink));
            case Mark.Stroke(var path, var pen, var ink) -> new Mark.Stroke(path, pen, outside(ink));
            case Mark.Text text -> text.in(outside(text.ink()));
            case Mark.Haloed(var text, var room, var ink) ->
                new Mark.Haloed(text.in(outside(text.ink())), room, outside(ink));
            case Mark.Clip(var path, var inside) ->
                new Mark.Clip(path, inside.stream().map(this::outside).toList());
            case Mark.Shaded _, Mark.Image _, Mark.Picture _ -> mark;
        };
    }

    private Ink outside(Ink ink) {
        return new Ink(outside.getOrDefault(ink.rgb(), ink.rgb()), ink.opacity());
    }
}
