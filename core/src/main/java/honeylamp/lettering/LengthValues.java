package honeylamp.lettering;

import honeylamp.units.Length;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What figures may mean as a length; without a unit they may mean several. */
final class LengthValues {
    private static final Pattern METRIC = Pattern.compile("(\\d{1,5})(?:\\.(\\d{1,3}))?(?: ?(mm|cm|m))?");
    private static final Pattern FEET = Pattern.compile("(\\d{1,3})'(?:[ -]{0,2}(\\d{1,2}(?:\\.\\d{1,2})?)\"?)?");
    private static final Pattern INCHES = Pattern.compile("(\\d{1,3}(?:\\.\\d{1,2})?)\"");

    private static final double MM_PER_M = 1000;
    private static final double MM_PER_CM = 10;
    private static final double LEAST_MM = 100;
    private static final double MOST_MM = 200_000;

    private LengthValues() {}

    /** What a text may mean, in mm; nothing if it is no length. */
    static List<Double> of(String text) {
        var metric = METRIC.matcher(text);
        if (metric.matches()) {
            return metric(metric).stream()
                    .filter(mm -> mm >= LEAST_MM && mm <= MOST_MM)
                    .toList();
        }
        var feet = FEET.matcher(text);
        if (feet.matches()) {
            var inches = feet.group(2) == null ? 0 : Double.parseDouble(feet.group(2));
            return inches >= Length.MM_PER_FOOT / Length.MM_PER_INCH
                    ? List.of()
                    : List.of(Double.parseDouble(feet.group(1)) * Length.MM_PER_FOOT + inches * Length.MM_PER_INCH);
        }
        var inches = INCHES.matcher(text);
        return inches.matches() ? List.of(Double.parseDouble(inches.group(1)) * Length.MM_PER_INCH) : List.of();
    }

    private static List<Double> metric(Matcher m) {
        var value = Double.parseDouble(m.group(2) == null ? m.group(1) : m.group(1) + "." + m.group(2));
        if (m.group(3) != null) {
            return List.of(
                    value * (m.group(3).equals("m") ? MM_PER_M : m.group(3).equals("cm") ? MM_PER_CM : 1));
        }
        if (m.group(2) != null) {
            return m.group(1).length() <= 2 ? List.of(value * MM_PER_M) : List.of();
        }
        return m.group(1).length() < 2 ? List.of() : List.of(value, value * MM_PER_CM);
    }
}
