package honeylamp.desktop.gesture;

import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.takeoff.way.Way;
import honeylamp.takeoff.way.Ways;
import honeylamp.takeoff.way.Ways.Reached;
import java.util.List;
import java.util.Optional;

/**
 * What was found on a walk.
 *
 * @param reached from the point clicked first, or from where one comes in
 * @param way between two points, if there are two and one leads from one to the other
 */
public record Walked(Ways on, List<Reached> reached, Optional<Way> way) {
    public Walked {
        reached = List.copyOf(reached);
    }

    /** Walks through a storey. */
    public static Walked of(LaidStorey storey, Optional<Point> from, Optional<Point> to) {
        var ways = Ways.of(storey);
        return new Walked(
                ways,
                from.map(ways::from).orElseGet(ways::toRooms),
                from.flatMap(a -> to.flatMap(b -> ways.between(a, b))));
    }
}
