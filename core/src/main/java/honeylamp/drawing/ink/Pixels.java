package honeylamp.drawing.ink;

import java.util.Arrays;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** A colour picture, {@code 0xAARRGGBB} with colours not weighed by what they cover, row by row from the top; never changes. */
public final class Pixels {
    private final int width;
    private final int height;
    private final int[] argb;

    /** Takes over the pixels; the caller must not change them afterwards. */
    public Pixels(int width, int height, int[] argb) {
        if (width < 1 || height < 1 || argb.length != width * height) {
            throw new IllegalArgumentException(
                    "a " + width + " x " + height + " picture does not have " + argb.length + " pixels");
        }
        this.width = width;
        this.height = height;
        this.argb = argb;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** A copy of all pixels. */
    public int[] argb() {
        return argb.clone();
    }

    /** The picture at half its size, each pixel the mean of four, colours weighed by how much they cover. */
    public Pixels half() {
        var w = Math.max(1, width / 2);
        var h = Math.max(1, height / 2);
        var out = new int[w * h];
        for (var y = 0; y < h; y++) {
            for (var x = 0; x < w; x++) {
                out[y * w + x] = mean(2 * x, 2 * y);
            }
        }
        return new Pixels(w, h, out);
    }

    private int mean(int x, int y) {
        var cover = 0;
        var red = 0;
        var green = 0;
        var blue = 0;
        for (var k = 0; k < 4; k++) {
            var p = argb[Math.min(height - 1, y + k / 2) * width + Math.min(width - 1, x + k % 2)];
            var a = p >>> 24;
            cover += a;
            red += a * (p >> 16 & 0xff);
            green += a * (p >> 8 & 0xff);
            blue += a * (p & 0xff);
        }
        return cover == 0 ? 0 : (cover + 2) / 4 << 24 | (red / cover) << 16 | (green / cover) << 8 | blue / cover;
    }

    @Override
    public boolean equals(@Nullable Object o) {
        return o instanceof Pixels p && p.width == width && Arrays.equals(p.argb, argb);
    }

    @Override
    public int hashCode() {
        return Objects.hash(width, Arrays.hashCode(argb));
    }
}
