package honeylamp.desktop.gesture.trace;

import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.trace.OnPicture.Aim;
import honeylamp.drawing.Mark;
import honeylamp.edit.UnderlayEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Underlay;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Two clicks on a line that should be level or plumb turn the picture so that it is. */
public record LevelPicture(Optional<Point> first, Optional<Aim> aim) implements Gesture {
    /** No click yet. */
    public static LevelPicture begin() {
        return new LevelPicture(Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new LevelPicture(first, Optional.of(OnPicture.aim(scene, pointer))));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var underlay = OnPicture.at(scene, pointer.at());
        if (underlay.isEmpty()) {
            return Reply.complain(this, OnPicture.NONE_YET);
        }
        var u = underlay.get();
        var aim = OnPicture.aim(scene, pointer);
        if (first.isEmpty()) {
            return Reply.to(new LevelPicture(Optional.of(aim.at()), Optional.of(aim)))
                    .picking(Set.of(u.id()));
        }
        if (first.get().distance(aim.at()) <= scene.reachMm()) {
            return Reply.complain(this, "The second click lies on the first; click the far end of the line.");
        }
        var before = u.placing().turnDeg();
        var plan = UnderlayEdits.level(
                scene.plan(), scene.storey(), u.id(), u.pixel(first.get()), u.pixel(aim.at()), OnPicture.traced(scene));
        var after = plan.storey(scene.storey())
                .elements()
                .find(Underlay.class, u.id())
                .orElse(u)
                .placing()
                .turnDeg();
        return Reply.commit(begin(), plan, "Level picture")
                .picking(Set.of(u.id()))
                .withNews(Words.of("Turned by %.2f\u00b0; that line is true now.", after - before));
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return first.isPresent();
    }

    @Override
    public boolean magnifies() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        return new Readout(
                List.of(),
                aim.map(Aim::word).orElse(""),
                first.isEmpty()
                        ? "Click one end of a line that should be level or plumb; a long one is best."
                        : "Click its other end.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        first.ifPresent(p -> {
            out.addAll(OnPicture.mark(scene, p));
            aim.ifPresent(a -> out.add(Sketches.line(scene.frame(), new Segment(p, a.at()), scene.penMm(), false)));
        });
        aim.flatMap(Aim::caught)
                .ifPresent(s -> out.add(Sketches.spot(scene.frame(), s.at(), 4 * scene.penMm(), scene.penMm())));
        return out;
    }
}
