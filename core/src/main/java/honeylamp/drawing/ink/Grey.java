package honeylamp.drawing.ink;

import java.util.Arrays;
import java.util.Objects;
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

    @Override
    public boolean equals(@Nullable Object o) {
        return o instanceof Grey g && g.width == width && Arrays.equals(g.levels, levels);
    }

    @Override
    public int hashCode() {
        return Objects.hash(width, Arrays.hashCode(levels));
    }
}
