package honeylamp.catalogue.piece;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.FurnishingKind.Shelf;
import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Role;
import honeylamp.plan.Stand;
import java.util.List;

/** Trees and shrubs that stand alone, and what gardens are divided by. */
final class Trees {
    /** Where the crown of a tree begins, of its height. */
    private static final double CROWN_FROM = 0.3;

    /** Steps outdoors are so high. */
    private static final double STEP_HIGH_MM = 150;

    private static final double NOSING_MM = 25;

    private Trees() {}

    static List<FurnishingKind> kinds() {
        var free = new Shelf(Group.GARDEN, Stand.FREE);
        return List.of(
                free.kind("tree", "Tree", Trees::tree)
                        .called("broad leaf lime maple beech")
                        .mm(4000, 4000, 5500)
                        .mm(2500, 2500, 3500)
                        .mm(6000, 6000, 8000)
                        .mm(9000, 9000, 12_000),
                free.kind("orchard-tree", "Fruit tree", Trees::orchard)
                        .called("apple pear blossom orchard")
                        .mm(3500, 3500, 4000)
                        .mm(2500, 2500, 3000)
                        .mm(5000, 5000, 5500),
                free.kind("pine", "Needle tree", Trees::pine)
                        .called("conifer pine fir spruce")
                        .mm(3500, 3500, 7000)
                        .mm(2000, 2000, 4000)
                        .mm(5000, 5000, 11_000),
                free.kind("shrub", "Shrub", Trees::shrub)
                        .called("bush")
                        .mm(1200, 1200, 1300)
                        .mm(800, 800, 900),
                free.kind("clipped-ball", "Clipped ball", Trees::ball)
                        .called("box topiary")
                        .mm(700, 700, 700)
                        .mm(500, 500, 500),
                free.kind("pergola", "Pergola", Trees::pergola)
                        .called("arbour trellis")
                        .stands(Stand.ABOVE)
                        .mm(3500, 2800, 2400)
                        .mm(5000, 3000, 2400),
                free.kind("fence", "Fence", Trees::fence)
                        .called("panel palings")
                        .mm(1800, 80, 1200)
                        .mm(1800, 80, 1800)
                        .mm(3600, 80, 1200),
                free.kind("garden-gate", "Garden gate", Trees::gate)
                        .mm(1000, 80, 1100)
                        .mm(3000, 80, 1300),
                free.kind("garden-wall", "Garden wall", Trees::wall)
                        .called("brick stone coping")
                        .mm(2000, 250, 1000)
                        .mm(4000, 250, 1800)
                        .mm(3000, 400, 500),
                free.kind("garden-steps", "Garden steps", Trees::steps)
                        .called("stairs terrace level")
                        .mm(1500, 1050, 450)
                        .mm(1200, 700, 300)
                        .mm(2400, 1400, 600));
    }

    /** A crown seen from above: lobes around, and again smaller towards the light at the upper left. */
    private static void crown(PiecePen pen, double r, int lobes, List<Role> tones) {
        pen.solid(Figure.circle(Point.ORIGIN, r * 0.93).flattened(3), pen.h);
        pen.crown(0, 2 * r, pen.h * CROWN_FROM, pen.h, tones.getFirst());
        pen.on(Level.CANOPY, () -> {
            for (var k = 0; k < tones.size(); k++) {
                var size = r * (1 - 0.27 * k);
                var path = lobed(pen, size, Math.max(5, lobes - 2 * k), k);
                var shift = 0.09 * r * k;
                var edge = k == 0 ? Edge.INNER : Edge.NONE;
                var detail = k > 1 ? Detail.DRAWN : Detail.PLAIN;
                var role = tones.get(k);
                pen.within(Affine.move(-shift, shift), () -> pen.shape(path, role, edge, detail));
            }
        });
    }

    /** One closed line of outward curves that reaches as far as the radius and no farther. */
    private static Figure lobed(PiecePen pen, double radius, int lobes, int ring) {
        var path = Figure.builder();
        for (var k = 0; k <= lobes; k++) {
            var at = notch(pen, radius, lobes, ring, k % lobes);
            if (k == 0) {
                path.moveTo(at.x(), at.y());
            } else {
                var before = notch(pen, radius, lobes, ring, k - 1);
                // control points a third beyond the notches: the curve between them stays within the radius
                var a = before.times(1.17);
                var b = at.times(1.17);
                path.curveTo(a.x(), a.y(), b.x(), b.y(), at.x(), at.y());
            }
        }
        path.close();
        return path.build();
    }

    private static Point notch(PiecePen pen, double radius, int lobes, int ring, int k) {
        var turn = 360.0 * k / lobes + 0.22 * 360 / lobes * pen.either(60L + ring, k);
        return Point.direction(turn).times(radius * (0.85 + 0.03 * pen.chance(70L + ring, k)));
    }

    private static void trunk(PiecePen pen, double r, Role role) {
        var half = Math.max(60, r * 0.07);
        pen.seen(square(half), 0, pen.h * 0.5, half / 2, role);
        pen.circle(0, 0, half, role, Edge.OUTLINE, Detail.PLAIN);
    }

    private static Ring square(double half) {
        return Ring.of(new Point(-half, -half), new Point(half, -half), new Point(half, half), new Point(-half, half));
    }

    private static void tree(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        trunk(pen, r, Role.TIMBER_DARK);
        crown(pen, r, 13, List.of(Role.LEAF, Role.LEAF_LIGHT, Role.LEAF_LIGHT));
        twigs(pen, r);
    }

    /** Limbs that show through the leaves. */
    private static void twigs(PiecePen pen, double r) {
        pen.on(Level.CANOPY, () -> {
            for (var i = 0; i < 7; i++) {
                var turn = 360.0 / 7 * i + 18 * pen.either(81, i);
                var reach = r * (0.5 + 0.25 * pen.chance(82, i));
                pen.within(Affine.turn(turn), () -> {
                    pen.inner(0, 0, reach, 0, Detail.PLAIN);
                    pen.inner(reach * 0.55, 0, reach * 0.9, reach * 0.22, Detail.DRAWN);
                });
            }
        });
    }

    private static void orchard(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        trunk(pen, r, Role.TIMBER_DARK);
        crown(pen, r, 11, List.of(Role.LEAF_LIGHT, Role.LEAF_LIGHT));
        pen.on(Level.CANOPY, () -> {
            for (var i = 0; i < 16; i++) {
                var at = Point.direction(137.5 * i).times(r * 0.84 * Math.sqrt((i + 0.5) / 16)); // the golden angle
                pen.circle(at.x(), at.y(), r * 0.05, Role.LINEN, Edge.NONE, Detail.PLAIN);
            }
        });
    }

    private static void pine(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        trunk(pen, r, Role.TIMBER_DARK);
        pen.solid(Figure.circle(Point.ORIGIN, r * 0.8).flattened(3), pen.h);
        pen.crown(0, 2 * r, pen.h * 0.12, pen.h, Role.LEAF_DEEP);
        pen.on(Level.CANOPY, () -> {
            for (var ring = 0; ring < 3; ring++) {
                var role = List.of(Role.LEAF_DEEP, Role.LEAF, Role.LEAF).get(ring);
                var star = star(pen, r * (1 - 0.29 * ring), 23 - 5 * ring, ring);
                pen.shape(star, role, Edge.INNER, Detail.PLAIN);
            }
        });
    }

    /** Points of branches around a middle. */
    private static Figure star(PiecePen pen, double radius, int points, int ring) {
        var path = Figure.builder();
        for (var k = 0; k < points; k++) {
            var turn = 360.0 * (k + 0.5 * ring) / points + 5 * pen.either(90L + ring, k);
            var tip = Point.direction(turn).times(radius * (0.88 + 0.12 * pen.chance(91L + ring, k)));
            var notch = Point.direction(turn + 180.0 / points).times(radius * 0.72);
            if (k == 0) {
                path.moveTo(tip.x(), tip.y());
            } else {
                path.lineTo(tip.x(), tip.y());
            }
            path.lineTo(notch.x(), notch.y());
        }
        path.close();
        return path.build();
    }

    private static void shrub(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.solid(Figure.circle(Point.ORIGIN, r * 0.9).flattened(3), pen.h);
        pen.crown(0, 2 * r, 0, pen.h, Role.LEAF);
        pen.on(Level.TOP, () -> {
            pen.shape(lobed(pen, r, 11, 0), Role.LEAF_DEEP, Edge.OUTLINE, Detail.PLAIN);
            pen.within(
                    Affine.move(-0.1 * r, 0.1 * r),
                    () -> pen.shape(lobed(pen, 0.72 * r, 9, 1), Role.LEAF, Edge.NONE, Detail.PLAIN));
            pen.within(
                    Affine.move(-0.2 * r, 0.2 * r),
                    () -> pen.shape(lobed(pen, 0.42 * r, 7, 2), Role.LEAF_LIGHT, Edge.NONE, Detail.DRAWN));
        });
    }

    private static void ball(PiecePen pen) {
        var r = Math.min(pen.w, pen.d);
        pen.solid(Figure.circle(Point.ORIGIN, r).flattened(3), pen.h);
        pen.crown(0, 2 * r, 0, pen.h, Role.LEAF);
        pen.on(Level.TOP, () -> {
            pen.circle(0, 0, r, Role.LEAF_DEEP, Edge.OUTLINE, Detail.PLAIN);
            pen.circle(-0.1 * r, 0.1 * r, 0.78 * r, Role.LEAF, Edge.NONE, Detail.PLAIN);
            pen.circle(-0.24 * r, 0.24 * r, 0.4 * r, Role.LEAF_LIGHT, Edge.NONE, Detail.PLAIN);
        });
    }

    /** Posts, two bearers, and rafters across them; all but the posts hangs above. */
    private static void pergola(PiecePen pen) {
        for (var x : new double[] {-pen.w + 60, pen.w - 180}) {
            for (var y : new double[] {-pen.d + 60, pen.d - 180}) {
                pen.on(Level.BODY, () -> pen.body(x, y, x + 120, y + 120, 0, pen.h - 150, 4, Role.TIMBER));
            }
        }
        for (var y : new double[] {-pen.d + 80, pen.d - 160}) {
            pen.standing(-pen.w, y, pen.w, y + 80, pen.h - 150, pen.h - 80, 4, Role.TIMBER);
            pen.box(-pen.w, y, pen.w, y + 80, 4, Role.TIMBER);
        }
        var rafters = PiecePen.many(2 * pen.w, 500, 3);
        for (var i = 0; i < rafters; i++) {
            var x = -pen.w + 60 + (2 * pen.w - 180) * i / (rafters - 1.0);
            pen.standing(x, -pen.d, x + 60, pen.d, pen.h - 80, pen.h, 4, Role.TIMBER);
            pen.box(x, -pen.d, x + 60, pen.d, 4, Role.TIMBER);
        }
    }

    /** Posts with palings between them. */
    private static void fence(PiecePen pen) {
        var bays = PiecePen.many(2 * pen.w, 1800, 1);
        pen.standing(-pen.w, -pen.d * 0.4, pen.w, pen.d * 0.4, 60, pen.h * 0.95, 2, Role.TIMBER);
        pen.box(-pen.w, -pen.d * 0.4, pen.w, pen.d * 0.4, 2, Role.TIMBER);
        for (var x = -pen.w + 120; x < pen.w - 40; x += 120) {
            pen.inner(x, -pen.d * 0.4, x, pen.d * 0.4, Detail.DRAWN);
            pen.frontLine(x, 60, x, pen.h * 0.95, Detail.PLAIN);
        }
        var post = Math.min(pen.d, pen.w / 2);
        for (var i = 0; i <= bays; i++) {
            var x = -pen.w + 2 * pen.w * i / bays;
            var from = Math.clamp(x - post, -pen.w, pen.w - 2 * post);
            pen.body(from, -pen.d, from + 2 * post, pen.d, 0, pen.h, 3, Role.TIMBER_DARK);
        }
    }

    /** Two posts and a leaf that stands a quarter open. */
    private static void gate(PiecePen pen) {
        var post = Math.min(2 * pen.d, pen.w / 2);
        var leaf = 2 * pen.w - 2 * post;
        for (var x : new double[] {-pen.w, pen.w - post}) {
            pen.body(x, -pen.d, x + post, pen.d, 0, pen.h, 3, Role.TIMBER_DARK);
        }
        pen.seen(
                Ring.of(
                        new Point(-pen.w + post, -pen.d * 0.4),
                        new Point(pen.w - post, -pen.d * 0.4),
                        new Point(pen.w - post, pen.d * 0.4),
                        new Point(-pen.w + post, pen.d * 0.4)),
                80,
                pen.h * 0.92,
                2,
                Role.TIMBER);
        pen.within(
                Affine.turn(-25).then(Affine.move(-pen.w + post, 0)),
                () -> pen.box(0, -pen.d * 0.4, leaf, pen.d * 0.4, 2, Role.TIMBER));
        for (var x = -pen.w + post + 110; x < pen.w - post; x += 110) {
            pen.frontLine(x, 80, x, pen.h * 0.92, Detail.PLAIN);
        }
    }

    /** Courses under a coping that stands out a little and has its joints above those below. */
    private static void wall(PiecePen pen) {
        var coping = Math.min(60, pen.h / 4);
        var out = Math.min(30, pen.d / 4);
        pen.standing(-pen.w, -pen.d + out, pen.w, pen.d - out, 0, pen.h - coping, 2, Role.BODY);
        pen.body(-pen.w, -pen.d, pen.w, pen.d, pen.h - coping, pen.h, 6, Role.BODY);
        var stones = PiecePen.many(2 * pen.w, 600, 1);
        for (var i = 1; i < stones; i++) {
            var x = -pen.w + 2 * pen.w * i / stones;
            pen.inner(x, -pen.d, x, pen.d, Detail.DRAWN);
            pen.frontLine(x, pen.h - coping, x, pen.h, Detail.PLAIN);
        }
        var courses = PiecePen.many(pen.h - coping, 150, 1);
        for (var i = 1; i < courses; i++) {
            var z = (pen.h - coping) * i / courses;
            pen.frontLine(-pen.w, z, pen.w, z, Detail.DRAWN);
        }
    }

    /** As many steps as are climbed in comfort, each a slab with a nosing, the lowest before. */
    private static void steps(PiecePen pen) {
        var many = Math.max(1, (int) Math.round(pen.h / STEP_HIGH_MM));
        var deep = 2 * pen.d / many;
        for (var i = 0; i < many; i++) {
            var y = -pen.d + deep * i;
            pen.body(-pen.w, y, pen.w, pen.d, pen.h * i / many, pen.h * (i + 1) / many, 2, Role.BODY);
            if (deep > 4 * NOSING_MM) {
                pen.inner(-pen.w, y + NOSING_MM, pen.w, y + NOSING_MM, Detail.DRAWN);
            }
        }
    }
}
