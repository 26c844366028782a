package honeylamp.units;

/** What came of reading a typed length. */
public sealed interface LengthReading {
    /** The text is a length. */
    record Good(Length length) implements LengthReading {}

    /** The text is no length we accept; the sentence says why and what to type. */
    record Bad(String sentence) implements LengthReading {}
}
