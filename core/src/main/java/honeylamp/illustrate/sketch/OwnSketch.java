package honeylamp.illustrate.sketch;

import honeylamp.catalogue.ScreenColours;
import honeylamp.derive.own.OwnLines;
import honeylamp.derive.own.OwnPlace;
import honeylamp.derive.own.OwnSize;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.OwnPart;
import java.util.ArrayList;
import java.util.List;

/** What is shown above the picture while an own piece is drawn. */
public final class OwnSketch {
    private static final Ink HONEY = Ink.of(ScreenColours.HONEY.argb());

    private OwnSketch() {}

    /** A part that is taken up, wherever it is at the size of its piece. */
    public static List<Mark> part(PaperFrame frame, OwnPlace place, OwnPart part, double penMm) {
        var alone = place.own().withParts(List.of(part));
        var piece = place.piece();
        var out = new ArrayList<Mark>();
        for (var made : OwnSize.of(
                        alone,
                        piece.width().mm(),
                        piece.depth().mm(),
                        piece.height().mm())
                .parts()) {
            var path = OwnLines.figure(made).through(place.toPlan());
            out.add(new Mark.Stroke(frame.paper(path), Pen.butt(2 * penMm), HONEY));
        }
        return out;
    }

    /** A line under way. */
    public static List<Mark> line(PaperFrame frame, List<Point> points, boolean isClosed, double penMm) {
        var out = new ArrayList<Mark>();
        if (isClosed) {
            var path = frame.paper(Figure.ring(new Ring(points)));
            out.add(new Mark.Fill(path, HONEY.at(0.14)));
            out.add(new Mark.Stroke(path, Pen.butt(2 * penMm), HONEY));
        } else if (points.size() > 1) {
            out.add(new Mark.Stroke(
                    frame.paper(Figure.line(points.toArray(Point[]::new))), Pen.butt(2 * penMm), HONEY));
        }
        return out;
    }
}
