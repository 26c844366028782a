package honeylamp.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;

/**
 * How lengths are rounded where a drawing shows them; nothing else of a plan is.
 *
 * @param step what shown lengths are whole multiples of
 */
public record Rounding(UnitSystem system, Length step) {
    private static final List<Length> METRIC =
            List.of(Length.ofMm(1), Length.ofMm(5), Length.ofMm(10), Length.ofMm(50));

    private static final List<Length> INCHES = List.of(
            new Length(4 * Length.NM_PER_64TH_INCH),
            new Length(8 * Length.NM_PER_64TH_INCH),
            new Length(16 * Length.NM_PER_64TH_INCH),
            new Length(32 * Length.NM_PER_64TH_INCH),
            new Length(64 * Length.NM_PER_64TH_INCH));

    /** The steps of a unit system, the finest first. */
    public static List<Length> steps(UnitSystem system) {
        return system.isMetric() ? METRIC : INCHES;
    }

    /** Rounding to a step; to the finest if the system has no such step. */
    public static Rounding to(UnitSystem system, Length step) {
        var steps = steps(system);
        return new Rounding(system, steps.contains(step) ? step : steps.getFirst());
    }

    /** Rounding as fine as the system shows. */
    public static Rounding finest(UnitSystem system) {
        return to(system, Length.ZERO);
    }

    /** How many whole steps a length rounds to; halves go away from zero. */
    public long steps(Length length) {
        return BigDecimal.valueOf(length.nanometres())
                .divide(BigDecimal.valueOf(step.nanometres()), 0, RoundingMode.HALF_UP)
                .longValueExact();
    }

    /** The length of so many steps, the way back from {@link #steps(Length)}. */
    public Length of(long steps) {
        return new Length(steps * step.nanometres());
    }

    /** The length as it is shown: decimals that a step makes nought are left out. */
    public String shown(Length length) {
        var text = LengthText.rounded(of(steps(length)), system);
        var most = mostDecimals();
        var point = text.indexOf('.');
        if (!system.isMetric() || point < 0 || text.length() - point - 1 <= most) {
            return text;
        }
        return text.substring(0, most == 0 ? point : point + 1 + most);
    }

    /** So many decimals a multiple of the step has at most. */
    private int mostDecimals() {
        return Math.max(
                0,
                BigDecimal.valueOf(step.nanometres())
                        .divide(BigDecimal.valueOf(system.bareNumberNm()))
                        .stripTrailingZeros()
                        .scale());
    }

    /** The step in words. */
    public String words() {
        return system.isMetric() ? step.mmText() + " mm" : LengthText.rounded(step, system);
    }
}
