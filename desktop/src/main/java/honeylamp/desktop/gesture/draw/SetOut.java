package honeylamp.desktop.gesture.draw;

import honeylamp.derive.pointing.Picking;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Catch;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.Added;
import honeylamp.edit.SettingOutEdits;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Lays a setting-out line at a distance from a face, or square to a wall at a distance from its end.
 *
 * @param base what it is measured from, running as its wall runs
 */
public record SetOut(Optional<Segment> base, Catch aim) implements Gesture {
    private static final Ask<Length> DISTANCE = Ask.length("Distance");

    /** Nothing to measure from yet. */
    public static SetOut begin() {
        return new SetOut(Optional.empty(), Catch.none());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new SetOut(base, aim.moved(scene, pointer, List.of())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var at = aim.moved(scene, pointer, List.of());
        if (base.isPresent()) {
            return laid(scene, base.get().offset(at.at()));
        }
        return Picking.measuringLine(scene.geometry(), at.snap(), pointer.at(), scene.reachMm())
                .map(b -> Reply.to(new SetOut(Optional.of(b), at)))
                .orElseGet(() -> Reply.complain(this, "Click a wall face or a wall end to measure from."));
    }

    private Reply laid(Surroundings scene, double leftMm) {
        var line = base.orElseThrow().shiftedLeft(leftMm);
        return Reply.outcome(
                this,
                SettingOutEdits.add(scene.plan(), scene.storey(), line).map(Added::plan),
                begin(),
                "Lay setting-out line",
                "That cannot be laid");
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (base.isEmpty()) {
            return Reply.to(begin());
        }
        var side = base.get().offset(aim.at()) < 0 ? -1 : 1;
        return typed.of(DISTANCE)
                .map(distance -> laid(scene, side * distance.mm()))
                .orElseGet(() -> Reply.complain(this, "Type how far from the wall the line runs."));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.NEXT ? new SetOut(base, aim.next(scene, List.of())) : this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return base.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return base.map(b -> new Readout(
                        List.of(new Readout.Field(
                                DISTANCE,
                                LengthText.rounded(Length.ofMm(Math.abs(b.offset(aim.at()))), scene.units()))),
                        aim.word(),
                        "Click where the line runs, or type its distance. It goes when a wall is drawn along it."))
                .orElseGet(() -> new Readout(
                        List.of(),
                        aim.word(),
                        "Click a face to measure from, or an end for a line square to its wall."));
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        base.ifPresent(b -> {
            out.add(Sketches.line(scene.frame(), b, scene.penMm(), false));
            out.addAll(Sketches.settingOut(scene.frame(), b.shiftedLeft(b.offset(aim.at())), scene.penMm()));
            var foot = b.a().plus(b.unit().times(b.along(aim.at())));
            if (foot.distance(aim.at()) > 1) {
                out.add(Sketches.line(scene.frame(), new Segment(foot, aim.at()), scene.penMm(), true));
            }
        });
        out.addAll(aim.marks(scene));
        return out;
    }
}
