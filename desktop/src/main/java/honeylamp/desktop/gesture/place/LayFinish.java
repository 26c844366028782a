package honeylamp.desktop.gesture.place;

import honeylamp.catalogue.Materials;
import honeylamp.derive.rooms.Room;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Finish;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Lays the chosen finish in the room that is clicked; the room is outlined before. */
public record LayFinish(Optional<Point> pointer) implements Gesture {
    /** Nothing under the pointer yet. */
    public static LayFinish begin() {
        return new LayFinish(Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new LayFinish(Optional.of(pointer.at())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var next = new LayFinish(Optional.of(pointer.at()));
        var room = scene.laid().roomAt(pointer.at());
        if (room.isEmpty()) {
            return Reply.complain(next, "There is no closed room here; a finish needs walls all round.");
        }
        var copied = room.flatMap(Room::mark).map(RoomMark::id).filter(ElementId::isCopied);
        if (copied.isPresent()) {
            var plan = RoomEdits.floor(
                    scene.plan(),
                    new RoomId(copied.get().number()),
                    scene.choices().material());
            return Reply.commit(next, plan, "Lay finish").withNews("It is laid in the unit and all its copies.");
        }
        var direction = room.get().mark().map(m -> m.floor().directionDeg()).orElse(0.0);
        var corner = room.get().outline().bounds();
        var start = room.get()
                .mark()
                .map(RoomMark::floor)
                .filter(f -> !f.material().equals(RoomEdits.BARE))
                .map(Finish::start) // where a person may have put it
                .orElse(Position.ofMm(corner.minX(), corner.minY()));
        var finish = new Finish(scene.choices().material(), direction, start);
        var plan = RoomEdits.floor(scene.plan(), scene.storey(), room.get(), finish);
        Set<ElementId> picked = room.flatMap(Room::mark)
                .map(RoomMark::id)
                .<Set<ElementId>>map(Set::of)
                .orElse(Set.of());
        return Reply.commit(next, plan, "Lay finish").picking(picked);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var label = Materials.of(scene.choices().material()).map(m -> m.label()).orElse("the finish");
        var room = pointer.flatMap(scene.laid()::roomAt).map(Room::name).orElse("");
        return new Readout(List.of(), room, "Click a room to lay " + label + " in it.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        return pointer.flatMap(scene.laid()::roomAt)
                .map(r -> Sketches.room(scene.frame(), r.outline(), scene.penMm()))
                .orElse(List.of());
    }
}
