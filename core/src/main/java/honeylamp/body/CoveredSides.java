package honeylamp.body;

import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/** What is covered of the walls of a storey, found once for all that is made of them. Not for sharing between threads. */
final class CoveredSides {
    private final LaidStorey storey;
    private final List<Surfaces.Found> outside;
    private final Map<Room, List<Surfaces.Found>> covered = new IdentityHashMap<>();
    private final Map<Room, List<WallSides.WallSide>> sides = new IdentityHashMap<>();

    CoveredSides(LaidStorey storey) {
        this.storey = storey;
        this.outside = Surfaces.outside(storey);
    }

    /** Of walls that look outside. */
    List<Surfaces.Found> outside() {
        return outside;
    }

    /** Of the walls of a room. */
    List<Surfaces.Found> in(Room room) {
        return covered.computeIfAbsent(
                room,
                r -> r.mark().map(mark -> Surfaces.ofRoom(storey, r, mark)).orElse(List.of()).stream()
                        .filter(f -> f.frame().up() == Surfaces.Up.PLUMB
                                && f.finish().isPresent())
                        .toList());
    }

    /** The sides of the walls of a room. */
    List<WallSides.WallSide> sides(Room room) {
        return sides.computeIfAbsent(room, r -> WallSides.of(storey.geometry(), r));
    }
}
