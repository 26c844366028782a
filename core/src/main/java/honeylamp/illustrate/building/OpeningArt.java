package honeylamp.illustrate.building;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningFrame;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.OpeningKind;
import java.util.ArrayList;
import java.util.List;

/**
 * Draws openings by where they lie to the height at which the plan is cut: what it cuts through as it is built;
 * what lies above or below within the wall, dashed on the cut.
 */
public final class OpeningArt {
    /** An arch is shown folded down beside the wall, no higher than this share of its width. */
    private static final double ARCH_RISE = 0.25;

    /** What is hidden in a wall is shown so far from its faces, as a share of the thickness. */
    private static final double HIDDEN_SHARE = 0.5;

    private final PaperFrame frame;
    private final Pens pens;

    public OpeningArt(PaperFrame frame, Pens pens) {
        this.frame = frame;
        this.pens = pens;
    }

    /** Both, what lies overhead on top. */
    public List<Mark> all(List<OpeningCut> cuts) {
        var drawn = drawn(cuts);
        var out = new ArrayList<>(drawn.seen());
        out.addAll(drawn.overhead());
        return out;
    }

    /** What is seen or cut, and what lies overhead: edges of the wall above openings, leaves under the ceiling. */
    public OpeningMarks drawn(List<OpeningCut> cuts) {
        var marks = new OpeningMarks(frame, pens);
        var doors = new DoorArt(marks);
        var windows = new WindowArt(marks);
        for (var cut : cuts) {
            if (cut.level() != OpeningCut.Level.CUT) {
                hidden(marks, cut);
            } else {
                switch (cut.opening().kind().family()) {
                    case DOOR -> doors.draw(cut);
                    case WINDOW -> windows.draw(cut);
                    case PLAIN -> plain(marks, cut);
                }
            }
        }
        return marks;
    }

    private static void hidden(OpeningMarks marks, OpeningCut cut) {
        var f = OpeningFrame.of(cut);
        marks.within(Figure.ring(f.strip(0, f.widthMm(), -HIDDEN_SHARE * f.halfMm(), HIDDEN_SHARE * f.halfMm())));
    }

    /** The edges of the wall above; of an arch also its curve. */
    private static void plain(OpeningMarks marks, OpeningCut cut) {
        var f = OpeningFrame.of(cut);
        marks.above(f.line(0, f.widthMm(), -f.halfMm()));
        marks.above(f.line(0, f.widthMm(), f.halfMm()));
        if (cut.opening().kind() == OpeningKind.ARCHED) {
            var rise = ARCH_RISE * f.widthMm();
            var radius = (f.widthMm() * f.widthMm() / 4 + rise * rise) / (2 * rise);
            var centre = f.at(f.widthMm() / 2, f.halfMm() + rise - radius);
            var start = f.at(0, f.halfMm()).minus(centre);
            var end = f.at(f.widthMm(), f.halfMm()).minus(centre);
            var sweep = ((end.angleDeg() - start.angleDeg() + 540) % 360) - 180;
            marks.above(Figure.builder()
                    .arc(centre, radius, start.angleDeg(), sweep)
                    .build());
        }
    }
}
