package honeylamp.illustrate.pen;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

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

    /** At this unsteadiness lines run past their corners as far as hands usually let them. */
    private static final double USUAL_MM = 0.12;

    private static final double MOST_PAST_MM = 1.3;
    private static final double PAST_SHARE = 0.035;
    private static final double PAST_MM = 0.12;

    /** Lines that turn less than this at a corner go on through it. */
    private static final double CORNER_COSINE = Math.cos(Math.toRadians(28));

    /** The hand presses harder and lighter over such a way, in paper mm, and changes the width by so much at most. */
    private static final double PRESSURE_MM = 13;

    private static final double MOST_PRESSURE = 0.24;

    /** Over so much at its ends a line is finer, by such a share at the very end. */
    private static final double LIFTED_MM = 1.1;

    private static final double LIFTED = 0.55;

    /** Curves are followed by points so far apart, in paper mm. */
    private static final double SAMPLE_MM = 0.8;

    /** The second line of two is so much finer and fainter. */
    private static final double SECOND_WIDTH = 0.65;

    private static final double SECOND_SHARE = 0.55;
    private static final long SECOND = 911;

    /** How often a line is drawn. */
    public enum Lines {
        ONCE,
        /** Restated more lightly, a little beside itself. */
        TWICE
    }

    private final double unsteadyMm;
    private final Lines lines;
    private final PaperFrame frame;
    private final long hand;

    private DrawnByHand(double unsteadyMm, Lines lines, PaperFrame frame, long hand) {
        this.unsteadyMm = unsteadyMm;
        this.lines = lines;
        this.frame = frame;
        this.hand = hand;
    }

    /**
     * The same marks with all their lines drawn by hand; surfaces stay as they are.
     *
     * @param unsteadyMm how far the hand strays, in paper mm; 0 leaves all as it is
     */
    public static List<Mark> of(List<Mark> marks, double unsteadyMm, Lines lines, PaperFrame frame) {
        return unsteadyMm == 0 ? marks : new DrawnByHand(unsteadyMm, lines, frame, 0).all(marks);
    }

    private List<Mark> all(List<Mark> marks) {
        return marks.stream().flatMap(this::drawn).toList();
    }

    private Stream<Mark> drawn(Mark mark) {
        return switch (mark) {
            case Mark.Stroke stroke when lines == Lines.TWICE -> Stream.of(once(stroke), again(stroke));
            case Mark.Stroke stroke -> Stream.of(once(stroke));
            case Mark.Clip(var path, var inside) -> Stream.of(new Mark.Clip(path, all(inside)));
            case Mark.Fill _, Mark.Text _, Mark.Haloed _, Mark.Shaded _, Mark.Image _, Mark.Picture _ ->
                Stream.of(mark);
        };
    }

    /** Dashes are drawn evenly; a full line is as broad as the hand presses, and so a surface. */
    private Mark once(Mark.Stroke stroke) {
        var pen = stroke.pen();
        return pen.dashMm().isEmpty()
                ? new Mark.Fill(pressed(past(stroke.path()), pen.widthMm()), stroke.ink())
                : new Mark.Stroke(drawn(stroke.path()), pen, stroke.ink());
    }

    /** Lines, each from where it is set down to where it is lifted, as broad as the hand presses on its way. */
    private Figure pressed(Figure path, double widthMm) {
        var out = Figure.builder();
        var pressing = new Pressing(out, widthMm);
        drawn(path).walk(pressing);
        pressing.end();
        return out.build();
    }

    private final class Pressing implements Figure.Walker {
        private final Figure.Builder out;
        private final double widthMm;
        private final List<Point> line = new ArrayList<>();
        private Point start = Point.ORIGIN;

        Pressing(Figure.Builder out, double widthMm) {
            this.out = out;
            this.widthMm = widthMm;
        }

        @Override
        public void moveTo(double x, double y) {
            end();
            start = new Point(x, y);
            line.add(start);
        }

        @Override
        public void lineTo(double x, double y) {
            line.add(new Point(x, y));
        }

        @Override
        public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
            var from = line.getLast();
            var steps = Math.max(2, (int) Math.ceil(from.distance(new Point(x, y)) / SAMPLE_MM));
            for (var k = 1; k <= steps; k++) {
                var t = k / (double) steps;
                var u = 1 - t;
                line.add(new Point(
                        u * u * u * from.x() + 3 * u * u * t * x1 + 3 * u * t * t * x2 + t * t * t * x,
                        u * u * u * from.y() + 3 * u * u * t * y1 + 3 * u * t * t * y2 + t * t * t * y));
            }
        }

        @Override
        public void close() {
            line.add(start);
            end();
            line.add(start);
        }

        private void end() {
            press(out, line, widthMm);
            line.clear();
        }
    }

    /** One line as a ring around it. */
    private void press(Figure.Builder out, List<Point> line, double widthMm) {
        var points = distinct(line);
        if (points.size() < 2) {
            return;
        }
        var along = new double[points.size()];
        for (var i = 1; i < along.length; i++) {
            along[i] = along[i - 1] + points.get(i).distance(points.get(i - 1));
        }
        var whole = along[along.length - 1];
        var isClosed = points.getFirst().distance(points.getLast()) < 1e-9;
        var seed = seed(points.getFirst(), points.getLast());
        var left = new ArrayList<Point>();
        var right = new ArrayList<Point>();
        for (var i = 0; i < along.length; i++) {
            var before = points.get(i > 0 ? i - 1 : isClosed ? along.length - 2 : 0);
            var after = points.get(i + 1 < along.length ? i + 1 : isClosed ? 1 : i);
            var way = after.minus(before);
            var across = way.length() < 1e-9
                    ? Point.ORIGIN
                    : way.times(1 / way.length()).left();
            var counted = isForward(points.getFirst(), points.getLast()) ? along[i] : whole - along[i];
            var half = widthMm / 2 * pressure(seed, counted) * (isClosed ? 1 : lifted(along[i], whole));
            left.add(points.get(i).plus(across.times(half)));
            right.add(points.get(i).minus(across.times(half)));
        }
        if (isClosed) {
            out.ring(new Ring(left.subList(0, left.size() - 1)).counterClockwise());
            out.ring(new Ring(right.subList(0, right.size() - 1))
                    .counterClockwise()
                    .reversed());
            return;
        }
        left.addAll(right.reversed());
        out.ring(new Ring(left));
    }

    private static List<Point> distinct(List<Point> line) {
        var out = new ArrayList<Point>();
        for (var p : line) {
            if (out.isEmpty() || out.getLast().distance(p) > 1e-6) {
                out.add(p);
            }
        }
        return out;
    }

    /** How hard the hand presses at a place on a line, as a share of the pen's width: evenly between chances. */
    private double pressure(long seed, double alongMm) {
        var at = alongMm / PRESSURE_MM;
        var k = (long) Math.floor(at);
        var t = at - k;
        var soft = t * t * (3 - 2 * t);
        var n = Seeds.signed(seed, k, 21) * (1 - soft) + Seeds.signed(seed, k + 1, 21) * soft;
        return 1 + Math.min(1, unsteadyMm / USUAL_MM) * MOST_PRESSURE * n;
    }

    /** Where a line is set down and lifted it is finer. */
    private double lifted(double alongMm, double wholeMm) {
        var fromEnd = Math.min(alongMm, wholeMm - alongMm);
        var over = Math.min(LIFTED_MM, wholeMm / 4);
        var finer = Math.min(1, unsteadyMm / USUAL_MM) * LIFTED;
        return over <= 0 ? 1 : 1 - finer * (1 - Math.min(1, fromEnd / over));
    }

    /** A second time, finer and fainter, by a hand that strays otherwise. */
    private Mark again(Mark.Stroke stroke) {
        var second = new DrawnByHand(1.6 * unsteadyMm, Lines.ONCE, frame, SECOND);
        var pen = stroke.pen();
        return second.once(new Mark.Stroke(
                stroke.path(),
                new Pen(SECOND_WIDTH * pen.widthMm(), pen.tip(), pen.dashMm()),
                stroke.ink().at(SECOND_SHARE * stroke.ink().opacity())));
    }

    /** Straight lines as the hand lets them run past their corners; what is curved stays as it is. */
    private Figure past(Figure path) {
        var past = new Past();
        path.walk(past);
        past.end(false);
        return past.out.build();
    }

    private final class Past implements Figure.Walker {
        private final Figure.Builder out = Figure.builder();
        private final List<Point> run = new ArrayList<>();
        private Point at = Point.ORIGIN;

        @Override
        public void moveTo(double x, double y) {
            end(false);
            at = new Point(x, y);
            run.add(at);
        }

        @Override
        public void lineTo(double x, double y) {
            if (run.isEmpty()) {
                run.add(at);
            }
            at = new Point(x, y);
            run.add(at);
        }

        @Override
        public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
            var from = at;
            end(false);
            at = new Point(x, y);
            out.moveTo(from.x(), from.y());
            out.curveTo(x1, y1, x2, y2, x, y);
        }

        @Override
        public void close() {
            end(true);
        }

        /** Draws the lines gathered, each past the corners where it ends. */
        private void end(boolean closed) {
            if (closed && !run.isEmpty() && run.getFirst().distance(at) > 1e-9) {
                run.add(run.getFirst());
                at = run.getFirst();
            }
            for (var i = 0; i + 1 < run.size(); i++) {
                var from = run.get(i);
                var to = run.get(i + 1);
                if (from.distance(to) > 1e-9) {
                    var unit = to.minus(from).times(1 / from.distance(to));
                    var a = from.minus(unit.times(turns(i, closed) ? pastMm(to, from) : 0));
                    var b = to.plus(unit.times(turns(i + 1, closed) ? pastMm(from, to) : 0));
                    out.moveTo(a.x(), a.y());
                    out.lineTo(b.x(), b.y());
                }
            }
            run.clear();
        }

        private boolean turns(int i, boolean closed) {
            var last = run.size() - 1;
            if ((i == 0 || i == last) && !closed) {
                return false;
            }
            var before = run.get(i == 0 ? last - 1 : i - 1);
            var here = run.get(i);
            var after = run.get(i == last ? 1 : i + 1);
            var in = here.minus(before);
            var on = after.minus(here);
            return in.dot(on) < CORNER_COSINE * in.length() * on.length();
        }
    }

    /** How far a line runs past its end, the same whichever way it is drawn. */
    private double pastMm(Point from, Point to) {
        var length = from.distance(to);
        var end = isForward(from, to) ? 6 : 5;
        var most = Math.min(MOST_PAST_MM, PAST_SHARE * length + PAST_MM);
        return unsteadyMm / USUAL_MM * most * (0.25 + 0.75 * Seeds.unit(seed(from, to), end, hand));
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
        var out = 17L + hand;
        for (var mm : new double[] {a.x(), a.y(), b.x(), b.y()}) {
            out = 31 * out + Math.round(mm / SAME_MM + 0.2); // whole mm are never half way between two
        }
        return out;
    }
}
