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

    @Override
    public boolean equals(@Nullable Object o) {
        return o instanceof Pixels p && p.width == width && Arrays.equals(p.argb, argb);
    }

    @Override
    public int hashCode() {
        return Objects.hash(width, Arrays.hashCode(argb));
    }
}
