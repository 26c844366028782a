package honeylamp.units;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Optional;
import java.util.regex.Pattern;

/** Prices as people type them, kept in whole cents; of what currency is left to them. */
public final class Money {
    private static final Pattern PRICE = Pattern.compile("\\d{1,7}([.,]\\d{1,2})?");
    private static final int CENTS = 100;
    private static final int MOST_CENTS = 100_000_000;

    private Money() {}

    /** A price in cents: a number with at most two decimals after a point or a comma; nothing typed is no price. */
    public static Optional<Integer> read(String text) {
        var bare = text.replaceAll("[\\s'\u00a0]", "");
        if (bare.isEmpty()) {
            return Optional.of(0);
        }
        if (!PRICE.matcher(bare).matches()) {
            return Optional.empty();
        }
        var cents = new BigDecimal(bare.replace(',', '.')).multiply(BigDecimal.valueOf(CENTS));
        return Optional.of(cents.intValueExact()).filter(c -> c <= MOST_CENTS);
    }

    /** A price as it is typed; empty for none. */
    public static String text(long cents) {
        return cents == 0
                ? ""
                : BigDecimal.valueOf(cents, 2)
                        .setScale(2, RoundingMode.UNNECESSARY)
                        .toPlainString();
    }
}
