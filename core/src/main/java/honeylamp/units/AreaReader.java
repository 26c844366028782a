package honeylamp.units;

import java.util.Locale;
import java.util.regex.Pattern;

/** Reads typed areas: a number with a point or a comma, in square metres or square feet, with or without its unit. */
public final class AreaReader {
    private static final Pattern TYPED =
            Pattern.compile("(\\d+(?:[.,]\\d+)?)\\s*(m2|m\u00b2|sq\\.?\\s*m|ft2|ft\u00b2|sq\\.?\\s*ft)?");

    /** Larger ones are slips: a square kilometre. */
    private static final double MOST_MM2 = 1e12;

    private AreaReader() {}

    /** The area a text means; a number alone is in the unit of the system. Nothing is zero. */
    public static AreaReading read(String text, UnitSystem system) {
        var plain = text.strip().toLowerCase(Locale.ROOT);
        if (plain.isEmpty()) {
            return new AreaReading.Good(0);
        }
        var match = TYPED.matcher(plain);
        if (!match.matches()) {
            return new AreaReading.Bad("\"" + text.strip() + "\" is no area; type "
                    + (system.isMetric() ? "square metres, for example 12.5." : "square feet, for example 130."));
        }
        var unit = match.group(2);
        var metres = unit == null ? system.isMetric() : unit.contains("m");
        var side = metres ? 1000 : Length.MM_PER_FOOT;
        var area = Double.parseDouble(match.group(1).replace(',', '.')) * side * side;
        return area <= MOST_MM2
                ? new AreaReading.Good(area)
                : new AreaReading.Bad("\"" + text.strip() + "\" is more than a square kilometre.");
    }
}
