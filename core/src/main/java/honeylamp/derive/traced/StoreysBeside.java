package honeylamp.derive.traced;

import honeylamp.derive.traced.ReadWalls.ReadWall;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.OpeningKind;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Plans that lie beside each other on one sheet: storeys of one building, the left one or the lower one first, each with
 * the shift that lays it over the first by the walls they share.
 *
 * @param storeys the walls as they lie on the sheet
 */
public record StoreysBeside(List<OneStorey> storeys) {
    /** A plan has at least this share of the walls of the largest one; less is a detail. */
    private static final double LEAST_SHARE = 0.3;

    private static final int LEAST_WALLS = 4;

    /** The gaps of a strip end within so much of each other. */
    private static final double STRIP_MM = 150;

    /** So much of the sheet around the walls goes with a plan, where the next one leaves it. */
    private static final double AROUND_MM = 1500;

    /**
     * One of the plans.
     *
     * @param walls where they lie on the sheet
     * @param part of the sheet, in plan mm
     * @param shift what lays it over the first, in mm
     */
    public record OneStorey(ReadWalls walls, Box part, Point shift) {
        /** The walls where they lie over the first storey's. */
        public ReadWalls laid() {
            return walls.moved(shift);
        }
    }

    /** Freezes the list. */
    public StoreysBeside {
        storeys = List.copyOf(storeys);
    }

    /** Whether there is more than one. */
    public boolean areSeveral() {
        return storeys.size() > 1;
    }

    /** How many plans walls make; told at every move of the pointer, so they are not laid over each other for it. */
    public static int count(ReadWalls walls) {
        return Math.max(1, large(groups(cutApart(walls))).size());
    }

    private static List<ArrayList<ReadWall>> large(List<List<ReadWall>> groups) {
        var most = groups.stream().mapToDouble(StoreysBeside::length).max().orElse(0);
        return groups.stream()
                .filter(g -> g.size() >= LEAST_WALLS && length(g) >= LEAST_SHARE * most)
                .map(ArrayList::new)
                .toList();
    }

    /** The plans that walls make. */
    public static StoreysBeside of(ReadWalls together) {
        var walls = cutApart(together);
        var groups = groups(walls);
        var large = large(groups);
        if (large.size() < 2) {
            return new StoreysBeside(List.of(new OneStorey(
                    together,
                    together.walls().isEmpty() ? new Box(0, 0, 0, 0) : box(together.walls()),
                    new Point(0, 0))));
        }
        for (var group : groups) {
            if (large.stream().noneMatch(l -> l.containsAll(group))) {
                large.stream()
                        .min(Comparator.comparingDouble(
                                l -> box(l).centre().distance(box(group).centre())))
                        .ifPresent(l -> l.addAll(group));
            }
        }
        var sorted = large.stream().sorted(order(large)).toList();
        var first = bodies(sorted.getFirst());
        return new StoreysBeside(sorted.stream()
                .map(g -> new OneStorey(new ReadWalls(g), part(g, sorted), Body.shift(first, bodies(g))))
                .toList());
    }

    /**
     * Walls of two plans that lie in one line may have been read as one wall with a plain gap. Where a strip right across
     * the sheet crosses nothing but such gaps, there is no wall in them.
     */
    private static ReadWalls cutApart(ReadWalls walls) {
        for (var wall : walls.walls()) {
            for (var gap : wall.openings()) {
                if (gap.kind() == OpeningKind.PLAIN && isStrip(walls, gap.first(), gap.second())) {
                    return cutApart(parted(walls, gap.first(), gap.second()));
                }
            }
        }
        return walls;
    }

    /** How far a point lies along the way from one jamb to the other. */
    private static double along(Point p, Point first, Point second) {
        return p.minus(first).dot(second.minus(first).unit());
    }

    private static boolean isStrip(ReadWalls walls, Point first, Point second) {
        var wide = first.distance(second);
        return walls.walls().stream().allMatch(w -> {
            var a = along(w.line().a(), first, second);
            var b = along(w.line().b(), first, second);
            return Math.max(a, b) < ReadWalls.TIE_MM
                    || Math.min(a, b) > wide - ReadWalls.TIE_MM
                    || gapAcross(w, first, second).isPresent();
        });
    }

    /** Which plain gap of a wall reaches across a strip. */
    private static OptionalInt gapAcross(ReadWall wall, Point first, Point second) {
        var wide = first.distance(second);
        return IntStream.range(0, wall.openings().size())
                .filter(k -> {
                    var o = wall.openings().get(k);
                    var a = along(o.first(), first, second);
                    var b = along(o.second(), first, second);
                    return o.kind() == OpeningKind.PLAIN
                            && Math.min(a, b) < STRIP_MM
                            && Math.max(a, b) > wide - STRIP_MM;
                })
                .findFirst();
    }

    private static ReadWalls parted(ReadWalls walls, Point first, Point second) {
        var out = walls;
        for (var wall : walls.walls()) {
            var gap = gapAcross(wall, first, second);
            if (gap.isPresent()) {
                out = out.parted(wall.number(), gap.getAsInt());
            }
        }
        return out.freeEndsTied();
    }

    private static double length(List<ReadWall> walls) {
        return walls.stream().mapToDouble(w -> w.line().length()).sum();
    }

    private static Box box(List<ReadWall> walls) {
        return Box.around(walls.stream()
                .flatMap(w -> Stream.of(w.line().a(), w.line().b()))
                .toList());
    }

    private static List<Body> bodies(List<ReadWall> walls) {
        return walls.stream().map(w -> new Body(w.line(), w.thicknessMm())).toList();
    }

    /** Side by side from the left; over each other from below. */
    private static Comparator<List<ReadWall>> order(List<? extends List<ReadWall>> groups) {
        var centres = groups.stream().map(g -> box(g).centre()).toList();
        var across = Box.around(centres);
        return across.width() >= across.height()
                ? Comparator.comparingDouble(g -> box(g).minX())
                : Comparator.comparingDouble(g -> box(g).minY());
    }

    /** The walls and what is around them, up to half the way to the next plan. */
    private static Box part(List<ReadWall> group, List<? extends List<ReadWall>> all) {
        var own = box(group);
        var free = all.stream()
                .filter(g -> g != group)
                .mapToDouble(g -> apart(own, box(g)))
                .min()
                .orElse(2 * AROUND_MM);
        return own.grown(Math.min(AROUND_MM, free / 2));
    }

    private static double apart(Box one, Box other) {
        var x = Math.max(other.minX() - one.maxX(), one.minX() - other.maxX());
        var y = Math.max(other.minY() - one.maxY(), one.minY() - other.maxY());
        return Math.max(0, Math.max(x, y));
    }

    /** Walls that hang together, or lie within each other's box. */
    private static List<List<ReadWall>> groups(ReadWalls walls) {
        var beside = new HashMap<Integer, List<ReadWall>>();
        for (var wall : walls.walls()) {
            for (var on : List.of(wall.startsOn(), wall.endsOn())) {
                on.flatMap(walls::wall).ifPresent(other -> {
                    beside.computeIfAbsent(wall.number(), _ -> new ArrayList<>())
                            .add(other);
                    beside.computeIfAbsent(other.number(), _ -> new ArrayList<>())
                            .add(wall);
                });
            }
        }
        var groups = new ArrayList<List<ReadWall>>();
        var seen = new HashSet<Integer>();
        for (var start : walls.walls()) {
            if (seen.add(start.number())) {
                var group = new ArrayList<>(List.of(start));
                for (var k = 0; k < group.size(); k++) {
                    beside.getOrDefault(group.get(k).number(), List.of()).stream()
                            .filter(w -> seen.add(w.number()))
                            .forEach(group::add);
                }
                groups.add(group);
            }
        }
        for (var pair = overlapping(groups); pair.isPresent(); pair = overlapping(groups)) {
            var joined = new ArrayList<>(pair.get().one);
            joined.addAll(pair.get().other);
            groups.remove(pair.get().one);
            groups.remove(pair.get().other);
            groups.add(joined);
        }
        return groups;
    }

    private record Pair(List<ReadWall> one, List<ReadWall> other) {}

    private static Optional<Pair> overlapping(List<List<ReadWall>> groups) {
        for (var i = 0; i < groups.size(); i++) {
            for (var k = i + 1; k < groups.size(); k++) {
                if (apart(box(groups.get(i)), box(groups.get(k))) == 0) {
                    return Optional.of(new Pair(groups.get(i), groups.get(k)));
                }
            }
        }
        return Optional.empty();
    }
}
