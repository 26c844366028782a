package honeylamp.derive;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Where a room label lies best, and what a tape would read there. */
public final class LabelSpot {
    private static final double TOLERANCE_MM = 50;
    private static final double STEP_MM = 150;

    private LabelSpot() {}

    /** The point farthest from the room's faces, to within 50 mm of clearance. */
    public static Regions.Clearing freest(Outline room) {
        return Regions.freestPoint(room, TOLERANCE_MM);
    }

    /** How well a label of some size would lie at a point: how far it overlaps, and how far it strays. */
    private record Candidate(Point at, double overlapMm2, double strayMm) {}

    /**
     * The centre for a label of a given size, in plan mm: inside the room, over as little of the
     * obstacles as can be, then as near as can be to the freest point. Ties go to the upper, then the
     * left place.
     *
     * @param obstacles footprints the label should not lie over, such as furniture
     */
    public static Point forLabel(Outline room, double widthMm, double heightMm, List<Outline> obstacles) {
        var middle = freest(room).centre();
        var box = room.bounds();
        var near = obstacles.stream().filter(o -> o.bounds().meets(box)).toList();
        var candidates = new ArrayList<Candidate>();
        candidates.add(candidate(room, middle, middle, widthMm, heightMm, near));
        for (var y = box.maxY() - heightMm / 2; y >= box.minY() + heightMm / 2; y -= STEP_MM) {
            for (var x = box.minX() + widthMm / 2; x <= box.maxX() - widthMm / 2; x += STEP_MM) {
                candidates.add(candidate(room, middle, new Point(x, y), widthMm, heightMm, near));
            }
        }
        return candidates.stream()
                .min(Comparator.comparingDouble(Candidate::overlapMm2)
                        .thenComparingDouble(Candidate::strayMm)
                        .thenComparingDouble(c -> -c.at.y())
                        .thenComparingDouble(c -> c.at.x()))
                .orElseThrow()
                .at();
    }

    private static Candidate candidate(
            Outline room, Point middle, Point at, double width, double height, List<Outline> obstacles) {
        var label = new honeylamp.geometry.Box(
                at.x() - width / 2, at.y() - height / 2, at.x() + width / 2, at.y() + height / 2);
        var corners = label.ring().corners();
        var overlap = 0.0;
        for (var obstacle : obstacles) {
            if (obstacle.bounds().meets(label)) {
                var part = honeylamp.geometry.ConvexClip.clip(obstacle.shell().corners(), corners);
                overlap += part.size() < 3 ? 0 : new honeylamp.geometry.Ring(part).area();
            }
        }
        var outside = label.width() * label.height() - areaWithin(room, corners); // over a wall is as bad as over a bed
        return new Candidate(at, Math.rint(overlap + Math.max(0, outside)), at.distance(middle));
    }

    private static double areaWithin(Outline room, List<Point> label) {
        var area = ringArea(room.shell().corners(), label);
        for (var hole : room.holes()) {
            area -= ringArea(hole.reversed().corners(), label);
        }
        return area;
    }

    private static double ringArea(List<Point> ring, List<Point> window) {
        var part = honeylamp.geometry.ConvexClip.clip(ring, window);
        return part.size() < 3 ? 0 : new honeylamp.geometry.Ring(part).area();
    }

    /** The clear distances through a point along the room's longest face and across it, in mm. */
    public record ClearSize(double alongMm, double acrossMm) {}

    /**
     * What a tape reads through the freest point of a room, from face to face: along the direction of its
     * longest face, and square to that.
     */
    public static ClearSize clearSize(Outline room) {
        var longest = room.shell().edges().stream()
                .max(Comparator.comparingDouble(Segment::length))
                .orElseThrow();
        var unit = longest.unit();
        var middle = freest(room).centre();
        return new ClearSize(chord(room, middle, unit), chord(room, middle, unit.left()));
    }

    private static double chord(Outline room, Point p, Point unit) {
        return ray(room, p, unit) + ray(room, p, unit.times(-1));
    }

    private static double ray(Outline room, Point p, Point unit) {
        var far = new Segment(p, p.plus(unit.times(1e6)));
        return room.rings()
                .flatMap(r -> r.edges().stream())
                .flatMap(e -> far.crossing(e).stream())
                .mapToDouble(p::distance)
                .min()
                .orElse(0);
    }
}
