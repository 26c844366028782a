package honeylamp.sheet;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Sheet.Block;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.TextRole;
import honeylamp.units.AreaText;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The title block: what and whose it is, and scale and north as one group. */
final class TitleBlockArt {
    /** What scale, bar and north arrow take of a strip. */
    private static final double ORIENTATION_MM = 60;

    /** Where the facts begin in a strip, as a share of its width. */
    private static final double FACTS_FROM = 0.40;

    /** What scale and north take of one line. */
    private static final double LINE_ORIENTATION_MM = 64;

    private static final double CORNER_ORIENTATION_MM = 54;

    /** Dates are longer than revisions. */
    private static final double DATE_SHARE = 0.58;

    private static final double AIR_MM = 4;

    /** A mark of the house in one line is no higher. */
    private static final double LINE_LOGO_MM = 8;

    /** The words of a corner stand so far below its upper edge, and those of a column above its foot. */
    private static final double TITLE_DOWN_MM = 26;

    private final LaidPage page;
    private final SheetLayout layout;
    private final SheetPen pen;
    private final Orientation orientation;
    private final Block block;

    /**
     * The block of a page.
     *
     * @param frames where the plan lies in each view
     */
    TitleBlockArt(LaidPage page, SheetLayout layout, SheetPen pen, List<PaperFrame> frames) {
        this.page = page;
        this.layout = layout;
        this.pen = pen;
        this.orientation = new Orientation(page, pen, frames);
        this.block = TitleHeights.block(page);
    }

    private TitleBlock block() {
        return page.page().sheet().title();
    }

    /** Where the mark of the house goes, in paper mm: as large as it may be there. */
    static Optional<Box> logo(LaidPage page, SheetLayout layout) {
        if (page.page().sheet().title().logo().isEmpty()) {
            return Optional.empty();
        }
        var box = layout.title();
        return switch (TitleHeights.block(page)) {
            case NONE -> Optional.empty();
            case LINE ->
                Optional.of(new Box(
                        box.minX(),
                        box.minY() + 2.2,
                        box.minX() + TitleHeights.LOGO_WIDE_MM,
                        box.minY() + 2.2 + LINE_LOGO_MM));
            case OWN -> new OwnBlockArt(page, box).logo();
            case CORNER ->
                Optional.of(
                        layout.hasColumn()
                                ? above(box, TitleHeights.CORNER_PAD_MM)
                                : atLeft(box.grown(-TitleHeights.CORNER_PAD_MM)));
            case WHOLE -> Optional.of(layout.hasColumn() ? above(box, 0) : atLeft(box));
            case STRIP, FOOTER -> Optional.of(atLeft(box));
        };
    }

    private static Box above(Box box, double padMm) {
        var y = box.minY() + padMm + TITLE_DOWN_MM - 2;
        return new Box(box.minX() + padMm, y, box.maxX() - padMm, y + TitleHeights.LOGO_MM);
    }

    private static Box atLeft(Box box) {
        return new Box(
                box.minX(),
                box.minY() + 4,
                box.minX() + TitleHeights.LOGO_WIDE_MM,
                box.minY() + 4 + TitleHeights.LOGO_MM);
    }

    /** What the mark of the house takes of the left of a strip. */
    private double logoMm() {
        return block().logo().isPresent() ? TitleHeights.LOGO_WIDE_MM + AIR_MM : 0;
    }

    /** As the sheet has it. */
    void draw(String title) {
        switch (block) {
            case WHOLE -> {
                if (layout.hasColumn()) {
                    column(title, layout.title());
                } else {
                    strip(title);
                }
            }
            case STRIP -> strip(title);
            case CORNER -> corner(title);
            case LINE -> line(title);
            case FOOTER -> footer(title);
            case OWN -> new OwnBlockArt(page, layout.title()).draw(pen, orientation, words(title));
            case NONE -> {
                var box = layout.title();
                orientation(
                        box.minY() + 11,
                        layout.hasColumn() ? box.minX() + 40 : box.maxX() - 22,
                        box.maxX() - (layout.hasColumn() ? 5.6 : 8));
            }
        }
    }

    /** What cells of rows made by oneself may read. */
    private OwnBlockArt.Words words(String title) {
        return new OwnBlockArt.Words(
                title, subtitleAlone(page), pageNumber(page), hasOrientation() ? orientation.words() : "");
    }

    /** Whether scale and north belong into the block: not where there is no plan, nor where they stand elsewhere. */
    private boolean hasOrientation() {
        return page.page().showsViews() && !page.page().lists().contains(Listing.ORIENTATION);
    }

    private void orientation(double y, double right, double north) {
        if (hasOrientation()) {
            orientation.group(y, right, north);
        }
    }

    /** Title and facts one after the other, scale and north at the end. */
    private void line(String title) {
        var box = layout.title();
        pen.rule(box.minX(), box.maxX(), box.minY(), LineRole.TITLE_RULE);
        var y = box.minY() + 7.4;
        var left = box.minX() + logoMm();
        var right = hasOrientation() ? box.maxX() - LINE_ORIENTATION_MM : box.maxX();
        var whole = pen.width(title, TextRole.HEADING, Typeface.SEMIBOLD);
        pen.fitted(title, left, y, TextRole.HEADING, Typeface.SEMIBOLD, Math.min(whole, right - left));
        var words = Stream.concat(
                        Stream.of(subtitle(), block().client(), block().author(), block().date(), block().revision()),
                        Stream.concat(
                                block().said().stream().map(f -> f.label() + " " + f.words()),
                                block().smallPrint().lines()))
                .filter(w -> !w.isBlank())
                .collect(Collectors.joining("   "));
        var from = left + whole + AIR_MM;
        if (from < right - AIR_MM) {
            pen.quietlyFitted(words, from, y, TextRole.BODY, Typeface.REGULAR, right - AIR_MM - from);
        }
        if (hasOrientation()) {
            if (orientation.hasNorth()) {
                orientation.north(new Point(box.maxX() - 4, box.minY() + 7.2), 3);
            }
            pen.text(orientation.words(), box.maxX() - 11, y, TextRole.HEADING, Typeface.MEDIUM, Align.RIGHT);
        }
    }

    /** As listings have it: what it is and how large, large; who shows it, small. */
    private void footer(String title) {
        var box = layout.title();
        pen.rule(box.minX(), box.maxX(), box.minY(), LineRole.TITLE_RULE);
        var left = box.minX() + logoMm();
        var right = box.maxX() - (hasOrientation() ? ORIENTATION_MM : 0) - AIR_MM;
        pen.fitted(title, left, box.minY() + 11, TextRole.TITLE, Typeface.SEMIBOLD, right - left);
        var areas = HouseAreas.of(page.plan());
        var facts = Stream.of(
                        subtitle(),
                        areas.netMm2() > 0 ? "Net indoors " + AreaText.both(areas.netMm2()) : "",
                        block().author(),
                        block().date())
                .filter(w -> !w.isBlank())
                .collect(Collectors.joining("   "));
        pen.quietlyFitted(facts, left, box.minY() + 18.5, TextRole.HEADING, Typeface.REGULAR, right - left);
        small(box.minX(), box.minY() + TitleHeights.FOOTER_MM, box.width());
        orientation(box.minY() + 12.5, box.maxX() - 22, box.maxX() - 8);
    }

    /** The small print, line by line. */
    private void small(double x, double y, double wideMm) {
        var lines = TitleHeights.small(page, pen, wideMm);
        for (var i = 0; i < lines.size(); i++) {
            pen.quietlyFitted(
                    lines.get(i), x, y + (i + 0.6) * TitleHeights.SMALL_MM, TextRole.SMALL, Typeface.REGULAR, wideMm);
        }
    }

    /** As a strip below the views. */
    private void strip(String title) {
        var all = layout.title();
        var strip = new Box(all.minX() + logoMm(), all.minY(), all.maxX(), all.maxY());
        var tall = TitleHeights.isTall(all.width());
        var orientationMm = hasOrientation() ? ORIENTATION_MM : 0;
        var beside = tall ? strip.width() - orientationMm : strip.width() * FACTS_FROM;
        pen.rule(all.minX(), all.maxX(), all.minY(), LineRole.TITLE_RULE);
        pen.fitted(title, strip.minX(), strip.minY() + 11, TextRole.TITLE, Typeface.SEMIBOLD, beside - AIR_MM);
        pen.quietlyFitted(
                subtitle(), strip.minX(), strip.minY() + 18.5, TextRole.HEADING, Typeface.REGULAR, beside - AIR_MM);
        measured(strip.minX(), strip.minY() + 22.6, strip.width() - orientationMm - AIR_MM);
        if (tall) {
            factsInARow(all);
        } else {
            facts(strip.minX() + beside, strip.minY() + 6, strip.width() * 0.12, strip.maxX() - orientationMm);
        }
        var own = all.minY() + (tall ? 36 : 28);
        own(all.minX(), own, all.width() / TitleHeights.OWN_IN_A_ROW);
        var rows = Math.ceilDiv(block().said().size(), TitleHeights.OWN_IN_A_ROW);
        small(all.minX(), all.minY() + (tall ? 36 : 25) + rows * TitleHeights.FACT_MM, all.width());
        orientation(all.minY() + 13.5, all.maxX() - 22, all.maxX() - 8);
    }

    /** Own fields, so many in a row. */
    private void own(double x, double y, double step) {
        var own = block().said();
        for (var i = 0; i < own.size(); i++) {
            fact(
                    x + (i % TitleHeights.OWN_IN_A_ROW) * step,
                    y + (i / TitleHeights.OWN_IN_A_ROW) * TitleHeights.FACT_MM,
                    own.get(i).label(),
                    own.get(i).words(),
                    step - AIR_MM);
        }
    }

    private void factsInARow(Box strip) {
        var title = block();
        var step = strip.width() / 4;
        var y = strip.minY() + 27;
        fact(strip.minX(), y, "Client", title.client(), step - AIR_MM);
        fact(strip.minX() + step, y, "Drawn by", title.author(), step - AIR_MM);
        fact(strip.minX() + 2 * step, y, "Date", title.date(), step - AIR_MM);
        fact(strip.minX() + 3 * step, y, "Revision", title.revision(), step - AIR_MM);
    }

    /** In a frame. */
    private void corner(String title) {
        var box = layout.title();
        pen.fill(Figure.ring(box.ring()), pen.paper());
        pen.stroke(Figure.ring(box.ring()), LineRole.RULE);
        var inner = box.grown(-TitleHeights.CORNER_PAD_MM);
        if (layout.hasColumn()) {
            column(title, inner);
            return;
        }
        var top = inner.minY() + (block().logo().isPresent() ? TitleHeights.LOGO_MM + 2 : 0);
        pen.fitted(title, inner.minX(), top + 8, TextRole.TITLE, Typeface.SEMIBOLD, inner.width());
        pen.quietlyFitted(subtitle(), inner.minX(), top + 15, TextRole.HEADING, Typeface.REGULAR, inner.width());
        measured(inner.minX(), top + 19, inner.width());
        var y = top + TitleHeights.CORNER_HEAD_MM + 2;
        var wide = hasOrientation() ? inner.width() - CORNER_ORIENTATION_MM : inner.width();
        var step = DATE_SHARE * wide;
        fact(inner.minX(), y, "Client", block().client(), step - 2);
        fact(inner.minX() + step, y, "Drawn by", block().author(), wide - step - 2);
        fact(inner.minX(), y + TitleHeights.FACT_MM, "Date", block().date(), step - 2);
        fact(inner.minX() + step, y + TitleHeights.FACT_MM, "Revision", block().revision(), wide - step - 2);
        y += TitleHeights.CORNER_FACTS_MM;
        var own = block().said();
        for (var i = 0; i < own.size(); i++) {
            var half = inner.width() / 2;
            fact(
                    inner.minX() + (i % 2) * half,
                    y + (i / 2) * TitleHeights.FACT_MM,
                    own.get(i).label(),
                    own.get(i).words(),
                    half - AIR_MM);
        }
        var lines = TitleHeights.small(page, pen, inner.width()).size();
        small(inner.minX(), inner.maxY() - lines * TitleHeights.SMALL_MM, inner.width());
        orientation(top + TitleHeights.CORNER_HEAD_MM + 8, inner.maxX() - 14, inner.maxX() - 5.6);
    }

    /** As the foot of the column beside them. */
    private void column(String title, Box box) {
        orientation(box.minY() + 9, box.minX() + 40, box.maxX() - 5.6);
        var logo = block().logo().isPresent() ? TitleHeights.LOGO_MM + 2 : 0;
        var y = box.minY() + TITLE_DOWN_MM + logo;
        pen.rule(box.minX(), box.maxX(), y, LineRole.TITLE_RULE);
        y += 10;
        for (var line : pen.wrapped(title, Typeface.SEMIBOLD, TextRole.TITLE, box.width())) {
            pen.text(line, box.minX(), y, TextRole.TITLE, Typeface.SEMIBOLD, Align.LEFT);
            y += pen.cap(TextRole.TITLE) * TitleHeights.TITLE_LINE;
        }
        for (var line : pen.wrapped(subtitle(), Typeface.SEMIBOLD, TextRole.HEADING, box.width())) {
            pen.quiet(line, box.minX(), y - 1, TextRole.HEADING, Typeface.REGULAR, Align.LEFT);
            y += TitleHeights.SUBTITLE_LINE * pen.cap(TextRole.HEADING);
        }
        measured(box.minX(), y - 1, box.width());
        facts(
                box.minX(),
                y + 8 - TitleHeights.SUBTITLE_LINE * pen.cap(TextRole.HEADING),
                box.width() * 0.62,
                box.maxX());
        var lines = TitleHeights.small(page, pen, box.width()).size();
        small(box.minX(), box.maxY() - lines * TitleHeights.SMALL_MM, box.width());
    }

    /** How sizes and areas in rooms are measured, where no list of rooms says it. */
    private void measured(double x, double y, double widthMm) {
        if (page.page().showsViews() && !HowMeasured.isSaidWithRooms(page)) {
            var said = String.join(". ", HowMeasured.of(page));
            pen.quietlyFitted(said, x, y, TextRole.SMALL, Typeface.REGULAR, widthMm);
        }
    }

    private String subtitle() {
        return subtitle(page);
    }

    /** What is drawn on a page, and which page it is. */
    static String subtitle(LaidPage page) {
        var number = pageNumber(page);
        return subtitleAlone(page) + (number.isEmpty() ? "" : "   " + number);
    }

    /** What a page is of. */
    static String title(LaidPage page) {
        var project = page.page().sheet().title().project();
        return project.isBlank() ? page.plan().name() : project;
    }

    private static String subtitleAlone(LaidPage page) {
        var drawing = page.page().sheet().title().drawing();
        var isTheWhole = page.plan().presentation().pages().size() == 1
                && page.page().name().isBlank();
        var saysPage = isTheWhole || drawing.startsWith(page.name());
        return drawing.isBlank() ? page.name() : saysPage ? drawing : page.name() + ", " + drawing;
    }

    /** Which of how many pages it is, if there are several. */
    private static String pageNumber(LaidPage page) {
        var pages = page.plan().presentation().pages();
        return pages.size() == 1 ? "" : (pages.indexOf(page.page()) + 1) + " of " + pages.size();
    }

    /** Client and author, date and revision: two rows of two, or three rows in a narrow column. */
    private void facts(double x, double y, double step, double right) {
        var title = block();
        if (isUpright()) {
            fact(x, y, "Client", title.client(), right - x);
            fact(x, y + 9, "Drawn by", title.author(), right - x);
            fact(x, y + 18, "Date", title.date(), step - AIR_MM / 2);
            fact(x + step, y + 18, "Revision", title.revision(), right - x - step);
            for (var i = 0; i < title.said().size(); i++) {
                var own = title.said().get(i);
                fact(x, y + 27 + i * TitleHeights.FACT_MM, own.label(), own.words(), right - x);
            }
        } else {
            var date = x + 2 * step;
            fact(x, y, "Client", title.client(), 2 * step - AIR_MM);
            fact(x, y + 9, "Drawn by", title.author(), 2 * step - AIR_MM);
            fact(date, y, "Date", title.date(), right - date);
            fact(date, y + 9, "Revision", title.revision(), right - date);
        }
    }

    /** Whether the facts stand one below the other. */
    private boolean isUpright() {
        return block == Block.CORNER || block == Block.WHOLE && layout.hasColumn();
    }

    private void fact(double x, double y, String label, String value, double widthMm) {
        pen.fact(x, y, label, value, widthMm);
    }
}
