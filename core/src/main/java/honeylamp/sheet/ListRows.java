package honeylamp.sheet;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.plan.LineRole;
import honeylamp.plan.TextRole;
import honeylamp.units.AreaText;
import honeylamp.units.UnitSystem;
import java.util.Optional;

/**
 * What all lists of a page have: a heading, as many rows as have room, and words for those that have none.
 *
 * @param goesOn the number of the page on which what has no room here goes on
 */
record ListRows(LaidPage page, SheetPen pen, Optional<Integer> goesOn) {
    ListRows(LaidPage page, SheetPen pen) {
        this(
                page,
                pen,
                page.goesOn().map(page.plan().presentation().pages()::indexOf).map(at -> at + 1));
    }

    double heading(String text, Box column) {
        pen.text(text, column.minX(), column.minY() + 3, TextRole.HEADING, Typeface.SEMIBOLD, Align.LEFT);
        pen.rule(column.minX(), column.maxX(), column.minY() + 5.4, LineRole.HEADING_RULE);
        return column.minY() + 10.6;
    }

    /** What goes on is called as it was, with a word more. */
    static String continued(String heading) {
        return heading.endsWith(CONTINUED) ? heading : heading + CONTINUED;
    }

    private static final String CONTINUED = ", continued";

    /** How many rows have room; if not all have, one row less, for the words that say so. */
    int fitting(int rows, double y, double bottom) {
        return fitting(rows, y, bottom, pen.row());
    }

    /** The same of rows of another height; the last needs no air below it. */
    int fitting(int rows, double y, double bottom, double stepMm) {
        var below = stepMm - pen.row();
        var room = (int) Math.floor((bottom - y - below) / stepMm + 1e-9) + 1;
        if (rows <= room) {
            return rows;
        }
        var beforeWords = (int) Math.floor((bottom - y) / stepMm + 1e-9);
        return Math.clamp(beforeWords, 0, rows);
    }

    /** How many rows have room where no words need to follow. */
    int fittingAlone(double y, double bottom) {
        return (int) Math.max(0, Math.floor((bottom - y) / pen.row() + 1e-9) + 1);
    }

    /** How words end that tell what was left out. */
    static final String LEFT_OUT = "without room on the page";

    /** What is said of what has no room: where it goes on, or that it does not. */
    String leftOut() {
        return goesOn.map(n -> "on page " + n).orElse(LEFT_OUT);
    }

    /** Says that rows were left out; returns the y of the next row. */
    double andMore(int left, Box column, double y) {
        if (left == 0) {
            return y;
        }
        pen.quiet("and " + left + " more, " + leftOut(), column.minX(), y, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
        return y + pen.row();
    }

    /** In which the plan is read. */
    UnitSystem units() {
        return page.plan().units();
    }

    /** A row with an area at its end, in a second unit too where the page asks for it. */
    void line(String label, double areaMm2, Box column, double y, Typeface face) {
        var first = AreaText.rounded(areaMm2, units());
        var area = HowMeasured.second(page)
                .map(u -> first + " (" + AreaText.rounded(areaMm2, u) + ")")
                .orElse(first);
        var wide = pen.width(area, TextRole.BODY, face);
        pen.fitted(label, column.minX(), y, TextRole.BODY, face, column.width() - wide - pen.cap(TextRole.BODY));
        pen.text(area, column.maxX(), y, TextRole.BODY, face, Align.RIGHT);
    }
}
