package honeylamp.derive.storeys;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.openings.OpeningPlaces;
import honeylamp.derive.rooms.Boundaries;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.walls.OpenChains;
import honeylamp.derive.walls.TrueArea;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Everything built that follows from one storey.
 *
 * @param places where the openings lie
 * @param cuts what they take out of their walls
 * @param closed what those that are closed up took out of them
 * @param poche the cut of all walls, openings taken out
 * @param removed the walls that go in the works, joined among themselves; they bound nothing, and have no openings
 * @param rooms enclosed spaces by falling area
 * @param roomBoxes finds the rooms near a place by their number
 */
public record StoreyGeometry(
        Storey storey,
        WallNetwork network,
        WallNetwork removed,
        OpeningPlaces places,
        List<OpeningCut> cuts,
        List<OpeningCut> closed,
        List<Outline> poche,
        List<Room> rooms,
        BoxIndex roomBoxes) {

    /** Derives a storey. */
    public static StoreyGeometry of(Plan plan, Storey storey) {
        var thickness = thicknesses(plan);
        return of(storey, network(storey.standing(), thickness), removed(storey, thickness), thickness);
    }

    /** Joins the walls of a storey that stand and derives nothing else. */
    public static WallNetwork network(Plan plan, Storey storey) {
        return network(storey.standing(), thicknesses(plan));
    }

    static WallNetwork network(List<Wall> walls, Map<WallTypeId, Double> thickness) {
        return WallNetwork.of(walls, w -> thicknessOf(thickness, w));
    }

    static WallNetwork removed(Storey storey, Map<WallTypeId, Double> thickness) {
        return network(storey.walls().stream().filter(w -> !w.stands()).toList(), thickness);
    }

    static StoreyGeometry of(
            Storey storey, WallNetwork network, WallNetwork removed, Map<WallTypeId, Double> thickness) {
        Map<WallId, Wall> walls = new HashMap<>();
        storey.walls().forEach(w -> walls.put(w.id(), w));
        var places = OpeningPlaces.of(network, walls, storey.standingOpenings());
        Function<OpeningPlaces, List<OpeningCut>> cut = found -> CornerWindows.joined(found.placed().stream()
                .map(o -> cut(storey, o, Objects.requireNonNull(walls.get(o.host())), thickness))
                .toList());
        var cuts = cut.apply(places);
        var closed = cut.apply(OpeningPlaces.of(network, walls, storey.closedUp()));
        var holes = cuts.stream()
                .filter(c -> c.level() == OpeningCut.Level.CUT)
                .map(c -> Outline.of(c.generous()))
                .toList();
        var poche = Regions.difference(network.poche(), holes);
        var rooms = rooms(network, storey);
        var boxes = new BoxIndex(rooms.size(), i -> rooms.get(i).outline().bounds());
        return new StoreyGeometry(storey, network, removed, places, cuts, closed, poche, rooms, boxes);
    }

    /** The same for a storey that differs in nothing this follows from. */
    StoreyGeometry of(Storey other) {
        return new StoreyGeometry(other, network, removed, places, cuts, closed, poche, rooms, roomBoxes);
    }

    /** What new openings take out of walls that stay. */
    public List<OpeningCut> taken() {
        return cuts.stream()
                .filter(c -> c.opening().works() == Wall.Works.NEW && c.host().works() == Wall.Works.EXISTING)
                .toList();
    }

    /** The pieces of a wall, whether it stands or goes. */
    public List<WallPiece> pieces(WallId wall) {
        var standing = network.of(wall);
        return standing.isEmpty() ? removed.of(wall) : standing;
    }

    /** The pieces of walls that come within reach of a point, first those that stand. */
    public List<WallPiece> piecesNear(Point p, double reachMm) {
        var standing = network.near(p, reachMm);
        return removed.pieces().isEmpty()
                ? standing
                : Stream.concat(standing.stream(), removed.near(p, reachMm).stream())
                        .toList();
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

    private static OpeningCut cut(Storey storey, Opening opening, Wall host, Map<WallTypeId, Double> thickness) {
        return OpeningCut.of(
                opening, host, thicknessOf(thickness, host), storey.levels().cut());
    }

    /** The cut of an opening where it truly lies, if its wall has room for it. */
    public Optional<OpeningCut> cut(OpeningId opening) {
        return cuts.stream().filter(c -> c.opening().id().equals(opening)).findFirst();
    }

    /** The cut of an opening where it truly lies or, if it is closed up, lay. */
    public Optional<OpeningCut> cutOrClosed(OpeningId opening) {
        return cut(opening)
                .or(() -> closed.stream()
                        .filter(c -> c.opening().id().equals(opening))
                        .findFirst());
    }

    /** Gives each face the first mark that lies in it: marks that speak for a room before those that wait, by number. */
    private static List<Room> rooms(WallNetwork network, Storey storey) {
        var sorted = new ArrayList<>(storey.rooms());
        sorted.sort(Comparator.comparing((RoomMark m) -> m.standing()).thenComparing(RoomMark::id, ElementId.ORDER));
        var out = new ArrayList<Room>();
        Set<RoomMark> used = new HashSet<>();
        for (var space : Boundaries.spaces(network, storey)) {
            var face = space.face();
            var box = face.outline().bounds();
            var mark = sorted.stream()
                    .filter(m -> box.contains(m.at().point())
                            && face.outline().contains(m.at().point())
                            && !used.contains(m))
                    .findFirst();
            mark.ifPresent(used::add);
            var lie = space.outside() ? Room.Lie.OUTSIDE : Room.Lie.INSIDE;
            var round = TrueArea.along(network, face.outline()).perimeter(face.outline());
            out.add(new Room(mark, face.outline(), face.areaMm2(), round, lie));
        }
        return List.copyOf(out);
    }

    /** The room at a point, if there is one. */
    public Optional<Room> roomAt(Point p) {
        return roomBoxes.meeting(new Box(p.x(), p.y(), p.x(), p.y())).stream()
                .map(rooms::get)
                .filter(r -> r.outline().contains(p))
                .findFirst();
    }

    /** The room that a mark speaks for, if it is enclosed. */
    public Optional<Room> room(RoomId mark) {
        return storey.elements()
                .find(RoomMark.class, mark)
                .flatMap(m -> roomAt(m.at().point()))
                .filter(r -> r.mark().filter(m -> m.id().equals(mark)).isPresent());
    }

    /** From the floor to the ceiling at a point: as high as its room, or the storey. */
    public Length clearHeightAt(Point p) {
        return roomAt(p)
                .flatMap(Room::mark)
                .flatMap(mark -> mark.fit().height())
                .orElse(storey.height());
    }

    /** Where chains of walls that do not close would have to be closed. */
    public List<Segment> gaps() {
        return OpenChains.gaps(network);
    }

    /** The furnishings whose middle stands in a room. */
    public List<Furnishing> furnishingsIn(Room room) {
        return storey.furnishings().stream()
                .filter(f -> room.outline().contains(f.at().point()))
                .toList();
    }

    /** The sum of all rooms within their inner faces, in mm²; outdoor areas are not counted. */
    public double netAreaMm2() {
        return rooms.stream()
                .filter(r -> r.counts() != CountsAs.OUTDOOR)
                .mapToDouble(Room::areaMm2)
                .sum();
    }

    /**
     * The area within the outer faces of the walls, in mm²; voids, and courtyards and other spaces within walls that
     * count as outdoor, are left out.
     */
    public double grossAreaMm2() {
        var shells = shells();
        var outdoor = rooms.stream()
                .filter(r -> r.lie() == Room.Lie.INSIDE && r.counts() == CountsAs.OUTDOOR)
                .mapToDouble(Room::areaMm2)
                .sum();
        var missing = Regions.intersection(shells, Regions.union(FixedParts.voids(storey))).stream()
                .mapToDouble(Outline::area)
                .sum();
        var within = shells.stream()
                .mapToDouble(o -> TrueArea.along(network, o).of(o))
                .sum();
        return Math.max(0, within - outdoor - missing);
    }

    /** The box around all walls; empty if there are none. */
    public Optional<Box> shellBounds() {
        return network.poche().stream().map(o -> o.shell().bounds()).reduce(Box::union);
    }

    /** The ground within the outer faces of all walls, arcs as chords. */
    public List<Outline> shells() {
        return Regions.union(
                network.poche().stream().map(o -> Outline.of(o.shell())).toList());
    }
}
