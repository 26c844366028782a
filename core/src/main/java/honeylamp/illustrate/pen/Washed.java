package honeylamp.illustrate.pen;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.plan.Oklch;
import java.util.ArrayList;
import java.util.List;

/**
 * Surfaces as water colour fills them: paler within, where the paper shows, darker towards their edges, where pigment
 * gathers as the water dries.
 */
public final class Washed {
    /** From the edge inwards, on paper: where pigment gathers, and where it thins out. */
    private static final double RIM_MM = 0.42;

    private static final double NEAR_RIM_MM = 2.4;
    private static final double RIM_COVERS = 0.34;
    private static final double NEAR_RIM_COVERS = 0.15;

    /** What is left of the colour in the middle. */
    private static final double LEFT = 0.84;

    /** Less than this across has no middle. */
    private static final double LEAST_MM = 1.2;

    private final int paper;

    private Washed(int paper) {
        this.paper = paper;
    }

    /** The same marks with all their surfaces washed; lines and words stay as they are. */
    public static List<Mark> of(List<Mark> marks, Ink paper) {
        var washed = new Washed(paper.rgb());
        return LargeFills.each(marks, LEAST_MM, washed::wash);
    }

    private List<Mark> wash(Figure path, Ink ink) {
        var out = new ArrayList<Mark>();
        out.add(new Mark.Fill(path, Ink.of(Fading.mixed(ink.rgb(), paper, LEFT))));
        out.addAll(rims(path, ink));
        return out;
    }

    /** Rims around a surface whose colour lies there already. */
    public static List<Mark> rims(Figure path, Ink ink) {
        var dark = darker(ink);
        return List.of(
                new Mark.Stroke(path, Pen.round(2 * NEAR_RIM_MM), dark.at(NEAR_RIM_COVERS)),
                new Mark.Stroke(path, Pen.round(2 * RIM_MM), dark.at(RIM_COVERS)));
    }

    /** The pigment, thicker. */
    private static Ink darker(Ink ink) {
        return Ink.of(Oklch.ofRgb(ink.rgb()).lighter(-0.12).stronger(0.03).argb());
    }
}
