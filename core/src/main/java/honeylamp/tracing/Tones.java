package honeylamp.tracing;

import honeylamp.underlay.InkPicture;
import java.util.Arrays;

/**
 * What a picture's ink is like.
 *
 * @param noise the standard deviation of its ink where nothing is drawn
 * @param darkest the ink that few of its pixels exceed
 * @param line ink above which a pixel belongs to a line or an area
 * @param penPx the width of its thin lines, as they appear
 * @param extentPx how long the building may be: a share of the longer side of the box around all ink
 */
record Tones(double noise, double darkest, double line, double penPx, double extentPx) {
    private static final int WIDEST_PEN = 10;

    static Tones of(InkPicture picture) {
        var noise = picture.noise();
        var darkest = picture.darkest();
        var line = Math.max(Math.max(4.5 * noise, 0.07), 0.22 * darkest);
        var thin = Mask.above(picture, line);
        return new Tones(noise, darkest, line, pen(thin), 0.85 * extent(thin));
    }

    Tones withLine(double other) {
        return new Tones(noise, darkest, other, penPx, extentPx);
    }

    /** The middle length of short runs that go on at least three times as far crosswise. */
    static double pen(Mask thin) {
        var counts = new int[WIDEST_PEN + 1];
        count(thin, counts);
        count(thin.transposed(), counts);
        var half = Arrays.stream(counts).sum() / 2;
        for (var k = 1; k <= WIDEST_PEN; k++) {
            half -= counts[k];
            if (half <= 0) {
                return k;
            }
        }
        return 2;
    }

    private static void count(Mask mask, int[] counts) {
        for (var y = 1; y < mask.height() - 1; y += 3) {
            var start = -1;
            for (var x = 0; x <= mask.width(); x++) {
                var is = x < mask.width() && mask.on()[y * mask.width() + x];
                if (is && start < 0) {
                    start = x;
                } else if (!is && start >= 0) {
                    var run = x - start;
                    if (run <= WIDEST_PEN && crosswise(mask, start + run / 2, y, 3 * run) >= 3 * run) {
                        counts[run]++;
                    }
                    start = -1;
                }
            }
        }
    }

    private static int crosswise(Mask mask, int x, int y, int enough) {
        var from = y;
        while (y - from <= enough && mask.at(x, from - 1)) {
            from--;
        }
        var to = y;
        while (to - from <= enough && mask.at(x, to + 1)) {
            to++;
        }
        return to - from + 1;
    }

    /** The longer side of the box that holds all but the outermost half per cent of the ink. */
    private static double extent(Mask thin) {
        return Math.max(span(thin), span(thin.transposed()));
    }

    private static double span(Mask mask) {
        var rows = new int[mask.height()];
        long all = 0;
        for (var y = 0; y < rows.length; y++) {
            for (var x = 0; x < mask.width(); x++) {
                rows[y] += mask.on()[y * mask.width() + x] ? 1 : 0;
            }
            all += rows[y];
        }
        var from = 0;
        var to = rows.length - 1;
        for (long seen = 0; from < to && (seen += rows[from]) < 0.005 * all; ) {
            from++;
        }
        for (long seen = 0; to > from && (seen += rows[to]) < 0.005 * all; ) {
            to--;
        }
        return to - from + 1.0;
    }
}
