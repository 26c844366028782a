package honeylamp.derive.fixed;

import honeylamp.derive.fixed.FixedParts.End;
import honeylamp.derive.fixed.FixedParts.Flights;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.Optional;

/**
 * A place on the steps of a stair.
 *
 * @param alongMm so far along its walking line from the first riser
 * @param topMm so high above its foot the step is
 */
public record OnStairs(Flights stair, double alongMm, double topMm) {
    /** Where a point of the plan lies on stairs that have an end on a storey; empty beside them. */
    public static Optional<OnStairs> at(FixedParts parts, End seen, Point p) {
        return parts.stairs().stream()
                .filter(s -> s.seen() == seen)
                .flatMap(s -> s.steps().treads().stream()
                        .filter(t -> t.outline().contains(p))
                        .map(t -> new OnStairs(s, along(s.steps(), p), t.topMm())))
                .findFirst();
    }

    /** How high above the floor of a storey one stands at a point: on a stair that leads up from it, or on the floor. */
    public static double floorMm(FixedParts parts, Point p) {
        return at(parts, End.FOOT, p).map(OnStairs::topMm).orElse(0.0);
    }

    private static double along(StairSteps steps, Point p) {
        var line = steps.walkingLine();
        var least = Double.POSITIVE_INFINITY;
        var out = 0.0;
        var before = 0.0;
        for (var i = 0; i + 1 < line.size(); i++) {
            var piece = new Segment(line.get(i), line.get(i + 1));
            var near = piece.nearest(p);
            if (near.distance(p) < least) {
                least = near.distance(p);
                out = before + piece.along(near);
            }
            before += piece.length();
        }
        return Math.clamp(out, 0, steps.walkMm());
    }
}
