package honeylamp.derive.listing;

import honeylamp.derive.rooms.Compass;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.plan.Raised;
import honeylamp.plan.RoomMark;

/** What raised views are called. */
public final class RaisedNames {
    private RaisedNames() {}

    /** The name of a view of a storey; empty words if its room is gone. */
    public static String of(LaidStorey storey, Raised subject) {
        return switch (subject) {
            case Raised.Cutaway(var _, var room, var _, var _) ->
                storey.storey()
                        .elements()
                        .find(RoomMark.class, room)
                        .map(RoomMark::name)
                        .map(name -> (name.isBlank() ? "Room" : name) + ", cut away")
                        .orElse("");
            case Raised.WholeStorey _ -> storey.storey().name() + ", raised";
            case Raised.Building _ -> "All storeys, raised";
            case Raised.RoofPlan _ -> "Roof plan";
            case Raised.Outside outside ->
                "From the " + Compass.of(Point.direction(outside.towardsDeg()).times(-1));
            case Raised.Section _ -> "Section";
            case Raised.Inside inside ->
                storey.geometry()
                        .roomAt(inside.at().point())
                        .map(Room::name)
                        .filter(name -> !name.isBlank())
                        .map(name -> name + ", standing inside")
                        .orElse("Standing inside");
        };
    }
}
