package honeylamp.derive.light;

import honeylamp.plan.Light;
import honeylamp.plan.Sun;
import java.time.ZoneOffset;
import java.time.ZonedDateTime;
import java.util.Optional;
import net.e175.klaus.solarpositioning.DeltaT;
import net.e175.klaus.solarpositioning.SPA;

/**
 * Where the sun stands in the sky.
 *
 * @param azimuthDeg clockwise from true north, from 0 up to 360
 * @param altitudeDeg above the horizon, without what air bends; negative below it
 */
public record SunPlace(double azimuthDeg, double altitudeDeg) {
    private static final int SECONDS_AN_HOUR = 3600;

    /**
     * The place of the sun over a site.
     *
     * @see "I. Reda and A. Andreas, Solar Position Algorithm for Solar Radiation Applications, NREL/TP-560-34302, 2008"
     */
    public static SunPlace of(Sun sun) {
        var ahead = ZoneOffset.ofTotalSeconds((int) Math.rint(sun.hoursAhead() * SECONDS_AN_HOUR));
        var at = ZonedDateTime.of(sun.clock(), ahead);
        var seen = SPA.calculateSolarPosition(
                at,
                sun.latitudeDeg(),
                sun.longitudeDeg(),
                0,
                DeltaT.estimate(sun.clock().toLocalDate()));
        return new SunPlace(seen.azimuth(), 90 - seen.zenithAngle());
    }

    /** Whether it is so low that nothing throws a shade of its own. */
    public boolean isDown() {
        return altitudeDeg < Light.LEAST_ALTITUDE_DEG;
    }

    /** How many times as long as a thing is high its shade is on level ground, while the sun is up. */
    public double shadePerHeight() {
        return 1 / Math.tan(Math.toRadians(altitudeDeg));
    }

    /**
     * A light as it falls on a sheet: that of the sun from where it stands.
     *
     * @param northDeg direction of north in the plan, counter-clockwise from east
     * @return empty while the sun is down
     */
    public static Optional<Light> seen(Light light, double northDeg) {
        if (light.sun().isEmpty()) {
            return Optional.of(light);
        }
        var place = of(light.sun().get());
        var from = ((place.azimuthDeg + 90 - northDeg) % 360 + 360) % 360;
        return place.isDown()
                ? Optional.empty()
                : Optional.of(
                        light.withFromDeg(from).withAltitudeDeg(Math.min(place.altitudeDeg, Light.MOST_ALTITUDE_DEG)));
    }
}
