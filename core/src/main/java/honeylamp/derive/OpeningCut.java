package honeylamp.derive;

import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening;
import honeylamp.plan.Wall;
import java.util.ArrayList;

/**
 * Where an opening cuts its wall.
 *
 * @param leftFace jamb to jamb on the wall's left face, running as the wall runs
 * @param rightFace the same on its right face
 */
public record OpeningCut(Opening opening, Wall host, double thicknessMm, Curve leftFace, Curve rightFace) {
    /** A little more than the wall is cut away, so that no film is left on the faces. */
    private static final double GENEROUS_MM = 0.5;

    /** The cut an opening would make in a wall. */
    public static OpeningCut of(Opening opening, Wall host, double thicknessMm) {
        var line = host.line();
        var share = host.body().leftShare();
        return new OpeningCut(
                opening,
                host,
                thicknessMm,
                face(line, thicknessMm * share, opening),
                face(line, thicknessMm * (share - 1), opening));
    }

    /** Jambs stand square to the drawn line, along which the opening is measured. */
    private static Curve face(Curve line, double leftMm, Opening opening) {
        var face = line.shiftedLeft(leftMm);
        var share = face.length() / line.length();
        return face.part(opening.offset().mm() * share, opening.end().mm() * share);
    }

    /** Jamb to jamb, straight, on the wall's left face. */
    public Segment left() {
        return leftFace.chord();
    }

    /** Jamb to jamb, straight, on the wall's right face. */
    public Segment right() {
        return rightFace.chord();
    }

    /** From jamb to jamb, at length one, the way the wall runs. */
    public Point unit() {
        return middle().unit();
    }

    /** Jamb to jamb, straight, in the middle of the wall's thickness. */
    public Segment middle() {
        var left = left();
        var right = right();
        return new Segment(left.a().towards(right.a(), 0.5), left.b().towards(right.b(), 0.5));
    }

    /** The edge of the cut, counter-clockwise. */
    public Ring ring() {
        return ring(leftFace, rightFace);
    }

    private static Ring ring(Curve left, Curve right) {
        var out = new ArrayList<Point>();
        out.add(right.a());
        out.addAll(right.between(WallPiece.CHORD_ERROR_MM));
        out.add(right.b());
        out.add(left.b());
        out.addAll(left.between(WallPiece.CHORD_ERROR_MM).reversed());
        out.add(left.a());
        return new Ring(out);
    }

    /** The half of the cut on one side of the wall's middle, counter-clockwise. */
    public Ring half(Opening.Swing side) {
        var middle = middle();
        return side == Opening.Swing.LEFT ? ring(leftFace, middle) : ring(middle, rightFace);
    }

    /** A little more than the cut, so that subtracting it leaves no film on the faces. */
    Ring generous() {
        return ring(leftFace.shiftedLeft(GENEROUS_MM), rightFace.shiftedLeft(-GENEROUS_MM));
    }
}
