package honeylamp.desktop.gesture.draw;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Catch;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Draws edges of rooms where no wall stands, one after the other until Esc. */
public record DrawBoundary(Optional<Point> from, Catch aim) implements Gesture {
    private static final Ask<Length> LENGTH = Ask.length("Length");

    /** Nothing drawn yet. */
    public static DrawBoundary begin() {
        return new DrawBoundary(Optional.empty(), Catch.none());
    }

    private List<Point> chain() {
        return from.map(List::of).orElse(List.of());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new DrawBoundary(from, aim.moved(scene, pointer, chain())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var at = aim.moved(scene, pointer, chain());
        return from.isEmpty() ? Reply.to(new DrawBoundary(Optional.of(at.at()), at)) : drawn(scene, at, at.at());
    }

    private Reply drawn(Surroundings scene, Catch at, Point end) {
        var start = Position.of(from.orElseThrow());
        return RoomEdits.bound(scene.plan(), scene.storey(), start, Position.of(end))
                .result()
                .map(added -> Reply.commit(new DrawBoundary(Optional.of(end), at), added.plan(), "Draw boundary")
                        .picking(Set.of(added.id())))
                .orElseGet(() -> Reply.complain(this, "Both ends lie on the same spot; click farther apart."));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        var length = typed.of(LENGTH);
        if (from.isEmpty() || length.isEmpty()) {
            return Reply.to(begin());
        }
        var way = aim.at().minus(from.get());
        return way.length() < 1
                ? Reply.complain(this, "Point the way first, then type the length.")
                : drawn(
                        scene,
                        aim,
                        from.get().plus(way.unit().times(length.get().mm())));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.NEXT ? new DrawBoundary(from, aim.next(scene, chain())) : this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return from.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return from.map(f -> new Readout(
                        List.of(new Readout.Field(
                                LENGTH, LengthText.rounded(Length.ofMm(f.distance(aim.at())), scene.units()))),
                        aim.word(),
                        "Click or type where the boundary ends; Esc ends the row."))
                .orElseGet(() -> new Readout(
                        List.of(), aim.word(), "Click where a room ends without a wall, from wall to wall."));
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        from.map(f -> new Segment(f, aim.at()))
                .filter(s -> s.length() > 1)
                .ifPresent(s -> out.add(Sketches.line(scene.frame(), s, 1.6 * scene.penMm(), true)));
        out.addAll(aim.marks(scene));
        return out;
    }
}
