package honeylamp.takeoff;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.BuildUpLayer.Board;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Wall;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * How many boards a layer takes: standing side by side along each wall from its first end, and on floors row by row from
 * the lower left corner of the room; whole ones, those cut by more than half, and two smaller cuts out of one.
 */
final class BoardCount {
    private BoardCount() {}

    /** For one side of walls, openings left out. */
    static int ofWalls(LaidStorey storey, List<Wall> walls, Board board) {
        var standing = laid(board.length().mm(), board.width().mm());
        return walls.stream()
                .mapToInt(wall -> ordered(face(storey, wall), standing))
                .sum();
    }

    /** For the floor of a room. */
    static int ofFloor(Room room, Board board) {
        var corner = room.outline().bounds();
        var there = Outline.of(room.outline().shell());
        var from = List.of(there.through(Affine.move(-corner.minX(), -corner.minY())));
        return ordered(from, laid(board.width().mm(), board.length().mm()));
    }

    private static Laying laid(double upMm, double alongMm) {
        return Laying.of(new Pattern.Stack(), upMm, alongMm, 0);
    }

    private static int ordered(List<Outline> face, Laying laying) {
        return TileCount.of(face, laying, Finish.of(""), 0)
                .map(TileCount::ordered)
                .orElse(0);
    }

    /** A side of a wall laid out flat, as long as its body is in the middle. */
    private static List<Outline> face(LaidStorey storey, Wall wall) {
        var length = storey.geometry().pieces(wall.id()).stream()
                .mapToDouble(p -> p.body().area() / p.thicknessMm())
                .sum();
        if (length <= 0) {
            return List.of();
        }
        var shorter = (wall.length().mm() - length) / 2; // joints take something at both ends
        var holes = new ArrayList<Outline>();
        for (var opening : storey.storey().openingsIn(wall.id())) {
            var from = opening.offset().mm() - shorter;
            holes.add(Outline.of(OpeningShape.of(
                    opening.kind(),
                    new Box(
                            from,
                            opening.sill().mm(),
                            from + opening.width().mm(),
                            opening.head().mm()))));
        }
        var whole = List.of(Outline.of(new Box(0, 0, length, wall.height().mm()).ring()));
        return holes.isEmpty() ? whole : Regions.difference(whole, holes);
    }

    /** What a board is called. */
    static String words(Optional<Board> board, UnitSystem units) {
        return board.map(b -> LengthText.rounded(b.width(), units) + " \u00d7 " + LengthText.rounded(b.length(), units))
                .orElse("");
    }
}
