package honeylamp.tracing;

import honeylamp.tracing.Tracks.Track;
import honeylamp.underlay.InkPicture;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Optional;

/** The ways in which walls are drawn, and the bodies of walls each way sees in a picture. */
final class Ways {
    private static final double LEAST_FILLED = 0.003;
    private static final double FAINTEST = 0.045;
    private static final double TONE_RANK = 0.6;
    private static final double NARROWER = 0.7;
    private static final double WEAKEST = 0.1;
    private static final double THICKEST = 0.068;

    private Ways() {}

    /**
     * Walls filled with one tone.
     *
     * @param tone the ink of their bodies
     * @param lineInk ink above which other lines count beside such walls
     */
    record Filled(Mask walls, double tone, double lineInk) {}

    /** Bodies of one tone, if enough of the picture is filled. */
    static Optional<Filled> filled(InkPicture picture, Tones tones) {
        return filled(picture, tones, Math.max(Math.max(0.10, 3 * tones.noise()), 0.22 * tones.darkest()));
    }

    /** Bodies of a tone so faint that paper might be taken for them. */
    static Optional<Filled> faint(InkPicture picture, Tones tones) {
        return filled(picture, tones, Math.max(FAINTEST, 6 * tones.noise()));
    }

    private static Optional<Filled> filled(InkPicture picture, Tones tones, double least) {
        var mean = mean(picture);
        var side = 2 * Math.max(3, (int) Math.ceil(tones.penPx() / 2) + 2) + 1;
        var inside = Mask.above(mean, least).inset(side / 2);
        var values = new float[inside.on().length];
        var count = 0;
        for (var i = 0; i < values.length; i++) {
            if (inside.on()[i]) {
                values[count++] = mean.ink()[i];
            }
        }
        if (count < LEAST_FILLED * values.length) {
            return Optional.empty();
        }
        Arrays.sort(values, 0, count);
        var tone = values[(int) (TONE_RANK * (count - 1))];
        var walls = Mask.above(picture, tone / 2);
        var opened = walls.opened(openedBy(walls, tones));
        var lineInk = tone < 1.15 * tones.line() ? 1.35 * tone : tones.line();
        return Optional.of(new Filled(opened, tone, lineInk));
    }

    /** A square a little wider than the lines in a mask, so that those go, and narrower than its walls. */
    private static int openedBy(Mask walls, Tones tones) {
        var wide = (int) Math.round(1.4 * Tones.pen(walls)) + 1;
        var bands = new ArrayList<Track>(Tracks.of(walls, 1.5 * tones.penPx(), THICKEST * tones.extentPx()));
        bands.addAll(Tracks.of(walls.transposed(), 1.5 * tones.penPx(), THICKEST * tones.extentPx()));
        var thinnest = Thicknesses.of(bands, WEAKEST, 4).stream().findFirst().orElse((double) wide);
        return Math.max(3, (int) Math.min(wide, NARROWER * thinnest) | 1);
    }

    private static InkPicture mean(InkPicture p) {
        var w = p.width();
        var ink = p.ink();
        var rows = new float[ink.length];
        for (var i = 1; i < ink.length - 1; i++) {
            rows[i] = ink[i - 1] + ink[i] + ink[i + 1];
        }
        var out = new float[ink.length];
        for (var i = w; i < ink.length - w; i++) {
            out[i] = (rows[i - w] + rows[i] + rows[i + w]) / 9;
        }
        return new InkPicture(w, p.height(), out, p.toPicture());
    }
}
