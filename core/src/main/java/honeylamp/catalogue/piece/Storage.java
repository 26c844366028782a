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

/** Where things are kept. */
final class Storage {
    /** A door of a wardrobe is about so wide. */
    private static final double DOOR = 500;

    private Storage() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.STORAGE, Stand.AT_WALL);
        return List.of(
                wall.kind("wardrobe", "Wardrobe", Storage::wardrobe)
                        .called("closet clothes")
                        .mm(1800, 600, 2100)
                        .mm(1000, 600, 2100)
                        .mm(1500, 600, 2100)
                        .mm(2400, 600, 2300)
                        .in(72, 24, 84)
                        .in(48, 24, 84),
                wall.kind("chest-of-drawers", "Chest of drawers", Storage::chestOfDrawers)
                        .called("dresser")
                        .mm(1000, 480, 850)
                        .mm(800, 450, 850)
                        .mm(1600, 500, 800),
                wall.kind("bookcase", "Bookcase", Storage::bookcase)
                        .called("bookshelf shelves library")
                        .mm(1000, 300, 1900)
                        .mm(800, 280, 1900)
                        .mm(1600, 300, 2200)
                        .mm(2400, 300, 2200),
                wall.kind("sideboard", "Sideboard", Storage::sideboard)
                        .called("buffet credenza")
                        .mm(1600, 450, 750)
                        .mm(1200, 420, 750)
                        .mm(2100, 450, 750),
                wall.kind("wardrobe-sliding", "Wardrobe, sliding doors", Storage::sliding)
                        .called("closet clothes")
                        .mm(2000, 650, 2200)
                        .mm(2700, 650, 2200),
                wall.kind("display-cabinet", "Display cabinet", Storage::display)
                        .called("glass vitrine china")
                        .mm(900, 400, 1900),
                wall.kind("wardrobe-open", "Open wardrobe", Storage::openRail)
                        .called("clothes rail walk-in")
                        .mm(1600, 550, 2000),
                wall.kind("corner-wardrobe", "Corner wardrobe", Storage::cornerWardrobe)
                        .mm(1000, 1000, 2100),
                wall.kind("tall-chest", "Tall chest of drawers", Storage::tallChest)
                        .called("tallboy")
                        .mm(600, 450, 1250),
                wall.kind("dresser", "Kitchen dresser", Storage::dresser)
                        .called("hutch")
                        .mm(1300, 480, 1950),
                wall.kind("shelf-low", "Low shelf", Storage::lowShelf)
                        .called("cube open")
                        .mm(1100, 380, 750)
                        .mm(1500, 380, 400),
                wall.kind("corner-shelf", "Corner shelf", Storage::cornerShelf).mm(450, 450, 1800),
                wall.kind("wall-shelf", "Wall shelf", Storage::wallShelf)
                        .called("floating")
                        .stands(Stand.ABOVE)
                        .hangs(1500)
                        .mm(900, 250, 40)
                        .mm(1200, 250, 40),
                wall.kind("trunk", "Trunk", Storage::trunk).called("chest").mm(900, 500, 450),
                wall.kind("safe", "Safe", Storage::safe).mm(450, 450, 600));
    }

    private static void wardrobe(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.BODY);
        pen.line(SymbolPen.boxPath(-pen.w + 25, -pen.d + 25, pen.w - 25, pen.d - 20, 2), Edge.INNER, Detail.DRAWN);
        var doors = PiecePen.many(2 * pen.w, DOOR, 2);
        for (var i = 1; i < doors; i++) {
            var x = -pen.w + 2 * pen.w * i / doors;
            pen.inner(x, -pen.d, x, -pen.d + 25, Detail.PLAIN);
        }
        pen.doors(-pen.w, pen.w, 60, pen.h - 20, doors);
        hangers(pen);
    }

    /** A rail with clothes on it. */
    private static void hangers(PiecePen pen) {
        pen.inner(-pen.w + 25, 0, pen.w - 25, 0, Detail.PLAIN);
        var hanger = pen.d - 75;
        var n = (int) Math.max(2, (2 * pen.w - 160) / 105);
        for (var i = 0; i < n; i++) {
            var x = -pen.w + 80 + (2 * pen.w - 160) * i / (n - 1.0) + 18 * pen.either(i, 5);
            var lean = 16 * pen.either(i, 6);
            pen.inner(x - lean, -hanger, x + lean, hanger, Detail.DRAWN);
        }
    }

    private static void sliding(PiecePen pen) {
        pen.whole(SymbolPen.CRISP, Role.BODY);
        var doors = PiecePen.many(2 * pen.w, 950, 2);
        pen.inner(-pen.w, -pen.d + 80, pen.w, -pen.d + 80, Detail.PLAIN);
        for (var i = 0; i < doors; i++) {
            var a = -pen.w + 2 * pen.w * i / doors;
            var b = -pen.w + 2 * pen.w * (i + 1) / doors;
            var y = i % 2 == 0 ? -pen.d + 8 : -pen.d + 42;
            pen.innerBox(a - 15, y, b + 15, y + 28, 2, Role.GLASS, Detail.PLAIN);
            pen.pane(a, b, 60, pen.h - 40);
        }
        hangers(pen);
    }

    private static void openRail(PiecePen pen) {
        for (var x : new double[] {-pen.w, pen.w - 25}) {
            pen.standing(x, -pen.d, x + 25, pen.d, 0, pen.h, 4, Role.TIMBER);
        }
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, pen.h - 25, pen.h, 4, Role.TIMBER);
        pen.standing(-pen.w + 25, -pen.d, pen.w - 25, pen.d, 250, 275, 4, Role.TIMBER);
        for (var i = 0; i < PiecePen.many(2 * pen.w, 130, 3); i++) {
            var x = -pen.w + 90 + 130 * i;
            if (x < pen.w - 90) {
                pen.front(
                        0,
                        SymbolPen.boxPath(x, pen.h - 1050 + 300 * pen.chance(i, 3), x + 70, pen.h - 130, 20),
                        cloth(i),
                        Edge.INNER,
                        Detail.PLAIN);
            }
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.TIMBER);
        hangers(pen);
    }

    private static Role cloth(int i) {
        return switch (i % 4) {
            case 0 -> Role.TEXTILE;
            case 1 -> Role.LINEN;
            case 2 -> Role.CUSHION;
            default -> Role.CUSHION_COOL;
        };
    }

    /** A square whose front corner is cut off by the doors. */
    private static void cornerWardrobe(PiecePen pen) {
        var cut = Math.min(pen.w, pen.d) * 0.8;
        var path = Figure.builder();
        path.moveTo(-pen.w, pen.d);
        path.lineTo(pen.w, pen.d);
        path.lineTo(pen.w, -pen.d);
        path.lineTo(pen.w - (2 * pen.w - cut), -pen.d);
        path.lineTo(-pen.w, pen.d - (2 * pen.d - cut));
        path.close();
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 6, Role.BODY);
        pen.doors(-pen.w, cut - pen.w, 60, pen.h - 20, 2);
        pen.shape(path.build(), Role.BODY, Edge.OUTLINE, Detail.PLAIN);
        pen.inner(-pen.w * 0.2, -pen.d * 0.2, pen.w * 0.05, pen.d * 0.05, Detail.PLAIN);
        pen.inner(-pen.w + 60, pen.d * 0.45, pen.w * 0.45, -pen.d + 60, Detail.DRAWN);
    }

    private static void chestOfDrawers(PiecePen pen) {
        pen.carcass(Role.TIMBER);
        pen.grain(50);
        pen.drawers(
                -pen.w, pen.w, 80, pen.h - 30, PiecePen.many(2 * pen.w, 800, 1), PiecePen.many(pen.h - 110, 210, 2));
        plan(pen, PiecePen.many(2 * pen.w, 800, 1));
    }

    /** Drawers and doors from above: their fronts and handles. */
    private static void plan(PiecePen pen, int many) {
        for (var i = 0; i < many; i++) {
            var a = -pen.w + 2 * pen.w * i / many;
            var b = -pen.w + 2 * pen.w * (i + 1) / many;
            if (i > 0) {
                pen.inner(a, -pen.d, a, -pen.d + 22, Detail.PLAIN);
            }
            pen.innerBox((a + b) / 2 - 50, -pen.d - 14, (a + b) / 2 + 50, -pen.d - 2, 4, Role.METAL, Detail.RICH);
        }
    }

    private static void tallChest(PiecePen pen) {
        chestOfDrawers(pen);
        pen.dish(pen.w * 0.4, 0, 60, Role.CUSHION_COOL, Detail.RICH);
    }

    private static void sideboard(PiecePen pen) {
        pen.legs(0, 120, 40, 40, Role.TIMBER);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, 120, pen.h, SymbolPen.CRISP, Role.TIMBER);
        pen.inner(-pen.w, -pen.d + 22, pen.w, -pen.d + 22, Detail.DRAWN);
        pen.doors(-pen.w, pen.w, 130, pen.h - 25, PiecePen.many(2 * pen.w, DOOR, 2));
        pen.grain(pen.w - 60, pen.d - 50);
    }

    private static void dresser(PiecePen pen) {
        var upper = Math.min(330, pen.d * 1.4);
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 900, 6, Role.BODY);
        pen.standing(-pen.w + 20, pen.d - upper, pen.w - 20, pen.d, 900, pen.h, 6, Role.BODY);
        pen.doors(-pen.w, pen.w, 70, 640, PiecePen.many(2 * pen.w, 430, 2));
        pen.drawers(-pen.w, pen.w, 650, 880, PiecePen.many(2 * pen.w, 430, 2), 1);
        pen.front(
                pen.d - upper,
                SymbolPen.boxPath(-pen.w + 50, 950, pen.w - 50, pen.h - 60, 3),
                Role.TIMBER_DARK,
                Edge.INNER,
                Detail.PLAIN);
        for (var z = 1250.0; z < pen.h - 100; z += 300) {
            pen.front(
                    pen.d - upper,
                    Figure.line(new Point(-pen.w + 50, z), new Point(pen.w - 50, z)),
                    Edge.INNER,
                    Detail.PLAIN);
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, SymbolPen.CRISP, Role.TIMBER);
        pen.innerBox(-pen.w + 20, pen.d - upper, pen.w - 20, pen.d, 4, Role.BODY, Detail.PLAIN);
        for (var i = 0; i < PiecePen.many(2 * pen.w, 260, 2); i++) {
            pen.dish(-pen.w + 150 + 260 * i, pen.d - upper / 2, 85, Role.PORCELAIN, Detail.DRAWN);
        }
    }

    private static void display(PiecePen pen) {
        pen.carcass(Role.TIMBER);
        pen.innerBox(-pen.w + 25, -pen.d + 10, pen.w - 25, pen.d - 25, 3, Role.GLASS, Detail.PLAIN);
        var doors = PiecePen.many(2 * pen.w, 450, 1);
        for (var i = 0; i < doors; i++) {
            var a = -pen.w + 2 * pen.w * i / doors;
            var b = -pen.w + 2 * pen.w * (i + 1) / doors;
            pen.frontBox(a + 40, 420, b - 40, pen.h - 60, 4, Role.GLASS);
            pen.pane(a, b, 80, 380);
        }
        for (var z = 750.0; z < pen.h - 100; z += 350) {
            pen.frontLine(-pen.w + 40, z, pen.w - 40, z, Detail.DRAWN);
        }
        for (var i = 0; i < 4; i++) {
            pen.dish(
                    -pen.w * 0.6 + pen.w * 0.4 * i,
                    pen.d * 0.1,
                    40,
                    i % 2 == 0 ? Role.PORCELAIN : Role.CUSHION,
                    Detail.RICH);
        }
    }

    private static void bookcase(PiecePen pen) {
        pen.whole(4, Role.TIMBER);
        pen.innerBox(-pen.w + 22, -pen.d + 8, pen.w - 22, pen.d - 18, 2, Role.BODY, Detail.PLAIN);
        pen.shelves(-pen.w, pen.w, 40, pen.h, PiecePen.many(2 * pen.w, 900, 1), PiecePen.many(pen.h, 340, 2));
        books(pen);
        var x = -pen.w + 30;
        for (var i = 0; x < pen.w - 60; i++) {
            var thick = 26 + 34 * pen.chance(i, 1);
            var deep = (2 * pen.d - 40) * (0.58 + 0.32 * pen.chance(i, 2));
            var tone = switch ((int) (5 * pen.chance(i, 3))) {
                case 0 -> Role.CUSHION;
                case 1 -> Role.CUSHION_COOL;
                case 2 -> Role.TEXTILE;
                default -> Role.LINEN;
            };
            if (pen.chance(i, 4) > 0.12) {
                pen.innerBox(x, pen.d - 20 - deep, x + thick, pen.d - 20, 1, tone, Detail.RICH);
            }
            x += thick + 1;
        }
    }

    /** Backs of books on every shelf of the front. */
    private static void books(PiecePen pen) {
        var rows = PiecePen.many(pen.h, 340, 2);
        for (var r = 0; r < rows; r++) {
            var low = 40 + (pen.h - 40) * r / rows + (r == 0 ? 20 : 0);
            var x = -pen.w + 30;
            for (var i = 0; x < pen.w - 80; i++) {
                var thick = 28 + 36 * pen.chance(r, i);
                if (pen.chance(r + 40, i) > 0.25) {
                    var high = 190 + 70 * pen.chance(r + 80, i);
                    pen.front(
                            -pen.d,
                            SymbolPen.boxPath(x, low, x + thick, low + high, 2),
                            cloth((int) (9 * pen.chance(r + 120, i))),
                            Edge.INNER,
                            Detail.RICH);
                }
                x += thick + 2;
            }
        }
    }

    private static void lowShelf(PiecePen pen) {
        pen.whole(4, Role.TIMBER);
        pen.grain(40);
        pen.inner(-pen.w, -pen.d + 18, pen.w, -pen.d + 18, Detail.DRAWN);
        pen.shelves(-pen.w, pen.w, 0, pen.h, PiecePen.many(2 * pen.w, 370, 1), PiecePen.many(pen.h, 370, 1));
        pen.on(Level.TOP, () -> {
            pen.innerBox(-pen.w + 90, -60, -pen.w + 330, 90, 3, Role.CUSHION, Detail.RICH);
            pen.circle(pen.w - 180, 20, 60, Role.BODY, Edge.INNER, Detail.RICH);
        });
    }

    /** A quarter of a circle in a corner. */
    private static void cornerShelf(PiecePen pen) {
        var path = Figure.builder();
        path.moveTo(-pen.w, pen.d);
        path.lineTo(pen.w, pen.d);
        path.lineTo(pen.w, -pen.d);
        path.curveTo(-pen.w * 0.1, -pen.d, -pen.w, -pen.d * 0.1, -pen.w, pen.d);
        path.close();
        for (var z = 100.0; z < pen.h; z += 400) {
            pen.standing(-pen.w, -pen.d, pen.w, pen.d, z, z + 25, 4, Role.TIMBER);
        }
        pen.standing(pen.w - 25, -pen.d, pen.w, pen.d, 0, pen.h, 4, Role.TIMBER);
        pen.shape(path.build(), Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        pen.dish(pen.w * 0.35, pen.d * 0.35, 70, Role.CUSHION_COOL, Detail.DRAWN);
    }

    private static void wallShelf(PiecePen pen) {
        pen.whole(4, Role.TIMBER);
    }

    private static void trunk(PiecePen pen) {
        pen.whole(25, Role.TIMBER_DARK);
        for (var x : new double[] {-pen.w * 0.55, pen.w * 0.55}) {
            pen.innerBox(x - 25, -pen.d, x + 25, pen.d, 2, Role.TIMBER, Detail.PLAIN);
            pen.front(-pen.d, SymbolPen.boxPath(x - 25, 0, x + 25, pen.h, 2), Role.TIMBER, Edge.INNER, Detail.PLAIN);
        }
        pen.frontLine(-pen.w, pen.h * 0.68, pen.w, pen.h * 0.68, Detail.PLAIN);
        pen.innerBox(-45, -pen.d - 6, 45, -pen.d + 20, 3, Role.METAL, Detail.DRAWN);
    }

    private static void safe(PiecePen pen) {
        pen.whole(8, Role.METAL);
        pen.line(SymbolPen.boxPath(-pen.w + 40, -pen.d + 40, pen.w - 40, pen.d - 40, 4), Edge.INNER, Detail.DRAWN);
        pen.pane(-pen.w + 25, pen.w - 25, 25, pen.h - 25);
        pen.frontCircle(0, pen.h * 0.55, 55, Role.DARK, Detail.PLAIN);
        pen.circle(0, 0, 40, Role.DARK, Edge.INNER, Detail.PLAIN);
    }
}
