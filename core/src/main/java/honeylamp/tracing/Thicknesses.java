package honeylamp.tracing;

import honeylamp.tracing.Tracks.Track;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** The few thicknesses that the walls of a picture have, from all bands found in it. */
final class Thicknesses {
    private static final double STEP_PX = 0.25;
    private static final double LEAST_RATIO = 1.3;

    private Thicknesses() {}

    /**
     * Where the lengths of bands gather, thinnest first.
     *
     * @param weakest a peak below this share of the strongest is none
     * @param most no more than so many
     */
    static List<Double> of(List<Track> tracks, double weakest, int most) {
        var widest = tracks.stream().mapToDouble(Track::thickness).max().orElse(0);
        var count = (int) (widest / STEP_PX) + 20;
        var density = new double[count];
        for (var t : tracks) {
            var band = band(t.thickness());
            var from = Math.max(0, (int) ((t.thickness() - 3 * band) / STEP_PX));
            for (var k = from; k < Math.min(count, (t.thickness() + 3 * band) / STEP_PX); k++) {
                var off = (k * STEP_PX - t.thickness()) / band;
                density[k] += t.length() * Math.exp(-off * off / 2) / band;
            }
        }
        record Peak(double at, double high) {}
        var peaks = new ArrayList<Peak>();
        for (var k = 1; k < count - 1; k++) {
            if (density[k] > density[k - 1] && density[k] >= density[k + 1]) {
                peaks.add(new Peak(k * STEP_PX, density[k] * band(k * STEP_PX)));
            }
        }
        peaks.sort(Comparator.comparingDouble(Peak::high).reversed());
        var out = new ArrayList<Double>();
        for (var p : peaks) {
            if (out.size() < most
                    && p.high >= weakest * peaks.getFirst().high
                    && out.stream().allMatch(o -> Math.max(o, p.at) / Math.min(o, p.at) >= LEAST_RATIO)) {
                out.add(p.at);
            }
        }
        out.sort(Comparator.naturalOrder());
        return out;
    }

    private static double band(double thickness) {
        return 0.7 + 0.045 * thickness;
    }

    /** Which of the thicknesses a band has; -1 if none. */
    static int which(List<Double> thicknesses, double thickness) {
        var best = -1;
        for (var k = 0; k < thicknesses.size(); k++) {
            var off = Math.abs(thickness - thicknesses.get(k));
            if (off <= Math.max(2.2, 0.16 * thicknesses.get(k))
                    && (best < 0 || off < Math.abs(thickness - thicknesses.get(best)))) {
                best = k;
            }
        }
        return best;
    }

    /** The nearest of the thicknesses. */
    static int nearest(List<Double> thicknesses, double thickness) {
        var best = 0;
        for (var k = 1; k < thicknesses.size(); k++) {
            if (Math.abs(thicknesses.get(k) - thickness) < Math.abs(thicknesses.get(best) - thickness)) {
                best = k;
            }
        }
        return best;
    }
}
