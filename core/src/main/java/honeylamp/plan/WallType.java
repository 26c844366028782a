package honeylamp.plan;

import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.units.Checks;
import honeylamp.units.Length;

/** A named kind of wall: its thickness, whether it carries, and how its cut is filled. */
public record WallType(WallTypeId id, String name, Length thickness, boolean structural, Poche poche) {
    /** How the cut of a wall is filled. */
    public enum Poche {
        /** One dark tone. */
        SOLID,
        /** A lighter tone, for walls that carry nothing. */
        TINT
    }

    /** Refuses a thickness of zero or less. */
    public WallType {
        Checks.positive("wall thickness", thickness);
    }
}
