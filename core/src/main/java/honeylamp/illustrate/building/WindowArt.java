package honeylamp.illustrate.building;

import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningFrame;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.OpeningKind;
import java.util.Optional;

/** Draws windows: sill lines along both faces, frame, sashes and glass; frames keep their size at any width, in mm. */
final class WindowArt {
    private static final double FRAME_FACE = FrameSizes.WINDOW_FRAME_MM;
    private static final double FRAME_DEPTH = FrameSizes.WINDOW_DEPTH_MM;
    private static final double SASH_FACE = 42;
    private static final double SASH_DEPTH = 52;
    private static final double PANE = 18;

    /** A sash is about so wide. */
    private static final double USUAL_SASH = 1100;

    /** A leaning sash stands in at its top by this share of its height. */
    private static final double LEANS = 0.16;

    private final OpeningMarks marks;

    WindowArt(OpeningMarks marks) {
        this.marks = marks;
    }

    void draw(OpeningCut cut) {
        var f = OpeningFrame.of(cut, Hand.FIRST);
        if (cut.opening().kind() == OpeningKind.CORNER_WINDOW) {
            corner(cut, f);
            return;
        }
        marks.clear(cut.hole());
        var from = -cut.ends().beyondFirst();
        var to = f.widthMm() + cut.ends().beyondSecond();
        marks.edge(f.line(from, to, f.halfMm()));
        marks.edge(f.line(from, to, -f.halfMm()));
        var v = middle(cut, f);
        switch (cut.opening().kind()) {
            case CASEMENT_WINDOW -> casements(f, v);
            case SLIDING_WINDOW -> slidingSashes(f, v);
            case TILT_WINDOW -> leaning(cut, f, v);
            case FIXED_WINDOW,
                    ROUND_WINDOW,
                    CORNER_WINDOW,
                    DOOR,
                    PAIR_DOOR,
                    UNEQUAL_PAIR,
                    SLIDING_DOOR,
                    SLIDING_PAIR,
                    PARTING_DOOR,
                    POCKET_DOOR,
                    FOLDING_DOOR,
                    OUTER_DOOR,
                    GARAGE_DOOR,
                    PLAIN,
                    ARCHED -> {
                marks.glass(f.strip(from, to, v - PANE / 2, v + PANE / 2));
                frame(f, from, v);
                frame(f, to - FRAME_FACE, v);
            }
        }
    }

    /** Where the middle of the frame lies across the wall: in its middle, or so deep behind the outer face. */
    private static double middle(OpeningCut cut, OpeningFrame f) {
        var most = Math.max(0, f.halfMm() - FRAME_DEPTH / 2);
        return cut.opening()
                .build()
                .reveal()
                .map(r -> Math.clamp(r.mm() - f.halfMm() + FRAME_DEPTH / 2, -most, most))
                .orElse(0.0);
    }

    private void frame(OpeningFrame f, double fromU, double v) {
        marks.solid(f.strip(fromU, fromU + FRAME_FACE, v - FRAME_DEPTH / 2, v + FRAME_DEPTH / 2));
    }

    private void sash(OpeningFrame f, double fromU, double v, double depth) {
        marks.slight(f.strip(fromU, fromU + SASH_FACE, v - depth / 2, v + depth / 2));
    }

    private void casements(OpeningFrame f, double v) {
        marks.glass(f.strip(0, f.widthMm(), v - PANE / 2, v + PANE / 2));
        var sashes = Math.max(1, (int) Math.round(f.widthMm() / USUAL_SASH));
        var pitch = (f.widthMm() - FRAME_FACE) / sashes;
        for (var i = 0; i < sashes; i++) {
            sash(f, i * pitch + FRAME_FACE, v, SASH_DEPTH);
            sash(f, (i + 1) * pitch - SASH_FACE, v, SASH_DEPTH);
        }
        for (var i = 0; i <= sashes; i++) {
            frame(f, i * pitch, v);
        }
    }

    /** Two panes that overlap in the middle, one before the other. */
    private void slidingSashes(OpeningFrame f, double v) {
        var half = f.widthMm() / 2;
        var apart = PANE;
        marks.glass(f.strip(FRAME_FACE, half + SASH_FACE / 2, v + apart / 2, v + apart / 2 + PANE));
        marks.glass(f.strip(half - SASH_FACE / 2, f.widthMm() - FRAME_FACE, v - apart / 2 - PANE, v - apart / 2));
        sash(f, half - SASH_FACE / 2, v + apart, PANE + 8);
        sash(f, half - SASH_FACE / 2, v - apart, PANE + 8);
        frame(f, 0, v);
        frame(f, f.widthMm() - FRAME_FACE, v);
    }

    /** The upper edge of a leaning sash lies above the cut, further in: it is dashed. */
    private void leaning(OpeningCut cut, OpeningFrame f, double v) {
        marks.glass(f.strip(0, f.widthMm(), v - PANE / 2, v + PANE / 2));
        var from = FRAME_FACE + SASH_FACE / 2;
        var to = f.widthMm() - from;
        var o = cut.opening();
        var in = v + FRAME_DEPTH / 2 + LEANS * (o.head().mm() - o.sill().mm());
        var edge = v + FRAME_DEPTH / 2;
        marks.above(Figure.line(f.at(from, edge), f.at(from, in), f.at(to, in), f.at(to, edge)));
        sash(f, FRAME_FACE, v, SASH_DEPTH);
        sash(f, f.widthMm() - FRAME_FACE - SASH_FACE, v, SASH_DEPTH);
        frame(f, 0, v);
        frame(f, f.widthMm() - FRAME_FACE, v);
    }

    /** Sill lines and glass run on to the corner, where a slim post stands between the two halves. */
    private void corner(OpeningCut cut, OpeningFrame f) {
        var first = cut.ends().mitreAtFirst();
        var second = cut.ends().mitreAtSecond();
        var half = f.halfMm();
        marks.clear(Ring.of(
                end(f, first, 0, -half),
                end(f, second, f.widthMm(), -half),
                end(f, second, f.widthMm(), half),
                end(f, first, 0, half)));
        var v = middle(cut, f);
        for (var edge : new double[] {half, -half}) {
            marks.edge(Figure.line(end(f, first, 0, edge), end(f, second, f.widthMm(), edge)));
        }
        marks.glass(Ring.of(
                end(f, first, 0, v - PANE / 2),
                end(f, second, f.widthMm(), v - PANE / 2),
                end(f, second, f.widthMm(), v + PANE / 2),
                end(f, first, 0, v + PANE / 2)));
        if (first.isEmpty()) {
            frame(f, 0, v);
        }
        if (second.isEmpty()) {
            frame(f, f.widthMm() - FRAME_FACE, v);
        }
        first.ifPresent(m -> post(f, end(f, first, 0, v)));
        second.ifPresent(m -> post(f, end(f, second, f.widthMm(), v)));
    }

    private static Point end(OpeningFrame f, Optional<Segment> mitre, double u, double v) {
        Curve line = new Segment(f.at(0, v), f.at(f.widthMm(), v));
        return mitre.flatMap(m -> line.carriedCrossings(m).stream().findFirst()).orElseGet(() -> f.at(u, v));
    }

    private void post(OpeningFrame f, Point at) {
        var along = f.at(f.widthMm(), 0).minus(f.at(0, 0)).unit().times(FRAME_FACE / 2);
        marks.solid(OpeningFrame.around(at.minus(along), at.plus(along), FRAME_FACE));
    }
}
