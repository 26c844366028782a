package honeylamp.derive.listing;

import honeylamp.derive.rooms.Compass;
import honeylamp.derive.rooms.Room;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Rays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * From which corner of a room one looks into it when it is cut away.
 *
 * @param from the point of the compass where one stands
 */
public record SeenFromCorner(String from, Eye eye) {
    /** One wall is nearly seen from the front then, and the other leads in; in degrees to the walls. */
    public static final double USUAL_TURN_DEG = 30;

    /** So steeply one looks down then. */
    public static final double USUAL_DOWN_DEG = 36;

    private static final int CORNERS = 4;

    /** From all four corners, beginning where one looks north, as the longest wall of the room runs. */
    public static List<SeenFromCorner> of(Room room) {
        return of(room.outline().shell().edges());
    }

    /** Straight from all four sides, beginning where one looks north, as the longest of some edges runs. */
    public static List<SeenFromCorner> sides(List<Segment> edges) {
        return of(edges).stream()
                .map(corner -> {
                    var turn = (corner.eye.turnDeg() - USUAL_TURN_DEG + 360) % 360;
                    var into = Point.direction(90 - turn);
                    return new SeenFromCorner(
                            Compass.of(into.times(-1)), new Eye(Rays.PARALLEL, turn, Eye.LEAST_DOWN_DEG));
                })
                .toList();
    }

    /** The same of what lies within edges. */
    public static List<SeenFromCorner> of(List<Segment> edges) {
        var runs = edges.stream()
                .max(Comparator.comparingDouble(Segment::length))
                .map(e -> Math.floorMod(Math.round(e.unit().angleDeg() * 1000), 90_000L) / 1000.0)
                .orElse(0.0);
        var aslant = runs > 45 ? runs - 90 : runs;
        return IntStream.range(0, CORNERS)
                .mapToObj(i -> {
                    var turn = ((USUAL_TURN_DEG - aslant + 90.0 * i) % 360 + 360) % 360;
                    var into = Point.direction(90 - turn - (45 - USUAL_TURN_DEG)); // across the corner
                    return new SeenFromCorner(Compass.of(into.times(-1)), new Eye(Rays.PARALLEL, turn, USUAL_DOWN_DEG));
                })
                .toList();
    }
}
