package honeylamp.desktop.gesture;

import honeylamp.plan.ElementId.UnitId;
import honeylamp.plan.Ground;
import honeylamp.plan.Structure;
import java.util.Optional;

/**
 * What is put in next of what is neither wall nor opening nor piece.
 *
 * @param kind the key of the fixed part in the catalogue
 * @param car that stands in the next bay
 * @param ground what the next ground is used for
 * @param unit that is placed next, if one is chosen
 */
public record NewPart(String kind, Structure.Car car, Ground.Use ground, Optional<UnitId> unit) {
    /** The choices of a fresh start. */
    public static final NewPart FIRST =
            new NewPart("stair-straight", Structure.Car.MIDDLE, Ground.Use.TERRACE, Optional.empty());

    /** With another kind of fixed part. */
    public NewPart withKind(String other) {
        return new NewPart(other, car, ground, unit);
    }

    public NewPart withCar(Structure.Car other) {
        return new NewPart(kind, other, ground, unit);
    }

    public NewPart withGround(Ground.Use other) {
        return new NewPart(kind, car, other, unit);
    }

    /** With a unit to place, or none. */
    public NewPart withUnit(Optional<UnitId> other) {
        return new NewPart(kind, car, ground, other);
    }
}
