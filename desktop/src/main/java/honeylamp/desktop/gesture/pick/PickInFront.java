package honeylamp.desktop.gesture.pick;

import honeylamp.derive.listing.InFront;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** Picks walls, openings and pieces where one sees them from the front, whatever the tool is: nothing is drawn there. */
public final class PickInFront {
    private PickInFront() {}

    /** What lies under a press is picked; with Shift as well as, or no longer beside, what is picked already. */
    public static Reply pressed(Gesture stays, Surroundings scene, Pointer pointer) {
        Set<ElementId> picked = new HashSet<>(pointer.keys().shift() ? scene.selection() : Set.of());
        InFront.of(scene.view()).at(pointer.at()).ifPresent(id -> {
            if (!picked.remove(id)) {
                picked.add(id);
            }
        });
        return Reply.to(stays).picking(picked);
    }

    /** Frames around what is picked. */
    public static List<Mark> sketch(Surroundings scene) {
        return InFront.of(scene.view()).of(scene.selection()).stream()
                .flatMap(box -> Sketches.box(scene.frame(), box, scene.penMm(), false).stream())
                .toList();
    }

    /** What one can do there. */
    public static Readout readout() {
        return Readout.hint(
                "Walls seen from the front. Press a window, a door, a piece or a wall: its card has its measures; Delete takes it away. Turn to a page with a plan to draw.");
    }
}
