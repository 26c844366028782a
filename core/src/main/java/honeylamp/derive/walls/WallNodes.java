package honeylamp.derive.walls;

import honeylamp.geometry.Arc;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * Finds the nodes of a wall network: shared ends, ends that lie on or in another wall, and crossings;
 * then splits the walls there. Points nearer than {@link #SAME_MM} are one node. Where the nodes lie does
 * not depend on the order or the direction in which walls were drawn.
 */
public final class WallNodes {
    /**
     * Points nearer than this, in mm, are the same spot: what rounding to whole nanometres leaves where ends lie on
     * slanted or curved walls. Ends that a person put apart are apart; near misses are snags.
     */
    public static final double SAME_MM = 1e-5;

    /** A wall is carried on into a wall it stops in by at most so many thicknesses of that wall. */
    private static final double CARRIED_THICKNESSES = 3;

    private static final Comparator<Position> BY_PLACE =
            Comparator.comparing(Position::x).thenComparing(Position::y);

    private final List<Wall> walls;
    private final ToDoubleFunction<Wall> thickness;
    private final List<Point> nodes = new ArrayList<>();
    private final List<Curve> drawn;
    private final List<Curve> lines = new ArrayList<>();
    private final Map<Long, List<Integer>> grid = new HashMap<>();
    private final List<int[]> ends = new ArrayList<>();

    /** The nodes and the pieces between them. */
    public record Split(List<Point> nodes, List<RawPiece> pieces, List<WallNetwork.Overlapping> overlaps) {}

    private WallNodes(List<Wall> walls, ToDoubleFunction<Wall> thickness) {
        this.walls = walls;
        this.thickness = thickness;
        this.drawn = walls.stream().map(Wall::line).toList();
    }

    /**
     * Of two walls on one line the thicker is kept; of equal ones that which begins farther west or south. Only
     * walls that are the same in everything are told apart by their number.
     */
    public static Split of(List<Wall> walls, ToDoubleFunction<Wall> thickness) {
        var sorted = new ArrayList<>(walls);
        sorted.sort(Comparator.comparingDouble(thickness)
                .reversed()
                .thenComparing(WallNodes::westward, BY_PLACE)
                .thenComparing(w -> westward(w).equals(w.from()) ? w.to() : w.from(), BY_PLACE)
                .thenComparing(
                        w -> westward(w).equals(w.from()) ? w.body() : w.body().flipped())
                .thenComparing(Wall::id, ElementId.ORDER));
        return new WallNodes(sorted, thickness).split();
    }

    /** In whole nanometres, so that what rounding left behind cannot decide which of two near points comes first. */
    private static Point whole(Point p) {
        return Position.of(p).point();
    }

    private static Position westward(Wall wall) {
        return BY_PLACE.compare(wall.from(), wall.to()) <= 0 ? wall.from() : wall.to();
    }

    private Split split() {
        var bodies = new BoxIndex(walls.size(), i -> drawn.get(i).bounds().grown(thickness(i) + SAME_MM));
        for (var i = 0; i < walls.size(); i++) {
            lines.add(reaching(i, bodies));
        }
        var boxes = lines.stream().map(l -> l.bounds().grown(SAME_MM)).toList();
        var spots = new ArrayList<Point>();
        lines.forEach(line -> {
            spots.add(line.a());
            spots.add(line.b());
        });
        spots.addAll(crossings(boxes));
        spots.replaceAll(WallNodes::whole);
        spots.sort(Comparator.comparingDouble(Point::x).thenComparingDouble(Point::y));
        spots.forEach(this::node);
        lines.forEach(line -> ends.add(new int[] {node(whole(line.a())), node(whole(line.b()))}));
        return pieces(boxes);
    }

    private double thickness(int wall) {
        return thickness.applyAsDouble(walls.get(wall));
    }

    /** The drawn line, its ends carried on to the line of a wall whose body they stop in. */
    private Curve reaching(int wall, BoxIndex bodies) {
        var line = drawn.get(wall);
        var b = carried(wall, line, bodies);
        var a = carried(wall, line.reversed(), bodies);
        if (a.equals(line.a()) && b.equals(line.b())) {
            return line;
        }
        var from = a.equals(line.a()) ? 0 : line.along(a);
        var to = b.equals(line.b()) ? line.length() : line.along(b);
        return to - from < SAME_MM ? line : joining(a, line.at((from + to) / 2), b, line);
    }

    private static Curve joining(Point a, Point middle, Point b, Curve like) {
        return like instanceof Segment ? new Segment(a, b) : Arc.through(a, middle, b);
    }

    /** The nearest crossing with the line of a wall in whose body the end lies; the end itself if there is none. */
    private Point carried(int wall, Curve line, BoxIndex bodies) {
        var end = line.b();
        return bodies.meeting(new Box(end.x(), end.y(), end.x(), end.y())).stream()
                .filter(i -> i != wall)
                .flatMap(i -> met(line, i).stream())
                .min(Comparator.<Point>comparingDouble(end::distance)
                        .thenComparingDouble(Point::x)
                        .thenComparingDouble(Point::y))
                .orElse(end);
    }

    private Optional<Point> met(Curve line, int other) {
        var end = line.b();
        var host = drawn.get(other);
        var along = host.along(end);
        if (along < -SAME_MM || along > host.length() + SAME_MM) {
            return Optional.empty();
        }
        var offset = host.offset(end);
        var left = thickness(other) * walls.get(other).body().leftShare();
        var right = thickness(other) - left;
        if (Math.abs(offset) <= SAME_MM) {
            return Optional.of(end); // on the line already: a joint as it is
        }
        if (offset > left + SAME_MM || offset < -right - SAME_MM) {
            return Optional.empty();
        }
        var onFace = offset > left - SAME_MM || offset < SAME_MM - right;
        return line.carriedCrossings(host).stream()
                .filter(c -> c.distance(end) < CARRIED_THICKNESSES * (left + right) && host.distance(c) <= SAME_MM)
                .filter(c -> !onFace || line.along(c) > line.length()) // drawn right up to the far face: it stays there
                .min(Comparator.comparingDouble(end::distance));
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

    private List<Point> crossings(List<Box> boxes) {
        var index = new BoxIndex(boxes.size(), boxes::get);
        var out = new ArrayList<Point>();
        for (var i = 0; i < lines.size(); i++) {
            var a = lines.get(i);
            for (int j : index.meeting(boxes.get(i))) {
                if (j > i) {
                    var b = lines.get(j);
                    a.crossings(b).stream()
                            .filter(p -> inside(a, p) && inside(b, p))
                            .forEach(out::add);
                }
            }
        }
        return out;
    }

    private static boolean inside(Curve line, Point p) {
        return p.distance(line.a()) > SAME_MM && p.distance(line.b()) > SAME_MM;
    }

    private Split pieces(List<Box> boxes) {
        var spots = new BoxIndex(nodes.size(), n -> {
            var p = nodes.get(n);
            return new Box(p.x(), p.y(), p.x(), p.y());
        });
        var pieces = new ArrayList<RawPiece>();
        var overlaps = new ArrayList<WallNetwork.Overlapping>();
        Map<Long, List<RawPiece>> taken = new HashMap<>();
        for (var i = 0; i < walls.size(); i++) {
            var wall = walls.get(i);
            var left = thickness(i) * wall.body().leftShare();
            var right = thickness(i) - left;
            var stops = stops(i, spots.meeting(boxes.get(i)));
            for (var k = 0; k + 1 < stops.size(); k++) {
                int from = stops.get(k);
                int to = stops.get(k + 1);
                if (from == to) {
                    continue;
                }
                var piece = new RawPiece(wall, from, to, between(lines.get(i), from, to), left, right);
                var rivals = taken.computeIfAbsent(
                        (long) Math.min(from, to) << 32 | Math.max(from, to), _ -> new ArrayList<>());
                rivals.stream()
                        .filter(r -> r.line().middle().distance(piece.line().middle()) <= SAME_MM)
                        .findFirst()
                        .ifPresentOrElse(
                                r -> overlaps.add(new WallNetwork.Overlapping(r.wall(), wall, piece.line())), () -> {
                                    rivals.add(piece);
                                    pieces.add(piece);
                                });
            }
        }
        return new Split(List.copyOf(nodes), List.copyOf(pieces), List.copyOf(overlaps));
    }

    /** The nodes along a wall, from its first end to its second. */
    private List<Integer> stops(int wall, List<Integer> near) {
        var line = lines.get(wall);
        var end = ends.get(wall);
        var stops = new ArrayList<Integer>();
        stops.add(end[0]);
        near.stream()
                .filter(n -> n != end[0] && n != end[1] && line.distance(nodes.get(n)) <= SAME_MM)
                .sorted(Comparator.comparingDouble(n -> line.along(nodes.get(n))))
                .forEach(stops::add);
        stops.add(end[1]);
        return stops;
    }

    private Curve between(Curve line, int from, int to) {
        var a = nodes.get(from);
        var b = nodes.get(to);
        return joining(a, line.at((line.along(a) + line.along(b)) / 2), b, line);
    }
}
