package honeylamp.plan;

import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/** What a client wants: rooms, pieces, and the least sizes of things. */
@RecordBuilder
public record Brief(List<WantedRoom> rooms, List<WantedPiece> pieces, Minimums minimums) implements BriefBuilder.With {
    /** Nothing in particular. */
    public static final Brief OPEN = new Brief(List.of(), List.of(), Minimums.USUAL);

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
    }
}
