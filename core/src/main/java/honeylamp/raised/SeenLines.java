package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.body.Skin;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.SpacePoint;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * The lines that are seen of bodies. Each edge is looked at on its own: where it crosses the outline of a facet before it, or
 * passes through its plane, it may be hidden or come out again; between two such places it is one or the other.
 */
public final class SeenLines {
    /** A body whose facets meet at a flatter angle than this is round there: no line. */
    private static final double ROUND = 0.8;

    private static final double SAME_WAY = 1 - 1e-6;

    /** Shorter parts are not drawn, in picture mm. */
    private static final double SHORTEST_MM = 1;

    private static final double ASIDE_MM = 0.4;

    private final Scene scene;

    private SeenLines(Scene scene) {
        this.scene = scene;
    }

    /** What kind of line an edge makes. */
    public enum Sort {
        /** Where a body is cut. */
        CUT,
        /** Around a body: beyond it something farther is seen. */
        OUTLINE,
        /** Where two facets of a body meet that are both seen. */
        CREASE,
        /** Where what covers a face changes. */
        CHANGE,
        /** Drawn on a facet. */
        DRAWN
    }

    /**
     * A part of a line that is seen.
     *
     * @param body the number of its body in the scene
     */
    public record SeenLine(Segment line, Sort sort, int body) {}

    /** All lines of a scene, body by body. */
    public static List<SeenLine> of(Scene scene) {
        var lines = new SeenLines(scene);
        return IntStream.range(0, scene.bodies().size())
                .parallel()
                .mapToObj(lines::ofBody)
                .flatMap(List::stream)
                .toList();
    }

    /**
     * A line that is asked after.
     *
     * @param beside the facets it is the edge of
     */
    private record Asked(SpacePoint from, SpacePoint to, Sort sort, int body, List<Facet> beside) {}

    private List<SeenLine> ofBody(int number) {
        var body = scene.bodies().get(number);
        var out = new ArrayList<SeenLine>();
        for (var edge : Edges.of(body)) {
            sort(body, edge)
                    .ifPresent(sort -> seen(out, new Asked(edge.a(), edge.b(), sort, number, front(body, edge))));
        }
        for (var line : body.lines()) {
            for (var i = 0; i + 1 < line.points().size(); i++) {
                seen(out, new Asked(line.points().get(i), line.points().get(i + 1), Sort.DRAWN, number, List.of()));
            }
        }
        return out;
    }

    private List<Facet> front(Body body, Edges.Edge edge) {
        return edge.facets().stream()
                .map(i -> body.facets().get(i))
                .filter(f -> scene.projection().sees(f.flat()))
                .toList();
    }

    /** What line an edge makes; none if it looks away, or if one facet goes on in another there. */
    private Optional<Sort> sort(Body body, Edges.Edge edge) {
        var front = new ArrayList<Facet>();
        var away = 0;
        for (var i : edge.facets()) {
            var facet = body.facets().get(i);
            if (scene.projection().sees(facet.flat())) {
                front.add(facet);
            } else {
                away++;
            }
        }
        if (front.isEmpty()) {
            return Optional.empty();
        }
        var isCut = front.stream().anyMatch(f -> f.skin().isCut());
        var isFlat =
                front.stream().allMatch(f -> f.normal().dot(front.getFirst().normal()) > SAME_WAY);
        if (isFlat && front.size() > 1) {
            return flat(front);
        }
        if (front.size() == 1 || away > 0 && isFlat) {
            var lies = away == 0 && front.getFirst().rank() > 0;
            if (lies && front.getFirst().skin().sort() == Skin.Sort.LAYER) {
                return Optional.empty(); // layers are told apart by their tones
            }
            return Optional.of(isCut ? Sort.CUT : lies ? Sort.CHANGE : Sort.OUTLINE);
        }
        if (isCut) {
            return Optional.of(Sort.CUT);
        }
        return isRound(front) ? Optional.empty() : Optional.of(Sort.CREASE);
    }

    /** Facets that lie in one plane: a line only where one ends at another that looks otherwise. */
    private static Optional<Sort> flat(List<Facet> front) {
        var first = front.getFirst().skin();
        return front.stream().allMatch(f -> f.skin().equals(first))
                        || front.stream().allMatch(f -> f.skin().isCut())
                ? Optional.empty()
                : Optional.of(front.stream().anyMatch(f -> f.skin().isCut()) ? Sort.CUT : Sort.CHANGE);
    }

    private static boolean isRound(List<Facet> front) {
        for (var a : front) {
            for (var b : front) {
                if (a.normal().dot(b.normal()) < ROUND) {
                    return false;
                }
            }
        }
        return true;
    }

    private void seen(List<SeenLine> out, Asked asked) {
        var from = asked.from;
        var to = asked.to;
        var a = from;
        var b = to;
        if (scene.projection() instanceof Projection.Perspective p) {
            var nearest = Projection.Perspective.NEAREST_MM;
            var za = p.before(a) - nearest;
            var zb = p.before(b) - nearest;
            if (za <= 0 && zb <= 0) {
                return;
            }
            if (za < 0) {
                a = from.towards(to, za / (za - zb) + 1e-9);
            } else if (zb < 0) {
                b = from.towards(to, za / (za - zb) - 1e-9);
            }
        }
        var line = new Segment(scene.projection().of(a), scene.projection().of(b));
        if (line.length() < SHORTEST_MM / 2) {
            return;
        }
        var hidden =
                hidden(line, scene.projection().nearness(a), scene.projection().nearness(b), asked.beside);
        var at = 0.0;
        for (var i = 0; i + 1 < hidden.length; i += 2) {
            part(out, line, at, hidden[i], asked);
            at = Math.max(at, hidden[i + 1]);
        }
        part(out, line, at, 1, asked);
    }

    private static void part(List<SeenLine> out, Segment line, double from, double to, Asked asked) {
        if ((to - from) * line.length() >= SHORTEST_MM || from <= 0 && to >= 1) {
            var part = new Segment(line.a().towards(line.b(), from), line.a().towards(line.b(), to));
            out.add(new SeenLine(part, asked.sort, asked.body));
        }
    }

    /** The hidden parts of a line, as shares of it: from, to, from, to, rising. */
    private double[] hidden(Segment line, double nearA, double nearB, List<Facet> beside) {
        var found = new double[8];
        var many = 0;
        var least = Math.abs(scene.projection().shift((nearA + nearB) / 2, SeenParts.LEAST_BEFORE_MM));
        for (var number : scene.near(line.bounds())) {
            var facet = scene.facets().get(number);
            if (!Scene.hides(facet)) {
                continue;
            }
            var before = facet.slope().at(line.a()) - nearA - least;
            var after = facet.slope().at(line.b()) - nearB - least;
            var goesOn = beside.stream().anyMatch(facet::goesOnFrom);
            if (before <= 0 && after <= 0 && !goesOn) {
                continue;
            }
            var stops = stops(line, facet, before, after);
            for (var i = 0; i + 1 < stops.length; i++) {
                var t = (stops[i] + stops[i + 1]) / 2;
                if (stops[i + 1] - stops[i] > 1e-9 && (goesOn || before + (after - before) * t > 0)) {
                    var p = line.a().towards(line.b(), t);
                    if (goesOn ? isWithin(facet, p, line) : facet.holds(p.x(), p.y())) {
                        if (many + 2 > found.length) {
                            found = Arrays.copyOf(found, found.length * 2);
                        }
                        found[many++] = stops[i];
                        found[many++] = stops[i + 1];
                    }
                }
            }
        }
        return joined(found, many);
    }

    /** Whether a facet lies on both sides of a line at a point. */
    private static boolean isWithin(SeenFacet facet, Point p, Segment line) {
        var aside = line.unit().left().times(ASIDE_MM);
        var a = p.plus(aside);
        var b = p.minus(aside);
        return facet.holds(a.x(), a.y()) && facet.holds(b.x(), b.y());
    }

    /** Where a line may pass behind a facet or come out: its ends, the facet's outline, the facet's plane. */
    private static double[] stops(Segment line, SeenFacet facet, double before, double after) {
        var corners = facet.outline().rings().mapToInt(r -> r.corners().size()).sum();
        var out = new double[corners + 3];
        out[1] = 1;
        var many = 2;
        if (before > 0 != after > 0) {
            out[many++] = before / (before - after);
        }
        many = crossings(line, facet.outline().shell(), out, many);
        for (var hole : facet.outline().holes()) {
            many = crossings(line, hole, out, many);
        }
        var all = Arrays.copyOf(out, many);
        Arrays.sort(all);
        return all;
    }

    private static int crossings(Segment line, Ring ring, double[] out, int from) {
        var many = from;
        var a = line.a();
        var way = line.b().minus(a);
        var corners = ring.corners();
        Point before = corners.getLast();
        var sideBefore = way.cross(before.minus(a));
        for (var p : corners) {
            var side = way.cross(p.minus(a));
            if (side > 0 != sideBefore > 0) {
                var crossing = before.towards(p, sideBefore / (sideBefore - side));
                var t = crossing.minus(a).dot(way) / way.dot(way);
                if (t > 0 && t < 1) {
                    out[many++] = t;
                }
            }
            before = p;
            sideBefore = side;
        }
        return many;
    }

    /** Parts that overlap or follow each other as one, rising. */
    private static double[] joined(double[] parts, int many) {
        var pairs = new ArrayList<double[]>();
        for (var i = 0; i + 1 < many; i += 2) {
            pairs.add(new double[] {parts[i], parts[i + 1]});
        }
        pairs.sort((x, y) -> Double.compare(x[0], y[0]));
        var out = new double[many];
        var n = 0;
        for (var pair : pairs) {
            if (n > 0 && pair[0] <= out[n - 1] + 1e-9) {
                out[n - 1] = Math.max(out[n - 1], pair[1]);
            } else {
                out[n++] = pair[0];
                out[n++] = pair[1];
            }
        }
        return Arrays.copyOf(out, n);
    }
}
