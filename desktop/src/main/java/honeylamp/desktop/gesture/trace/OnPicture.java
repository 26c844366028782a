package honeylamp.desktop.gesture.trace;

import honeylamp.derive.pointing.Picking;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.UnderlayEdits.TracedWork;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Underlay;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What the tools that make a picture true have in common. */
final class OnPicture {
    static final String NONE_YET = "There is no underlay yet. Bring in a picture first.";

    private static final double SPOT_PX = 7;

    private OnPicture() {}

    /** A place on the picture, and what was caught there. */
    record Aim(Point at, Optional<Snap> caught) {
        String word() {
            return caught.map(s -> s.caught().word()).orElse("");
        }
    }

    /** The picture the tools work on: the one picked, else the one on top. */
    static Optional<Underlay> of(Surroundings scene) {
        return Picking.underlay(scene.geometry().storey(), scene.selection());
    }

    /** The picture at a point, else the one the tools work on. */
    static Optional<Underlay> at(Surroundings scene, Point p) {
        return of(scene)
                .filter(u -> scene.selection().contains(u.id()))
                .or(() -> Picking.at(scene.geometry(), p, scene.reachMm(), Underlay.class::isInstance).stream()
                        .findFirst()
                        .flatMap(id -> scene.geometry().storey().elements().find(Underlay.class, id)))
                .or(() -> of(scene));
    }

    /** Where the pointer is, drawn to a line of the picture unless Control is held. */
    static Aim aim(Surroundings scene, Pointer pointer) {
        var snap = pointer.keys().control()
                ? Optional.<Snap>empty()
                : scene.lines().at(pointer.at(), scene.reachMm());
        return new Aim(snap.map(Snap::at).orElse(pointer.at()), snap);
    }

    /** What becomes of traced work; with nothing traced it does not matter. */
    static TracedWork traced(Surroundings scene) {
        return scene.geometry().storey().walls().isEmpty()
                ? TracedWork.STAYS
                : scene.choices().tracedWork();
    }

    static List<Mark> spots(Surroundings scene, List<Point> marks) {
        var out = new ArrayList<Mark>();
        marks.forEach(m -> out.addAll(mark(scene, m)));
        return out;
    }

    /** A ring with a fine cross, so that the pixel under it stays in sight. */
    static List<Mark> mark(Surroundings scene, Point at) {
        return List.of(
                Sketches.spot(scene.frame(), at, SPOT_PX * scene.penMm(), scene.penMm()),
                Sketches.cross(scene.frame(), at, 1.7 * SPOT_PX * scene.penMm(), scene.penMm()));
    }
}
