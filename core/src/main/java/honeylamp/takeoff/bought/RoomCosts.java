package honeylamp.takeoff.bought;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Column;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.StoreyId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What the pieces of each room come to; pieces nobody said a price of count as nothing. */
public final class RoomCosts {
    private static final double CENTS = 100.0;

    private RoomCosts() {}

    private record Room(StoreyId storey, String storeyName, String name) {}

    /** What the pieces of a room come to, in cents. */
    public record Sum(String room, long cents) {}

    /** Rooms of some storeys whose pieces have a price; pieces in no room come to one sum. */
    public static List<Sum> of(List<LaidStorey> storeys) {
        var by = new LinkedHashMap<String, Long>();
        ShoppingList.of(storeys).forEach(e -> by.merge(e.room(), e.costCents(), Long::sum));
        return by.entrySet().stream()
                .filter(e -> e.getValue() > 0)
                .map(e -> new Sum(e.getKey().isEmpty() ? "In no room" : e.getKey(), e.getValue()))
                .toList();
    }

    public static Schedule schedule(LaidPlan plan) {
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("room", "Room"),
                Column.number("pieces", "Pieces"),
                Column.number("unpriced", "Without a price"),
                Column.number("cost", "Together"),
                Column.number("bought", "Bought"),
                Column.number("to_buy", "To buy"));
        Map<Room, List<ShoppingList.Entry>> by = new LinkedHashMap<>();
        for (var entry : ShoppingList.of(plan)) {
            by.computeIfAbsent(new Room(entry.storey(), entry.storeyName(), entry.room()), _ -> new ArrayList<>())
                    .add(entry);
        }
        var rows = new ArrayList<Row>();
        by.forEach((room, of) -> rows.add(row(room, of)));
        return new Schedule(Subject.ROOM_COSTS, columns, rows);
    }

    private static Row row(Room room, List<ShoppingList.Entry> of) {
        var pieces = of.stream().mapToInt(ShoppingList.Entry::count).sum();
        var unpriced = of.stream()
                .filter(e -> e.first().buying().price() == 0)
                .mapToInt(ShoppingList.Entry::count)
                .sum();
        var all = of.stream().mapToLong(ShoppingList.Entry::costCents).sum();
        var bought = of.stream()
                .filter(e -> e.first().buying().state() == Buying.State.BOUGHT)
                .mapToLong(ShoppingList.Entry::costCents)
                .sum();
        return new Row(
                room.storey,
                of.getFirst().first().id(),
                List.of(
                        new Cell.Words(room.storeyName),
                        new Cell.Words(room.name),
                        Cell.Number.of(pieces, 0),
                        Cell.Number.of(unpriced, 0),
                        Cell.Number.of(all / CENTS, 2),
                        Cell.Number.of(bought / CENTS, 2),
                        Cell.Number.of((all - bought) / CENTS, 2)));
    }
}
