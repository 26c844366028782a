package honeylamp.geometry;

import java.util.List;
import java.util.Optional;

/** A straight line between two points, with a direction. */
public record Segment(Point a, Point b) implements Curve {
    /** A segment so far to both sides of a point, along a direction of length one. */
    public static Segment through(Point middle, Point unit, double half) {
        return new Segment(middle.minus(unit.times(half)), middle.plus(unit.times(half)));
    }

    @Override
    public double length() {
        return a.distance(b);
    }

    /** Its direction at length one; throws if both ends are the same. */
    public Point unit() {
        return b.minus(a).unit();
    }

    @Override
    public Point middle() {
        return a.towards(b, 0.5);
    }

    @Override
    public double along(Point p) {
        return p.minus(a).dot(unit());
    }

    @Override
    public double offset(Point p) {
        return unit().cross(p.minus(a));
    }

    @Override
    public Point at(double mm) {
        return a.plus(unit().times(mm));
    }

    @Override
    public Point nearest(Point p) {
        var length = length();
        return length == 0 ? a : at(Math.clamp(along(p), 0, length));
    }

    @Override
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
            return bounds().meets(o.bounds());
        }
        return d1 * d2 <= 0 && d3 * d4 <= 0;
    }

    private boolean within(Point p) {
        var t = along(p);
        return t >= -1e-6 && t <= length() + 1e-6;
    }

    /** The same elsewhere. */
    public Segment moved(Point by) {
        return new Segment(a.plus(by), b.plus(by));
    }

    @Override
    public Segment reversed() {
        return new Segment(b, a);
    }

    @Override
    public Segment shiftedLeft(double mm) {
        return moved(unit().left().times(mm));
    }

    @Override
    public Point unitAt(double mm) {
        return unit();
    }

    @Override
    public Segment part(double fromMm, double toMm) {
        return new Segment(at(fromMm), at(toMm));
    }

    @Override
    public List<Point> between(double errorMm) {
        return List.of();
    }

    @Override
    public double areaBeyondChords(double errorMm) {
        return 0;
    }

    @Override
    public Segment chord() {
        return this;
    }

    @Override
    public Box bounds() {
        return Box.around(List.of(a, b));
    }
}
