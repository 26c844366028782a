package honeylamp.illustrate.shade;

/**
 * How much of the sky every spot of a level floor loses to what stands around it: from 0 to 1.
 *
 * <p>A horizon is searched in 16 directions by 9 steps, spaced by the square so that near things count finely. Rows are
 * compared at the same index, which the compiler turns into vector code; see limits in {@code docs/speed.md}.
 */
final class CornerSearch {
    private static final int DIRECTIONS = 16;
    private static final int STEPS = 9;

    /** Walls and cupboards higher than this shade no more. */
    static final double HEIGHT_CAP_MM = 900;

    private final ShadeGrid grid;
    private final double reachMm;
    private final double[] away = new double[STEPS];
    private final ShiftedRows[] seen = new ShiftedRows[STEPS];

    private CornerSearch(ShadeGrid grid, float[] heights, double reachMm) {
        this.grid = grid;
        this.reachMm = reachMm;
        for (var s = 0; s < STEPS; s++) {
            var t = (s + 1.0) / STEPS;
            away[s] = Math.max(1, reachMm / grid.pixelMm() * t * t);
            // far steps lie farther apart than a pixel: they see heights averaged over the gap, so that no copies show
            var gap = 0.75 * Math.PI / DIRECTIONS * away[s];
            var even = Smoothing.box(heights, grid.width(), grid.height(), gap);
            seen[s] = new ShiftedRows(even, grid.width(), grid.height(), away[s]);
        }
    }

    /**
     * The share of sky lost.
     *
     * @param heights of what stands there, in plan mm
     * @param reachMm how far shade reaches, in plan mm
     * @param rows only these are searched, the others are left at 0
     */
    static float[] of(ShadeGrid grid, float[] heights, double reachMm, Rows rows) {
        var capped = new float[heights.length];
        for (var i = 0; i < capped.length; i++) {
            capped[i] = Math.min((float) HEIGHT_CAP_MM, heights[i]);
        }
        var search = new CornerSearch(grid, capped, reachMm);
        var out = new float[grid.count()];
        rows.each(y -> search.row(y, out));
        return out;
    }

    private void row(int y, float[] out) {
        var width = grid.width();
        var there = new float[width];
        var scratch = ShiftedRows.Scratch.of(width);
        var horizon = new float[width];
        var lost = new float[width];
        for (var d = 0; d < DIRECTIONS; d++) {
            // a quarter of a step breaks the star pattern that even directions would leave
            var angle = 2 * Math.PI * (d + 0.25) / DIRECTIONS;
            java.util.Arrays.fill(horizon, 0f);
            for (var s = 0; s < STEPS; s++) {
                var distance = away[s] * grid.pixelMm();
                var fade = 1 - distance * distance / (reachMm * reachMm); // shade ends softly at its reach
                if (fade > 0) {
                    seen[s].read(y, away[s] * Math.sin(angle), away[s] * Math.cos(angle), there, scratch);
                    steepest(horizon, there, (float) (fade / distance));
                }
            }
            addLoss(lost, horizon);
        }
        for (var x = 0; x < width; x++) {
            out[y * width + x] = lost[x] / DIRECTIONS;
        }
    }

    private static void steepest(float[] horizon, float[] there, float perDistance) {
        for (var x = 0; x < horizon.length; x++) {
            horizon[x] = Math.max(horizon[x], there[x] * perDistance);
        }
    }

    /** The share of sky behind a horizon of slope t: the square of the sine of its angle, t² ÷ (1 + t²). */
    private static void addLoss(float[] lost, float[] horizon) {
        for (var x = 0; x < lost.length; x++) {
            var t = horizon[x] * horizon[x];
            lost[x] += t / (1 + t);
        }
    }
}
