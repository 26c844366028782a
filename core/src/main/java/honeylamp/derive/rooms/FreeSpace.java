package honeylamp.derive.rooms;

import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.units.Checks;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * Where in a room boxes of any size lie clear of everything, found by counting taken cells: a cell is taken if anything
 * touches it, so that what is found free is free.
 *
 * <p>Source of the counting: F. C. Crow, "Summed-area tables for texture mapping", SIGGRAPH 1984.
 */
public final class FreeSpace {
    /** More cells than this are not laid over a room, they become larger instead. */
    private static final int MOST_CELLS = 30_000;

    /** The same where little is looked for that has no space otherwise. */
    private static final int MOST_FINE_CELLS = 400_000;

    private final Box box;
    private final double cellMm;
    private final int columns;
    private final int rows;

    /** How many cells are taken below and left of a corner of cells. */
    private final int[] taken;

    private FreeSpace(Box box, double cellMm) {
        this.box = box;
        this.cellMm = cellMm;
        this.columns = Math.max(1, (int) Math.ceil(box.width() / cellMm));
        this.rows = Math.max(1, (int) Math.ceil(box.height() / cellMm));
        this.taken = new int[(columns + 1) * (rows + 1)];
    }

    /**
     * The free space of a room.
     *
     * @param obstacles what is kept clear of, in plan mm
     * @param cellMm how fine it is told apart, in plan mm; coarser in very large rooms
     */
    public static FreeSpace of(Outline room, List<Outline> obstacles, double cellMm) {
        return of(room, obstacles, cellMm, MOST_CELLS);
    }

    /** The same with many more cells: in large rooms too they are as fine as is said. */
    public static FreeSpace finelyOf(Outline room, List<Outline> obstacles, double cellMm) {
        return of(room, obstacles, cellMm, MOST_FINE_CELLS);
    }

    private static FreeSpace of(Outline room, List<Outline> obstacles, double cellMm, int most) {
        var box = room.bounds();
        var fine = Checks.positive("cell", cellMm);
        var least = Math.sqrt(Math.max(box.width(), 1) * Math.max(box.height(), 1) / most);
        var space = new FreeSpace(box, Math.max(fine, least));
        var cells = new boolean[space.columns * space.rows];
        var inside = new boolean[cells.length];
        space.fill(inside, room);
        for (var i = 0; i < cells.length; i++) {
            cells[i] = !inside[i];
        }
        space.touch(cells, room);
        for (var obstacle : obstacles) {
            if (obstacle.bounds().meets(box)) {
                space.fill(cells, obstacle);
                space.touch(cells, obstacle);
            }
        }
        space.count(cells);
        return space;
    }

    /** Marks the cells whose middles lie within an outline: between every second crossing of its edges, row by row. */
    private void fill(boolean[] cells, Outline outline) {
        var first = new int[rows + 1]; // of the crossings of a row, and of the next one behind its last
        eachCrossing(outline, (row, _) -> first[row + 1]++);
        for (var row = 0; row < rows; row++) {
            first[row + 1] += first[row];
        }
        var crossings = new double[first[rows]];
        var next = first.clone();
        eachCrossing(outline, (row, x) -> crossings[next[row]++] = x);
        for (var row = 0; row < rows; row++) {
            Arrays.sort(crossings, first[row], first[row + 1]);
            for (var i = first[row]; i + 1 < first[row + 1]; i += 2) {
                var from = Math.max(0, (int) Math.ceil((crossings[i] - box.minX()) / cellMm - 0.5));
                var to = Math.min(columns - 1, (int) Math.floor((crossings[i + 1] - box.minX()) / cellMm - 0.5));
                for (var column = from; column <= to; column++) {
                    cells[row * columns + column] = true;
                }
            }
        }
    }

    private interface Crossing {
        void at(int row, double x);
    }

    /** Where the edges of an outline cross the middles of rows. */
    private void eachCrossing(Outline outline, Crossing crossing) {
        outline.rings().forEach(ring -> {
            var corners = ring.corners();
            var a = corners.getLast();
            for (var b : corners) {
                var low = Math.min(a.y(), b.y());
                var high = Math.max(a.y(), b.y());
                var last = Math.min(rows - 1, row(high) + 1);
                for (var row = Math.max(0, row(low) - 1); row <= last; row++) {
                    var y = box.minY() + (row + 0.5) * cellMm;
                    if (a.y() <= y != b.y() <= y) {
                        crossing.at(row, a.x() + (y - a.y()) / (b.y() - a.y()) * (b.x() - a.x()));
                    }
                }
                a = b;
            }
        });
    }

    /** Marks the cells through which an edge of an outline runs. */
    private void touch(boolean[] cells, Outline outline) {
        outline.rings().flatMap(r -> r.edges().stream()).forEach(e -> touch(cells, e));
    }

    private void touch(boolean[] cells, Segment edge) {
        var low = edge.a().y() <= edge.b().y() ? edge.a() : edge.b();
        var high = low == edge.a() ? edge.b() : edge.a();
        var first = Math.max(0, row(low.y()));
        var last = Math.min(rows - 1, row(high.y()));
        for (var row = first; row <= last; row++) {
            var from = xAt(low, high, Math.max(low.y(), box.minY() + row * cellMm));
            var to = xAt(low, high, Math.min(high.y(), box.minY() + (row + 1) * cellMm));
            if (low.y() == high.y()) {
                from = low.x();
                to = high.x();
            }
            var left = Math.max(0, column(Math.min(from, to)));
            var right = Math.min(columns - 1, column(Math.max(from, to)));
            for (var column = left; column <= right; column++) {
                cells[row * columns + column] = true;
            }
        }
    }

    private static double xAt(Point low, Point high, double y) {
        var span = high.y() - low.y();
        return span == 0 ? low.x() : low.x() + (y - low.y()) / span * (high.x() - low.x());
    }

    private int row(double y) {
        return (int) Math.floor((y - box.minY()) / cellMm);
    }

    private int column(double x) {
        return (int) Math.floor((x - box.minX()) / cellMm);
    }

    private void count(boolean[] cells) {
        var wide = columns + 1;
        for (var row = 0; row < rows; row++) {
            var sum = 0;
            for (var column = 0; column < columns; column++) {
                sum += cells[row * columns + column] ? 1 : 0;
                taken[(row + 1) * wide + column + 1] = taken[row * wide + column + 1] + sum;
            }
        }
    }

    /**
     * The middle of a free box of a size that lies as near as can be to a point; of two as near the upper, then the left
     * one. Empty if there is none.
     */
    public Optional<Point> nearest(Point to, double widthMm, double heightMm) {
        var search = new Search(to, (int) Math.ceil(widthMm / cellMm), (int) Math.ceil(heightMm / cellMm));
        var last = rows - search.high;
        var middle = Math.clamp(Math.round((to.y() - box.minY()) / cellMm - search.high / 2.0), 0, Math.max(0, last));
        for (var away = 0; away <= last; away++) { // up and down from where it would lie best
            if (middle + away <= last) {
                search.along(middle + away);
            }
            if (away > 0 && middle - away >= 0) {
                search.along(middle - away);
            }
            if (search.isEndedBy(middle + away) && search.isEndedBy(middle - away)) {
                break;
            }
        }
        return search.found();
    }

    /** The nearest place for a box so many cells wide and high. */
    private final class Search {
        private final Point to;
        private final int wide;
        private final int high;
        private double best = Double.POSITIVE_INFINITY;
        private int bestRow = -1;
        private int bestColumn;

        Search(Point to, int wide, int high) {
            this.to = to;
            this.wide = wide;
            this.high = high;
        }

        Optional<Point> found() {
            return bestRow < 0 ? Optional.empty() : Optional.of(new Point(x(bestColumn), y(bestRow)));
        }

        private double x(int column) {
            return box.minX() + (column + wide / 2.0) * cellMm;
        }

        private double y(int row) {
            return box.minY() + (row + high / 2.0) * cellMm;
        }

        /** Whether there is no such row, or it and what lies beyond it is farther than what was found. */
        boolean isEndedBy(int row) {
            var dy = y(row) - to.y();
            return row < 0 || row > rows - high || dy * dy > best;
        }

        /**
         * Looks along a row. A column that is taken is in the way of all boxes over it, so columns are asked from the far
         * end of the box back, and the first taken one is where the next box begins.
         */
        void along(int row) {
            var dy = y(row) - to.y();
            var reach = best - dy * dy;
            if (reach < 0) {
                return;
            }
            var across = Math.sqrt(reach) / cellMm + 1;
            var middle = (to.x() - box.minX()) / cellMm - wide / 2.0;
            var last = (int) Math.min(columns - wide, Math.ceil(middle + across));
            var column = (int) Math.clamp(Math.floor(middle - across), 0, columns);
            var known = column; // what lies from the box's begin to here is free
            while (column <= last) {
                var at = column + wide - 1;
                while (at >= known && !isTaken(at, row)) {
                    at--;
                }
                if (at >= known) {
                    column = at + 1;
                    known = column;
                } else {
                    offer(column, row, dy);
                    known = column + wide;
                    column++;
                }
            }
        }

        private void offer(int column, int row, double dy) {
            var dx = x(column) - to.x();
            var away = dx * dx + dy * dy;
            if (away < best || away == best && (row > bestRow || row == bestRow && column < bestColumn)) {
                best = away;
                bestRow = row;
                bestColumn = column;
            }
        }

        private boolean isTaken(int column, int row) {
            var step = columns + 1;
            return taken[(row + high) * step + column + 1]
                            - taken[row * step + column + 1]
                            - taken[(row + high) * step + column]
                            + taken[row * step + column]
                    > 0;
        }
    }
}
