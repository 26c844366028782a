package honeylamp.derive.openings;

import honeylamp.plan.Opening;

/**
 * Sizes that follow from the rough opening, which is what a plan holds: jamb to jamb in the wall, floor or sill to
 * head. In mm.
 *
 * @param frameWidthMm the frame from outside to outside
 * @param frameHeightMm the same, in height
 * @param clearWidthMm what is left to walk through with the leaf open, or to look through
 */
public record FrameSizes(double frameWidthMm, double frameHeightMm, double clearWidthMm) {
    /** Left free beside and above a frame, to fit it. */
    public static final double FIT_MM = 10;

    /** How thick leaves are: of inner doors, of outer doors, of folding doors. */
    public static final double LEAF_MM = 40;

    /** An outer door's. */
    public static final double OUTER_LEAF_MM = 55;

    /** A folding door's. */
    public static final double FOLDING_LEAF_MM = 30;

    /** The frame of a window, seen from the front. */
    public static final double WINDOW_FRAME_MM = 60;

    /** How deep it is. */
    public static final double WINDOW_DEPTH_MM = 70;

    private static final double FOLDING_WIDTH_MM = 380;

    /** The sizes of an opening; a plain one has no frame and is clear in its whole width. */
    public static FrameSizes of(Opening opening) {
        var width = opening.width().mm();
        var height = opening.head().mm() - opening.sill().mm();
        return switch (opening.kind()) {
            case PLAIN, ARCHED -> new FrameSizes(width, height, width);
            case FIXED_WINDOW, CASEMENT_WINDOW, SLIDING_WINDOW, TILT_WINDOW, ROUND_WINDOW, CORNER_WINDOW ->
                new FrameSizes(width - 2 * FIT_MM, height - 2 * FIT_MM, width - 2 * WINDOW_FRAME_MM);
            case DOOR,
                    PAIR_DOOR,
                    UNEQUAL_PAIR,
                    SLIDING_DOOR,
                    SLIDING_PAIR,
                    PARTING_DOOR,
                    POCKET_DOOR,
                    FOLDING_DOOR,
                    OUTER_DOOR,
                    GARAGE_DOOR ->
                new FrameSizes(width - 2 * FIT_MM, height - FIT_MM, Math.max(0, width - takenMm(opening)));
        };
    }

    /** How many leaves a folding door has whose frame is so wide inside: pairs of about 380 mm each. */
    public static int foldingLeaves(double clearMm) {
        return 2 * Math.max(1, (int) Math.round(clearMm / (2 * FOLDING_WIDTH_MM)));
    }

    /** How deep the frame of a window stands behind the outer face of a wall so thick unless something else is said. */
    public static double usualRevealMm(double thicknessMm) {
        return Math.max(0, (thicknessMm - WINDOW_DEPTH_MM) / 2);
    }

    /** What linings and open leaves take of a doorway. */
    private static double takenMm(Opening opening) {
        var linings = 2 * LeafSweep.LINING_MM;
        var clear = opening.width().mm() - linings;
        return switch (opening.kind()) {
            case DOOR -> linings + LEAF_MM;
            case OUTER_DOOR -> linings + OUTER_LEAF_MM;
            case PAIR_DOOR, UNEQUAL_PAIR -> linings + 2 * LEAF_MM;
            case SLIDING_PAIR -> linings + clear / 2;
            case POCKET_DOOR -> LeafSweep.LINING_MM;
            case FOLDING_DOOR -> linings + FOLDING_LEAF_MM * foldingLeaves(clear);
            case SLIDING_DOOR,
                    PARTING_DOOR,
                    GARAGE_DOOR,
                    PLAIN,
                    ARCHED,
                    FIXED_WINDOW,
                    CASEMENT_WINDOW,
                    SLIDING_WINDOW,
                    TILT_WINDOW,
                    ROUND_WINDOW,
                    CORNER_WINDOW -> linings;
        };
    }
}
