package honeylamp.takeoff.way;

import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.Arrays;

/**
 * How far from anything in the way one is at the middles of a raster of cells: exact there, at most
 * {@link #FARTHEST_MM}, and below nothing where one cannot stand.
 */
final class Clearances {
    /** What is wider on both sides is wide enough for anything. */
    static final double FARTHEST_MM = 800;

    private static final double CELL_MM = 25;

    /** A storey that would need more cells gets larger ones. */
    private static final double MOST_CELLS = 1_200_000;

    /** Where one cannot stand. */
    private static final double NOWHERE = -1;

    private final double minX;
    private final double minY;
    private final double cellMm;
    private final int columns;
    private final int rows;
    private final double[] mm;

    private Clearances(Box ground) {
        this.cellMm = Math.max(CELL_MM, Math.sqrt(ground.width() * ground.height() / MOST_CELLS));
        var box = ground.grown(2 * cellMm); // so that no cell of the ground is at the edge of the raster
        this.minX = box.minX();
        this.minY = box.minY();
        this.columns = (int) Math.ceil(box.width() / cellMm) + 1;
        this.rows = (int) Math.ceil(box.height() / cellMm) + 1;
        this.mm = new double[columns * rows];
        Arrays.fill(mm, NOWHERE);
    }

    /** The clearances of a floor; it has some ground. */
    static Clearances of(WalkedFloor floor) {
        var box =
                floor.ground().stream().map(Outline::bounds).reduce(Box::union).orElseThrow();
        var out = new Clearances(box);
        floor.ground().forEach(o -> out.fill(o, FARTHEST_MM));
        floor.inTheWay().forEach(o -> out.fill(o, NOWHERE));
        floor.edges().forEach(e -> out.keepFrom(e.line()));
        return out;
    }

    int columns() {
        return columns;
    }

    int size() {
        return mm.length;
    }

    double cellMm() {
        return cellMm;
    }

    /** The clearance in a cell. */
    double at(int cell) {
        return mm[cell];
    }

    /** The clearance in the cell of a point. */
    double at(Point p) {
        return mm[cell(p)];
    }

    /** The middle of a cell. */
    Point middle(int cell) {
        return new Point(x(cell % columns), y(cell / columns));
    }

    /** The cell of a point; the nearest one if it lies outside. */
    int cell(Point p) {
        var column = Math.clamp((int) Math.floor((p.x() - minX) / cellMm), 0, columns - 1);
        var row = Math.clamp((int) Math.floor((p.y() - minY) / cellMm), 0, rows - 1);
        return row * columns + column;
    }

    /** The cells whose middles lie in a box. */
    int[] cells(Box box) {
        var fromColumn = Math.max(0, (int) Math.ceil((box.minX() - minX) / cellMm - 0.5));
        var toColumn = Math.min(columns - 1, (int) Math.floor((box.maxX() - minX) / cellMm - 0.5));
        var fromRow = Math.max(0, (int) Math.ceil((box.minY() - minY) / cellMm - 0.5));
        var toRow = Math.min(rows - 1, (int) Math.floor((box.maxY() - minY) / cellMm - 0.5));
        if (toColumn < fromColumn || toRow < fromRow) {
            return new int[0];
        }
        var out = new int[(toColumn - fromColumn + 1) * (toRow - fromRow + 1)];
        var i = 0;
        for (var row = fromRow; row <= toRow; row++) {
            for (var column = fromColumn; column <= toColumn; column++) {
                out[i++] = row * columns + column;
            }
        }
        return out;
    }

    private double x(int column) {
        return minX + (column + 0.5) * cellMm;
    }

    private double y(int row) {
        return minY + (row + 0.5) * cellMm;
    }

    /** Gives all cells whose middles lie in an outline a value; its holes are left as they are. */
    private void fill(Outline outline, double value) {
        var box = outline.bounds();
        var from = Math.max(0, (int) Math.ceil((box.minY() - minY) / cellMm - 0.5));
        var to = Math.min(rows - 1, (int) Math.floor((box.maxY() - minY) / cellMm - 0.5));
        for (var row = from; row <= to; row++) {
            var crossings = crossings(outline, y(row));
            for (var i = 0; i + 1 < crossings.length; i += 2) {
                var first = Math.max(0, (int) Math.ceil((crossings[i] - minX) / cellMm - 0.5));
                var last = Math.min(columns - 1, (int) Math.floor((crossings[i + 1] - minX) / cellMm - 0.5));
                for (var column = first; column <= last; column++) {
                    mm[row * columns + column] = value;
                }
            }
        }
    }

    private static double[] crossings(Outline outline, double y) {
        return outline.rings()
                .map(Ring::corners)
                .flatMapToDouble(corners -> {
                    var out = new double[corners.size()];
                    var many = 0;
                    for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
                        var a = corners.get(i);
                        var b = corners.get(j);
                        if (a.y() > y != b.y() > y) {
                            out[many++] = a.x() + (y - a.y()) * (b.x() - a.x()) / (b.y() - a.y());
                        }
                    }
                    return Arrays.stream(out, 0, many);
                })
                .sorted()
                .toArray();
    }

    /** No cell is clearer than it is far from a line. */
    private void keepFrom(Segment line) {
        var ax = line.a().x();
        var ay = line.a().y();
        var dx = line.b().x() - ax;
        var dy = line.b().y() - ay;
        var square = dx * dx + dy * dy;
        var box = line.bounds().grown(FARTHEST_MM);
        var fromRow = Math.max(0, (int) Math.ceil((box.minY() - minY) / cellMm - 0.5));
        var toRow = Math.min(rows - 1, (int) Math.floor((box.maxY() - minY) / cellMm - 0.5));
        var fromColumn = Math.max(0, (int) Math.ceil((box.minX() - minX) / cellMm - 0.5));
        var toColumn = Math.min(columns - 1, (int) Math.floor((box.maxX() - minX) / cellMm - 0.5));
        for (var row = fromRow; row <= toRow; row++) {
            var py = y(row) - ay;
            for (int column = fromColumn, i = row * columns + column; column <= toColumn; column++, i++) {
                var known = mm[i];
                if (known <= 0) {
                    continue;
                }
                var px = x(column) - ax;
                var along = (px * dx + py * dy) / square;
                var t = along < 0 ? 0 : along > 1 ? 1 : along;
                var fromX = px - t * dx;
                var fromY = py - t * dy;
                var far = fromX * fromX + fromY * fromY;
                if (far < known * known) {
                    mm[i] = Math.sqrt(far);
                }
            }
        }
    }
}
