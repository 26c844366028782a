package honeylamp.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * A part of a circle between two points.
 *
 * @param sweep from {@code a} to {@code b} in radians, positive counter-clockwise, less than a full turn
 */
public record Arc(Point a, Point b, Point centre, double sweep) implements Curve {
    private static final double TURN = 2 * Math.PI;

    /** A radius never gets smaller than this, in mm. */
    private static final double LEAST_RADIUS = 1e-3;

    /**
     * The arc between two points with a given rise over its chord.
     *
     * @param sagittaMm positive to the left of the chord; not zero
     * @see "With chord c and sagitta s: radius = (c²/4 + s²) / 2s, half angle = 2·atan(2s/c)"
     */
    static Arc of(Point a, Point b, double sagittaMm) {
        var chord = new Segment(a, b);
        var c = chord.length();
        var toCentre = (sagittaMm * sagittaMm - c * c / 4) / (2 * sagittaMm);
        var centre = chord.middle().plus(chord.unit().left().times(toCentre));
        return new Arc(a, b, centre, -4 * Math.atan(2 * sagittaMm / c));
    }

    /** The arc from one point to another through a third; straight if they are in line. */
    public static Curve through(Point a, Point middle, Point b) {
        return Curve.of(a, b, sagitta(a, middle, b));
    }

    /**
     * The rise over the chord from {@code a} to {@code b} of the circle through three points, positive to the
     * left; zero if they are in line to a thousandth of a millimetre.
     */
    public static double sagitta(Point a, Point on, Point b) {
        var chord = new Segment(a, b);
        var height = chord.offset(on);
        if (chord.length() == 0 || Math.abs(height) < 1e-3) {
            return 0;
        }
        // the angle under which the chord is seen is the same all along the arc: half of what it subtends
        var seen =
                Math.atan2(Math.abs(b.minus(on).cross(a.minus(on))), b.minus(on).dot(a.minus(on)));
        return Math.signum(height) * chord.length() / 2 * Math.tan((Math.PI - seen) / 2);
    }

    /**
     * The rise of the shorter arc of a radius over a chord so long.
     *
     * @throws IllegalArgumentException if the radius does not reach over half the chord
     */
    public static double rise(double radiusMm, double chordMm) {
        var half = chordMm / 2;
        if (!(radiusMm >= half)) {
            throw new IllegalArgumentException("a radius of " + radiusMm + " does not reach over " + half);
        }
        return radiusMm - Math.sqrt(radiusMm * radiusMm - half * half);
    }

    public double radius() {
        return centre.distance(a);
    }

    @Override
    public double length() {
        return Math.abs(sweep) * radius();
    }

    private double sense() {
        return Math.signum(sweep);
    }

    @Override
    public Point at(double mm) {
        if (mm == 0) {
            return a;
        }
        return centre.plus(turned(a.minus(centre), sense() * mm / radius()));
    }

    private static Point turned(Point shift, double angle) {
        var cos = Math.cos(angle);
        var sin = Math.sin(angle);
        return new Point(shift.x() * cos - shift.y() * sin, shift.x() * sin + shift.y() * cos);
    }

    @Override
    public Point unitAt(double mm) {
        return at(mm).minus(centre).unit().left().times(sense());
    }

    @Override
    public double along(Point p) {
        var from = a.minus(centre);
        var to = p.minus(centre);
        var angle = sense() * Math.atan2(from.cross(to), from.dot(to));
        var spare = TURN - Math.abs(sweep);
        while (angle < -spare / 2) {
            angle += TURN;
        }
        return angle * radius();
    }

    @Override
    public double offset(Point p) {
        return sense() * (radius() - centre.distance(p));
    }

    @Override
    public Point nearest(Point p) {
        var mm = along(p);
        return mm <= 0 ? a : mm >= length() ? b : at(mm);
    }

    @Override
    public Arc reversed() {
        return new Arc(b, a, centre, -sweep);
    }

    @Override
    public Arc shiftedLeft(double mm) {
        var radius = Math.max(LEAST_RADIUS, radius() - sense() * mm);
        return new Arc(
                centre.plus(a.minus(centre).unit().times(radius)),
                centre.plus(b.minus(centre).unit().times(radius)),
                centre,
                sweep);
    }

    @Override
    public Arc part(double fromMm, double toMm) {
        return new Arc(at(fromMm), at(toMm), centre, sense() * (toMm - fromMm) / radius());
    }

    @Override
    public List<Point> between(double errorMm) {
        var chords = chords(errorMm);
        var out = new ArrayList<Point>();
        for (var i = 1; i < chords; i++) {
            out.add(at(length() * i / chords));
        }
        return out;
    }

    private int chords(double errorMm) {
        var step = 2 * Math.acos(Math.max(0, 1 - errorMm / radius()));
        return (int) Math.max(1, Math.ceil(Math.abs(sweep) / step));
    }

    @Override
    public double areaBeyondChords(double errorMm) {
        var chords = chords(errorMm);
        return radius() * radius() / 2 * (sweep - chords * Math.sin(sweep / chords));
    }

    @Override
    public Box bounds() {
        var r = radius();
        var points = new ArrayList<>(List.of(a, b));
        for (var way : List.of(new Point(r, 0), new Point(0, r), new Point(-r, 0), new Point(0, -r))) {
            var extreme = centre.plus(way);
            if (holds(extreme)) {
                points.add(extreme);
            }
        }
        return Box.around(points);
    }
}
