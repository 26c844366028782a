package honeylamp.geometry.space;

import honeylamp.geometry.Point;

/** A point in space, or a shift there, in mm: x east, y north, z up. */
public record SpacePoint(double x, double y, double z) {
    /** Straight up, at length one. */
    public static final SpacePoint UP = new SpacePoint(0, 0, 1);

    /** A point of the plan at a height. */
    public static SpacePoint of(Point plan, double z) {
        return new SpacePoint(plan.x(), plan.y(), z);
    }

    /** The point shifted. */
    public SpacePoint plus(SpacePoint shift) {
        return new SpacePoint(x + shift.x, y + shift.y, z + shift.z);
    }

    /** The shift from another point to this one. */
    public SpacePoint minus(SpacePoint other) {
        return new SpacePoint(x - other.x, y - other.y, z - other.z);
    }

    /** The shift made so many times as long. */
    public SpacePoint times(double factor) {
        return new SpacePoint(x * factor, y * factor, z * factor);
    }

    /** The scalar product. */
    public double dot(SpacePoint o) {
        return x * o.x + y * o.y + z * o.z;
    }

    /** The vector product. */
    public SpacePoint cross(SpacePoint o) {
        return new SpacePoint(y * o.z - z * o.y, z * o.x - x * o.z, x * o.y - y * o.x);
    }

    /** The length of the shift. */
    public double length() {
        return Math.sqrt(dot(this));
    }

    /** How far another point is. */
    public double distance(SpacePoint other) {
        return minus(other).length();
    }

    /**
     * The same direction at length one.
     *
     * @throws IllegalArgumentException if it has no length
     */
    public SpacePoint unit() {
        var length = length();
        if (!(length > 0)) {
            throw new IllegalArgumentException("a shift of no length has no direction");
        }
        return times(1 / length);
    }

    /** A point on the way to another, 0 here and 1 there. */
    public SpacePoint towards(SpacePoint o, double part) {
        return new SpacePoint(x + (o.x - x) * part, y + (o.y - y) * part, z + (o.z - z) * part);
    }

    /** Where it lies in the plan. */
    public Point plan() {
        return new Point(x, y);
    }
}
