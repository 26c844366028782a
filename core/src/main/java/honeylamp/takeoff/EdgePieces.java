package honeylamp.takeoff;

import honeylamp.units.Checks;

/**
 * How pieces divide a length, laid from its middle outwards, so that both ends are alike.
 *
 * @param middle what lies on the middle
 * @param whole pieces that are not cut
 * @param edgeMm the length of each of the two end pieces; 0 if whole pieces fill the length but for a joint at
 *     either end
 */
record EdgePieces(Middle middle, int whole, double edgeMm) {
    private static final double SAME_MM = 1e-6;

    /** What lies on the middle of a length. */
    public enum Middle {
        PIECE,
        JOINT
    }

    /** With a piece or a joint in the middle. */
    public static EdgePieces with(Middle middle, double lengthMm, double pieceMm, double jointMm) {
        Checks.positive("length", lengthMm);
        Checks.positive("piece", pieceMm);
        Checks.within("joint", jointMm, 0, Double.MAX_VALUE);
        var pitch = pieceMm + jointMm;
        // from the middle to one end, beginning with the joint that stands in the middle or after its piece
        var half = lengthMm / 2 - (middle == Middle.PIECE ? pieceMm / 2 : -jointMm / 2);
        if (half < 0) {
            return new EdgePieces(middle, 0, lengthMm / 2); // the one piece is itself cut
        }
        var each = (int) Math.floor((half + SAME_MM) / pitch);
        var edge = half - each * pitch - jointMm;
        return new EdgePieces(middle, 2 * each + (middle == Middle.PIECE ? 1 : 0), edge > SAME_MM ? edge : 0);
    }

    /** With the larger end pieces: whole pieces alone are best. */
    public static EdgePieces best(double lengthMm, double pieceMm, double jointMm) {
        var piece = with(Middle.PIECE, lengthMm, pieceMm, jointMm);
        var joint = with(Middle.JOINT, lengthMm, pieceMm, jointMm);
        return worth(piece, pieceMm) >= worth(joint, pieceMm) ? piece : joint;
    }

    private static double worth(EdgePieces pieces, double pieceMm) {
        return pieces.edgeMm == 0 ? pieceMm : pieces.edgeMm;
    }
}
