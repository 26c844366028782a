package honeylamp.derive.storeys;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.walls.RawPiece;
import honeylamp.derive.walls.WallFaces;
import honeylamp.derive.walls.WallNetwork;
import honeylamp.derive.walls.WallNetwork.Sides;
import honeylamp.derive.walls.WallNodes;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.ToDoubleFunction;

/**
 * The areas of a storey by each basis, in mm².
 *
 * @param rooms of each room of the storey, in its order, by basis
 * @param internalGrossMm2 within the inner faces of the outer walls, inner walls included
 * @param externalGrossMm2 within the outer faces of the outer walls
 */
public record Areas(List<Map<AreaBasis, Double>> rooms, double internalGrossMm2, double externalGrossMm2) {
    /** What the internal gross area is. */
    public static final String INTERNAL_GROSS =
            "within the inner faces of the outer walls, inner walls and stairs included, voids left out";

    /** What the external gross area is. */
    public static final String EXTERNAL_GROSS =
            "within the outer faces of the outer walls, stairs included, voids left out";

    public Areas {
        rooms = List.copyOf(rooms);
    }

    /** The areas of a derived storey. */
    public static Areas of(StoreyGeometry geometry, ToDoubleFunction<Wall> thicknessMm) {
        var split = WallNodes.of(geometry.storey().standing(), thicknessMm);
        var outer = outer(geometry, split);
        var centres = GroundShares.of(geometry, split, Areas::middle, Optional.empty());
        var toOuter = GroundShares.of(geometry, split, raw -> outward(raw, outer), Optional.of(geometry.shells()));
        var inner = GroundShares.of(geometry, split, raw -> inward(raw, outer), Optional.empty());
        var rooms = new ArrayList<Map<AreaBasis, Double>>();
        for (var i = 0; i < geometry.rooms().size(); i++) {
            var room = geometry.rooms().get(i);
            var own = room.areaMm2();
            var free = room.lie() == Room.Lie.OUTSIDE; // no wall encloses it
            var by = new EnumMap<AreaBasis, Double>(AreaBasis.class);
            by.put(AreaBasis.INNER_FACES, own);
            by.put(AreaBasis.WALL_CENTRES, free ? own : centres.byRoom().getOrDefault(i, own));
            by.put(
                    AreaBasis.OUTER_FACES,
                    free || room.counts() == CountsAs.OUTDOOR
                            ? own
                            : toOuter.byRoom().getOrDefault(i, own));
            rooms.add(Collections.unmodifiableMap(by));
        }
        return new Areas(rooms, inner.indoorMm2(), geometry.grossAreaMm2());
    }

    /** The areas of a storey of a plan. */
    public static Areas of(Plan plan, StoreyGeometry geometry) {
        var thickness = StoreyGeometry.thicknesses(plan);
        return of(geometry, w -> StoreyGeometry.thicknessOf(thickness, w));
    }

    /** The sum over all rooms that count as a part, by a basis. */
    public double sum(StoreyGeometry geometry, AreaBasis basis, CountsAs part) {
        var out = 0.0;
        for (var i = 0; i < rooms.size(); i++) {
            if (geometry.rooms().get(i).counts() == part) {
                out += rooms.get(i).getOrDefault(basis, 0.0);
            }
        }
        return out;
    }

    /** On which sides of its pieces the outside or an outdoor space lies: left, right, or both. */
    private static Map<RawPiece, boolean[]> outer(StoreyGeometry geometry, WallNodes.Split split) {
        var edges = WallNetwork.halfEdges(split, Sides::faces);
        WallNetwork.joinAround(split, edges);
        var facing = WallFaces.facing(split, edges);
        var outdoor = outdoor(geometry, facing.values());
        Map<RawPiece, boolean[]> out = new IdentityHashMap<>();
        for (var edge : edges) {
            var face = facing.get(edge);
            if (face == null || outdoor.contains(face)) {
                var forward = edge.line == edge.piece.line();
                out.computeIfAbsent(edge.piece, _ -> new boolean[2])[forward ? 0 : 1] = true;
            }
        }
        return out;
    }

    /** The faces in which all rooms are outdoor. */
    private static Set<WallFaces.Trace> outdoor(StoreyGeometry geometry, Collection<WallFaces.Trace> faces) {
        var distinct = Collections.newSetFromMap(new IdentityHashMap<WallFaces.Trace, Boolean>());
        distinct.addAll(faces);
        var out = Collections.newSetFromMap(new IdentityHashMap<WallFaces.Trace, Boolean>());
        var indoor = Collections.newSetFromMap(new IdentityHashMap<WallFaces.Trace, Boolean>());
        for (var room : geometry.rooms()) {
            if (room.lie() == Room.Lie.INSIDE) {
                var inside = Regions.inside(room.outline());
                distinct.stream()
                        .filter(t -> new Ring(t.nodes()).contains(inside))
                        .min(Comparator.comparingDouble(WallFaces.Trace::nodeArea))
                        .ifPresent(room.counts() == CountsAs.OUTDOOR ? out::add : indoor::add);
            }
        }
        out.removeAll(indoor);
        return out;
    }

    /** Both sides on the middle of the wall. */
    private static Sides middle(RawPiece raw) {
        var at = (raw.leftMm() - raw.rightMm()) / 2;
        return new Sides(at, -at);
    }

    /** Both sides on the outer face of an outer wall; walls between rooms, and those free on both sides, in the middle. */
    private static Sides outward(RawPiece raw, Map<RawPiece, boolean[]> outer) {
        var sides = outer.get(raw);
        if (sides == null || sides[0] == sides[1]) {
            return middle(raw);
        }
        return sides[0] ? new Sides(raw.leftMm(), -raw.leftMm()) : new Sides(-raw.rightMm(), raw.rightMm());
    }

    /** Both sides on the inner face of an outer wall. */
    private static Sides inward(RawPiece raw, Map<RawPiece, boolean[]> outer) {
        var sides = outer.get(raw);
        if (sides == null || sides[0] == sides[1]) {
            return middle(raw);
        }
        return sides[0] ? new Sides(-raw.rightMm(), raw.rightMm()) : new Sides(raw.leftMm(), -raw.leftMm());
    }
}
