package honeylamp.catalogue.pattern;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Patterns that repeat: a few pieces, and the two steps by which they repeat.
 *
 * @param cell the pieces of one repeat
 */
record Repeats(List<Part> cell, Point across, Point up) {
    /** A piece of a repeat and which of its sizes it has. */
    record Part(Ring ring, int format) {}

    private static final double HALF_ROOT_3 = Math.sqrt(3) / 2;

    static Repeats of(Laying laying) {
        var w = laying.width().mm();
        var l = laying.length().mm();
        var j = laying.joint().mm();
        return switch (laying.pattern()) {
            case Pattern.Stack _ -> courses(w, l, j, 0);
            case Pattern.Running(var offset) -> courses(w, l, j, offset);
            case Pattern.Diagonal _ -> courses(w, l, j, 0).through(Affine.turn(45));
            case Pattern.Herringbone(var blocks) -> herringbone(w, l, j, blocks);
            case Pattern.Chevron(var slant) -> chevron(w, l, j, Math.toRadians(slant));
            case Pattern.Basket(var strips) -> basket(w, j, strips);
            case Pattern.Block(var strips) -> block(w, j, strips);
            case Pattern.Windmill _ -> windmill(Math.min(w, l) + j, Math.max(w, l) + j, j);
            case Pattern.Hexagon _ -> hexagon(w, j);
            case Pattern.OctagonDot(var dot) -> octagon(w, j, dot * w);
            case Pattern.Triangle _ -> triangle(w + 1.5 * j, j);
            case Pattern.Rhomb _ -> rhomb((w + j) / HALF_ROOT_3, j);
            case Pattern.Fan(var across) -> fan(w, j, across);
            case Pattern.Repeat repeat -> cells(w + j, j, repeat);
            case Pattern.Seamless _,
                    Pattern.Plank _,
                    Pattern.RandomLengths _,
                    Pattern.CoursedSlabs _,
                    Pattern.Setts _ -> throw new IllegalArgumentException(laying.pattern() + " does not repeat");
        };
    }

    /** All pieces that meet a box, row by row. */
    List<Piece> pieces(Box cover) {
        var out = new ArrayList<Piece>();
        var toSteps = new Affine(across.x(), across.y(), up.x(), up.y(), 0, 0).inverse();
        for (var n = 0; n < cell.size(); n++) {
            var part = cell.get(n);
            var corners = part.ring.corners().toArray(Point[]::new);
            var area = part.ring.area();
            var box = part.ring.bounds();
            // the steps that bring the piece's box to the cover
            var reach = new Box(
                            cover.minX() - box.maxX(),
                            cover.minY() - box.maxY(),
                            cover.maxX() - box.minX(),
                            cover.maxY() - box.minY())
                    .ring()
                    .through(toSteps)
                    .bounds();
            for (var j = (long) Math.ceil(reach.minY()); j <= reach.maxY(); j++) {
                for (var i = (long) Math.ceil(reach.minX()); i <= reach.maxX(); i++) {
                    var dx = i * across.x() + j * up.x();
                    var dy = i * across.y() + j * up.y();
                    if (box.minX() + dx <= cover.maxX()
                            && box.maxX() + dx >= cover.minX()
                            && box.minY() + dy <= cover.maxY()
                            && box.maxY() + dy >= cover.minY()) {
                        out.add(new Piece(moved(corners, dx, dy), i, j * cell.size() + n, part.format, area));
                    }
                }
            }
        }
        return out;
    }

    /** Its sizes in the order of their numbers. */
    List<Pieces.Format> formats() {
        var out = new ArrayList<Pieces.Format>();
        var inOrder =
                cell.stream().sorted(Comparator.comparingInt(Part::format)).toList();
        for (var part : inOrder) {
            if (part.format == out.size()) {
                out.add(format(part.ring));
            }
        }
        return out;
    }

    private static Pieces.Format format(Ring ring) {
        var corners = ring.corners();
        if (corners.size() == 4) {
            var a = corners.get(1).minus(corners.get(0)).length();
            var b = ring.area() / a;
            return new Pieces.Format(Math.max(a, b), Math.min(a, b));
        }
        return new Pieces.Format(ring.bounds().width(), ring.bounds().height());
    }

    private static Ring moved(Point[] corners, double dx, double dy) {
        var out = new Point[corners.length];
        for (var n = 0; n < out.length; n++) {
            out[n] = new Point(corners[n].x() + dx, corners[n].y() + dy);
        }
        return Ring.of(out);
    }

    private Repeats through(Affine turn) {
        var origin = turn.apply(Point.ORIGIN);
        UnaryOperator<Point> step = p -> turn.apply(p).minus(origin);
        return new Repeats(
                cell.stream().map(p -> new Part(p.ring.through(turn), p.format)).toList(),
                step.apply(across),
                step.apply(up));
    }

    private static Repeats courses(double w, double l, double j, double offset) {
        return new Repeats(List.of(box(0, 0, l, w, 0)), new Point(l + j, 0), new Point(offset * (l + j), w + j));
    }

    /** Bundles of blocks, one lying and one standing, step by (bundle, bundle) and by (length, -length). */
    private static Repeats herringbone(double w, double l, double j, int blocks) {
        var length = l + j;
        var bundle = blocks * (w + j);
        var cell = new ArrayList<Part>();
        for (var k = 0; k < blocks; k++) {
            var side = k * (w + j);
            cell.add(box(0, side, l, side + w, 0));
            cell.add(box(length + side, bundle - length, length + side + w, bundle - length + l, 0));
        }
        return new Repeats(cell, new Point(length, -length), new Point(bundle, bundle)).through(Affine.turn(45));
    }

    private static Repeats chevron(double w, double l, double j, double slant) {
        var column = l * Math.cos(slant);
        var rise = l * Math.sin(slant);
        var high = w / Math.cos(slant);
        var next = column + j;
        var going = Ring.of(Point.ORIGIN, new Point(column, rise), new Point(column, rise + high), new Point(0, high));
        var coming = Ring.of(
                new Point(next, rise),
                new Point(next + column, 0),
                new Point(next + column, high),
                new Point(next, rise + high));
        return new Repeats(
                List.of(new Part(going, 0), new Part(coming, 0)),
                new Point(2 * next, 0),
                new Point(0, (w + j) / Math.cos(slant)));
    }

    private static Repeats basket(double w, double j, int strips) {
        var square = strips * (w + j);
        var cell = new ArrayList<Part>();
        for (var k = 0; k < strips; k++) {
            var side = k * (w + j);
            cell.add(box(0, side, square - j, side + w, 0));
            cell.add(box(square + side, 0, square + side + w, square - j, 0));
        }
        return new Repeats(cell, new Point(2 * square, 0), new Point(square, square));
    }

    private static Repeats block(double w, double j, int strips) {
        var square = strips * (w + j);
        var cell = new ArrayList<Part>();
        for (var k = 0; k < strips; k++) {
            cell.add(box(0, k * (w + j), square - j, k * (w + j) + w, 0));
        }
        cell.add(box(square, 0, square + w, square - j, 0));
        cell.add(box(0, square, square - j, square + w, 0));
        cell.add(box(square, square, square + w, square + w, 1));
        var step = square + w + j;
        return new Repeats(cell, new Point(step, 0), new Point(0, step));
    }

    /** With sides that hold their joints: four around a square that is as wide as they differ. */
    private static Repeats windmill(double less, double more, double j) {
        var cell = new ArrayList<Part>();
        var all = less + more;
        cell.add(box(0, 0, more - j, less - j, 0));
        cell.add(box(more, 0, all - j, more - j, 0));
        cell.add(box(less, more, all - j, all - j, 0));
        cell.add(box(0, less, less - j, all - j, 0));
        if (more - less - j > 0) {
            cell.add(box(less, less, more - j, more - j, 1));
        }
        return new Repeats(cell, new Point(all, 0), new Point(0, all));
    }

    private static Repeats hexagon(double w, double j) {
        var radius = w / Math.sqrt(3);
        var corners = new ArrayList<Point>();
        for (var k = 0; k < 6; k++) {
            corners.add(Point.direction(60.0 * k).times(radius));
        }
        var step = w + j;
        return new Repeats(
                List.of(new Part(new Ring(corners), 0)), new Point(step * HALF_ROOT_3, step / 2), new Point(0, step));
    }

    private static Repeats octagon(double w, double j, double dot) {
        // so much is cut off a corner that the joint to the dot is as wide as the others
        var cut = Math.min(0.49 * w, Math.sqrt(2) * (dot / 2 + j) - j);
        var large = Ring.of(
                new Point(cut, 0),
                new Point(w - cut, 0),
                new Point(w, cut),
                new Point(w, w - cut),
                new Point(w - cut, w),
                new Point(cut, w),
                new Point(0, w - cut),
                new Point(0, cut));
        var r = dot / Math.sqrt(2);
        var at = -j / 2;
        var small = Ring.of(new Point(at, at - r), new Point(at + r, at), new Point(at, at + r), new Point(at - r, at));
        return new Repeats(List.of(new Part(large, 0), new Part(small, 1)), new Point(w + j, 0), new Point(0, w + j));
    }

    private static Repeats triangle(double high, double j) {
        var side = high / HALF_ROOT_3;
        var upright = Ring.of(Point.ORIGIN, new Point(side, 0), new Point(side / 2, high));
        var hanging = Ring.of(new Point(side, 0), new Point(1.5 * side, high), new Point(side / 2, high));
        return new Repeats(List.of(part(upright, j), part(hanging, j)), new Point(side, 0), new Point(side / 2, high));
    }

    private static Repeats rhomb(double side, double j) {
        var ways = new ArrayList<Point>();
        for (var k = 0; k < 3; k++) {
            ways.add(Point.direction(120.0 * k).times(side));
        }
        var cell = new ArrayList<Part>();
        for (var k = 0; k < 3; k++) {
            var a = ways.get(k);
            var b = ways.get((k + 1) % 3);
            cell.add(part(Ring.of(Point.ORIGIN, a, a.plus(b), b), j));
        }
        return new Repeats(cell, ways.get(0).minus(ways.get(1)), ways.get(1).minus(ways.get(2)));
    }

    /** Quarter arcs that step upwards, parted into stones. */
    private static Repeats fan(double w, double j, int across) {
        var step = w + j;
        var wide = across * step;
        var radius = wide / Math.sqrt(2);
        var cell = new ArrayList<Part>();
        for (var k = 0; k < across; k++) {
            var a = Point.direction(135 - 90.0 * k / across).times(radius);
            var b = Point.direction(135 - 90.0 * (k + 1) / across).times(radius);
            cell.add(part(Ring.of(a, b, b.plus(new Point(0, step)), a.plus(new Point(0, step))), j));
        }
        return new Repeats(cell, new Point(wide, 0), new Point(0, step));
    }

    private static Repeats cells(double module, double j, Pattern.Repeat repeat) {
        var sizes = repeat.cells().stream()
                .map(c -> new Size(Math.min(c.width(), c.height()), Math.max(c.width(), c.height())))
                .distinct()
                .sorted((a, b) -> Integer.compare(b.less * b.more, a.less * a.more))
                .toList();
        var cell = repeat.cells().stream()
                .map(c -> box(
                        c.x() * module,
                        c.y() * module,
                        (c.x() + c.width()) * module - j,
                        (c.y() + c.height()) * module - j,
                        sizes.indexOf(new Size(Math.min(c.width(), c.height()), Math.max(c.width(), c.height())))))
                .toList();
        return new Repeats(
                cell, new Point(repeat.across() * module, 0), new Point(repeat.shift() * module, repeat.up() * module));
    }

    private record Size(int less, int more) {}

    private static Part box(double minX, double minY, double maxX, double maxY, int format) {
        return new Part(new Box(minX, minY, maxX, maxY).ring(), format);
    }

    /** A piece within its share of the pattern, half a joint in from all sides. */
    private static Part part(Ring share, double joint) {
        return new Part(inset(share.counterClockwise(), joint / 2), 0);
    }

    /** A convex ring with its sides moved in; joints too wide for it leave next to nothing of it. */
    private static Ring inset(Ring ring, double by) {
        var corners = ring.corners();
        var n = corners.size();
        var box = ring.bounds();
        var most = Math.min(by, 0.45 * Math.min(box.width(), box.height()));
        var out = new ArrayList<Point>(n);
        for (var i = 0; i < n; i++) {
            var here = corners.get(i);
            var into = here.minus(corners.get((i + n - 1) % n)).unit();
            var from = corners.get((i + 1) % n).minus(here).unit();
            // along the bisector, so that the distance to both sides is the same
            var bisector = into.left().plus(from.left());
            out.add(here.plus(bisector.times(most / (1 + into.dot(from)))));
        }
        return new Ring(out);
    }
}
