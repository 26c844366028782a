package honeylamp.sheet;

import honeylamp.catalogue.RoomUses.RoomUse;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.words.NoteArt;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.TextRole;
import honeylamp.plan.View;
import honeylamp.takeoff.ColourKey;
import honeylamp.takeoff.PlanFields;
import honeylamp.takeoff.key.FinishKey;
import honeylamp.takeoff.key.UseKey;
import honeylamp.takeoff.lighting.FittingList;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.DoubleSupplier;
import java.util.function.Function;

/**
 * What is listed on a page: rooms with their areas, finishes, walls, and notes. In a column one stands below the other; in a
 * band they stand side by side, each in the column that is shortest so far. Those that were put elsewhere stand there. A page
 * on which another goes on has first what had no room there.
 */
final class SheetLists {
    private static final double BETWEEN_MM = 7;
    private static final double COLUMN_MM = 54;

    /** Heights that differ by less are the same. */
    private static final double LITTLE_MM = 1e-6;

    /** As high as any list can be. */
    private static final double ENDLESS_MM = 100_000;

    /**
     * What the lists of a page need to know of it.
     *
     * @param frames where the plan lies in each view; none while nobody knows
     * @param scale of its first view, in words, for notes that read it; empty while nobody knows
     * @param told the numbers of rooms of which its views show nothing else
     * @param before what had no room on the page that goes on here
     */
    record Known(List<PaperFrame> frames, String scale, Map<RoomId, String> told, List<PageList> before) {
        /** Nothing yet but what goes on. */
        static Known none(List<PageList> before) {
            return new Known(List.of(), "", Map.of(), before);
        }
    }

    private final LaidPage page;
    private final SheetPen pen;
    private final Known known;
    private final ListRows table;
    private final List<PageList> drawn = new ArrayList<>();
    private final Map<Listing, Box> places = new LinkedHashMap<>();

    /** A part of a list that stands in a column. */
    private record Block(PageList list, PageList.Part part) {
        /** @param needs how high it is in all, in paper mm: only asked where that matters */
        boolean fits(Box column, DoubleSupplier needs) {
            var room = column.height() + LITTLE_MM;
            return part.leastMm() <= room || needs.getAsDouble() <= room;
        }
    }

    SheetLists(LaidPage page, SheetPen pen, Known known) {
        this.page = page;
        this.pen = pen;
        this.known = known;
        this.table = new ListRows(page, pen);
    }

    /** As high as the lists of a page are in a band of this width; 0 if there are none. */
    static double bandMm(LaidPage page, double widthMm, SheetPen.Rows rows, List<PageList> before) {
        var tried = new SheetLists(page, new SheetPen(page.look(), rows), Known.none(before));
        var room = new Box(0, 0, widthMm, page.page().sheet().heightMm());
        return tried.band(room) - room.minY();
    }

    /** How far down the lists of a page reach in a column so wide, in paper mm. */
    static double columnMm(LaidPage page, double widthMm, SheetPen.Rows rows, Known known) {
        var tried = new SheetLists(page, new SheetPen(page.look(), rows), known);
        return tried.column(new Box(0, 0, widthMm, page.page().sheet().heightMm()));
    }

    /** What had no room, after all was drawn, to go on with elsewhere. */
    List<PageList> rest() {
        return drawn.stream().filter(l -> l.left() > 0).map(PageList::rest).toList();
    }

    /** Where each list stands, after all was drawn, in paper mm; the notes of the page are none of them. */
    Map<Listing, Box> places() {
        return places;
    }

    /** One below the other; returns the y below the last. */
    double column(Box column) {
        var y = column.minY();
        var left = 0;
        var blocks = blocks(1);
        for (var i = 0; i < blocks.size(); i++) {
            var rest = new Box(column.minX(), Math.min(y, column.maxY()), column.maxX(), column.maxY());
            var at = i;
            if (blocks.get(i).fits(rest, () -> needsMm(column.width(), 1, at))) {
                y = draw(blocks.get(i), rest) + BETWEEN_MM;
            } else {
                left++;
            }
        }
        listsLeft(left, column, y - BETWEEN_MM);
        return y - BETWEEN_MM;
    }

    /** Draws a list, and keeps where; returns the y below it. */
    private double draw(Block block, Box column) {
        var below = block.part.drawing().in(table, column);
        block.list
                .listing()
                .ifPresent(
                        l -> places.merge(l, new Box(column.minX(), column.minY(), column.maxX(), below), Box::union));
        return below;
    }

    /** How high a list is where it has all the room it needs; those before it are asked too, as rooms go on from column to column. */
    private double needsMm(double widthMm, int columns, int at) {
        var tried = new SheetLists(page, pen.fresh(), known);
        var endless = new Box(0, 0, widthMm, ENDLESS_MM);
        return tried.blocks(columns).subList(0, at + 1).stream()
                .mapToDouble(block -> block.part.drawing().in(tried.table, endless))
                .reduce((_, last) -> last)
                .orElse(0);
    }

    /** Side by side; returns the y below the longest. */
    double band(Box band) {
        return columns(band, Math.max(1, (int) ((band.width() + BETWEEN_MM) / (COLUMN_MM + BETWEEN_MM))));
    }

    /** In so many columns; returns the y below the longest. */
    double columns(Box band, int count) {
        var width = (band.width() - (count - 1) * BETWEEN_MM) / count;
        var down = new double[count];
        Arrays.fill(down, band.minY());
        var lowest = band.minY();
        var left = 0;
        var blocks = blocks(count);
        for (var k = 0; k < blocks.size(); k++) {
            var to = 0;
            for (var i = 1; i < count; i++) {
                to = down[i] < down[to] ? i : to;
            }
            var x = band.minX() + to * (width + BETWEEN_MM);
            var rest = new Box(x, Math.min(down[to], band.maxY()), x + width, band.maxY());
            var at = k;
            if (blocks.get(k).fits(rest, () -> needsMm(width, count, at))) {
                var below = draw(blocks.get(k), rest);
                lowest = Math.max(lowest, below);
                down[to] = below + BETWEEN_MM;
            } else {
                left++;
            }
        }
        listsLeft(left, band, down[0] - BETWEEN_MM);
        return lowest;
    }

    /** Those that were put elsewhere, each where it was put. */
    void laid() {
        var laid = page.page().arrangement().laid();
        var all = laid.isEmpty() ? List.<PageList>of() : lists();
        for (var place : laid) {
            var box = place.box(page.page().sheet());
            for (var list : all) {
                box = list.listing().equals(Optional.of(place.list())) ? below(box, list) : box;
            }
        }
    }

    /** Draws a list at the top of a box; returns what is left of the box below it. */
    private Box below(Box box, PageList list) {
        drawn.add(list);
        var y = box.minY();
        for (var part : list.parts(1)) {
            y = draw(new Block(list, part), new Box(box.minX(), y, box.maxX(), box.maxY())) + BETWEEN_MM;
        }
        return new Box(box.minX(), Math.min(y, box.maxY()), box.maxX(), box.maxY());
    }

    /**
     * Says that whole lists were left out, in the last row there is.
     *
     * @param below the y below the last list above it
     */
    private void listsLeft(int left, Box room, double below) {
        if (left > 0) {
            pen.quiet(
                    left == 1 ? "One list more, " + table.leftOut() : left + " lists more, " + table.leftOut(),
                    room.minX(),
                    Math.max(room.maxY(), below),
                    TextRole.BODY,
                    Typeface.REGULAR,
                    Align.LEFT);
        }
    }

    /**
     * The lists of the page that go by themselves, in their order.
     *
     * @param columns that lie side by side: long lists go on in those the others leave
     */
    private List<Block> blocks(int columns) {
        var flowing = lists().stream()
                .filter(l -> l.listing().flatMap(page.page().arrangement()::of).isEmpty())
                .toList();
        drawn.addAll(flowing);
        var spread = spreading(flowing);
        var free = Math.max(1, (columns - (flowing.size() - spread.size())) / Math.max(1, spread.size()));
        return flowing.stream()
                .flatMap(l -> l.parts(spread.contains(l) ? free : 1).stream().map(part -> new Block(l, part)))
                .toList();
    }

    /** The lists that go on in columns which others leave: those of rooms, or if there are none all that have rows. */
    private static List<PageList> spreading(List<PageList> flowing) {
        var rooms = flowing.stream().filter(RoomColumns.class::isInstance).toList();
        return rooms.isEmpty()
                ? flowing.stream().filter(RowList.class::isInstance).toList()
                : rooms;
    }

    /** What goes on from the page before, and the lists of the page itself. */
    private List<PageList> lists() {
        var out = new ArrayList<PageList>();
        known.before.forEach(l -> out.add(l.rest()));
        if (page.page().lists().contains(Listing.ORIENTATION) && page.page().showsViews()) {
            out.add(new Orientation(page, pen, known.frames).list()); // no page may be without it for want of room
        }
        if (page.page().lists().contains(Listing.ROOMS)) {
            rooms(out);
        }
        others(out);
        if (!page.page().notes().isBlank()) {
            out.add(new NotesList(
                    "Notes",
                    PlanFields.filled(page.page().notes(), fields()).lines().toList()));
        }
        return out;
    }

    private void rooms(List<PageList> out) {
        var all = withRooms();
        for (var view : all) {
            var said = view == all.getLast() && HowMeasured.isSaidWithRooms(page)
                    ? HowMeasured.of(page)
                    : List.<String>of();
            out.add(new RoomColumns(
                    view.storey(), heading(view, all), RoomRow.of(page, view.storey(), known.told), said));
        }
    }

    /** A view of each storey, and a further one where the same storey is seen with other rooms. */
    private List<LaidView> withRooms() {
        var out = new ArrayList<LaidView>();
        for (var view : page.views()) {
            var rows = RoomRow.of(page, view.storey(), known.told);
            var isKnown = out.stream()
                    .filter(v -> v.storey().id().equals(view.storey().id()))
                    .anyMatch(v -> RoomRow.of(page, v.storey(), known.told).equals(rows));
            if (view.view().isPlan() && !rows.isEmpty() && !isKnown) {
                out.add(view);
            }
        }
        return out;
    }

    /** What the rooms of a view are headed by: more than needed to tell them from the others is not said. */
    private String heading(LaidView view, List<LaidView> all) {
        var isTwice = all.stream()
                        .filter(v -> v.storey().id().equals(view.storey().id()))
                        .count()
                > 1;
        if (isTwice && view.view().works() != View.Works.MARKED) {
            return "Rooms, " + view.view().works().label().toLowerCase(Locale.ROOT);
        }
        return storeys().size() == 1 && !isTwice
                ? "Rooms"
                : "Rooms, " + (isTwice ? view.name() : view.storey().storey().name());
    }

    /** The lists of a page but those of its rooms. */
    private void others(List<PageList> out) {
        var keys = new KeyLists(page);
        var units = page.plan().units();
        for (var listing : page.page().lists()) {
            switch (listing) {
                case ORIENTATION, ROOMS, WALLS -> {} // these come first, and last
                case FINISHES -> finishes(out, keys);
                case ORDER ->
                    rows(out, "To order", p -> new KeyLists(p).order(), (h, rows) -> RowList.ofPairs(listing, h, rows));
                case COLOURS -> add(out, RowList.ofPairs(listing, "Colours", keys.colours()));
                case SHOPPING ->
                    rows(
                            out,
                            "Shopping list",
                            p -> new BoughtList(p).rows(seen(p, Kind.FURNITURE)),
                            (h, rows) -> RowList.ofPairs(listing, h, rows));
                case UNITS -> plain(out, listing, p -> PlainRow.units(seen(p, Kind.FURNITURE), units));
                case COSTS -> plain(out, listing, p -> PlainRow.costs(seen(p, Kind.FURNITURE)));
                case WAYS -> plain(out, listing, p -> PlainRow.ways(seen(p, Kind.WALLS), units));
                case AREAS ->
                    plain(
                            out,
                            listing,
                            p -> HouseAreas.of(inScheme(p)).rows(p.plan().units()));
                case FITTINGS ->
                    rows(
                            out,
                            listing.label(),
                            p -> new KeyLists(p).fittings(seen(p, Kind.FITTINGS)),
                            (h, rows) -> RowList.ofPairs(listing, h, rows));
                case FITTING_SCHEDULE -> {
                    var schedule = FittingList.schedule(seen(page, Kind.FITTINGS), page.plan());
                    if (!schedule.rows().isEmpty()) {
                        add(out, ScheduleList.of(listing, listing.label(), schedule, units));
                    }
                }
                case SQUARE -> out.add(CheckingSquare.of(units));
                case DIFFERENCES ->
                    page.views()
                            .forEach(v -> v.against()
                                    .ifPresent(other -> add(
                                            out,
                                            RowList.of(listing, listing.label(), PlainRow.differences(v, other)))));
                case DOORS -> schedule(out, listing, Schedule::doors);
                case WINDOWS -> schedule(out, listing, Schedule::windows);
                case PALETTE -> add(out, new PaletteStrip(keys, "Palette", ColourKey.of(page)));
                case KEY_PLAN -> out.addAll(KeyPlan.of(page));
                case REVISIONS ->
                    add(out, RevisionList.of(page.plan().presentation().revisions()));
            }
        }
        if (page.page().lists().contains(Listing.WALLS)) {
            add(out, RowList.of(Listing.WALLS, "Walls", keys.walls(seen(page, Kind.WALLS))));
        }
    }

    /** The whole plan in the scheme that a page shows first. */
    private static LaidPlan inScheme(LaidPage of) {
        return of.plan().arranged(of.views().getFirst().state().scheme());
    }

    /** What of a schedule is on the storeys that are seen. */
    private void schedule(List<PageList> out, Listing listing, Function<LaidPlan, Schedule> of) {
        var seen = storeys().stream().map(LaidStorey::id).toList();
        each(
                out,
                listing.label(),
                state -> of.apply(inScheme(state)).on(seen),
                (heading, schedule) ->
                        ScheduleList.of(listing, heading, schedule, page.plan().units()));
    }

    private static String headed(String heading, LaidPage state) {
        return heading + ", " + state.views().getFirst().stateName();
    }

    private <R extends RowList.Row> void rows(
            List<PageList> out,
            String heading,
            Function<LaidPage, List<R>> rows,
            BiFunction<String, List<R>, PageList> list) {
        each(out, heading, state -> new Said<>(rows.apply(state)), (words, found) -> list.apply(words, found.rows));
    }

    /** Rows that are the same as others where they say the same. */
    private record Said<R extends RowList.Row>(List<R> rows) {
        @Override
        public boolean equals(Object o) {
            return o instanceof Said<?> other && words().equals(other.words());
        }

        @Override
        public int hashCode() {
            return words().hashCode();
        }

        private List<Object> words() {
            return rows.stream().map(RowList.Row::said).toList();
        }
    }

    /** A list for each state the page shows its storeys in, headed by it: once where all say the same. */
    private <T> void each(
            List<PageList> out, String heading, Function<LaidPage, T> found, BiFunction<String, T, PageList> list) {
        var by = new LinkedHashMap<T, LaidPage>();
        page.inStates().forEach(state -> by.putIfAbsent(found.apply(state), state));
        by.forEach((what, state) -> add(out, list.apply(by.size() > 1 ? headed(heading, state) : heading, what)));
    }

    /** A list with nothing in it is none. */
    private static void add(List<PageList> out, PageList list) {
        if (list.left() > 0) {
            out.add(list);
        }
    }

    private void plain(List<PageList> out, Listing listing, Function<LaidPage, List<PlainRow>> rows) {
        rows(out, listing.label(), rows, (heading, found) -> RowList.of(listing, heading, found));
    }

    private void finishes(List<PageList> out, KeyLists keys) {
        var isWashed = page.look().colouring().floors() == Floors.BY_USE;
        var storeys = page.inStates().stream()
                .flatMap(p -> seen(p, Kind.FINISHES).stream())
                .toList();
        add(out, keys.uses(isWashed ? UseKey.of(storeys) : List.<RoomUse>of()));
        var entries = new ArrayList<>(isWashed ? List.<FinishKey.Entry>of() : FinishKey.entries(storeys));
        entries.addAll(FinishKey.ofElevations(page.views().stream()
                .filter(v -> v.view().seen().shows(Kind.FINISHES))
                .toList()));
        add(out, keys.finishes(entries));
    }

    /** Those that are seen, each once. */
    private List<LaidStorey> storeys() {
        return once(page.views().stream().filter(v -> v.view().isPlan()).toList());
    }

    private static List<LaidStorey> once(Collection<LaidView> views) {
        var out = new LinkedHashMap<StoreyId, LaidStorey>();
        views.forEach(v -> out.putIfAbsent(v.storey().id(), v.storey()));
        return List.copyOf(out.values());
    }

    /** Those on which a kind is seen, each once. */
    private static List<LaidStorey> seen(LaidPage page, Kind kind) {
        return once(page.views().stream()
                .filter(v -> v.view().seen().shows(kind))
                .filter(v -> v.view().isPlan())
                .toList());
    }

    /** What notes on the page read: of the whole plan, and of the first view. */
    private PlanFields.Source fields() {
        return new PlanFields.Source(
                page.views().stream().map(LaidView::storey).findFirst(),
                Optional.empty(),
                NoteArt.total(page.plan().all()),
                known.scale,
                page.page().sheet().title().date());
    }
}
