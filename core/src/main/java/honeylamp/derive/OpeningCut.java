package honeylamp.derive;

import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening;
import honeylamp.plan.Wall;

/**
 * Where an opening cuts its wall.
 *
 * @param left jamb to jamb on the wall's left face, running as the wall runs
 * @param right the same on its right face
 */
public record OpeningCut(Opening opening, Wall host, double thicknessMm, Segment left, Segment right) {
    /** The cut an opening would make in a wall. */
    public static OpeningCut of(Opening opening, Wall host, double thicknessMm) {
        var line = host.line();
        var share = host.body().leftShare();
        var a = opening.offset().mm();
        var b = opening.end().mm();
        var onLeft = line.shiftedLeft(thicknessMm * share);
        var onRight = line.shiftedLeft(thicknessMm * (share - 1));
        return new OpeningCut(
                opening,
                host,
                thicknessMm,
                new Segment(onLeft.at(a), onLeft.at(b)),
                new Segment(onRight.at(a), onRight.at(b)));
    }

    /** Along the wall, from its first end to its second, at length one. */
    public Point unit() {
        return host.line().unit();
    }

    /** Jamb to jamb in the middle of the wall's thickness. */
    public Segment middle() {
        return new Segment(left.a().towards(right.a(), 0.5), left.b().towards(right.b(), 0.5));
    }

    /** The four corners of the cut, counter-clockwise. */
    public Ring ring() {
        return Ring.of(right.a(), right.b(), left.b(), left.a());
    }

    /** The half of the cut on one side of the wall's middle, counter-clockwise. */
    public Ring half(Opening.Swing side) {
        var m = middle();
        return side == Opening.Swing.LEFT
                ? Ring.of(m.a(), m.b(), left.b(), left.a())
                : Ring.of(right.a(), right.b(), m.b(), m.a());
    }

    /** A little more than the cut, so that subtracting it leaves no film on the faces. */
    Ring generous() {
        var out = unit().left().times(0.5);
        return Ring.of(
                right.a().minus(out),
                right.b().minus(out),
                left.b().plus(out),
                left.a().plus(out));
    }
}
