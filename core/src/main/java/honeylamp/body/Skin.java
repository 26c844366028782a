package honeylamp.body;

import honeylamp.plan.Finish;
import honeylamp.plan.Oklch;
import honeylamp.plan.Role;
import java.util.Optional;

/**
 * What a facet looks like, before a look says how that is shown.
 *
 * @param role what its colour is for
 * @param own a colour of its own; empty means that of its role
 * @param laid what covers it, in the frame of the facet
 */
public record Skin(Role role, Optional<Oklch> own, Optional<Laid> laid, Sort sort) {
    /** What kind of surface it is. */
    public enum Sort {
        /** Seen as it is. */
        WHOLE,
        /** Where a body is cut: dark. */
        CUT,
        /** A layer of what is cut that is lighter than the rest. */
        LAYER,
        /** One sees through it. */
        CLEAR
    }

    /**
     * A finish.
     *
     * @param seed of what is random in its pattern
     */
    public record Laid(Finish finish, long seed) {}

    /** Of the colour of a role. */
    public static Skin of(Role role) {
        return new Skin(role, Optional.empty(), Optional.empty(), Sort.WHOLE);
    }

    /** Where walls are cut. */
    public static Skin cut() {
        return new Skin(Role.POCHE, Optional.empty(), Optional.empty(), Sort.CUT);
    }

    /** A light layer where walls, floors or roofs are cut. */
    public static Skin layer() {
        return new Skin(Role.POCHE_TINT, Optional.empty(), Optional.empty(), Sort.LAYER);
    }

    /** Whether a body is cut there. */
    public boolean isCut() {
        return sort == Sort.CUT || sort == Sort.LAYER;
    }

    /** Panes. */
    public static Skin glass() {
        return new Skin(Role.GLASS, Optional.empty(), Optional.empty(), Sort.CLEAR);
    }

    /** In a colour of its own, if it has one. */
    public static Skin of(Role role, Optional<Oklch> own) {
        return new Skin(role, own, Optional.empty(), Sort.WHOLE);
    }

    /** Covered with a finish, if it is; else of the colour of its role. */
    public Skin covered(Optional<Finish> finish, long seed) {
        return new Skin(role, own, finish.map(f -> new Laid(f, seed)), sort);
    }
}
