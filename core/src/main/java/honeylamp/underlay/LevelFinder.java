package honeylamp.underlay;

import honeylamp.geometry.Box;
import java.util.Arrays;
import java.util.Optional;

/**
 * Proposes the angle at which the lines of a picture run, from the picture alone: the angle at which its
 * slopes, laid along rows and columns, gather most sharply.
 */
public final class LevelFinder {
    private static final long READ_PIXELS = 1_500_000;
    private static final double COARSE_STEP_DEG = 0.5;
    private static final double FINE_STEP_DEG = 0.05;
    private static final double COARSE_BIN_PX = 3;
    private static final int COARSE_POINTS = 40_000;

    /** Only the strongest slopes count: this share of all pixels. */
    private static final double SHARE = 0.06;

    /** A slope belongs to a row or a column if it runs across it to within about 9°. */
    private static final double ACROSS = 0.988;

    /** The best angle must gather its slopes so many times as sharply as the middle one. */
    private static final double LEAST_SHARPNESS = 2.5;

    private static final int LEAST_POINTS = 200;

    private LevelFinder() {}

    /**
     * How far the lines of a picture are turned.
     *
     * @param turnDeg counter-clockwise as seen, between -45 and 45; turning the picture back by it levels it
     * @param sharpness how much more sharply lines gather at this angle than at others, above 1
     */
    public record Proposal(double turnDeg, double sharpness) {}

    /** Where lightness changes fast, and the unit vector along which it does. */
    private record Slopes(float[] x, float[] y, float[] dx, float[] dy, int count, int size) {}

    /** A proposal, or none if the picture has no clear lines. */
    public static Optional<Proposal> of(TracedPicture picture) {
        return of(
                picture,
                new Box(0, 0, picture.pyramid().width(), picture.pyramid().height()));
    }

    /** How far the lines of a part of a picture are turned, in degrees counter-clockwise as seen; 0 if it has none. */
    public static double turnDeg(TracedPicture picture, Box part) {
        return of(picture, part).map(Proposal::turnDeg).orElse(0.0);
    }

    /** A proposal from a part of a picture, in full pixels; none if it has no clear lines. */
    public static Optional<Proposal> of(TracedPicture picture, Box part) {
        var share = part.width()
                * part.height()
                / picture.pyramid().width()
                / picture.pyramid().height();
        var level = picture.pyramid().within((long) (READ_PIXELS / Math.max(share, 1e-6)));
        var points = slopes(level, part);
        if (points.count < LEAST_POINTS) {
            return Optional.empty();
        }
        var every = Math.max(1, points.count / COARSE_POINTS);
        var coarse = best(points, -45, 45, COARSE_STEP_DEG, COARSE_BIN_PX, every);
        if (coarse.sharpness < LEAST_SHARPNESS) {
            return Optional.empty();
        }
        var fine = best(points, coarse.deg - COARSE_STEP_DEG, coarse.deg + COARSE_STEP_DEG, FINE_STEP_DEG, 1, 1);
        var turn = -fine.deg; // y points down
        return Optional.of(new Proposal(turn - 90 * Math.rint(turn / 90), coarse.sharpness));
    }

    private record Best(double deg, double sharpness) {}

    private static Best best(Slopes points, double from, double to, double step, double bin, int every) {
        var count = (int) Math.round((to - from) / step) + 1;
        var sums = new double[count];
        var best = 0;
        for (var i = 0; i < count; i++) {
            sums[i] = gathered(points, from + i * step, bin, every);
            if (sums[i] > sums[best]) {
                best = i;
            }
        }
        var sorted = sums.clone();
        Arrays.sort(sorted);
        var off = best == 0 || best == count - 1
                ? 0
                : (sums[best - 1] - sums[best + 1])
                        / (2 * (sums[best - 1] - 2 * sums[best] + sums[best + 1])); // the top of a parabola
        return new Best(from + (best + off) * step, sums[best] / Math.max(1e-9, sorted[count / 2]));
    }

    private static Slopes slopes(Pyramid.Level level, Box part) {
        var x0 = Math.clamp((int) (part.minX() / level.step()), 0, level.width() - 1);
        var y0 = Math.clamp((int) (part.minY() / level.step()), 0, level.height() - 1);
        var w = Math.clamp((int) Math.ceil(part.width() / level.step()), 1, level.width() - x0);
        var h = Math.clamp((int) Math.ceil(part.height() / level.step()), 1, level.height() - y0);
        var light = smoothed(light(level, x0, y0, w, h), w, h);
        var strengths = new float[w * h];
        for (var y = 1; y < h - 1; y++) {
            for (var x = 1; x < w - 1; x++) {
                var i = y * w + x;
                strengths[i] = (float) Math.hypot(light[i + 1] - light[i - 1], light[i + w] - light[i - w]);
            }
        }
        var sorted = strengths.clone();
        Arrays.sort(sorted);
        var least = Math.max(2, sorted[(int) ((1 - SHARE) * (sorted.length - 1))]);
        var room = (int) (SHARE * strengths.length) + 2;
        var out = new Slopes(new float[room], new float[room], new float[room], new float[room], 0, w + h);
        var count = 0;
        for (var i = 0; i < strengths.length && count < room; i++) {
            if (strengths[i] > least) {
                out.x[count] = i % w;
                out.y[count] = i / w;
                out.dx[count] = (light[i + 1] - light[i - 1]) / strengths[i];
                out.dy[count] = (light[i + w] - light[i - w]) / strengths[i];
                count++;
            }
        }
        return new Slopes(out.x, out.y, out.dx, out.dy, count, out.size);
    }

    private static float[] light(Pyramid.Level level, int x0, int y0, int w, int h) {
        var out = new float[w * h];
        var row = new int[w];
        for (var y = 0; y < h; y++) {
            level.copy(x0, y0 + y, w, 1, row);
            for (var x = 0; x < w; x++) {
                var rgb = row[x];
                out[y * w + x] = (77 * (rgb >> 16 & 255) + 150 * (rgb >> 8 & 255) + 29 * (rgb & 255)) / 256f;
            }
        }
        return out;
    }

    /** Twice the mean of three by three, so that a slope's direction is not that of the pixel grid. */
    private static float[] smoothed(float[] light, int w, int h) {
        var from = light;
        for (var round = 0; round < 2; round++) {
            var out = from.clone();
            for (var y = 1; y < h - 1; y++) {
                for (var x = 1; x < w - 1; x++) {
                    var i = y * w + x;
                    out[i] = (from[i - w - 1]
                                    + from[i - w]
                                    + from[i - w + 1]
                                    + from[i - 1]
                                    + from[i]
                                    + from[i + 1]
                                    + from[i + w - 1]
                                    + from[i + w]
                                    + from[i + w + 1])
                            / 9;
                }
            }
            from = out;
        }
        return from;
    }

    /** The sum of squares of what falls on each row and on each column of a frame turned so. */
    private static double gathered(Slopes points, double deg, double bin, int every) {
        var cos = Math.cos(Math.toRadians(deg));
        var sin = Math.sin(Math.toRadians(deg));
        var columns = new double[(int) (2 * points.size / bin) + 3];
        var rows = new double[columns.length];
        for (var i = 0; i < points.count; i += every) {
            var across = points.dx[i] * cos + points.dy[i] * sin;
            var down = points.dy[i] * cos - points.dx[i] * sin;
            if (Math.abs(across) > ACROSS) {
                put(columns, (points.x[i] * cos + points.y[i] * sin + points.size) / bin, Math.signum(across));
            } else if (Math.abs(down) > ACROSS) {
                put(rows, (points.y[i] * cos - points.x[i] * sin + points.size) / bin, Math.signum(down));
            }
        }
        var sum = 0.0;
        for (var i = 0; i < rows.length; i++) {
            sum += rows[i] * rows[i] + columns[i] * columns[i];
        }
        return sum;
    }

    /** Shares a vote between two bins, so that the pixel grid favours no angle. */
    private static void put(double[] bins, double at, double vote) {
        var low = (int) at;
        bins[low] += vote * (low + 1 - at);
        bins[low + 1] += vote * (at - low);
    }
}
