package honeylamp.catalogue;

import static honeylamp.catalogue.FurnishingKind.Group.BATH;
import static honeylamp.catalogue.FurnishingKind.Group.KITCHEN;
import static honeylamp.catalogue.FurnishingKind.Group.LIVING;
import static honeylamp.catalogue.FurnishingKind.Group.OTHER;
import static honeylamp.catalogue.FurnishingKind.Group.SLEEPING;
import static honeylamp.catalogue.FurnishingKind.Stand.AT_WALL;
import static honeylamp.catalogue.FurnishingKind.Stand.FREE;
import static honeylamp.catalogue.FurnishingKind.Stand.UNDERFOOT;

import java.util.List;
import java.util.Optional;

/** The furnishings that ship with the program. */
public final class Furnishings {
    private static final List<FurnishingKind> ALL = List.of(
            FurnishingKind.of("sofa", "Sofa", LIVING, 2200, 950, 800, AT_WALL, LivingSymbols::sofa),
            FurnishingKind.of("armchair", "Armchair", LIVING, 850, 850, 800, FREE, LivingSymbols::armchair),
            FurnishingKind.of(
                    "dining-table",
                    "Dining table with chairs",
                    LIVING,
                    1800,
                    900,
                    740,
                    FREE,
                    LivingSymbols::diningTable),
            FurnishingKind.of("low-table", "Low table", LIVING, 1100, 600, 400, FREE, LivingSymbols::lowTable),
            FurnishingKind.of("sideboard", "Sideboard", LIVING, 1600, 450, 750, AT_WALL, LivingSymbols::sideboard),
            FurnishingKind.of("bench", "Bench", LIVING, 1400, 450, 450, AT_WALL, LivingSymbols::bench),
            FurnishingKind.of("rug", "Rug", LIVING, 2400, 1700, 12, UNDERFOOT, LivingSymbols::rug),
            FurnishingKind.of("bed", "Bed", SLEEPING, 1600, 2050, 900, AT_WALL, SleepingSymbols::bed),
            FurnishingKind.of(
                    "bedside-table", "Bedside table", SLEEPING, 450, 400, 500, AT_WALL, SleepingSymbols::bedsideTable),
            FurnishingKind.of("wardrobe", "Wardrobe", SLEEPING, 1800, 600, 2100, AT_WALL, SleepingSymbols::wardrobe),
            FurnishingKind.of(
                    "base-units",
                    "Base units, sink and hob",
                    KITCHEN,
                    2800,
                    600,
                    900,
                    AT_WALL,
                    KitchenSymbols::baseUnits),
            FurnishingKind.of("counter", "Counter", KITCHEN, 1200, 600, 900, AT_WALL, KitchenSymbols::counterOnly),
            FurnishingKind.of("island", "Island with stools", KITCHEN, 1600, 700, 900, FREE, KitchenSymbols::island),
            FurnishingKind.of(
                    "refrigerator", "Refrigerator", KITCHEN, 600, 650, 1800, AT_WALL, KitchenSymbols::refrigerator),
            FurnishingKind.of(
                    "washing-machine",
                    "Washing machine",
                    KITCHEN,
                    600,
                    600,
                    850,
                    AT_WALL,
                    KitchenSymbols::washingMachine),
            FurnishingKind.of("wc", "WC", BATH, 380, 700, 800, AT_WALL, BathSymbols::wc),
            FurnishingKind.of("basin", "Basin", BATH, 650, 480, 850, AT_WALL, BathSymbols::basin),
            FurnishingKind.of("bath", "Bath", BATH, 1700, 750, 560, AT_WALL, BathSymbols::bath),
            FurnishingKind.of("shower", "Shower", BATH, 1000, 900, 2000, AT_WALL, BathSymbols::shower),
            FurnishingKind.of("desk", "Desk with chair", OTHER, 1400, 700, 740, AT_WALL, OtherSymbols::desk),
            FurnishingKind.of("bookcase", "Bookcase", OTHER, 1000, 300, 1900, AT_WALL, OtherSymbols::bookcase),
            FurnishingKind.of("stove", "Stove", OTHER, 480, 480, 1100, FREE, OtherSymbols::stove),
            FurnishingKind.of("plant", "Plant", OTHER, 700, 700, 1200, FREE, OtherSymbols::plant));

    private Furnishings() {}

    /** All kinds in the order the tray shows them. */
    public static List<FurnishingKind> all() {
        return ALL;
    }

    /** The kind of a key; empty for keys of other libraries. */
    public static Optional<FurnishingKind> of(String key) {
        return ALL.stream().filter(k -> k.key().equals(key)).findFirst();
    }
}
