package honeylamp.geometry;

import java.util.List;

/**
 * A plane seen at a slant: x' = (a·x + b·y + c) / w and y' = (d·x + e·y + f) / w with w = g·x + h·y + i.
 * Straight lines stay straight. Every {@link Affine} is one with g = h = 0.
 */
public record Projective(double a, double b, double c, double d, double e, double f, double g, double h, double i) {
    /** Leaves points where they are. */
    public static final Projective IDENTITY = of(Affine.IDENTITY);

    /** The same transform. */
    public static Projective of(Affine t) {
        return new Projective(t.a(), t.c(), t.e(), t.b(), t.d(), t.f(), 0, 0, 1);
    }

    /**
     * The one transform that takes four corners to four others, in their order.
     *
     * @throws IllegalArgumentException if three of the corners of either four lie on a line
     */
    public static Projective between(List<Point> from, List<Point> to) {
        return fromUnitSquare(from).inverse().then(fromUnitSquare(to));
    }

    /**
     * From the corners (0,0), (1,0), (1,1), (0,1) to four corners.
     *
     * @see "P. Heckbert, Fundamentals of Texture Mapping and Image Warping, 1989, section 2.2.3"
     */
    private static Projective fromUnitSquare(List<Point> q) {
        if (q.size() != 4) {
            throw new IllegalArgumentException("a slant is told by 4 corners, not " + q.size());
        }
        for (var k = 0; k < 4; k++) {
            var p = q.get(k);
            var corner = q.get((k + 1) % 4).minus(p).cross(q.get((k + 2) % 4).minus(p));
            if (!(Math.abs(corner) > 1e-9)) {
                throw new IllegalArgumentException("three of the four corners lie on a line");
            }
        }
        var p0 = q.get(0);
        var p1 = q.get(1);
        var p2 = q.get(2);
        var p3 = q.get(3);
        var d1 = p1.minus(p2);
        var d2 = p3.minus(p2);
        var s = p0.minus(p1).plus(p2.minus(p3));
        var det = d1.cross(d2);
        var g = s.cross(d2) / det;
        var h = d1.cross(s) / det;
        return new Projective(
                p1.x() - p0.x() + g * p1.x(),
                p3.x() - p0.x() + h * p3.x(),
                p0.x(),
                p1.y() - p0.y() + g * p1.y(),
                p3.y() - p0.y() + h * p3.y(),
                p0.y(),
                g,
                h,
                1);
    }

    /** This transform first, then the other. */
    public Projective then(Projective o) {
        return new Projective(
                o.a * a + o.b * d + o.c * g,
                o.a * b + o.b * e + o.c * h,
                o.a * c + o.b * f + o.c * i,
                o.d * a + o.e * d + o.f * g,
                o.d * b + o.e * e + o.f * h,
                o.d * c + o.e * f + o.f * i,
                o.g * a + o.h * d + o.i * g,
                o.g * b + o.h * e + o.i * h,
                o.g * c + o.h * f + o.i * i);
    }

    /** This transform first, then the other. */
    public Projective then(Affine o) {
        return then(of(o));
    }

    /** The point seen through this transform. */
    public Point apply(Point p) {
        var w = depth(p);
        return new Point((a * p.x() + b * p.y() + c) / w, (d * p.x() + e * p.y() + f) / w);
    }

    /** Of one sign on the side of the horizon that is seen; zero on the horizon. */
    public double depth(Point p) {
        return g * p.x() + h * p.y() + i;
    }

    /**
     * The way back.
     *
     * @throws IllegalArgumentException if this transform flattens the plane
     */
    public Projective inverse() {
        var det = a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
        if (!(Math.abs(det) > 1e-300)) {
            throw new IllegalArgumentException("a flattening transform has no way back");
        }
        return new Projective(
                (e * i - f * h) / det,
                (c * h - b * i) / det,
                (b * f - c * e) / det,
                (f * g - d * i) / det,
                (a * i - c * g) / det,
                (c * d - a * f) / det,
                (d * h - e * g) / det,
                (b * g - a * h) / det,
                (a * e - b * d) / det);
    }

    /** The affine transform that is nearest around a point. */
    public Affine near(Point p) {
        var w = depth(p);
        var q = apply(p);
        var xx = (a - g * q.x()) / w;
        var xy = (d - g * q.y()) / w;
        var yx = (b - h * q.x()) / w;
        var yy = (e - h * q.y()) / w;
        return new Affine(xx, xy, yx, yy, q.x() - xx * p.x() - yx * p.y(), q.y() - xy * p.x() - yy * p.y());
    }
}
