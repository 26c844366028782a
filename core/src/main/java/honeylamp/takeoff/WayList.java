package honeylamp.takeoff;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.takeoff.way.Way;
import honeylamp.takeoff.way.WaySnags;
import honeylamp.takeoff.way.Ways;
import honeylamp.takeoff.way.Ways.Reached;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** How one comes to every room: how wide the way is, what it is narrow between, steps, and whether a wheelchair turns. */
final class WayList {
    private WayList() {}

    static Schedule schedule(LaidPlan plan) {
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("room", "Room"),
                Schedule.length("way", "Least width"),
                Schedule.words("where", "There"),
                Schedule.length("step", "Step"),
                Schedule.length("turning", "Turning circle"),
                Schedule.words("step_free", "Step-free"));
        var rows = new ArrayList<Row>();
        for (var storey : plan.all()) {
            for (var reached : Ways.of(storey).toRooms()) {
                reached.room()
                        .mark()
                        .ifPresent(mark -> rows.add(new Row(storey.id(), mark.id(), cells(storey, reached))));
            }
        }
        return new Schedule(Subject.WAYS, columns, rows);
    }

    private static List<Cell> cells(LaidStorey storey, Reached reached) {
        var narrowest = reached.way().flatMap(Way::narrowest);
        return List.of(
                new Cell.Words(storey.storey().name()),
                new Cell.Words(reached.room().name()),
                narrowest.<Cell>map(n -> Cell.derived(n.mm())).orElseGet(() -> new Cell.Words("")),
                new Cell.Words(where(storey, reached)),
                length(reached.way().map(Way::stepMm)),
                length(Optional.of(reached.turningMm())),
                new Cell.Words(reached.isStepFree() ? "yes" : "no"));
    }

    private static Cell length(Optional<Double> mm) {
        return mm.<Cell>map(Cell::derived).orElseGet(() -> new Cell.Words(""));
    }

    private static String where(LaidStorey storey, Reached reached) {
        return reached.way()
                .map(w -> w.narrowest()
                        .map(n -> n.door().isPresent() ? "at a door" : WaySnags.between(storey, n))
                        .orElse("wide all along"))
                .orElse("no way leads there");
    }
}
