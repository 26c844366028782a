package honeylamp.illustrate.pen;

import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Pen;
import honeylamp.plan.Showing.Kind;
import honeylamp.raised.SeenLines.Sort;

/** The pens of edges of bodies, by what they are edges of. */
public record SeenPens(Pens pens) {
    /** The pen of an edge of a kind of thing. */
    public Pen pen(Kind kind, Sort sort) {
        var isPiece = kind == Kind.FURNITURE;
        var pen = switch (sort) {
            case CUT -> pens.cutPost();
            case OUTLINE -> isPiece ? pens.furniture() : pens.leaf();
            case CREASE -> isPiece ? pens.furnitureInner() : pens.swing();
            case CHANGE -> pens.trim();
            case DRAWN -> pens.furnitureInner();
        };
        return Pen.round(pen.widthMm());
    }

    /** Its ink. */
    public Ink ink(Kind kind, Sort sort) {
        return switch (sort) {
            case CUT, OUTLINE -> kind == Kind.FURNITURE ? pens.furnitureInk() : pens.ink();
            case CREASE -> pens.furnitureInk();
            case CHANGE, DRAWN -> pens.innerInk();
        };
    }
}
