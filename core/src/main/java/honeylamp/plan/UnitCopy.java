package honeylamp.plan;

import honeylamp.geometry.Affine;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnitCopyId;
import honeylamp.plan.ElementId.UnitId;
import honeylamp.units.Checks;

/**
 * A place where a unit stands once more.
 *
 * @param at where the unit's origin comes to lie
 * @param turnDeg counter-clockwise, after mirroring
 */
public record UnitCopy(UnitCopyId id, UnitId unit, StoreyId storey, Position at, double turnDeg, Sense sense) {
    /** Refuses a turn that is no number. */
    public UnitCopy {
        Checks.finite("turn of a unit", turnDeg);
    }

    /** From the drawn unit to this place, in plan mm. */
    public Affine placing(Position origin) {
        return Affine.move(-origin.x().mm(), -origin.y().mm())
                .then(sense == Sense.MIRRORED ? Affine.scale(-1, 1) : Affine.IDENTITY)
                .then(Affine.turn(turnDeg))
                .then(Affine.move(at.x().mm(), at.y().mm()));
    }

    /** The copy at another place. */
    public UnitCopy movedTo(Position other) {
        return new UnitCopy(id, unit, storey, other, turnDeg, sense);
    }

    /** The copy turned to another angle, kept from 0 up to 360. */
    public UnitCopy turnedTo(double deg) {
        return new UnitCopy(id, unit, storey, at, ((deg % 360) + 360) % 360, sense);
    }

    /** The copy mirrored or not. */
    public UnitCopy inSense(Sense other) {
        return new UnitCopy(id, unit, storey, at, turnDeg, other);
    }
}
