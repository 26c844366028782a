package honeylamp.takeoff.key;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallFills.Fill;
import honeylamp.derive.walls.WallFills.Level;
import honeylamp.derive.walls.WallPiece;
import honeylamp.derive.walls.WallPiece.Corners;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.Works;
import honeylamp.plan.WallType;
import honeylamp.plan.WallType.Poche;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** The walls one sees cut on storeys, as the key of a sheet lists them. */
public final class WallKey {
    private WallKey() {}

    /** The types of walls that are cut, each once, those that run through first; of marked ones only the hatched. */
    public static List<WallType> types(List<LaidStorey> storeys) {
        var marked = storeys.stream().anyMatch(s -> s.storey().hasWorks());
        return storeys.stream()
                .flatMap(s -> s.wallFills().stream())
                .filter(f -> f.level() == Level.CUT)
                .filter(f -> !marked || f.works() == Works.EXISTING)
                .map(Fill::type)
                .filter(t -> !marked || t.poche() == Poche.HATCH)
                .distinct()
                .toList();
    }

    /**
     * What becomes of the walls in the works, and how long they are together along their middles, in mm; nothing where
     * all walls and openings stay. What fills an opening that is closed up is new wall, what is taken out of one that
     * stays for a new opening is wall that goes.
     */
    public static Map<Works, Double> works(List<LaidStorey> storeys) {
        var out = new EnumMap<Works, Double>(Works.class);
        if (storeys.stream().noneMatch(s -> s.storey().hasWorks())) {
            return out;
        }
        for (var works : Works.values()) {
            var walls = storeys.stream()
                    .flatMap(s -> s.storey().walls().stream()
                            .filter(w -> w.works() == works)
                            .map(w -> middleMm(s.geometry(), w)))
                    .collect(Collectors.toCollection(ArrayList::new));
            storeys.forEach(s -> walls.addAll(atOpeningsMm(s.geometry(), works)));
            if (!walls.isEmpty()) {
                out.put(works, walls.stream().mapToDouble(Double::doubleValue).sum());
            }
        }
        return out;
    }

    private static List<Double> atOpeningsMm(StoreyGeometry geometry, Works works) {
        var cuts = switch (works) {
            case EXISTING -> List.<OpeningCut>of();
            case REMOVED -> geometry.taken();
            case NEW -> geometry.closed();
        };
        return cuts.stream().map(c -> c.opening().width().mm()).toList();
    }

    /** Halfway between its two faces, walls that meet it left in; of one that goes, what lies beside those that stand. */
    private static double middleMm(StoreyGeometry geometry, Wall wall) {
        if (!wall.stands()) {
            return goingMm(geometry, wall);
        }
        if (wall.isCurved()) {
            return wall.line().length();
        }
        var corners =
                geometry.pieces(wall.id()).stream().map(WallPiece::corners).toList();
        var line = wall.chord();
        return (extentMm(line, corners, Corners::startLeft, Corners::endLeft)
                        + extentMm(line, corners, Corners::startRight, Corners::endRight))
                / 2;
    }

    private static double goingMm(StoreyGeometry geometry, Wall wall) {
        var out = 0.0;
        for (var piece : geometry.removed().of(wall.id())) {
            var body = List.of(Outline.of(piece.body()));
            var beside = Regions.difference(body, geometry.network().poche());
            out += beside.stream().mapToDouble(Outline::area).sum() / piece.thicknessMm();
        }
        return out;
    }

    private static double extentMm(
            Segment line, List<Corners> corners, Function<Corners, Point> start, Function<Corners, Point> end) {
        var along = corners.stream()
                .flatMap(c -> Stream.of(start.apply(c), end.apply(c)))
                .mapToDouble(line::along)
                .summaryStatistics();
        return along.getCount() == 0 ? 0 : along.getMax() - along.getMin();
    }
}
