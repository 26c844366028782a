package honeylamp.catalogue;

import honeylamp.plan.Role;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What rooms are for: the names they usually go by, the colour of their bare floors, what is expected of them. */
public final class RoomUses {
    private static final List<RoomUse> ALL = List.of(
            new RoomUse(
                    "living",
                    "Living",
                    List.of("Living room", "Sitting room", "Parlour", "Lounge"),
                    CountsAs.INDOOR,
                    Role.LIVING_FLOOR,
                    14,
                    3000,
                    List.of("sofa", "low-table")),
            new RoomUse(
                    "dining",
                    "Dining",
                    List.of("Dining room", "Breakfast room", "Dining"),
                    CountsAs.INDOOR,
                    Role.DINING_FLOOR,
                    9,
                    2600,
                    List.of("dining-table")),
            new RoomUse(
                    "kitchen",
                    "Kitchen",
                    List.of("Kitchen", "Kitchen and dining", "Scullery"),
                    CountsAs.INDOOR,
                    Role.KITCHEN_FLOOR,
                    6,
                    1800,
                    List.of("base-units", "refrigerator")),
            new RoomUse(
                    "bedroom",
                    "Bedroom",
                    List.of("Bedroom", "Second bedroom", "Child's room", "Guest room"),
                    CountsAs.INDOOR,
                    Role.BEDROOM_FLOOR,
                    8,
                    2400,
                    List.of("bed", "wardrobe")),
            new RoomUse(
                    "bath",
                    "Bath",
                    List.of("Bathroom", "Shower room", "Cloakroom", "WC"),
                    CountsAs.INDOOR,
                    Role.BATH_FLOOR,
                    3,
                    1500,
                    List.of("wc", "basin")),
            new RoomUse(
                    "work",
                    "Work",
                    List.of("Study", "Workroom", "Studio", "Reading nook"),
                    CountsAs.INDOOR,
                    Role.WORK_FLOOR,
                    6,
                    2000,
                    List.of("desk")),
            new RoomUse(
                    "circulation",
                    "Passage",
                    List.of("Entrance", "Hall", "Corridor", "Landing", "Stair"),
                    CountsAs.INDOOR,
                    Role.PASSAGE_FLOOR,
                    0,
                    900,
                    List.of()),
            new RoomUse(
                    "store",
                    "Store",
                    List.of("Store", "Larder", "Closet", "Cellar"),
                    CountsAs.INDOOR,
                    Role.STORE_FLOOR,
                    0,
                    600,
                    List.of()),
            new RoomUse(
                    "service",
                    "Service",
                    List.of("Laundry", "Utility room", "Plant room"),
                    CountsAs.INDOOR,
                    Role.SERVICE_FLOOR,
                    0,
                    1200,
                    List.of("washing-machine")),
            new RoomUse(
                    "trade",
                    "Trade",
                    List.of("Tea room", "Shop", "Counter", "Office"),
                    CountsAs.INDOOR,
                    Role.TRADE_FLOOR,
                    0,
                    0,
                    List.of()),
            new RoomUse(
                    "garage",
                    "Garage",
                    List.of("Garage", "Car port", "Workshop"),
                    CountsAs.GARAGE,
                    Role.GARAGE_FLOOR,
                    12,
                    2700,
                    List.of()),
            new RoomUse(
                    "outdoor",
                    "Outdoor",
                    List.of("Balcony", "Terrace", "Porch", "Yard"),
                    CountsAs.OUTDOOR,
                    Role.OUTDOOR_FLOOR,
                    0,
                    1200,
                    List.of()));

    private RoomUses() {}

    /** The names a person wants to choose from for a use, in place of the usual ones. */
    public record RoomNames(String use, List<String> names) {
        public RoomNames {
            names = List.copyOf(names);
        }

        /** The same list with a name more. */
        public RoomNames with(String name) {
            return new RoomNames(
                    use,
                    Stream.concat(names.stream(), Stream.of(name)).distinct().toList());
        }

        /** The same list without a name. */
        public RoomNames without(String name) {
            return new RoomNames(
                    use, names.stream().filter(n -> !n.equals(name)).toList());
        }
    }

    /** The names to choose from for a use: those kept for it, else the usual ones. */
    public static RoomNames names(RoomUse use, List<RoomNames> kept) {
        return kept.stream()
                .filter(k -> k.use().equals(use.key()))
                .findFirst()
                .orElse(new RoomNames(use.key(), use.names()));
    }

    private static final Pattern NUMBER = Pattern.compile("\\s*[0-9]+$");

    /** All names rooms usually go by. */
    public static List<String> usualNames() {
        return ALL.stream()
                .flatMap(u -> Stream.concat(Stream.of(u.label()), u.names().stream()))
                .distinct()
                .toList();
    }

    /** Each use by its names in small letters; of two that share one, the first. */
    private static final Map<String, RoomUse> BY_NAME = ALL.stream()
            .flatMap(u -> u.names().stream().map(n -> Map.entry(n.toLowerCase(Locale.ROOT), u)))
            .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue, (first, _) -> first));

    /**
     * What a room is for.
     *
     * @param names what such rooms are called, the most usual first
     * @param part as what their area counts
     * @param floor what colour their floors have while nobody chose a finish for them
     * @param leastAreaM2 what is usual at least; zero if nothing is
     * @param leastSideMm the shorter side, usual at least; zero if nothing is
     * @param pieces keys of furnishings one expects to find
     */
    public record RoomUse(
            String key,
            String label,
            List<String> names,
            CountsAs part,
            Role floor,
            double leastAreaM2,
            double leastSideMm,
            List<String> pieces) {
        public RoomUse {
            names = List.copyOf(names);
            pieces = List.copyOf(pieces);
        }
    }

    /** All uses, those of living first. */
    public static List<RoomUse> all() {
        return ALL;
    }

    /** The use of a key, if the catalogue has it. */
    public static Optional<RoomUse> of(String key) {
        return ALL.stream().filter(u -> u.key().equals(key)).findFirst();
    }

    /** Whether a room is of a use: as was said, or as its name says. */
    public static boolean isOf(RoomMark room, String use) {
        var said = room.fit().use();
        return said.equals(use)
                || said.isBlank()
                        && named(room.name()).filter(u -> u.key().equals(use)).isPresent();
    }

    /** The use whose rooms go by a name, numbers at its end left aside: "Bedroom 2" is a bedroom. */
    public static Optional<RoomUse> named(String name) {
        var bare = NUMBER.matcher(name.strip()).replaceFirst("");
        return Optional.ofNullable(BY_NAME.get(bare.toLowerCase(Locale.ROOT)));
    }
}
