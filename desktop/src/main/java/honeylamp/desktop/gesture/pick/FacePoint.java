package honeylamp.desktop.gesture.pick;

import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.FurnishingEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Turns pieces to face what is clicked next: a point, or the middle of the piece that stands there.
 *
 * @param under what goes on afterwards
 * @param ids of the pieces
 */
public record FacePoint(Gesture under, List<FurnishingId> ids, Optional<Point> pointer) implements Gesture {
    public FacePoint {
        ids = List.copyOf(ids);
    }

    /** Before anything is pointed at. */
    public static FacePoint begin(Gesture under, List<FurnishingId> ids) {
        return new FacePoint(under, ids, Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        return Reply.to(new FacePoint(under, ids, Optional.of(at.at())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        return Reply.commit(under, faced(scene, at.at()), "Face a point").picking(Set.copyOf(ids));
    }

    private Plan faced(Surroundings scene, Point at) {
        var seen = FurnishingEdits.facedAt(scene.geometry(), ids, at);
        return FurnishingEdits.face(scene.plan(), scene.storey(), ids, seen);
    }

    @Override
    public Gesture dropped() {
        return under;
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        return Readout.hint(
                "Click what it shall face: a point, or a piece to face its middle. Esc leaves it as it is.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        pointer.ifPresent(p -> faced(scene, p).storey(scene.storey()).furnishings().stream()
                .filter(f -> ids.contains(f.id()))
                .forEach(f -> out.addAll(Sketches.piece(scene.frame(), f, scene.penMm()))));
        return out;
    }
}
