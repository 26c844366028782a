package honeylamp.desktop.gesture.look;

import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.illustrate.sketch.WaySketch;
import honeylamp.takeoff.way.NarrowPlace;
import honeylamp.takeoff.way.Way;
import honeylamp.takeoff.way.Ways;
import honeylamp.takeoff.way.Ways.Reached;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Shows the ways from where one comes in to all rooms, or from a point that was clicked, or between two; nothing is drawn.
 *
 * @param from the point clicked first
 * @param walked the ways from there, and the storey they were found on
 * @param way between two points
 * @param seen whether ways are judged for those who step, or for those who do not
 */
public record WalkWay(Optional<Point> from, Optional<Walked> walked, Optional<Way> way, Seen seen) implements Gesture {
    private static final Ask<Length> WIDTH = Ask.length("Least width");
    private static final Ask<Length> LENGTH = Ask.length("Length");
    private static final double SPOT_PX = 6;

    /** For whom ways are judged. */
    public enum Seen {
        ON_FOOT,
        STEP_FREE
    }

    /** Ways from a point. */
    public record Walked(Ways on, List<Reached> reached) {}

    /** Nothing clicked yet. */
    public static WalkWay begin() {
        return new WalkWay(Optional.empty(), Optional.empty(), Optional.empty(), Seen.ON_FOOT);
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        if (scene.ways().isEmpty()) {
            return Reply.complain(this, "The ways are still being looked for. Click again in a moment.");
        }
        var ways = scene.ways().get();
        if (from.isEmpty() || way.isPresent()) {
            var walked = new Walked(ways, ways.from(pointer.at()));
            return Reply.to(new WalkWay(Optional.of(pointer.at()), Optional.of(walked), Optional.empty(), seen));
        }
        var found = ways.between(from.get(), pointer.at());
        return found.isEmpty()
                ? Reply.complain(
                        this, "No way leads there: what stands between leaves no room to pass, or no door does.")
                : Reply.to(new WalkWay(from, walked, found, seen));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        var other = seen == Seen.ON_FOOT ? Seen.STEP_FREE : Seen.ON_FOOT;
        return Reply.to(key == Key.FLIP ? new WalkWay(from, walked, way, other) : this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return from.isPresent();
    }

    /** The ways shown: from the point clicked, else, and once the plan has changed, from where one comes in. */
    private List<Reached> reached(Surroundings scene) {
        return walked.filter(w -> scene.ways().filter(now -> now == w.on()).isPresent())
                .map(Walked::reached)
                .or(() -> scene.ways().map(Ways::toRooms))
                .orElse(List.of());
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (scene.ways().isEmpty()) {
            return Readout.hint("Looking for the ways\u2026");
        }
        if (way.isPresent()) {
            return new Readout(
                    fields(scene, way.get()),
                    "",
                    "Click where another way begins. Esc shows the ways from the entrance.");
        }
        if (from.isPresent()) {
            return Readout.hint("Click where the way leads to. Esc shows the ways from the entrance.");
        }
        if (scene.ways().get().entrances().isEmpty()) {
            return Readout.hint(
                    "No door leads in from outside, and no stair leads here. Click where one stands to begin with.");
        }
        var narrowest = reached(scene).stream()
                .flatMap(r -> r.way().stream())
                .flatMap(w -> w.narrowest().stream())
                .min(Comparator.comparingDouble(NarrowPlace::mm));
        return Readout.hint("Ways from where one comes in"
                + narrowest
                        .map(n -> ", at least " + shown(scene, n.mm()) + " wide")
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
        if (scene.ways().isEmpty()) {
            return List.of();
        }
        var wanted = scene.ways().get().wantedMm();
        var out = new ArrayList<Mark>();
        if (way.isPresent()) {
            out.addAll(WaySketch.marks(scene.frame(), way.get(), wanted, scene.units(), scene.penMm()));
        } else if (seen == Seen.STEP_FREE) {
            out.addAll(WaySketch.stepFree(scene.frame(), reached(scene), scene.units(), scene.penMm()));
        } else {
            out.addAll(WaySketch.marks(scene.frame(), reached(scene), wanted, scene.units(), scene.penMm()));
        }
        from.ifPresent(p -> out.add(Sketches.spot(scene.frame(), p, SPOT_PX * scene.penMm(), scene.penMm())));
        return out;
    }
}
