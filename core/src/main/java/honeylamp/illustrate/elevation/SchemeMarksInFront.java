package honeylamp.illustrate.elevation;

import honeylamp.derive.listing.WallElevation;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Pen;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Showing;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Marks on a wall from the front what differs in a scheme from another arrangement, as plans are marked: a bold line around
 * what is new, moved or changed, dashes around where something was.
 */
record SchemeMarksInFront(PaperFrame frame, Pens pens, Showing showing) {
    private static final double AIR_MM = 0.7;
    private static final double BOLDER = 1.6;

    /** Places that differ by less are the same, in mm. */
    private static final double SAME_MM = 1;

    /** Something before a wall or in it, and where. */
    private record Seen(Element element, Box box) {}

    /** What differs on a wall from the same wall in the other arrangement. */
    List<Mark> of(WallElevation now, WallElevation before) {
        var is = seen(now);
        var was = seen(before);
        var out = new ArrayList<Mark>();
        was.forEach((id, there) -> {
            var here = is.get(id);
            if (here == null || isMoved(there.box, here.box)) {
                out.add(around(there.box, pens.removed()));
            }
        });
        is.forEach((id, here) -> {
            var there = was.get(id);
            if (there == null || isMoved(there.box, here.box) || !there.element.equals(here.element)) {
                out.add(around(here.box, bold()));
            }
        });
        return out;
    }

    private Map<ElementId, Seen> seen(WallElevation wall) {
        var out = new LinkedHashMap<ElementId, Seen>();
        if (showing.shows(Kind.FURNITURE)) {
            wall.before().forEach(b -> out.put(b.piece().id(), new Seen(b.piece(), b.box())));
        }
        if (showing.shows(Kind.OPENINGS)) {
            wall.holes()
                    .forEach(h ->
                            out.put(h.cut().opening().id(), new Seen(h.cut().opening(), h.box())));
        }
        return out;
    }

    private static boolean isMoved(Box a, Box b) {
        return Math.abs(a.minX() - b.minX()) > SAME_MM
                || Math.abs(a.maxX() - b.maxX()) > SAME_MM
                || Math.abs(a.minY() - b.minY()) > SAME_MM
                || Math.abs(a.maxY() - b.maxY()) > SAME_MM;
    }

    private Pen bold() {
        var usual = pens.cutPost();
        return new Pen(BOLDER * usual.widthMm(), usual.tip(), usual.dashMm());
    }

    private Mark around(Box box, Pen pen) {
        var ring = box.grown(frame.planMm(AIR_MM)).ring();
        return new Mark.Stroke(frame.paper(Figure.ring(ring)), pen, pens.ink());
    }
}
