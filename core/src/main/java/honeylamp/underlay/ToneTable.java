package honeylamp.underlay;

import honeylamp.plan.Treatment;
import honeylamp.plan.Treatment.Tint;
import honeylamp.plan.Treatment.Tone;

/** What becomes of each lightness and of each colour under a treatment. */
final class ToneTable {
    private static final int PAPER = 0xFBF7EF;

    private final int[] level = new int[256];
    private final int[] tinted = new int[256];
    private final boolean tints;

    ToneTable(Treatment treatment) {
        var tone = treatment.tone();
        for (var v = 0; v < 256; v++) {
            level[v] = level(v / 255.0, tone);
        }
        tints = treatment.tint() != Tint.NONE;
        var ink = treatment.tint().ink();
        for (var v = 0; v < 256; v++) {
            tinted[v] = between(ink, PAPER, level[v] / 255.0);
        }
    }

    private static int level(double v, Tone tone) {
        var plain = tone.sense() == Tone.Sense.INVERTED ? 1 - v : v;
        var slope = Math.tan((tone.contrast() * 0.98 + 1) * Math.PI / 4);
        // paper stays where it is while lines go darker, so contrast turns about a light grey
        var pivot = tone.contrast() > 0 ? 0.82 : 0.5;
        var value = (plain - pivot) * slope + pivot + 0.6 * tone.brightness();
        return (int) Math.round(255 * Math.clamp(value, 0, 1));
    }

    private static int between(int a, int b, double share) {
        var out = 0;
        for (var shift = 16; shift >= 0; shift -= 8) {
            var from = a >> shift & 255;
            out |= (int) Math.round(from + ((b >> shift & 255) - from) * share) << shift;
        }
        return out;
    }

    /** The colour shown for a colour of the picture, cleaned of its paper already. */
    int shown(int red, int green, int blue) {
        return tints
                ? tinted[(77 * red + 150 * green + 29 * blue) >> 8]
                : level[red] << 16 | level[green] << 8 | level[blue];
    }
}
