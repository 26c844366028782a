package honeylamp.sheet;

import honeylamp.drawing.Face;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.Pen;
import honeylamp.geometry.Path;
import honeylamp.geometry.Point;
import java.util.ArrayList;
import java.util.List;

/** Writes and rules beside the views, in paper mm, with one ink and its quieter tone. */
final class SheetPen {
    static final Pen RULE = Pen.butt(0.13);
    static final Pen STRONG_RULE = Pen.butt(0.35);
    static final double TITLE_MM = 4.8;
    static final double SUBTITLE_MM = 2.6;
    static final double BODY_MM = 2.0;
    static final double ROW_MM = 5.2;

    private static final double QUIET = 0.72;

    private final Ink ink;
    private final List<Mark> marks = new ArrayList<>();

    SheetPen(Ink ink) {
        this.ink = ink;
    }

    /** All that was drawn so far. */
    List<Mark> marks() {
        return marks;
    }

    /** Writes a line, unless it is blank. */
    void text(String text, double x, double y, double height, Face face, Align align) {
        text(text, x, y, height, face, align, ink);
    }

    /** Writes a line in the quieter tone, unless it is blank. */
    void quiet(String text, double x, double y, double height, Face face, Align align) {
        text(text, x, y, height, face, align, ink.at(QUIET));
    }

    private void text(String text, double x, double y, double height, Face face, Align align, Ink with) {
        if (!text.isBlank()) {
            marks.add(new Mark.Text(text, new Point(x, y), height, face, 0, align, 0, with));
        }
    }

    /** Draws a level line. */
    void rule(double x0, double x1, double y, Pen pen) {
        stroke(Path.line(new Point(x0, y), new Point(x1, y)), pen);
    }

    /** Draws a line. */
    void stroke(Path path, Pen pen) {
        marks.add(new Mark.Stroke(path, pen, ink));
    }

    /** Draws a line in the quieter tone. */
    void quietStroke(Path path, Pen pen) {
        marks.add(new Mark.Stroke(path, pen, ink.at(QUIET)));
    }

    /** Fills a surface with the ink. */
    void fill(Path path) {
        fill(path, ink);
    }

    /** Fills a surface with another ink. */
    void fill(Path path, Ink with) {
        marks.add(new Mark.Fill(path, with));
    }

    /** The words in lines no wider than a width; a word wider than that keeps its own line. */
    static List<String> wrapped(String text, Face face, double capHeight, double width) {
        var lines = new ArrayList<String>();
        var line = "";
        for (var word : text.split(" ")) {
            var longer = line.isEmpty() ? word : line + " " + word;
            if (!line.isEmpty() && face.widthMm(longer, capHeight, 0) > width) {
                lines.add(line);
                line = word;
            } else {
                line = longer;
            }
        }
        lines.add(line);
        return lines;
    }
}
