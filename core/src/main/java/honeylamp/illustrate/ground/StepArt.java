package honeylamp.illustrate.ground;

import honeylamp.derive.listing.FloorSteps.Step;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.TextRole;
import honeylamp.units.Length;
import honeylamp.units.Rounding;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;

/** Draws where floors step: a line, and on its lower side a point towards the higher floor with the height. */
public record StepArt(PaperFrame frame, Pens pens, Rounding rounding) {
    private static final double POINT_PAPER_MM = 1.5;
    private static final double BESIDE_PAPER_MM = 0.5;

    /** Shorter steps are lines without words. */
    private static final double LEAST_WORDS_PAPER_MM = 7;

    /** All steps of a storey; of those around a region the longest says how high. */
    public List<Mark> marks(List<Step> steps) {
        var out = new ArrayList<Mark>();
        var said = new HashSet<RegionId>();
        for (var step : steps) {
            out.add(new Mark.Stroke(
                    frame.paper(Figure.line(step.line().a(), step.line().b())), pens.leaf(), pens.ink()));
        }
        for (var step : steps.stream()
                .sorted(Comparator.comparingDouble(s -> -s.line().length()))
                .toList()) {
            var isLong = step.line().length() / frame.scale() >= LEAST_WORDS_PAPER_MM;
            if (isLong && step.around().map(said::add).orElse(true)) {
                words(out, step);
            }
        }
        return out;
    }

    private void words(List<Mark> out, Step step) {
        var middle = frame.paper(step.line().middle());
        var there =
                frame.paper(step.line().middle().plus(step.line().unit().left().times(frame.planMm(1))));
        var up = there.minus(middle);
        var along = up.left();
        var foot = middle.minus(up.times(BESIDE_PAPER_MM + POINT_PAPER_MM));
        out.add(new Mark.Fill(
                Figure.ring(new Ring(List.of(
                        middle.minus(up.times(BESIDE_PAPER_MM)),
                        foot.plus(along.times(POINT_PAPER_MM / 2)),
                        foot.minus(along.times(POINT_PAPER_MM / 2))))),
                pens.ink()));
        var cap = pens.cap(TextRole.DIMENSION);
        // beside the point, or below it where the step runs up the page
        var isLevel = Math.abs(along.x()) >= Math.abs(along.y());
        var at = isLevel
                ? foot.plus(new Point(POINT_PAPER_MM, up.y() < 0 ? 0.2 : cap))
                : foot.minus(up.times(0.6)).plus(new Point(0, cap / 2));
        var align = isLevel || up.x() < 0 ? Mark.Align.LEFT : Mark.Align.RIGHT;
        out.add(new Mark.Text(
                rounding.shown(Length.ofMm(step.byMm())),
                at,
                cap,
                pens.face(TextRole.DIMENSION, Typeface.REGULAR),
                0,
                align,
                0,
                pens.dimensionInk()));
    }
}
