package honeylamp.catalogue;

import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import java.util.List;

/** Dimensions around a plan, under names. */
public final class TierSets {
    /** Tiers under a name. */
    public record TierSet(String name, Tiers tiers) {
        /** The tiers of this set, drawn and counted as others were, if nothing else is said in it. */
        public Tiers onto(Tiers now) {
            return isShipped(this)
                    ? tiers.with(copy ->
                            copy.openings(now.openings()).ends(now.ends()).jog(now.jog()))
                    : tiers;
        }
    }

    private static final List<TierSet> ALL = List.of(
            new TierSet("None", Tiers.of()),
            new TierSet("Overall only", Tiers.of(Kind.OVERALL)),
            new TierSet("Two tiers", Tiers.USUAL),
            new TierSet("Three tiers", Tiers.of(Kind.OPENINGS, Kind.WALLS, Kind.OVERALL)));

    private TierSets() {}

    private static boolean isShipped(TierSet set) {
        return ALL.contains(set);
    }

    /** Those that ship. */
    public static List<TierSet> all() {
        return ALL;
    }
}
