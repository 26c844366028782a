package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;

/**
 * How high walls of a type stand.
 *
 * @param by the height, or what is left free below the next storey
 */
public record HeightRule(Kind kind, Length by) {
    /** Up to the next storey. */
    public static final HeightRule FULL = new HeightRule(Kind.TO_NEXT_STOREY, Length.ZERO);

    /** What the height is measured by. */
    public enum Kind {
        /** A height of its own. */
        FIXED("Fixed height"),
        /** As high as the storey, less a length. */
        TO_NEXT_STOREY("To next storey, less"),
        /** A low wall, seen from above and not cut. */
        LOW("Low wall");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** Refuses a negative length, and a fixed or low wall without height. */
    public HeightRule {
        if (kind == Kind.TO_NEXT_STOREY) {
            if (by.isNegative()) {
                throw new IllegalArgumentException("a wall cannot stand higher than its storey by rule");
            }
        } else {
            Checks.positive("wall height", by);
        }
    }

    /** The height of a wall in a storey so high; at least a millimetre. */
    public Length in(Length storeyHeight) {
        return kind == Kind.TO_NEXT_STOREY ? Length.max(Length.ofMm(1), storeyHeight.minus(by)) : by;
    }
}
