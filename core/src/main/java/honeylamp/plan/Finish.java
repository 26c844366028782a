package honeylamp.plan;

import honeylamp.units.Checks;

/**
 * A floor finish as chosen for one room: the key of the material in the catalogue, the direction of
 * its courses in degrees, and the starting point of its pattern.
 */
public record Finish(String material, double directionDeg, Position start) {
    /** Refuses a direction that is no number. */
    public Finish {
        Checks.finite("finish direction", directionDeg);
    }

    /** The material laid from the plan's origin, courses running east. */
    public static Finish of(String material) {
        return new Finish(material, 0, Position.ORIGIN);
    }

    /** The finish laid in another direction. */
    public Finish turnedTo(double deg) {
        return new Finish(material, deg, start);
    }

    /** The finish with another starting point. */
    public Finish startingAt(Position point) {
        return new Finish(material, directionDeg, point);
    }
}
