package honeylamp.body;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Swing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** Which wall an upright face is of, and the openings in it. */
final class WallHoles {
    private static final double ON_FACE_MM = 1;
    private static final double LEAST_MM = 0.5;

    private final StoreyGeometry geometry;

    WallHoles(StoreyGeometry geometry) {
        this.geometry = geometry;
    }

    /** A side of a wall. */
    record OnWall(WallPiece piece, Swing side) {}

    /** The wall on whose face an edge lies; empty where a wall is cut across. */
    Optional<OnWall> wall(Segment edge) {
        var middle = edge.middle();
        return geometry.network().near(middle, ON_FACE_MM).stream()
                .filter(p -> p.faces().stream().anyMatch(f -> f.distance(middle) <= ON_FACE_MM))
                .min(Comparator.comparingDouble(p -> p.faces().stream()
                        .mapToDouble(f -> f.distance(middle))
                        .min()
                        .orElseThrow()))
                .map(p -> new OnWall(p, p.leftFace().distance(middle) <= ON_FACE_MM ? Swing.LEFT : Swing.RIGHT));
    }

    /** What the openings of a wall leave of a face over an edge, in mm along it and up from the floor. */
    List<Outline> left(OnWall on, Segment edge, double fromMm, double toMm) {
        var whole = new Box(0, fromMm, edge.length(), toMm);
        var holes = holes(on, edge).stream()
                .filter(hole -> hole.bounds().meets(whole))
                .toList();
        return holes.isEmpty()
                ? List.of(Outline.of(whole.ring()))
                : Regions.difference(List.of(Outline.of(whole.ring())), holes);
    }

    private List<Outline> holes(OnWall on, Segment edge) {
        var out = new ArrayList<Outline>();
        var line = on.piece().wall().line();
        var from = line.along(edge.a());
        var perMm = (line.along(edge.b()) - from) / edge.length();
        for (var cut : geometry.cuts()) {
            if (cut.host().id().equals(on.piece().wall().id()) && Math.abs(perMm) > 0) {
                var a = (cut.opening().offset().mm() - from) / perMm;
                var b = (cut.opening().end().mm() - from) / perMm;
                if (Math.max(a, b) > LEAST_MM && Math.min(a, b) < edge.length() - LEAST_MM) {
                    out.add(Outline.of(shape(cut, Math.min(a, b), Math.max(a, b))));
                }
            }
        }
        return out;
    }

    private static Ring shape(OpeningCut cut, double from, double to) {
        return OpeningShape.of(
                cut.opening().kind(),
                new Box(
                        from,
                        cut.opening().sill().mm(),
                        to,
                        cut.opening().head().mm()));
    }
}
