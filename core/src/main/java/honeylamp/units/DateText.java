package honeylamp.units;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Dates as people write them on drawings. */
public final class DateText {
    private static final DateTimeFormatter LONG = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);
    private static final Pattern YEAR_FIRST = Pattern.compile("(\\d{4})[-./ ](\\d{1,2})[-./ ](\\d{1,2})");
    private static final Pattern DAY_FIRST = Pattern.compile("(\\d{1,2})[-./ ](\\d{1,2})[-./ ](\\d{4})");
    private static final Pattern NAMED = Pattern.compile("(\\d{1,2})\\.? +([a-z]{3,9})\\.?,? +(\\d{4})");
    private static final Pattern NAME_FIRST = Pattern.compile("([a-z]{3,9})\\.? +(\\d{1,2}),? +(\\d{4})");
    private static final List<String> MONTHS =
            List.of("jan", "feb", "mar", "apr", "may", "jun", "jul", "aug", "sep", "oct", "nov", "dec");

    private DateText() {}

    /** A date in words, as 14 September 2026. */
    public static String of(LocalDate date) {
        return LONG.format(date);
    }

    /**
     * Reads a date: the year first, the day first, or the month by its name; or <i>today</i>.
     *
     * @return empty if it is none, as the 31st of a month of thirty days
     */
    public static Optional<LocalDate> read(String text, LocalDate today) {
        var words = text.strip().toLowerCase(Locale.ROOT);
        if (words.equals("today")) {
            return Optional.of(today);
        }
        var yearFirst = YEAR_FIRST.matcher(words);
        if (yearFirst.matches()) {
            return date(yearFirst.group(1), yearFirst.group(2), yearFirst.group(3));
        }
        var dayFirst = DAY_FIRST.matcher(words);
        if (dayFirst.matches()) {
            return date(dayFirst.group(3), dayFirst.group(2), dayFirst.group(1));
        }
        var named = NAMED.matcher(words);
        if (named.matches()) {
            return month(named.group(2)).flatMap(m -> date(named.group(3), m, named.group(1)));
        }
        var nameFirst = NAME_FIRST.matcher(words);
        return nameFirst.matches()
                ? month(nameFirst.group(1)).flatMap(m -> date(nameFirst.group(3), m, nameFirst.group(2)))
                : Optional.empty();
    }

    private static Optional<String> month(String name) {
        var at = MONTHS.indexOf(name.substring(0, 3));
        return at < 0 ? Optional.empty() : Optional.of(String.valueOf(at + 1));
    }

    private static Optional<LocalDate> date(String year, String month, String day) {
        try {
            return Optional.of(LocalDate.of(Integer.parseInt(year), Integer.parseInt(month), Integer.parseInt(day)));
        } catch (DateTimeException _) {
            return Optional.empty();
        }
    }
}
