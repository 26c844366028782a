package honeylamp.illustrate.shade;

import honeylamp.geometry.Figure;
import java.util.Arrays;
import java.util.List;

/**
 * How much of their shade rooms keep, so that none is darker in the mean of its bare floor than a look allows, and nine
 * tenths of that floor are near its own colour: wide shade gives way, the narrow one at the feet of things stays.
 */
final class RoomShares {
    /** Rooms are shaded as one up to the middle of most walls; in doorways one passes into the other. */
    private static final double GROWN_MM = 140;

    /** More of a pixel covered than this, and it is no bare floor. */
    private static final float BARE = 0.5f;

    /** A room takes a little of its neighbours' shares through its doorways; what that leaves too dark is evened out. */
    private static final int PASSES = 3;

    /** So much of the bare floor of a room is no darker than the most wide shade, which is so many times the ceiling. */
    private static final double WIDE_SHARE = 0.9;

    private static final double WIDE_TIMES = 1.15;

    /** So much steeper the narrow shade rises beyond the wide one, to end near what it was. */
    private static final float STEEPER = 2.2f;

    /** Losses are counted so finely. */
    private static final int BINS = 512;

    private final ShadeGrid grid;
    private final int numbers;
    private final int[] rooms;
    private final int[] grown;
    private final float[] dark;
    private final float[] coverage;

    /** The surfaces of rooms as numbers of pixels: as they are, and each grown up to the middle of most walls. */
    record Numbered(int rooms, int[] within, int[] grown) {
        static Numbered of(ShadeGrid grid, List<Figure> rooms) {
            return new Numbered(rooms.size(), grid.numbered(rooms), grid.numbered(rooms, GROWN_MM));
        }
    }

    private RoomShares(ShadeGrid grid, Numbered rooms, float[] dark, float[] coverage) {
        this.grid = grid;
        this.numbers = rooms.rooms + 1;
        this.rooms = rooms.within;
        this.grown = rooms.grown;
        this.dark = dark;
        this.coverage = coverage;
    }

    /**
     * The share of its shade that every pixel keeps, from 0 to 1.
     *
     * @param rooms their floors
     * @param dark what of the light is lost at every pixel
     * @param coverage the share of every pixel that something stands on
     * @param ceiling the most that may be lost in the mean of a room
     */
    static float[] of(ShadeGrid grid, Numbered rooms, float[] dark, float[] coverage, double ceiling) {
        var found = new RoomShares(grid, rooms, dark, coverage);
        return found.narrowed(found.shares(ceiling), WIDE_TIMES * ceiling);
    }

    /**
     * Shares in which wide shade loses no more of the light than so much. Where a room has a share r of it left, a loss e
     * becomes r·e, and rises again beyond most / r, where the wide shade ends; it is never more than it was.
     */
    private float[] narrowed(float[] shares, double most) {
        var kept = new double[numbers];
        Arrays.fill(kept, 1);
        var out = shares.clone();
        for (var pass = 0; pass < PASSES; pass++) {
            var widest = widest(out);
            var even = true;
            for (var i = 1; i < numbers; i++) {
                if (widest[i] > most) {
                    kept[i] *= most / widest[i];
                    even = false;
                }
            }
            if (even) {
                break;
            }
            var soft = softened(kept);
            for (var i = 0; i < out.length; i++) {
                var loss = dark[i] * shares[i];
                var left = soft[i] * loss + STEEPER * (1 - soft[i]) * Math.max(0, loss - (float) most / soft[i]);
                left = Math.min(loss, left);
                out[i] = loss == 0 ? shares[i] : shares[i] * left / loss;
            }
        }
        return out;
    }

    /** What nine tenths of the bare floor of every room lose at most. */
    private double[] widest(float[] shares) {
        var bins = new int[numbers][BINS];
        var counts = new int[numbers];
        for (var i = 0; i < dark.length; i++) {
            if (coverage[i] < BARE) {
                bins[rooms[i]][Math.min(BINS - 1, (int) (dark[i] * shares[i] * BINS))]++;
                counts[rooms[i]]++;
            }
        }
        var out = new double[numbers];
        for (var i = 1; i < numbers; i++) {
            var below = 0;
            var bin = 0;
            while (bin < BINS && below + bins[i][bin] < WIDE_SHARE * counts[i]) {
                below += bins[i][bin++];
            }
            out[i] = counts[i] == 0 ? 0 : bin / (double) BINS;
        }
        return out;
    }

    private float[] shares(double ceiling) {
        var kept = new double[numbers];
        Arrays.fill(kept, 1);
        var out = new float[dark.length];
        Arrays.fill(out, 1);
        for (var pass = 0; pass < PASSES; pass++) {
            var means = means(out);
            var even = true;
            for (var i = 1; i < numbers; i++) {
                if (means[i] > ceiling) {
                    kept[i] *= ceiling / means[i];
                    even = false;
                }
            }
            if (even) {
                break;
            }
            out = softened(kept);
        }
        return out;
    }

    /** What is lost on the bare floor of every room, in its mean. */
    private double[] means(float[] shares) {
        var sums = new double[numbers];
        var counts = new int[numbers];
        for (var i = 0; i < dark.length; i++) {
            if (coverage[i] < BARE) {
                sums[rooms[i]] += dark[i] * shares[i];
                counts[rooms[i]]++;
            }
        }
        for (var i = 0; i < numbers; i++) {
            sums[i] = counts[i] == 0 ? 0 : sums[i] / counts[i];
        }
        return sums;
    }

    private float[] softened(double[] kept) {
        var left = new float[dark.length]; // what is left out: nothing beyond the rooms, nor beyond the grid
        for (var i = 0; i < left.length; i++) {
            left[i] = (float) (1 - kept[grown[i]]);
        }
        var out = Smoothing.soft(left, grid.width(), grid.height(), GROWN_MM / grid.pixelMm());
        for (var i = 0; i < out.length; i++) {
            out[i] = 1 - out[i];
        }
        return out;
    }
}
