package honeylamp.body;

import honeylamp.geometry.Affine;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.ElementId;
import honeylamp.plan.Showing;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * Something that stands or lies in space.
 *
 * @param kind shown and hidden with
 * @param of what it is a body of; empty for floors, slabs and other parts of the whole
 * @param facets its surface, looking outwards
 * @param lines fine lines drawn on it
 */
public record Body(Showing.Kind kind, Optional<ElementId> of, List<Facet> facets, List<Line> lines) {
    /** A fine line from point to point. */
    public record Line(List<SpacePoint> points) {
        public Line {
            points = List.copyOf(points);
        }

        private Line through(UnaryOperator<SpacePoint> to) {
            return new Line(points.stream().map(to).toList());
        }
    }

    public Body {
        facets = List.copyOf(facets);
        lines = List.copyOf(lines);
    }

    /** A body without lines on it. */
    public Body(Showing.Kind kind, Optional<ElementId> of, List<Facet> facets) {
        this(kind, of, facets, List.of());
    }

    /** The same so much higher. */
    public Body raised(double byMm) {
        if (byMm == 0) {
            return this;
        }
        var up = SpacePoint.UP.times(byMm);
        return new Body(
                kind,
                of,
                facets.stream().map(f -> f.raised(up)).toList(),
                lines.stream().map(l -> l.through(p -> p.plus(up))).toList());
    }

    /**
     * The same elsewhere in the plan.
     *
     * @param to shifts and turns only
     */
    public Body moved(Affine to) {
        return new Body(
                kind,
                of,
                facets.stream().map(f -> f.moved(to)).toList(),
                lines.stream()
                        .map(l -> l.through(p -> SpacePoint.of(to.apply(p.plan()), p.z())))
                        .toList());
    }
}
