package honeylamp.plan;

import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.BoundaryId;

/** An edge of rooms where no wall stands: through an open plan, around a balcony or a covered area. */
public record Boundary(BoundaryId id, Position from, Position to) {
    private static final double SHORTEST_MM = 1;

    /** Refuses a boundary without length. */
    public Boundary {
        if (from.point().distance(to.point()) < SHORTEST_MM) {
            throw new IllegalArgumentException("boundary " + id.text() + " has no length");
        }
    }

    /** The line, in plan mm. */
    public Segment line() {
        return new Segment(from.point(), to.point());
    }
}
