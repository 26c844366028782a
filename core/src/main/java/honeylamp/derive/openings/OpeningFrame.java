package honeylamp.derive.openings;

import honeylamp.geometry.Curve;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import java.util.ArrayList;
import java.util.List;

/**
 * The frame an opening is drawn in, in mm: {@code u} along the wall from the jamb with the hinges, {@code v} across
 * it from the middle of its thickness towards the side it opens to. In a curved wall {@code u} follows the arc.
 *
 * @param halfMm half the wall's thickness
 */
public record OpeningFrame(Curve middle, double widthMm, double halfMm, Hand hand, Swing swing) {
    private static final double CHORD_ERROR_MM = 0.5;

    /** The frame of an opening, from the jamb its hinges are at. */
    public static OpeningFrame of(OpeningCut cut) {
        return of(cut, cut.opening().hand());
    }

    /** The frame of an opening, from a jamb. */
    public static OpeningFrame of(OpeningCut cut, Hand hand) {
        return new OpeningFrame(
                cut.middleLine(),
                cut.opening().width().mm(),
                cut.thicknessMm() / 2,
                hand,
                cut.opening().swing());
    }

    private double along(double u) {
        return (hand == Hand.FIRST ? u : widthMm - u) * middle.length() / widthMm;
    }

    /** A point of the frame in plan mm. */
    public Point at(double u, double v) {
        var along = along(u);
        return middle.at(along).plus(middle.unitAt(along).left().times(v * swing.sign()));
    }

    /** A line along the wall. */
    public List<Point> run(double fromU, double toU, double v) {
        var face = middle.shiftedLeft(v * swing.sign());
        var share = face.length() / middle.length();
        var part = face.part(along(fromU) * share, along(toU) * share);
        var out = new ArrayList<Point>();
        out.add(part.a());
        out.addAll(part.between(CHORD_ERROR_MM));
        out.add(part.b());
        return out;
    }

    /** The same as a path. */
    public Figure line(double fromU, double toU, double v) {
        return Figure.line(run(fromU, toU, v).toArray(Point[]::new));
    }

    /** A strip along the wall, between two distances along it and two across. */
    public Ring strip(double fromU, double toU, double fromV, double toV) {
        var out = new ArrayList<>(run(fromU, toU, fromV));
        out.addAll(run(fromU, toU, toV).reversed());
        return new Ring(out).counterClockwise();
    }

    /** A strip so thick around a straight line between two points. */
    public static Ring around(Point a, Point b, double thickMm) {
        var side = new Segment(a, b).unit().left().times(thickMm / 2);
        return Ring.of(a.minus(side), b.minus(side), b.plus(side), a.plus(side));
    }
}
