package honeylamp.illustrate;

import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.DrawnByHand;
import honeylamp.illustrate.pen.DrawnByHand.Lines;
import honeylamp.illustrate.pen.Markered;
import honeylamp.illustrate.pen.Pens;
import honeylamp.illustrate.pen.Washed;
import honeylamp.plan.Look;
import honeylamp.plan.Look.Shading;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.List;

/**
 * Draws marks as a look has them: surfaces in washes or markers, lines by hand.
 *
 * @param fall where light falls on paper, y down
 */
record HandOfLook(Look look, Lamp lamp, PaperFrame frame, Pens pens, Point fall, Remembered remembered) {
    /** As the look has it: floors see to that themselves, and walls are one even surface. */
    List<Mark> drawn(LayerKind layer, List<Mark> marks) {
        if (layer == LayerKind.FLOOR) {
            return marks;
        }
        var surfaces = switch (look.shading()) {
            case WASHED -> layer == LayerKind.POCHE ? Surfaces.EVEN : Surfaces.WASHED;
            case BROAD -> layer == LayerKind.FURNITURE && lamp != Lamp.DRAFT ? Surfaces.MARKERED : Surfaces.EVEN;
            case SOFT, LAMPS, HATCHED -> Surfaces.EVEN;
        };
        return byHand(surfaces, marks);
    }

    /** How surfaces are filled. */
    private enum Surfaces {
        EVEN,
        WASHED,
        MARKERED
    }

    /** How a hand draws what it is asked about. */
    private record ByHand(double unsteadyMm, Lines lines, Surfaces surfaces, Point fall) {}

    /** Joints of floors are too fine and too many to be drawn by hand; what stays the very mark is not drawn again. */
    private List<Mark> byHand(Surfaces surfaces, List<Mark> marks) {
        var hand = new ByHand(
                look.drafting().unsteadyMm(),
                look.shading() == Shading.HATCHED ? Lines.TWICE : Lines.ONCE,
                surfaces,
                fall);
        if (hand.unsteadyMm == 0 && surfaces == Surfaces.EVEN) {
            return marks;
        }
        var out = new ArrayList<Mark>(marks.size());
        for (var mark : marks) {
            out.addAll(remembered.answerAbout(hand, mark, () -> byHand(hand, mark)));
        }
        return out;
    }

    private List<Mark> byHand(ByHand hand, Mark mark) {
        var paper = pens.ink(Role.PAPER);
        var filled = switch (hand.surfaces) {
            case EVEN -> List.of(mark);
            case WASHED -> Washed.of(List.of(mark), paper);
            case MARKERED -> Markered.of(List.of(mark), paper, hand.fall);
        };
        return hand.unsteadyMm == 0 ? filled : DrawnByHand.of(filled, hand.unsteadyMm, hand.lines, frame);
    }
}
