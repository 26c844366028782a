package honeylamp.sheet;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.geometry.Box;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Sheet.Block;
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

    static final double COLUMN_MM = 54;

    /** Lists leave a plan so much of the height of a page, in paper mm. */
    private static final double LEAST_VIEW_MM = 24;

    /** So much of the longer side is the first view's where it is the large one. */
    private static final double FIRST_SHARE = 0.66;

    /** No more of the height than this goes to lists on narrow paper: the plan is what the page is for. */
    private static final double MOST_BAND = 0.4;

    /**
     * The layout of a page.
     *
     * @param bandMm as high as the lists are on narrow paper; more than two fifths of the height is not given
     */
    static SheetLayout of(LaidPage page, double bandMm) {
        var inside = inside(page);
        if (!page.page().showsViews()) {
            return listsOnly(page, inside);
        }
        return page.page().hasColumn() ? withColumn(page, inside, 1) : withStrip(page, inside, bandMm);
    }

    /** The layout of a page with a column and another beside it. */
    static SheetLayout withTwoColumns(LaidPage page) {
        return withColumn(page, inside(page), 2);
    }

    private static Box paper(LaidPage page) {
        var sheet = page.page().sheet();
        return new Box(0, 0, sheet.widthMm(), sheet.heightMm());
    }

    /** What is within the margins. */
    static Box inside(LaidPage page) {
        var sheet = page.page().sheet();
        var edge = sheet.margins().othersMm();
        return new Box(sheet.margins().bindingMm(), edge, sheet.widthMm() - edge, sheet.heightMm() - edge);
    }

    /** Whether lists have more than one column. */
    boolean hasTwoColumns() {
        return hasColumn && lists.width() > COLUMN_MM + GUTTER_MM;
    }

    /** As wide as a band of lists is. */
    static double bandWideMm(LaidPage page) {
        var inside = inside(page);
        return TitleHeights.block(page) == Block.CORNER
                ? inside.width() - TitleHeights.CORNER_MM - GUTTER_MM
                : inside.width();
    }

    private static SheetLayout withColumn(LaidPage page, Box inside, int columns) {
        var heights = new TitleHeights(page);
        var right = inside.maxX() - COLUMN_MM;
        var left = right - (columns - 1) * (COLUMN_MM + GUTTER_MM);
        var foot = heights.foot();
        var bottom = foot.map(high -> inside.maxY() - high - GUTTER_MM).orElse(inside.maxY());
        var top = inside.maxY() - heights.inColumn();
        var out = new SheetLayout(
                paper(page),
                new Box(inside.minX(), inside.minY(), left - GUTTER_MM, bottom),
                new Box(left, inside.minY(), inside.maxX(), foot.isPresent() ? bottom : top - GUTTER_MM),
                foot.isPresent()
                        ? new Box(inside.minX(), bottom + GUTTER_MM, inside.maxX(), inside.maxY())
                        : new Box(right, top, inside.maxX(), inside.maxY()),
                true);
        return page.page().arrangement().lists() == Arrangement.Lists.LEFT ? out.mirrored(inside) : out;
    }

    /** With the column at the other side; what stands from margin to margin stays. */
    private SheetLayout mirrored(Box inside) {
        return new SheetLayout(page, mirrored(view, inside), mirrored(lists, inside), mirrored(title, inside), true);
    }

    private static Box mirrored(Box box, Box inside) {
        var both = inside.minX() + inside.maxX();
        return new Box(both - box.maxX(), box.minY(), both - box.minX(), box.maxY());
    }

    private static SheetLayout withStrip(LaidPage page, Box inside, double bandMm) {
        var heights = new TitleHeights(page);
        if (TitleHeights.block(page) == Block.CORNER) {
            return withCorner(page, inside, bandMm, heights.inColumn());
        }
        var top = inside.maxY() - heights.strip();
        var most = Math.min(inside.height() * MOST_BAND, top - inside.minY() - 2 * GUTTER_MM - LEAST_VIEW_MM);
        var given = Math.clamp(bandMm, 0, Math.max(0, most));
        var band = top - GUTTER_MM - given;
        return new SheetLayout(
                paper(page),
                new Box(
                        inside.minX(),
                        inside.minY(),
                        inside.maxX(),
                        Math.max(inside.minY() + 1, given > 0 ? band - GUTTER_MM : band)),
                new Box(inside.minX(), band, inside.maxX(), top - GUTTER_MM),
                new Box(inside.minX(), top, inside.maxX(), inside.maxY()),
                false);
    }

    /** The band of lists stands left of the corner. */
    private static SheetLayout withCorner(LaidPage page, Box inside, double bandMm, double cornerMm) {
        var top = inside.maxY() - Math.max(Math.min(bandMm, inside.height() * MOST_BAND), cornerMm);
        var corner = inside.maxX() - TitleHeights.CORNER_MM;
        return new SheetLayout(
                paper(page),
                new Box(inside.minX(), inside.minY(), inside.maxX(), top - GUTTER_MM),
                new Box(inside.minX(), top, corner - GUTTER_MM, inside.maxY()),
                new Box(corner, inside.maxY() - cornerMm, inside.maxX(), inside.maxY()),
                false);
    }

    /** All that is left above the title block is for lists; views that nobody sees lie there too. */
    private static SheetLayout listsOnly(LaidPage page, Box inside) {
        var top = inside.maxY() - new TitleHeights(page).strip();
        var all = new Box(inside.minX(), inside.minY(), inside.maxX(), top - GUTTER_MM);
        return new SheetLayout(paper(page), all, all, new Box(inside.minX(), top, inside.maxX(), inside.maxY()), false);
    }

    /** Free space kept around the outermost tier; on narrow paper the margins themselves are most of it. */
    double airMm() {
        return hasColumn ? COLUMN_AIR_MM : STRIP_AIR_MM;
    }

    /** The share of one of several views. */
    Box cell(int index, int count, Arrangement.Shares shares) {
        return switch (shares) {
            case ALIKE, LISTS_ONLY -> cell(view, index, count, columns(view, count));
            case ROW -> cell(view, index, count, count);
            case COLUMN -> cell(view, index, count, 1);
            case FIRST -> count == 1 ? view : firstLarge(index, count);
        };
    }

    /** Two thirds of the longer side are the first one's. */
    private Box firstLarge(int index, int count) {
        var isWide = view.width() >= view.height();
        var large = FIRST_SHARE * ((isWide ? view.width() : view.height()) - GUTTER_MM);
        if (index == 0) {
            return isWide
                    ? new Box(view.minX(), view.minY(), view.minX() + large, view.maxY())
                    : new Box(view.minX(), view.minY(), view.maxX(), view.minY() + large);
        }
        var others = isWide
                ? new Box(view.minX() + large + GUTTER_MM, view.minY(), view.maxX(), view.maxY())
                : new Box(view.minX(), view.minY() + large + GUTTER_MM, view.maxX(), view.maxY());
        return cell(others, index - 1, count - 1, isWide ? 1 : count - 1);
    }

    private static Box cell(Box view, int index, int count, int columns) {
        var rows = (count + columns - 1) / columns;
        var width = (view.width() - (columns - 1) * GUTTER_MM) / columns;
        var height = (view.height() - (rows - 1) * GUTTER_MM) / rows;
        var x = view.minX() + (index % columns) * (width + GUTTER_MM);
        var y = view.minY() + (index / columns) * (height + GUTTER_MM);
        return new Box(x, y, x + width, y + height);
    }

    /** As many columns as make the shares most nearly square. */
    private static int columns(Box view, int count) {
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
