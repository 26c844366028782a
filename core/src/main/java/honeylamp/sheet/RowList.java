package honeylamp.sheet;

import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.TextRole;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/** A heading, and rows of one height; long ones go on in the columns beside them that are free. */
final class RowList implements PageList {
    /** A second line lies so far below the first, in paper mm. */
    static final double SECOND_LINE_MM = 3.4;

    /** Words stand so far from the left where a sample stands before them, in paper mm. */
    private static final double BESIDE_SAMPLE_MM = 10;

    /** A list of fewer than twice as many rows stays in one column. */
    private static final int ROWS_TOGETHER = 6;

    private static final double SAMPLE_MM = 7;
    private static final double SAMPLE_UP_MM = 3;
    private static final double SAMPLE_DOWN_MM = 0.9;

    private final Listing listing;
    private final String heading;
    private final double extraMm;
    private final List<Row> rows;
    private int drawn;

    /** Draws a row on its line. */
    interface Row {
        void draw(ListRows rows, Box column, double y);

        /** What it says, to be compared. */
        default Object said() {
            return this;
        }
    }

    /** Draws a sample into its box. */
    interface Sample {
        void draw(SheetPen pen, Box box);
    }

    /** A row of two lines: a sample, a name, a figure at the right, and more about it below the name. */
    record Pair(Sample sample, String name, String figure, String more) implements Row {
        @Override
        public Object said() {
            return List.of(name, figure, more);
        }

        @Override
        public void draw(ListRows rows, Box column, double y) {
            var pen = rows.pen();
            sampled(pen, sample, column, y, SECOND_LINE_MM);
            var left = column.minX() + BESIDE_SAMPLE_MM;
            var wide = figure.isEmpty() ? 0 : pen.width(figure, TextRole.BODY, Typeface.MEDIUM) + 2;
            pen.text(figure, column.maxX(), y, TextRole.BODY, Typeface.MEDIUM, Align.RIGHT);
            pen.fitted(name, left, y, TextRole.BODY, Typeface.REGULAR, column.maxX() - left - wide);
            pen.quietlyFitted(more, left, y + SECOND_LINE_MM, TextRole.BODY, Typeface.REGULAR, column.maxX() - left);
        }
    }

    /** A row of one line: a sample, and a name. */
    record Named(Sample sample, String name) implements Row {
        @Override
        public void draw(ListRows rows, Box column, double y) {
            sampled(rows.pen(), sample, column, y, 0);
            rows.pen()
                    .fitted(
                            name,
                            column.minX() + BESIDE_SAMPLE_MM,
                            y,
                            TextRole.BODY,
                            Typeface.REGULAR,
                            column.width() - BESIDE_SAMPLE_MM);
        }
    }

    private static void sampled(SheetPen pen, Sample sample, Box column, double y, double moreMm) {
        var box = new Box(
                column.minX(),
                y - SAMPLE_UP_MM * pen.share(),
                column.minX() + SAMPLE_MM,
                y + SAMPLE_DOWN_MM * pen.share() + moreMm);
        sample.draw(pen, box);
        pen.quietStroke(Figure.ring(box.ring()), LineRole.RULE);
    }

    private RowList(Listing listing, String heading, double extraMm, List<Row> rows) {
        this.listing = listing;
        this.heading = heading;
        this.extraMm = extraMm;
        this.rows = List.copyOf(rows);
    }

    /** Of rows of one line. */
    static RowList of(Listing listing, String heading, List<? extends Row> rows) {
        return new RowList(listing, heading, 0, List.copyOf(rows));
    }

    /** Of rows of two lines. */
    static RowList ofPairs(Listing listing, String heading, List<? extends Row> rows) {
        return new RowList(listing, heading, SECOND_LINE_MM, List.copyOf(rows));
    }

    @Override
    public Optional<Listing> listing() {
        return Optional.of(listing);
    }

    @Override
    public int left() {
        return rows.size() - drawn;
    }

    @Override
    public PageList rest() {
        var words = drawn == 0 ? heading : ListRows.continued(heading);
        return new RowList(listing, words, extraMm, rows.subList(drawn, rows.size()));
    }

    @Override
    public List<Part> parts(int columns) {
        drawn = 0;
        var parts = Math.clamp(rows.size() / ROWS_TOGETHER, 1, columns);
        return IntStream.range(0, parts)
                .mapToObj(part -> new Part(LEAST_MM, (table, column) -> part(table, part, parts, column)))
                .toList();
    }

    /** A column of them, as long as the others if there is room for that; returns the y below it. */
    private double part(ListRows table, int part, int parts, Box column) {
        var y = table.heading(part == 0 ? heading : ListRows.continued(heading), column);
        var step = table.pen().row() + extraMm;
        var fitting = table.fitting(left(), y, column.maxY(), step);
        var isLast = part == parts - 1;
        var shown = isLast ? fitting : Math.min(fitting, (int) Math.ceil(left() / (double) (parts - part)));
        for (var row : rows.subList(drawn, drawn + shown)) {
            row.draw(table, column, y);
            y += step;
        }
        drawn += shown;
        return isLast ? table.andMore(left(), column, y) : y;
    }
}
