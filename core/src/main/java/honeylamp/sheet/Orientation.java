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
import honeylamp.plan.Page.Listing;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.stream.Stream;

/**
 * The scale of a page in words and as a bar, and where north is, as one group.
 *
 * @param frames where the plan lies in each view; none while nobody knows
 */
record Orientation(LaidPage page, SheetPen pen, List<PaperFrame> frames) {
    /** From the line of the scale to a bar in second units. */
    private static final double SECOND_BAR_MM = 7.4;

    /** Narrower parts of a scale bar are hard to count. */
    private static final double LEAST_PART_MM = 6;

    /** A wider scale bar runs out of its column. */
    private static final double MOST_BAR_MM = 42;

    /** What the group takes in a list, and with a second bar below the first. */
    private static final double LIST_MM = 16;

    /** Scale and bar end so far from the left where the group stands by itself. */
    private static final double BAR_END_MM = 40;

    private static final double NORTH_AT_MM = 48.4;
    private static final double FIRST_LINE_MM = 9;

    /** The group where somebody wants it, not in the title block. */
    PageList list() {
        return new FixedList(
                Listing.ORIENTATION,
                LIST_MM + (HowMeasured.second(page).isPresent() ? SECOND_BAR_MM : 0),
                (rows, column) -> {
                    if (!frames.isEmpty()) {
                        group(column.minY() + FIRST_LINE_MM, column.minX() + BAR_END_MM, column.minX() + NORTH_AT_MM);
                    }
                    return column.minY() + LIST_MM;
                });
    }

    /** The scale of all views, and the paper it is true on. */
    String words() {
        var paper = " on " + page.page().sheet().paper().label();
        var scale = frames.getFirst().scale();
        if (page.views().stream().allMatch(v -> !v.view().isMeasured())) {
            return Scales.NONE;
        }
        if (!isAlike() || !isMeasured()) {
            return "Scales as written" + paper;
        }
        var words = LengthText.built(Scales.said(scale, page.plan().units()));
        return words.equals(Scales.NONE) ? words : words + paper;
    }

    /** Whether all views have one scale. */
    boolean isAlike() {
        return frames.stream().allMatch(f -> f.scale() == frames.getFirst().scale());
    }

    /** Whether lengths can be measured in all views. */
    private boolean isMeasured() {
        return page.views().stream().allMatch(v -> v.view().isMeasured());
    }

    boolean hasNorth() {
        return page.views().stream().anyMatch(v -> v.view().isPlan()); // walls from the front have no north
    }

    /** Scale in words and scale bar up to {@code right}, and a north arrow about {@code north}, as one group. */
    void group(double y, double right, double north) {
        if (hasNorth()) {
            north(new Point(north, y), 5.6);
        }
        if (isAlike() && isMeasured()) {
            var scale = frames.getFirst().scale();
            pen.text(words(), right, y - 4, TextRole.HEADING, Typeface.MEDIUM, Align.RIGHT);
            bar(right, y + 1, scale, page.plan().units());
            HowMeasured.second(page).ifPresent(units -> bar(right, y + SECOND_BAR_MM, scale, units));
        } else {
            pen.text(words(), right, y, TextRole.HEADING, Typeface.MEDIUM, Align.RIGHT);
        }
    }

    /** A ring with a needle: solid to the north, open to the south. */
    void north(Point centre, double radius) {
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

    /**
     * The parts of a bar.
     *
     * @param step what one part stands for, in metres or feet
     * @param widthMm of one part, in paper mm
     */
    private record Parts(int count, double step, double widthMm, String unit) {
        static Parts of(double scale, UnitSystem units) {
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
            var step = isWide
                    ? Stream.of(0.5, 0.2, 0.1)
                            .filter(s -> 2 * s * unitMm / scale <= MOST_BAR_MM)
                            .findFirst()
                            .orElse(0.05)
                    : whole;
            return new Parts(isWide ? 2 : many, step, step * unitMm / scale, metric ? " m" : " ft");
        }
    }

    /** A bar that ends at {@code right}, its figures below it. */
    void bar(double right, double y, double scale, UnitSystem units) {
        var parts = Parts.of(scale, units);
        var x = right - parts.count * parts.widthMm;
        boxes(parts, x, y);
        for (var i = 0; i <= parts.count; i++) {
            var label = number(i * parts.step) + (i == parts.count ? parts.unit : "");
            pen.quiet(label, x + i * parts.widthMm, y + 4.6, TextRole.SMALL, Typeface.REGULAR, Align.MIDDLE);
        }
    }

    private void boxes(Parts parts, double x, double y) {
        for (var i = 0; i < parts.count; i++) {
            var bar = new Box(x + i * parts.widthMm, y, x + (i + 1) * parts.widthMm, y + 1.5);
            if (i % 2 == 0) {
                pen.fill(Figure.ring(bar.ring()));
            }
            pen.stroke(Figure.ring(bar.ring()), LineRole.RULE);
        }
    }

    /** A bar in a line of words, with what it comes to after it; none if there is no room. */
    void smallBar(double left, double right, double baseline, double scale) {
        var parts = Parts.of(scale, page.plan().units());
        var label = number(parts.count * parts.step) + parts.unit;
        var end = right - pen.width(label, TextRole.SMALL, Typeface.REGULAR) - 1.2;
        var x = end - parts.count * parts.widthMm;
        if (x >= left) {
            boxes(parts, x, baseline - 1.6);
            pen.quiet(label, right, baseline, TextRole.SMALL, Typeface.REGULAR, Align.RIGHT);
        }
    }

    private static String number(double value) {
        return BigDecimal.valueOf(value)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
