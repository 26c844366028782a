package honeylamp.desktop.gesture.pick;

import honeylamp.derive.listing.InFront;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.TypedMove;
import honeylamp.drawing.Mark;
import honeylamp.edit.MovingInFront;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.Raised;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Picks walls, openings, pieces, fittings and regions where one sees them from the front, whatever the tool is, and moves what is no
 * wall by dragging or by typed lengths; nothing is drawn there.
 */
public final class PickInFront {
    private static final Ask<Length> ALONG = Ask.shift("Along");
    private static final Ask<Length> UP = Ask.shift("Up");

    private PickInFront() {}

    /** What lies under a press is picked; with Shift as well as, or no longer beside, what is picked already. */
    public static Reply pressed(Gesture stays, Surroundings scene, Pointer pointer) {
        if (scene.view().view().subject() instanceof Raised raised) {
            return pressedRaised(stays, scene, pointer, raised);
        }
        Set<ElementId> picked = new HashSet<>(pointer.keys().shift() ? scene.selection() : Set.of());
        var all = InFront.of(scene.view());
        var hit = all.at(pointer.at());
        hit.ifPresent(id -> {
            if (!picked.remove(id)) {
                picked.add(id);
            }
        });
        var next = hit.filter(id -> picked.equals(Set.of(id)) && isMovable(id))
                .<Gesture>map(id -> new MoveInFront(
                        stays, id, pointer.at(), all.of(Set.of(id)).getLast(), Optional.empty()))
                .orElse(stays);
        return Reply.to(next).picking(picked);
    }

    /**
     * In a raised view what lies under a press is picked too, and dragging turns the view; a piece that was picked before is
     * dragged over its floor.
     */
    private static Reply pressedRaised(Gesture stays, Surroundings scene, Pointer pointer, Raised raised) {
        Set<ElementId> picked = new HashSet<>(pointer.keys().shift() ? scene.selection() : Set.of());
        var hit = scene.things().flatMap(t -> t.at(pointer.at(), scene.view()));
        var held = hit.filter(id ->
                        scene.selection().equals(Set.of(id)) && !pointer.keys().shift())
                .flatMap(id -> MoveRaised.of(stays, scene, id, pointer.at()));
        if (held.isPresent()) {
            return Reply.to(held.get());
        }
        hit.ifPresent(id -> {
            if (!picked.remove(id)) {
                picked.removeIf(other -> !isOnOneStorey(scene, id, other));
                picked.add(id);
            }
        });
        return Reply.to(new TurnRaised(stays, raised, pointer.at(), Optional.empty()))
                .picking(picked);
    }

    /** Where several storeys are seen, what is picked together is of one. */
    private static boolean isOnOneStorey(Surroundings scene, ElementId a, ElementId b) {
        return scene.plan().storeys().stream()
                .map(Storey::elements)
                .allMatch(all -> all.find(a).isPresent() == all.find(b).isPresent());
    }

    private static boolean standsOnFloor(ElementId id) {
        return id instanceof FurnishingId || id instanceof StructureId;
    }

    private static boolean isMovable(ElementId id) {
        return id instanceof OpeningId
                || id instanceof FurnishingId
                || id instanceof FittingId
                || id instanceof RegionId;
    }

    /** Typed lengths move what is picked along its wall and up. */
    public static Reply entered(Gesture stays, Surroundings scene, Typed typed) {
        if (scene.view().view().subject() instanceof Raised) {
            return TypedMove.entered(stays, scene, typed);
        }
        var along = typed.of(ALONG).orElse(Length.ZERO);
        var up = typed.of(UP).orElse(Length.ZERO);
        var moved = MovingInFront.all(scene.plan(), scene.view(), scene.selection(), along, up);
        return moved.result().filter(scene.plan()::equals).isPresent()
                ? Reply.to(stays)
                : Reply.outcome(stays, moved, stays, "Move by typed lengths", "That cannot be");
    }

    /** Frames around what is picked. */
    public static List<Mark> sketch(Surroundings scene) {
        if (scene.view().view().subject() instanceof Raised) {
            return scene.things().stream()
                    .flatMap(t -> t.of(scene.selection()).stream())
                    .flatMap(box -> Sketches.box(scene.frame(), box, scene.penMm(), false).stream())
                    .toList();
        }
        return InFront.of(scene.view()).of(scene.selection()).stream()
                .flatMap(box -> Sketches.box(scene.frame(), box, scene.penMm(), false).stream())
                .toList();
    }

    /** What one can do there. */
    public static Readout readout(Surroundings scene) {
        if (scene.view().view().subject() instanceof Raised raised) {
            if (raised.isSquare() && !(raised instanceof Raised.Outside)) {
                return Readout.hint("Press what you see for its card.");
            }
            if (scene.selection().stream().anyMatch(PickInFront::standsOnFloor)) {
                return new Readout(
                        TypedMove.overFloor(),
                        "",
                        "Drag it over its floor, or type how far it goes on the plan; beside it dragging turns the view.");
            }
            return Readout.hint(
                    raised instanceof Raised.Inside
                            ? "Press what you see for its card; drag to turn. Shift with full stop walks on."
                            : "Press what you see for its card; drag to turn and tilt.");
        }
        var isMovable = scene.selection().stream().anyMatch(PickInFront::isMovable);
        return isMovable
                ? new Readout(
                        List.of(new Readout.Field(ALONG, "0"), new Readout.Field(UP, "0")),
                        "",
                        "Drag it, or type how far it goes along the wall and up; its card has its measures.")
                : Readout.hint(
                        "Walls seen from the front. Press a window, a door, a piece, a fixed part, a light or a wall: its card has its measures; drag it, or Delete takes it away. Turn to a page with a plan to draw.");
    }
}
