package honeylamp.derive.listing;

import honeylamp.derive.rooms.Room;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.RoomMark;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Some rooms of a storey, to be found by points in them; quick for many points. */
final class RoomsAt {
    private record Bounded(Box box, Room room, RoomMark mark) {}

    private final List<Bounded> rooms;

    /** Those whose mark is of a kind. */
    RoomsAt(List<Room> all, Predicate<RoomMark> which) {
        this.rooms = all.stream()
                .flatMap(r -> r.mark().filter(which).stream()
                        .map(m -> new Bounded(r.outline().bounds(), r, m)))
                .toList();
    }

    boolean isEmpty() {
        return rooms.isEmpty();
    }

    /** The mark of the room at a point. */
    Optional<RoomMark> at(Point point) {
        return rooms.stream()
                .filter(r -> r.box.contains(point) && r.room.outline().contains(point))
                .map(Bounded::mark)
                .findFirst();
    }
}
