package honeylamp.desktop.gesture;

import java.util.List;

/**
 * What the measure line shows.
 *
 * @param caught what the pointer caught, in a word; empty if nothing
 * @param hint the next step in words
 * @param beside a few words at the pointer that always show, such as the wall type; may be empty
 */
public record Readout(List<Field> fields, String caught, String hint, String beside) {
    /**
     * A value that can be typed over.
     *
     * @param name shown beside it
     */
    public record Field(Ask<?> ask, String value, String name) {
        /** A value under the name of what is asked. */
        public Field(Ask<?> ask, String value) {
            this(ask, value, ask.name());
        }
    }

    public Readout {
        fields = List.copyOf(fields);
    }

    /** Nothing that always shows at the pointer. */
    public Readout(List<Field> fields, String caught, String hint) {
        this(fields, caught, hint, "");
    }

    /** The same with a few words at the pointer. */
    public Readout with(String words) {
        return new Readout(fields, caught, hint, words);
    }

    public static Readout hint(String hint) {
        return new Readout(List.of(), "", hint);
    }
}
