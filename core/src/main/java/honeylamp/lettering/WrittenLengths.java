package honeylamp.lettering;

import honeylamp.geometry.Point;
import honeylamp.lettering.WrittenLength.Agreement;
import honeylamp.plan.Underlay;
import honeylamp.tracing.Watch;
import honeylamp.tracing.Watch.Step;
import honeylamp.underlay.InkPicture;
import honeylamp.underlay.LevelFinder;
import honeylamp.underlay.TracedPicture;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Finds the lengths that are written on a picture at lines from tick to tick, and which of them agree on its scale. */
public final class WrittenLengths {
    private static final double MOST_PIXELS = 12_000_000;

    /** Two lengths agree if their scales differ by no more. */
    private static final double AGREEMENT = 0.015;

    /** A picture of a building shows so much of the world, in mm. */
    private static final double LEAST_SHOWN_MM = 2_500;

    private static final double MOST_SHOWN_MM = 250_000;

    private static final double USUAL_SHOWN_MM = 20_000;

    private WrittenLengths() {}

    /**
     * Figures at a line.
     *
     * @param framePx the length of the line in levelled pixels
     * @param valuesMm what the figures may mean
     */
    private record Found(String text, Point firstPx, Point secondPx, double framePx, List<Double> valuesMm) {
        /** The value that is nearest to a scale, in mm. */
        double nearest(double mmPerPx) {
            return valuesMm.stream()
                    .min(Comparator.comparingDouble(mm -> Math.abs(Math.log(mm / framePx / mmPerPx))))
                    .orElseThrow();
        }

        boolean agrees(double mmPerPx) {
            return valuesMm.stream().anyMatch(mm -> Math.abs(mm / framePx / mmPerPx - 1) <= AGREEMENT / 2);
        }
    }

    /** The lengths written on the shown part of a picture; empty if the reading was ended. */
    public static Optional<List<WrittenLength>> read(
            TracedPicture picture, Underlay underlay, Letterforms forms, Watch watch) {
        if (!watch.goesOn(Step.LEVEL)) {
            return Optional.empty();
        }
        var turn = underlay.squaring().isPresent() ? 0 : LevelFinder.turnDeg(picture, underlay.shownPx());
        if (!watch.goesOn(Step.INK)) {
            return Optional.empty();
        }
        var ink = InkPicture.levelled(picture, underlay.squared(), turn, underlay.shownPx(), MOST_PIXELS);
        return read(ink, forms, watch);
    }

    static Optional<List<WrittenLength>> read(InkPicture ink, Letterforms forms, Watch watch) {
        var found = new ArrayList<Found>();
        for (var frame : List.of(ink, ink.turned())) {
            if (!watch.goesOn(Step.WORDS)) {
                return Optional.empty();
            }
            found.addAll(along(frame, forms));
        }
        return Optional.of(judged(found, Math.max(ink.width(), ink.height())));
    }

    private static List<Found> along(InkPicture ink, Letterforms forms) {
        var out = new ArrayList<Found>();
        for (var told : Lettering.rows(ink, forms)) {
            var values = LengthValues.of(told.words().text());
            if (!values.isEmpty()) {
                DimensionLine.at(told.row(), ink)
                        .ifPresent(line -> out.add(new Found(
                                told.words().text(),
                                ink.toPicture().apply(new Point(line.from(), line.y())),
                                ink.toPicture().apply(new Point(line.to(), line.y())),
                                line.length(),
                                values)));
            }
        }
        return out;
    }

    private static List<WrittenLength> judged(List<Found> found, int longerSide) {
        var scale = scale(found, longerSide);
        return found.stream()
                .map(f -> new WrittenLength(
                        f.text,
                        f.firstPx,
                        f.secondPx,
                        Length.ofMm(scale.map(f::nearest).orElse(f.valuesMm.getFirst())),
                        scale.map(s -> f.agrees(s) ? Agreement.AGREES : Agreement.DISAGREES)
                                .orElse(Agreement.ALONE)))
                .toList();
    }

    /** The scale most lengths agree on, at least two; none if another has as many. */
    private static Optional<Double> scale(List<Found> found, int longerSide) {
        record Vote(double mmPerPx, long count, double spread) {}
        var votes = found.stream()
                .flatMap(f -> f.valuesMm.stream().map(mm -> mm / f.framePx))
                .filter(s -> s * longerSide >= LEAST_SHOWN_MM && s * longerSide <= MOST_SHOWN_MM)
                .map(s -> {
                    var with = found.stream().filter(f -> f.agrees(s)).toList();
                    var spread = with.stream()
                            .mapToDouble(f -> Math.abs(Math.log(f.nearest(s) / f.framePx / s)))
                            .average()
                            .orElse(0);
                    return new Vote(s, with.size(), spread);
                })
                .filter(v -> v.count >= 2)
                .sorted(Comparator.comparingLong(Vote::count).reversed().thenComparingDouble(Vote::spread))
                .toList();
        if (votes.isEmpty()) {
            return Optional.empty();
        }
        var best = votes.getFirst();
        var other = votes.stream()
                .filter(v -> v.count == best.count && Math.abs(Math.log(v.mmPerPx / best.mmPerPx)) > 2 * AGREEMENT)
                .toList();
        if (other.isEmpty()) {
            return Optional.of(best.mmPerPx);
        }
        // figures without a point mean as much in cm as in mm: most plans show ten to forty metres
        return other.stream().allMatch(v -> isTenfold(v.mmPerPx / best.mmPerPx))
                ? votes.stream()
                        .filter(v -> v.count == best.count)
                        .min(Comparator.comparingDouble(
                                v -> Math.abs(Math.log(v.mmPerPx * longerSide / USUAL_SHOWN_MM))))
                        .map(Vote::mmPerPx)
                : Optional.empty();
    }

    private static boolean isTenfold(double ratio) {
        return Math.abs(Math.abs(Math.log10(ratio)) - 1) < AGREEMENT;
    }
}
