package honeylamp.desktop.gesture.draw;

import honeylamp.derive.pointing.Picking;
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
import honeylamp.edit.Bays;
import honeylamp.edit.Bays.Shape;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Puts a bay into a wall: where it leaves the wall, where it comes back, how far it stands out.
 *
 * @param wall it stands out from
 * @param fromMm where it leaves the wall's drawn line, from the wall's first end
 * @param toMm where it comes back, if that was clicked
 */
@RecordBuilder
public record DrawBay(Shape shape, Glass glass, Optional<Wall> wall, double fromMm, Optional<Double> toMm, Catch aim)
        implements Gesture, DrawBayBuilder.With {
    private static final Ask<Length> WIDTH = Ask.length("Width");
    private static final Ask<Length> DEPTH = Ask.length("Depth");

    /** Whether windows go into its walls at once. */
    public enum Glass {
        WINDOWS,
        NONE
    }

    /** No wall yet. */
    public static DrawBay begin() {
        return begin(Shape.SPLAYED, Glass.NONE);
    }

    /** A bay with windows, no wall yet. */
    public static DrawBay glazed() {
        return begin(Shape.SPLAYED, Glass.WINDOWS);
    }

    private static DrawBay begin(Shape shape, Glass glass) {
        return new DrawBay(shape, glass, Optional.empty(), 0, Optional.empty(), Catch.none());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(withAim(aim.moved(scene, pointer, List.of())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var at = aim.moved(scene, pointer, List.of());
        if (wall.isEmpty()) {
            var host = Picking.wall(scene.geometry(), pointer.at(), scene.reachMm())
                    .filter(w -> !w.isCurved());
            return host.map(w ->
                            Reply.to(new DrawBay(shape, glass, host, w.line().along(at.at()), Optional.empty(), at)))
                    .orElseGet(() -> Reply.complain(this, "Click a straight wall where the bay should leave it."));
        }
        var along = wall.get().line().along(at.at());
        if (toMm.isEmpty()) {
            return Math.abs(along - fromMm) < Wall.SHORTEST_MM
                    ? Reply.complain(this, "Click farther along the wall, where the bay comes back to it.")
                    : Reply.to(with(copy -> copy.toMm(Optional.of(along)).aim(at)));
        }
        return withAim(at).built(scene, depth());
    }

    private Length depth() {
        return Length.ofMm(Math.abs(wall.map(w -> w.line().offset(aim.at())).orElse(0.0)));
    }

    private Reply built(Surroundings scene, Length depth) {
        return Reply.outcome(this, plan(scene, depth), begin(shape, glass), "Put in bay", "No bay fits there");
    }

    /** Why no bay fits so deep, if none does. */
    private Optional<String> impossible() {
        var host = wall.orElseThrow();
        var end = toMm.orElseThrow();
        return Bays.impossible(
                        host, Length.ofMm(Math.min(fromMm, end)), Length.ofMm(Math.max(fromMm, end)), depth(), shape)
                .map(reason -> "No bay fits there: " + reason + ".");
    }

    private Outcome<Plan> plan(Surroundings scene, Length depth) {
        var host = wall.orElseThrow();
        var end = toMm.orElseThrow();
        var left = host.line().offset(aim.at()) > 0;
        return Bays.add(
                        scene.plan(),
                        scene.storey(),
                        host.id(),
                        Length.ofMm(Math.min(fromMm, end)),
                        Length.ofMm(Math.max(fromMm, end)),
                        depth,
                        shape,
                        left)
                .map(bay -> glass == Glass.NONE
                        ? bay.plan()
                        : Bays.glazed(bay, scene.storey(), left ? Opening.Swing.RIGHT : Opening.Swing.LEFT));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        if (wall.isEmpty()) {
            return Reply.to(begin(shape, glass));
        }
        if (toMm.isPresent()) {
            return built(scene, typed.of(DEPTH).orElseGet(this::depth));
        }
        return typed.of(WIDTH)
                .map(width -> Reply.to(wide(width)))
                .orElseGet(() -> Reply.complain(this, "Type the width of the bay, or click its other end."));
    }

    private DrawBay wide(Length width) {
        var back = wall.map(w -> w.line().along(aim.at()) < fromMm).orElse(false);
        return withToMm(Optional.of(fromMm + (back ? -width.mm() : width.mm())));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case FLIP -> Reply.to(withShape(Shape.values()[(shape.ordinal() + 1) % Shape.values().length]));
            case NEXT -> Reply.to(withAim(aim.next(scene, List.of())));
            case TURN, CLOSE, AWAY -> Reply.to(this);
        };
    }

    @Override
    public Gesture dropped() {
        return begin(shape, glass);
    }

    @Override
    public boolean underWay() {
        return wall.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var words = shape.label() + (glass == Glass.NONE ? " bay" : " bay window") + "; F changes its shape. ";
        if (wall.isEmpty()) {
            return new Readout(List.of(), aim.word(), words + "Click the wall where it begins.");
        }
        if (toMm.isEmpty()) {
            var width = Math.abs(wall.get().line().along(aim.at()) - fromMm);
            return new Readout(
                    List.of(new Readout.Field(WIDTH, shown(scene, width))),
                    aim.word(),
                    words + "Click or type where it ends.");
        }
        return new Readout(
                List.of(new Readout.Field(DEPTH, shown(scene, depth().mm()))),
                aim.word(),
                impossible().orElse(words + "Click how far it stands out, or type it."));
    }

    private static String shown(Surroundings scene, double mm) {
        return LengthText.rounded(Length.ofMm(mm), scene.units());
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        wall.ifPresent(w -> {
            if (toMm.isEmpty()) {
                var line = w.chord();
                out.add(Sketches.line(
                        scene.frame(),
                        new Segment(line.at(fromMm), line.at(line.along(aim.at()) + 0.01)),
                        3 * scene.penMm(),
                        false));
                return;
            }
            var line = w.chord();
            out.addAll(plan(scene, depth())
                    .result()
                    .map(plan -> LivePlan.marks(scene, plan))
                    .orElseGet(() -> List.of(Sketches.line(
                            scene.frame(),
                            new Segment(line.at(fromMm), line.at(toMm.get())),
                            3 * scene.penMm(),
                            false))));
        });
        out.addAll(aim.marks(scene));
        return out;
    }
}
