package honeylamp.geometry;

/** A point or a shift in the plane, in millimetres. */
public record Point(double x, double y) {
    /** The origin, or no shift. */
    public static final Point ORIGIN = new Point(0, 0);

    /** The unit shift in a direction in degrees, counter-clockwise from east. */
    public static Point direction(double angleDeg) {
        var quarter = angleDeg / 90;
        if (quarter == Math.rint(quarter)) { // exact on the axes
            return switch ((int) Math.floorMod((long) quarter, 4L)) {
                case 0 -> new Point(1, 0);
                case 1 -> new Point(0, 1);
                case 2 -> new Point(-1, 0);
                default -> new Point(0, -1);
            };
        }
        var angle = Math.toRadians(angleDeg);
        return new Point(Math.cos(angle), Math.sin(angle));
    }

    /** This point moved by a shift. */
    public Point plus(Point shift) {
        return new Point(x + shift.x, y + shift.y);
    }

    /** The shift from the other point to this one. */
    public Point minus(Point other) {
        return new Point(x - other.x, y - other.y);
    }

    /** This shift times a number. */
    public Point times(double factor) {
        return new Point(x * factor, y * factor);
    }

    /** The dot product. */
    public double dot(Point o) {
        return x * o.x + y * o.y;
    }

    /** The cross product: positive if {@code o} lies counter-clockwise of this shift. */
    public double cross(Point o) {
        return x * o.y - y * o.x;
    }

    /** The length of this shift. */
    public double length() {
        return Math.hypot(x, y);
    }

    /** The distance to the other point. */
    public double distance(Point o) {
        return Math.hypot(x - o.x, y - o.y);
    }

    /**
     * This shift at length one.
     *
     * @throws IllegalArgumentException if it has no length
     */
    public Point unit() {
        var length = length();
        if (!(length > 0)) {
            throw new IllegalArgumentException("a shift of length " + length + " has no direction");
        }
        return new Point(x / length, y / length);
    }

    /** This shift turned a quarter counter-clockwise. */
    public Point left() {
        return new Point(-y, x);
    }

    /** The direction of this shift in degrees, from 0 up to but not including 360. */
    public double angleDeg() {
        var deg = Math.toDegrees(Math.atan2(y, x));
        return deg < 0 ? deg + 360 : deg;
    }

    /** The point part of the way to another: 0 is here, 1 is there. */
    public Point towards(Point o, double part) {
        return new Point(x + (o.x - x) * part, y + (o.y - y) * part);
    }
}
