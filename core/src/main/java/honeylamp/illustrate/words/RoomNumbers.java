package honeylamp.illustrate.words;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.RoomMark;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** By which numbers the named rooms of a storey are told apart. */
public final class RoomNumbers {
    private RoomNumbers() {}

    /**
     * The number each named room was given; those without one have, from the largest room down, the first whole numbers
     * that no room was given.
     */
    public static Map<RoomId, String> of(StoreyGeometry geometry) {
        var marks = geometry.rooms().stream()
                .filter(r -> !r.name().isBlank())
                .map(Room::mark)
                .flatMap(Optional::stream)
                .toList();
        var given = marks.stream().map(m -> m.fit().number().strip()).collect(Collectors.toCollection(HashSet::new));
        var out = new HashMap<RoomId, String>();
        var next = 1;
        for (RoomMark mark : marks) {
            var own = mark.fit().number().strip();
            if (own.isEmpty()) {
                while (!given.add(Integer.toString(next))) {
                    next++;
                }
                own = Integer.toString(next);
            }
            out.put(mark.id(), own);
        }
        return Map.copyOf(out);
    }
}
