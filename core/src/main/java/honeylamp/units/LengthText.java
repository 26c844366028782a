package honeylamp.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Prints lengths: rounded for showing, or exactly for echoing and typing again. */
public final class LengthText {
    private static final Pattern FRACTION = Pattern.compile("( ?)([0-9]+)/([0-9]+)(?=\")");
    private static final String RAISED = "\u2070\u00b9\u00b2\u00b3\u2074\u2075\u2076\u2077\u2078\u2079";
    private static final String LOWERED = "\u2080\u2081\u2082\u2083\u2084\u2085\u2086\u2087\u2088\u2089";
    private static final String FRACTION_SLASH = "\u2044";
    private static final String THIN_SPACE = "\u2009";
    private static final String MINUS = "\u2212";
    private static final char PRIME = '\u2032';
    private static final char DOUBLE_PRIME = '\u2033';

    private LengthText() {}

    /**
     * The length as shown on a drawing: whole mm, mm as cm or m, or feet-inches to 1/16 in. Halves
     * round away from zero.
     */
    public static String rounded(Length length, UnitSystem system) {
        return switch (system) {
            case MM -> metric(length, 6, 0);
            case CM -> metric(length, 7, 1);
            case M -> metric(length, 9, 3);
            case FEET_INCHES -> feetInches(shownSixteenths(length) * 4);
        };
    }

    /** The shown length with its unit, for running text. */
    public static String roundedWithUnit(Length length, UnitSystem system) {
        return system.isMetric() ? rounded(length, system) + " " + system.sign() : rounded(length, system);
    }

    /**
     * The full length with its unit: reading this text gives the same length to the nanometre. A
     * feet-inches plan shows a length that is no multiple of 1/64 in in millimetres.
     */
    public static String exact(Length length, UnitSystem system) {
        if (system == UnitSystem.FEET_INCHES) {
            return length.nanometres() % Length.NM_PER_64TH_INCH == 0
                    ? feetInches(length.nanometres() / Length.NM_PER_64TH_INCH)
                    : length.toString();
        }
        var unit = BigDecimal.valueOf(length.nanometres())
                .divide(BigDecimal.valueOf(system.bareNumberNm()))
                .stripTrailingZeros();
        return unit.toPlainString() + " " + system.sign();
    }

    /** The full length as {@link #exact} gives it, without the sign of a metric unit that stands beside it. */
    public static String full(Length length, UnitSystem system) {
        var text = exact(length, system);
        return system.isMetric() ? text.substring(0, text.lastIndexOf(' ')) : text;
    }

    /**
     * A shown length as it is set on a drawing: primes for feet and inches, fractions built of raised and lowered figures
     * with a thin space before them, and a true minus sign.
     */
    public static String built(String shown) {
        var fractions = FRACTION.matcher(shown)
                .replaceAll(m -> (m.group(1).isEmpty() ? "" : THIN_SPACE)
                        + moved(m.group(2), RAISED)
                        + FRACTION_SLASH
                        + moved(m.group(3), LOWERED));
        var minus = fractions.startsWith("-") ? MINUS + fractions.substring(1) : fractions;
        return minus.replace('\'', PRIME).replace('"', DOUBLE_PRIME);
    }

    private static String moved(String digits, String to) {
        return digits.chars().mapToObj(c -> String.valueOf(to.charAt(c - '0'))).collect(Collectors.joining());
    }

    private static long shownSixteenths(Length length) {
        return BigDecimal.valueOf(length.nanometres())
                .divide(BigDecimal.valueOf(4 * Length.NM_PER_64TH_INCH), 0, RoundingMode.HALF_UP)
                .longValueExact();
    }

    private static String metric(Length length, int nanometreDecimals, int shownDecimals) {
        return BigDecimal.valueOf(length.nanometres(), nanometreDecimals)
                .setScale(shownDecimals, RoundingMode.HALF_UP)
                .toPlainString();
    }

    /** Feet and inches of a number of 64ths of an inch. */
    private static String feetInches(long sixtyFourths) {
        var sign = sixtyFourths < 0 ? "-" : "";
        var rest = Math.abs(sixtyFourths);
        var feet = rest / (12 * 64);
        var inches = rest % (12 * 64) / 64;
        var fraction = rest % 64;
        var out = new StringBuilder(sign);
        if (feet > 0) {
            out.append(feet).append("' ");
        }
        if (inches > 0 || fraction == 0 || feet > 0) {
            out.append(inches);
        }
        if (fraction > 0) {
            var divisor = Long.lowestOneBit(fraction);
            if (out.length() > sign.length()) {
                out.append(' ');
            }
            out.append(fraction / divisor).append('/').append(64 / divisor);
        }
        return out.append('"').toString();
    }
}
