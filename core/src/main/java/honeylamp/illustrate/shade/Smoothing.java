package honeylamp.illustrate.shade;

import java.util.stream.IntStream;

/** Averages of a grid of values over squares, row by row and then column by column. */
final class Smoothing {
    private static final int PARTS = 4;

    /**
     * Sums are begun anew at every so many values, so that those of a part of a grid that begins at such a place are the
     * same as those of the whole, to the last bit.
     */
    static final int BLOCK = 16;

    private Smoothing() {}

    /**
     * Each value averaged with its neighbours, near ones counting more: twice over squares of half the size, with
     * parts of rows and columns at their edges. Beyond the grid lies nothing (zero).
     *
     * @param radius how far values spread, in grid steps; none below a twentieth
     * @return the same array if nothing spreads
     */
    static float[] soft(float[] values, int width, int height, double radius) {
        return radius < 0.05 ? values : box(box(values, width, height, radius / 2), width, height, radius / 2);
    }

    /**
     * Averages over squares whose outermost rows and columns count in part; beyond the grid lies nothing (zero).
     *
     * @param radius how far values spread, in grid steps
     * @return the same array if nothing spreads
     */
    static float[] box(float[] values, int width, int height, double radius) {
        return radius <= 0 ? values : down(across(values, width, height, radius), width, height, radius);
    }

    private static float[] across(float[] values, int width, int height, double radius) {
        var whole = (int) Math.floor(radius);
        var rest = (float) (radius - whole);
        var share = (float) (1 / (2 * radius + 1));
        var out = new float[values.length];
        IntStream.range(0, height).parallel().forEach(y -> {
            var row = new float[width + 2 * whole + 3]; // with nothing at both ends
            var first = whole + 1;
            System.arraycopy(values, y * width, row, first, width);
            var sum = 0f;
            for (var x = 0; x < width; x++) {
                if (x % BLOCK == 0) {
                    sum = 0;
                    for (var k = 1; k <= 2 * whole; k++) {
                        sum += row[x + k];
                    }
                }
                sum += row[x + 2 * whole + 1];
                out[y * width + x] = (sum + rest * (row[x] + row[x + 2 * whole + 2])) * share;
                sum -= row[x + 1];
            }
        });
        return out;
    }

    /** All columns of a part at once, so that the loops read at one index. */
    private static float[] down(float[] values, int width, int height, double radius) {
        var out = new float[values.length];
        var part = (width + PARTS - 1) / PARTS;
        IntStream.range(0, PARTS).parallel().forEach(i -> {
            var from = Math.min(width, i * part);
            new Columns(values, width, height, from, Math.min(width, from + part)).averages(radius, out);
        });
        return out;
    }

    /** Columns from one to before another. */
    private record Columns(float[] values, int width, int height, int from, int to) {
        void averages(double radius, float[] out) {
            var whole = (int) Math.floor(radius);
            var rest = (float) (radius - whole);
            var share = (float) (1 / (2 * radius + 1));
            var sum = new float[to - from];
            var ends = new float[to - from];
            var row = new float[to - from];
            for (var y = 0; y < height; y++) {
                if (y % BLOCK == 0) {
                    java.util.Arrays.fill(sum, 0);
                    for (var near = y - whole; near < y + whole; near++) {
                        add(sum, row, near, 1);
                    }
                }
                add(sum, row, y + whole, 1);
                java.util.Arrays.fill(ends, 0);
                add(ends, row, y - whole - 1, rest);
                add(ends, row, y + whole + 1, rest);
                for (var x = 0; x < sum.length; x++) {
                    ends[x] = (sum[x] + ends[x]) * share;
                }
                System.arraycopy(ends, 0, out, y * width + from, ends.length);
                add(sum, row, y - whole, -1);
            }
        }

        /** The row is copied first: only a loop that reads all at the same index becomes vector code. */
        private void add(float[] sum, float[] row, int y, float times) {
            if (y < 0 || y >= height || times == 0) {
                return;
            }
            System.arraycopy(values, y * width + from, row, 0, row.length);
            for (var x = 0; x < sum.length; x++) {
                sum[x] += row[x] * times;
            }
        }
    }

    /** Each value as high as the highest of its nine neighbours. */
    static float[] highest(float[] values, int width, int height) {
        var rows = new float[values.length];
        for (var y = 0; y < height; y++) {
            for (var x = 0; x < width; x++) {
                var i = y * width + x;
                var most = Math.max(values[i], x > 0 ? values[i - 1] : 0);
                rows[i] = Math.max(most, x + 1 < width ? values[i + 1] : 0);
            }
        }
        var out = new float[values.length];
        for (var y = 0; y < height; y++) {
            for (var x = 0; x < width; x++) {
                var i = y * width + x;
                var most = Math.max(rows[i], y > 0 ? rows[i - width] : 0);
                out[i] = Math.max(most, y + 1 < height ? rows[i + width] : 0);
            }
        }
        return out;
    }
}
