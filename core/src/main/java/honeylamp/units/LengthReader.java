package honeylamp.units;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Reads a length as people type it: {@code 3650}, {@code 3.65 m}, {@code 80 cm}, {@code 12' 4 1/2"},
 * {@code 12-4 1/2} (feet-inches plans), sums and halves such as {@code 3600/2} or {@code 2400+150}.
 *
 * <p>Sums are worked out in exact fractions and rounded once, to a nanometre. What could be two lengths is refused
 * with both of them; {@code docs/lengths.md} has the rule as a table.
 */
public final class LengthReader {
    /** Longer texts are refused unread. */
    static final int MAX_CHARACTERS = 120;

    /** No site is longer than this. */
    public static final Length LONGEST = Length.ofMm(5_000_000);

    private static final Length FINEST = new Length(1);

    private static final UnitSystem[] METRIC = {UnitSystem.MM, UnitSystem.CM, UnitSystem.M};

    /** A dash and a fraction right behind a number. */
    private static final Pattern DASHED_FRACTION = Pattern.compile("-(\\d+)/(\\d+)");

    /** A dash and a mixed number right behind a number. */
    private static final Pattern DASHED_MIXED = Pattern.compile("-(\\d+ +\\d+/\\d+)");

    /** Thousands parted by blanks; three digits that are the top of a fraction are none. */
    private static final Pattern THOUSANDS = Pattern.compile("\\d{1,3}(?: \\d{3})+(?![\\d/])(?! */)(?:\\.\\d+)?");

    /** A comma that may part thousands as well as decimals. */
    private static final Pattern DOUBTFUL_COMMA = Pattern.compile("\\d{1,3}(?:,\\d{3})+(?:\\.\\d*)?");

    private final String text;
    private final UnitSystem system;
    private int at;
    private int depth;

    private LengthReader(String text, UnitSystem system) {
        this.text = text;
        this.system = system;
    }

    /** Reads a length that has to lie above zero, such as a wall length or a width. */
    public static LengthReading positive(String text, UnitSystem system) {
        return between(text, system, FINEST, LONGEST);
    }

    /** Reads a distance that may be zero but not negative, such as a sill height. */
    public static LengthReading notNegative(String text, UnitSystem system) {
        return between(text, system, Length.ZERO, LONGEST);
    }

    /** Reads a shift that may point either way. */
    public static LengthReading signed(String text, UnitSystem system) {
        return between(text, system, new Length(-LONGEST.nanometres()), LONGEST);
    }

    /** Whether a text means an offset across and up rather than one length. */
    public static boolean isOffset(String text) {
        return text.contains(";");
    }

    /** An offset: two lengths with a semicolon between, across and up, either with a minus. */
    public static OffsetReading offset(String text, UnitSystem system) {
        var parts = text.split(";", -1);
        if (parts.length != 2) {
            return new OffsetReading.Bad("\"" + text + "\" is no offset; type across and up, for example 600;-900.");
        }
        return switch (signed(parts[0], system)) {
            case LengthReading.Bad(var sentence) -> new OffsetReading.Bad(sentence);
            case LengthReading.Good(var across) ->
                switch (signed(parts[1], system)) {
                    case LengthReading.Bad(var sentence) -> new OffsetReading.Bad(sentence);
                    case LengthReading.Good(var up) -> new OffsetReading.Good(across, up);
                };
        };
    }

    /** Reads a length from {@code least} to {@code most}, both included. */
    public static LengthReading between(String text, UnitSystem system, Length least, Length most) {
        if (text.isBlank()) {
            return new LengthReading.Bad("Type a length, for example " + example(system) + ".");
        }
        if (text.length() > MAX_CHARACTERS) {
            return new LengthReading.Bad("That is too long for a length; type at most " + MAX_CHARACTERS + " signs.");
        }
        try {
            var nm = new LengthReader(normalised(text), system).whole();
            return checked(nm, system, least, most);
        } catch (Unreadable e) {
            return new LengthReading.Bad(e.sentence);
        } catch (ArithmeticException _) {
            return new LengthReading.Bad("\"" + text.strip() + "\" divides by zero; change the number after the /.");
        }
    }

    private static LengthReading checked(BigInteger nm, UnitSystem system, Length least, Length most) {
        if (nm.compareTo(BigInteger.valueOf(most.nanometres())) > 0) {
            return new LengthReading.Bad("That is longer than "
                    + LengthText.exact(most, system)
                    + ", the most allowed here; check the number and its unit.");
        }
        if (nm.compareTo(BigInteger.valueOf(least.nanometres())) < 0) {
            return new LengthReading.Bad(
                    least.equals(FINEST)
                            ? "A length has to be more than zero; type it without a minus sign."
                            : "That is less than " + LengthText.exact(least, system) + ", the least allowed here.");
        }
        return new LengthReading.Good(new Length(nm.longValueExact()));
    }

    private static String example(UnitSystem system) {
        return switch (system) {
            case MM -> "3650 or 3.65 m";
            case CM -> "365 or 3.65 m";
            case M -> "3.65 or 365 cm";
            case FEET_INCHES -> "12' 4 1/2\" or 148";
        };
    }

    private static String normalised(String text) {
        return text.strip()
                .toLowerCase(Locale.ROOT)
                .replace('\u2032', '\'')
                .replace('\u2019', '\'')
                .replace('\u2033', '"')
                .replace('\u201d', '"')
                .replace("''", "\"")
                .replace('\u2212', '-')
                .replace('\u2013', '-')
                .replace('\u00d7', '*')
                .replace('\u00f7', '/')
                .replace('\u00a0', ' ')
                .replace('\u202f', ' ')
                .replace('\u2009', ' ')
                .replace("\u00bd", " 1/2")
                .replace("\u00bc", " 1/4")
                .replace("\u00be", " 3/4")
                .replace("\u215b", " 1/8")
                .replace("\u215c", " 3/8")
                .replace("\u215d", " 5/8")
                .replace("\u215e", " 7/8");
    }

    /** A value in nanometres if {@code isLength}, else a bare number that still waits for a unit. */
    private record Value(Ratio amount, boolean isLength) {}

    private BigInteger whole() throws Unreadable {
        eat('=');
        var value = inNanometres(sum());
        skipBlanks();
        if (at < text.length()) {
            throw unreadable("I cannot read \"" + text.substring(at) + "\"");
        }
        return value.amount.rounded();
    }

    private Value sum() throws Unreadable {
        var left = product();
        while (true) {
            skipBlanks();
            if (eat('+')) {
                left = new Value(inNanometres(left).amount.plus(inNanometres(product()).amount), true);
            } else if (eat('-')) {
                left = new Value(inNanometres(left).amount.minus(inNanometres(product()).amount), true);
            } else {
                return left;
            }
        }
    }

    private Value product() throws Unreadable {
        var left = signed();
        while (true) {
            skipBlanks();
            if (eat('*')) {
                left = times(left, signed());
            } else if (eat('/')) {
                var right = signed();
                if (right.isLength) {
                    throw unreadable("A length can be divided by a number only");
                }
                left = new Value(left.amount.dividedBy(right.amount), left.isLength);
            } else {
                return left;
            }
        }
    }

    private Value times(Value left, Value right) throws Unreadable {
        if (left.isLength && right.isLength) {
            throw unreadable("Two lengths multiplied make an area");
        }
        return new Value(left.amount.times(right.amount), left.isLength || right.isLength);
    }

    private Value signed() throws Unreadable {
        skipBlanks();
        if (eat('-')) {
            var value = signed();
            return new Value(Ratio.of(0).minus(value.amount), value.isLength);
        }
        if (eat('+')) {
            return signed();
        }
        if (eat('(')) {
            if (++depth > 20) {
                throw unreadable("Too many brackets");
            }
            var value = sum();
            skipBlanks();
            if (!eat(')')) {
                throw unreadable("A closing bracket is missing");
            }
            depth--;
            return value;
        }
        return measure();
    }

    /** One length with its unit, or a bare number. */
    private Value measure() throws Unreadable {
        var start = at;
        var number = mixedNumber();
        var dashed = dashedFraction(start, number);
        if (dashed.isPresent()) {
            number = dashed.get();
        } else if (system.isMetric()) {
            askAboutDash(start);
        }
        skipBlanks();
        if (eatFeet()) {
            return new Value(feet(number), true);
        }
        if (system == UnitSystem.FEET_INCHES && atFeetDash()) {
            return new Value(feet(number), true);
        }
        if (eatInches()) {
            return new Value(number.times(Ratio.of(Length.NM_PER_INCH)), true);
        }
        for (var unit : METRIC) {
            if (eatWord(unit.sign())) {
                return new Value(number.times(Ratio.of(unit.bareNumberNm())), true);
            }
        }
        return new Value(number, false);
    }

    private boolean eatFeet() {
        return eat('\'') || eatWord("ft") || eatWord("feet") || eatWord("foot");
    }

    private boolean eatInches() {
        return eat('"') || eatWord("inches") || eatWord("inch") || eatWord("in");
    }

    /** Whether a unit stands here; nothing is taken. */
    private boolean atUnit() {
        var mark = at;
        skipBlanks();
        var is = eatFeet() || eatInches() || Stream.of(METRIC).anyMatch(u -> eatWord(u.sign()));
        at = mark;
        return is;
    }

    /** 4-1/2 before feet or inches is four and a half of them; without these it is asked about. */
    private Optional<Ratio> dashedFraction(int start, Ratio whole) throws Unreadable {
        var fraction = DASHED_FRACTION.matcher(text).region(at, text.length());
        if (at == 0 || !Character.isDigit(text.charAt(at - 1)) || !fraction.lookingAt()) {
            return Optional.empty();
        }
        var top = Ratio.of(new BigDecimal(fraction.group(1)));
        var bottom = Ratio.of(new BigDecimal(fraction.group(2)));
        var mark = at;
        at = fraction.end();
        skipBlanks();
        var before = at;
        if (eatFeet() || eatInches()) {
            at = before;
            return Optional.of(whole.plus(top.dividedBy(bottom)));
        }
        var one = text.substring(start, mark);
        var part = fraction.group(1) + "/" + fraction.group(2);
        var unit = text.substring(before).strip();
        throw system.isMetric() || !unit.isEmpty()
                ? asked(one + " " + part + " " + unit, one + " - " + part + " " + unit)
                : asked(one + " " + part + "\"", one + "' " + part + "\"");
    }

    /** 12-4 1/2 in a metric plan may be meant as feet and inches, or as a difference. */
    private void askAboutDash(int start) throws Unreadable {
        var inches = DASHED_MIXED.matcher(text).region(at, text.length());
        if (at > 0 && Character.isDigit(text.charAt(at - 1)) && inches.lookingAt()) {
            var one = text.substring(start, at);
            var other = inches.group(1);
            throw asked(one + "' " + other + "\"", one + " - " + other);
        }
    }

    /** Feet just read; inches may follow, with a dash or without. */
    private Ratio feet(Ratio feet) throws Unreadable {
        var total = feet.times(Ratio.of(Length.NM_PER_FOOT));
        var mark = at;
        skipBlanks();
        var dashed = eat('-');
        skipBlanks();
        if (!atDigit()) {
            at = mark;
            return total;
        }
        var start = at;
        var inches = mixedNumber();
        var fraction = DASHED_FRACTION.matcher(text).region(at, text.length());
        if (fraction.lookingAt()) {
            inches = dashedFraction(start, inches).orElse(inches);
        }
        skipBlanks();
        if (eatInches() || !atUnit() && (!dashed || system == UnitSystem.FEET_INCHES)) {
            return total.plus(inches.times(Ratio.of(Length.NM_PER_INCH)));
        }
        at = mark; // 12' - 300 mm: a difference, not inches
        return total;
    }

    /** Whether a dash between two numbers follows, as in 12-4 1/2, with no feet after the second. */
    private boolean atFeetDash() {
        return at < text.length()
                && text.charAt(at) == '-'
                && at > 0
                && Character.isDigit(text.charAt(at - 1))
                && at + 1 < text.length()
                && Character.isDigit(text.charAt(at + 1))
                && text.indexOf('\'', at) < 0;
    }

    /** 4, 4.5, 1/2 after a whole number, as in 4 1/2. A lone fraction is left to the division, unless a unit follows. */
    private Ratio mixedNumber() throws Unreadable {
        var number = decimal();
        var mark = at;
        skipBlanks();
        if (at > mark && atDigit()) {
            var top = decimal();
            skipBlanks();
            if (eat('/')) {
                skipBlanks();
                return number.plus(top.dividedBy(decimal()));
            }
            throw unreadable("Two numbers stand side by side with no sign between");
        }
        if (eat('/')) {
            skipBlanks();
            if (atDigit()) {
                var bottom = decimal();
                if (atUnit()) {
                    return number.dividedBy(bottom);
                }
            }
        }
        at = mark;
        return number;
    }

    private Ratio decimal() throws Unreadable {
        skipBlanks();
        var thousands = THOUSANDS.matcher(text).region(at, text.length());
        if (thousands.lookingAt()) {
            at = thousands.end();
            return Ratio.of(new BigDecimal(thousands.group().replace(" ", "")));
        }
        var start = at;
        while (at < text.length() && (atDigit() || text.charAt(at) == '.' || isDecimalComma())) {
            at++;
        }
        var typed = text.substring(start, at);
        if (DOUBTFUL_COMMA.matcher(typed).matches()) {
            var unit = text.substring(at).strip();
            throw asked(
                    typed.replace(",", "") + (unit.isEmpty() ? "" : " " + unit),
                    typed.replaceFirst(",", ".").replaceFirst("(\\..*)[,.].*", "$1")
                            + (unit.isEmpty() ? "" : " " + unit));
        }
        var digits = typed.replace(',', '.');
        try {
            return Ratio.of(new BigDecimal(digits));
        } catch (NumberFormatException _) {
            throw unreadable(digits.isEmpty() ? "A number is missing" : "\"" + digits + "\" is not a number");
        }
    }

    private boolean isDecimalComma() {
        return text.charAt(at) == ',' && at + 1 < text.length() && Character.isDigit(text.charAt(at + 1));
    }

    private Value inNanometres(Value value) {
        return value.isLength ? value : new Value(value.amount.times(Ratio.of(system.bareNumberNm())), true);
    }

    private boolean atDigit() {
        return at < text.length() && text.charAt(at) >= '0' && text.charAt(at) <= '9';
    }

    private void skipBlanks() {
        while (at < text.length() && text.charAt(at) == ' ') {
            at++;
        }
    }

    private boolean eat(char sign) {
        if (at < text.length() && text.charAt(at) == sign) {
            at++;
            return true;
        }
        return false;
    }

    private boolean eatWord(String word) {
        var end = at + word.length();
        if (text.startsWith(word, at) && (end == text.length() || !Character.isLetter(text.charAt(end)))) {
            at = end;
            return true;
        }
        return false;
    }

    /** A question instead of a length: both readings can be typed as they stand. */
    private static Unreadable asked(String one, String other) {
        return new Unreadable("Do you mean " + one.strip() + " or " + other.strip() + "? Type it so.");
    }

    private Unreadable unreadable(String reason) {
        return new Unreadable(reason + "; type a length like " + example(system) + ".");
    }

    private static final class Unreadable extends Exception {
        private static final long serialVersionUID = 1L;
        final String sentence;

        Unreadable(String sentence) {
            super(sentence);
            this.sentence = sentence;
        }
    }
}
