package honeylamp.geometry;

import java.util.Optional;

/** A straight line between two points, with a direction. */
public record Segment(Point a, Point b) {
    /** A segment so far to both sides of a point, along a direction of length one. */
    public static Segment through(Point middle, Point unit, double half) {
        return new Segment(middle.minus(unit.times(half)), middle.plus(unit.times(half)));
    }

    /** Its length. */
    public double length() {
        return a.distance(b);
    }

    /** Its direction at length one; throws if both ends are the same. */
    public Point unit() {
        return b.minus(a).unit();
    }

    /** The middle. */
    public Point middle() {
        return a.towards(b, 0.5);
    }

    /** The distance of the foot of {@code p} from {@code a}, along the line; may lie outside the ends. */
    public double along(Point p) {
        return p.minus(a).dot(unit());
    }

    /** The signed distance of {@code p} from the endless line, positive on the left. */
    public double offset(Point p) {
        return unit().cross(p.minus(a));
    }

    /** The point so many mm from {@code a}. */
    public Point at(double mm) {
        return a.plus(unit().times(mm));
    }

    /** The nearest point on the segment. */
    public Point nearest(Point p) {
        var length = length();
        return length == 0 ? a : at(Math.clamp(along(p), 0, length));
    }

    /** The distance from the segment to a point. */
    public double distance(Point p) {
        return nearest(p).distance(p);
    }

    /** Where the endless lines cross; empty if they are parallel to within 0.01 degrees. */
    public Optional<Point> lineCrossing(Segment o) {
        var u = unit();
        var v = o.unit();
        var sine = u.cross(v);
        if (Math.abs(sine) < 1.75e-4) {
            return Optional.empty();
        }
        return Optional.of(a.plus(u.times(o.a.minus(a).cross(v) / sine)));
    }

    /** Where the segments cross, ends included. */
    public Optional<Point> crossing(Segment o) {
        return lineCrossing(o).filter(p -> within(p) && o.within(p));
    }

    /** Whether the segments share a point, parallel ones included; by the signs of four triangles. */
    public boolean touches(Segment o) {
        var d1 = b.minus(a).cross(o.a.minus(a));
        var d2 = b.minus(a).cross(o.b.minus(a));
        var d3 = o.b.minus(o.a).cross(a.minus(o.a));
        var d4 = o.b.minus(o.a).cross(b.minus(o.a));
        if (d1 == 0 && d2 == 0) {
            return Box.around(java.util.List.of(a, b)).meets(Box.around(java.util.List.of(o.a, o.b)));
        }
        return d1 * d2 <= 0 && d3 * d4 <= 0;
    }

    private boolean within(Point p) {
        var t = along(p);
        return t >= -1e-6 && t <= length() + 1e-6;
    }

    /** The same line the other way. */
    public Segment reversed() {
        return new Segment(b, a);
    }

    /** The parallel line so many mm to the left. */
    public Segment shiftedLeft(double mm) {
        var shift = unit().left().times(mm);
        return new Segment(a.plus(shift), b.plus(shift));
    }
}
