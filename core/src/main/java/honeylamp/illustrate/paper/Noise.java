package honeylamp.illustrate.paper;

import honeylamp.catalogue.pattern.Seeds;

/** Smooth randomness over the plane: seeded values on a lattice of whole numbers, with soft passages between them. */
public final class Noise {
    private Noise() {}

    /** A value from -1 to 1 that changes over a length of about one; the same for the same place and seed. */
    public static double at(long seed, double x, double y) {
        return wrapped(seed, x, y, Long.MAX_VALUE);
    }

    /** The same, repeating after so many units across and down. */
    static double wrapped(long seed, double x, double y, long period) {
        var i = (long) Math.floor(x);
        var j = (long) Math.floor(y);
        var u = soft(x - i);
        var v = soft(y - j);
        var i0 = Math.floorMod(i, period);
        var i1 = Math.floorMod(i + 1, period);
        var j0 = Math.floorMod(j, period);
        var j1 = Math.floorMod(j + 1, period);
        var low = mix(Seeds.signed(seed, i0, j0), Seeds.signed(seed, i1, j0), u);
        var high = mix(Seeds.signed(seed, i0, j1), Seeds.signed(seed, i1, j1), u);
        return mix(low, high, v);
    }

    /** Four octaves, each half as strong and about half as long, each turned against the one before; from -1 to 1. */
    public static double layered(long seed, double x, double y) {
        var sum = 0.0;
        var weight = 0.53;
        var a = x;
        var b = y;
        for (var octave = 0; octave < 4; octave++) {
            sum += weight * at(seed + octave, a, b);
            weight /= 2;
            var turned = 1.62 * a - 1.18 * b;
            b = 1.18 * a + 1.62 * b;
            a = turned;
        }
        return sum;
    }

    /** 0 up to a first value, 1 from a second, a soft passage between. */
    public static double step(double from, double to, double value) {
        return soft(Math.clamp((value - from) / (to - from), 0, 1));
    }

    private static double soft(double t) {
        return t * t * (3 - 2 * t);
    }

    private static double mix(double a, double b, double t) {
        return a + t * (b - a);
    }
}
