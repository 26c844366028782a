package honeylamp.plan;

import honeylamp.geometry.Point;
import honeylamp.units.Length;

/** A stored point in plan space: x east, y north, both whole nanometres, so equal means the same spot. */
public record Position(Length x, Length y) {
    /** The origin of the plan. */
    public static final Position ORIGIN = new Position(Length.ZERO, Length.ZERO);

    /** The position of so many mm east and north, rounded to a nanometre. */
    public static Position ofMm(double x, double y) {
        return new Position(Length.ofMm(x), Length.ofMm(y));
    }

    /** The position nearest to a point in plan mm. */
    public static Position of(Point point) {
        return ofMm(point.x(), point.y());
    }

    /** This position in plan mm, for derived geometry. */
    public Point point() {
        return new Point(x.mm(), y.mm());
    }

    /** This position moved by two lengths. */
    public Position moved(Length dx, Length dy) {
        return new Position(x.plus(dx), y.plus(dy));
    }
}
