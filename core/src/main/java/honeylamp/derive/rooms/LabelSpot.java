package honeylamp.derive.rooms;

import honeylamp.geometry.Box;
import honeylamp.geometry.ConvexClip;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.Comparator;
import java.util.List;

/** Where a room label lies best, and what a tape would read there. */
public final class LabelSpot {
    private static final double TOLERANCE_MM = 50;

    private LabelSpot() {}

    /** The point farthest from the room's faces, to within 50 mm of clearance. */
    public static Regions.Clearing freest(Outline room) {
        return Regions.freestPoint(room, TOLERANCE_MM);
    }

    /** What a label should keep off, with its box worked out once. */
    private record Obstacle(List<Point> corners, Box box) {}

    /** How much of a label lies over obstacles or outside its room, in mm². */
    public static double overlap(Outline room, Box label, List<Outline> obstacles) {
        var near = obstacles.stream()
                .map(o -> new Obstacle(o.shell().corners(), o.bounds()))
                .toList();
        return overlap(room, label.centre(), label.width(), label.height(), near);
    }

    private static double overlap(Outline room, Point at, double width, double height, List<Obstacle> obstacles) {
        var label = new Box(at.x() - width / 2, at.y() - height / 2, at.x() + width / 2, at.y() + height / 2);
        var corners = label.ring().corners();
        var overlap = 0.0;
        for (var obstacle : obstacles) {
            if (obstacle.box.meets(label)) {
                overlap += ringArea(obstacle.corners, corners);
            }
        }
        return Math.rint(overlap + outside(room, label)); // over a wall is as bad as over a bed
    }

    /** How much of a label lies outside the room; cheap where no face comes near. */
    private static double outside(Outline room, Box label) {
        var near = room.rings()
                .flatMap(r -> r.edges().stream())
                .anyMatch(e -> Box.around(List.of(e.a(), e.b())).meets(label));
        var whole = label.width() * label.height();
        if (!near) {
            return room.contains(label.centre()) ? 0 : whole;
        }
        return Math.max(0, whole - areaWithin(room, label.ring().corners()));
    }

    private static double areaWithin(Outline room, List<Point> label) {
        var area = ringArea(room.shell().corners(), label);
        for (var hole : room.holes()) {
            area -= ringArea(hole.reversed().corners(), label);
        }
        return area;
    }

    private static double ringArea(List<Point> ring, List<Point> window) {
        var part = ConvexClip.clip(ring, window);
        return part.size() < 3 ? 0 : new Ring(part).area();
    }

    /**
     * The clear distances through a point along the room's longest face and across it, in mm.
     *
     * @param along the direction of that face, at length one
     */
    public record ClearSize(double alongMm, double acrossMm, Point along) {
        /** Between which faces the two were measured, in words. */
        public String spans() {
            return between(along) + ", " + between(along.left());
        }

        private static String between(Point way) {
            return Compass.of(way.times(-1)) + " to " + Compass.of(way);
        }
    }

    /**
     * What a tape reads through a point of a room, from face to face: along the direction of its longest
     * face, and square to that.
     *
     * @param middle usually the freest point
     */
    public static ClearSize clearSize(Outline room, Point middle) {
        var longest = room.shell().edges().stream()
                .max(Comparator.comparingDouble(Segment::length))
                .orElseThrow();
        var unit = longest.unit();
        return new ClearSize(chord(room, middle, unit), chord(room, middle, unit.left()), unit);
    }

    /** From face to face through a point of a room, in a direction. */
    public static Segment span(Outline room, Point p, Point unit) {
        return new Segment(p.minus(unit.times(ray(room, p, unit.times(-1)))), p.plus(unit.times(ray(room, p, unit))));
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
