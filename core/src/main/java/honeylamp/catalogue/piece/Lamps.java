package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Hang;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** Lamps; those that hang are seen as dashes from above. */
final class Lamps {
    private Lamps() {}

    static List<FurnishingKind> kinds() {
        var free = new Shelf(Group.LAMPS, Stand.FREE);
        var above = new Shelf(Group.LAMPS, Stand.ABOVE);
        return List.of(
                free.kind("floor-lamp", "Standard lamp", Lamps::standard)
                        .called("floor")
                        .mm(450, 450, 1600),
                free.kind("floor-lamp-arc", "Arc lamp", Lamps::arc)
                        .called("floor bow")
                        .mm(450, 1600, 2000),
                free.kind("reading-lamp", "Reading lamp", Lamps::reading)
                        .called("floor")
                        .mm(300, 450, 1400),
                free.kind("table-lamp", "Table lamp", Lamps::tableLamp)
                        .stands(Stand.ON_TOP)
                        .hangs(740)
                        .mm(300, 300, 480),
                free.kind("desk-lamp", "Desk lamp", Lamps::deskLamp)
                        .stands(Stand.ON_TOP)
                        .hangs(740)
                        .mm(200, 450, 450),
                above.kind("pendant", "Hanging lamp", Lamps::pendant)
                        .called("pendant ceiling")
                        .hangs(1500)
                        .hangs(Hang.ON_CORD)
                        .mm(450, 450, 900)
                        .mm(300, 300, 900),
                above.kind("pendant-row", "Row of hanging lamps", Lamps::pendantRow)
                        .called("pendant dining")
                        .hangs(1500)
                        .hangs(Hang.ON_CORD)
                        .mm(1200, 250, 900),
                above.kind("ceiling-lamp", "Ceiling lamp", Lamps::ceiling)
                        .hangs(2400)
                        .hangs(Hang.CLOSE)
                        .mm(450, 450, 110),
                above.kind("chandelier", "Chandelier", Lamps::chandelier)
                        .hangs(1700)
                        .hangs(Hang.ON_CORD)
                        .mm(800, 800, 700),
                above.kind("wall-lamp", "Wall lamp", Lamps::wallLamp)
                        .called("sconce")
                        .hangs(1600)
                        .mm(150, 200, 300));
    }

    private static void shade(PiecePen pen, double r) {
        pen.circle(0, 0, r, Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r * 0.42, Role.LINEN, Edge.INNER, Detail.PLAIN);
        pen.circle(0, 0, r * 0.12, Role.METAL, Edge.INNER, Detail.DRAWN);
    }

    private static void standard(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-r * 0.6, -r * 0.6, r * 0.6, r * 0.6, 0, 25, 8, Role.METAL);
        pen.standing(-12, -12, 12, 12, 25, pen.h - 320, 4, Role.METAL);
        pen.standing(Figure.circle(Point.ORIGIN, r).flattened(4), pen.h - 320, pen.h, 20, Role.LINEN);
        shade(pen, r);
    }

    private static void arc(PiecePen pen) {
        var r = Math.min(pen.w, 260);
        pen.body(-150, pen.d - 300, 150, pen.d, 0, 60, 20, Role.METAL);
        pen.standing(-10, pen.d - 160, 10, pen.d - 140, 60, pen.h, 4, Role.METAL);
        pen.standing(-10, -pen.d + r, 10, pen.d - 150, pen.h - 30, pen.h, 12, Role.METAL);
        pen.standing(-r, -pen.d, r, -pen.d + 2 * r, pen.h - 350, pen.h - 60, 60, Role.METAL);
        pen.on(Level.TOP, () -> {
            pen.inner(-9, -pen.d + r, -9, pen.d - 150, Detail.PLAIN);
            pen.inner(9, -pen.d + r, 9, pen.d - 150, Detail.PLAIN);
            pen.circle(0, -pen.d + r, r, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
            pen.circle(0, -pen.d + r, r * 0.4, Role.LINEN, Edge.INNER, Detail.PLAIN);
        });
    }

    private static void reading(PiecePen pen) {
        pen.standing(-pen.w, pen.d - 2 * pen.w, pen.w, pen.d, 0, 25, 8, Role.METAL);
        pen.circle(0, pen.d - pen.w, pen.w, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
        pen.standing(-10, pen.d - pen.w - 10, 10, pen.d - pen.w + 10, 25, pen.h, 4, Role.METAL);
        pen.standing(-80, -pen.d, 80, -pen.d + 160, pen.h - 130, pen.h, 30, Role.DARK);
        pen.on(Level.TOP, () -> {
            pen.box(-9, -pen.d + 80, 9, pen.d - pen.w, 6, Role.METAL);
            pen.circle(0, -pen.d + 80, 80, Role.DARK, Edge.OUTLINE, Detail.PLAIN);
        });
    }

    private static void tableLamp(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-r * 0.5, -r * 0.5, r * 0.5, r * 0.5, 0, pen.h * 0.5, 40, Role.CUSHION_COOL);
        pen.standingRound(0, 0, r, pen.h * 0.5, pen.h, 20, Role.LINEN);
        shade(pen, r);
    }

    private static void deskLamp(PiecePen pen) {
        pen.standing(-pen.w, pen.d - 2 * pen.w, pen.w, pen.d, 0, 20, 6, Role.METAL);
        pen.standing(-8, pen.d - pen.w - 8, 8, pen.d - pen.w + 8, 20, pen.h, 4, Role.METAL);
        pen.standing(-60, -pen.d, 60, -pen.d + 120, pen.h - 90, pen.h, 25, Role.DARK);
        pen.circle(0, pen.d - pen.w, pen.w, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
        pen.box(-8, -pen.d + 60, 8, pen.d - pen.w, 5, Role.METAL);
        pen.circle(0, -pen.d + 65, 62, Role.DARK, Edge.OUTLINE, Detail.PLAIN);
    }

    private static void pendant(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-4, -4, 4, 4, 260, pen.h, 2, Role.DARK);
        pen.standingRound(0, 0, r, 0, 260, 70, Role.LINEN);
        shade(pen, r);
        pen.cross(r);
    }

    private static void pendantRow(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, 400, 2);
        var r = Math.min(pen.d, pen.w / many);
        pen.standing(-pen.w, -30, pen.w, 30, pen.h - 30, pen.h, 4, Role.METAL);
        pen.line(SymbolPen.boxPath(-pen.w, -20, pen.w, 20, 4), Edge.OUTLINE, Detail.PLAIN);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            pen.standing(x - 4, -4, x + 4, 4, 200, pen.h - 30, 2, Role.DARK);
            pen.standingRound(x, 0, r, 0, 200, 40, Role.DARK);
            pen.circle(x, 0, r, Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
        }
    }

    private static void ceiling(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standingRound(0, 0, r, 0, pen.h, 40, Role.LINEN);
        pen.circle(0, 0, r, Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
        pen.cross(r);
    }

    private static void chandelier(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-6, -6, 6, 6, 200, pen.h, 2, Role.METAL);
        pen.standing(-r, -20, r, 20, 150, 180, 10, Role.METAL);
        for (var i = 0; i < 8; i++) {
            var a = Point.direction(45.0 * i).times(r - 55);
            pen.standing(a.x() - 30, a.y() - 30, a.x() + 30, a.y() + 30, 180, 330, 20, Role.LINEN);
            pen.line(Figure.line(Point.ORIGIN, a), Edge.OUTLINE, Detail.PLAIN);
            pen.circle(a.x(), a.y(), 55, Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
        }
    }

    private static void wallLamp(PiecePen pen) {
        pen.standing(-30, pen.d - 20, 30, pen.d, 0, pen.h, 4, Role.METAL);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d - 60, pen.h * 0.3, pen.h, 20, Role.LINEN);
        pen.box(-30, pen.d - 20, 30, pen.d, 3, Role.METAL);
        pen.oval(0, -30, pen.w, pen.d - 30, Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
    }
}
