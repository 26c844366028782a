package honeylamp.derive.pointing;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.Optional;

/**
 * A length that is shown, level or plumb, between two places of a storey.
 *
 * @param fromMm the coordinate where it begins, in plan mm
 * @param toMm the coordinate where it ends, larger
 * @param line where it is shown, from its beginning to its end, in plan mm
 */
public record ShownLength(Axis axis, double fromMm, double toMm, Segment line) {
    private static final double LEVEL_MM = 0.5;

    /** Which way a length runs. */
    public enum Axis {
        /** East. */
        ACROSS,
        /** North. */
        UP;

        /** The coordinate along it. */
        public double of(Point p) {
            return this == ACROSS ? p.x() : p.y();
        }

        /** A shift along it. */
        public Point shift(double mm) {
            return this == ACROSS ? new Point(mm, 0) : new Point(0, mm);
        }
    }

    /** The length between two points, shown along a line beside them; empty if they lie neither level nor plumb. */
    public static Optional<ShownLength> between(Point a, Point b, Segment line) {
        var way = b.minus(a);
        if (Math.min(Math.abs(way.x()), Math.abs(way.y())) > LEVEL_MM) {
            return Optional.empty();
        }
        var axis = Math.abs(way.x()) >= Math.abs(way.y()) ? Axis.ACROSS : Axis.UP;
        var forward = axis.of(a) <= axis.of(b);
        return Optional.of(new ShownLength(
                axis,
                Math.min(axis.of(a), axis.of(b)),
                Math.max(axis.of(a), axis.of(b)),
                forward ? line : line.reversed()));
    }

    /** How long it is, in mm. */
    public double lengthMm() {
        return toMm - fromMm;
    }
}
