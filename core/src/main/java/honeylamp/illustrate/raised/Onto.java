package honeylamp.illustrate.raised;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** Takes marks that were made flat onto a plane that is seen aslant. */
final class Onto {
    private static final int PER_CURVE = 6;
    private static final double LEAST_PEN_MM = 0.05;

    /** So far before the eye a picture begins. */
    private static final double LEAST_DEPTH_MM = 60;

    private final Projective to;
    private final boolean isParallel;

    /** By a transform from flat paper to the picture's paper. */
    Onto(Projective to) {
        this.to = to;
        this.isParallel = to.g() == 0 && to.h() == 0;
    }

    /** The marks there; words and pictures have no place on a surface and are left out. */
    List<Mark> of(List<Mark> marks) {
        return marks.stream().flatMap(this::of).toList();
    }

    private Stream<Mark> of(Mark mark) {
        return switch (mark) {
            case Mark.Fill(var path, var ink) -> Stream.of(new Mark.Fill(of(path), ink));
            case Mark.Stroke(var path, var pen, var ink) -> Stream.of(new Mark.Stroke(of(path), thinner(pen), ink));
            case Mark.Clip(var path, var inside) -> Stream.of(new Mark.Clip(of(path), of(inside)));
            case Mark.Shaded _, Mark.Text _, Mark.Haloed _, Mark.Image _, Mark.Picture _ -> Stream.empty();
        };
    }

    private static Pen thinner(Pen pen) {
        return new Pen(Math.max(LEAST_PEN_MM, 0.8 * pen.widthMm()), pen.tip(), pen.dashMm());
    }

    /** A path there. */
    Figure of(Figure path) {
        if (isParallel) {
            var i = to.i();
            return path.through(new Affine(to.a() / i, to.d() / i, to.b() / i, to.e() / i, to.c() / i, to.f() / i));
        }
        var out = Figure.builder();
        var walker = new BeforeEye(out);
        path.walk(walker);
        walker.ends();
        return out.build();
    }

    /** Takes over the parts of a path that lie before the eye: one that reaches behind it is not in the picture. */
    private final class BeforeEye implements Figure.Walker {
        private final Figure.Builder out;
        private final List<Point> points = new ArrayList<>();
        private boolean isBehind;

        BeforeEye(Figure.Builder out) {
            this.out = out;
        }

        private void to(Point flat) {
            isBehind |= to.depth(flat) <= LEAST_DEPTH_MM;
            points.add(flat);
        }

        private void end(boolean closes) {
            if (!isBehind && points.size() > 1) {
                for (var i = 0; i < points.size(); i++) {
                    var p = to.apply(points.get(i));
                    if (i == 0) {
                        out.moveTo(p.x(), p.y());
                    } else {
                        out.lineTo(p.x(), p.y());
                    }
                }
                if (closes) {
                    out.close();
                }
            }
            points.clear();
            isBehind = false;
        }

        @Override
        public void moveTo(double x, double y) {
            end(false);
            to(new Point(x, y));
        }

        @Override
        public void lineTo(double x, double y) {
            to(new Point(x, y));
        }

        @Override
        public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
            var from = points.getLast();
            for (var i = 1; i <= PER_CURVE; i++) {
                var t = (double) i / PER_CURVE;
                var s = 1 - t;
                to(new Point(
                        s * s * s * from.x() + 3 * s * s * t * x1 + 3 * s * t * t * x2 + t * t * t * x,
                        s * s * s * from.y() + 3 * s * s * t * y1 + 3 * s * t * t * y2 + t * t * t * y));
            }
        }

        @Override
        public void close() {
            end(true);
        }

        /** The last part, if it is open. */
        void ends() {
            end(false);
        }
    }
}
