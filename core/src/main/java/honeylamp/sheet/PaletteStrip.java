package honeylamp.sheet;

import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.TextRole;
import honeylamp.takeoff.ColourKey;
import java.util.List;
import java.util.Optional;

/** Chips of what is laid and painted, side by side as wide as there is room, each with its name and where it is. */
final class PaletteStrip implements PageList {
    private static final double CHIP_MM = 24;
    private static final double CHIP_HIGH_MM = 13;
    private static final double BETWEEN_MM = 4;
    private static final double NAME_DOWN_MM = 3.8;
    private static final double WHERE_DOWN_MM = 3;
    private static final double ROW_MM = 27;

    /** Lines below a chip: its name, and where it is. */
    private static final int LINES = 3;

    private final KeyLists samples;
    private final String heading;
    private final List<ColourKey.Entry> entries;
    private int drawn;

    PaletteStrip(KeyLists samples, String heading, List<ColourKey.Entry> entries) {
        this.samples = samples;
        this.heading = heading;
        this.entries = List.copyOf(entries);
    }

    @Override
    public Optional<Listing> listing() {
        return Optional.of(Listing.PALETTE);
    }

    @Override
    public List<Part> parts(int columns) {
        return List.of(new Part(LEAST_MM + CHIP_HIGH_MM, this::draw));
    }

    @Override
    public int left() {
        return entries.size() - drawn;
    }

    @Override
    public PageList rest() {
        return new PaletteStrip(
                samples, drawn == 0 ? heading : ListRows.continued(heading), entries.subList(drawn, entries.size()));
    }

    private double draw(ListRows table, Box column) {
        var top = table.heading(heading, column) - NAME_DOWN_MM;
        var across = Math.max(1, (int) ((column.width() + BETWEEN_MM) / (CHIP_MM + BETWEEN_MM)));
        var wide = (column.width() - (across - 1) * BETWEEN_MM) / across;
        var needed = Math.ceilDiv(entries.size(), across);
        var shown = Math.min(needed, rows(column.maxY() - top));
        if (shown < needed) {
            shown = Math.min(needed, rows(column.maxY() - top - table.pen().row()));
        }
        drawn = Math.min(entries.size(), shown * across);
        for (var i = 0; i < drawn; i++) {
            chip(
                    table,
                    entries.get(i),
                    column.minX() + (i % across) * (wide + BETWEEN_MM),
                    top + (i / across) * ROW_MM,
                    wide);
        }
        return table.andMore(left(), column, top + shown * ROW_MM);
    }

    private static int rows(double highMm) {
        return (int) Math.max(0, Math.floor(highMm / ROW_MM + 1e-9));
    }

    private void chip(ListRows table, ColourKey.Entry entry, double x, double y, double wide) {
        var pen = table.pen();
        var box = new Box(x, y, x + wide, y + CHIP_HIGH_MM);
        pen.marks().add(samples.sample(entry.material(), box));
        pen.quietStroke(Figure.ring(box.ring()), LineRole.RULE);
        var name = box.maxY() + NAME_DOWN_MM;
        var called = pen.wrapped(entry.material().label(), Typeface.MEDIUM, TextRole.BODY, wide);
        pen.fitted(called.getFirst(), x, name, TextRole.BODY, Typeface.MEDIUM, wide);
        var lines = 1;
        if (called.size() > 1) {
            var more = String.join(" ", called.subList(1, called.size()));
            pen.fitted(more, x, name + WHERE_DOWN_MM, TextRole.BODY, Typeface.MEDIUM, wide);
            lines++;
        }
        var where = pen.wrapped(entry.where(), Typeface.REGULAR, TextRole.SMALL, wide);
        for (var i = 0; i < Math.min(LINES - lines, where.size()); i++) {
            var isCut = i == LINES - lines - 1 && where.size() > LINES - lines;
            pen.quietlyFitted(
                    isCut ? where.get(i) + " \u2026" : where.get(i),
                    x,
                    name + (i + lines) * WHERE_DOWN_MM,
                    TextRole.SMALL,
                    Typeface.REGULAR,
                    wide);
        }
    }
}
