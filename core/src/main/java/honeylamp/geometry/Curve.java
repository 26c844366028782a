package honeylamp.geometry;

import java.util.List;

/** A straight line or an arc between two points, with a direction: the drawn line of a wall, or its face. */
public sealed interface Curve permits Segment, Arc {
    /**
     * The line between two points that rises so far above its chord.
     *
     * @param sagittaMm the rise of the middle to the left of the chord; zero for a straight line, negative
     *     to the right
     */
    static Curve of(Point a, Point b, double sagittaMm) {
        return sagittaMm == 0 ? new Segment(a, b) : Arc.of(a, b, sagittaMm);
    }

    Point a();

    Point b();

    double length();

    /** The point so many mm from {@code a}, measured along it; may lie beyond its ends. */
    Point at(double mm);

    /** Its direction at length one, so many mm from {@code a}. */
    Point unitAt(double mm);

    /** The distance of the foot of {@code p} from {@code a}, along it; may lie outside the ends. */
    double along(Point p);

    /** The signed distance of {@code p} from the line carried on, positive on the left. */
    double offset(Point p);

    /** The nearest point on it. */
    Point nearest(Point p);

    /** The same line the other way. */
    Curve reversed();

    /** The parallel line so many mm to the left. */
    Curve shiftedLeft(double mm);

    /** The part between two distances from {@code a}; distances may lie beyond the ends. */
    Curve part(double fromMm, double toMm);

    /**
     * Points strictly between the ends, in order, so that the chords stray from the line by no more than
     * {@code errorMm}; none for a straight line.
     */
    List<Point> between(double errorMm);

    /**
     * What a shoelace sum over the chords through {@link #between} lacks, in mm²: the signed area between
     * them and the line, positive where the line turns counter-clockwise.
     */
    double areaBeyondChords(double errorMm);

    default Point middle() {
        return at(length() / 2);
    }

    /** The straight line between its ends. */
    default Segment chord() {
        return new Segment(a(), b());
    }

    /** The distance from it to a point. */
    default double distance(Point p) {
        return nearest(p).distance(p);
    }

    /** Where two lines cross, ends included. */
    default List<Point> crossings(Curve o) {
        return Crossings.of(this, o).stream()
                .filter(p -> holds(p) && o.holds(p))
                .toList();
    }

    /** Where two lines cross, both carried on beyond their ends: straight on, or round the circle. */
    default List<Point> carriedCrossings(Curve o) {
        return Crossings.of(this, o);
    }

    /** Whether a point of the line carried on lies between its ends, ends included. */
    default boolean holds(Point p) {
        var t = along(p);
        return t >= -Crossings.ON_MM && t <= length() + Crossings.ON_MM;
    }

    /** The box around it. */
    Box bounds();
}
