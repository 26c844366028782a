package honeylamp.illustrate;

import java.util.stream.IntStream;

/** Averages of a grid of values over squares, row by row and then column by column. */
final class Smoothing {
    private Smoothing() {}

    /**
     * Each value averaged with all within {@code radius} rows and columns; beyond the edge lies nothing (zero).
     *
     * @return the same array if the radius is zero
     */
    static float[] box(float[] values, int width, int height, int radius) {
        if (radius == 0) {
            return values;
        }
        var share = 1f / (2 * radius + 1);
        var rows = new float[values.length];
        IntStream.range(0, height).parallel().forEach(y -> {
            var sum = 0f;
            var from = y * width;
            for (var x = 0; x < Math.min(radius, width); x++) {
                sum += values[from + x];
            }
            for (var x = 0; x < width; x++) {
                sum += x + radius < width ? values[from + x + radius] : 0;
                rows[from + x] = sum * share;
                sum -= x - radius >= 0 ? values[from + x - radius] : 0;
            }
        });
        var out = new float[values.length];
        IntStream.range(0, height).parallel().forEach(y -> {
            for (var k = Math.max(0, y - radius); k <= Math.min(height - 1, y + radius); k++) {
                for (int x = 0, i = k * width, o = y * width; x < width; x++, i++, o++) {
                    out[o] += rows[i] * share;
                }
            }
        });
        return out;
    }
}
