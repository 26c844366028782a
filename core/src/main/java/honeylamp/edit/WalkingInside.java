package honeylamp.edit;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Inside;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/** Standing in a storey and walking through it. */
public final class WalkingInside {
    /** One comes no nearer to walls. */
    private static final double FROM_WALL_MM = 250;

    private WalkingInside() {}

    /**
     * Where one stands first in a room: just within one of its doors, else at a corner, looking across it.
     *
     * @return empty of a room one cannot stand in
     */
    public static Optional<Inside> in(LaidStorey storey, Room room) {
        var middle = room.outline().bounds().centre();
        return storey.geometry().cuts().stream()
                .filter(c ->
                        !c.opening().kind().isWindow() && c.opening().sill().mm() <= 0)
                .map(c -> c.middle().middle())
                .filter(at -> room.outline().edgeDistance(at) < 2 * FROM_WALL_MM)
                .max(Comparator.comparingDouble(at -> at.distance(middle)))
                .or(() -> room.outline().shell().corners().stream()
                        .max(Comparator.comparingDouble(at -> at.distance(middle))))
                .map(from -> {
                    var towards = middle.minus(from);
                    var at = from.plus(towards.unit().times(Math.min(2 * FROM_WALL_MM, towards.length() / 3)));
                    return new Inside(
                            storey.id(),
                            Position.of(at),
                            Inside.EYE_HIGH,
                            (towards.angleDeg() + 360) % 360,
                            Inside.USUAL_ACROSS_DEG);
                });
    }

    /**
     * Walks on so many mm in the direction one looks, or back; through doors, and not through walls.
     *
     * @return refused if a wall is in the way, and of a view in which nobody stands
     */
    public static Outcome<Plan> step(LaidView view, double mm) {
        if (!(view.view().subject() instanceof Inside inside)) {
            return Outcome.refused("nobody stands in this view");
        }
        var from = inside.at().point();
        var to = from.plus(Point.direction(inside.towardsDeg()).times(mm));
        var way = new Segment(from, from.plus(to.minus(from).times(1 + FROM_WALL_MM / Math.abs(mm))));
        if (isBlocked(view.storey(), way)) {
            return Outcome.refused("a wall is in the way. Turn, or walk through a door");
        }
        Raised there = inside.standing(Position.of(to), inside.towardsDeg());
        return Outcome.done(ViewEdits.seen(view.plan().drawn(), view.view().id(), there));
    }

    /** Whether a wall or a window is in the way. */
    private static boolean isBlocked(LaidStorey storey, Segment way) {
        var windows = storey.geometry().cuts().stream()
                .filter(c -> c.opening().sill().mm() > 0)
                .map(OpeningCut::ring);
        return Stream.concat(storey.geometry().poche().stream().flatMap(Outline::rings), windows)
                .flatMap(ring -> ring.edges().stream())
                .anyMatch(edge -> edge.crossing(way).isPresent());
    }
}
