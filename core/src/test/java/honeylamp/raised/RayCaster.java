package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.geometry.Point;
import honeylamp.geometry.space.SpacePoint;
import java.util.List;
import java.util.Optional;

/** What is seen along one line of sight, by meeting it with every facet one after the other. */
final class RayCaster {
    private final List<Facet> facets;

    RayCaster(List<Body> bodies) {
        this.facets = bodies.stream().flatMap(b -> b.facets().stream()).toList();
    }

    /** A line of sight. */
    record Ray(SpacePoint from, SpacePoint way) {
        /** That of a place in a picture. */
        static Ray of(Projection projection, Point at) {
            return switch (projection) {
                case Projection.Parallel p -> {
                    // solve right·q = x, up·q = y, sight·q = far by Cramer's rule
                    var s = p.sight();
                    var det = p.right().dot(p.up().cross(s));
                    var far = 1e6;
                    var q = p.up().cross(s)
                            .times(at.x())
                            .plus(s.cross(p.right()).times(at.y()))
                            .plus(p.right().cross(p.up()).times(far))
                            .times(1 / det);
                    yield new Ray(q, s.times(-1));
                }
                case Projection.Perspective p ->
                    new Ray(
                            p.eye(),
                            p.forward()
                                    .plus(p.right().times(at.x() / p.focalMm()))
                                    .plus(SpacePoint.UP.times((at.y() - p.raisedMm()) / p.focalMm())));
            };
        }
    }

    /** How far along a ray, in lengths of its way, a facet is met from before. */
    static Optional<Double> meets(Ray ray, Facet facet) {
        var n = facet.normal();
        var towards = n.dot(ray.way);
        if (towards >= -1e-9) {
            return Optional.empty();
        }
        var t = n.dot(facet.flat().origin().minus(ray.from)) / towards;
        var at = facet.flat().of(ray.from.plus(ray.way.times(t)));
        return t > 0 && facet.outline().contains(at) ? Optional.of(t) : Optional.empty();
    }

    /** The facet that is met first. */
    Optional<Facet> first(Ray ray) {
        Optional<Facet> nearest = Optional.empty();
        var least = Double.POSITIVE_INFINITY;
        for (var facet : facets) {
            var t = meets(ray, facet);
            if (t.isPresent() && t.get() < least) {
                least = t.get();
                nearest = Optional.of(facet);
            }
        }
        return nearest;
    }

    /** Whether nothing lies nearer on a ray than a share of it, by more than a little. */
    boolean isFree(Ray ray, double until, double little) {
        return facets.stream()
                .allMatch(f -> meets(ray, f).filter(t -> t < until - little).isEmpty());
    }
}
