package honeylamp.takeoff.bought;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Column;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What is to be bought: all pieces that are alike in a room together, with where they come from and what they cost. */
public final class ShoppingList {
    private static final double CENTS = 100;

    private ShoppingList() {}

    /** Pieces that are alike. */
    private record Alike(
            StoreyId storey, String room, String kind, Length width, Length depth, Length height, Buying buying) {}

    /**
     * A line of the list.
     *
     * @param first of the pieces that are alike
     * @param name of the product, or what it is
     */
    public record Entry(StoreyId storey, String storeyName, String room, String name, Furnishing first, int count) {
        /** What all of them cost, in cents. */
        public long costCents() {
            return (long) count * first.buying().price();
        }
    }

    /** The lines of a plan, storey by storey and room by room; what goes in the works is not bought. */
    public static List<Entry> of(LaidPlan plan) {
        return of(plan.all());
    }

    /** The lines of some storeys. */
    public static List<Entry> of(List<LaidStorey> storeys) {
        Map<Alike, List<Furnishing>> by = new LinkedHashMap<>();
        Map<StoreyId, String> names = new LinkedHashMap<>();
        for (var storey : storeys) {
            names.put(storey.storey().id(), storey.storey().name());
            for (var piece : storey.storey().furnishings()) {
                if (piece.works() != Wall.Works.REMOVED) {
                    by.computeIfAbsent(alike(storey, piece), _ -> new ArrayList<>())
                            .add(piece);
                }
            }
        }
        return by.entrySet().stream()
                .map(e -> new Entry(
                        e.getKey().storey,
                        names.getOrDefault(e.getKey().storey, ""),
                        e.getKey().room,
                        Furnishings.called(e.getValue().getFirst()),
                        e.getValue().getFirst(),
                        e.getValue().size()))
                .toList();
    }

    private static Alike alike(LaidStorey storey, Furnishing piece) {
        var room = storey.geometry().roomAt(piece.at().point()).map(Room::name).orElse("");
        return new Alike(
                storey.storey().id(), room, piece.kind(), piece.width(), piece.depth(), piece.height(), piece.buying());
    }

    public static Schedule schedule(LaidPlan plan) {
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("room", "Room"),
                Schedule.words("name", "Piece"),
                Column.number("count", "Count"),
                Schedule.length("width", "Width"),
                Schedule.length("depth", "Depth"),
                Schedule.length("height", "Height"),
                Schedule.words("source", "From"),
                Column.number("price", "Price"),
                Column.number("cost", "Together"),
                Schedule.words("state", "State"),
                Schedule.words("link", "Link"));
        var rows = of(plan).stream().map(ShoppingList::row).toList();
        return new Schedule(Subject.SHOPPING, columns, rows);
    }

    private static Row row(Entry entry) {
        var piece = entry.first;
        var buying = piece.buying();
        return new Row(
                entry.storey,
                piece.id(),
                List.of(
                        new Cell.Words(entry.storeyName),
                        new Cell.Words(entry.room),
                        new Cell.Words(entry.name),
                        Cell.Number.of(entry.count, 0),
                        new Cell.Long(piece.width()),
                        new Cell.Long(piece.depth()),
                        new Cell.Long(piece.height()),
                        new Cell.Words(buying.source()),
                        Cell.Number.orNothing(buying.price() / CENTS, 2),
                        Cell.Number.orNothing(entry.costCents() / CENTS, 2),
                        new Cell.Words(buying.state() == Buying.State.BOUGHT ? "bought" : "to buy"),
                        new Cell.Words(buying.link())));
    }
}
