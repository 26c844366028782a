package honeylamp.sheet;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.plan.Sheet.Block;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.TextRole;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How high the title block of a page is, by what it says and how it stands; in paper mm. */
final class TitleHeights {
    /** A field with its label above it. */
    static final double FACT_MM = 9;

    /** So many own fields stand beside each other in a strip. */
    static final int OWN_IN_A_ROW = 4;

    /** A mark of the house is no higher in a column, no wider and no higher in a strip. */
    static final double LOGO_MM = 14;

    static final double LOGO_WIDE_MM = 30;

    /** A line of small print. */
    static final double SMALL_MM = 3;

    /** As wide as a corner is below views, frame and all. */
    static final double CORNER_MM = 112;

    /** Title, what is drawn, and how rooms are measured, in a corner. */
    static final double CORNER_HEAD_MM = 23;

    /** Client and author, date and revision in a corner. */
    static final double CORNER_FACTS_MM = 18;

    /** From its frame to its words. */
    static final double CORNER_PAD_MM = 3;

    static final double FOOTER_MM = 24;

    private static final double STRIP_MM = 24;

    /** On paper too narrow for title, facts and scale side by side the facts stand in a row of their own. */
    private static final double TALL_STRIP_MM = 36;

    private static final double TALL_BELOW_MM = 230;

    /** A title block in one line. */
    private static final double LINE_MM = 12;

    /** Scale, bar and north alone. */
    private static final double ORIENTATION_MM = 22;

    private static final double COLUMN_TITLE_MM = 84;

    /** All of an upright block but the lines of its title and of what is drawn, and its facts. */
    private static final double UPRIGHT_MM = 44;

    /** Client, author, date and revision one below the other. */
    private static final double UPRIGHT_FACTS_MM = 22.8;

    /** From line to line, in heights of capitals. */
    static final double TITLE_LINE = 1.75;

    static final double SUBTITLE_LINE = 1.7;

    /** Lower and narrower pages have no corner to spare. */
    private static final double CORNER_FROM_MM = 140;

    private static final double AIR_MM = 2;

    /** A block in a column or a corner that is higher than this share of the page stands in a strip. */
    private static final double MOST_SHARE = 0.85;

    private static final double MOST_CORNER_SHARE = 0.6;

    private final LaidPage page;
    private final Box inside;
    private final Block block;

    /** The heights of a page's block. */
    TitleHeights(LaidPage page) {
        this.page = page;
        this.inside = SheetLayout.inside(page);
        this.block = standing();
    }

    /** How the block of a page stands. */
    static Block block(LaidPage page) {
        return new TitleHeights(page).block;
    }

    /** As was chosen, if the page has room for that and there is what it needs. */
    private Block standing() {
        return switch (title().block()) {
            case WHOLE ->
                page.page().hasColumn() && upright(SheetLayout.COLUMN_MM) > MOST_SHARE * inside.height()
                        ? Block.STRIP
                        : Block.WHOLE;
            case CORNER -> hasCorner() ? Block.CORNER : Block.STRIP;
            case OWN -> title().made().isPresent() ? Block.OWN : Block.WHOLE;
            case STRIP -> Block.STRIP;
            case LINE -> Block.LINE;
            case FOOTER -> Block.FOOTER;
            case NONE -> Block.NONE;
        };
    }

    private boolean hasCorner() {
        return page.page().showsViews()
                && inside.width() >= CORNER_FROM_MM
                && corner() <= (page.page().hasColumn() ? MOST_SHARE : MOST_CORNER_SHARE) * inside.height();
    }

    private TitleBlock title() {
        return page.page().sheet().title();
    }

    /** Whether the facts of a strip stand in a row of their own. */
    static boolean isTall(double wideMm) {
        return wideMm < TALL_BELOW_MM;
    }

    /** Of a block that stands from margin to margin whatever else there is. */
    Optional<Double> foot() {
        return switch (block) {
            case STRIP -> Optional.of(whole());
            case LINE -> Optional.of(LINE_MM);
            case FOOTER -> Optional.of(FOOTER_MM + smallMm(inside.width()));
            case OWN -> Optional.of(own());
            case WHOLE, CORNER, NONE -> Optional.empty();
        };
    }

    private double own() {
        return OwnRows.of(page).stream().mapToDouble(OwnRows.Row::highMm).sum();
    }

    /** Of a block below views or lists. */
    double strip() {
        return foot().orElseGet(() -> block == Block.NONE ? ORIENTATION_MM : whole());
    }

    private double whole() {
        return (isTall(inside.width()) ? TALL_STRIP_MM : STRIP_MM)
                + FACT_MM * Math.ceilDiv(title().said().size(), OWN_IN_A_ROW)
                + smallMm(inside.width());
    }

    /** Of a block at the foot of a column, or in a corner. */
    double inColumn() {
        return switch (block) {
            case NONE -> ORIENTATION_MM;
            case CORNER -> corner();
            case WHOLE, STRIP, LINE, FOOTER, OWN -> upright(SheetLayout.COLUMN_MM);
        };
    }

    private double corner() {
        if (page.page().hasColumn()) {
            return upright(SheetLayout.COLUMN_MM - 2 * CORNER_PAD_MM) + 2 * CORNER_PAD_MM;
        }
        return logoMm()
                + CORNER_HEAD_MM
                + CORNER_FACTS_MM
                + FACT_MM * Math.ceilDiv(title().said().size(), 2)
                + smallMm(CORNER_MM - 2 * CORNER_PAD_MM)
                + 2 * CORNER_PAD_MM;
    }

    private double logoMm() {
        return title().logo().isPresent() ? LOGO_MM + AIR_MM : 0;
    }

    /** With all it says one below the other: as high as usual, or as its words need. */
    private double upright(double wideMm) {
        var pen = new SheetPen(page.look());
        var hasFacts = Stream.of(title().client(), title().author(), title().date(), title().revision())
                .anyMatch(w -> !w.isBlank());
        var words = UPRIGHT_MM
                + (hasFacts || !title().said().isEmpty() ? UPRIGHT_FACTS_MM : 0)
                + pen.wrapped(TitleBlockArt.title(page), Typeface.SEMIBOLD, TextRole.TITLE, wideMm)
                                .size()
                        * TITLE_LINE
                        * pen.cap(TextRole.TITLE)
                + (pen.wrapped(TitleBlockArt.subtitle(page), Typeface.SEMIBOLD, TextRole.HEADING, wideMm)
                                        .size()
                                - 1)
                        * SUBTITLE_LINE
                        * pen.cap(TextRole.HEADING);
        return Math.max(COLUMN_TITLE_MM, words) + FACT_MM * title().said().size() + logoMm() + smallMm(wideMm);
    }

    private double smallMm(double wideMm) {
        var lines = small(page, new SheetPen(page.look()), wideMm).size();
        return lines == 0 ? 0 : lines * SMALL_MM + AIR_MM;
    }

    /** The small print in lines of a width. */
    static List<String> small(LaidPage page, SheetPen pen, double wideMm) {
        return page.page()
                .sheet()
                .title()
                .smallPrint()
                .lines()
                .flatMap(l -> pen.wrapped(l, Typeface.REGULAR, TextRole.SMALL, wideMm).stream())
                .toList();
    }
}
