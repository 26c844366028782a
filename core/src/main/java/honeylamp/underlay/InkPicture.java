package honeylamp.underlay;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;

/**
 * How dark a picture is against its paper, pixel by pixel, as read through a frame that may be turned,
 * squared up or cropped.
 *
 * @param ink row by row: 0 is paper, 1 black
 * @param toPicture from points of this frame, the middle of its first pixel being 0.5, 0.5, to full
 *     pixels of the picture
 */
public record InkPicture(int width, int height, float[] ink, Projective toPicture) {
    /** Paper changes slowly: it is asked once for so many pixels. */
    private static final int SLOW = 8;

    /** Less ink than this is paper. */
    private static final double PAPER = 0.12;

    private static final double DARK_SHARE = 0.004;
    private static final int BINS = 1000;

    /** The middle of absolute values of a normal spread, and how a mean of two neighbours widens it. */
    private static final double MIDDLE_OF_NORMAL = 0.6745 * 1.22;

    /**
     * Reads a picture through a frame.
     *
     * @param toPicture from points of the frame to full pixels of the picture; what lies outside is paper
     */
    public static InkPicture of(TracedPicture picture, Projective toPicture, int width, int height) {
        var step = lengthScale(toPicture, width, height);
        var level = picture.pyramid().forStep(step);
        var own = inkOf(level, picture.paper());
        var out = new float[width * height];
        for (var y = 0; y < height; y++) {
            row(own, level, toPicture, y, width, out);
        }
        return new InkPicture(width, height, out, toPicture);
    }

    /**
     * The shown part of a picture in a frame in which its lines run along rows and columns.
     *
     * @param squared from full pixels of the picture to squared ones
     * @param turnDeg how far its lines are turned there, counter-clockwise as seen
     * @param shown the part, in full pixels of the picture
     * @param most the frame has no more pixels than this
     */
    public static InkPicture levelled(
            TracedPicture picture, Projective squared, double turnDeg, Box shown, double most) {
        var level = squared.then(Affine.turn(turnDeg));
        var box = Box.around(shown.ring().corners().stream().map(level::apply).toList());
        var step = Math.max(1, Math.sqrt(box.width() * box.height() / most));
        var toPicture = Projective.of(Affine.scale(step, step).then(Affine.move(box.minX(), box.minY())))
                .then(level.inverse());
        return of(picture, toPicture, (int) Math.ceil(box.width() / step), (int) Math.ceil(box.height() / step));
    }

    private static double lengthScale(Projective toPicture, int width, int height) {
        return toPicture.near(new Point(width / 2.0, height / 2.0)).lengthScale();
    }

    private static float[] inkOf(Pyramid.Level level, PaperTone paper) {
        var out = new float[level.width() * level.height()];
        var row = new int[level.width()];
        var tones = new float[level.width() / SLOW + 1];
        for (var y = 0; y < level.height(); y++) {
            level.copy(0, y, row.length, 1, row);
            if (y % SLOW == 0) {
                for (var k = 0; k < tones.length; k++) {
                    double px = (k + 0.5) * SLOW * level.step(), py = (y + SLOW / 2.0) * level.step();
                    tones[k] = (float)
                            (0.30 * paper.at(0, px, py) + 0.59 * paper.at(1, px, py) + 0.11 * paper.at(2, px, py));
                }
            }
            for (var x = 0; x < row.length; x++) {
                var rgb = row[x];
                var light = 0.30f * (rgb >> 16 & 255) + 0.59f * (rgb >> 8 & 255) + 0.11f * (rgb & 255);
                out[y * row.length + x] = Math.clamp(1 - light / Math.max(1, tones[x / SLOW]), -0.2f, 1f);
            }
        }
        return out;
    }

    private static void row(float[] from, Pyramid.Level level, Projective toPicture, int y, int width, float[] out) {
        var w = level.width();
        var h = level.height();
        for (var x = 0; x < width; x++) {
            var fx = x + 0.5;
            var fy = y + 0.5;
            var depth = toPicture.g() * fx + toPicture.h() * fy + toPicture.i();
            var px = (toPicture.a() * fx + toPicture.b() * fy + toPicture.c()) / depth / level.step() - 0.5;
            var py = (toPicture.d() * fx + toPicture.e() * fy + toPicture.f()) / depth / level.step() - 0.5;
            if (!(px >= 0 && py >= 0 && px < w - 1 && py < h - 1)) {
                continue;
            }
            var ix = (int) px;
            var iy = (int) py;
            var u = (float) (px - ix);
            var v = (float) (py - iy);
            var i = iy * w + ix;
            var top = from[i] + u * (from[i + 1] - from[i]);
            var low = from[i + w] + u * (from[i + w + 1] - from[i + w]);
            out[y * width + x] = top + v * (low - top);
        }
    }

    /** The same with rows and columns changed for each other. */
    public InkPicture transposed() {
        var out = new float[ink.length];
        for (var y0 = 0; y0 < height; y0 += 32) {
            for (var x0 = 0; x0 < width; x0 += 32) {
                for (var y = y0; y < Math.min(height, y0 + 32); y++) {
                    for (var x = x0; x < Math.min(width, x0 + 32); x++) {
                        out[x * height + y] = ink[y * width + x];
                    }
                }
            }
        }
        var swap = new Projective(0, 1, 0, 1, 0, 0, 0, 0, 1);
        return new InkPicture(height, width, out, swap.then(toPicture));
    }

    /** The ink at a point of the frame, in proportion between pixels; 0 outside. */
    public float at(double x, double y) {
        var px = x - 0.5;
        var py = y - 0.5;
        if (!(px >= 0 && py >= 0 && px < width - 1 && py < height - 1)) {
            return 0;
        }
        var ix = (int) px;
        var iy = (int) py;
        var u = (float) (px - ix);
        var v = (float) (py - iy);
        var i = iy * width + ix;
        var top = ink[i] + u * (ink[i + 1] - ink[i]);
        var low = ink[i + width] + u * (ink[i + width + 1] - ink[i + width]);
        return top + v * (low - top);
    }

    /** The same turned by a right angle clockwise: what reads upwards then reads along rows. */
    public InkPicture turned() {
        var out = new float[ink.length];
        for (var y0 = 0; y0 < height; y0 += 32) {
            for (var x0 = 0; x0 < width; x0 += 32) {
                for (var y = y0; y < Math.min(height, y0 + 32); y++) {
                    for (var x = x0; x < Math.min(width, x0 + 32); x++) {
                        out[x * height + height - 1 - y] = ink[y * width + x];
                    }
                }
            }
        }
        var back = new Projective(0, 1, 0, -1, 0, height, 0, 0, 1);
        return new InkPicture(height, width, out, back.then(toPicture));
    }

    /** The standard deviation of the ink where nothing is drawn. */
    public double noise() {
        var steps = new int[BINS];
        var count = 0;
        for (var y = 1; y < height - 1; y += 3) {
            for (var x = 1; x < width - 1; x += 2) {
                var i = y * width + x;
                if (ink[i] < PAPER && ink[i] != 0) {
                    var off = Math.abs(ink[i] - (ink[i - 1] + ink[i + 1]) / 2);
                    steps[Math.min(BINS - 1, (int) (off * 4 * BINS))]++;
                    count++;
                }
            }
        }
        var seen = 0;
        for (var k = 0; k < BINS; k++) {
            seen += steps[k];
            if (2 * seen >= count) {
                return (k + 0.5) / (4.0 * BINS) / MIDDLE_OF_NORMAL;
            }
        }
        return 0;
    }

    /** The ink that 0.4 % of the pixels exceed. */
    public double darkest() {
        var bins = new int[BINS];
        for (var v : ink) {
            bins[Math.clamp((int) (v * BINS), 0, BINS - 1)]++;
        }
        var left = (long) (DARK_SHARE * ink.length);
        for (var k = BINS - 1; k > 0; k--) {
            left -= bins[k];
            if (left <= 0) {
                return (k + 0.5) / BINS;
            }
        }
        return 0;
    }
}
