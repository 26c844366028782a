package honeylamp.geometry;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

/** Where two drawn paths differ. */
public final class FigureChange {
    /** A step from one point to the next; control points of straight ones lie on their ends. */
    private record Step(double x0, double y0, double x1, double y1, double x2, double y2, double x, double y) {
        static Step straight(Point a, Point b) {
            return new Step(a.x(), a.y(), a.x(), a.y(), b.x(), b.y(), b.x(), b.y());
        }

        Point from() {
            return new Point(x0, y0);
        }

        Point to() {
            return new Point(x, y);
        }

        boolean straight() {
            return x1 == x0 && y1 == y0 && x2 == x && y2 == y;
        }

        /** Whether both lie on one level or one plumb line. */
        boolean along(Step o) {
            return x0 == x && o.x0 == x && o.x == x || y0 == y && o.y0 == y && o.y == y;
        }

        Box box() {
            return new Box(
                    Math.min(Math.min(x0, x), Math.min(x1, x2)),
                    Math.min(Math.min(y0, y), Math.min(y1, y2)),
                    Math.max(Math.max(x0, x), Math.max(x1, x2)),
                    Math.max(Math.max(y0, y), Math.max(y1, y2)));
        }
    }

    private static final int CORNERS = 4;

    private FigureChange() {}

    /**
     * The boxes outside which both are the same, filled by the non-zero rule or drawn with a line without dashes;
     * lines reach beyond them by their width. Steps that both have cancel each other: what is left of them are closed
     * chains, and winding numbers differ only within those.
     */
    public static List<Box> between(Figure a, Figure b) {
        if (a.equals(b)) {
            return List.of();
        }
        var boxes = asBox(a).flatMap(p -> asBox(b).map(q -> between(p, q)));
        if (boxes.isPresent()) {
            return List.of(boxes.get());
        }
        Map<Step, Integer> left = new HashMap<>();
        var before = steps(a);
        var after = steps(b);
        var most = Math.min(before.size(), after.size());
        var from = 0;
        while (from < most && before.get(from).equals(after.get(from))) {
            from++;
        }
        var back = 0;
        while (back < most - from && before.get(before.size() - 1 - back).equals(after.get(after.size() - 1 - back))) {
            back++;
        }
        before.subList(from, before.size() - back).forEach(step -> left.merge(step, 1, Integer::sum));
        after.subList(from, after.size() - back).forEach(step -> left.merge(step, -1, Integer::sum));
        left.values().removeIf(times -> times == 0);
        var chains = new Chains();
        shortened(left).forEach(chains::add);
        return chains.boxes();
    }

    /** Of two level or plumb steps that begin or end at one point, one on either side, only what is left counts. */
    private static List<Step> shortened(Map<Step, Integer> left) {
        Map<Point, Step> begun = new HashMap<>();
        Map<Point, Step> ended = new HashMap<>();
        left.forEach((step, times) -> {
            if (times < 0 && step.straight()) {
                begun.put(step.from(), step);
                ended.put(step.to(), step);
            }
        });
        Set<Step> paired = new HashSet<>();
        var out = new ArrayList<Step>();
        left.forEach((step, times) -> {
            var other = begun.get(step.from());
            var same = ended.get(step.to());
            if (times != 1 || !step.straight()) {
                return;
            }
            if (other != null && left.getOrDefault(other, 0) == -1 && step.along(other) && paired.add(other)) {
                out.add(Step.straight(step.to(), other.to()));
                paired.add(step);
            } else if (same != null && left.getOrDefault(same, 0) == -1 && step.along(same) && paired.add(same)) {
                out.add(Step.straight(step.from(), same.from()));
                paired.add(step);
            }
        });
        left.keySet().stream().filter(step -> !paired.contains(step)).forEach(out::add);
        return out;
    }

    /** Steps that hang together by their ends. */
    private static final class Chains {
        private final Map<Point, Integer> numbers = new HashMap<>();
        private final List<Integer> leads = new ArrayList<>();
        private final Map<Integer, Box> boxes = new HashMap<>();

        void add(Step step) {
            var one = lead(number(new Point(step.x0, step.y0)));
            var other = lead(number(new Point(step.x, step.y)));
            var box = step.box();
            for (var lead : new int[] {one, other}) {
                var known = boxes.remove(lead);
                box = known == null ? box : box.union(known);
            }
            leads.set(other, one);
            boxes.put(one, box);
        }

        private int number(Point at) {
            return numbers.computeIfAbsent(at, _ -> {
                leads.add(leads.size());
                return leads.size() - 1;
            });
        }

        private int lead(int of) {
            var at = of;
            while (leads.get(at) != at) {
                leads.set(at, leads.get(leads.get(at)));
                at = leads.get(at);
            }
            return at;
        }

        List<Box> boxes() {
            return List.copyOf(boxes.values());
        }
    }

    /** Boxes that share three sides differ in a strip only. */
    private static Box between(Box a, Box b) {
        var same = (a.minX() == b.minX() ? 1 : 0)
                + (a.maxX() == b.maxX() ? 1 : 0)
                + (a.minY() == b.minY() ? 1 : 0)
                + (a.maxY() == b.maxY() ? 1 : 0);
        if (same < CORNERS - 1) {
            return a.union(b);
        }
        var minX = a.maxX() == b.maxX() ? Math.min(a.minX(), b.minX()) : Math.min(a.maxX(), b.maxX());
        var maxX = a.minX() == b.minX() ? Math.max(a.maxX(), b.maxX()) : Math.max(a.minX(), b.minX());
        var minY = a.maxY() == b.maxY() ? Math.min(a.minY(), b.minY()) : Math.min(a.maxY(), b.maxY());
        var maxY = a.minY() == b.minY() ? Math.max(a.maxY(), b.maxY()) : Math.max(a.minY(), b.minY());
        return new Box(minX, minY, maxX, maxY);
    }

    /** The box whose ring a path is. */
    private static Optional<Box> asBox(Figure figure) {
        if (figure.isEmpty()) {
            return Optional.empty();
        }
        var bounds = figure.bounds();
        return Figure.ring(bounds.ring()).equals(figure) ? Optional.of(bounds) : Optional.empty();
    }

    private static List<Step> steps(Figure figure) {
        var out = new ArrayList<Step>();
        var walker = new Walk(out::add);
        figure.walk(walker);
        walker.close(); // a fill closes what is left open
        return out;
    }

    /** Tells every step, those that close a part too. */
    private static final class Walk implements Figure.Walker {
        private final Consumer<Step> to;
        private double startX;
        private double startY;
        private double x;
        private double y;

        Walk(Consumer<Step> to) {
            this.to = to;
        }

        @Override
        public void moveTo(double nextX, double nextY) {
            close();
            startX = nextX;
            startY = nextY;
            x = nextX;
            y = nextY;
        }

        @Override
        public void lineTo(double nextX, double nextY) {
            curveTo(x, y, nextX, nextY, nextX, nextY);
        }

        @Override
        public void curveTo(double x1, double y1, double x2, double y2, double nextX, double nextY) {
            to.accept(new Step(x, y, x1, y1, x2, y2, nextX, nextY));
            x = nextX;
            y = nextY;
        }

        @Override
        public void close() {
            if (x != startX || y != startY) {
                lineTo(startX, startY);
            }
        }
    }
}
