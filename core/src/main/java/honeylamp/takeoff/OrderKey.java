package honeylamp.takeoff;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.catalogue.Patterns;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.plan.View.Subject;
import honeylamp.units.AreaText;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/** What is to be ordered for the surfaces one sees on a page. */
public final class OrderKey {
    private OrderKey() {}

    /**
     * A line of the list.
     *
     * @param name what it is
     * @param size how large its pieces are and how they lie; nothing of what is laid in one
     * @param figure how much of it
     */
    public record Entry(Material material, String name, String size, String figure) {}

    /**
     * The lines of a page: of the rooms whose walls it shows from the front and of those within the parts of plans it
     * shows, floors, walls, ceilings and all; of a whole plan all its surfaces; of an outer face that alone.
     */
    public static List<Entry> of(LaidPage page) {
        var storeys = new LinkedHashMap<StoreyId, LaidStorey>();
        var seen = new LinkedHashMap<StoreyId, Set<Surfaces.Found>>();
        for (var view : page.views()) {
            var id = view.storey().id();
            storeys.putIfAbsent(id, view.storey());
            seen.computeIfAbsent(id, _ -> new LinkedHashSet<>()).addAll(seen(view));
        }
        var covered = new ArrayList<Takeoff.Covered>();
        storeys.forEach((id, storey) ->
                covered.addAll(Takeoff.covered(storey, List.copyOf(seen.getOrDefault(id, Set.of())))));
        return Takeoff.together(covered).stream()
                .map(t -> new Entry(
                        t.material(),
                        t.material().label(),
                        size(t.material(), page.plan().units()),
                        figure(t, page.plan().units())))
                .toList();
    }

    private static List<Surfaces.Found> seen(LaidView view) {
        var storey = view.storey();
        return switch (view.view().subject()) {
            case Subject.StoreyPlan _ ->
                view.crop()
                        .map(box -> ofRooms(storey, room -> isWithin(room, box)))
                        .orElseGet(() -> Surfaces.on(storey));
            case Subject.Elevation(var _, var id, var _, var _, var _) -> ofRooms(storey, room -> is(room, id));
            case Subject.Unrolled(var _, var id, var _) -> ofRooms(storey, room -> is(room, id));
            case Subject.OuterFace(var _, var wall, var side, var _) ->
                Surfaces.on(storey).stream()
                        .filter(f -> f.surface() instanceof Surface.WallSide s
                                && s.wall().equals(wall)
                                && s.side() == side
                                && s.room().isEmpty())
                        .toList();
        };
    }

    private static List<Surfaces.Found> ofRooms(LaidStorey storey, Predicate<Room> which) {
        return storey.geometry().rooms().stream()
                .filter(which)
                .flatMap(room -> room.mark().stream().flatMap(m -> Surfaces.ofRoom(storey, room, m).stream()))
                .toList();
    }

    private static boolean is(Room room, RoomId id) {
        return room.mark().map(RoomMark::id).filter(id::equals).isPresent();
    }

    private static boolean isWithin(Room room, Box box) {
        var bounds = room.outline().bounds();
        return box.contains(new Point(bounds.minX(), bounds.minY()))
                && box.contains(new Point(bounds.maxX(), bounds.maxY()));
    }

    private static String size(Material material, UnitSystem units) {
        var laying = material.laying();
        if (laying.isSeamless()) {
            return "";
        }
        var usual = Materials.of(material.key()).map(u -> u.laying().pattern());
        var laid = usual.filter(laying.pattern()::equals).isPresent()
                ? ""
                : ", " + Patterns.label(laying.pattern()).toLowerCase(java.util.Locale.ROOT);
        var size = Patterns.hasLength(laying.pattern())
                ? LengthText.rounded(laying.width(), units) + " \u00d7 " + LengthText.rounded(laying.length(), units)
                : LengthText.rounded(laying.width(), units);
        return size + laid;
    }

    private static String figure(Takeoff.Together all, UnitSystem units) {
        var goods = all.material().laying().goods();
        var litres = Takeoff.litres(all.material(), all.areaMm2());
        if (all.count().isPresent() && !all.material().laying().isSeamless()) {
            var count = all.count().get();
            return count.boxes(goods, 0)
                    .filter(boxes -> boxes > 0)
                    .map(boxes -> boxes + (boxes == 1 ? " box" : " boxes"))
                    .orElse(count.ordered() + " pieces");
        }
        return litres > 0 ? Words.of("%.1f litres", litres) : AreaText.rounded(all.areaMm2(), units);
    }
}
