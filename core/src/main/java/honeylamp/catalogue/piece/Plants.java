package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Hang;
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

/** Plants, built from seeded leaves. */
final class Plants {
    private Plants() {}

    static List<FurnishingKind> kinds() {
        var free = new Shelf(Group.PLANTS, Stand.FREE);
        return List.of(
                free.kind("plant", "Plant", Plants::plant)
                        .called("pot")
                        .mm(700, 700, 1200)
                        .mm(500, 500, 900)
                        .mm(900, 900, 1500),
                free.kind("palm", "Palm", Plants::palm).called("pot plant").mm(1200, 1200, 1900),
                free.kind("fig-tree", "Indoor tree", Plants::tree)
                        .called("fig ficus pot plant")
                        .mm(1000, 1000, 2000),
                free.kind("fern", "Fern", Plants::fern).called("pot plant").mm(650, 650, 550),
                free.kind("sword-plant", "Plant with upright leaves", Plants::sword)
                        .called("sansevieria snake pot")
                        .mm(350, 350, 900),
                free.kind("cactus", "Cactus", Plants::cactus)
                        .called("pot plant")
                        .mm(320, 320, 900),
                free.kind("plant-trough", "Trough with plants", Plants::trough)
                        .called("planter box")
                        .mm(1000, 350, 900),
                free.kind("plant-stand", "Pot on a stand", Plants::stand).mm(450, 450, 1000),
                free.kind("pot-plant", "Small plant", Plants::small)
                        .called("pot")
                        .stands(Stand.ON_TOP)
                        .hangs(740)
                        .mm(250, 250, 300),
                free.kind("herbs", "Herbs in pots", Plants::herbs)
                        .stands(Stand.ON_TOP)
                        .hangs(900)
                        .mm(450, 150, 250),
                free.kind("hanging-plant", "Hanging plant", Plants::hanging)
                        .stands(Stand.ABOVE)
                        .hangs(Hang.ON_CORD)
                        .hangs(1600)
                        .mm(450, 450, 800));
    }

    private static double pot(PiecePen pen, double most, double high, Role role) {
        var r = Math.min(pen.w, pen.d);
        var pot = Math.min(r * 0.52, most);
        pen.standing(-pot, -pot, pot, pot, 0, high, 25, role);
        pen.circle(0, 0, pot, role, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, pot * 0.82, Role.EARTH, Edge.INNER, Detail.PLAIN);
        return r;
    }

    /** What throws the shade of leaves, not seen from the side. */
    private static void shade(PiecePen pen, double r) {
        pen.solid(Figure.circle(Point.ORIGIN, r * 0.78).flattened(3), pen.h);
    }

    /** A pot and three rings of seeded leaves, the lowest first. */
    private static void plant(PiecePen pen) {
        var r = pot(pen, 200, pen.h * 0.3, Role.TIMBER_DARK);
        shade(pen, r);
        pen.crown(0, 2 * r, pen.h * 0.28, pen.h, Role.LEAF);
        pen.on(Level.TOP, () -> {
            pen.leaves(0, 0, r, 0, 9, r * 0.34, Role.LEAF_DEEP, Detail.PLAIN);
            pen.leaves(0, 0, r * 0.80, 1, 8, r * 0.34, Role.LEAF, Detail.PLAIN);
            pen.leaves(0, 0, r * 0.52, 2, 6, r * 0.28, Role.LEAF_LIGHT, Detail.DRAWN);
        });
    }

    private static void palm(PiecePen pen) {
        var r = pot(pen, 220, pen.h * 0.22, Role.CUSHION_COOL);
        shade(pen, r);
        pen.standing(-25, -25, 25, 25, pen.h * 0.22, pen.h * 0.6, 6, Role.TIMBER_DARK);
        pen.crown(0, 2 * r, pen.h * 0.5, pen.h, Role.LEAF_DEEP);
        pen.on(Level.TOP, () -> {
            pen.leaves(0, 0, r, 0, 11, r * 0.17, Role.LEAF_DEEP, Detail.PLAIN);
            pen.leaves(0, 0, r * 0.82, 1, 9, r * 0.16, Role.LEAF, Detail.PLAIN);
            pen.leaves(0, 0, r * 0.5, 2, 7, r * 0.14, Role.LEAF_LIGHT, Detail.PLAIN);
        });
    }

    private static void tree(PiecePen pen) {
        var r = pot(pen, 210, pen.h * 0.2, Role.BODY);
        shade(pen, r);
        pen.standing(-20, -20, 20, 20, pen.h * 0.2, pen.h * 0.65, 4, Role.TIMBER_DARK);
        pen.crown(0, 2 * r, pen.h * 0.45, pen.h, Role.LEAF);
        pen.on(Level.TOP, () -> {
            for (var i = 0; i < 22; i++) {
                var a = Point.direction(137.5 * i).times(r * 0.86 * Math.sqrt((i + 0.5) / 22)); // the golden angle
                var role = i % 3 == 0 ? Role.LEAF_DEEP : i % 3 == 1 ? Role.LEAF : Role.LEAF_LIGHT;
                var turn = 137.5 * i + 40 * pen.either(i, 3);
                pen.within(Affine.turn(turn).then(Affine.move(a.x(), a.y())), () -> {
                    pen.oval(0, 0, r * 0.19, r * 0.12, role, Edge.INNER, Detail.PLAIN);
                    pen.inner(-r * 0.16, 0, r * 0.16, 0, Detail.RICH);
                });
            }
        });
    }

    private static void fern(PiecePen pen) {
        var r = pot(pen, 130, pen.h * 0.45, Role.TIMBER);
        shade(pen, r);
        pen.crown(0, 2 * r, pen.h * 0.35, pen.h, Role.LEAF_LIGHT);
        pen.on(Level.TOP, () -> {
            for (var i = 0; i < 16; i++) {
                var turn = 22.5 * i + 8 * pen.either(i, 1);
                var length = r * (0.8 + 0.2 * pen.chance(i, 2));
                pen.within(Affine.turn(turn), () -> {
                    pen.oval(length * 0.55, 0, length * 0.45, r * 0.075, Role.LEAF_LIGHT, Edge.INNER, Detail.PLAIN);
                    for (var x = length * 0.25; x < length * 0.9; x += 35) {
                        pen.inner(x, -r * 0.06, x + 10, r * 0.06, Detail.RICH);
                    }
                });
            }
        });
    }

    private static void sword(PiecePen pen) {
        var r = pot(pen, 170, pen.h * 0.3, Role.LINEN);
        shade(pen, r * 0.6);
        for (var i = 0; i < 6; i++) {
            var x = r * 0.7 * (i - 2.5) / 2.5 * 0.6;
            var top = i == 2 ? pen.h : pen.h * (0.7 + 0.3 * pen.chance(i, 9));
            pen.round(0, 0, SymbolPen.boxPath(x - 18, pen.h * 0.28, x + 18, top, 17), Role.LEAF);
        }
        pen.on(Level.TOP, () -> pen.leaves(0, 0, r * 0.95, 0, 8, r * 0.26, Role.LEAF, Detail.PLAIN));
        pen.on(Level.TOP, () -> pen.leaves(0, 0, r * 0.6, 1, 5, r * 0.22, Role.LEAF_LIGHT, Detail.PLAIN));
    }

    private static void cactus(PiecePen pen) {
        var r = pot(pen, 170, pen.h * 0.25, Role.CUSHION);
        pen.standing(-r * 0.3, -r * 0.3, r * 0.3, r * 0.3, pen.h * 0.25, pen.h, 50, Role.LEAF);
        pen.standing(r * 0.3, -r * 0.18, r * 0.75, r * 0.18, pen.h * 0.5, pen.h * 0.8, 30, Role.LEAF);
        pen.on(Level.TOP, () -> {
            for (var at : new double[] {0, 0.62}) {
                var q = at == 0 ? r * 0.36 : r * 0.24;
                pen.circle(at * r, 0, q, Role.LEAF, Edge.INNER, Detail.PLAIN);
                for (var i = 0; i < 8; i++) {
                    var a = Point.direction(45.0 * i).times(q);
                    pen.inner(at * r + a.x() * 0.4, a.y() * 0.4, at * r + a.x(), a.y(), Detail.PLAIN);
                }
            }
            pen.circle(-r * 0.45, r * 0.1, r * 0.2, Role.LEAF_LIGHT, Edge.INNER, Detail.PLAIN);
        });
        pen.oval(0, 0, pen.w, pen.d, Role.EARTH, Edge.NONE, Detail.RICH);
        pen.circle(0, 0, r * 0.98, Role.CUSHION, Edge.OUTLINE, Detail.PLAIN);
        pen.circle(0, 0, r * 0.84, Role.EARTH, Edge.INNER, Detail.PLAIN);
    }

    private static void trough(PiecePen pen) {
        pen.body(-pen.w, -pen.d, pen.w, pen.d, 0, pen.h * 0.4, SymbolPen.CRISP, Role.TIMBER_DARK);
        pen.innerBox(-pen.w + 20, -pen.d + 20, pen.w - 20, pen.d - 20, 6, Role.EARTH, Detail.PLAIN);
        var many = PiecePen.many(2 * pen.w, 280, 1);
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            pen.crown(x, 2 * pen.w / many * 1.2, pen.h * 0.35, pen.h, Role.LEAF);
            pen.on(Level.TOP, () -> {
                pen.leaves(x, 0, pen.d * 1.15, 0, 8, pen.d * 0.4, Role.LEAF_DEEP, Detail.PLAIN);
                pen.leaves(x, 0, pen.d * 0.75, 1, 6, pen.d * 0.36, Role.LEAF, Detail.PLAIN);
            });
        }
    }

    private static void stand(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.legs(0, pen.h * 0.5, 20, r * 0.35, Role.TIMBER);
        pen.standing(-r * 0.5, -r * 0.5, r * 0.5, r * 0.5, pen.h * 0.4, pen.h * 0.65, 25, Role.LINEN);
        pen.crown(0, 2 * r, pen.h * 0.6, pen.h, Role.LEAF_LIGHT);
        pen.box(-r * 0.62, -r * 0.62, r * 0.62, r * 0.62, 6, Role.TIMBER);
        pen.circle(0, 0, r * 0.5, Role.LINEN, Edge.INNER, Detail.PLAIN);
        pen.on(Level.TOP, () -> {
            pen.leaves(0, 0, r, 0, 9, r * 0.3, Role.LEAF, Detail.PLAIN);
            pen.leaves(0, 0, r * 0.62, 1, 7, r * 0.28, Role.LEAF_LIGHT, Detail.PLAIN);
        });
    }

    private static void small(PiecePen pen) {
        var r = pot(pen, 70, pen.h * 0.4, Role.LINEN);
        pen.crown(0, 2 * r, pen.h * 0.35, pen.h, Role.LEAF_LIGHT);
        pen.leaves(0, 0, r, 0, 8, r * 0.36, Role.LEAF, Detail.PLAIN);
        pen.leaves(0, 0, r * 0.6, 1, 6, r * 0.3, Role.LEAF_LIGHT, Detail.PLAIN);
    }

    private static void herbs(PiecePen pen) {
        var many = Math.max(1, (int) Math.round(pen.w / pen.d));
        for (var i = 0; i < many; i++) {
            var x = -pen.w + 2 * pen.w * (i + 0.5) / many;
            var r = Math.min(pen.d, pen.w / many);
            pen.standing(x - r * 0.7, -r * 0.7, x + r * 0.7, r * 0.7, 0, pen.h * 0.45, 10, Role.CUSHION);
            pen.crown(x, 2 * r, pen.h * 0.4, pen.h, Role.LEAF);
            pen.circle(x, 0, r * 0.95, Role.CUSHION, Edge.OUTLINE, Detail.PLAIN);
            pen.leaves(x, 0, r, 2, 7, r * 0.4, i % 2 == 0 ? Role.LEAF_LIGHT : Role.LEAF, Detail.PLAIN);
        }
    }

    private static void hanging(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.standing(-3, -3, 3, 3, pen.h * 0.5, pen.h, 1, Role.DARK);
        pen.standing(-r * 0.5, -r * 0.5, r * 0.5, r * 0.5, pen.h * 0.35, pen.h * 0.6, 30, Role.TIMBER);
        pen.crown(0, 2 * r, 0, pen.h * 0.6, Role.LEAF);
        pen.leaves(0, 0, r, 0, 9, r * 0.3, Role.LEAF, Detail.PLAIN);
        pen.circle(0, 0, r * 0.45, Role.TIMBER, Edge.OUTLINE, Detail.PLAIN);
    }
}
