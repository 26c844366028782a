package honeylamp.tracing;

import java.util.ArrayDeque;
import java.util.List;

/** How much of the box around walls they enclose, openings closed. */
final class Enclosed {
    private static final int CELLS = 400;
    private static final double LEAST_ROOM = 0.004;

    private Enclosed() {}

    /** The share of the box around the walls that lies in closed rooms, from 0 to 1. */
    static double share(List<Stroke> strokes) {
        if (strokes.isEmpty()) {
            return 0;
        }
        double x0 = 1e9, y0 = 1e9, x1 = -1e9, y1 = -1e9;
        for (var s : strokes) {
            var m = s.middle();
            x0 = Math.min(x0, s.upright() ? m : s.from());
            x1 = Math.max(x1, s.upright() ? m : s.to());
            y0 = Math.min(y0, s.upright() ? s.from() : m);
            y1 = Math.max(y1, s.upright() ? s.to() : m);
        }
        var cell = Math.max(1e-6, Math.max(x1 - x0, y1 - y0) / CELLS);
        var w = (int) ((x1 - x0) / cell) + 5;
        var h = (int) ((y1 - y0) / cell) + 5;
        var taken = new boolean[w * h];
        for (var s : strokes) {
            var acrossFrom = s.upright() ? x0 : y0;
            var alongFrom = s.upright() ? y0 : x0;
            var last = (int) Math.round((s.to() - alongFrom) / cell) + 2;
            for (var k = (int) Math.round((s.from() - alongFrom) / cell) + 2; k <= last; k++) {
                var across = s.line().at((k - 2) * cell + alongFrom) - acrossFrom;
                var at = Math.clamp(Math.round(across / cell) + 2, 0, (s.upright() ? w : h) - 1);
                taken[s.upright() ? k * w + at : at * w + k] = true;
            }
        }
        flood(taken, w, h, 0);
        var inside = 0;
        for (var i = 0; i < taken.length; i++) {
            if (!taken[i]) {
                var room = flood(taken, w, h, i);
                inside += room >= LEAST_ROOM * w * h ? room : 0;
            }
        }
        return inside * cell * cell / Math.max(1, (x1 - x0) * (y1 - y0));
    }

    private static int flood(boolean[] taken, int w, int h, int start) {
        var todo = new ArrayDeque<Integer>();
        taken[start] = true;
        todo.add(start);
        var count = 0;
        while (!todo.isEmpty()) {
            int i = todo.poll();
            count++;
            int x = i % w, y = i / w;
            for (var n :
                    new int[] {x > 0 ? i - 1 : -1, x < w - 1 ? i + 1 : -1, y > 0 ? i - w : -1, y < h - 1 ? i + w : -1
                    }) {
                if (n >= 0 && !taken[n]) {
                    taken[n] = true;
                    todo.add(n);
                }
            }
        }
        return count;
    }
}
