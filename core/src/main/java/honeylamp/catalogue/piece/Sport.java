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

/** What one plays on and trains with. */
final class Sport {
    private Sport() {}

    static List<FurnishingKind> kinds() {
        var free = new Shelf(Group.SPORT, Stand.FREE);
        var wall = new Shelf(Group.SPORT, Stand.AT_WALL);
        return List.of(
                free.kind("billiard-table", "Billiard table", Sport::billiards)
                        .called("pool snooker")
                        .mm(2540, 1420, 800)
                        .mm(2240, 1270, 800)
                        .in(100, 56, 32)
                        .in(88, 50, 32),
                free.kind("table-tennis", "Table tennis", Sport::tableTennis)
                        .called("ping pong")
                        .mm(2740, 1525, 760)
                        .in(108, 60, 30),
                free.kind("table-football", "Table football", Sport::football)
                        .called("foosball")
                        .mm(1400, 760, 880),
                free.kind("dart-board", "Dart board", Sport::darts)
                        .stands(Stand.AT_WALL)
                        .hangs(1500)
                        .mm(460, 60, 460),
                free.kind("treadmill", "Treadmill", Sport::treadmill)
                        .called("running fitness gym")
                        .mm(850, 1900, 1400),
                free.kind("exercise-bike", "Exercise bike", Sport::bike)
                        .called("fitness gym spinning")
                        .mm(600, 1150, 1250),
                free.kind("rowing-machine", "Rowing machine", Sport::rower)
                        .called("fitness gym")
                        .mm(600, 2400, 900),
                free.kind("weight-bench", "Weight bench", Sport::weights)
                        .called("fitness gym")
                        .mm(1800, 1500, 1200),
                wall.kind("wall-bars", "Wall bars", Sport::wallBars)
                        .called("gymnastics fitness")
                        .mm(900, 150, 2400),
                free.kind("exercise-mat", "Exercise mat", Sport::mat)
                        .called("yoga fitness")
                        .stands(Stand.UNDERFOOT)
                        .mm(1830, 610, 10),
                free.kind("chess-table", "Chess table with chairs", Sport::chess)
                        .called("game")
                        .mm(700, 700, 740),
                wall.kind("sauna", "Sauna cabin", Sport::sauna).mm(2000, 1700, 2050));
    }

    private static void billiards(PiecePen pen) {
        pen.legs(0, pen.h - 200, 160, 150, Role.TIMBER_DARK);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 220, pen.h, 60, Role.TIMBER_DARK);
        pen.innerBox(-pen.w + 125, -pen.d + 125, pen.w - 125, pen.d - 125, 10, Role.LEAF, Detail.PLAIN);
        for (var x : new double[] {-pen.w + 115, 0, pen.w - 115}) {
            for (var y : new double[] {-pen.d + 115, pen.d - 115}) {
                pen.circle(x, y, 62, Role.DARK, Edge.INNER, Detail.PLAIN);
            }
        }
        for (var row = 0; row < 4; row++) {
            for (var i = 0; i <= row; i++) {
                pen.circle(
                        pen.w * 0.38 + row * 52,
                        (i - row / 2.0) * 60,
                        28,
                        i % 2 == 0 ? Role.CUSHION : Role.LINEN,
                        Edge.INNER,
                        Detail.DRAWN);
            }
        }
        pen.circle(-pen.w * 0.45, 0, 28, Role.LINEN, Edge.INNER, Detail.DRAWN);
    }

    private static void tableTennis(PiecePen pen) {
        pen.legs(0, pen.h - 30, 60, 250, Role.METAL);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 30, pen.h, 4, Role.LEAF_DEEP);
        pen.line(SymbolPen.boxPath(-pen.w + 20, -pen.d + 20, pen.w - 20, pen.d - 20, 1), Edge.INNER, Detail.PLAIN);
        pen.inner(-pen.w, 0, pen.w, 0, Detail.PLAIN);
        pen.standing(-8, -pen.d - 120, 8, pen.d + 120, pen.h, pen.h + 152, 2, Role.LINEN);
        pen.box(-10, -pen.d - 120, 10, pen.d + 120, 2, Role.LINEN);
    }

    private static void football(PiecePen pen) {
        pen.legs(0, pen.h - 250, 100, 30, Role.TIMBER_DARK);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 260, pen.h, 12, Role.TIMBER_DARK);
        pen.innerBox(-pen.w + 70, -pen.d + 50, pen.w - 70, pen.d - 50, 4, Role.LEAF, Detail.PLAIN);
        for (var i = 0; i < 8; i++) {
            var x = -pen.w + 130 + (2 * pen.w - 260) * i / 7;
            var side = i % 2 == 0 ? -1 : 1;
            pen.inner(x, side * (pen.d + 180), x, -side * pen.d, Detail.PLAIN);
            pen.innerBox(x - 14, side * (pen.d + 180), x + 14, side * (pen.d + 90), 8, Role.DARK, Detail.DRAWN);
            for (var k = -1; k <= 1; k++) {
                pen.circle(
                        x,
                        k * pen.d * 0.42,
                        22,
                        i % 2 == 0 ? Role.CUSHION : Role.CUSHION_COOL,
                        Edge.INNER,
                        Detail.DRAWN);
            }
        }
    }

    private static void darts(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, pen.w, Role.DARK);
        for (var share : new double[] {0.82, 0.5, 0.12}) {
            pen.front(
                    -pen.d,
                    Figure.circle(new Point(0, pen.h / 2), pen.w * share),
                    share == 0.12 ? Role.CUSHION : Role.LINEN,
                    Edge.INNER,
                    Detail.PLAIN);
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 10, Role.DARK);
    }

    private static void treadmill(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, 180, 10, Role.METAL);
        pen.standing(-pen.w, pen.d - 320, pen.w, pen.d - 200, 180, pen.h, 20, Role.DARK);
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 25, Role.METAL);
        pen.innerBox(-pen.w + 140, -pen.d + 20, pen.w - 140, pen.d - 420, 6, Role.DARK, Detail.PLAIN);
        pen.innerBox(-pen.w + 40, pen.d - 330, pen.w - 40, pen.d - 190, 30, Role.DARK, Detail.PLAIN);
        for (var side : new double[] {-1, 1}) {
            pen.innerBox(
                    side * (pen.w - 30), pen.d - 750, side * (pen.w - 85), pen.d - 200, 25, Role.DARK, Detail.PLAIN);
        }
    }

    private static void bike(PiecePen pen) {
        for (var y : new double[] {-pen.d, pen.d - 70}) {
            pen.body(-pen.w * 0.8, y, pen.w * 0.8, y + 70, 0, 60, 20, Role.DARK);
        }
        pen.standing(-40, -pen.d, 40, pen.d, 60, 500, 20, Role.METAL);
        pen.standing(-130, -pen.d * 0.75, 130, -pen.d * 0.2, 850, 950, 40, Role.DARK);
        pen.standing(-pen.w * 0.8, pen.d * 0.3, pen.w * 0.8, pen.d * 0.45, pen.h - 100, pen.h, 20, Role.DARK);
        pen.box(-35, -pen.d, 35, pen.d, 20, Role.METAL);
        pen.oval(0, pen.d * 0.5, 80, 260, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
        pen.oval(0, -pen.d * 0.5, 115, 150, Role.DARK, Edge.OUTLINE, Detail.PLAIN);
        pen.box(-pen.w, pen.d * 0.3, pen.w, pen.d * 0.4, 18, Role.DARK);
        for (var side : new double[] {-1, 1}) {
            pen.innerBox(side * 90, -40, side * 200, 50, 10, Role.METAL, Detail.DRAWN);
        }
    }

    private static void rower(PiecePen pen) {
        pen.standing(-60, -pen.d, 60, pen.d, 200, 320, 10, Role.METAL);
        pen.standing(-pen.w * 0.7, pen.d - 500, pen.w * 0.7, pen.d, 0, pen.h, 80, Role.DARK);
        pen.box(-60, -pen.d, 60, pen.d - 300, 10, Role.METAL);
        pen.box(-pen.w * 0.75, pen.d - 480, pen.w * 0.75, pen.d, 60, Role.DARK);
        pen.circle(0, pen.d - 230, pen.w * 0.6, Role.METAL, Edge.INNER, Detail.PLAIN);
        pen.standing(-160, -pen.d * 0.3, 160, -pen.d * 0.3 + 300, 320, 380, 20, Role.DARK);
        pen.box(-160, -pen.d * 0.3, 160, -pen.d * 0.3 + 300, 60, Role.DARK);
        for (var side : new double[] {-1, 1}) {
            pen.box(side * 90, pen.d - 800, side * 210, pen.d - 520, 15, Role.METAL);
        }
        pen.box(-pen.w, pen.d - 880, pen.w, pen.d - 845, 15, Role.DARK);
        pen.box(-pen.w * 0.8, -pen.d, pen.w * 0.8, -pen.d + 60, 15, Role.DARK);
    }

    private static void weights(PiecePen pen) {
        pen.standing(-160, -pen.d, 160, pen.d * 0.6, 350, 450, 20, Role.DARK);
        pen.box(-160, -pen.d, 160, pen.d * 0.6, 40, Role.DARK);
        pen.inner(-160, pen.d * 0.1, 160, pen.d * 0.1, Detail.PLAIN);
        for (var side : new double[] {-1, 1}) {
            pen.standing(
                    side * pen.w * 0.6 - 30,
                    pen.d * 0.5,
                    side * pen.w * 0.6 + 30,
                    pen.d * 0.7,
                    0,
                    pen.h,
                    6,
                    Role.METAL);
            pen.box(side * pen.w * 0.6 - 30, pen.d * 0.2, side * pen.w * 0.6 + 30, pen.d, 6, Role.METAL);
        }
        pen.on(Level.TOP, () -> {
            pen.standing(-pen.w, pen.d * 0.6 - 14, pen.w, pen.d * 0.6 + 14, pen.h - 40, pen.h - 12, 10, Role.METAL);
            pen.box(-pen.w, pen.d * 0.6 - 14, pen.w, pen.d * 0.6 + 14, 10, Role.METAL);
            for (var side : new double[] {-1, 1}) {
                pen.box(side * pen.w * 0.82, pen.d * 0.6 - 210, side * pen.w * 0.9, pen.d * 0.6 + 210, 12, Role.DARK);
                pen.box(side * pen.w * 0.92, pen.d * 0.6 - 150, side * pen.w * 0.98, pen.d * 0.6 + 150, 12, Role.DARK);
            }
        });
    }

    private static void wallBars(PiecePen pen) {
        for (var x : new double[] {-pen.w, pen.w - 40}) {
            pen.body(x, -pen.d, x + 40, pen.d, 0, pen.h, 4, Role.TIMBER);
        }
        for (var z = 150.0; z < pen.h; z += 150) {
            pen.standing(-pen.w + 40, -20, pen.w - 40, 20, z, z + 35, 15, Role.TIMBER);
        }
        pen.box(-pen.w + 40, -20, pen.w - 40, 20, 15, Role.TIMBER);
    }

    private static void mat(PiecePen pen) {
        pen.whole(25, Role.CUSHION_COOL);
        pen.line(SymbolPen.boxPath(-pen.w + 35, -pen.d + 35, pen.w - 35, pen.d - 35, 15), Edge.INNER, Detail.PLAIN);
        pen.innerBox(-pen.w, -pen.d, -pen.w + 70, pen.d, 20, Role.CUSHION_COOL, Detail.PLAIN);
    }

    private static void chess(PiecePen pen) {
        pen.chair(0, -pen.d - 115, 180);
        pen.chair(0, pen.d + 115, 0);
        pen.table(30, SymbolPen.CRISP, 50, Role.TIMBER);
        var side = Math.min(pen.w, pen.d) * 1.2 / 8;
        for (var c = 0; c < 8; c++) {
            for (var r = 0; r < 8; r++) {
                if ((c + r) % 2 == 0) {
                    var x = (c - 4) * side;
                    var y = (r - 4) * side;
                    pen.innerBox(x, y, x + side, y + side, 0.5, Role.TIMBER_DARK, Detail.DRAWN);
                }
            }
        }
        pen.line(SymbolPen.boxPath(-4 * side, -4 * side, 4 * side, 4 * side, 1), Edge.INNER, Detail.PLAIN);
    }

    private static void sauna(PiecePen pen) {
        pen.whole(6, Role.TIMBER);
        pen.innerBox(-pen.w + 60, -pen.d + 60, pen.w - 60, pen.d - 60, 2, Role.LINEN, Detail.PLAIN);
        pen.innerBox(-pen.w + 60, pen.d - 660, pen.w - 60, pen.d - 60, 2, Role.TIMBER, Detail.PLAIN);
        for (var y = pen.d - 560; y < pen.d - 80; y += 100) {
            pen.inner(-pen.w + 60, y, pen.w - 60, y, Detail.DRAWN);
        }
        pen.innerBox(-pen.w + 100, -pen.d + 100, -pen.w + 500, -pen.d + 500, 6, Role.DARK, Detail.PLAIN);
        for (var i = 0; i < 9; i++) {
            pen.circle(
                    -pen.w + 180 + 120 * (i % 3),
                    -pen.d + 180 + 120 * (i / 3),
                    48,
                    Role.METAL,
                    Edge.INNER,
                    Detail.DRAWN);
        }
        pen.innerBox(pen.w - 800, -pen.d, pen.w - 150, -pen.d + 60, 2, Role.GLASS, Detail.PLAIN);
        pen.frontBox(pen.w - 800, 20, pen.w - 150, pen.h - 120, 4, Role.GLASS);
    }
}
