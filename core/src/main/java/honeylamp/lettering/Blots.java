package honeylamp.lettering;

import honeylamp.underlay.InkPicture;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** Finds what hangs together in a picture and is no larger than a letter may be. */
final class Blots {
    /** Thin print has soft edges: a blot is cut at this share of its own darkest ink. */
    private static final float OWN_SHARE = 0.44f;

    private static final int LEAST_PIXELS = 2;

    private final InkPicture ink;
    private final int largest;
    private final boolean[] seen;
    private final List<Blot> out = new ArrayList<>();
    private int[] queue = new int[1024];

    private Blots(InkPicture ink, int largest) {
        this.ink = ink;
        this.largest = largest;
        this.seen = new boolean[ink.ink().length];
    }

    /**
     * Blots of a picture, row by row.
     *
     * @param threshold ink above which a pixel is none of the paper
     * @param largest the greatest height of a letter, in px; a blot may be three times as wide
     */
    static List<Blot> of(InkPicture ink, double threshold, int largest) {
        var work = new Blots(ink, largest);
        var pixels = ink.ink();
        for (var i = 0; i < pixels.length; i++) {
            if (!work.seen[i] && pixels[i] > threshold) {
                work.whole(i, (float) threshold);
            }
        }
        return work.out;
    }

    /** What hangs together at a low threshold is cut again at a share of its own darkest ink. */
    private void whole(int start, float threshold) {
        var count = flood(start, threshold);
        var box = box(count);
        if (count < LEAST_PIXELS || box.width() > 3 * largest || box.height() > 3 * largest) {
            return;
        }
        var cut = box.darkest() * OWN_SHARE;
        if (cut <= threshold) {
            keep(box);
            return;
        }
        var mine = Arrays.copyOf(queue, count);
        for (var i : mine) {
            seen[i] = !(ink.ink()[i] > cut);
        }
        for (var i : mine) {
            if (!seen[i]) {
                keep(box(flood(i, cut)));
            }
        }
        for (var i : mine) {
            seen[i] = true;
        }
    }

    private void keep(Blot box) {
        if (box.height() <= largest) {
            out.add(box);
        }
    }

    /** Gathers the pixels that hang together with one, corners too, at the head of the queue. */
    private int flood(int start, float threshold) {
        var w = ink.width();
        var h = ink.height();
        var pixels = ink.ink();
        var head = 0;
        var tail = 1;
        queue[0] = start;
        seen[start] = true;
        while (head < tail) {
            var i = queue[head++];
            var x = i % w;
            var y = i / w;
            if (tail + 8 > queue.length) {
                queue = Arrays.copyOf(queue, 2 * queue.length);
            }
            for (var ny = Math.max(0, y - 1); ny <= Math.min(h - 1, y + 1); ny++) {
                for (var nx = Math.max(0, x - 1); nx <= Math.min(w - 1, x + 1); nx++) {
                    var n = ny * w + nx;
                    if (!seen[n] && pixels[n] > threshold) {
                        seen[n] = true;
                        queue[tail++] = n;
                    }
                }
            }
        }
        return tail;
    }

    private Blot box(int count) {
        var w = ink.width();
        int x0 = w, y0 = ink.height(), x1 = 0, y1 = 0;
        var darkest = 0f;
        for (var k = 0; k < count; k++) {
            var x = queue[k] % w;
            var y = queue[k] / w;
            x0 = Math.min(x0, x);
            x1 = Math.max(x1, x + 1);
            y0 = Math.min(y0, y);
            y1 = Math.max(y1, y + 1);
            darkest = Math.max(darkest, ink.ink()[queue[k]]);
        }
        return new Blot(x0, y0, x1, y1, darkest);
    }
}
