package honeylamp.illustrate.fitting;

import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;

/**
 * Finds curves on paper that keep off doors and words, and as far as can be off each other. A link is one calm bow if
 * there is a free one; else it goes round on the shortest way over a grid (Hart, Nilsson, Raphael 1968), pulled tight,
 * with round corners. All lengths are paper mm.
 */
final class LinkRoutes {
    private static final List<Double> BOWS = List.of(0.16, -0.16, 0.28, -0.28, 0.42, -0.42, 0.6, -0.6, 0.85, -0.85);
    private static final List<Double> SKEWS = List.of(0.0, 0.22, -0.22);
    private static final int PIECES = 20;

    /** Links keep so far off what they must not cross. */
    static final double CLEAR_MM = 0.5;

    /** Where there is no such way they go through where it is narrow. */
    private static final double NARROW_MM = 0.05;

    /** A crossing of another link is as bad as so much more way. */
    private static final double CROSSING_MM = 18;

    /** A symbol under a link is as bad as so much more way. */
    private static final double OVER_SYMBOL_MM = 8;

    /** A stronger bow is as bad as so many times its height. */
    private static final double BOW_WEIGHT = 1.2;

    /** Links are found again by squares of paper so wide. */
    private static final double BUCKET_MM = 20;

    private static final double STEP_MM = 1.5;
    private static final double FINE_STEP_MM = 0.6;

    /** So that a step from one free square to the next does not cut a corner. */
    private static final double NEAR_SHARE = 0.5;

    private static final double AROUND_MM = 40;
    private static final int MOST_CELLS = 60_000;
    private static final double CORNER_MM = 1.2;

    private final List<Ring> hard;
    private final BoxIndex hardBoxes;
    private final List<Box> soft;
    private final BoxIndex softBoxes;
    private final Map<Cell, List<Line>> laid = new HashMap<>();

    /**
     * Begins with an empty paper.
     *
     * @param hard what no link may cross
     * @param soft symbols, which links rather go round
     */
    LinkRoutes(List<Ring> hard, List<Box> soft) {
        this.hard = hard;
        this.hardBoxes = new BoxIndex(hard.size(), i -> hard.get(i).bounds().grown(CLEAR_MM));
        this.soft = soft;
        this.softBoxes = new BoxIndex(soft.size(), soft::get);
    }

    /** A link that is asked for, in paper mm. */
    record Ends(Point from, Point to) {
        /** What lies beside it here has a say in its course: bows are as high as links are long. */
        Box around() {
            return Box.around(List.of(from, to)).grown(Math.max(AROUND_MM, from.distance(to)) + CLEAR_MM);
        }
    }

    /**
     * A link that is laid.
     *
     * @param points its course in short straight pieces
     */
    record Route(Ends ends, Figure path, List<Point> points) {
        Route {
            points = List.copyOf(points);
        }

        Box box() {
            return Box.around(points);
        }
    }

    /** All links of a paper: those before that nothing near has touched are as they were, and so are not sought again. */
    static LaidLinks all(List<Ends> asked, List<Ring> hard, List<Box> soft, LaidLinks before) {
        var routes = new LinkRoutes(hard, soft);
        var known = new KnownLinks(before, asked, hard, soft);
        var out = new ArrayList<Route>();
        for (var ends : asked) {
            var still = known.still(ends);
            still.ifPresent(route -> routes.lay(route.points));
            out.add(still.orElseGet(() -> known.found(routes.route(ends.from, ends.to))));
        }
        return new LaidLinks(hard, soft, out);
    }

    /** A curve from one point to another; the next ones keep off it. */
    Route route(Point from, Point to) {
        var ends = List.of(from, to);
        var bows = bows(from, to);
        var free = bows.stream()
                .filter(b -> isFree(b.points, ends, CLEAR_MM))
                .min(Comparator.comparingDouble(b -> cost(b, from, to)));
        if (free.isPresent()) {
            return laid(from, to, free.get().path, free.get().points);
        }
        var around = around(from, to, STEP_MM, CLEAR_MM).or(() -> around(from, to, FINE_STEP_MM, NARROW_MM));
        if (around.isPresent()) {
            return laid(from, to, rounded(around.get()), around.get());
        }
        var least = bows.getFirst(); // an end lies among what it may not cross
        return laid(from, to, least.path, least.points);
    }

    private Route laid(Point from, Point to, Figure path, List<Point> points) {
        lay(points);
        return new Route(new Ends(from, to), path, points);
    }

    private record Bow(Figure path, List<Point> points, double heightMm) {}

    private static List<Bow> bows(Point from, Point to) {
        var out = new ArrayList<Bow>();
        var along = to.minus(from);
        var normal = along.left();
        for (var bow : BOWS) {
            for (var skew : SKEWS) {
                var c1 = from.plus(along.times(0.3 + skew)).plus(normal.times(bow));
                var c2 = from.plus(along.times(0.7 + skew)).plus(normal.times(bow));
                var path = Figure.builder();
                path.moveTo(from.x(), from.y());
                path.curveTo(c1.x(), c1.y(), c2.x(), c2.y(), to.x(), to.y());
                out.add(new Bow(path.build(), points(from, c1, c2, to), Math.abs(bow) * along.length()));
            }
        }
        return out;
    }

    private static List<Point> points(Point a, Point b, Point c, Point d) {
        var out = new ArrayList<Point>();
        for (var i = 0; i <= PIECES; i++) {
            var t = i / (double) PIECES;
            var s = 1 - t;
            out.add(a.times(s * s * s)
                    .plus(b.times(3 * s * s * t))
                    .plus(c.times(3 * s * t * t))
                    .plus(d.times(t * t * t)));
        }
        return out;
    }

    /** A link that is laid, with the box around it. */
    private record Line(List<Point> points, Box box) {}

    private void lay(List<Point> points) {
        var line = new Line(points, Box.around(points));
        buckets(line.box)
                .forEach(c -> laid.computeIfAbsent(c, _ -> new ArrayList<>()).add(line));
    }

    private static List<Cell> buckets(Box box) {
        var out = new ArrayList<Cell>();
        for (var x = (int) Math.floor(box.minX() / BUCKET_MM); x <= (int) Math.floor(box.maxX() / BUCKET_MM); x++) {
            for (var y = (int) Math.floor(box.minY() / BUCKET_MM); y <= (int) Math.floor(box.maxY() / BUCKET_MM); y++) {
                out.add(new Cell(x, y));
            }
        }
        return out;
    }

    private double cost(Bow bow, Point from, Point to) {
        var cost = length(bow.points) + BOW_WEIGHT * bow.heightMm;
        var box = Box.around(bow.points);
        var near = new LinkedHashSet<Line>();
        buckets(box).forEach(c -> near.addAll(laid.getOrDefault(c, List.of())));
        for (var other : near) {
            if (other.box.meets(box)) {
                cost += CROSSING_MM * crossings(bow.points, other);
            }
        }
        for (var at : softBoxes.meeting(box)) {
            var symbol = soft.get(at);
            if (!symbol.contains(from)
                    && !symbol.contains(to)
                    && bow.points.stream().anyMatch(symbol::contains)) {
                cost += OVER_SYMBOL_MM;
            }
        }
        return cost;
    }

    private static double length(List<Point> points) {
        var out = 0.0;
        for (var i = 1; i < points.size(); i++) {
            out += points.get(i).distance(points.get(i - 1));
        }
        return out;
    }

    private static int crossings(List<Point> line, Line other) {
        var out = 0;
        for (var i = 1; i < line.size(); i++) {
            var one = new Segment(line.get(i - 1), line.get(i));
            var box = one.bounds();
            if (box.meets(other.box) && !one.a().equals(one.b())) {
                for (var j = 1; j < other.points.size(); j++) {
                    var two = new Segment(other.points.get(j - 1), other.points.get(j));
                    if (box.meets(two.bounds()) && one.crossing(two).isPresent()) {
                        out++;
                    }
                }
            }
        }
        return out;
    }

    /** Whether a line of points keeps off all that it may not cross; what one of its ends lies in cannot be kept off. */
    private boolean isFree(List<Point> points, List<Point> ends, double clearMm) {
        for (var i = 1; i < points.size(); i++) {
            var part = new Segment(points.get(i - 1), points.get(i));
            for (var at : hardBoxes.meeting(part.bounds())) {
                var ring = hard.get(at);
                if (!holdsOne(ring, ends, clearMm) && (isNear(ring, part.b(), clearMm) || crosses(ring, part))) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean holdsOne(Ring ring, List<Point> ends, double clearMm) {
        return ends.stream().anyMatch(e -> isNear(ring, e, clearMm));
    }

    private static boolean isNear(Ring ring, Point p, double clearMm) {
        return ring.bounds().grown(clearMm).contains(p) && (ring.contains(p) || ring.edgeDistance(p) < clearMm);
    }

    private static boolean crosses(Ring ring, Segment part) {
        return part.length() > 0
                && ring.edges().stream()
                        .anyMatch(e -> e.length() > 0 && e.crossing(part).isPresent());
    }

    private record Cell(int x, int y) {}

    private record Step(Cell cell, double expectedMm) {}

    /** The shortest way round over a grid, pulled tight; empty if there is none. */
    private Optional<List<Point>> around(Point from, Point to, double stepMm, double clearMm) {
        var box = Box.around(List.of(from, to)).grown(AROUND_MM);
        var step = Math.max(stepMm, Math.sqrt(box.width() * box.height() / MOST_CELLS));
        var wide = (int) Math.ceil(box.width() / step);
        var high = (int) Math.ceil(box.height() / step);
        var ends = List.of(from, to);
        var start = cell(from, box, step);
        var goal = cell(to, box, step);
        Map<Cell, Double> best = new HashMap<>();
        Map<Cell, Cell> before = new HashMap<>();
        var open = new PriorityQueue<Step>(Comparator.comparingDouble(Step::expectedMm)
                .thenComparingInt(s -> s.cell.y)
                .thenComparingInt(s -> s.cell.x));
        best.put(start, 0.0);
        open.add(new Step(start, from.distance(to)));
        var blocked = blocked(box, step, wide, high, ends, clearMm);
        while (!open.isEmpty()) {
            var here = open.poll().cell;
            if (here.equals(goal)) {
                return Optional.of(tight(way(before, goal, box, step, from, to), ends, clearMm));
            }
            for (var dx = -1; dx <= 1; dx++) {
                for (var dy = -1; dy <= 1; dy++) {
                    var next = new Cell(here.x + dx, here.y + dy);
                    if ((dx != 0 || dy != 0)
                            && next.x >= 0
                            && next.y >= 0
                            && next.x < wide
                            && next.y < high
                            && (next.equals(goal) || !blocked.get(next.y * wide + next.x))) {
                        var cost = best.getOrDefault(here, 0.0) + step * Math.hypot(dx, dy);
                        if (cost < best.getOrDefault(next, Double.POSITIVE_INFINITY)) {
                            best.put(next, cost);
                            before.put(next, here);
                            open.add(new Step(
                                    next, cost + middle(next, box, step).distance(to)));
                        }
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** The squares of a grid whose middles are on or near what may not be crossed. */
    private BitSet blocked(Box box, double step, int wide, int high, List<Point> ends, double clearMm) {
        var out = new BitSet(wide * high);
        var near = clearMm + NEAR_SHARE * step;
        for (var at : hardBoxes.meeting(box)) {
            var ring = hard.get(at);
            if (!holdsOne(ring, ends, clearMm)) {
                var around = ring.bounds().grown(near);
                var last = cell(new Point(around.maxX(), around.maxY()), box, step);
                var first = cell(new Point(around.minX(), around.minY()), box, step);
                for (var y = Math.max(0, first.y); y <= Math.min(high - 1, last.y); y++) {
                    for (var x = Math.max(0, first.x); x <= Math.min(wide - 1, last.x); x++) {
                        if (isNear(ring, middle(new Cell(x, y), box, step), near)) {
                            out.set(y * wide + x);
                        }
                    }
                }
            }
        }
        return out;
    }

    private static Cell cell(Point p, Box box, double step) {
        return new Cell((int) Math.floor((p.x() - box.minX()) / step), (int) Math.floor((p.y() - box.minY()) / step));
    }

    private static Point middle(Cell cell, Box box, double step) {
        return new Point(box.minX() + (cell.x + 0.5) * step, box.minY() + (cell.y + 0.5) * step);
    }

    private static List<Point> way(Map<Cell, Cell> before, Cell goal, Box box, double step, Point from, Point to) {
        var out = new ArrayList<Point>();
        out.add(to);
        for (var at = before.get(goal); at != null && before.containsKey(at); at = before.get(at)) {
            out.add(middle(at, box, step));
        }
        out.add(from);
        return out.reversed();
    }

    /** Straight on wherever nothing is in the way. */
    private List<Point> tight(List<Point> way, List<Point> ends, double clearMm) {
        var out = new ArrayList<Point>();
        out.add(way.getFirst());
        var at = 0;
        while (at < way.size() - 1) {
            var next = way.size() - 1;
            while (next > at + 1 && !isFree(List.of(way.get(at), way.get(next)), ends, clearMm)) {
                next--;
            }
            out.add(way.get(next));
            at = next;
        }
        return out;
    }

    private static Figure rounded(List<Point> points) {
        var path = Figure.builder();
        path.moveTo(points.getFirst().x(), points.getFirst().y());
        for (var i = 1; i < points.size() - 1; i++) {
            var corner = points.get(i);
            var in = towards(corner, points.get(i - 1));
            var out = towards(corner, points.get(i + 1));
            path.lineTo(in.x(), in.y());
            var c1 = in.plus(corner.minus(in).times(2 / 3.0));
            var c2 = out.plus(corner.minus(out).times(2 / 3.0));
            path.curveTo(c1.x(), c1.y(), c2.x(), c2.y(), out.x(), out.y());
        }
        path.lineTo(points.getLast().x(), points.getLast().y());
        return path.build();
    }

    private static Point towards(Point corner, Point other) {
        var apart = corner.distance(other);
        return corner.towards(other, Math.min(0.5, CORNER_MM / apart));
    }
}
