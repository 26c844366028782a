package honeylamp.derive.pointing;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.Optional;

/**
 * A length that is shown between two places of a storey.
 *
 * @param fromMm the coordinate where it begins, in plan mm
 * @param toMm the coordinate where it ends, larger
 * @param line where it is shown, from its beginning to its end, in plan mm
 */
public record ShownLength(Axis axis, double fromMm, double toMm, Segment line) {
    private static final double LEVEL_MM = 0.5;

    /**
     * Which way a length runs.
     *
     * @param unit of length one, to the east, or north if it runs neither east nor west
     */
    public record Axis(Point unit) {
        /** East. */
        public static final Axis ACROSS = new Axis(new Point(1, 0));

        /** North. */
        public static final Axis UP = new Axis(new Point(0, 1));

        /** The way from one point to another, or back. */
        static Axis along(Point way) {
            if (Math.min(Math.abs(way.x()), Math.abs(way.y())) <= LEVEL_MM) {
                return Math.abs(way.x()) >= Math.abs(way.y()) ? ACROSS : UP;
            }
            return new Axis(way.x() < 0 ? way.unit().times(-1) : way.unit());
        }

        /** Whether it is neither level nor plumb. */
        public boolean isSlanted() {
            return !equals(ACROSS) && !equals(UP);
        }

        /** The coordinate along it. */
        public double of(Point p) {
            return p.dot(unit);
        }

        /** A shift along it. */
        public Point shift(double mm) {
            return unit.times(mm);
        }
    }

    /** The length between two points, shown along a line beside them; empty if they are one. */
    public static Optional<ShownLength> between(Point a, Point b, Segment line) {
        if (a.distance(b) <= LEVEL_MM) {
            return Optional.empty();
        }
        var axis = Axis.along(b.minus(a));
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
