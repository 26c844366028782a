package honeylamp.illustrate;

import honeylamp.catalogue.Oklch;
import honeylamp.catalogue.Palette;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Pen;
import honeylamp.geometry.Path;
import honeylamp.geometry.Ring;
import java.util.ArrayList;
import java.util.List;

/** Gathers the marks of an opening: what is cut or seen, and what lies overhead and is dashed. */
final class OpeningMarks {
    private static final Oklch GLASS = new Oklch(0.93, 0.022, 225);
    private static final Oklch FRAME = new Oklch(0.97, 0.006, 85);

    private final PaperFrame frame;
    private final Pens pens;
    private final List<Mark> seen = new ArrayList<>();
    private final List<Mark> overhead = new ArrayList<>();

    OpeningMarks(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    List<Mark> seen() {
        return seen;
    }

    List<Mark> overhead() {
        return overhead;
    }

    /** A leaf, a lining or a frame: light, with the line of a leaf. */
    void solid(Ring ring) {
        fill(ring, Ink.of(FRAME.argb()), pens.leaf());
    }

    /** A lighter part of a frame, such as a sash. */
    void slight(Ring ring) {
        fill(ring, Ink.of(FRAME.argb()), pens.swing());
    }

    void glass(Ring ring) {
        fill(ring, Ink.of(GLASS.argb()), pens.swing());
    }

    private void fill(Ring ring, Ink ink, Pen pen) {
        var path = frame.paper(Path.ring(ring));
        seen.add(new Mark.Fill(path, ink));
        seen.add(new Mark.Stroke(path, pen, Pens.INK));
    }

    /** The bare paper, under what stands in a wall. */
    void clear(Ring ring) {
        seen.add(new Mark.Fill(frame.paper(Path.ring(ring)), Ink.of(Palette.PAPER.argb())));
    }

    /** An edge of the wall, as of a sill. */
    void edge(Path path) {
        seen.add(new Mark.Stroke(frame.paper(path), pens.leaf(), Pens.INK));
    }

    /** The way a leaf takes. */
    void way(Path path) {
        seen.add(new Mark.Stroke(frame.paper(path), pens.swing(), Pens.swingInk()));
    }

    /** An edge above the height at which the plan is cut. */
    void above(Path path) {
        overhead.add(new Mark.Stroke(frame.paper(path), pens.overhead(), Pens.INK.at(0.7)));
    }

    /** An edge hidden by the wall it lies in: light dashes on the dark cut. */
    void within(Path path) {
        seen.add(new Mark.Stroke(frame.paper(path), pens.overhead(), Ink.of(Palette.PAPER.argb())));
    }
}
