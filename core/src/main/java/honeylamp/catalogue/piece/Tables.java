package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Affine;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** Tables; the size of one with chairs is that of its top. */
final class Tables {
    private static final double TOP = 30;
    private static final double LEAF = 500;

    private Tables() {}

    static List<FurnishingKind> kinds() {
        var free = new Shelf(Group.TABLES, Stand.FREE);
        var wall = new Shelf(Group.TABLES, Stand.AT_WALL);
        return List.of(
                free.kind("dining-table", "Dining table with chairs", Tables::dining)
                        .mm(1800, 900, 740)
                        .mm(1200, 800, 740)
                        .mm(1600, 900, 740)
                        .mm(2200, 950, 740)
                        .mm(2600, 1000, 740)
                        .in(72, 36, 29)
                        .in(48, 32, 29)
                        .in(84, 40, 29),
                free.kind("low-table", "Low table", Tables::low)
                        .called("coffee table")
                        .mm(1100, 600, 400)
                        .mm(900, 900, 400)
                        .mm(1300, 700, 400)
                        .in(48, 24, 16),
                free.kind("dining-table-round", "Round table with chairs", Tables::diningRound)
                        .mm(1200, 1200, 740)
                        .mm(1000, 1000, 740)
                        .mm(1500, 1500, 740)
                        .in(48, 48, 29)
                        .in(60, 60, 29),
                free.kind("side-table", "Side table", Tables::side)
                        .called("end table")
                        .mm(450, 450, 550)
                        .mm(550, 400, 550),
                free.kind("table", "Table", Tables::table)
                        .mm(1400, 800, 740)
                        .mm(800, 800, 740)
                        .mm(1800, 900, 740),
                free.kind("low-table-round", "Round low table", Tables::lowRound)
                        .called("coffee table")
                        .mm(800, 800, 400)
                        .mm(1000, 1000, 400),
                free.kind("dining-table-oval", "Oval table with chairs", Tables::diningRound)
                        .mm(2000, 1100, 740)
                        .mm(1700, 1000, 740),
                free.kind("table-extending", "Extending table with chairs", Tables::extending)
                        .called("pull-out leaf")
                        .mm(1600, 900, 740)
                        .mm(2100, 900, 740),
                free.kind("table-round", "Round table", Tables::round)
                        .mm(1000, 1000, 740)
                        .mm(700, 700, 740),
                wall.kind("table-drop-leaf", "Drop-leaf table", Tables::dropLeaf)
                        .mm(900, 650, 740),
                free.kind("low-table-oval", "Oval low table", Tables::lowRound)
                        .called("coffee table")
                        .mm(1200, 650, 400),
                free.kind("nest-of-tables", "Nest of tables", Tables::nest).mm(600, 450, 500),
                free.kind("side-table-round", "Round side table", Tables::lowRound)
                        .called("end table")
                        .mm(450, 450, 550),
                wall.kind("console-table", "Console table", Tables::console)
                        .mm(1200, 350, 800)
                        .mm(900, 300, 800),
                free.kind("bistro-table", "Small table with two chairs", Tables::bistro)
                        .called("breakfast bistro")
                        .mm(700, 700, 740));
    }

    private static void dining(PiecePen pen) {
        pen.chairsAround();
        pen.table(TOP, SymbolPen.SOFT * 0.6, 70, Role.TIMBER);
        pen.grain(50);
        pen.dish(0, 0, Math.min(130, pen.d * 0.32), Role.BODY, Detail.RICH);
    }

    private static void diningRound(PiecePen pen) {
        pen.chairsAroundOval();
        pen.roundTable(TOP, Role.TIMBER);
        pen.grain(pen.w * 0.6, pen.d * 0.6);
        pen.dish(0, 0, Math.min(130, pen.d * 0.3), Role.BODY, Detail.RICH);
    }

    /** The joints of the leaves that are put in stand in the middle. */
    private static void extending(PiecePen pen) {
        pen.chairsAround();
        pen.table(TOP, SymbolPen.CRISP, 80, Role.TIMBER);
        pen.grain(50);
        var leaf = Math.min(LEAF, pen.w * 0.6) / 2;
        pen.inner(-leaf, -pen.d, -leaf, pen.d, Detail.PLAIN);
        pen.inner(leaf, -pen.d, leaf, pen.d, Detail.PLAIN);
    }

    private static void table(PiecePen pen) {
        pen.table(TOP, SymbolPen.CRISP, 60, Role.TIMBER);
        pen.grain(40);
    }

    private static void round(PiecePen pen) {
        pen.roundTable(TOP, Role.TIMBER);
        pen.grain(pen.w * 0.6, pen.d * 0.6);
    }

    private static void dropLeaf(PiecePen pen) {
        pen.table(25, SymbolPen.CRISP, 50, Role.TIMBER);
        pen.standing(-pen.w, -pen.d, pen.w, -pen.d + 25, pen.h - 350, pen.h - 25, 6, Role.TIMBER);
        pen.grain(40);
        pen.inner(-pen.w, 0, pen.w, 0, Detail.PLAIN);
        for (var x : new double[] {-pen.w * 0.6, pen.w * 0.6}) {
            pen.innerBox(x - 30, -18, x + 30, 18, 3, Role.METAL, Detail.RICH);
        }
    }

    private static void low(PiecePen pen) {
        pen.table(TOP, SymbolPen.SOFT, 50, Role.TIMBER);
        pen.grain(pen.w - 40, pen.d - 30);
        pen.on(Level.TOP, () -> {
            pen.circle(pen.w * 0.35, pen.d * 0.1, Math.min(85, pen.d * 0.5), Role.BODY, Edge.INNER, Detail.RICH);
            pen.within(
                    Affine.turn(14).then(Affine.move(-pen.w * 0.4, -pen.d * 0.1)),
                    () -> pen.innerBox(-95, -130, 95, 130, 4, Role.LINEN, Detail.RICH));
        });
    }

    private static void lowRound(PiecePen pen) {
        pen.roundTable(25, Role.TIMBER);
        pen.oval(0, 0, pen.w - 25, pen.d - 25, Role.TIMBER, Edge.INNER, Detail.DRAWN);
        pen.grain(pen.w * 0.58, pen.d * 0.58);
        pen.dish(pen.w * 0.2, pen.d * 0.1, Math.min(80, pen.d * 0.3), Role.BODY, Detail.RICH);
    }

    private static void nest(PiecePen pen) {
        for (var i = 2; i >= 0; i--) {
            var in = i * 45.0;
            var out = i * 55.0;
            pen.standing(-pen.w + in, -pen.d - out, pen.w - in, pen.d - out - 40, 0, pen.h - 40 * i, 6, Role.TIMBER);
            pen.box(
                    -pen.w + in,
                    -pen.d - out,
                    pen.w - in,
                    pen.d - (i == 0 ? 0 : out + 40),
                    SymbolPen.CRISP,
                    Role.TIMBER);
        }
        pen.grain(30);
    }

    private static void side(PiecePen pen) {
        pen.table(25, SymbolPen.CRISP, 35, Role.TIMBER);
        pen.dish(0, pen.d * 0.15, Math.min(110, pen.d * 0.5), Role.LINEN, Detail.DRAWN);
    }

    private static void console(PiecePen pen) {
        pen.table(30, SymbolPen.CRISP, 40, Role.TIMBER);
        pen.grain(40);
        pen.standing(-pen.w + 20, -pen.d, pen.w - 20, pen.d - 20, pen.h - 150, pen.h - 30, 4, Role.TIMBER);
        pen.drawers(-pen.w * 0.7, pen.w * 0.7, pen.h - 150, pen.h - 30, 2, 1);
        pen.dish(-pen.w * 0.6, 0, Math.min(80, pen.d * 0.5), Role.CUSHION_COOL, Detail.DRAWN);
    }

    private static void bistro(PiecePen pen) {
        pen.chairs(SeatsAround.ends(pen.w));
        pen.roundTable(25, Role.TIMBER);
        pen.dish(0, 0, 60, Role.BODY, Detail.RICH);
    }
}
