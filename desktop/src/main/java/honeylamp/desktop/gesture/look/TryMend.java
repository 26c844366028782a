package honeylamp.desktop.gesture.look;

import honeylamp.desktop.gesture.Difference;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.List;

/**
 * Shows what a mend would do to the plan, above the gesture under way, which goes on as if nothing were shown.
 *
 * @param mended the plan as the mend would leave it
 */
public record TryMend(Gesture under, Plan mended) implements Gesture {
    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return under.moved(scene, pointer);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return under.pressed(scene, pointer);
    }

    @Override
    public Gesture dropped() {
        return under.dropped();
    }

    @Override
    public boolean underWay() {
        return under.underWay();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return under.readout(scene);
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<>(under.sketch(scene));
        out.addAll(Difference.marks(scene, mended));
        return out;
    }
}
