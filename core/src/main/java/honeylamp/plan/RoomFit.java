package honeylamp.plan;

import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening.Swing;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a room is for and how it is fitted, beside its name and floor.
 *
 * @param use the key of a use in the catalogue, or empty words
 * @param number the number in schedules, or empty words
 * @param counts as what its area counts
 * @param height clear height, if it is not the storey's
 * @param ceiling the finish of the ceiling, or empty words
 * @param walls the finish of all walls, or empty words
 * @param sides finishes of single wall sides, which differ from that of all
 */
public record RoomFit(
        String use,
        String number,
        AreaPart counts,
        Optional<Length> height,
        String ceiling,
        String walls,
        List<SideFinish> sides) {
    /** Nothing said yet. */
    public static final RoomFit NONE = new RoomFit("", "", AreaPart.INDOOR, Optional.empty(), "", "", List.of());

    /** The use of stores, whose doors should not take their room. */
    public static final String STORE = "store";

    /** As what the area of a room counts in totals. */
    public enum AreaPart {
        /** Living area within the building. */
        INDOOR("Indoor"),
        /** Garages and car ports. */
        GARAGE("Garage"),
        /** Balconies, terraces, covered areas. */
        OUTDOOR("Outdoor"),
        /** Indoor, but too low to stand in. */
        LOW_HEADROOM("Low headroom");

        private final String label;

        AreaPart(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /**
     * The finish of one side of a wall in a room.
     *
     * @param side of the wall, seen along it from its first end
     */
    public record SideFinish(WallId wall, Swing side, String finish) {}

    /** Freezes the list; refuses a room without height. */
    public RoomFit {
        sides = List.copyOf(sides);
        height.ifPresent(h -> Checks.positive("room height", h));
    }

    /** For another use, counting as another part. */
    public RoomFit usedAs(String otherUse, AreaPart part) {
        return new RoomFit(otherUse, number, part, height, ceiling, walls, sides);
    }

    public RoomFit numbered(String other) {
        return new RoomFit(use, other, counts, height, ceiling, walls, sides);
    }

    /** Counting as another part. */
    public RoomFit counting(AreaPart part) {
        return new RoomFit(use, number, part, height, ceiling, walls, sides);
    }

    /** As high as something else, or as the storey. */
    public RoomFit high(Optional<Length> other) {
        return new RoomFit(use, number, counts, other, ceiling, walls, sides);
    }

    public RoomFit withCeiling(String finish) {
        return new RoomFit(use, number, counts, height, finish, walls, sides);
    }

    /** With all walls finished alike. */
    public RoomFit withWalls(String finish) {
        return new RoomFit(use, number, counts, height, ceiling, finish, List.of());
    }

    /** With one wall side finished in another way; empty words make it like all others again. */
    public RoomFit withSide(WallId wall, Swing side, String finish) {
        var out = new ArrayList<>(sides);
        out.removeIf(s -> s.wall().equals(wall) && s.side() == side);
        if (!finish.isEmpty()) {
            out.add(new SideFinish(wall, side, finish));
        }
        return new RoomFit(use, number, counts, height, ceiling, walls, out);
    }

    /** The finish of one wall side. */
    public String side(WallId wall, Swing side) {
        return sides.stream()
                .filter(s -> s.wall().equals(wall) && s.side() == side)
                .map(SideFinish::finish)
                .findFirst()
                .orElse(walls);
    }
}
