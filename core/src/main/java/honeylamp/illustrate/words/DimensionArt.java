package honeylamp.illustrate.words;

import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.tiers.DimensionTiers.SideTiers;
import honeylamp.derive.tiers.DimensionTiers.Tier;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Dimension;
import honeylamp.plan.TextRole;
import honeylamp.plan.Tiers.Ends;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.Rounding;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Draws dimension tiers and single dimensions, with gaps, ticks and heights in paper mm. */
public final class DimensionArt {
    private static final double RADIUS_LINE_MM = 18;
    static final double WITNESS_GAP_MM = 2;
    static final double WITNESS_PAST_MM = 2;
    static final double TICK_MM = 3;
    static final double TEXT_LIFT_MM = 0.9;
    private static final double ARROW_MM = 2.6;
    private static final double ARROW_SLENDER = 0.16;
    private static final double DOT_MM = 0.55;
    private static final double LEAST_FOR_ARROWS_MM = 3 * ARROW_MM;

    private final PaperFrame frame;
    private final Pens pens;
    private final Ends ends;

    /** Draws with pens on paper, what ends lines as a view has it. */
    public DimensionArt(PaperFrame frame, Pens pens, Ends ends) {
        this.frame = frame;
        this.pens = pens;
        this.ends = ends;
    }

    /** The tiers of a view that are seen; they stay clear of what lies outside the walls, and no witness line crosses it. */
    public List<Mark> tiers(LaidView view, List<SideTiers> sides) {
        var out = new ArrayList<Mark>();
        var outside = TierPlaces.keptClear(view.storey().geometry()).stream()
                .map(frame::paper)
                .toList();
        for (var placed : TierPlaces.of(view, frame, sides)) {
            tier(out, placed.tier(), placed.line(), outside);
        }
        return out;
    }

    /**
     * One row of dimensions, with as many numbers as there are gaps between its stops.
     *
     * @param from where witness lines leave what is measured, one for each stop, on paper
     * @param stops on the line of the dimensions, on paper
     */
    public void row(List<Mark> out, List<Point> from, List<Point> stops, List<String> texts) {
        var lines = Figure.builder();
        for (var i = 0; i < stops.size(); i++) {
            witness(lines, from.get(i), stops.get(i));
        }
        drawn(out, lines, texts, stops);
    }

    private void drawn(List<Mark> out, Figure.Builder lines, List<String> texts, List<Point> stops) {
        lines.line(stops.getFirst(), stops.getLast());
        out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
        ends(out, stops);
        numbers(out, texts, stops);
    }

    /** What ends the line of a dimension at each stop; arrows where they have room, else dots. */
    private void ends(List<Mark> out, List<Point> stops) {
        var drawn = Figure.builder();
        switch (ends) {
            case TICKS -> {
                stops.forEach(stop -> tick(drawn, stop));
                out.add(new Mark.Stroke(drawn.build(), pens.tick(), pens.dimensionInk()));
            }
            case ARROWS -> {
                for (var i = 1; i < stops.size(); i++) {
                    var a = stops.get(i - 1);
                    var b = stops.get(i);
                    if (a.distance(b) >= LEAST_FOR_ARROWS_MM) {
                        arrow(drawn, a, b);
                        arrow(drawn, b, a);
                    } else {
                        drawn.path(Figure.circle(a, DOT_MM)).path(Figure.circle(b, DOT_MM));
                    }
                }
                out.add(new Mark.Fill(drawn.build(), pens.dimensionInk()));
            }
            case DOTS -> {
                stops.forEach(stop -> drawn.path(Figure.circle(stop, DOT_MM)));
                out.add(new Mark.Fill(drawn.build(), pens.dimensionInk()));
            }
        }
    }

    /** A slender head whose tip is at a stop. */
    private static void arrow(Figure.Builder heads, Point tip, Point from) {
        var back = from.minus(tip).unit();
        var base = tip.plus(back.times(ARROW_MM));
        var half = back.left().times(ARROW_MM * ARROW_SLENDER);
        heads.ring(Ring.of(tip, base.plus(half), base.minus(half)).counterClockwise());
    }

    private void tier(List<Mark> out, Tier tier, double line, List<Box> outside) {
        var lines = Figure.builder();
        var stops = new ArrayList<Point>();
        for (var i = 0; i < tier.stopsMm().size(); i++) {
            var building = tier.side().alongX()
                    ? frame.paper(
                            new Point(tier.stopsMm().get(i), tier.witnessMm().get(i)))
                    : frame.paper(
                            new Point(tier.witnessMm().get(i), tier.stopsMm().get(i)));
            var stop = tier.side().alongX() ? new Point(building.x(), line) : new Point(line, building.y());
            witness(lines, past(outside, building, stop), stop);
            stops.add(stop);
        }
        drawn(out, lines, tier.texts(), stops);
    }

    /** Where a witness line leaves the last thing it would cross on its way out, or where it begins. */
    private static Point past(List<Box> outside, Point building, Point stop) {
        var start = building;
        var way = stop.minus(building);
        for (var box : outside) {
            var line = new Box(
                    Math.min(building.x(), stop.x()),
                    Math.min(building.y(), stop.y()),
                    Math.max(building.x(), stop.x()),
                    Math.max(building.y(), stop.y()));
            if (box.meets(line)) {
                var exit = Math.abs(way.x()) > Math.abs(way.y())
                        ? new Point(way.x() > 0 ? box.maxX() : box.minX(), building.y())
                        : new Point(building.x(), way.y() > 0 ? box.maxY() : box.minY());
                start = exit.distance(stop) < start.distance(stop) ? exit : start;
            }
        }
        return start;
    }

    private static void witness(Figure.Builder lines, Point building, Point stop) {
        var way = stop.minus(building);
        if (way.length() > WITNESS_GAP_MM) {
            var unit = way.unit();
            lines.line(building.plus(unit.times(WITNESS_GAP_MM)), stop.plus(unit.times(WITNESS_PAST_MM)));
        }
    }

    /** A short stroke at 45 degrees, rising to the right on the page. */
    private static void tick(Figure.Builder ticks, Point at) {
        var half = TICK_MM / 2 * Math.sqrt(0.5);
        ticks.line(new Point(at.x() - half, at.y() + half), new Point(at.x() + half, at.y() - half));
    }

    /** Numbers above their line; where a gap is too narrow, the number drops below, every other one lower. */
    private void numbers(List<Mark> out, List<String> texts, List<Point> stops) {
        var dropped = 0;
        for (var i = 0; i < texts.size(); i++) {
            var a = stops.get(i);
            var b = stops.get(i + 1);
            if (a.y() != b.y()) { // upward on the page, read from the right
                var swap = a;
                a = b.y() > a.y() ? b : a;
                b = a == b ? swap : b;
            }
            var width = Typeface.REGULAR.widthMm(texts.get(i), pens.cap(TextRole.DIMENSION), 0);
            var fits = width + 1.2 <= a.distance(b);
            var below =
                    TEXT_LIFT_MM + pens.cap(TextRole.DIMENSION) + (dropped % 2) * (pens.cap(TextRole.DIMENSION) + 0.7);
            dropped = fits ? 0 : dropped + 1;
            number(out, texts.get(i), a, b, fits ? -TEXT_LIFT_MM : below);
        }
    }

    private void number(List<Mark> out, String text, Point a, Point b, double drop) {
        var along = b.minus(a).unit();
        var down = along.left(); // y is down on paper, so left of the line is below it
        var at = a.towards(b, 0.5).plus(down.times(drop));
        var turn = Math.toDegrees(Math.atan2(along.y(), along.x()));
        out.add(new Mark.Text(
                text, at, pens.cap(TextRole.DIMENSION), Typeface.REGULAR, 0, Mark.Align.MIDDLE, turn, pens.ink()));
    }

    /** Single dimensions between two points. */
    public List<Mark> singles(List<Dimension> dimensions, Rounding rounding) {
        var out = new ArrayList<Mark>();
        for (var dimension : dimensions) {
            var from = frame.paper(dimension.from().point());
            var to = frame.paper(dimension.to().point());
            // left in the plan is up the page for a line running right
            var shift = to.minus(from).unit().left().times(-dimension.offset().mm() / frame.scale());
            var a = from.plus(shift);
            var b = to.plus(shift);
            var lines = Figure.builder().line(a, b);
            witness(lines, from, a);
            witness(lines, to, b);
            out.add(new Mark.Stroke(lines.build(), pens.dimension(), pens.dimensionInk()));
            ends(out, List.of(a, b));
            var length =
                    Length.ofMm(dimension.from().point().distance(dimension.to().point()));
            var flip = b.x() < a.x() - 1e-9 || Math.abs(b.x() - a.x()) < 1e-9 && b.y() > a.y();
            number(out, rounding.shown(length), flip ? b : a, flip ? a : b, -TEXT_LIFT_MM);
        }
        return out;
    }

    /** What ends the line of a radius at its wall. */
    private void radiusEnd(List<Mark> out, Point tip, Point from) {
        var drawn = Figure.builder();
        if (ends == Ends.ARROWS) {
            arrow(drawn, tip, from);
            out.add(new Mark.Fill(drawn.build(), pens.dimensionInk()));
        } else {
            ends(out, List.of(tip));
        }
    }

    /** The circle an arc is part of, to a millimetre: told once, however many walls run along it. */
    private record Circle(long x, long y, long radius) {
        static Circle of(Arc arc) {
            return new Circle(
                    Math.round(arc.centre().x()), Math.round(arc.centre().y()), Math.round(arc.radius()));
        }
    }

    /** The radius of every curved wall's drawn line, with a line from its centre side and an arrow at the wall. */
    public List<Mark> radii(List<Wall> walls, Rounding rounding) {
        var out = new ArrayList<Mark>();
        Set<Circle> told = new HashSet<>();
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
                var text = "R " + rounding.shown(Length.ofMm(arc.radius()));
                number(out, text, flip ? b : a, flip ? a : b, -TEXT_LIFT_MM);
            }
        }
        return out;
    }
}
