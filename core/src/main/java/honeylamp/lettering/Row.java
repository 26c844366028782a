package honeylamp.lettering;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Blots that stand beside each other as letters do.
 *
 * @param letters from left to right
 * @param marks points, dashes, primes between them and after the last, from left to right
 * @param foot the line the letters stand on
 * @param cap the height of a capital, in px
 */
record Row(List<Blot> letters, List<Blot> marks, double foot, double cap) {
    private static final double MOST_GAP = 1.25;
    private static final double MOST_OVERLAP = 0.3;
    private static final double LEAST_SHARED = 0.5;
    private static final double LOWEST = 0.45;
    private static final int MOST_LETTERS = 60;

    /** A blot wider than this share of its height may be letters that run together. */
    private static final double TOUCHING = 1.2;

    /** A blot less high than this share of a capital is a mark. */
    private static final double MARK_SHARE = 0.42;

    /** Of blots, the rows of at least two letters; those below a height in px are marks. */
    static List<Row> of(List<Blot> blots, int leastPx) {
        var tall = blots.stream()
                .filter(b -> b.height() >= leastPx)
                .sorted(Comparator.comparingInt(Blot::x0).thenComparingInt(Blot::y0))
                .toList();
        var used = new boolean[tall.size()];
        var chains = new ArrayList<List<Blot>>();
        for (var i = 0; i < tall.size(); i++) {
            if (!used[i]) {
                var chain = chain(tall, used, i);
                if (chain.size() >= 2
                        || chain.getFirst().width()
                                > TOUCHING * chain.getFirst().height()) {
                    chains.add(chain);
                }
            }
        }
        return chains.stream().map(c -> of(c, blots)).toList();
    }

    private static List<Blot> chain(List<Blot> tall, boolean[] used, int first) {
        var out = new ArrayList<Blot>();
        out.add(tall.get(first));
        used[first] = true;
        var high = tall.get(first).height();
        for (var at = first; out.size() < MOST_LETTERS; ) {
            var last = out.getLast();
            var next = -1;
            for (var k = at + 1; k < tall.size(); k++) {
                var b = tall.get(k);
                if (b.x0() - last.x1() > MOST_GAP * high) {
                    break;
                }
                if (!used[k] && follows(b, last, high)) {
                    next = k;
                    break;
                }
            }
            if (next < 0) {
                break;
            }
            used[next] = true;
            out.add(tall.get(next));
            high = Math.max(high, tall.get(next).height());
            at = next;
        }
        return out;
    }

    private static boolean follows(Blot b, Blot last, int high) {
        var low = Math.min(b.height(), last.height());
        return b.x0() - last.x1() >= -MOST_OVERLAP * high
                && low >= LOWEST * high
                && b.height() <= high / LOWEST
                && b.sharedHeight(last) >= LEAST_SHARED
                && b.middleX() > last.middleX();
    }

    private static Row of(List<Blot> chain, List<Blot> blots) {
        var feet = chain.stream().mapToDouble(Blot::y1).sorted().toArray();
        var foot = feet[feet.length / 2];
        var rises = chain.stream().mapToDouble(b -> foot - b.y0()).sorted().toArray();
        var cap = rises[(int) Math.floor(0.85 * (rises.length - 1) + 0.5)];
        var letters = chain.stream().filter(b -> b.height() > MARK_SHARE * cap).toList();
        var marks = blots.stream()
                .filter(b -> !letters.contains(b))
                .filter(b -> b.height() < 0.75 * cap && b.width() < cap)
                .filter(b -> b.x0() > chain.getFirst().x0()
                        && b.x0() < chain.getLast().x1() + 0.7 * cap)
                .filter(b -> b.y1() > foot - 1.35 * cap && b.y0() < foot + 0.2 * cap)
                .sorted(Comparator.comparingInt(Blot::x0))
                .toList();
        return new Row(letters, marks, foot, cap);
    }

    /** The same with small letters taken for what was taken for capitals. */
    Row ofSmallLetters(double smallShare) {
        return new Row(letters, marks, foot, cap / smallShare);
    }

    Letterforms.Stand stand(Blot b) {
        return new Letterforms.Stand(b.height() / cap, (foot - b.y1()) / cap);
    }
}
