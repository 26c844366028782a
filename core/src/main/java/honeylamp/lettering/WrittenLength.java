package honeylamp.lettering;

import honeylamp.geometry.Point;
import honeylamp.units.Length;

/**
 * A length as it is written on a picture, with the line it stands at.
 *
 * @param text what is written
 * @param firstPx one end of its line, in full pixels of the picture
 * @param secondPx the other end
 * @param length what is written, in the unit in which most of the lengths agree
 * @param agreement whether it agrees with others on the picture's scale
 */
public record WrittenLength(String text, Point firstPx, Point secondPx, Length length, Agreement agreement) {
    /** What a length says of the scale. */
    public enum Agreement {
        /** At least one other gives the same scale. */
        AGREES,
        /** Others give another scale: it may be misread, or written wrong. */
        DISAGREES,
        /** No two lengths give the same scale. */
        ALONE
    }

    /** Corrected by hand: what is typed counts. */
    public WrittenLength corrected(Length typed) {
        return new WrittenLength(text, firstPx, secondPx, typed, Agreement.AGREES);
    }

    /** Trusted by hand. */
    public WrittenLength trusted() {
        return corrected(length);
    }
}
