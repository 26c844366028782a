package honeylamp.illustrate;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Figure;
import honeylamp.geometry.Point;
import honeylamp.plan.Opening;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** The floors of rooms: a room's outline and its half of every door and plain opening, in plan mm. */
final class FloorSurfaces {
    /** So far beside a wall a point lies in its room, in plan mm. */
    private static final double BESIDE_MM = 20;

    private FloorSurfaces() {}

    /** Those of all rooms, in their order. */
    static List<Figure> of(StoreyGeometry geometry) {
        return geometry.rooms().stream().map(room -> of(geometry, room)).toList();
    }

    private static Figure of(StoreyGeometry geometry, Room room) {
        var path = Figure.builder().path(room.outline().path());
        var around = room.outline().bounds().grown(2 * BESIDE_MM);
        for (var cut : geometry.cuts()) {
            if (around.meets(cut.ring().bounds())
                    && !cut.opening().kind().isWindow()
                    && cut.level() == OpeningCut.Level.CUT) {
                side(cut, room)
                        .ifPresent(side -> path.ring(leadsOutside(geometry, cut, side) ? cut.ring() : cut.half(side)));
            }
        }
        return path.build();
    }

    /** On which side of an opening the room lies. */
    private static Optional<Opening.Swing> side(OpeningCut cut, Room room) {
        return Arrays.stream(Opening.Swing.values())
                .filter(side -> room.outline().contains(beside(cut, side)))
                .findFirst();
    }

    private static boolean leadsOutside(StoreyGeometry geometry, OpeningCut cut, Opening.Swing inside) {
        return geometry.roomAt(beside(cut, inside.flipped())).isEmpty();
    }

    private static Point beside(OpeningCut cut, Opening.Swing side) {
        var away = cut.thicknessMm() / 2 + BESIDE_MM;
        return cut.middle().middle().plus(cut.unit().left().times(side == Opening.Swing.LEFT ? away : -away));
    }
}
