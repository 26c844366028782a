package honeylamp.derive.storeys;

import honeylamp.derive.rooms.LabelSpot;
import honeylamp.derive.rooms.Room;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** What became of rooms when something was taken away. */
public final class RoomsOpened {
    private static final String UNNAMED = "a room without a name";

    private RoomsOpened() {}

    /** In a sentence: which rooms are not closed any more, and which are one now; empty if every room is still one by itself. */
    public static String sentence(StoreyGeometry before, StoreyGeometry after) {
        Map<Integer, List<String>> now = new LinkedHashMap<>();
        var open = new ArrayList<String>();
        for (var room : before.rooms()) {
            var name = room.name().isBlank() ? UNNAMED : room.name();
            place(after, room)
                    .ifPresentOrElse(
                            i -> now.computeIfAbsent(i, _ -> new ArrayList<>()).add(name), () -> open.add(name));
        }
        var out = new ArrayList<String>();
        if (!open.isEmpty()) {
            out.add(capital(listed(open)) + (open.size() == 1 ? " is" : " are") + " not closed any more.");
        }
        now.values().stream()
                .filter(names -> names.size() > 1)
                .forEach(names -> out.add(capital(listed(names)) + " are one room now."));
        return String.join(" ", out);
    }

    /** Which room after lies where one was. */
    private static Optional<Integer> place(StoreyGeometry after, Room room) {
        var spot = LabelSpot.freest(room.outline()).centre();
        return after.roomAt(spot).map(r -> after.rooms().indexOf(r));
    }

    private static String listed(List<String> names) {
        return names.size() == 1
                ? names.getFirst()
                : names.stream().limit(names.size() - 1).collect(Collectors.joining(", ")) + " and " + names.getLast();
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
