package honeylamp.illustrate.words;

import honeylamp.catalogue.Scales;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Note;
import honeylamp.plan.NoteForm;
import honeylamp.plan.NoteForm.Edge;
import honeylamp.plan.NoteForm.Ground;
import honeylamp.plan.NoteForm.Setting;
import honeylamp.plan.NoteForm.Sign;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import honeylamp.takeoff.PlanFields;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Sets notes where they were put: paragraphs, headings and lists in columns, with what they read from the plan. */
public final class NoteArt {
    private static final double LEADING = 1.9;
    private static final double HEADING = 1.2;
    private static final double BETWEEN_PARAGRAPHS = 0.6;
    private static final double INDENT = 1.7;
    private static final double GUTTER_MM = 5;
    private static final double EDGE_AIR_MM = 2;
    private static final double GROUND_OPACITY = 0.92;
    private static final double DOT_MM = 0.5;
    private static final double LEVEL_HIGH_MM = 2.2;
    private static final double LEVEL_WIDE_MM = 2.6;
    private static final double LEVEL_AIR_MM = 0.9;
    private static final double ENTRANCE_LONG_MM = 3.6;
    private static final double ENTRANCE_WIDE_MM = 4;

    /** An entrance that is so nearly square to the page points square: in degrees. */
    private static final double SQUARE_WITHIN_DEG = 35;

    private static final String BULLET = "\u2022";

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;

    /** Writes with pens on paper. */
    public NoteArt(LaidView view, PaperFrame frame, Pens pens) {
        this.view = view;
        this.frame = frame;
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
    private record Block(List<List<SetLine>> columns, double columnMm) {
        double wide() {
            return columns.size() * columnMm + (columns.size() - 1) * GUTTER_MM;
        }

        double high() {
            return columns.stream()
                    .mapToDouble(c -> c.stream().mapToDouble(SetLine::high).sum()
                            - c.getFirst().above
                            - c.getFirst().cap * (LEADING - 1))
                    .max()
                    .orElse(0);
        }
    }

    List<Mark> marks(List<Note> notes) {
        var out = new ArrayList<Mark>();
        notes.forEach(note -> draw(out, note));
        return out;
    }

    /** What a note covers, its edge and the mark of a level included, in paper mm. */
    public Box box(Note note) {
        var words = box(note, block(note));
        var at = frame.paper(note.at().point());
        return note.form().sign() == Sign.LEVEL
                ? words.union(new Box(at.x() - LEVEL_WIDE_MM / 2, at.y() - LEVEL_HIGH_MM, at.x(), at.y()))
                : words;
    }

    /** The words of a note as they are read from the plan. */
    public String words(Note note) {
        return PlanFields.filled(note.text(), source(note));
    }

    private PlanFields.Source source(Note note) {
        var laid = view.plan();
        var date = laid.drawn()
                .presentation()
                .pageOf(view.view().id())
                .map(p -> p.sheet().title().date())
                .orElse("");
        return new PlanFields.Source(
                Optional.of(view.storey()),
                Optional.of(
                        note.leader().map(Note.Leader::tip).orElse(note.at()).point()),
                total(laid.all()),
                Scales.words((int) Math.rint(frame.scale()), laid.units()),
                date);
    }

    /** The net area of all storeys, in mm\u00b2. */
    public static double total(List<LaidStorey> storeys) {
        return storeys.stream().mapToDouble(s -> s.geometry().netAreaMm2()).sum();
    }

    private Box box(Note note, Block block) {
        var at = middle(note, block);
        var box = new Box(
                at.x() - block.wide() / 2,
                at.y() - block.high() / 2,
                at.x() + block.wide() / 2,
                at.y() + block.high() / 2);
        return hasPlate(note.form()) ? box.grown(EDGE_AIR_MM) : box;
    }

    /** Of what is written: at the place of the note, or above the tip of a mark of a level there. */
    private Point middle(Note note, Block block) {
        var at = frame.paper(note.at().point());
        return note.form().sign() == Sign.LEVEL
                ? at.plus(new Point(block.wide() / 2, -LEVEL_HIGH_MM - LEVEL_AIR_MM - block.high() / 2))
                : at;
    }

    private static boolean hasPlate(NoteForm form) {
        return form.edge() == Edge.LINE || form.ground() == Ground.PAPER;
    }

    private Block block(Note note) {
        var form = note.form();
        var lines = new ArrayList<SetLine>();
        words(note).lines().forEach(l -> lines.addAll(set(l, form.widthMm())));
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

    private void draw(List<Mark> out, Note note) {
        var block = block(note);
        var box = box(note, block);
        switch (note.form().sign()) {
            case NONE ->
                note.leader()
                        .ifPresent(l -> leader(out, box, frame.paper(l.tip().point()), hasPlate(note.form())));
            case LEVEL -> level(out, frame.paper(note.at().point()), block.wide());
            case ENTRANCE ->
                note.leader()
                        .ifPresent(l -> entrance(out, box, frame.paper(l.tip().point())));
        }
        var plate = Figure.builder().roundedBox(box, 1).build();
        if (note.form().ground() == Ground.PAPER) {
            out.add(new Mark.Fill(plate, new Ink(pens.colour(Role.PAPER).argb(), GROUND_OPACITY)));
        }
        if (note.form().edge() == Edge.LINE) {
            out.add(new Mark.Stroke(plate, pens.dimension(), pens.dimensionInk()));
        }
        var inner = hasPlate(note.form()) ? box.grown(-EDGE_AIR_MM) : box;
        for (var i = 0; i < block.columns.size(); i++) {
            var left = inner.minX() + i * (block.columnMm + GUTTER_MM);
            column(
                    out,
                    block.columns.get(i),
                    left,
                    inner.minY(),
                    block.columnMm,
                    note.form().setting());
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

    /** A full triangle on its tip, and a line from it below what is written. */
    private void level(List<Mark> out, Point tip, double wide) {
        var y = tip.y() - LEVEL_HIGH_MM;
        var left = new Point(tip.x() - LEVEL_WIDE_MM / 2, y);
        var right = new Point(tip.x() + LEVEL_WIDE_MM / 2, y);
        out.add(new Mark.Fill(Figure.ring(Ring.of(tip, right, left).counterClockwise()), pens.ink()));
        out.add(new Mark.Stroke(
                Figure.line(left, new Point(tip.x() + Math.max(wide, LEVEL_WIDE_MM), y)), pens.swing(), pens.ink()));
    }

    /** A full head that points to where one goes in, with a line to the words if they stand farther off. */
    private void entrance(List<Mark> out, Box box, Point tip) {
        var way = inward(tip.minus(box.centre()));
        var base = tip.minus(way.times(ENTRANCE_LONG_MM));
        var half = way.left().times(ENTRANCE_WIDE_MM / 2);
        out.add(new Mark.Fill(
                Figure.ring(Ring.of(tip, base.plus(half), base.minus(half)).counterClockwise()), pens.ink()));
        var from = leaderFrom(box.grown(EDGE_AIR_MM / 2), base);
        if (from.distance(base) > ENTRANCE_LONG_MM) {
            out.add(new Mark.Stroke(Figure.line(from, base), pens.dimension(), pens.dimensionInk()));
        }
    }

    private static Point inward(Point way) {
        if (way.length() == 0) {
            return new Point(0, -1);
        }
        var deg = way.angleDeg();
        var square = 90 * Math.rint(deg / 90);
        return Math.abs(deg - square) <= SQUARE_WITHIN_DEG ? Point.direction(square) : way.unit();
    }

    private void leader(List<Mark> out, Box box, Point tip, boolean plated) {
        var from = leaderFrom(plated ? box : box.grown(EDGE_AIR_MM / 2), tip);
        if (from.distance(tip) > DOT_MM) {
            var line = new Segment(from, tip);
            out.add(new Mark.Stroke(Figure.line(line.a(), line.b()), pens.dimension(), pens.dimensionInk()));
            out.add(new Mark.Fill(Figure.circle(tip, DOT_MM), pens.dimensionInk()));
        }
    }

    /** The middle of the side, or of the end, of a box that looks to a point. */
    private static Point leaderFrom(Box box, Point tip) {
        var c = box.centre();
        if (tip.x() < box.minX() || tip.x() > box.maxX()) {
            return new Point(tip.x() < c.x() ? box.minX() : box.maxX(), c.y());
        }
        return new Point(Math.clamp(tip.x(), box.minX(), box.maxX()), tip.y() < c.y() ? box.minY() : box.maxY());
    }
}
