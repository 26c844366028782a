package honeylamp.illustrate.raised;

import honeylamp.drawing.ink.Pixels;
import honeylamp.geometry.Box;
import java.util.ArrayList;
import java.util.List;

/** What covers a facet as a flat picture, with ever smaller ones of it for when it is seen from afar. */
public final class SurfacePicture {
    private final Box box;
    private final List<Level> levels = new ArrayList<>();
    private final int mean;

    private record Level(int width, int height, double perMmX, double perMmY, int[] argb) {}

    /**
     * A picture.
     *
     * @param box what of the frame of the facet it shows, in mm
     * @param finest the picture itself, row by row from the top of the box down
     */
    public SurfacePicture(Box box, Pixels finest) {
        this.box = box;
        var now = finest;
        while (true) {
            levels.add(new Level(
                    now.width(), now.height(), now.width() / box.width(), now.height() / box.height(), now.argb()));
            if (now.width() == 1 || now.height() == 1) {
                break;
            }
            now = now.half();
        }
        this.mean = mean(levels.getLast().argb);
    }

    private static int mean(int[] argb) {
        var sums = new long[3];
        for (var pixel : argb) {
            for (var i = 0; i < 3; i++) {
                sums[i] += pixel >> 8 * i & 0xff;
            }
        }
        var out = 0;
        for (var i = 0; i < 3; i++) {
            out |= (int) ((sums[i] + argb.length / 2) / argb.length) << 8 * i;
        }
        return out;
    }

    /** The level whose pixels are nearest to so large, in mm. */
    int level(double mm) {
        var finest = 1 / levels.getFirst().perMmX;
        var wanted = Math.round(Math.log(Math.max(mm, 1e-6) / finest) / Math.log(2));
        return Math.clamp(wanted, 0, levels.size() - 1);
    }

    /** The colour at a place of the frame, in mm, at a level; of a place beside the picture that at its edge. */
    int at(double x, double y, int level) {
        var of = levels.get(level);
        var px = Math.clamp((long) ((x - box.minX()) * of.perMmX), 0, of.width - 1);
        var py = Math.clamp((long) ((box.maxY() - y) * of.perMmY), 0, of.height - 1);
        return of.argb[py * of.width + px];
    }

    /** How many pixels the picture itself has. */
    public long pixels() {
        return (long) levels.getFirst().width * levels.getFirst().height;
    }

    /** The mean colour of all of it. */
    int mean() {
        return mean;
    }
}
