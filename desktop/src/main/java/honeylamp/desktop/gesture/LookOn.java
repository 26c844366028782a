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
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Gesture dropped() {
        return this;
    }

    @Override
    public Readout readout(Surroundings scene) {
        return Readout.hint(hint);
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return List.of();
    }
}
