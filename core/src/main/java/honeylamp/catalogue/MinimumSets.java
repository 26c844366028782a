package honeylamp.catalogue;

import honeylamp.plan.Minimums;
import honeylamp.plan.Minimums.Beside;
import honeylamp.units.Length;
import java.util.List;
import java.util.stream.Stream;

/** The least sizes people keep to, under names. */
public final class MinimumSets {
    /** The least sizes under a name. */
    public record MinimumSet(String name, Minimums minimums) {}

    private static final Length BEFORE_FIXTURES = Length.ofMm(1200);

    private static final List<MinimumSet> ALL = List.of(
            new MinimumSet("Usual in homes", Minimums.USUAL),
            new MinimumSet(
                    "Roomy",
                    Minimums.USUAL.with(copy -> copy.clearDoor(Length.ofMm(760))
                            .landing(Length.ofMm(600))
                            .headroom(Length.ofMm(2100))
                            .way(Length.ofMm(1000))
                            .beside(Stream.concat(
                                            Stream.of(new Beside("bed", "left right", Length.ofMm(600))),
                                            fronts(Length.ofMm(750)))
                                    .toList()))),
            new MinimumSet("Step-free, homes", stepFree()));

    private MinimumSets() {}

    /**
     * Doors clear by 800, corridors 1,200, and 1,200 before fixtures.
     *
     * @see "DIN 18040-2:2011, Construction of accessible buildings, part 2: dwellings"
     */
    private static Minimums stepFree() {
        return Minimums.USUAL.with(copy -> copy.clearDoor(Length.ofMm(800))
                .landing(Length.ofMm(1200))
                .way(Length.ofMm(1200))
                .beside(Stream.concat(
                                Stream.of(new Beside("bed", "left right", BEFORE_FIXTURES)), fronts(BEFORE_FIXTURES))
                        .toList()));
    }

    /** So much before what one stands or sits at in baths and kitchens. */
    private static Stream<Beside> fronts(Length least) {
        return Stream.of(
                        "wc",
                        "wc-hung",
                        "basin",
                        "basin-unit",
                        "basin-double",
                        "shower",
                        "shower-open",
                        "bath",
                        "counter-run",
                        "base-unit",
                        "sink-unit",
                        "hob-unit",
                        "cooker")
                .map(kind -> new Beside(kind, "front", least));
    }

    /** Those that ship. */
    public static List<MinimumSet> all() {
        return ALL;
    }
}
