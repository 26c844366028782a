package honeylamp.plan;

import honeylamp.geometry.Point;
import honeylamp.units.Checks;

/**
 * The one light of the picture.
 *
 * @param fromDeg where it comes from, clockwise from the top of the sheet
 * @param altitudeDeg height above the horizon
 */
public record Light(double fromDeg, double altitudeDeg) {
    /** Refuses a light at or below the horizon. */
    public Light {
        Checks.finite("light direction", fromDeg);
        Checks.within("light altitude", altitudeDeg, 10, 85);
    }

    /** Where shadows fall: the unit shift in plan space (y north) away from the light. */
    public Point fall() {
        return Point.direction(90 - fromDeg).times(-1);
    }

    /** The length of the shadow of a thing one mm high, in mm: 1 ÷ tan(altitude). */
    public double shadowPerHeight() {
        return 1 / Math.tan(Math.toRadians(altitudeDeg));
    }
}
