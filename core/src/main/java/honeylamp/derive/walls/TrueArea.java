package honeylamp.derive.walls;

import honeylamp.geometry.Arc;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Areas and lengths of outlines whose arcs are chords, as the arcs truly run: each chord is known by its ends,
 * which lie on an arc, and gains the segment of the circle above it.
 *
 * @param arcs the arcs that edges may be chords of
 */
public record TrueArea(List<Arc> arcs) {
    /** Ends of a chord lie so near their arc, in mm. */
    private static final double ON_MM = 1e-3;

    /** The faces of all walls near an outline that are arcs. */
    public static TrueArea along(WallNetwork network, Outline outline) {
        return new TrueArea(network.near(outline.bounds()).stream()
                .flatMap(p -> p.faces().stream())
                .filter(Arc.class::isInstance)
                .map(Arc.class::cast)
                .toList());
    }

    /** The area of an outline, in mm². */
    public double of(Outline outline) {
        return of(outline.shell())
                - outline.holes().stream().mapToDouble(this::of).sum();
    }

    /** The area within a ring, in mm². */
    public double of(Ring ring) {
        var out = ring.area();
        if (!arcs.isEmpty()) {
            for (var edge : ring.counterClockwise().edges()) {
                out += chordOf(edge).map(a -> segment(edge, a)).orElse(0.0);
            }
        }
        return out;
    }

    /** The length of all edges of an outline, in mm. */
    public double perimeter(Outline outline) {
        var out = 0.0;
        for (var ring : outline.rings().toList()) {
            for (var edge : ring.edges()) {
                out += chordOf(edge).map(a -> a.radius() * angle(edge, a)).orElse(edge.length());
            }
        }
        return out;
    }

    /** The arc that an edge is a chord of. */
    private Optional<Arc> chordOf(Segment edge) {
        if (edge.length() == 0) {
            return Optional.empty();
        }
        for (var arc : arcs) {
            var radius = arc.radius();
            if (Math.abs(arc.centre().distance(edge.a()) - radius) < ON_MM
                    && Math.abs(arc.centre().distance(edge.b()) - radius) < ON_MM
                    && radius - arc.centre().distance(edge.middle()) <= 2 * WallPiece.CHORD_ERROR_MM
                    && arc.distance(edge.middle()) <= 2 * WallPiece.CHORD_ERROR_MM) {
                return Optional.of(arc);
            }
        }
        return Optional.empty();
    }

    /** Whether an edge is a chord of one of the arcs. */
    public boolean isChord(Segment edge) {
        return chordOf(edge).isPresent();
    }

    private static double angle(Segment edge, Arc arc) {
        return 2 * Math.asin(Math.min(1, edge.length() / (2 * arc.radius())));
    }

    /** The segment of the circle above a chord: gained where the circle bulges outward, right of the edge. */
    private static double segment(Segment edge, Arc arc) {
        var angle = angle(edge, arc);
        var area = arc.radius() * arc.radius() * (angle - Math.sin(angle)) / 2;
        return edge.offset(arc.centre()) > 0 ? area : -area;
    }

    /** The outline with corners where lines cross its arcs, so that parting it there leaves true chords. */
    public Outline cornered(Outline outline, List<Segment> lines) {
        if (arcs.isEmpty() || lines.isEmpty()) {
            return outline;
        }
        return new Outline(
                cornered(outline.shell(), lines),
                outline.holes().stream().map(h -> cornered(h, lines)).toList());
    }

    private Ring cornered(Ring ring, List<Segment> lines) {
        var out = new ArrayList<Point>();
        for (var edge : ring.edges()) {
            out.add(edge.a());
            chordOf(edge)
                    .ifPresent(arc -> lines.stream()
                            .flatMap(l -> l.crossings(arc).stream())
                            .filter(p -> edge.along(p) > ON_MM
                                    && edge.along(p) < edge.length() - ON_MM
                                    && Math.abs(edge.offset(p)) <= 2 * WallPiece.CHORD_ERROR_MM)
                            .sorted(Comparator.comparingDouble(edge::along))
                            .forEach(out::add));
        }
        return new Ring(out);
    }
}
