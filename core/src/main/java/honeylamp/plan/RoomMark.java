package honeylamp.plan;

import honeylamp.plan.ElementId.RoomId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * What a person said of a room: a point inside it, its name, its floor, how it is fitted. The outline is derived.
 *
 * @param standing whether it speaks for its room when several marks lie in one
 */
@RecordBuilder
public record RoomMark(RoomId id, Position at, String name, Finish floor, RoomFit fit, Standing standing)
        implements Element, RoomMarkBuilder.With {
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

    @Override
    public RoomMark moved(Motion motion) {
        return withFloor(floor.moved(motion)).withAt(motion.of(at));
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
