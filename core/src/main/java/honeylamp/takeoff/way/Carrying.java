package honeylamp.takeoff.way;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.Arrays;
import java.util.BitSet;
import java.util.List;
import java.util.function.BooleanSupplier;

/**
 * Whether a box can be carried through a floor: by trying all places of a raster, all turns in steps, and all sides down.
 * Between one try and the next the box moves or turns by one step, so what it needs is known to about half a step.
 */
final class Carrying {
    /** The step from place to place. */
    static final double CELL_MM = 30;

    /** The step from turn to turn; a box is the same after half a turn. */
    private static final double STEP_DEG = 2.5;

    /** So near to the goal it is there. */
    private static final double THERE_MM = 200;

    /** Somebody who carries nothing. */
    private static final double SLIM_MM = 200;

    private static final int TURNS = (int) (180 / STEP_DEG);
    private static final int QUARTER = TURNS / 2;
    private static final double MOST_CELLS = 250_000;

    /** Around where it starts it may be turned and shifted so much. */
    private static final double STARTING_MM = 500;

    /** So much around the walls there is room to turn anything. */
    private static final double AROUND_MM = 3500;

    private final List<CarriedBox> ways;
    private final double cellMm;
    private final double minX;
    private final double minY;
    private final int columns;
    private final int rows;

    /** Where a box meets something, by side and turn; only as far as was asked. */
    private final BitSet[] blocked;

    private final List<List<Segment>> edges;

    /** Where anything is tried: within the walls, and around where it starts. */
    private final BitSet ground;

    /** A box as it is carried somewhere. */
    record Pose(CarriedBox box, Point middle, double deg) {}

    /** How far a box came. */
    sealed interface End {
        /** It is there. */
        record There() implements End {}

        /** It came no nearer than this. */
        record Stuck(Pose nearest) implements End {}

        /** Nobody waits for it any more. */
        record Unwanted() implements End {}
    }

    /**
     * A box among edges.
     *
     * @param ways how it may be carried, each with the edges that are in its way then
     */
    Carrying(List<CarriedBox> ways, List<List<Segment>> edges) {
        this.ways = List.copyOf(ways);
        this.edges = List.copyOf(edges);
        var box = edges.stream()
                .flatMap(List::stream)
                .map(Segment::bounds)
                .reduce(Box::union)
                .orElse(new Box(0, 0, 1, 1))
                .grown(AROUND_MM);
        this.cellMm = Math.max(CELL_MM, Math.sqrt(box.width() * box.height() / MOST_CELLS));
        this.minX = box.minX();
        this.minY = box.minY();
        this.columns = (int) Math.ceil(box.width() / cellMm);
        this.rows = (int) Math.ceil(box.height() / cellMm);
        this.blocked = new BitSet[ways.size() * TURNS];
        this.ground = new BitSet(columns * rows);
        open(box.grown(-AROUND_MM));
    }

    private void open(Point start) {
        var reach = ways.stream().mapToDouble(CarriedBox::reachMm).max().orElse(0);
        open(new Box(start.x(), start.y(), start.x(), start.y()).grown(reach + STARTING_MM));
    }

    private void open(Box box) {
        var first = cell(new Point(box.minX(), box.minY()));
        var last = cell(new Point(box.maxX(), box.maxY()));
        for (var row = first / columns; row <= last / columns; row++) {
            ground.set(row * columns + first % columns, row * columns + last % columns + 1);
        }
    }

    /** How much a raster of this size leaves in doubt, on each side of a box. */
    double doubtMm() {
        return cellMm / 2;
    }

    /**
     * Carries the box from any of some places to a goal.
     *
     * @param wanted asked now and then
     */
    End carry(List<Point> starts, Point goal, BooleanSupplier wanted) {
        var cells = columns * rows;
        var left = new Untried();
        starts.forEach(this::open);
        var queue = new Queue();
        for (var start : starts) {
            for (var state = 0; state < blocked.length; state++) {
                left.offer(queue, state, cell(start));
            }
        }
        var far = walked(goal);
        var nearest = -1;
        var least = Integer.MAX_VALUE;
        var tried = 0;
        while (!queue.isEmpty()) {
            if ((++tried & 0xffff) == 0 && !wanted.getAsBoolean()) {
                return new End.Unwanted();
            }
            var at = queue.take();
            var cell = at % cells;
            if (middle(cell).distance(goal) <= THERE_MM) {
                return new End.There();
            }
            if (far[cell] < least) {
                least = far[cell];
                nearest = at;
            }
            spread(left, queue, at / cells, cell);
        }
        return nearest < 0 // it does not even stand at the start
                ? new End.Stuck(new Pose(ways.getFirst(), starts.getFirst(), 0))
                : new End.Stuck(new Pose(
                        ways.get(nearest / cells / TURNS),
                        middle(nearest % cells),
                        nearest / cells % TURNS * STEP_DEG));
    }

    /** To the places beside one, to the turns beside its turn, to its other sides. */
    private void spread(Untried left, Queue queue, int state, int cell) {
        var column = cell % columns;
        if (column > 0) {
            left.offer(queue, state, cell - 1);
        }
        if (column + 1 < columns) {
            left.offer(queue, state, cell + 1);
        }
        left.offer(queue, state, cell - columns);
        left.offer(queue, state, cell + columns);
        var turn = state % TURNS;
        var way = state / TURNS;
        left.turned(queue, way * TURNS + (turn + 1) % TURNS, cell);
        left.turned(queue, way * TURNS + (turn + TURNS - 1) % TURNS, cell);
        tipped(way, turn).forEach(next -> left.offer(queue, next, cell));
    }

    /** How many cells one walks from each to the goal, where nothing is carried. */
    private int[] walked(Point goal) {
        var out = new int[columns * rows];
        Arrays.fill(out, Integer.MAX_VALUE);
        var lowest = 0;
        for (var i = 1; i < ways.size(); i++) {
            lowest = ways.get(i).highMm() < ways.get(lowest).highMm() ? i : lowest;
        }
        var walls = new BitSet(columns * rows);
        var slim = new CarriedBox(SLIM_MM, SLIM_MM, 0).at(Point.ORIGIN, 0).corners();
        edges.get(lowest).forEach(e -> sweep(walls, e, slim));
        var queue = new Queue();
        out[cell(goal)] = 0;
        queue.put(cell(goal));
        while (!queue.isEmpty()) {
            var cell = queue.take();
            var column = cell % columns;
            for (var next : new int[] {
                column > 0 ? cell - 1 : -1, column + 1 < columns ? cell + 1 : -1, cell - columns, cell + columns
            }) {
                if (next >= 0 && next < out.length && out[next] == Integer.MAX_VALUE && !walls.get(next)) {
                    out[next] = out[cell] + 1;
                    queue.put(next);
                }
            }
        }
        return out;
    }

    /** From lying on its base to its front or its end and back, and between those two. */
    private List<Integer> tipped(int way, int turn) {
        return switch (way) {
            case 0 -> ways.size() < 3 ? List.of() : List.of(TURNS + turn, 2 * TURNS + turn);
            case 1 -> List.of(turn, 2 * TURNS + (turn + QUARTER) % TURNS);
            default -> List.of(turn, TURNS + (turn + QUARTER) % TURNS);
        };
    }

    /** What was not tried yet and is not blocked, by side and turn: one set to look into for each step. */
    private final class Untried {
        private final BitSet[] cells = new BitSet[blocked.length];

        void offer(Queue queue, int state, int cell) {
            if (cell >= 0 && of(state).get(cell)) {
                take(queue, state, cell);
            }
        }

        /** A box that turns does so about its middle or a little beside it, as where it leans on a corner. */
        void turned(Queue queue, int state, int cell) {
            var free = of(state);
            for (var down = -columns; down <= columns; down += columns) {
                for (var next = Math.max(0, cell + down - 1); next <= cell + down + 1; next++) {
                    if (free.get(next)) {
                        take(queue, state, next);
                    }
                }
            }
        }

        private void take(Queue queue, int state, int cell) {
            cells[state].clear(cell);
            queue.put(state * columns * rows + cell);
        }

        private BitSet of(int state) {
            var known = cells[state];
            if (known == null) {
                known = (BitSet) ground.clone();
                known.andNot(blocked(state));
                cells[state] = known;
            }
            return known;
        }
    }

    private BitSet blocked(int state) {
        var known = blocked[state];
        if (known == null) {
            known = new BitSet(columns * rows);
            var lies = ways.get(state / TURNS)
                    .at(Point.ORIGIN, state % TURNS * STEP_DEG)
                    .corners();
            for (var edge : edges.get(state / TURNS)) {
                sweep(known, edge, lies);
            }
            blocked[state] = known;
        }
        return known;
    }

    /** Where the middle must not be, so that what lies about it does not meet an edge: the sum of both, a convex shape. */
    private void sweep(BitSet out, Segment edge, List<Point> lies) {
        var least = Double.POSITIVE_INFINITY;
        var most = Double.NEGATIVE_INFINITY;
        for (var p : lies) {
            least = Math.min(least, p.y());
            most = Math.max(most, p.y());
        }
        var from = row(Math.min(edge.a().y(), edge.b().y()) + least);
        var to = row(Math.max(edge.a().y(), edge.b().y()) + most);
        for (var row = Math.max(0, from); row <= Math.min(rows - 1, to); row++) {
            var y = minY + (row + 0.5) * cellMm;
            var left = Double.POSITIVE_INFINITY;
            var right = Double.NEGATIVE_INFINITY;
            for (int i = 0, j = lies.size() - 1; i < lies.size(); j = i++) {
                // the outline of the sum is made of the box at both ends of the edge and of the edge at all corners
                for (var end : new Point[] {edge.a(), edge.b()}) {
                    var x = crossing(end.plus(lies.get(j)), end.plus(lies.get(i)), y);
                    left = Math.min(left, x);
                    right = Math.max(right, Double.isInfinite(x) ? right : x);
                }
                var x = crossing(edge.a().plus(lies.get(i)), edge.b().plus(lies.get(i)), y);
                left = Math.min(left, x);
                right = Math.max(right, Double.isInfinite(x) ? right : x);
            }
            if (left <= right) {
                var first = Math.max(0, (int) Math.ceil((left - minX) / cellMm - 0.5));
                var last = Math.min(columns - 1, (int) Math.floor((right - minX) / cellMm - 0.5));
                if (first <= last) {
                    out.set(row * columns + first, row * columns + last + 1);
                }
            }
        }
    }

    /** Where a line crosses a height; infinite if it does not. */
    private static double crossing(Point a, Point b, double y) {
        return a.y() > y == b.y() > y
                ? Double.POSITIVE_INFINITY
                : a.x() + (y - a.y()) * (b.x() - a.x()) / (b.y() - a.y());
    }

    private int row(double y) {
        return (int) Math.floor((y - minY) / cellMm);
    }

    private int cell(Point p) {
        var column = Math.clamp((int) Math.floor((p.x() - minX) / cellMm), 0, columns - 1);
        return Math.clamp(row(p.y()), 0, rows - 1) * columns + column;
    }

    private Point middle(int cell) {
        return new Point(minX + (cell % columns + 0.5) * cellMm, minY + (cell / columns + 0.5) * cellMm);
    }

    /** Numbers in the order in which they came. */
    private static final class Queue {
        private int[] held = new int[1 << 16];
        private int first;
        private int many;

        void put(int value) {
            if (many == held.length) {
                var longer = Arrays.copyOf(held, 2 * many);
                for (var i = 0; i < many; i++) {
                    longer[i] = held[(first + i) % held.length];
                }
                held = longer;
                first = 0;
            }
            held[(first + many++) % held.length] = value;
        }

        int take() {
            var value = held[first];
            first = (first + 1) % held.length;
            many--;
            return value;
        }

        boolean isEmpty() {
            return many == 0;
        }
    }
}
