package honeylamp.raised.traced;

import java.util.stream.IntStream;

/**
 * Takes grain out of a map of light without blurring it over edges: rounds, each twice as wide, of weighted means that count
 * what lies in another plane, or is otherwise lit, for little.
 *
 * @see "Dammertz et al., Edge-avoiding a-trous wavelet transform for fast global illumination filtering, HPG 2010"
 */
final class Smoothing {
    private static final int ROUNDS = 5;

    /** In the first rounds unlike light is taken for grain. */
    private static final int PLAIN_ROUNDS = 2;

    private static final float[] KERNEL = {1 / 16f, 4 / 16f, 6 / 16f, 4 / 16f, 1 / 16f};

    /** Light that differs by so much of itself counts for a quarter in the first round, and in each next one for less. */
    private static final float UNLIKE = 3.2f;

    /** What lies so far out of the plane counts for a quarter, in mm. */
    private static final float OFF_PLANE_MM = 30;

    /** Planes that differ by more than this, as the cosine between them, have nothing in common. */
    private static final float SAME_WAY = 0.85f;

    private static final float OF_MEAN = 0.15f;
    private static final float DARKEST = 1e-3f;

    private final Spots spots;
    private final float grain;

    /**
     * For a map.
     *
     * @param rays so many were shot for each pixel: the more, the less grain there is
     */
    Smoothing(Spots spots, int rays) {
        this.spots = spots;
        this.grain = UNLIKE * (float) Math.sqrt(4.0 / Math.max(4, rays));
    }

    /** Red, green and blue of all pixels, one after the other, without their grain. */
    float[] smooth(float[] light) {
        var now = light;
        var mean = mean(light);
        for (var round = 0; round < ROUNDS; round++) {
            var from = now;
            var to = new float[light.length];
            var step = 1 << round;
            var unlike = round < PLAIN_ROUNDS ? Float.POSITIVE_INFINITY : grain / (1 << round);
            IntStream.range(0, spots.height())
                    .parallel()
                    .forEach(row -> row(from, to, row, step, new Unlike(unlike, mean)));
            now = to;
        }
        return now;
    }

    /** Light differs by so much of itself and of the mean of all. */
    private record Unlike(float share, float mean) {}

    private float mean(float[] light) {
        var sum = 0.0;
        var many = 1;
        for (var i = 0; i < light.length / 3; i++) {
            if (spots.seen(i) >= 0) {
                sum += bright(light, i);
                many++;
            }
        }
        return (float) (sum / many);
    }

    private void row(float[] from, float[] to, int row, int step, Unlike unlike) {
        for (var x = 0; x < spots.width(); x++) {
            var at = row * spots.width() + x;
            if (spots.seen(at) >= 0) {
                spot(from, to, at, row, x, step, unlike);
            }
        }
    }

    private void spot(float[] from, float[] to, int at, int row, int x, int step, Unlike unlike) {
        var own = bright(from, at);
        var scale = 1 / (unlike.share * (own + OF_MEAN * unlike.mean));
        float red = 0;
        float green = 0;
        float blue = 0;
        float all = 0;
        for (var j = -2; j <= 2; j++) {
            var y = row + j * step;
            if (y < 0 || y >= spots.height()) {
                continue;
            }
            for (var i = -2; i <= 2; i++) {
                var across = x + i * step;
                if (across < 0 || across >= spots.width()) {
                    continue;
                }
                var o = y * spots.width() + across;
                if (spots.seen(o) < 0) {
                    continue;
                }
                var like = o == at ? 1 : alike(at, o);
                if (like > 0) {
                    var off = (bright(from, o) - own) * scale;
                    var share = KERNEL[i + 2] * KERNEL[j + 2] * like * falls(off);
                    red += share * from[3 * o];
                    green += share * from[3 * o + 1];
                    blue += share * from[3 * o + 2];
                    all += share;
                }
            }
        }
        to[3 * at] = red / all;
        to[3 * at + 1] = green / all;
        to[3 * at + 2] = blue / all;
    }

    private static float bright(float[] light, int at) {
        return DARKEST + 0.2126f * light[3 * at] + 0.7152f * light[3 * at + 1] + 0.0722f * light[3 * at + 2];
    }

    /** How much two places of the picture have in common, from 0 to 1. */
    private float alike(int a, int b) {
        if (spots.seen(a) == spots.seen(b)) {
            return 1;
        }
        var way = spots.sameWay(a, b);
        if (way < SAME_WAY) {
            return 0;
        }
        return (way - SAME_WAY) / (1 - SAME_WAY) * falls(spots.offPlaneMm(a, b) / OFF_PLANE_MM);
    }

    /** 1 for nothing, a quarter for one. */
    private static float falls(float by) {
        var w = 1 / (1 + by * by);
        return w * w;
    }
}
