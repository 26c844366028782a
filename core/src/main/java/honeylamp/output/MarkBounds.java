package honeylamp.output;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import java.util.List;
import java.util.Optional;

/** The box that marks cover, pens included. */
final class MarkBounds {
    /** Half the mitre limit of the painters, which is 10 line widths. */
    private static final double CORNER_REACH = 5;

    /** What of a line of text lies beyond its base line, its capitals and its ends, as a share of a capital's height. */
    private static final double AROUND_CAPITALS = 0.8;

    private MarkBounds() {}

    /** How far a line reaches beyond its path, in paper mm: pointed corners up to the mitre limit. */
    static double reach(Mark.Stroke stroke) {
        var pointed = stroke.pen().tip() != Pen.Tip.ROUND && stroke.path().hasCorners();
        return pointed ? CORNER_REACH * stroke.pen().widthMm() : stroke.pen().widthMm();
    }

    static Optional<Box> of(List<Mark> marks) {
        return marks.stream().flatMap(m -> of(m).stream()).reduce(Box::union);
    }

    /** The box of one mark; empty if it covers nothing. */
    static Optional<Box> of(Mark mark) {
        return switch (mark) {
            case Mark.Fill fill -> of(fill.path(), 0);
            case Mark.Stroke stroke -> of(stroke.path(), reach(stroke));
            case Mark.Text text -> Optional.of(of(text));
            case Mark.Shaded shaded -> of(shaded.path(), 0);
            case Mark.Haloed haloed -> Optional.of(of(haloed.text()).grown(haloed.roomMm()));
            case Mark.Image image -> Optional.of(image.where());
            case Mark.Picture picture -> Optional.of(picture.where());
            case Mark.Clip clip -> of(clip.path(), 0);
        };
    }

    /** The line from end to end, with room for what reaches above capitals, below the base line and beyond its ends. */
    private static Box of(Mark.Text text) {
        var start = text.start();
        var along = Point.direction(text.turnDeg());
        var end = start.plus(along.times(text.widthMm()));
        var up = Point.direction(text.turnDeg() - 90).times(text.capHeightMm());
        return Box.around(List.of(start, end, start.plus(up), end.plus(up)))
                .grown(AROUND_CAPITALS * text.capHeightMm());
    }

    private static Optional<Box> of(honeylamp.geometry.Figure path, double grown) {
        return path.isEmpty() ? Optional.empty() : Optional.of(path.bounds().grown(grown));
    }
}
