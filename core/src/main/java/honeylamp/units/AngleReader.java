package honeylamp.units;

/** Reads typed angles: degrees with a point or a comma, with or without the degree sign. */
public final class AngleReader {
    private static final double MOST_DEG = 360;

    private AngleReader() {}

    /** The angle a text means, in degrees, as typed: it is not brought into one turn. */
    public static AngleReading read(String text) {
        var plain = text.strip().replace("\u00b0", "").replace(',', '.').strip();
        try {
            var deg = Double.parseDouble(plain);
            return Math.abs(deg) <= MOST_DEG
                    ? new AngleReading.Good(deg)
                    : new AngleReading.Bad(
                            "\"" + text.strip() + "\" is more than a full turn; type -360 to 360 degrees.");
        } catch (NumberFormatException _) {
            return new AngleReading.Bad("\"" + text.strip() + "\" is no angle; type degrees, for example 90 or 22.5.");
        }
    }
}
