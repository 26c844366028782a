package honeylamp.underlay;

import java.util.Arrays;

/**
 * The tone of the paper across a picture: how light each colour is where nothing is drawn, on a coarse
 * grid. Uneven light, yellowed paper and a shadow along the fold show in it; lines do not.
 */
final class PaperTone {
    private static final long READ_PIXELS = 700_000;
    private static final int CELL = 14;

    /** The paper of a cell is taken to be this share of its pixels from the lightest. */
    private static final double SHARE = 0.2;

    private final int columns;
    private final int rows;
    private final double cellPx;
    private final float[][] tone; // per channel, 0 to 255

    private PaperTone(int columns, int rows, double cellPx, float[][] tone) {
        this.columns = columns;
        this.rows = rows;
        this.cellPx = cellPx;
        this.tone = tone;
    }

    static PaperTone of(Pyramid pyramid) {
        var level = pyramid.within(READ_PIXELS);
        var columns = Math.max(1, level.width() / CELL);
        var rows = Math.max(1, level.height() / CELL);
        var tone = new float[3][columns * rows];
        for (var row = 0; row < rows; row++) {
            for (var column = 0; column < columns; column++) {
                cell(level, column, row, columns, rows, tone);
            }
        }
        for (var channel = 0; channel < 3; channel++) {
            tone[channel] = smoothed(lightest(tone[channel], columns, rows), columns, rows);
        }
        return new PaperTone(columns, rows, (double) level.step() * level.width() / columns, tone);
    }

    private static void cell(Pyramid.Level level, int column, int row, int columns, int rows, float[][] tone) {
        var x0 = column * level.width() / columns;
        var x1 = (column + 1) * level.width() / columns;
        var y0 = row * level.height() / rows;
        var y1 = (row + 1) * level.height() / rows;
        var pixels = new int[(x1 - x0) * (y1 - y0)];
        level.copy(x0, y0, x1 - x0, y1 - y0, pixels);
        var values = new int[pixels.length];
        for (var channel = 0; channel < 3; channel++) {
            var shift = 16 - 8 * channel;
            for (var i = 0; i < pixels.length; i++) {
                values[i] = pixels[i] >> shift & 255;
            }
            Arrays.sort(values);
            tone[channel][row * columns + column] = values[(int) ((1 - SHARE) * (values.length - 1))];
        }
    }

    /** Each cell takes the lightest of itself and its neighbours, so that a wall is no paper. */
    private static float[] lightest(float[] from, int columns, int rows) {
        return around(from, columns, rows, 2, (a, b) -> Math.max(a, b), 1);
    }

    private static float[] smoothed(float[] from, int columns, int rows) {
        return around(around(from, columns, rows, 2, Float::sum, 0), columns, rows, 2, Float::sum, 0);
    }

    private interface Joining {
        float join(float a, float b);
    }

    private static float[] around(float[] from, int columns, int rows, int reach, Joining joining, int keep) {
        var out = new float[from.length];
        for (var y = 0; y < rows; y++) {
            for (var x = 0; x < columns; x++) {
                var value = 0f;
                var count = 0;
                for (var v = Math.max(0, y - reach); v <= Math.min(rows - 1, y + reach); v++) {
                    for (var u = Math.max(0, x - reach); u <= Math.min(columns - 1, x + reach); u++) {
                        value = joining.join(value, from[v * columns + u]);
                        count++;
                    }
                }
                out[y * columns + x] = keep == 1 ? value : value / count;
            }
        }
        return out;
    }

    /** The paper at a full pixel in one channel (0 red, 1 green, 2 blue), between cells in proportion. */
    double at(int channel, double x, double y) {
        var u = Math.clamp(x / cellPx - 0.5, 0, columns - 1.0);
        var v = Math.clamp(y / cellPx - 0.5, 0, rows - 1.0);
        var u0 = Math.min((int) u, Math.max(0, columns - 2));
        var v0 = Math.min((int) v, Math.max(0, rows - 2));
        var u1 = Math.min(u0 + 1, columns - 1);
        var v1 = Math.min(v0 + 1, rows - 1);
        var t = tone[channel];
        var fu = u - u0;
        var fv = v - v0;
        var top = t[v0 * columns + u0] * (1 - fu) + t[v0 * columns + u1] * fu;
        var low = t[v1 * columns + u0] * (1 - fu) + t[v1 * columns + u1] * fu;
        return top * (1 - fv) + low * fv;
    }
}
