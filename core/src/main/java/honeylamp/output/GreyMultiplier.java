package honeylamp.output;

import honeylamp.drawing.ink.Grey;
import java.util.Optional;

/** Multiplies a grey picture, scaled up bilinearly, into rows of pixels whose colours are weighed by what they cover. */
final class GreyMultiplier {
    private final byte[] levels;
    private final int width;
    private final int height;
    private final double stepX;
    private final double stepY;
    private final double originX;
    private final double originY;

    /**
     * @param stepX source columns per target pixel
     * @param stepY source rows per target pixel
     * @param originX target x of the source's left edge
     * @param originY target y of the source's top edge
     */
    GreyMultiplier(Grey grey, double stepX, double stepY, double originX, double originY) {
        this.levels = grey.levels();
        this.width = grey.width();
        this.height = grey.height();
        this.stepX = stepX;
        this.stepY = stepY;
        this.originX = originX;
        this.originY = originY;
    }

    /**
     * Multiplies a part of an image.
     *
     * @param covered the share of every pixel of the part that is meant, of 255; all of it if empty
     */
    void apply(int[] pixels, int stride, int x0, int y0, int x1, int y1, Optional<byte[]> covered) {
        var n = x1 - x0;
        var column = new int[n];
        var part = new int[n];
        for (var i = 0; i < n; i++) {
            var source = Math.clamp((x0 + i + 0.5 - originX) * stepX - 0.5, 0.0, width - 1.0);
            column[i] = Math.min((int) source, Math.max(0, width - 2));
            part[i] = (int) ((source - column[i]) * 256);
        }
        var mixed = new int[width + 1];
        var light = new int[n];
        var row = new int[n];
        for (var y = y0; y < y1; y++) {
            mixRows(y, mixed);
            for (var i = 0; i < n; i++) {
                var a = mixed[column[i]];
                light[i] = (a * 256 + (mixed[column[i] + 1] - a) * part[i]) >> 8;
            }
            var from = (y - y0) * n;
            covered.ifPresent(shares -> weaken(light, shares, from));
            System.arraycopy(pixels, y * stride + x0, row, 0, n);
            multiply(row, light);
            System.arraycopy(row, 0, pixels, y * stride + x0, n);
        }
    }

    private static void weaken(int[] light, byte[] shares, int from) {
        for (var i = 0; i < light.length; i++) {
            light[i] = 255 - ((255 - light[i]) * (shares[from + i] & 0xff) + 127) / 255;
        }
    }

    private void mixRows(int y, int[] mixed) {
        var source = Math.clamp((y + 0.5 - originY) * stepY - 0.5, 0.0, height - 1.0);
        var top = Math.min((int) source, Math.max(0, height - 2));
        var weight = (int) ((source - top) * 256);
        var next = Math.min(top + 1, height - 1);
        for (var x = 0; x < width; x++) {
            var a = levels[top * width + x] & 0xff;
            var b = levels[next * width + x] & 0xff;
            mixed[x] = (a * 256 + (b - a) * weight) >> 8;
        }
        mixed[width] = mixed[width - 1];
    }

    /** Two colour lanes at once; a level of 255 leaves the pixel as it is. */
    private static void multiply(int[] row, int[] light) {
        for (var i = 0; i < row.length; i++) {
            var p = row[i];
            var l = light[i] + 1;
            var redBlue = (p & 0xff00ff) * l >>> 8 & 0xff00ff;
            var green = (p & 0x00ff00) * l >>> 8 & 0x00ff00;
            var clear = (255 - (p >>> 24)) * l >>> 8; // over nothing it is black that covers so much
            row[i] = 255 - clear << 24 | redBlue | green;
        }
    }
}
