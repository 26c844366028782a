package honeylamp.catalogue;

import honeylamp.plan.Look;

/**
 * A look a person keeps for all plans.
 *
 * @param name it is known by
 * @param look as it is laid on a view; its own name is that of the shipped look it began as
 */
public record KeptLook(String name, Look look) {
    /** Refuses a look without a name. */
    public KeptLook {
        if (name.isBlank()) {
            throw new IllegalArgumentException("a kept look needs a name");
        }
    }
}
