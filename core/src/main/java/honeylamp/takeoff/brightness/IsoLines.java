package honeylamp.takeoff.brightness;

import honeylamp.geometry.Point;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * Lines of equal light through the points of a grid: each cell is crossed where the light of its corners lies on both sides
 * of the level (marching squares), and what meets is joined.
 *
 * @see "W. E. Lorensen, H. E. Cline, Marching cubes, Comput. Graph. 21(4), 1987, in the plane"
 */
public final class IsoLines {
    private final LuxGrid grid;
    private final double level;
    private final Map<Integer, List<Integer>> joined = new HashMap<>();

    private IsoLines(LuxGrid grid, double level) {
        this.grid = grid;
        this.level = level;
    }

    /** The lines of a level in lux, in plan mm; closed ones end where they begin. Parts may lie outside the room. */
    public static List<List<Point>> at(LuxGrid grid, double level) {
        var lines = new IsoLines(grid, level);
        for (var row = 0; row + 1 < grid.rows(); row++) {
            for (var column = 0; column + 1 < grid.columns(); column++) {
                lines.cell(column, row);
            }
        }
        return lines.lines();
    }

    /** The number of the edge that runs from a point to the east, or to the north. */
    private int edge(int column, int row, int north) {
        return 2 * (row * grid.columns() + column) + north;
    }

    private boolean isOver(int column, int row) {
        return grid.at(row * grid.columns() + column) >= level;
    }

    private void cell(int c, int r) {
        var crossed = new ArrayList<Integer>(4); // counter-clockwise from the south
        if (isOver(c, r) != isOver(c + 1, r)) {
            crossed.add(edge(c, r, 0));
        }
        if (isOver(c + 1, r) != isOver(c + 1, r + 1)) {
            crossed.add(edge(c + 1, r, 1));
        }
        if (isOver(c, r + 1) != isOver(c + 1, r + 1)) {
            crossed.add(edge(c, r + 1, 0));
        }
        if (isOver(c, r) != isOver(c, r + 1)) {
            crossed.add(edge(c, r, 1));
        }
        for (var i = 0; i + 1 < crossed.size(); i += 2) {
            join(crossed.get(i), crossed.get(i + 1));
        }
    }

    private void join(int a, int b) {
        joined.computeIfAbsent(a, _ -> new ArrayList<>(2)).add(b);
        joined.computeIfAbsent(b, _ -> new ArrayList<>(2)).add(a);
    }

    private List<List<Point>> lines() {
        var out = new ArrayList<List<Point>>();
        joined.keySet().stream().sorted().filter(e -> degree(e) == 1).forEach(e -> follow(e, out));
        joined.keySet().stream().sorted().forEach(e -> follow(e, out));
        return out;
    }

    private int degree(int edge) {
        return joined.getOrDefault(edge, List.of()).size();
    }

    private void follow(int from, List<List<Point>> out) {
        if (degree(from) == 0) {
            return;
        }
        var line = new ArrayList<Point>();
        var next = new ArrayDeque<Integer>(List.of(from));
        while (!next.isEmpty()) {
            var at = next.poll();
            line.add(point(at));
            var others = joined.getOrDefault(at, List.of());
            if (!others.isEmpty()) {
                var to = others.removeFirst();
                Objects.requireNonNull(joined.get(to)).remove(at);
                next.add(to);
            }
        }
        out.add(line);
    }

    /** Where the level lies on an edge. */
    private Point point(int edge) {
        var column = edge / 2 % grid.columns();
        var row = edge / 2 / grid.columns();
        var toColumn = column + 1 - edge % 2;
        var toRow = row + edge % 2;
        var a = grid.at(row * grid.columns() + column);
        var b = grid.at(toRow * grid.columns() + toColumn);
        var part = a == b ? 0.5 : Math.clamp((level - a) / (b - a), 0, 1);
        return grid.at(column, row).towards(grid.at(toColumn, toRow), part);
    }
}
