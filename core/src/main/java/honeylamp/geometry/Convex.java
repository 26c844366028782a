package honeylamp.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A convex surface: what lies all within it or all beside it is told by its edges alone. */
public final class Convex {
    /** A corner that bends back by less, in mm² of the edges beside it, is straight. */
    private static final double STRAIGHT_MM2 = 1e-6;

    private static final double SAME_MM = 1e-6;

    private final List<Point> corners;

    private Convex(List<Point> corners) {
        this.corners = corners;
    }

    /** A surface as a convex one; empty if it is not. */
    public static Optional<Convex> of(Outline outline) {
        if (!outline.holes().isEmpty()) {
            return Optional.empty();
        }
        var corners = apart(outline.shell().counterClockwise().corners());
        if (corners.size() < 3) {
            return Optional.empty();
        }
        var turned = 0.0;
        for (var i = 0; i < corners.size(); i++) {
            var in = corners.get((i + 1) % corners.size()).minus(corners.get(i));
            var out = corners.get((i + 2) % corners.size()).minus(corners.get((i + 1) % corners.size()));
            if (in.cross(out) < -STRAIGHT_MM2) {
                return Optional.empty();
            }
            turned += Math.atan2(in.cross(out), in.dot(out));
        }
        // one that goes round twice bends one way too
        return turned < 3 * Math.PI ? Optional.of(new Convex(corners)) : Optional.empty();
    }

    /** Corners without those that lie on the one before: what lies beside an edge of no length nobody can say. */
    private static List<Point> apart(List<Point> corners) {
        var out = new ArrayList<Point>(corners.size());
        for (var i = 0; i < corners.size(); i++) {
            if (corners.get(i).distance(corners.get((i + 1) % corners.size())) > SAME_MM) {
                out.add(corners.get(i));
            }
        }
        return out;
    }

    /** Whether some edge has a ring all on its outer side; one that lies apart may still say no. */
    public boolean isApart(Ring ring) {
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            if (isBeside(ring, corners.get(j), corners.get(i), -1)) {
                return true;
            }
        }
        return false;
    }

    /** Whether it holds all of a ring. */
    public boolean holds(Ring ring) {
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            if (!isBeside(ring, corners.get(j), corners.get(i), 1)) {
                return false;
            }
        }
        return true;
    }

    private static boolean isBeside(Ring ring, Point a, Point b, int side) {
        var x = b.x() - a.x();
        var y = b.y() - a.y();
        for (var p : ring.corners()) {
            if (side * (x * (p.y() - a.y()) - y * (p.x() - a.x())) < 0) {
                return false;
            }
        }
        return true;
    }

    /** What of it lies in another convex ring that goes round counter-clockwise; empty if nothing. */
    public Optional<Outline> within(Ring window) {
        var left =
                ConvexClip.clip(corners, window.corners()).stream().distinct().toList();
        return left.size() < 3 ? Optional.empty() : Optional.of(Outline.of(new Ring(left)));
    }
}
