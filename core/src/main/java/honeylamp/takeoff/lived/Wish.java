package honeylamp.takeoff.lived;

import honeylamp.plan.Furnishing;
import java.util.List;

/**
 * A small thing that would like to be there.
 *
 * @param places where it may be, the first that is free is taken; one piece each, alike but for their places
 * @param from how lived-in a picture is at least for it to be there, from 0 to 1
 * @param on what it has to be free of
 */
record Wish(List<Furnishing> places, double from, On on) {
    /** What a thing is on. */
    enum On {
        /** Another piece: free of what else lies or stands on it. */
        PIECE,
        /** The floor: free of pieces, walls and what doors need. */
        FLOOR,
        /** The floor right behind a door. */
        THRESHOLD,
        /** The sill of a window. */
        SILL
    }
}
