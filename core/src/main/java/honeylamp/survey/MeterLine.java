package honeylamp.survey;

import java.util.regex.Pattern;

/** One line of a laser distance meter, as {@code docs/survey.md} describes it. */
public sealed interface MeterLine {
    /** Longer lines are nonsense, in bytes. */
    int LONGEST = 120;

    /** The port of this machine on which a meter is looked for. */
    int PORT = 47_317;

    /**
     * A distance, as text that the measure line reads, unit included.
     *
     * @param entered whether the meter asks for Enter as well
     */
    record Reading(String text, boolean entered) implements MeterLine {}

    /** A sign of life. */
    record Alive() implements MeterLine {}

    record Nonsense(String what) implements MeterLine {}

    /** Reads a line without its end. */
    static MeterLine parse(String line) {
        var text = line.strip();
        if (text.isEmpty() || text.equals("alive")) {
            return new Alive();
        }
        var match = Form.READING.matcher(text);
        if (!match.matches()) {
            return new Nonsense(text.length() > 40 ? text.substring(0, 40) + "\u2026" : text);
        }
        return new Reading(match.group(1) + " " + match.group(2), match.group(3) != null);
    }

    /** How a reading is written. */
    final class Form {
        private static final Pattern READING =
                Pattern.compile("distance ([0-9]{1,7}(?:\\.[0-9]{1,5})?) (mm|cm|m|in|ft)( enter)?");

        private Form() {}
    }
}
