package honeylamp.takeoff.tiles;

import honeylamp.catalogue.pattern.Pieces;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Position;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;

/**
 * Looks for where a laying is begun best: as few pieces as can be that are cut too small, then as few cuts as can be,
 * then the smallest cut as large as can be.
 *
 * @implNote what is cut changes only where an edge of a piece passes a corner of the surface. These places, and those
 *     between them, are tried along both sides of the pattern; the best are then moved between their neighbours.
 */
public final class StartFinder {
    /** So many places are tried each way, at most. */
    private static final int MOST_EACH_WAY = 36;

    /** Patterns that are not rows of one piece are tried at so many even places too. */
    private static final int EVEN_PLACES = 8;

    private static final int CUTS_OF_INTERVAL = 18;

    /** Places nearer to each other than this, in mm, are the same. */
    private static final double SAME_MM = 0.5;

    /** Two proposals are at least so far from each other. */
    private static final double APART_MM = 10;

    private final List<Outline> surface;
    private final CutSurface cutter;
    private final Laying laying;
    private final Affine toSurface;
    private final double leastShare;
    private final long seed;
    private final Pieces.Steps steps;

    /** A place to begin, and what it brings. */
    public record Begun(Position start, Cutting cutting) {}

    private record Tried(Point at, Cutting cutting, int tooSmall, int cuts, double least) {}

    private static final Comparator<Tried> BEST_FIRST = Comparator.comparingInt(Tried::tooSmall)
            .thenComparingInt(Tried::cuts)
            .thenComparing(t -> -t.least)
            .thenComparing(t -> t.at.x())
            .thenComparing(t -> t.at.y());

    private StartFinder(
            List<Outline> surface, Laying laying, Pieces.Steps steps, Affine toSurface, double leastShare, long seed) {
        this.surface = surface;
        this.cutter = new CutSurface(surface, Pieces.reachMm(laying));
        this.laying = laying;
        this.steps = steps;
        this.toSurface = toSurface;
        this.leastShare = leastShare;
        this.seed = seed;
    }

    /**
     * The best places, the best first; none for what is laid by chance or in one piece.
     *
     * @param surface in its own frame, mm
     * @param directionDeg of the courses in that frame
     * @param leastShare a cut piece with a smaller side than this share of a whole one's is too small
     */
    public static List<Begun> best(
            List<Outline> surface, Laying laying, double directionDeg, double leastShare, long seed, int many) {
        var steps = Pieces.steps(laying);
        if (steps.isEmpty() || surface.isEmpty()) {
            return List.of();
        }
        var turned = Affine.turn(directionDeg);
        var there = surface.stream().map(o -> o.through(turned.inverse())).toList();
        return new StartFinder(there, laying, steps.get(), turned, leastShare, seed).best(many);
    }

    private List<Begun> best(int many) {
        var all = new ArrayList<Tried>();
        var across = places(Point::x, steps.across().x(), laying.length().mm());
        var up = places(Point::y, steps.up().y(), laying.width().mm());
        for (var x : across) {
            for (var y : up) {
                all.add(tried(new Point(x, y)));
            }
        }
        all.sort(BEST_FIRST);
        var out = new ArrayList<Tried>();
        for (var each : all) {
            if (out.size() < many && out.stream().allMatch(t -> t.at.distance(each.at) > APART_MM)) {
                out.add(refined(each, across, up));
            }
        }
        out.sort(BEST_FIRST);
        return out.stream()
                .map(t -> new Begun(Position.of(toSurface.apply(t.at)), t.cutting))
                .toList();
    }

    private Tried tried(Point at) {
        var cutting = Cutting.of(cutter, laying, at, seed);
        var tooSmall = 0;
        var least = 1.0;
        for (var cut : cutting.cut()) {
            var share = cut.leastShare();
            tooSmall += share < leastShare - 1e-9 ? 1 : 0;
            least = Math.min(least, share);
        }
        return new Tried(at, cutting, tooSmall, cutting.cut().size(), least);
    }

    /** The smallest cut grows and then shrinks between two places where what is cut changes. */
    private Tried refined(Tried from, List<Double> across, List<Double> up) {
        var best = from;
        best = between(best, across, best.at.x(), x -> new Point(x, from.at.y()));
        var y = best.at.x();
        return between(best, up, best.at.y(), at -> new Point(y, at));
    }

    private interface Place {
        Point at(double coordinate);
    }

    private Tried between(Tried from, List<Double> places, double here, Place place) {
        var low = places.stream()
                .mapToDouble(p -> p)
                .filter(p -> p < here - SAME_MM)
                .max()
                .orElse(here);
        var high = places.stream()
                .mapToDouble(p -> p)
                .filter(p -> p > here + SAME_MM)
                .min()
                .orElse(here);
        var best = from;
        for (var n = 0; n < CUTS_OF_INTERVAL && high - low > SAME_MM; n++) {
            var a = tried(place.at(low + (high - low) / 3));
            var b = tried(place.at(high - (high - low) / 3));
            best = BEST_FIRST.compare(a, best) < 0 ? a : best;
            best = BEST_FIRST.compare(b, best) < 0 ? b : best;
            if (BEST_FIRST.compare(a, b) <= 0) {
                high -= (high - low) / 3;
            } else {
                low += (high - low) / 3;
            }
        }
        return best;
    }

    /** Where edges of pieces meet corners of the surface along one axis, and half-way between, within one step. */
    private List<Double> places(ToDoubleFunction<Point> along, double step, double side) {
        var period = Math.abs(step) < SAME_MM ? side + laying.joint().mm() : Math.abs(step);
        var edges = new TreeSet<Double>();
        for (var outline : surface) {
            outline.rings()
                    .flatMap(r -> r.corners().stream())
                    .mapToDouble(along)
                    .forEach(at -> {
                        add(edges, at, period);
                        add(edges, at - side, period);
                        if (laying.pattern() instanceof Pattern.Running(var offset)
                                && step == steps.across().x()) {
                            add(edges, at - offset * period, period);
                            add(edges, at - side - offset * period, period);
                        }
                    });
        }
        if (!(laying.pattern() instanceof Pattern.Stack)) {
            for (var n = 0; n < EVEN_PLACES; n++) {
                add(edges, n * period / EVEN_PLACES, period);
            }
        }
        var all = new ArrayList<>(edges);
        var out = new ArrayList<Double>();
        for (var i = 0; i < all.size(); i++) {
            out.add(all.get(i));
            out.add((all.get(i) + (i + 1 < all.size() ? all.get(i + 1) : all.getFirst() + period)) / 2);
        }
        var skip = Math.max(1, (int) Math.ceil(out.size() / (double) MOST_EACH_WAY));
        var kept = new ArrayList<Double>();
        for (var i = 0; i < out.size(); i += skip) {
            kept.add(out.get(i));
        }
        return kept;
    }

    private static void add(TreeSet<Double> places, double at, double period) {
        var there = at - Math.floor(at / period) * period;
        var below = places.floor(there);
        var above = places.ceiling(there);
        if ((below == null || there - below > SAME_MM) && (above == null || above - there > SAME_MM)) {
            places.add(there);
        }
    }
}
