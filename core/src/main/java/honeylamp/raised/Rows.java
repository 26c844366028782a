package honeylamp.raised;

import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Ring;
import java.util.Arrays;

/** Rows of pixels over a box, from its foot up: which of them have their middles within an outline. */
final class Rows {
    private final Box box;
    private final double perMm;
    private final int width;
    private final int height;

    /** So many pixels each mm. */
    Rows(Box box, double perMm) {
        this.box = box;
        this.perMm = perMm;
        this.width = Math.max(1, (int) Math.ceil(box.width() * perMm));
        this.height = Math.max(1, (int) Math.ceil(box.height() * perMm));
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }

    double perMm() {
        return perMm;
    }

    /** The middle of a column. */
    double x(int column) {
        return box.minX() + (column + 0.5) / perMm;
    }

    /** The middle of a row. */
    double y(int row) {
        return box.minY() + (row + 0.5) / perMm;
    }

    /** Where a place lies among the columns; whole numbers are their left edges. */
    double column(double x) {
        return (x - box.minX()) * perMm;
    }

    /** Where a place lies among the rows; whole numbers are their lower edges. */
    double row(double y) {
        return (y - box.minY()) * perMm;
    }

    /** The first row that a box may meet. */
    int first(Box around) {
        return Math.max(0, (int) Math.floor(row(around.minY()) - 0.5));
    }

    /** The last row that a box may meet. */
    int last(Box around) {
        return Math.min(height - 1, (int) Math.ceil(row(around.maxY()) - 0.5));
    }

    /** Some columns of one row. */
    interface Span {
        /**
         * Takes them.
         *
         * @param to the first that is no longer among them
         */
        void row(int row, int from, int to);
    }

    /** The pixels of some rows whose middles lie within an outline, row by row, each span so many pixels longer at both ends. */
    void spans(Outline outline, int wider, int first, int last, Span span) {
        var crossings = new double[8];
        for (var row = first; row <= last; row++) {
            var y = y(row);
            var many = crossings(outline.shell(), y, crossings, 0);
            for (var hole : outline.holes()) {
                many = many < 0 ? many : crossings(hole, y, crossings, many);
            }
            if (many < 0) {
                crossings = Arrays.copyOf(crossings, crossings.length * 2);
                row--;
                continue;
            }
            sort(crossings, many);
            for (var i = 0; i + 1 < many; i += 2) {
                var from = Math.max(0, (int) Math.ceil(column(crossings[i]) - 0.5) - wider);
                var to = Math.min(width, (int) Math.ceil(column(crossings[i + 1]) - 0.5) + wider);
                if (to > from) {
                    span.row(row, from, to);
                }
            }
        }
    }

    /** Mostly two, seldom more than ten. */
    private static void sort(double[] all, int many) {
        for (var i = 1; i < many; i++) {
            var one = all[i];
            var k = i - 1;
            while (k >= 0 && all[k] > one) {
                all[k + 1] = all[k];
                k--;
            }
            all[k + 1] = one;
        }
    }

    /** Where a level line crosses a ring; -1 if there is no room for all. */
    private static int crossings(Ring ring, double y, double[] out, int from) {
        var many = from;
        var corners = ring.corners();
        var before = corners.getLast();
        for (var p : corners) {
            if (p.y() > y != before.y() > y) {
                if (many == out.length) {
                    return -1;
                }
                out[many++] = (before.x() - p.x()) * (y - p.y()) / (before.y() - p.y()) + p.x();
            }
            before = p;
        }
        return many;
    }
}
