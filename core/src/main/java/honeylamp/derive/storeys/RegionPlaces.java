package honeylamp.derive.storeys;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Region;
import honeylamp.plan.Region.Upright;
import java.util.List;
import java.util.Optional;

/** Where the regions that a person outlined on surfaces lie in the plan. */
public final class RegionPlaces {
    /** Less of a face than this holds nothing. */
    private static final double LEAST_MM = 1;

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
