package honeylamp.desktop.gesture;

import honeylamp.drawing.Mark;
import java.util.List;

/** Nothing can be picked; the picture is only looked at. */
public record LookOn(String hint) implements Gesture {
    /** With a hint for the measure line. */
    public static LookOn at(String hint) {
        return new LookOn(hint);
    }

    @Override
    public Step moved(Scene scene, Pointer pointer) {
        return Step.to(this);
    }

    @Override
    public Step pressed(Scene scene, Pointer pointer) {
        return Step.to(this);
    }

    @Override
    public Gesture dropped() {
        return this;
    }

    @Override
    public Readout readout(Scene scene) {
        return Readout.hint(hint);
    }

    @Override
    public List<Mark> sketch(Scene scene) {
        return List.of();
    }
}
