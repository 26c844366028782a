package honeylamp.drawing;

import honeylamp.drawing.ink.Gradient;
import honeylamp.drawing.ink.Grey;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Pixels;
import honeylamp.drawing.ink.TypeLine;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.units.Checks;
import java.util.Collection;
import java.util.List;
import java.util.stream.Stream;

/** One thing drawn, in paper mm with y down. Paths are filled by the non-zero rule. */
public sealed interface Mark {
    /** All lines of text among marks, those within others too, in the order in which they are drawn. */
    static Stream<Text> words(Collection<Mark> marks) {
        return marks.stream().flatMap(m -> switch (m) {
            case Text text -> Stream.of(text);
            case Haloed haloed -> Stream.of(haloed.text());
            case Clip clip -> words(clip.inside());
            case Fill _, Stroke _, Shaded _, Image _, Picture _ -> Stream.empty();
        });
    }

    /** A filled surface. */
    record Fill(Figure path, Ink ink) implements Mark {}

    /** A drawn line. */
    record Stroke(Figure path, Pen pen, Ink ink) implements Mark {}

    /**
     * One line of text.
     *
     * @param at the base line's point that {@code align} names
     * @param capHeightMm height of a capital
     * @param trackingEm extra room between letters, as a share of the size
     * @param turnDeg clockwise on the page
     */
    record Text(
            String text,
            Point at,
            double capHeightMm,
            Typeface face,
            double trackingEm,
            Align align,
            double turnDeg,
            Ink ink)
            implements Mark {
        /** The same words in another ink. */
        public Text in(Ink other) {
            return new Text(text, at, capHeightMm, face, trackingEm, align, turnDeg, other);
        }

        /** The line as it is set. */
        public TypeLine set() {
            return TypeLine.of(face, text, trackingEm);
        }

        /** The width of the line, in paper mm. */
        public double widthMm() {
            return face.widthMm(text, capHeightMm, trackingEm);
        }

        /** What the letters cover, from the base line to the height of capitals, as the line is turned. */
        public Ring ring() {
            var along = Point.direction(turnDeg).times(widthMm());
            var rise = Point.direction(turnDeg - 90).times(capHeightMm);
            var from = start();
            var to = from.plus(along);
            return Ring.of(from, to, to.plus(rise), from.plus(rise)).counterClockwise();
        }

        /** The left end of the base line. */
        public Point start() {
            var back = switch (align) {
                case LEFT -> 0;
                case MIDDLE -> -widthMm() / 2;
                case RIGHT -> -widthMm();
            };
            return at.plus(Point.direction(turnDeg).times(back));
        }
    }

    /** Which point of a line of text is placed. */
    enum Align {
        LEFT,
        MIDDLE,
        RIGHT
    }

    /** A surface of colours that pass into each other, covering so much. */
    record Shaded(Figure path, Gradient gradient, double opacity) implements Mark {
        /** Refuses opacities outside 0 to 1. */
        public Shaded {
            Checks.within("opacity", opacity, 0, 1);
        }
    }

    /**
     * A line of text with room around its letters, in another ink, so that it is read over anything.
     *
     * @param roomMm how far it reaches beyond the letters
     */
    record Haloed(Text text, double roomMm, Ink ink) implements Mark {}

    /** A colour picture stretched over a box. */
    record Image(Pixels pixels, Box where) implements Mark {}

    /** A grey picture stretched over a box, meant to be multiplied. */
    record Picture(Grey grey, Box where) implements Mark {}

    /** Marks seen only inside a path. */
    record Clip(Figure path, List<Mark> inside) implements Mark {
        public Clip {
            inside = List.copyOf(inside);
        }
    }
}
