package honeylamp.tracing;

import honeylamp.tracing.Tracks.Track;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A straight line along which walls of one thickness run, down the columns of a {@link Direction}.
 *
 * @param across where its centre lies at row 0
 * @param tilt how far it moves across with each row
 * @param tracks the bands it was read from, from top to bottom
 */
record WallLine(double across, double tilt, double thickness, List<Track> tracks) {
    /** A levelled picture's lines are turned by so little that only long ones tell. */
    private static final double MOST_TILT = 0.005;

    private static final double LEAST_ASLANT = 0.012;
    private static final double MOST_ASLANT = 0.15;
    private static final double ASLANT_LENGTHS = 4;

    /** The square of the length in px over which the jitter of bands is as large as the usual tilt. */
    private static final double DOUBT = 40_000;

    double at(double along) {
        return across + tilt * along;
    }

    int from() {
        return tracks.getFirst().from();
    }

    int to() {
        return tracks.stream().mapToInt(Track::to).max().orElse(0);
    }

    double longest() {
        return tracks.stream().mapToDouble(Track::length).max().orElse(0);
    }

    /** The lines that bands share, longest bands first. */
    static List<WallLine> through(List<Track> all, List<Double> thicknesses) {
        var left = new ArrayList<>(all);
        left.removeIf(t -> Thicknesses.which(thicknesses, t.thickness()) < 0);
        left.sort(Comparator.comparingDouble(Track::length)
                .reversed()
                .thenComparingInt(Track::from)
                .thenComparingDouble(Track::across));
        var out = new ArrayList<WallLine>();
        while (!left.isEmpty()) {
            var seed = left.getFirst();
            var own = new ArrayList<Track>();
            for (var before = -1; before < own.size(); ) {
                before = own.size();
                gather(left, seed, own);
            }
            own.sort(Comparator.comparingInt(Track::from));
            out.add(fitted(own));
        }
        return out;
    }

    private static void gather(List<Track> left, Track seed, List<Track> own) {
        var line = fitted(own.isEmpty() ? List.of(seed) : own);
        for (var t : List.copyOf(left)) {
            var far = Math.max(0, Math.max(t.from() - seed.to(), seed.from() - t.to()));
            var reach = Math.max(2.5, 0.18 * seed.thickness()) + 0.002 * far;
            var ratio = t.thickness() / seed.thickness();
            if (Math.abs(t.across() - line.at(t.along())) <= reach && ratio > 0.8 && ratio < 1.25) {
                own.add(t);
                left.remove(t);
                line = fitted(own);
            }
        }
    }

    /** Least squares through the middles of bands, each as heavy as it is long. */
    private static WallLine fitted(List<Track> tracks) {
        double w = 0, s = 0, c = 0, t = 0, first = 1e9, last = -1e9;
        for (var k : tracks) {
            w += k.length();
            s += k.length() * k.along();
            c += k.length() * k.across();
            t += k.length() * k.thickness();
            first = Math.min(first, k.from());
            last = Math.max(last, k.to());
        }
        s /= w;
        c /= w;
        t /= w;
        double ss = 0, sc = 0;
        for (var k : tracks) {
            var inner = Math.pow(k.length(), 3) / 12;
            ss += k.length() * (k.along() - s) * (k.along() - s) + inner;
            sc += k.length() * (k.along() - s) * (k.across() - c) + inner * k.slope();
        }
        var tilt = tilt(sc, ss, w, last - first > ASLANT_LENGTHS * t);
        return new WallLine(c - tilt * s, tilt, t, List.copyOf(tracks));
    }

    /** A wall is aslant if it is long and turned by clearly more than levelling leaves; else its tilt is small. */
    private static double tilt(double sc, double ss, double w, boolean isLong) {
        var raw = sc / ss;
        return isLong && Math.abs(raw) > LEAST_ASLANT
                ? Math.clamp(raw, -MOST_ASLANT, MOST_ASLANT)
                : Math.clamp(sc / (ss + DOUBT * w), -MOST_TILT, MOST_TILT);
    }

    /** Whether the wall is not meant to run along a row or a column. */
    boolean isAslant() {
        return Math.abs(tilt) > LEAST_ASLANT;
    }
}
