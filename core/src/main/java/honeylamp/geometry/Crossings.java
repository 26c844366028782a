package honeylamp.geometry;

import java.util.List;

/** Where straight lines and circles cross, carried on beyond their ends. */
final class Crossings {
    /** A point so near beyond an end, in mm, still counts as on a line. */
    static final double ON_MM = 1e-6;

    private Crossings() {}

    static List<Point> of(Curve one, Curve other) {
        return switch (one) {
            case Segment line ->
                switch (other) {
                    case Segment o -> line.lineCrossing(o).stream().toList();
                    case Arc o -> lineAndCircle(line, o);
                };
            case Arc arc ->
                switch (other) {
                    case Segment o -> lineAndCircle(o, arc);
                    case Arc o -> circles(arc, o);
                };
        };
    }

    private static List<Point> lineAndCircle(Segment line, Arc arc) {
        var foot = line.a().plus(line.unit().times(line.along(arc.centre())));
        var away = foot.distance(arc.centre());
        return pair(foot, line.unit(), arc.radius() * arc.radius() - away * away, arc.radius());
    }

    private static List<Point> circles(Arc one, Arc other) {
        var apart = one.centre().distance(other.centre());
        if (apart < ON_MM) {
            return List.of(); // the same centre: they never cross, or lie on each other
        }
        var r = one.radius();
        var s = other.radius();
        var along = (apart * apart + r * r - s * s) / (2 * apart);
        var unit = other.centre().minus(one.centre()).times(1 / apart);
        return pair(one.centre().plus(unit.times(along)), unit.left(), r * r - along * along, r);
    }

    /** Two points to both sides of a foot, one if they only touch. */
    private static List<Point> pair(Point foot, Point unit, double squared, double radius) {
        if (squared < -ON_MM * radius) {
            return List.of();
        }
        var half = Math.sqrt(Math.max(0, squared));
        return half < ON_MM ? List.of(foot) : List.of(foot.minus(unit.times(half)), foot.plus(unit.times(half)));
    }
}
