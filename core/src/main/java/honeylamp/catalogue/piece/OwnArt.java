package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Made;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.derive.own.OwnLines;
import honeylamp.derive.own.OwnSize;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.OwnLine;
import honeylamp.plan.OwnPart;
import honeylamp.plan.OwnPiece;
import honeylamp.plan.Role;
import java.util.BitSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;

/** Kinds of pieces that somebody drew. */
final class OwnArt {
    /** Corners of bodies seen from the side are so soft. */
    private static final double SOFT = 4;

    private static final double GRAIN_INSET = 35;
    private static final double LEAST_BOARD = 150;

    /** Rounded corners take no more than this share of a board. */
    private static final double NEARLY = 0.03;

    /** Shade is true to so much. */
    private static final double SHADE_MM = 8;

    private OwnArt() {}

    static FurnishingKind kind(OwnPiece own) {
        var made = new Made(own.width(), own.depth(), own.height());
        return new FurnishingKind(
                own.key(),
                own.name(),
                Group.OWN,
                own.buying().name(),
                own.stand(),
                own.bottom(),
                List.of(made),
                List.of(made),
                pen -> draw(pen, own),
                Optional.empty(),
                Optional.of(own),
                FurnishingKind.Way.STANDS);
    }

    private static void draw(PiecePen pen, OwnPiece own) {
        var parts = OwnSize.of(own, 2 * pen.w, 2 * pen.d, pen.h).parts();
        var seen = uncovered(parts);
        pen.within(Affine.move(-pen.w, -pen.d), () -> {
            for (var i = 0; i < parts.size(); i++) {
                var part = parts.get(i);
                if (part.isFilled()) {
                    OwnLines.outline(part).ifPresent(outline -> stand(pen, part, outline));
                }
                if (seen.get(i)) {
                    shape(pen, part);
                }
            }
        });
    }

    /** Which parts have no other of the same outline on them, so that no line is drawn twice. */
    private static BitSet uncovered(List<OwnPart> parts) {
        var out = new BitSet();
        var above = new HashSet<List<OwnLine>>();
        for (var i = parts.size() - 1; i >= 0; i--) {
            var part = parts.get(i);
            out.set(i, !above.contains(part.lines()));
            if (part.isFilled()) {
                above.add(part.lines());
            }
        }
        return out;
    }

    private static void shape(PiecePen pen, OwnPart part) {
        var path = OwnLines.figure(part);
        var edge = edge(part.pen());
        if (part.isFilled()) {
            pen.shape(path, part.fill().orElseThrow(), edge, Detail.PLAIN);
            grain(pen, part);
        } else {
            pen.line(path, edge, Detail.PLAIN);
        }
    }

    /** Boards of timber have grain along them, as those of the kinds that ship. */
    private static void grain(PiecePen pen, OwnPart part) {
        var box = OwnLines.bounds(part.outer());
        var full = box.width() * box.height();
        var isBoard = OwnLines.outline(part)
                        .filter(o -> o.holes().isEmpty() && Math.abs(o.area() - full) < NEARLY * full)
                        .isPresent()
                && part.fill()
                        .filter(f -> f == Role.TIMBER || f == Role.TIMBER_DARK)
                        .isPresent();
        if (isBoard && Math.min(box.width(), box.height()) >= LEAST_BOARD) {
            var isUpright = box.height() > box.width();
            var along = Math.max(box.width(), box.height()) / 2 - GRAIN_INSET;
            var across = Math.min(box.width(), box.height()) / 2 - GRAIN_INSET;
            var middle = Affine.move(box.centre().x(), box.centre().y());
            pen.within(isUpright ? Affine.turn(90).then(middle) : middle, () -> pen.grain(along, across));
        }
    }

    private static Edge edge(OwnPart.Pen pen) {
        return switch (pen) {
            case OUTLINE -> Edge.OUTLINE;
            case FINE -> Edge.INNER;
            case HIDDEN -> Edge.HIDDEN;
            case NONE -> Edge.NONE;
        };
    }

    /** Seen from its sides as one body; its shade is that of convex pieces of it. */
    private static void stand(PiecePen pen, OwnPart part, Outline outline) {
        pen.seen(
                outline.shell(),
                part.bottom().mm(),
                part.top().mm(),
                SOFT,
                part.fill().orElseThrow());
        for (var piece : Regions.convexParts(outline, SHADE_MM)) {
            pen.shading(piece, part.top().mm());
        }
    }
}
