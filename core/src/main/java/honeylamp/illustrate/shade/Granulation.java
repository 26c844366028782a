package honeylamp.illustrate.shade;

import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Noise;

/**
 * How much pigment of a wash has settled where: it flows in slow clouds, is pushed back in blooms with dark rims, and
 * lies in the hollows of the paper. It hangs on the plan, so that it stays where it is when the plan moves on the page.
 */
final class Granulation {
    /** Lengths on paper. */
    private static final double FLOW_MM = 27;

    private static final double WARP_MM = 19;
    private static final double BLOOM_MM = 21;
    private static final double SETTLED_MM = 0.9;

    private static final double RIM_AT = 0.30;
    private static final double RIM_WIDE = 0.018;
    private static final long SEED = 405;

    private Granulation() {}

    /** The share of light that pigment takes beyond the wash itself, for every pixel. */
    static float[] of(ShadeGrid grid) {
        var out = new float[grid.count()];
        for (var row = 0; row < grid.height(); row++) {
            for (var column = 0; column < grid.width(); column++) {
                var on = grid.frame()
                        .plan(new Point(
                                grid.bounds().minX() + (column + 0.5) / grid.pxPerMm(),
                                grid.bounds().minY() + (row + 0.5) / grid.pxPerMm()));
                var x = on.x() / grid.frame().scale();
                var y = on.y() / grid.frame().scale();
                out[row * grid.width() + column] = (float) taken(x, y);
            }
        }
        return out;
    }

    /** At a point in mm on paper, counted from the origin of the plan. */
    static double taken(double x, double y) {
        var warp = 5 * Noise.at(SEED, x / WARP_MM, y / WARP_MM);
        var flow = Noise.layered(SEED + 10, (x + warp) / FLOW_MM, (y - warp) / FLOW_MM);
        var bloom = 0.5 + 0.5 * Noise.layered(SEED + 20, x / BLOOM_MM, y / BLOOM_MM);
        var back = 1 - Noise.step(RIM_AT - 0.04, RIM_AT + 0.2, bloom);
        var rim = Math.exp(-Math.pow((bloom - RIM_AT) / RIM_WIDE, 2));
        var settled = Noise.at(SEED + 30, x / SETTLED_MM, y / SETTLED_MM);
        return Math.clamp(0.055 + 0.11 * flow - 0.06 * back + 0.05 * rim + 0.014 * settled, 0, 0.25);
    }
}
