package honeylamp.catalogue.pattern;

import honeylamp.geometry.Box;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import java.util.ArrayList;
import java.util.List;

/** Patterns in rows whose joints are placed by chance; any row is found without those before it. */
final class Rows {
    /** From row to row the ends of boards go on by about this share of a board. */
    private static final double BOARD_STEP = 0.37;

    /** So many places for a joint between two boards are looked at, and the one farthest from other ends is taken. */
    private static final int PLACES = 24;

    private final Laying laying;
    private final long seed;
    private final double width;
    private final double length;
    private final double joint;

    Rows(Laying laying, long seed) {
        this.laying = laying;
        this.seed = seed;
        this.width = laying.width().mm();
        this.length = laying.length().mm();
        this.joint = laying.joint().mm();
    }

    List<Piece> pieces(Box cover) {
        var out = new ArrayList<Piece>();
        switch (laying.pattern()) {
            case Pattern.Plank(var overlap) -> planks(out, cover, overlap);
            case Pattern.RandomLengths(var shortest) -> boards(out, cover, Math.min(shortest.mm(), length));
            case Pattern.CoursedSlabs _ -> courses(out, cover);
            case Pattern.Setts _ -> setts(out, cover);
            default -> throw new IllegalArgumentException(laying.pattern() + " has no rows by chance");
        }
        return out;
    }

    private void planks(List<Piece> out, Box cover, double overlap) {
        var high = width + joint;
        var board = length + joint;
        for (var row = at(cover.minY(), high); row <= at(cover.maxY(), high); row++) {
            // loosened as far as the overlap allows, so that it looks laid by hand
            var loose = Math.max(0, BOARD_STEP - overlap);
            var shift = wrapped(board * (BOARD_STEP * row + loose * Seeds.unit(seed, row, 7)), board);
            for (var k = at(cover.minX() - shift, board); k <= at(cover.maxX() - shift, board); k++) {
                add(out, k * board + shift, k * board + shift + length, row * high, width, row, k);
            }
        }
    }

    /** Two boards to a span: every span begins with an end that steps from row to row, and is parted by chance. */
    private void boards(List<Piece> out, Box cover, double shortest) {
        var high = width + joint;
        var span = shortest + length + 2 * joint;
        for (var row = at(cover.minY(), high); row <= at(cover.maxY(), high); row++) {
            var begin = begin(row, span);
            for (var k = at(cover.minX() - begin, span); k <= at(cover.maxX() - begin, span); k++) {
                var a = k * span + begin;
                var b = a + parted(row, k, shortest);
                add(out, a, b - joint, row * high, width, row, 2 * k);
                add(out, b, a + span - joint, row * high, width, row, 2 * k + 1);
            }
        }
    }

    private double begin(long row, double span) {
        return wrapped(span * (BOARD_STEP * row + 0.1 * Seeds.unit(seed, row, 7)), span);
    }

    /**
     * How far into a span its second board begins: in even rows far from where spans of the rows beside begin, in odd
     * rows far from all ends beside.
     */
    private double parted(long row, long k, double shortest) {
        var span = shortest + length + 2 * joint;
        var a = k * span + begin(row, span);
        var ends = new ArrayList<Double>();
        for (var side = -1; side <= 1; side += 2) {
            var begin = begin(row + side, span);
            for (var n = at(a - begin, span); n <= at(a + span - begin, span); n++) {
                ends.add(n * span + begin);
                if (Math.floorMod(row, 2L) == 1) {
                    ends.add(n * span + begin + parted(row + side, n, shortest));
                }
            }
        }
        var best = shortest + joint;
        var clear = -1.0;
        for (var n = 0; n < PLACES; n++) {
            var share = wrapped(Seeds.unit(seed, row, 1000 + k) + (double) n / PLACES, 1);
            var place = shortest + joint + share * (length - shortest);
            var nearest = ends.stream()
                    .mapToDouble(e -> Math.abs(e - a - place))
                    .min()
                    .orElse(span);
            // the first that is clear enough is as good as any: chance shall rule, not a grid
            if (nearest > clear) {
                clear = nearest;
                best = place;
            }
            if (clear >= 0.12 * span) {
                break;
            }
        }
        return best;
    }

    /** Two courses to a height, so that any is found at once. */
    private void courses(List<Piece> out, Box cover) {
        var pair = width + length + 2 * joint;
        for (var k = at(cover.minY(), pair); k <= at(cover.maxY(), pair); k++) {
            var low = width + (length - width) * (0.25 + 0.5 * Seeds.unit(seed, k, 3));
            slabs(out, cover, 2 * k, k * pair, low);
            slabs(out, cover, 2 * k + 1, k * pair + low + joint, width + length - low);
        }
    }

    private void slabs(List<Piece> out, Box cover, long row, double y, double high) {
        halves(out, cover, row, y, high, 1.6 * (width + length) + 2 * joint, 0.36);
    }

    private void setts(List<Piece> out, Box cover) {
        var high = width + joint;
        for (var row = at(cover.minY(), high); row <= at(cover.maxY(), high); row++) {
            halves(out, cover, row, row * high, width, 2 * (length + joint), 0.40);
        }
    }

    /** A row of spans, each parted in two not nearer to its ends than a share of it. */
    private void halves(List<Piece> out, Box cover, long row, double y, double high, double span, double least) {
        var shift = span * Seeds.unit(seed, row, 11);
        for (var k = at(cover.minX() - shift, span); k <= at(cover.maxX() - shift, span); k++) {
            var x = k * span + shift;
            var cut = span * (least + (1 - 2 * least) * Seeds.unit(seed, row, 1000 + k));
            add(out, x, x + cut - joint, y, high, row, 2 * k);
            add(out, x + cut, x + span - joint, y, high, row, 2 * k + 1);
        }
    }

    private static void add(List<Piece> out, double from, double to, double y, double high, long i, long j) {
        if (to > from) {
            out.add(new Piece(new Box(from, y, to, y + high).ring(), i, j, 0, (to - from) * high));
        }
    }

    private static double wrapped(double value, double span) {
        return value - Math.floor(value / span) * span;
    }

    private static long at(double place, double pitch) {
        return (long) Math.floor(place / pitch);
    }
}
