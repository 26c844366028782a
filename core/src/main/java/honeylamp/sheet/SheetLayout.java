package honeylamp.sheet;

import honeylamp.geometry.Box;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Block;
import honeylamp.plan.Sheet.TitleBlock;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * Where things lie on a page, in paper mm: a column beside the view on wide paper, a strip below it on
 * narrow paper, and above the strip a band as high as the lists need.
 *
 * @param lists where schedule and legend go
 * @param title where the title block goes
 * @param hasColumn whether lists and title block stand beside the view
 */
record SheetLayout(Box page, Box view, Box lists, Box title, boolean hasColumn) {
    static final double GUTTER_MM = 6;

    /** Free space kept around the outermost tier, inside the view: beside a column, and between margin and strip. */
    private static final double COLUMN_AIR_MM = 6;

    private static final double STRIP_AIR_MM = 2;

    private static final double STRIP_MM = 24;

    /** On paper too narrow for title, facts and scale side by side the facts stand in a row of their own. */
    private static final double TALL_STRIP_MM = 36;

    private static final double TALL_BELOW_MM = 230;
    /** A title block in one line. */
    private static final double LINE_MM = 12;

    /** Scale, bar and north alone. */
    private static final double ORIENTATION_MM = 22;

    /** A field with its label above it. */
    static final double FACT_MM = 9;

    /** So many own fields stand beside each other in a strip. */
    static final int OWN_IN_A_ROW = 4;

    private static final double COLUMN_MM = 54;
    private static final double COLUMN_TITLE_MM = 84;

    /** No more of the height than this goes to lists on narrow paper: the plan is what the page is for. */
    private static final double MOST_BAND = 0.4;

    /**
     * The layout of a sheet.
     *
     * @param bandMm as high as the lists are on narrow paper; more than two fifths of the height is not given
     */
    static SheetLayout of(Sheet sheet, double bandMm) {
        var page = new Box(0, 0, sheet.widthMm(), sheet.heightMm());
        var edge = sheet.margins().othersMm();
        var inside = new Box(sheet.margins().bindingMm(), edge, page.maxX() - edge, page.maxY() - edge);
        return sheet.hasColumn()
                ? withColumn(page, inside, 1, sheet.title())
                : withStrip(page, inside, Math.min(bandMm, inside.height() * MOST_BAND), sheet.title());
    }

    /** The layout of a sheet with a column and another beside it. */
    static SheetLayout withTwoColumns(Sheet sheet) {
        var page = new Box(0, 0, sheet.widthMm(), sheet.heightMm());
        var edge = sheet.margins().othersMm();
        return withColumn(
                page,
                new Box(sheet.margins().bindingMm(), edge, page.maxX() - edge, page.maxY() - edge),
                2,
                sheet.title());
    }

    /** Whether lists have more than one column. */
    boolean hasTwoColumns() {
        return hasColumn && lists.width() > COLUMN_MM + GUTTER_MM;
    }

    /** Whether the title block has a row for facts of its own. */
    boolean hasTallStrip() {
        return !hasColumn && title.width() < TALL_BELOW_MM;
    }

    /** The width between the margins of a sheet. */
    static double insideMm(Sheet sheet) {
        return sheet.widthMm() - sheet.margins().bindingMm() - sheet.margins().othersMm();
    }

    private static SheetLayout withColumn(Box page, Box inside, int columns, TitleBlock title) {
        var right = inside.maxX() - COLUMN_MM;
        var left = right - (columns - 1) * (COLUMN_MM + GUTTER_MM);
        if (title.block() == Block.LINE) {
            var line = inside.maxY() - LINE_MM;
            return new SheetLayout(
                    page,
                    new Box(inside.minX(), inside.minY(), left - GUTTER_MM, line - GUTTER_MM),
                    new Box(left, inside.minY(), inside.maxX(), line - GUTTER_MM),
                    new Box(inside.minX(), line, inside.maxX(), inside.maxY()),
                    true);
        }
        var high = title.block() == Block.NONE
                ? ORIENTATION_MM
                : COLUMN_TITLE_MM + FACT_MM * title.said().size();
        var top = inside.maxY() - high;
        return new SheetLayout(
                page,
                new Box(inside.minX(), inside.minY(), left - GUTTER_MM, inside.maxY()),
                new Box(left, inside.minY(), inside.maxX(), top - GUTTER_MM),
                new Box(right, top, inside.maxX(), inside.maxY()),
                true);
    }

    private static SheetLayout withStrip(Box page, Box inside, double bandMm, TitleBlock title) {
        var whole = (inside.width() < TALL_BELOW_MM ? TALL_STRIP_MM : STRIP_MM)
                + FACT_MM * Math.ceilDiv(title.said().size(), OWN_IN_A_ROW);
        var top = inside.maxY()
                - switch (title.block()) {
                    case WHOLE -> whole;
                    case LINE -> LINE_MM;
                    case NONE -> ORIENTATION_MM;
                };
        var band = top - GUTTER_MM - bandMm;
        return new SheetLayout(
                page,
                new Box(inside.minX(), inside.minY(), inside.maxX(), bandMm > 0 ? band - GUTTER_MM : band),
                new Box(inside.minX(), band, inside.maxX(), top - GUTTER_MM),
                new Box(inside.minX(), top, inside.maxX(), inside.maxY()),
                false);
    }

    /** Free space kept around the outermost tier; on narrow paper the margins themselves are most of it. */
    double airMm() {
        return hasColumn ? COLUMN_AIR_MM : STRIP_AIR_MM;
    }

    /** The share of one of several views: side by side where there is more width, else one below the other. */
    Box cell(int index, int count) {
        var columns = columns(count);
        var rows = (count + columns - 1) / columns;
        var width = (view.width() - (columns - 1) * GUTTER_MM) / columns;
        var height = (view.height() - (rows - 1) * GUTTER_MM) / rows;
        var x = view.minX() + (index % columns) * (width + GUTTER_MM);
        var y = view.minY() + (index / columns) * (height + GUTTER_MM);
        return new Box(x, y, x + width, y + height);
    }

    /** As many columns as make the shares most nearly square. */
    private int columns(int count) {
        return IntStream.rangeClosed(1, count)
                .boxed()
                .min(Comparator.comparingDouble((Integer columns) -> {
                            var rows = (count + columns - 1) / columns;
                            return Math.abs(Math.log(view.width() / columns / (view.height() / rows)));
                        })
                        .thenComparing(columns -> columns))
                .orElseThrow();
    }
}
