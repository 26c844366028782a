package honeylamp.takeoff.lighting;

import honeylamp.derive.listing.LightGroup;
import honeylamp.derive.openings.LeafSweep;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.FittingKind;
import honeylamp.plan.FittingKind.Group;
import honeylamp.plan.OpeningKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What is probably wrong with lights, switches and sockets: switches behind the open leaf of a door, lights nothing
 * switches, switches that switch nothing, ways into a lit room with no switch at hand, stairs lit from one end; and what is wrong with
 * sockets.
 */
public final class FittingCheck {
    /** Beyond the leaf of a pair that lies open against the wall. */
    private static final double ROUND_A_LEAF_MM = 400;

    private static final double BESIDE_MM = 100;

    private FittingCheck() {}

    /** What is wrong on a storey; nothing where there are no fittings. */
    public static List<Snag> of(LaidStorey storey) {
        var geometry = storey.geometry();
        if (geometry.storey().fittings().isEmpty()) {
            return List.of();
        }
        var placed = FittingPlaces.on(geometry).stream()
                .filter(p -> p.fitting().stands())
                .toList();
        var out = new ArrayList<Snag>();
        behindLeaves(geometry, placed, out);
        unlinked(storey, placed, out);
        waysIn(geometry, placed, storey.plan().drawn().lighting().reach().mm(), out);
        StairSwitches.of(storey, placed).forEach(out::add);
        out.addAll(SocketCheck.of(storey, placed));
        return out;
    }

    private static void behindLeaves(StoreyGeometry geometry, List<Placed> placed, List<Snag> out) {
        var leaves = new OpenLeaves(geometry);
        for (var p : placed) {
            if (p.fitting().kind().group() == Group.SWITCHES && p.isOnWall()) {
                leaves.over(p.before())
                        .ifPresent(door -> out.add(new Snag(
                                Snag.Kind.SWITCH_BEHIND_LEAF,
                                p.at(),
                                List.of(p.fitting().id(), door),
                                "A switch is behind the leaf of an open door. Put it on the side of the handle.")));
            }
        }
    }

    /** Lights and switches of the whole plan by their group: what is linked may be on another storey. */
    private static Set<Integer> groups(LaidPlan plan, boolean ofLights) {
        return plan.storeys().stream()
                .flatMap(s -> s.fittings().stream())
                .filter(f ->
                        f.stands() && (ofLights ? f.kind().isLight() : f.kind().isSwitch()))
                .flatMap(f -> f.groups().stream())
                .collect(Collectors.toSet());
    }

    /** Lamps that are plugged in have a switch of their own. */
    private static boolean isPlugged(FittingKind kind) {
        return kind.group() == Group.LAMPS;
    }

    private static void unlinked(LaidStorey storey, List<Placed> placed, List<Snag> out) {
        var switched = groups(storey.plan(), false);
        var lit = groups(storey.plan(), true);
        var dark = new LinkedHashMap<String, List<Placed>>();
        for (var p : placed) {
            var fitting = p.fitting();
            if (fitting.kind().isLight()
                    && !isPlugged(fitting.kind())
                    && fitting.group().filter(switched::contains).isEmpty()) {
                dark.computeIfAbsent(roomName(storey.geometry(), p), _ -> new ArrayList<>())
                        .add(p);
            }
            if (fitting.kind().isSwitch()
                    && p.nth() == 0
                    && fitting.groups().stream().noneMatch(lit::contains)) {
                out.add(new Snag(
                        Snag.Kind.SWITCH_WITHOUT_LIGHT,
                        p.at(),
                        List.of(fitting.id()),
                        "A switch in " + roomName(storey.geometry(), p)
                                + " switches no light. Pick it with its lights, and switch them together."));
            }
        }
        for (var room : dark.entrySet()) {
            var lights = room.getValue();
            out.add(new Snag(
                    Snag.Kind.LIGHT_WITHOUT_SWITCH,
                    lights.getFirst().at(),
                    lights.stream()
                            .map(p -> (ElementId) p.fitting().id())
                            .distinct()
                            .toList(),
                    (lights.size() == 1 ? "A light in " : lights.size() + " lights in ") + room.getKey()
                            + (lights.size() == 1 ? " has" : " have")
                            + " no switch. Pick lights and switches, and switch them together."));
        }
    }

    private static String roomName(StoreyGeometry geometry, Placed p) {
        return geometry.roomAt(p.before())
                .map(Room::name)
                .filter(n -> !n.isBlank())
                .orElse("a room without a name");
    }

    /** Each way into a room that has switched lights needs a switch of one of them where one comes in. */
    private static void waysIn(StoreyGeometry geometry, List<Placed> placed, double reachMm, List<Snag> out) {
        Map<Room, Set<Integer>> lit = new LinkedHashMap<>();
        for (var group : LightGroup.of(placed)) {
            if (!group.switches().isEmpty()) {
                for (var light : group.lights()) {
                    geometry.roomAt(light.before())
                            .ifPresent(r -> lit.computeIfAbsent(r, _ -> new LinkedHashSet<>())
                                    .add(group.number()));
                }
            }
        }
        Map<Integer, List<Placed>> switches = new HashMap<>();
        for (var p : placed) {
            if (p.fitting().kind().isSwitch()) {
                p.fitting()
                        .groups()
                        .forEach(g -> switches.computeIfAbsent(g, _ -> new ArrayList<>())
                                .add(p));
            }
        }
        var cuts = geometry.cuts();
        var index = new BoxIndex(
                cuts.size(),
                i -> cuts.get(i).middle().bounds().grown(cuts.get(i).thicknessMm() + BESIDE_MM));
        for (var room : lit.entrySet()) {
            for (var at : index.meeting(room.getKey().outline().bounds())) {
                var cut = cuts.get(at);
                if (isWayInto(room.getKey(), cut)
                        && room.getValue().stream()
                                .flatMap(g -> switches.getOrDefault(g, List.of()).stream())
                                .noneMatch(p -> isAtHand(geometry, p, room.getKey(), room.getValue(), cut, reachMm))) {
                    out.add(new Snag(
                            Snag.Kind.NO_SWITCH_AT_DOOR,
                            cut.middle().middle(),
                            List.of(cut.opening().id()),
                            "Coming into "
                                    + (room.getKey().name().isBlank()
                                            ? "a room"
                                            : room.getKey().name())
                                    + " here one has no switch at hand. Put one beside the handle of the door."));
                }
            }
        }
    }

    /** Whether one comes into a room through an opening. */
    static boolean isWayInto(Room room, OpeningCut cut) {
        return cut.opening().kind().family() != OpeningKind.Family.WINDOW
                && room.outline()
                        .bounds()
                        .grown(cut.thicknessMm() + BESIDE_MM)
                        .contains(cut.middle().middle())
                && isBeside(room, cut);
    }

    private static boolean isBeside(Room room, OpeningCut cut) {
        return room.outline().contains(beside(cut, 1)) || room.outline().contains(beside(cut, -1));
    }

    /** A point just before one side of an opening. */
    private static Point beside(OpeningCut cut, int side) {
        return cut.middle().middle().plus(cut.unit().left().times(side * (cut.thicknessMm() / 2 + BESIDE_MM)));
    }

    /** A switch of the room's lights near a jamb, in the room or before its door; a sensor anywhere in the room. */
    static boolean isAtHand(
            StoreyGeometry geometry, Placed p, Room room, Set<Integer> groups, OpeningCut cut, double reachMm) {
        if (p.fitting().groups().stream().noneMatch(groups::contains)) {
            return false;
        }
        if (p.fitting().kind() == FittingKind.SENSOR) {
            return geometry.roomAt(p.before()).filter(room::equals).isPresent();
        }
        return handles(cut, p, reachMm).anyMatch(h -> h.at.distance(p.at()) <= h.reachMm);
    }

    /**
     * Where one puts out a hand on the side of an opening on which a switch is: at the free edge of a leaf that opens to
     * that side, else at both jambs; beside a pair of leaves that open to it one reaches round them.
     */
    private static Stream<Handle> handles(OpeningCut cut, Placed at, double reachMm) {
        var normal = cut.unit().left();
        var middle = cut.middle();
        var side = at.before().minus(middle.middle()).dot(normal) >= 0 ? normal : normal.times(-1);
        var here = LeafSweep.of(cut).stream()
                .filter(leaf -> leaf.open().minus(leaf.hinge()).dot(side) > 0)
                .toList();
        if (here.size() == 1) {
            return Stream.of(new Handle(here.getFirst().closed(), reachMm));
        }
        var round = here.stream()
                .mapToDouble(leaf -> leaf.leafMm() + ROUND_A_LEAF_MM)
                .max()
                .orElse(0);
        return Stream.of(middle.a(), middle.b())
                .map(p -> new Handle(p.plus(side.times(cut.thicknessMm() / 2)), Math.max(reachMm, round)));
    }

    /** Where one puts out a hand, and how far from there one reaches. */
    private record Handle(Point at, double reachMm) {}
}
