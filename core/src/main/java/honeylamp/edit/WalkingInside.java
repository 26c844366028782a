package honeylamp.edit;

import honeylamp.derive.fixed.FixedParts.End;
import honeylamp.derive.fixed.FixedParts.Flights;
import honeylamp.derive.fixed.OnStairs;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.StoreyId;
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

    /** One steps on a stair no farther from its ends. */
    private static final double ENTERS_MM = 700;

    private static final double ON_STEP_MM = 40;

    /** Who leaves a stair stands so far from its end. */
    private static final double OFF_MM = 350;

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
     * Walks on so many mm in the direction one looks, or back; through doors and not through walls, up and down stairs.
     *
     * @return refused if a wall is in the way, and of a view in which nobody stands
     */
    public static Outcome<Plan> step(LaidView view, double mm) {
        if (!(view.view().subject() instanceof Inside inside)) {
            return Outcome.refused("nobody stands in this view");
        }
        var from = inside.at().point();
        var stairs = view.storey().fixedParts();
        var on = OnStairs.at(stairs, End.FOOT, from);
        if (on.isPresent()) {
            return onStair(view, inside, on.get(), mm).map(there -> seen(view, there));
        }
        var to = from.plus(Point.direction(inside.towardsDeg()).times(mm));
        var isThroughWall = isBlocked(view.storey(), new Segment(from, to));
        var up = OnStairs.at(stairs, End.FOOT, to).filter(_ -> !isThroughWall);
        if (up.isPresent()) {
            return up.get().alongMm() < Math.max(ENTERS_MM, Math.abs(mm))
                    ? Outcome.done(seen(
                            view,
                            stepped(
                                    inside,
                                    inside.storey(),
                                    up.get().stair(),
                                    up.get().alongMm(),
                                    1)))
                    : Outcome.refused("a stair is in the way. Go up from its foot");
        }
        var down = OnStairs.at(stairs, End.HEAD, to).filter(d -> !isThroughWall && isOpen(d, to));
        if (down.isPresent()) {
            return fromAbove(view, inside, down.get(), mm);
        }
        var way = new Segment(from, from.plus(to.minus(from).times(1 + FROM_WALL_MM / Math.abs(mm))));
        if (isBlocked(view.storey(), way)) {
            return Outcome.refused("a wall is in the way. Turn, or walk through a door");
        }
        return Outcome.done(seen(view, inside.standing(Position.of(to), inside.towardsDeg())));
    }

    private static Plan seen(LaidView view, Raised there) {
        return ViewEdits.seen(view.plan().drawn(), view.view().id(), there);
    }

    /** Whether the floor is open over a place on a stair that leads down. */
    private static boolean isOpen(OnStairs down, Point p) {
        return down.stair().well().stream().anyMatch(o -> o.contains(p));
    }

    /** On a step, along the walking line, looking up or down the stair. */
    private static Inside stepped(Inside inside, StoreyId storey, Flights stair, double alongMm, int facing) {
        var walk = stair.steps().walkMm();
        var least = Math.min(ON_STEP_MM, walk / 2);
        var spot = stair.steps().spot(Math.clamp(alongMm, least, walk - least));
        return inside.on(
                storey, Position.of(spot.at()), spot.unit().times(facing).angleDeg());
    }

    /** A step along a stair one stands on; off its ends one stands on the floors it joins. */
    private static Outcome<Raised> onStair(LaidView view, Inside inside, OnStairs on, double mm) {
        var steps = on.stair().steps();
        var looks = Point.direction(inside.towardsDeg());
        var facing = looks.dot(steps.spot(on.alongMm()).unit()) >= 0 ? 1 : -1;
        var along = on.alongMm() + facing * mm;
        if (along > 0 && along < steps.walkMm()) {
            return Outcome.done(stepped(inside, inside.storey(), on.stair(), along, facing));
        }
        var end = steps.spot(Math.clamp(along, 0, steps.walkMm()));
        var off = along <= 0 ? -OFF_MM : OFF_MM;
        var storey = along <= 0 ? Optional.of(inside.storey()) : end(view, on.stair(), End.HEAD);
        return storey.<Outcome<Raised>>map(s -> Outcome.done(inside.on(
                        s,
                        Position.of(end.at().plus(end.unit().times(off))),
                        end.unit().times(facing).angleDeg())))
                .orElseGet(() -> Outcome.refused("the stair leads to no storey yet. Add the storey above it first"));
    }

    private static Outcome<Plan> fromAbove(LaidView view, Inside inside, OnStairs down, double mm) {
        var walk = down.stair().steps().walkMm();
        if (down.alongMm() < walk - Math.max(ENTERS_MM, Math.abs(mm))) {
            return Outcome.refused("the floor is open there. Go down from the head of the stair");
        }
        return end(view, down.stair(), End.FOOT)
                .map(s -> Outcome.done(seen(view, stepped(inside, s, down.stair(), down.alongMm(), -1))))
                .orElseGet(() -> Outcome.refused("the stair leads to no storey yet"));
    }

    /** The storey on which a stair has an end. */
    private static Optional<StoreyId> end(LaidView view, Flights stair, End end) {
        return view.plan().all().stream()
                .filter(s -> s.fixedParts().stairs().stream()
                        .anyMatch(f -> f.seen() == end
                                && f.part().id().equals(stair.part().id())))
                .map(LaidStorey::id)
                .findFirst();
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
