package honeylamp.derive.rooms;

import honeylamp.geometry.Box;
import honeylamp.geometry.ConvexClip;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Where a room label lies best, and what a tape would read there. */
public final class LabelSpot {
    private static final double TOLERANCE_MM = 50;
    private static final double STEP_MM = 110;

    private LabelSpot() {}

    /** The point farthest from the room's faces, to within 50 mm of clearance. */
    public static Regions.Clearing freest(Outline room) {
        return Regions.freestPoint(room, TOLERANCE_MM);
    }

    /** Where a label lies, and how much of it lies over obstacles or outside the room. */
    public record Spot(Point at, double overlapMm2) {}

    /** What a label should keep off, with its box worked out once. */
    private record Obstacle(List<Point> corners, Box box) {}

    /**
     * The centre for a label of a given size, in plan mm: inside the room, over as little of the
     * obstacles as can be, then as near as can be to the freest point. Ties go to the upper, then the
     * left place.
     *
     * @param middle the freest point, to be as near to as can be
     * @param obstacles footprints the label should not lie over, such as furniture
     */
    public static Spot forLabel(Outline room, Point middle, double widthMm, double heightMm, List<Outline> obstacles) {
        var box = room.bounds();
        var near = obstacles.stream()
                .map(o -> new Obstacle(o.shell().corners(), o.bounds()))
                .filter(o -> o.box.meets(box))
                .toList();
        var best = new Spot(middle, Double.POSITIVE_INFINITY);
        for (var at : places(box, middle, widthMm, heightMm)) {
            var overlap = overlap(room, at, widthMm, heightMm, near);
            if (overlap < best.overlapMm2) {
                best = new Spot(at, overlap);
            }
            if (overlap == 0) {
                return best; // places come nearest first, so none later is better
            }
        }
        return best;
    }

    /** A grid of places over the room and its middle, nearest to the middle first. */
    private static List<Point> places(Box box, Point middle, double width, double height) {
        var out = new ArrayList<Point>();
        out.add(middle);
        for (var y = box.maxY() - height / 2; y >= box.minY() + height / 2; y -= STEP_MM) {
            for (var x = box.minX() + width / 2; x <= box.maxX() - width / 2; x += STEP_MM) {
                out.add(new Point(x, y));
            }
        }
        out.sort(Comparator.comparingDouble((Point p) -> p.distance(middle))
                .thenComparingDouble(p -> -p.y())
                .thenComparingDouble(Point::x));
        return out;
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
