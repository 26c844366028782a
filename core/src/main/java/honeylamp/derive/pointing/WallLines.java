package honeylamp.derive.pointing;

import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.plan.Wall;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;

/** The lines of a wall that one can point at: both faces and the line that was drawn. */
public final class WallLines {
    private WallLines() {}

    /** The one that is nearest to a point in a wall, or within reach of one of its lines, in plan mm. */
    public static Optional<Curve> at(LaidPlan plan, StoreyGeometry geometry, Point p, double reachMm) {
        return geometry.network().near(p, reachMm).stream()
                .flatMap(piece -> {
                    var within = piece.body().contains(p);
                    return lines(plan, piece.wall()).filter(line -> within || line.distance(p) <= reachMm);
                })
                .min(Comparator.comparingDouble(line -> line.distance(p)));
    }

    private static Stream<Curve> lines(LaidPlan plan, Wall wall) {
        var thick = plan.wallType(wall.type()).thickness().mm();
        var left = wall.body().leftShare() * thick;
        return Stream.of(wall.line().shiftedLeft(left), wall.line().shiftedLeft(left - thick), wall.line());
    }
}
