package honeylamp.plan;

import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/** A single dimension between two points; the line lies {@code offset} to the left of from → to. */
@RecordBuilder
public record Dimension(DimensionId id, Position from, Position to, Length offset)
        implements Element, DimensionBuilder.With {
    /** Refuses a dimension between one and the same point. */
    public Dimension {
        if (from.equals(to)) {
            throw new IllegalArgumentException("dimension " + id.text() + " measures nothing");
        }
    }

    /** The same dimension between other points. */
    public Dimension between(Position otherFrom, Position otherTo) {
        return with(copy -> copy.from(otherFrom).to(otherTo));
    }

    /** Its line, in plan mm. */
    public Segment line() {
        return new Segment(from.point(), to.point()).shiftedLeft(offset.mm());
    }

    @Override
    public Dimension moved(Motion motion) {
        var there = between(motion.of(from), motion.of(to));
        return motion.mirrors() ? there.withOffset(offset.negated()) : there;
    }

    @Override
    public Dimension under(ElementId.Key key) {
        return withId(new DimensionId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(from, to);
    }
}
