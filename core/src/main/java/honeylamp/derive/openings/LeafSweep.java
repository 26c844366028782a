package honeylamp.derive.openings;

import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import java.util.ArrayList;
import java.util.List;

/**
 * A leaf on hinges and the quarter of a circle it sweeps when it opens.
 *
 * @param hinge where it turns, on the face of the wall
 * @param closed its free edge when shut
 * @param open its free edge when it stands square to the wall
 * @param leafMm its width
 */
public record LeafSweep(Point hinge, Point closed, Point open, double leafMm) {
    /** The lining of a door takes so much of the opening at each jamb, in mm. */
    public static final double LINING_MM = 35;

    private static final int CHORDS = 12;

    /** The leaves of an opening, the main one first; none if it has no hinges. */
    public static List<LeafSweep> of(OpeningCut cut) {
        var opening = cut.opening();
        if (!opening.kind().hasHinges()) {
            return List.of();
        }
        var main = mainLeafMm(opening);
        if (main < LEAST_LEAF_MM) {
            return List.of(); // no leaf fits between its linings
        }
        var first = of(OpeningFrame.of(cut), main);
        var rest = opening.width().mm() - 2 * LINING_MM - main;
        return rest < LEAST_LEAF_MM
                ? List.of(first)
                : List.of(first, of(OpeningFrame.of(cut, opening.hand().flipped()), rest));
    }

    private static double mainLeafMm(Opening opening) {
        var clear = opening.width().mm() - 2 * LINING_MM;
        if (opening.kind() == OpeningKind.PAIR_DOOR) {
            return clear / 2;
        }
        return opening.kind() == OpeningKind.UNEQUAL_PAIR
                ? Math.min(opening.mainLeaf().mm() - LINING_MM, clear)
                : clear;
    }

    /** Narrower leaves, in mm, have no direction. */
    private static final double LEAST_LEAF_MM = 1;

    private static LeafSweep of(OpeningFrame f, double leafMm) {
        var hinge = f.at(LINING_MM, f.halfMm());
        var shut = f.at(LINING_MM + leafMm, f.halfMm()).minus(hinge).unit();
        return new LeafSweep(hinge, hinge.plus(shut.times(leafMm)), f.at(LINING_MM, f.halfMm() + leafMm), leafMm);
    }

    /** Along the shut leaf from the hinge, at length one. */
    public Point shut() {
        return closed.minus(hinge).unit();
    }

    /** From shut to open in degrees, counter-clockwise if positive. */
    public double sweepDeg() {
        return ((open.minus(hinge).angleDeg() - shut().angleDeg() + 540) % 360) - 180;
    }

    /** The way of the free edge. */
    public Figure arc() {
        return Figure.builder()
                .arc(hinge, leafMm, shut().angleDeg(), sweepDeg())
                .build();
    }

    /** What it sweeps, its arc as chords. */
    public Outline area() {
        var points = new ArrayList<Point>();
        points.add(hinge);
        for (var i = 0; i <= CHORDS; i++) {
            var way = Point.direction(shut().angleDeg() + sweepDeg() * i / CHORDS);
            points.add(hinge.plus(way.times(leafMm)));
        }
        return Outline.of(new Ring(points).counterClockwise());
    }
}
