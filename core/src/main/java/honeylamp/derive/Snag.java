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
        /** A wall end that meets nothing though something is near, or an open chain. */
        OPEN_END("open end"),
        /** Two walls over the same stretch. */
        WALL_ON_WALL("wall on wall"),
        /** A room nobody named. */
        UNNAMED_ROOM("unnamed room"),
        /** An opening that reaches beyond its wall or into another opening. */
        OPENING_OUT_OF_PLACE("opening out of place"),
        /** A room mark that lies in no room. */
        LOST_NAME("name without a room");

        private final String label;

        Kind(String label) {
            this.label = label;
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
