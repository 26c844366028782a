package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * What a client wants: rooms, pieces, what the sheets must show, and the least sizes of things.
 *
 * @param contents what the sheets must show
 */
@RecordBuilder
public record Brief(List<WantedRoom> rooms, List<WantedPiece> pieces, Set<Content> contents, Minimums minimums)
        implements BriefBuilder.With {
    /** Nothing in particular, but what every sheet needs. */
    public static final Brief OPEN = new Brief(List.of(), List.of(), EnumSet.allOf(Content.class), Minimums.USUAL);

    /** What sheets are asked to show. */
    public enum Content {
        ROOM_NAMES("Room names"),
        DIMENSIONS("Dimensions"),
        NORTH("North"),
        SCALE("Scale"),
        PIECES("Furniture");

        private final String label;

        Content(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }
    }

    /**
     * Rooms of a use.
     *
     * @param use the key of a use
     * @param leastAreaM2 within inner faces; zero asks for nothing
     * @param leastSide the shorter clear size; zero asks for nothing
     */
    public record WantedRoom(String use, int count, double leastAreaM2, Length leastSide) {
        /** Refuses negative sizes, and no rooms at all. */
        public WantedRoom {
            Checks.within("wanted rooms", count, 1, 999);
            Checks.within("least area", leastAreaM2, 0, 1e6);
            Checks.notNegative("least side", leastSide);
        }

        public WantedRoom withCount(int other) {
            return new WantedRoom(use, other, leastAreaM2, leastSide);
        }

        public WantedRoom withLeastAreaM2(double other) {
            return new WantedRoom(use, count, other, leastSide);
        }

        public WantedRoom withLeastSide(Length other) {
            return new WantedRoom(use, count, leastAreaM2, other);
        }
    }

    /**
     * Pieces of a kind.
     *
     * @param kind the key of a furnishing
     */
    public record WantedPiece(String kind, int count) {
        /** Refuses none at all. */
        public WantedPiece {
            Checks.within("wanted pieces", count, 1, 999);
        }
    }

    public Brief {
        rooms = List.copyOf(rooms);
        pieces = List.copyOf(pieces);
        var shown = EnumSet.noneOf(Content.class);
        shown.addAll(contents);
        contents = Collections.unmodifiableSet(shown);
    }

    /** The brief with a content wanted, or no longer if it was. */
    public Brief toggling(Content content) {
        var other = EnumSet.noneOf(Content.class);
        other.addAll(contents);
        if (!other.remove(content)) {
            other.add(content);
        }
        return withContents(other);
    }
}
