package honeylamp.illustrate.pen;

import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Oklch;
import java.util.ArrayList;
import java.util.List;

/**
 * Things as broad markers colour them: strokes beside each other along the thing, a second pass over its far side from the
 * light, and a sliver of bare paper left on its near side.
 */
public final class Markered {
    private static final double BARE_MM = 0.5;
    private static final double SECOND_MM = 1.5;
    private static final double STROKE_MM = 2.6;
    private static final double STEP_MM = 2.3;

    /** Where two strokes meet there is so much more ink. */
    private static final double STROKE_COVERS = 0.05;

    /** Less than this across is coloured in one go. */
    private static final double LEAST_MM = 5;

    private final int paper;
    private final Point fall;

    private Markered(int paper, Point fall) {
        this.paper = paper;
        this.fall = fall;
    }

    /**
     * The same marks with all their surfaces coloured by markers; lines and words stay as they are.
     *
     * @param paper what shows where no ink is
     * @param fall where the light falls on paper, y down, at length one
     */
    public static List<Mark> of(List<Mark> marks, Ink paper, Point fall) {
        var markered = new Markered(paper.rgb(), fall);
        return LargeFills.each(marks, LEAST_MM, markered::passes);
    }

    private List<Mark> passes(Figure path, Ink ink) {
        var near = moved(path, BARE_MM);
        var first = new ArrayList<Mark>();
        first.add(new Mark.Fill(moved(path, -SECOND_MM), ink));
        first.add(new Mark.Stroke(
                strokes(path.bounds()), Pen.butt(STROKE_MM), darker(ink).at(STROKE_COVERS)));
        return List.of(
                new Mark.Fill(path, Ink.of(Fading.mixed(ink.rgb(), paper, 0.35))),
                new Mark.Fill(near, darker(ink)),
                new Mark.Clip(near, first));
    }

    private Figure moved(Figure path, double byMm) {
        return path.through(Affine.move(fall.x() * byMm, fall.y() * byMm));
    }

    /** Along the longer side of what is coloured. */
    private static Figure strokes(Box box) {
        var lines = Figure.builder();
        if (box.width() >= box.height()) {
            for (var y = box.minY() + STEP_MM / 2; y < box.maxY(); y += STEP_MM) {
                lines.line(new Point(box.minX(), y), new Point(box.maxX(), y));
            }
        } else {
            for (var x = box.minX() + STEP_MM / 2; x < box.maxX(); x += STEP_MM) {
                lines.line(new Point(x, box.minY()), new Point(x, box.maxY()));
            }
        }
        return lines.build();
    }

    /** A second layer of the same ink. */
    private static Ink darker(Ink ink) {
        return Ink.of(Oklch.ofRgb(ink.rgb()).lighter(-0.065).stronger(0.012).argb());
    }
}
