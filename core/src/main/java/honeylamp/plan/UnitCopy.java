package honeylamp.plan;

import honeylamp.geometry.Affine;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnitCopyId;
import honeylamp.plan.ElementId.UnitId;
import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;

/**
 * A place where a unit stands once more.
 *
 * @param at where the unit's origin comes to lie
 * @param turnDeg counter-clockwise, after mirroring
 */
@RecordBuilder
public record UnitCopy(UnitCopyId id, UnitId unit, StoreyId storey, Position at, double turnDeg, Sense sense)
        implements UnitCopyBuilder.With {
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

    /** The copy turned to another angle, kept from 0 up to 360. */
    public UnitCopy turnedTo(double deg) {
        return withTurnDeg(((deg % 360) + 360) % 360);
    }
}
