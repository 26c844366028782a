package honeylamp.sheet;

import honeylamp.derive.listing.SiteAreas;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.plan.LineRole;
import honeylamp.plan.TextRole;
import java.util.List;

/** The rooms of a storey in several columns, with what they come to below the last. */
final class RoomColumns {
    private final StoreyGeometry geometry;
    private final List<RoomRow> named;
    private final int parts;
    private final List<String> said;
    private final SheetPen pen;
    private final ListRows rows;
    private final double plot;
    private int told;

    /**
     * The rooms of a storey.
     *
     * @param parts so many columns
     * @param said how they are measured, below their sums
     */
    RoomColumns(
            StoreyGeometry geometry, List<RoomRow> named, int parts, List<String> said, SheetPen pen, ListRows rows) {
        this.geometry = geometry;
        this.named = named;
        this.parts = parts;
        this.plot = SiteAreas.of(geometry).plotMm2();
        this.said = said;
        this.pen = pen;
        this.rows = rows;
    }

    /** A column of them, as long as the others if there is room for that; returns the y below it. */
    double part(int part, String heading, Box column) {
        var y = rows.heading(heading, column);
        var isLast = part == parts - 1;
        var totals = sums() * pen.row() + 4.4;
        var left = named.size() - told;
        var shown = isLast
                ? rows.fitting(left, y, column.maxY() - totals)
                : Math.clamp(
                        (int) Math.ceil((left + sums() + 1.0) / (parts - part)),
                        0,
                        Math.min(left, rows.fittingAlone(y, column.maxY())));
        y = listed(named.subList(told, told + shown), column, y);
        told += shown;
        return isLast ? sums(rows.andMore(left - shown, column, y), column) : y;
    }

    private int sums() {
        return (plot > 0 ? 3 : 2) + said.size();
    }

    private double listed(List<RoomRow> some, Box column, double from) {
        var y = from;
        var numbers = named.stream()
                .mapToDouble(r -> r.number().isEmpty() ? 0 : pen.width(r.number(), TextRole.BODY, Typeface.REGULAR))
                .max()
                .orElse(0);
        var beside = numbers == 0 ? 0 : numbers + pen.cap(TextRole.BODY);
        var names = new Box(column.minX() + beside, column.minY(), column.maxX(), column.maxY());
        for (var room : some) {
            if (!room.number().isEmpty()) {
                pen.text(room.number(), column.minX(), y, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
            }
            rows.line(room.name(), room.areaMm2(), names, y, Typeface.REGULAR);
            y += pen.row();
        }
        return y;
    }

    private double sums(double below, Box column) {
        var y = below - (pen.row() - 2);
        pen.rule(column.minX(), column.maxX(), y, LineRole.RULE);
        y += 4.4;
        rows.line("Net, within inner faces", geometry.netAreaMm2(), column, y, Typeface.MEDIUM);
        y += pen.row();
        rows.line("Gross, outer faces", geometry.grossAreaMm2(), column, y, Typeface.REGULAR);
        y += pen.row();
        if (plot > 0) {
            rows.line("Plot, not counted above", plot, column, y, Typeface.REGULAR);
            y += pen.row();
        }
        for (var how : said) {
            pen.quietlyFitted(how, column.minX(), y, TextRole.BODY, Typeface.REGULAR, column.width());
            y += pen.row();
        }
        return y;
    }
}
