package honeylamp.edit;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Wall;
import java.util.Comparator;
import java.util.Optional;

/**
 * The wall that is met first when one looks straight across a room.
 *
 * @param at where its drawn line is met
 */
record Opposite(Wall wall, Point at) {
    private static final double FARTHEST_MM = 100_000;

    /** What lies opposite a point of a wall, looking a way at length one. */
    public static Optional<Opposite> of(StoreyGeometry geometry, Wall own, Point from, Point way) {
        var sight = new Segment(from, from.plus(way.times(FARTHEST_MM)));
        return geometry.storey().standing().stream()
                .filter(w -> !w.id().equals(own.id()))
                .flatMap(w -> w.line().crossings(sight).stream().map(p -> new Opposite(w, p)))
                .min(Comparator.comparingDouble(o -> o.at.distance(from)));
    }
}
