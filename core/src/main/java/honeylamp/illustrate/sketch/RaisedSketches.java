package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.pointing.BesidePiece;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.raised.SeenThings;
import honeylamp.takeoff.fit.FitCheck;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What is shown of a thing that is moved in a raised view, in paper mm.
 *
 * @param frame from the picture to the paper
 * @param floorMm where the floor it stands on lies
 * @param penMm the width of one screen pixel
 */
public record RaisedSketches(SeenThings things, PaperFrame frame, double floorMm, double penMm) {
    private static final Ink HONEY = Ink.of(ScreenColours.HONEY.argb());
    private static final Ink PAPER = Ink.of(ScreenColours.PAPER.argb());
    private static final Ink TIGHT = Ink.of(ScreenColours.BRICK.argb());
    private static final double TIGHT_OPACITY = 0.22;

    /** Shorter gaps are not told. */
    private static final double LEAST_MM = 20;

    /** Its edges where it now stands. */
    public List<Mark> edges(ElementId thing, Affine to) {
        var path = Figure.builder();
        things.edgesOf(thing, to).forEach(e -> path.line(e.a(), e.b()));
        var drawn = frame.paper(path.build());
        return List.of(
                new Mark.Stroke(drawn, Pen.butt(3.5 * penMm), PAPER),
                new Mark.Stroke(drawn, Pen.butt(1.5 * penMm), HONEY));
    }

    /** How far a piece is from what is beside it, and where it has too little room, on the floor. */
    public List<Mark> fit(StoreyGeometry geometry, Furnishing piece, Plan plan) {
        var out = new ArrayList<Mark>();
        for (var tight : FitCheck.of(geometry, piece, plan.brief().minimums())) {
            ground(tight.ground()).ifPresent(path -> {
                out.add(new Mark.Fill(path, TIGHT.at(TIGHT_OPACITY)));
                out.add(new Mark.Stroke(path, Pen.butt(penMm), TIGHT));
            });
        }
        for (var gap : BesidePiece.of(geometry, piece)) {
            if (gap.mm() >= LEAST_MM) {
                gap(out, gap.line(), LengthText.rounded(Length.ofMm(gap.mm()), plan.units()));
            }
        }
        return out;
    }

    private Optional<Figure> ground(Ring ring) {
        List<Point> corners = ring.corners().stream()
                .flatMap(c -> things.seenAt(c, floorMm).stream())
                .toList();
        return corners.size() == ring.corners().size()
                ? Optional.of(frame.paper(Figure.ring(new Ring(corners))))
                : Optional.empty();
    }

    private void gap(List<Mark> out, Segment line, String text) {
        var a = things.seenAt(line.a(), floorMm);
        var b = things.seenAt(line.b(), floorMm);
        if (a.isPresent() && b.isPresent()) {
            var path = frame.paper(Figure.line(a.get(), b.get()));
            out.add(new Mark.Stroke(path, Pen.butt(1.4 * penMm), HONEY));
            out.addAll(Sketches.words(frame, a.get().towards(b.get(), 0.5), text, penMm));
        }
    }
}
