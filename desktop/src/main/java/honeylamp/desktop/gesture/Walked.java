package honeylamp.desktop.gesture;

import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.takeoff.way.FromOutside;
import honeylamp.takeoff.way.Way;
import honeylamp.takeoff.way.Ways;
import honeylamp.takeoff.way.Ways.Reached;
import java.util.List;
import java.util.Optional;

/**
 * What was found on a walk.
 *
 * @param reached from the point clicked first, or from where one comes in
 * @param way to the point where it is to end, if one leads there
 * @param before the narrowest place on other storeys and stairs, before one stands on this storey
 */
public record Walked(Ways on, List<Reached> reached, Optional<Way> way, Optional<FromOutside.Place> before) {
    public Walked {
        reached = List.copyOf(reached);
    }

    /** Walks through a storey. */
    public static Walked of(LaidStorey storey, Optional<Point> from, Optional<Point> to) {
        var outside = new FromOutside(() -> true);
        var ways = outside.ways(storey);
        return new Walked(
                ways,
                from.map(ways::from).orElseGet(ways::toRooms),
                to.flatMap(b -> from.map(a -> ways.between(a, b)).orElseGet(() -> ways.leadingTo(b))),
                from.isPresent() ? Optional.empty() : outside.narrowestBefore(storey));
    }
}
