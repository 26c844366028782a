package honeylamp.illustrate.words;

import honeylamp.catalogue.Scales;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Note;
import honeylamp.plan.NoteForm.Sign;
import honeylamp.takeoff.PlanFields;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Writes notes where they were put, with what they read from the plan, their leaders and their signs. */
public final class NoteArt {
    private static final double DOT_MM = 0.5;
    private static final double LEVEL_HIGH_MM = 2.2;
    private static final double LEVEL_WIDE_MM = 2.6;
    private static final double LEVEL_AIR_MM = 0.9;
    private static final double ENTRANCE_LONG_MM = 3.6;
    private static final double ENTRANCE_WIDE_MM = 4;

    /** An entrance that is so nearly square to the page points square: in degrees. */
    private static final double SQUARE_WITHIN_DEG = 35;

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;
    private final NoteSetting setting;

    /** Writes with pens on paper. */
    public NoteArt(LaidView view, PaperFrame frame, Pens pens) {
        this.view = view;
        this.frame = frame;
        this.pens = pens;
        this.setting = new NoteSetting(pens);
    }

    List<Mark> marks(List<Note> notes) {
        var out = new ArrayList<Mark>();
        notes.forEach(note -> draw(out, note));
        return out;
    }

    /** What a note covers, its edge and the mark of a level included, in paper mm. */
    public Box box(Note note) {
        var words = box(note, setting.block(words(note), note.form()));
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
                Optional.of(note.about().point()),
                total(laid.all()),
                LengthText.built(Scales.said(frame.scale(), laid.units())),
                date);
    }

    /** The net area of all storeys, in mm\u00b2. */
    public static double total(List<LaidStorey> storeys) {
        return storeys.stream().mapToDouble(s -> s.geometry().netAreaMm2()).sum();
    }

    private Box box(Note note, NoteSetting.Block block) {
        return NoteSetting.around(block, middle(note, block), note.form());
    }

    /** Of what is written: at the place of the note, or above the tip of a mark of a level there. */
    private Point middle(Note note, NoteSetting.Block block) {
        var at = frame.paper(note.at().point());
        return note.form().sign() == Sign.LEVEL
                ? at.plus(new Point(block.wide() / 2, -LEVEL_HIGH_MM - LEVEL_AIR_MM - block.high() / 2))
                : at;
    }

    private void draw(List<Mark> out, Note note) {
        var block = setting.block(words(note), note.form());
        var box = box(note, block);
        switch (note.form().sign()) {
            case NONE ->
                note.leader()
                        .ifPresent(
                                l -> leader(out, box, frame.paper(l.tip().point()), NoteSetting.hasPlate(note.form())));
            case LEVEL -> level(out, frame.paper(note.at().point()), block.wide());
            case ENTRANCE ->
                note.leader()
                        .ifPresent(l -> entrance(out, box, frame.paper(l.tip().point())));
        }
        setting.draw(out, block, box, note.form());
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
        var from = leaderFrom(box.grown(NoteSetting.EDGE_AIR_MM / 2), base);
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
        var from = leaderFrom(plated ? box : box.grown(NoteSetting.EDGE_AIR_MM / 2), tip);
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
