package honeylamp.desktop.gesture.draw;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Catch;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.LivePlan;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Outcome;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;

/**
 * Draws a curved wall: its two ends, then a point on it or its radius.
 *
 * @param ends clicked so far
 */
public record DrawArc(List<Point> ends, Catch aim) implements Gesture {
    private static final Ask<Length> RADIUS = Ask.length("Radius");

    public DrawArc {
        ends = List.copyOf(ends);
    }

    /** No end yet. */
    public static DrawArc begin() {
        return new DrawArc(List.of(), Catch.none());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new DrawArc(ends, aim.moved(scene, pointer, ends)));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var caught = aim.moved(scene, pointer, ends);
        if (ends.size() == 2) {
            return drawn(scene, Arc.sagitta(ends.get(0), caught.at(), ends.get(1)));
        }
        if (!ends.isEmpty() && ends.getFirst().distance(caught.at()) < 1) {
            return Reply.complain(this, "Both ends lie on the same spot; click farther apart.");
        }
        var more = new ArrayList<>(ends);
        more.add(caught.at());
        return Reply.to(new DrawArc(more, caught));
    }

    private Reply drawn(Surroundings scene, double sagittaMm) {
        return Reply.outcome(this, plan(scene, sagittaMm), begin(), "Draw curved wall", "That cannot be drawn");
    }

    /** An arc that turns counter-clockwise has its centre, and so its inner face, on the left. */
    private Outcome<Plan> plan(Surroundings scene, double sagittaMm) {
        return WallEdits.addArc(
                        scene.plan(),
                        scene.storey(),
                        Position.of(ends.get(0)),
                        Position.of(ends.get(1)),
                        Length.ofMm(sagittaMm),
                        scene.choices().face().body(sagittaMm <= 0),
                        scene.choices().wallType())
                .map(a -> WallEdits.setWorksOfAdded(
                        scene.plan(), a.plan(), scene.storey(), scene.choices().works()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (ends.size() < 2) {
            return Reply.to(begin());
        }
        return typed.of(RADIUS)
                .map(radius -> withRadius(scene, radius))
                .orElseGet(() -> drawn(scene, Arc.sagitta(ends.get(0), aim.at(), ends.get(1))));
    }

    /** The shorter arc of that radius, on the side the pointer shows. */
    private Reply withRadius(Surroundings scene, Length radius) {
        var chord = new Segment(ends.get(0), ends.get(1));
        var half = chord.length() / 2;
        if (radius.mm() < half) {
            return Reply.complain(
                    this,
                    "A radius of " + LengthText.roundedWithUnit(radius, scene.units())
                            + " does not reach; type at least "
                            + LengthText.roundedWithUnit(Length.ofMm(half), scene.units()) + ".");
        }
        var rise = Arc.rise(radius.mm(), chord.length());
        return drawn(scene, chord.offset(aim.at()) < 0 ? -rise : rise);
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.NEXT ? new DrawArc(ends, aim.next(scene, ends)) : this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return !ends.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var hint = switch (ends.size()) {
            case 0 -> "Click one end of the curved wall.";
            case 1 -> "Click its other end.";
            default -> "Click a point on it, or type its radius.";
        };
        if (ends.size() < 2) {
            return new Readout(List.of(), aim.word(), hint).with(scene.wallWords());
        }
        var line = Arc.through(ends.get(0), aim.at(), ends.get(1));
        var radius =
                line instanceof Arc arc ? LengthText.rounded(Length.ofMm(arc.radius()), scene.units()) : "straight";
        return new Readout(List.of(new Readout.Field(RADIUS, radius)), aim.word(), hint).with(scene.wallWords());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        if (ends.size() == 1 && ends.getFirst().distance(aim.at()) > 1) {
            out.add(Sketches.line(scene.frame(), new Segment(ends.getFirst(), aim.at()), scene.penMm(), true));
        } else if (ends.size() == 2) {
            out.addAll(plan(scene, Arc.sagitta(ends.get(0), aim.at(), ends.get(1)))
                    .result()
                    .map(plan -> LivePlan.marks(scene, plan))
                    .orElseGet(() -> List.of(
                            Sketches.line(scene.frame(), new Segment(ends.get(0), ends.get(1)), scene.penMm(), true))));
        }
        out.addAll(aim.marks(scene));
        return out;
    }
}
