package honeylamp.illustrate.pen;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import java.util.List;

/**
 * Lines as an unsteady hand draws them: they meet where they should, and stray between. How a line strays follows from
 * where it lies in the plan, so it is the same at every redraw, wherever on the paper the plan lies, and whichever way
 * the line was drawn.
 */
public final class DrawnByHand {
    /** The hand goes astray and comes back about this often, in paper mm. */
    private static final double STEP_MM = 6;

    /** Shorter lines than this are drawn in one go and stray the less. */
    private static final double SHORT_MM = 24;

    /** Plan mm that one tells apart: what rounding leaves is far below it. */
    private static final double SAME_MM = 0.5;

    private final double unsteadyMm;
    private final PaperFrame frame;

    private DrawnByHand(double unsteadyMm, PaperFrame frame) {
        this.unsteadyMm = unsteadyMm;
        this.frame = frame;
    }

    /**
     * The same marks with all their lines drawn by hand; surfaces stay as they are.
     *
     * @param unsteadyMm how far the hand strays, in paper mm; 0 leaves all as it is
     */
    public static List<Mark> of(List<Mark> marks, double unsteadyMm, PaperFrame frame) {
        return unsteadyMm == 0 ? marks : new DrawnByHand(unsteadyMm, frame).all(marks);
    }

    private List<Mark> all(List<Mark> marks) {
        return marks.stream().map(this::drawn).toList();
    }

    private Mark drawn(Mark mark) {
        return switch (mark) {
            case Mark.Stroke(var path, var pen, var ink) -> new Mark.Stroke(drawn(path), pen, ink);
            case Mark.Clip(var path, var inside) -> new Mark.Clip(path, all(inside));
            case Mark.Fill _, Mark.Text _, Mark.Haloed _, Mark.Shaded _, Mark.Image _, Mark.Picture _ -> mark;
        };
    }

    private Figure drawn(Figure path) {
        var out = Figure.builder();
        path.walk(new Figure.Walker() {
            private Point start = Point.ORIGIN;
            private Point at = Point.ORIGIN;

            @Override
            public void moveTo(double x, double y) {
                at = new Point(x, y);
                start = at;
                out.moveTo(x, y);
            }

            @Override
            public void lineTo(double x, double y) {
                var to = new Point(x, y);
                line(out, at, to);
                at = to;
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                var to = new Point(x, y);
                var stray = across(at, to).times(reach(at.distance(to)) * Seeds.signed(seed(at, to), 0, 1));
                out.curveTo(x1 + stray.x(), y1 + stray.y(), x2 + stray.x(), y2 + stray.y(), x, y);
                at = to;
            }

            @Override
            public void close() {
                if (at.distance(start) > 1e-9) {
                    line(out, at, start);
                }
                out.close();
                at = start;
            }
        });
        return out.build();
    }

    /** One straight line as a run of curves through points that lie a little beside it. */
    private void line(Figure.Builder out, Point from, Point to) {
        var length = from.distance(to);
        var steps = (int) Math.rint(length / STEP_MM);
        if (steps < 2) {
            out.lineTo(to.x(), to.y());
            return;
        }
        var points = new Point[steps + 1];
        var seed = seed(from, to);
        var across = across(from, to);
        for (var k = 0; k <= steps; k++) {
            var on = from.plus(to.minus(from).times(k / (double) steps));
            var counted = isForward(from, to) ? k : steps - k;
            var stray = k == 0 || k == steps ? 0 : reach(length) * Seeds.signed(seed, counted, 0);
            points[k] = on.plus(across.times(stray));
        }
        for (var k = 0; k < steps; k++) {
            var before = points[Math.max(0, k - 1)];
            var after = points[Math.min(steps, k + 2)];
            var c1 = points[k].plus(points[k + 1].minus(before).times(1 / 6.0)); // Catmull and Rom's tangents
            var c2 = points[k + 1].minus(after.minus(points[k]).times(1 / 6.0));
            out.curveTo(c1.x(), c1.y(), c2.x(), c2.y(), points[k + 1].x(), points[k + 1].y());
        }
    }

    private double reach(double lengthMm) {
        return unsteadyMm * Math.min(1, lengthMm / SHORT_MM);
    }

    /** The unit across a line, the same whichever way it was drawn. */
    private static Point across(Point from, Point to) {
        var along = isForward(from, to) ? to.minus(from) : from.minus(to);
        var length = along.length();
        return length == 0 ? Point.ORIGIN : along.times(1 / length).left();
    }

    private static boolean isForward(Point from, Point to) {
        return from.x() < to.x() || from.x() == to.x() && from.y() <= to.y();
    }

    private long seed(Point from, Point to) {
        var a = frame.plan(isForward(from, to) ? from : to);
        var b = frame.plan(isForward(from, to) ? to : from);
        var out = 17L;
        for (var mm : new double[] {a.x(), a.y(), b.x(), b.y()}) {
            out = 31 * out + Math.round(mm / SAME_MM + 0.2); // whole mm are never half way between two
        }
        return out;
    }
}
