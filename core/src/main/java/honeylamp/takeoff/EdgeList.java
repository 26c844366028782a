package honeylamp.takeoff;

import honeylamp.derive.listing.FloorTrim;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.FloorStrip;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.plan.TileEdge;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/**
 * The edges of rooms: all round, what is left of it for a skirting when openings down to the floor are taken out, strips
 * where floors meet, and how the edges of tiles are made.
 */
final class EdgeList {
    private EdgeList() {}

    static Schedule of(LaidPlan plan) {
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("room", "Room"),
                Schedule.length("perimeter", "All round"),
                Schedule.length("skirting", "Skirting"),
                Schedule.length("thresholds", "Thresholds"),
                Schedule.length("trims", "Strips between floors"),
                Schedule.words("strips", "Which"),
                Schedule.length("mitred", "Mitred corners of tiles"),
                Schedule.length("edge_trims", "Edge trims of tiles"));
        var rows = new ArrayList<Row>();
        for (var storey : plan.all()) {
            var trims = FloorTrim.in(storey.geometry());
            for (var room : storey.geometry().rooms()) {
                room.mark().ifPresent(mark -> rows.add(row(storey, room, mark, trims)));
            }
        }
        return new Schedule(Subject.EDGES, columns, rows);
    }

    private static Row row(LaidStorey storey, Room room, RoomMark mark, List<FloorTrim> all) {
        var walls = WallSides.of(storey.geometry(), room).stream()
                .mapToDouble(WallSides.WallSide::lengthMm)
                .sum();
        var skirting = Surfaces.ofRoom(storey, room, mark).stream()
                .filter(f -> f.surface() instanceof Surface.Plinth)
                .flatMap(f -> f.outline().stream())
                .mapToDouble(o -> o.bounds().width())
                .sum();
        var trims = all.stream().filter(t -> t.room().equals(mark.id())).toList();
        var form = mark.fit().tileEdge().form();
        var edges = form == TileEdge.Form.PLAIN ? List.<TileEdges.Edge>of() : TileEdges.of(storey, room, mark);
        return new Row(
                storey.storey().id(),
                mark.id(),
                List.of(
                        new Cell.Words(storey.storey().name()),
                        new Cell.Words(mark.name()),
                        Takeoff.length(room.perimeterMm()),
                        Takeoff.length(skirting),
                        Takeoff.length(Math.max(0, walls - skirting)),
                        Takeoff.length(
                                trims.stream().mapToDouble(FloorTrim::lengthMm).sum()),
                        new Cell.Words(trims.stream()
                                .map(FloorTrim::strip)
                                .map(FloorStrip::form)
                                .distinct()
                                .sorted()
                                .map(FloorStrip.Form::label)
                                .collect(Collectors.joining(", "))),
                        Takeoff.length(
                                form == TileEdge.Form.MITRED
                                        ? edges.stream()
                                                .filter(TileEdges.Edge::isCorner)
                                                .mapToDouble(TileEdges.Edge::lengthMm)
                                                .sum()
                                        : 0),
                        Takeoff.length(
                                form == TileEdge.Form.TRIM
                                        ? edges.stream()
                                                .mapToDouble(TileEdges.Edge::lengthMm)
                                                .sum()
                                        : 0)));
    }
}
