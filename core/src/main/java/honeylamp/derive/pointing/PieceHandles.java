package honeylamp.derive.pointing;

import honeylamp.geometry.Point;
import honeylamp.plan.Furnishing;

/** Where a picked furnishing is held to turn it or to make it larger, in plan mm. */
public final class PieceHandles {
    private static final double BEFORE_FRONT_MM = 260;

    private PieceHandles() {}

    /** The turn handle: a little before the middle of the front. */
    public static Point turn(Furnishing piece) {
        return piece.placing().apply(new Point(0, -piece.depth().mm() / 2 - BEFORE_FRONT_MM));
    }

    /** The size handle: the front right corner. */
    public static Point size(Furnishing piece) {
        return piece.placing()
                .apply(new Point(piece.width().mm() / 2, -piece.depth().mm() / 2));
    }

    /** The turn in degrees at which a piece's front faces a point. */
    public static double facing(Furnishing piece, Point p) {
        return p.minus(piece.at().point()).angleDeg() + 90;
    }
}
