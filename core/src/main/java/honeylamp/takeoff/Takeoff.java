package honeylamp.takeoff;

import honeylamp.catalogue.Family;
import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.catalogue.piece.Counters;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Column;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Laying.Sheen;
import honeylamp.plan.Position;
import honeylamp.plan.Surface;
import honeylamp.takeoff.bought.RoomCosts;
import honeylamp.takeoff.bought.ShoppingList;
import honeylamp.takeoff.bought.UnitList;
import honeylamp.takeoff.bought.WayList;
import honeylamp.takeoff.lighting.FittingList;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What a plan comes to: every covered surface, every material, edges, walls and pieces, copies of units counted. */
public final class Takeoff {
    /** Coats of paint, and what a litre covers in one, in m2: the middle of what tins say of emulsion on plaster. */
    public static final int COATS = 2;

    public static final double M2_PER_LITRE = 11;

    private static final double MM2_PER_M2 = 1e6;

    private Takeoff() {}

    /**
     * A covered surface.
     *
     * @param unit it is a part of, or empty words
     * @param part which part of its room or building it is
     * @param areaMm2 holes, openings and what lies over it left out
     * @param count its pieces; empty if it is laid in one, or in too many to count
     * @param stretches of which it consists, in the order in which their pieces are counted
     */
    public record Covered(
            StoreyId storey,
            String storeyName,
            String unit,
            String room,
            Surface surface,
            String part,
            Material material,
            Finish finish,
            double areaMm2,
            Optional<TileCount> count,
            List<Stretch> stretches) {
        public Covered {
            stretches = List.copyOf(stretches);
        }
    }

    /**
     * A part of a surface that lies in one frame.
     *
     * @param cuts how many pieces of it are cut
     */
    public record Stretch(Surfaces.Frame frame, int cuts) {}

    /** Any list of a plan. */
    public static Schedule of(LaidPlan plan, Subject subject) {
        return of(plan, subject, "");
    }

    /**
     * What of a list is about something.
     *
     * @param words that all must occur in a row, such as a storey, a room, a kind of surface, a finish; of materials only
     *     the surfaces of which that holds are counted
     */
    public static Schedule of(LaidPlan plan, Subject subject, String words) {
        var wanted = List.of(words.strip().toLowerCase(Locale.ROOT).split("\\s+"));
        return switch (subject) {
            case DOORS -> about(wanted, Schedule.doors(plan));
            case WINDOWS -> about(wanted, Schedule.windows(plan));
            case ROOMS -> about(wanted, Schedule.rooms(plan));
            case WAYS -> about(wanted, WayList.schedule(plan));
            case FINISHES -> finishes(about(wanted, covered(plan)));
            case MATERIALS -> materials(about(wanted, covered(plan)));
            case CUTS -> CuttingList.of(plan, together(about(wanted, covered(plan))));
            case EDGES -> about(wanted, EdgeList.of(plan));
            case WALLS -> about(wanted, BuiltUp.walls(plan));
            case LAYERS -> about(wanted, BuiltUp.layers(plan));
            case UNITS -> about(wanted, UnitList.schedule(plan));
            case SHOPPING -> about(wanted, ShoppingList.schedule(plan));
            case ROOM_COSTS -> about(wanted, RoomCosts.schedule(plan));
            case FITTINGS -> about(wanted, FittingList.schedule(plan));
            case PIECES -> about(wanted, pieces(plan));
        };
    }

    private static Schedule about(List<String> wanted, Schedule all) {
        var rows = all.rows().stream()
                .filter(r -> says(
                        wanted,
                        r.cells().stream()
                                .map(c -> c instanceof Cell.Words(var text) ? text : "")
                                .collect(Collectors.joining(" "))))
                .toList();
        return new Schedule(all.subject(), all.columns(), rows);
    }

    private static List<Covered> about(List<String> wanted, List<Covered> all) {
        return all.stream()
                .filter(c -> says(
                        wanted,
                        String.join(
                                " ",
                                c.storeyName,
                                c.unit,
                                c.room,
                                c.part,
                                c.material.label(),
                                c.material.family().label(),
                                laid(c.material),
                                c.finish.reason())))
                .toList();
    }

    private static boolean says(List<String> wanted, String text) {
        var lower = text.toLowerCase(Locale.ROOT);
        return wanted.stream().allMatch(lower::contains);
    }

    /** Every surface that is covered with a finish of the catalogue, storey by storey. */
    public static List<Covered> covered(LaidPlan plan) {
        var out = new ArrayList<Covered>();
        plan.all().forEach(storey -> out.addAll(covered(storey, Counters.withSurfaces(storey))));
        return out;
    }

    /** What of surfaces of a storey is covered with a finish of the catalogue. */
    static List<Covered> covered(LaidStorey storey, List<Surfaces.Found> surfaces) {
        var out = new ArrayList<Covered>();
        var found = new LinkedHashMap<Laid, List<Surfaces.Found>>();
        for (var each : surfaces) {
            var alike = each.finish().map(f -> f.turnedTo(0).startingAt(Position.ORIGIN));
            found.computeIfAbsent(new Laid(each.surface(), alike), _ -> new ArrayList<>())
                    .add(each);
        }
        found.forEach((laid, parts) -> covered(storey, laid.surface, parts).ifPresent(out::add));
        return out;
    }

    /** What lies on a surface, whichever way it runs; a wall in courses and a floor with borders have several. */
    private record Laid(Surface surface, Optional<Finish> finish) {}

    private static Optional<Covered> covered(LaidStorey storey, Surface surface, List<Surfaces.Found> parts) {
        var finish = parts.getFirst().finish();
        var area = parts.stream().mapToDouble(Surfaces.Found::areaMm2).sum();
        return finish.flatMap(Materials::of).filter(_ -> area > 0).map(material -> {
            var counts = parts.stream()
                    .map(p -> TileCount.of(
                            p.outline(),
                            material.laying(),
                            p.finish().orElseThrow(),
                            surface.host().seed()))
                    .toList();
            return new Covered(
                    storey.storey().id(),
                    storey.storey().name(),
                    SurfaceNames.unit(storey, surface),
                    SurfaceNames.room(storey, surface),
                    surface,
                    SurfaceNames.part(storey, surface),
                    material,
                    finish.get(),
                    area,
                    counts.stream().allMatch(Optional::isPresent)
                            ? counts.stream().flatMap(Optional::stream).reduce(TileCount::plus)
                            : Optional.empty(),
                    IntStream.range(0, parts.size())
                            .mapToObj(i -> new Stretch(
                                    parts.get(i).frame(),
                                    counts.get(i)
                                            .map(c -> c.cuts().all().size())
                                            .orElse(0)))
                            .toList());
        });
    }

    /**
     * All surfaces with a material as it is laid.
     *
     * @param count of their pieces; empty if they cannot be counted
     */
    record Together(Material material, List<Covered> surfaces, double areaMm2, Optional<TileCount> count) {}

    /** Each material as it is laid once. */
    static List<Together> together(List<Covered> all) {
        Map<Material, List<Covered>> by = new LinkedHashMap<>();
        all.forEach(c -> by.computeIfAbsent(c.material, _ -> new ArrayList<>()).add(c));
        return by.entrySet().stream()
                .map(e -> new Together(
                        e.getKey(),
                        e.getValue(),
                        e.getValue().stream().mapToDouble(Covered::areaMm2).sum(),
                        e.getValue().stream().allMatch(c -> c.count.isPresent())
                                ? e.getValue().stream()
                                        .flatMap(c -> c.count.stream())
                                        .reduce(TileCount::plus)
                                : Optional.empty()))
                .toList();
    }

    /** What a material covers takes of paint, in litres; nothing of others. */
    static double litres(Material material, double areaMm2) {
        return material.family() == Family.PAINT ? COATS * areaMm2 / MM2_PER_M2 / M2_PER_LITRE : 0;
    }

    /** What pieces come to. */
    private record Bought(int pieces, int boxes, double kg, double cost) {
        static final Bought NOTHING = new Bought(0, 0, 0, 0);

        static Bought of(Material material, TileCount count) {
            var goods = material.laying().goods();
            var boxes = count.boxes(goods, 0).orElse(0);
            var pieces = boxes == 0 ? count.ordered() : boxes * goods.perBox();
            return new Bought(
                    count.ordered(),
                    boxes,
                    pieces * (double) goods.grams() / 1000,
                    (boxes == 0 ? count.ordered() : boxes) * (double) goods.price() / 100);
        }
    }

    private static List<Cell> bought(Optional<TileCount> count, Material material) {
        var bought = count.map(c -> Bought.of(material, c)).orElse(Bought.NOTHING);
        return List.of(
                Cell.Number.orNothing(count.map(TileCount::whole).orElse(0), 0),
                Cell.Number.orNothing(count.map(TileCount::large).orElse(0), 0),
                Cell.Number.orNothing(count.map(TileCount::small).orElse(0), 0),
                Cell.Number.orNothing(bought.pieces, 0),
                Cell.Number.orNothing(count.map(TileCount::nested).orElse(0), 0),
                Cell.Number.orNothing(100 * count.map(TileCount::wasteShare).orElse(0.0), 1),
                Cell.Number.orNothing(bought.boxes, 0),
                Cell.Number.orNothing(bought.kg, 1),
                Cell.Number.orNothing(bought.cost, 2));
    }

    private static final List<Column> BOUGHT = List.of(
            Column.number("whole", "Whole"),
            Column.number("large", "Cut over half"),
            Column.number("small", "Cut under half"),
            Column.number("order", "Order"),
            Column.number("nested", "With offcuts"),
            Column.number("waste_percent", "Waste, %"),
            Column.number("boxes", "Boxes"),
            Column.number("kg", "kg"),
            Column.number("cost", "Cost"));

    private static Schedule finishes(List<Covered> all) {
        var columns = new ArrayList<>(List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("room", "Room"),
                Schedule.words("surface", "Surface"),
                Schedule.words("finish", "Finish"),
                Schedule.words("laid", "Laid"),
                Column.area("area", "Area")));
        columns.addAll(BOUGHT);
        var isInUnits = all.stream().anyMatch(c -> !c.unit.isEmpty());
        if (isInUnits) {
            columns.add(Schedule.words("unit", "Unit"));
        }
        columns.add(Schedule.words("reason", "Why"));
        var rows = all.stream()
                .map(c -> {
                    var cells = new ArrayList<Cell>(List.of(
                            new Cell.Words(c.storeyName),
                            new Cell.Words(c.room),
                            new Cell.Words(c.part),
                            new Cell.Words(c.material.label()),
                            new Cell.Words(laid(c.material)),
                            new Cell.Wide(c.areaMm2)));
                    cells.addAll(bought(c.count, c.material));
                    if (isInUnits) {
                        cells.add(new Cell.Words(c.unit));
                    }
                    cells.add(new Cell.Words(c.finish.reason()));
                    return new Row(c.storey, c.surface.host(), cells);
                })
                .toList();
        return new Schedule(Subject.FINISHES, columns, rows);
    }

    private static String laid(Material material) {
        var sheen = material.laying().coat().sheen();
        return Patterns.label(material.laying().pattern())
                + (sheen == Sheen.MATT ? "" : ", " + sheen.label().toLowerCase(Locale.ROOT));
    }

    /** Each material as it is laid, with all its surfaces; boxes are filled up once, not surface by surface. */
    private static Schedule materials(List<Covered> all) {
        var columns = new ArrayList<>(List.of(
                Schedule.words("finish", "Finish"),
                Schedule.words("laid", "Laid"),
                Schedule.words("family", "Family"),
                Column.area("area", "Area")));
        columns.addAll(BOUGHT);
        columns.add(Column.number("litres", "Litres, " + COATS + " coats"));
        var rows = together(all).stream()
                .map(t -> {
                    var cells = new ArrayList<Cell>(List.of(
                            new Cell.Words(t.material.label()),
                            new Cell.Words(laid(t.material)),
                            new Cell.Words(t.material.family().label()),
                            new Cell.Wide(t.areaMm2)));
                    cells.addAll(bought(t.count, t.material));
                    cells.add(Cell.Number.orNothing(litres(t.material, t.areaMm2), 1));
                    var first = t.surfaces.getFirst();
                    return new Row(first.storey, first.surface.host(), cells);
                })
                .toList();
        return new Schedule(Subject.MATERIALS, columns, rows);
    }

    static Cell length(double mm) {
        return new Cell.Long(Length.ofMm(Math.rint(mm * 100) / 100));
    }

    private static Schedule pieces(LaidPlan plan) {
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("room", "Room"),
                Schedule.words("kind", "Kind"),
                Schedule.words("name", "Piece"),
                Schedule.length("width", "Width"),
                Schedule.length("depth", "Depth"),
                Schedule.length("height", "Height"));
        var rows = new ArrayList<Row>();
        for (var storey : plan.all()) {
            for (var piece : storey.storey().furnishings()) {
                rows.add(piece(storey, piece));
            }
        }
        return new Schedule(Subject.PIECES, columns, rows);
    }

    private static Row piece(LaidStorey storey, Furnishing piece) {
        var kind = Furnishings.of(piece);
        return new Row(
                storey.storey().id(),
                piece.id(),
                List.of(
                        new Cell.Words(storey.storey().name()),
                        new Cell.Words(storey.geometry()
                                .roomAt(piece.at().point())
                                .map(Room::name)
                                .orElse("")),
                        new Cell.Words(kind.map(k -> k.group().label()).orElse("")),
                        new Cell.Words(kind.map(k -> k.label()).orElse(piece.kind())),
                        new Cell.Long(piece.width()),
                        new Cell.Long(piece.depth()),
                        new Cell.Long(piece.height())));
    }
}
