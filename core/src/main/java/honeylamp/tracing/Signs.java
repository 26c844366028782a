package honeylamp.tracing;

import java.util.Optional;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.IntStream;

/** What is drawn in a gap of a wall: the arcs of leaves, the strips of a window. */
final class Signs {
    private static final double SURE_ARC = 0.72;
    private static final int FIRST_DEG = 7;
    private static final int LAST_DEG = 86;
    private static final int STEP_DEG = 3;
    private static final double[] SINES = along(Math::sin);
    private static final double[] COSINES = along(Math::cos);
    private static final double FULL_ROW = 0.8;
    private static final double EMPTY_ROW = 0.55;
    private static final int MOST_ROWS = 6;

    /** A leaf is hinged at its jamb, as well as that was read, or at the lining before it. */
    private static final int JAMB_PX = 2;

    private static final double LINING_SHARE = 0.05;

    private Signs() {}

    /**
     * The best arc of a leaf.
     *
     * @param atFirst whether it is hinged at the upper jamb
     * @param toRight whether it opens to the right of the columns
     * @param share of its points that are drawn, less half of what is drawn just inside it
     */
    record Arc(boolean atFirst, boolean toRight, double share) {}

    /** The arc of a leaf of a gap's whole width, if there is one. */
    static Optional<Arc> door(Direction d, WallLine line, double from, double to, double pen) {
        var best = new Arc(true, true, 0);
        for (var first : new boolean[] {true, false}) {
            var arc = arc(d, line, first ? from : to, first, to - from, pen);
            best = arc.share > best.share ? arc : best;
        }
        return best.share >= SURE_ARC ? Optional.of(best) : Optional.empty();
    }

    /** Two arcs of half a gap's width, opening to one side; the first of them. */
    static Optional<Arc> pair(Direction d, WallLine line, double from, double to, double pen) {
        var a = arc(d, line, from, true, (to - from) / 2, pen);
        var b = arc(d, line, to, false, (to - from) / 2, pen);
        return a.share >= SURE_ARC && b.share >= SURE_ARC && a.toRight == b.toRight
                ? Optional.of(new Arc(true, a.toRight, Math.min(a.share, b.share)))
                : Optional.empty();
    }

    private static Arc arc(Direction d, WallLine line, double jamb, boolean first, double width, double pen) {
        var best = new Arc(first, true, 0);
        var inward = first ? 1 : -1;
        for (var off = -JAMB_PX; off <= Math.max(JAMB_PX, LINING_SHARE * width); off += off < JAMB_PX ? 1 : 2) {
            var along = jamb + inward * off;
            var middle = line.at(along);
            for (var pivot = -1; pivot <= 1; pivot++) {
                for (var side = -1; side <= 1; side += 2) {
                    var across = middle + pivot * line.thickness() / 2;
                    for (var r = 0.9 * width; r <= 1.08 * width + 0.5; r++) {
                        var drawn = share(d.lines(), across, along, side, inward, r);
                        if (drawn <= best.share || drawn < SURE_ARC) {
                            continue;
                        }
                        var inside = share(d.lines(), across, along, side, inward, r - 2.5 - 1.5 * pen);
                        if (drawn - 0.5 * inside > best.share) {
                            best = new Arc(first, side > 0, drawn - 0.5 * inside);
                        }
                    }
                }
            }
        }
        return best;
    }

    private static double share(Mask lines, double across, double along, int side, int way, double r) {
        var hits = 0;
        for (var k = 0; k < SINES.length; k++) {
            hits += lines.at(across + side * r * SINES[k], along + way * r * COSINES[k]) ? 1 : 0;
        }
        return (double) hits / SINES.length;
    }

    private static double[] along(DoubleUnaryOperator ofRadians) {
        return IntStream.rangeClosed(0, (LAST_DEG - FIRST_DEG) / STEP_DEG)
                .mapToDouble(k -> ofRadians.applyAsDouble(Math.toRadians(FIRST_DEG + k * STEP_DEG)))
                .toArray();
    }

    /** How many strips run through a gap from jamb to jamb; 0 if it is no window. */
    static int strips(Direction d, WallLine line, double from, double to, double line0) {
        var inset = 0.12 * (to - from);
        var half = line.thickness() / 2 + 2;
        var rows = 0;
        var inStrip = false;
        var fell = true;
        for (var c = -half; c <= half; c += 0.5) {
            var hits = 0;
            var count = 0;
            for (var s = from + inset; s <= to - inset; s++) {
                count++;
                hits += d.ink().at(line.at(s) + c, s) > line0 ? 1 : 0;
            }
            var share = (double) hits / Math.max(1, count);
            if (share > FULL_ROW && !inStrip && fell) {
                rows++;
                inStrip = true;
                fell = false;
            } else if (share < EMPTY_ROW) {
                inStrip = false;
                fell = true;
            }
        }
        return rows > MOST_ROWS ? 0 : rows;
    }
}
