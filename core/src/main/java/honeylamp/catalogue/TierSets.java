package honeylamp.catalogue;

import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import java.util.List;

/** Dimensions around a plan, under names. */
public final class TierSets {
    /** Tiers under a name. */
    public record TierSet(String name, Tiers tiers) {}

    private static final List<TierSet> ALL = List.of(
            new TierSet("None", Tiers.of()),
            new TierSet("Overall only", Tiers.of(Kind.OVERALL)),
            new TierSet("Openings and overall", Tiers.USUAL),
            new TierSet("Three tiers", Tiers.of(Kind.OPENINGS, Kind.WALLS, Kind.OVERALL)));

    private TierSets() {}

    /** Those that ship. */
    public static List<TierSet> all() {
        return ALL;
    }
}
