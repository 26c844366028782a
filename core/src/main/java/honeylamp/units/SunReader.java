package honeylamp.units;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.YearMonth;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Reads places on earth, dates and times of day as people type them; what cannot be is empty. */
public final class SunReader {
    private static final Pattern DEGREES =
            Pattern.compile("([+-]?[0-9]{1,3}(?:[.,][0-9]{0,6})?)\\s*\u00b0?\\s*([NSEWnsew]?)");
    private static final Pattern NUMBER = Pattern.compile("[+-]?[0-9]{1,3}(?:[.,][0-9]{0,6})?");
    private static final Pattern DATE = Pattern.compile("([0-9]{4})-([0-9]{1,2})-([0-9]{1,2})");
    private static final Pattern CLOCK = Pattern.compile("([0-9]{1,2})[:.]([0-9]{2})");
    private static final double MOST_LATITUDE_DEG = 90;
    private static final double MOST_LONGITUDE_DEG = 180;

    private SunReader() {}

    /** Degrees of latitude, north of the equator: {@code 50.4 N}, {@code 33.9 S}, {@code -33.9}. */
    public static Optional<Double> latitude(String text) {
        return degrees(text, "N", "S").filter(d -> Math.abs(d) <= MOST_LATITUDE_DEG);
    }

    /** Degrees of longitude, east of Greenwich: {@code 13.4 E}, {@code 4.1 W}, {@code -4.1}. */
    public static Optional<Double> longitude(String text) {
        return degrees(text, "E", "W").filter(d -> Math.abs(d) <= MOST_LONGITUDE_DEG);
    }

    private static Optional<Double> degrees(String text, String ahead, String behind) {
        var found = DEGREES.matcher(text.strip());
        if (!found.matches()) {
            return Optional.empty();
        }
        var side = found.group(2).toUpperCase(Locale.ROOT);
        return side.isEmpty() || side.equals(ahead) || side.equals(behind)
                ? number(found.group(1)).map(d -> side.equals(behind) ? -d : d)
                : Optional.empty();
    }

    /** A number with a point or a comma, such as hours ahead of Coordinated Universal Time. */
    public static Optional<Double> number(String text) {
        var plain = text.strip();
        return NUMBER.matcher(plain).matches()
                ? Optional.of(Double.parseDouble(plain.replace(',', '.')))
                : Optional.empty();
    }

    /** A date as year, month and day: {@code 2026-06-21}. */
    public static Optional<LocalDate> date(String text) {
        var found = DATE.matcher(text.strip());
        if (!found.matches()) {
            return Optional.empty();
        }
        var year = Integer.parseInt(found.group(1));
        var month = Integer.parseInt(found.group(2));
        var day = Integer.parseInt(found.group(3));
        return month >= 1 && month <= 12 && YearMonth.of(year, month).isValidDay(day)
                ? Optional.of(LocalDate.of(year, month, day))
                : Optional.empty();
    }

    /** A time of day: {@code 15:30}, {@code 9.05}. */
    public static Optional<LocalTime> clock(String text) {
        var found = CLOCK.matcher(text.strip());
        if (!found.matches()) {
            return Optional.empty();
        }
        var hour = Integer.parseInt(found.group(1));
        var minute = Integer.parseInt(found.group(2));
        return hour < 24 && minute < 60 ? Optional.of(LocalTime.of(hour, minute)) : Optional.empty();
    }
}
