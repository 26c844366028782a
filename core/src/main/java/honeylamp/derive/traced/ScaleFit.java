package honeylamp.derive.traced;

import honeylamp.geometry.Point;
import honeylamp.plan.KnownLength;
import honeylamp.plan.KnownLength.Trust;
import honeylamp.plan.Placing.Axes;
import honeylamp.plan.Underlay;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The scale that several known lengths give a picture together: the one with the least sum of squared
 * residuals in mm over those that count.
 *
 * @param residuals of all known lengths, those left out too, in their order
 * @param suspect index of the length that alone explains a disagreement above {@value #WARNING_PERCENT} %
 * @param stretched whether separate scales for rows and columns agree far better than one
 */
public record ScaleFit(
        double mmPerPixelX, double mmPerPixelY, List<Residual> residuals, OptionalInt suspect, Stretched stretched) {
    /** A disagreement above this is worth a warning. */
    public static final double WARNING_PERCENT = 1;

    private static final int ROUNDS = 8;

    /** What a fit says of one length: what it measures, and by how much that is more than what is written. */
    public record Residual(KnownLength known, double measuredMm) {
        /** Measured less written, in mm. */
        public double mm() {
            return measuredMm - known.length().mm();
        }

        /** The same in percent of what is written. */
        public double percent() {
            return 100 * mm() / known.length().mm();
        }
    }

    /**
     * Whether a picture seems stretched.
     *
     * @param percent by how much its rows are longer than its columns
     * @param checked whether there were enough lengths to tell a stretch from a wrong length
     */
    public record Stretched(boolean likely, double percent, boolean checked) {}

    private record Scales(double x, double y) {
        double measured(Point d) {
            return Math.hypot(x * d.x(), y * d.y());
        }
    }

    /** The worst disagreement of those that count, in percent without a sign. */
    public double worstPercent() {
        return residuals.stream()
                .filter(r -> r.known.trust() == Trust.COUNTED)
                .mapToDouble(r -> Math.abs(r.percent()))
                .max()
                .orElse(0);
    }

    /** What the fit says, and what to do next, in a sentence or two. */
    public String words(UnitSystem units) {
        var counted =
                residuals.stream().filter(r -> r.known.trust() == Trust.COUNTED).toList();
        if (counted.size() == 1) {
            return Words.of(
                    "%.3f mm per pixel; one pixel of error is %.1f mm in a metre. Mark a second length at right angles as a check.",
                    mmPerPixelX, counted.getFirst().known.errorMmPerMetre());
        }
        if (suspect.isPresent()) {
            var wrong = residuals.get(suspect.getAsInt());
            return Words.of(
                    "%s disagrees with the others by %.1f %%: read it again, or leave it out in the card.",
                    LengthText.roundedWithUnit(wrong.known.length(), units), Math.abs(wrong.percent()));
        }
        if (stretched.likely && mmPerPixelX == mmPerPixelY) {
            return Words.of(
                    "Rows and columns differ by %.1f %%: the picture seems stretched%s. The card has separate scales.",
                    Math.abs(stretched.percent), stretched.checked ? "" : ", or one length is wrong");
        }
        return worstPercent() > WARNING_PERCENT
                ? Words.of("The lengths disagree by up to %.1f %%: mark another to see which is wrong.", worstPercent())
                : Words.of(
                        "%d lengths agree%s; %s mm per pixel.",
                        counted.size(),
                        worstPercent() < 0.05 ? "" : Words.of(" to within %.1f %%", worstPercent()),
                        mmPerPixelX == mmPerPixelY
                                ? Words.of("%.3f", mmPerPixelX)
                                : Words.of("%.3f by %.3f", mmPerPixelX, mmPerPixelY));
    }

    /** The fit of an underlay's known lengths; empty if none counts. */
    public static Optional<ScaleFit> of(Underlay underlay) {
        var squared = underlay.squared();
        var ways = underlay.knownLengths().stream()
                .map(k -> squared.apply(k.secondPx()).minus(squared.apply(k.firstPx())))
                .toList();
        var counted = counted(underlay.knownLengths());
        if (counted.isEmpty()) {
            return Optional.empty();
        }
        var axes = underlay.placing().axes();
        var scales = fit(underlay.knownLengths(), ways, counted, axes);
        var residuals = new ArrayList<Residual>();
        for (var i = 0; i < ways.size(); i++) {
            residuals.add(new Residual(underlay.knownLengths().get(i), scales.measured(ways.get(i))));
        }
        var fit = new ScaleFit(
                scales.x,
                scales.y,
                List.copyOf(residuals),
                OptionalInt.empty(),
                stretched(underlay.knownLengths(), ways, counted));
        var suspect = fit.worstPercent() > WARNING_PERCENT
                ? suspect(underlay.knownLengths(), ways, counted, axes)
                : OptionalInt.empty();
        return Optional.of(new ScaleFit(scales.x, scales.y, fit.residuals, suspect, fit.stretched));
    }

    private static List<Integer> counted(List<KnownLength> lengths) {
        var out = new ArrayList<Integer>();
        for (var i = 0; i < lengths.size(); i++) {
            if (lengths.get(i).trust() == Trust.COUNTED) {
                out.add(i);
            }
        }
        return out;
    }

    private static Scales fit(List<KnownLength> lengths, List<Point> ways, List<Integer> used, Axes axes) {
        var one = one(lengths, ways, used);
        return axes == Axes.SEPARATE ? separate(lengths, ways, used, one).orElse(one) : one;
    }

    /** Least squares of s·d − L over the lengths: s = Σ d·L / Σ d². */
    private static Scales one(List<KnownLength> lengths, List<Point> ways, List<Integer> used) {
        double above = 0, below = 0;
        for (var i : used) {
            var d = ways.get(i).length();
            above += d * lengths.get(i).length().mm();
            below += d * d;
        }
        return new Scales(above / below, above / below);
    }

    /** Least squares of hypot(sx·dx, sy·dy) − L by Gauss and Newton's rounds; empty if all run one way. */
    private static Optional<Scales> separate(
            List<KnownLength> lengths, List<Point> ways, List<Integer> used, Scales start) {
        var at = start;
        for (var round = 0; round < ROUNDS; round++) {
            double xx = 0, xy = 0, yy = 0, bx = 0, by = 0;
            for (var i : used) {
                var d = ways.get(i);
                var measured = at.measured(d);
                var jx = at.x * d.x() * d.x() / measured;
                var jy = at.y * d.y() * d.y() / measured;
                var r = lengths.get(i).length().mm() - measured;
                xx += jx * jx;
                xy += jx * jy;
                yy += jy * jy;
                bx += jx * r;
                by += jy * r;
            }
            var det = xx * yy - xy * xy;
            if (!(det > 1e-4 * (xx + yy) * (xx + yy))) {
                return Optional.empty();
            }
            at = new Scales(at.x + (bx * yy - by * xy) / det, at.y + (by * xx - bx * xy) / det);
            if (!(at.x > 0 && at.y > 0)) {
                return Optional.empty();
            }
        }
        return Optional.of(at);
    }

    private static double rms(List<KnownLength> lengths, List<Point> ways, List<Integer> used, Scales scales) {
        return Math.sqrt(used.stream()
                .mapToDouble(i -> Math.pow(
                        100
                                * (scales.measured(ways.get(i))
                                                / lengths.get(i).length().mm()
                                        - 1),
                        2))
                .average()
                .orElse(0));
    }

    private static Stretched stretched(List<KnownLength> lengths, List<Point> ways, List<Integer> used) {
        if (used.size() < 2) {
            return new Stretched(false, 0, false);
        }
        var one = one(lengths, ways, used);
        var two = separate(lengths, ways, used, one);
        if (two.isEmpty()) {
            return new Stretched(false, 0, false);
        }
        var percent = 100 * (two.get().x / two.get().y - 1);
        var before = rms(lengths, ways, used, one);
        var after = rms(lengths, ways, used, two.get());
        return new Stretched(before > 0.3 && after < before / 3, percent, used.size() > 2);
    }

    /** The length without which the others agree at least twice as well and within the warning. */
    private static OptionalInt suspect(List<KnownLength> lengths, List<Point> ways, List<Integer> used, Axes axes) {
        if (used.size() < 3) {
            return OptionalInt.empty();
        }
        var least = rms(lengths, ways, used, fit(lengths, ways, used, axes)) / 2;
        var found = OptionalInt.empty();
        for (var i : used) {
            var rest = used.stream().filter(k -> !k.equals(i)).toList();
            var without = rms(lengths, ways, rest, fit(lengths, ways, rest, axes));
            if (without < least && without < WARNING_PERCENT) {
                least = without;
                found = OptionalInt.of(i);
            }
        }
        return found;
    }
}
