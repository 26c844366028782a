package honeylamp.illustrate.fitting;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Role;
import honeylamp.plan.Wall.Works;
import java.util.ArrayList;
import java.util.List;

/**
 * Draws one symbol in its own frame, in paper mm: x to its right, y to its front. What is there is drawn in a light line,
 * what is new in a full one, what goes in dashes.
 */
final class FittingPen {
    private final List<Mark> out = new ArrayList<>();
    private final Affine to;
    private final Ink ink;
    private final Ink paper;
    private final Pen pen;
    private final Pen fine;
    private final boolean goes;

    FittingPen(Pens pens, Works works, Point at, Point right, Point front) {
        this.to = new Affine(right.x(), right.y(), front.x(), front.y(), at.x(), at.y());
        this.goes = works == Works.REMOVED;
        this.ink = pens.ink();
        this.paper = pens.ink(Role.PAPER);
        this.pen = dashed(works == Works.NEW ? pens.leaf() : pens.furniture());
        this.fine = dashed(pens.dimension());
    }

    private Pen dashed(Pen usual) {
        var round = Pen.round(usual.widthMm());
        return goes ? round.dashed(0.6, 0.5) : round;
    }

    List<Mark> marks() {
        return List.copyOf(out);
    }

    private void body(Figure path, Ink inside) {
        var there = path.through(to);
        out.add(new Mark.Fill(there, inside));
        out.add(new Mark.Stroke(there, pen, ink));
    }

    private void solid(Figure path) {
        var there = path.through(to);
        if (goes) {
            out.add(new Mark.Stroke(there, fine, ink));
        } else {
            out.add(new Mark.Fill(there, ink));
        }
    }

    /** A disc of paper with an edge. */
    void disc(double x, double y, double r) {
        body(Figure.circle(new Point(x, y), r), paper);
    }

    /** A ring within a symbol. */
    void ring(double x, double y, double r) {
        out.add(new Mark.Stroke(Figure.circle(new Point(x, y), r).through(to), fine, ink));
    }

    /** A full dot. */
    void dot(double x, double y, double r) {
        solid(Figure.circle(new Point(x, y), r));
    }

    /** A box of paper with an edge. */
    void box(double x0, double y0, double x1, double y1) {
        body(quad(x0, y0, x1, y1), paper);
    }

    /** A full box. */
    void block(double x0, double y0, double x1, double y1) {
        solid(quad(x0, y0, x1, y1));
    }

    private static Figure quad(double x0, double y0, double x1, double y1) {
        return shape(x0, y0, x1, y0, x1, y1, x0, y1);
    }

    private static Figure shape(double... xy) {
        var path = Figure.builder();
        path.moveTo(xy[0], xy[1]);
        for (var i = 2; i < xy.length; i += 2) {
            path.lineTo(xy[i], xy[i + 1]);
        }
        path.close();
        return path.build();
    }

    /** A shape of paper with an edge, corner by corner. */
    void leaf(double... xy) {
        body(shape(xy), paper);
    }

    /** A full shape, corner by corner. */
    void wedge(double... xy) {
        solid(shape(xy));
    }

    /** A line. */
    void line(double x0, double y0, double x1, double y1) {
        stroke(pen, x0, y0, x1, y1);
    }

    /** A fine line. */
    void hair(double x0, double y0, double x1, double y1) {
        stroke(fine, x0, y0, x1, y1);
    }

    private void stroke(Pen with, double x0, double y0, double x1, double y1) {
        out.add(new Mark.Stroke(
                Figure.line(new Point(x0, y0), new Point(x1, y1)).through(to), with, ink));
    }

    /** Half a disc of paper, flat along x at a height, bulging to the front. */
    void dome(double x, double y, double r) {
        body(halfDisc(x, y, r), paper);
    }

    /** Half a full disc. */
    void fullDome(double x, double y, double r) {
        solid(halfDisc(x, y, r));
    }

    private static Figure halfDisc(double x, double y, double r) {
        var path = Figure.builder().arc(new Point(x, y), r, 0, 180);
        path.close();
        return path.build();
    }

    /** A fine part of a circle. */
    void arc(double x, double y, double r, double fromDeg, double sweepDeg) {
        out.add(new Mark.Stroke(
                Figure.builder()
                        .arc(new Point(x, y), r, fromDeg, sweepDeg)
                        .build()
                        .through(to),
                fine,
                ink));
    }

    /** Fine rays around a point. */
    void rays(double x, double y, double from, double to, int count, double firstDeg) {
        for (var i = 0; i < count; i++) {
            var way = Point.direction(firstDeg + 360.0 * i / count);
            hair(x + from * way.x(), y + from * way.y(), x + to * way.x(), y + to * way.y());
        }
    }

    /** Struck through, as what goes is. */
    void struck(double r) {
        if (goes) {
            stroke(Pen.round(pen.widthMm()), -r, -r * 0.2, r, r * 1.4);
        }
    }
}
