package honeylamp.lettering;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What rows of words say of a room. */
public final class RoomWords {
    private static final Pattern AREA = Pattern.compile("(\\d{1,3}(?:\\.\\d{1,2})?) ?m[²2]?");
    private static final Pattern NAME = Pattern.compile("[A-Za-z][A-Za-z&-]{2,}(?: [A-Za-z&-]{1,}| \\d)*");

    /** A row that is no usual name is taken for one only if its letters are as clear as this. */
    private static final double CLEAR = 0.75;

    private RoomWords() {}

    /** The name of a room; one of the usual names if it is one but for a letter that looks alike or is misread. */
    public static Optional<String> name(Written written, List<String> usual) {
        var text = written.text();
        if (!NAME.matcher(text).matches()) {
            return Optional.empty();
        }
        var near = usual.stream()
                .filter(n -> Math.abs(n.length() - text.length()) <= 1)
                .min(Comparator.comparingInt((String n) -> apart(alike(n), alike(text)))
                        .thenComparing(Comparator.naturalOrder()));
        if (near.isPresent() && apart(alike(near.get()), alike(text)) <= mostApart(text)) {
            return Optional.of(inCaseOf(text, near.get()));
        }
        return written.sure() >= CLEAR ? Optional.of(inOneCase(text)) : Optional.empty();
    }

    /** An area in m². */
    public static Optional<Double> areaM2(Written written) {
        var m = AREA.matcher(written.text());
        return m.matches() && written.text().contains(".")
                ? Optional.of(Double.parseDouble(m.group(1)))
                : Optional.empty();
    }

    private static int mostApart(String text) {
        return text.length() < 5 ? 0 : text.length() < 9 ? 1 : 2;
    }

    /** The same for words whose letters look alike. */
    private static String alike(String text) {
        return text.toLowerCase(Locale.ROOT)
                .replace('l', 'i')
                .replace('1', 'i')
                .replace('j', 'i')
                .replace('0', 'o');
    }

    /** Capitals throughout stay so. */
    private static String inCaseOf(String text, String name) {
        return isInCapitals(text) ? name.toUpperCase(Locale.ROOT) : name;
    }

    /** An I says nothing: it may be an l. */
    private static boolean isInCapitals(String text) {
        var letters = text.chars()
                .filter(c -> Character.isLetter(c) && c != 'I' && c != 'l')
                .count();
        var capitals =
                text.chars().filter(c -> Character.isUpperCase(c) && c != 'I').count();
        return 3 * capitals > 2 * letters;
    }

    /** Within a word of small letters a capital is a letter that looks alike: an l for an I. */
    private static String inOneCase(String text) {
        if (isInCapitals(text)) {
            return text.toUpperCase(Locale.ROOT);
        }
        var out = new StringBuilder();
        for (var i = 0; i < text.length(); i++) {
            var c = text.charAt(i);
            var first = i == 0 || text.charAt(i - 1) == ' ';
            out.append(first ? c : c == 'I' ? 'l' : Character.toLowerCase(c));
        }
        return out.toString();
    }

    /** How many letters must be changed, added or left out to make one of the other (Levenshtein 1966). */
    private static int apart(String one, String other) {
        var row = new int[other.length() + 1];
        for (var j = 0; j < row.length; j++) {
            row[j] = j;
        }
        for (var i = 1; i <= one.length(); i++) {
            var before = row[0];
            row[0] = i;
            for (var j = 1; j < row.length; j++) {
                var same = one.charAt(i - 1) == other.charAt(j - 1) ? before : before + 1;
                before = row[j];
                row[j] = Math.min(same, 1 + Math.min(row[j], row[j - 1]));
            }
        }
        return row[other.length()];
    }
}
