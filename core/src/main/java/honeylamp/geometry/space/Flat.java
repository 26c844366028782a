package honeylamp.geometry.space;

import honeylamp.geometry.Point;

/**
 * A plane with a frame of its own: mm along and up from an origin. It looks to the side from which along runs to the right
 * and up rises.
 *
 * @param along of length one
 * @param up of length one, square to along
 */
public record Flat(SpacePoint origin, SpacePoint along, SpacePoint up) {
    private static final double SQUARE = 1e-6;

    /** Refuses a frame whose directions are not square to each other and of length one. */
    public Flat {
        if (!(Math.abs(along.dot(up)) <= SQUARE)
                || !(Math.abs(along.dot(along) - 1) <= SQUARE)
                || !(Math.abs(up.dot(up) - 1) <= SQUARE)) {
            throw new IllegalArgumentException("along " + along + " and up " + up + " are no frame");
        }
    }

    /** The plan at a height, seen from above. */
    public static Flat level(double z) {
        return new Flat(new SpacePoint(0, 0, z), new SpacePoint(1, 0, 0), new SpacePoint(0, 1, 0));
    }

    /** A plumb plane that runs along a direction of the plan, of length one; it looks to the right of that. */
    public static Flat plumb(Point origin, double z, Point along) {
        return new Flat(SpacePoint.of(origin, z), new SpacePoint(along.x(), along.y(), 0), SpacePoint.UP);
    }

    /** Where it looks, at length one. */
    public SpacePoint normal() {
        return along.cross(up);
    }

    /** A point of the plane in space. */
    public SpacePoint at(Point p) {
        return at(p.x(), p.y());
    }

    /** The same. */
    public SpacePoint at(double alongMm, double upMm) {
        return new SpacePoint(
                origin.x() + along.x() * alongMm + up.x() * upMm,
                origin.y() + along.y() * alongMm + up.y() * upMm,
                origin.z() + along.z() * alongMm + up.z() * upMm);
    }

    /** Where the foot of a point lies in it. */
    public Point of(SpacePoint p) {
        var from = p.minus(origin);
        return new Point(from.dot(along), from.dot(up));
    }

    /** How far a point lies before it; less than 0 behind it. */
    public double before(SpacePoint p) {
        return p.minus(origin).dot(normal());
    }

    /** The plane so much farther in the direction in which it looks. */
    public Flat moved(double byMm) {
        return new Flat(origin.plus(normal().times(byMm)), along, up);
    }

    /** The same plane looking to the other side: what lay along lies up. */
    public Flat turnedOver() {
        return new Flat(origin, up, along);
    }
}
