package honeylamp.catalogue;

import honeylamp.plan.Emission;
import honeylamp.plan.Emission.Dimming;
import honeylamp.plan.FittingKind;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.Optional;

/**
 * What fittings usually are: the light of today's LED lamps, about 100 lm/W; heights as they are usual in homes, those of
 * switches and sockets between 450 and 1,200 mm, so that they are reached standing and sitting (the range that building
 * codes for dwellings ask for, such as Approved Document M of England, 2015).
 */
public final class Fittings {
    /** How high the plates of switches and sockets are, and as wide with one insert, in mm. */
    public static final double PLATE_MM = 80;

    /** From the middle of one insert to that of the next, in mm. */
    public static final double INSERT_MM = 71;

    /** No lamp on a table is higher, in mm. */
    public static final double TABLE_LAMP_MM = 400;

    private static final int WARM = 2_700;
    private static final int NEUTRAL = 3_000;

    private Fittings() {}

    /** The light a kind usually gives; empty if it is no light. */
    public static Optional<Emission> emission(FittingKind kind) {
        return switch (kind) {
            case DOWNLIGHT -> light(600, 6, 60, WARM, Dimming.DIMMED);
            case CEILING_LIGHT -> light(1_500, 15, 120, WARM, Dimming.DIMMED);
            case CHANDELIER -> light(2_400, 26, 360, WARM, Dimming.DIMMED);
            case PENDANT -> light(800, 8, 90, WARM, Dimming.DIMMED);
            case WALL_WASHER -> light(900, 9, 60, NEUTRAL, Dimming.DIMMED);
            case TRACK -> light(1_800, 18, 30, NEUTRAL, Dimming.DIMMED);
            case WALL_LIGHT -> light(450, 5, 180, WARM, Dimming.DIMMED);
            case PICTURE_LIGHT -> light(300, 4, 60, NEUTRAL, Dimming.FULL);
            case MIRROR_LIGHT -> light(800, 9, 120, NEUTRAL, Dimming.FULL);
            case STRIP -> light(900, 10, 120, WARM, Dimming.DIMMED);
            case UPLIGHT -> light(1_000, 11, 100, WARM, Dimming.DIMMED);
            case STEP_LIGHT -> light(60, 1, 60, WARM, Dimming.FULL);
            case TABLE_LAMP -> light(450, 5, 360, WARM, Dimming.FULL);
            case DESK_LAMP -> light(500, 6, 60, NEUTRAL, Dimming.DIMMED);
            case FLOOR_LAMP -> light(900, 9, 360, WARM, Dimming.DIMMED);
            case OUTDOOR_WALL_LIGHT -> light(500, 6, 120, WARM, Dimming.FULL);
            case PATH_LIGHT -> light(300, 4, 360, WARM, Dimming.FULL);
            case GROUND_LIGHT -> light(400, 5, 40, WARM, Dimming.FULL);
            case ONE_WAY,
                    TWO_WAY,
                    INTERMEDIATE,
                    DIMMER,
                    PULL_CORD,
                    SENSOR,
                    BELL_PUSH,
                    SOCKET_1,
                    SOCKET_2,
                    SOCKET_3,
                    SOCKET_4,
                    SWITCHED_SOCKET,
                    OUTDOOR_SOCKET,
                    FLOOR_SOCKET,
                    WORKTOP_SOCKET,
                    APPLIANCE_OUTLET,
                    SHAVER_SOCKET,
                    DATA_OUTLET,
                    AERIAL_OUTLET,
                    CONSUMER_UNIT -> Optional.empty();
        };
    }

    private static Optional<Emission> light(int lumen, double watt, double beamDeg, int kelvin, Dimming dimming) {
        return Optional.of(new Emission(lumen, watt, beamDeg, kelvin, dimming));
    }

    /** How high above the floor a kind is usually fixed; empty for what hangs at the ceiling. */
    public static Optional<Length> height(FittingKind kind, UnitSystem units) {
        return switch (kind) {
            case DOWNLIGHT, CEILING_LIGHT, WALL_WASHER, TRACK, SENSOR -> Optional.empty();
            case CHANDELIER -> size(2_100, 84, units);
            case PENDANT -> size(1_900, 75, units);
            case PULL_CORD -> size(1_100, 43, units);
            case WALL_LIGHT, OUTDOOR_WALL_LIGHT, UPLIGHT -> size(1_800, 71, units);
            case PICTURE_LIGHT -> size(2_000, 79, units);
            case MIRROR_LIGHT -> size(1_900, 75, units);
            case STRIP -> size(1_350, 53, units);
            case STEP_LIGHT -> size(200, 8, units);
            case TABLE_LAMP, DESK_LAMP -> size(400, 16, units); // above what it stands on
            case FLOOR_LAMP -> size(1_500, 59, units);
            case PATH_LIGHT -> size(600, 24, units);
            case GROUND_LIGHT, FLOOR_SOCKET -> size(0, 0, units);
            case ONE_WAY, TWO_WAY, INTERMEDIATE, DIMMER -> size(1_050, 42, units);
            case BELL_PUSH -> size(1_200, 48, units);
            case SOCKET_1, SOCKET_2, SOCKET_3, SOCKET_4, SWITCHED_SOCKET, DATA_OUTLET, AERIAL_OUTLET ->
                size(450, 18, units);
            case OUTDOOR_SOCKET -> size(600, 24, units);
            case WORKTOP_SOCKET -> size(1_100, 43, units);
            case APPLIANCE_OUTLET -> size(600, 24, units);
            case SHAVER_SOCKET -> size(1_400, 55, units);
            case CONSUMER_UNIT -> size(1_500, 59, units);
        };
    }

    /** The length a kind usually has that lights along a line; of others it means nothing. */
    public static Length length(FittingKind kind, UnitSystem units) {
        return size(kind == FittingKind.TRACK ? 1_500 : 1_000, kind == FittingKind.TRACK ? 60 : 40, units)
                .orElseThrow();
    }

    /** How high over a table a pendant usually hangs. */
    public static Length overTable(UnitSystem units) {
        return size(650, 26, units).orElseThrow();
    }

    private static Optional<Length> size(double mm, double inches, UnitSystem units) {
        return Optional.of(units.isMetric() ? Length.ofMm(mm) : Length.ofInches(inches));
    }
}
