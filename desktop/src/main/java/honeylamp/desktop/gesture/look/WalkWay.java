package honeylamp.desktop.gesture.look;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Walked;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.illustrate.sketch.WaySketch;
import honeylamp.takeoff.way.NarrowPlace;
import honeylamp.takeoff.way.Way;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Shows the ways from where one comes in to all rooms, or from a point that was clicked, or between two; nothing is drawn.
 * They are walked aside.
 *
 * @param from the point clicked first; empty for where one comes in
 * @param to where the way ends: the point clicked second, or a piece
 * @param seen whether ways are judged for those who step, or for those who do not
 */
public record WalkWay(Optional<Point> from, Optional<Point> to, Seen seen) implements Gesture, Walking {
    private static final Ask<Length> WIDTH = Ask.length("Least width");
    private static final Ask<Length> LENGTH = Ask.length("Length");
    private static final double SPOT_PX = 6;

    /** For whom ways are judged. */
    public enum Seen {
        ON_FOOT,
        STEP_FREE
    }

    /** Nothing clicked yet. */
    public static WalkWay begin() {
        return new WalkWay(Optional.empty(), Optional.empty(), Seen.ON_FOOT);
    }

    /** From where one comes in to a point. */
    public static WalkWay leadingTo(Point to) {
        return new WalkWay(Optional.empty(), Optional.of(to), Seen.ON_FOOT);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var at = Optional.of(pointer.at());
        return Reply.to(
                from.isEmpty() || to.isPresent()
                        ? new WalkWay(at, Optional.empty(), seen)
                        : new WalkWay(from, at, seen));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        var other = seen == Seen.ON_FOOT ? Seen.STEP_FREE : Seen.ON_FOOT;
        return Reply.to(key == Key.FLIP ? new WalkWay(from, to, other) : this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return from.isPresent() || to.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (scene.walked().isEmpty()) {
            return Readout.hint("Looking for the ways\u2026");
        }
        var walked = scene.walked().get();
        if (to.isPresent()) {
            return walked.way()
                    .map(way -> new Readout(
                            fields(scene, way),
                            "",
                            "Click where another way begins. Esc shows the ways from the entrance."))
                    .orElseGet(
                            () -> Readout.hint("No way leads there: what stands between leaves no room to pass, or no"
                                    + " door does. Click where another begins."));
        }
        if (from.isPresent()) {
            return Readout.hint("Click where the way leads to. Esc shows the ways from the entrance.");
        }
        if (walked.on().entrances().isEmpty()) {
            return Readout.hint(
                    "No door leads in from outside, and no stair leads here. Click where one stands to begin with.");
        }
        var narrowest = walked.reached().stream()
                .flatMap(r -> r.way().stream())
                .flatMap(w -> w.narrowest().stream())
                .min(Comparator.comparingDouble(NarrowPlace::mm));
        return Readout.hint("Ways from where one comes in"
                + narrowest
                        .map(n -> ", at least " + shown(scene, n.mm()) + " wide")
                        .orElse("")
                + walked.before()
                        .map(b -> "; before that " + shown(scene, b.mm()) + ", " + b.where())
                        .orElse("")
                + ". Click where another begins; F "
                + (seen == Seen.ON_FOOT ? "shows where a wheelchair gets and turns." : "shows them on foot."));
    }

    private static List<Readout.Field> fields(Surroundings scene, Way way) {
        var out = new ArrayList<Readout.Field>();
        way.narrowest().ifPresent(n -> out.add(new Readout.Field(WIDTH, shown(scene, n.mm()))));
        out.add(new Readout.Field(LENGTH, shown(scene, way.lengthMm())));
        return out;
    }

    private static String shown(Surroundings scene, double mm) {
        return LengthText.roundedWithUnit(Length.ofMm(mm), scene.units());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        scene.walked().ifPresent(walked -> out.addAll(marks(scene, walked)));
        from.or(() -> to)
                .ifPresent(p -> out.add(Sketches.spot(scene.frame(), p, SPOT_PX * scene.penMm(), scene.penMm())));
        return out;
    }

    private List<Mark> marks(Surroundings scene, Walked walked) {
        var wanted = walked.on().wantedMm();
        if (to.isPresent()) {
            return walked.way()
                    .map(way -> WaySketch.marks(scene.frame(), way, wanted, scene.units(), scene.penMm()))
                    .orElse(List.of());
        }
        return seen == Seen.STEP_FREE
                ? WaySketch.stepFree(scene.frame(), walked.reached(), scene.units(), scene.penMm())
                : WaySketch.marks(scene.frame(), walked.reached(), wanted, scene.units(), scene.penMm());
    }
}
