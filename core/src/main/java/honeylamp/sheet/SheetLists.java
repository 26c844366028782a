package honeylamp.sheet;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.RoomUses.RoomUse;
import honeylamp.catalogue.pattern.Pieces;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Decoded;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pixels;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.building.WallArt;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.ground.FloorArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.words.NoteArt;
import honeylamp.plan.Buying;
import honeylamp.plan.Colouring.Floors;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Position;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.SmallPicture;
import honeylamp.plan.TextRole;
import honeylamp.plan.View;
import honeylamp.takeoff.ColourKey;
import honeylamp.takeoff.OrderKey;
import honeylamp.takeoff.PlanFields;
import honeylamp.takeoff.bought.ShoppingList;
import honeylamp.takeoff.key.FinishKey;
import honeylamp.takeoff.key.UseKey;
import honeylamp.takeoff.key.WallKey;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Money;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.DoubleSupplier;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is listed on a page: rooms with their areas, finishes, walls, and notes. In a column one stands below the other; in a
 * band they stand side by side, each in the column that is shortest so far.
 */
final class SheetLists {
    private static final double BETWEEN_MM = 7;
    private static final double COLUMN_MM = 54;

    /** Heights that differ by less are the same. */
    private static final double LITTLE_MM = 1e-6;

    /** A list of no more rooms stays in one column of a band. */
    private static final int ROOMS_TOGETHER = 10;

    /** As high as any list can be. */
    private static final double ENDLESS_MM = 100_000;

    private final LaidPage page;
    private final SheetPen pen;
    private final String scale;
    private final Map<RoomId, String> told;
    private final ListRows table;

    /** Draws one list into a column from its top; returns the y below it. */
    private interface Drawing {
        double in(Box column);
    }

    /** A list, and the height below which it cannot be begun, in paper mm. */
    private record Block(double leastMm, Drawing drawing) {
        /** @param needs how high it is in all, in paper mm: only asked where that matters */
        boolean fits(Box column, DoubleSupplier needs) {
            var room = column.height() + LITTLE_MM;
            return leastMm <= room || needs.getAsDouble() <= room;
        }
    }

    /** Pens of a piece in the shopping list are those of this scale. */
    private static final double PICTURE_SCALE = 100;

    /** A box is so much larger than the piece in it, for chairs around it. */
    private static final double PICTURE_ROOM = 1.25;

    /** Walls in their key are drawn with the pens of this scale. */
    private static final double KEY_SCALE = 100;

    /** A sample of a finish in the key shows about so many rows of its pieces. */
    private static final double SAMPLE_PIECES = 3;

    /** A second line lies so far below the first. */
    private static final double SECOND_LINE_MM = 3.4;

    /** A heading and two rows. */
    private static final double LEAST_MM = 18;

    /** A heading, a row, and the sums. */
    private static final double LEAST_ROOMS_MM = 34;

    /**
     * The lists of a page.
     *
     * @param scale of its first view, in words, for notes that read it; empty while nobody knows
     * @param told the numbers of rooms of which its views show nothing else
     */
    SheetLists(LaidPage page, SheetPen pen, String scale, Map<RoomId, String> told) {
        this.page = page;
        this.pen = pen;
        this.scale = scale;
        this.told = told;
        this.table = new ListRows(page, pen);
    }

    /** As high as the lists of a page are in a band of this width; 0 if there are none. */
    static double bandMm(LaidPage page, double widthMm) {
        var tried = new SheetLists(page, new SheetPen(page.look()), "", Map.of());
        var room = new Box(0, 0, widthMm, page.page().sheet().heightMm());
        return tried.band(room) - room.minY();
    }

    /** Whether anything of the lists of a page is left out in a column. */
    static boolean isTooLong(LaidPage page, Box column) {
        var pen = new SheetPen(page.look());
        new SheetLists(page, pen, "", Map.of()).column(column);
        return Mark.words(pen.marks()).anyMatch(t -> t.text().endsWith(ListRows.LEFT_OUT));
    }

    /** How far down the lists of a page reach in a column so wide, in paper mm. */
    static double columnMm(LaidPage page, double widthMm, Map<RoomId, String> told) {
        var tried = new SheetLists(page, new SheetPen(page.look()), "", told);
        return tried.column(new Box(0, 0, widthMm, page.page().sheet().heightMm()));
    }

    /** One below the other; returns the y below the last. */
    double column(Box column) {
        var y = column.minY();
        var left = 0;
        var blocks = blocks(1);
        for (var i = 0; i < blocks.size(); i++) {
            var block = blocks.get(i);
            var rest = new Box(column.minX(), Math.min(y, column.maxY()), column.maxX(), column.maxY());
            var at = i;
            if (block.fits(rest, () -> needsMm(column.width(), 1, at))) {
                y = block.drawing.in(rest) + BETWEEN_MM;
            } else {
                left++;
            }
        }
        listsLeft(left, column);
        return y - BETWEEN_MM;
    }

    /** How high a list is where it has all the room it needs; those before it are asked too, as rooms go on from column to column. */
    private double needsMm(double widthMm, int columns, int at) {
        var tried = new SheetLists(page, new SheetPen(page.look()), scale, told);
        var endless = new Box(0, 0, widthMm, ENDLESS_MM);
        return tried.blocks(columns).subList(0, at + 1).stream()
                .mapToDouble(block -> block.drawing.in(endless))
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
            var block = blocks.get(k);
            var to = 0;
            for (var i = 1; i < count; i++) {
                to = down[i] < down[to] ? i : to;
            }
            var x = band.minX() + to * (width + BETWEEN_MM);
            var rest = new Box(x, Math.min(down[to], band.maxY()), x + width, band.maxY());
            var at = k;
            if (block.fits(rest, () -> needsMm(width, count, at))) {
                var below = block.drawing.in(rest);
                lowest = Math.max(lowest, below);
                down[to] = below + BETWEEN_MM;
            } else {
                left++;
            }
        }
        listsLeft(left, band);
        return lowest;
    }

    /** Says that whole lists were left out, in the last row there is. */
    private void listsLeft(int left, Box room) {
        if (left > 0) {
            pen.quiet(
                    left == 1 ? "One list more, " + ListRows.LEFT_OUT : left + " lists more, " + ListRows.LEFT_OUT,
                    room.minX(),
                    room.maxY(),
                    TextRole.BODY,
                    Typeface.REGULAR,
                    Align.LEFT);
        }
    }

    /**
     * The lists of the page, in their order.
     *
     * @param columns that lie side by side: long lists of rooms go on in those the others leave
     */
    private List<Block> blocks(int columns) {
        var out = others();
        if (page.page().lists().contains(Listing.ROOMS)) {
            var all = withRooms();
            var free = Math.max(1, (columns - out.size()) / Math.max(1, all.size()));
            var rooms = new ArrayList<Block>();
            for (var view : all) {
                rooms(rooms, view, all, free);
            }
            out.addAll(0, rooms);
        }
        return out;
    }

    /** A view of each storey, and a further one where the same storey is seen with other rooms. */
    private List<LaidView> withRooms() {
        var out = new ArrayList<LaidView>();
        for (var view : page.views()) {
            var rows = RoomRow.of(page, view.storey(), told);
            var isKnown = out.stream()
                    .filter(v -> v.storey().id().equals(view.storey().id()))
                    .anyMatch(v -> RoomRow.of(page, v.storey(), told).equals(rows));
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

    private void rooms(List<Block> out, LaidView view, List<LaidView> all, int columns) {
        var storey = view.storey();
        var named = RoomRow.of(page, storey, told);
        var words = heading(view, all);
        var said =
                view == all.getLast() && HowMeasured.isSaidWithRooms(page) ? HowMeasured.of(page) : List.<String>of();
        var parts = Math.clamp(named.size() / ROOMS_TOGETHER, 1, columns);
        var list = new RoomColumns(storey.geometry(), named, parts, said, pen, table);
        for (var part = 0; part < parts; part++) {
            var at = part;
            var heading = part == 0 ? words : words + ", continued";
            out.add(new Block(part == parts - 1 ? LEAST_ROOMS_MM : LEAST_MM, column -> list.part(at, heading, column)));
        }
    }

    /** The lists of a page but those of its rooms. */
    private List<Block> others() {
        var out = new ArrayList<Block>();
        var listed = page.page().lists();
        var isWashed = page.look().colouring().floors() == Floors.BY_USE;
        var uses = listed.contains(Listing.FINISHES) && isWashed ? UseKey.of(seen(Kind.FINISHES)) : List.<RoomUse>of();
        if (!uses.isEmpty()) {
            out.add(new Block(LEAST_MM, column -> uses(uses, column)));
        }
        var materials = listed.contains(Listing.FINISHES) ? materials() : List.<FinishKey.Entry>of();
        if (!materials.isEmpty()) {
            out.add(new Block(LEAST_MM, column -> finishes(materials, column)));
        }
        if (listed.contains(Listing.ORDER)) {
            doubled(out, "To order", order());
        }
        if (listed.contains(Listing.COLOURS)) {
            doubled(out, "Colours", colours());
        }
        if (listed.contains(Listing.SHOPPING)) {
            doubled(out, "Shopping list", shopping());
        }
        if (listed.contains(Listing.UNITS)) {
            plain(
                    out,
                    "Units of runs",
                    PlainRow.units(seen(Kind.FURNITURE), page.plan().units()));
        }
        if (listed.contains(Listing.COSTS)) {
            plain(out, "Cost by room", PlainRow.costs(seen(Kind.FURNITURE)));
        }
        if (listed.contains(Listing.WAYS)) {
            plain(
                    out,
                    "Ways to rooms",
                    PlainRow.ways(seen(Kind.WALLS), page.plan().units()));
        }
        if (listed.contains(Listing.AREAS)) {
            plain(out, "Areas of the house", HouseAreas.of(page.plan()).rows());
        }
        if (listed.contains(Listing.DIFFERENCES)) {
            page.views()
                    .forEach(v ->
                            v.against().ifPresent(other -> plain(out, "What differs", PlainRow.differences(v, other))));
        }
        if (listed.contains(Listing.SQUARE)) {
            var square = new CheckingSquare(page.plan().units(), pen, table);
            out.add(new Block(square.needsMm(), square::in));
        }
        if (listed.contains(Listing.WALLS)) {
            var seen = seen(Kind.WALLS);
            var rows = walls(seen);
            if (!rows.isEmpty()) {
                out.add(new Block(LEAST_MM, column -> walls(rows, column)));
            }
        }
        if (!page.page().notes().isBlank()) {
            out.add(new Block(LEAST_MM, this::notes));
        }
        return out;
    }

    private void doubled(List<Block> out, String heading, List<TwoLines> rows) {
        if (!rows.isEmpty()) {
            out.add(new Block(LEAST_MM, column -> doubles(heading, rows, column)));
        }
    }

    private void plain(List<Block> out, String heading, List<PlainRow> rows) {
        if (!rows.isEmpty()) {
            out.add(new Block(LEAST_MM, column -> plain(heading, rows, column)));
        }
    }

    private double plain(String heading, List<PlainRow> rows, Box column) {
        var y = table.heading(heading, column);
        var shown = table.fitting(rows.size(), y, column.maxY());
        for (var row : rows.subList(0, shown)) {
            var figure = pen.width(row.figure(), TextRole.BODY, row.face()) + 2;
            pen.fitted(row.words(), column.minX(), y, TextRole.BODY, row.face(), column.width() - figure);
            pen.text(row.figure(), column.maxX(), y, TextRole.BODY, row.face(), Align.RIGHT);
            y += pen.row();
        }
        return table.andMore(rows.size() - shown, column, y);
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

    /** The finishes that are seen. */
    private List<FinishKey.Entry> materials() {
        var isWashed = page.look().colouring().floors() == Floors.BY_USE;
        var out = new ArrayList<>(isWashed ? List.<FinishKey.Entry>of() : FinishKey.entries(seen(Kind.FINISHES)));
        out.addAll(FinishKey.ofElevations(page.views().stream()
                .filter(v -> v.view().seen().shows(Kind.FINISHES))
                .toList()));
        return out;
    }

    /** Those on which a kind is seen, each once. */
    private List<LaidStorey> seen(Kind kind) {
        return once(page.views().stream()
                .filter(v -> v.view().seen().shows(kind))
                .filter(v -> v.view().isPlan())
                .toList());
    }

    /** A line of the wall key: how the wall is drawn in a box, what it is, and a length. */
    private record WallRow(Function<Box, List<Mark>> sample, String words, Length length) {}

    private List<WallRow> walls(List<LaidStorey> storeys) {
        var art = new WallArt(PaperFrame.atOrigin(KEY_SCALE), Pens.of(page.look(), KEY_SCALE));
        var out = new ArrayList<WallRow>();
        WallKey.works(storeys)
                .forEach((works, mm) ->
                        out.add(new WallRow(box -> art.sample(box, works), works.label(), Length.ofMm(mm))));
        WallKey.types(storeys)
                .forEach(type ->
                        out.add(new WallRow(box -> art.sample(box, type.poche()), type.name(), type.thickness())));
        return out;
    }

    private double walls(List<WallRow> rows, Box column) {
        var y = table.heading("Walls", column);
        var shown = table.fitting(rows.size(), y, column.maxY());
        for (var row : rows.subList(0, shown)) {
            pen.marks().addAll(row.sample.apply(new Box(column.minX(), y - 2.6, column.minX() + 7, y + 0.4)));
            var length =
                    LengthText.built(LengthText.rounded(row.length, page.plan().units()));
            var words = column.width() - 12 - pen.width(length, TextRole.BODY, Typeface.REGULAR);
            pen.fitted(row.words, column.minX() + 10, y, TextRole.BODY, Typeface.REGULAR, words);
            pen.text(length, column.maxX(), y, TextRole.BODY, Typeface.REGULAR, Align.RIGHT);
            y += pen.row();
        }
        return table.andMore(rows.size() - shown, column, y);
    }

    private double finishes(List<FinishKey.Entry> materials, Box column) {
        var y = table.heading("Finishes", column);
        var shown = table.fitting(materials.size(), y, column.maxY());
        for (var entry : materials.subList(0, shown)) {
            var swatch = new Box(column.minX(), y - 3, column.minX() + 7, y + 0.9);
            pen.marks().add(sample(entry.material(), swatch));
            pen.quietStroke(Figure.ring(swatch.ring()), LineRole.RULE);
            pen.fitted(
                    entry.words(),
                    column.minX() + 10,
                    y,
                    TextRole.BODY,
                    Typeface.REGULAR,
                    column.maxX() - column.minX() - 10);
            y += pen.row();
        }
        return table.andMore(materials.size() - shown, column, y);
    }

    private double uses(List<RoomUse> uses, Box column) {
        var y = table.heading("Uses of rooms", column);
        var shown = table.fitting(uses.size(), y, column.maxY());
        for (var use : uses.subList(0, shown)) {
            var swatch = new Box(column.minX(), y - 3, column.minX() + 7, y + 0.9);
            pen.marks()
                    .add(new Mark.Fill(
                            Figure.ring(swatch.ring()),
                            Ink.of(page.look().palette().of(use.floor()).argb())));
            pen.quietStroke(Figure.ring(swatch.ring()), LineRole.RULE);
            pen.text(use.label(), column.minX() + 10, y, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
            y += pen.row();
        }
        return table.andMore(uses.size() - shown, column, y);
    }

    /** A row of two lines: a sample, a name, a figure at the right, and more about it below the name. */
    private record TwoLines(Consumer<Box> sample, String name, String figure, String more) {}

    private List<TwoLines> order() {
        return OrderKey.of(page).stream()
                .map(e ->
                        new TwoLines(box -> pen.marks().add(sample(e.material(), box)), e.name(), e.figure(), e.size()))
                .toList();
    }

    /** Pieces of the storeys that are seen: what they look like, their sizes, what they cost. */
    private List<TwoLines> shopping() {
        return ShoppingList.of(seen(Kind.FURNITURE)).stream()
                .map(e -> new TwoLines(
                        box -> pen.marks().addAll(seen(e.first(), box)),
                        e.count() > 1 ? e.count() + " \u00d7 " + e.name() : e.name(),
                        Money.text(e.costCents()),
                        more(e)))
                .toList();
    }

    private String more(ShoppingList.Entry entry) {
        var units = page.plan().units();
        var piece = entry.first();
        return Stream.of(
                        LengthText.built(LengthText.rounded(piece.width(), units)) + " \u00d7 "
                                + LengthText.built(LengthText.rounded(piece.depth(), units)),
                        entry.room(),
                        piece.buying().source(),
                        piece.buying().state() == Buying.State.BOUGHT ? "bought" : "")
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(", "));
    }

    /** A picture of the real thing if there is one, else the piece from above. */
    private List<Mark> seen(Furnishing piece, Box box) {
        return piece.buying()
                .picture()
                .flatMap(p -> Decoded.of(p.bytes(), SmallPicture.MOST_PX))
                .map(pixels -> List.<Mark>of(new Mark.Image(pixels, within(box, pixels))))
                .orElseGet(() -> picture(piece, box));
    }

    /** As large as a box holds it, in its middle. */
    private static Box within(Box box, Pixels pixels) {
        var scale = Math.min(box.width() / pixels.width(), box.height() / pixels.height()) / 2;
        var o = box.centre();
        var half = new Point(pixels.width() * scale, pixels.height() * scale);
        return Box.around(List.of(o.minus(half), o.plus(half)));
    }

    /** A piece from above, as large as a box holds. */
    private List<Mark> picture(Furnishing piece, Box box) {
        var upright = piece.withAt(Position.ORIGIN).turnedTo(0);
        var larger = Math.max(piece.width().mm() / box.width(), piece.depth().mm() / box.height());
        var scale = PICTURE_ROOM * larger;
        var frame = new PaperFrame(scale, box.centre().x(), box.centre().y());
        var art = new FurnitureArt(frame, Pens.of(page.look(), PICTURE_SCALE), Lamp.COLOUR, new Remembered());
        return List.of(new Mark.Clip(
                Figure.ring(box.ring()),
                Arrays.stream(SymbolShape.Level.values())
                        .flatMap(level -> art.marks(List.of(upright), level).stream())
                        .toList()));
    }

    private List<TwoLines> colours() {
        return ColourKey.of(page).stream()
                .map(e -> new TwoLines(
                        box -> pen.marks()
                                .add(new Mark.Fill(
                                        Figure.ring(box.ring()),
                                        Ink.of(e.colour().argb()))),
                        e.name(),
                        "",
                        e.where()))
                .toList();
    }

    private double doubles(String heading, List<TwoLines> rows, Box column) {
        var y = table.heading(heading, column);
        var each = pen.row() + SECOND_LINE_MM;
        var shown = (int) Math.clamp((column.maxY() - y) / each, 0, rows.size());
        for (var row : rows.subList(0, shown)) {
            var swatch = new Box(column.minX(), y - 3, column.minX() + 7, y + 0.9 + SECOND_LINE_MM);
            row.sample.accept(swatch);
            pen.quietStroke(Figure.ring(swatch.ring()), LineRole.RULE);
            var left = column.minX() + 10;
            var figure = row.figure.isEmpty() ? 0 : pen.width(row.figure, TextRole.BODY, Typeface.MEDIUM) + 2;
            pen.text(row.figure, column.maxX(), y, TextRole.BODY, Typeface.MEDIUM, Align.RIGHT);
            pen.fitted(row.name, left, y, TextRole.BODY, Typeface.REGULAR, column.maxX() - left - figure);
            pen.quietlyFitted(
                    row.more, left, y + SECOND_LINE_MM, TextRole.BODY, Typeface.REGULAR, column.maxX() - left);
            y += each;
        }
        return table.andMore(rows.size() - shown, column, y);
    }

    /** The pattern as it lies, so small that a few pieces are seen, and darker where there is nothing but its joints. */
    private Mark sample(Material material, Box swatch) {
        var pitch = Pieces.pitchMm(material.laying());
        var scale = Double.isFinite(pitch) ? Math.clamp(SAMPLE_PIECES * pitch / swatch.height(), 20, 400) : KEY_SCALE;
        var frame = PaperFrame.atOrigin(scale);
        var there =
                new Box(swatch.minX() * scale, -swatch.maxY() * scale, swatch.maxX() * scale, -swatch.minY() * scale);
        var finish = new Finish(material.key(), 0, Position.ofMm(there.minX(), there.minY()))
                .with(copy -> copy.laying(Optional.of(material.laying())).tone(material.own()));
        var pens = Pens.of(page.look(), scale);
        var laid = new FloorArt(frame, pens, 1).floor(Figure.ring(there.ring()), there, material, finish, 3);
        // joints are all there is to tell these samples by, and the finest lines there are
        return pens.hasJointsAlone() ? new Mark.Clip(Figure.ring(swatch.ring()), List.of(laid, laid, laid)) : laid;
    }

    /** What notes on the page read: of the whole plan, and of the first view. */
    private PlanFields.Source fields() {
        return new PlanFields.Source(
                page.views().stream().map(LaidView::storey).findFirst(),
                Optional.empty(),
                NoteArt.total(page.plan().all()),
                scale,
                page.page().sheet().title().date());
    }

    private double notes(Box column) {
        var y = table.heading("Notes", column);
        var lines = PlanFields.filled(page.page().notes(), fields())
                .lines()
                .flatMap(l -> pen.wrapped(l, Typeface.REGULAR, TextRole.BODY, column.width()).stream())
                .toList();
        var step = pen.cap(TextRole.BODY) * 1.9;
        for (var i = 0; i < lines.size(); i++) {
            if (y > column.maxY() - step && i < lines.size() - 1) {
                return table.andMore(lines.size() - i, column, y);
            }
            pen.text(lines.get(i), column.minX(), y, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
            y += step;
        }
        return y;
    }
}
