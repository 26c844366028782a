package honeylamp.illustrate.words;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.NoteForm;
import honeylamp.plan.NoteForm.Edge;
import honeylamp.plan.NoteForm.Ground;
import honeylamp.plan.NoteForm.Setting;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.List;

/** Sets the words of notes: paragraphs, headings and lists in columns, on paper of their own or with a line around them. */
public final class NoteSetting {
    private static final double LEADING = 1.9;
    private static final double HEADING = 1.2;
    private static final double BETWEEN_PARAGRAPHS = 0.6;
    private static final double INDENT = 1.7;
    private static final double GUTTER_MM = 5;
    private static final double GROUND_OPACITY = 0.92;

    /** Between what is written and the edge around it. */
    static final double EDGE_AIR_MM = 2;

    private static final String BULLET = "\u2022";

    private final Pens pens;

    /** Writes with pens. */
    public NoteSetting(Pens pens) {
        this.pens = pens;
    }

    /** A line as it is set; one that begins nothing is indented like the one it goes on from. */
    private record SetLine(String text, double cap, Typeface face, double indent, boolean bulleted, double above) {
        double high() {
            return above + cap * LEADING;
        }

        double wide() {
            return indent + face.widthMm(text, cap, 0);
        }
    }

    /** All of a note, in columns. */
    public static final class Block {
        private final List<List<SetLine>> columns;
        private final double columnMm;

        private Block(List<List<SetLine>> columns, double columnMm) {
            this.columns = columns;
            this.columnMm = columnMm;
        }

        /** In paper mm. */
        public double wide() {
            return columns.size() * columnMm + (columns.size() - 1) * GUTTER_MM;
        }

        /** In paper mm. */
        public double high() {
            return columns.stream()
                    .mapToDouble(c -> c.stream().mapToDouble(SetLine::high).sum()
                            - c.getFirst().above
                            - c.getFirst().cap * (LEADING - 1))
                    .max()
                    .orElse(0);
        }
    }

    /** Whether it has an edge or a ground, and therefore air around what is written. */
    static boolean hasPlate(NoteForm form) {
        return form.edge() == Edge.LINE || form.ground() == Ground.PAPER;
    }

    /** What a block covers about its middle, its edge included, in paper mm. */
    public static Box around(Block block, Point middle, NoteForm form) {
        var box = new Box(
                middle.x() - block.wide() / 2,
                middle.y() - block.high() / 2,
                middle.x() + block.wide() / 2,
                middle.y() + block.high() / 2);
        return hasPlate(form) ? box.grown(EDGE_AIR_MM) : box;
    }

    /** Draws a block within what it covers. */
    public void draw(List<Mark> out, Block block, Box box, NoteForm form) {
        var plate = Figure.builder().roundedBox(box, 1).build();
        if (form.ground() == Ground.PAPER) {
            out.add(new Mark.Fill(plate, new Ink(pens.colour(Role.PAPER).argb(), GROUND_OPACITY)));
        }
        if (form.edge() == Edge.LINE) {
            out.add(new Mark.Stroke(plate, pens.dimension(), pens.dimensionInk()));
        }
        var inner = hasPlate(form) ? box.grown(-EDGE_AIR_MM) : box;
        for (var i = 0; i < block.columns.size(); i++) {
            var left = inner.minX() + i * (block.columnMm + GUTTER_MM);
            column(out, block.columns.get(i), left, inner.minY(), block.columnMm, form.setting());
        }
    }

    private void column(List<Mark> out, List<SetLine> lines, double left, double top, double wide, Setting setting) {
        var y = top - lines.getFirst().above - lines.getFirst().cap * (LEADING - 1);
        for (var line : lines) {
            y += line.high();
            if (line.text.isEmpty()) {
                continue;
            }
            var isMiddle = setting == Setting.MIDDLE && line.indent == 0;
            var x = isMiddle ? left + wide / 2 : left + line.indent;
            if (line.bulleted) {
                out.add(text(BULLET, new Point(left + line.indent / 3, y), line, Mark.Align.LEFT));
            }
            out.add(text(line.text, new Point(x, y), line, isMiddle ? Mark.Align.MIDDLE : Mark.Align.LEFT));
        }
    }

    private Mark text(String words, Point at, SetLine line, Mark.Align align) {
        return new Mark.Text(words, at, line.cap, line.face, 0, align, 0, pens.ink());
    }

    /** Words in the form of a note. */
    public Block block(String words, NoteForm form) {
        var lines = new ArrayList<SetLine>();
        words.lines().forEach(l -> lines.addAll(set(l, form.widthMm())));
        var wide = form.widthMm() > 0
                ? form.widthMm()
                : lines.stream().mapToDouble(SetLine::wide).max().orElse(0);
        return new Block(columns(lines, form.columns()), wide);
    }

    /** A line as it was typed, broken where it is too long. */
    private List<SetLine> set(String line, double widthMm) {
        var cap = pens.cap(TextRole.NOTE);
        if (line.startsWith("#")) {
            return broken(
                    line.substring(1).strip(),
                    cap * HEADING,
                    pens.face(TextRole.NOTE, Typeface.SEMIBOLD),
                    0,
                    false,
                    widthMm);
        }
        if (line.startsWith("- ")) {
            return broken(
                    line.substring(2).strip(),
                    cap,
                    pens.face(TextRole.NOTE, Typeface.REGULAR),
                    cap * INDENT,
                    true,
                    widthMm);
        }
        return broken(line.strip(), cap, pens.face(TextRole.NOTE, Typeface.REGULAR), 0, false, widthMm);
    }

    private static List<SetLine> broken(
            String text, double cap, Typeface face, double indent, boolean bulleted, double widthMm) {
        var pieces = widthMm > 0 ? face.wrapped(text, cap, widthMm - indent) : List.of(text);
        var out = new ArrayList<SetLine>();
        for (var piece : pieces) {
            var first = out.isEmpty();
            out.add(new SetLine(piece, cap, face, indent, bulleted && first, first ? cap * BETWEEN_PARAGRAPHS : 0));
        }
        return out;
    }

    /** Columns about as high as each other, the earlier ones the higher. */
    private static List<List<SetLine>> columns(List<SetLine> lines, int count) {
        var share = lines.stream().mapToDouble(SetLine::high).sum() / count;
        var out = new ArrayList<List<SetLine>>();
        var column = new ArrayList<SetLine>();
        var filled = 0.0;
        for (var line : lines) {
            if (!column.isEmpty() && out.size() < count - 1 && filled + line.high() / 2 > share) {
                out.add(List.copyOf(column));
                column.clear();
                filled = 0;
            }
            column.add(line);
            filled += line.high();
        }
        if (column.isEmpty()) {
            column.add(new SetLine("", 1, Typeface.REGULAR, 0, false, 0));
        }
        out.add(List.copyOf(column));
        return out;
    }
}
