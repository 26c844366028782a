package honeylamp.desktop.gesture.pick;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.MovingInFront;
import honeylamp.edit.MovingInFront.Moved;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.List;
import java.util.Optional;

/**
 * Moves a window, a piece, a fitting or a region that is held where one sees it from the front; the plan changes once, when the
 * button goes up.
 *
 * @param rests what goes on afterwards
 * @param box what it covers before it is moved: mm from the left end of the first wall, and up from the floor
 * @param moved what the plan becomes if it is let go
 */
public record MoveInFront(Gesture rests, ElementId id, Point grabbed, Box box, Optional<Moved> moved)
        implements HeldInFront {
    /** Moved less than the reach by this share, nothing moves: a press is no drag. */
    private static final double STILL = 0.25;

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        var by = pointer.at().minus(grabbed);
        if (moved.isEmpty() && by.length() < STILL * scene.reachMm()) {
            return Reply.to(this);
        }
        var reach = pointer.keys().control() ? 0 : scene.reachMm();
        return switch (MovingInFront.moved(scene.plan(), scene.view(), id, by, reach)) {
            case Outcome.Done<Moved>(var there) ->
                Reply.to(new MoveInFront(rests, id, grabbed, box, Optional.of(there)));
            case Outcome.Refused<Moved> refused -> Reply.complain(rests, refused.sentence("That cannot be"));
        };
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        return moved.filter(m -> !m.plan().equals(scene.plan()))
                .map(m -> Reply.commit(rests, m.plan(), "Move on the wall"))
                .orElseGet(() -> Reply.to(rests));
    }

    private Box there() {
        return moved.map(m -> box.moved(m.byMm())).orElse(box);
    }

    @Override
    public Readout readout(Surroundings scene) {
        var there = there();
        var at = id instanceof FittingId // measured to its middle, as on its card
                ? there.centre()
                : new Point(there.minX(), there.minY());
        return new Readout(
                List.of(field(scene, "From left", at.x()), field(scene, "Above floor", at.y())),
                "",
                "Let go where it is to be; Ctrl is caught by nothing, Esc leaves it where it was.");
    }

    private static Readout.Field field(Surroundings scene, String name, double mm) {
        return new Readout.Field(Ask.length(name), LengthText.rounded(Length.ofMm(mm), scene.units()));
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return Sketches.box(scene.frame(), there(), scene.penMm(), false);
    }
}
