package honeylamp.desktop.gesture.pick;

import honeylamp.derive.listing.Dissection;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.WhyNoRoom;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Choices;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Boundary;
import honeylamp.plan.ElementId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Picks rooms; a typed word and Enter name the picked one.
 *
 * @param open why the place clicked last lies in no room
 */
public record PickRoom(Optional<Point> pointer, Optional<Point> picked, Optional<WhyNoRoom> open) implements Gesture {
    private static final Ask<String> NAME = Ask.words("Name");

    /** Nothing picked. */
    public static PickRoom begin() {
        return new PickRoom(Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new PickRoom(Optional.of(pointer.at()), picked, open));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var room = scene.laid().roomAt(pointer.at());
        var next = new PickRoom(Optional.of(pointer.at()), room.map(_ -> pointer.at()), Optional.empty());
        var boundary = Picking.at(scene.geometry(), pointer.at(), scene.reachMm(), Boundary.class::isInstance).stream()
                .findFirst();
        if (boundary.isPresent()) {
            return Reply.to(begin()).picking(Set.of(boundary.get()));
        }
        var copy = scene.copies().stream().filter(c -> c.holds(pointer.at())).findFirst();
        if (copy.isPresent()) {
            return Reply.to(begin())
                    .picking(Set.of(copy.get().copy().id()))
                    .withNews("This is a copy of " + copy.get().unit().name()
                            + "; what is drawn there changes all its copies.");
        }
        if (room.isEmpty()) {
            var why = WhyNoRoom.at(scene.laid(), pointer.at(), scene.units());
            return Reply.to(new PickRoom(Optional.of(pointer.at()), Optional.empty(), why))
                    .picking(Set.of())
                    .withNews(why.map(WhyNoRoom::sentence).orElse(""));
        }
        var mark = room.get().mark();
        if (mark.isPresent() && pointer.keys().shift()) {
            return Reply.to(next)
                    .picking(withOrWithout(scene.selection(), mark.get().id()));
        }
        if (mark.isPresent()) {
            return Reply.to(next).picking(Set.of(mark.get().id()));
        }
        var marked = RoomEdits.marked(scene.plan(), scene.storey(), room.get()); // a plan from elsewhere
        return Reply.commit(next, marked.plan(), "Pick room").picking(Set.of(marked.id()));
    }

    /** Shift adds a room to those picked, or takes it away. */
    private static Set<ElementId> withOrWithout(Set<ElementId> picked, ElementId room) {
        Set<ElementId> out = new HashSet<>(picked);
        out.removeIf(id -> !(id instanceof ElementId.RoomId));
        if (!out.add(room)) {
            out.remove(room);
        }
        return out;
    }

    private Optional<Room> room(Surroundings scene) {
        return picked.flatMap(scene.laid()::roomAt)
                .or(() -> scene.laid().rooms().stream()
                        .filter(r -> r.mark()
                                .filter(m -> scene.selection().contains(m.id()))
                                .isPresent())
                        .findFirst());
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var name = typed.of(NAME).orElse("");
        var room = room(scene);
        if (room.isEmpty()) {
            return Reply.complain(this, "Click a room first.");
        }
        return name.isEmpty()
                ? Reply.to(this)
                : Reply.commit(this, RoomEdits.name(scene.plan(), scene.storey(), room.get(), name), "Name room");
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return picked.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return room(scene)
                .map(r -> new Readout(
                        List.of(new Readout.Field(NAME, r.name())), "", "Type the room's name and press Enter."))
                .orElse(Readout.hint("Click a room to name it; Shift picks several."));
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        pointer.flatMap(scene.laid()::roomAt)
                .ifPresent(r -> out.addAll(Sketches.room(scene.frame(), r.outline(), 0.5 * scene.penMm())));
        open.flatMap(WhyNoRoom::where)
                .ifPresent(end -> out.add(Sketches.spot(scene.frame(), end, 9 * scene.penMm(), 1.6 * scene.penMm())));
        scene.laid().rooms().stream()
                .filter(r ->
                        r.mark().filter(m -> scene.selection().contains(m.id())).isPresent())
                .forEach(r -> out.addAll(Sketches.room(scene.frame(), r.outline(), scene.penMm())));
        room(scene).ifPresent(r -> {
            out.addAll(Sketches.room(scene.frame(), r.outline(), scene.penMm()));
            if (scene.choices().working() == Choices.Working.SHOWN) {
                out.addAll(Sketches.dissection(scene.frame(), Dissection.of(scene.laid(), r), scene.penMm()));
            }
        });
        return out;
    }
}
