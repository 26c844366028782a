package honeylamp.derive.walls;

import honeylamp.derive.walls.WallNetwork.Face;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Walks round the faces of a wall network: inner faces are rooms, the face outside bounds the building, and
 * what lies between is the poché. Where walls are too thick or too short for their corners to meet in order,
 * the outlines come from set operations instead, so that rooms never share ground with each other or a wall.
 *
 * @param rooms every enclosed space within its inner faces, by falling area
 */
public record WallFaces(List<Outline> poche, List<Face> rooms, List<Trace> outside) {
    /** Faces may run this far against their wall, in mm, before their corners count as crossed. */
    private static final double BACKWARD_MM = 1e-6;

    /** What is thinner than this in the mean, in mm, is neither wall nor room. */
    private static final double FILM_MM = 1;

    /**
     * One way round a face: its half-edges, the corners along it, and the area within the drawn lines.
     *
     * @param beyondMm2 what the area within the corners lacks because arcs are chords there
     */
    public record Trace(
            List<HalfEdge> edges, List<Point> nodes, List<Point> corners, double nodeArea, double beyondMm2, int part) {
        /** Whether this is the face round a connected part of the network, not one enclosed by it. */
        boolean isOutside() {
            return nodeArea < 1; // mm²; a lone wall has none
        }

        /** Whether the corners lie in order along every wall and the outline does not cross itself. */
        boolean isSound() {
            if (corners.size() < 3) {
                return false;
            }
            for (var edge : edges) {
                var start = edge.wedge().getLast();
                var end = HalfEdge.before(edge.twin()).wedge().getFirst();
                if (edge.line.along(end) - edge.line.along(start) < -BACKWARD_MM) {
                    return false;
                }
            }
            var ring = clean(corners);
            return ring.isSimple() && (isOutside() || ring.signedArea() > 0);
        }
    }

    /**
     * An enclosed face and the room or rooms in it.
     *
     * @param traced the shell, if the room is just what was traced, islands taken out
     */
    private record Enclosed(Trace trace, Optional<Ring> traced, List<Face> faces) {
        Stream<Outline> outlines() {
            return faces.stream().map(Face::outline);
        }
    }

    static WallFaces of(
            WallNodes.Split split, List<HalfEdge> edges, Map<RawPiece, WallPiece> pieces, List<TouchingEnd> touching) {
        var traces = traces(split, edges);
        var joined = touching.stream().map(TouchingEnd::edge).toList();
        var bodies = new Bodies(split, edges, pieces, touching);
        var unsound = traces.stream()
                .filter(t ->
                        !t.isSound() || t.edges.stream().anyMatch(e -> joined.contains(e) || bodies.fillsBeside(e)))
                .toList();
        var arcs = new TrueArea(pieces.values().stream()
                .flatMap(p -> p.faces().stream())
                .filter(Arc.class::isInstance)
                .map(Arc.class::cast)
                .toList());
        var inside = traces.stream().filter(t -> !t.isOutside()).toList();
        var outside = traces.stream().filter(Trace::isOutside).toList();
        var enclosed = inside.stream()
                .map(t -> enclosed(t, unsound, islands(t, inside, outside), bodies, arcs))
                .toList();
        return new WallFaces(
                poche(enclosed, outside, unsound, bodies),
                byFallingArea(enclosed),
                outside.stream().filter(t -> smallestAround(t, inside) == t).toList());
    }

    /** The enclosed face that each half-edge has on its left, islands looking to the face around them; none outside. */
    public static Map<HalfEdge, Trace> facing(WallNodes.Split split, List<HalfEdge> edges) {
        var traces = traces(split, edges);
        var inside = traces.stream().filter(t -> !t.isOutside()).toList();
        Map<HalfEdge, Trace> out = new IdentityHashMap<>();
        for (var trace : traces) {
            var seen = trace.isOutside() ? smallestAround(trace, inside) : trace;
            if (!seen.isOutside()) {
                trace.edges.forEach(e -> out.put(e, seen));
            }
        }
        return out;
    }

    private static List<Trace> traces(WallNodes.Split split, List<HalfEdge> edges) {
        var parts = connectedParts(split);
        Map<HalfEdge, Boolean> seen = new IdentityHashMap<>();
        var traces = new ArrayList<Trace>();
        for (var first : edges) {
            if (seen.containsKey(first)) {
                continue;
            }
            var walk = new ArrayList<HalfEdge>();
            var nodes = new ArrayList<Point>();
            var corners = new ArrayList<Point>();
            var edge = first;
            var beyond = 0.0;
            do {
                seen.put(edge, true);
                walk.add(edge);
                nodes.add(split.nodes().get(edge.node));
                nodes.addAll(edge.line.between(WallPiece.CHORD_ERROR_MM));
                var face = edge.leftFace();
                corners.addAll(face.between(WallPiece.CHORD_ERROR_MM));
                beyond += face.areaBeyondChords(WallPiece.CHORD_ERROR_MM);
                edge = HalfEdge.before(edge.twin());
                corners.addAll(edge.wedge());
            } while (edge != first);
            traces.add(new Trace(walk, nodes, corners, shoelace(nodes), beyond, parts[first.node]));
        }
        return traces;
    }

    private static int[] connectedParts(WallNodes.Split split) {
        var part = new int[split.nodes().size()];
        for (var i = 0; i < part.length; i++) {
            part[i] = i;
        }
        for (var raw : split.pieces()) {
            part[root(part, raw.startNode())] = root(part, raw.endNode());
        }
        for (var i = 0; i < part.length; i++) {
            part[i] = root(part, i);
        }
        return part;
    }

    private static int root(int[] part, int i) {
        while (part[i] != i) {
            i = part[i];
        }
        return i;
    }

    private static double shoelace(List<Point> points) {
        return points.size() < 3 ? 0 : new Ring(points).signedArea();
    }

    private static Ring clean(List<Point> corners) {
        return new Ring(corners).simplified(1e-4);
    }

    /** The outer outlines of other parts of the network that lie in an enclosed face. */
    private static List<Trace> islands(Trace room, List<Trace> inside, List<Trace> outside) {
        return outside.stream()
                .filter(o -> o.part != room.part && o.corners.size() >= 3 && smallestAround(o, inside) == room)
                .toList();
    }

    private static Trace smallestAround(Trace island, List<Trace> inside) {
        var point = island.nodes.getFirst();
        return inside.stream()
                .filter(r -> r.part != island.part && new Ring(r.nodes).contains(point))
                .min(Comparator.comparingDouble(r -> r.nodeArea))
                .orElse(island);
    }

    private static Enclosed enclosed(
            Trace room, List<Trace> unsound, List<Trace> around, Bodies bodies, TrueArea arcs) {
        var crossed = unsound.contains(room);
        var shell = crossed ? new Ring(room.nodes) : clean(room.corners);
        if (isFilm(shell)) {
            return new Enclosed(room, Optional.empty(), List.of()); // three walls that all but cross in one point
        }
        var islands = around.stream().map(o -> clean(o.corners)).toList();
        if (!crossed && around.stream().noneMatch(unsound::contains) && liesFree(shell, islands)) {
            var outline = new Outline(shell, islands);
            var beyond = room.beyondMm2
                    + around.stream().mapToDouble(Trace::beyondMm2).sum();
            return new Enclosed(room, Optional.of(shell), List.of(new Face(outline, outline.area() + beyond)));
        }
        var away = new ArrayList<Outline>();
        if (crossed) {
            away.addAll(bodies.along(room.edges));
        }
        for (var island : around) {
            if (unsound.contains(island)) {
                away.addAll(bodies.along(island.edges));
            } else {
                away.add(Outline.of(clean(island.corners)));
            }
        }
        return new Enclosed(
                room,
                Optional.empty(),
                Regions.difference(List.of(Outline.of(shell)), Regions.union(away)).stream()
                        .filter(o -> !isFilm(o.shell()))
                        .map(o -> new Face(o, arcs.of(o)))
                        .toList());
    }

    /** Whether islands keep clear of the shell and of each other. */
    private static boolean liesFree(Ring shell, List<Ring> islands) {
        for (var island : islands) {
            var reachesOut = !island.corners().stream().allMatch(shell::contains)
                    || shell.corners().stream().anyMatch(island::contains);
            var box = island.bounds();
            if (reachesOut
                    || islands.stream().anyMatch(o -> o != island && o.bounds().meets(box))) {
                return false;
            }
        }
        return true;
    }

    private static List<Face> byFallingArea(List<Enclosed> enclosed) {
        return enclosed.stream()
                .flatMap(e -> e.faces.stream())
                .sorted(Comparator.comparingDouble(Face::areaMm2)
                        .reversed()
                        .thenComparingDouble(f -> f.outline().bounds().minX())
                        .thenComparingDouble(f -> f.outline().bounds().minY()))
                .toList();
    }

    private static List<Outline> poche(
            List<Enclosed> enclosed, List<Trace> outside, List<Trace> unsound, Bodies bodies) {
        if (unsound.isEmpty() && enclosed.stream().allMatch(e -> e.traced.isPresent())) {
            return outside.stream()
                    .map(o -> new Outline(clean(o.corners), holes(enclosed, o.part)))
                    .toList();
        }
        var solids = new ArrayList<Outline>();
        for (var trace : outside) {
            if (!unsound.contains(trace)) {
                solids.add(Outline.of(clean(trace.corners)));
            }
        }
        if (solids.size() < outside.size()) {
            solids.addAll(bodies.all());
        }
        var rooms = enclosed.stream().flatMap(Enclosed::outlines).toList();
        return withoutFilms(Regions.difference(Regions.union(solids), rooms));
    }

    /** Set operations leave parts and holes thinner than any line where edges nearly lie on each other. */
    private static List<Outline> withoutFilms(List<Outline> outlines) {
        return outlines.stream()
                .filter(o -> !isFilm(o.shell()))
                .map(o -> new Outline(
                        o.shell(), o.holes().stream().filter(h -> !isFilm(h)).toList()))
                .toList();
    }

    private static boolean isFilm(Ring ring) {
        return 2 * ring.area() < FILM_MM * ring.perimeter();
    }

    private static List<Ring> holes(List<Enclosed> enclosed, int part) {
        return enclosed.stream()
                .filter(e -> e.trace.part == part)
                .flatMap(e -> e.traced.stream())
                .toList();
    }
}
