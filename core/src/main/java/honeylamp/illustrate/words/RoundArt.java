package honeylamp.illustrate.words;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.DimensionStyle.Ends;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.TextRole;
import honeylamp.plan.Wall;
import honeylamp.units.AngleText;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.ShownIn;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Draws angles, and radii, diameters and lengths of curved lines. */
public final class RoundArt {
    private static final double RADIUS_LINE_MM = 18;

    /** Before the length of an arc (ISO 129-1). */
    private static final String ARC = "\u2312";

    private static final String THIN = "\u2009";

    private final PaperFrame frame;
    private final Pens pens;
    private final DimensionPen pen;

    /** Draws with pens on paper, in the style of their look. */
    public RoundArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
        this.pen = new DimensionPen(pens);
    }

    /** Angles, and radii, diameters and lengths of curved lines. */
    public List<Mark> rounds(List<RoundDimension> dimensions, ShownIn in) {
        var out = new ArrayList<Mark>();
        for (var dimension : dimensions) {
            switch (dimension.measures()) {
                case ANGLE -> {
                    legs(out, dimension);
                    bent(out, dimension, AngleText.shown(dimension.value()));
                }
                case ARC_LENGTH -> {
                    witnesses(out, dimension);
                    bent(out, dimension, LengthText.built(ARC + THIN + in.one(Length.ofMm(dimension.value()))));
                }
                case RADIUS -> spoke(out, dimension, "R ", in);
                case DIAMETER -> spoke(out, dimension, "\u00d8 ", in);
            }
        }
        return out;
    }

    /** Along an arc, with its figure outside its middle. */
    private void bent(List<Mark> out, RoundDimension dimension, String text) {
        var arc = (Arc) dimension.line();
        var centre = frame.paper(arc.centre());
        var radius = arc.radius() / frame.scale();
        var from = frame.paper(arc.a()).minus(centre).angleDeg();
        var path = Figure.builder()
                .arc(centre, radius, from, -Math.toDegrees(arc.sweep())) // y is down on paper
                .build();
        out.add(new Mark.Stroke(path, pens.dimension(), pens.dimensionInk()));
        pen.ends(out, List.of(frame.paper(arc.a()), frame.paper(arc.b())));
        var middle = frame.paper(arc.at(arc.length() / 2));
        var outward = middle.minus(centre).unit();
        var along = DimensionPen.isUpsideDown(outward.left()) ? outward.left().times(-1) : outward.left();
        var up = along.left().times(-1);
        var lift = up.dot(outward) > 0 ? RowFigures.LIFT_MM : RowFigures.LIFT_MM + pens.cap(TextRole.DIMENSION);
        out.add(new Mark.Text(
                text,
                middle.plus(outward.times(lift)),
                pens.cap(TextRole.DIMENSION),
                pens.face(TextRole.DIMENSION, Typeface.REGULAR),
                0,
                Mark.Align.MIDDLE,
                Math.toDegrees(Math.atan2(along.y(), along.x())),
                pens.ink()));
    }

    /** From the corner to a little past the arc: along walls they are not seen, beyond them they show what is measured. */
    private void legs(List<Mark> out, RoundDimension dimension) {
        var corner = frame.paper(dimension.middle().point());
        var lines = Figure.builder();
        for (var end : List.of(dimension.line().a(), dimension.line().b())) {
            var tip = frame.paper(end);
            lines.line(
                    corner,
                    tip.plus(tip.minus(corner).unit().times(pens.dimensions().pastMm())));
        }
        out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
    }

    private void witnesses(List<Mark> out, RoundDimension dimension) {
        var of = dimension.arc();
        var drawn = dimension.line();
        var lines = Figure.builder();
        pen.witness(frame.paper(of.a()), frame.paper(drawn.a())).ifPresent(l -> lines.line(l.a(), l.b()));
        pen.witness(frame.paper(of.b()), frame.paper(drawn.b())).ifPresent(l -> lines.line(l.a(), l.b()));
        out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
    }

    /** From the middle of the circle, or from its far side, to the curved line; of a long radius only its last part. */
    private void spoke(List<Mark> out, RoundDimension dimension, String sign, ShownIn in) {
        var line = (Segment) dimension.line();
        var shown = Math.min(line.length(), RADIUS_LINE_MM * frame.scale());
        var isWhole = dimension.measures() == RoundDimension.Measures.DIAMETER;
        var a = frame.paper(line.b());
        var b = frame.paper(isWhole ? line.a() : line.at(line.length() - shown));
        out.add(new Mark.Stroke(Figure.line(a, b), pens.dimension(), pens.dimensionInk()));
        radiusEnd(out, a, b);
        if (isWhole) {
            radiusEnd(out, b, a);
        }
        var flip = DimensionPen.isUpsideDown(b.minus(a));
        var text = LengthText.built(sign + in.one(Length.ofMm(dimension.value())));
        pen.number(out, text, flip ? b : a, flip ? a : b, 0.5);
    }

    /** What ends the line of a radius at its wall. */
    private void radiusEnd(List<Mark> out, Point tip, Point from) {
        var drawn = Figure.builder();
        if (pens.dimensions().ends() == Ends.ARROWS) {
            pen.arrow(drawn, tip, from);
            out.add(new Mark.Fill(drawn.build(), pens.dimensionInk()));
        } else {
            pen.ends(out, List.of(tip));
        }
    }

    /** The circle an arc is part of, to a millimetre: told once, however many walls run along it. */
    private record Circle(long x, long y, long radius) {
        static Circle of(Arc arc) {
            return new Circle(
                    Math.round(arc.centre().x()), Math.round(arc.centre().y()), Math.round(arc.radius()));
        }
    }

    /**
     * The radius of every curved wall's drawn line, with a line from its centre side and an arrow at the wall.
     *
     * @param others dimensions of curved lines: what they tell is not told again
     */
    public List<Mark> radii(List<Wall> walls, List<RoundDimension> others, ShownIn in) {
        var out = new ArrayList<Mark>();
        Set<Circle> told = new HashSet<>();
        others.stream()
                .filter(d -> d.measures() != RoundDimension.Measures.ANGLE)
                .forEach(d -> told.add(Circle.of(d.arc())));
        for (var wall : walls) {
            if (wall.line() instanceof Arc arc && told.add(Circle.of(arc))) {
                var tip = arc.middle();
                var inward = arc.centre().minus(tip).unit();
                var length = Math.min(arc.radius(), RADIUS_LINE_MM * frame.scale());
                var a = frame.paper(tip);
                var b = frame.paper(tip.plus(inward.times(length)));
                out.add(new Mark.Stroke(Figure.builder().line(a, b).build(), pens.dimension(), pens.dimensionInk()));
                radiusEnd(out, a, b);
                var flip = b.x() < a.x() - 1e-9 || Math.abs(b.x() - a.x()) < 1e-9 && b.y() > a.y();
                var text = LengthText.built("R " + in.one(Length.ofMm(arc.radius())));
                pen.number(out, text, flip ? b : a, flip ? a : b, 0.5);
            }
        }
        return out;
    }
}
