package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** What stands outside. */
final class Garden {
    private Garden() {}

    static List<FurnishingKind> kinds() {
        var free = new Shelf(Group.GARDEN, Stand.FREE);
        var wall = new Shelf(Group.GARDEN, Stand.AT_WALL);
        return List.of(
                free.kind("garden-table", "Garden table with chairs", Garden::table)
                        .mm(1800, 900, 730)
                        .mm(1400, 850, 730),
                free.kind("lounger", "Lounger", Garden::lounger)
                        .called("sun deck chair")
                        .mm(700, 2000, 400),
                free.kind("parasol", "Parasol", Garden::parasol)
                        .called("umbrella sun shade")
                        .stands(Stand.ABOVE)
                        .mm(2700, 2700, 2500)
                        .mm(2000, 2000, 2400),
                free.kind("grill", "Grill", Garden::grill)
                        .called("barbecue bbq")
                        .mm(1200, 600, 1100),
                wall.kind("garden-bench", "Garden bench", Garden::bench).mm(1500, 600, 850),
                free.kind("planter", "Large pot outside", Garden::planter)
                        .called("tub")
                        .mm(800, 800, 1000),
                free.kind("deck-chair", "Deck chair", Garden::deckChair).mm(600, 1100, 900),
                wall.kind("garden-sofa", "Garden sofa", Garden::sofa)
                        .called("outdoor couch")
                        .mm(2000, 850, 700),
                free.kind("picnic-table", "Table with benches", Garden::picnic)
                        .called("beer")
                        .mm(1800, 1500, 750),
                free.kind("grill-round", "Round grill", Garden::grillRound)
                        .called("barbecue bbq kettle")
                        .mm(600, 650, 1000),
                free.kind("fire-bowl", "Fire bowl", Garden::fire).called("pit").mm(800, 800, 400),
                free.kind("hot-tub", "Hot tub", Garden::hotTub)
                        .called("spa whirlpool jacuzzi")
                        .mm(2000, 2000, 900),
                free.kind("trampoline", "Trampoline", Garden::trampoline)
                        .mm(3000, 3000, 2500)
                        .mm(3700, 3700, 2600),
                free.kind("swing", "Swing", Garden::swing).mm(2500, 1800, 2200),
                free.kind("sandpit", "Sandpit", Garden::sandpit)
                        .called("sandbox")
                        .mm(1500, 1500, 250),
                free.kind("hammock", "Hammock", Garden::hammock).mm(1100, 3200, 1200),
                free.kind("raised-bed", "Raised bed", Garden::raisedBed)
                        .called("planter vegetable")
                        .mm(1800, 900, 500),
                wall.kind("bicycles", "Bicycles", Garden::bicycles)
                        .called("bike rack stand")
                        .mm(1200, 1800, 1100)
                        .mm(600, 1800, 1100),
                wall.kind("bins-outside", "Dustbins", Garden::dustbins)
                        .called("wheelie waste trash")
                        .mm(1300, 700, 1100),
                wall.kind("water-butt", "Water butt", Garden::butt)
                        .called("rain barrel")
                        .mm(650, 650, 950),
                free.kind("clothes-line", "Rotary clothes line", Garden::clothesLine)
                        .called("dryer")
                        .stands(Stand.ABOVE)
                        .mm(2800, 2800, 1900));
    }

    private static void slats(PiecePen pen, double x0, double x1, double y0, double y1, double each) {
        for (var y = y0 + each; y < y1 - 5; y += each) {
            pen.inner(x0, y, x1, y, Detail.DRAWN);
        }
    }

    private static void lounger(PiecePen pen) {
        pen.legs(0, 280, 50, 60, Role.TIMBER);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d * 0.4, 280, 330, 8, Role.TIMBER);
        pen.standing(-pen.w, pen.d * 0.4, pen.w, pen.d, 300, pen.h + 250, 20, Role.LINEN);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 25, Role.TIMBER);
        pen.innerBox(-pen.w + 45, -pen.d + 30, pen.w - 45, pen.d - 30, 40, Role.LINEN, Detail.PLAIN);
        pen.inner(-pen.w + 45, pen.d * 0.35, pen.w - 45, pen.d * 0.35, Detail.PLAIN);
        pen.inner(-pen.w + 45, -pen.d * 0.3, pen.w - 45, -pen.d * 0.3, Detail.DRAWN);
        pen.on(Level.TOP, () -> pen.cushion(0, pen.d - 170, 420, 190, 0, Role.CUSHION_COOL, Detail.DRAWN));
    }

    private static void deckChair(PiecePen pen) {
        for (var x : new double[] {-pen.w, pen.w - 40}) {
            pen.standing(x, -pen.d, x + 40, pen.d, 0, pen.h * 0.5, 6, Role.TIMBER);
            pen.box(x, -pen.d, x + 40, pen.d, 6, Role.TIMBER);
        }
        pen.standing(-pen.w + 40, -pen.d * 0.3, pen.w - 40, pen.d, pen.h * 0.3, pen.h, 20, Role.CUSHION);
        pen.box(-pen.w + 40, -pen.d * 0.75, pen.w - 40, pen.d * 0.95, 8, Role.LINEN);
        for (var x = -pen.w + 90; x < pen.w - 60; x += 110) {
            pen.innerBox(x, -pen.d * 0.75, x + 50, pen.d * 0.95, 2, Role.CUSHION, Detail.PLAIN);
        }
    }

    private static void table(PiecePen pen) {
        pen.chairsAround();
        pen.table(30, SymbolPen.CRISP, 60, Role.TIMBER);
        slats(pen, -pen.w, pen.w, -pen.d, pen.d, 95);
    }

    private static void bench(PiecePen pen) {
        pen.legs(0, 400, 60, 0, Role.TIMBER);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d - 80, 400, 440, 6, Role.TIMBER);
        pen.standing(-pen.w, pen.d - 80, pen.w, pen.d, 440, pen.h, 10, Role.TIMBER);
        pen.box(-pen.w, -pen.d, pen.w, pen.d - 80, 8, Role.TIMBER);
        pen.box(-pen.w, pen.d - 80, pen.w, pen.d, 8, Role.TIMBER);
        slats(pen, -pen.w + 60, pen.w - 60, -pen.d, pen.d - 80, 90);
        for (var side : new double[] {-1, 1}) {
            pen.box(side * pen.w, -pen.d - 10, side * (pen.w - 60), pen.d, 12, Role.TIMBER);
        }
    }

    private static void sofa(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 80, 280, 10, Role.TIMBER_DARK);
        pen.standing(-pen.w, pen.d - 100, pen.w, pen.d, 80, pen.h, 10, Role.TIMBER_DARK);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 15, Role.TIMBER_DARK);
        var seats = PiecePen.many(2 * pen.w - 200, 700, 1);
        for (var i = 0; i < seats; i++) {
            var x = -pen.w + 100 + (2 * pen.w - 200) * i / seats;
            var wide = (2 * pen.w - 200) / seats;
            pen.standing(x, -pen.d, x + wide, pen.d - 250, 280, 420, 35, Role.LINEN);
            pen.innerBox(x, -pen.d + 5, x + wide, pen.d - 250, 35, Role.LINEN, Detail.PLAIN);
            pen.innerBox(x + 10, pen.d - 250, x + wide - 10, pen.d - 100, 45, Role.TEXTILE, Detail.PLAIN);
        }
    }

    private static void picnic(PiecePen pen) {
        var top = pen.d * 0.5;
        for (var y : new double[] {-pen.d, pen.d - 280}) {
            pen.body(-pen.w, y, pen.w, y + 280, 400, 440, 6, Role.TIMBER);
            pen.inner(-pen.w, y + 140, pen.w, y + 140, Detail.DRAWN);
        }
        for (var x : new double[] {-pen.w + 250, pen.w - 330}) {
            pen.standing(x, -pen.d + 100, x + 80, pen.d - 100, 0, pen.h - 40, 4, Role.TIMBER);
            pen.box(x, -pen.d + 100, x + 80, pen.d - 100, 4, Role.TIMBER);
        }
        pen.body(-pen.w, -top, pen.w, top, pen.h - 40, pen.h, 6, Role.TIMBER);
        slats(pen, -pen.w, pen.w, -top, top, 140);
    }

    /** Eight ribs and their cloth. */
    private static void parasol(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-25, -25, 25, 25, 0, pen.h, 6, Role.TIMBER);
        pen.standingRound(0, 0, r, pen.h - 450, pen.h - 60, 120, Role.LINEN);
        var cloth = Figure.builder();
        for (var i = 0; i <= 8; i++) {
            var a = Point.direction(22.5 + 45.0 * i).times(r);
            if (i == 0) {
                cloth.moveTo(a.x(), a.y());
            } else {
                var m = Point.direction(45.0 * i).times(r * 0.9);
                cloth.curveTo(m.x(), m.y(), m.x(), m.y(), a.x(), a.y());
            }
        }
        cloth.close();
        pen.shape(cloth.build(), Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
        for (var i = 0; i < 8; i++) {
            var a = Point.direction(22.5 + 45.0 * i).times(r);
            pen.line(Figure.line(Point.ORIGIN, a), Edge.OUTLINE, Detail.PLAIN);
        }
    }

    private static void grill(PiecePen pen) {
        pen.standing(-pen.w * 0.6, -pen.d * 0.8, pen.w * 0.6, pen.d, 0, pen.h * 0.75, 8, Role.METAL);
        pen.standing(-pen.w * 0.6, -pen.d, pen.w * 0.6, pen.d, pen.h * 0.75, pen.h, 60, Role.DARK);
        pen.standing(-pen.w, -pen.d * 0.7, pen.w, pen.d * 0.8, pen.h * 0.72, pen.h * 0.75, 4, Role.METAL);
        pen.box(-pen.w, -pen.d * 0.7, pen.w, pen.d * 0.8, 10, Role.METAL);
        pen.box(-pen.w * 0.6, -pen.d, pen.w * 0.6, pen.d, 30, Role.DARK);
        pen.innerBox(-pen.w * 0.5, -pen.d + 60, pen.w * 0.5, pen.d - 130, 8, Role.METAL, Detail.PLAIN);
        for (var x = -pen.w * 0.5 + 40; x < pen.w * 0.5 - 20; x += 45) {
            pen.inner(x, -pen.d + 60, x, pen.d - 130, Detail.DRAWN);
        }
    }

    private static void grillRound(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.legs(0, pen.h * 0.6, 25, r * 0.5, Role.METAL);
        pen.standingRound(0, 0, r, pen.h * 0.55, pen.h, r * 0.6, Role.DARK);
        pen.circle(0, 0, r, Role.DARK, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r * 0.8, Role.METAL, Edge.INNER, Detail.PLAIN);
        for (var x = -r * 0.6; x < r * 0.7; x += 60) {
            var y = Math.sqrt(r * r * 0.64 - x * x);
            pen.inner(x, -y, x, y, Detail.DRAWN);
        }
        pen.box(-120, -pen.d - 20, 120, -pen.d + 20, 10, Role.TIMBER);
    }

    private static void fire(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standingRound(0, 0, r, pen.h * 0.3, pen.h, r * 0.5, Role.DARK);
        pen.standing(-r * 0.4, -r * 0.4, r * 0.4, r * 0.4, 0, pen.h * 0.3, 6, Role.DARK);
        pen.circle(0, 0, r, Role.DARK, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r * 0.84, Role.EARTH, Edge.INNER, Detail.PLAIN);
        for (var i = 0; i < 4; i++) {
            pen.within(
                    Affine.turn(45.0 * i + 12 * pen.either(i, 1)),
                    () -> pen.innerBox(-r * 0.55, -35, r * 0.55, 35, 20, Role.TIMBER_DARK, Detail.PLAIN));
        }
        pen.circle(0, 0, r * 0.22, Role.CUSHION, Edge.INNER, Detail.PLAIN);
    }

    private static void hotTub(PiecePen pen) {
        pen.whole(120, Role.TIMBER);
        pen.innerBox(-pen.w + 110, -pen.d + 110, pen.w - 110, pen.d - 110, 180, Role.WATER_SHADE, Detail.PLAIN);
        pen.line(
                SymbolPen.boxPath(-pen.w + 330, -pen.d + 330, pen.w - 330, pen.d - 330, 150), Edge.INNER, Detail.PLAIN);
        for (var i = 0; i < 4; i++) {
            var a = Point.direction(45 + 90.0 * i).times(pen.w * 0.78);
            pen.circle(a.x(), a.y(), 55, Role.PORCELAIN, Edge.INNER, Detail.DRAWN);
        }
        for (var x = -pen.w + 120; x < pen.w - 60; x += 120) {
            pen.frontLine(x, 0, x, pen.h - 80, Detail.DRAWN);
        }
    }

    private static void trampoline(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.legs(0, 750, 40, r * 0.25, Role.METAL);
        pen.standingRound(0, 0, r, 700, 780, 20, Role.CUSHION_COOL);
        pen.standing(-r, -10, -r + 40, 10, 780, pen.h, 6, Role.METAL);
        pen.standing(r - 40, -10, r, 10, 780, pen.h, 6, Role.METAL);
        pen.circle(0, 0, r, Role.CUSHION_COOL, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r - 260, Role.DARK, Edge.INNER, Detail.PLAIN);
        for (var i = 0; i < 8; i++) {
            var a = Point.direction(22.5 + 45.0 * i).times(r - 30);
            pen.circle(a.x(), a.y(), 35, Role.METAL, Edge.INNER, Detail.PLAIN);
        }
    }

    private static void swing(PiecePen pen) {
        for (var x : new double[] {-pen.w, pen.w - 90}) {
            pen.standing(x, -pen.d, x + 90, pen.d, 0, pen.h, 6, Role.TIMBER);
            pen.line(Figure.line(new Point(x + 45, -pen.d), new Point(x + 45, pen.d)), Edge.OUTLINE, Detail.PLAIN);
        }
        pen.body(-pen.w, -45, pen.w, 45, pen.h - 90, pen.h, 10, Role.TIMBER);
        for (var x : new double[] {-pen.w * 0.4, pen.w * 0.4}) {
            pen.standing(x - 220, -80, x + 220, 80, 450, 480, 4, Role.TIMBER_DARK);
            pen.box(x - 220, -80, x + 220, 80, 10, Role.TIMBER_DARK);
            pen.inner(x - 180, -45, x - 180, 45, Detail.PLAIN);
            pen.inner(x + 180, -45, x + 180, 45, Detail.PLAIN);
        }
    }

    private static void sandpit(PiecePen pen) {
        pen.whole(6, Role.TIMBER);
        pen.innerBox(-pen.w + 110, -pen.d + 110, pen.w - 110, pen.d - 110, 4, Role.CUSHION, Detail.PLAIN);
        pen.innerBox(-pen.w + 110, -pen.d + 110, pen.w - 110, pen.d - 110, 4, Role.LINEN, Detail.PLAIN);
        for (var i = 0; i < 30; i++) {
            pen.circle(
                    (pen.w - 160) * pen.either(i, 1),
                    (pen.d - 160) * pen.either(i, 2),
                    9,
                    Role.TIMBER,
                    Edge.NONE,
                    Detail.DRAWN);
        }
        pen.circle(pen.w * 0.35, pen.d * 0.2, 90, Role.CUSHION, Edge.INNER, Detail.PLAIN);
    }

    private static void hammock(PiecePen pen) {
        for (var y : new double[] {-pen.d + 40, pen.d - 40}) {
            pen.standing(-40, y - 40, 40, y + 40, 0, pen.h, 6, Role.TIMBER);
            pen.circle(0, y, 40, Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        }
        pen.standing(-pen.w, -pen.d * 0.6, pen.w, pen.d * 0.6, 450, 560, 40, Role.CUSHION);
        var path = Figure.builder();
        path.moveTo(0, -pen.d + 60);
        path.curveTo(pen.w * 1.3, -pen.d * 0.4, pen.w * 1.3, pen.d * 0.4, 0, pen.d - 60);
        path.curveTo(-pen.w * 1.3, pen.d * 0.4, -pen.w * 1.3, -pen.d * 0.4, 0, -pen.d + 60);
        path.close();
        pen.shape(path.build(), Role.CUSHION, Edge.OUTLINE, Detail.PLAIN);
        for (var x : new double[] {-0.5, -0.2, 0.2, 0.5}) {
            var stripe = Figure.builder();
            stripe.moveTo(0, -pen.d + 60);
            stripe.curveTo(pen.w * 1.3 * x, -pen.d * 0.4, pen.w * 1.3 * x, pen.d * 0.4, 0, pen.d - 60);
            pen.line(stripe.build(), Edge.INNER, Detail.PLAIN);
        }
    }

    private static void raisedBed(PiecePen pen) {
        pen.whole(4, Role.TIMBER);
        pen.innerBox(-pen.w + 50, -pen.d + 50, pen.w - 50, pen.d - 50, 2, Role.EARTH, Detail.PLAIN);
        var columns = PiecePen.many(2 * pen.w - 100, 280, 2);
        var rows = PiecePen.many(2 * pen.d - 100, 280, 1);
        for (var c = 0; c < columns; c++) {
            for (var r = 0; r < rows; r++) {
                var x = -pen.w + 50 + (2 * pen.w - 100) * (c + 0.5) / columns;
                var y = -pen.d + 50 + (2 * pen.d - 100) * (r + 0.5) / rows;
                var role = (c + r) % 2 == 0 ? Role.LEAF_LIGHT : Role.LEAF;
                pen.on(Level.TOP, () -> pen.leaves(x, y, 115, 0, 7, 55, role, Detail.PLAIN));
            }
        }
    }

    private static void planter(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-r * 0.7, -r * 0.7, r * 0.7, r * 0.7, 0, pen.h * 0.5, 40, Role.CUSHION);
        pen.crown(0, 2 * r, pen.h * 0.45, pen.h, Role.LEAF);
        pen.circle(0, 0, r * 0.7, Role.CUSHION, Edge.OUTLINE, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pen.leaves(0, 0, r, 0, 12, r * 0.3, Role.LEAF_DEEP, Detail.PLAIN);
            pen.leaves(0, 0, r * 0.75, 1, 10, r * 0.3, Role.LEAF, Detail.PLAIN);
            pen.leaves(0, 0, r * 0.45, 2, 7, r * 0.26, Role.LEAF_LIGHT, Detail.PLAIN);
        });
    }

    private static void bicycles(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, 600, 1);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            for (var y : new double[] {-pen.d + 340, pen.d - 340}) {
                pen.standing(x - 20, y - 340, x + 20, y + 340, 0, 680, 200, Role.METAL);
                pen.innerBox(x - 22, y - 340, x + 22, y + 340, 22, Role.DARK, Detail.PLAIN);
            }
            pen.standing(x - 15, -pen.d + 340, x + 15, pen.d - 340, 350, 800, 10, Role.CUSHION_COOL);
            pen.box(x - 14, -pen.d + 500, x + 14, pen.d - 450, 10, Role.CUSHION_COOL);
            pen.standing(x - 290, pen.d - 560, x + 290, pen.d - 525, pen.h - 60, pen.h, 15, Role.METAL);
            pen.box(x - 290, pen.d - 560, x + 290, pen.d - 525, 15, Role.METAL);
            pen.oval(x, -pen.d + 620, 75, 130, Role.DARK, Edge.OUTLINE, Detail.PLAIN);
        }
    }

    private static void dustbins(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, 600, 1);
        var roles = new Role[] {Role.METAL, Role.CUSHION_COOL, Role.LEAF};
        for (var i = 0; i < many; i++) {
            var a = -pen.w + 2 * pen.w * i / many + 15;
            var b = -pen.w + 2 * pen.w * (i + 1) / many - 15;
            pen.body(a, -pen.d, b, pen.d, 0, pen.h, 40, roles[i % 3]);
            pen.innerBox(a + 30, -pen.d + 35, b - 30, pen.d - 120, 30, roles[i % 3], Detail.PLAIN);
            pen.innerBox(a + 60, pen.d - 70, b - 60, pen.d - 40, 12, Role.DARK, Detail.PLAIN);
            pen.frontLine(a, pen.h - 110, b, pen.h - 110, Detail.PLAIN);
        }
    }

    private static void butt(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standingRound(0, 0, r, 0, pen.h, 60, Role.LEAF_DEEP);
        pen.circle(0, 0, r, Role.LEAF_DEEP, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r - 45, Role.WATER_SHADE, Edge.INNER, Detail.PLAIN);
        pen.circle(0, r * 0.5, 50, Role.METAL, Edge.INNER, Detail.PLAIN);
        for (var z : new double[] {0.3, 0.7}) {
            pen.frontLine(-r, pen.h * z, r, pen.h * z, Detail.PLAIN);
        }
    }

    private static void clothesLine(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-25, -25, 25, 25, 0, pen.h, 6, Role.METAL);
        pen.standing(-r, -10, r, 10, pen.h - 40, pen.h, 4, Role.METAL);
        for (var share : new double[] {1, 0.78, 0.56, 0.34}) {
            var ring = Figure.builder();
            ring.line(
                    new Point(r * share, 0),
                    new Point(0, r * share),
                    new Point(-r * share, 0),
                    new Point(0, -r * share),
                    new Point(r * share, 0));
            pen.line(ring.build(), Edge.OUTLINE, Detail.PLAIN);
        }
        pen.line(Figure.line(new Point(-r, 0), new Point(r, 0)), Edge.OUTLINE, Detail.PLAIN);
        pen.line(Figure.line(new Point(0, -r), new Point(0, r)), Edge.OUTLINE, Detail.PLAIN);
    }
}
