package honeylamp.output;

import honeylamp.drawing.ink.Blend;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;

/**
 * Lays a layer that was painted apart over what lies below. With colours weighed by what they cover, S above and B
 * below: multiplied S(1 − b) + B(1 − s) + SB, lightened S + B − SB, as PDF 32000-1 (11.3) and W3C Compositing say.
 */
final class Blending {
    private Blending() {}

    /**
     * Blends pixel by pixel.
     *
     * @param image what lies below, of type {@code INT_ARGB_PRE} or {@code INT_RGB}
     * @param group what lies above, of type {@code INT_ARGB_PRE} and as large
     */
    static void into(BufferedImage image, BufferedImage group, Blend blend) {
        var below = ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
        var above = ((DataBufferInt) group.getRaster().getDataBuffer()).getData();
        var opaque = image.getType() == BufferedImage.TYPE_INT_RGB ? 0xff000000 : 0;
        for (var i = 0; i < below.length; i++) {
            if (above[i] != 0) {
                below[i] = mixed(above[i], below[i] | opaque, blend);
            }
        }
    }

    /** Lays pixels over opaque ones, two channels at once; what is clear leaves them as they are. */
    static void over(int[] below, int[] above) {
        for (var i = 0; i < below.length; i++) {
            var s = above[i];
            var rest = 256 - (s >>> 24) - (s >>> 31); // of 256, so that 255 leaves nothing
            var b = below[i];
            var redBlue = ((b & 0xff00ff) * rest + 0x800080 >>> 8) & 0xff00ff;
            var green = ((b & 0x00ff00) * rest + 0x008000 >>> 8) & 0x00ff00;
            below[i] = 0xff000000 | (s & 0xffffff) + (redBlue | green);
        }
    }

    private static int mixed(int s, int b, Blend blend) {
        var over = s >>> 24;
        var under = b >>> 24;
        var out = over + under - product(over, under);
        for (var shift = 16; shift >= 0; shift -= 8) {
            var cs = s >> shift & 0xff;
            var cb = b >> shift & 0xff;
            var c = switch (blend) {
                case COVER -> cs + product(cb, 255 - over);
                case MULTIPLY -> product(cs, 255 - under) + product(cb, 255 - over) + product(cs, cb);
                case SCREEN -> cs + cb - product(cs, cb);
            };
            out = out << 8 | Math.min(c, 255);
        }
        return out;
    }

    /** Of two shares of 255, rounded. */
    private static int product(int a, int b) {
        return (a * b + 127) / 255;
    }
}
