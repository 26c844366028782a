package honeylamp.edit;

import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.Boundary;
import honeylamp.plan.ElementId.BoundaryId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomFit;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import java.util.function.UnaryOperator;

/** Naming rooms and choosing their floors. */
public final class RoomEdits {
    /** The material key of a floor nobody chose. */
    public static final String BARE = "bare";

    private RoomEdits() {}

    /** Gives a room a name. */
    public static Plan name(Plan plan, StoreyId storey, Room room, String name) {
        return change(plan, storey, room, m -> m.withName(name.strip()));
    }

    /** Gives a room a floor. */
    public static Plan floor(Plan plan, StoreyId storey, Room room, Finish floor) {
        return change(plan, storey, room, m -> m.withFloor(floor));
    }

    /** Lays another material in a room, on whichever storey it is, in the direction its floor had. */
    public static Plan floor(Plan plan, RoomId id, String material) {
        return floor(plan, id, f -> new Finish(material, f.directionDeg(), f.start()));
    }

    /** Lays a finish in a room, on whichever storey it is; it begins where the floor did. */
    public static Plan floor(Plan plan, RoomId id, Finish finish) {
        return floor(plan, id, f -> finish.startingAt(f.start()));
    }

    private static Plan floor(Plan plan, RoomId id, UnaryOperator<Finish> change) {
        var out = plan;
        for (var storey : plan.storeys()) {
            out = change(out, storey.id(), id, m -> m.withFloor(change.apply(m.floor())));
        }
        return out;
    }

    /** Says what a room is for, and as what its area counts. */
    public static Plan use(Plan plan, StoreyId storey, Room room, String use, CountsAs part) {
        return fit(plan, storey, room, f -> f.usedAs(use, part));
    }

    /** Changes what a room is for and how it is fitted. */
    public static Plan fit(Plan plan, StoreyId storey, Room room, UnaryOperator<RoomFit> change) {
        return change(plan, storey, room, m -> m.withFit(change.apply(m.fit())));
    }

    /** Adds a mark at a point, for rooms known before their walls. */
    public static Added<RoomId> mark(Plan plan, StoreyId storey, Position at, String name, Finish floor) {
        var id = new RoomId(plan.nextNumber());
        var mark = new RoomMark(id, at, name, floor);
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.with(RoomMark.class, Lists.plus(s.rooms(), mark))), id);
    }

    /** Gives a space without a mark one, without a name. */
    public static Added<RoomId> marked(Plan plan, StoreyId storey, Room room) {
        var at = Position.of(LabelSpot.freest(room.outline()).centre());
        return mark(plan, storey, at, "", Finish.of(BARE));
    }

    /** Adds an edge of rooms where no wall stands; refused if it has no length. */
    public static Outcome<Added<BoundaryId>> bound(Plan plan, StoreyId storey, Position from, Position to) {
        if (!Boundary.isOne(from, to)) {
            return Outcome.refused("both ends lie on the same spot");
        }
        var id = new BoundaryId(plan.nextNumber());
        var boundary = new Boundary(id, from, to);
        return Outcome.done(new Added<>(
                plan.numbersTaken(1)
                        .withStorey(storey, s -> s.with(Boundary.class, Lists.plus(s.boundaries(), boundary))),
                id));
    }

    /** Gives every enclosed space that has no mark yet one without a name. */
    public static Plan markNew(Plan plan, StoreyId storey, StoreyGeometry geometry) {
        var out = plan;
        for (var room : geometry.rooms()) {
            if (room.mark().isEmpty()) {
                var outside = room.lie() == Room.Lie.OUTSIDE;
                out = change(out, storey, room, m -> outside ? m.withFit(m.fit().withCounts(CountsAs.OUTDOOR)) : m);
            }
        }
        return out;
    }

    /** Changes a mark. */
    public static Plan change(Plan plan, StoreyId storey, RoomId id, UnaryOperator<RoomMark> change) {
        return plan.withStorey(storey, s -> s.change(RoomMark.class, id, change));
    }

    private static Plan change(Plan plan, StoreyId storey, Room room, UnaryOperator<RoomMark> change) {
        if (room.mark().isPresent()) {
            var id = room.mark().get().id();
            return change(plan, storey, id, change);
        }
        var added = marked(plan, storey, room);
        return change(added.plan(), storey, added.id(), change);
    }
}
