package honeylamp.derive.storeys;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Region;
import honeylamp.plan.Region.Upright;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Where the regions that a person outlined on surfaces lie in the plan. */
public final class RegionPlaces {
    /** Less of a face than this holds nothing. */
    private static final double LEAST_MM = 1;

    private static final double ERROR_MM = 0.5;

    private RegionPlaces() {}

    /** What of a region on a floor or ceiling lies in rooms, in plan mm, room by room; nothing of one on a wall. */
    public static List<Outline> level(StoreyGeometry geometry, Region region) {
        return region.on() instanceof Upright
                ? List.of()
                : geometry.rooms().stream()
                        .flatMap(room -> level(room, region).stream())
                        .toList();
    }

    /** What of a region's outline lies in a room. */
    public static List<Outline> level(Room room, Region region) {
        return room.outline().bounds().meets(region.ring().bounds())
                ? Regions.intersection(List.of(room.outline()), List.of(Outline.of(region.ring())))
                : List.of();
    }

    /** The stretches of wall faces that a region on a wall lies on, running as the wall runs; of others nothing. */
    public static List<Curve> faces(StoreyGeometry geometry, Region region) {
        if (!(region.on() instanceof Upright(var id, var side))) {
            return List.of();
        }
        var wall = geometry.storey().wall(id);
        return wall.stream()
                .flatMap(w -> geometry.network().of(id).stream()
                        .flatMap(piece -> stretch(face(piece, side), w.line(), extent(region)).stream()))
                .toList();
    }

    /** What of the ground a region of a wall takes that is built out from the floor up, face by face; of others nothing. */
    public static List<Outline> standingOnFloor(StoreyGeometry geometry, Region region) {
        return region.isDeep() && !region.isNiche() && extent(region).minY() <= LEAST_MM
                ? faces(geometry, region).stream()
                        .map(face -> Outline.of(
                                between(face, out(region, face, region.raised().mm()))))
                        .toList()
                : List.of();
    }

    /** A face of a region's wall moved out of it; into it by less than 0. */
    public static Curve out(Region region, Curve face, double mm) {
        var isLeft = region.on() instanceof Upright(var _, var side) && side == Swing.LEFT;
        return face.shiftedLeft(isLeft ? mm : -mm);
    }

    /** Around what lies between two curves that run alike. */
    public static Ring between(Curve one, Curve other) {
        var all = new ArrayList<>(points(one));
        all.addAll(points(other).reversed());
        return new Ring(all).counterClockwise();
    }

    /** A curve as a line of points. */
    public static List<Point> points(Curve curve) {
        return Stream.of(Stream.of(curve.a()), curve.between(ERROR_MM).stream(), Stream.of(curve.b()))
                .flatMap(s -> s)
                .toList();
    }

    /** From its first to its last corner along the wall, from its lowest to its highest, in mm. */
    public static Box extent(Region region) {
        return region.ring().bounds();
    }

    private static Curve face(WallPiece piece, Swing side) {
        return side == Swing.LEFT ? piece.leftFace() : piece.rightFace();
    }

    private static Optional<Curve> stretch(Curve face, Curve line, Box extent) {
        if (face.length() <= LEAST_MM) {
            return Optional.empty();
        }
        var from = Math.max(0, face.along(line.at(extent.minX())));
        var to = Math.min(face.length(), face.along(line.at(extent.maxX())));
        return to - from > LEAST_MM ? Optional.of(face.part(from, to)) : Optional.empty();
    }
}
