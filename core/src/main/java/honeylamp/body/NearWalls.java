package honeylamp.body;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The outer walls of a storey that stand between it and the eye. */
final class NearWalls {
    private static final double BESIDE_MM = 10;

    /** A face looks to the eye if it is not seen edge on. */
    private static final double LOOKS_TO_EYE = 0.01;

    private final StoreyGeometry geometry;

    NearWalls(StoreyGeometry geometry) {
        this.geometry = geometry;
    }

    /** The ground of the outer walls whose outer faces look to the eye. */
    List<Outline> ground(Point towards) {
        var strips = new ArrayList<Outline>();
        for (var shell : geometry.shells()) {
            var edges = Prism.oriented(shell).shell().edges();
            for (var i = 0; i < edges.size(); i++) {
                if (isNear(edges.get(i), towards)) {
                    var before = edges.get((i + edges.size() - 1) % edges.size());
                    var after = edges.get((i + 1) % edges.size());
                    strips.add(strip(edges.get(i), isNear(before, towards), isNear(after, towards)));
                }
            }
        }
        return Regions.intersection(Regions.union(strips), geometry.network().poche());
    }

    private boolean isNear(Segment edge, Point towards) {
        return edge.unit().left().dot(towards) > LOOKS_TO_EYE && thickMm(edge) > 0;
    }

    private double thickMm(Segment edge) {
        return new WallHoles(geometry)
                .wall(edge)
                .map(on -> on.piece().thicknessMm())
                .orElse(0.0);
    }

    /** The ground of a wall inside its outer face; around a corner with the next wall, if that goes too. */
    private Outline strip(Segment edge, boolean goesBefore, boolean goesAfter) {
        var thick = thickMm(edge);
        var longer = edge.part(goesBefore ? -1.5 * thick : 0, edge.length() + (goesAfter ? 1.5 * thick : 0));
        var inner = longer.shiftedLeft(thick + BESIDE_MM);
        return Outline.of(new Ring(List.of(longer.a(), longer.b(), inner.b(), inner.a())));
    }

    /** The same body, to be seen through. */
    static Body film(Body walls) {
        return new Body(
                walls.kind(),
                walls.of(),
                walls.facets().stream()
                        .map(f -> new Facet(
                                f.flat(),
                                f.outline(),
                                new Skin(Role.WALL_SIDE, Optional.empty(), Optional.empty(), Skin.Sort.CLEAR),
                                0,
                                f.of()))
                        .toList());
    }
}
