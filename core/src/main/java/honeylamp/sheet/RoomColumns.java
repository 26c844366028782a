package honeylamp.sheet;

import honeylamp.derive.listing.Headroom;
import honeylamp.derive.listing.SiteAreas;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.TextRole;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;

/** The rooms of a storey in several columns, with what they come to below the last. */
final class RoomColumns implements PageList {
    /** A list of no more rooms stays in one column of a band. */
    private static final int ROOMS_TOGETHER = 10;

    /** A heading, a row, and the sums, in paper mm. */
    private static final double LEAST_ROOMS_MM = 34;

    /** What the rooms come to, and how they are measured: said where they begin. */
    private enum Sums {
        BELOW,
        /** They were said on the page before. */
        SAID
    }

    private final StoreyGeometry geometry;
    private final String heading;
    private final List<RoomRow> named;
    private final List<String> said;
    private final Sums sums;
    private final double plot;
    private final Headroom low;
    private int told;

    /**
     * The rooms of a storey.
     *
     * @param said how they are measured, below their sums
     */
    RoomColumns(LaidStorey storey, String heading, List<RoomRow> named, List<String> said) {
        this(storey.geometry(), Headroom.of(storey), heading, named, said, Sums.BELOW);
    }

    private RoomColumns(
            StoreyGeometry geometry, Headroom low, String heading, List<RoomRow> named, List<String> said, Sums sums) {
        this.geometry = geometry;
        this.low = low;
        this.heading = heading;
        this.named = named;
        this.plot = SiteAreas.of(geometry).plotMm2();
        this.said = said;
        this.sums = sums;
    }

    @Override
    public Optional<Listing> listing() {
        return Optional.of(Listing.ROOMS);
    }

    @Override
    public int left() {
        return named.size() - told;
    }

    @Override
    public PageList rest() {
        var isBegun = told > 0;
        return new RoomColumns(
                geometry,
                low,
                isBegun ? ListRows.continued(heading) : heading,
                named.subList(told, named.size()),
                said,
                isBegun ? Sums.SAID : sums);
    }

    @Override
    public List<Part> parts(int columns) {
        told = 0;
        var parts = Math.clamp(named.size() / ROOMS_TOGETHER, 1, columns);
        return IntStream.range(0, parts)
                .mapToObj(part -> new Part(
                        part == parts - 1 && sums == Sums.BELOW ? LEAST_ROOMS_MM : LEAST_MM,
                        (rows, column) -> part(rows, part, parts, column)))
                .toList();
    }

    /** A column of them, as long as the others if there is room for that; returns the y below it. */
    private double part(ListRows rows, int part, int parts, Box column) {
        var pen = rows.pen();
        var y = rows.heading(part == 0 ? heading : ListRows.continued(heading), column);
        var isLast = part == parts - 1;
        var totals = sums == Sums.BELOW ? sums() * pen.row() + 4.4 : 0;
        var left = left();
        var shown = isLast
                ? rows.fitting(left, y, column.maxY() - totals)
                : Math.clamp(
                        (int) Math.ceil((left + sums() + 1.0) / (parts - part)),
                        0,
                        Math.min(left, rows.fittingAlone(y, column.maxY())));
        y = listed(rows, named.subList(told, told + shown), column, y);
        told += shown;
        if (!isLast) {
            return y;
        }
        y = rows.andMore(left - shown, column, y);
        return sums == Sums.BELOW ? sums(rows, y, column) : y;
    }

    private int sums() {
        return (plot > 0 ? 3 : 2) + (low.isFull() ? 0 : 2) + said.size();
    }

    private double listed(ListRows rows, List<RoomRow> some, Box column, double from) {
        var pen = rows.pen();
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

    private double sums(ListRows rows, double below, Box column) {
        var pen = rows.pen();
        var y = below - (pen.row() - 2);
        pen.rule(column.minX(), column.maxX(), y, LineRole.RULE);
        y += 4.4;
        rows.line("Net, within inner faces", geometry.netAreaMm2(), column, y, Typeface.MEDIUM);
        y += pen.row();
        if (!low.isFull()) {
            rows.line(
                    "of it " + Headroom.belowLow(rows.units()).toLowerCase(Locale.ROOT),
                    low.below1500(),
                    column,
                    y,
                    Typeface.REGULAR);
            y += pen.row();
            rows.line("of it " + Headroom.belowFull(rows.units()), low.below2000(), column, y, Typeface.REGULAR);
            y += pen.row();
        }
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
