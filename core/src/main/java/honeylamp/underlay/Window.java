package honeylamp.underlay;

/**
 * The lightness of a small square of one level, smoothed a little, with its slopes.
 *
 * @param x0 left column, in pixels of the level
 * @param y0 top row
 * @param light 0 to 255, {@code size} by {@code size}
 * @param noise how much neighbouring pixels differ where nothing is drawn
 */
record Window(int x0, int y0, int size, float[] light, double noise) {
    /** Half widths of the smoothing, as weights from the middle outward: a bell of 1.1 pixels. */
    private static final double[] BELL = {0.3665, 0.2425, 0.0703, 0.0040};

    /** The square of a level around a point; empty space beyond the picture repeats its edge. */
    static Window around(Pyramid.Level level, double cx, double cy, int radius) {
        var size = 2 * radius + 1;
        var x0 = (int) Math.floor(cx) - radius;
        var y0 = (int) Math.floor(cy) - radius;
        var raw = new float[size * size];
        var left = Math.clamp(x0, 0, level.width() - 1);
        var right = Math.clamp(x0 + size - 1, 0, level.width() - 1);
        var line = new int[right - left + 1];
        for (var y = 0; y < size; y++) {
            level.copy(left, Math.clamp(y0 + y, 0, level.height() - 1), line.length, 1, line);
            for (var x = 0; x < size; x++) {
                var rgb = line[Math.clamp(x0 + x, left, right) - left];
                raw[y * size + x] = (77 * (rgb >> 16 & 255) + 150 * (rgb >> 8 & 255) + 29 * (rgb & 255)) / 256f;
            }
        }
        var noise = noise(raw);
        return new Window(x0, y0, size, smoothed(smoothed(raw, size, 1), size, size), noise);
    }

    /** The middle of all differences between neighbours, as a standard deviation. */
    private static double noise(float[] raw) {
        var differences = new float[raw.length - 1];
        for (var i = 0; i < differences.length; i++) {
            differences[i] = Math.abs(raw[i + 1] - raw[i]);
        }
        java.util.Arrays.sort(differences);
        return differences[differences.length / 2] * 1.4826 / Math.sqrt(2);
    }

    private static float[] smoothed(float[] from, int size, int stride) {
        var out = new float[from.length];
        for (var y = 0; y < size; y++) {
            for (var x = 0; x < size; x++) {
                var along = stride == 1 ? x : y;
                var i = y * size + x;
                var sum = BELL[0] * from[i];
                for (var k = 1; k < BELL.length; k++) {
                    var before = i - Math.min(k, along) * stride;
                    var after = i + Math.min(k, size - 1 - along) * stride;
                    sum += BELL[k] * (from[before] + from[after]);
                }
                out[i] = (float) sum;
            }
        }
        return out;
    }

    /** Lightness at a whole pixel of the window. */
    double at(int x, int y) {
        return light[y * size + x];
    }

    /** Lightness between four pixels, in proportion; the edge repeats outside. */
    double between(double x, double y) {
        var u = Math.clamp(x, 0, size - 1.001);
        var v = Math.clamp(y, 0, size - 1.001);
        var i = (int) v * size + (int) u;
        var fu = u - (int) u;
        var fv = v - (int) v;
        return (light[i] * (1 - fu) + light[i + 1] * fu) * (1 - fv)
                + (light[i + size] * (1 - fu) + light[i + size + 1] * fu) * fv;
    }
}
