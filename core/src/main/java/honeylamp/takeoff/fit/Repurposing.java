package honeylamp.takeoff.fit;

import honeylamp.catalogue.RoomUses.RoomUse;
import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/** Makes a room something else: its name, floor, doors and contents follow. Its walls and what is fixed stay. */
public final class Repurposing {
    /** Leaves would be in the way in rooms smaller than this, and open out of them; so do those of stores of any size. */
    private static final double SMALL_MM2 = 3.6e6;

    /** A room is looked for so far beyond the face of a wall. */
    private static final double BEYOND_MM = 60;

    private static final Set<OpeningKind> HINGED =
            EnumSet.of(OpeningKind.DOOR, OpeningKind.PAIR_DOOR, OpeningKind.UNEQUAL_PAIR);

    /** What lies on the floors of uses that ask for something of their own; the others keep what they have. */
    private static final Map<String, String> FLOORS = Map.of(
            "bath", "square-tile",
            "service", "square-tile",
            "kitchen", "square-tile",
            "living", "wide-plank-oak",
            "dining", "wide-plank-oak",
            "bedroom", "wide-plank-oak",
            "work", "wide-plank-oak");

    private Repurposing() {}

    /**
     * A room made something else.
     *
     * @param name it has now
     * @param gone how many pieces went with its old use
     * @param turned how many leaves open the other way
     */
    public record Done(Plan plan, String name, int gone, int turned, List<FurnishingId> placed, List<String> leftOut) {}

    /** Makes a room what a use says: heaters, meters and the like stay where they are. */
    public static Done of(Plan plan, StoreyId storey, Room room, RoomUse use) {
        var cache = new GeometryCache();
        var geometry = cache.of(plan, plan.storey(storey));
        var going = geometry.furnishingsIn(room).stream()
                .filter(f -> Furnishings.of(f)
                        .filter(k -> k.group() == Group.SERVICES)
                        .isEmpty())
                .map(Furnishing::id)
                .collect(Collectors.toSet());
        var name = freeName(geometry, room, use);
        var out = plan.withStorey(
                storey,
                s -> s.with(
                        Furnishing.class,
                        s.furnishings().stream()
                                .filter(f -> !going.contains(f.id()))
                                .toList()));
        out = RoomEdits.use(
                RoomEdits.name(out, storey, room, name), storey, room(cache, out, storey, room), use.key(), use.part());
        if (FLOORS.containsKey(use.key())) {
            out = RoomEdits.floor(out, storey, room(cache, out, storey, room), floor(room, FLOORS.get(use.key())));
        }
        var turning = turning(geometry, room, use.key().equals("store") || room.areaMm2() < SMALL_MM2);
        out = out.withStorey(
                storey,
                s -> s.with(
                        Opening.class,
                        s.openings().stream()
                                .map(o -> turning.contains(o.id()) ? o.mirrored() : o)
                                .toList()));
        var furnished = StarterGroup.in(out, storey, room(cache, out, storey, room), use.key());
        return new Done(furnished.plan(), name, going.size(), turning.size(), furnished.placed(), furnished.leftOut());
    }

    /** The same room in another plan: marks may have changed, walls have not. */
    private static Room room(GeometryCache cache, Plan plan, StoreyId storey, Room room) {
        return cache.of(plan, plan.storey(storey)).rooms().stream()
                .filter(r -> r.outline().equals(room.outline()))
                .findFirst()
                .orElse(room);
    }

    /** The first usual name no other room of the storey has. */
    private static String freeName(StoreyGeometry geometry, Room room, RoomUse use) {
        var taken = geometry.rooms().stream()
                .filter(r -> !r.outline().equals(room.outline()))
                .map(Room::name)
                .toList();
        return use.names().stream()
                .filter(n -> !taken.contains(n))
                .findFirst()
                .orElse(use.names().getFirst());
    }

    /** It begins where the floor did. */
    private static Finish floor(Room room, String material) {
        var before = room.mark().map(m -> m.floor());
        return before.map(f -> new Finish(material, f.directionDeg(), f.start()))
                .orElseGet(() -> Finish.of(material));
    }

    /** Doors to other rooms whose leaf opens the wrong way. */
    private static Set<ElementId> turning(StoreyGeometry geometry, Room room, boolean isOut) {
        return geometry.cuts().stream()
                .filter(c -> HINGED.contains(c.opening().kind()))
                .filter(c -> isWrong(geometry, c, room, isOut))
                .map(c -> (ElementId) c.opening().id())
                .collect(Collectors.toSet());
    }

    private static boolean isWrong(StoreyGeometry geometry, OpeningCut cut, Room room, boolean isOut) {
        var away = cut.unit().left().times(cut.thicknessMm() / 2 + BEYOND_MM);
        var left = geometry.roomAt(cut.middle().middle().plus(away));
        var right = geometry.roomAt(cut.middle().middle().minus(away));
        var opensTo = cut.opening().swing() == Swing.LEFT ? left : right;
        var other = cut.opening().swing() == Swing.LEFT ? right : left;
        var here = isOut ? opensTo : other;
        var there = isOut ? other : opensTo;
        return here.filter(r -> r.outline().equals(room.outline())).isPresent() && there.isPresent();
    }
}
