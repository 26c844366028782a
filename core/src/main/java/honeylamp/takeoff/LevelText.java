package honeylamp.takeoff;

import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.math.BigDecimal;
import java.math.RoundingMode;

/** Levels as drawings state them: with a sign, in metres to the millimetre or in feet and inches. */
public final class LevelText {
    private static final String MINUS = "\u2212";
    private static final String LEVEL = "\u00b1";
    private static final int NANOMETRES = 9;
    private static final int MILLIMETRES = 3;

    private LevelText() {}

    /** A level above the zero of a plan, less than nothing if it lies below it. */
    public static String of(Length above, UnitSystem units) {
        var size = above.mm() < 0 ? above.negated() : above;
        var figures = units.isMetric()
                ? BigDecimal.valueOf(size.nanometres(), NANOMETRES)
                        .setScale(MILLIMETRES, RoundingMode.HALF_EVEN)
                        .toPlainString()
                : LengthText.built(LengthText.rounded(size, units));
        var zero = figures.chars().noneMatch(c -> c >= '1' && c <= '9');
        return (zero ? LEVEL : above.mm() < 0 ? MINUS : "+") + figures;
    }
}
