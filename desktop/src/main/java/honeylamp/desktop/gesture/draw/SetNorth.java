package honeylamp.desktop.gesture.draw;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.PlanEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Says where north is: by two points, by a drag from south to north, or by a typed angle. */
public record SetNorth(Optional<Point> from, Optional<Point> pointer) implements Gesture {
    private static final Ask<Double> CLOCKWISE = Ask.angle("Clockwise from up");
    private static final String ACTION = "Set north";

    /** Nothing pointed at yet. */
    public static SetNorth begin() {
        return new SetNorth(Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        return Reply.to(new SetNorth(from, Optional.of(at.at())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        return from.isEmpty()
                ? Reply.to(new SetNorth(Optional.of(at.at()), Optional.of(at.at())))
                : towards(scene, at.at());
    }

    /** A drag sets it too; a press and a release on one spot is the first of two clicks. */
    @Override
    public Reply released(Surroundings scene, Pointer at) {
        return from.filter(f -> f.distance(at.at()) > 2 * scene.reachMm()).isPresent()
                ? towards(scene, at.at())
                : Reply.to(this);
    }

    private Reply towards(Surroundings scene, Point to) {
        var start = from.orElse(to);
        if (start.distance(to) < 1) {
            return Reply.complain(this, "Both points lie on the same spot; click farther north.");
        }
        return Reply.commit(begin(), PlanEdits.north(scene.plan(), clockwiseDeg(start, to)), ACTION);
    }

    private static double clockwiseDeg(Point from, Point to) {
        var way = to.minus(from);
        return Math.toDegrees(Math.atan2(way.x(), way.y()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return typed.of(CLOCKWISE)
                .map(deg -> Reply.commit(begin(), PlanEdits.north(scene.plan(), deg), ACTION))
                .orElseGet(() -> Reply.to(this));
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
        var deg = from.isPresent() && pointer.isPresent() && from.get().distance(pointer.get()) > 1
                ? (clockwiseDeg(from.get(), pointer.get()) + 360) % 360
                : PlanEdits.northClockwise(scene.plan());
        return new Readout(
                List.of(new Readout.Field(CLOCKWISE, Words.of("%.1f\u00b0", deg))),
                "",
                from.isEmpty()
                        ? "Click a point, then one north of it; or drag north; or type the angle."
                        : "Click a point north of the first.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        from.ifPresent(a -> {
            out.add(Sketches.spot(scene.frame(), a, 4 * scene.penMm(), scene.penMm()));
            pointer.filter(b -> a.distance(b) > 1).ifPresent(b -> {
                out.add(Sketches.line(scene.frame(), new Segment(a, b), 2 * scene.penMm(), false));
                out.addAll(Sketches.words(scene.frame(), b, "North", scene.penMm()));
            });
        });
        return out;
    }
}
