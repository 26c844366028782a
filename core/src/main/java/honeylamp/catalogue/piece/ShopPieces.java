package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
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

/** What stands in shops, tea rooms and where guests are received. */
final class ShopPieces {
    private static final double TOP = 35;

    private ShopPieces() {}

    static List<FurnishingKind> kinds() {
        var free = new Shelf(Group.SHOP, Stand.FREE);
        var wall = new Shelf(Group.SHOP, Stand.AT_WALL);
        return List.of(
                free.kind("shop-counter", "Shop counter", ShopPieces::counter).mm(1800, 650, 950),
                free.kind("cash-desk", "Cash desk", ShopPieces::cashDesk)
                        .called("till checkout register")
                        .mm(1200, 700, 950),
                free.kind("reception", "Reception desk", ShopPieces::reception).mm(2400, 1000, 1100),
                free.kind("cafe-table", "Square table with four chairs", ShopPieces::fourSeats)
                        .called("tea room restaurant")
                        .mm(800, 800, 740),
                free.kind("cafe-table-two", "Square table with two chairs", ShopPieces::twoSeats)
                        .called("tea room restaurant")
                        .mm(700, 700, 740),
                free.kind("cafe-table-round", "Round table with four chairs", ShopPieces::roundSeats)
                        .called("tea room restaurant")
                        .mm(900, 900, 740),
                free.kind("high-table", "High table with stools", ShopPieces::highTable)
                        .called("bar standing")
                        .mm(1200, 600, 1100),
                wall.kind("bench-seat", "Upholstered bench", ShopPieces::bench)
                        .called("banquette restaurant")
                        .mm(2400, 600, 950)
                        .mm(1200, 600, 950),
                wall.kind("bar-counter", "Bar with stools", ShopPieces::bar).mm(2600, 650, 1100),
                wall.kind("bottle-shelf", "Shelf of bottles", ShopPieces::bottles)
                        .called("back bar")
                        .mm(1800, 350, 2000),
                free.kind("cake-counter", "Glass counter", ShopPieces::glassCounter)
                        .called("cake display patisserie chilled")
                        .mm(1500, 700, 1250),
                free.kind("glass-case", "Glass case", ShopPieces::glassCase)
                        .called("showcase museum jewellery")
                        .mm(1000, 500, 1000),
                free.kind("shelf-double", "Shelf, open on both sides", ShopPieces::gondola)
                        .called("gondola supermarket")
                        .mm(2000, 900, 1500),
                wall.kind("shelf-wall", "Wall of shelves", ShopPieces::wallOfShelves)
                        .called("shop display")
                        .mm(2400, 450, 2300),
                free.kind("clothes-rail", "Clothes rail", ShopPieces::clothesRail)
                        .called("rack fashion")
                        .mm(1500, 550, 1500),
                free.kind("fitting-cabin", "Changing cabin", ShopPieces::cabin)
                        .called("fitting room")
                        .stands(Stand.AT_WALL)
                        .mm(1100, 1200, 2100),
                wall.kind("chilled-shelf", "Chilled shelf", ShopPieces::chilled)
                        .called("refrigerated fridge drinks")
                        .mm(1300, 750, 2000),
                free.kind("plinth", "Plinth for display", ShopPieces::plinth)
                        .called("museum podium")
                        .mm(500, 500, 1000));
    }

    private static void panel(PiecePen pen, Role role) {
        pen.standing(-pen.w + 30, -pen.d + 40, pen.w - 30, pen.d - 60, 0, pen.h - TOP, 4, role);
        var boards = PiecePen.many(2 * pen.w, 200, 2);
        for (var i = 1; i < boards; i++) {
            var x = -pen.w + 2 * pen.w * i / boards;
            pen.front(-pen.d + 40, Figure.line(new Point(x, 60), new Point(x, pen.h - TOP)), Edge.INNER, Detail.DRAWN);
        }
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - TOP, pen.h, SymbolPen.CRISP, Role.COUNTER);
    }

    private static void counter(PiecePen pen) {
        panel(pen, Role.TIMBER);
        pen.inner(-pen.w, -pen.d + 180, pen.w, -pen.d + 180, Detail.PLAIN);
        pen.dish(-pen.w * 0.6, 40, 90, Role.BODY, Detail.DRAWN);
    }

    private static void cashDesk(PiecePen pen) {
        panel(pen, Role.TIMBER);
        pen.standing(-180, -60, 180, 240, pen.h, pen.h + 250, 10, Role.DARK);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-200, -70, 200, 250, 10, Role.METAL, Detail.PLAIN);
            pen.innerBox(-150, 120, 150, 170, 4, Role.DARK, Detail.PLAIN);
            pen.innerBox(-150, -40, 150, 90, 4, Role.LINEN, Detail.DRAWN);
            pen.innerBox(pen.w - 230, -pen.d + 80, pen.w - 130, -pen.d + 240, 8, Role.DARK, Detail.DRAWN);
        });
    }

    /** A high front that bows towards the guests, a low desk behind it. */
    private static void reception(PiecePen pen) {
        var w = pen.w;
        var d = pen.d;
        Office.swivel(pen, 0, d - 120, 180);
        pen.standing(-w, -d, w, -d + 350, 0, pen.h, 20, Role.TIMBER);
        pen.standing(-w + 60, -d + 300, w - 60, d * 0.4, 700, 740, 4, Role.TIMBER);
        var front = Figure.builder();
        front.moveTo(-w, d * 0.5);
        front.curveTo(-w, -d * 0.4, -w * 0.5, -d, 0, -d);
        front.curveTo(w * 0.5, -d, w, -d * 0.4, w, d * 0.5);
        front.lineTo(w - 330, d * 0.5);
        front.curveTo(w - 330, -d * 0.1, w * 0.35, -d + 330, 0, -d + 330);
        front.curveTo(-w * 0.35, -d + 330, -w + 330, -d * 0.1, -w + 330, d * 0.5);
        front.close();
        pen.shape(front.build(), Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        var desk = Figure.builder();
        desk.moveTo(-w + 330, d * 0.5);
        desk.curveTo(-w + 330, -d * 0.1, -w * 0.35, -d + 330, 0, -d + 330);
        desk.curveTo(w * 0.35, -d + 330, w - 330, -d * 0.1, w - 330, d * 0.5);
        desk.curveTo(w * 0.4, d * 0.05, -w * 0.4, d * 0.05, -w + 330, d * 0.5);
        desk.close();
        pen.shape(desk.build(), Role.BODY, Edge.INNER, Detail.PLAIN);
    }

    private static void fourSeats(PiecePen pen) {
        pen.chairs(SeatsAround.sides(pen.w, pen.d));
        squareTop(pen);
    }

    private static void twoSeats(PiecePen pen) {
        pen.chairs(SeatsAround.ends(pen.w));
        squareTop(pen);
    }

    private static void squareTop(PiecePen pen) {
        pen.standing(-40, -40, 40, 40, 0, pen.h - 30, 4, Role.METAL);
        pen.standing(-220, -220, 220, 220, 0, 25, 6, Role.METAL);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 30, pen.h, 25, Role.TIMBER);
        pen.dish(0, 0, 45, Role.BODY, Detail.DRAWN);
    }

    private static void roundSeats(PiecePen pen) {
        pen.chairs(SeatsAround.aslant(pen.w, pen.d));
        pen.roundTable(30, Role.TIMBER);
        pen.dish(0, 0, 45, Role.BODY, Detail.DRAWN);
    }

    private static void highTable(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, 600, 1);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            pen.stool(x, -pen.d - 130, 180, 780);
            pen.stool(x, pen.d + 130, 180, 780);
        }
        pen.table(40, 15, 70, Role.TIMBER);
        pen.grain(30);
    }

    private static void bench(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 330, 8, Role.TIMBER_DARK);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d - 110, 330, 460, 35, Role.TEXTILE_WARM);
        pen.standing(-pen.w, pen.d - 110, pen.w, pen.d, 330, pen.h, 35, Role.TEXTILE_WARM);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 15, Role.TEXTILE_WARM);
        pen.inner(-pen.w, pen.d - 110, pen.w, pen.d - 110, Detail.PLAIN);
        var seats = PiecePen.many(2 * pen.w, 600, 1);
        for (var i = 1; i < seats; i++) {
            var x = -pen.w + 2 * pen.w * i / seats;
            pen.inner(x, -pen.d, x, pen.d, Detail.DRAWN);
            pen.front(pen.d - 110, Figure.line(new Point(x, 470), new Point(x, pen.h - 20)), Edge.INNER, Detail.DRAWN);
        }
    }

    private static void bar(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, 650, 1);
        for (var i = 0; i < many; i++) {
            pen.stool(-pen.w + 2 * pen.w * (i + 0.5) / many, -pen.d - 150, 185, 780);
        }
        panel(pen, Role.TIMBER_DARK);
        pen.inner(-pen.w, -pen.d + 250, pen.w, -pen.d + 250, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-pen.w * 0.5, pen.d - 300, -pen.w * 0.2, pen.d - 60, 20, Role.METAL, Detail.PLAIN);
            for (var i = 0; i < 3; i++) {
                pen.circle(pen.w * 0.2 + 110 * i, pen.d - 200, 30, Role.METAL, Edge.INNER, Detail.DRAWN);
            }
        });
    }

    private static void bottles(PiecePen pen) {
        pen.whole(4, Role.TIMBER_DARK);
        pen.shelves(-pen.w, pen.w, 900, pen.h, 2, 4);
        pen.doors(-pen.w, pen.w, 60, 880, PiecePen.many(2 * pen.w, 600, 2));
        for (var i = 0; i < (int) ((2 * pen.w - 80) / 95); i++) {
            var x = -pen.w + 85 + 95 * i;
            var role = i % 3 == 0 ? Role.LEAF_DEEP : i % 3 == 1 ? Role.CUSHION : Role.GLASS;
            pen.circle(x, 60, 36, role, Edge.INNER, Detail.PLAIN);
            pen.circle(x, 60, 13, role, Edge.INNER, Detail.DRAWN);
            if (i % 2 == 0) {
                pen.circle(x + 45, -50, 36, Role.CUSHION_COOL, Edge.INNER, Detail.DRAWN);
            }
        }
    }

    private static void glassCounter(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h * 0.55, 6, Role.TIMBER);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h * 0.55, pen.h, 40, Role.GLASS);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.TIMBER);
        pen.innerBox(-pen.w + 20, -pen.d + 20, pen.w - 20, pen.d - 190, 4, Role.GLASS, Detail.PLAIN);
        var many = PiecePen.many(2 * pen.w, 330, 2);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            pen.circle(x, -90, 115, Role.PORCELAIN, Edge.INNER, Detail.PLAIN);
            pen.circle(x, -90, 80, i % 2 == 0 ? Role.CUSHION : Role.TIMBER, Edge.INNER, Detail.PLAIN);
        }
    }

    private static void glassCase(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h * 0.7, 4, Role.BODY);
        pen.standing(-pen.w + 5, -pen.d + 5, pen.w - 5, pen.d - 5, pen.h * 0.7, pen.h, 2, Role.GLASS);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 4, Role.BODY);
        pen.innerBox(-pen.w + 30, -pen.d + 30, pen.w - 30, pen.d - 30, 2, Role.GLASS, Detail.PLAIN);
        pen.inner(-pen.w + 60, -pen.d + 90, -pen.w + 240, pen.d - 60, Detail.PLAIN);
        pen.inner(-pen.w + 140, -pen.d + 60, -pen.w + 320, pen.d - 90, Detail.PLAIN);
    }

    private static void gondola(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 150, 4, Role.BODY);
        pen.standing(-pen.w, -30, pen.w, 30, 150, pen.h, 4, Role.BODY);
        for (var z = 500.0; z < pen.h; z += 350) {
            pen.standing(-pen.w, -pen.d + 80, pen.w, pen.d - 80, z, z + 30, 2, Role.METAL);
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 6, Role.BODY);
        pen.innerBox(-pen.w, -30, pen.w, 30, 2, Role.METAL, Detail.PLAIN);
        goods(pen, 120, pen.d - 60);
        goods(pen, -pen.d + 60, -120);
    }

    /** Boxes in a row between two depths. */
    private static void goods(PiecePen pen, double y0, double y1) {
        var x = -pen.w + 40;
        for (var i = 0; x < pen.w - 160; i++) {
            var wide = 100 + 90 * pen.chance(i, (long) y0);
            var role = i % 4 == 0
                    ? Role.CUSHION
                    : i % 4 == 1 ? Role.LINEN : i % 4 == 2 ? Role.CUSHION_COOL : Role.TEXTILE_WARM;
            pen.innerBox(x, y0, Math.min(x + wide, pen.w - 40), y1, 4, role, Detail.DRAWN);
            x += wide + 14;
        }
    }

    private static void wallOfShelves(PiecePen pen) {
        pen.whole(4, Role.TIMBER);
        pen.shelves(-pen.w, pen.w, 300, pen.h, PiecePen.many(2 * pen.w, 800, 1), 5);
        goods(pen, -pen.d + 60, pen.d - 60);
        for (var i = 1; i < PiecePen.many(2 * pen.w, 800, 1); i++) {
            var x = -pen.w + 2 * pen.w * i / PiecePen.many(2 * pen.w, 800, 1);
            pen.innerBox(x - 12, -pen.d, x + 12, pen.d, 2, Role.TIMBER, Detail.PLAIN);
        }
    }

    private static void clothesRail(PiecePen pen) {
        for (var x : new double[] {-pen.w, pen.w - 40}) {
            pen.standing(x, -20, x + 40, 20, 0, pen.h, 6, Role.METAL);
            pen.box(x, -pen.d, x + 40, pen.d, 12, Role.METAL);
        }
        pen.standing(-pen.w, -15, pen.w, 15, pen.h - 30, pen.h, 6, Role.METAL);
        pen.box(-pen.w, -15, pen.w, 15, 6, Role.METAL);
        var many = PiecePen.many(2 * pen.w - 160, 90, 3);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 80 + (2 * pen.w - 160) * (i + 0.5) / many;
            var role = i % 3 == 0 ? Role.TEXTILE : i % 3 == 1 ? Role.LINEN : Role.CUSHION;
            pen.on(Level.TOP, () -> pen.innerBox(x - 24, -pen.d + 60, x + 24, pen.d - 60, 22, role, Detail.PLAIN));
            pen.front(
                    -15,
                    SymbolPen.boxPath(x - 30, pen.h - 950 + 250 * pen.chance(i, 1), x + 30, pen.h - 60, 15),
                    role,
                    Edge.INNER,
                    Detail.DRAWN);
        }
    }

    private static void cabin(PiecePen pen) {
        for (var x : new double[] {-pen.w, pen.w - 40}) {
            pen.body(x, -pen.d, x + 40, pen.d, 0, pen.h, 2, Role.TIMBER);
        }
        pen.body(-pen.w, pen.d - 40, pen.w, pen.d, 0, pen.h, 2, Role.TIMBER);
        pen.body(-pen.w + 60, pen.d - 400, pen.w - 60, pen.d - 60, 420, 450, 6, Role.TIMBER);
        pen.innerBox(pen.w - 60, -pen.d * 0.4, pen.w - 45, pen.d * 0.2, 2, Role.GLASS, Detail.PLAIN);
        var many = PiecePen.many(2 * pen.w, 130, 4);
        var wave = Figure.builder();
        wave.moveTo(-pen.w + 40, -pen.d + 40);
        for (var i = 0; i < many; i++) {
            var a = -pen.w + 40 + (2 * pen.w - 80) * i / many;
            var b = -pen.w + 40 + (2 * pen.w - 80) * (i + 1) / many;
            wave.curveTo(a + (b - a) * 0.3, -pen.d, a + (b - a) * 0.7, -pen.d + 80, b, -pen.d + 40);
        }
        pen.line(wave.build(), Edge.OUTLINE, Detail.PLAIN);
        pen.standing(-pen.w + 40, -pen.d + 20, pen.w - 40, -pen.d + 60, 150, pen.h - 100, 4, Role.TEXTILE);
    }

    private static void chilled(PiecePen pen) {
        pen.whole(6, Role.METAL);
        pen.innerBox(-pen.w + 40, -pen.d, pen.w - 40, pen.d - 120, 4, Role.WATER_SHADE, Detail.PLAIN);
        goods(pen, -pen.d + 80, pen.d - 160);
        pen.shelves(-pen.w, pen.w, 350, pen.h - 100, 1, 5);
        pen.inner(-pen.w, pen.d - 110, pen.w, pen.d - 110, Detail.PLAIN);
    }

    private static void plinth(PiecePen pen) {
        pen.whole(2, Role.LINEN);
        pen.inner(-pen.w, -pen.d, pen.w, pen.d, Detail.DRAWN);
        pen.inner(-pen.w, pen.d, pen.w, -pen.d, Detail.DRAWN);
        pen.circle(0, 0, Math.min(pen.w, pen.d) * 0.45, Role.CUSHION_COOL, Edge.INNER, Detail.PLAIN);
    }
}
