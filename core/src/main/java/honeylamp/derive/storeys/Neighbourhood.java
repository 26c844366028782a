package honeylamp.derive.storeys;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningPlaces;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.derive.walls.WallNodes;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * What follows from a change of a few walls, derived from the walls around them only, so that it costs the
 * same in a plan of ten rooms and of three hundred.
 *
 * @param bodies the united bodies of the changed walls, joined to those they meet
 * @param rooms the spaces beside the changed walls, as they would be
 * @param network the walls looked at, joined
 * @param changed the walls that change
 */
public record Neighbourhood(List<Outline> bodies, List<Beside> rooms, WallNetwork network, Set<WallId> changed) {
    /** A space beside a changed wall: its outline, arcs as chords, and its area in mm² as the arcs truly run. */
    public record Beside(Outline outline, double areaMm2) {}

    /** No more walls than this are looked at; a longer chain is followed no farther. */
    private static final int MOST_WALLS = 60;

    private static final double BESIDE_MM = 100;

    /**
     * The neighbourhood of what differs between a derived storey and the same storey after an edit.
     *
     * @param after of the plan {@code plan}
     */
    public static Neighbourhood of(StoreyGeometry before, Plan plan, Storey after) {
        Map<WallId, Wall> old = new HashMap<>();
        before.storey().walls().forEach(w -> old.put(w.id(), w));
        var thickness = StoreyGeometry.thicknesses(plan);
        var changed = new ArrayList<Wall>();
        Map<WallId, Wall> now = new HashMap<>();
        for (var wall : after.walls()) {
            now.put(wall.id(), wall);
            if (!wall.equals(old.get(wall.id()))) {
                changed.add(wall);
            }
        }
        var touched = touched(changed, old, thickness);
        if (touched.isEmpty()) {
            return new Neighbourhood(List.of(), List.of(), WallNetwork.of(List.of(), _ -> 0), Set.of());
        }
        var ids = around(before, changed, touched.get());
        changed.forEach(w -> ids.add(w.id()));
        var walls = ids.stream()
                .sorted((a, b) -> Integer.compare(a.number(), b.number()))
                .filter(now::containsKey)
                .map(id -> Optional.ofNullable(now.get(id)).orElseThrow())
                .filter(Wall::stands)
                .toList();
        var network = StoreyGeometry.network(walls, thickness);
        var standing = changed.stream().filter(Wall::stands).toList();
        var going = changed.stream().filter(w -> !w.stands()).toList();
        return new Neighbourhood(
                Stream.concat(
                                bodies(network, standing).stream(),
                                bodies(StoreyGeometry.network(going, thickness), going).stream())
                        .toList(),
                rooms(network, before, standing, touched.get()),
                network,
                changed.stream().map(Wall::id).collect(Collectors.toUnmodifiableSet()));
    }

    /**
     * The openings of the changed walls, and those in other walls that settle elsewhere, where they would lie.
     *
     * @param plan the plan after the change, its openings settled
     * @param before the openings before they settled
     */
    public List<OpeningCut> cuts(Plan plan, Storey storey, List<Opening> before) {
        var unmoved = Set.copyOf(before);
        var moved = storey.openings().stream()
                .filter(o -> changed.contains(o.host()) || !unmoved.contains(o))
                .toList();
        var in = moved.stream().map(Opening::host).collect(Collectors.toSet());
        Map<WallId, Wall> hosts = new HashMap<>();
        var moving =
                storey.walls().stream().filter(w -> changed.contains(w.id())).toList();
        storey.walls().stream()
                .filter(w -> in.contains(w.id()) && meetsAny(w, moving))
                .forEach(w -> hosts.put(w.id(), w));
        var inThem = storey.openings().stream()
                .filter(o -> hosts.containsKey(o.host()))
                .toList();
        var shown = moved.stream().map(Opening::id).collect(Collectors.toSet());
        return OpeningPlaces.of(network, hosts, inThem).placed().stream()
                .filter(o -> shown.contains(o.id()))
                .map(o -> OpeningCut.in(plan, storey, Objects.requireNonNull(hosts.get(o.host())), o))
                .toList();
    }

    /** Of walls farther off not all that bounds their openings has been looked at. */
    private static boolean meetsAny(Wall wall, List<Wall> moving) {
        var box = wall.line().bounds().grown(BESIDE_MM);
        return moving.stream().anyMatch(m -> m.line().bounds().meets(box));
    }

    /** The box around everything that changed, before and after. */
    private static Optional<Box> touched(List<Wall> changed, Map<WallId, Wall> old, Map<WallTypeId, Double> thickness) {
        var boxes = new ArrayList<Box>();
        for (var wall : changed) {
            var grown = StoreyGeometry.thicknessOf(thickness, wall) + WallNodes.SAME_MM;
            boxes.add(wall.line().bounds().grown(grown));
            Optional.ofNullable(old.get(wall.id()))
                    .ifPresent(w -> boxes.add(w.line().bounds().grown(grown)));
        }
        return boxes.stream().reduce(Box::union);
    }

    /** Walls near the change, and those that enclose the rooms beside it or run on from it. */
    private static Set<WallId> around(StoreyGeometry before, List<Wall> changed, Box touched) {
        Set<WallId> ids = new HashSet<>();
        var network = before.network();
        for (var wall : changed) {
            network.near(wall.line().bounds().grown(1000))
                    .forEach(p -> ids.add(p.wall().id()));
        }
        for (var room : before.rooms()) {
            if (ids.size() < MOST_WALLS && room.outline().bounds().meets(touched)) {
                network.near(room.outline().bounds())
                        .forEach(p -> ids.add(p.wall().id()));
            }
        }
        runOn(network, ids);
        return ids;
    }

    private static void runOn(WallNetwork network, Set<WallId> ids) {
        var open = new ArrayDeque<>(ids);
        while (!open.isEmpty() && ids.size() < MOST_WALLS) {
            var id = open.poll();
            for (var piece : network.of(id)) {
                for (var end : List.of(piece.line().a(), piece.line().b())) {
                    for (var met : network.near(end, WallNodes.SAME_MM)) {
                        if (ids.size() < MOST_WALLS && ids.add(met.wall().id())) {
                            open.add(met.wall().id());
                        }
                    }
                }
            }
        }
    }

    private static List<Outline> bodies(WallNetwork network, List<Wall> changed) {
        return Regions.union(changed.stream()
                .flatMap(w -> network.of(w.id()).stream())
                .map(p -> Outline.of(p.isOrdered() ? p.body() : p.running(0, 0)))
                .toList());
    }

    /** Only spaces that were there before or that a changed wall bounds; others may be cut short by what is left out. */
    private static List<Beside> rooms(WallNetwork network, StoreyGeometry before, List<Wall> changed, Box touched) {
        return network.faces().stream()
                .filter(f -> f.outline().bounds().meets(touched))
                .filter(f -> changed.stream()
                        .anyMatch(w -> f.outline().edgeDistance(w.line().middle()) < 1000))
                .filter(f -> before.rooms().stream()
                        .noneMatch(r -> Math.abs(r.areaMm2() - f.areaMm2()) < 1
                                && r.outline().bounds().meets(f.outline().bounds())))
                .map(f -> new Beside(f.outline(), f.areaMm2()))
                .toList();
    }
}
