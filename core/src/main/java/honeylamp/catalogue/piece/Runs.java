package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.derive.listing.RunLayout;
import honeylamp.derive.listing.RunLayout.Part;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Role;
import honeylamp.plan.Run;
import honeylamp.plan.Run.Series;
import honeylamp.plan.RunUnit;
import honeylamp.plan.RunUnit.Kind;
import honeylamp.plan.Stand;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** Runs of units: counters, units on a wall, tall units, closets; what may be in each, and how they are drawn. */
public final class Runs {
    /** The key of counters with units below. */
    public static final String COUNTER = "counter-run";

    /** The key of units that hang on a wall. */
    public static final String ON_WALL = "wall-run";

    /** The key of tall units. */
    public static final String TALL = "tall-run";

    /** The key of closets. */
    public static final String CLOSET = "closet";

    /** How thick the counter over the units is. */
    public static final Length COUNTER_THICK = Length.ofMm(CounterArt.TOP);

    private static final double SIDE = 19;
    private static final double DOOR = 22;
    private static final double LEAF = 500;
    private static final double SLIDING_LEAF = 900;
    private static final double OVERLAP = 40;
    private static final double HANGER_EACH = 90;
    private static final double HANGER = 420;
    private static final double RAIL_HIGH = 1900;
    private static final double LOWER_RAIL_HIGH = 950;

    private Runs() {}

    /**
     * A kind of run.
     *
     * @param filling what fills it unless something else is said
     * @param may be asked for in it
     */
    private record RunKind(String key, Kind filling, List<Kind> may) {}

    private static final List<RunKind> ALL = List.of(
            new RunKind(
                    COUNTER,
                    Kind.DOORS,
                    List.of(
                            Kind.SINK,
                            Kind.SINK_TWO,
                            Kind.HOB,
                            Kind.OVEN,
                            Kind.DISHWASHER,
                            Kind.WASHER,
                            Kind.COOLER,
                            Kind.DOORS,
                            Kind.DRAWERS,
                            Kind.OPEN)),
            new RunKind(ON_WALL, Kind.DOORS, List.of(Kind.HOOD, Kind.DOORS, Kind.OPEN)),
            new RunKind(TALL, Kind.DOORS, List.of(Kind.OVEN, Kind.COOLER, Kind.DOORS, Kind.DRAWERS, Kind.OPEN)),
            new RunKind(CLOSET, Kind.RAIL, List.of(Kind.RAIL, Kind.RAILS, Kind.SHELVES, Kind.DRAWERS)));

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.KITCHEN, Stand.AT_WALL);
        return List.of(
                wall.kind(COUNTER, "Counter run", Runs::counter)
                        .called("kitchen units worktop base cabinets")
                        .mm(3000, 600, 900)
                        .mm(2400, 600, 900)
                        .mm(3600, 600, 900)
                        .in(120, 24, 36)
                        .in(96, 24, 36),
                new Shelf(Group.KITCHEN, Stand.ABOVE)
                        .kind(ON_WALL, "Run of wall units", Runs::onWall)
                        .called("upper cabinets cupboards")
                        .hangs(1450)
                        .mm(2400, 350, 700)
                        .mm(3000, 350, 700)
                        .in(96, 13, 30),
                wall.kind(TALL, "Run of tall units", Runs::tall)
                        .called("larder pantry oven cabinets")
                        .mm(1800, 600, 2100)
                        .mm(1200, 600, 2100)
                        .in(72, 24, 84),
                new Shelf(Group.STORAGE, Stand.AT_WALL)
                        .kind(CLOSET, "Closet", Runs::closet)
                        .called("built-in robe coats linen pantry fitted")
                        .mm(2000, 600, 2400)
                        .mm(3000, 600, 2400)
                        .mm(1200, 400, 2400)
                        .in(72, 24, 96)
                        .in(48, 24, 96));
    }

    /** What runs of a kind are made up of unless something else is said; empty for kinds that are no runs. */
    public static Optional<Run> of(String key) {
        return of(key, UnitSystem.MM);
    }

    /** The same, in widths usual where one measures so. */
    public static Optional<Run> of(String key, UnitSystem units) {
        return kind(key).map(k -> Run.of(units.isMetric() ? Series.METRIC : Series.INCHES, k.filling));
    }

    /** What a piece is made up of; empty if it is no run. */
    public static Optional<Run> of(Furnishing piece) {
        return kind(piece.kind()).map(k -> piece.run().orElseGet(() -> Run.of(Series.METRIC, k.filling)));
    }

    /** How a piece is made up; empty if it is no run. */
    public static Optional<RunLayout> layout(Furnishing piece) {
        return of(piece).map(run -> RunLayout.of(run, piece.width()));
    }

    /** What may be asked for in runs of a kind, what people look for first at the front. */
    public static List<Kind> may(String key) {
        return kind(key).map(RunKind::may).orElse(List.of());
    }

    private static Optional<RunKind> kind(String key) {
        return ALL.stream().filter(k -> k.key.equals(key)).findFirst();
    }

    /** Closets that are usual, each with what is in them from left to right in shares of their width. */
    public enum ClosetUse {
        ROBE("Robe", Kind.RAIL, Kind.RAILS, Kind.DRAWERS),
        COATS("Coats", Kind.RAIL),
        LINEN("Linen", Kind.SHELVES),
        PANTRY("Pantry", Kind.SHELVES, Kind.DRAWERS);

        private final String label;
        private final List<Kind> kinds;

        ClosetUse(String label, Kind... kinds) {
            this.label = label;
            this.kinds = List.of(kinds);
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }

        /** A closet so wide, parted evenly. */
        public Run in(Run before, Length width) {
            var each = new Length(width.nanometres() / kinds.size());
            var units = IntStream.range(0, kinds.size())
                    .mapToObj(i -> new RunUnit(
                            kinds.get(i),
                            each,
                            new Length(each.nanometres() * i + each.nanometres() / 2),
                            Optional.empty()))
                    .toList();
            return kinds.size() == 1
                    ? before.with(copy -> copy.filling(kinds.getFirst()).units(List.of()))
                    : before.with(copy -> copy.filling(kinds.getFirst()).units(units));
        }

        /** All of them, as people read them. */
        public static List<String> labels() {
            return Arrays.stream(values()).map(ClosetUse::label).toList();
        }
    }

    // drawing

    private static double left(PiecePen pen, Part part) {
        return -pen.w + part.from().mm();
    }

    private static double right(PiecePen pen, Part part) {
        return -pen.w + part.to().mm();
    }

    /** Fine lines at the front where one part ends and the next begins. */
    private static void divided(PiecePen pen, double deep) {
        for (var part : pen.parts.subList(0, Math.max(0, pen.parts.size() - 1))) {
            pen.inner(right(pen, part), -pen.d, right(pen, part), -pen.d + deep, Detail.DRAWN);
        }
    }

    private static void counter(PiecePen pen) {
        CounterArt.counter(pen);
        switch (pen.edge) {
            case SQUARE -> {}
            case ROUNDED -> pen.inner(-pen.w, -pen.d + 6, pen.w, -pen.d + 6, Detail.RICH);
            case BEVELLED -> {
                pen.inner(-pen.w, -pen.d + 8, pen.w, -pen.d + 8, Detail.DRAWN);
                pen.frontLine(-pen.w, pen.h - 8, pen.w, pen.h - 8, Detail.DRAWN);
            }
        }
        divided(pen, 20);
        var top = pen.h - CounterArt.TOP;
        for (var part : pen.parts) {
            front(pen, part, CounterArt.PLINTH, top);
            var x = -pen.w + part.middle().mm();
            part.cutOut(Length.ofMm(2 * pen.d)).ifPresent(cut -> {
                var wide = cut.width().mm();
                var deep = cut.depth().mm();
                switch (part.kind()) {
                    case SINK -> CounterArt.sink(pen, x, wide, deep);
                    case SINK_TWO -> CounterArt.sinkTwo(pen, x, wide, deep);
                    case HOB -> CounterArt.hob(pen, x, wide, deep);
                    case DOORS,
                            DRAWERS,
                            OPEN,
                            OVEN,
                            DISHWASHER,
                            WASHER,
                            COOLER,
                            HOOD,
                            RAIL,
                            RAILS,
                            SHELVES,
                            BLIND,
                            FILLER -> {}
                }
            });
        }
    }

    /** What is seen of a part on the front of a run. */
    private static void front(PiecePen pen, Part part, double z0, double z1) {
        var a = left(pen, part);
        var b = right(pen, part);
        switch (part.kind()) {
            case DOORS, SINK, SINK_TWO -> pen.doors(a, b, z0, z1, b - a > 650 ? 2 : 1);
            case DRAWERS, HOB -> pen.drawers(a, b, z0, z1, 1, Math.max(2, (int) Math.round((z1 - z0) / 260)));
            case OPEN, SHELVES -> pen.shelves(a, b, z0, z1, 1, Math.max(2, (int) Math.round((z1 - z0) / 350)));
            case OVEN -> {
                var low = z0 + Math.max(0, Math.min(z1 - z0 - 590, 700));
                pen.pane(a, b, z0, Math.max(z0 + 10, low));
                CounterArt.oven(pen, a + 5, b - 5, low, Math.min(z1, low + 590));
                if (z1 - low > 650) {
                    pen.pane(a, b, low + 595, z1);
                }
            }
            case DISHWASHER -> {
                pen.pane(a, b, z0, z1);
                pen.frontBox(a + 60, z1 - 75, b - 60, z1 - 60, 6, Role.METAL);
            }
            case WASHER -> {
                pen.pane(a, b, z0, z1);
                pen.frontCircle((a + b) / 2, (z0 + z1) / 2 - 30, 170, Role.METAL, Detail.PLAIN);
                pen.frontCircle((a + b) / 2, (z0 + z1) / 2 - 30, 130, Role.GLASS, Detail.PLAIN);
            }
            case COOLER -> {
                pen.doors(a, b, z0, z1, 1);
                if (z1 - z0 > 1200) {
                    pen.frontLine(a, z0 + (z1 - z0) * 0.38, b, z0 + (z1 - z0) * 0.38, Detail.PLAIN);
                }
            }
            case HOOD -> pen.frontBox(a + 4, z0, b - 4, z1, 4, Role.METAL);
            case BLIND -> {
                var hidden = Math.min(2 * pen.d, b - a);
                var isLeft = part.from().mm() < 2 * pen.w - part.to().mm();
                var from = isLeft ? a + hidden : a;
                pen.pane(a, b, z0, z1);
                pen.doors(from, from + b - a - hidden, z0, z1, 1);
            }
            case RAIL, RAILS, FILLER -> pen.pane(a, b, z0, z1);
        }
    }

    private static void onWall(PiecePen pen) {
        pen.whole(4, Role.BODY);
        for (var part : pen.parts) {
            front(pen, part, 0, pen.h);
        }
    }

    /** Each tall unit bears a cross: it reaches above the cut. */
    private static void tall(PiecePen pen) {
        pen.standing(-pen.w, -pen.d + 40, pen.w, pen.d, 0, CounterArt.PLINTH, 2, Role.DARK);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, CounterArt.PLINTH, pen.h, 4, Role.BODY);
        divided(pen, 2 * pen.d);
        for (var part : pen.parts) {
            front(pen, part, CounterArt.PLINTH, pen.h);
            if (part.kind() != Kind.FILLER) {
                pen.inner(left(pen, part), -pen.d, right(pen, part), pen.d, Detail.PLAIN);
                pen.inner(left(pen, part), pen.d, right(pen, part), -pen.d, Detail.PLAIN);
            }
        }
    }

    private static void closet(PiecePen pen) {
        pen.whole(4, Role.BODY);
        pen.innerBox(-pen.w + SIDE, -pen.d + DOOR, pen.w - SIDE, pen.d - SIDE, 2, Role.PAPER, Detail.DRAWN);
        divided(pen, 2 * pen.d);
        for (var part : pen.parts) {
            inside(pen, part);
        }
        switch (pen.front) {
            case HINGED -> {
                for (var part : pen.parts) {
                    var a = left(pen, part);
                    var b = right(pen, part);
                    pen.doors(a, b, 0, pen.h, PiecePen.many(b - a, LEAF, 1));
                    pen.innerBox(a, -pen.d, b, -pen.d + DOOR, 2, Role.BODY, Detail.PLAIN);
                }
            }
            case SLIDING -> sliding(pen);
            case OPEN -> pen.parts.forEach(part -> open(pen, part));
        }
    }

    /** Leaves that slide past each other, one before the other. */
    private static void sliding(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, SLIDING_LEAF, 2);
        var each = (2 * pen.w + (many - 1) * OVERLAP) / many;
        for (var i = 0; i < many; i++) {
            var a = -pen.w + i * (each - OVERLAP);
            var y = -pen.d + (i % 2) * (DOOR + 4);
            pen.innerBox(a, y, a + each, y + DOOR, 2, Role.BODY, Detail.PLAIN);
            pen.pane(a, a + each, 0, pen.h);
        }
    }

    /** What one sees of a part that nothing closes. */
    private static void open(PiecePen pen, Part part) {
        var a = left(pen, part) + SIDE;
        var b = right(pen, part) - SIDE;
        switch (part.kind()) {
            case RAIL, RAILS -> {
                pen.shelves(a - SIDE, b + SIDE, 0, pen.h, 1, 1);
                pen.frontLine(a, Math.min(RAIL_HIGH, pen.h - 200), b, Math.min(RAIL_HIGH, pen.h - 200), Detail.PLAIN);
                if (part.kind() == Kind.RAILS) {
                    pen.frontLine(a, LOWER_RAIL_HIGH, b, LOWER_RAIL_HIGH, Detail.PLAIN);
                }
            }
            case DRAWERS -> pen.drawers(a, b, 0, pen.h, 1, (int) Math.max(2, pen.h / 260));
            case SHELVES, OPEN, DOORS, SINK, SINK_TWO, HOB, OVEN, DISHWASHER, WASHER, COOLER, HOOD, BLIND, FILLER ->
                front(pen, part, 0, pen.h);
        }
    }

    /** What is in a part of a closet, seen from above and, where it is open, from the front. */
    private static void inside(PiecePen pen, Part part) {
        var a = left(pen, part) + SIDE;
        var b = right(pen, part) - SIDE;
        switch (part.kind()) {
            case RAIL, RAILS -> {
                pen.inner(a, 0, b, 0, Detail.PLAIN);
                var hanger = Math.min(HANGER, 2 * pen.d - 120) / 2;
                var many = Math.max(1, (int) ((b - a) / HANGER_EACH));
                for (var i = 0; i < many; i++) {
                    var x = a
                            + (b - a) * (i + 0.5) / many
                            + 12 * pen.either(i, part.from().nanometres());
                    var lean = 18 * pen.either(i, 7 + part.from().nanometres());
                    pen.inner(x - lean, -hanger, x + lean, hanger, Detail.DRAWN);
                }
            }
            case SHELVES, OPEN, DOORS -> {
                pen.inner(a, -pen.d + 60, b, -pen.d + 60, Detail.PLAIN);
                pen.inner(a, -pen.d + 60, b, pen.d - SIDE, Detail.DRAWN);
            }
            case DRAWERS -> pen.innerBox(a + 20, -pen.d + 50, b - 20, pen.d - 60, 6, Role.BODY, Detail.PLAIN);
            case SINK, SINK_TWO, HOB, OVEN, DISHWASHER, WASHER, COOLER, HOOD, BLIND, FILLER -> {}
        }
    }
}
