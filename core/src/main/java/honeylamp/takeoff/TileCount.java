package honeylamp.takeoff;

import honeylamp.catalogue.pattern.Pieces;
import honeylamp.geometry.Outline;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.takeoff.tiles.Cutting;
import honeylamp.takeoff.tiles.Nesting;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The pieces a surface takes.
 *
 * @param sizes one entry for each size of piece, in the order of the pattern
 * @param surfaceMm2 of the surface
 * @param piecesMm2 of whole and cut pieces on it; the rest is joint
 * @param leastShare the smallest side of a cut piece, as a share of that side of a whole one; 1 if none is cut
 * @param leastMm that side; 0 if none is cut
 * @param cuts all cut pieces
 */
public record TileCount(
        List<OfSize> sizes, double surfaceMm2, double piecesMm2, double leastShare, double leastMm, Cuts cuts) {
    /** More pieces than this are not counted one by one. */
    public static final int MOST = 400_000;

    /** Pieces whose cut part is smaller than this share of a side look like a mistake. */
    public static final double LEAST_SHARE = 0.5;

    /**
     * Pieces of one size.
     *
     * @param lengthMm of a whole piece
     * @param whole not cut
     * @param large cut, and more than half a piece
     * @param small cut, and half a piece at most
     */
    public record OfSize(double lengthMm, double widthMm, int whole, int large, int small) {
        /** Pieces to be bought if two small cuts come out of one piece: wholes, large cuts, and half the small ones. */
        public int ordered() {
            return whole + large + (small + 1) / 2;
        }
    }

    /**
     * Cut pieces.
     *
     * @param bladeMm what is lost along every cut
     */
    public record Cuts(List<Cutting.Cut> all, double bladeMm) {
        /** Freezes the list. */
        public Cuts {
            all = List.copyOf(all);
        }

        private Cuts and(Cuts other) {
            var both = new ArrayList<>(all);
            both.addAll(other.all);
            return new Cuts(both, bladeMm);
        }
    }

    /** Freezes the sizes. */
    public TileCount {
        sizes = List.copyOf(sizes);
    }

    /**
     * Counts.
     *
     * @param surface in the frame in which the finish is laid, mm
     * @param laying of the finish
     * @param seed of what chance places, as in the picture
     * @return empty if nothing is laid in pieces, or there are too many to count
     */
    public static Optional<TileCount> of(List<Outline> surface, Laying laying, Finish finish, long seed) {
        if (!isCountable(surface, laying)) {
            return Optional.empty();
        }
        var cutting = Cutting.of(surface, laying, finish.directionDeg(), finish.start(), seed);
        return Optional.of(of(surface, laying, cutting));
    }

    /** Whether a laying has pieces, and not too many of them on a surface. */
    static boolean isCountable(List<Outline> surface, Laying laying) {
        var least = laying.width().plus(laying.joint()).mm();
        return !laying.isSeamless() && area(surface) / (least * least) <= MOST;
    }

    private static double area(List<Outline> surface) {
        return surface.stream().mapToDouble(Outline::area).sum();
    }

    static TileCount of(List<Outline> surface, Laying laying, Cutting cutting) {
        var formats = Pieces.formats(laying);
        var counts = new int[formats.size()][3];
        for (var whole : cutting.whole()) {
            counts[whole.format()][0]++;
        }
        for (var cut : cutting.cut()) {
            counts[cut.format()][cut.isLarge() ? 1 : 2]++;
        }
        var sizes = new ArrayList<OfSize>();
        for (var i = 0; i < counts.length; i++) {
            var format = formats.get(i);
            sizes.add(new OfSize(format.lengthMm(), format.widthMm(), counts[i][0], counts[i][1], counts[i][2]));
        }
        var least = cutting.cut().stream().min(Comparator.comparingDouble(Cutting.Cut::leastShare));
        return new TileCount(
                sizes,
                area(surface),
                cutting.areaMm2(),
                least.map(Cutting.Cut::leastShare).orElse(1.0),
                least.map(Cutting.Cut::leastSideMm).orElse(0.0),
                new Cuts(cutting.cut(), laying.goods().blade().mm()));
    }

    /** Both together, of the same laying. */
    public TileCount plus(TileCount other) {
        var both = new ArrayList<OfSize>();
        for (var i = 0; i < sizes.size(); i++) {
            var a = sizes.get(i);
            var b = other.sizes.get(i);
            both.add(new OfSize(a.lengthMm, a.widthMm, a.whole + b.whole, a.large + b.large, a.small + b.small));
        }
        var least = leastShare <= other.leastShare ? this : other;
        return new TileCount(
                both,
                surfaceMm2 + other.surfaceMm2,
                piecesMm2 + other.piecesMm2,
                least.leastShare,
                least.leastMm,
                cuts.and(other.cuts));
    }

    /** Whole pieces of all sizes. */
    public int whole() {
        return sizes.stream().mapToInt(OfSize::whole).sum();
    }

    /** Cut pieces of all sizes that are more than half a piece. */
    public int large() {
        return sizes.stream().mapToInt(OfSize::large).sum();
    }

    /** Cut pieces of all sizes that are half a piece at most. */
    public int small() {
        return sizes.stream().mapToInt(OfSize::small).sum();
    }

    /** Pieces of all sizes to be bought, without waste. */
    public int ordered() {
        return sizes.stream().mapToInt(OfSize::ordered).sum();
    }

    /** Pieces of all sizes to be bought if every offcut that is large enough is used. */
    public int nested() {
        return whole() + Nesting.of(cuts.all, cuts.bladeMm).tiles().size();
    }

    /** The share of what is bought that does not lie on the surface in the end, 0 to 1; 0 if nothing is bought. */
    public double wasteShare() {
        var bought = sizes.stream()
                .mapToDouble(s -> s.ordered() * s.lengthMm() * s.widthMm())
                .sum();
        return bought == 0 ? 0 : Math.max(0, 1 - piecesMm2 / bought);
    }

    /**
     * Boxes to be bought.
     *
     * @param spare bought on top, as a share
     * @return empty if nobody said how many pieces a box holds
     */
    public Optional<Integer> boxes(Laying.Goods goods, double spare) {
        return goods.perBox() == 0
                ? Optional.empty()
                : Optional.of((int) Math.ceil(Math.ceil(ordered() * (1 + spare) - 1e-9) / goods.perBox()));
    }
}
