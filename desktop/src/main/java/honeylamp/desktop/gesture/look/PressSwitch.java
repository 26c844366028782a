package honeylamp.desktop.gesture.look;

import honeylamp.derive.pointing.Picking;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.EveningEdits;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Fitting;
import honeylamp.plan.Plan;
import java.util.List;
import java.util.Optional;

/**
 * Presses switches: their lights go on in the picture of the view, or off; by day it becomes evening.
 *
 * @param pointer where it is
 */
public record PressSwitch(Optional<Point> pointer) implements Gesture {
    /** Not over the plan yet. */
    public static PressSwitch begin() {
        return new PressSwitch(Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        return Reply.to(new PressSwitch(Optional.of(at.at())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        var fitting = fitting(scene, at.at());
        if (fitting.isEmpty()) {
            return Reply.complain(this, "There is no switch and no light here. Click one of them.");
        }
        return switch (EveningEdits.press(scene.plan(), scene.view().view().id(), fitting.get())) {
            case Outcome.Done<Plan>(var plan) -> Reply.commit(this, plan, "Press switch");
            case Outcome.Refused<Plan> no -> Reply.complain(this, no.sentence("Nothing is pressed"));
        };
    }

    /** What is pressed there; a switch before a light. */
    private static Optional<Fitting> fitting(Surroundings scene, Point at) {
        var near = Picking.at(
                        scene.geometry(),
                        at,
                        scene.reachMm(),
                        e -> e instanceof Fitting f
                                && (f.kind().isSwitch() || f.kind().isLight()))
                .stream()
                .flatMap(id -> scene.geometry().storey().elements().find(Fitting.class, id).stream())
                .toList();
        return near.stream()
                .filter(f -> f.kind().isSwitch())
                .findFirst()
                .or(() -> near.stream().findFirst());
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var on = scene.view().view().light().evening();
        return Readout.hint("Click a switch, or a light: "
                + (on.isEmpty() ? "it becomes evening, and its lights go on." : "its lights go on or off.")
                + " The state is kept with the view.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return pointer.flatMap(p -> fitting(scene, p))
                .map(f -> Sketches.fitting(scene.frame(), scene.geometry(), f, scene.penMm()))
                .orElse(List.of());
    }
}
