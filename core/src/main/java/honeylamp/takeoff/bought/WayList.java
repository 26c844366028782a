package honeylamp.takeoff.bought;

import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.listing.Schedule.Row;
import honeylamp.derive.listing.Schedule.Subject;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.takeoff.way.FromOutside;
import honeylamp.takeoff.way.FromOutside.Place;
import honeylamp.takeoff.way.Way;
import honeylamp.takeoff.way.WaySnags;
import honeylamp.takeoff.way.Ways.Reached;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How one comes to every room from outside, over stairs too: how wide the way is, what it is narrow between, steps, and
 * whether a wheelchair turns.
 */
public final class WayList {
    private WayList() {}

    /**
     * How one comes to a room.
     *
     * @param narrowest on the whole way from outside; empty if it is wide all along
     * @param stairs whether it leads over any
     */
    public record Entry(LaidStorey storey, Reached reached, Optional<Place> narrowest, boolean stairs) {
        /** Where it is narrowest, in words. */
        public String where() {
            if (reached.way().isEmpty()) {
                return "no way leads there";
            }
            return narrowest.map(Place::where).orElse("wide all along");
        }

        /** How wide it is there; empty if it is wide all along, or none. */
        public Optional<Double> leastMm() {
            return reached.way().flatMap(_ -> narrowest).map(Place::mm);
        }

        /** Whether one comes in a wheelchair and turns there, in a word or two. */
        public String stepFree() {
            if (!reached.isStepFree()) {
                return "no";
            }
            return stairs ? "from the stair on" : "yes";
        }
    }

    /** All rooms that have a name on some storeys. */
    public static List<Entry> of(List<LaidStorey> storeys) {
        var outside = new FromOutside(() -> true);
        var out = new ArrayList<Entry>();
        for (var storey : storeys) {
            var before = outside.narrowestBefore(storey);
            for (var reached : outside.ways(storey).toRooms()) {
                if (reached.room().mark().isPresent()) {
                    var here = reached.way()
                            .flatMap(Way::narrowest)
                            .map(n -> new Place(n.mm(), WaySnags.where(storey, n)));
                    var narrowest = Stream.of(before, here)
                            .flatMap(Optional::stream)
                            .min(Comparator.comparingDouble(Place::mm));
                    out.add(new Entry(storey, reached, narrowest, before.isPresent()));
                }
            }
        }
        return out;
    }

    public static Schedule schedule(LaidPlan plan) {
        var columns = List.of(
                Schedule.words("storey", "Storey"),
                Schedule.words("room", "Room"),
                Schedule.length("way", "Least width"),
                Schedule.words("where", "There"),
                Schedule.length("step", "Step"),
                Schedule.length("turning", "Turning circle"),
                Schedule.words("step_free", "Step-free"));
        var rows = of(plan.all()).stream()
                .map(e -> new Row(
                        e.storey.id(), e.reached.room().mark().orElseThrow().id(), cells(e)))
                .toList();
        return new Schedule(Subject.WAYS, columns, rows);
    }

    private static List<Cell> cells(Entry entry) {
        var reached = entry.reached;
        return List.of(
                new Cell.Words(entry.storey.storey().name()),
                new Cell.Words(reached.room().name()),
                length(entry.leastMm()),
                new Cell.Words(entry.where()),
                length(reached.way().map(Way::stepMm)),
                length(Optional.of(reached.turningMm())),
                new Cell.Words(entry.stepFree()));
    }

    private static Cell length(Optional<Double> mm) {
        return mm.<Cell>map(Cell::derived).orElseGet(() -> new Cell.Words(""));
    }
}
