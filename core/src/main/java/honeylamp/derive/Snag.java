package honeylamp.derive;

import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import java.util.List;

/**
 * Something in the plan that is probably not meant.
 *
 * @param where the place to show, in plan mm
 * @param about the elements concerned
 * @param sentence what is wrong and what to do
 */
public record Snag(Kind kind, Point where, List<ElementId> about, String sentence) {
    /** The kinds of snags found so far. */
    public enum Kind {
        /** Two wall ends near each other that do not meet. */
        GAP("gap"),
        /** A wall end a little short of another wall. */
        SHORT_END("end short of a wall"),
        /** A wall end a little past the wall it should stop at. */
        OVERSHOOT("overshoot"),
        /** A room that only one wall is missing to. */
        NEARLY_CLOSED("room nearly closed"),
        /** A chain of walls that encloses nothing. */
        OPEN_END("open end"),
        /** Two walls over the same stretch. */
        WALL_ON_WALL("wall on wall"),
        /** A step in a run of walls smaller than their thickness. */
        BUMP("bump"),
        /** A wall less than a degree and a half off square. */
        OFF_SQUARE("off square"),
        /** Two walls that meet at nearly a straight angle. */
        NEARLY_STRAIGHT("nearly straight"),
        /** A wall between two of another type, on one line with them. */
        ODD_TYPE("odd wall type"),
        /** A short wall that touches nothing. */
        STRAY("stray piece"),
        /** A wall of hardly any length. */
        NO_LENGTH("wall without length"),
        /** A room nobody named. */
        UNNAMED_ROOM("unnamed room"),
        /** An opening that is shown elsewhere than it was put, for lack of room there. */
        OPENING_OUT_OF_PLACE("opening out of place"),
        /** An opening for which its wall has no room. */
        OPENING_WITHOUT_ROOM("opening without room"),
        /** A leaf that meets a wall. */
        LEAF_AGAINST_WALL("leaf against wall"),
        /** Too little wall beside the hinges. */
        SMALL_NIB("nib too small"),
        /** Two leaves that meet. */
        LEAF_AGAINST_LEAF("leaf against leaf"),
        /** A leaf over steps, or too near to them. */
        LEAF_OVER_STAIR("leaf at a stair"),
        /** A leaf that meets a piece of furniture or a fixture. */
        LEAF_AGAINST_PIECE("leaf against a piece"),
        /** Too little wall for a leaf to slide into. */
        POCKET_TOO_SHORT("pocket too short"),
        /** A door narrower than is wanted. */
        NARROW_DOOR("narrow door"),
        /** A door that takes the room of a store instead of opening out of it. */
        STORE_OPENS_INWARD("store opens inward"),
        /** A room smaller than is wanted. */
        SMALL_ROOM("small room"),
        /** A stair that does not reach the storey it leads to. */
        STAIR_OFF_LEVEL("stair off level"),
        /** A stair too steep or too flat to climb with ease. */
        STAIR_HARD_TO_CLIMB("stair hard to climb"),
        /** A wall that stands over steps with too little room for the head. */
        LOW_HEADROOM("low headroom"),
        /** A wall that stands on steps. */
        WALL_IN_STAIR("wall in a stair"),
        /** A ramp too steep. */
        STEEP_RAMP("steep ramp"),
        /** A building that leaves its plot, or comes too near to its boundary. */
        SETBACK("over the setback line"),
        /** A parking bay too small for its car and its doors. */
        NARROW_BAY("narrow bay"),
        /** A piece that a wall runs through, or that stands in one. */
        PIECE_IN_WALL("piece in a wall"),
        /** A piece that stands far from everything that is built. */
        PIECE_FAR_OFF("piece far off"),
        /** A piece made to stand against a wall that stands a little off it. */
        PIECE_OFF_WALL("piece off its wall"),
        /** A plan that does not fit its sheet at the scale asked for. */
        OFF_SHEET("plan leaves its sheet"),
        /** A room mark that lies in no room. */
        LOST_NAME("name without a room");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        /** Whether there may be one safe way to put it right; of the others a person decides. */
        public boolean mendsByItself() {
            return switch (this) {
                case OPEN_END,
                        UNNAMED_ROOM,
                        OPENING_WITHOUT_ROOM,
                        NARROW_DOOR,
                        SMALL_ROOM,
                        LOW_HEADROOM,
                        WALL_IN_STAIR,
                        STEEP_RAMP,
                        SETBACK,
                        NARROW_BAY,
                        PIECE_IN_WALL,
                        PIECE_FAR_OFF,
                        PIECE_OFF_WALL,
                        OFF_SHEET -> false;
                default -> true;
            };
        }

        /** Whether it is about where openings lie or how they are hung. */
        public boolean isOfOpenings() {
            return isSwing() || this == OPENING_OUT_OF_PLACE || this == OPENING_WITHOUT_ROOM || this == NARROW_DOOR;
        }

        /** Whether it speaks against how a door is hung. */
        public boolean isSwing() {
            return switch (this) {
                case LEAF_AGAINST_WALL,
                        SMALL_NIB,
                        LEAF_AGAINST_LEAF,
                        LEAF_OVER_STAIR,
                        LEAF_AGAINST_PIECE,
                        POCKET_TOO_SHORT,
                        STORE_OPENS_INWARD -> true;
                default -> false;
            };
        }

        /** Whether walls do not meet that probably should. */
        public boolean isGap() {
            return switch (this) {
                case GAP, SHORT_END, NEARLY_CLOSED, OPEN_END -> true;
                case OVERSHOOT,
                        WALL_ON_WALL,
                        BUMP,
                        OFF_SQUARE,
                        NEARLY_STRAIGHT,
                        ODD_TYPE,
                        STRAY,
                        NO_LENGTH,
                        UNNAMED_ROOM,
                        OPENING_OUT_OF_PLACE,
                        OPENING_WITHOUT_ROOM,
                        LEAF_AGAINST_WALL,
                        SMALL_NIB,
                        LEAF_AGAINST_LEAF,
                        LEAF_OVER_STAIR,
                        LEAF_AGAINST_PIECE,
                        POCKET_TOO_SHORT,
                        NARROW_DOOR,
                        STORE_OPENS_INWARD,
                        SMALL_ROOM,
                        STAIR_OFF_LEVEL,
                        STAIR_HARD_TO_CLIMB,
                        LOW_HEADROOM,
                        WALL_IN_STAIR,
                        STEEP_RAMP,
                        SETBACK,
                        NARROW_BAY,
                        PIECE_IN_WALL,
                        PIECE_FAR_OFF,
                        PIECE_OFF_WALL,
                        OFF_SHEET,
                        LOST_NAME -> false;
            };
        }

        /** The kind in words. */
        public String label() {
            return label;
        }
    }

    /** Freezes the list. */
    public Snag {
        about = List.copyOf(about);
    }
}
