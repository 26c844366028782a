package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;

/**
 * The pens, the hand and the type a picture is drawn with, by what is drawn.
 *
 * @param lines the pen of every role
 * @param inks how much of the ink is laid, from 0 to 1; what has no role is drawn with all of it
 * @param capHeightsMm the height of capitals of every role, in paper mm
 * @param unsteadyMm how far a hand strays from a line, in paper mm; 0 for lines along a ruler
 * @param lettering the families of type
 * @param dimensions how dimensions are drawn
 */
@RecordBuilder
public record Drafting(
        Map<LineRole, Line> lines,
        Map<InkRole, Double> inks,
        Map<TextRole, Double> capHeightsMm,
        double unsteadyMm,
        Lettering lettering,
        DimensionStyle dimensions)
        implements DraftingBuilder.With {
    /** A hand that strays farther draws no plan, in paper mm. */
    public static final double MOST_UNSTEADY_MM = 0.6;

    /** Nothing smaller than this is read at arm's length, in paper mm. */
    public static final double LEAST_CAP_MM = 1.8;

    /** In large print nothing is smaller than this, in paper mm. */
    public static final double LARGE_PRINT_CAP_MM = 2.5;

    private static final double LARGE_PRINT = 1.2;

    /** Larger type than this leaves no room for a plan, in paper mm. */
    public static final double MOST_CAP_MM = 12;

    private static final double FINEST_MM = 0.01;
    private static final double BROADEST_MM = 2;

    /**
     * A pen.
     *
     * @param largeMm its width at scales of 1:75 and larger, in paper mm
     * @param smallMm its width at smaller scales, in paper mm
     */
    public record Line(double largeMm, double smallMm) {
        /** Refuses widths of nothing and of more than 2 mm. */
        public Line {
            Checks.within("pen at large scales", largeMm, FINEST_MM, BROADEST_MM);
            Checks.within("pen at small scales", smallMm, FINEST_MM, BROADEST_MM);
        }

        /** So many times as wide. */
        public Line times(double factor) {
            return new Line(
                    Math.clamp(largeMm * factor, FINEST_MM, BROADEST_MM),
                    Math.clamp(smallMm * factor, FINEST_MM, BROADEST_MM));
        }
    }

    /** Freezes the maps; refuses a role without a pen or without a height, and type too small to be read. */
    public Drafting {
        lines = Map.copyOf(lines);
        inks = Map.copyOf(inks);
        capHeightsMm = Map.copyOf(capHeightsMm);
        for (var role : LineRole.values()) {
            if (!lines.containsKey(role)) {
                throw new IllegalArgumentException("there is no pen for " + role);
            }
        }
        for (var role : InkRole.values()) {
            Checks.within("share of ink", inks.getOrDefault(role, Double.NaN), 0, 1);
        }
        for (var role : TextRole.values()) {
            if (!capHeightsMm.containsKey(role)) {
                throw new IllegalArgumentException("there is no height of type for " + role);
            }
        }
        Checks.within("unsteadiness of the hand", unsteadyMm, 0, MOST_UNSTEADY_MM);
        capHeightsMm.values().forEach(mm -> Checks.within("height of type", mm, LEAST_CAP_MM, MOST_CAP_MM));
    }

    /** The pen of a role. */
    public Line of(LineRole role) {
        return Objects.requireNonNull(lines.get(role));
    }

    /** How much of the ink a role takes. */
    public double of(InkRole role) {
        return Objects.requireNonNull(inks.get(role));
    }

    /** The height of capitals of a role, in paper mm. */
    public double of(TextRole role) {
        return Objects.requireNonNull(capHeightsMm.get(role));
    }

    /** With another pen for a role. */
    public Drafting with(LineRole role, Line line) {
        var all = new EnumMap<LineRole, Line>(lines);
        all.put(role, line);
        return withLines(all);
    }

    /** With another share of ink for a role. */
    public Drafting with(InkRole role, double share) {
        var all = new EnumMap<InkRole, Double>(inks);
        all.put(role, share);
        return withInks(all);
    }

    /** With type of another height for a role. */
    public Drafting with(TextRole role, double capHeightMm) {
        var all = new EnumMap<TextRole, Double>(capHeightsMm);
        all.put(role, capHeightMm);
        return withCapHeightsMm(all);
    }

    /** For those who read large print: all type a fifth higher, and none below 2.5 mm. */
    public Drafting inLargePrint() {
        var all = new EnumMap<TextRole, Double>(capHeightsMm);
        all.replaceAll((_, mm) -> Math.clamp(mm * LARGE_PRINT, LARGE_PRINT_CAP_MM, MOST_CAP_MM));
        return withCapHeightsMm(all);
    }

    /** With all type so many times as high, within what can be read. */
    public Drafting typeTimes(double factor) {
        var all = new EnumMap<TextRole, Double>(capHeightsMm);
        all.replaceAll((_, mm) -> Math.clamp(mm * factor, LEAST_CAP_MM, MOST_CAP_MM));
        return withCapHeightsMm(all);
    }
}
