package honeylamp.body;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import java.util.ArrayList;
import java.util.List;

/** Where a plumb plane cuts through closed bodies. */
final class Sliced {
    /** The cut is a hair aside, so that it runs along no facet. */
    private static final double ASIDE_MM = 0.0137;

    private static final double SNAP_MM = 0.05;
    private static final double LEAST_MM2 = 1;

    private final Flat plane;
    private final List<Facet> facets;

    private Sliced(Flat plane, List<Facet> facets) {
        this.plane = plane.moved(-ASIDE_MM);
        this.facets = facets;
    }

    /**
     * What of a body lies in a plane, in its frame: of the parts that pass through each other all together, and not what is
     * hollow between them.
     */
    static List<Outline> of(Body body, Flat plane) {
        return new Sliced(plane, body.facets()).parts();
    }

    private List<Outline> parts() {
        var lines = new ArrayList<Segment>();
        facets.forEach(f -> lines.addAll(lines(f)));
        return Regions.union(Regions.arranged(lines, SNAP_MM).stream()
                .filter(o -> o.area() > LEAST_MM2 && isSolid(inner(o)))
                .toList());
    }

    /** The lines in which a facet and the plane meet. */
    private List<Segment> lines(Facet facet) {
        var at = new ArrayList<Point>();
        facet.outline().rings().forEach(ring -> crossed(at, facet, ring));
        if (at.size() < 2) {
            return List.of();
        }
        var way = at.getLast().minus(at.getFirst());
        at.sort((a, b) -> Double.compare(a.dot(way), b.dot(way)));
        var out = new ArrayList<Segment>();
        for (var i = 0; i + 1 < at.size(); i += 2) {
            if (at.get(i).distance(at.get(i + 1)) > SNAP_MM) {
                out.add(new Segment(at.get(i), at.get(i + 1)));
            }
        }
        return out;
    }

    private void crossed(List<Point> out, Facet facet, Ring ring) {
        for (var edge : ring.edges()) {
            var a = facet.flat().at(edge.a());
            var b = facet.flat().at(edge.b());
            var before = plane.before(a);
            var behind = plane.before(b);
            if (before > 0 != behind > 0) {
                out.add(plane.of(a.plus(b.minus(a).times(before / (before - behind)))));
            }
        }
    }

    /** A point within a surface: halfway across it at the height of its middle, where it is widest. */
    private static Point inner(Outline o) {
        var y = o.bounds().centre().y() + SNAP_MM / 7;
        var stops = o.rings()
                .flatMap(r -> r.edges().stream())
                .filter(e -> e.a().y() > y != e.b().y() > y)
                .mapToDouble(e -> e.a().x() + (y - e.a().y()) / (e.b().y() - e.a().y()) * (e.b().x() - e.a().x()))
                .sorted()
                .toArray();
        var best = o.shell().corners().getFirst();
        var widest = 0.0;
        for (var i = 0; i + 1 < stops.length; i += 2) {
            if (stops[i + 1] - stops[i] > widest) {
                widest = stops[i + 1] - stops[i];
                best = new Point((stops[i] + stops[i + 1]) / 2, y);
            }
        }
        return best;
    }

    /** Whether a point of the plane lies in a solid: straight up one comes out of solids once more than into any. */
    private boolean isSolid(Point p) {
        var from = plane.at(p);
        var out = 0;
        for (var facet : facets) {
            var rises = facet.normal().z();
            if (Math.abs(rises) > 1e-9) {
                var up = -facet.flat().before(from) / rises;
                var at = facet.flat().of(from.plus(new SpacePoint(0, 0, up)));
                if (up > 0 && facet.outline().contains(at)) {
                    out += rises > 0 ? 1 : -1;
                }
            }
        }
        return out > 0;
    }
}
