package honeylamp.sheet;

import honeylamp.derive.listing.Schedule;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.TextRole;
import honeylamp.units.AreaText;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/** A schedule of openings: in a wide place a table, in a column two lines for each. */
final class ScheduleList implements PageList {
    /** As wide as a place must be for a table, in paper mm. */
    private static final double TABLE_FROM_MM = 110;

    private static final double BETWEEN_MM = 2;
    private static final double RULE_DOWN_MM = 1.6;

    /** What a table shows, and how much of its width each takes. */
    private static final Map<String, Double> SHARES = Map.ofEntries(
            Map.entry("tag", 1.0),
            Map.entry("room", 2.2),
            Map.entry("kind", 2.4),
            Map.entry("number", 0.9),
            Map.entry("groups", 0.9),
            Map.entry("circuit", 0.9),
            Map.entry("watt", 0.8),
            Map.entry("cost", 1.0),
            Map.entry("width", 1.2),
            Map.entry("sill", 1.1),
            Map.entry("head", 1.2),
            Map.entry("clear", 1.4),
            Map.entry("hand", 1.6),
            Map.entry("from", 2.0),
            Map.entry("to", 2.0),
            Map.entry("product", 1.8));

    private final Listing listing;
    private final String heading;
    private final Schedule schedule;
    private final List<Schedule.Row> rows;
    private final UnitSystem units;
    private int drawn;

    private ScheduleList(
            Listing listing, String heading, Schedule schedule, List<Schedule.Row> rows, UnitSystem units) {
        this.listing = listing;
        this.heading = heading;
        this.schedule = schedule;
        this.rows = List.copyOf(rows);
        this.units = units;
    }

    /** A schedule, all of its rows. */
    static ScheduleList of(Listing listing, String heading, Schedule schedule, UnitSystem units) {
        return new ScheduleList(listing, heading, schedule, schedule.rows(), units);
    }

    @Override
    public Optional<Listing> listing() {
        return Optional.of(listing);
    }

    @Override
    public List<Part> parts(int columns) {
        return List.of(new Part(LEAST_MM, this::draw));
    }

    @Override
    public int left() {
        return rows.size() - drawn;
    }

    @Override
    public PageList rest() {
        var words = drawn == 0 ? heading : ListRows.continued(heading);
        return new ScheduleList(listing, words, schedule, rows.subList(drawn, rows.size()), units);
    }

    private double draw(ListRows table, Box column) {
        return column.width() >= TABLE_FROM_MM ? table(table, column) : pairs(table, column);
    }

    private double pairs(ListRows table, Box column) {
        var list =
                RowList.ofPairs(listing, heading, rows.stream().map(this::pair).toList());
        var below = list.parts(1).getFirst().drawing().in(table, column);
        drawn = rows.size() - list.left();
        return below;
    }

    private RowList.Row pair(Schedule.Row row) {
        var size = Stream.of(said(row, "number"), said(row, "width"), said(row, "head"))
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(" \u00d7 "));
        var where = Stream.of(said(row, "from"), said(row, "to"))
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(" to "));
        var more = Stream.of(said(row, "room"), where, said(row, "hand"), said(row, "light"), said(row, "product"))
                .filter(w -> !w.isEmpty())
                .collect(Collectors.joining(", "));
        return (table, column, y) -> {
            var pen = table.pen();
            var tag = said(row, "tag");
            var left = column.minX() + (tag.isEmpty() ? 0 : 10);
            var wide = pen.width(size, TextRole.BODY, Typeface.REGULAR) + BETWEEN_MM;
            pen.fitted(tag, column.minX(), y, TextRole.BODY, Typeface.MEDIUM, 9);
            pen.fitted(said(row, "kind"), left, y, TextRole.BODY, Typeface.REGULAR, column.maxX() - left - wide);
            pen.text(size, column.maxX(), y, TextRole.BODY, Typeface.REGULAR, Align.RIGHT);
            pen.quietlyFitted(
                    more, left, y + RowList.SECOND_LINE_MM, TextRole.BODY, Typeface.REGULAR, column.maxX() - left);
        };
    }

    /** The columns that say anything. */
    private List<Integer> columns() {
        return IntStream.range(0, schedule.columns().size())
                .filter(i -> SHARES.containsKey(schedule.columns().get(i).key()))
                .filter(i -> rows.stream().anyMatch(r -> !said(r.cells().get(i)).isEmpty()))
                .boxed()
                .toList();
    }

    private double share(int column) {
        return SHARES.getOrDefault(schedule.columns().get(column).key(), 1.0);
    }

    private double table(ListRows table, Box column) {
        var pen = table.pen();
        var columns = columns();
        var all = columns.stream().mapToDouble(this::share).sum();
        var y = table.heading(heading, column);
        var x = column.minX();
        for (var at : columns) {
            var wide = column.width() * share(at) / all;
            pen.quietlyFitted(
                    schedule.columns().get(at).heading(), x, y, TextRole.BODY, Typeface.MEDIUM, wide - BETWEEN_MM);
            x += wide;
        }
        pen.rule(column.minX(), column.maxX(), y + RULE_DOWN_MM, LineRole.RULE);
        y += pen.row();
        drawn = table.fitting(rows.size(), y, column.maxY());
        for (var row : rows.subList(0, drawn)) {
            x = column.minX();
            for (var at : columns) {
                var wide = column.width() * share(at) / all;
                pen.fitted(said(row.cells().get(at)), x, y, TextRole.BODY, Typeface.REGULAR, wide - BETWEEN_MM);
                x += wide;
            }
            y += pen.row();
        }
        return table.andMore(left(), column, y);
    }

    private String said(Schedule.Row row, String key) {
        return IntStream.range(0, schedule.columns().size())
                .filter(i -> schedule.columns().get(i).key().equals(key))
                .mapToObj(i -> said(row.cells().get(i)))
                .findFirst()
                .orElse("");
    }

    private String said(Schedule.Cell cell) {
        return switch (cell) {
            case Schedule.Cell.Words(var text) -> text;
            case Schedule.Cell.Long(var length) -> LengthText.built(LengthText.rounded(length, units));
            case Schedule.Cell.Wide(var mm2) -> AreaText.rounded(mm2, units);
            case Schedule.Cell.Number number -> number.text();
        };
    }
}
