package honeylamp.illustrate.words;

import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Region;
import honeylamp.plan.Surface;
import honeylamp.plan.TextRole;
import honeylamp.takeoff.CutNumbers.Numbered;
import java.util.ArrayList;
import java.util.List;

/** On floors of tiles, the numbers of cut pieces, each within its piece: where it has no room the cutting list alone has it. */
public final class TileNumbers {
    /** Between a number and the edges of its piece, in paper mm. */
    private static final double AIR_MM = 0.6;

    private final LaidView view;
    private final PaperFrame frame;
    private final Pens pens;

    TileNumbers(LaidView view, PaperFrame frame, Pens pens) {
        this.view = view;
        this.frame = frame;
        this.pens = pens;
    }

    /** The numbers of a storey, clear of what stands and is written there. */
    List<Mark> of(List<Numbered> all, KeptOff off, List<Outline> labels) {
        var out = new ArrayList<Mark>();
        for (var piece : all) {
            if (piece.storey().equals(view.storey().id()) && isLevel(piece.surface())) {
                var text = text(pens, piece.number(), frame.paper(piece.middle()));
                var there = around(frame, text);
                if (there.ring().corners().stream().allMatch(c -> piece.holds(c) && isSeen(piece, c))
                        && off.isFree(there)
                        && labels.stream().noneMatch(l -> l.bounds().meets(there))) {
                    out.add(text);
                }
            }
        }
        return out;
    }

    /** Whether a point lies in the room that the middle of a piece lies in. */
    private boolean isSeen(Numbered piece, Point there) {
        return view.storey()
                .geometry()
                .roomAt(piece.middle())
                .filter(r -> r.outline().contains(there))
                .isPresent();
    }

    /** Floors, and what is laid by itself on them. */
    private boolean isLevel(Surface surface) {
        return surface instanceof Surface.Floor
                || surface instanceof Surface.OwnRegion(var id)
                        && view.storey().geometry().storey().regions().stream()
                                .anyMatch(r -> r.id().equals(id) && r.on() instanceof Region.Floors);
    }

    /** What a number takes on a surface, with a little air. */
    public static Box around(PaperFrame frame, Mark.Text text) {
        var box = text.ring().bounds().grown(AIR_MM);
        return Box.around(box.ring().corners().stream().map(frame::plan).toList());
    }

    /** A number, its middle at a place on paper. */
    public static Mark.Text text(Pens pens, String words, Point at) {
        var cap = pens.cap(TextRole.DIMENSION);
        return new Mark.Text(
                words,
                at.plus(new Point(0, cap / 2)),
                cap,
                pens.face(TextRole.DIMENSION, Typeface.REGULAR),
                0,
                Mark.Align.MIDDLE,
                0,
                pens.dimensionInk());
    }
}
