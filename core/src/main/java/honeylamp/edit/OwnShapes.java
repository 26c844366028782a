package honeylamp.edit;

import honeylamp.derive.own.OwnLines;
import honeylamp.derive.own.OwnPlace;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnLine.Corner;
import honeylamp.plan.OwnLine.Ends;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The shapes own pieces are drawn with, in plan mm; rectangles and distances run along the front of the piece that is drawn
 * on.
 *
 * @param toPlan from the piece, at its made size, to the plan
 */
public record OwnShapes(Affine toPlan) {
    private static final double LEAST_MM = 1;

    /** A direction this near to along the front or the side means that. */
    private static final double SQUARE_DEG = 7;

    /** Shapes on a piece, or on nothing yet: then along the axes of the plan. */
    public static OwnShapes on(Optional<OwnPlace> place) {
        return new OwnShapes(place.map(OwnPlace::toPlan).orElse(Affine.IDENTITY));
    }

    private Point local(Point p) {
        return toPlan.inverse().apply(p);
    }

    /** How far one point is to the right of another and behind it, in mm. */
    public Point between(Point from, Point to) {
        return local(to).minus(local(from));
    }

    /** The point so far to the right of another and behind it. */
    public Point from(Point from, Length right, Length back) {
        return toPlan.apply(local(from).plus(new Point(right.mm(), back.mm())));
    }

    /** A point straight along or behind another, where it nearly is. */
    public Point nearlySquare(Point from, Point to) {
        var a = local(from);
        var b = local(to);
        var tangent = Math.tan(Math.toRadians(SQUARE_DEG));
        var way = b.minus(a);
        if (Math.abs(way.y()) < Math.abs(way.x()) * tangent) {
            return toPlan.apply(new Point(b.x(), a.y()));
        }
        return Math.abs(way.x()) < Math.abs(way.y()) * tangent ? toPlan.apply(new Point(a.x(), b.y())) : to;
    }

    /** A rectangle between two opposite corners. */
    public Outcome<OwnLine> rectangle(Point from, Point to) {
        return rectangle(from, to, Optional.empty(), Optional.empty());
    }

    /** A rectangle from a corner towards a point; what is not typed is as the point says. */
    public Outcome<OwnLine> rectangle(Point from, Point to, Optional<Length> width, Optional<Length> depth) {
        var a = local(from);
        var way = local(to).minus(a);
        var x = a.x() + (way.x() < 0 ? -1 : 1) * width.map(Length::mm).orElse(Math.abs(way.x()));
        var y = a.y() + (way.y() < 0 ? -1 : 1) * depth.map(Length::mm).orElse(Math.abs(way.y()));
        var box = Box.around(List.of(a, new Point(x, y)));
        if (box.width() < LEAST_MM || box.height() < LEAST_MM) {
            return Outcome.refused("it has no size", "Click farther away, or type its width and depth.");
        }
        return Outcome.done(OwnLine.around(box.ring().corners().stream()
                .map(toPlan::apply)
                .map(Position::of)
                .toList()));
    }

    /** A circle about a centre. */
    public Outcome<OwnLine> circle(Point centre, double radiusMm) {
        return radiusMm < LEAST_MM
                ? Outcome.refused("it has no size", "Click farther away, or type its radius.")
                : Outcome.done(OwnLine.circle(Position.of(centre), Length.ofMm(radiusMm)));
    }

    /** An arc from end to end through a point. */
    public Outcome<OwnLine> arc(Point a, Point b, Point on) {
        if (a.distance(b) < LEAST_MM) {
            return Outcome.refused("its ends are one point", "Click its other end elsewhere.");
        }
        return Outcome.done(new OwnLine(
                List.of(
                        new Corner(Position.of(a), Length.ZERO, Length.ofMm(Arc.sagitta(a, on, b))),
                        Corner.at(Position.of(b))),
                Ends.OPEN));
    }

    /** An arc of a radius from end to end, on the side of a point. */
    public Outcome<OwnLine> arc(Point a, Point b, Point towards, Length radius) {
        var chord = a.distance(b);
        if (radius.mm() < chord / 2) {
            return Outcome.refused("the radius does not reach over half of what lies between its ends");
        }
        var rise = Arc.rise(radius.mm(), chord);
        var isLeft = b.minus(a).cross(towards.minus(a)) >= 0;
        return Outcome.done(new OwnLine(
                List.of(
                        new Corner(Position.of(a), Length.ZERO, Length.ofMm(isLeft ? rise : -rise)),
                        Corner.at(Position.of(b))),
                Ends.OPEN));
    }

    /** A sharp corner. */
    public static Corner corner(Point at) {
        return Corner.at(Position.of(at));
    }

    /** Corners with one more, the side to it bowed. */
    public static List<Corner> plus(List<Corner> corners, Point at, Length bow) {
        var out = bowed(corners, bow);
        out.add(corner(at));
        return out;
    }

    private static ArrayList<Corner> bowed(List<Corner> corners, Length bow) {
        var out = new ArrayList<>(corners);
        if (!out.isEmpty()) {
            out.set(out.size() - 1, out.getLast().withBow(bow));
        }
        return out;
    }

    /** A line through corners that does not close. */
    public static Outcome<OwnLine> open(List<Corner> corners) {
        return corners.size() < 2
                ? Outcome.refused("a line has two ends", "Click one more.")
                : Outcome.done(new OwnLine(corners, Ends.OPEN));
    }

    /** An outline round corners, the side back to the first bowed. */
    public static Outcome<OwnLine> around(List<Corner> corners, Length bow) {
        if (corners.size() < 3) {
            return Outcome.refused("an outline needs three corners", "Click one more.");
        }
        var line = new OwnLine(bowed(corners, bow), Ends.JOINED);
        return new Ring(OwnLines.points(line)).isSimple()
                ? Outcome.done(line)
                : Outcome.refused("the outline crosses itself", "Press Esc and go round it once.");
    }
}
