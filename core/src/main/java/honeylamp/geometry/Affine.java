package honeylamp.geometry;

/** x' = a·x + c·y + e, y' = b·x + d·y + f: moves, turns, mirrors and scales points. */
public record Affine(double a, double b, double c, double d, double e, double f) {
    /** Leaves points where they are. */
    public static final Affine IDENTITY = new Affine(1, 0, 0, 1, 0, 0);

    /** Moves by a shift. */
    public static Affine move(double dx, double dy) {
        return new Affine(1, 0, 0, 1, dx, dy);
    }

    /** Turns about the origin, counter-clockwise where y points up. */
    public static Affine turn(double angleDeg) {
        var u = Point.direction(angleDeg);
        return new Affine(u.x(), u.y(), -u.y(), u.x(), 0, 0);
    }

    /** Scales about the origin. */
    public static Affine scale(double sx, double sy) {
        return new Affine(sx, 0, 0, sy, 0, 0);
    }

    /**
     * Shows all of a box, where y points up, in the middle of a view where y points down.
     *
     * @param share of the view that the box may fill, 0 to 1
     */
    public static Affine fit(Box box, double width, double height, double share) {
        var scale = share * Math.min(width / box.width(), height / box.height());
        return move(-box.centre().x(), -box.centre().y())
                .then(scale(scale, -scale))
                .then(move(width / 2, height / 2));
    }

    /** This transform first, then the other. */
    public Affine then(Affine o) {
        return new Affine(
                o.a * a + o.c * b,
                o.b * a + o.d * b,
                o.a * c + o.c * d,
                o.b * c + o.d * d,
                o.a * e + o.c * f + o.e,
                o.b * e + o.d * f + o.f);
    }

    /** The point seen through this transform. */
    public Point apply(Point p) {
        return new Point(a * p.x() + c * p.y() + e, b * p.x() + d * p.y() + f);
    }

    /**
     * The way back.
     *
     * @throws IllegalArgumentException if this transform flattens the plane
     */
    public Affine inverse() {
        var det = a * d - b * c;
        if (!(Math.abs(det) > 1e-300)) {
            throw new IllegalArgumentException("a flattening transform has no way back");
        }
        return new Affine(d / det, -b / det, -c / det, a / det, (c * f - d * e) / det, (b * e - a * f) / det);
    }

    /** By how much lengths grow, for transforms without shear. */
    public double lengthScale() {
        return Math.sqrt(Math.abs(a * d - b * c));
    }
}
