package honeylamp.takeoff.way;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.takeoff.way.WalkedFloor.Doorway;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.Comparator;
import java.util.Optional;

/** Whether a piece gets in, in words. */
public final class DeliveryWords {
    /** A door so near is what it sticks at. */
    private static final double AT_DOOR_MM = 1500;

    private DeliveryWords() {}

    /** A sentence or two that say it, and where. */
    public static String of(LaidPlan plan, GettingIn answer) {
        return switch (answer) {
            case GettingIn.Fits _ -> "It gets in, in one piece.";
            case GettingIn.Just(var place) ->
                "It may just get in, in one piece: there is hardly more room than it needs " + at(plan, place)
                        + ". Measure there.";
            case GettingIn.Sticks(var place) -> "In one piece it does not get in: it sticks " + at(plan, place) + ".";
            case GettingIn.NoWayIn _ ->
                "Nobody knows how one comes in: no door leads outside, and no stair leads here.";
            case GettingIn.Unknown _ -> "It stands in no room, so nothing is in its way.";
        };
    }

    private static String at(LaidPlan plan, GettingIn.Place place) {
        var storey = plan.on(place.storey());
        return door(storey, place)
                .map(d -> "at " + door(storey, d) + ", "
                        + LengthText.roundedWithUnit(Length.ofMm(d.clearMm()), plan.units()) + " clear")
                .orElseGet(() -> room(storey, place));
    }

    /** The nearest door, open for people and not only for what is low enough. */
    private static Optional<Doorway> door(LaidStorey storey, GettingIn.Place place) {
        return WalkedFloor.furnished(storey).doorways().stream()
                .filter(d -> d.cut().middle().distance(place.middle()) < AT_DOOR_MM)
                .min(Comparator.comparingDouble(d -> d.cut().middle().distance(place.middle())));
    }

    private static String door(LaidStorey storey, Doorway door) {
        var names = door.ends().stream()
                .flatMap(p -> storey.geometry().roomAt(p).stream())
                .map(Room::name)
                .filter(n -> !n.isEmpty())
                .distinct()
                .toList();
        return switch (names.size()) {
            case 0 -> "a door";
            case 1 -> "the door to " + names.getFirst();
            default -> "the door between " + names.get(0) + " and " + names.get(1);
        };
    }

    private static String room(LaidStorey storey, GettingIn.Place place) {
        return storey.geometry()
                .roomAt(place.middle())
                .map(Room::name)
                .filter(n -> !n.isEmpty())
                .map(n -> "in " + n)
                .orElse("on " + storey.storey().name());
    }
}
