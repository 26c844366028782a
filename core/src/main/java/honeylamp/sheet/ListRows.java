package honeylamp.sheet;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.plan.LineRole;
import honeylamp.plan.TextRole;
import honeylamp.units.AreaText;

/** What all lists of a page have: a heading, as many rows as have room, and words for those that have none. */
record ListRows(LaidPage page, SheetPen pen) {
    double heading(String text, Box column) {
        pen.text(text, column.minX(), column.minY() + 3, TextRole.HEADING, Typeface.SEMIBOLD, Align.LEFT);
        pen.rule(column.minX(), column.maxX(), column.minY() + 5.4, LineRole.HEADING_RULE);
        return column.minY() + 10.6;
    }

    /** How many rows have room; if not all have, one row less, for the words that say so. */
    int fitting(int rows, double y, double bottom) {
        var room = (int) Math.floor((bottom - y) / pen.row() + 1e-9) + 1;
        return rows <= room ? rows : Math.clamp(room - 1L, 0, rows);
    }

    /** How many rows have room where no words need to follow. */
    int fittingAlone(double y, double bottom) {
        return (int) Math.max(0, Math.floor((bottom - y) / pen.row() + 1e-9) + 1);
    }

    /** How words end that tell what was left out. */
    static final String LEFT_OUT = "without room on the page";

    /** Says that rows were left out; returns the y of the next row. */
    double andMore(int left, Box column, double y) {
        if (left == 0) {
            return y;
        }
        pen.quiet("and " + left + " more, " + LEFT_OUT, column.minX(), y, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
        return y + pen.row();
    }

    /** A row with an area at its end, in a second unit too where the page asks for it. */
    void line(String label, double areaMm2, Box column, double y, Typeface face) {
        var first = AreaText.rounded(areaMm2, page.plan().units());
        var area = HowMeasured.second(page)
                .map(u -> first + " (" + AreaText.rounded(areaMm2, u) + ")")
                .orElse(first);
        var wide = pen.width(area, TextRole.BODY, face);
        pen.fitted(label, column.minX(), y, TextRole.BODY, face, column.width() - wide - pen.cap(TextRole.BODY));
        pen.text(area, column.maxX(), y, TextRole.BODY, face, Align.RIGHT);
    }
}
