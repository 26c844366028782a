package honeylamp.edit;

import honeylamp.edit.WallsAround.Edge;
import honeylamp.geometry.Point;
import honeylamp.plan.Position;
import java.util.ArrayList;
import java.util.List;

/** Outlines of rooms by two points; none where the points lie too near each other. */
public final class Shapes {
    private static final double LEAST_MM = 1;

    private Shapes() {}

    /** The level rectangle between two opposite corners. */
    public static List<Edge> rectangle(Point from, Point to) {
        if (Math.abs(to.x() - from.x()) < LEAST_MM || Math.abs(to.y() - from.y()) < LEAST_MM) {
            return List.of();
        }
        return WallsAround.edges(List.of(
                Position.of(from), Position.ofMm(to.x(), from.y()), Position.of(to), Position.ofMm(from.x(), to.y())));
    }

    /** The corner opposite {@code from} of a rectangle so wide and deep, on the side where {@code towards} lies. */
    public static Point opposite(Point from, Point towards, double widthMm, double depthMm) {
        return from.plus(
                new Point(towards.x() < from.x() ? -widthMm : widthMm, towards.y() < from.y() ? -depthMm : depthMm));
    }

    /** The regular polygon about a centre with a corner at a point. */
    public static List<Edge> polygon(Point centre, Point corner, int sides) {
        var way = corner.minus(centre);
        if (way.length() < LEAST_MM) {
            return List.of();
        }
        var corners = new ArrayList<Position>();
        for (var i = 0; i < sides; i++) {
            var turn = Point.direction(way.angleDeg() + 360.0 * i / sides);
            corners.add(Position.of(centre.plus(turn.times(way.length()))));
        }
        return WallsAround.edges(corners);
    }

    /** The circle about a centre through a point: two half circles, each right of its chord on the way round. */
    public static List<Edge> circle(Point centre, Point edge) {
        var way = edge.minus(centre);
        if (way.length() < LEAST_MM) {
            return List.of();
        }
        var a = Position.of(centre.minus(way));
        var b = Position.of(edge);
        return List.of(new Edge(a, b, -way.length()), new Edge(b, a, -way.length()));
    }

    /** The outline of these corners, closed by one more. */
    public static List<Edge> outline(List<Point> corners, Point last) {
        if (corners.size() < 2) {
            return List.of();
        }
        var all = new ArrayList<Position>();
        corners.forEach(c -> all.add(Position.of(c)));
        all.add(Position.of(last));
        return WallsAround.edges(all);
    }
}
