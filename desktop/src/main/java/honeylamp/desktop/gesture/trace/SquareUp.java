package honeylamp.desktop.gesture.trace;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.desktop.gesture.trace.OnPicture.Aim;
import honeylamp.drawing.Mark;
import honeylamp.edit.Outcome;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Plan;
import honeylamp.plan.Squaring;
import honeylamp.plan.Underlay;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * Four clicks on the corners of something rectangular square up a picture taken at a slant; typed sizes
 * make it true as well.
 *
 * @param corners in plan mm, in the order they were clicked
 * @param held index of the corner that is dragged
 */
public record SquareUp(List<Point> corners, Optional<Aim> aim, OptionalInt held) implements Gesture {
    private static final Ask<Length> ACROSS = Ask.length("Across");
    private static final Ask<Length> UP = Ask.length("Up");

    public SquareUp {
        corners = List.copyOf(corners);
    }

    /** No corner yet. */
    public static SquareUp begin() {
        return new SquareUp(List.of(), Optional.empty(), OptionalInt.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new SquareUp(corners, Optional.of(OnPicture.aim(scene, pointer)), OptionalInt.empty()));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var underlay = OnPicture.at(scene, pointer.at());
        if (underlay.isEmpty()) {
            return Reply.complain(this, OnPicture.NONE_YET);
        }
        var aim = OnPicture.aim(scene, pointer);
        for (var i = 0; i < corners.size(); i++) {
            if (corners.get(i).distance(pointer.at()) <= scene.reachMm()) {
                return Reply.to(new SquareUp(corners, Optional.of(aim), OptionalInt.of(i)));
            }
        }
        if (corners.size() == 4) {
            return Reply.complain(this, "All four corners are marked: drag them, press Enter, or Esc to begin again.");
        }
        var more = new ArrayList<>(corners);
        more.add(aim.at());
        return Reply.to(new SquareUp(more, Optional.of(aim), OptionalInt.of(more.size() - 1)))
                .picking(Set.of(underlay.get().id()));
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer pointer) {
        var aim = OnPicture.aim(scene, pointer);
        if (held.isEmpty()) {
            return Reply.to(new SquareUp(corners, Optional.of(aim), held));
        }
        var moved = new ArrayList<>(corners);
        moved.set(held.getAsInt(), aim.at());
        return Reply.to(new SquareUp(moved, Optional.of(aim), held));
    }

    @Override
    public Reply released(Surroundings scene, Pointer pointer) {
        return Reply.to(new SquareUp(corners, aim, OptionalInt.empty()));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return corners.size() < 4
                ? Reply.complain(this, "Click all four corners first.")
                : squared(scene, typed.of(ACROSS), typed.of(UP));
    }

    private Reply squared(Surroundings scene, Optional<Length> across, Optional<Length> up) {
        var underlay = OnPicture.at(scene, corners.getFirst());
        if (underlay.isEmpty()) {
            return Reply.complain(this, OnPicture.NONE_YET);
        }
        var u = underlay.get();
        return switch (UnderlayEdits.squareUp(scene.plan(), scene.storey(), u.id(), inOrder(u), across, up)) {
            case Outcome.Done<Plan>(var plan) ->
                Reply.commit(begin(), plan, "Square picture up").picking(Set.of(u.id()));
            case Outcome.Refused<Plan> no ->
                Reply.complain(this, no.sentence("That cannot be squared up") + " Drag the corners.");
        };
    }

    private List<Point> inOrder(Underlay underlay) {
        return Squaring.clockwise(corners.stream().map(underlay::pixel).toList());
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return !corners.isEmpty();
    }

    @Override
    public boolean magnifies() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        var word = aim.map(Aim::word).orElse("");
        if (corners.size() < 4) {
            return new Readout(
                    List.of(),
                    word,
                    corners.isEmpty()
                            ? "Click four corners of something rectangular; the outer corners of the house are best."
                            : "Click corner " + (corners.size() + 1) + " of 4.");
        }
        return new Readout(
                List.of(new Readout.Field(ACROSS, "as seen"), new Readout.Field(UP, "as seen")),
                word,
                "Enter squares it up. If you know how long its sides are, type them first.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        var round = corners.size() == 4
                ? OnPicture.at(scene, corners.getFirst())
                        .map(u -> inOrder(u).stream().map(u::plan).toList())
                        .orElse(corners)
                : corners;
        for (var i = 0; i + 1 < round.size() + (round.size() == 4 ? 1 : 0); i++) {
            out.add(Sketches.line(
                    scene.frame(), new Segment(round.get(i), round.get((i + 1) % round.size())), scene.penMm(), false));
        }
        out.addAll(OnPicture.spots(scene, corners));
        aim.flatMap(Aim::caught)
                .ifPresent(s -> out.add(Sketches.spot(scene.frame(), s.at(), 4 * scene.penMm(), scene.penMm())));
        return out;
    }
}
