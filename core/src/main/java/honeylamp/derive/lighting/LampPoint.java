package honeylamp.derive.lighting;

import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import java.util.stream.IntStream;

/**
 * A point that shines: a fitting, or a part of a long one.
 *
 * @param at in plan mm
 * @param heightMm above the floor
 * @param aim where the middle of its beam goes
 */
public record LampPoint(Placed placed, Point at, double heightMm, Aim aim, Beam beam, int kelvin) {
    /** What is on a wall shines from so far before it, so that it is not within it. */
    private static final double BEFORE_WALL_MM = 60;

    /** Long fittings are parted into points no farther apart. */
    private static final double PART_MM = 500;

    /**
     * A direction of length 1.
     *
     * @param up less than 0 downwards
     */
    public record Aim(double east, double north, double up) {
        /** Straight down. */
        public static final Aim DOWN = new Aim(0, 0, -1);

        /** Straight up. */
        public static final Aim UP = new Aim(0, 0, 1);

        /** Sideways, so steep. */
        static Aim of(double deg, double riseDeg) {
            var flat = Point.direction(deg).times(Math.cos(Math.toRadians(riseDeg)));
            return new Aim(flat.x(), flat.y(), Math.sin(Math.toRadians(riseDeg)));
        }
    }

    /** All that shine of a storey, what goes in the works left out. */
    public static List<LampPoint> on(StoreyGeometry geometry, Predicate<Fitting> isOn) {
        Map<Shared, Beam> beams = new HashMap<>(); // many shine alike
        return geometry.storey().fittings().stream()
                .filter(f -> f.kind().isLight() && f.stands() && isOn.test(f))
                .flatMap(f -> FittingPlaces.of(geometry, f).stream())
                .flatMap(p -> of(p, beams).stream())
                .toList();
    }

    private record Shared(Emission light, double share) {}

    /** The points of one that shines. */
    public static List<LampPoint> of(Placed placed) {
        return of(placed, new HashMap<>());
    }

    private static List<LampPoint> of(Placed placed, Map<Shared, Beam> beams) {
        var fitting = placed.fitting();
        var light = fitting.emission().orElseThrow();
        var from = placed.isOnWall()
                ? placed.at().plus(Point.direction(placed.facingDeg()).times(BEFORE_WALL_MM))
                : placed.at();
        if (!fitting.kind().isLong()) {
            return List.of(point(placed, from, new Shared(light, 1), beams));
        }
        var length = fitting.length().mm();
        var along = Point.direction(placed.facingDeg() + (placed.isOnWall() ? 90 : 0));
        var parts = Math.max(1, (int) Math.ceil(length / PART_MM));
        return IntStream.range(0, parts)
                .mapToObj(i -> point(
                        placed,
                        from.plus(along.times(FittingPlaces.even(i, parts, length) - length / 2)),
                        new Shared(light, 1.0 / parts),
                        beams))
                .toList();
    }

    private static LampPoint point(Placed placed, Point at, Shared light, Map<Shared, Beam> beams) {
        var beam = beams.computeIfAbsent(light, l -> Beam.of(l.light, l.share));
        return new LampPoint(placed, at, placed.heightMm(), aim(placed), beam, light.light.kelvin());
    }

    /** As the kind is made: from a ceiling down, from a wall away from it, what washes a wall at that. */
    private static Aim aim(Placed placed) {
        var out = placed.facingDeg();
        return switch (placed.fitting().kind()) {
            case WALL_WASHER -> Aim.of(placed.isOnWall() ? out : out + 90, -60);
            case PICTURE_LIGHT -> placed.isOnWall() ? Aim.of(out + 180, -60) : Aim.DOWN;
            case WALL_LIGHT, MIRROR_LIGHT, OUTDOOR_WALL_LIGHT -> placed.isOnWall() ? Aim.of(out, 0) : Aim.DOWN;
            case STEP_LIGHT -> placed.isOnWall() ? Aim.of(out, -45) : Aim.DOWN;
            case UPLIGHT, GROUND_LIGHT -> Aim.UP;
            case DOWNLIGHT,
                    CEILING_LIGHT,
                    CHANDELIER,
                    PENDANT,
                    TRACK,
                    STRIP,
                    TABLE_LAMP,
                    DESK_LAMP,
                    FLOOR_LAMP,
                    PATH_LIGHT,
                    ONE_WAY,
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
                    CONSUMER_UNIT -> Aim.DOWN;
        };
    }
}
