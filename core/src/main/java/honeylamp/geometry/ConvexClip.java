package honeylamp.geometry;

import java.util.ArrayList;
import java.util.List;

/** Cuts any ring by a convex one; far quicker than a general overlay where one side is a tile. */
public final class ConvexClip {
    private ConvexClip() {}

    /**
     * The part of {@code subject} inside the convex, counter-clockwise {@code window}; empty if none.
     * Where a hollow subject falls apart, its parts hang together by edges of no width, so the area is
     * still right.
     *
     * @see "Sutherland and Hodgman, Reentrant Polygon Clipping, CACM 17(1), 1974"
     */
    public static List<Point> clip(List<Point> subject, List<Point> window) {
        var current = subject;
        for (int i = 0, j = window.size() - 1; i < window.size() && !current.isEmpty(); j = i++) {
            current = keepLeft(current, window.get(j), window.get(i));
        }
        return current;
    }

    private static List<Point> keepLeft(List<Point> subject, Point a, Point b) {
        var out = new ArrayList<Point>(subject.size() + 4);
        var edge = b.minus(a);
        var previous = subject.getLast();
        var previousSide = edge.cross(previous.minus(a));
        for (var p : subject) {
            var side = edge.cross(p.minus(a));
            if (side >= 0 != previousSide >= 0) {
                out.add(previous.towards(p, previousSide / (previousSide - side)));
            }
            if (side >= 0) {
                out.add(p);
            }
            previous = p;
            previousSide = side;
        }
        return out;
    }
}
