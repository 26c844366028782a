package honeylamp.desktop.gesture.look;

import honeylamp.derive.listing.ElevationNumbers;
import honeylamp.derive.listing.RaisedNames;
import honeylamp.desktop.gesture.Catch;
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
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Cuts the building along a line of two points; one looks to the left of the way from the first to the second. */
public record DrawSection(Optional<Point> from, Catch aim) implements Gesture {
    private static final double ARROW_PX = 26;

    /** Nothing pointed at yet. */
    public static DrawSection begin() {
        return new DrawSection(Optional.empty(), Catch.none());
    }

    private List<Point> chain() {
        return from.map(List::of).orElse(List.of());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new DrawSection(from, aim.moved(scene, pointer, chain())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        if (from.isEmpty()) {
            var taken = MoveSection.at(scene, pointer.at());
            if (taken.isPresent()) {
                return Reply.to(taken.get());
            }
        }
        var at = aim.moved(scene, pointer, chain());
        if (from.isEmpty()) {
            return Reply.to(new DrawSection(Optional.of(at.at()), at));
        }
        if (from.get().distance(at.at()) < 1) {
            return Reply.complain(this, "Both ends lie on the same spot; click farther apart.");
        }
        if (scene.laid().shells().isEmpty()) {
            return Reply.complain(begin(), "Nothing is built here that could be cut. Draw its walls first, in Walls.");
        }
        var section = new Raised.Section(
                scene.storey(), Position.of(from.get()), Position.of(at.at()), Raised.Section.USUAL_DEPTH);
        var name = RaisedNames.of(scene.view().storey(), section) + " "
                + ElevationNumbers.next(scene.plan().presentation());
        var added = ViewEdits.raised(scene.plan(), scene.view().view().id(), section, name);
        return Reply.commit(begin(), added.plan(), "Draw section")
                .withNews("The section stands on a page of its own, the last; its line is marked here.");
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.NEXT ? new DrawSection(from, aim.next(scene, chain())) : this);
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
        return new Readout(
                List.of(),
                aim.word(),
                from.isEmpty()
                        ? "Click where the line of the section begins, outside the walls; press a line to move it."
                        : "Click where it ends; the arrow shows where one looks.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        from.map(f -> new Segment(f, aim.at())).filter(s -> s.length() > 1).ifPresent(s -> {
            out.add(Sketches.line(scene.frame(), s, 2 * scene.penMm(), true));
            var way = s.unit()
                    .left()
                    .times(ARROW_PX * scene.penMm() * scene.frame().scale());
            for (var end : List.of(s.a(), s.b())) {
                out.add(Sketches.line(scene.frame(), new Segment(end, end.plus(way)), 2 * scene.penMm(), false));
            }
        });
        out.addAll(aim.marks(scene));
        return out;
    }
}
