package honeylamp.illustrate.shade;

import honeylamp.plan.Light;

/**
 * How much of the light every spot of a level floor loses to what stands towards it: from 0 to 1.
 *
 * <p>Steps of one pixel, farther out of a few, are taken towards the light. At each the height there is held against the height of the light,
 * which is so wide to either side as a look has it, so that shade has a soft far end; its sides are as soft, because the
 * coverage there is averaged over what the light's width spans at that distance. The floor is taken to go on below all
 * that stands on it, so that no light bleeds in beside walls.
 */
final class CastSearch {
    /** Radii, in pixels, over which coverage is averaged. */
    private static final double[] RADII = {0, 0.5, 1, 1.6, 2.4, 3.4};

    /** Far steps may be longer: the light is wide there. */
    private static final double LONGER = 1.0 / 16;

    private static final double LONGEST_STEP = 4;

    /** The share of the light's spread that the averages may span. */
    private static final double SPREAD = 0.6;

    private final ShadeGrid grid;
    private final ShiftedRows heights;
    private final ShiftedRows[] coverages = new ShiftedRows[RADII.length];
    private final double farthest;
    private final double acrossPerStep;
    private final double downPerStep;
    private final double least;
    private final double spread;

    private CastSearch(
            ShadeGrid grid, float[] heights, float[] coverage, Light light, double halfDeg, double farthestMm) {
        this.grid = grid;
        var towards = light.fall().times(-1);
        this.acrossPerStep = towards.x();
        this.downPerStep = -towards.y();
        this.spread = spread(light, halfDeg);
        this.least = 1 / light.shadowPerHeight() - spread;
        this.farthest = farthestMm / grid.pixelMm();
        this.heights = new ShiftedRows(heights, grid.width(), grid.height(), farthest + LONGEST_STEP);
        for (var i = 0; i < RADII.length; i++) {
            var soft = Smoothing.box(coverage, grid.width(), grid.height(), RADII[i]);
            coverages[i] = new ShiftedRows(soft, grid.width(), grid.height(), farthest + LONGEST_STEP);
        }
    }

    private static double spread(Light light, double halfDeg) {
        var slope = 1 / light.shadowPerHeight();
        return Math.tan(Math.toRadians(halfDeg)) * (1 + slope * slope);
    }

    /**
     * How far what is so high throws its shade, soft end included, in plan mm.
     *
     * @param halfDeg half the angle the light is wide, in degrees
     */
    static double reachMm(double heightMm, Light light, double halfDeg) {
        return heightMm / (1 / light.shadowPerHeight() - spread(light, halfDeg));
    }

    /** How far around a place coverage is averaged, and mixed with its neighbours, in pixels. */
    static double softPx() {
        return RADII[RADII.length - 1] + 1;
    }

    /**
     * The shade on the floor.
     *
     * @param heights of what stands there, in plan mm
     * @param coverage the share of every pixel that something stands on
     * @param halfDeg half the angle the light is wide, in degrees
     * @param highestMm nothing is higher
     * @param rows only these are searched, the others are left at 0
     */
    static float[] of(
            ShadeGrid grid,
            float[] heights,
            float[] coverage,
            Light light,
            double halfDeg,
            double highestMm,
            Rows rows) {
        var search = new CastSearch(grid, heights, coverage, light, halfDeg, reachMm(highestMm, light, halfDeg));
        var out = new float[grid.count()];
        rows.each(y -> search.row(y, out));
        return out;
    }

    private void row(int y, float[] out) {
        var width = grid.width();
        var high = new float[width];
        var covered = new float[width];
        var scratch = ShiftedRows.Scratch.of(width);
        var most = new float[width];
        for (var away = 0.5; away <= farthest; away += Math.min(LONGEST_STEP, Math.max(1, away * LONGER))) {
            heights.read(y, away * downPerStep, away * acrossPerStep, high, scratch);
            coverages[radius(away)].read(y, away * downPerStep, away * acrossPerStep, covered, scratch);
            darker(most, high, covered, (float) (1 / (away * grid.pixelMm())));
        }
        for (var x = 0; x < width; x++) {
            out[y * width + x] = most[x] * most[x] * (3 - 2 * most[x]);
        }
    }

    private void darker(float[] most, float[] high, float[] covered, float perAway) {
        var from = (float) least;
        var share = (float) (1 / (2 * spread));
        for (var x = 0; x < most.length; x++) {
            var t = Math.max(0f, Math.min(1f, (high[x] * perAway - from) * share));
            most[x] = Math.max(most[x], t * covered[x]);
        }
    }

    /** The largest radius that stays within the light's spread at a distance in pixels. */
    private int radius(double away) {
        var at = 0;
        while (at + 1 < RADII.length && RADII[at + 1] <= SPREAD * away * spread) {
            at++;
        }
        return at;
    }
}
