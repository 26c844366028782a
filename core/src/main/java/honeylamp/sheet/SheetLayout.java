package honeylamp.sheet;

import honeylamp.geometry.Box;
import honeylamp.plan.Sheet;
import java.util.Comparator;
import java.util.stream.IntStream;

/**
 * Where things lie on a page, in paper mm: a column beside the view on wide paper, a strip below it on
 * narrow paper.
 *
 * @param lists where schedule and legend go; empty on narrow paper
 * @param title where the title block goes
 */
record SheetLayout(Box page, Box view, Box lists, Box title) {
    static final double GUTTER_MM = 6;

    /** Free space kept around the outermost tier, inside the view: beside a column, and between margin and strip. */
    private static final double COLUMN_AIR_MM = 6;

    private static final double STRIP_AIR_MM = 2;

    private static final double STRIP_MM = 24;
    private static final double COLUMN_MM = 54;
    private static final double COLUMN_TITLE_MM = 84;

    /** Paper narrower than this has no room for a column beside the view. */
    private static final double COLUMN_FROM_MM = 400;

    static SheetLayout of(Sheet sheet) {
        var page = new Box(0, 0, sheet.widthMm(), sheet.heightMm());
        var edge = sheet.margins().othersMm();
        var inside = new Box(sheet.margins().bindingMm(), edge, page.maxX() - edge, page.maxY() - edge);
        return page.width() >= COLUMN_FROM_MM ? withColumn(page, inside) : withStrip(page, inside);
    }

    private static SheetLayout withColumn(Box page, Box inside) {
        var left = inside.maxX() - COLUMN_MM;
        var top = inside.maxY() - COLUMN_TITLE_MM;
        return new SheetLayout(
                page,
                new Box(inside.minX(), inside.minY(), left - GUTTER_MM, inside.maxY()),
                new Box(left, inside.minY(), inside.maxX(), top - GUTTER_MM),
                new Box(left, top, inside.maxX(), inside.maxY()));
    }

    private static SheetLayout withStrip(Box page, Box inside) {
        var top = inside.maxY() - STRIP_MM;
        return new SheetLayout(
                page,
                new Box(inside.minX(), inside.minY(), inside.maxX(), top - GUTTER_MM),
                new Box(inside.maxX(), inside.minY(), inside.maxX(), inside.minY()),
                new Box(inside.minX(), top, inside.maxX(), inside.maxY()));
    }

    /** Free space kept around the outermost tier; on narrow paper the margins themselves are most of it. */
    double airMm() {
        return hasColumn() ? COLUMN_AIR_MM : STRIP_AIR_MM;
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

    boolean hasColumn() {
        return lists.width() > 0;
    }
}
