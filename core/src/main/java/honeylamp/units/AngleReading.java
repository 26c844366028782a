package honeylamp.units;

/** What came of reading a typed angle. */
public sealed interface AngleReading {
    /** The text is an angle, in degrees. */
    record Good(double deg) implements AngleReading {}

    /** The text is no angle we accept; the sentence says why and what to type. */
    record Bad(String sentence) implements AngleReading {}
}
