package honeylamp.units;

/** What came of reading a typed area. */
public sealed interface AreaReading {
    /** The text is an area, in mm². */
    record Good(double areaMm2) implements AreaReading {}

    /** The text is no area we accept; the sentence says why and what to type. */
    record Bad(String sentence) implements AreaReading {}
}
