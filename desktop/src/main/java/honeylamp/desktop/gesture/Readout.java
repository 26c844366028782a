package honeylamp.desktop.gesture;

import java.util.List;

/**
 * What the measure line shows.
 *
 * @param caught what the pointer caught, in a word; empty if nothing
 * @param hint the next step in words
 */
public record Readout(List<Field> fields, String caught, String hint) {
    /** How a field is read. */
    public enum Kind {
        /** A length in any unit, sums and halves included. */
        LENGTH,
        /** Degrees. */
        ANGLE,
        /** Words. */
        WORDS
    }

    /** A named value that can be typed over. */
    public record Field(String name, String value, Kind kind) {
        /** A length. */
        public Field(String name, String value) {
            this(name, value, Kind.LENGTH);
        }
    }

    /** Freezes the list. */
    public Readout {
        fields = List.copyOf(fields);
    }

    /** Only a hint. */
    public static Readout hint(String hint) {
        return new Readout(List.of(), "", hint);
    }
}
