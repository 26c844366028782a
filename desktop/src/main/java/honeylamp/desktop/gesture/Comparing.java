package honeylamp.desktop.gesture;

import honeylamp.plan.Plan;
import honeylamp.units.Checks;
import java.util.Objects;

/**
 * Another state of the plan that is seen left of an edge across the drawing, which is dragged; right of it is the plan as it
 * is. Told apart by the very plan: whole plans are not compared at every move.
 *
 * @param name what is seen left of the edge, in words
 * @param edge where the edge lies, as a share of the width of the drawing
 */
public record Comparing(Plan other, String name, double edge) {
    /** Where the edge lies at first. */
    public static final double MIDDLE = 0.5;

    /** Refuses an edge beyond the drawing. */
    public Comparing {
        Checks.within("edge", edge, 0, 1);
    }

    /** The same with the edge elsewhere, as near to there as it can be. */
    public Comparing at(double share) {
        return new Comparing(other, name, Math.clamp(share, 0, 1));
    }

    @Override
    public boolean equals(Object o) {
        return o instanceof Comparing c && c.other == other && c.name.equals(name) && c.edge == edge;
    }

    @Override
    public int hashCode() {
        return Objects.hash(System.identityHashCode(other), name, edge);
    }
}
