package honeylamp.units;

/** What came of reading a typed offset. */
public sealed interface OffsetReading {
    /** The text is an offset: so far across (east) and so far up (north). */
    record Good(Length across, Length up) implements OffsetReading {}

    /** The text is no offset we accept; the sentence says why and what to type. */
    record Bad(String sentence) implements OffsetReading {}
}
