package honeylamp.drawing.ink;

import java.util.Arrays;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A picture of grey levels, 0 black to 255 white, row by row from the top; never changes. */
public final class Grey {
    private final int width;
    private final int height;
    private final byte[] levels;

    /** Takes over the levels; the caller must not change them afterwards. */
    public Grey(int width, int height, byte[] levels) {
        if (levels.length != width * height) {
            throw new IllegalArgumentException("a " + width + " x " + height + " picture needs " + width * height
                    + " levels, has " + levels.length);
        }
        this.width = width;
        this.height = height;
        this.levels = levels;
    }

    public int width() {
        return width;
    }

    public int height() {
        return height;
    }

    /** The level of a pixel, 0 to 255. */
    public int level(int x, int y) {
        return levels[y * width + x] & 0xff;
    }

    /** A copy of all levels. */
    public byte[] levels() {
        return levels.clone();
    }

    /** A part of a picture, in whole pixels, its last ones included. */
    public record Part(int minX, int minY, int maxX, int maxY) {}

    /** The part outside which another picture of the same size is the same; empty if it is the same everywhere. */
    public Optional<Part> differsFrom(Grey other) {
        var minX = width;
        var maxX = -1;
        var minY = height;
        var maxY = -1;
        for (var y = 0; y < height; y++) {
            var from = y * width;
            var first = Arrays.mismatch(levels, from, from + width, other.levels, from, from + width);
            if (first >= 0) {
                var last = width - 1;
                while (levels[from + last] == other.levels[from + last]) {
                    last--;
                }
                minX = Math.min(minX, first);
                maxX = Math.max(maxX, last);
                minY = Math.min(minY, y);
                maxY = y;
            }
        }
        return maxX < 0 ? Optional.empty() : Optional.of(new Part(minX, minY, maxX, maxY));
    }

    @Override
    public boolean equals(@Nullable Object o) {
        return o instanceof Grey g && g.width == width && Arrays.equals(g.levels, levels);
    }

    @Override
    public int hashCode() {
        return Objects.hash(width, Arrays.hashCode(levels));
    }
}
