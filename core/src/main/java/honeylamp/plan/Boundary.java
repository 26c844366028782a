package honeylamp.plan;

import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.BoundaryId;
import java.util.List;

/** An edge of rooms where no wall stands: through an open plan, around a balcony or a covered area. */
public record Boundary(BoundaryId id, Position from, Position to) implements Element {
    private static final double SHORTEST_MM = 1;

    /** Turning to whole nanometres may take so much of the length. */
    private static final double HAIR_MM = 1e-3;

    /** Refuses a boundary without length. */
    public Boundary {
        if (from.point().distance(to.point()) < SHORTEST_MM - HAIR_MM) {
            throw new IllegalArgumentException("boundary " + id.text() + " has no length");
        }
    }

    /** Whether two ends are far enough apart for a boundary. */
    public static boolean isOne(Position from, Position to) {
        return from.point().distance(to.point()) >= SHORTEST_MM;
    }

    /** The line, in plan mm. */
    public Segment line() {
        return new Segment(from.point(), to.point());
    }

    @Override
    public Boundary moved(Motion motion) {
        return new Boundary(id, motion.of(from), motion.of(to));
    }

    @Override
    public Boundary under(ElementId.Key key) {
        return new Boundary(new BoundaryId(key), from, to);
    }

    @Override
    public List<Position> places() {
        return List.of(from, to);
    }
}
