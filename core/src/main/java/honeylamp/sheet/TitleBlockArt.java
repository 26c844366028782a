package honeylamp.sheet;

import honeylamp.catalogue.Scales;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.LineRole;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
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

    private static final double AIR_MM = 4;

    /** From the line of the scale to a bar in second units. */
    private static final double SECOND_BAR_MM = 7.4;

    /** Narrower parts of a scale bar are hard to count. */
    private static final double LEAST_PART_MM = 6;

    /** A wider scale bar runs out of its column. */
    private static final double MOST_BAR_MM = 42;

    private final LaidPage page;
    private final SheetLayout layout;
    private final SheetPen pen;
    private final List<PaperFrame> frames;

    /**
     * The block of a page.
     *
     * @param frames where the plan lies in each view
     */
    TitleBlockArt(LaidPage page, SheetLayout layout, SheetPen pen, List<PaperFrame> frames) {
        this.page = page;
        this.layout = layout;
        this.pen = pen;
        this.frames = frames;
    }

    private TitleBlock block() {
        return page.page().sheet().title();
    }

    /** As the sheet has it: whole beside or below the views, in one line, or only scale and north. */
    void draw(String title) {
        switch (block().block()) {
            case WHOLE -> {
                if (layout.hasColumn()) {
                    column(title);
                } else {
                    strip(title);
                }
            }
            case LINE -> line(title);
            case NONE -> {
                var box = layout.title();
                orientation(
                        box.minY() + 11,
                        layout.hasColumn() ? box.minX() + 40 : box.maxX() - 22,
                        box.maxX() - (layout.hasColumn() ? 5.6 : 8));
            }
        }
    }

    /** Title and facts one after the other, scale and north at the end. */
    private void line(String title) {
        var box = layout.title();
        pen.rule(box.minX(), box.maxX(), box.minY(), LineRole.TITLE_RULE);
        var y = box.minY() + 7.4;
        var right = box.maxX() - LINE_ORIENTATION_MM;
        var whole = pen.width(title, TextRole.HEADING, Typeface.SEMIBOLD);
        pen.fitted(title, box.minX(), y, TextRole.HEADING, Typeface.SEMIBOLD, Math.min(whole, right - box.minX()));
        var words = Stream.concat(
                        Stream.of(subtitle(), block().client(), block().author(), block().date(), block().revision()),
                        block().said().stream().map(f -> f.label() + " " + f.words()))
                .filter(w -> !w.isBlank())
                .collect(Collectors.joining("   "));
        var from = box.minX() + whole + AIR_MM;
        if (from < right - AIR_MM) {
            pen.quietlyFitted(words, from, y, TextRole.BODY, Typeface.REGULAR, right - AIR_MM - from);
        }
        if (page.views().stream().anyMatch(v -> v.view().isPlan())) {
            north(new Point(box.maxX() - 4, box.minY() + 7.2), 3);
        }
        pen.text(scaleWords(), box.maxX() - 11, y, TextRole.HEADING, Typeface.MEDIUM, Align.RIGHT);
    }

    private String scaleWords() {
        var paper = " on " + page.page().sheet().paper().label();
        var scale = frames.getFirst().scale();
        if (frames.stream().anyMatch(f -> f.scale() != scale)) {
            return "Scales as written" + paper;
        }
        var words = LengthText.built(Scales.said(scale, page.plan().units()));
        return words.equals(Scales.NONE) ? words : words + paper;
    }

    /** As a strip below the views. */
    private void strip(String title) {
        var strip = layout.title();
        var tall = layout.hasTallStrip();
        var beside = tall ? strip.width() - ORIENTATION_MM : strip.width() * FACTS_FROM;
        pen.rule(strip.minX(), strip.maxX(), strip.minY(), LineRole.TITLE_RULE);
        pen.fitted(title, strip.minX(), strip.minY() + 11, TextRole.TITLE, Typeface.SEMIBOLD, beside - AIR_MM);
        pen.quietlyFitted(
                subtitle(), strip.minX(), strip.minY() + 18.5, TextRole.HEADING, Typeface.REGULAR, beside - AIR_MM);
        measured(strip.minX(), strip.minY() + 22.6, strip.width() - ORIENTATION_MM - AIR_MM);
        if (tall) {
            factsInARow(strip);
        } else {
            facts(strip.minX() + beside, strip.minY() + 6, strip.width() * 0.12, strip.maxX() - ORIENTATION_MM);
        }
        own(strip.minX(), strip.minY() + (tall ? 36 : 28), strip.width() / SheetLayout.OWN_IN_A_ROW);
        orientation(strip.minY() + 13.5, strip.maxX() - 22, strip.maxX() - 8);
    }

    /** Own fields, so many in a row. */
    private void own(double x, double y, double step) {
        var own = block().said();
        for (var i = 0; i < own.size(); i++) {
            fact(
                    x + (i % SheetLayout.OWN_IN_A_ROW) * step,
                    y + (i / SheetLayout.OWN_IN_A_ROW) * SheetLayout.FACT_MM,
                    own.get(i).label(),
                    own.get(i).words(),
                    step - AIR_MM);
        }
    }

    private void factsInARow(Box strip) {
        var title = page.page().sheet().title();
        var step = strip.width() / 4;
        var y = strip.minY() + 27;
        fact(strip.minX(), y, "Client", title.client(), step - AIR_MM);
        fact(strip.minX() + step, y, "Drawn by", title.author(), step - AIR_MM);
        fact(strip.minX() + 2 * step, y, "Date", title.date(), step - AIR_MM);
        fact(strip.minX() + 3 * step, y, "Revision", title.revision(), step - AIR_MM);
    }

    /** As the foot of the column beside them. */
    private void column(String title) {
        var box = layout.title();
        orientation(box.minY() + 9, box.minX() + 40, box.maxX() - 5.6);
        var y = box.minY() + 26;
        pen.rule(box.minX(), box.maxX(), y, LineRole.TITLE_RULE);
        y += 10;
        for (var line : pen.wrapped(title, Typeface.SEMIBOLD, TextRole.TITLE, box.width())) {
            pen.text(line, box.minX(), y, TextRole.TITLE, Typeface.SEMIBOLD, Align.LEFT);
            y += pen.cap(TextRole.TITLE) * 1.75;
        }
        for (var line : pen.wrapped(subtitle(), Typeface.SEMIBOLD, TextRole.HEADING, box.width())) {
            pen.quiet(line, box.minX(), y - 1, TextRole.HEADING, Typeface.REGULAR, Align.LEFT);
            y += 1.7 * pen.cap(TextRole.HEADING);
        }
        measured(box.minX(), y - 1, box.width());
        facts(box.minX(), y + 8 - 1.7 * pen.cap(TextRole.HEADING), box.width() * 0.62, box.maxX());
    }

    /** How sizes and areas in rooms are measured, where no list of rooms says it. */
    private void measured(double x, double y, double widthMm) {
        if (!HowMeasured.isSaidWithRooms(page)) {
            var said = String.join(". ", HowMeasured.of(page));
            pen.quietlyFitted(said, x, y, TextRole.SMALL, Typeface.REGULAR, widthMm);
        }
    }

    private String subtitle() {
        var drawing = page.page().sheet().title().drawing();
        var isTheWhole = page.plan().presentation().pages().size() == 1
                && page.page().name().isBlank();
        var saysPage = isTheWhole || drawing.startsWith(page.name());
        var said = drawing.isBlank() ? page.name() : saysPage ? drawing : page.name() + ", " + drawing;
        return said + pageOf();
    }

    /** Which of how many pages it is, if there are several. */
    private String pageOf() {
        var pages = page.plan().presentation().pages();
        return pages.size() == 1 ? "" : "   " + (pages.indexOf(page.page()) + 1) + " of " + pages.size();
    }

    /** Client and author, date and revision: two rows of two, or three rows in a narrow column. */
    private void facts(double x, double y, double step, double right) {
        var title = page.page().sheet().title();
        if (layout.hasColumn()) {
            fact(x, y, "Client", title.client(), right - x);
            fact(x, y + 9, "Drawn by", title.author(), right - x);
            fact(x, y + 18, "Date", title.date(), step - AIR_MM / 2);
            fact(x + step, y + 18, "Revision", title.revision(), right - x - step);
            for (var i = 0; i < title.said().size(); i++) {
                var own = title.said().get(i);
                fact(x, y + 27 + i * SheetLayout.FACT_MM, own.label(), own.words(), right - x);
            }
        } else {
            var date = x + 2 * step;
            fact(x, y, "Client", title.client(), 2 * step - AIR_MM);
            fact(x, y + 9, "Drawn by", title.author(), 2 * step - AIR_MM);
            fact(date, y, "Date", title.date(), right - date);
            fact(date, y + 9, "Revision", title.revision(), right - date);
        }
    }

    private void fact(double x, double y, String label, String value, double widthMm) {
        if (!value.isBlank()) {
            pen.quiet(label, x, y, TextRole.SMALL, Typeface.REGULAR, Align.LEFT);
            pen.fitted(value, x, y + 3.8, TextRole.BODY, Typeface.MEDIUM, widthMm);
        }
    }

    /** Scale in words and scale bar up to {@code right}, and a north arrow about {@code north}, as one group. */
    private void orientation(double y, double right, double north) {
        if (page.views().stream().anyMatch(v -> v.view().isPlan())) {
            north(new Point(north, y), 5.6); // walls from the front have no north
        }
        var scale = frames.getFirst().scale();
        if (frames.stream().allMatch(f -> f.scale() == scale)) {
            pen.text(scaleWords(), right, y - 4, TextRole.HEADING, Typeface.MEDIUM, Align.RIGHT);
            scaleBar(right, y + 1, scale, page.plan().units());
            HowMeasured.second(page).ifPresent(units -> scaleBar(right, y + SECOND_BAR_MM, scale, units));
        } else {
            pen.text(scaleWords(), right, y, TextRole.HEADING, Typeface.MEDIUM, Align.RIGHT);
        }
    }

    /** A ring with a needle: solid to the north, open to the south. */
    private void north(Point centre, double radius) {
        var deg = -page.northDeg(); // page y points down
        var up = Point.direction(deg);
        var side = up.left().times(radius * 0.30);
        var tip = centre.plus(up.times(radius * 0.86));
        var tail = centre.minus(up.times(radius * 0.86));
        pen.stroke(Figure.circle(centre, radius), LineRole.NEEDLE);
        pen.fill(Figure.builder()
                .line(tip, centre.plus(side), centre.minus(side))
                .build());
        var south = Figure.builder().line(tail, centre.plus(side), centre.minus(side));
        south.close();
        pen.stroke(south.build(), LineRole.NEEDLE);
        var letter = centre.plus(up.times(radius + 2.2));
        pen.text("N", letter.x(), letter.y() + 0.95, TextRole.NORTH, Typeface.MEDIUM, Align.MIDDLE);
    }

    private void scaleBar(double right, double y, double scale, UnitSystem units) {
        var metric = units.isMetric();
        var unitMm = metric ? 1000.0 : Length.MM_PER_FOOT;
        var whole = Stream.of(1.0, 2.0, 5.0, 10.0, 20.0, 50.0)
                .filter(s -> s * unitMm / scale >= LEAST_PART_MM)
                .findFirst()
                .orElse(100.0);
        var many = scale <= 50 && metric ? 2 : 4;
        while (many > 1 && many * whole * unitMm / scale > MOST_BAR_MM) {
            many /= 2;
        }
        // of very large scales a whole metre or foot is wider than the column
        var isWide = whole * unitMm / scale > MOST_BAR_MM;
        var parts = isWide ? 2 : many;
        var step = isWide
                ? Stream.of(0.5, 0.2, 0.1)
                        .filter(s -> 2 * s * unitMm / scale <= MOST_BAR_MM)
                        .findFirst()
                        .orElse(0.05)
                : whole;
        var width = step * unitMm / scale;
        var x = right - parts * width;
        for (var i = 0; i < parts; i++) {
            var bar = new Box(x + i * width, y, x + (i + 1) * width, y + 1.5);
            if (i % 2 == 0) {
                pen.fill(Figure.ring(bar.ring()));
            }
            pen.stroke(Figure.ring(bar.ring()), LineRole.RULE);
        }
        for (var i = 0; i <= parts; i++) {
            var label = number(i * step) + (i == parts ? (metric ? " m" : " ft") : "");
            pen.quiet(label, x + i * width, y + 4.6, TextRole.SMALL, Typeface.REGULAR, Align.MIDDLE);
        }
    }

    private static String number(double value) {
        return BigDecimal.valueOf(value)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
