package honeylamp.illustrate.building;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;

/** Gathers the marks of an opening: what is cut or seen, and what lies overhead and is dashed. */
public final class OpeningMarks {

    private final PaperFrame frame;
    private final Pens pens;
    private final List<Mark> seen = new ArrayList<>();
    private final List<Mark> overhead = new ArrayList<>();

    OpeningMarks(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    public List<Mark> seen() {
        return seen;
    }

    public List<Mark> overhead() {
        return overhead;
    }

    /** A leaf, a lining or a frame: light, with the line of a leaf. */
    void solid(Ring ring) {
        fill(ring, Ink.of(pens.colour(Role.FRAME).argb()), pens.leaf());
    }

    /** A lighter part of a frame, such as a sash. */
    void slight(Ring ring) {
        fill(ring, Ink.of(pens.colour(Role.FRAME).argb()), pens.swing());
    }

    void glass(Ring ring) {
        fill(ring, Ink.of(pens.colour(Role.GLASS).argb()), pens.swing());
    }

    private void fill(Ring ring, Ink ink, Pen pen) {
        var path = frame.paper(Figure.ring(ring));
        seen.add(new Mark.Fill(path, ink));
        seen.add(new Mark.Stroke(path, pen, pens.ink()));
    }

    /** The bare paper, under what stands in a wall. */
    void clear(Ring ring) {
        seen.add(new Mark.Fill(frame.paper(Figure.ring(ring)), pens.ink(Role.PAPER)));
    }

    /** An edge of the wall, as of a sill. */
    void edge(Figure path) {
        seen.add(new Mark.Stroke(frame.paper(path), pens.leaf(), pens.ink()));
    }

    /** The way a leaf takes. */
    void way(Figure path) {
        seen.add(new Mark.Stroke(frame.paper(path), pens.swing(), pens.swingInk()));
    }

    /** An edge above the height at which the plan is cut. */
    void above(Figure path) {
        overhead.add(new Mark.Stroke(frame.paper(path), pens.overhead(), pens.swingInk()));
    }

    /** An edge hidden by the wall it lies in: light dashes on the dark cut. */
    void within(Figure path) {
        seen.add(new Mark.Stroke(frame.paper(path), pens.overhead(), pens.ink(Role.PAPER)));
    }
}
