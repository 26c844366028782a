package honeylamp.catalogue;

import honeylamp.plan.Showing;
import honeylamp.plan.Showing.Kind;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What views show, under names. */
public final class SeenSets {
    /** What is shown, faint and hidden, under a name. */
    public record SeenSet(String name, Showing showing) {}

    private static final List<SeenSet> ALL = List.of(
            new SeenSet("Everything", Showing.USUAL),
            new SeenSet("Without furniture", hiding(Kind.FURNITURE)),
            new SeenSet(
                    "Walls and openings",
                    hiding(
                            Kind.GROUND,
                            Kind.FINISHES,
                            Kind.FURNITURE,
                            Kind.FIXED_PARTS,
                            Kind.OVERHEAD,
                            Kind.ROOM_NAMES,
                            Kind.NOTES)),
            new SeenSet("Without words and figures", hiding(Kind.DIMENSIONS, Kind.ROOM_NAMES, Kind.NOTES)));

    private SeenSets() {}

    private static Showing hiding(Kind first, Kind... more) {
        var hidden = EnumSet.of(first, more);
        hidden.add(Kind.TAGS);
        return new Showing(Set.of(), hidden, Set.of());
    }

    /** Those that ship. */
    public static List<SeenSet> all() {
        return ALL;
    }
}
