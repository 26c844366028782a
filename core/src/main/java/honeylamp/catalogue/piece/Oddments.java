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

/** What people leave lying about: on desks and worktops, at the door, by the hearth. */
final class Oddments {
    private Oddments() {}

    static List<FurnishingKind> kinds() {
        var top = new Shelf(Group.DECOR, Stand.ON_TOP);
        var free = new Shelf(Group.DECOR, Stand.FREE);
        return List.of(
                top.kind("laptop", "Portable computer", Oddments::portable)
                        .called("laptop notebook")
                        .hangs(740)
                        .mm(340, 250, 20),
                top.kind("papers", "Papers and a pen", Oddments::papers)
                        .called("letters sheets drawing")
                        .hangs(740)
                        .mm(380, 300, 10),
                top.kind("chopping-board", "Chopping board and loaf", Oddments::board)
                        .called("bread")
                        .hangs(900)
                        .mm(420, 260, 110),
                top.kind("jars", "Three jars", Oddments::jars)
                        .called("tins storage")
                        .hangs(900)
                        .mm(360, 130, 200),
                top.kind("kettle", "Kettle", Oddments::kettle).hangs(900).mm(230, 180, 230),
                top.kind("cup", "Cup and saucer", Oddments::cup)
                        .called("mug coffee tea")
                        .hangs(740)
                        .mm(150, 150, 80),
                top.kind("soap", "Soap and tumbler", Oddments::soap)
                        .called("toothbrush")
                        .hangs(850)
                        .mm(200, 90, 110),
                top.kind("coats", "Coats", Oddments::coats)
                        .called("jackets clothes")
                        .hangs(900)
                        .mm(700, 300, 900),
                free.kind("shoes", "Pair of shoes", Oddments::shoes)
                        .givesWay()
                        .called("boots slippers")
                        .mm(230, 290, 100),
                free.kind("toys", "Toys on the floor", Oddments::toys)
                        .givesWay()
                        .called("blocks ball child")
                        .mm(700, 500, 180),
                free.kind("log-basket", "Basket of firewood", Oddments::logs)
                        .called("logs hearth")
                        .mm(480, 360, 380));
    }

    private static void portable(PiecePen pen) {
        pen.body(-pen.w, -pen.d, pen.w, pen.d * 0.75, 0, pen.h, 14, Role.METAL);
        pen.innerBox(-pen.w, pen.d * 0.75, pen.w, pen.d, 4, Role.DARK, Detail.PLAIN);
        pen.innerBox(-pen.w * 0.82, -pen.d * 0.1, pen.w * 0.82, pen.d * 0.6, 6, Role.DARK, Detail.DRAWN);
        pen.innerBox(-pen.w * 0.25, -pen.d * 0.8, pen.w * 0.25, -pen.d * 0.3, 6, Role.METAL, Detail.RICH);
    }

    private static void papers(PiecePen pen) {
        var wide = pen.w * 0.52;
        pen.standing(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h, 1, Role.LINEN);
        for (var i = 0; i < 3; i++) {
            var x = pen.w * (-0.36 + 0.34 * i);
            pen.within(
                    Affine.turn(9 * pen.either(i, 1)).then(Affine.move(x, 0.08 * pen.d * pen.either(i, 2))),
                    () -> pen.innerBox(-wide, -pen.d * 0.82, wide, pen.d * 0.82, 2, Role.LINEN, Detail.PLAIN));
        }
        var x = pen.w * 0.32;
        for (var y = -0.5; y < 0.6; y += 0.22) {
            pen.inner(
                    x - wide * 0.7,
                    pen.d * y,
                    x + wide * (0.3 + 0.4 * pen.chance(Math.round(10 * y), 3)),
                    pen.d * y,
                    Detail.RICH);
        }
        pen.within(
                Affine.turn(34).then(Affine.move(pen.w * 0.5, -pen.d * 0.1)),
                () -> pen.innerBox(-6, -70, 6, 70, 5, Role.DARK, Detail.DRAWN));
    }

    private static void board(PiecePen pen) {
        pen.body(-pen.w, -pen.d, pen.w, pen.d, 0, 25, 30, Role.TIMBER);
        pen.standing(-pen.w * 0.5, -pen.d * 0.5, pen.w * 0.4, pen.d * 0.5, 25, pen.h, 50, Role.TIMBER_DARK);
        pen.oval(-pen.w * 0.1, 0, pen.w * 0.52, pen.d * 0.56, Role.TIMBER_DARK, Edge.INNER, Detail.PLAIN);
        for (var x : new double[] {-0.4, -0.15, 0.1}) {
            pen.inner(pen.w * x, -pen.d * 0.28, pen.w * (x + 0.1), pen.d * 0.28, Detail.DRAWN);
        }
        pen.innerBox(pen.w * 0.62, -pen.d * 0.7, pen.w * 0.74, pen.d * 0.1, 8, Role.METAL, Detail.DRAWN);
        pen.innerBox(pen.w * 0.63, pen.d * 0.1, pen.w * 0.73, pen.d * 0.72, 8, Role.DARK, Detail.DRAWN);
    }

    private static void jars(PiecePen pen) {
        var r = Math.min(pen.d, pen.w / 3) * 0.97;
        var roles = new Role[] {Role.PORCELAIN, Role.CUSHION_COOL, Role.PORCELAIN};
        for (var i = 0; i < 3; i++) {
            var x = pen.w * 2 / 3 * (i - 1);
            pen.drum(x, 0, r, 0, pen.h * (0.7 + 0.15 * i), roles[i]);
            pen.circle(x, 0, r, roles[i], Edge.OUTLINE, Detail.PLAIN);
            pen.circle(x, 0, r * 0.72, Role.TIMBER, Edge.INNER, Detail.DRAWN);
        }
    }

    private static void kettle(PiecePen pen) {
        var r = Math.min(pen.d, pen.w * 0.78);
        var x = -pen.w + r;
        pen.drum(x, 0, r, 0, pen.h, Role.METAL);
        pen.innerBox(x + r * 0.7, -14, pen.w, 14, 8, Role.METAL, Detail.PLAIN);
        pen.circle(x, 0, r, Role.METAL, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(x, 0, r * 0.55, Role.METAL, Edge.INNER, Detail.DRAWN);
        pen.innerBox(x - 9, -r * 0.9, x + 9, r * 0.9, 8, Role.DARK, Detail.PLAIN);
    }

    private static void cup(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standingRound(0, 0, r, 0, 12, 5, Role.PORCELAIN);
        pen.standing(-r * 0.5, -r * 0.5, r * 0.5, r * 0.5, 12, pen.h, 8, Role.PORCELAIN);
        pen.circle(0, 0, r, Role.PORCELAIN, Edge.INNER, Detail.PLAIN);
        pen.innerBox(r * 0.5, -10, r * 0.86, 10, 8, Role.PORCELAIN, Detail.DRAWN);
        pen.circle(0, 0, r * 0.58, Role.PORCELAIN, Edge.INNER, Detail.PLAIN);
        pen.circle(0, 0, r * 0.44, Role.TIMBER_DARK, Edge.INNER, Detail.PLAIN);
    }

    private static void soap(PiecePen pen) {
        var r = Math.min(pen.d, pen.w * 0.42);
        pen.drum(pen.w - r, 0, r, 0, pen.h, Role.GLASS);
        pen.circle(pen.w - r, 0, r, Role.GLASS, Edge.INNER, Detail.PLAIN);
        pen.innerBox(pen.w - r - 5, -8, pen.w - r + 5, r + 30, 5, Role.CUSHION_COOL, Detail.DRAWN);
        pen.standing(-pen.w * 0.92, -pen.d * 0.85, pen.w * 0.08, pen.d * 0.85, 0, 30, 12, Role.PORCELAIN);
        pen.oval(-pen.w * 0.42, 0, pen.w * 0.5, pen.d * 0.85, Role.PORCELAIN, Edge.INNER, Detail.PLAIN);
        pen.oval(-pen.w * 0.42, 0, pen.w * 0.32, pen.d * 0.5, Role.CUSHION, Edge.INNER, Detail.DRAWN);
    }

    /** Seen from above each is a pair of shoulders with sleeves that hang to the sides. */
    private static void coats(PiecePen pen) {
        var roles = new Role[] {Role.TEXTILE_WARM, Role.CUSHION_COOL, Role.TEXTILE, Role.CUSHION};
        var many = Math.max(1, (int) Math.round(2 * pen.w / 230));
        var each = 2 * pen.w / many;
        for (var i = 0; i < many; i++) {
            var x = -pen.w + each * (i + 0.5);
            var role = roles[(int) (roles.length * pen.chance(i, 1)) % roles.length];
            var deep = pen.d * (0.78 + 0.2 * pen.chance(i, 2));
            var half = each * (0.46 + 0.1 * pen.chance(i, 3));
            pen.standing(
                    x - half, pen.d - 2 * deep, x + half, pen.d, 0, pen.h * (0.8 + 0.2 * pen.chance(i, 4)), 60, role);
            var path = Figure.builder();
            path.moveTo(x - half * 0.3, pen.d);
            path.curveTo(
                    x - half * 0.9,
                    pen.d - deep * 0.1,
                    x - half * 1.1,
                    pen.d - deep,
                    x - half * 0.75,
                    pen.d - 1.9 * deep);
            path.curveTo(
                    x - half * 0.3,
                    pen.d - 2.05 * deep,
                    x + half * 0.3,
                    pen.d - 1.85 * deep,
                    x + half * 0.75,
                    pen.d - 1.95 * deep);
            path.curveTo(x + half * 1.1, pen.d - deep, x + half * 0.9, pen.d - deep * 0.1, x + half * 0.3, pen.d);
            path.close();
            pen.shape(path.build(), role, Edge.OUTLINE, Detail.PLAIN);
            pen.inner(x, pen.d - deep * 0.35, x + half * 0.15, pen.d - 1.75 * deep, Detail.DRAWN);
        }
    }

    private static void shoes(PiecePen pen) {
        for (var side : new double[] {-1, 1}) {
            pen.within(
                    Affine.turn(7 * pen.either(Math.round(side), 1))
                            .then(Affine.move(side * pen.w * 0.52, 12 * pen.either(Math.round(side), 2))),
                    () -> {
                        var half = pen.w * 0.4;
                        pen.standing(
                                -half * 0.9, -pen.d * 0.95, half * 0.9, pen.d * 0.95, 0, pen.h, 30, Role.TIMBER_DARK);
                        pen.shape(sole(half, pen.d * 0.95), Role.TIMBER_DARK, Edge.OUTLINE, Detail.PLAIN);
                        pen.oval(0, -pen.d * 0.42, half * 0.6, pen.d * 0.4, Role.LINEN, Edge.INNER, Detail.PLAIN);
                    });
        }
    }

    /** The toe at the back, so that they stand as somebody stepped out of them facing it. */
    private static Figure sole(double w, double d) {
        var path = Figure.builder();
        path.moveTo(0, d);
        path.curveTo(w * 0.9, d, w * 1.1, d * 0.3, w * 0.72, -d * 0.1);
        path.curveTo(w * 0.95, -d * 0.6, w * 0.8, -d, 0, -d);
        path.curveTo(-w * 0.8, -d, -w * 0.95, -d * 0.6, -w * 0.72, -d * 0.1);
        path.curveTo(-w * 1.1, d * 0.3, -w * 0.9, d, 0, d);
        path.close();
        return path.build();
    }

    private static void toys(PiecePen pen) {
        var roles = new Role[] {Role.CUSHION, Role.CUSHION_COOL, Role.LEAF_LIGHT, Role.TIMBER};
        for (var i = 0; i < 7; i++) {
            var edge = 34.0;
            var role = roles[i % roles.length];
            var x = i == 0 ? -pen.w + 2 * edge : -pen.w * 0.1 + pen.w * 0.8 * pen.either(i, 1);
            var y = i == 0 ? pen.d - 2 * edge : pen.d * 0.8 * pen.either(i, 2);
            pen.within(
                    Affine.turn(90 * pen.chance(i, 3)).then(Affine.move(x, y)),
                    () -> pen.body(-edge, -edge, edge, edge, 0, 60, 4, role));
        }
        var r = Math.min(95, pen.d * 0.4);
        pen.standing(pen.w - 2 * r, -pen.d, pen.w, -pen.d + 2 * r, 0, pen.h, pen.h / 2, Role.CUSHION);
        pen.circle(pen.w - r, -pen.d + r, r, Role.CUSHION, Edge.OUTLINE, Detail.PLAIN);
        pen.line(
                Figure.builder()
                        .ellipse(new Point(pen.w - r, -pen.d + r), r * 0.4, r)
                        .build(),
                Edge.INNER,
                Detail.DRAWN);
    }

    private static void logs(PiecePen pen) {
        pen.body(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h * 0.75, 60, Role.TIMBER);
        pen.line(SymbolPen.boxPath(-pen.w + 22, -pen.d + 22, pen.w - 22, pen.d - 22, 45), Edge.INNER, Detail.PLAIN);
        var many = Math.max(2, (int) Math.round(pen.d / 55));
        for (var i = 0; i < many; i++) {
            var y = -pen.d + 2 * pen.d * (i + 0.5) / many;
            var half = pen.w * (0.74 + 0.12 * pen.either(i, 1));
            pen.within(Affine.turn(5 * pen.either(i, 2)).then(Affine.move(pen.w * 0.05 * pen.either(i, 3), y)), () -> {
                pen.standing(
                        -half,
                        -pen.d / many * 0.85,
                        half,
                        pen.d / many * 0.85,
                        pen.h * 0.5,
                        pen.h,
                        20,
                        Role.TIMBER_DARK);
                pen.innerBox(
                        -half, -pen.d / many * 0.85, half, pen.d / many * 0.85, 14, Role.TIMBER_DARK, Detail.PLAIN);
                pen.circle(half - 6, 0, pen.d / many * 0.6, Role.TIMBER, Edge.INNER, Detail.DRAWN);
            });
        }
    }
}
