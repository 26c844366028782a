package honeylamp.illustrate.words;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.DimensionStyle;
import honeylamp.plan.TextRole;
import java.util.List;
import java.util.Optional;

/** Draws what all dimensions have: ends of lines, witness lines and figures above their lines, in paper mm. */
final class DimensionPen {
    private static final double ARROW_SLENDER = 0.16;

    /** Where arrows have no room a dot of so much of their length ends a line. */
    private static final double DOT_FOR_ARROW = 0.4;

    /** So many times their length arrows need. */
    private static final double ROOM_FOR_ARROWS = 3;

    private final Pens pens;
    private final DimensionStyle style;

    /** Draws in the style of a look. */
    DimensionPen(Pens pens) {
        this.pens = pens;
        this.style = pens.dimensions();
    }

    /** What ends the line of a dimension at each stop; arrows where they have room, else dots. */
    void ends(List<Mark> out, List<Point> stops) {
        var drawn = Figure.builder();
        switch (style.ends()) {
            case TICKS -> {
                stops.forEach(stop -> tick(drawn, stop));
                out.add(new Mark.Stroke(drawn.build(), pens.tick(), pens.dimensionInk()));
            }
            case ARROWS -> {
                for (var i = 1; i < stops.size(); i++) {
                    var a = stops.get(i - 1);
                    var b = stops.get(i);
                    if (a.distance(b) >= ROOM_FOR_ARROWS * style.endMm()) {
                        arrow(drawn, a, b);
                        arrow(drawn, b, a);
                    } else {
                        var radius = DOT_FOR_ARROW / 2 * style.endMm();
                        drawn.path(Figure.circle(a, radius)).path(Figure.circle(b, radius));
                    }
                }
                out.add(new Mark.Fill(drawn.build(), pens.dimensionInk()));
            }
            case DOTS -> {
                stops.forEach(stop -> drawn.path(Figure.circle(stop, style.endMm() / 2)));
                out.add(new Mark.Fill(drawn.build(), pens.dimensionInk()));
            }
        }
    }

    /** A slender head whose tip is at a stop. */
    void arrow(Figure.Builder heads, Point tip, Point from) {
        var back = from.minus(tip).unit();
        var base = tip.plus(back.times(style.endMm()));
        var half = back.left().times(style.endMm() * ARROW_SLENDER);
        heads.ring(Ring.of(tip, base.plus(half), base.minus(half)).counterClockwise());
    }

    /** From a little off what is measured to a little past the line; none where the two all but touch. */
    Optional<Segment> witness(Point building, Point stop) {
        var way = stop.minus(building);
        if (way.length() <= style.offMm()) {
            return Optional.empty();
        }
        var unit = way.unit();
        return Optional.of(
                new Segment(building.plus(unit.times(style.offMm())), stop.plus(unit.times(style.pastMm()))));
    }

    /** A short stroke at 45 degrees, rising to the right on the page. */
    private void tick(Figure.Builder ticks, Point at) {
        var half = style.endMm() / 2 * Math.sqrt(0.5);
        ticks.line(new Point(at.x() - half, at.y() + half), new Point(at.x() + half, at.y() - half));
    }

    void number(List<Mark> out, String text, Point a, Point b, double share) {
        var along = b.minus(a).unit();
        var up = along.left().times(-1); // y is down on paper, so left of the line is below it
        var at = a.towards(b, share).plus(up.times(RowFigures.LIFT_MM));
        var turn = Math.toDegrees(Math.atan2(along.y(), along.x()));
        out.add(new Mark.Text(
                text,
                at,
                pens.cap(TextRole.DIMENSION),
                pens.face(TextRole.DIMENSION, Typeface.REGULAR),
                0,
                Mark.Align.MIDDLE,
                turn,
                pens.ink()));
    }

    /** Whether words that run this way would be read from the left or from above. */
    static boolean isUpsideDown(Point way) {
        return way.x() < -1e-9 || Math.abs(way.x()) <= 1e-9 && way.y() > 0;
    }
}
