package honeylamp.illustrate.words;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.FreeMark;
import honeylamp.plan.FreeMark.Line;
import honeylamp.plan.Position;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.List;

/** Draws free marks: lines, arrows, boxes, clouds, circles, lines by hand and sections, their pens and heads in paper mm. */
final class FreeMarkArt {
    private static final double HEAD_MM = 3.2;
    private static final double HEAD_SLENDER = 0.18;
    private static final double SECTION_SLENDER = 0.34;
    private static final double DASH_MM = 2.4;
    private static final double DASH_GAP_MM = 1.4;

    /** About so long is each bow of a cloud. */
    private static final double BOW_MM = 5;

    /** So much of a circle each bow of a cloud is. */
    private static final double BOW_DEG = 130;

    private static final double SECTION_END_MM = 7;
    private static final double SECTION_LETTER = 1.5;
    private static final double LETTER_AIR_MM = 1.6;

    private final PaperFrame frame;
    private final Pens pens;

    FreeMarkArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    List<Mark> marks(List<FreeMark> all) {
        var out = new ArrayList<Mark>();
        all.forEach(mark -> draw(out, mark));
        return out;
    }

    private Pen pen(FreeMark mark) {
        return mark.line() == Line.DASHED ? pens.leaf().dashed(DASH_MM, DASH_GAP_MM) : pens.leaf();
    }

    private void draw(List<Mark> out, FreeMark mark) {
        var at = mark.points().stream().map(Position::point).map(frame::paper).toList();
        switch (mark.shape()) {
            case LINE -> stroke(out, mark, Figure.line(at.getFirst(), at.getLast()));
            case ARROW -> arrow(out, mark, at.getFirst(), at.getLast());
            case BOX -> stroke(out, mark, Figure.ring(Ring.of(at.toArray(Point[]::new))));
            case CLOUD -> stroke(out, mark, cloud(at));
            case CIRCLE ->
                stroke(out, mark, Figure.circle(at.getFirst(), at.getFirst().distance(at.getLast())));
            case FREEHAND -> stroke(out, mark, flowing(at));
            case SECTION -> section(out, mark.word(), at.getFirst(), at.getLast());
        }
    }

    private void stroke(List<Mark> out, FreeMark mark, Figure path) {
        out.add(new Mark.Stroke(path, pen(mark), pens.ink()));
    }

    /** From the first point to the second, where its tip is. */
    private void arrow(List<Mark> out, FreeMark mark, Point from, Point tip) {
        var head = Math.min(HEAD_MM, from.distance(tip) / 2);
        stroke(out, mark, Figure.line(from, tip.plus(from.minus(tip).unit().times(head * 0.8))));
        out.add(new Mark.Fill(head(tip, from.minus(tip).unit(), head, HEAD_SLENDER), pens.ink()));
    }

    /** A head, half as wide as a share of its length. */
    private static Figure head(Point tip, Point back, double longMm, double slender) {
        var base = tip.plus(back.times(longMm));
        var half = back.left().times(longMm * slender);
        return Figure.ring(Ring.of(tip, base.plus(half), base.minus(half)).counterClockwise());
    }

    /** Bows outward all the way round. */
    private static Figure cloud(List<Point> corners) {
        var ring = Ring.of(corners.toArray(Point[]::new)).counterClockwise().corners();
        var out = Figure.builder();
        for (var i = 0; i < ring.size(); i++) {
            var a = ring.get(i);
            var b = ring.get((i + 1) % ring.size());
            var bows = Math.max(1, (int) Math.rint(a.distance(b) / BOW_MM));
            for (var k = 0; k < bows; k++) {
                bow(out, a.towards(b, (double) k / bows), a.towards(b, (k + 1.0) / bows));
            }
        }
        return out.build();
    }

    /** Part of a circle over a chord, to the right of the way along it: outward of a ring that runs counter-clockwise. */
    private static void bow(Figure.Builder out, Point a, Point b) {
        var half = Math.toRadians(BOW_DEG / 2);
        var radius = a.distance(b) / 2 / Math.sin(half);
        var right = b.minus(a).unit().left().times(-1);
        var centre = a.towards(b, 0.5).minus(right.times(radius * Math.cos(half)));
        out.arc(centre, radius, a.minus(centre).angleDeg(), BOW_DEG);
    }

    /** A line through all points without a corner (Catmull and Rom 1974). */
    private static Figure flowing(List<Point> at) {
        var out = Figure.builder();
        out.moveTo(at.getFirst().x(), at.getFirst().y());
        for (var i = 1; i < at.size(); i++) {
            var before = at.get(Math.max(0, i - 2));
            var a = at.get(i - 1);
            var b = at.get(i);
            var after = at.get(Math.min(at.size() - 1, i + 1));
            var c1 = a.plus(b.minus(before).times(1.0 / 6));
            var c2 = b.minus(after.minus(a).times(1.0 / 6));
            out.curveTo(c1.x(), c1.y(), c2.x(), c2.y(), b.x(), b.y());
        }
        return out.build();
    }

    /** Strong ends, a fine line between them, heads to the left of the way from one to the other, and the word at both. */
    private void section(List<Mark> out, String word, Point from, Point to) {
        var way = to.minus(from).unit();
        var looks = way.left().times(-1); // y is down on paper, so left of the way on the plan is right of it here
        var end = Math.min(SECTION_END_MM, from.distance(to) / 3);
        var strong = Figure.builder()
                .line(from, from.plus(way.times(end)))
                .line(to, to.minus(way.times(end)))
                .build();
        out.add(new Mark.Stroke(
                Figure.line(from.plus(way.times(end)), to.minus(way.times(end))),
                pens.dimension().dashed(DASH_MM * 2, DASH_GAP_MM),
                pens.dimensionInk()));
        out.add(new Mark.Stroke(strong, pens.cutPost(), pens.ink()));
        for (var at : List.of(from, to)) {
            out.add(new Mark.Fill(
                    head(at.plus(looks.times(HEAD_MM)), looks.times(-1), HEAD_MM, SECTION_SLENDER), pens.ink()));
        }
        letter(out, word, from.minus(way.times(letterOff())));
        letter(out, word, to.plus(way.times(letterOff())));
    }

    private double letterHigh() {
        return SECTION_LETTER * pens.cap(TextRole.TAG);
    }

    private double letterOff() {
        return letterHigh() / 2 + LETTER_AIR_MM;
    }

    private void letter(List<Mark> out, String word, Point at) {
        if (!word.isBlank()) {
            out.add(new Mark.Text(
                    word,
                    at.plus(new Point(0, letterHigh() / 2)),
                    letterHigh(),
                    pens.face(TextRole.TAG, Typeface.SEMIBOLD),
                    0,
                    Mark.Align.MIDDLE,
                    0,
                    pens.ink()));
        }
    }
}
