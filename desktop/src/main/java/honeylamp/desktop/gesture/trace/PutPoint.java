package honeylamp.desktop.gesture.trace;

import honeylamp.derive.pointing.Snapping;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.TypedMove;
import honeylamp.desktop.gesture.trace.OnPicture.Aim;
import honeylamp.drawing.Mark;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Storey;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Puts a point of the picture where it belongs: at the origin, at typed coordinates, or on a corner that
 * stands already, on this storey or another. So the parts of one scan are registered by a common point.
 *
 * @param from the point of the picture, in plan mm as it lies now
 */
public record PutPoint(Optional<Point> from, Optional<Aim> aim) implements Gesture {
    /** No point yet. */
    public static PutPoint begin() {
        return new PutPoint(Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new PutPoint(from, Optional.of(aimed(scene, pointer))));
    }

    private Aim aimed(Surroundings scene, Pointer pointer) {
        if (from.isEmpty()) {
            return OnPicture.aim(scene, pointer);
        }
        var snap = pointer.keys().control()
                ? Optional.<Snap>empty()
                : Snapping.at(scene.geometry(), corners(scene), pointer.at(), scene.reachMm());
        return new Aim(snap.map(Snap::at).orElse(pointer.at()), snap);
    }

    /** The origin and all wall ends of other storeys. */
    private static List<Point> corners(Surroundings scene) {
        var out = new ArrayList<Point>();
        out.add(Point.ORIGIN);
        otherWalls(scene).forEach(w -> {
            out.add(w.line().a());
            out.add(w.line().b());
        });
        return out;
    }

    private static List<Wall> otherWalls(Surroundings scene) {
        return scene.plan().storeys().stream()
                .filter(s -> !s.id().equals(scene.storey()))
                .map(Storey::walls)
                .flatMap(List::stream)
                .toList();
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var underlay = OnPicture.at(scene, pointer.at());
        if (underlay.isEmpty()) {
            return Reply.complain(this, OnPicture.NONE_YET);
        }
        var aim = aimed(scene, pointer);
        return from.isEmpty()
                ? Reply.to(new PutPoint(Optional.of(aim.at()), Optional.of(aim)))
                        .picking(Set.of(underlay.get().id()))
                : put(scene, aim.at());
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (from.isEmpty()) {
            return Reply.complain(this, "Click the point of the picture first.");
        }
        var across = typed.of(TypedMove.ACROSS).orElse(Length.ZERO);
        var up = typed.of(TypedMove.UP).orElse(Length.ZERO);
        return put(scene, new Point(across.mm(), up.mm()));
    }

    private Reply put(Surroundings scene, Point target) {
        var underlay = OnPicture.of(scene);
        if (underlay.isEmpty() || from.isEmpty()) {
            return Reply.complain(this, OnPicture.NONE_YET);
        }
        var u = underlay.get();
        var plan = UnderlayEdits.putPoint(
                scene.plan(), scene.storey(), u.id(), u.pixel(from.get()), target, OnPicture.traced(scene));
        return Reply.commit(begin(), plan, "Put point of picture").picking(Set.of(u.id()));
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
    public boolean magnifies() {
        return from.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var word = aim.map(Aim::word).orElse("");
        return from.isEmpty()
                ? new Readout(List.of(), word, "Click a point of the picture, such as a corner of the house.")
                : new Readout(
                        TypedMove.fields(),
                        word,
                        "Enter puts it at the origin; or type a place, or click a corner that stands already.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>(Sketches.origin(scene.frame(), scene.penMm()));
        otherWalls(scene).forEach(w -> out.add(Sketches.line(scene.frame(), w.line(), 0.6 * scene.penMm(), true)));
        from.ifPresent(p -> {
            out.addAll(OnPicture.mark(scene, p));
            aim.filter(a -> a.at().distance(p) > 1)
                    .ifPresent(a -> out.add(Sketches.line(scene.frame(), new Segment(p, a.at()), scene.penMm(), true)));
        });
        aim.flatMap(Aim::caught)
                .ifPresent(s -> out.add(Sketches.spot(scene.frame(), s.at(), 4 * scene.penMm(), scene.penMm())));
        return out;
    }
}
