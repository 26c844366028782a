package honeylamp.desktop.gesture.trace;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Box;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.units.Words;
import java.util.List;
import java.util.Set;

/**
 * Shows the angle at which a picture's own lines run, as lines laid over it; Enter turns it true.
 *
 * @param turnDeg how far its lines are turned now, counter-clockwise
 */
public record AcceptLevel(UnderlayId underlay, double turnDeg) implements Gesture {
    private static final Ask<Double> TURNED = Ask.angle("Turned by");

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return level(scene, typed.of(TURNED).orElse(turnDeg));
    }

    private Reply level(Surroundings scene, double turn) {
        var plan = UnderlayEdits.turn(scene.plan(), scene.storey(), underlay, -turn, OnPicture.traced(scene));
        return Reply.commit(LevelPicture.begin(), plan, "Level picture").picking(Set.of(underlay));
    }

    @Override
    public Gesture dropped() {
        return LevelPicture.begin();
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        return new Readout(
                List.of(new Readout.Field(TURNED, Words.of("%.2f\u00b0", turnDeg))),
                "",
                "The picture's lines run as shown. Enter makes them level, Esc leaves the picture.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return scene.geometry().storey().underlays().stream()
                .filter(u -> u.id().equals(underlay))
                .flatMap(u -> Sketches.grid(scene.frame(), Box.around(u.corners()), turnDeg, scene.penMm()).stream())
                .toList();
    }
}
