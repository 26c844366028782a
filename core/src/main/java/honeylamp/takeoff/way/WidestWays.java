package honeylamp.takeoff.way;

import honeylamp.geometry.Point;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * The widest ways over a raster from where one starts: to each cell the way whose narrowest place is as wide as can be,
 * and of those one that is short and keeps off what stands beside it. The same start gives the same ways.
 */
final class WidestWays {
    /** Nobody gets through less than twice this. */
    static final int LEAST_HALF_MM = 150;

    private static final int STRAIGHT = 10;
    private static final int SLANTED = 14;

    /** A step costs up to so many times more where it is tight. */
    private static final int TIGHT_COSTS = 4;

    /** Where one keeps so far off, nothing costs more. */
    private static final double AT_EASE_MM = 500;

    private static final int UNREACHED = -1;

    private final Clearances clear;
    private final int[] starts;

    /** Half the width of the widest way to each cell, in whole mm. */
    private final int[] half;

    private final int[] steps;
    private final int[] lengths;

    /** Ways from any of some cells. */
    WidestWays(Clearances clear, int[] starts) {
        this.clear = clear;
        this.starts =
                Arrays.stream(starts).filter(c -> clear.at(c) >= LEAST_HALF_MM).toArray();
        var columns = clear.columns();
        this.steps = new int[] {1, -1, columns, -columns, columns + 1, columns - 1, 1 - columns, -1 - columns};
        this.lengths = new int[] {STRAIGHT, STRAIGHT, STRAIGHT, STRAIGHT, SLANTED, SLANTED, SLANTED, SLANTED};
        this.half = widest();
    }

    /** Half the width of the widest way to a cell, in mm; empty if none leads there. */
    Optional<Integer> halfTo(int cell) {
        return half[cell] == UNREACHED ? Optional.empty() : Optional.of(half[cell]);
    }

    private int[] widest() {
        var best = new int[clear.size()];
        Arrays.fill(best, UNREACHED);
        var heaps = new Stack[(int) Clearances.FARTHEST_MM + 1];
        for (var start : starts) {
            raise(best, heaps, start, (int) clear.at(start));
        }
        for (var width = heaps.length - 1; width >= LEAST_HALF_MM; width--) {
            while (heaps[width] != null && !heaps[width].isEmpty()) {
                var cell = heaps[width].pop();
                if (best[cell] == width) { // else it was reached on a wider way since
                    for (var step : steps) {
                        var next = cell + step;
                        if (next >= 0 && next < best.length && clear.at(next) >= LEAST_HALF_MM) {
                            raise(best, heaps, next, Math.min(width, (int) clear.at(next)));
                        }
                    }
                }
            }
        }
        return best;
    }

    private static void raise(int[] best, Stack[] heaps, int cell, int width) {
        if (width > best[cell]) {
            best[cell] = width;
            if (heaps[width] == null) {
                heaps[width] = new Stack();
            }
            heaps[width].push(cell);
        }
    }

    /**
     * Ways to some cells, each empty if none leads there.
     *
     * @param enoughMm half a width that is wide enough: a short way at least so wide is taken rather than a wider one
     */
    List<List<Point>> to(int[] goals, int enoughMm) {
        var out = new ArrayList<List<Point>>();
        var least = new int[goals.length];
        for (var i = 0; i < goals.length; i++) {
            least[i] = Math.min(half[goals[i]], enoughMm);
            out.add(List.of());
        }
        for (var width :
                Arrays.stream(least).filter(w -> w >= LEAST_HALF_MM).distinct().toArray()) {
            var from = shortest(width);
            for (var i = 0; i < goals.length; i++) {
                if (least[i] == width) {
                    out.set(i, straightened(back(from, goals[i]), width));
                }
            }
        }
        return out;
    }

    /** From which cell one comes to each on the shortest ways at least so wide; a start comes from itself. */
    private int[] shortest(int width) {
        var from = new int[clear.size()];
        var cost = new int[clear.size()];
        Arrays.fill(cost, Integer.MAX_VALUE);
        var rounds = new Stack[SLANTED * (1 + TIGHT_COSTS) + 1];
        Arrays.setAll(rounds, _ -> new Stack());
        var waiting = 0;
        for (var start : starts) {
            if (clear.at(start) >= width && cost[start] != 0) {
                cost[start] = 0;
                from[start] = start;
                rounds[0].push(start);
                waiting++;
            }
        }
        for (var now = 0; waiting > 0; now++) {
            var round = rounds[now % rounds.length];
            while (!round.isEmpty()) {
                var cell = round.pop();
                waiting--;
                if (cost[cell] != now) {
                    continue;
                }
                for (var i = 0; i < steps.length; i++) {
                    var next = cell + steps[i];
                    if (next < 0 || next >= cost.length || clear.at(next) < width) {
                        continue;
                    }
                    var dear = now + price(lengths[i], clear.at(next));
                    if (dear < cost[next]) {
                        cost[next] = dear;
                        from[next] = cell;
                        rounds[dear % rounds.length].push(next);
                        waiting++;
                    }
                }
            }
        }
        return from;
    }

    private static int price(int length, double clearMm) {
        return clearMm >= AT_EASE_MM ? length : length + (int) (length * TIGHT_COSTS * (1 - clearMm / AT_EASE_MM));
    }

    private static List<Integer> back(int[] from, int goal) {
        var out = new ArrayList<Integer>();
        var cell = goal;
        while (from[cell] != cell) {
            out.add(cell);
            cell = from[cell];
        }
        out.add(cell);
        return out.reversed();
    }

    /** The middles of the cells of a way, those left out between which one walks straight on, as wide as needs be. */
    private List<Point> straightened(List<Integer> cells, int width) {
        var out = new ArrayList<Point>();
        out.add(clear.middle(cells.getFirst()));
        var at = 0;
        while (at + 1 < cells.size()) {
            at = farthest(cells, at, width);
            out.add(clear.middle(cells.get(at)));
        }
        return List.copyOf(out);
    }

    /** A cell of a way that one reaches straight from another, about as far on as there is one: steps are doubled, then halved. */
    private int farthest(List<Integer> cells, int from, int width) {
        var step = 1;
        while (from + 2 * step < cells.size() && isFree(cells, from, from + 2 * step, width)) {
            step *= 2;
        }
        var good = from + step;
        for (var more = step; more >= 1; more /= 2) {
            if (good + more < cells.size() && isFree(cells, from, good + more, width)) {
                good += more;
            }
        }
        return good;
    }

    /** Whether one walks straight from one cell of a way to another and keeps off as much as on the way between them. */
    private boolean isFree(List<Integer> cells, int from, int to, int width) {
        var a = clear.middle(cells.get(from));
        var b = clear.middle(cells.get(to));
        var kept = Math.min(
                AT_EASE_MM,
                cells.subList(from, to + 1).stream()
                        .mapToDouble(clear::at)
                        .min()
                        .orElseThrow());
        var many = (int) Math.ceil(a.distance(b) / clear.cellMm() * 2);
        for (var i = 1; i < many; i++) {
            if (clear.at(a.towards(b, (double) i / many)) < Math.max(width, kept)) {
                return false;
            }
        }
        return true;
    }

    /** Whole numbers, the newest first. */
    private static final class Stack {
        private int[] held = new int[64];
        private int many;

        void push(int value) {
            if (many == held.length) {
                held = Arrays.copyOf(held, 2 * many);
            }
            held[many++] = value;
        }

        int pop() {
            return held[--many];
        }

        boolean isEmpty() {
            return many == 0;
        }
    }
}
