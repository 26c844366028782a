package honeylamp.derive.listing;

import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.View.Subject;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * A light, switch or outlet as it is seen with a wall from the front: on it, or before it.
 *
 * @param alongMm from the left end of the wall
 * @param awayMm before its face
 */
public record FittingBefore(Placed placed, double alongMm, double awayMm) {
    /** What is on a wall lies so near to its face. */
    private static final double ON_FACE_MM = 60;

    /** So far around its middle a fitting is pointed at. */
    private static final double HALF_MM = 75;

    private static final double FACES = 0.5;

    /** Those of a wall in a view, the farthest from the eye first; what a piece hides is among them. */
    public static List<FittingBefore> of(LaidView view, WallElevation wall, Subject.Front subject) {
        var geometry = view.storey().geometry();
        var here = geometry.roomAt(wall.middle().plus(wall.into().times(ON_FACE_MM)));
        var out = new ArrayList<FittingBefore>();
        for (var placed : FittingPlaces.on(geometry)) {
            wall.lies(placed.at()).ifPresent(lies -> {
                var faces = Point.direction(placed.facingDeg())
                        .dot(wall.foot(lies.alongMm()).into());
                var isSeen = placed.isOnWall()
                        ? Math.abs(lies.awayMm()) <= ON_FACE_MM && faces > FACES
                        : lies.awayMm() > 0
                                && lies.awayMm() <= subject.depth().mm()
                                && geometry.roomAt(placed.before()).equals(here);
                if (isSeen) {
                    out.add(new FittingBefore(placed, lies.alongMm(), lies.awayMm()));
                }
            });
        }
        out.sort(Comparator.comparingDouble(FittingBefore::awayMm));
        return List.copyOf(out);
    }

    /** Where it is pointed at, in mm from the left end of the wall and up. */
    public Box box() {
        var up = placed.heightMm();
        return new Box(alongMm - HALF_MM, up - HALF_MM, alongMm + HALF_MM, up + HALF_MM);
    }
}
