package honeylamp.sheet;

import honeylamp.drawing.Mark.Align;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The notes of a page, in lines as long as their column is wide. */
final class NotesList implements PageList {
    private static final double LINE = 1.9;

    private final String heading;
    private final List<String> typed;
    private List<String> rest;
    private int linesLeft;

    NotesList(String heading, List<String> typed) {
        this.heading = heading;
        this.typed = List.copyOf(typed);
        this.rest = this.typed;
        this.linesLeft = this.typed.size();
    }

    @Override
    public Optional<Listing> listing() {
        return Optional.empty();
    }

    @Override
    public List<Part> parts(int columns) {
        return List.of(new Part(LEAST_MM, this::draw));
    }

    @Override
    public int left() {
        return linesLeft;
    }

    @Override
    public PageList rest() {
        return new NotesList(rest.equals(typed) ? heading : ListRows.continued(heading), rest);
    }

    private double draw(ListRows rows, Box column) {
        var pen = rows.pen();
        var y = rows.heading(heading, column);
        var step = pen.cap(TextRole.BODY) * LINE;
        var lines = new ArrayList<String>();
        typed.forEach(l -> lines.addAll(pen.wrapped(l, Typeface.REGULAR, TextRole.BODY, column.width())));
        for (var i = 0; i < lines.size(); i++) {
            if (y > column.maxY() - step && i < lines.size() - 1) {
                linesLeft = lines.size() - i;
                rest = from(i, pen, column.width());
                return rows.andMore(linesLeft, column, y);
            }
            pen.text(lines.get(i), column.minX(), y, TextRole.BODY, Typeface.REGULAR, Align.LEFT);
            y += step;
        }
        linesLeft = 0;
        rest = List.of();
        return y;
    }

    /** What was typed from a line on as it was wrapped: the rest of its paragraph, and the paragraphs after it. */
    private List<String> from(int line, SheetPen pen, double widthMm) {
        var out = new ArrayList<String>();
        var at = 0;
        for (var paragraph : typed) {
            var wrapped = pen.wrapped(paragraph, Typeface.REGULAR, TextRole.BODY, widthMm);
            var shown = Math.clamp((long) line - at, 0, wrapped.size());
            if (shown < wrapped.size()) {
                out.add(String.join(" ", wrapped.subList(shown, wrapped.size())));
            }
            at += wrapped.size();
        }
        return List.copyOf(out);
    }
}
