package honeylamp.derive.pointing;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.Comparator;
import java.util.Optional;

/** Where a piece stands when its back is put against the nearest wall face. */
public final class AgainstWall {
    private AgainstWall() {}

    /**
     * A place and a turn.
     *
     * @param turnDeg so that the piece's back (+y of its own frame) touches the face
     */
    public record Place(Point at, double turnDeg, Segment face) {}

    /**
     * The place against the room's nearest face, sliding along it with the pointer and kept within its
     * ends; empty if no face comes within reach.
     *
     * @param p where the pointer holds the piece's centre
     * @param reachMm how near the piece's back must come to the face
     */
    public static Optional<Place> nearest(
            StoreyGeometry geometry, Point p, double widthMm, double depthMm, double reachMm) {
        return geometry.roomAt(p)
                .flatMap(room -> room.outline()
                        .rings()
                        .flatMap(r -> r.edges().stream())
                        .filter(face -> face.length() > 1 && face.distance(p) <= depthMm / 2 + reachMm)
                        .min(Comparator.comparingDouble(face -> face.distance(p)))
                        .map(face -> place(face, p, widthMm, depthMm)));
    }

    /** Faces run counter-clockwise around a room, so the room lies on their left. */
    private static Place place(Segment face, Point p, double width, double depth) {
        var half = Math.min(width / 2, face.length() / 2);
        var along = Math.clamp(face.along(p), half, face.length() - half);
        var inward = face.unit().left();
        var at = face.at(along).plus(inward.times(depth / 2));
        return new Place(at, (inward.angleDeg() + 90) % 360, face);
    }
}
