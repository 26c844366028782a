package honeylamp.tracing;

import honeylamp.tracing.Tracks.Track;
import honeylamp.underlay.InkPicture;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.stream.Collectors;

/** Walls drawn by their outlines alone: two lines at the distance of a thickness, with paper between. */
final class Outlines {
    private static final double LINE = 0.45;
    private static final double LEAST_RUN = 0.008;
    private static final double ALIKE_PX = 1.2;
    private static final double ALIKE_SHARE = 0.10;
    private static final double WEAKEST = 0.16;
    private static final double SHARED_FACES = 0.35;
    private static final double BRIDGE = 1.5;
    private static final double CAP = 0.8;

    private final Tones tones;
    private final double thinnest;
    private final double thickest;
    private final double mostBetween;
    private final Side upright;
    private final Side lying;

    private Outlines(InkPicture ink, Tones tones, double thinnest, double thickest, double mostBetween) {
        this.tones = tones;
        this.mostBetween = mostBetween;
        this.thinnest = Math.max(0.9 * thinnest, tones.penPx() + 2);
        this.thickest = thickest;
        this.upright = new Side(ink);
        this.lying = new Side(ink.transposed());
    }

    /** A stretch of a line between its two faces. */
    private record Stretch(WallLine line, double from, double to) {}

    /** One direction: walls run down the columns. */
    private final class Side {
        private final Mask any;
        private final Mask spans;
        private final List<Track> tracks;
        private List<Stretch> stretches = List.of();

        Side(InkPicture ink) {
            any = Mask.above(ink, tones.line());
            var strong = Mask.above(ink, Math.max(4.5 * tones.noise(), LINE * tones.darkest()));
            var least = (int) Math.max(8, LEAST_RUN * tones.extentPx());
            spans = spans(strong.transposed().alongRows(least).transposed());
            tracks = Tracks.of(spans, thinnest - 1, 1.1 * thickest).stream()
                    .map(t -> new Track(t.from(), t.to(), t.across() - 0.5, t.thickness() + 1, t.slope(), t.rows()))
                    .collect(Collectors.toCollection(ArrayList::new));
        }

        private Mask spans(Mask lines) {
            var on = new boolean[lines.on().length];
            var w = lines.width();
            var at = new double[w];
            for (var y = 0; y < lines.height(); y++) {
                var count = 0;
                for (var x = 0; x < w; x++) {
                    if (lines.on()[y * w + x]) {
                        var from = x;
                        while (x < w && lines.on()[y * w + x]) {
                            x++;
                        }
                        if (x - from <= 2.5 * tones.penPx() + 2) {
                            at[count++] = (from + x) / 2.0;
                        }
                    }
                }
                row(at, count, y, on);
            }
            return new Mask(w, lines.height(), on);
        }

        private void row(double[] at, int count, int y, boolean[] on) {
            var wide = new double[Math.max(0, count - 1)];
            for (var i = 0; i + 1 < count; i++) {
                var d = at[i + 1] - at[i];
                wide[i] = d >= thinnest && d <= thickest ? d : 0;
            }
            for (var i = 0; i < wide.length; i++) {
                if (wide[i] > 0 && !isOneOfMany(wide, i) && isPaper(at[i], at[i + 1], y)) {
                    Arrays.fill(
                            on,
                            y * any.width() + (int) Math.round(at[i]) + 1, // so that spans side by side stay two
                            y * any.width() + (int) Math.round(at[i + 1]),
                            true);
                }
            }
        }

        /** Treads and boards stand in rows of at least three equal spans. */
        private boolean isOneOfMany(double[] wide, int i) {
            var alike = 1;
            for (var k = i - 1; k >= 0 && isAlike(wide[k], wide[i]); k--) {
                alike++;
            }
            for (var k = i + 1; k < wide.length && isAlike(wide[k], wide[i]); k++) {
                alike++;
            }
            return alike >= 3;
        }

        private boolean isPaper(double from, double to, int y) {
            var pen = tones.penPx() / 2 + 1.5;
            int a = (int) Math.ceil(from + pen), b = (int) Math.floor(to - pen);
            var hits = 0;
            for (var x = a; x < b; x++) {
                hits += any.at(x, y) ? 1 : 0;
            }
            return b - a < 2 || hits <= Math.max(1, mostBetween * (b - a));
        }

        /** Whether a line closes a wall near a place along it. */
        private boolean isCapped(WallLine line, double along) {
            for (var s = (int) along - 4; s <= along + 4; s++) {
                if (capShare(line, s) >= CAP) {
                    return true;
                }
            }
            return false;
        }

        private double capShare(WallLine line, int s) {
            var half = 0.35 * line.thickness();
            var hits = 0;
            var count = 0;
            for (var c = -half; c <= half; c += 0.5) {
                count++;
                hits += any.at(line.at(s) + c, s) ? 1 : 0;
            }
            return (double) hits / count;
        }

        private List<Track> of(List<Double> thicknesses) {
            return tracks.stream()
                    .filter(t -> Thicknesses.which(thicknesses, t.thickness()) >= 0)
                    .toList();
        }

        private List<Track> of(List<Double> thicknesses, int which) {
            return tracks.stream()
                    .filter(t -> Thicknesses.which(thicknesses, t.thickness()) == which)
                    .toList();
        }

        private void dropPanes(List<Double> thicknesses) {
            var lines = WallLine.through(tracks, thicknesses);
            tracks.removeIf(t -> lines.stream().anyMatch(l -> isPane(t, l)));
        }

        /** Whether a line is but the gap beside a longer one. */
        private static boolean isBeside(WallLine line, WallLine longer) {
            return length(longer.tracks()) > length(line.tracks())
                    && shared(line.tracks(), longer.tracks()) > 0.6 * length(line.tracks());
        }

        /** A pane of a window lies between the faces of the wall it is in. */
        private boolean isPane(Track t, WallLine l) {
            var beyond = 0.1 * tones.extentPx();
            return l.thickness() > 1.3 * t.thickness()
                    && l.longest() > 1.6 * l.thickness()
                    && Math.abs(l.at(t.along()) - t.across()) < l.thickness() / 2
                    && t.along() > l.from() - beyond
                    && t.along() < l.to() + beyond;
        }

        private void find(List<Double> thicknesses) {
            var out = new ArrayList<Stretch>();
            for (var line : WallLine.through(tracks, thicknesses)) {
                if (line.longest() < 1.6 * line.thickness() || line.longest() < 0.018 * tones.extentPx()) {
                    continue;
                }
                double from = line.from(), to = line.tracks().getFirst().to();
                for (var t : line.tracks()) {
                    var joins = t.from() - to <= BRIDGE * thicknesses.getLast()
                            && !(isCapped(line, to) && isCapped(line, t.from()));
                    if (t.from() > to && !joins) {
                        out.add(new Stretch(line, from, to));
                        from = t.from();
                    }
                    to = Math.max(to, t.to());
                }
                out.add(new Stretch(line, from, to));
            }
            stretches = out;
        }

        /** Open ends go on to the far face of the wall that crosses ahead. */
        private void extend(Side across, double most) {
            var open = new HashSet<WallLine>();
            var out = new ArrayList<Stretch>();
            for (var s : stretches) {
                var longer =
                        new Stretch(s.line, extended(s, s.from, -1, across, most), extended(s, s.to, 1, across, most));
                out.add(longer);
                if (longer.from < s.from || longer.to > s.to) {
                    open.add(s.line);
                }
            }
            out.removeIf(s -> !open.contains(s.line)); // closed at every end: a shelf, a bed
            out.removeIf(s -> open.stream().anyMatch(o -> isBeside(s.line, o)));
            stretches = out;
        }

        private double extended(Stretch s, double end, int way, Side across, double most) {
            if (isCapped(s.line, end)) {
                return end;
            }
            var at = s.line.at(end);
            return across.stretches.stream()
                            .filter(o -> at > o.from - most && at < o.to + most)
                            .mapToDouble(o -> o.line.at(at) + way * o.line.thickness() / 2)
                            .filter(v -> way * (v - end) > -3 && way * (v - end) < 1.3 * most)
                            .map(v -> way * v)
                            .max()
                            .orElse(way * end)
                    * way;
        }

        /** Fills the stretches; between every second pair of caps lies a window, which stays open. */
        private void fill(boolean[] on, boolean transposed) {
            for (var s : stretches) {
                var caps = caps(s);
                var from = s.from;
                for (var k = 0; k + 1 < caps.size(); k += 2) {
                    body(s.line, from, caps.get(k), on, transposed);
                    from = caps.get(k + 1);
                }
                body(s.line, from, s.to, on, transposed);
            }
        }

        private List<Double> caps(Stretch s) {
            var out = new ArrayList<Double>();
            var thick = s.line.thickness();
            for (var y = (int) (s.from + thick); y < s.to - thick; y++) {
                if (capShare(s.line, y) >= CAP) {
                    var start = y;
                    while (y < s.to && capShare(s.line, y) >= CAP) {
                        y++;
                    }
                    if (y - start <= 2 * tones.penPx() + 2) {
                        out.add((start + y) / 2.0);
                    }
                }
            }
            return out.size() % 2 == 0 ? out : List.of();
        }

        private void body(WallLine line, double from, double to, boolean[] on, boolean transposed) {
            var w = any.width();
            var h = any.height();
            for (var y = Math.max(0, (int) Math.round(from)); y < Math.min(h, Math.round(to)); y++) {
                var a = Math.max(0, (int) Math.round(line.at(y) - line.thickness() / 2));
                var b = Math.min(w, (int) Math.round(line.at(y) + line.thickness() / 2));
                for (var x = a; x < b; x++) {
                    on[transposed ? x * h + y : y * w + x] = true;
                }
            }
        }
    }

    private static boolean isAlike(double a, double b) {
        return Math.abs(a - b) < ALIKE_PX + ALIKE_SHARE * b;
    }

    /**
     * The thicknesses of walls: where a thicker one shares its faces with a thinner one for much of its
     * length, it is the gap beside a wall, to a line of lengths or a shelf.
     */
    private List<Double> thicknesses() {
        var all = Thicknesses.of(both(), WEAKEST, 4);
        upright.dropPanes(all);
        lying.dropPanes(all);
        var first = Thicknesses.of(both(), WEAKEST, 4);
        for (var k = first.size() - 1; k > 0; k--) {
            var own = upright.of(first, k);
            var flat = lying.of(first, k);
            var thinner = List.copyOf(first.subList(0, k));
            var besideUp = upright.of(thinner);
            var besideFlat = lying.of(thinner);
            var whole = length(own) + length(flat);
            var shared = shared(own, besideUp) + shared(flat, besideFlat);
            // what is longer is the wall, what is shorter the gap beside it
            if (shared > SHARED_FACES * whole && length(besideUp) + length(besideFlat) > whole) {
                upright.tracks.removeAll(own);
                lying.tracks.removeAll(flat);
                first.remove(k);
            }
        }
        upright.dropPanes(first);
        lying.dropPanes(first);
        return Thicknesses.of(both(), WEAKEST, 3);
    }

    private List<Track> both() {
        var all = new ArrayList<Track>(upright.tracks);
        all.addAll(lying.tracks);
        return all;
    }

    private static double length(List<Track> tracks) {
        return tracks.stream().mapToDouble(Track::length).sum();
    }

    /** How much of the length of bands lies beside others, face on face. */
    private static double shared(List<Track> own, List<Track> others) {
        var sum = 0.0;
        for (var t : own) {
            sum += Math.min(
                    t.length(),
                    others.stream()
                            .filter(o ->
                                    Math.abs(Math.abs(o.across() - t.across()) - (o.thickness() + t.thickness()) / 2)
                                            < 3)
                            .mapToDouble(o -> Math.max(0, Math.min(o.to(), t.to()) - Math.max(o.from(), t.from())))
                            .sum());
        }
        return sum;
    }

    /**
     * The bodies of walls drawn by their outlines.
     *
     * @param mostBetween the share of what lies between two faces that may be drawn on
     */
    static Mask walls(InkPicture ink, Tones tones, double thinnest, double thickest, double mostBetween) {
        var outlines = new Outlines(ink, tones, thinnest, thickest, mostBetween);
        var thicknesses = outlines.thicknesses();
        var on = new boolean[ink.ink().length];
        if (!thicknesses.isEmpty()) {
            outlines.upright.find(thicknesses);
            outlines.lying.find(thicknesses);
            var before = outlines.upright.stretches;
            outlines.upright.extend(outlines.lying, thicknesses.getLast());
            var after = outlines.upright.stretches;
            outlines.upright.stretches = before;
            outlines.lying.extend(outlines.upright, thicknesses.getLast());
            outlines.upright.stretches = after;
            outlines.upright.fill(on, false);
            outlines.lying.fill(on, true);
        }
        return new Mask(ink.width(), ink.height(), on);
    }
}
