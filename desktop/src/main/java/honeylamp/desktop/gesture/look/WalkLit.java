package honeylamp.desktop.gesture.look;

import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.EveningEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.LitWalkSketch;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Plan;
import honeylamp.takeoff.lighting.LitWalk;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Walks a way after dark, step by step: from the point clicked first to the one clicked second, or one of the ways of the
 * night. Nothing is drawn.
 *
 * @param from the point clicked first; empty for where one comes in
 * @param to the point clicked second
 * @param chosen a way that was chosen, point by point; empty if it is found between the two
 * @param at the step one is at, from 0
 * @param on the groups that are on there; empty before the first step
 */
public record WalkLit(Optional<Point> from, Optional<Point> to, List<Point> chosen, int at, Optional<List<Integer>> on)
        implements Gesture, Walking {
    private static final double SPOT_PX = 6;

    /** Freezes the way. */
    public WalkLit {
        chosen = List.copyOf(chosen);
    }

    /** Nothing clicked yet. */
    public static WalkLit begin() {
        return clicked(Optional.empty(), Optional.empty());
    }

    private static WalkLit clicked(Optional<Point> from, Optional<Point> to) {
        return new WalkLit(from, to, List.of(), 0, Optional.empty());
    }

    /** A walk, at its first step. */
    public static WalkLit along(LitWalk walk) {
        var line = walk.steps().stream().flatMap(s -> s.line().stream()).toList();
        return new WalkLit(
                Optional.empty(),
                Optional.empty(),
                line,
                0,
                walk.steps().stream().findFirst().map(LitWalk.Step::on));
    }

    /** The light of the step one is at, to be seen in the picture; empty before the first. */
    public Optional<Evening> evening(Plan plan) {
        return on.map(lit -> new Evening(
                EveningEdits.groups(plan).stream().filter(g -> !lit.contains(g)).toList()));
    }

    @Override
    public boolean isWanted() {
        return chosen.isEmpty() && to.isPresent();
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(this);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var p = Optional.of(pointer.at());
        return Reply.to(
                from.isEmpty() || to.isPresent() || !chosen.isEmpty()
                        ? clicked(p, Optional.empty())
                        : clicked(from, p));
    }

    /** Enter goes on to the next step, after the last one to the first. */
    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return step(scene, 1);
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return switch (key) {
            case NEXT, TURN -> step(scene, 1);
            case FLIP -> step(scene, -1);
            case CLOSE, AWAY -> Reply.to(this);
        };
    }

    private Reply step(Surroundings scene, int by) {
        return walk(scene)
                .map(LitWalk::steps)
                .filter(steps -> !steps.isEmpty())
                .map(steps -> Reply.to(to(steps, on.isEmpty() ? at : Math.floorMod(at + by, steps.size()))))
                .orElseGet(() -> Reply.to(this));
    }

    private WalkLit to(List<LitWalk.Step> steps, int step) {
        return new WalkLit(from, to, chosen, step, Optional.of(steps.get(step).on()));
    }

    private Optional<LitWalk> walk(Surroundings scene) {
        var line = chosen.isEmpty() ? scene.walked().flatMap(w -> w.way()).map(way -> way.line()) : Optional.of(chosen);
        return line.map(l -> LitWalk.along(scene.view().storey(), l));
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return from.isPresent() || !chosen.isEmpty();
    }

    @Override
    public Readout readout(Surroundings scene) {
        if (chosen.isEmpty() && from.isEmpty()) {
            return Readout.hint("Click where the way begins, such as a bed; or choose a way of the night in the tray.");
        }
        if (chosen.isEmpty() && to.isEmpty()) {
            return Readout.hint("Click where the way leads to.");
        }
        var walk = walk(scene);
        if (walk.isEmpty()) {
            return Readout.hint(
                    scene.walked().isEmpty()
                            ? "Looking for the way\u2026"
                            : "No way leads there. Click where another begins.");
        }
        var steps = walk.get().steps();
        if (steps.isEmpty()) {
            return Readout.hint("This way leads through no room.");
        }
        var now = Math.min(at, steps.size() - 1);
        return Readout.hint("Step " + (now + 1) + " of " + steps.size() + ", "
                + steps.get(now).sentence() + (steps.get(now).sentence().endsWith(".") ? "" : ".")
                + " Enter steps on.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        walk(scene).ifPresent(w -> out.addAll(LitWalkSketch.marks(scene.frame(), w, at, scene.penMm())));
        from.ifPresent(p -> out.add(Sketches.spot(scene.frame(), p, SPOT_PX * scene.penMm(), scene.penMm())));
        return out;
    }
}
