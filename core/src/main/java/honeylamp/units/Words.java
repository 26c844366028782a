package honeylamp.units;

import java.util.Locale;

/** Sentences with numbers in them, the same on every machine: a point before decimals, as lengths are written. */
public final class Words {
    private Words() {}

    /**
     * A text with values put in.
     *
     * @param format as {@link String#format(String, Object...)} takes it
     */
    public static String of(String format, Object... values) {
        return String.format(Locale.ROOT, format, values);
    }
}
