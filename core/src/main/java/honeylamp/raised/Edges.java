package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.geometry.Ring;
import honeylamp.geometry.space.SpacePoint;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * The edges of a body with the facets that meet in each. Edges of facets that lie on one line are parted where any of them
 * ends, so that an edge knows all facets beside it even where one long facet meets several short ones.
 */
final class Edges {
    private static final double SAME_WAY = 1e-4;
    private static final double SAME_MM = 0.2;
    private static final double CELL_MM = 4;
    private static final double SHORTEST_MM = 0.3;

    private Edges() {}

    /**
     * An edge.
     *
     * @param facets the numbers of the facets of the body that meet in it
     */
    record Edge(SpacePoint a, SpacePoint b, List<Integer> facets) {}

    private record Piece(double from, double to, int facet) {}

    /** A line in space that edges lie on. */
    private static final class Carrier {
        private final SpacePoint foot;
        private final SpacePoint way;
        private final List<Piece> pieces = new ArrayList<>();

        Carrier(SpacePoint foot, SpacePoint way) {
            this.foot = foot;
            this.way = way;
        }

        double along(SpacePoint p) {
            return p.minus(foot).dot(way);
        }

        boolean holds(SpacePoint otherFoot, SpacePoint otherWay) {
            return way.dot(otherWay) > 1 - SAME_WAY && otherFoot.distance(foot) < SAME_MM;
        }
    }

    private record Cell(long x, long y, long z) {}

    static List<Edge> of(Body body) {
        var cells = new HashMap<Cell, List<Carrier>>();
        var carriers = new ArrayList<Carrier>();
        var facets = body.facets();
        if (facets.isEmpty()) {
            return List.of();
        }
        var origin = facets.getFirst().flat().origin();
        for (var i = 0; i < facets.size(); i++) {
            var facet = facets.get(i);
            for (Ring ring : facet.outline().rings().toList()) {
                var corners = facet.inSpace(ring);
                for (var k = 0; k < corners.size(); k++) {
                    put(
                            cells,
                            carriers,
                            corners.get(k).minus(origin),
                            corners.get((k + 1) % corners.size()).minus(origin),
                            i);
                }
            }
        }
        var out = new ArrayList<Edge>();
        for (var carrier : carriers) {
            parted(out, carrier, origin);
        }
        return out;
    }

    private static void put(
            Map<Cell, List<Carrier>> cells, List<Carrier> carriers, SpacePoint a, SpacePoint b, int facet) {
        if (a.distance(b) < SHORTEST_MM) {
            return;
        }
        var way = oneWay(b.minus(a).unit());
        var foot = a.minus(way.times(a.dot(way)));
        var carrier = find(cells, foot, way);
        if (carrier == null) {
            carrier = new Carrier(foot, way);
            carriers.add(carrier);
            cells.computeIfAbsent(cell(foot, 0, 0, 0), _ -> new ArrayList<>()).add(carrier);
        }
        var from = carrier.along(a);
        var to = carrier.along(b);
        carrier.pieces.add(new Piece(Math.min(from, to), Math.max(from, to), facet));
    }

    private static @Nullable Carrier find(Map<Cell, List<Carrier>> cells, SpacePoint foot, SpacePoint way) {
        for (var x = -1; x <= 1; x++) {
            for (var y = -1; y <= 1; y++) {
                for (var z = -1; z <= 1; z++) {
                    for (var carrier : cells.getOrDefault(cell(foot, x, y, z), List.of())) {
                        if (carrier.holds(foot, way)) {
                            return carrier;
                        }
                    }
                }
            }
        }
        return null;
    }

    private static Cell cell(SpacePoint p, int x, int y, int z) {
        return new Cell(
                (long) Math.floor(p.x() / CELL_MM) + x,
                (long) Math.floor(p.y() / CELL_MM) + y,
                (long) Math.floor(p.z() / CELL_MM) + z);
    }

    /** Of a direction and its opposite always the same. */
    private static SpacePoint oneWay(SpacePoint way) {
        var first = Math.abs(way.x()) > 1e-6 ? way.x() : Math.abs(way.y()) > 1e-6 ? way.y() : way.z();
        return first < 0 ? way.times(-1) : way;
    }

    private static void parted(List<Edge> out, Carrier carrier, SpacePoint origin) {
        var stops = new TreeSet<Double>();
        for (var piece : carrier.pieces) {
            stops.add(piece.from);
            stops.add(piece.to);
        }
        var from = stops.first();
        for (var to : stops.tailSet(from, false)) {
            if (to - from < SHORTEST_MM) {
                continue;
            }
            var middle = (from + to) / 2;
            var facets = carrier.pieces.stream()
                    .filter(p -> p.from < middle && p.to > middle)
                    .map(Piece::facet)
                    .distinct()
                    .toList();
            if (!facets.isEmpty()) {
                out.add(new Edge(
                        carrier.foot.plus(carrier.way.times(from)).plus(origin),
                        carrier.foot.plus(carrier.way.times(to)).plus(origin),
                        facets));
            }
            from = to;
        }
    }
}
