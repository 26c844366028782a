package honeylamp.output;

import java.awt.Rectangle;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/** The squares of an image in which something is to be painted anew. */
final class Tiles {
    /** A multiple of 8: tones of pictures to trace are looked up at such steps. */
    static final int SIDE_PX = 32;

    /** So many bands keep two processors busy to the end, though one of them may hold more than the others. */
    private static final int BANDS = 6;

    private final Rectangle whole;
    private final int across;
    private final int down;
    private final BitSet marked;

    private Tiles(Rectangle whole) {
        this.whole = whole;
        this.across = Math.ceilDiv(whole.width, SIDE_PX);
        this.down = Math.ceilDiv(whole.height, SIDE_PX);
        this.marked = new BitSet(across * down);
    }

    /** Rectangles of whole squares that hold some parts of an image and do not overlap. */
    static List<Rectangle> of(List<Rectangle> parts, Rectangle whole) {
        var tiles = new Tiles(whole);
        parts.forEach(tiles::mark);
        return tiles.rectangles();
    }

    /** An image in bands of about one height, of whole squares. */
    static List<Rectangle> bands(Rectangle whole) {
        var high = Math.ceilDiv(Math.ceilDiv(whole.height, BANDS), SIDE_PX) * SIDE_PX;
        var out = new ArrayList<Rectangle>();
        for (var y = 0; y < whole.height; y += high) {
            out.add(new Rectangle(0, y, whole.width, Math.min(high, whole.height - y)));
        }
        return out;
    }

    private void mark(Rectangle part) {
        var seen = part.intersection(whole);
        if (seen.isEmpty()) {
            return;
        }
        var last = (seen.x + seen.width - 1) / SIDE_PX;
        for (var y = seen.y / SIDE_PX; y <= (seen.y + seen.height - 1) / SIDE_PX; y++) {
            marked.set(y * across + seen.x / SIDE_PX, y * across + last + 1);
        }
    }

    /** Runs of a row, each going on through the rows below where the same run is marked. */
    private List<Rectangle> rectangles() {
        var out = new ArrayList<Rectangle>();
        var left = (BitSet) marked.clone();
        for (var at = left.nextSetBit(0); at >= 0; at = left.nextSetBit(at)) {
            var x = at % across;
            var y = at / across;
            var end = Math.min(left.nextClearBit(at), (y + 1) * across) - y * across;
            var below = y + 1;
            while (below < down && all(left, below * across + x, below * across + end)) {
                below++;
            }
            for (var row = y; row < below; row++) {
                left.clear(row * across + x, row * across + end);
            }
            out.add(new Rectangle(x * SIDE_PX, y * SIDE_PX, (end - x) * SIDE_PX, (below - y) * SIDE_PX)
                    .intersection(whole));
        }
        return out;
    }

    private static boolean all(BitSet bits, int from, int to) {
        return bits.nextClearBit(from) >= to;
    }
}
