package honeylamp.catalogue;

import honeylamp.plan.Finish;

/**
 * A finish a person keeps for all plans: a material in a colour of its own, a way to lay it, a set of courses.
 *
 * @param name by which it is known
 */
public record KeptFinish(String name, Finish finish) {
    /** Strips the name; refuses one that is empty. */
    public KeptFinish {
        name = name.strip();
        if (name.isEmpty()) {
            throw new IllegalArgumentException("a finish that is kept needs a name");
        }
    }

    /** As it is laid where something else lay: begun and turned like that. */
    public Finish insteadOf(Finish before) {
        return finish.startingAt(before.start()).turnedTo(before.directionDeg());
    }
}
