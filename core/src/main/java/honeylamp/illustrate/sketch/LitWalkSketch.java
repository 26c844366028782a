package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.takeoff.lighting.LitWalk;
import java.util.ArrayList;
import java.util.List;

/** A way walked after dark: full where there is light, dashed where there is none, with the step one is at. */
public final class LitWalkSketch {
    private static final Ink LIGHT = Ink.of(ScreenColours.HONEY.argb());
    private static final Ink DARK = Ink.of(ScreenColours.INK.argb());
    private static final double LIT_PX = 5;
    private static final double DARK_PX = 3;
    private static final double SPOT_PX = 8;

    private LitWalkSketch() {}

    /**
     * The marks of a walk.
     *
     * @param at the number of the step one is at, from 0
     * @param penMm the width of one screen pixel, in paper mm
     */
    public static List<Mark> marks(PaperFrame frame, LitWalk walk, int at, double penMm) {
        var out = new ArrayList<Mark>();
        for (var i = 0; i < walk.steps().size(); i++) {
            var step = walk.steps().get(i);
            var isLit = step.verdict() == LitWalk.Verdict.LIT;
            var pen = isLit
                    ? Pen.round(LIT_PX * penMm)
                    : Pen.round(DARK_PX * penMm).dashed(6 * penMm, 6 * penMm);
            var path = Figure.line(step.line().stream().map(frame::paper).toArray(Point[]::new));
            if (step.line().size() > 1) {
                out.add(new Mark.Stroke(path, pen, isLit ? LIGHT : DARK));
            }
            if (i == at) {
                out.add(new Mark.Fill(
                        Figure.circle(frame.paper(step.line().getFirst()), SPOT_PX * penMm), isLit ? LIGHT : DARK));
                out.add(new Mark.Stroke(
                        Figure.circle(frame.paper(step.line().getFirst()), SPOT_PX * penMm),
                        Pen.round(2 * penMm),
                        DARK));
            }
        }
        return out;
    }
}
