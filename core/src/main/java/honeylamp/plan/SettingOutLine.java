package honeylamp.plan;

import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.SettingOutId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/** A line to draw along, never part of the building and never printed. */
@RecordBuilder
public record SettingOutLine(SettingOutId id, Position from, Position to, Stay stay)
        implements Element, SettingOutLineBuilder.With {
    /** How long it stays. */
    public enum Stay {
        /** Until a wall is drawn along it. */
        UNTIL_USED,
        /** Until it is deleted. */
        KEPT
    }

    /** Refuses a line without direction. */
    public SettingOutLine {
        if (from.equals(to)) {
            throw new IllegalArgumentException("setting-out line " + id.text() + " has no direction");
        }
    }

    /** The line, in plan mm; it counts as endless. */
    public Segment line() {
        return new Segment(from.point(), to.point());
    }

    @Override
    public SettingOutLine moved(Motion motion) {
        return with(copy -> copy.from(motion.of(from)).to(motion.of(to)));
    }

    @Override
    public SettingOutLine under(ElementId.Key key) {
        return withId(new SettingOutId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(from, to);
    }
}
