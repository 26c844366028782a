package honeylamp.desktop.gesture;

import honeylamp.units.AngleReader;
import honeylamp.units.AngleReading;
import honeylamp.units.Length;
import honeylamp.units.LengthReader;
import honeylamp.units.LengthReading;
import honeylamp.units.LengthText;
import honeylamp.units.OffsetReading;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;

/**
 * What one field of the measure line asks for, and what reads the answer. A gesture keeps one constant for each of
 * its fields, shows it and finds the answer by it, so that the order of fields means nothing.
 *
 * @param name shown beside the field
 * @param kind which signs begin it and whether a meter may fill it
 */
public record Ask<T>(String name, Kind kind, Reader<T> reader) {
    /** What a field takes. */
    public enum Kind {
        /** A length in any unit, sums and halves included. */
        LENGTH,
        /** Degrees. */
        ANGLE,
        /** A whole number. */
        COUNT,
        WORDS
    }

    /** Reads what was typed; the text is not blank. */
    @FunctionalInterface
    public interface Reader<T> {
        /** The value, or the sentence that says why there is none. */
        Answer<T> read(String text, UnitSystem units);
    }

    /** What came of reading. */
    public sealed interface Answer<T> {
        /**
         * A value.
         *
         * @param echo the value in full, as Enter takes it; empty where the text says it all
         */
        record Good<T>(T value, String echo) implements Answer<T> {}

        /** No value; the sentence says why and what to type. */
        record Bad<T>(String sentence) implements Answer<T> {}
    }

    /** How far to go: so long the way that shows, or across and up. */
    public sealed interface Reach {
        /** So long, the way that shows. */
        record Along(Length length) implements Reach {}

        /** So far across (east) and up (north). */
        record Offset(Length across, Length up) implements Reach {}
    }

    /** Said where an offset and a direction are both typed. */
    public static final String TWO_WAYS = "An offset says the way already; clear the angle, or type one length.";

    private static final Reader<Length> ABOVE_ZERO = (text, units) -> length(LengthReader.positive(text, units), units);
    private static final Reader<Length> FROM_ZERO =
            (text, units) -> length(LengthReader.notNegative(text, units), units);
    private static final Reader<Length> EITHER_WAY = (text, units) -> length(LengthReader.signed(text, units), units);
    private static final Reader<Reach> REACH = Ask::reach;
    private static final Reader<Double> DEGREES = (text, _) -> degrees(AngleReader.read(text));
    private static final Reader<String> AS_TYPED = (text, _) -> new Answer.Good<>(text.strip(), "");

    /** A length above zero. */
    public static Ask<Length> length(String name) {
        return new Ask<>(name, Kind.LENGTH, ABOVE_ZERO);
    }

    /** A distance that may be zero. */
    public static Ask<Length> distance(String name) {
        return new Ask<>(name, Kind.LENGTH, FROM_ZERO);
    }

    /** A shift either way. */
    public static Ask<Length> shift(String name) {
        return new Ask<>(name, Kind.LENGTH, EITHER_WAY);
    }

    /** A length above zero, or two shifts with a semicolon between. */
    public static Ask<Reach> reach(String name) {
        return new Ask<>(name, Kind.LENGTH, REACH);
    }

    /** An angle in degrees. */
    public static Ask<Double> angle(String name) {
        return new Ask<>(name, Kind.ANGLE, DEGREES);
    }

    public static Ask<String> words(String name) {
        return new Ask<>(name, Kind.WORDS, AS_TYPED);
    }

    /**
     * A whole number from {@code least} to {@code most}.
     *
     * @param sentence said if it is none; {@code %s} stands for what was typed
     */
    public static Ask<Integer> count(String name, int least, int most, String sentence) {
        return new Ask<>(name, Kind.COUNT, (text, _) -> {
            var digits = text.strip();
            var n = digits.matches("[0-9]{1,6}") ? Integer.parseInt(digits) : -1;
            return n >= least && n <= most
                    ? new Answer.Good<>(n, "")
                    : new Answer.Bad<>(sentence.replace("%s", digits));
        });
    }

    private static Answer<Length> length(LengthReading reading, UnitSystem units) {
        return switch (reading) {
            case LengthReading.Good(var length) -> new Answer.Good<>(length, LengthText.exact(length, units));
            case LengthReading.Bad(var sentence) -> new Answer.Bad<>(sentence);
        };
    }

    private static Answer<Double> degrees(AngleReading reading) {
        return switch (reading) {
            case AngleReading.Good(var deg) -> new Answer.Good<>(deg, Words.of("%.2f\u00b0", deg));
            case AngleReading.Bad(var sentence) -> new Answer.Bad<>(sentence);
        };
    }

    private static Answer<Reach> reach(String text, UnitSystem units) {
        if (LengthReader.isOffset(text)) {
            return switch (LengthReader.offset(text, units)) {
                case OffsetReading.Bad(var sentence) -> new Answer.Bad<>(sentence);
                case OffsetReading.Good(var across, var up) ->
                    new Answer.Good<>(
                            new Reach.Offset(across, up),
                            LengthText.exact(across, units) + "; " + LengthText.exact(up, units));
            };
        }
        return switch (length(LengthReader.positive(text, units), units)) {
            case Answer.Good<Length>(var length, var echo) -> new Answer.Good<>(new Reach.Along(length), echo);
            case Answer.Bad<Length>(var sentence) -> new Answer.Bad<>(sentence);
        };
    }
}
