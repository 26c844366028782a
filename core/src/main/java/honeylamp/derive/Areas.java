package honeylamp.derive;

import honeylamp.derive.WallNetwork.Sides;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomFit.AreaPart;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
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

    /** Boundaries are carried on so far into walls, to meet their middles and outer faces. */
    private static final double INTO_WALL_MM = 1200;

    /** Freezes the list. */
    public Areas {
        rooms = List.copyOf(rooms);
    }

    /** The areas of a derived storey. */
    public static Areas of(StoreyGeometry geometry, ToDoubleFunction<Wall> thicknessMm) {
        var split = WallNodes.of(geometry.storey().walls(), thicknessMm);
        var outer = outer(split);
        var lines = geometry.storey().boundaries().stream()
                .map(b -> b.line().part(-INTO_WALL_MM, b.line().length() + INTO_WALL_MM))
                .toList();
        var voids = FixedParts.voids(geometry.storey());
        var network = geometry.network();
        var centres = boxed(Boundaries.withoutVoids(
                network, Boundaries.divided(network, faces(split, Areas::middle).rooms(), lines), voids));
        var toOuter = boxed(Boundaries.withoutVoids(
                network,
                Boundaries.divided(
                        network, faces(split, raw -> outward(raw, outer)).rooms(), lines),
                voids));
        var rooms = new ArrayList<Map<AreaBasis, Double>>();
        for (var room : geometry.rooms()) {
            var by = new EnumMap<AreaBasis, Double>(AreaBasis.class);
            by.put(AreaBasis.INNER_FACES, room.areaMm2());
            var inside = Regions.inside(room.outline());
            by.put(AreaBasis.WALL_CENTRES, around(centres, room, inside));
            by.put(AreaBasis.OUTER_FACES, around(toOuter, room, inside));
            rooms.add(Collections.unmodifiableMap(by));
        }
        var inner = faces(split, raw -> inward(raw, outer)).outside().stream()
                .mapToDouble(Areas::area)
                .sum();
        var missing = Regions.union(voids).stream().mapToDouble(Outline::area).sum();
        return new Areas(rooms, Math.max(0, inner - missing), Math.max(0, geometry.grossAreaMm2() - missing));
    }

    /** The areas of a storey of a plan. */
    public static Areas of(Plan plan, StoreyGeometry geometry) {
        var thickness = StoreyGeometry.thicknesses(plan);
        return of(geometry, w -> StoreyGeometry.thicknessOf(thickness, w));
    }

    /** The sum over all rooms that count as a part, by a basis. */
    public double sum(StoreyGeometry geometry, AreaBasis basis, AreaPart part) {
        var out = 0.0;
        for (var i = 0; i < rooms.size(); i++) {
            var counts =
                    geometry.rooms().get(i).mark().map(m -> m.fit().counts()).orElse(AreaPart.INDOOR);
            if (counts == part) {
                out += rooms.get(i).getOrDefault(basis, 0.0);
            }
        }
        return out;
    }

    /** On which sides of its pieces the outside lies: left, right, or both. */
    private static Map<RawPiece, boolean[]> outer(WallNodes.Split split) {
        Map<RawPiece, boolean[]> out = new IdentityHashMap<>();
        for (var trace : faces(split, Sides::faces).outside()) {
            for (var edge : trace.edges()) {
                var forward = edge.node == edge.piece.startNode() && edge.line == edge.piece.line();
                out.computeIfAbsent(edge.piece, _ -> new boolean[2])[forward ? 0 : 1] = true;
            }
        }
        return out;
    }

    private static WallFaces faces(WallNodes.Split split, Function<RawPiece, Sides> sides) {
        var edges = WallNetwork.halfEdges(split, sides);
        WallNetwork.joinAround(split, edges);
        var pieces = WallNetwork.pieces(edges);
        return WallFaces.of(split, edges, pieces, List.of());
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

    /** A face and the box around it. */
    private record Boxed(WallNetwork.Face face, Box box) {}

    private static List<Boxed> boxed(List<WallNetwork.Face> faces) {
        return faces.stream().map(f -> new Boxed(f, f.outline().bounds())).toList();
    }

    /** The area of the face around a point of a room; islands are taken out of it as they are out of the room. */
    private static double around(List<Boxed> faces, Room room, Point inside) {
        if (room.lie() == Room.Lie.OUTSIDE) {
            return room.areaMm2(); // no wall encloses it
        }
        return faces.stream()
                .filter(f -> f.box.contains(inside) && f.face.outline().contains(inside))
                .mapToDouble(f -> f.face.areaMm2())
                .findFirst()
                .orElse(room.areaMm2());
    }

    private static double area(WallFaces.Trace trace) {
        return trace.corners().size() < 3 ? 0 : Math.abs(new Ring(trace.corners()).signedArea() + trace.beyondMm2());
    }
}
