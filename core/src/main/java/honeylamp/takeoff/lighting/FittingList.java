package honeylamp.takeoff.lighting;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Column;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Emission;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall.Works;
import java.util.Collection;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/**
 * All fittings of a plan, room by room, those alike in one row with their number.
 *
 * @param rows by storey, room, kind
 */
public record FittingList(List<Row> rows) {
    private static final double CENTS = 100;

    /** Freezes the list. */
    public FittingList {
        rows = List.copyOf(rows);
    }

    /**
     * What fittings have in common that stand in one row.
     *
     * @param room its name; empty words where there is none
     * @param product its name, or empty words
     * @param priceCents of one
     */
    public record Alike(
            String room,
            FittingKind kind,
            Optional<Emission> emission,
            String product,
            Works works,
            List<Integer> groups,
            int circuit,
            int priceCents) {
        static Alike of(Fitting f, String room) {
            return new Alike(
                    room,
                    f.kind(),
                    f.emission(),
                    f.buying().name(),
                    f.works(),
                    f.groups(),
                    f.circuit(),
                    f.buying().price());
        }
    }

    /**
     * Fittings of one room that are alike.
     *
     * @param first of them
     * @param count how many
     */
    public record Row(Storey storey, FittingId first, Alike alike, int count) {
        /** What they draw together. */
        public double watts() {
            return alike.emission.map(e -> e.watt() * count).orElse(0.0);
        }

        /** The light of all of them. */
        public int lumens() {
            return alike.emission.map(e -> e.lumen() * count).orElse(0);
        }

        /** What they cost together, in cents. */
        public long costCents() {
            return (long) alike.priceCents * count;
        }

        private boolean stands() {
            return alike.works != Works.REMOVED;
        }
    }

    /** The list of a plan. */
    public static FittingList of(LaidPlan plan) {
        return of(plan.all());
    }

    /** The list of some storeys. */
    public static FittingList of(Collection<LaidStorey> storeys) {
        return new FittingList(storeys.stream().flatMap(s -> rows(s).stream()).toList());
    }

    private static List<Row> rows(LaidStorey storey) {
        var geometry = storey.geometry();
        Map<Alike, Row> rows = new LinkedHashMap<>();
        for (var fitting : geometry.storey().fittings()) {
            for (var placed : FittingPlaces.of(geometry, fitting)) {
                var room = geometry.roomAt(placed.before()).map(Room::name).orElse("");
                var alike = Alike.of(fitting, room);
                rows.merge(
                        alike,
                        new Row(geometry.storey(), fitting.id(), alike, 1),
                        (a, b) -> new Row(a.storey, a.first, a.alike, a.count + b.count));
            }
        }
        return rows.values().stream()
                .sorted(Comparator.comparing((Row r) -> r.alike.room)
                        .thenComparing(r -> r.alike.kind)
                        .thenComparing(r -> r.alike.works)
                        .thenComparing(r -> r.alike.groups.isEmpty() ? 0 : r.alike.groups.getFirst())
                        .thenComparing(r -> r.alike.circuit)
                        .thenComparing(r -> r.alike.product))
                .toList();
    }

    /**
     * A kind in the key of a page.
     *
     * @param more about its light; empty words if it is none, or not the same for all
     */
    public record Entry(FittingKind kind, int count, String more) {}

    /** The kinds there are with how many of each, what goes left out, in the order of kinds. */
    public List<Entry> key() {
        return rows.stream().filter(Row::stands).collect(Collectors.groupingBy(r -> r.alike.kind)).entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(e -> new Entry(
                        e.getKey(), e.getValue().stream().mapToInt(Row::count).sum(), more(e.getValue())))
                .toList();
    }

    private static String more(List<Row> rows) {
        var all = rows.stream().map(r -> r.alike.emission).distinct().toList();
        return all.size() == 1 ? all.getFirst().map(FittingList::words).orElse("") : "";
    }

    /** What is said of light in a line. */
    public static String words(Emission light) {
        return light.lumen() + " lm, "
                + Cell.Number.of(light.watt(), light.watt() == Math.rint(light.watt()) ? 0 : 1)
                        .text()
                + " W, " + light.kelvin() + " K"
                + (light.dimming() == Emission.Dimming.DIMMED ? ", dimmable" : "");
    }

    /** What all that stays or is new draws. */
    public double watts() {
        return rows.stream().filter(Row::stands).mapToDouble(Row::watts).sum();
    }

    /** What all that is new costs, in cents. */
    public long costCents() {
        return rows.stream()
                .filter(r -> r.alike.works == Works.NEW)
                .mapToLong(Row::costCents)
                .sum();
    }

    /** The list as a schedule. */
    public static Schedule schedule(LaidPlan plan) {
        var list = of(plan);
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("room", "Room"),
                Schedule.words("kind", "Kind"),
                Column.number("number", "Number"),
                Schedule.words("works", "Works"),
                Schedule.words("groups", "Groups"),
                Schedule.words("circuit", "Circuit"),
                Column.number("lumen", "Lumen"),
                Column.number("watt", "Watt"),
                Schedule.words("light", "Each"),
                Schedule.words("product", "Product"),
                Column.number("price", "Price"),
                Column.number("cost", "Cost"));
        return new Schedule(
                Schedule.Subject.FITTINGS,
                columns,
                list.rows.stream().map(FittingList::row).toList());
    }

    private static Schedule.Row row(Row row) {
        var alike = row.alike;
        return new Schedule.Row(
                row.storey.id(),
                row.first,
                List.of(
                        new Cell.Words(row.storey.name()),
                        new Cell.Words(alike.room),
                        new Cell.Words(alike.kind.label()),
                        Cell.Number.of(row.count, 0),
                        new Cell.Words(alike.works.label()),
                        new Cell.Words(
                                alike.groups.stream().map(String::valueOf).collect(Collectors.joining(", "))),
                        new Cell.Words(alike.circuit == 0 ? "" : "c" + alike.circuit),
                        Cell.Number.orNothing(row.lumens(), 0),
                        Cell.Number.orNothing(row.watts(), 1),
                        new Cell.Words(alike.emission.map(FittingList::words).orElse("")),
                        new Cell.Words(alike.product),
                        Cell.Number.orNothing(alike.priceCents / CENTS, 2),
                        Cell.Number.orNothing(row.costCents() / CENTS, 2)));
    }
}
