package honeylamp.illustrate.words;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Role;
import honeylamp.plan.TextRole;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Writes the tag of each opening on a small plate, on the side its leaf does not sweep. */
public final class TagArt {
    private static final double AIR_MM = 1.1;

    /** From the face of the wall to the middle of the plate, in paper mm. */
    private static final double AWAY_MM = 3.0;

    private final PaperFrame frame;
    private final Pens pens;

    public TagArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    public List<Mark> marks(List<OpeningCut> cuts, Map<OpeningId, String> tags) {
        var out = new ArrayList<Mark>();
        for (var cut : cuts) {
            var tag = tags.get(cut.opening().id());
            if (tag != null) {
                plate(out, at(cut), tag);
            }
        }
        return out;
    }

    /** What the tags cover, in plan mm, so that other words keep clear of them. */
    List<Outline> covered(List<OpeningCut> cuts, Map<OpeningId, String> tags) {
        var half = frame.planMm(highMm() / 2 + AIR_MM);
        return cuts.stream()
                .filter(c -> tags.containsKey(c.opening().id()))
                .map(this::at)
                .map(frame::plan)
                .map(p -> Outline.of(new Box(p.x() - half, p.y() - half, p.x() + half, p.y() + half).ring()))
                .toList();
    }

    private Point at(OpeningCut cut) {
        var away = cut.thicknessMm() / 2 + frame.planMm(AWAY_MM);
        var side = cut.unit().left().times(-cut.opening().swing().sign() * away);
        return frame.paper(cut.middle().middle().plus(side));
    }

    private void plate(List<Mark> out, Point at, String tag) {
        var half = Math.max(
                highMm() / 2,
                pens.face(TextRole.TAG, Typeface.MEDIUM).widthMm(tag, pens.cap(TextRole.TAG), 0) / 2 + AIR_MM);
        var plate = Figure.builder()
                .roundedBox(
                        new Box(at.x() - half, at.y() - highMm() / 2, at.x() + half, at.y() + highMm() / 2),
                        highMm() / 2)
                .build();
        out.add(new Mark.Fill(plate, pens.ink(Role.PAPER)));
        out.add(new Mark.Stroke(plate, pens.dimension(), pens.dimensionInk()));
        out.add(new Mark.Text(
                tag,
                at.plus(new Point(0, pens.cap(TextRole.TAG) / 2)),
                pens.cap(TextRole.TAG),
                pens.face(TextRole.TAG, Typeface.MEDIUM),
                0,
                Mark.Align.MIDDLE,
                0,
                pens.ink()));
    }

    /** The height of a plate. */
    private double highMm() {
        return 2 * pens.cap(TextRole.TAG);
    }
}
