package honeylamp.plan;

import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.BoundaryId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * An edge of rooms where no wall stands: through an open plan, around a balcony or a covered area.
 *
 * @param strip what covers the joint of two floors that differ
 */
@RecordBuilder
public record Boundary(BoundaryId id, Position from, Position to, FloorStrip strip)
        implements Element, BoundaryBuilder.With {
    private static final double SHORTEST_MM = 1;

    /** Turning to whole nanometres may take so much of the length. */
    private static final double HAIR_MM = 1e-3;

    /** Refuses a boundary without length. */
    public Boundary {
        if (from.point().distance(to.point()) < SHORTEST_MM - HAIR_MM) {
            throw new IllegalArgumentException("boundary " + id.text() + " has no length");
        }
    }

    /** A boundary with the usual strip. */
    public Boundary(BoundaryId id, Position from, Position to) {
        this(id, from, to, FloorStrip.USUAL);
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
        return with(copy -> copy.from(motion.of(from)).to(motion.of(to)));
    }

    @Override
    public Boundary under(ElementId.Key key) {
        return withId(new BoundaryId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(from, to);
    }
}
