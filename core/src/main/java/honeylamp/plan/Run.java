package honeylamp.plan;

import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;

/**
 * What a run of units is made of: a counter with what is below it, units on a wall, tall ones, a closet.
 *
 * @param filling what fills it between the units that were asked for
 * @param front how a closet is closed
 * @param units that were asked for, from left to right
 * @param edge of its counter, if it has one
 */
@RecordBuilder
public record Run(Series series, RunUnit.Kind filling, Front front, List<RunUnit> units, Edge edge)
        implements RunBuilder.With {
    /** The widths units are made in. */
    public enum Series {
        METRIC(1000, 900, 800, 600, 500, 450, 400, 300, 200, 150),
        INCHES(36, 33, 30, 27, 24, 21, 18, 15, 12, 9);

        private final List<Integer> widths;

        Series(Integer... widths) {
            this.widths = List.of(widths);
        }

        /** The widths, the widest first. */
        public List<Length> widths() {
            return widths.stream()
                    .map(w -> this == METRIC ? Length.ofMm(w) : Length.ofInches(w))
                    .toList();
        }
    }

    /** How a closet is closed. */
    public enum Front {
        HINGED("Hinged doors"),
        SLIDING("Sliding doors"),
        OPEN("Open");

        private final String label;

        Front(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** How the front edge of a counter is made. */
    public enum Edge {
        SQUARE("Square"),
        ROUNDED("Rounded"),
        BEVELLED("Bevelled");

        private final String label;

        Edge(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /** More units than this no run has. */
    public static final int MOST = 60;

    /** Puts the units in their order; refuses too many. */
    public Run {
        units = units.stream().sorted(Comparator.comparing(RunUnit::at)).toList();
        if (units.size() > MOST) {
            throw new IllegalArgumentException("a run has " + units.size() + " units, at most " + MOST);
        }
    }

    /** A run that is filled by itself. */
    public static Run of(Series series, RunUnit.Kind filling) {
        return new Run(series, filling, Front.HINGED, List.of(), Edge.SQUARE);
    }
}
