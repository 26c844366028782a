package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.pointing.BesidePiece.Gap;
import honeylamp.derive.pointing.PieceHandles;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.takeoff.fit.FitCheck;
import honeylamp.takeoff.fit.SeatCheck;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;

/** How far a piece is from what is beside it, and where it has too little room. */
public final class FitSketch {
    private static final double LEAST_MM = 20;
    private static final double TICK_PX = 4;
    private static final double CLEAR_PX = 36;
    private static final Ink FREE = Ink.of(ScreenColours.HONEY.argb());
    private static final Ink TIGHT = Ink.of(ScreenColours.BRICK.argb());
    private static final double TIGHT_OPACITY = 0.22;

    private FitSketch() {}

    /**
     * The marks of a piece of a storey, wherever it now is, in paper mm.
     *
     * @param plan gives units and what pieces need beside them
     */
    public static List<Mark> marks(
            PaperFrame frame, StoreyGeometry geometry, Furnishing piece, Plan plan, double penMm) {
        var units = plan.units();
        var out = new ArrayList<Mark>();
        for (var tight : FitCheck.of(geometry, piece, plan.brief().minimums())) {
            var ground = frame.paper(Figure.ring(tight.ground()));
            out.add(new Mark.Fill(ground, new Ink(ScreenColours.BRICK.argb(), TIGHT_OPACITY)));
            out.add(new Mark.Stroke(ground, Pen.butt(penMm), TIGHT));
        }
        for (var miss : SeatCheck.of(geometry, piece)) {
            out.addAll(missed(frame, miss.line(), units, penMm));
        }
        for (var gap : BesidePiece.of(geometry, piece)) {
            if (gap.mm() >= LEAST_MM) {
                length(out, frame, gap, PieceHandles.turn(piece), units, penMm);
            }
        }
        return out;
    }

    /** What is wrong between a seat and its rug or its screen: a dashed line with its length. */
    private static List<Mark> missed(PaperFrame frame, Segment line, UnitSystem units, double penMm) {
        var out = new ArrayList<Mark>();
        var pen = Pen.butt(1.8 * penMm).dashed(6 * penMm, 4 * penMm);
        out.add(new Mark.Stroke(frame.paper(Figure.line(line.a(), line.b())), pen, TIGHT));
        out.addAll(Sketches.words(frame, line.middle(), LengthText.rounded(Length.ofMm(line.length()), units), penMm));
        return out;
    }

    /** The figure lies beside its line where the handle to turn the piece lies on it. */
    private static void length(
            List<Mark> out, PaperFrame frame, Gap gap, Point handle, UnitSystem units, double penMm) {
        var line = gap.line();
        var px = penMm * frame.scale();
        var aside = line.middle().distance(handle) < CLEAR_PX * px
                ? line.unit().left().times(CLEAR_PX * px)
                : Point.ORIGIN;
        var tick = line.unit().left().times(TICK_PX * px);
        var drawn = Figure.builder()
                .line(line.a(), line.b())
                .line(line.a().plus(tick), line.a().minus(tick))
                .line(line.b().plus(tick), line.b().minus(tick))
                .build();
        out.add(new Mark.Stroke(frame.paper(drawn), Pen.butt(1.5 * penMm), FREE));
        out.addAll(Sketches.words(
                frame, line.middle().plus(aside), LengthText.rounded(Length.ofMm(gap.mm()), units), penMm));
    }
}
