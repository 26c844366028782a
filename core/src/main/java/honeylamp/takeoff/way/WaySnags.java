package honeylamp.takeoff.way;

import honeylamp.catalogue.PartKinds;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Structure;
import honeylamp.takeoff.way.Ways.Reached;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;

/** Where the ways to rooms are narrower than is wanted, and rooms to which none leads. */
public final class WaySnags {
    /** So much less is as good. */
    private static final double AS_GOOD_MM = 10;

    private static final Set<String> FOR_ONE = Set.of("bath", "wc", "store", "service");

    /** So wide a way is enough there. */
    private static final double FOR_ONE_MM = 600;

    private WaySnags() {}

    /** The narrow ways of a storey. */
    public static List<Snag> of(LaidStorey storey) {
        return of(storey, () -> true);
    }

    /**
     * The narrow ways of a storey, as long as somebody waits for them.
     *
     * @param isAwaited asked now and then; once it says no, any answer does
     */
    public static List<Snag> of(LaidStorey storey, BooleanSupplier isAwaited) {
        var wanted = wanted(storey);
        var ways = Ways.of(storey, isAwaited);
        if (ways.entrances().isEmpty() || wanted.equals(Length.ZERO)) {
            return List.of();
        }
        Map<NarrowPlace, List<String>> narrow = new LinkedHashMap<>();
        var out = new ArrayList<Snag>();
        for (var reached : ways.toRooms()) {
            if (reached.way().isEmpty()) {
                blocked(ways, reached).ifPresent(out::add);
            } else {
                reached.way().get().narrow().stream()
                        .filter(n -> n.door().isEmpty() && n.mm() < wantedMm(storey, n, wanted) - AS_GOOD_MM)
                        .forEach(n -> narrow.computeIfAbsent(known(narrow, n), _ -> new ArrayList<>())
                                .add(name(reached)));
            }
        }
        narrow.forEach((place, rooms) -> out.add(new Snag(
                Snag.Kind.NARROW_WAY,
                place.middle(),
                place.between(),
                "The way to " + among(rooms) + " is "
                        + LengthText.roundedWithUnit(
                                Length.ofMm(place.mm()), storey.plan().units()) + " wide "
                        + between(storey, place) + ", "
                        + LengthText.roundedWithUnit(wanted, storey.plan().units())
                        + " wanted.")));
        return out;
    }

    /** What is asked for, in whole inches where these are shown. */
    private static Length wanted(LaidStorey storey) {
        var asked = storey.plan().brief().minimums().way();
        return storey.plan().units().isMetric() ? asked : Length.ofInches(Math.rint(asked.mm() / Length.MM_PER_INCH));
    }

    /** In rooms where one stands at fixtures or reaches for things, one who is alone there passes. */
    private static double wantedMm(LaidStorey storey, NarrowPlace place, Length wanted) {
        var isSmall = storey.geometry()
                .roomAt(place.middle())
                .flatMap(Room::mark)
                .filter(m -> FOR_ONE.contains(m.fit().use()))
                .isPresent();
        return isSmall ? Math.min(FOR_ONE_MM, wanted.mm()) : wanted.mm();
    }

    private static NarrowPlace known(Map<NarrowPlace, List<String>> all, NarrowPlace place) {
        return all.keySet().stream().filter(n -> n.isSame(place)).findFirst().orElse(place);
    }

    /** A room that has a door, and yet nobody comes in. */
    private static Optional<Snag> blocked(Ways ways, Reached reached) {
        return ways.hasDoor(reached.room())
                ? Optional.of(new Snag(
                        Snag.Kind.NARROW_WAY,
                        reached.turning(),
                        reached.room()
                                .mark()
                                .<List<ElementId>>map(m -> List.of(m.id()))
                                .orElse(List.of()),
                        "No way leads to " + name(reached) + ": what stands there leaves less than "
                                + LengthText.roundedWithUnit(
                                        Length.ofMm(2.0 * WidestWays.LEAST_HALF_MM),
                                        ways.storey().plan().units())
                                + " to pass."))
                : Optional.empty();
    }

    private static String name(Reached reached) {
        return reached.room().name().isEmpty() ? "a room" : reached.room().name();
    }

    private static String among(List<String> rooms) {
        return rooms.size() == 1
                ? rooms.getFirst()
                : rooms.getFirst() + " and " + (rooms.size() == 2 ? rooms.get(1) : rooms.size() - 1 + " other rooms");
    }

    /** Where a way is narrow, as the end of a sentence. */
    public static String where(LaidStorey storey, NarrowPlace place) {
        return place.door().isPresent() ? "at a door" : between(storey, place);
    }

    /** What a way is narrow between, in words. */
    public static String between(LaidStorey storey, NarrowPlace place) {
        var names = place.between().stream().map(id -> name(storey, id)).toList();
        return switch (names.size()) {
            case 0 -> "between walls";
            case 1 -> "between " + names.getFirst() + " and the wall";
            default -> "between " + names.getFirst() + " and " + names.get(1);
        };
    }

    private static String name(LaidStorey storey, ElementId id) {
        var elements = storey.storey().elements();
        return elements.find(Furnishing.class, id)
                .map(Furnishings::label)
                .or(() -> elements.find(Structure.class, id).map(s -> PartKinds.label(s.form())))
                .orElse("a fixed part");
    }
}
