package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How an own piece takes on another size in one direction: what lies before a zone stays, what lies behind it moves along,
 * and the zone itself fills what is between.
 *
 * @param from where the zone begins, at the size the piece was drawn in
 * @param to where it ends
 */
@RecordBuilder
public record Stretch(Length from, Length to, Zone zone) implements StretchBuilder.With {
    /** What becomes of a zone. */
    public enum Zone {
        /** What lies in it grows. */
        GROWS("Grows"),
        /** What lies in it is there once more for each time it fits. */
        REPEATS("Repeats");

        private final String label;

        Zone(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** Refuses a zone that is empty or begins before the piece. */
    public Stretch {
        Checks.notNegative("beginning of what grows", from);
        Checks.positive("width of what grows", to.minus(from));
    }

    /** All of a size grows. */
    public static Stretch all(Length size) {
        return new Stretch(Length.ZERO, size, Zone.GROWS);
    }
}
