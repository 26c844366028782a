package honeylamp.lettering;

/**
 * A blot of ink as a small grey picture of its own, whatever its size.
 *
 * @param tones {@link #WIDE} by {@link #HIGH}, row by row, their mean 0 and the sum of their squares 1
 * @param coarse the same in cells of {@link #CELL} by as many
 * @param aspect width over height
 */
record Glyph(float[] tones, float[] coarse, double aspect) {
    static final int WIDE = 16;
    static final int HIGH = 20;
    private static final int CELL = 4;

    /** Around what is inked a little paper is kept: edges are soft. */
    private static final double MARGIN_PX = 0.4;

    /** Tells the ink at a point. */
    interface InkAt {
        float at(double x, double y);
    }

    static Glyph of(InkAt ink, Blot blot) {
        var w = blot.width() + 2 * MARGIN_PX;
        var h = blot.height() + 2 * MARGIN_PX;
        var out = new float[WIDE * HIGH];
        for (var j = 0; j < HIGH; j++) {
            for (var i = 0; i < WIDE; i++) {
                var x = blot.x0() - MARGIN_PX + w * (i + 0.5) / WIDE;
                var y = blot.y0() - MARGIN_PX + h * (j + 0.5) / HIGH;
                out[j * WIDE + i] = mean(ink, x, y, w / WIDE, h / HIGH);
            }
        }
        normalise(out);
        return new Glyph(out, coarse(out), blot.width() / (double) blot.height());
    }

    private static float[] coarse(float[] tones) {
        var out = new float[WIDE / CELL * (HIGH / CELL)];
        for (var j = 0; j < HIGH; j++) {
            for (var i = 0; i < WIDE; i++) {
                out[j / CELL * (WIDE / CELL) + i / CELL] += tones[j * WIDE + i];
            }
        }
        normalise(out);
        return out;
    }

    private static void normalise(float[] tones) {
        var sum = 0.0;
        for (var t : tones) {
            sum += t;
        }
        var mean = (float) (sum / tones.length);
        var square = 0.0;
        for (var i = 0; i < tones.length; i++) {
            tones[i] -= mean;
            square += tones[i] * tones[i];
        }
        var scale = (float) (1 / Math.sqrt(Math.max(square, 1e-12)));
        for (var i = 0; i < tones.length; i++) {
            tones[i] *= scale;
        }
    }

    /** Large letters have many pixels to a cell: four points of it are looked at. */
    private static float mean(InkAt ink, double x, double y, double dx, double dy) {
        return dx <= 1.5 && dy <= 1.5
                ? ink.at(x, y)
                : (ink.at(x - dx / 4, y - dy / 4)
                                + ink.at(x + dx / 4, y - dy / 4)
                                + ink.at(x - dx / 4, y + dy / 4)
                                + ink.at(x + dx / 4, y + dy / 4))
                        / 4;
    }

    /** How alike two are, from -1 to 1. */
    float likeness(Glyph other) {
        return product(tones, other.tones);
    }

    /** The same at a glance. */
    float coarseLikeness(Glyph other) {
        return product(coarse, other.coarse);
    }

    private static float product(float[] one, float[] other) {
        float a = 0, b = 0, c = 0, d = 0;
        for (var i = 0; i < one.length; i += 4) {
            a += one[i] * other[i];
            b += one[i + 1] * other[i + 1];
            c += one[i + 2] * other[i + 2];
            d += one[i + 3] * other[i + 3];
        }
        return a + b + c + d;
    }
}
