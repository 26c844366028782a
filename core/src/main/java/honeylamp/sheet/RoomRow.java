package honeylamp.sheet;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.RoomLabel.Part;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A room as the list of a sheet tells it. Where labels tell numbers the list has them too, in their order: of a small room
 * the plan shows its number alone.
 *
 * @param number empty if it has none, or no label tells it
 */
record RoomRow(String number, String name, double areaMm2) {
    private static final Pattern DIGITS = Pattern.compile("(\\d+)|(\\D+)");

    /** Parts of numbers as numbers: 1.2 comes before 1.10; those without one come last, as they were. */
    private static final Comparator<RoomRow> BY_NUMBER =
            Comparator.comparing((RoomRow r) -> r.number.isEmpty()).thenComparing(RoomRow::padded);

    private static final int MOST_DIGITS = 12;

    /**
     * The named rooms of a storey.
     *
     * @param told the numbers of rooms of which the plan shows nothing else
     */
    static List<RoomRow> of(LaidPage page, LaidStorey storey, Map<RoomId, String> told) {
        var isNumbered = page.views().stream()
                .filter(v -> v.view().isPlan() && v.storey().id().equals(storey.id()))
                .anyMatch(v -> v.view().annotation().rooms().parts().contains(Part.NUMBER));
        var rows = storey.geometry().rooms().stream()
                .filter(r -> !r.name().isBlank())
                .map(r -> new RoomRow(number(r, isNumbered, told), r.name(), r.areaMm2()));
        return (isNumbered ? rows.sorted(BY_NUMBER) : rows).toList();
    }

    private static String number(Room room, boolean isNumbered, Map<RoomId, String> told) {
        return room.mark()
                .map(m -> told.getOrDefault(m.id(), isNumbered ? m.fit().number() : ""))
                .orElse("");
    }

    private String padded() {
        return DIGITS.matcher(number)
                .replaceAll(m -> m.group(1) == null
                        ? Matcher.quoteReplacement(m.group())
                        : "0".repeat(Math.max(0, MOST_DIGITS - m.group().length())) + m.group());
    }
}
