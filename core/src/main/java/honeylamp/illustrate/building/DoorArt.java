package honeylamp.illustrate.building;

import honeylamp.derive.openings.FrameSizes;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningFrame;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Opening.Hand;
import java.util.ArrayList;
import java.util.List;

/** Draws doors; linings and leaves keep their thickness at any width. Sizes in mm. */
final class DoorArt {
    private static final double LINING = LeafSweep.LINING_MM;
    private static final double LEAF = FrameSizes.LEAF_MM;
    private static final double OUTER_LEAF = FrameSizes.OUTER_LEAF_MM;
    private static final double FOLDING_LEAF = FrameSizes.FOLDING_LEAF_MM;

    /** A leaf that slides along the wall hangs so far off its face, and covers so much beside the opening. */
    private static final double OFF_FACE = 15;

    private static final double OVERLAP = 40;

    /** How far a sliding leaf is shown open. */
    private static final double SHOWN_OPEN = 0.62;

    private static final double TRACK = 22;
    private static final double MEETING_STILE = 30;
    private static final double FOLD_DEG = 62;
    private static final double SLOT = 36;
    private static final double THRESHOLD_OUT = 35;
    private static final double THRESHOLD_IN = 90;
    private static final double PANEL = 45;

    private final OpeningMarks marks;

    DoorArt(OpeningMarks marks) {
        this.marks = marks;
    }

    void draw(OpeningCut cut) {
        var f = OpeningFrame.of(cut);
        switch (cut.opening().kind()) {
            case DOOR, PAIR_DOOR, UNEQUAL_PAIR -> {
                linings(f);
                hinged(cut, LEAF);
            }
            case OUTER_DOOR -> {
                threshold(f);
                linings(f);
                hinged(cut, OUTER_LEAF);
            }
            case SLIDING_DOOR -> {
                linings(f);
                sliding(f, f.widthMm() + 2 * OVERLAP);
            }
            case PARTING_DOOR -> {
                linings(f);
                for (var hand : Hand.values()) {
                    sliding(OpeningFrame.of(cut, hand), f.widthMm() / 2 + OVERLAP);
                }
            }
            case SLIDING_PAIR -> bypassing(f);
            case POCKET_DOOR -> pocket(f);
            case FOLDING_DOOR -> folding(f);
            case GARAGE_DOOR -> garage(cut, f);
            case PLAIN,
                    ARCHED,
                    FIXED_WINDOW,
                    CASEMENT_WINDOW,
                    SLIDING_WINDOW,
                    TILT_WINDOW,
                    ROUND_WINDOW,
                    CORNER_WINDOW ->
                throw new IllegalArgumentException("no door: " + cut.opening().kind());
        }
    }

    private void linings(OpeningFrame f) {
        marks.solid(f.strip(0, LINING, -f.halfMm(), f.halfMm()));
        marks.solid(f.strip(f.widthMm() - LINING, f.widthMm(), -f.halfMm(), f.halfMm()));
    }

    /** Leaves standing open square to the wall, and the quarter each sweeps. */
    private void hinged(OpeningCut cut, double thickMm) {
        for (var leaf : LeafSweep.of(cut)) {
            marks.way(leaf.arc());
            var inward = leaf.shut().times(thickMm);
            marks.solid(
                    Ring.of(leaf.hinge(), leaf.hinge().plus(inward), leaf.open().plus(inward), leaf.open()));
        }
    }

    private void threshold(OpeningFrame f) {
        var out = -f.halfMm();
        marks.slight(f.strip(0, f.widthMm(), out - THRESHOLD_OUT, Math.min(out + THRESHOLD_IN, f.halfMm())));
        marks.way(f.line(LINING, f.widthMm() - LINING, out));
    }

    /** A leaf on the face of the wall, shown partly open, and an arrow the way it goes. */
    private void sliding(OpeningFrame f, double leafMm) {
        var v = f.halfMm() + OFF_FACE;
        var from = -OVERLAP - SHOWN_OPEN * leafMm;
        marks.above(f.line(from + leafMm, leafMm - OVERLAP, v + LEAF / 2));
        marks.solid(f.strip(from, from + leafMm, v, v + LEAF));
        arrow(f, from + 0.72 * leafMm, from + 0.28 * leafMm, v + LEAF + 55);
    }

    private void arrow(OpeningFrame f, double fromU, double toU, double v) {
        var back = Math.signum(fromU - toU) * 60;
        marks.way(f.line(fromU, toU, v));
        marks.way(Figure.line(f.at(toU + back, v + 28), f.at(toU, v), f.at(toU + back, v - 28)));
    }

    /** Two leaves on two tracks within the wall, shown closed, each with the way it goes. */
    private void bypassing(OpeningFrame f) {
        marks.edge(f.line(0, f.widthMm(), f.halfMm()));
        marks.edge(f.line(0, f.widthMm(), -f.halfMm()));
        linings(f);
        var middle = f.widthMm() / 2;
        marks.solid(f.strip(LINING, middle + MEETING_STILE, 2, 2 + 2 * TRACK - 6));
        marks.solid(f.strip(middle - MEETING_STILE, f.widthMm() - LINING, -2 * TRACK + 4, -2));
        var away = f.halfMm() + 70;
        arrow(f, middle - 0.3 * middle, middle + 0.3 * middle, away);
        arrow(f, middle + 0.3 * middle, middle - 0.3 * middle, -away);
    }

    /** The slot in the wall, and the leaf halfway in it. */
    private void pocket(OpeningFrame f) {
        var leaf = f.widthMm() - LINING;
        marks.solid(f.strip(f.widthMm() - LINING, f.widthMm(), -f.halfMm(), f.halfMm()));
        marks.clear(f.strip(-leaf, 0, -SLOT, SLOT));
        marks.way(Figure.line(f.at(0, SLOT), f.at(-leaf, SLOT), f.at(-leaf, -SLOT), f.at(0, -SLOT)));
        marks.solid(f.strip(-SHOWN_OPEN * leaf, (1 - SHOWN_OPEN) * leaf, -LEAF / 2, LEAF / 2));
    }

    /** Leaves in pairs, shown half folded against the jamb. */
    private void folding(OpeningFrame f) {
        linings(f);
        var clear = f.widthMm() - 2 * LINING;
        var leaves = FrameSizes.foldingLeaves(clear);
        var leaf = clear / leaves;
        var step = leaf * Math.cos(Math.toRadians(FOLD_DEG));
        var out = leaf * Math.sin(Math.toRadians(FOLD_DEG));
        marks.above(f.line(LINING, f.widthMm() - LINING, f.halfMm() - FOLDING_LEAF / 2));
        var points = new ArrayList<Point>();
        for (var i = 0; i <= leaves; i++) {
            points.add(f.at(LINING + FOLDING_LEAF / 2 + i * step, f.halfMm() + (i % 2 == 0 ? 0 : out)));
        }
        leaves(points);
    }

    private void leaves(List<Point> points) {
        for (var i = 0; i + 1 < points.size(); i++) {
            marks.solid(OpeningFrame.around(points.get(i), points.get(i + 1), FOLDING_LEAF));
        }
    }

    /** The closed panel at the inner face, and dashed where it lies under the ceiling when open. */
    private void garage(OpeningCut cut, OpeningFrame f) {
        linings(f);
        marks.edge(f.line(0, f.widthMm(), -f.halfMm()));
        marks.solid(f.strip(LINING / 2, f.widthMm() - LINING / 2, f.halfMm() - PANEL, f.halfMm()));
        var deep = f.halfMm() + cut.opening().head().mm();
        marks.above(Figure.line(
                f.at(0, f.halfMm()), f.at(0, deep), f.at(f.widthMm(), deep), f.at(f.widthMm(), f.halfMm())));
    }
}
