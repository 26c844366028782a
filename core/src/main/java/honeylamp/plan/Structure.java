package honeylamp.plan;

import honeylamp.geometry.Affine;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.units.Checks;
import honeylamp.units.Length;

/**
 * A fixed part of the building that is no wall: a post or a straight stair. Placed like a furnishing;
 * a stair climbs to the back (+y of its own frame).
 *
 * @param risers number of risers of a stair, 0 for a post
 */
public record Structure(
        StructureId id, Kind kind, Length width, Length depth, Length height, Position at, double turnDeg, int risers) {
    /** The kinds of fixed parts. */
    public enum Kind {
        /** A timber or stone post, cut by the plan. */
        POST,
        /** A straight flight that arrives at this storey from below. */
        STAIR_DOWN,
        /** A slab edge with a railing, such as a balcony. */
        BALCONY
    }

    /** Refuses sizes of zero or less. */
    public Structure {
        Checks.positive("structure width", width);
        Checks.positive("structure depth", depth);
        Checks.positive("structure height", height);
        Checks.finite("structure turn", turnDeg);
        Checks.within("risers", risers, 0, 60);
    }

    /** From the part's own frame, in mm about its centre, to plan mm. */
    public Affine placing() {
        return Affine.turn(turnDeg).then(Affine.move(at.x().mm(), at.y().mm()));
    }

    /** The part at another place. */
    public Structure movedTo(Position other) {
        return new Structure(id, kind, width, depth, height, other, turnDeg, risers);
    }

    /** The part under another id. */
    public Structure withId(StructureId other) {
        return new Structure(other, kind, width, depth, height, at, turnDeg, risers);
    }
}
