package honeylamp.derive.storeys;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.rooms.Boundaries;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.walls.HalfEdge;
import honeylamp.derive.walls.RawPiece;
import honeylamp.derive.walls.TouchingEnd;
import honeylamp.derive.walls.TrueArea;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.derive.walls.WallNetwork.Sides;
import honeylamp.derive.walls.WallNodes;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.RoomFit.CountsAs;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * Parts the ground of a storey among its rooms along one line in each wall: its middle, or a face. The lines of
 * walls and boundaries are laid out as one arrangement; each cell goes to the room it holds, and what holds none, such
 * as the spot where three lines do not quite meet, to the neighbour with which it shares the longest edge. So the
 * shares add up, whatever the walls do.
 */
final class GroundShares {
    /** What rounding leaves between ends that are the same, in mm. */
    private static final double SNAP_MM = 1e-5;

    /** A boundary or an end is carried on into a wall by at most so many of its thicknesses. */
    private static final double INTO_THICKNESSES = 3;

    private final StoreyGeometry geometry;
    private final List<Reference> references = new ArrayList<>();
    private final List<Segment> lines = new ArrayList<>();
    private final double thickest;

    /** The line of a piece, and the distances along it where others meet it. */
    private record Reference(Curve line, TreeMap<Double, Point> stops) {
        void stop(Point p) {
            stops.put(line.along(p), p);
        }

        double from() {
            return stops.firstKey();
        }

        double to() {
            return stops.lastKey();
        }

        Curve used() {
            return line.part(from(), to());
        }
    }

    /**
     * What came of it.
     *
     * @param byRoom the share of each room in mm², by its place among the rooms; without voids
     * @param indoorMm2 the sum over all rooms that are not outdoor
     */
    record Shares(Map<Integer, Double> byRoom, double indoorMm2) {}

    private GroundShares(StoreyGeometry geometry, WallNodes.Split split, Function<RawPiece, Sides> sides) {
        this.geometry = geometry;
        this.thickest = split.pieces().stream()
                .mapToDouble(p -> p.leftMm() + p.rightMm())
                .max()
                .orElse(0);
        var edges = WallNetwork.halfEdges(split, sides);
        WallNetwork.joinAround(split, edges);
        for (var edge : edges) {
            if (edge.line == edge.piece.line()) {
                reference(edge);
            }
            var wedge = edge.wedge();
            for (var i = 0; i + 1 < wedge.size(); i++) {
                lines.add(new Segment(wedge.get(i), wedge.get(i + 1)));
            }
        }
        joinTouching(split, edges);
        geometry.storey().boundaries().forEach(b -> boundary(b.line()));
        references.forEach(this::draw);
    }

    /**
     * The shares along the lines that lie so far to both sides of each piece.
     *
     * @param within the ground that is parted; all that the lines enclose if empty
     */
    static Shares of(
            StoreyGeometry geometry,
            WallNodes.Split split,
            Function<RawPiece, Sides> sides,
            Optional<List<Outline>> within) {
        return new GroundShares(geometry, split, sides).shares(within);
    }

    private void reference(HalfEdge edge) {
        var back = edge.twin();
        var made = new Reference(edge.line.shiftedLeft(edge.leftMm), new TreeMap<>());
        made.stop(edge.wedge().getLast());
        made.stop(HalfEdge.before(edge).wedge().getFirst());
        made.stop(back.wedge().getLast());
        made.stop(HalfEdge.before(back).wedge().getFirst());
        references.add(made);
    }

    /** Ends that touch other bodies without a joint are carried on to their lines. */
    private void joinTouching(WallNodes.Split split, List<HalfEdge> edges) {
        var faces = WallNetwork.halfEdges(split, Sides::faces);
        WallNetwork.joinAround(split, faces);
        for (var touching : TouchingEnd.among(split, faces, WallNetwork.pieces(faces))) {
            for (var i = 0; i < edges.size(); i++) {
                if (edges.get(i).piece == touching.edge().piece && edges.get(i).node == touching.edge().node) {
                    var edge = edges.get(i);
                    carriedOn(edge.wedge().getFirst(), edge.unit.times(-1), edge.piece);
                }
            }
        }
    }

    /** The parts of a boundary that lie in spaces within walls, carried on through the walls at their ends. */
    private void boundary(Segment line) {
        var carried = line.part(-Boundaries.REACH_MM, line.length() + Boundaries.REACH_MM);
        for (var face : geometry.network().faces()) {
            if (!carried.bounds().meets(face.outline().bounds())) {
                continue;
            }
            var crossings = new TreeMap<Double, Point>();
            for (var ring : face.outline().rings().toList()) {
                for (var edge : ring.edges()) {
                    if (edge.length() > 0) {
                        carried.crossing(edge).ifPresent(p -> crossings.put(carried.along(p), p));
                    }
                }
            }
            var stops = new ArrayList<Double>();
            stops.add(0.0);
            stops.addAll(crossings.keySet());
            stops.add(carried.length());
            for (var i = 0; i + 1 < stops.size(); i++) {
                var from = stops.get(i);
                var to = stops.get(i + 1);
                if (to - from > SNAP_MM && face.outline().contains(carried.at((from + to) / 2))) {
                    var a = carried.at(from);
                    var b = carried.at(to);
                    lines.add(new Segment(a, b));
                    if (crossings.containsKey(from)) {
                        carriedOn(a, carried.unit().times(-1), null);
                    }
                    if (crossings.containsKey(to)) {
                        carriedOn(b, carried.unit(), null);
                    }
                }
            }
        }
    }

    /** From the face of a wall straight on to its line; where that runs beside it, to its nearest point. */
    private void carriedOn(Point from, Point unit, @Nullable RawPiece own) {
        var ahead = new Segment(from, from.plus(unit.times(INTO_THICKNESSES * thickest + 1)));
        Reference met = null;
        Point at = null;
        for (var reference : references) {
            if (own != null && reference.line.distance(from) < SNAP_MM) {
                continue; // its own line
            }
            for (var p : ahead.crossings(reference.used())) {
                if (at == null || p.distance(from) < at.distance(from)) {
                    met = reference;
                    at = p;
                }
            }
        }
        if (met == null) {
            for (var reference : references) {
                if (own != null && reference.line.distance(from) < SNAP_MM) {
                    continue;
                }
                var p = reference.used().nearest(from);
                if (at == null || p.distance(from) < at.distance(from)) {
                    met = reference;
                    at = p;
                }
            }
        }
        if (met != null && at != null) {
            met.stop(at);
            lines.add(new Segment(from, at));
        }
    }

    private void draw(Reference reference) {
        Point before = null;
        var beforeAt = 0.0;
        for (var stop : reference.stops.entrySet()) {
            if (before != null) {
                var last = before;
                for (var p : reference.line.part(beforeAt, stop.getKey()).between(WallPiece.CHORD_ERROR_MM)) {
                    lines.add(new Segment(last, p));
                    last = p;
                }
                lines.add(new Segment(last, stop.getValue()));
            }
            before = stop.getValue();
            beforeAt = stop.getKey();
        }
    }

    /** A part of the arrangement, and the rooms that lie in it. */
    private static final class Cell {
        private final Outline outline;
        private final double areaMm2;
        private final List<Integer> rooms = new ArrayList<>();
        private int group = -1;

        Cell(Outline outline, double areaMm2) {
            this.outline = outline;
            this.areaMm2 = areaMm2;
        }
    }

    private Shares shares(Optional<List<Outline>> within) {
        var arcs = new TrueArea(references.stream()
                .map(Reference::line)
                .filter(Arc.class::isInstance)
                .map(Arc.class::cast)
                .toList());
        within.ifPresent(ground -> {
            ground.forEach(o -> straight(o, arcs));
            geometry.rooms().stream().filter(GroundShares::outdoor).forEach(r -> straight(r.outline(), arcs));
        });
        var voids = Regions.union(FixedParts.voids(geometry.storey()));
        var cells = new ArrayList<Cell>();
        for (var outline : Regions.arranged(lines, SNAP_MM)) {
            if (within.isEmpty() || holds(within.get(), Regions.inside(outline))) {
                var missing = Regions.intersection(List.of(outline), voids).stream()
                        .mapToDouble(Outline::area)
                        .sum();
                cells.add(new Cell(outline, arcs.of(outline) - missing));
            }
        }
        cells.sort(Comparator.comparingDouble((Cell c) -> c.outline.area()).reversed());
        return shared(groups(cells, within.isEmpty()));
    }

    /** The straight edges of an outline; those along arcs are there already. */
    private void straight(Outline outline, TrueArea arcs) {
        var faces = TrueArea.along(geometry.network(), outline);
        outline.rings()
                .flatMap(r -> r.edges().stream())
                .filter(e -> !arcs.isChord(e) && !faces.isChord(e))
                .forEach(lines::add);
    }

    private static boolean holds(List<Outline> ground, Point p) {
        return ground.stream().anyMatch(o -> o.contains(p));
    }

    private static boolean outdoor(Room room) {
        return room.lie() == Room.Lie.INSIDE && room.counts() == CountsAs.OUTDOOR;
    }

    /**
     * Cells by the rooms they go to.
     *
     * @param toOutdoor whether cells of outdoor rooms take others in
     */
    private List<List<Cell>> groups(List<Cell> cells, boolean toOutdoor) {
        var rooms = geometry.rooms();
        for (var i = 0; i < rooms.size(); i++) {
            if (rooms.get(i).lie() == Room.Lie.INSIDE) {
                var inside = Regions.inside(rooms.get(i).outline());
                var index = i;
                cells.stream()
                        .filter(c -> c.outline.bounds().contains(inside) && c.outline.contains(inside))
                        .findFirst()
                        .ifPresent(c -> c.rooms.add(index));
            }
        }
        var out = new ArrayList<List<Cell>>();
        var left = new ArrayList<Cell>();
        for (var cell : cells) {
            if (cell.rooms.isEmpty()) {
                left.add(cell);
            } else {
                cell.group = out.size();
                out.add(new ArrayList<>(List.of(cell)));
            }
        }
        var beside = neighbours(cells);
        for (var changed = true; changed; ) {
            changed = false;
            for (var cell : List.copyOf(left)) {
                var to = nearest(cell, beside.getOrDefault(cell, Map.of()), out, toOutdoor);
                if (to >= 0) {
                    cell.group = to;
                    out.get(to).add(cell);
                    left.remove(cell);
                    changed = true;
                }
            }
        }
        return out;
    }

    private int nearest(Cell cell, Map<Cell, Double> beside, List<List<Cell>> groups, boolean toOutdoor) {
        var shared = new TreeMap<Integer, Double>();
        beside.forEach((other, length) -> {
            if (other != cell
                    && other.group >= 0
                    && (toOutdoor
                            || !groups.get(other.group).getFirst().rooms.stream()
                                    .allMatch(r -> outdoor(geometry.rooms().get(r))))) {
                shared.merge(other.group, length, Double::sum);
            }
        });
        return shared.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(-1);
    }

    private record Edge(Point a, Point b) {
        static Edge of(Segment s) {
            var forward = s.a().x() < s.b().x() || s.a().x() == s.b().x() && s.a().y() < s.b().y();
            return forward ? new Edge(s.a(), s.b()) : new Edge(s.b(), s.a());
        }
    }

    private static Map<Cell, Map<Cell, Double>> neighbours(List<Cell> cells) {
        var first = new HashMap<Edge, Cell>();
        Map<Cell, Map<Cell, Double>> out = new IdentityHashMap<>();
        for (var cell : cells) {
            for (var ring : cell.outline.rings().toList()) {
                for (var edge : ring.edges()) {
                    var other = first.putIfAbsent(Edge.of(edge), cell);
                    if (other != null) {
                        out.computeIfAbsent(cell, _ -> new IdentityHashMap<>())
                                .merge(other, edge.length(), Double::sum);
                        out.computeIfAbsent(other, _ -> new IdentityHashMap<>())
                                .merge(cell, edge.length(), Double::sum);
                    }
                }
            }
        }
        return out;
    }

    /** The ground of each group by its rooms; rooms that no line parts share it as their own areas are. */
    private Shares shared(List<List<Cell>> groups) {
        var byRoom = new HashMap<Integer, Double>();
        var indoor = 0.0;
        for (var group : groups) {
            var ground = group.stream().mapToDouble(c -> c.areaMm2).sum();
            var rooms = group.getFirst().rooms;
            var net = rooms.stream()
                    .mapToDouble(r -> geometry.rooms().get(r).areaMm2())
                    .sum();
            for (var room : rooms) {
                var share = net > 0 ? ground * geometry.rooms().get(room).areaMm2() / net : ground / rooms.size();
                byRoom.put(room, share);
                indoor += outdoor(geometry.rooms().get(room)) ? 0 : share;
            }
        }
        return new Shares(Map.copyOf(byRoom), indoor);
    }
}
