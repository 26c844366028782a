package honeylamp.derive.listing;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Finish;
import honeylamp.plan.Position;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Parts a level surface into the borders its finish has along all edges, and the field within them. */
public final class Borders {
    /** Smaller parts than this are slivers of the mitres, in mm2. */
    private static final double LEAST_MM2 = 1;

    private static final double GRID_MM = 1.0 / (1 << 20);

    /** Corners sharper than this have no mitre, but are cut square. */
    private static final double SHARP = 1e-3;

    private Borders() {}

    /** A part of a surface that is laid by itself. */
    public record Part(List<Outline> outline, Finish finish) {
        /** Freezes the outline. */
        public Part {
            outline = List.copyOf(outline);
        }
    }

    /**
     * The parts of a surface: border by border from the edges inwards, each along its edge with mitred corners, the field
     * last.
     *
     * @param finish its courses are the borders, as wide as these are high
     */
    public static List<Part> of(List<Outline> whole, Finish finish) {
        var out = new ArrayList<Part>();
        var left = snapped(whole);
        for (var course : finish.courses()) {
            var within = snapped(Regions.inset(left, course.height().mm()));
            out.addAll(strips(left, Regions.difference(left, within), course, finish.reason()));
            left = within;
        }
        if (!left.isEmpty()) {
            out.add(new Part(left, finish.withCourses(List.of())));
        }
        return List.copyOf(out);
    }

    private static List<Part> strips(List<Outline> whole, List<Outline> band, Finish.Course course, String reason) {
        var out = new ArrayList<Part>();
        var left = band;
        var width = course.height().mm();
        for (var outline : whole) {
            for (var ring : outline.rings().toList()) {
                var edges = ring.edges();
                for (var i = 0; i < edges.size(); i++) {
                    var edge = edges.get(i);
                    var before = edges.get((i + edges.size() - 1) % edges.size());
                    var after = edges.get((i + 1) % edges.size());
                    var strip = snapped(List.of(Outline.of(strip(before, edge, after, width))));
                    var here = Regions.intersection(left, strip);
                    if (area(here) > LEAST_MM2) {
                        out.add(new Part(here, laid(course, edge, reason)));
                        left = Regions.difference(left, strip);
                    }
                }
            }
        }
        if (area(left) > LEAST_MM2 && !out.isEmpty()) { // what no mitre reaches, at sharp corners
            out.add(new Part(left, out.getLast().finish()));
        }
        return out;
    }

    /** An edge moved inwards, between the mitres at its ends. */
    private static Ring strip(Segment before, Segment edge, Segment after, double width) {
        return new Ring(List.of(
                        edge.a(),
                        edge.b(),
                        edge.b().plus(mitre(edge.unit(), after.unit()).times(width)),
                        edge.a().plus(mitre(before.unit(), edge.unit()).times(width))))
                .counterClockwise();
    }

    /** From a corner to where its edges meet when both are moved left by 1. */
    private static Point mitre(Point in, Point out) {
        var middle = in.left().plus(out.left());
        var share = 1 + in.dot(out);
        return share < SHARP ? in.left() : middle.times(1 / share);
    }

    private static Finish laid(Finish.Course course, Segment edge, String reason) {
        var length = course.laying().length().mm();
        var from = switch (course.begins()) {
            case LEFT, STARTED -> 0;
            case CENTRE -> (edge.length() - length) / 2;
            case RIGHT -> edge.length() - length;
        };
        var unit = edge.unit();
        return new Finish(
                course.material(),
                Math.toDegrees(Math.atan2(unit.y(), unit.x())),
                Position.of(edge.a().plus(unit.times(from))),
                Optional.of(course.laying()),
                course.tone(),
                reason,
                List.of());
    }

    /** On a fine grid, so that edges which lie on each other do so exactly and overlays of them are right. */
    private static List<Outline> snapped(List<Outline> parts) {
        return parts.stream()
                .map(o -> new Outline(
                        snapped(o.shell()),
                        o.holes().stream().map(Borders::snapped).toList()))
                .toList();
    }

    private static Ring snapped(Ring ring) {
        return new Ring(ring.corners().stream()
                .map(c -> new Point(Math.rint(c.x() / GRID_MM) * GRID_MM, Math.rint(c.y() / GRID_MM) * GRID_MM))
                .toList());
    }

    private static double area(List<Outline> parts) {
        return parts.stream().mapToDouble(Outline::area).sum();
    }
}
