package honeylamp.geometry;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;

/**
 * How roofs of one pitch meet over a ground plan: every edge moves inwards as fast as all others or stands still, and the
 * corners leave the lines along which what is behind the edges meets.
 *
 * @see "Aichholzer, Aurenhammer, Alberts and Gärtner, A novel type of skeleton for polygons, J. Universal Computer Science
 *     1(12), 1995"
 */
public final class Skeleton {
    /** What is so near is one. */
    private static final double SAME_MM = 0.02;

    private static final double LEAST = 1e-9;

    /** Edges whose directions differ less run alike. */
    private static final double ALIKE = 1e-6;

    /** Ends of lines that are so near are one. */
    private static final double SNAP_MM = 0.05;

    private static final double SAME_DEG = 1e-4;

    /** What one edge leaves behind it. */
    public record Face(Outline outline, Segment eave) {}

    private record Edge(Segment line, boolean moves) {
        Point inward() {
            return line.unit().left();
        }

        double speed() {
            return moves ? 1 : 0;
        }
    }

    /** A corner of the front that moves inwards; what it left since it last changed its way is a line from {@code born}. */
    private static final class Corner {
        private Point at;
        private final Point born;
        private final Edge edge; // the one that begins here
        private Corner before;
        private Corner next;
        private Point way = Point.ORIGIN;

        @SuppressWarnings("NullAway") // neighbours are set as soon as all corners of a ring are made
        Corner(Point at, Edge edge) {
            this.at = at;
            this.born = at;
            this.edge = edge;
        }
    }

    private final List<Corner> front = new ArrayList<>();
    private final List<Segment> left = new ArrayList<>();
    private final List<Edge> edges = new ArrayList<>();

    private Skeleton() {}

    /** Says of an edge of a ground plan, its ground on its left, whether a roof rises from it. */
    public interface Eaves {
        /** Whether it does; if not, what rises beside it ends over the edge. */
        boolean rises(Segment edge);
    }

    /** The faces of the roof over a ground plan, each with the edge it rises from. */
    public static List<Face> faces(Collection<Outline> ground, Eaves eaves) {
        return ground.stream().flatMap(o -> of(o, eaves).stream()).toList();
    }

    private static List<Face> of(Outline ground, Eaves eaves) {
        var made = new Skeleton();
        made.ring(ground.shell().counterClockwise(), eaves);
        ground.holes().stream()
                .filter(h -> h.area() > SAME_MM * h.perimeter())
                .forEach(h -> made.ring(h.counterClockwise().reversed(), eaves));
        if (made.edges.stream().noneMatch(Edge::moves)) {
            return List.of();
        }
        made.shrink();
        var lines = new ArrayList<>(made.left);
        made.edges.forEach(e -> lines.add(e.line));
        return Regions.arranged(lines, SNAP_MM).stream()
                .filter(o -> ground.contains(Regions.inside(o)))
                .flatMap(o -> made.eave(o).stream().map(e -> new Face(o, e)))
                .toList();
    }

    /** The edge that left a face: one of those it is bounded by. */
    private List<Segment> eave(Outline face) {
        return edges.stream()
                .filter(Edge::moves)
                .map(Edge::line)
                .filter(line -> face.shell().edges().stream()
                        .anyMatch(e -> e.length() > SNAP_MM
                                && line.distance(e.a()) < 2 * SNAP_MM
                                && line.distance(e.b()) < 2 * SNAP_MM))
                .limit(1)
                .toList();
    }

    private void ring(Ring ring, Eaves eaves) {
        var corners = new ArrayList<Corner>();
        for (var line : withoutSpikes(ring).edges()) {
            var edge = new Edge(line, eaves.rises(line));
            edges.add(edge);
            corners.add(new Corner(line.a(), edge));
        }
        for (var i = 0; i < corners.size(); i++) {
            join(corners.get(i), corners.get((i + 1) % corners.size()));
        }
        front.addAll(corners);
    }

    /** A ring without corners that lie on others, and without edges that only lead there and back. */
    private static Ring withoutSpikes(Ring ring) {
        var out = new ArrayList<>(ring.corners());
        for (var i = 0; i < out.size() && out.size() > 3; i++) {
            var n = out.size();
            var here = out.get(i);
            var before = out.get((i + n - 1) % n);
            var to = out.get((i + 1) % n).minus(here);
            var from = here.minus(before);
            var isSame = to.length() < SAME_MM;
            if (isSame || Math.abs(from.cross(to)) < SAME_MM * to.length() && from.dot(to) < 0) {
                out.remove(i);
                i = -1; // what was beside it may be one now
            }
        }
        return new Ring(out);
    }

    private static void join(Corner a, Corner b) {
        a.next = b;
        b.before = a;
    }

    private void shrink() {
        var most = 20 * front.size() + 100; // each step takes an edge away or parts the front; far fewer are needed
        for (var i = 0; i < most && !front.isEmpty(); i++) {
            front.forEach(Skeleton::turn);
            var step = step();
            if (step == Double.POSITIVE_INFINITY) {
                break;
            }
            front.forEach(c -> c.at = c.at.plus(c.way.times(step)));
            settle();
        }
    }

    /** Which way a corner goes, and how fast: as far inwards from both its edges as they move. */
    private static void turn(Corner corner) {
        var a = corner.before.edge;
        var b = corner.edge;
        var na = a.inward();
        var nb = b.inward();
        var cross = na.cross(nb);
        if (Math.abs(cross) < ALIKE) {
            corner.way = na.dot(nb) > 0 ? nb.times(Math.max(a.speed(), b.speed())) : Point.ORIGIN;
            return;
        }
        // way · na = speed of a, way · nb = speed of b
        corner.way = new Point(
                (a.speed() * nb.y() - b.speed() * na.y()) / cross, (b.speed() * na.x() - a.speed() * nb.x()) / cross);
    }

    /** How long it takes until an edge is gone or a corner meets another edge. */
    private double step() {
        var out = Double.POSITIVE_INFINITY;
        for (var c : front) {
            var line = new Segment(c.at, c.next.at);
            var shrinks = -c.next.way.minus(c.way).dot(c.edge.line.unit());
            if (shrinks > LEAST) {
                out = Math.min(out, Math.max(0, line.length() / shrinks));
            }
        }
        for (var c : front) {
            if (c.before.edge.line.unit().cross(c.edge.line.unit()) < -LEAST) {
                for (var other : front) {
                    if (other != c && other != c.before) {
                        out = Math.min(out, meets(c, other, out));
                    }
                }
            }
        }
        return out;
    }

    /** When a corner meets an edge, if that is sooner than what is known. */
    private static double meets(Corner corner, Corner edge, double known) {
        var inward = edge.edge.inward();
        var away = corner.at.minus(edge.at).dot(inward);
        var nears = edge.edge.speed() - corner.way.dot(inward);
        if (nears < LEAST || away < SAME_MM || away / nears > known) {
            return Double.POSITIVE_INFINITY;
        }
        var t = away / nears;
        var there = new Segment(edge.at.plus(edge.way.times(t)), edge.next.at.plus(edge.next.way.times(t)));
        return there.distance(corner.at.plus(corner.way.times(t))) < SAME_MM ? t : Double.POSITIVE_INFINITY;
    }

    /** Corners that have met become one; where the front touches itself it parts. */
    private void settle() {
        var most = 20 * front.size() + 100;
        for (var i = 0; i < most; i++) {
            if (!joined() && !parted()) {
                return;
            }
        }
    }

    private boolean joined() {
        for (var c : front) {
            if (c.next.next == c) {
                leave(c, c.next);
                left.add(new Segment(c.at, c.next.at));
                front.removeAll(List.of(c, c.next));
                return true;
            }
            if (c.at.distance(c.next.at) < SAME_MM) {
                leave(c, c.next);
                var gone = c.next;
                var one = new Corner(c.at, gone.edge);
                join(c.before, one);
                join(one, gone.next);
                front.removeAll(List.of(c, gone));
                front.add(one);
                return true;
            }
        }
        return false;
    }

    private void leave(Corner... corners) {
        for (var c : corners) {
            left.add(new Segment(c.born, c.at));
        }
    }

    /** Whether the front touched itself anywhere: there what comes in on one side goes out on the other. */
    private boolean parted() {
        for (var c : List.copyOf(front)) {
            var there = new ArrayList<>(
                    front.stream().filter(o -> o.at.distance(c.at) < SAME_MM).toList());
            var passing = front.stream().filter(o -> passes(o, c.at)).toList();
            var within = passing.stream().map(o -> within(o, c.at)).toList();
            there.addAll(within);
            if (there.size() > 1 && paired(there)) {
                return true;
            }
            within.forEach(this::takeOut);
        }
        return false;
    }

    private static boolean passes(Corner edge, Point at) {
        return edge.at.distance(at) >= SAME_MM
                && edge.next.at.distance(at) >= SAME_MM
                && new Segment(edge.at, edge.next.at).distance(at) < SAME_MM;
    }

    /** A new corner within an edge. */
    private Corner within(Corner edge, Point at) {
        var out = new Corner(at, edge.edge);
        join(out, edge.next);
        join(edge, out);
        front.add(out);
        return out;
    }

    private void takeOut(Corner corner) {
        join(corner.before, corner.next);
        front.remove(corner);
    }

    /** An edge at a place where several corners lie, by where it goes from there. */
    private record Ray(Corner corner, double angle, boolean leaves) {
        static Ray of(Corner corner, Point direction, boolean leaves) {
            var deg = (Math.toDegrees(Math.atan2(direction.y(), direction.x())) + 360) % 360;
            return new Ray(corner, Math.rint(deg / SAME_DEG) * SAME_DEG % 360, leaves);
        }
    }

    /**
     * Has each edge that leaves a place follow on the edge that comes in next to it, counter-clockwise: what lies between
     * them is inside.
     *
     * @return whether any was another's before
     */
    private boolean paired(List<Corner> there) {
        var rays = new ArrayList<Ray>();
        for (var c : there) {
            rays.add(Ray.of(c, c.edge.line.unit(), true));
            rays.add(Ray.of(c, c.before.edge.line.unit().times(-1), false));
        }
        // of those that lie on each other the one that leaves comes first: nothing is left between them
        rays.sort(Comparator.comparingDouble(Ray::angle).thenComparing(Ray::leaves, Comparator.reverseOrder()));
        var open = new ArrayDeque<Corner>();
        var pairs = new LinkedHashMap<Corner, Corner>();
        for (var turn = 0; turn < 2; turn++) {
            for (var ray : rays) {
                if (ray.leaves && !pairs.containsKey(ray.corner) && !open.contains(ray.corner)) {
                    open.push(ray.corner);
                } else if (!ray.leaves && !open.isEmpty() && !pairs.containsValue(ray.corner)) {
                    pairs.put(open.pop(), ray.corner);
                }
            }
        }
        if (pairs.size() < there.size() || pairs.entrySet().stream().allMatch(e -> e.getKey() == e.getValue())) {
            return false;
        }
        var joins = new ArrayList<Corner[]>();
        pairs.forEach((leaving, coming) -> {
            if (leaving != coming) {
                var one = new Corner(leaving.at, leaving.edge);
                joins.add(new Corner[] {coming.before, one, leaving.next});
            }
        });
        pairs.forEach((leaving, coming) -> {
            if (leaving != coming) {
                leave(leaving);
                front.remove(leaving);
            }
        });
        for (var j : joins) {
            join(j[0], j[1]);
            join(j[1], j[2]);
            front.add(j[1]);
        }
        return true;
    }
}
