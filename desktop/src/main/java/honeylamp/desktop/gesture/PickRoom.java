package honeylamp.desktop.gesture;

import honeylamp.derive.Dissection;
import honeylamp.derive.Room;
import honeylamp.drawing.Mark;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.Sketches;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Picks rooms; a typed word and Enter name the picked one. */
public record PickRoom(Optional<Point> pointer, Optional<Point> picked) implements Gesture {
    /** Nothing picked. */
    public static PickRoom begin() {
        return new PickRoom(Optional.empty(), Optional.empty());
    }

    @Override
    public Step moved(Scene scene, Pointer pointer) {
        return Step.to(new PickRoom(Optional.of(pointer.at()), picked));
    }

    @Override
    public Step pressed(Scene scene, Pointer pointer) {
        var room = scene.geometry().roomAt(pointer.at());
        var next = new PickRoom(Optional.of(pointer.at()), room.map(_ -> pointer.at()));
        if (room.isEmpty()) {
            return Step.to(next).picking(Set.of());
        }
        var mark = room.get().mark();
        if (mark.isPresent()) {
            return Step.to(next).picking(Set.of(mark.get().id()));
        }
        var marked = RoomEdits.marked(scene.plan(), scene.storey(), room.get()); // a plan from elsewhere
        return Step.commit(next, marked.plan(), "Pick room").picking(Set.of(marked.id()));
    }

    private Optional<Room> room(Scene scene) {
        return picked.flatMap(scene.geometry()::roomAt)
                .or(() -> scene.geometry().rooms().stream()
                        .filter(r -> r.mark()
                                .filter(m -> scene.selection().contains(m.id()))
                                .isPresent())
                        .findFirst());
    }

    @Override
    public Step entered(Scene scene, List<String> typed) {
        var name = Gesture.field(typed, 0);
        var room = room(scene);
        if (room.isEmpty()) {
            return Step.complain(this, "Click a room first.");
        }
        return name.isEmpty()
                ? Step.to(this)
                : Step.commit(this, RoomEdits.name(scene.plan(), scene.storey(), room.get(), name), "Name room");
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
    public Readout readout(Scene scene) {
        return room(scene)
                .map(r -> new Readout(
                        List.of(new Readout.Field("Name", r.name(), Readout.Kind.WORDS)),
                        "",
                        "Type the room's name and press Enter."))
                .orElse(Readout.hint("Click a room to name it."));
    }

    @Override
    public List<Mark> sketch(Scene scene) {
        var out = new ArrayList<Mark>();
        pointer.flatMap(scene.geometry()::roomAt)
                .ifPresent(r -> out.addAll(Sketches.room(scene.frame(), r.outline(), 0.5 * scene.penMm())));
        room(scene).ifPresent(r -> {
            out.addAll(Sketches.room(scene.frame(), r.outline(), scene.penMm()));
            if (scene.choices().working() == Choices.Working.SHOWN) {
                out.addAll(Sketches.dissection(scene.frame(), Dissection.of(scene.geometry(), r), scene.penMm()));
            }
        });
        return out;
    }
}
