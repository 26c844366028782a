package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolPen;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** What stands in workshops, sheds and boat houses. */
final class Workshop {
    private Workshop() {}

    static List<FurnishingKind> kinds() {
        var wall = new Shelf(Group.WORKSHOP, Stand.AT_WALL);
        var free = new Shelf(Group.WORKSHOP, Stand.FREE);
        return List.of(
                wall.kind("workbench", "Workbench", Workshop::workbench)
                        .called("vice joiner")
                        .mm(1800, 700, 880)
                        .mm(1400, 650, 880),
                wall.kind("tool-wall", "Tools on the wall", Workshop::toolWall)
                        .called("pegboard")
                        .mm(1600, 120, 900)
                        .hangs(1000),
                wall.kind("tool-cabinet", "Tool cabinet", Workshop::toolCabinet)
                        .called("chest trolley")
                        .mm(700, 450, 1000),
                free.kind("table-saw", "Table saw", Workshop::tableSaw)
                        .called("circular")
                        .mm(1100, 850, 900),
                free.kind("band-saw", "Band saw", Workshop::bandSaw).mm(650, 650, 1700),
                wall.kind("drill-press", "Pillar drill", Workshop::drill)
                        .called("press")
                        .mm(400, 600, 1600),
                wall.kind("heavy-shelf", "Heavy shelf", Workshop::heavyShelf)
                        .called("rack pallet garage")
                        .mm(1800, 600, 2000),
                wall.kind("timber-rack", "Timber rack", Workshop::timberRack)
                        .called("lumber boards")
                        .mm(3000, 500, 1800),
                free.kind("saw-horses", "Board on trestles", Workshop::trestles)
                        .called("saw horse")
                        .mm(2000, 750, 800),
                wall.kind("log-pile", "Pile of logs", Workshop::logs)
                        .called("firewood")
                        .mm(1800, 400, 1400),
                wall.kind("ladder", "Ladder", Workshop::ladder).called("steps").mm(450, 250, 2600),
                free.kind("barrel", "Barrel", Workshop::barrel)
                        .called("cask drum")
                        .mm(600, 600, 900),
                free.kind("rowing-boat", "Rowing boat", Workshop::rowingBoat)
                        .called("dinghy skiff")
                        .mm(1400, 3800, 700)
                        .mm(1250, 3000, 650),
                free.kind("canoe", "Canoe", Workshop::canoe).called("kayak").mm(850, 4600, 400),
                free.kind("sailing-dinghy", "Sailing dinghy", Workshop::dinghy)
                        .called("boat")
                        .mm(1550, 4200, 900),
                free.kind("boat-trailer", "Boat trailer", Workshop::trailer)
                        .called("trolley")
                        .mm(1900, 4500, 700),
                wall.kind("spar-rack", "Rack of spars and oars", Workshop::spars)
                        .called("mast oar")
                        .mm(3600, 450, 1200),
                free.kind("sewing-floor", "Sail on the loft floor", Workshop::sail)
                        .called("cloth")
                        .stands(Stand.UNDERFOOT)
                        .mm(2600, 3800, 5),
                free.kind("rope-coils", "Coils of rope", Workshop::ropes).mm(1000, 700, 250));
    }

    private static void workbench(PiecePen pen) {
        pen.table(70, 6, 90, Role.TIMBER);
        pen.standing(-pen.w + 150, -pen.d + 150, pen.w - 150, pen.d - 60, 200, 240, 4, Role.TIMBER);
        pen.grain(50);
        pen.innerBox(-pen.w + 30, pen.d - 170, pen.w - 30, pen.d - 40, 3, Role.TIMBER_DARK, Detail.PLAIN);
        pen.body(-pen.w + 90, -pen.d - 130, -pen.w + 330, -pen.d, pen.h - 180, pen.h, 6, Role.METAL);
        pen.box(-pen.w + 195, -pen.d - 210, -pen.w + 225, -pen.d - 130, 8, Role.METAL);
        pen.inner(-pen.w + 110, -pen.d - 195, -pen.w + 310, -pen.d - 195, Detail.PLAIN);
    }

    private static void toolWall(PiecePen pen) {
        pen.standing(-pen.w, pen.d - 25, pen.w, pen.d, 0, pen.h, 3, Role.TIMBER);
        pen.box(-pen.w, pen.d - 25, pen.w, pen.d, 3, Role.TIMBER);
        for (var i = 0; i < 9; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / 9;
            var high = pen.h * (0.35 + 0.3 * pen.chance(i, 1));
            pen.front(
                    pen.d - 25,
                    SymbolPen.boxPath(x - 18, pen.h - 60 - high, x + 18, pen.h - 60, 12),
                    i % 2 == 0 ? Role.METAL : Role.TIMBER_DARK,
                    Edge.INNER,
                    Detail.PLAIN);
            pen.innerBox(
                    x - 30,
                    -pen.d + 50 * pen.chance(i, 2),
                    x + 30,
                    pen.d - 25,
                    8,
                    i % 2 == 0 ? Role.METAL : Role.TIMBER_DARK,
                    Detail.PLAIN);
        }
    }

    private static void toolCabinet(PiecePen pen) {
        pen.whole(10, Role.CUSHION);
        pen.drawers(-pen.w, pen.w, 120, pen.h - 20, 1, 6);
        pen.line(SymbolPen.boxPath(-pen.w + 25, -pen.d + 25, pen.w - 25, pen.d - 25, 6), Edge.INNER, Detail.PLAIN);
        pen.innerBox(-pen.w - 55, -pen.d + 60, -pen.w - 30, pen.d - 60, 10, Role.METAL, Detail.PLAIN);
    }

    private static void tableSaw(PiecePen pen) {
        pen.standing(-pen.w * 0.6, -pen.d * 0.8, pen.w * 0.6, pen.d * 0.8, 0, pen.h - 40, 8, Role.METAL);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - 40, pen.h, 8, Role.METAL);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-6, -170, 6, 170, 2, Role.DARK, Detail.PLAIN);
            pen.innerBox(pen.w * 0.4, -pen.d, pen.w * 0.4 + 55, pen.d, 4, Role.TIMBER, Detail.PLAIN);
            pen.inner(-pen.w * 0.45, -pen.d, -pen.w * 0.45, pen.d, Detail.PLAIN);
        });
    }

    private static void bandSaw(PiecePen pen) {
        pen.standing(-pen.w, -pen.d * 0.5, pen.w * 0.6, pen.d, 0, pen.h * 0.55, 10, Role.METAL);
        pen.standing(-pen.w, 0, pen.w * 0.6, pen.d, pen.h * 0.65, pen.h, 60, Role.METAL);
        pen.standing(-pen.w, pen.d * 0.3, -pen.w * 0.6, pen.d, pen.h * 0.5, pen.h * 0.7, 6, Role.METAL);
        pen.box(-pen.w, pen.d * 0.1, pen.w * 0.6, pen.d, 30, Role.METAL);
        pen.box(-pen.w * 0.4, -pen.d, pen.w, pen.d * 0.45, 8, Role.METAL);
        pen.inner(pen.w * 0.25, -pen.d * 0.2, pen.w * 0.25, -pen.d, Detail.PLAIN);
        pen.circle(pen.w * 0.25, -pen.d * 0.2, 25, Role.DARK, Edge.INNER, Detail.PLAIN);
    }

    private static void drill(PiecePen pen) {
        pen.body(-pen.w, -pen.d, pen.w, pen.d, 0, 70, 10, Role.METAL);
        pen.standing(-45, pen.d - 180, 45, pen.d - 90, 70, pen.h, 10, Role.METAL);
        pen.standing(-pen.w * 0.7, -pen.d * 0.6, pen.w * 0.7, pen.d, pen.h - 350, pen.h, 40, Role.METAL);
        pen.circle(0, pen.d - 135, 55, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pen.innerBox(-pen.w * 0.6, -pen.d * 0.55, pen.w * 0.6, pen.d * 0.9, 40, Role.METAL, Detail.PLAIN);
            pen.circle(0, -pen.d * 0.3, 45, Role.DARK, Edge.INNER, Detail.PLAIN);
            pen.inner(pen.w * 0.6, -pen.d * 0.1, pen.w * 1.15, -pen.d * 0.35, Detail.PLAIN);
        });
    }

    private static void heavyShelf(PiecePen pen) {
        pen.legs(0, pen.h, 45, 0, Role.METAL);
        for (var z = 200.0; z < pen.h; z += 550) {
            pen.standing(-pen.w, -pen.d, pen.w, pen.d, z, z + 50, 2, Role.METAL);
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 4, Role.METAL);
        var x = -pen.w + 60;
        for (var i = 0; x < pen.w - 250; i++) {
            var wide = 260 + 160 * pen.chance(i, 1);
            var role = i % 2 == 0 ? Role.TIMBER : Role.CUSHION_COOL;
            var right = Math.min(x + wide, pen.w - 50);
            pen.innerBox(x, -pen.d + 50, right, pen.d - 50, 4, role, Detail.PLAIN);
            pen.inner((x + right) / 2, -pen.d + 50, (x + right) / 2, pen.d - 50, Detail.DRAWN);
            pen.front(-pen.d, SymbolPen.boxPath(x, 800, right, 1050, 4), role, Edge.INNER, Detail.PLAIN);
            x += wide + 30;
        }
    }

    private static void boards(PiecePen pen, Role role) {
        var rows = PiecePen.many(2 * pen.d, 90, 2);
        for (var i = 0; i < rows; i++) {
            var y = -pen.d + 2 * pen.d * i / rows;
            var left = -pen.w + 150 * pen.chance(i, 1);
            var right = pen.w - 250 * pen.chance(i, 2);
            pen.innerBox(left, y + 6, right, y + 2 * pen.d / rows - 6, 4, role, Detail.PLAIN);
        }
    }

    private static void timberRack(PiecePen pen) {
        for (var x = -pen.w + 250; x < pen.w; x += 900) {
            pen.body(x, -pen.d, x + 80, pen.d, 0, pen.h, 4, Role.METAL);
        }
        for (var z = 250.0; z < pen.h; z += 450) {
            pen.standing(-pen.w, -pen.d + 30, pen.w, pen.d - 30, z, z + 120, 4, Role.TIMBER);
        }
        boards(pen, Role.TIMBER);
    }

    private static void trestles(PiecePen pen) {
        for (var x : new double[] {-pen.w * 0.65, pen.w * 0.65}) {
            pen.standing(x - 50, -pen.d, x + 50, pen.d, 0, pen.h - 40, 8, Role.TIMBER_DARK);
            pen.box(x - 45, -pen.d, x + 45, pen.d, 4, Role.TIMBER_DARK);
            pen.inner(x - 45, -pen.d, x + 45, -pen.d + 130, Detail.PLAIN);
        }
        pen.body(-pen.w, -pen.d * 0.6, pen.w, pen.d * 0.6, pen.h - 40, pen.h, 3, Role.TIMBER);
        pen.grain(pen.w - 30, pen.d * 0.55);
    }

    private static void logs(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 30, Role.TIMBER_DARK);
        for (var z = 75.0; z < pen.h - 40; z += 130) {
            for (var x = -pen.w + 75; x < pen.w - 40; x += 135) {
                pen.frontCircle(x + ((int) (z / 130) % 2) * 60, z, 62, Role.TIMBER, Detail.PLAIN);
            }
        }
        pen.box(-pen.w, -pen.d, pen.w, pen.d, 20, Role.TIMBER_DARK);
        for (var x = -pen.w; x < pen.w - 70; x += 135) {
            pen.innerBox(
                    x + 6,
                    -pen.d + 20 * pen.chance((long) x, 1),
                    Math.min(x + 129, pen.w),
                    pen.d - 20 * pen.chance((long) x, 2),
                    45,
                    Role.TIMBER,
                    Detail.PLAIN);
        }
    }

    private static void ladder(PiecePen pen) {
        for (var x : new double[] {-pen.w, pen.w - 50}) {
            pen.body(x, -pen.d, x + 50, pen.d, 0, pen.h, 6, Role.METAL);
        }
        for (var z = 250.0; z < pen.h; z += 280) {
            pen.standing(-pen.w + 50, -15, pen.w - 50, 15, z, z + 30, 8, Role.METAL);
        }
        for (var y = -pen.d + 30; y < pen.d; y += 55) {
            pen.inner(-pen.w + 50, y, pen.w - 50, y, Detail.PLAIN);
        }
    }

    private static void barrel(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standingRound(0, 0, r, 0, pen.h, 50, Role.TIMBER);
        for (var z : new double[] {0.12, 0.35, 0.65, 0.88}) {
            pen.frontLine(-r, pen.h * z, r, pen.h * z, Detail.PLAIN);
        }
        pen.circle(0, 0, r, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r - 30, Role.TIMBER, Edge.INNER, Detail.PLAIN);
        for (var x = -r * 0.7; x < r * 0.75; x += r * 0.35) {
            var y = Math.sqrt((r - 30) * (r - 30) - x * x);
            pen.inner(x, -y, x, y, Detail.PLAIN);
        }
    }

    /** A hull with its bow at the back, its stern as wide as a share of it. */
    private static Figure hull(double w, double d, double stern) {
        var path = Figure.builder();
        path.moveTo(0, d);
        path.curveTo(w * 0.55, d * 0.62, w, d * 0.2, w, -d * 0.25);
        path.curveTo(w, -d * 0.65, w * (stern + 0.12), -d * 0.9, w * stern, -d);
        path.lineTo(-w * stern, -d);
        path.curveTo(-w * (stern + 0.12), -d * 0.9, -w, -d * 0.65, -w, -d * 0.25);
        path.curveTo(-w, d * 0.2, -w * 0.55, d * 0.62, 0, d);
        path.close();
        return path.build();
    }

    private static Ring around(PiecePen pen) {
        return new Box(-pen.w, -pen.d, pen.w, pen.d).ring();
    }

    private static void planking(PiecePen pen, double stern) {
        pen.seen(around(pen), pen.h * 0.15, pen.h, pen.h * 0.4, Role.TIMBER);
        pen.solid(hull(pen.w, pen.d, stern).flattened(6), pen.h);
        pen.shape(hull(pen.w, pen.d, stern), Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
        pen.shape(hull(pen.w - 70, pen.d - 110, stern), Role.LINEN, Edge.INNER, Detail.PLAIN);
    }

    private static void rowingBoat(PiecePen pen) {
        planking(pen, 0.62);
        pen.inner(0, -pen.d + 110, 0, pen.d - 150, Detail.DRAWN);
        for (var y : new double[] {-0.55, -0.05, 0.4}) {
            var half = pen.w * (y > 0.2 ? 0.68 : 0.9);
            pen.innerBox(-half, y * pen.d - 110, half, y * pen.d + 110, 4, Role.TIMBER, Detail.PLAIN);
        }
        pen.innerBox(-pen.w * 0.6, -pen.d + 80, pen.w * 0.6, -pen.d + 330, 4, Role.TIMBER, Detail.PLAIN);
        for (var side : new double[] {-1, 1}) {
            pen.circle(side * (pen.w - 25), -pen.d * 0.25, 28, Role.METAL, Edge.INNER, Detail.DRAWN);
            pen.on(
                    Level.TOP,
                    () -> pen.innerBox(
                            side * pen.w * 0.28 - 18,
                            -pen.d * 0.75,
                            side * pen.w * 0.28 + 18,
                            pen.d * 0.35,
                            15,
                            Role.TIMBER_DARK,
                            Detail.PLAIN));
        }
    }

    private static void canoe(PiecePen pen) {
        pen.seen(around(pen), 0, pen.h, pen.h * 0.45, Role.LEAF);
        var hull = pointed(pen.w, pen.d);
        pen.solid(hull.flattened(6), pen.h);
        pen.shape(hull, Role.LEAF, Edge.OUTLINE, Detail.PLAIN);
        pen.shape(pointed(pen.w - 45, pen.d - 90), Role.LINEN, Edge.INNER, Detail.PLAIN);
        for (var y : new double[] {-0.5, 0, 0.5}) {
            var half = pen.w * (y == 0 ? 0.92 : 0.68);
            pen.innerBox(-half, y * pen.d - 55, half, y * pen.d + 55, 4, Role.TIMBER, Detail.PLAIN);
        }
    }

    /** A hull pointed at both ends. */
    private static Figure pointed(double w, double d) {
        var path = Figure.builder();
        path.moveTo(0, d);
        path.curveTo(w * 1.25, d * 0.45, w * 1.25, -d * 0.45, 0, -d);
        path.curveTo(-w * 1.25, -d * 0.45, -w * 1.25, d * 0.45, 0, d);
        path.close();
        return path.build();
    }

    private static void dinghy(PiecePen pen) {
        planking(pen, 0.72);
        pen.shape(hull(pen.w - 90, pen.d - 130, 0.7), Role.BODY, Edge.INNER, Detail.PLAIN);
        pen.innerBox(-pen.w * 0.68, -pen.d + 250, pen.w * 0.68, pen.d * 0.2, 80, Role.LINEN, Detail.PLAIN);
        pen.innerBox(-22, -pen.d * 0.25, 22, pen.d * 0.18, 6, Role.TIMBER_DARK, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pen.circle(0, pen.d * 0.35, 50, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
            pen.innerBox(-25, -pen.d * 0.85, 25, pen.d * 0.35, 18, Role.METAL, Detail.PLAIN);
            pen.innerBox(-20, -pen.d - 180, 20, -pen.d + 120, 12, Role.TIMBER, Detail.PLAIN);
        });
    }

    private static void trailer(PiecePen pen) {
        for (var side : new double[] {-1, 1}) {
            pen.standing(
                    side * pen.w, -pen.d * 0.4 - 300, side * (pen.w - 200), -pen.d * 0.4 + 300, 0, 600, 200, Role.DARK);
            pen.box(side * pen.w, -pen.d * 0.4 - 300, side * (pen.w - 200), -pen.d * 0.4 + 300, 60, Role.DARK);
            var rail = Figure.line(
                    new Point(side * pen.w * 0.55, -pen.d),
                    new Point(side * pen.w * 0.55, pen.d * 0.1),
                    new Point(0, pen.d * 0.6));
            pen.line(rail, Edge.OUTLINE, Detail.PLAIN);
        }
        pen.standing(-60, -pen.d, 60, pen.d, 400, 520, 8, Role.METAL);
        pen.box(-45, -pen.d, 45, pen.d, 8, Role.METAL);
        for (var y : new double[] {-0.85, -0.4, 0.05}) {
            pen.box(-pen.w * 0.6, y * pen.d - 40, pen.w * 0.6, y * pen.d + 40, 10, Role.METAL);
            pen.innerBox(-150, y * pen.d - 60, 150, y * pen.d + 60, 40, Role.DARK, Detail.PLAIN);
        }
        pen.standing(-40, pen.d - 320, 40, pen.d - 240, 520, pen.h, 6, Role.METAL);
        pen.circle(0, pen.d - 60, 60, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
    }

    private static void spars(PiecePen pen) {
        for (var x : new double[] {-pen.w * 0.7, 0, pen.w * 0.7}) {
            pen.body(x - 40, -pen.d, x + 40, pen.d, 0, pen.h, 4, Role.TIMBER_DARK);
        }
        for (var i = 0; i < 4; i++) {
            var y = -pen.d + 2 * pen.d * (i + 0.5) / 4;
            pen.standing(-pen.w, y - 35, pen.w, y + 35, pen.h * 0.5, pen.h * 0.5 + 70, 30, Role.TIMBER);
            pen.innerBox(-pen.w + 120 * pen.chance(i, 1), y - 30, pen.w - 60, y + 30, 28, Role.TIMBER, Detail.PLAIN);
            if (i % 2 == 0) {
                pen.oval(-pen.w + 330, y, 320, 48, Role.TIMBER, Edge.INNER, Detail.PLAIN);
            }
        }
    }

    /** A three-cornered sail: seams across it, battens at its leech. */
    private static void sail(PiecePen pen) {
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 1, Role.LINEN);
        var path = Figure.builder();
        path.moveTo(-pen.w, -pen.d);
        path.curveTo(-pen.w * 0.3, -pen.d * 1.0, pen.w * 0.4, -pen.d * 1.0, pen.w, -pen.d);
        path.curveTo(pen.w * 0.75, -pen.d * 0.2, pen.w * 0.1, pen.d * 0.5, -pen.w * 0.85, pen.d);
        path.lineTo(-pen.w, -pen.d);
        path.close();
        pen.shape(path.build(), Role.LINEN, Edge.OUTLINE, Detail.PLAIN);
        for (var i = 1; i < 7; i++) {
            var share = i / 7.0;
            var y = -pen.d + 2 * pen.d * share;
            pen.inner(-pen.w + pen.w * 0.15 * share, y, pen.w * (1 - 1.75 * share) * 0.92, y + 40, Detail.PLAIN);
        }
    }

    private static void ropes(PiecePen pen) {
        var many = PiecePen.many(2 * pen.w, 500, 1);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            var r = Math.min(pen.w / many, pen.d) - 5;
            pen.standingRound(x, 0, r, 0, pen.h, 80, Role.TIMBER);
            pen.circle(x, 0, r, Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
            for (var q = r - 35; q > r * 0.4; q -= 35) {
                pen.line(Figure.circle(new Point(x, 0), q), Edge.INNER, Detail.PLAIN);
            }
            pen.circle(x, 0, r * 0.36, Role.EARTH, Edge.INNER, Detail.PLAIN);
            if (i == 0) {
                var end = Figure.builder();
                end.moveTo(x + r * 0.7, -r * 0.7);
                end.curveTo(x + r, -pen.d, x + r * 1.2, -pen.d, x + r * 1.1, -pen.d * 0.6);
                pen.line(end.build(), Edge.INNER, Detail.PLAIN);
            }
        }
        pen.inner(-pen.w * 0.2, pen.d, pen.w * 0.2, pen.d - 20, Detail.RICH);
        pen.inner(-pen.w * 0.2, -pen.d, pen.w * 0.2, -pen.d + 20, Detail.RICH);
    }
}
