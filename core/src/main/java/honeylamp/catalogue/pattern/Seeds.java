package honeylamp.catalogue.pattern;

/** Repeatable randomness: numbers that depend on their seeds only. */
public final class Seeds {
    private Seeds() {}

    /** A number from 0 up to 1 made of a seed and two counters (SplitMix64; Steele et al., OOPSLA 2014). */
    public static double unit(long seed, long i, long j) {
        var z = seed * 0x9E3779B97F4A7C15L + i * 0xBF58476D1CE4E5B9L + j * 0x94D049BB133111EBL;
        z = (z ^ z >>> 30) * 0xBF58476D1CE4E5B9L;
        z = (z ^ z >>> 27) * 0x94D049BB133111EBL;
        z ^= z >>> 31;
        return (z >>> 11) * 0x1.0p-53;
    }

    /** A number from -1 up to 1. */
    public static double signed(long seed, long i, long j) {
        return 2 * unit(seed, i, j) - 1;
    }
}
