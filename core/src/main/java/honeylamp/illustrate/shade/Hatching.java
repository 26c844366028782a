package honeylamp.illustrate.shade;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Shade as a hand hatches it: strokes one way wherever there is some, a second way across where it is deep. The strokes
 * hang on the plan and not on the paper, so they are the same wherever the plan lies.
 */
final class Hatching {
    /**
     * One way of strokes.
     *
     * @param turnDeg counter-clockwise from level
     * @param apartMm from stroke to stroke, in paper mm
     * @param from so much of the light must be lost
     */
    private record Way(double turnDeg, double apartMm, double from) {}

    /** What a hand hatches with: which ways, how hard, and after about how many mm it is lifted. */
    enum Tool {
        PENCIL(
                List.of(new Way(49, 0.85, 0.055), new Way(-28, 1.0, 0.21)),
                List.of(
                        new Pressure(0, 0.16, 0.20),
                        new Pressure(0.09, 0.18, 0.29),
                        new Pressure(0.16, 0.20, 0.38),
                        new Pressure(0.26, 0.22, 0.48)),
                11,
                0.7),
        MARKER(
                List.of(new Way(38, 2.3, 0.085), new Way(38, 2.9, 0.18)),
                List.of(new Pressure(0, 2.5, 0.12), new Pressure(0.17, 2.6, 0.14)),
                48,
                2.2);

        private final List<Way> ways;
        private final List<Pressure> pressures;
        private final double strokeMm;
        private final double shortestMm;

        Tool(List<Way> ways, List<Pressure> pressures, double strokeMm, double shortestMm) {
            this.ways = ways;
            this.pressures = pressures;
            this.strokeMm = strokeMm;
            this.shortestMm = shortestMm;
        }
    }

    /** A pressure the hand tells from others: from which loss on, how wide, and how much of the ink. */
    private record Pressure(double loss, double widthMm, double share) {}

    private static final double STEP_MM = 0.3;
    private static final double MORE = 0.6;
    private static final double LIFTED_MM = 0.4;
    private static final double ASIDE_MM = 0.11;
    private static final double BOW_MM = 0.14;

    private final ShadeGrid grid;
    private final float[] loss;
    private final Tool tool;

    private Hatching(ShadeGrid grid, float[] loss, Tool tool) {
        this.grid = grid;
        this.loss = loss;
        this.tool = tool;
    }

    /**
     * The strokes.
     *
     * @param loss what of the light is lost at every pixel, from 0 to 1
     */
    static List<Mark> of(ShadeGrid grid, float[] loss, Tool tool, Ink ink) {
        var hatching = new Hatching(grid, loss, tool);
        var out = new ArrayList<Mark>();
        for (var number = 0; number < tool.ways.size(); number++) {
            var strokes = tool.pressures.stream().map(_ -> Figure.builder()).toList();
            hatching.draw(tool.ways.get(number), number, strokes);
            for (var i = 0; i < strokes.size(); i++) {
                var path = strokes.get(i).build();
                var pressure = tool.pressures.get(i);
                if (!path.isEmpty()) {
                    out.add(new Mark.Stroke(path, Pen.round(pressure.widthMm), ink.at(pressure.share)));
                }
            }
        }
        return out;
    }

    private void draw(Way way, int number, List<Figure.Builder> strokes) {
        var origin = new Point(grid.frame().originX(), grid.frame().originY());
        var along = Point.direction(-way.turnDeg); // y points down
        var across = along.left();
        var corners = grid.where().ring().corners();
        var least = corners.stream()
                .mapToDouble(c -> c.minus(origin).dot(across))
                .min()
                .orElseThrow();
        var most = corners.stream()
                .mapToDouble(c -> c.minus(origin).dot(across))
                .max()
                .orElseThrow();
        var first = corners.stream()
                .mapToDouble(c -> c.minus(origin).dot(along))
                .min()
                .orElseThrow();
        var last = corners.stream()
                .mapToDouble(c -> c.minus(origin).dot(along))
                .max()
                .orElseThrow();
        for (var row = (long) Math.ceil(least / way.apartMm); row * way.apartMm <= most; row++) {
            var aside = row * way.apartMm + ASIDE_MM * Seeds.signed(number, row, 0);
            row(way, row, new Line(origin.plus(across.times(aside)), along, across, strokes), first, last);
        }
    }

    /** A line of strokes, by what lies on it so far along. */
    private record Line(Point start, Point along, Point across, List<Figure.Builder> strokes) {
        Point at(double s) {
            return start.plus(along.times(s));
        }
    }

    private void row(Way way, long row, Line line, double first, double last) {
        var begun = Double.NaN;
        var sum = 0.0;
        var steps = 0;
        var longest = 0.0;
        for (var n = (long) Math.floor(first / STEP_MM); n * STEP_MM <= last + STEP_MM; n++) {
            var s = n * STEP_MM;
            var here = lossAt(line.at(s));
            if (here > way.from) {
                if (Double.isNaN(begun)) {
                    begun = s + LIFTED_MM * Seeds.unit(row, n, 1);
                    longest = tool.strokeMm * (1 + MORE * Seeds.unit(row, n, 2));
                    sum = 0;
                    steps = 0;
                }
                sum += here;
                steps++;
                if (s - begun >= longest) {
                    stroke(line, begun, s - LIFTED_MM, sum / steps, row + n);
                    begun = Double.NaN;
                }
            } else if (!Double.isNaN(begun)) {
                stroke(line, begun, s, sum / steps, row + n);
                begun = Double.NaN;
            }
        }
    }

    private void stroke(Line line, double from, double to, double mean, long seed) {
        if (to - from < tool.shortestMm) {
            return;
        }
        var a = line.at(from);
        var b = line.at(to);
        var bow = line.across.times(BOW_MM * Seeds.signed(seed, 3, 1));
        var third = b.minus(a).times(1 / 3.0);
        var path = line.strokes.get(pressure(mean));
        var c1 = a.plus(third).plus(bow);
        var c2 = b.minus(third).plus(bow);
        path.moveTo(a.x(), a.y());
        path.curveTo(c1.x(), c1.y(), c2.x(), c2.y(), b.x(), b.y());
    }

    private int pressure(double loss) {
        var out = 0;
        while (out + 1 < tool.pressures.size() && loss >= tool.pressures.get(out + 1).loss) {
            out++;
        }
        return out;
    }

    private double lossAt(Point paper) {
        var x = (int) Math.floor((paper.x() - grid.bounds().minX()) * grid.pxPerMm());
        var y = (int) Math.floor((paper.y() - grid.bounds().minY()) * grid.pxPerMm());
        return x < 0 || y < 0 || x >= grid.width() || y >= grid.height() ? 0 : loss[y * grid.width() + x];
    }
}
