package honeylamp.desktop.gesture;

import honeylamp.plan.ElementId.UnitId;
import honeylamp.plan.Ground;
import honeylamp.plan.Structure;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What is put in next of what is neither wall nor opening nor piece.
 *
 * @param kind the key of the fixed part in the catalogue
 * @param car that stands in the next bay
 * @param ground what the next ground is used for
 * @param unit that is placed next, if one is chosen
 */
@RecordBuilder
public record NewPart(String kind, Structure.Car car, Ground.Use ground, Optional<UnitId> unit)
        implements NewPartBuilder.With {
    /** The choices of a fresh start. */
    public static final NewPart FIRST =
            new NewPart("stair-straight", Structure.Car.MIDDLE, Ground.Use.TERRACE, Optional.empty());
}
