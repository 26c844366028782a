package honeylamp.desktop.gesture.pick;

import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;

/** A button held down in a view that is no plan: what is dragged there goes its own way, whatever the tool is. */
public sealed interface HeldInFront extends Gesture permits MoveInFront, MoveRaised, TurnRaised {
    /** What goes on afterwards. */
    Gesture rests();

    @Override
    default Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    default Reply pressed(Surroundings scene, Pointer pointer) {
        return Reply.to(rests());
    }

    @Override
    default Gesture dropped() {
        return rests();
    }

    @Override
    default boolean underWay() {
        return true;
    }
}
