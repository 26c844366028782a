package honeylamp.units;

import java.math.BigDecimal;
import java.math.RoundingMode;

/** Prints areas: m² with two decimals, or ft² with one. */
public final class AreaText {
    /** Square millimetres of a square metre. */
    public static final double MM2_PER_M2 = 1e6;

    private AreaText() {}

    /** The area in the plan's own unit, e.g. {@code 20.00 m²}. */
    public static String rounded(double areaMm2, UnitSystem system) {
        return system.isMetric() ? squareMetres(areaMm2) : squareFeet(areaMm2);
    }

    /** Square metres with two decimals. */
    public static String squareMetres(double areaMm2) {
        return rounded(areaMm2 / MM2_PER_M2, 2) + " m\u00b2";
    }

    /** Square feet with one decimal. */
    public static String squareFeet(double areaMm2) {
        return rounded(areaMm2 / (Length.MM_PER_FOOT * Length.MM_PER_FOOT), 1) + " ft\u00b2";
    }

    /** Both units, for those who receive the sheet. */
    public static String both(double areaMm2) {
        return squareMetres(areaMm2) + " \u00b7 " + squareFeet(areaMm2);
    }

    private static String rounded(double value, int decimals) {
        return BigDecimal.valueOf(Checks.finite("area", value))
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
    }
}
