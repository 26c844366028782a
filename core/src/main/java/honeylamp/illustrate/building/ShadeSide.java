package honeylamp.illustrate.building;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/** The outer faces of walls that look away from the light: a drawing has them heavier, so that a building stands out. */
final class ShadeSide {
    /** A face looks away if the light falls off it more than along it. */
    private static final double AWAY = 0.17;

    private static final double BESIDE_MM = 30;

    private ShadeSide() {}

    /**
     * Lines along the faces, end to end where they meet, in plan mm.
     *
     * @param cut what is cut of walls, less their openings
     * @param fall where shade falls, at length one
     */
    static Figure of(List<Outline> cut, StoreyGeometry geometry, Point fall) {
        var shells = geometry.shells();
        var out = Figure.builder();
        cut.stream()
                .flatMap(o -> Stream.concat(
                        Stream.of(o.shell().counterClockwise()),
                        o.holes().stream().map(h -> h.counterClockwise().reversed())))
                .forEach(ring -> runs(ring, shells, fall).forEach(run -> out.line(run.toArray(Point[]::new))));
        return out.build();
    }

    /** Runs of edges that look away; the wall lies left of its edges. */
    private static List<List<Point>> runs(Ring ring, List<Outline> shells, Point fall) {
        var edges = ring.edges();
        var looks = edges.stream().map(e -> looksAway(e, shells, fall)).toList();
        var first = looks.indexOf(false);
        if (first < 0) {
            return List.of();
        }
        var out = new ArrayList<List<Point>>();
        var run = new ArrayList<Point>();
        for (var i = 1; i <= edges.size(); i++) {
            var at = (first + i) % edges.size();
            if (looks.get(at)) {
                if (run.isEmpty()) {
                    run.add(edges.get(at).a());
                }
                run.add(edges.get(at).b());
            } else if (!run.isEmpty()) {
                out.add(List.copyOf(run));
                run.clear();
            }
        }
        return out;
    }

    private static boolean looksAway(Segment edge, List<Outline> shells, Point fall) {
        var outward = edge.unit().left().times(-1);
        if (outward.dot(fall) <= AWAY) {
            return false;
        }
        var before = edge.middle().plus(outward.times(BESIDE_MM));
        return shells.stream().noneMatch(s -> s.shell().contains(before));
    }
}
