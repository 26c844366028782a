package honeylamp.derive.storeys;

import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Plans whose areas are known from how they were made: rectangles cut up, courtyards, half-planes, circles. */
final class AreaSamples {
    private AreaSamples() {}

    /** A wall to draw; its thickness picks the type. */
    record Drawn(Point from, Point to, BodySide body, double thick, double sagitta) {}

    record Hole(Point at, double wide, double deep) {}

    /** What a room must have, found by a point in it. */
    record Expected(Point in, double net, double centres, double outer) {}

    /** A plan under way, with what it must give. */
    static final class Sample {
        final List<Drawn> walls = new ArrayList<>();
        final List<Point[]> boundaries = new ArrayList<>();
        final List<Hole> voids = new ArrayList<>();
        final List<Point> outdoor = new ArrayList<>();
        final List<Expected> rooms = new ArrayList<>();
        double external;
        double internal = Double.NaN;

        void ring(List<Point> corners, BodySide body, double thick) {
            for (var i = 0; i < corners.size(); i++) {
                walls.add(new Drawn(corners.get(i), corners.get((i + 1) % corners.size()), body, thick, 0));
            }
        }

        void partition(Random random, Point a, Point b, double thick) {
            var body = BodySide.values()[random.nextInt(3)];
            var left = b.minus(a).unit().left().times(thick / 2 - thick * body.leftShare());
            walls.add(new Drawn(a.plus(left), b.plus(left), body, thick, 0));
        }
    }

    static double whole(Random random, double least, double most) {
        return Math.rint(least + random.nextDouble() * (most - least));
    }

    static List<Point> corners(double x0, double y0, double x1, double y1) {
        return List.of(new Point(x0, y0), new Point(x1, y0), new Point(x1, y1), new Point(x0, y1));
    }

    /** The drawn lines of a rectangle whose outer faces are given, drawn by a face of its walls. */
    static void box(Sample out, Random random, double x0, double y0, double x1, double y1, double thick) {
        var body = BodySide.values()[random.nextInt(3)];
        var in = thick * (1 - body.leftShare()); // from the outer face to the drawn line
        out.ring(corners(x0 + in, y0 + in, x1 - in, y1 - in), body, thick);
    }

    /** A rectangle within faces; how far beyond each side the middle and the outer face lie: west, south, east, north. */
    record Leaf(double x0, double y0, double x1, double y1, double[] middle, double[] outer, double[] depth) {
        double wide() {
            return x1 - x0;
        }

        double deep() {
            return y1 - y0;
        }

        private Leaf with(int side, double at, double half) {
            var m = middle.clone();
            var o = outer.clone();
            var d = depth.clone();
            m[side] = half;
            o[side] = half;
            d[side] = 2 * half;
            return new Leaf(
                    side == 0 ? at : x0, side == 1 ? at : y0, side == 2 ? at : x1, side == 3 ? at : y1, m, o, d);
        }

        double centres() {
            return (wide() + middle[0] + middle[2]) * (deep() + middle[1] + middle[3]);
        }

        double out() {
            return (wide() + outer[0] + outer[2]) * (deep() + outer[1] + outer[3]);
        }
    }

    static Sample splits(Random random) {
        var out = new Sample();
        var thick = whole(random, 150, 400);
        var thin = whole(random, 60, 200);
        var w = whole(random, 6000, 14_000);
        var d = whole(random, 5000, 11_000);
        box(out, random, 0, 0, w, d, thick);
        out.external = w * d;
        out.internal = (w - 2 * thick) * (d - 2 * thick);
        var half = new double[] {thick / 2, thick / 2, thick / 2, thick / 2};
        var full = new double[] {thick, thick, thick, thick};
        split(out, random, new Leaf(thick, thick, w - thick, d - thick, half, full, full), thin, 3);
        return out;
    }

    static void split(Sample out, Random random, Leaf leaf, double thin, int more) {
        var upright = random.nextBoolean();
        var room = upright ? leaf.wide() : leaf.deep();
        if (more == 0 || room < 2000 + thin) {
            finished(out, random, leaf, thin);
            return;
        }
        var at = whole(random, 800 + thin, room - 800 - thin) + (upright ? leaf.x0 : leaf.y0);
        // the ends lie on the faces they meet or anywhere in the bodies behind
        var low = random.nextInt(3) == 0 ? 0 : random.nextDouble() * leaf.depth[upright ? 1 : 0];
        var high = random.nextInt(3) == 0 ? 0 : random.nextDouble() * leaf.depth[upright ? 3 : 2];
        var a = upright ? new Point(at, leaf.y0 - Math.rint(low)) : new Point(leaf.x0 - Math.rint(low), at);
        var b = upright ? new Point(at, leaf.y1 + Math.rint(high)) : new Point(leaf.x1 + Math.rint(high), at);
        out.partition(random, a, b, thin);
        var first = leaf.with(upright ? 2 : 3, at - thin / 2, thin / 2);
        var second = leaf.with(upright ? 0 : 1, at + thin / 2, thin / 2);
        split(out, random, first, thin, more - 1);
        split(out, random, second, thin, more - 1);
    }

    /** A room as it is, with a stub of wall, a boundary, or a void in it. */
    static void finished(Sample out, Random random, Leaf leaf, double thin) {
        var in = new Point(leaf.x0 + 30, leaf.y0 + 30);
        var net = leaf.wide() * leaf.deep();
        switch (random.nextInt(5)) {
            case 0 -> { // a stub on the west side, from the face or the body behind
                var long_ = whole(random, 40, leaf.wide() / 2);
                var y = whole(random, leaf.y0 + 200 + thin, leaf.y1 - 200 - thin);
                var from = leaf.x0 - (random.nextBoolean() ? 0 : Math.rint(leaf.depth[0] / 2));
                out.partition(random, new Point(from, y), new Point(leaf.x0 + long_, y), thin);
                out.rooms.add(new Expected(in, net - long_ * thin, leaf.centres(), leaf.out()));
            }
            case 1 -> {
                var x = whole(random, leaf.x0 + 300, leaf.x1 - 300);
                out.boundaries.add(new Point[] {new Point(x, leaf.y0), new Point(x, leaf.y1)});
                var west = x - leaf.x0;
                var deep = leaf.deep() + leaf.middle[1] + leaf.middle[3];
                var full = leaf.deep() + leaf.outer[1] + leaf.outer[3];
                out.rooms.add(new Expected(
                        in, west * leaf.deep(), (west + leaf.middle[0]) * deep, (west + leaf.outer[0]) * full));
                var east = leaf.x1 - x;
                out.rooms.add(new Expected(
                        new Point(leaf.x1 - 30, leaf.y0 + 30),
                        east * leaf.deep(),
                        (east + leaf.middle[2]) * deep,
                        (east + leaf.outer[2]) * full));
            }
            case 2 -> {
                var w = whole(random, 100, leaf.wide() - 200);
                var d = whole(random, 100, leaf.deep() - 200);
                out.voids.add(new Hole(new Point((leaf.x0 + leaf.x1) / 2, (leaf.y0 + leaf.y1) / 2), w, d));
                out.rooms.add(new Expected(in, net - w * d, leaf.centres() - w * d, leaf.out() - w * d));
                out.external -= w * d;
                out.internal -= w * d;
            }
            default -> out.rooms.add(new Expected(in, net, leaf.centres(), leaf.out()));
        }
    }

    static Sample courtyard(Random random) {
        var out = new Sample();
        var thick = whole(random, 150, 400);
        var thin = whole(random, 60, 300);
        var w = whole(random, 9000, 14_000);
        var d = whole(random, 8000, 11_000);
        box(out, random, 0, 0, w, d, thick);
        var x = whole(random, thick + 700, 3000);
        var y = whole(random, thick + 700, 3000);
        var a = whole(random, 1500, w - x - 2 * thin - 1200); // clear
        var b = whole(random, 1500, d - y - 2 * thin - 1200);
        box(out, random, x, y, x + a + 2 * thin, y + b + 2 * thin, thin);
        var open = random.nextBoolean();
        var in = new Point(x + thin + 50, y + thin + 50);
        var yard = a * b;
        var middle = (a + thin) * (b + thin);
        var around = (w - 2 * thick) * (d - 2 * thick) - (a + 2 * thin) * (b + 2 * thin);
        out.rooms.add(new Expected(in, yard, middle, open ? yard : middle));
        out.rooms.add(new Expected(
                new Point(thick + 50, thick + 50),
                around,
                (w - thick) * (d - thick) - middle,
                w * d - (open ? yard : middle)));
        out.external = w * d - (open ? yard : 0);
        if (open) {
            out.outdoor.add(in);
        }
        return out;
    }

    /** The part of a convex ring left of a line, clipped corner by corner. */
    static double leftOf(List<Point> ring, Point on, Point unit, double by) {
        var kept = new ArrayList<Point>();
        for (var i = 0; i < ring.size(); i++) {
            var p = ring.get(i);
            var q = ring.get((i + 1) % ring.size());
            var sp = unit.cross(p.minus(on)) - by;
            var sq = unit.cross(q.minus(on)) - by;
            if (sp >= 0) {
                kept.add(p);
            }
            if (sp > 0 != sq > 0) {
                kept.add(p.plus(q.minus(p).times(sp / (sp - sq))));
            }
        }
        return kept.size() < 3 ? 0 : new Ring(kept).area();
    }

    /** A convex counter-clockwise ring with every edge moved inward. */
    static List<Point> inset(List<Point> ring, double by) {
        var out = new ArrayList<Point>();
        for (var i = 0; i < ring.size(); i++) {
            var a = ring.get(Math.floorMod(i - 1, ring.size()));
            var p = ring.get(i);
            var b = ring.get((i + 1) % ring.size());
            var u = p.minus(a).unit();
            var v = b.minus(p).unit();
            // both edges lie at the distance by: p + s (v - u) / cross
            out.add(p.plus(v.minus(u).times(by / u.cross(v))));
        }
        return out;
    }

    static Sample halfPlanes(Random random) {
        var out = new Sample();
        var thick = whole(random, 150, 350);
        var thin = random.nextInt(3) == 0 ? 0 : whole(random, 60, 200);
        var n = 4 + random.nextInt(4);
        var ring = new ArrayList<Point>();
        for (var i = 0; i < n; i++) {
            var p = Point.direction(360.0 * (i + 0.25 * random.nextDouble()) / n)
                    .times(5000);
            ring.add(new Point(Math.rint(p.x() * 1.3), Math.rint(p.y())));
        }
        var body = BodySide.values()[random.nextInt(3)];
        var drawn = inset(ring, thick * (1 - body.leftShare()));
        out.ring(drawn.stream().map(p -> Position.of(p).point()).toList(), body, thick);
        var middle = inset(ring, thick / 2);
        var net = inset(ring, thick);
        // from the middle of one wall to that of another, at a slant
        var i = random.nextInt(n);
        var j = (i + 1 + random.nextInt(n - 2) + 1) % n;
        if (j == i || (j + 1) % n == i || (i + 1) % n == j) {
            j = (i + 2) % n;
        }
        var a = middle.get(i).towards(middle.get((i + 1) % n), 0.45 + 0.1 * random.nextDouble());
        var b = middle.get(j).towards(middle.get((j + 1) % n), 0.45 + 0.1 * random.nextDouble());
        a = Position.of(a).point();
        b = Position.of(b).point();
        var unit = b.minus(a).unit();
        if (thin > 0) {
            out.walls.add(new Drawn(a, b, BodySide.CENTRE, thin, 0));
        } else {
            // a boundary ends at the faces
            var from = crossing(net, a, unit, -1);
            var to = crossing(net, a, unit, 1);
            out.boundaries.add(
                    new Point[] {Position.of(from).point(), Position.of(to).point()});
        }
        var back = unit.times(-1);
        var at = a.towards(b, 0.5);
        out.rooms.add(new Expected(
                at.plus(unit.left().times(200 + thin)),
                leftOf(net, a, unit, thin / 2),
                leftOf(middle, a, unit, 0),
                leftOf(ring, a, unit, 0)));
        out.rooms.add(new Expected(
                at.minus(unit.left().times(200 + thin)),
                leftOf(net, a, back, thin / 2),
                leftOf(middle, a, back, 0),
                leftOf(ring, a, back, 0)));
        out.external = new Ring(ring).area();
        out.internal = new Ring(net).area();
        return out;
    }

    /** Where a line through a point leaves a convex ring, forward or backward. */
    static Point crossing(List<Point> ring, Point on, Point unit, int way) {
        var best = 0.0;
        for (var i = 0; i < ring.size(); i++) {
            var p = ring.get(i);
            var q = ring.get((i + 1) % ring.size());
            var sp = unit.cross(p.minus(on));
            var sq = unit.cross(q.minus(on));
            if (sp > 0 != sq > 0) {
                var at = p.plus(q.minus(p).times(sp / (sp - sq)));
                var t = at.minus(on).dot(unit) * way;
                best = Math.max(best, t);
            }
        }
        return on.plus(unit.times(best * way));
    }

    /** Of a circle about the origin what lies above a height. */
    static double above(double radius, double height) {
        if (height >= radius) {
            return 0;
        }
        return radius * radius * Math.acos(height / radius) - height * Math.sqrt(radius * radius - height * height);
    }

    static Sample circles(Random random) {
        var out = new Sample();
        var thick = whole(random, 150, 350);
        var thin = random.nextInt(3) == 0 ? 0 : whole(random, 60, 200);
        var clear = whole(random, 1800, 5000);
        var body = BodySide.values()[random.nextInt(3)];
        var radius = clear + thick * body.leftShare();
        var west = new Point(-radius, 0);
        var east = new Point(radius, 0);
        // counter-clockwise, the inside on the left: the lower half from west to east bulges to its right
        out.walls.add(new Drawn(west, east, body, thick, -radius));
        out.walls.add(new Drawn(east, west, body, thick, -radius));
        var h = whole(random, 300, clear * 0.6) * (random.nextBoolean() ? 1 : -1);
        var x = Math.sqrt(clear * clear - h * h);
        if (thin > 0) {
            var into = 0.5 * thick;
            out.partition(random, new Point(-Math.rint(x + into), h), new Point(Math.rint(x + into), h), thin);
        } else {
            out.boundaries.add(new Point[] {
                Position.of(new Point(-x, h)).point(),
                Position.of(new Point(x, h)).point()
            });
        }
        var wide = 0.0;
        var deep = 0.0;
        var centre = new Point(0, (h > 0 ? h - clear : h + clear) / 2);
        if (random.nextBoolean()) {
            wide = whole(random, 100, clear / 3);
            deep = whole(random, 100, clear / 3);
            out.voids.add(new Hole(centre, wide, deep));
        }
        var inVoid = wide * deep;
        var middle = clear + thick / 2;
        var outer = clear + thick;
        var upper = h > 0 ? 0 : inVoid;
        out.rooms.add(new Expected(
                new Point(0, (h + clear) / 2 + clear / 4 * (h > 0 ? 0 : 1)),
                above(clear, h + thin / 2) - upper,
                above(middle, h) - upper,
                above(outer, h) - upper));
        out.rooms.add(new Expected(
                new Point(0, (h - clear) / 2 - clear / 4 * (h > 0 ? 1 : 0)),
                above(clear, thin / 2 - h) - (inVoid - upper),
                above(middle, -h) - (inVoid - upper),
                above(outer, -h) - (inVoid - upper)));
        out.external = Math.PI * outer * outer - inVoid;
        out.internal = Math.PI * clear * clear - inVoid;
        return out;
    }
}
