package honeylamp.derive.rooms;

import honeylamp.geometry.Point;
import java.util.List;

/** Directions in words, north at the top of the plan. */
public final class Compass {
    private static final List<String> NAMES =
            List.of("east", "north-east", "north", "north-west", "west", "south-west", "south", "south-east");

    private Compass() {}

    /** The one of eight points of the compass nearest to a direction. */
    public static String of(Point way) {
        return NAMES.get(Math.floorMod((int) Math.rint(way.angleDeg() / 45), NAMES.size()));
    }
}
