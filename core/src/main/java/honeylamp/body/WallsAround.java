package honeylamp.body;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** The ground of the walls around a room, edge by edge of the room. */
final class WallsAround {
    private static final double LEAST_MM = 0.5;

    /** Edges that run on without a corner belong together. */
    private static final double STRAIGHT = Math.cos(Math.toRadians(12));

    private record Edge(Segment line, double thickMm) {}

    private final StoreyGeometry geometry;
    private final List<List<Edge>> rings = new ArrayList<>();

    WallsAround(StoreyGeometry geometry, Room room) {
        this.geometry = geometry;
        var holes = new WallHoles(geometry);
        // the room lies to the left of every edge of its rings
        Prism.oriented(room.outline())
                .rings()
                .forEach(ring -> rings.add(ring.edges().stream()
                        .filter(e -> e.length() > LEAST_MM)
                        .map(e -> new Edge(
                                e,
                                holes.wall(e)
                                        .map(on -> on.piece().thicknessMm())
                                        .orElse(0.0)))
                        .toList()));
    }

    /** The ground of the walls along the edges that pass; beside one that does not pass a wall ends at its corner. */
    List<Outline> standing(Predicate<Segment> passes) {
        var strips = new ArrayList<Outline>();
        for (var ring : rings) {
            var passing =
                    ring.stream().map(e -> e.thickMm > 0 && passes.test(e.line)).toList();
            for (var i = 0; i < ring.size(); i++) {
                if (passing.get(i)) {
                    var before = Math.floorMod(i - 1, ring.size());
                    var after = (i + 1) % ring.size();
                    strips.add(strip(
                            ring.get(i),
                            beyond(ring, i, before, passing.get(before)),
                            beyond(ring, i, after, passing.get(after))));
                }
            }
        }
        return Regions.intersection(Regions.union(strips), geometry.network().poche());
    }

    /** The edges that pass. */
    List<Segment> edges(Predicate<Segment> passes) {
        return rings.stream()
                .flatMap(List::stream)
                .map(Edge::line)
                .filter(passes)
                .toList();
    }

    /** How far a strip goes on past a corner: around it with the next wall, else not at all. */
    private static double beyond(List<Edge> ring, int of, int next, boolean passes) {
        var way = ring.get(of).line.unit().dot(ring.get(next).line.unit());
        return passes && way < STRAIGHT ? ring.get(next).thickMm * 1.5 : passes ? LEAST_MM : 0;
    }

    private static Outline strip(Edge edge, double beforeMm, double afterMm) {
        var line = edge.line.part(-beforeMm, edge.line.length() + afterMm);
        var outwards = edge.line.unit().left().times(-edge.thickMm);
        var a = line.a();
        var b = line.b();
        return Outline.of(new Ring(List.<Point>of(a, b, b.plus(outwards), a.plus(outwards))).counterClockwise());
    }
}
