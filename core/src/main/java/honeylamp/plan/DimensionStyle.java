package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * How dimensions are drawn on paper, all of a picture alike. Lengths are in paper mm.
 *
 * @param name what it is called
 * @param ends what ends the lines of dimensions
 * @param endMm how long a tick or an arrow is, how wide a dot
 * @param firstMm from the building to its first tier
 * @param betweenMm from a tier to the next
 * @param offMm from what is measured to its witness line
 * @param pastMm how far witness lines go past the line of the dimension
 */
@RecordBuilder
public record DimensionStyle(
        String name, Ends ends, double endMm, double firstMm, double betweenMm, double offMm, double pastMm)
        implements DimensionStyleBuilder.With {
    /** What ends the line of a dimension. */
    public enum Ends {
        TICKS("Ticks"),
        ARROWS("Arrows"),
        DOTS("Dots");

        private final String label;

        Ends(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }
    }

    /** A tier lies no nearer to the building, or to the next, in paper mm. */
    public static final double LEAST_TIER_MM = 5;

    /** A tier lies no farther from the building, or from the next, in paper mm. */
    public static final double MOST_TIER_MM = 30;

    /** Witness lines are off by no more, and go past by no more, in paper mm. */
    public static final double MOST_WITNESS_MM = 6;

    /** Nothing that ends a line is smaller, in paper mm. */
    public static final double LEAST_END_MM = 0.8;

    /** Nothing that ends a line is larger, in paper mm. */
    public static final double MOST_END_MM = 6;

    /** Refuses tiers that would touch and ends that would not be seen. */
    public DimensionStyle {
        Checks.within("size of what ends a dimension", endMm, LEAST_END_MM, MOST_END_MM);
        Checks.within("first tier", firstMm, LEAST_TIER_MM, MOST_TIER_MM);
        Checks.within("between tiers", betweenMm, LEAST_TIER_MM, MOST_TIER_MM);
        Checks.within("witness lines off", offMm, 0, MOST_WITNESS_MM);
        Checks.within("witness lines past", pastMm, 0, MOST_WITNESS_MM);
    }

    /** How far from the building a tier usually lies, 0 for the innermost. */
    public double tierMm(int index) {
        return firstMm + index * betweenMm;
    }
}
