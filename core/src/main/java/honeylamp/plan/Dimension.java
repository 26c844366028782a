package honeylamp.plan;

import honeylamp.plan.ElementId.DimensionId;
import honeylamp.units.Length;

/** A single dimension between two points; the line lies {@code offset} to the left of from → to. */
public record Dimension(DimensionId id, Position from, Position to, Length offset) {
    /** Refuses a dimension between one and the same point. */
    public Dimension {
        if (from.equals(to)) {
            throw new IllegalArgumentException("dimension " + id.text() + " measures nothing");
        }
    }
}
