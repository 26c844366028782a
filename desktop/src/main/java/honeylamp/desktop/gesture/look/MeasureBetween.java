package honeylamp.desktop.gesture.look;

import honeylamp.derive.pointing.Snapping;
import honeylamp.derive.pointing.Snapping.Snap;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.NoteEdits;
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

/** Adds a single dimension: two points, then a third that says where its line lies. */
public record MeasureBetween(List<Point> points, Optional<Point> pointer, Optional<Snap> caught) implements Gesture {
    private static final Ask<Length> LENGTH = Ask.length("Length");
    private static final Ask<Length> ACROSS = Ask.length("Across");
    private static final Ask<Length> UP = Ask.length("Up");
    private static final Ask<Length> HALF = Ask.length("Half");

    public MeasureBetween {
        points = List.copyOf(points);
    }

    /** No point yet. */
    public static MeasureBetween begin() {
        return new MeasureBetween(List.of(), Optional.empty(), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(aimed(scene, pointer));
    }

    private MeasureBetween aimed(Surroundings scene, Pointer pointer) {
        var snap = pointer.keys().control() || points.size() == 2
                ? Optional.<Snap>empty()
                : Snapping.at(scene.laid(), points, pointer.at(), scene.reachMm());
        return new MeasureBetween(points, Optional.of(snap.map(Snap::at).orElse(pointer.at())), snap);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var aimed = aimed(scene, pointer);
        var p = aimed.pointer.orElse(pointer.at());
        if (points.size() < 2) {
            if (!points.isEmpty() && points.getFirst().distance(p) < 1) {
                return Reply.complain(aimed, "Both points lie on the same spot; click farther apart.");
            }
            var more = new ArrayList<>(points);
            more.add(p);
            return Reply.to(new MeasureBetween(more, Optional.of(p), aimed.caught));
        }
        var line = new Segment(points.get(0), points.get(1));
        var added = NoteEdits.measure(
                        scene.plan(),
                        scene.storey(),
                        Position.of(line.a()),
                        Position.of(line.b()),
                        Length.ofMm(line.offset(p)))
                .orThrow();
        return Reply.commit(begin(), added.plan(), "Add dimension").picking(Set.of(added.id()));
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return !points.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var word = caught.map(s -> s.caught().word()).orElse("");
        if (points.isEmpty()) {
            return new Readout(List.of(), word, "Click the first point to measure from.");
        }
        var end = points.size() == 2 ? points.get(1) : pointer.orElse(points.getFirst());
        var way = end.minus(points.getFirst());
        return new Readout(
                List.of(
                        new Readout.Field(LENGTH, shown(scene, way.length())),
                        new Readout.Field(ACROSS, shown(scene, Math.abs(way.x()))),
                        new Readout.Field(UP, shown(scene, Math.abs(way.y()))),
                        new Readout.Field(HALF, shown(scene, way.length() / 2))),
                word,
                points.size() == 1 ? "Click the second point." : "Click where the dimension line should lie.");
    }

    private static String shown(Surroundings scene, double mm) {
        return LengthText.rounded(Length.ofMm(mm), scene.units());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        if (!points.isEmpty() && pointer.isPresent()) {
            var end = points.size() == 2 ? points.get(1) : pointer.get();
            var line = new Segment(points.getFirst(), end);
            if (line.length() > 1) {
                var away = points.size() == 2 ? line.offset(pointer.get()) : 0;
                out.add(Sketches.line(scene.frame(), line.shiftedLeft(away), scene.penMm(), false));
            }
        }
        caught.ifPresent(s -> out.add(Sketches.spot(scene.frame(), s.at(), 6 * scene.penMm(), scene.penMm())));
        return out;
    }
}
