package honeylamp.plan;

import honeylamp.plan.ElementId.RoomId;
import java.util.List;

/**
 * What a person said of a room: a point inside it, its name, its floor, how it is fitted. The outline is derived.
 *
 * @param standing whether it speaks for its room when several marks lie in one
 */
public record RoomMark(RoomId id, Position at, String name, Finish floor, RoomFit fit, Standing standing)
        implements Element {
    /** Whether a mark speaks for its room. */
    public enum Standing {
        LIVE,
        /** Its room was merged into another; it speaks again when a wall parts the two. */
        WAITING
    }

    /** A mark with a name and a floor. */
    public RoomMark(RoomId id, Position at, String name, Finish floor) {
        this(id, at, name, floor, RoomFit.NONE, Standing.LIVE);
    }

    /** The mark with another name. */
    public RoomMark named(String other) {
        return new RoomMark(id, at, other, floor, fit, standing);
    }

    /** The mark with another floor. */
    public RoomMark floored(Finish other) {
        return new RoomMark(id, at, name, other, fit, standing);
    }

    /** The same mark under another id. */
    public RoomMark withId(RoomId other) {
        return new RoomMark(other, at, name, floor, fit, standing);
    }

    /** The mark at another point. */
    public RoomMark movedTo(Position other) {
        return new RoomMark(id, other, name, floor, fit, standing);
    }

    /** The mark of a room fitted in another way. */
    public RoomMark fitted(RoomFit other) {
        return new RoomMark(id, at, name, floor, other, standing);
    }

    /** The mark with another standing. */
    public RoomMark standing(Standing other) {
        return new RoomMark(id, at, name, floor, fit, other);
    }

    @Override
    public RoomMark moved(Motion motion) {
        var laid = new Finish(floor.material(), motion.turned(floor.directionDeg()), motion.of(floor.start()));
        return floored(laid).movedTo(motion.of(at));
    }

    @Override
    public RoomMark under(ElementId.Key key) {
        return withId(new RoomId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(at);
    }
}
