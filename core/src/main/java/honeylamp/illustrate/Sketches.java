package honeylamp.illustrate;

import honeylamp.catalogue.Furnishings;
import honeylamp.catalogue.Palette;
import honeylamp.catalogue.SymbolPart;
import honeylamp.derive.OpeningCut;
import honeylamp.derive.Picking;
import honeylamp.derive.StoreyGeometry;
import honeylamp.drawing.Ink;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Pen;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Path;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;

/** Marks of things picked or under way, in paper mm: what the screen shows above the picture. */
public final class Sketches {
    private static final Ink HONEY = Ink.of(Palette.HONEY.argb());
    private static final Ink WASH = HONEY.at(0.20);

    private Sketches() {}

    /** Walls about to be: bodies in honey, edges clear. */
    public static List<Mark> walls(PaperFrame frame, StoreyGeometry geometry, double penMm) {
        var path = Path.builder();
        geometry.network().poche().forEach(o -> path.path(frame.paper(o)));
        return filled(path.build(), penMm);
    }

    /** The outlines of picked elements. */
    public static List<Mark> picked(
            PaperFrame frame, StoreyGeometry geometry, Collection<ElementId> ids, double penMm) {
        var out = new ArrayList<Mark>();
        var path = Path.builder();
        for (var piece : geometry.network().pieces()) {
            if (ids.contains(piece.wall().id())) {
                path.path(frame.paper(Path.ring(piece.body())));
            }
        }
        for (var cut : geometry.cuts()) {
            if (ids.contains(cut.opening().id())) {
                path.path(frame.paper(Path.ring(cut.ring())));
            }
        }
        for (var piece : geometry.storey().furnishings()) {
            if (ids.contains(piece.id())) {
                path.path(frame.paper(Path.ring(Picking.footprint(piece))));
            }
        }
        for (var part : geometry.storey().structures()) {
            if (ids.contains(part.id())) {
                path.path(frame.paper(Path.ring(StructureArt.footprint(part))));
            }
        }
        for (var underlay : geometry.storey().underlays()) {
            if (ids.contains(underlay.id())) {
                path.path(frame.paper(Picking.outline(underlay)));
            }
        }
        for (var room : geometry.rooms()) {
            if (room.mark().map(m -> ids.contains(m.id())).orElse(false)) {
                out.addAll(room(frame, room.outline(), penMm));
            }
        }
        out.addAll(filled(path.build(), penMm));
        return out;
    }

    /** A room about to be chosen or finished. */
    public static List<Mark> room(PaperFrame frame, Outline outline, double penMm) {
        return List.of(new Mark.Stroke(frame.paper(outline), Pen.butt(3 * penMm), HONEY));
    }

    private static List<Mark> filled(Path path, double penMm) {
        return path.isEmpty()
                ? List.of()
                : List.of(new Mark.Fill(path, WASH), new Mark.Stroke(path, Pen.butt(1.5 * penMm), HONEY));
    }

    /** A piece as it will look, with its outline. */
    public static List<Mark> piece(PaperFrame frame, Furnishing piece, double penMm) {
        var pens = Pens.of(1, frame.scale());
        var art = new FurnitureArt(frame, pens, Lamp.COLOUR);
        var out = new ArrayList<Mark>();
        for (var level : SymbolPart.Level.values()) {
            out.addAll(art.marks(List.of(piece), level));
        }
        if (Furnishings.of(piece.kind()).isEmpty()) {
            return out;
        }
        out.add(new Mark.Stroke(frame.paper(Path.ring(Picking.footprint(piece))), Pen.butt(1.5 * penMm), HONEY));
        return out;
    }

    /** An opening as it will look: its cut cleared of poché, with leaf or glass. */
    public static List<Mark> opening(Plan plan, PaperFrame frame, OpeningCut cut, double penMm) {
        var pens = Pens.of(plan.look().lineDial(), frame.scale());
        var ring = frame.paper(Path.ring(cut.ring()));
        var out = new ArrayList<Mark>();
        out.add(new Mark.Fill(ring, Ink.of(Palette.PAPER.argb())));
        out.addAll(new OpeningArt(frame, pens).marks(List.of(cut)));
        out.add(new Mark.Stroke(ring, Pen.butt(1.5 * penMm), HONEY));
        return out;
    }

    /** A thin line, such as a known length or a guide. */
    public static Mark line(PaperFrame frame, Segment line, double penMm, boolean dashed) {
        var pen = Pen.butt(1.2 * penMm);
        return new Mark.Stroke(
                frame.paper(Path.line(line.a(), line.b())), dashed ? pen.dashed(5 * penMm, 4 * penMm) : pen, HONEY);
    }

    /** The plan's origin: a small cross with a ring, shown while there is nothing else to hold on to. */
    public static List<Mark> origin(PaperFrame frame, double penMm) {
        var o = frame.paper(Point.ORIGIN);
        var arm = 12 * penMm;
        var cross = Path.builder()
                .line(new Point(o.x() - arm, o.y()), new Point(o.x() + arm, o.y()))
                .line(new Point(o.x(), o.y() - arm), new Point(o.x(), o.y() + arm))
                .path(Path.circle(o, arm / 2))
                .build();
        return List.of(new Mark.Stroke(
                cross, Pen.butt(1.2 * penMm), Ink.of(Palette.INK.argb()).at(0.45)));
    }

    /** A small ring around a point that was caught or can be dragged. */
    public static Mark spot(PaperFrame frame, Point at, double radiusMm, double penMm) {
        return new Mark.Stroke(Path.circle(frame.paper(at), radiusMm), Pen.butt(1.6 * penMm), HONEY);
    }

    /** A filled handle. */
    public static List<Mark> handle(PaperFrame frame, Point at, double radiusMm, double penMm) {
        var path = Path.circle(frame.paper(at), radiusMm);
        return List.of(
                new Mark.Fill(path, Ink.of(Palette.PAPER.argb())), new Mark.Stroke(path, Pen.butt(1.5 * penMm), HONEY));
    }
}
