package honeylamp.derive;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * Finds the nodes of a wall network: shared ends, ends that lie on or in another wall, and crossings;
 * then splits the walls there. Points nearer than {@link #SAME_MM} are one node.
 */
final class WallNodes {
    /** Points nearer than this are the same spot; far below any building tolerance. */
    static final double SAME_MM = 1.0;

    private final List<Wall> walls;
    private final ToDoubleFunction<Wall> thickness;
    private final List<Point> nodes = new ArrayList<>();
    private final List<Segment> lines = new ArrayList<>();
    private final List<Box> boxes = new ArrayList<>();
    private final Map<Long, List<Integer>> grid = new HashMap<>();
    private final List<int[]> ends = new ArrayList<>();
    private final List<List<Integer>> splits = new ArrayList<>();

    /** The nodes and the pieces between them. */
    record Split(List<Point> nodes, List<RawPiece> pieces, List<WallNetwork.Overlapping> overlaps) {}

    private WallNodes(List<Wall> walls, ToDoubleFunction<Wall> thickness) {
        this.walls = walls;
        this.thickness = thickness;
    }

    static Split of(List<Wall> walls, ToDoubleFunction<Wall> thickness) {
        var sorted = new ArrayList<>(walls);
        sorted.sort(Comparator.comparingInt(w -> w.id().number()));
        return new WallNodes(sorted, thickness).split();
    }

    private Split split() {
        var bodies = walls.stream().map(this::bodyBox).toList();
        for (var wall : walls) {
            var line = reaching(wall, bodies);
            lines.add(line);
            boxes.add(Box.around(List.of(line.a(), line.b())).grown(SAME_MM));
            splits.add(new ArrayList<>());
        }
        for (var line : lines) {
            ends.add(new int[] {node(line.a()), node(line.b())});
        }
        crossings();
        endsOnLines();
        return pieces();
    }

    /** The drawn line, its ends carried on to the line of a wall whose body they stop in. */
    private Segment reaching(Wall wall, List<Box> bodies) {
        var line = wall.line();
        var a = carried(wall, line.reversed(), bodies);
        var b = carried(wall, line, bodies);
        return a.distance(b) < SAME_MM ? line : new Segment(a, b);
    }

    private Box bodyBox(Wall wall) {
        var line = wall.line();
        return Box.around(List.of(line.a(), line.b())).grown(thickness.applyAsDouble(wall) + SAME_MM);
    }

    private Point carried(Wall wall, Segment line, List<Box> bodies) {
        var end = line.b();
        for (var i = 0; i < walls.size(); i++) {
            var other = walls.get(i);
            if (other == wall || !bodies.get(i).contains(end)) {
                continue;
            }
            var host = other.line();
            var along = host.along(end);
            if (along < -SAME_MM || along > host.length() + SAME_MM) {
                continue;
            }
            var offset = host.offset(end);
            var left = thickness.applyAsDouble(other) * other.body().leftShare();
            var right = thickness.applyAsDouble(other) - left;
            if (Math.abs(offset) <= SAME_MM || offset > left + SAME_MM || offset < -right - SAME_MM) {
                continue;
            }
            var crossing = line.lineCrossing(host);
            if (crossing.isPresent()
                    && crossing.get().distance(end) < 3 * (left + right)
                    && host.distance(crossing.get()) <= SAME_MM) {
                return crossing.get();
            }
        }
        return end;
    }

    /** The node at a point, new if none lies within {@link #SAME_MM}; found through a grid of small cells. */
    private int node(Point p) {
        var cx = cell(p.x());
        var cy = cell(p.y());
        var best = Integer.MAX_VALUE;
        for (var dx = -1; dx <= 1; dx++) {
            for (var dy = -1; dy <= 1; dy++) {
                for (int i : grid.getOrDefault(key(cx + dx, cy + dy), List.of())) {
                    var q = nodes.get(i);
                    if (Math.abs(q.x() - p.x()) <= SAME_MM && Math.abs(q.y() - p.y()) <= SAME_MM) {
                        best = Math.min(best, i);
                    }
                }
            }
        }
        if (best < nodes.size()) {
            return best;
        }
        nodes.add(p);
        grid.computeIfAbsent(key(cx, cy), _ -> new ArrayList<>()).add(nodes.size() - 1);
        return nodes.size() - 1;
    }

    private static long cell(double mm) {
        return (long) Math.floor(mm / (2 * SAME_MM));
    }

    private static long key(long cx, long cy) {
        return cx * 0x9E3779B1L ^ cy;
    }

    private void crossings() {
        for (var i = 0; i < lines.size(); i++) {
            var a = lines.get(i);
            for (var j = i + 1; j < lines.size(); j++) {
                if (!boxes.get(i).meets(boxes.get(j))) {
                    continue;
                }
                var b = lines.get(j);
                var hit = a.crossing(b);
                if (hit.isPresent() && inside(a, hit.get()) && inside(b, hit.get())) {
                    node(hit.get());
                }
            }
        }
    }

    private static boolean inside(Segment line, Point p) {
        return p.distance(line.a()) > SAME_MM && p.distance(line.b()) > SAME_MM;
    }

    private void endsOnLines() {
        for (var i = 0; i < lines.size(); i++) {
            var line = lines.get(i);
            var box = boxes.get(i);
            for (var n = 0; n < nodes.size(); n++) {
                var p = nodes.get(n);
                if (n != ends.get(i)[0] && n != ends.get(i)[1] && box.contains(p) && line.distance(p) <= SAME_MM) {
                    splits.get(i).add(n);
                }
            }
            splits.get(i).sort(Comparator.comparingDouble(n -> line.along(nodes.get(n))));
        }
    }

    private Split pieces() {
        var pieces = new ArrayList<RawPiece>();
        var overlaps = new ArrayList<WallNetwork.Overlapping>();
        Set<Long> taken = new HashSet<>();
        for (var i = 0; i < walls.size(); i++) {
            var wall = walls.get(i);
            var left = thickness.applyAsDouble(wall) * wall.body().leftShare();
            var right = thickness.applyAsDouble(wall) - left;
            var stops = new ArrayList<Integer>();
            stops.add(ends.get(i)[0]);
            stops.addAll(splits.get(i));
            stops.add(ends.get(i)[1]);
            for (var k = 0; k + 1 < stops.size(); k++) {
                int from = stops.get(k);
                int to = stops.get(k + 1);
                if (from == to) {
                    continue;
                }
                if (taken.add((long) Math.min(from, to) << 32 | Math.max(from, to))) {
                    pieces.add(new RawPiece(wall, from, to, left, right));
                } else {
                    overlaps.add(new WallNetwork.Overlapping(
                            holder(pieces, from, to), wall, new Segment(nodes.get(from), nodes.get(to))));
                }
            }
        }
        return new Split(List.copyOf(nodes), List.copyOf(pieces), List.copyOf(overlaps));
    }

    private static Wall holder(List<RawPiece> pieces, int from, int to) {
        return pieces.stream()
                .filter(p -> p.startNode() == from && p.endNode() == to || p.startNode() == to && p.endNode() == from)
                .findFirst()
                .orElseThrow()
                .wall();
    }
}
