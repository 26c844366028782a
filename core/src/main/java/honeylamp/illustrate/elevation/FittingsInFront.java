package honeylamp.illustrate.elevation;

import honeylamp.catalogue.Fittings;
import honeylamp.derive.listing.FittingBefore;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.LaidView;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Affine;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Role;
import honeylamp.plan.View;
import honeylamp.plan.Wall.Works;
import java.util.ArrayList;
import java.util.List;

/**
 * Lights, switches and outlets on a wall that is seen from the front, and those that hang or stand before it: also those
 * that a piece hides, for they are what such a drawing is read for.
 */
record FittingsInFront(LaidView view, WallElevation wall, PaperFrame frame, Pens pens, Lamp lamp) {
    private static final double SHINES_LIGHTER = 0.03;

    /** What is seen of them, the farthest from the eye first. */
    List<Mark> marks(View.Subject.Front subject) {
        var out = new ArrayList<Mark>();
        FittingBefore.of(view, wall, subject).forEach(s -> draw(out, s));
        return out;
    }

    /** How high those are fixed that are on the wall, each height once, in mm. */
    List<Double> heightsMm(View.Subject.Front subject) {
        return FittingBefore.of(view, wall, subject).stream()
                .map(FittingBefore::placed)
                .filter(Placed::isOnWall)
                .map(Placed::heightMm)
                .distinct()
                .sorted()
                .toList();
    }

    private void draw(List<Mark> out, FittingBefore seen) {
        var fitting = seen.placed().fitting();
        var height = seen.placed().heightMm();
        var top = view.storey().geometry().clearHeightAt(seen.placed().before()).mm();
        var isStanding = fitting.on().host().isPresent() && !seen.placed().isOnWall();
        var down = switch (fitting.kind()) {
            case FLOOR_LAMP, PATH_LIGHT -> height;
            case TABLE_LAMP, DESK_LAMP -> isStanding ? Fittings.TABLE_LAMP_MM : height;
            default -> Math.max(0, top - height);
        };
        var to = Affine.move(seen.alongMm(), height).then(frame.toPaper());
        for (var part : FittingFronts.of(fitting.kind(), fitting.length().mm(), down)) {
            draw(out, part, to, fitting.works());
        }
    }

    private void draw(List<Mark> out, FittingFronts.Part part, Affine to, Works works) {
        var path = part.path().through(to);
        var isLine = part.as() == FittingFronts.As.LINE;
        var usual = works == Works.NEW && !isLine ? pens.furniture() : pens.furnitureInner();
        var pen = works == Works.REMOVED ? Pen.round(usual.widthMm()).dashed(0.6, 0.5) : usual;
        if (lamp != Lamp.DRAFT && !isLine && works != Works.REMOVED) {
            var paper = pens.colour(Role.PAPER);
            var tone = part.as() == FittingFronts.As.SHADE ? paper.lighter(SHINES_LIGHTER) : paper;
            out.add(new Mark.Fill(path, Ink.of(tone.argb())));
        }
        out.add(new Mark.Stroke(path, pen, pens.ink()));
    }
}
