package honeylamp.plan;

import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Optional;

/**
 * What covers a surface.
 *
 * @param material its key in the catalogue
 * @param directionDeg of its courses, in the frame of the surface
 * @param start the corner of its first piece, in the frame of the surface
 * @param laying how its pieces lie; empty for what is usual with the material
 * @param tone its colour here only; empty for that of the material
 * @param reason why it was chosen, in a few words, perhaps none
 */
@RecordBuilder
public record Finish(
        String material,
        double directionDeg,
        Position start,
        Optional<Laying> laying,
        Optional<Oklch> tone,
        String reason)
        implements FinishBuilder.With {
    /** Refuses a direction that is no number. */
    public Finish {
        Checks.finite("finish direction", directionDeg);
    }

    /** A material laid as is usual with it. */
    public Finish(String material, double directionDeg, Position start) {
        this(material, directionDeg, start, Optional.empty(), Optional.empty(), "");
    }

    /** The material laid from the plan's origin, courses running east. */
    public static Finish of(String material) {
        return new Finish(material, 0, Position.ORIGIN);
    }

    /** The finish laid in another direction. */
    public Finish turnedTo(double deg) {
        return withDirectionDeg(deg);
    }

    /** The finish with another starting point. */
    public Finish startingAt(Position point) {
        return withStart(point);
    }

    /** The finish as it lies after a motion. */
    public Finish moved(Motion motion) {
        return with(copy -> copy.directionDeg(motion.turned(directionDeg)).start(motion.of(start)));
    }
}
