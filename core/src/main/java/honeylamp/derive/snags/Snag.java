package honeylamp.derive.snags;

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
    /** What kinds of snags are about, as far as it makes a difference. */
    private enum Subject {
        /** Ends of walls that do not meet what they should. */
        ENDS,
        /** How a door is hung. */
        SWING,
        /** Where an opening lies and how large it is. */
        OPENING,
        OTHER
    }

    /** Who puts it right. */
    private enum Mends {
        /** There may be one safe way. */
        BY_ITSELF,
        /** There are several, or none is safe. */
        BY_A_PERSON
    }

    /** The kinds of snags found so far. */
    public enum Kind {
        /** Two wall ends near each other that do not meet. */
        GAP("gap", Subject.ENDS, Mends.BY_ITSELF),
        /** A wall end a little short of another wall. */
        SHORT_END("end short of a wall", Subject.ENDS, Mends.BY_ITSELF),
        /** A wall end a little past the wall it should stop at. */
        OVERSHOOT("overshoot", Subject.OTHER, Mends.BY_ITSELF),
        /** A room that only one wall is missing to. */
        NEARLY_CLOSED("room nearly closed", Subject.ENDS, Mends.BY_ITSELF),
        /** A chain of walls that encloses nothing. */
        OPEN_END("open end", Subject.ENDS, Mends.BY_A_PERSON),
        /** Two walls over the same stretch. */
        WALL_ON_WALL("wall on wall", Subject.OTHER, Mends.BY_ITSELF),
        /** A step in a run of walls smaller than their thickness. */
        BUMP("bump", Subject.OTHER, Mends.BY_ITSELF),
        /** A wall less than a degree and a half off square. */
        OFF_SQUARE("off square", Subject.OTHER, Mends.BY_ITSELF),
        /** Two walls that meet at nearly a straight angle. */
        NEARLY_STRAIGHT("nearly straight", Subject.OTHER, Mends.BY_ITSELF),
        /** A wall between two of another type, on one line with them. */
        ODD_TYPE("odd wall type", Subject.OTHER, Mends.BY_ITSELF),
        /** A short wall that touches nothing. */
        STRAY("stray piece", Subject.OTHER, Mends.BY_ITSELF),
        /** A wall of hardly any length. */
        NO_LENGTH("wall without length", Subject.OTHER, Mends.BY_ITSELF),
        /** A room nobody named. */
        UNNAMED_ROOM("unnamed room", Subject.OTHER, Mends.BY_A_PERSON),
        /** An opening that is shown elsewhere than it was put, for lack of room there. */
        OPENING_OUT_OF_PLACE("opening out of place", Subject.OPENING, Mends.BY_ITSELF),
        /** An opening for which its wall has no room. */
        OPENING_WITHOUT_ROOM("opening without room", Subject.OPENING, Mends.BY_A_PERSON),
        /** An opening that reaches above the roof over it. */
        OPENING_ABOVE_ROOF("opening above the roof", Subject.OPENING, Mends.BY_A_PERSON),
        /** A leaf that meets a wall. */
        LEAF_AGAINST_WALL("leaf against wall", Subject.SWING, Mends.BY_ITSELF),
        /** Too little wall beside the hinges. */
        SMALL_NIB("nib too small", Subject.SWING, Mends.BY_ITSELF),
        /** Two leaves that meet. */
        LEAF_AGAINST_LEAF("leaf against leaf", Subject.SWING, Mends.BY_ITSELF),
        /** A leaf over steps, or too near to them. */
        LEAF_OVER_STAIR("leaf at a stair", Subject.SWING, Mends.BY_ITSELF),
        /** A leaf that meets a piece of furniture or a fixture. */
        LEAF_AGAINST_PIECE("leaf against a piece", Subject.SWING, Mends.BY_ITSELF),
        /** A sash of a window that meets a large piece when it opens. */
        SASH_AGAINST_PIECE("window against a piece", Subject.SWING, Mends.BY_A_PERSON),
        /** Too little wall for a leaf to slide into. */
        POCKET_TOO_SHORT("pocket too short", Subject.SWING, Mends.BY_ITSELF),
        /** A door narrower than is wanted. */
        NARROW_DOOR("narrow door", Subject.OPENING, Mends.BY_A_PERSON),
        /** A door that takes the room of a store instead of opening out of it. */
        STORE_OPENS_INWARD("store opens inward", Subject.SWING, Mends.BY_ITSELF),
        /** A room smaller than is wanted. */
        SMALL_ROOM("small room", Subject.OTHER, Mends.BY_A_PERSON),
        /** A stair that does not reach the storey it leads to. */
        STAIR_OFF_LEVEL("stair off level", Subject.OTHER, Mends.BY_ITSELF),
        /** A stair too steep or too flat to climb with ease. */
        STAIR_HARD_TO_CLIMB("stair hard to climb", Subject.OTHER, Mends.BY_ITSELF),
        /** A wall that stands over steps with too little room for the head. */
        LOW_HEADROOM("low headroom", Subject.OTHER, Mends.BY_A_PERSON),
        /** A wall that stands on steps. */
        WALL_IN_STAIR("wall in a stair", Subject.OTHER, Mends.BY_A_PERSON),
        /** A ramp too steep. */
        STEEP_RAMP("steep ramp", Subject.OTHER, Mends.BY_A_PERSON),
        /** A building that leaves its plot, or comes too near to its boundary. */
        SETBACK("over the setback line", Subject.OTHER, Mends.BY_A_PERSON),
        /** A parking bay too small for its car and its doors. */
        NARROW_BAY("narrow bay", Subject.OTHER, Mends.BY_A_PERSON),
        /** A piece that a wall runs through, or that stands in one. */
        PIECE_IN_WALL("piece in a wall", Subject.OTHER, Mends.BY_A_PERSON),
        /** A piece that stands far from everything that is built. */
        PIECE_FAR_OFF("piece far off", Subject.OTHER, Mends.BY_A_PERSON),
        /** A piece made to stand against a wall that stands a little off it. */
        PIECE_OFF_WALL("piece off its wall", Subject.OTHER, Mends.BY_A_PERSON),
        /** A piece made to stand on another that stands on none. */
        PIECE_IN_AIR("piece in the air", Subject.OTHER, Mends.BY_A_PERSON),
        /** A piece with less room beside it than such pieces need. */
        PIECE_TIGHT("piece too tight", Subject.OTHER, Mends.BY_A_PERSON),
        /** A seat whose front legs just miss the rug before it. */
        SEAT_OFF_RUG("seat beside its rug", Subject.OTHER, Mends.BY_A_PERSON),
        /** A seat too near to the screen it faces, or too far from it. */
        SEAT_AND_SCREEN("seat and screen", Subject.OTHER, Mends.BY_A_PERSON),
        /** A way through the rooms narrower than is wanted. */
        NARROW_WAY("narrow way", Subject.OTHER, Mends.BY_A_PERSON),
        /** A part of a surface that was outlined and lies on none. */
        REGION_OFF_SURFACE("region on no surface", Subject.OTHER, Mends.BY_A_PERSON),
        /** A niche as deep as its wall is thick. */
        NICHE_TOO_DEEP("niche too deep", Subject.OTHER, Mends.BY_ITSELF),
        /** A switch that the leaf of an open door hides. */
        SWITCH_BEHIND_LEAF("switch behind a leaf", Subject.OTHER, Mends.BY_ITSELF),
        /** Lights that nothing switches. */
        LIGHT_WITHOUT_SWITCH("light without a switch", Subject.OTHER, Mends.BY_A_PERSON),
        /** A switch that switches no light. */
        SWITCH_WITHOUT_LIGHT("switch without a light", Subject.OTHER, Mends.BY_A_PERSON),
        /** A way into a lit room with no switch at hand. */
        NO_SWITCH_AT_DOOR("no switch at a door", Subject.OTHER, Mends.BY_A_PERSON),
        /** A socket too near to a bath or a shower. */
        SOCKET_NEAR_WATER("socket near water", Subject.OTHER, Mends.BY_A_PERSON),
        /** A socket behind what stands before it. */
        SOCKET_COVERED("socket behind a piece", Subject.OTHER, Mends.BY_A_PERSON),
        /** Fewer sockets in a room or along a wall than are wanted. */
        FEW_SOCKETS("too few sockets", Subject.OTHER, Mends.BY_A_PERSON),
        /** A lamp that is plugged in, too far from a socket. */
        LAMP_WITHOUT_SOCKET("lamp without a socket", Subject.OTHER, Mends.BY_A_PERSON),
        /** A stair whose light is switched at one of its ends only. */
        STAIR_LIT_FROM_ONE_END("stair lit from one end", Subject.OTHER, Mends.BY_A_PERSON),
        /** Far less light where something is done than that wants. */
        ACTIVITY_UNLIT("activity without light", Subject.OTHER, Mends.BY_A_PERSON),
        /** Light from behind, so that the hand that works is in its own shadow. */
        HAND_IN_LIGHT("hand in its own light", Subject.OTHER, Mends.BY_A_PERSON),
        /** A lamp seen beside a screen, or mirrored in it. */
        GLARE("lamp that dazzles", Subject.OTHER, Mends.BY_A_PERSON),
        /** Two activities on one seat that want different light, and one light for both. */
        ONE_LIGHT_FOR_TWO("one light for two", Subject.OTHER, Mends.BY_A_PERSON),
        /** A plan that does not fit its sheet at the scale asked for. */
        OFF_SHEET("plan leaves its sheet", Subject.OTHER, Mends.BY_A_PERSON),
        /** A dimension whose point is gone. */
        LOOSE_DIMENSION("dimension without its point", Subject.OTHER, Mends.BY_ITSELF),
        /** A note whose leader points at what is gone. */
        LOOSE_NOTE("note without its point", Subject.OTHER, Mends.BY_ITSELF),
        /** A label of a room for which its page has no place. */
        LABEL_WITHOUT_PLACE("label without a place", Subject.OTHER, Mends.BY_A_PERSON),
        /** Words that lie over other words on a page. */
        WORDS_OVER_WORDS("words over words", Subject.OTHER, Mends.BY_A_PERSON),
        /** A room mark that lies in no room. */
        LOST_NAME("name without a room", Subject.OTHER, Mends.BY_ITSELF);

        private final String label;
        private final Subject subject;
        private final Mends mends;

        Kind(String label, Subject subject, Mends mends) {
            this.label = label;
            this.subject = subject;
            this.mends = mends;
        }

        /** Whether there may be one safe way to put it right; of the others a person decides. */
        public boolean mendsByItself() {
            return mends == Mends.BY_ITSELF;
        }

        /** Whether it is about where openings lie or how they are hung. */
        public boolean isOfOpenings() {
            return subject == Subject.OPENING || subject == Subject.SWING;
        }

        /** Whether it speaks against how a door is hung. */
        public boolean isSwing() {
            return subject == Subject.SWING;
        }

        /** Whether walls do not meet that probably should. */
        public boolean isGap() {
            return subject == Subject.ENDS;
        }

        /** The kind in words. */
        public String label() {
            return label;
        }
    }

    public Snag {
        about = List.copyOf(about);
    }
}
