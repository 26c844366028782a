package honeylamp.plan;

import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.UnitId;
import honeylamp.plan.ElementId.WallId;
import java.util.List;

/**
 * A group of rooms that is drawn once and can stand in several places. The drawn rooms are ordinary ones and
 * stay where they are; what belongs to them is derived.
 *
 * @param origin the spot of the drawn rooms that is laid onto the place of a copy
 * @param rooms the marks of its rooms
 * @param walls the walls it was made of; those around its rooms belong to it even if they are newer
 */
public record Unit(UnitId id, String name, StoreyId storey, Position origin, List<RoomId> rooms, List<WallId> walls) {
    public Unit {
        rooms = List.copyOf(rooms);
        walls = List.copyOf(walls);
    }

    /** The unit under another name. */
    public Unit named(String other) {
        return new Unit(id, other, storey, origin, rooms, walls);
    }
}
