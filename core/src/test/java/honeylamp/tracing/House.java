package honeylamp.tracing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;

/**
 * A made-up storey whose truth is known: walls along two directions, openings in them, rooms between
 * them. Everything is in mm, x right and y down, the outer walls' centre lines starting at 0, 0.
 */
final class House {
    /** A wall by its centre line. */
    record Wall(boolean upright, double at, double from, double to, double thickness, boolean outer) {
        double length() {
            return to - from;
        }

        /** x, y, width and height of its body, its ends half a thickness longer if wanted. */
        double[] body(double longer) {
            var t = thickness / 2;
            return upright
                    ? new double[] {at - t, from - longer, 2 * t, to - from + 2 * longer}
                    : new double[] {from - longer, at - t, to - from + 2 * longer, 2 * t};
        }
    }

    enum Kind {
        DOOR,
        DOUBLE,
        WINDOW,
        PLAIN
    }

    /** An opening, by its jambs along its wall; hinged at the first jamb or the second, opening to the greater side or the lesser. */
    record Opening(Wall wall, double from, double to, Kind kind, boolean hingedFirst, boolean greaterSide) {
        double width() {
            return to - from;
        }

        double middle() {
            return (from + to) / 2;
        }
    }

    private record Leaf(double x0, double y0, double x1, double y1) {
        double area() {
            return (x1 - x0) * (y1 - y0);
        }
    }

    final double width;
    final double depth;
    final double outer;
    final double inner;
    final List<Wall> walls = new ArrayList<>();
    final List<Opening> openings = new ArrayList<>();

    /** The rooms as groups of leaves: rectangles of x0, y0, x1, y1 between centre lines. */
    final List<List<double[]>> rooms = new ArrayList<>();

    private final Random chance;
    private final List<Leaf> leaves = new ArrayList<>();
    private int[] group;

    House(long seed) {
        chance = new Random(seed * 7919 + 13);
        width = round(between(7500, 13500));
        depth = round(between(6000, 10000));
        outer = pick(240, 300, 365, 400);
        inner = pick(70, 100, 115, 150);
        cut(new Leaf(0, 0, width, depth), 3 + chance.nextInt(6));
        takeCornerAway();
        joinTwo();
        makeWalls();
        makeRooms();
        makeOpenings();
    }

    private static double round(double mm) {
        return Math.round(mm / 50) * 50.0;
    }

    private double between(double low, double high) {
        return low + chance.nextDouble() * (high - low);
    }

    private double pick(double... values) {
        return values[chance.nextInt(values.length)];
    }

    private void cut(Leaf whole, int wanted) {
        leaves.add(whole);
        for (var tries = 0; tries < 60 && leaves.size() < wanted; tries++) {
            var big = leaves.stream()
                    .max((a, b) -> Double.compare(a.area(), b.area()))
                    .orElseThrow();
            var wide = big.x1 - big.x0 >= big.y1 - big.y0;
            var low = wide ? big.x0 : big.y0;
            var high = wide ? big.x1 : big.y1;
            var at = round(low + between(0.33, 0.67) * (high - low));
            if (at - low < 1900 || high - at < 1900 || nearAnother(wide, at)) {
                continue;
            }
            leaves.remove(big);
            leaves.add(wide ? new Leaf(big.x0, big.y0, at, big.y1) : new Leaf(big.x0, big.y0, big.x1, at));
            leaves.add(wide ? new Leaf(at, big.y0, big.x1, big.y1) : new Leaf(big.x0, at, big.x1, big.y1));
        }
    }

    private boolean nearAnother(boolean upright, double at) {
        return leaves.stream()
                .flatMap(l -> upright ? Arrays.asList(l.x0, l.x1).stream() : Arrays.asList(l.y0, l.y1).stream())
                .anyMatch(v -> v != at && Math.abs(v - at) < 700);
    }

    private void takeCornerAway() {
        if (chance.nextDouble() < 0.4 && leaves.size() > 3) {
            leaves.stream()
                    .filter(l -> (l.x0 == 0 || l.x1 == width) && (l.y0 == 0 || l.y1 == depth))
                    .filter(l -> !(l.x0 == 0 && l.x1 == width) && !(l.y0 == 0 && l.y1 == depth))
                    .filter(l -> l.area() < 0.25 * width * depth)
                    .findFirst()
                    .ifPresent(leaves::remove);
        }
    }

    private void joinTwo() {
        group = new int[leaves.size()];
        Arrays.setAll(group, i -> i);
        if (chance.nextDouble() < 0.45 && leaves.size() > 3) {
            for (var tries = 0; tries < 20; tries++) {
                var a = chance.nextInt(leaves.size());
                var b = chance.nextInt(leaves.size());
                if (a != b && shared(leaves.get(a), leaves.get(b)) > 1500) {
                    group[b] = group[a];
                    return;
                }
            }
        }
    }

    private static double shared(Leaf a, Leaf b) {
        var x = Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0);
        var y = Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0);
        return x == 0 ? y : y == 0 ? x : 0;
    }

    private int at(double x, double y) {
        for (var i = 0; i < leaves.size(); i++) {
            var l = leaves.get(i);
            if (x > l.x0 && x < l.x1 && y > l.y0 && y < l.y1) {
                return group[i];
            }
        }
        return -1;
    }

    private void makeWalls() {
        var xs = new TreeSet<Double>();
        var ys = new TreeSet<Double>();
        leaves.forEach(l -> {
            xs.addAll(List.of(l.x0, l.x1));
            ys.addAll(List.of(l.y0, l.y1));
        });
        for (var upright : new boolean[] {true, false}) {
            var lines = List.copyOf(upright ? xs : ys);
            var steps = List.copyOf(upright ? ys : xs);
            for (var line : lines) {
                var open = false;
                var isOuter = false;
                var start = 0.0;
                for (var i = 0; i <= steps.size() - 1; i++) {
                    var last = i == steps.size() - 1;
                    var middle = last ? 0 : (steps.get(i) + steps.get(i + 1)) / 2;
                    var a = last ? -1 : upright ? at(line - 1, middle) : at(middle, line - 1);
                    var b = last ? -1 : upright ? at(line + 1, middle) : at(middle, line + 1);
                    var is = !last && a != b;
                    var out = a < 0 || b < 0;
                    if (open && (!is || out != isOuter)) {
                        walls.add(new Wall(upright, line, start, steps.get(i), isOuter ? outer : inner, isOuter));
                        open = false;
                    }
                    if (is && !open) {
                        open = true;
                        isOuter = out;
                        start = steps.get(i);
                    }
                }
            }
        }
    }

    private void makeRooms() {
        for (var g = 0; g < leaves.size(); g++) {
            var own = new ArrayList<double[]>();
            for (var i = 0; i < leaves.size(); i++) {
                if (group[i] == g) {
                    var l = leaves.get(i);
                    own.add(new double[] {l.x0, l.y0, l.x1, l.y1});
                }
            }
            if (!own.isEmpty()) {
                rooms.add(own);
            }
        }
    }

    private void makeOpenings() {
        var linked = new HashSet<Set<Integer>>();
        var reached = new HashSet<Integer>();
        var entrance = false;
        for (var round = 0; round < 2; round++) {
            for (var wall : walls) {
                for (var clear : clearStretches(wall)) {
                    var middle = (clear[0] + clear[1]) / 2;
                    var a = wall.upright ? at(wall.at - 1, middle) : at(middle, wall.at - 1);
                    var b = wall.upright ? at(wall.at + 1, middle) : at(middle, wall.at + 1);
                    var length = clear[1] - clear[0];
                    if (round == 0 && !wall.outer && linked.add(Set.of(a, b))) {
                        var fresh = reached.isEmpty() || !(reached.contains(a) && reached.contains(b));
                        if ((fresh || chance.nextDouble() < 0.3) && length > 1150) {
                            inside(wall, clear, length);
                            reached.add(a);
                            reached.add(b);
                        }
                    } else if (round == 1 && wall.outer) {
                        if (!entrance && length > 1600) {
                            entrance = true;
                            put(wall, clear, round(between(900, 1010)), Kind.DOOR);
                        } else if (length > 1300 && chance.nextDouble() < 0.75) {
                            put(wall, clear, round(Math.min(length - 350, between(600, 2000))), Kind.WINDOW);
                        }
                    }
                }
            }
        }
    }

    private void inside(Wall wall, double[] clear, double length) {
        var roll = chance.nextDouble();
        if (roll < 0.12 && length > 1900) {
            put(wall, clear, pick(1300, 1500, 1600), Kind.DOUBLE);
        } else if (roll < 0.27 && length > 1500) {
            put(wall, clear, round(between(900, Math.min(1600, length - 400))), Kind.PLAIN);
        } else {
            put(wall, clear, pick(690, 760, 815, 885, 1010), Kind.DOOR);
        }
    }

    private void put(Wall wall, double[] clear, double width, Kind kind) {
        var nib = 120.0;
        var free = clear[1] - clear[0] - width - 2 * nib;
        if (free < 0) {
            return;
        }
        var from = clear[0] + nib + Math.round(chance.nextDouble() * free / 10) * 10;
        openings.add(new Opening(wall, from, from + width, kind, chance.nextBoolean(), chance.nextBoolean()));
    }

    /** The stretches of a wall between the bodies of those that cross or meet it. */
    private List<double[]> clearStretches(Wall wall) {
        var cuts = new TreeSet<double[]>((p, q) -> Double.compare(p[0], q[0]));
        for (var other : walls) {
            if (other.upright != wall.upright
                    && other.at >= wall.from - 1
                    && other.at <= wall.to + 1
                    && other.from <= wall.at + 1
                    && other.to >= wall.at - 1) {
                cuts.add(new double[] {other.at - other.thickness / 2, other.at + other.thickness / 2});
            }
        }
        var out = new ArrayList<double[]>();
        double[] last = null;
        for (var cut : cuts) {
            if (last != null && cut[0] > last[1]) {
                out.add(new double[] {last[1], cut[0]});
            }
            last = cut;
        }
        return out;
    }
}
