package honeylamp.tracing;

import honeylamp.underlay.InkPicture;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Optional;

/** Walls filled with hatch lines: many small cells of paper in a row, between lines. */
final class Hatching {
    private static final double LARGEST_CELL = 0.075;
    private static final double STRIP_ASPECT = 2.2;
    private static final double STRIP_FILL = 0.85;
    private static final int LEAST_GROUP = 7;
    private static final double SLANTED_FILL = 0.72;
    private static final int LEAST_SLANTED = 150;
    private static final int LEAST_AREA = 3;
    private static final double BLURRED = 0.45;

    private final Mask lines;
    private final int[] label;
    private final double reach;
    private final double largest;

    private Hatching(Mask lines, Tones tones) {
        this.lines = lines;
        this.label = new int[lines.on().length];
        this.reach = 2 * tones.penPx() + 3;
        this.largest = LARGEST_CELL * tones.extentPx();
    }

    private record Cell(int number, int x0, int y0, int x1, int y1, int area) {
        double fill() {
            return (double) area / ((x1 - x0) * (y1 - y0));
        }

        boolean isStrip() {
            double w = x1 - x0, h = y1 - y0;
            return Math.max(w, h) > STRIP_ASPECT * Math.min(w, h) && fill() > STRIP_FILL;
        }

        boolean isNear(Cell o, double reach) {
            return x0 - reach < o.x1 && o.x0 - reach < x1 && y0 - reach < o.y1 && o.y0 - reach < y1;
        }
    }

    /** The bodies of hatched walls; none if the picture has too few slanted cells. */
    static Optional<Mask> walls(InkPicture picture, Tones tones) {
        var faint = new Hatching(Mask.above(picture, tones.line()), tones);
        var first = faint.grouped(faint.cells());
        if (first.stream().filter(c -> c.fill() < SLANTED_FILL).count() < LEAST_SLANTED) {
            return Optional.empty();
        }
        var strong = new Hatching(Mask.above(picture, BLURRED * tones.darkest()), tones); // cells greyed by blur
        var all = faint.filled(first).or(strong.filled(strong.grouped(strong.cells())));
        var grown = all.grown((int) Math.ceil(tones.penPx() / 2) + 1);
        return Optional.of(grown.opened((int) Math.round(1.4 * tones.penPx()) + 1));
    }

    private Mask filled(List<Cell> cells) {
        var own = new boolean[label.length + 1];
        cells.forEach(c -> own[c.number] = true);
        var on = new boolean[label.length];
        for (var i = 0; i < on.length; i++) {
            on[i] = label[i] > 0 && own[label[i]];
        }
        return new Mask(lines.width(), lines.height(), on);
    }

    /** Pieces of paper that lines enclose, small enough to be cells of a hatch. */
    private List<Cell> cells() {
        var out = new ArrayList<Cell>();
        var w = lines.width();
        var stack = new int[label.length];
        var number = 0;
        for (var i = 0; i < label.length; i++) {
            if (label[i] != 0 || lines.on()[i]) {
                continue;
            }
            number++;
            int x0 = w, y0 = lines.height(), x1 = 0, y1 = 0, area = 0, top = 0;
            stack[top++] = i;
            label[i] = number;
            while (top > 0) {
                var p = stack[--top];
                int x = p % w, y = p / w;
                area++;
                x0 = Math.min(x0, x);
                x1 = Math.max(x1, x + 1);
                y0 = Math.min(y0, y);
                y1 = Math.max(y1, y + 1);
                top = x > 0 ? push(p - 1, number, stack, top) : top;
                top = x < w - 1 ? push(p + 1, number, stack, top) : top;
                top = y > 0 ? push(p - w, number, stack, top) : top;
                top = y < lines.height() - 1 ? push(p + w, number, stack, top) : top;
            }
            var cell = new Cell(number, x0, y0, x1, y1, area);
            if (area >= LEAST_AREA && x1 - x0 <= largest && y1 - y0 <= largest && !cell.isStrip()) {
                out.add(cell);
            }
        }
        return out;
    }

    private int push(int p, int number, int[] stack, int top) {
        if (label[p] != 0 || lines.on()[p]) {
            return top;
        }
        label[p] = number;
        stack[top] = p;
        return top + 1;
    }

    /** The cells that have enough neighbours, and neighbours of neighbours. */
    private List<Cell> grouped(List<Cell> cells) {
        var sorted = cells.stream()
                .sorted(Comparator.comparingInt(Cell::x0).thenComparingInt(Cell::y0))
                .toList();
        var root = new int[sorted.size()];
        for (var i = 0; i < root.length; i++) {
            root[i] = i;
        }
        for (var i = 0; i < root.length; i++) {
            for (var k = i + 1; k < root.length && sorted.get(k).x0 < sorted.get(i).x1 + reach; k++) {
                if (sorted.get(i).isNear(sorted.get(k), reach)) {
                    root[top(root, k)] = top(root, i);
                }
            }
        }
        var groups = new HashMap<Integer, List<Cell>>();
        for (var i = 0; i < root.length; i++) {
            groups.computeIfAbsent(top(root, i), _ -> new ArrayList<>()).add(sorted.get(i));
        }
        return groups.values().stream()
                .filter(g -> g.size() >= LEAST_GROUP)
                .flatMap(List::stream)
                .toList();
    }

    private static int top(int[] root, int i) {
        var at = i;
        while (root[at] != at) {
            root[at] = root[root[at]];
            at = root[at];
        }
        return at;
    }
}
