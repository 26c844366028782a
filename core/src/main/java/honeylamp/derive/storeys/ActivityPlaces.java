package honeylamp.derive.storeys;

import honeylamp.derive.rooms.Room;
import honeylamp.geometry.Point;
import honeylamp.plan.Activity;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Storey;
import java.util.List;
import java.util.Optional;

/** Where things are done: each mark where it stands, or where the piece it goes with has it. */
public final class ActivityPlaces {
    private ActivityPlaces() {}

    /**
     * A mark where it is.
     *
     * @param at in plan mm
     * @param facingDeg counter-clockwise from east
     */
    public record Placed(Activity activity, Point at, double facingDeg) {
        /** A length of 1 the way one faces. */
        public Point ahead() {
            return Point.direction(facingDeg);
        }
    }

    /** All marks of a storey, in their order. */
    public static List<Placed> on(Storey storey) {
        return storey.activities().stream().flatMap(a -> of(storey, a).stream()).toList();
    }

    /** Where a mark is; nowhere if the piece it goes with is not there. */
    public static Optional<Placed> of(Storey storey, Activity activity) {
        var at = activity.at().point();
        if (activity.piece().isEmpty()) {
            return Optional.of(new Placed(activity, at, activity.facingDeg()));
        }
        return storey.elements()
                .find(Furnishing.class, activity.piece().get())
                .map(Furnishing::placing)
                .map(placing -> {
                    var there = placing.apply(at);
                    var ahead = placing.apply(at.plus(Point.direction(activity.facingDeg())));
                    return new Placed(activity, there, ahead.minus(there).angleDeg());
                });
    }

    /** The room a mark is in. */
    public static Optional<Room> room(StoreyGeometry geometry, Activity activity) {
        return of(geometry.storey(), activity).flatMap(p -> geometry.roomAt(p.at()));
    }
}
