package honeylamp.takeoff;

import honeylamp.catalogue.piece.Counters;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Raised;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.plan.View.Subject;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The surfaces one sees on a page, each once: of the rooms whose walls it shows from the front and of those within the
 * parts of plans it shows, floors, walls, ceilings and all; of a whole plan all its surfaces; of an outer face that alone.
 */
record SeenSurfaces(LaidStorey storey, List<Surfaces.Found> surfaces) {
    private record In(StoreyId storey, LaidView.State state) {
        static In of(LaidView view) {
            return new In(view.storey().id(), view.state());
        }
    }

    /** Those of a page, storey by storey, and state by state of one that is on it in several. */
    static List<SeenSurfaces> on(LaidPage page) {
        var storeys = new LinkedHashMap<In, LaidStorey>();
        var seen = new LinkedHashMap<In, Set<Surfaces.Found>>();
        for (var view : page.views()) {
            storeys.putIfAbsent(In.of(view), view.storey());
            seen.computeIfAbsent(In.of(view), _ -> new LinkedHashSet<>()).addAll(seen(view));
        }
        return storeys.entrySet().stream()
                .map(e -> new SeenSurfaces(e.getValue(), List.copyOf(seen.getOrDefault(e.getKey(), Set.of()))))
                .toList();
    }

    private static List<Surfaces.Found> seen(LaidView view) {
        var storey = view.storey();
        return switch (view.view().subject()) {
            case Subject.StoreyPlan _ ->
                view.crop()
                        .map(box -> ofRooms(storey, room -> isWithin(room, box)))
                        .orElseGet(() -> Counters.withSurfaces(storey));
            case Subject.Elevation(var _, var id, var _, var _, var _) -> ofRooms(storey, room -> is(room, id));
            case Subject.Unrolled(var _, var id, var _) -> ofRooms(storey, room -> is(room, id));
            case Subject.OuterFace(var _, var wall, var side, var _) ->
                Surfaces.on(storey).stream()
                        .filter(f -> f.surface().equals(new Surface.OuterSide(wall, side)))
                        .toList();
            case Raised.Cutaway(var _, var id, var _, var _) -> ofRooms(storey, room -> is(room, id));
            case Raised.WholeStorey _, Raised.Building _, Raised.Inside _, Raised.Section _ ->
                Counters.withSurfaces(storey);
            case Raised.RoofPlan _ -> List.of();
            case Raised.Outside _ ->
                Surfaces.on(storey).stream()
                        .filter(f -> f.surface() instanceof Surface.OuterSide)
                        .toList();
        };
    }

    private static List<Surfaces.Found> ofRooms(LaidStorey storey, Predicate<Room> which) {
        return storey.geometry().rooms().stream()
                .filter(which)
                .flatMap(room -> Stream.concat(
                        room.mark().stream().flatMap(m -> Surfaces.ofRoom(storey, room, m).stream()),
                        Counters.on(storey).stream().filter(c -> room.outline().contains(middle(c)))))
                .toList();
    }

    private static Point middle(Surfaces.Found counter) {
        return counter.frame()
                .inPlan(counter.outline().stream()
                        .map(Outline::bounds)
                        .reduce(Box::union)
                        .orElseThrow()
                        .centre());
    }

    private static boolean is(Room room, RoomId id) {
        return room.mark().map(RoomMark::id).filter(id::equals).isPresent();
    }

    private static boolean isWithin(Room room, Box box) {
        var bounds = room.outline().bounds();
        return box.contains(new Point(bounds.minX(), bounds.minY()))
                && box.contains(new Point(bounds.maxX(), bounds.maxY()));
    }
}
