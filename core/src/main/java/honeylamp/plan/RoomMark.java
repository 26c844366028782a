package honeylamp.plan;

import honeylamp.plan.ElementId.RoomId;

/** What a person said of a room: a point inside it, its name, and its floor. The outline is derived. */
public record RoomMark(RoomId id, Position at, String name, Finish floor) {
    /** The mark with another name. */
    public RoomMark named(String other) {
        return new RoomMark(id, at, other, floor);
    }

    /** The mark with another floor. */
    public RoomMark floored(Finish other) {
        return new RoomMark(id, at, name, other);
    }

    /** The mark at another point. */
    public RoomMark movedTo(Position other) {
        return new RoomMark(id, other, name, floor);
    }
}
