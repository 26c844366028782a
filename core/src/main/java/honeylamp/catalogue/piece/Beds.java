package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** Beds, and what stands beside them. */
final class Beds {
    private static final double HEADBOARD = 70;
    private static final double PILLOW_DEEP = 430;
    private static final double MATTRESS = 0.55;

    private Beds() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.SLEEPING, Stand.AT_WALL);
        return List.of(
                wall.kind("bed", "Bed", Beds::bed)
                        .called("single double king queen")
                        .mm(1600, 2050, 900)
                        .mm(900, 2050, 900)
                        .mm(1200, 2050, 900)
                        .mm(1400, 2050, 900)
                        .mm(1800, 2050, 900)
                        .mm(2000, 2150, 900)
                        .in(60, 83, 36)
                        .in(39, 78, 36)
                        .in(54, 78, 36)
                        .in(76, 83, 36),
                wall.kind("bedside-table", "Bedside table", Beds::bedside)
                        .called("nightstand night")
                        .mm(450, 400, 500)
                        .mm(400, 350, 500)
                        .mm(550, 450, 500),
                wall.kind("bed-upholstered", "Upholstered bed", Beds::upholstered)
                        .mm(1800, 2200, 1100)
                        .mm(1600, 2200, 1100)
                        .mm(1400, 2200, 1100),
                wall.kind("bunk-bed", "Bunk bed", Beds::bunk).mm(980, 2050, 1650),
                wall.kind("dressing-table", "Dressing table with stool", Beds::dressing)
                        .called("vanity")
                        .mm(1000, 450, 750),
                wall.kind("bed-drawers", "Bed with drawers", Beds::withDrawers)
                        .called("storage captain")
                        .mm(1400, 2050, 850)
                        .mm(900, 2050, 850),
                wall.kind("bed-four-poster", "Four-poster bed", Beds::fourPoster)
                        .mm(1700, 2150, 2000),
                wall.kind("wall-bed", "Wall bed, let down", Beds::wallBed)
                        .called("folding bed")
                        .mm(1500, 2200, 500),
                wall.kind("loft-bed", "Loft bed with desk", Beds::loft).mm(980, 2050, 1850),
                wall.kind("blanket-chest", "Blanket chest", Beds::chest)
                        .called("ottoman trunk")
                        .mm(1200, 450, 450));
    }

    private static void bed(PiecePen pen) {
        frame(pen, HEADBOARD, Role.TIMBER, SymbolPen.CRISP);
        made(pen, HEADBOARD);
    }

    private static void frame(PiecePen pen, double headboard, Role role, double soft) {
        var w = pen.w;
        var d = pen.d;
        pen.legs(0, 180, 60, 20, role);
        pen.standing(-w, -d, w, d, 150, 300, 12, role);
        pen.standing(-w, d - headboard, w, d, 0, pen.h, soft, role);
        pen.box(-w, d - headboard, w, d, soft, role);
    }

    /** Mattress, pillows, a cover with its fold. */
    private static void made(PiecePen pen, double headboard) {
        var w = pen.w;
        var d = pen.d;
        var lying = pen.h * MATTRESS;
        var top = d - headboard;
        var cover = top - PILLOW_DEEP - 190;
        var fold = Math.min(300, 2 * d * 0.15);
        pen.standing(-w + 15, -d, w - 15, top, 280, lying, 45, Role.LINEN);
        pen.standing(-w + 2, -d - 18, w - 2, cover, 240, lying + 15, 45, Role.TEXTILE_WARM);
        pen.box(-w + 15, -d, w - 15, top, SymbolPen.SOFT, Role.LINEN);
        pen.on(Level.TOP, () -> {
            pillows(pen, w - 15, top - PILLOW_DEEP / 2 - 50, lying);
            pen.shape(coverPath(w - 2, -d - 18, cover, fold), Role.TEXTILE_WARM, Edge.OUTLINE, Detail.PLAIN);
            pen.innerBox(-w + 2, cover - fold, w - 2, cover, 22, Role.LINEN, Detail.PLAIN);
            pen.innerBox(-w + 2, -d + 2 * d * 0.1, w - 2, -d + 2 * d * 0.32, 10, Role.CUSHION_COOL, Detail.DRAWN);
            seams(pen, w, -d, cover - fold);
        });
    }

    /** As many pillows as sleepers, with equal gaps: (width − n·pillow) ÷ (n + 1). */
    private static void pillows(PiecePen pen, double halfWidth, double y, double lying) {
        var n = halfWidth < 575 ? 1 : halfWidth < 1100 ? 2 : 3;
        var pillow = Math.min(700, (2 * halfWidth - (n + 1) * 45) / n);
        var gap = (2 * halfWidth - n * pillow) / (n + 1);
        for (var i = 0; i < n; i++) {
            var x = -halfWidth + gap + pillow / 2 + i * (pillow + gap);
            pen.standing(
                    x - pillow / 2,
                    y - PILLOW_DEEP / 2,
                    x + pillow / 2,
                    y + PILLOW_DEEP / 2,
                    lying,
                    lying + 130,
                    60,
                    Role.LINEN);
            pen.within(Affine.move(x, y), () -> {
                pen.shape(PiecePen.pillow(pillow, PILLOW_DEEP), Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
                pen.inner(-pillow * 0.28, 22, pillow * 0.2, 34, Detail.RICH);
            });
        }
    }

    private static Figure coverPath(double w, double y0, double y1, double fold) {
        var path = Figure.builder();
        path.moveTo(-w, y1);
        path.lineTo(-w - 10, y0 + 60);
        path.curveTo(-w - 10, y0, -w + 20, y0 - 6, -w + 70, y0);
        path.curveTo(-w * 0.4, y0 + 12, w * 0.4, y0 + 12, w - 70, y0);
        path.curveTo(w - 20, y0 - 6, w + 10, y0, w + 10, y0 + 60);
        path.lineTo(w, y1 - fold * 0.2);
        path.lineTo(w, y1);
        path.close();
        return path.build();
    }

    private static void seams(PiecePen pen, double w, double y0, double y1) {
        var lines = (int) Math.max(1, w / 320);
        for (var i = 0; i < lines; i++) {
            var x = -w + 2 * w * (i + 1) / (lines + 1) + 40 * pen.either(i, 1);
            pen.inner(x, y0 + 60 + 160 * pen.chance(i, 2), x + 30 * pen.either(i, 3), y1 - 40, Detail.RICH);
        }
    }

    private static void upholstered(PiecePen pen) {
        var board = 130.0;
        frame(pen, board, Role.TEXTILE, SymbolPen.SOFT);
        var panels = PiecePen.many(2 * pen.w, 400, 2);
        for (var i = 1; i < panels; i++) {
            var x = -pen.w + 2 * pen.w * i / panels;
            pen.inner(x, pen.d - board, x, pen.d, Detail.DRAWN);
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d - board, SymbolPen.SOFT, Role.TEXTILE);
        made(pen, board);
    }

    private static void withDrawers(PiecePen pen) {
        bed(pen);
        pen.drawers(-pen.w, pen.w, 60, 280, PiecePen.many(2 * pen.w, 700, 1), 1);
        for (var x : new double[] {-pen.w, pen.w}) {
            pen.inner(x, -pen.d + 60, x, 0, Detail.PLAIN);
        }
    }

    private static void fourPoster(PiecePen pen) {
        frame(pen, HEADBOARD, Role.TIMBER_DARK, SymbolPen.CRISP);
        made(pen, HEADBOARD);
        pen.legs(0, pen.h, 80, 0, Role.TIMBER_DARK);
        for (var x : new double[] {-pen.w + 40, pen.w - 40}) {
            for (var y : new double[] {-pen.d + 40, pen.d - 40}) {
                pen.on(
                        Level.TOP,
                        () -> pen.innerBox(x - 40, y - 40, x + 40, y + 40, 6, Role.TIMBER_DARK, Detail.PLAIN));
            }
        }
        pen.standing(-pen.w, -pen.d, pen.w, -pen.d + 60, pen.h - 90, pen.h, 6, Role.TIMBER_DARK);
    }

    /** Let down from a case as deep as a shelf. */
    private static void wallBed(PiecePen pen) {
        var box = Math.min(400, pen.d * 0.4);
        pen.standing(-pen.w, pen.d - box, pen.w, pen.d, 0, pen.h, 4, Role.BODY);
        pen.box(-pen.w, pen.d - box, pen.w, pen.d, 4, Role.BODY);
        made(pen, box);
    }

    private static void bunk(PiecePen pen) {
        var post = 60.0;
        pen.legs(0, pen.h, post, 0, Role.TIMBER);
        for (var low : new double[] {250, pen.h - 450}) {
            pen.standing(-pen.w, -pen.d, pen.w, pen.d, low, low + 110, 6, Role.TIMBER);
            pen.standing(-pen.w + 40, -pen.d + 30, pen.w - 40, pen.d - 30, low + 110, low + 240, 40, Role.LINEN);
        }
        pen.standing(-pen.w, -pen.d, pen.w, -pen.d + 30, pen.h - 120, pen.h - 60, 6, Role.TIMBER);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.TIMBER);
        pen.innerBox(-pen.w + 45, -pen.d + 45, pen.w - 45, pen.d - 45, 40, Role.LINEN, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pillows(pen, pen.w - 50, pen.d - 45 - PILLOW_DEEP / 2 - 30, pen.h - 210);
            pen.innerBox(-pen.w + 45, -pen.d + 45, pen.w - 45, pen.d - 640, 25, Role.TEXTILE_WARM, Detail.PLAIN);
            ladder(pen, -pen.w - 60, -pen.d + 150);
        });
    }

    /** Two stiles and rungs, seen from above along a long side. */
    private static void ladder(PiecePen pen, double x, double y) {
        pen.innerBox(x, y, x + 60, y + 30, 4, Role.TIMBER, Detail.PLAIN);
        pen.innerBox(x, y + 350, x + 60, y + 380, 4, Role.TIMBER, Detail.PLAIN);
        pen.inner(x + 15, y + 30, x + 15, y + 350, Detail.PLAIN);
        pen.inner(x + 40, y + 30, x + 40, y + 350, Detail.PLAIN);
    }

    private static void loft(PiecePen pen) {
        pen.standing(-pen.w + 60, -pen.d + 100, pen.w - 60, 0, 700, 740, 4, Role.TIMBER);
        bunkAbove(pen);
    }

    private static void bunkAbove(PiecePen pen) {
        var low = pen.h - 450;
        pen.legs(0, pen.h, 60, 0, Role.TIMBER);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, low, low + 110, 6, Role.TIMBER);
        pen.standing(-pen.w + 40, -pen.d + 30, pen.w - 40, pen.d - 30, low + 110, low + 240, 40, Role.LINEN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.TIMBER);
        pen.innerBox(-pen.w + 45, -pen.d + 45, pen.w - 45, pen.d - 45, 40, Role.LINEN, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pillows(pen, pen.w - 50, pen.d - 45 - PILLOW_DEEP / 2 - 30, pen.h - 210);
            pen.innerBox(-pen.w + 45, -pen.d + 45, pen.w - 45, pen.d - 640, 25, Role.TEXTILE, Detail.PLAIN);
            ladder(pen, -pen.w - 60, -pen.d + 150);
        });
        pen.inner(-pen.w, -pen.d + 700, pen.w, -pen.d + 700, Detail.DRAWN);
    }

    private static void bedside(PiecePen pen) {
        pen.legs(0, 120, 30, 20, Role.TIMBER);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, 120, pen.h, SymbolPen.CRISP, Role.TIMBER);
        pen.drawers(-pen.w, pen.w, 130, pen.h - 20, 1, PiecePen.many(pen.h - 150, 190, 1));
        pen.on(Level.TOP, () -> {
            pen.circle(0, pen.d * 0.1, Math.min(130, pen.w * 0.62), Role.LINEN, Edge.INNER, Detail.DRAWN);
            pen.circle(0, pen.d * 0.1, Math.min(40, pen.w * 0.2), Role.BODY, Edge.INNER, Detail.RICH);
        });
    }

    private static void dressing(PiecePen pen) {
        pen.stool(0, -pen.d - 90, 190, 450);
        pen.table(30, SymbolPen.CRISP, 40, Role.TIMBER);
        pen.drawers(-pen.w, pen.w, pen.h - 170, pen.h - 30, 3, 1);
        pen.standing(-pen.w * 0.5, pen.d - 40, pen.w * 0.5, pen.d - 15, pen.h, pen.h + 550, 200, Role.GLASS);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-pen.w * 0.5, pen.d - 40, pen.w * 0.5, pen.d - 15, 6, Role.GLASS, Detail.PLAIN);
            pen.circle(-pen.w * 0.72, 0, 45, Role.CUSHION, Edge.INNER, Detail.DRAWN);
            pen.circle(-pen.w * 0.55, 40, 28, Role.METAL, Edge.INNER, Detail.RICH);
        });
    }

    private static void chest(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.TIMBER);
        pen.frontLine(-pen.w, pen.h - 70, pen.w, pen.h - 70, Detail.PLAIN);
        pen.grain(40);
        pen.inner(-pen.w, pen.d - 60, pen.w, pen.d - 60, Detail.PLAIN);
        pen.innerBox(-40, -pen.d, 40, -pen.d + 18, 3, Role.METAL, Detail.DRAWN);
    }
}
