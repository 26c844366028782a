package honeylamp.tracing;

import honeylamp.underlay.InkPicture;
import java.util.Arrays;

/** Which pixels of a picture are meant, row by row. */
record Mask(int width, int height, boolean[] on) {
    /** Pixels with more ink than a threshold. */
    static Mask above(InkPicture picture, double threshold) {
        var ink = picture.ink();
        var on = new boolean[ink.length];
        for (var i = 0; i < on.length; i++) {
            on[i] = ink[i] > threshold;
        }
        return new Mask(picture.width(), picture.height(), on);
    }

    boolean at(int x, int y) {
        return x >= 0 && y >= 0 && x < width && y < height && on[y * width + x];
    }

    boolean at(double x, double y) {
        return at((int) Math.floor(x), (int) Math.floor(y));
    }

    /** The same with rows and columns changed for each other. */
    Mask transposed() {
        var out = new boolean[on.length];
        for (var y0 = 0; y0 < height; y0 += 64) {
            for (var x0 = 0; x0 < width; x0 += 64) {
                for (var y = y0; y < Math.min(height, y0 + 64); y++) {
                    for (var x = x0; x < Math.min(width, x0 + 64); x++) {
                        out[x * height + y] = on[y * width + x];
                    }
                }
            }
        }
        return new Mask(height, width, out);
    }

    /** What is in this mask or in another of its size. */
    Mask or(Mask other) {
        var out = on.clone();
        for (var i = 0; i < out.length; i++) {
            out[i] |= other.on[i];
        }
        return new Mask(width, height, out);
    }

    /** What a square of so many pixels along each side can reach without leaving the mask. */
    Mask opened(int side) {
        return side <= 1
                ? this
                : eroded(side)
                        .transposed()
                        .eroded(side)
                        .spread(side)
                        .transposed()
                        .spread(side);
    }

    /** Runs of at least so many pixels along rows. */
    Mask alongRows(int least) {
        var out = new boolean[on.length];
        for (var y = 0; y < height; y++) {
            var start = -1;
            for (var x = 0; x <= width; x++) {
                var is = x < width && on[y * width + x];
                if (is && start < 0) {
                    start = x;
                } else if (!is && start >= 0) {
                    if (x - start >= least) {
                        Arrays.fill(out, y * width + start, y * width + x, true);
                    }
                    start = -1;
                }
            }
        }
        return new Mask(width, height, out);
    }

    /** Left ends of squares' rows: pixels from which a run of so many begins. */
    private Mask eroded(int side) {
        var out = new boolean[on.length];
        for (var y = 0; y < height; y++) {
            var run = 0;
            for (var x = width - 1; x >= 0; x--) {
                run = on[y * width + x] ? run + 1 : 0;
                out[y * width + x] = run >= side;
            }
        }
        return new Mask(width, height, out);
    }

    private Mask spread(int side) {
        var out = new boolean[on.length];
        for (var y = 0; y < height; y++) {
            var left = 0;
            for (var x = 0; x < width; x++) {
                left = on[y * width + x] ? side : left - 1;
                out[y * width + x] = left > 0;
            }
        }
        return new Mask(width, height, out);
    }

    /** The pixels around which a square reaching so many to each side lies in the mask. */
    Mask inset(int by) {
        var rows = insetAlongRows(by).transposed();
        return rows.insetAlongRows(by).transposed();
    }

    private Mask insetAlongRows(int by) {
        var out = new boolean[on.length];
        for (var y = 0; y < height; y++) {
            var run = 0;
            for (var x = 0; x < width; x++) {
                run = on[y * width + x] ? run + 1 : 0;
                if (run > 2 * by) {
                    out[y * width + x - by] = true;
                }
            }
        }
        return new Mask(width, height, out);
    }

    /** Every pixel within so many of the mask, along rows and columns. */
    Mask grown(int by) {
        return grownAlongRows(by).transposed().grownAlongRows(by).transposed();
    }

    private Mask grownAlongRows(int by) {
        var out = new boolean[on.length];
        for (var y = 0; y < height; y++) {
            for (var x = 0; x < width; x++) {
                if (on[y * width + x]) {
                    for (var k = Math.max(0, x - by); k <= Math.min(width - 1, x + by); k++) {
                        out[y * width + k] = true;
                    }
                }
            }
        }
        return new Mask(width, height, out);
    }
}
