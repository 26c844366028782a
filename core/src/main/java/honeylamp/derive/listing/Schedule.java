package honeylamp.derive.listing;

import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.Areas;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Box;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Finish;
import honeylamp.plan.Keeping;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind.Family;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall.Works;
import honeylamp.units.Length;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * A list of everything of one kind, in the order of storeys and tags.
 *
 * @param columns what each cell of a row is
 */
public record Schedule(Subject subject, List<Column> columns, List<Row> rows) {
    /** What a schedule lists. */
    public enum Subject {
        /** Doors and plain openings. */
        DOORS("Doors"),
        WINDOWS("Windows"),
        ROOMS("Rooms"),
        /** How one comes to every room. */
        WAYS("Ways"),
        /** Every surface that is covered. */
        FINISHES("Finishes"),
        /** What the finishes come to, each once. */
        MATERIALS("Materials"),
        /** Which cuts come out of which pieces. */
        CUTS("Cuts"),
        /** Edges of rooms: skirtings and thresholds. */
        EDGES("Edges"),
        /** Walls by their type. */
        WALLS("Walls"),
        /** What walls and floors are built up of. */
        LAYERS("Layers"),
        /** What runs are made up of. */
        UNITS("Units"),
        /** Lights, switches and outlets. */
        FITTINGS("Lighting and power"),
        /** Everything placed. */
        PIECES("Pieces"),
        /** What is to be bought, alike pieces together. */
        SHOPPING("Shopping list"),
        /** What the pieces of each room come to. */
        ROOM_COSTS("Cost by room");

        private final String label;

        Subject(String label) {
            this.label = label;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }

        /** Whether it is a part of the takeoff: what is bought and worked, not what is planned. */
        public boolean isTakeoff() {
            return ordinal() >= FINISHES.ordinal();
        }
    }

    /** What a cell holds. */
    public enum Measure {
        WORDS,
        LENGTH,
        AREA,
        NUMBER
    }

    /** A column; {@code key} names it for other programs. */
    public record Column(String key, String heading, Measure measure) {
        /** A column of counts, costs or other plain numbers. */
        public static Column number(String key, String heading) {
            return new Column(key, heading, Measure.NUMBER);
        }

        /** A column of areas. */
        public static Column area(String key, String heading) {
            return new Column(key, heading, Measure.AREA);
        }
    }

    /** A line, about one thing on one storey. */
    public record Row(ElementId.StoreyId storey, ElementId about, List<Cell> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /** The value of a cell. */
    public sealed interface Cell {
        record Words(String text) implements Cell {}

        record Long(Length length) implements Cell {}

        /** A length that was worked out, to a hundredth of a millimetre: what lies below is rounding. */
        static Cell derived(double mm) {
            return new Long(Length.ofMm(Math.rint(mm * 100) / 100));
        }

        /** An area in mm². */
        record Wide(double areaMm2) implements Cell {}

        /** A number with so many digits after its point; nothing where there is none. */
        record Number(OptionalDouble value, int digits) implements Cell {
            public static Number of(double value, int digits) {
                return new Number(OptionalDouble.of(value), digits);
            }

            /** A number that says nothing if it is nought. */
            public static Number orNothing(double value, int digits) {
                return value == 0 ? new Number(OptionalDouble.empty(), digits) : of(value, digits);
            }

            /** As it is shown. */
            public String text() {
                return value.isEmpty()
                        ? ""
                        : BigDecimal.valueOf(value.getAsDouble())
                                .setScale(digits, RoundingMode.HALF_UP)
                                .toPlainString();
            }
        }
    }

    private static final List<Column> OPENINGS = List.of(
            words("tag", "Tag"),
            words("storey", "Storey"),
            words("kind", "Kind"),
            length("width", "Width"),
            length("sill", "Sill"),
            length("head", "Head"),
            length("clear", "Clear width"),
            words("hand", "Hand"),
            words("from", "From"),
            words("to", "To"),
            words("keeps", "Keeps"),
            words("product", "Product"));

    private static final List<Column> ROOMS = List.of(
            words("number", "Number"),
            words("storey", "Storey"),
            words("name", "Name"),
            words("counts", "Counts as"),
            new Column("inner", "Inner faces", Measure.AREA),
            new Column("centres", "Wall centres", Measure.AREA),
            new Column("outer", "Outer faces", Measure.AREA),
            length("perimeter", "Perimeter"),
            length("height", "Height"),
            words("floor", "Floor"),
            words("ceiling", "Ceiling"),
            words("walls", "Walls"));

    /** Columns whose values add up to something. */
    private static final Set<String> ADDING = Set.of(
            "count",
            "area",
            "inner",
            "centres",
            "outer",
            "perimeter",
            "skirting",
            "thresholds",
            "trims",
            "mitred",
            "edge_trims",
            "pieces",
            "cuts",
            "length",
            "faces",
            "volume_m3",
            "whole",
            "large",
            "small",
            "order",
            "nested",
            "boxes",
            "kg",
            "cost",
            "litres");

    public Schedule {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /** A column of words. */
    public static Column words(String key, String heading) {
        return new Column(key, heading, Measure.WORDS);
    }

    /** A column of lengths. */
    public static Column length(String key, String heading) {
        return new Column(key, heading, Measure.LENGTH);
    }

    /** The doors of a plan, what stands in copies of units counted. */
    public static Schedule doors(LaidPlan plan) {
        return openings(plan, Subject.DOORS);
    }

    /** What of it is on some storeys. */
    public Schedule on(Collection<StoreyId> storeys) {
        return new Schedule(
                subject,
                columns,
                rows.stream().filter(r -> storeys.contains(r.storey())).toList());
    }

    /** The windows of a plan, what stands in copies of units counted. */
    public static Schedule windows(LaidPlan plan) {
        return openings(plan, Subject.WINDOWS);
    }

    /** What its columns come to; no words where values do not add up to anything. */
    public List<Cell> total() {
        var out = new ArrayList<Cell>();
        for (var c = 0; c < columns.size(); c++) {
            var at = c;
            var cells = rows.stream().map(r -> r.cells().get(at)).toList();
            out.add(ADDING.contains(columns.get(c).key()) && !cells.isEmpty() ? sum(cells) : new Cell.Words(""));
        }
        return out;
    }

    private static Cell sum(List<Cell> cells) {
        return switch (cells.getFirst()) {
            case Cell.Words words -> words;
            case Cell.Long _ ->
                new Cell.Long(cells.stream().map(c -> ((Cell.Long) c).length()).reduce(Length.ZERO, Length::plus));
            case Cell.Wide _ ->
                new Cell.Wide(cells.stream()
                        .mapToDouble(c -> ((Cell.Wide) c).areaMm2())
                        .sum());
            case Cell.Number(var _, var digits) ->
                Cell.Number.orNothing(
                        cells.stream()
                                .mapToDouble(c -> ((Cell.Number) c).value().orElse(0))
                                .sum(),
                        digits);
        };
    }

    private static Schedule openings(LaidPlan plan, Subject subject) {
        var rows = new ArrayList<Row>();
        var tags = Tags.of(plan);
        plan.all().forEach(s -> openings(s.geometry(), tags, subject == Subject.WINDOWS, rows));
        return plan.all().stream().anyMatch(s -> s.storey().hasWorks())
                ? withWorks(plan, new Schedule(subject, OPENINGS, rows))
                : new Schedule(subject, OPENINGS, rows);
    }

    /** With what becomes of each in the works: one in a new wall is new. */
    private static Schedule withWorks(LaidPlan plan, Schedule openings) {
        var columns = new ArrayList<>(openings.columns);
        columns.add(words("works", "In the works"));
        var rows = openings.rows.stream()
                .map(r -> {
                    var storey = plan.on(r.storey()).storey();
                    var isNew = storey.elements()
                            .find(Opening.class, r.about())
                            .filter(o -> o.works() == Works.NEW
                                    || storey.wall(o.host())
                                            .filter(w -> w.works() == Works.NEW)
                                            .isPresent())
                            .isPresent();
                    var cells = new ArrayList<>(r.cells());
                    cells.add(new Cell.Words((isNew ? Works.NEW : Works.EXISTING).ofOpening()));
                    return new Row(r.storey(), r.about(), cells);
                })
                .toList();
        return new Schedule(openings.subject, columns, rows);
    }

    /** The rooms of a plan, those in copies of units counted. */
    public static Schedule rooms(LaidPlan plan) {
        var rows = new ArrayList<Row>();
        plan.all().forEach(s -> rooms(s.geometry(), s.areas(), rows));
        return new Schedule(Subject.ROOMS, ROOMS, rows);
    }

    /** A room and the box around it. */
    private record Boxed(Room room, Box box) {}

    private static void openings(
            StoreyGeometry geometry, Map<ElementId.OpeningId, String> tags, boolean windows, List<Row> rows) {
        Map<ElementId.OpeningId, OpeningCut> cuts = new HashMap<>();
        geometry.cuts().forEach(c -> cuts.put(c.opening().id(), c));
        var rooms = geometry.rooms().stream()
                .map(r -> new Boxed(r, r.outline().bounds()))
                .toList();
        for (var opening : geometry.storey().standingOpenings()) {
            if (opening.kind().isWindow() == windows) {
                var cut = Optional.ofNullable(cuts.get(opening.id()));
                rows.add(opening(geometry, rooms, opening, cut, tags.getOrDefault(opening.id(), "")));
            }
        }
    }

    private static Row opening(
            StoreyGeometry geometry, List<Boxed> rooms, Opening opening, Optional<OpeningCut> cut, String tag) {
        return new Row(
                geometry.storey().id(),
                opening.id(),
                List.of(
                        new Cell.Words(tag),
                        new Cell.Words(geometry.storey().name()),
                        new Cell.Words(opening.kind().label()),
                        new Cell.Long(opening.width()),
                        new Cell.Long(opening.sill()),
                        new Cell.Long(opening.head()),
                        Cell.derived(FrameSizes.of(opening).clearWidthMm()),
                        new Cell.Words(hand(opening)),
                        new Cell.Words(beside(rooms, cut, opening.swing().flipped())),
                        new Cell.Words(beside(rooms, cut, opening.swing())),
                        new Cell.Words(keeps(opening.keeping())),
                        new Cell.Words(opening.build().product())));
    }

    /**
     * Left or right, seen from the side it opens to: where the hinges are when one pulls the door towards oneself.
     * Empty words if it makes no difference.
     */
    public static String hand(Opening opening) {
        if (opening.kind().family() != Family.DOOR || !opening.kind().hasHand()) {
            return "";
        }
        var first = opening.hand() == Opening.Hand.FIRST;
        var left = opening.swing() == Opening.Swing.LEFT;
        // on the left side of the wall, looking at it, the wall's first end is at one's right hand
        return first == left ? "right" : "left";
    }

    private static String beside(List<Boxed> rooms, Optional<OpeningCut> cut, Opening.Swing side) {
        return cut.map(c -> {
                    var away = (c.thicknessMm() / 2 + 20) * side.sign();
                    var at = c.middle().middle().plus(c.unit().left().times(away));
                    return rooms.stream()
                            .filter(r -> r.box.contains(at) && r.room.outline().contains(at))
                            .findFirst()
                            .map(r -> r.room.name())
                            .orElse("outside");
                })
                .orElse("not shown: no room in its wall");
    }

    private static String keeps(Keeping keeping) {
        return switch (keeping.rule()) {
            case AS_PUT -> "";
            case FROM_FIRST, FROM_SECOND -> "distance";
            case EVEN -> keeping.of() == 1 ? "centred" : "equal gaps";
        };
    }

    private static void rooms(StoreyGeometry geometry, Areas areas, List<Row> rows) {
        for (var i = 0; i < geometry.rooms().size(); i++) {
            var room = geometry.rooms().get(i);
            var by = areas.rooms().get(i);
            room.mark().ifPresent(mark -> rows.add(room(geometry.storey(), room, mark, by)));
        }
    }

    /** The key of a finish as words. */
    private static String plain(String key) {
        return key.replace('-', ' ');
    }

    private static Row room(Storey storey, Room room, RoomMark mark, Map<AreaBasis, Double> by) {
        var fit = mark.fit();
        return new Row(
                storey.id(),
                mark.id(),
                List.of(
                        new Cell.Words(fit.number()),
                        new Cell.Words(storey.name()),
                        new Cell.Words(mark.name()),
                        new Cell.Words(
                                fit.counts() == CountsAs.INDOOR
                                        ? ""
                                        : fit.counts().label().toLowerCase(Locale.ROOT)),
                        new Cell.Wide(by.getOrDefault(AreaBasis.INNER_FACES, 0.0)),
                        new Cell.Wide(by.getOrDefault(AreaBasis.WALL_CENTRES, 0.0)),
                        new Cell.Wide(by.getOrDefault(AreaBasis.OUTER_FACES, 0.0)),
                        Cell.derived(room.perimeterMm()),
                        new Cell.Long(fit.height().orElse(storey.height())),
                        new Cell.Words(plain(mark.floor().material())),
                        new Cell.Words(plain(finish(storey, new Surface.Ceiling(mark.id())))),
                        new Cell.Words(plain(finish(storey, new Surface.Walls(mark.id()))))));
    }

    private static String finish(Storey storey, Surface surface) {
        return Surfaces.finish(storey, surface).map(Finish::material).orElse("");
    }
}
