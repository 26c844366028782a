package honeylamp.sheet;

import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.LineRole;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;

/** A square of a known side: who measures it on a print knows whether the print is true to scale. */
final class CheckingSquare {
    private static final double SIDE_MM = 30;
    private static final double STEP_MM = 10;
    private static final double TICK_MM = 1.2;
    private static final double WORDS_MM = 5;
    private static final double HEADING_MM = 10;

    private final double sideMm;
    private final double stepMm;
    private final String said;

    private CheckingSquare(UnitSystem units) {
        this.sideMm = units.isMetric() ? SIDE_MM : Length.MM_PER_INCH;
        this.stepMm = units.isMetric() ? STEP_MM : Length.MM_PER_INCH / 4;
        this.said = units.isMetric() ? "30 mm on a true print" : "1 in on a true print";
    }

    /** The square as a list of a page. */
    static PageList of(UnitSystem units) {
        var square = new CheckingSquare(units);
        return new FixedList(Listing.SQUARE, HEADING_MM + square.sideMm + WORDS_MM, square::in);
    }

    /** Draws it at the head of a column; returns the y below it. */
    private double in(ListRows rows, Box column) {
        var pen = rows.pen();
        var y = rows.heading("Checking square", column) - pen.cap(TextRole.BODY);
        var square = new Box(column.minX(), y, column.minX() + sideMm, y + sideMm);
        pen.stroke(Figure.ring(square.ring()), LineRole.RULE);
        for (var at = stepMm; at < sideMm - stepMm / 2; at += stepMm) {
            tick(pen, square.minX() + at, square.maxY(), 0, -TICK_MM);
            tick(pen, square.minX(), square.maxY() - at, TICK_MM, 0);
        }
        pen.quiet(said, column.minX(), square.maxY() + 4, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
        return square.maxY() + WORDS_MM;
    }

    private static void tick(SheetPen pen, double x, double y, double right, double down) {
        pen.stroke(Figure.line(new Point(x, y), new Point(x + right, y + down)), LineRole.RULE);
    }
}
