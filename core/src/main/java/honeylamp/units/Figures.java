package honeylamp.units;

import java.math.BigDecimal;
import java.util.Optional;

/**
 * Plain numbers that a person may type, within bounds.
 *
 * @param digits at most so many after the point
 */
public record Figures(double least, double most, int digits) {
    /** Whole numbers. */
    public static Figures whole(int least, int most) {
        return new Figures(least, most, 0);
    }

    /** The number that was typed, a comma for a point allowed; empty if it is none, or out of bounds. */
    public Optional<Double> read(String text) {
        var form = digits == 0 ? "[0-9]{1,9}" : "[0-9]{1,9}([.,][0-9]{1," + digits + "})?";
        var typed = text.strip();
        return typed.matches(form)
                ? Optional.of(Double.parseDouble(typed.replace(',', '.'))).filter(v -> v >= least && v <= most)
                : Optional.empty();
    }

    /** Why a text is no such number, and what to type. */
    public String sentence(String typed) {
        return "\"" + typed + "\" is no number here. Type " + (digits == 0 ? "a whole number" : "a number") + " from "
                + text(least) + " to " + text(most) + ".";
    }

    /** A number without needless digits. */
    public static String text(double value) {
        return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
    }
}
