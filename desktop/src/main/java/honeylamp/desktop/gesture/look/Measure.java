package honeylamp.desktop.gesture.look;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Catch;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Measures between two points; what was measured last can be put into the measure line by a key. */
public record Measure(Optional<Point> from, Optional<Segment> measured, Catch aim) implements Gesture {
    private static final Ask<Double> ANGLE = Ask.angle("Angle");

    private static final Ask<Length> LENGTH = Ask.length("Length");
    private static final Ask<Length> ACROSS = Ask.length("Across");
    private static final Ask<Length> UP = Ask.length("Up");
    private static final Ask<Length> HALF = Ask.length("Half");

    /** Nothing measured yet. */
    public static Measure begin() {
        return new Measure(Optional.empty(), Optional.empty(), Catch.none());
    }

    private List<Point> chain() {
        return from.map(List::of).orElse(List.of());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new Measure(from, measured, aim.moved(scene, pointer, chain())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var at = aim.moved(scene, pointer, chain());
        if (from.isEmpty()) {
            return Reply.to(new Measure(Optional.of(at.at()), Optional.empty(), at));
        }
        var line = new Segment(from.get(), at.at());
        return line.length() < 1
                ? Reply.complain(this, "Both points lie on the same spot; click farther apart.")
                : Reply.to(new Measure(Optional.empty(), Optional.of(line), at)).measuring(Length.ofMm(line.length()));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return Reply.to(key == Key.NEXT ? new Measure(from, measured, aim.next(scene, chain())) : this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return from.isPresent() || measured.isPresent();
    }

    private Optional<Segment> line() {
        return from.map(f -> new Segment(f, aim.at()))
                .filter(s -> s.length() > 1)
                .or(() -> measured);
    }

    @Override
    public Readout readout(Surroundings scene) {
        var hint = from.isPresent()
                ? "Click the second point."
                : measured.isPresent()
                        ? "= puts the length into the measure line of the next tool, H half of it."
                        : "Click the first point to measure from.";
        return line().map(s -> {
                    var way = s.b().minus(s.a());
                    return new Readout(
                            List.of(
                                    new Readout.Field(LENGTH, shown(scene, way.length())),
                                    new Readout.Field(ACROSS, shown(scene, Math.abs(way.x()))),
                                    new Readout.Field(UP, shown(scene, Math.abs(way.y()))),
                                    new Readout.Field(ANGLE, Words.of("%.1f\u00b0", way.angleDeg())),
                                    new Readout.Field(HALF, shown(scene, way.length() / 2))),
                            aim.word(),
                            hint);
                })
                .orElseGet(() -> new Readout(List.of(), aim.word(), hint));
    }

    private static String shown(Surroundings scene, double mm) {
        return LengthText.rounded(Length.ofMm(mm), scene.units());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        line().ifPresent(s -> {
            out.add(Sketches.line(scene.frame(), s, scene.penMm(), false));
            out.addAll(Sketches.words(scene.frame(), s.middle(), shown(scene, s.length()), scene.penMm()));
        });
        out.addAll(aim.marks(scene));
        return out;
    }
}
