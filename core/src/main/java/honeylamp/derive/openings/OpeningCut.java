package honeylamp.derive.openings;

import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.Optional;

/**
 * Where an opening cuts its wall.
 *
 * @param leftFace jamb to jamb on the wall's left face, running as the wall runs
 * @param rightFace the same on its right face
 * @param level where it lies to the height at which the plan is cut
 * @param ends what becomes of the hole at its ends
 */
public record OpeningCut(
        Opening opening, Wall host, double thicknessMm, Curve leftFace, Curve rightFace, Level level, Ends ends) {
    /** Where an opening lies to the height at which the plan is cut. */
    public enum Level {
        /** The plan cuts through it. */
        CUT,
        /** It ends below; the wall above it is cut. */
        BELOW,
        /** It begins above; the wall below it is cut. */
        ABOVE
    }

    /** A little more than the wall is cut away, so that no film is left on the faces. */
    private static final double GENEROUS_MM = 0.5;

    /**
     * What becomes of the ends of the hole.
     *
     * @param beyondFirst what is cut away beyond the first jamb, in mm; negative where a round window is not cut at
     *     its middle
     * @param mitreAtFirst where two windows meet round a corner: from the left faces' meeting to the right faces'
     */
    public record Ends(
            double beyondFirst, double beyondSecond, Optional<Segment> mitreAtFirst, Optional<Segment> mitreAtSecond) {
        static final Ends SQUARE = new Ends(0, 0, Optional.empty(), Optional.empty());
    }

    /** The cut an opening would make in a wall, the plan cut so high above the floor. */
    public static OpeningCut of(Opening opening, Wall host, double thicknessMm, Length cutHeight) {
        var narrower = narrowerMm(opening, cutHeight.mm());
        return new OpeningCut(
                opening,
                host,
                thicknessMm,
                face(host, thicknessMm, true, opening),
                face(host, thicknessMm, false, opening),
                level(opening, host, cutHeight),
                narrower == 0 ? Ends.SQUARE : new Ends(-narrower, -narrower, Optional.empty(), Optional.empty()));
    }

    /** The cut an opening would make in a wall of a storey. */
    public static OpeningCut in(Plan plan, Storey storey, Wall host, Opening opening) {
        return of(
                opening,
                host,
                plan.wallType(host.type()).thickness().mm(),
                storey.levels().cut());
    }

    /** The cut with other ends. */
    public OpeningCut with(Ends other) {
        return new OpeningCut(opening, host, thicknessMm, leftFace, rightFace, level, other);
    }

    /** A low wall is seen from above, not cut: what is open in it is a gap. */
    private static Level level(Opening opening, Wall host, Length cutHeight) {
        if (host.height().compareTo(cutHeight) <= 0) {
            return Level.CUT;
        }
        if (opening.sill().compareTo(cutHeight) >= 0) {
            return Level.ABOVE;
        }
        return opening.head().compareTo(cutHeight) <= 0 ? Level.BELOW : Level.CUT;
    }

    /** By how much a round window is narrower on each side where the plan cuts it than at its middle. */
    private static double narrowerMm(Opening opening, double cutMm) {
        if (opening.kind() != OpeningKind.ROUND_WINDOW) {
            return 0;
        }
        var high = (opening.head().mm() - opening.sill().mm()) / 2;
        var fromMiddle = (cutMm - opening.sill().mm()) / high - 1;
        var half = opening.width().mm() / 2;
        return Math.abs(fromMiddle) >= 1 ? 0 : half * (1 - Math.sqrt(1 - fromMiddle * fromMiddle));
    }

    /** Jambs stand square to the drawn line, along which the opening is measured. */
    private static Curve face(Wall host, double thicknessMm, boolean left, Opening opening) {
        var line = host.line();
        var share = host.body().leftShare();
        var face = line.shiftedLeft(thicknessMm * (left ? share : share - 1));
        var stretch = face.length() / line.length();
        return face.part(opening.offset().mm() * stretch, opening.end().mm() * stretch);
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

    /** Jamb to jamb in the middle of the wall's thickness, as the wall runs. */
    public Curve middleLine() {
        return rightFace.shiftedLeft(thicknessMm / 2);
    }

    /** The edge of the cut at its full width, counter-clockwise. */
    public Ring ring() {
        return ring(leftFace, rightFace);
    }

    /** The same, reaching so far past both faces: cut out of a slanted wall it leaves no hair of a face standing. */
    public Ring ring(double beyondMm) {
        return ring(leftFace.shiftedLeft(beyondMm), rightFace.shiftedLeft(-beyondMm));
    }

    private static Ring ring(Curve left, Curve right) {
        return Ring.between(right, left, WallPiece.CHORD_ERROR_MM);
    }

    /** The half of the cut on one side of the wall's middle, counter-clockwise. */
    public Ring half(Opening.Swing side) {
        var middle = middleLine();
        return side == Opening.Swing.LEFT ? ring(leftFace, middle) : ring(middle, rightFace);
    }

    /** What the plan cuts away, counter-clockwise. */
    public Ring hole() {
        return ring(trimmed(leftFace), trimmed(rightFace));
    }

    private Curve trimmed(Curve face) {
        return ends.beyondFirst == 0 && ends.beyondSecond == 0
                ? face
                : face.part(-ends.beyondFirst, face.length() + ends.beyondSecond);
    }

    /** A little more than the hole, so that subtracting it leaves no film on the faces. */
    public Ring generous() {
        return ring(
                trimmed(leftFace).shiftedLeft(GENEROUS_MM), trimmed(rightFace).shiftedLeft(-GENEROUS_MM));
    }
}
