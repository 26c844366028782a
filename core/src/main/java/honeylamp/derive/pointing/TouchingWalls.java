package honeylamp.derive.pointing;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Structure;
import java.util.Optional;

/** Where a fixed part stands when its sides are put against walls that are near and run alike. */
public final class TouchingWalls {
    /** The sine of the largest angle at which a face still runs along a side: half a degree. */
    private static final double ALIKE = 0.0087;

    private TouchingWalls() {}

    /**
     * The shift that puts each side of the part that has a wall within reach onto that wall's face, at most one
     * across and one along; empty if no wall is near.
     */
    public static Optional<Point> shift(StoreyGeometry geometry, Structure part, double reachMm) {
        Optional<Point> across = Optional.empty();
        Optional<Point> along = Optional.empty();
        var edges = part.footprint().edges();
        for (var i = 0; i < edges.size(); i++) {
            var found = nearest(geometry, edges.get(i), reachMm);
            if (i % 2 == 0) {
                along = nearer(along, found);
            } else {
                across = nearer(across, found);
            }
        }
        return along.isEmpty() && across.isEmpty()
                ? Optional.empty()
                : Optional.of(along.orElse(Point.ORIGIN).plus(across.orElse(Point.ORIGIN)));
    }

    private static Optional<Point> nearer(Optional<Point> a, Optional<Point> b) {
        return b.isEmpty() || a.isPresent() && a.get().length() <= b.get().length() ? a : b;
    }

    /** The shift square to a side that lays it on the nearest face that runs alike and lies beside it. */
    private static Optional<Point> nearest(StoreyGeometry geometry, Segment side, double reachMm) {
        var out = side.unit().left();
        Optional<Point> best = Optional.empty();
        for (var piece : geometry.network().near(side.middle(), side.length() / 2 + reachMm)) {
            for (var curve : piece.faces()) {
                if (curve instanceof Segment face
                        && face.length() > 1
                        && Math.abs(face.unit().cross(side.unit())) < ALIKE
                        && overlaps(face, side)) {
                    var off = face.a().minus(side.a()).dot(out);
                    if (Math.abs(off) <= reachMm) {
                        best = nearer(best, Optional.of(out.times(off)));
                    }
                }
            }
        }
        return best;
    }

    private static boolean overlaps(Segment face, Segment side) {
        var a = side.along(face.a());
        var b = side.along(face.b());
        return Math.min(side.length(), Math.max(a, b)) - Math.max(0, Math.min(a, b)) > 1;
    }
}
