package honeylamp.takeoff.tiles;

import honeylamp.geometry.Box;
import honeylamp.takeoff.tiles.Cutting.Cut;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Which cut pieces come out of which whole one. Nothing is turned, so that grain and pattern go on; cuts run from edge to
 * edge of what is left, as a saw or a tile cutter makes them.
 *
 * @param tiles pieces that are cut up
 * @implNote the largest first, each into the smallest rest it fits, which is then cut along its shorter side
 */
public record Nesting(List<Tile> tiles) {
    private static final double SAME_MM = 1e-6;

    /** Freezes the list. */
    public Nesting {
        tiles = List.copyOf(tiles);
    }

    /**
     * A whole piece that is cut up.
     *
     * @param format which of the sizes of the laying it has
     */
    public record Tile(int format, double widthMm, double heightMm, List<Taken> taken) {
        public Tile {
            taken = List.copyOf(taken);
        }
    }

    /**
     * A piece that comes out of it.
     *
     * @param cut its place among the cuts
     * @param place in the whole piece, from its corner
     */
    public record Taken(int cut, Box place) {}

    private static final class Opened {
        private final Cut of;
        private final List<Taken> taken = new ArrayList<>();
        private final List<Box> rests = new ArrayList<>();

        Opened(Cut of) {
            this.of = of;
            rests.add(new Box(0, 0, of.wholeWidthMm(), of.wholeHeightMm()));
        }
    }

    private record Rest(Opened in, int at, double areaMm2) {}

    /**
     * Takes cut pieces out of as few whole ones as it finds.
     *
     * @param bladeMm so much is lost along every cut
     */
    public static Nesting of(List<Cut> cuts, double bladeMm) {
        var order = new ArrayList<Integer>();
        for (var i = 0; i < cuts.size(); i++) {
            order.add(i);
        }
        order.sort(Comparator.<Integer>comparingDouble(
                        i -> -cuts.get(i).widthMm() * cuts.get(i).heightMm())
                .thenComparing(Comparator.naturalOrder()));
        var opened = new ArrayList<Opened>();
        for (var i : order) {
            place(opened, cuts.get(i), i, bladeMm);
        }
        return new Nesting(opened.stream()
                .map(o -> new Tile(o.of.format(), o.of.wholeWidthMm(), o.of.wholeHeightMm(), o.taken))
                .toList());
    }

    private static void place(List<Opened> opened, Cut cut, int number, double bladeMm) {
        Rest best = null;
        for (var tile : opened) {
            if (tile.of.format() != cut.format()
                    || Math.abs(tile.of.wholeWidthMm() - cut.wholeWidthMm()) > SAME_MM
                    || Math.abs(tile.of.wholeHeightMm() - cut.wholeHeightMm()) > SAME_MM) {
                continue;
            }
            for (var r = 0; r < tile.rests.size(); r++) {
                var rest = tile.rests.get(r);
                var area = rest.width() * rest.height();
                if (rest.width() >= cut.widthMm() - SAME_MM
                        && rest.height() >= cut.heightMm() - SAME_MM
                        && (best == null || area < best.areaMm2)) {
                    best = new Rest(tile, r, area);
                }
            }
        }
        if (best == null) {
            var tile = new Opened(cut);
            opened.add(tile);
            if (!cut.isOfOblong()) {
                tile.taken.add(new Taken(number, new Box(0, 0, cut.widthMm(), cut.heightMm())));
                tile.rests.clear(); // what is left of other shapes is no oblong, so nothing more is taken out
                return;
            }
            best = new Rest(tile, 0, 0);
        }
        var rest = best.in.rests.remove(best.at);
        var width = Math.min(cut.widthMm(), rest.width());
        var height = Math.min(cut.heightMm(), rest.height());
        best.in.taken.add(
                new Taken(number, new Box(rest.minX(), rest.minY(), rest.minX() + width, rest.minY() + height)));
        split(best.in, rest, width, height, bladeMm);
    }

    /** Two rests, cut so that the larger is as large as can be. */
    private static void split(Opened tile, Box rest, double width, double height, double bladeMm) {
        var right = rest.minX() + width + bladeMm;
        var above = rest.minY() + height + bladeMm;
        var isWide = rest.width() - width > rest.height() - height;
        if (right < rest.maxX()) {
            tile.rests.add(new Box(
                    right,
                    rest.minY(),
                    rest.maxX(),
                    isWide ? rest.maxY() : Math.min(rest.maxY(), rest.minY() + height)));
        }
        if (above < rest.maxY()) {
            tile.rests.add(new Box(
                    rest.minX(),
                    above,
                    isWide ? Math.min(rest.maxX(), rest.minX() + width) : rest.maxX(),
                    rest.maxY()));
        }
    }
}
