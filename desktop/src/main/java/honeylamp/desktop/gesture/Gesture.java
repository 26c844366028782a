package honeylamp.desktop.gesture;

import honeylamp.drawing.Mark;
import java.util.List;
import java.util.Optional;

/** One way of working with the pointer. Every method gives the next state; nothing is changed in place. */
public interface Gesture {
    /** Keys that mean something within a gesture. */
    enum Key {
        /** Turn, or change hand. */
        TURN,
        /** Change side. */
        FLIP,
        /** Close a chain. */
        CLOSE,
        /** Catch the next thing within reach. */
        NEXT,
        /** Take away what is taken up. */
        AWAY
    }

    /** The pointer moved without a button. */
    Reply moved(Surroundings scene, Pointer pointer);

    /** The button went down. */
    Reply pressed(Surroundings scene, Pointer pointer);

    /** The pointer moved with the button down. */
    default Reply dragged(Surroundings scene, Pointer pointer) {
        return moved(scene, pointer);
    }

    /** The button went up. */
    default Reply released(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    /** Enter was pressed with this typed, all of which could be read. */
    default Reply entered(Surroundings scene, Typed typed) {
        return Reply.to(this);
    }

    /** A key of the gesture was pressed. */
    default Reply key(Surroundings scene, Key key) {
        return Reply.to(this);
    }

    /** Whether something is taken up that can be taken away. */
    default boolean takesAway() {
        return false;
    }

    /**
     * The last step of it was taken back: the gesture as it was before that step; empty if it cannot go on from there.
     *
     * @param scene what it works in once the step is taken back
     */
    default Optional<Gesture> stepBack(Surroundings scene) {
        return Optional.empty();
    }

    /** Escape was pressed: the gesture as it was before it began. */
    Gesture dropped();

    /** Whether Escape would drop something. */
    default boolean underWay() {
        return false;
    }

    /** Whether a lens beside the pointer helps. */
    default boolean magnifies() {
        return false;
    }

    /** Numbers and words for the measure line. */
    Readout readout(Surroundings scene);

    /** What the screen shows above the picture, in paper mm. */
    List<Mark> sketch(Surroundings scene);
}
