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
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

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
        private Alike inGroups(List<Integer> others) {
            return new Alike(room, kind, emission, product, works, others, circuit, priceCents);
        }

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

        private Row plus(Row other) {
            var groups = Stream.concat(alike.groups.stream(), other.alike.groups.stream())
                    .distinct()
                    .sorted()
                    .toList();
            return new Row(storey, first, alike.inGroups(groups), count + other.count);
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
        return switchesOfRooms(rows.values()).stream()
                .sorted(Comparator.comparing((Row r) -> r.alike.room)
                        .thenComparing(r -> r.alike.kind)
                        .thenComparing(r -> r.alike.works)
                        .thenComparing(r -> r.alike.groups.isEmpty() ? 0 : r.alike.groups.getFirst())
                        .thenComparing(r -> r.alike.circuit)
                        .thenComparing(r -> r.alike.product))
                .toList();
    }

    /** Switches of a room that are alike stand in one row with the groups of all of them. */
    private static Collection<Row> switchesOfRooms(Collection<Row> rows) {
        Map<Alike, Row> out = new LinkedHashMap<>();
        for (var row : rows) {
            out.merge(row.alike.kind.isSwitch() ? row.alike.inGroups(List.of()) : row.alike, row, Row::plus);
        }
        return out.values();
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

    /** What a tag stands for: fittings that are bought as one. */
    private record Type(FittingKind kind, Optional<Emission> emission, String product) {
        static Type of(Alike alike) {
            return new Type(alike.kind, alike.emission, alike.product);
        }

        private String letter() {
            return kind.isLight() ? "L" : kind.group() == FittingKind.Group.SWITCHES ? "S" : "P";
        }
    }

    /** The tags of a plan's fittings. */
    public static final class Tags {
        private final Map<Type, String> tags = new HashMap<>();

        private Tags(FittingList list) {
            var types = list.rows.stream()
                    .map(r -> Type.of(r.alike))
                    .distinct()
                    .sorted(Comparator.comparing(Type::kind)
                            .thenComparing(t -> t.emission.map(Emission::lumen).orElse(0))
                            .thenComparing(
                                    t -> t.emission.map(Emission::toString).orElse(""))
                            .thenComparing(Type::product))
                    .toList();
            Map<String, Integer> next = new HashMap<>();
            types.forEach(t -> tags.put(t, t.letter() + next.merge(t.letter(), 1, Integer::sum)));
        }

        /** The tag of a fitting: L for lights, S for switches, P for power, and a number; one for all that are alike. */
        public String of(Fitting fitting) {
            return tags.getOrDefault(Type.of(Alike.of(fitting, "")), "");
        }

        /** The tag of those in a row. */
        public String of(Row row) {
            return of(row.alike);
        }

        private String of(Alike alike) {
            return tags.getOrDefault(Type.of(alike), "");
        }
    }

    /** The tags of all fittings of a plan, the same on every page. */
    public static Tags tags(LaidPlan plan) {
        return new Tags(of(plan));
    }

    /** The list of a plan as a schedule. */
    public static Schedule schedule(LaidPlan plan) {
        return schedule(plan.all(), plan);
    }

    /** The list of some storeys as a schedule, with its sums at the end; tags are those of the whole plan. */
    public static Schedule schedule(Collection<LaidStorey> storeys, LaidPlan plan) {
        var list = of(storeys);
        var tags = tags(plan);
        var columns = List.of(
                Schedule.words("tag", "Tag"),
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
        var rows = new ArrayList<>(
                list.rows.stream().map(r -> row(r, tags.of(r.alike))).toList());
        list.sums().forEach(sum -> rows.add(sum.row()));
        return new Schedule(Schedule.Subject.FITTINGS, columns, rows);
    }

    /** What rows come to together. */
    public record Sum(String words, List<Row> rows) {
        /** Freezes the rows. */
        public Sum {
            rows = List.copyOf(rows);
        }

        /** How many there are. */
        public int count() {
            return rows.stream().mapToInt(Row::count).sum();
        }

        /** The light of all. */
        public int lumens() {
            return rows.stream().mapToInt(Row::lumens).sum();
        }

        /** What all draw. */
        public double watts() {
            return rows.stream().mapToDouble(Row::watts).sum();
        }

        /** What all cost, in whole cents. */
        public long costCents() {
            return rows.stream().mapToLong(Row::costCents).sum();
        }

        /** Empty cells where there is nothing to add. */
        private Schedule.Row row() {
            var first = rows.getFirst();
            return new Schedule.Row(
                    first.storey.id(),
                    first.first,
                    List.of(
                            new Cell.Words(""),
                            new Cell.Words(""),
                            new Cell.Words(""),
                            new Cell.Words(words),
                            Cell.Number.of(count(), 0),
                            new Cell.Words(""),
                            new Cell.Words(""),
                            new Cell.Words(""),
                            Cell.Number.orNothing(lumens(), 0),
                            Cell.Number.orNothing(watts(), 1),
                            new Cell.Words(""),
                            new Cell.Words(""),
                            new Cell.Words(""),
                            Cell.Number.orNothing(costCents() / CENTS, 2)));
        }
    }

    /** Of what stays or is new: lights, switches and sockets, and each circuit. */
    public List<Sum> sums() {
        var there = rows.stream().filter(Row::stands).toList();
        var sums = new ArrayList<Sum>();
        sums.add(new Sum(
                "All lights", there.stream().filter(r -> r.alike.kind.isLight()).toList()));
        sums.add(new Sum(
                "All switches",
                there.stream()
                        .filter(r -> r.alike.kind.group() == FittingKind.Group.SWITCHES)
                        .toList()));
        sums.add(new Sum(
                "All sockets",
                there.stream()
                        .filter(r -> r.alike.kind.group() == FittingKind.Group.SOCKETS)
                        .toList()));
        there.stream()
                .map(r -> r.alike.circuit)
                .filter(c -> c > 0)
                .distinct()
                .sorted()
                .forEach(c -> sums.add(new Sum(
                        "Circuit " + c,
                        there.stream().filter(r -> r.alike.circuit == c).toList())));
        return sums.stream().filter(sum -> !sum.rows.isEmpty()).toList();
    }

    private static Schedule.Row row(Row row, String tag) {
        var alike = row.alike;
        return new Schedule.Row(
                row.storey.id(),
                row.first,
                List.of(
                        new Cell.Words(tag),
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
