package honeylamp.tracing;

import java.util.ArrayList;
import java.util.List;

/** Bands of one thickness that run down a mask, row by row: the straight pieces of walls along columns. */
final class Tracks {
    private static final int LEAST_ROWS = 4;
    private static final double LEAST_COVERED = 0.6;
    private static final double EDGE_PX = 1.6;
    private static final double EDGE_SHARE = 0.05;
    private static final double SMOOTHING = 0.25;

    private Tracks() {}

    /**
     * One band.
     *
     * @param from its first row
     * @param to the row after its last
     * @param across the mean of its middles
     * @param slope how far its middles move across with each row
     */
    record Track(int from, int to, double across, double thickness, double slope, int rows) {
        double length() {
            return to - from;
        }

        double along() {
            return (from + to) / 2.0;
        }
    }

    private static final class Open {
        double left;
        double right;
        final int from;
        int last;
        int rows;
        double sumAcross;
        double sumThickness;
        double sumRow;
        double sumRows;
        double sumBoth;

        Open(int y, int a, int b) {
            from = y;
            left = a;
            right = b;
            add(y, a, b);
        }

        boolean takes(int a, int b) {
            var slack = EDGE_PX + EDGE_SHARE * (right - left);
            return Math.abs(a - left) <= slack && Math.abs(b - right) <= slack;
        }

        void add(int y, int a, int b) {
            last = y;
            rows++;
            left += SMOOTHING * (a - left);
            right += SMOOTHING * (b - right);
            sumAcross += (a + b) / 2.0;
            sumThickness += b - a;
            var row = y - from + 0.5;
            sumRow += row;
            sumRows += row * row;
            sumBoth += row * (a + b) / 2.0;
        }

        Track closed() {
            var spread = sumRows - sumRow * sumRow / rows;
            var slope = spread > 0 ? (sumBoth - sumRow * sumAcross / rows) / spread : 0;
            return new Track(from, last + 1, sumAcross / rows, sumThickness / rows, slope, rows);
        }

        boolean isOver(int y) {
            return y - last > Math.max(3, 0.2 * (right - left));
        }

        boolean isKept() {
            return rows >= LEAST_ROWS && rows >= LEAST_COVERED * (last + 1 - from);
        }
    }

    /** All bands whose thickness lies between two limits. */
    static List<Track> of(Mask mask, double thinnest, double thickest) {
        var out = new ArrayList<Track>();
        var open = new ArrayList<Open>();
        for (var y = 0; y < mask.height(); y++) {
            row(mask, y, thinnest, thickest, open);
            for (var it = open.iterator(); it.hasNext(); ) {
                var track = it.next();
                if (track.isOver(y)) {
                    it.remove();
                    if (track.isKept()) {
                        out.add(track.closed());
                    }
                }
            }
        }
        open.stream().filter(Open::isKept).map(Open::closed).forEach(out::add);
        return out;
    }

    private static void row(Mask mask, int y, double thinnest, double thickest, List<Open> open) {
        var on = mask.on();
        var base = y * mask.width();
        var start = -1;
        for (var x = 0; x <= mask.width(); x++) {
            var is = x < mask.width() && on[base + x];
            if (is && start < 0) {
                start = x;
            } else if (!is && start >= 0) {
                if (x - start >= thinnest && x - start <= thickest) {
                    put(open, y, start, x);
                }
                start = -1;
            }
        }
    }

    private static void put(List<Open> open, int y, int a, int b) {
        for (var track : open) {
            if (track.last < y && track.takes(a, b)) {
                track.add(y, a, b);
                return;
            }
        }
        open.add(new Open(y, a, b));
    }
}
