package honeylamp.desktop.gesture.look;

import honeylamp.geometry.Point;
import java.util.Optional;

/** A gesture that shows a way through the storey, which is found aside. */
public interface Walking {
    /** Where the way begins; empty for where one comes in. */
    Optional<Point> from();

    /** Where it ends; empty for all rooms. */
    Optional<Point> to();

    /** Whether a way is to be found now. */
    default boolean isWanted() {
        return true;
    }
}
