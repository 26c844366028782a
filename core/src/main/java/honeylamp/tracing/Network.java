package honeylamp.tracing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Joins the walls of both directions: ends meet the lines they run up to, what stands alone goes. */
final class Network {
    private static final double STUB = 0.12;
    private static final double SMALL_SHARE = 0.12;
    private static final double AHEAD_DOORS = 2.75;
    private static final double AHEAD_OWN = 2.2;

    private final Tones tones;
    private List<Stroke> strokes;

    private Network(List<Stroke> strokes, Tones tones) {
        this.strokes = new ArrayList<>(strokes);
        this.tones = tones;
    }

    /** The joined walls. */
    static List<Stroke> joined(List<Stroke> strokes, Tones tones, Optional<Double> doorPx) {
        var network = new Network(strokes, tones);
        network.dropInsideGaps();
        network.snapEnds();
        network.dropStubs();
        network.reachAhead(doorPx);
        network.dropSmallNetworks();
        return network.strokes.stream()
                .map(s -> s.withTied((network.isTied(s, true) ? 1 : 0) + (network.isTied(s, false) ? 1 : 0)))
                .toList();
    }

    private void snapEnds() {
        strokes = new ArrayList<>(strokes.stream()
                .map(s -> {
                    var from = end(s, true).map(c -> c.line().at(s.middle())).orElse(s.from());
                    var to = end(s, false).map(c -> c.line().at(s.middle())).orElse(s.to());
                    return to - from > 2 ? s.between(from, to) : s;
                })
                .toList());
    }

    /** The crossing wall whose centre an end belongs on. */
    private Optional<Stroke> end(Stroke s, boolean first) {
        var body = first ? s.bodyFrom() : s.bodyTo();
        var way = first ? -1 : 1;
        var end = first ? s.from() : s.to();
        return strokes.stream()
                .filter(c -> c.upright() != s.upright() && meets(c, s.middle(), s.thickness()))
                .filter(c -> {
                    var v = c.line().at(s.middle());
                    var slack = 0.35 * s.thickness() + 4;
                    var beyondBody = way * (v - body);
                    var beyondEnd = way * (v - end);
                    return beyondBody >= -c.thickness() / 2 - slack && beyondEnd <= c.thickness() / 2 + slack;
                })
                .min(Comparator.comparingDouble(c ->
                        Math.abs(way * (c.line().at(s.middle()) - body) - c.thickness() / 2)));
    }

    /** Whether a wall reaches a place along it, give or take the thickness of what ends there. */
    private static boolean meets(Stroke c, double along, double thickness) {
        var slack = thickness / 2 + 0.35 * c.thickness() + 4;
        return along >= c.from() - slack && along <= c.to() + slack;
    }

    private boolean isTied(Stroke s, boolean first) {
        var v = first ? s.from() : s.to();
        return strokes.stream()
                        .anyMatch(c -> c.upright() != s.upright()
                                && Math.abs(c.line().at(s.middle()) - v) < 1
                                && meets(c, s.middle(), s.thickness()))
                || strokes.stream()
                        .anyMatch(c -> c != s
                                && c.upright() == s.upright()
                                && Math.abs(c.middle() - s.middle()) < 0.6 * Math.max(s.thickness(), c.thickness()) + 4
                                && c.from() < v + 4
                                && c.to() > v - 4);
    }

    /** Free ends of short pieces without an opening are furniture, or a word. */
    private void dropStubs() {
        for (var again = true; again; ) {
            var stubs = strokes.stream()
                    .filter(s -> s.length() < STUB * tones.extentPx() && real(s).isEmpty())
                    .filter(s -> !isTied(s, true) || !isTied(s, false))
                    .toList();
            again = strokes.removeAll(stubs);
        }
    }

    private static List<Gap> real(Stroke s) {
        return s.gaps().stream().filter(g -> g.width() > 0).toList();
    }

    /** The free end of a wall may face a wall across a plain opening. */
    private void reachAhead(Optional<Double> doorPx) {
        var most = doorPx.map(d -> AHEAD_DOORS * d).orElse(STUB * tones.extentPx());
        for (var i = 0; i < strokes.size(); i++) {
            for (var first : new boolean[] {true, false}) {
                var s = strokes.get(i);
                if (isTied(s, first) || !isTied(s, !first)) {
                    continue;
                }
                var end = first ? s.from() : s.to();
                var way = first ? -1 : 1;
                var at = i;
                ahead(s, end, way, Math.min(most, AHEAD_OWN * s.length())).ifPresent(c -> {
                    var v = c.line().at(s.middle());
                    var face = v - way * c.thickness() / 2;
                    var gap = new Gap(Math.min(end, face), Math.max(end, face), Gap.Kind.PLAIN, Gap.NO_ARC, 0.35);
                    var gaps = new ArrayList<>(s.gaps());
                    gaps.add(first ? 0 : gaps.size(), gap);
                    strokes.set(
                            at,
                            s.between(first ? v : s.from(), first ? s.to() : v).with(gaps));
                });
            }
        }
    }

    private Optional<Stroke> ahead(Stroke s, double end, int way, double most) {
        return strokes.stream()
                .filter(c -> c.upright() != s.upright() && meets(c, s.middle(), 0))
                .filter(c -> {
                    var far = way * (c.line().at(s.middle()) - end) - c.thickness() / 2;
                    return far > 0 && far <= most;
                })
                .min(Comparator.comparingDouble(c -> way * (c.line().at(s.middle()) - end)));
    }

    /** What lies in the gap of a thicker wall is a part of a window or a door. */
    private void dropInsideGaps() {
        strokes.removeIf(s -> strokes.stream()
                .anyMatch(o -> o != s
                        && o.upright() == s.upright()
                        && o.thickness() > 1.15 * s.thickness()
                        && Math.abs(o.middle() - s.middle()) < o.thickness() / 2 + 2
                        && o.gaps().stream().anyMatch(g -> s.from() > g.from() - 4 && s.to() < g.to() + 4)));
    }

    private void dropSmallNetworks() {
        var left = new ArrayList<>(strokes);
        var groups = new ArrayList<List<Stroke>>();
        while (!left.isEmpty()) {
            var group = new ArrayList<Stroke>();
            group.add(left.removeFirst());
            for (var k = 0; k < group.size(); k++) {
                var s = group.get(k);
                var near = left.stream().filter(o -> touch(s, o)).toList();
                group.addAll(near);
                left.removeAll(near);
            }
            groups.add(group);
        }
        var longest = groups.stream().mapToDouble(Network::length).max().orElse(0);
        strokes = new ArrayList<>(groups.stream()
                .filter(g -> length(g) >= SMALL_SHARE * longest)
                .flatMap(List::stream)
                .toList());
    }

    private static double length(List<Stroke> group) {
        return group.stream().mapToDouble(Stroke::length).sum();
    }

    private static boolean touch(Stroke a, Stroke b) {
        if (a.upright() != b.upright()) {
            return meets(a, b.middle(), b.thickness()) && meets(b, a.middle(), a.thickness());
        }
        return Math.abs(a.middle() - b.middle()) < Math.max(a.thickness(), b.thickness())
                && a.from() < b.to() + 4
                && b.from() < a.to() + 4;
    }
}
