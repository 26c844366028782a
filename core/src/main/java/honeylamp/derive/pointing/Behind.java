package honeylamp.derive.pointing;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Furnishing;
import java.util.OptionalDouble;

/** What lies behind a piece. */
public final class Behind {
    /** A face turned from the piece's back by a greater sine is not the one it stands against: 5 degrees. */
    private static final double ASKEW_SINE = Math.sin(Math.toRadians(5));

    private Behind() {}

    /**
     * How far the middle of a piece's back stands off the wall face behind it, in mm; empty if no face that runs
     * along its back lies that far off, or another piece stands between.
     */
    public static OptionalDouble gapMm(StoreyGeometry geometry, Furnishing piece, double leastMm, double mostMm) {
        var out = Point.direction(piece.turnDeg() + 90);
        var back = piece.at().point().plus(out.times(piece.depth().mm() / 2));
        var ray = new Segment(back, back.plus(out.times(mostMm)));
        var gap = geometry.roomAt(piece.at().point()).stream()
                .flatMap(room -> room.outline().rings())
                .flatMap(ring -> ring.edges().stream())
                .filter(face -> face.length() > 1 && Math.abs(face.unit().dot(out)) < ASKEW_SINE)
                .filter(face -> face.offset(ray.a()) * face.offset(ray.b()) <= 0)
                .mapToDouble(face -> gap(face, back, out))
                .filter(d -> d <= mostMm)
                .min();
        return gap.isPresent() && gap.getAsDouble() >= leastMm && isFree(geometry, piece, back, out, gap.getAsDouble())
                ? gap
                : OptionalDouble.empty();
    }

    /** Along the ray to a face that it meets between its ends; infinite where it passes it by. */
    private static double gap(Segment face, Point back, Point out) {
        var distance = -face.offset(back) / face.unit().cross(out);
        var met = face.along(back.plus(out.times(distance)));
        return met >= 0 && met <= face.length() ? distance : Double.POSITIVE_INFINITY;
    }

    private static boolean isFree(StoreyGeometry geometry, Furnishing piece, Point back, Point out, double gap) {
        var between = back.plus(out.times(gap / 2));
        return geometry.storey().furnishings().stream()
                .filter(other -> !other.id().equals(piece.id()))
                .noneMatch(other -> Picking.footprint(other).contains(between));
    }
}
