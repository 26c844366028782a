package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** Rugs, curtains, and what makes a room somebody's. */
final class Decor {
    /** Half as thick as cloth is drawn that hangs in folds. */
    private static final double CLOTH = 16;

    private Decor() {}

    static List<FurnishingKind> kinds() {
        var floor = new Shelf(Group.DECOR, Stand.UNDERFOOT);
        var wall = new Shelf(Group.DECOR, Stand.AT_WALL);
        var free = new Shelf(Group.DECOR, Stand.FREE);
        var top = new Shelf(Group.DECOR, Stand.ON_TOP);
        return List.of(
                floor.kind("rug", "Rug", Decor::rug)
                        .called("carpet")
                        .mm(2400, 1700, 12)
                        .mm(1700, 1200, 12)
                        .mm(3000, 2000, 12)
                        .in(96, 60, 0.5)
                        .in(120, 96, 0.5),
                wall.kind("curtains", "Curtains on a rail", Decor::curtains)
                        .givesWay()
                        .called("drapes window")
                        .mm(2000, 120, 2400)
                        .mm(1500, 120, 2400)
                        .mm(2600, 120, 2400),
                floor.kind("runner", "Runner", Decor::runner)
                        .called("rug hall carpet")
                        .mm(2400, 700, 12)
                        .mm(3000, 800, 12),
                wall.kind("picture", "Picture", Decor::picture)
                        .called("painting art frame")
                        .hangs(1200)
                        .mm(800, 30, 600)
                        .mm(500, 30, 700)
                        .mm(1200, 30, 800),
                wall.kind("mirror", "Mirror", Decor::mirror)
                        .called("looking glass")
                        .hangs(1000)
                        .mm(700, 30, 900)
                        .mm(500, 30, 1300),
                floor.kind("rug-round", "Round rug", Decor::rugRound)
                        .called("carpet")
                        .mm(1800, 1800, 12)
                        .mm(1200, 1200, 12)
                        .mm(2400, 2400, 12),
                floor.kind("hide", "Sheepskin", Decor::hide).called("fur rug").mm(650, 1050, 25),
                floor.kind("doormat", "Doormat", Decor::doormat).mm(750, 450, 15),
                wall.kind("curtain-side", "Curtain drawn to one side", Decor::curtainSide)
                        .givesWay()
                        .called("drapes window")
                        .mm(350, 140, 2400),
                wall.kind("blind", "Roller blind", Decor::blind).hangs(900).mm(1200, 70, 1400),
                wall.kind("pictures-row", "Three pictures", Decor::pictures)
                        .called("painting art frame gallery")
                        .hangs(1250)
                        .mm(1500, 30, 600),
                wall.kind("clock", "Wall clock", Decor::clock).hangs(1700).mm(350, 50, 350),
                wall.kind("wall-hanging", "Wall hanging", Decor::hanging)
                        .called("tapestry textile")
                        .hangs(900)
                        .mm(1000, 40, 1300),
                free.kind("room-screen", "Folding screen", Decor::screen)
                        .called("room divider paravent")
                        .mm(1600, 350, 1750),
                free.kind("vase-floor", "Floor vase", Decor::floorVase).mm(320, 320, 900),
                top.kind("vase", "Vase with twigs", Decor::vase).hangs(740).mm(280, 280, 450),
                top.kind("books", "Pile of books", Decor::books).hangs(400).mm(260, 200, 120),
                top.kind("bowl", "Bowl of fruit", Decor::bowl)
                        .called("dish")
                        .hangs(740)
                        .mm(300, 300, 110),
                top.kind("tray", "Tray with cups", Decor::tray)
                        .called("tea coffee")
                        .hangs(400)
                        .mm(450, 300, 90),
                top.kind("table-set", "Place set", Decor::place)
                        .called("plate cutlery")
                        .hangs(740)
                        .mm(450, 330, 20),
                top.kind("candles", "Candles", Decor::candles).hangs(740).mm(300, 120, 220),
                top.kind("cushion", "Cushion", Decor::cushion)
                        .called("pillow")
                        .hangs(430)
                        .mm(450, 200, 400),
                top.kind("throw", "Throw", Decor::throwOver)
                        .called("blanket plaid")
                        .hangs(430)
                        .mm(500, 1300, 20),
                top.kind("towels", "Folded towels", Decor::towels).hangs(850).mm(320, 250, 180));
    }

    private static void rug(PiecePen pen) {
        var border = Math.min(140, 2 * pen.d * 0.1);
        for (var y = -pen.d + 20; y < pen.d; y += 45) {
            pen.inner(-pen.w - 55, y, -pen.w, y, Detail.RICH);
            pen.inner(pen.w, y, pen.w + 55, y, Detail.RICH);
        }
        flat(pen, Role.RUG_BORDER);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 8, Role.RUG_BORDER);
        pen.innerBox(-pen.w + border, -pen.d + border, pen.w - border, pen.d - border, 4, Role.RUG, Detail.PLAIN);
        var inset = border + 70;
        pen.line(
                SymbolPen.boxPath(-pen.w + inset, -pen.d + inset, pen.w - inset, pen.d - inset, 4),
                Edge.INNER,
                Detail.DRAWN);
    }

    private static void flat(PiecePen pen, Role role) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 4, role);
    }

    private static void rugRound(PiecePen pen) {
        flat(pen, Role.RUG_BORDER);
        pen.oval(0, 0, pen.w, pen.d, Role.RUG_BORDER, Edge.OUTLINE, Detail.PLAIN);
        pen.oval(0, 0, pen.w - 90, pen.d - 90, Role.RUG, Edge.INNER, Detail.PLAIN);
        pen.line(
                Figure.builder()
                        .ellipse(Point.ORIGIN, pen.w * 0.62, pen.d * 0.62)
                        .build(),
                Edge.INNER,
                Detail.DRAWN);
        pen.line(
                Figure.builder().ellipse(Point.ORIGIN, pen.w * 0.3, pen.d * 0.3).build(), Edge.INNER, Detail.DRAWN);
    }

    private static void runner(PiecePen pen) {
        rug(pen);
        var many = PiecePen.many(2 * pen.w, 420, 3);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            var r = pen.d * 0.38;
            var rhomb = Figure.builder();
            rhomb.line(
                    new Point(x - r, 0), new Point(x, r), new Point(x + r, 0), new Point(x, -r), new Point(x - r, 0));
            pen.line(rhomb.build(), Edge.INNER, Detail.DRAWN);
        }
    }

    private static void hide(PiecePen pen) {
        flat(pen, Role.LINEN);
        var path = Figure.builder();
        path.moveTo(0, -pen.d);
        path.curveTo(pen.w * 0.5, -pen.d * 0.95, pen.w, -pen.d, pen.w * 0.9, -pen.d * 0.6);
        path.curveTo(pen.w * 0.75, -pen.d * 0.2, pen.w * 0.75, pen.d * 0.2, pen.w * 0.95, pen.d * 0.55);
        path.curveTo(pen.w, pen.d * 0.9, pen.w * 0.4, pen.d * 0.85, 0, pen.d);
        path.curveTo(-pen.w * 0.4, pen.d * 0.85, -pen.w, pen.d * 0.9, -pen.w * 0.95, pen.d * 0.55);
        path.curveTo(-pen.w * 0.75, pen.d * 0.2, -pen.w * 0.75, -pen.d * 0.2, -pen.w * 0.9, -pen.d * 0.6);
        path.curveTo(-pen.w, -pen.d, -pen.w * 0.5, -pen.d * 0.95, 0, -pen.d);
        path.close();
        pen.shape(path.build(), Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
        for (var i = 0; i < 14; i++) {
            var x = pen.w * 0.65 * pen.either(i, 1);
            var y = pen.d * 0.75 * pen.either(i, 2);
            pen.inner(x, y, x + 25 * pen.either(i, 3), y - 50, Detail.RICH);
        }
    }

    private static void doormat(PiecePen pen) {
        flat(pen, Role.TIMBER_DARK);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 8, Role.TIMBER_DARK);
        pen.line(SymbolPen.boxPath(-pen.w + 40, -pen.d + 40, pen.w - 40, pen.d - 40, 4), Edge.INNER, Detail.DRAWN);
    }

    /** A wave of cloth between two lines of depth, of folds about so wide. */
    private static void folds(PiecePen pen, double x0, double x1) {
        var many = PiecePen.many(Math.abs(x1 - x0), 110, 1);
        var path = Figure.builder();
        path.moveTo(x0, -CLOTH);
        for (var i = 0; i < many; i++) {
            wave(path, x0 + (x1 - x0) * i / many, x0 + (x1 - x0) * (i + 1) / many, -CLOTH, -pen.d + CLOTH);
        }
        path.lineTo(x1, CLOTH);
        for (var i = many; i > 0; i--) {
            wave(path, x0 + (x1 - x0) * i / many, x0 + (x1 - x0) * (i - 1) / many, CLOTH, pen.d - CLOTH);
        }
        path.close();
        pen.shape(path.build(), Role.LINEN, Edge.INNER, Detail.PLAIN);
        pen.standing(Math.min(x0, x1), -pen.d, Math.max(x0, x1), pen.d, 20, pen.h - 60, 6, Role.LINEN);
        for (var i = 1; i < 2 * many; i++) {
            var x = x0 + (x1 - x0) * i / (2.0 * many);
            pen.frontLine(x, 30, x, pen.h - 60, Detail.DRAWN);
        }
    }

    /** One fold: to one side and back, then to the other and back, about a line of depth. */
    private static void wave(Figure.Builder path, double a, double b, double y, double reach) {
        path.curveTo(a + (b - a) * 0.3, y + reach, a + (b - a) * 0.35, y + reach, (a + b) / 2, y);
        path.curveTo(a + (b - a) * 0.65, y - reach, a + (b - a) * 0.7, y - reach, b, y);
    }

    private static void rail(PiecePen pen) {
        pen.standing(-pen.w, -12, pen.w, 12, pen.h - 60, pen.h - 35, 10, Role.METAL);
        pen.inner(-pen.w, 0, pen.w, 0, Detail.PLAIN);
        for (var x : new double[] {-pen.w, pen.w}) {
            pen.circle(x, 0, 22, Role.METAL, Edge.INNER, Detail.DRAWN);
        }
    }

    /** Drawn to both sides, a quarter of the rail each. */
    private static void curtains(PiecePen pen) {
        rail(pen);
        folds(pen, -pen.w, -pen.w * 0.5);
        folds(pen, pen.w * 0.5, pen.w);
    }

    private static void curtainSide(PiecePen pen) {
        rail(pen);
        folds(pen, -pen.w, pen.w);
    }

    private static void blind(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 70, pen.h, 10, Role.BODY);
        pen.standing(-pen.w + 20, -4, pen.w - 20, 4, pen.h * 0.35, pen.h - 70, 2, Role.LINEN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 20, Role.BODY);
        pen.inner(-pen.w + 15, 0, pen.w - 15, 0, Detail.DRAWN);
    }

    private static void framed(PiecePen pen, double x0, double x1, Role role) {
        pen.standing(x0, -pen.d, x1, pen.d, 0, pen.h, 4, Role.TIMBER_DARK);
        pen.front(-pen.d, SymbolPen.boxPath(x0 + 30, 30, x1 - 30, pen.h - 30, 2), Role.LINEN, Edge.INNER, Detail.PLAIN);
        pen.front(-pen.d, SymbolPen.boxPath(x0 + 90, 90, x1 - 90, pen.h - 90, 2), role, Edge.INNER, Detail.DRAWN);
        pen.box(x0, -pen.d, x1, pen.d, 2, Role.TIMBER_DARK);
    }

    private static void picture(PiecePen pen) {
        framed(pen, -pen.w, pen.w, Role.TEXTILE);
    }

    private static void pictures(PiecePen pen) {
        var gap = 80.0;
        var one = (2 * pen.w - 2 * gap) / 3;
        for (var i = 0; i < 3; i++) {
            var x = -pen.w + i * (one + gap);
            framed(pen, x, x + one, i == 1 ? Role.CUSHION_COOL : Role.CUSHION);
        }
    }

    private static void mirror(PiecePen pen) {
        pen.whole(4, Role.TIMBER);
        pen.frontBox(-pen.w + 35, 35, pen.w - 35, pen.h - 35, 4, Role.GLASS);
        pen.inner(-pen.w + 35, -pen.d + 8, pen.w - 35, -pen.d + 8, Detail.DRAWN);
    }

    private static void clock(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, pen.w, Role.LINEN);
        pen.frontLine(0, pen.h / 2, 0, pen.h * 0.85, Detail.PLAIN);
        pen.frontLine(0, pen.h / 2, pen.w * 0.5, pen.h * 0.5, Detail.PLAIN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 15, Role.LINEN);
    }

    private static void hanging(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 40, pen.h, 10, Role.TIMBER);
        pen.standing(-pen.w + 40, -10, pen.w - 40, 10, 60, pen.h - 40, 2, Role.RUG);
        for (var z = 200.0; z < pen.h - 100; z += 180) {
            pen.frontLine(-pen.w + 40, z, pen.w - 40, z, Detail.DRAWN);
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 10, Role.RUG);
    }

    /** Panels in a zigzag. */
    private static void screen(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, 450, 2);
        for (var i = 0; i < many; i++) {
            var a = new Point(-pen.w + 2 * pen.w * i / many, i % 2 == 0 ? -pen.d : pen.d);
            var b = new Point(-pen.w + 2 * pen.w * (i + 1) / many, i % 2 == 0 ? pen.d : -pen.d);
            var n = b.minus(a).unit().left().times(16);
            var path = Figure.builder();
            path.line(a.plus(n), b.plus(n), b.minus(n), a.minus(n), a.plus(n));
            pen.standing(a.x(), -pen.d, b.x(), pen.d, 0, pen.h, 6, Role.TIMBER);
            pen.frontBox(a.x() + 40, 60, b.x() - 40, pen.h - 60, 4, Role.LINEN);
            pen.shape(path.build(), Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        }
    }

    private static void floorVase(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standingRound(0, 0, r, 0, pen.h * 0.7, r * 0.7, Role.CUSHION_COOL);
        pen.standing(-r * 0.5, -r * 0.5, r * 0.5, r * 0.5, pen.h * 0.6, pen.h, 20, Role.CUSHION_COOL);
        pen.circle(0, 0, r, Role.CUSHION_COOL, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r * 0.55, Role.CUSHION_COOL, Edge.INNER, Detail.PLAIN);
        pen.circle(0, 0, r * 0.42, Role.DARK, Edge.INNER, Detail.PLAIN);
    }

    private static void vase(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-r * 0.45, -r * 0.45, r * 0.45, r * 0.45, 0, pen.h * 0.5, 30, Role.BODY);
        pen.crown(0, 2 * r, pen.h * 0.45, pen.h, Role.LEAF);
        pen.circle(0, 0, r * 0.45, Role.BODY, Edge.OUTLINE, Detail.PLAIN);
        pen.leaves(0, 0, r, 0, 7, r * 0.28, Role.LEAF, Detail.PLAIN);
        pen.leaves(0, 0, r * 0.6, 1, 5, r * 0.25, Role.LEAF_LIGHT, Detail.DRAWN);
    }

    private static void books(PiecePen pen) {
        var roles = new Role[] {Role.CUSHION_COOL, Role.LINEN, Role.CUSHION};
        for (var i = 0; i < 3; i++) {
            var shrink = 1 - 0.1 * i;
            var role = roles[i];
            pen.standing(
                    -pen.w * shrink,
                    -pen.d * shrink,
                    pen.w * shrink,
                    pen.d * shrink,
                    pen.h * i / 3,
                    pen.h * (i + 1) / 3,
                    2,
                    role);
            pen.within(
                    Affine.turn(-6.0 + 9 * i),
                    () -> pen.box(-pen.w * shrink, -pen.d * shrink, pen.w * shrink, pen.d * shrink, 3, role));
        }
    }

    private static void bowl(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standingRound(0, 0, r, 0, pen.h, 50, Role.PORCELAIN);
        pen.circle(0, 0, r, Role.PORCELAIN, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r * 0.82, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        var roles = new Role[] {Role.CUSHION, Role.LEAF_LIGHT, Role.TIMBER, Role.CUSHION};
        for (var i = 0; i < 4; i++) {
            var a = Point.direction(20 + 90.0 * i).times(r * 0.38);
            pen.circle(a.x(), a.y(), r * 0.33, roles[i], Edge.INNER, Detail.PLAIN);
        }
    }

    private static void tray(PiecePen pen) {
        pen.body(-pen.w, -pen.d, pen.w, pen.d, 0, 25, 25, Role.TIMBER_DARK);
        pen.line(SymbolPen.boxPath(-pen.w + 20, -pen.d + 20, pen.w - 20, pen.d - 20, 15), Edge.INNER, Detail.PLAIN);
        for (var x : new double[] {-pen.w * 0.5, pen.w * 0.05}) {
            pen.standing(x - 40, -60, x + 40, 20, 25, pen.h, 10, Role.PORCELAIN);
            pen.circle(x, -20, 62, Role.PORCELAIN, Edge.INNER, Detail.PLAIN);
            pen.circle(x, -20, 36, Role.TIMBER, Edge.INNER, Detail.PLAIN);
        }
        pen.circle(pen.w * 0.62, 15, 70, Role.PORCELAIN, Edge.INNER, Detail.PLAIN);
        pen.innerBox(pen.w * 0.62 - 8, -100, pen.w * 0.62 + 8, -50, 6, Role.PORCELAIN, Detail.DRAWN);
    }

    private static void place(PiecePen pen) {
        flat(pen, Role.LINEN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 6, Role.LINEN);
        var r = Math.min(pen.d * 0.82, pen.w * 0.6);
        pen.circle(0, 0, r, Role.PORCELAIN, Edge.INNER, Detail.PLAIN);
        pen.circle(0, 0, r * 0.68, Role.PORCELAIN, Edge.INNER, Detail.PLAIN);
        pen.innerBox(-pen.w + 20, -r * 0.7, -pen.w + 34, r * 0.7, 6, Role.METAL, Detail.PLAIN);
        pen.innerBox(pen.w - 34, -r * 0.7, pen.w - 20, r * 0.7, 6, Role.METAL, Detail.PLAIN);
    }

    private static void candles(PiecePen pen) {
        pen.body(-pen.w, -pen.d, pen.w, pen.d, 0, 20, 15, Role.METAL);
        for (var i = 0; i < 3; i++) {
            var x = pen.w * 0.6 * (i - 1);
            pen.standing(x - 30, -30, x + 30, 30, 20, pen.h * (0.6 + 0.2 * i), 8, Role.LINEN);
            pen.circle(x, 0, Math.min(34, pen.d * 0.6), Role.LINEN, Edge.INNER, Detail.PLAIN);
            pen.circle(x, 0, 6, Role.DARK, Edge.NONE, Detail.DRAWN);
        }
    }

    private static void cushion(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 80, Role.CUSHION);
        pen.shape(PiecePen.pillow(2 * pen.w, 2 * pen.d), Role.CUSHION, Edge.OUTLINE, Detail.PLAIN);
        pen.inner(-pen.w * 0.5, 0, pen.w * 0.5, 0, Detail.DRAWN);
    }

    private static void throwOver(PiecePen pen) {
        flat(pen, Role.CUSHION_COOL);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 10, Role.CUSHION_COOL);
        for (var x = -pen.w + 60; x < pen.w - 30; x += 90) {
            pen.inner(x, -pen.d, x + 10, pen.d, Detail.DRAWN);
        }
        for (var x = -pen.w + 20; x < pen.w; x += 30) {
            pen.inner(x, -pen.d, x, -pen.d - 40, Detail.RICH);
        }
    }

    private static void towels(PiecePen pen) {
        for (var i = 0; i < 3; i++) {
            var role = i == 1 ? Role.CUSHION_COOL : Role.LINEN;
            pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h * i / 3, pen.h * (i + 1) / 3, 20, role);
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 25, Role.LINEN);
        pen.innerBox(-pen.w + 15, -pen.d + 10, pen.w - 15, pen.d - 30, 20, Role.CUSHION_COOL, Detail.PLAIN);
        pen.inner(-pen.w + 20, -pen.d * 0.2, pen.w - 20, -pen.d * 0.2, Detail.DRAWN);
    }
}
