package honeylamp.derive.pointing;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Where a line drawn through rooms enters and leaves walls. */
public final class CrossedWalls {
    /** Nearer crossings are one. */
    private static final double SAME_MM = 0.5;

    /** A line off level or plumb by less than this is meant to be so: about 11 degrees. */
    private static final double NEARLY = 0.2;

    private CrossedWalls() {}

    /** A line that is nearly level or plumb, made so. */
    public static Segment levelled(Segment line) {
        var by = line.b().minus(line.a());
        if (Math.abs(by.y()) < NEARLY * Math.abs(by.x())) {
            return new Segment(line.a(), new Point(line.b().x(), line.a().y()));
        }
        return Math.abs(by.x()) < NEARLY * Math.abs(by.y())
                ? new Segment(line.a(), new Point(line.a().x(), line.b().y()))
                : line;
    }

    /** The points along a line where it crosses faces of walls, as if no opening were in them. */
    public static List<Point> along(StoreyGeometry geometry, Segment line) {
        var found = geometry.network().poche().stream()
                .flatMap(body -> body.rings())
                .flatMap(ring -> ring.edges().stream())
                .flatMap(edge -> line.crossing(edge).stream())
                .sorted(Comparator.comparingDouble(line::along))
                .toList();
        var out = new ArrayList<Point>();
        for (var p : found) {
            if (out.isEmpty() || out.getLast().distance(p) > SAME_MM) {
                out.add(p);
            }
        }
        return out;
    }
}
