package honeylamp.desktop.gesture.look;

import honeylamp.derive.listing.RaisedNames;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Inside;
import honeylamp.plan.View;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Puts who looks inside where one presses, and looks where one drags. A mark that is there already is taken up and moved.
 *
 * @param held the view whose mark was taken up; empty for a new one
 * @param from where one stands; empty before a press
 */
public record StandHere(Optional<ViewId> held, Optional<Point> from, Point pointer) implements Gesture {
    private static final double ARROW_PX = 46;
    private static final double SPOT_PX = 5;

    /** Nothing pressed yet. */
    public static StandHere begin() {
        return new StandHere(Optional.empty(), Optional.empty(), Point.ORIGIN);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        return Reply.to(new StandHere(held, from, at.at()));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        var mark = near(scene, at.at());
        return Reply.to(new StandHere(mark.map(View::id), Optional.of(at.at()), at.at()));
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer at) {
        return Reply.to(new StandHere(held, from, at.at()));
    }

    @Override
    public Reply released(Surroundings scene, Pointer at) {
        if (from.isEmpty()) {
            return Reply.to(this);
        }
        var stays = begin();
        if (held.isPresent()) {
            return moved(scene, at.at(), stays);
        }
        if (scene.laid().roomAt(from.get()).isEmpty()) {
            return Reply.complain(stays, "There is no room to stand in. Press within one.");
        }
        var inside = new Inside(
                scene.storey(),
                Position.of(from.get()),
                Inside.EYE_HIGH,
                towards(scene, at.at()),
                Inside.USUAL_ACROSS_DEG);
        var name = RaisedNames.of(scene.view().storey(), inside);
        var added = ViewEdits.raised(scene.plan(), scene.view().view().id(), inside, name);
        return Reply.commit(stays, added.plan(), "Stand inside")
                .withNews("What is seen from here stands on a page of its own, the last. Drag the mark to move it.");
    }

    /** A mark that was dragged stands elsewhere and looks as before; one that was only pressed stays. */
    private Reply moved(Surroundings scene, Point to, Gesture stays) {
        var start = from.orElseThrow();
        if (start.distance(to) < 1) {
            return Reply.to(stays);
        }
        return view(scene, held.orElseThrow())
                .map(inside -> scene.laid().roomAt(to).isEmpty()
                        ? Reply.complain(stays, "There is no room to stand in. Let go within one.")
                        : Reply.outcome(
                                stays,
                                ViewEdits.stoodAt(scene.plan(), held.get(), Position.of(to)),
                                stays,
                                "Stand elsewhere",
                                "That cannot be"))
                .orElseGet(() -> Reply.to(stays));
    }

    private double towards(Surroundings scene, Point to) {
        var way = to.minus(from.orElse(to));
        var middle = from.flatMap(scene.laid()::roomAt)
                .map(r -> r.outline().bounds().centre().minus(from.get()))
                .filter(p -> p.length() > 1)
                .orElse(new Point(0, 1));
        return ((way.length() > 2 * scene.reachMm() ? way : middle).angleDeg() + 360) % 360;
    }

    private static Optional<Inside> view(Surroundings scene, ViewId id) {
        return scene.plan()
                .presentation()
                .view(id)
                .flatMap(v -> v.subject() instanceof Inside inside ? Optional.of(inside) : Optional.empty());
    }

    /** The views from within this storey. */
    private static List<View> all(Surroundings scene) {
        return scene.plan().presentation().views().stream()
                .filter(v ->
                        v.subject() instanceof Inside inside && inside.storey().equals(scene.storey()))
                .toList();
    }

    private static Optional<View> near(Surroundings scene, Point p) {
        return all(scene).stream()
                .filter(v -> at(v).distance(p) < 1.5 * scene.reachMm())
                .min(Comparator.comparingDouble(v -> at(v).distance(p)));
    }

    private static Point at(View view) {
        return ((Inside) view.subject()).at().point();
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
        return Readout.hint(
                held.isPresent()
                        ? "Drag to where you want to stand."
                        : "Press where you stand and drag to where you look; press a mark to move it.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        for (var view : all(scene)) {
            if (held.filter(view.id()::equals).isEmpty()) {
                var inside = (Inside) view.subject();
                out.addAll(mark(scene, inside.at().point(), inside.towardsDeg()));
            }
        }
        held.flatMap(id -> view(scene, id)).ifPresent(i -> out.addAll(mark(scene, pointer, i.towardsDeg())));
        if (held.isEmpty()) {
            from.ifPresent(f -> out.addAll(mark(scene, f, towards(scene, pointer))));
        }
        return out;
    }

    /** A spot with two lines to where one looks. */
    private static List<Mark> mark(Surroundings scene, Point at, double towardsDeg) {
        var pen = scene.penMm();
        var reach = ARROW_PX * pen * scene.frame().scale();
        var out = new ArrayList<Mark>();
        out.add(Sketches.spot(scene.frame(), at, SPOT_PX * pen, 1.5 * pen));
        for (var aside : new double[] {-Raised.Inside.USUAL_ACROSS_DEG / 2, Raised.Inside.USUAL_ACROSS_DEG / 2}) {
            var end = at.plus(Point.direction(towardsDeg + aside).times(reach));
            out.add(Sketches.line(scene.frame(), new Segment(at, end), 1.5 * pen, false));
        }
        return out;
    }
}
