package honeylamp.derive;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Everything built that follows from one storey.
 *
 * @param poche the cut of all walls, openings taken out
 * @param rooms enclosed spaces by falling area
 */
public record StoreyGeometry(
        Storey storey, WallNetwork network, List<OpeningCut> cuts, List<Outline> poche, List<Room> rooms) {

    /** Derives a storey. */
    public static StoreyGeometry of(Plan plan, Storey storey) {
        var thickness = thicknesses(plan);
        var network = WallNetwork.of(storey.walls(), w -> thicknessOf(thickness, w));
        return of(storey, network, thickness);
    }

    static StoreyGeometry of(Storey storey, WallNetwork network, Map<WallTypeId, Double> thickness) {
        var cuts = cuts(storey, thickness);
        var holes = cuts.stream().map(c -> Outline.of(c.generous())).toList();
        var poche = Regions.difference(network.poche(), holes);
        return new StoreyGeometry(storey, network, cuts, poche, rooms(network, storey.rooms()));
    }

    static Map<WallTypeId, Double> thicknesses(Plan plan) {
        Map<WallTypeId, Double> out = new HashMap<>();
        plan.wallTypes().forEach(t -> out.put(t.id(), t.thickness().mm()));
        return out;
    }

    static double thicknessOf(Map<WallTypeId, Double> thickness, Wall wall) {
        var mm = thickness.get(wall.type());
        if (mm == null) {
            throw new IllegalArgumentException("wall " + wall.id().text() + " is of unknown type");
        }
        return mm;
    }

    private static List<OpeningCut> cuts(Storey storey, Map<WallTypeId, Double> thickness) {
        var out = new ArrayList<OpeningCut>();
        for (var opening : storey.openings()) {
            var host = storey.wall(opening.host()).orElseThrow();
            out.add(OpeningCut.of(opening, host, thicknessOf(thickness, host)));
        }
        return List.copyOf(out);
    }

    /** Gives each face the first mark that lies in it; marks by rising number. */
    private static List<Room> rooms(WallNetwork network, List<RoomMark> marks) {
        var sorted = new ArrayList<>(marks);
        sorted.sort(Comparator.comparingInt(m -> m.id().number()));
        var out = new ArrayList<Room>();
        Set<RoomMark> used = new HashSet<>();
        for (var face : network.faces()) {
            var mark = sorted.stream()
                    .filter(m -> !used.contains(m) && face.outline().contains(m.at().point()))
                    .findFirst();
            mark.ifPresent(used::add);
            out.add(new Room(mark, face.outline(), face.areaMm2()));
        }
        return List.copyOf(out);
    }

    /** The room at a point, if there is one. */
    public Optional<Room> roomAt(Point p) {
        return rooms.stream().filter(r -> r.outline().contains(p)).findFirst();
    }

    /** The sum of all rooms within their inner faces, in mm². */
    public double netAreaMm2() {
        return rooms.stream().mapToDouble(Room::areaMm2).sum();
    }

    /** The area within the outer faces of the walls, in mm². */
    public double grossAreaMm2() {
        var shells = network.poche().stream().map(o -> Outline.of(o.shell())).toList();
        return Regions.union(shells).stream().mapToDouble(Outline::area).sum();
    }
}
