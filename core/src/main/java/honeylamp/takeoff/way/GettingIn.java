package honeylamp.takeoff.way;

import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.ElementId.StoreyId;
import java.util.Optional;

/** Whether a piece can be carried to its room. */
public sealed interface GettingIn {
    /** Its sizes leave more to spare all along than the reckoning is in doubt of. */
    record Fits() implements GettingIn {}

    /**
     * It may just go: there is hardly more room than it needs.
     *
     * @param at where
     */
    record Just(Place at) implements GettingIn {}

    /** It does not. */
    record Sticks(Place at) implements GettingIn {}

    /** No door leads in from outside, and no stair. */
    record NoWayIn() implements GettingIn {}

    /** It stands in no room, or nobody waits for the answer any more. */
    record Unknown() implements GettingIn {}

    /** Where it is tight or does not go. */
    default Optional<Place> place() {
        return switch (this) {
            case Just(var place) -> Optional.of(place);
            case Sticks(var place) -> Optional.of(place);
            case Fits _, NoWayIn _, Unknown _ -> Optional.empty();
        };
    }

    /**
     * Where it comes to a stand.
     *
     * @param lies what of it is on the ground there, in plan mm
     * @param highMm how high it rises then
     */
    record Place(StoreyId storey, Ring lies, double highMm) {
        /** Its middle. */
        public Point middle() {
            return lies.bounds().centre();
        }
    }
}
