package honeylamp.body;

import honeylamp.geometry.HalfPlane;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import java.util.List;
import java.util.Optional;

/**
 * What lies behind a plumb plane, no deeper than one looks.
 *
 * @param line the foot of the plane, from left to right as one looks
 * @param depthMm so far behind it things are seen
 */
record Deep(Segment line, double depthMm) {
    private static final double ASIDE_MM = 0.5;

    /** The plane, which looks to the eye. */
    Flat face() {
        return Flat.plumb(line.a(), 0, line.unit());
    }

    /** How far behind the plane a point of the plan lies. */
    double of(Point p) {
        return p.minus(line.a()).dot(line.unit().left());
    }

    /** What of a body lies there; empty if nothing does. */
    Optional<Body> kept(Body body) {
        var facets = body.facets().stream().flatMap(f -> kept(f).stream()).toList();
        var lines = body.lines().stream()
                .filter(l -> l.points().stream().mapToDouble(p -> of(p.plan())).allMatch(d -> d > 0 && d < depthMm))
                .toList();
        return facets.isEmpty() ? Optional.empty() : Optional.of(new Body(body.kind(), body.of(), facets, lines));
    }

    /** Where the plane cuts a body, dark; empty if it does not. */
    Optional<Body> cut(Body body) {
        var cut = Sliced.of(body, face()).stream()
                .map(o -> new Facet(face(), Prism.oriented(o), Skin.cut()))
                .toList();
        return cut.isEmpty() ? Optional.empty() : Optional.of(new Body(body.kind(), body.of(), cut));
    }

    private List<Facet> kept(Facet facet) {
        var least = Double.POSITIVE_INFINITY;
        var most = Double.NEGATIVE_INFINITY;
        for (var p : facet.outline().shell().corners()) {
            var deep = of(facet.flat().at(p).plan());
            least = Math.min(least, deep);
            most = Math.max(most, deep);
        }
        if (most < ASIDE_MM || least > depthMm - ASIDE_MM) {
            return List.of();
        }
        if (least >= 0 && most <= depthMm) {
            return List.of(facet);
        }
        var box = facet.outline().bounds().grown(1);
        var there = HalfPlane.of(box, p -> of(facet.flat().at(p).plan()))
                .map(half -> Regions.intersection(List.of(facet.outline()), List.of(Outline.of(half))))
                .orElse(List.of());
        var near = HalfPlane.of(box, p -> depthMm - of(facet.flat().at(p).plan()))
                .map(half -> Regions.intersection(there, List.of(Outline.of(half))))
                .orElse(List.of());
        return near.stream()
                .map(o -> new Facet(facet.flat(), Prism.oriented(o), facet.skin(), facet.rank(), facet.of()))
                .toList();
    }
}
