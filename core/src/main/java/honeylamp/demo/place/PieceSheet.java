package honeylamp.demo.place;

import honeylamp.catalogue.Palettes;
import honeylamp.catalogue.piece.FurnishingKind;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.catalogue.symbol.SideView;
import honeylamp.catalogue.symbol.SymbolShape;
import honeylamp.drawing.Drawing;
import honeylamp.drawing.Layer;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Mark;
import honeylamp.drawing.Remembered;
import honeylamp.drawing.ink.Ink;
import honeylamp.drawing.ink.Typeface;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.illustrate.furniture.FurnitureArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import honeylamp.plan.Role;
import honeylamp.sheet.ComposedPage;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;

/** Every kind of piece at three sizes from above, from the front and from the right, a family to a page. */
public final class PieceSheet {
    private static final double WIDTH_MM = 594;
    private static final double MARGIN_MM = 14;
    private static final double HEADING_MM = 18;
    private static final int COLUMNS = 3;
    private static final double FIELD_WIDE_MM = (WIDTH_MM - 2 * MARGIN_MM) / COLUMNS;
    private static final double FIELD_HIGH_MM = 70;

    /** Of a field so much is for one size: a picture from above, and below it two from its sides. */
    private static final double CELL_WIDE_MM = FIELD_WIDE_MM / 3;

    private static final double PLAN_HIGH_MM = 30;
    private static final double SIDE_HIGH_MM = 18;
    private static final double AROUND_MM = 3;
    private static final double[] SIZES = {0.8, 1, 1.25};

    private PieceSheet() {}

    /** A page for every family. */
    public static List<ComposedPage> pages() {
        var out = new ArrayList<ComposedPage>();
        for (var group : FurnishingKind.Group.values()) {
            out.add(page(
                    group,
                    Furnishings.all().stream().filter(k -> k.group() == group).toList()));
        }
        return out;
    }

    private static ComposedPage page(FurnishingKind.Group group, List<FurnishingKind> kinds) {
        var rows = (kinds.size() + COLUMNS - 1) / COLUMNS;
        var high = 2 * MARGIN_MM + HEADING_MM + rows * FIELD_HIGH_MM;
        var words = new ArrayList<Mark>();
        var pieces = new ArrayList<Mark>();
        words.add(words(group.label() + ": at 0.8, 1 and 1.25 of the usual size", MARGIN_MM, MARGIN_MM + 6, 4));
        for (var i = 0; i < kinds.size(); i++) {
            var left = MARGIN_MM + FIELD_WIDE_MM * (i % COLUMNS);
            var top = MARGIN_MM + HEADING_MM + FIELD_HIGH_MM * (i / COLUMNS);
            words.add(words(kinds.get(i).label(), left, top, 2.1));
            for (var k = 0; k < SIZES.length; k++) {
                field(pieces, kinds.get(i), SIZES[k], left + k * CELL_WIDE_MM, top + 4);
            }
        }
        var paper = new Mark.Fill(
                Figure.ring(new Box(0, 0, WIDTH_MM, high).ring()),
                Ink.of(Palettes.DAYLIGHT.of(Role.PAPER).argb()));
        return new ComposedPage(
                WIDTH_MM,
                high,
                PaperFrame.atOrigin(50),
                "Pieces, " + group.label().toLowerCase(java.util.Locale.ROOT),
                "",
                new Drawing(List.of(
                        Layer.of(LayerKind.PAPER, List.of(paper)),
                        Layer.of(LayerKind.FURNITURE, pieces),
                        Layer.of(LayerKind.LABELS, words))));
    }

    private static Mark words(String text, double x, double y, double high) {
        return new Mark.Text(
                text,
                new Point(x, y),
                high,
                Typeface.MEDIUM,
                0,
                Mark.Align.LEFT,
                0,
                Ink.of(Palettes.DAYLIGHT.of(Role.INK).argb()));
    }

    /** One size: all three pictures at the scale at which the largest of them fits. */
    private static void field(List<Mark> out, FurnishingKind kind, double size, double left, double top) {
        var piece = new Furnishing(
                new FurnishingId(7),
                kind.key(),
                Length.ofMm(kind.width().mm() * size),
                Length.ofMm(kind.depth().mm() * size),
                Length.ofMm(kind.height().mm() * size),
                Position.ORIGIN,
                0);
        var symbol = kind.symbol(piece);
        var plan = box(symbol.parts());
        var front = box(SideView.of(symbol, SideView.From.FRONT));
        var right = box(SideView.of(symbol, SideView.From.RIGHT));
        var wide = CELL_WIDE_MM - AROUND_MM;
        // the largest size decides, so that all three are seen to grow
        var largest = SIZES[SIZES.length - 1] / size;
        var scale = largest
                * Math.max(
                        Math.max(plan.width() / wide, plan.height() / PLAN_HIGH_MM),
                        Math.max(
                                (front.width() + right.width()) / (wide - AROUND_MM),
                                Math.max(front.maxY(), right.maxY()) / SIDE_HIGH_MM));
        scale = Math.max(scale, 20);
        var middle = new PaperFrame(
                scale,
                left + wide / 2 - (plan.minX() + plan.maxX()) / 2 / scale,
                top + PLAN_HIGH_MM / 2 + (plan.minY() + plan.maxY()) / 2 / scale);
        var art = new FurnitureArt(middle, Pens.usual(50), Lamp.COLOUR, new Remembered());
        for (var level : SymbolShape.Level.values()) {
            out.addAll(art.marks(List.of(piece), level));
        }
        var foot = top + PLAN_HIGH_MM + SIDE_HIGH_MM + 5;
        side(out, art, piece, SideView.From.FRONT, scale, left - front.minX() / scale, foot);
        side(
                out,
                art,
                piece,
                SideView.From.RIGHT,
                scale,
                left + front.width() / scale + AROUND_MM - right.minX() / scale,
                foot);
    }

    private static void side(
            List<Mark> out,
            FurnitureArt art,
            Furnishing piece,
            SideView.From from,
            double scale,
            double x,
            double foot) {
        var there = new PaperFrame(scale, x, foot);
        out.addAll(art.fromSide(piece, from, Affine.IDENTITY.then(there.toPaper())));
    }

    private static Box box(List<SymbolShape> shapes) {
        return shapes.stream().map(p -> p.path().bounds()).reduce(Box::union).orElseThrow();
    }
}
