package honeylamp.catalogue;

import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.RoomPairs.Usual;
import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import java.util.List;

/** Dimensions around a plan, under names. */
public final class TierSets {
    /**
     * Dimensions under a name.
     *
     * @param pairs whether rooms have their width and depth
     */
    public record TierSet(String name, Tiers tiers, Usual pairs) {
        /** The tiers of this set, drawn and counted as others were, if nothing else is said in it. */
        public Tiers onto(Tiers now) {
            return isShipped(this)
                    ? tiers.with(copy -> copy.openings(now.openings()).jog(now.jog()))
                    : tiers;
        }
    }

    private static final List<TierSet> ALL = List.of(
            new TierSet("None", Tiers.of(), Usual.NONE),
            new TierSet("Room sizes", Tiers.of(), Usual.ALL),
            new TierSet("Overall only", Tiers.of(Kind.OVERALL), Usual.NONE),
            new TierSet("Two tiers", Tiers.USUAL, Usual.NONE),
            new TierSet("Three tiers", Tiers.of(Kind.OPENINGS, Kind.WALLS, Kind.OVERALL), Usual.NONE));

    private TierSets() {}

    /** A view, or all, with a set of dimensions. */
    public static Plan chosen(Plan plan, ViewId view, Reach reach, TierSet set) {
        var tiers = ViewEdits.tiers(plan, view, reach, set::onto);
        return ViewEdits.annotation(
                tiers,
                view,
                reach,
                a -> a.pairs().usual() == set.pairs ? a : a.withPairs(new RoomPairs(set.pairs, List.of())));
    }

    private static boolean isShipped(TierSet set) {
        return ALL.contains(set);
    }

    /** Those that ship. */
    public static List<TierSet> all() {
        return ALL;
    }
}
