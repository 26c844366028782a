package honeylamp.plan;

import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.SettingOutId;
import java.util.List;

/** A line to draw along, never part of the building and never printed. */
public record SettingOutLine(SettingOutId id, Position from, Position to, Stay stay) implements Element {
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

    /** The line staying otherwise. */
    public SettingOutLine staying(Stay other) {
        return new SettingOutLine(id, from, to, other);
    }

    @Override
    public SettingOutLine moved(Motion motion) {
        return new SettingOutLine(id, motion.of(from), motion.of(to), stay);
    }

    @Override
    public SettingOutLine under(ElementId.Key key) {
        return new SettingOutLine(new SettingOutId(key), from, to, stay);
    }

    @Override
    public List<Position> places() {
        return List.of(from, to);
    }
}
