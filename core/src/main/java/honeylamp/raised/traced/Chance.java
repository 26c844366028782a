package honeylamp.raised.traced;

/**
 * Even chances that are the same at every drawing: of the first bounce spread evenly over all rays of a pixel, of others
 * each for itself.
 *
 * @see "Roberts, The unreasonable effectiveness of quasirandom sequences, 2018, for the two shares"
 */
final class Chance {
    private static final double FIRST = 0.7548776662466927;
    private static final double SECOND = 0.5698402909980532;
    private static final long STEP = 0x9E3779B97F4A7C15L;

    private final long pixel;
    private final int ray;
    private int asked;

    Chance(int pixel, int ray) {
        this.pixel = mixed(pixel * STEP + 1);
        this.ray = ray;
    }

    /** A chance of the first bounce, one of a pair. */
    float spread(boolean isFirst) {
        var v = unit(mixed(pixel + STEP * ++asked)) + ray * (isFirst ? FIRST : SECOND);
        return (float) (v - Math.floor(v));
    }

    /** Any chance. */
    float any() {
        return (float) unit(mixed(pixel + STEP * ++asked + 0x632BE59BD9B4E019L * (ray + 1)));
    }

    private static double unit(long bits) {
        return (bits >>> 40) * 0x1p-24;
    }

    /** By Steele, Lea and Flood, Fast splittable pseudorandom number generators, OOPSLA 2014. */
    private static long mixed(long z) {
        var a = (z ^ z >>> 30) * 0xBF58476D1CE4E5B9L;
        var b = (a ^ a >>> 27) * 0x94D049BB133111EBL;
        return b ^ b >>> 31;
    }
}
