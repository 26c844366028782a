package honeylamp.takeoff;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Column;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Wall;
import honeylamp.plan.WallType;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** What walls come to by their types, and what the layers of walls and floors come to. */
final class BuiltUp {
    private static final double MM3_PER_M3 = 1e9;

    private BuiltUp() {}

    /** Walls of one type together. */
    private static final class OfOneType {
        private final ElementId first;
        private final List<Wall> walls = new ArrayList<>();
        private double lengthMm;
        private double facesMm2;
        private double volumeMm3;

        OfOneType(ElementId first) {
            this.first = first;
        }
    }

    static Schedule walls(LaidPlan plan) {
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("type", "Type"),
                Schedule.length("thickness", "Thickness"),
                Schedule.length("length", "Length"),
                Column.area("faces", "Faces, both sides"),
                Column.number("volume_m3", "Volume, m\u00b3"));
        var rows = new ArrayList<Row>();
        for (var storey : plan.all()) {
            ofType(storey, plan)
                    .forEach((type, sum) -> rows.add(new Row(
                            storey.storey().id(),
                            sum.first,
                            List.of(
                                    new Cell.Words(storey.storey().name()),
                                    new Cell.Words(type.name()),
                                    new Cell.Long(type.thickness()),
                                    Takeoff.length(sum.lengthMm),
                                    new Cell.Wide(sum.facesMm2),
                                    Cell.Number.of(sum.volumeMm3 / MM3_PER_M3, 2)))));
        }
        return new Schedule(Subject.WALLS, columns, rows);
    }

    /** A wall with its openings taken out: of its faces on both sides, of its volume once. */
    private static void add(OfOneType sum, LaidStorey storey, Wall wall) {
        var height = wall.height().mm();
        sum.walls.add(wall);
        for (var piece : storey.geometry().pieces(wall.id())) {
            var length = piece.body().area() / piece.thicknessMm();
            sum.lengthMm += length;
            sum.facesMm2 += 2 * length * height;
            sum.volumeMm3 += piece.body().area() * height;
        }
        for (var cut : storey.geometry().cuts()) {
            if (cut.host().id().equals(wall.id())) {
                var opening = cut.opening();
                var hole = opening.width().mm()
                        * (opening.head().mm() - opening.sill().mm());
                sum.facesMm2 -= 2 * hole;
                sum.volumeMm3 -= hole * cut.thicknessMm();
            }
        }
    }

    /** Layers of one name and thickness on a storey, of walls or of floors. */
    private record LayerOn(StoreyId storey, String part, BuildUpLayer layer) {}

    /** Their first host, how large they are together, and how many boards they take if they come in any. */
    private record Spread(ElementId first, double areaMm2, int boards) {
        Spread and(Spread other) {
            return new Spread(first, areaMm2 + other.areaMm2, boards + other.boards);
        }
    }

    /** The layers of walls, openings taken out, and those that lie under the coverings of floors. */
    static Schedule layers(LaidPlan plan) {
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("part", "Part"),
                Schedule.words("layer", "Layer"),
                Schedule.length("thickness", "Thickness"),
                Column.area("area", "Area"),
                Column.number("volume_m3", "Volume, m\u00b3"),
                Schedule.words("board", "In boards of"),
                Column.number("boards", "Boards"));
        Map<LayerOn, Spread> by = new LinkedHashMap<>();
        for (var storey : plan.all()) {
            var id = storey.storey().id();
            ofType(storey, plan).forEach((type, sum) -> {
                for (var layer : type.layers()) {
                    var boards = layer.board()
                            .map(b -> BoardCount.ofWalls(storey, sum.walls, b))
                            .orElse(0);
                    by.merge(
                            new LayerOn(id, "walls", layer),
                            new Spread(sum.first, sum.facesMm2 / 2, boards),
                            Spread::and);
                }
            });
            for (var room : storey.geometry().rooms()) {
                room.mark().ifPresent(mark -> {
                    for (var layer : mark.fit().floorLayers()) {
                        by.merge(
                                new LayerOn(id, "floors", layer),
                                new Spread(
                                        mark.id(),
                                        room.outline().area(),
                                        layer.board()
                                                .map(b -> BoardCount.ofFloor(room, b))
                                                .orElse(0)),
                                Spread::and);
                    }
                });
            }
        }
        var rows = by.entrySet().stream()
                .map(e -> row(plan, e.getKey(), e.getValue()))
                .toList();
        return new Schedule(Subject.LAYERS, columns, rows);
    }

    private static Row row(LaidPlan plan, LayerOn of, Spread spread) {
        return new Row(
                of.storey,
                spread.first,
                List.of(
                        new Cell.Words(plan.drawn().storey(of.storey).name()),
                        new Cell.Words(of.part),
                        new Cell.Words(of.layer.name()),
                        new Cell.Long(of.layer.thickness()),
                        new Cell.Wide(spread.areaMm2),
                        Cell.Number.of(spread.areaMm2 * of.layer.thickness().mm() / MM3_PER_M3, 3),
                        new Cell.Words(
                                BoardCount.words(of.layer.board(), plan.drawn().units())),
                        Cell.Number.orNothing(spread.boards, 0)));
    }

    /** The walls of a storey that stand, type by type. */
    private static Map<WallType, OfOneType> ofType(LaidStorey storey, LaidPlan plan) {
        Map<WallType, OfOneType> by = new LinkedHashMap<>();
        for (var wall : storey.storey().walls()) {
            if (wall.stands()) {
                add(
                        by.computeIfAbsent(plan.drawn().wallType(wall.type()), _ -> new OfOneType(wall.id())),
                        storey,
                        wall);
            }
        }
        return by;
    }
}
