package honeylamp.plan;

import honeylamp.plan.ElementId.RoomId;
import java.util.ArrayList;
import java.util.List;

/**
 * Which rooms have their clear width and depth as a pair of dimensions.
 *
 * @param usual what all rooms have
 * @param others those that are otherwise
 */
public record RoomPairs(Usual usual, List<RoomId> others) {
    /** Whether rooms have them. */
    public enum Usual {
        NONE,
        ALL
    }

    /** No room. */
    public static final RoomPairs NONE = new RoomPairs(Usual.NONE, List.of());

    /** Every room. */
    public static final RoomPairs ALL = new RoomPairs(Usual.ALL, List.of());

    /** Freezes the list. */
    public RoomPairs {
        others = others.stream().distinct().toList();
    }

    /** Whether a room has them. */
    public boolean has(RoomId room) {
        return others.contains(room) != (usual == Usual.ALL);
    }

    /** With a room otherwise than it is. */
    public RoomPairs toggling(RoomId room) {
        var now = new ArrayList<>(others);
        if (!now.remove(room)) {
            now.add(room);
        }
        return new RoomPairs(usual, now);
    }
}
