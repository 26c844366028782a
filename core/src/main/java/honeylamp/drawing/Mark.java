package honeylamp.drawing;

import honeylamp.geometry.Box;
import honeylamp.geometry.Path;
import honeylamp.geometry.Point;
import java.util.List;

/** One thing drawn, in paper mm with y down. Paths are filled by the non-zero rule. */
public sealed interface Mark {
    /** A filled surface. */
    record Fill(Path path, Ink ink) implements Mark {}

    /** A drawn line. */
    record Stroke(Path path, Pen pen, Ink ink) implements Mark {}

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
            Face face,
            double trackingEm,
            Align align,
            double turnDeg,
            Ink ink)
            implements Mark {
        /** The line as it is set. */
        public TypeLine set() {
            return TypeLine.of(face, text, trackingEm);
        }

        /** The width of the line, in paper mm. */
        public double widthMm() {
            return face.widthMm(text, capHeightMm, trackingEm);
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

    /** A grey picture stretched over a box, meant to be multiplied. */
    record Picture(Grey grey, Box where) implements Mark {}

    /** Marks seen only inside a path. */
    record Clip(Path path, List<Mark> inside) implements Mark {
        /** Freezes the list. */
        public Clip {
            inside = List.copyOf(inside);
        }
    }
}
