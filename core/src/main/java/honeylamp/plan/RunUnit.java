package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * A unit that somebody asked for in a run; what is left between such units fills itself.
 *
 * @param at of its middle from the left end of the run, as one looks at its front; nearer to the middle if it has no room
 * @param cutOut the hole in the counter for what is let into it; empty for the usual one of its kind
 */
@RecordBuilder
public record RunUnit(Kind kind, Length width, Length at, Optional<CutOut> cutOut) implements RunUnitBuilder.With {
    /** What a unit is. */
    public enum Kind {
        DOORS("Doors", 600, 24),
        DRAWERS("Drawers", 600, 24),
        OPEN("Open shelves", 300, 12),
        /** One bowl and a drainer. */
        SINK("Sink", 900, 36),
        SINK_TWO("Sink, two bowls", 900, 36),
        HOB("Hob", 600, 30),
        OVEN("Oven", 600, 24),
        DISHWASHER("Dishwasher", 600, 24),
        WASHER("Washing machine", 600, 24),
        COOLER("Refrigerator", 600, 24),
        HOOD("Cooker hood", 600, 30),
        /** A rail for clothes. */
        RAIL("Rail", 1000, 36),
        /** Two rails over each other. */
        RAILS("Two rails", 1000, 36),
        SHELVES("Shelves", 500, 18),
        /** In a corner: only the part that no other run stands before opens. */
        BLIND("Blind corner", 1050, 42),
        /** A board that closes what no unit fits into, and keeps fronts apart in corners. */
        FILLER("Filler", 50, 2);

        private final String label;
        private final Length metric;
        private final Length inches;

        Kind(String label, double mm, double inches) {
            this.label = label;
            this.metric = Length.ofMm(mm);
            this.inches = Length.ofInches(inches);
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }

        /** How wide it usually is. */
        public Length usual(Run.Series series) {
            return series == Run.Series.METRIC ? metric : inches;
        }

        /** Whether something is let into the counter above it. */
        public boolean isLetIn() {
            return this == SINK || this == SINK_TWO || this == HOB;
        }
    }

    /** A hole in a counter, in its middle from front to back. */
    public record CutOut(Length width, Length depth) {
        /** Refuses sizes of zero or less. */
        public CutOut {
            Checks.positive("width of a cut-out", width);
            Checks.positive("depth of a cut-out", depth);
        }
    }

    /** Refuses a width of zero or less, and a place beyond the left end. */
    public RunUnit {
        Checks.positive("width of a unit", width);
        Checks.notNegative("place of a unit", at);
    }
}
