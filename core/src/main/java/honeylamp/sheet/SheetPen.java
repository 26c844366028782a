package honeylamp.sheet;

import honeylamp.drawing.Mark;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Drafting;
import honeylamp.plan.InkRole;
import honeylamp.plan.LineRole;
import honeylamp.plan.Look;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.List;

/** Writes and rules beside the views, in paper mm, with one ink and its quieter tone. */
final class SheetPen {
    private static final double ROWS = 2.6;

    /** Where lists have to be close. */
    private static final double CLOSE_ROWS = 2.2;

    /** What lists are written in is so much smaller where they have to be close; never under the least there is. */
    private static final double CLOSE_SHARE = 0.86;

    /** Type is made no smaller than this share of its height before words are cut. */
    private static final double LEAST_SHARE = 0.6;

    private final Look look;
    private final Rows rows;
    private final Ink ink;
    private final List<Mark> marks = new ArrayList<>();

    /** How lists are written. */
    enum Rows {
        USUAL,
        /** In smaller letters and closer to each other, so that more have room. */
        CLOSE
    }

    SheetPen(Look look) {
        this(look, Rows.USUAL);
    }

    SheetPen(Look look, Rows rows) {
        this.look = look;
        this.rows = rows;
        this.ink = Ink.of(look.palette().of(Role.INK).argb());
    }

    /** One like it that has drawn nothing. */
    SheetPen fresh() {
        return new SheetPen(look, rows);
    }

    /** The height of capitals, in paper mm. */
    double cap(TextRole role) {
        var usual = look.drafting().of(role);
        return rows == Rows.CLOSE && role == TextRole.BODY
                ? Math.max(Drafting.LEAST_CAP_MM, usual * CLOSE_SHARE)
                : usual;
    }

    /** How much smaller samples before words are than usual. */
    double share() {
        return rows == Rows.CLOSE ? CLOSE_ROWS / ROWS * CLOSE_SHARE : 1;
    }

    /** From one row of a list to the next, in paper mm. */
    double row() {
        return (rows == Rows.CLOSE ? CLOSE_ROWS : ROWS) * cap(TextRole.BODY);
    }

    /** The pen of a line. */
    private Pen pen(LineRole role) {
        return Pen.butt(look.drafting().of(role).largeMm());
    }

    /** All that was drawn so far. */
    List<Mark> marks() {
        return marks;
    }

    /** Writes a line, unless it is blank. */
    void text(String text, double x, double y, TextRole role, Typeface face, Align align) {
        text(text, x, y, cap(role), face(role, face), align, ink);
    }

    /** Writes a line in the quieter tone, unless it is blank. */
    void quiet(String text, double x, double y, TextRole role, Typeface face, Align align) {
        text(
                text,
                x,
                y,
                cap(role),
                face(role, face),
                align,
                ink.at(look.drafting().of(InkRole.QUIET)));
    }

    private void text(String text, double x, double y, double height, Typeface face, Align align, Ink with) {
        if (!text.isBlank()) {
            marks.add(new Mark.Text(text, new Point(x, y), height, face, 0, align, 0, with));
        }
    }

    /** Writes a line no wider than a width: in smaller type if it must be, and cut short if that is not enough. */
    void fitted(String text, double x, double y, TextRole role, Typeface face, double widthMm) {
        fitted(text, x, y, role, face, widthMm, ink);
    }

    /** The same in the ink of what is said aside. */
    void quietlyFitted(String text, double x, double y, TextRole role, Typeface face, double widthMm) {
        fitted(text, x, y, role, face, widthMm, ink.at(look.drafting().of(InkRole.QUIET)));
    }

    /** The face words of a role are set in, as heavy as another. */
    Typeface face(TextRole role, Typeface weight) {
        return weight.in(look.drafting().lettering().of(role.voice()));
    }

    /** How wide words are, in paper mm. */
    double width(String text, TextRole role, Typeface weight) {
        return face(role, weight).widthMm(text, cap(role), 0);
    }

    private void fitted(String text, double x, double y, TextRole role, Typeface weight, double widthMm, Ink tone) {
        var face = face(role, weight);
        var height = cap(role);
        var wide = face.widthMm(text, height, 0);
        if (wide > widthMm) {
            height = Math.max(Drafting.LEAST_CAP_MM, height * Math.max(LEAST_SHARE, widthMm / wide));
        }
        var shown = text;
        while (shown.length() > 1 && face.widthMm(shown, height, 0) > widthMm) {
            shown = shown.replaceFirst(".\u2026?$", "\u2026");
        }
        text(shown, x, y, height, face, Align.LEFT, tone);
    }

    /** A label, and what it labels below it; nothing if there is nothing to say. */
    void fact(double x, double y, String label, String value, double widthMm) {
        if (!value.isBlank()) {
            quiet(label, x, y, TextRole.SMALL, Typeface.REGULAR, Align.LEFT);
            fitted(value, x, y + 3.8, TextRole.BODY, Typeface.MEDIUM, widthMm);
        }
    }

    /** The colour of the paper. */
    Ink paper() {
        return Ink.of(look.palette().of(Role.PAPER).argb());
    }

    /** Draws a level line. */
    void rule(double x0, double x1, double y, LineRole role) {
        stroke(Figure.line(new Point(x0, y), new Point(x1, y)), role);
    }

    /** Draws a line. */
    void stroke(Figure path, LineRole role) {
        marks.add(new Mark.Stroke(path, pen(role), ink));
    }

    /** Draws a line in the quieter tone. */
    void quietStroke(Figure path, LineRole role) {
        marks.add(new Mark.Stroke(path, pen(role), ink.at(look.drafting().of(InkRole.QUIET))));
    }

    /** Fills a surface with the ink. */
    void fill(Figure path) {
        fill(path, ink);
    }

    /** Fills a surface with another ink. */
    void fill(Figure path, Ink with) {
        marks.add(new Mark.Fill(path, with));
    }

    /** The words in lines no wider than a width; a word wider than that keeps its own line. */
    List<String> wrapped(String text, Typeface weight, TextRole role, double width) {
        return face(role, weight).wrapped(text, cap(role), width);
    }
}
