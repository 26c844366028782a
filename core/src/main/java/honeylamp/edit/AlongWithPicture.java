package honeylamp.edit;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.Element;
import honeylamp.plan.Motion;
import honeylamp.plan.Opening;
import honeylamp.plan.Sense;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.Optional;

/** Moves, turns and scales what was traced from a picture as the picture itself was. */
final class AlongWithPicture {
    private AlongWithPicture() {}

    /**
     * The storey after a transform. Places follow it, openings keep their share of their wall; wall
     * thickness and made sizes stay, since they were never read off the picture.
     */
    static Storey moved(Storey storey, Affine way) {
        var turnDeg = way.apply(new Point(1, 0)).minus(way.apply(Point.ORIGIN)).angleDeg();
        var motion = Motion.of(way, Sense.AS_DRAWN, turnDeg);
        return storey.with(storey.elements().changed(e -> Optional.of(moved(storey, e, motion, way))));
    }

    private static Element moved(Storey storey, Element element, Motion motion, Affine way) {
        if (element instanceof Underlay) {
            return element; // the picture itself was moved before
        }
        return element instanceof Opening o ? opening(storey, o, way) : element.moved(motion);
    }

    private static Opening opening(Storey storey, Opening opening, Affine way) {
        var host = storey.wall(opening.host()).orElseThrow();
        var before = host.line().length();
        var after = way.apply(host.line().a()).distance(way.apply(host.line().b()));
        var share = Math.max(after, Wall.SHORTEST_MM) / before;
        return opening.sized(
                Length.ofMm(opening.offset().mm() * share),
                Length.ofMm(opening.width().mm() * share));
    }
}
