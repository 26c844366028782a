package honeylamp.desktop.gesture.place;

import honeylamp.derive.pointing.UnitPlacing;
import honeylamp.derive.storeys.UnitContents;
import honeylamp.derive.storeys.UnitCopies.Laid;
import honeylamp.desktop.gesture.Ask;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.desktop.gesture.Typed;
import honeylamp.drawing.Mark;
import honeylamp.edit.UnitEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.PartSketches;
import honeylamp.plan.ElementId.UnitCopyId;
import honeylamp.plan.ElementId.UnitId;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import honeylamp.plan.Unit;
import honeylamp.plan.UnitCopy;
import honeylamp.units.Words;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * Lets a unit stand in more places, and picks and moves its copies. Ends of its walls catch those that stand.
 *
 * @param unit that hangs at the pointer, if one was chosen
 * @param held a copy being moved, and where it was grabbed
 */
@RecordBuilder
public record LayUnits(
        Optional<UnitId> unit,
        double turnDeg,
        Sense sense,
        Optional<Point> pointer,
        Optional<Point> at,
        Optional<Grabbed> held)
        implements Gesture, LayUnitsBuilder.With {
    private static final Ask<Double> TURN = Ask.angle("Turn");

    private static final double CATCHING_REACHES = 2;

    /** A copy with the button down on it. */
    public record Grabbed(Laid laid, Point from, boolean moved) {}

    /** A unit to be placed, or none. */
    public static LayUnits begin(Optional<UnitId> unit) {
        return new LayUnits(unit, 0, Sense.AS_DRAWN, Optional.empty(), Optional.empty(), Optional.empty());
    }

    private Optional<Unit> chosen(Surroundings scene) {
        return unit.flatMap(id -> scene.plan().repeats().units().stream()
                .filter(u -> u.id().equals(id))
                .findFirst());
    }

    private static Optional<Laid> copyAt(Surroundings scene, Point p) {
        return scene.copies().stream().filter(c -> c.holds(p)).findFirst();
    }

    @Override
    public Reply moved(Surroundings scene, Pointer to) {
        return Reply.to(aimed(scene, to));
    }

    private LayUnits aimed(Surroundings scene, Pointer to) {
        var where = chosen(scene)
                .map(u -> new UnitCopy(new UnitCopyId(0), u.id(), scene.storey(), Position.of(to.at()), turnDeg, sense))
                .map(copy -> caught(scene, copy, to));
        return with(copy -> copy.pointer(Optional.of(to.at())).at(where).held(Optional.empty()));
    }

    private static Point caught(Surroundings scene, UnitCopy copy, Pointer to) {
        var at = copy.at().point();
        if (to.keys().control()) {
            return at;
        }
        return scene.unit(copy.unit())
                .flatMap(d -> UnitPlacing.shift(
                        scene.geometry(),
                        d.contents(),
                        copy.placing(d.unit().origin()),
                        CATCHING_REACHES * scene.reachMm()))
                .map(at::plus)
                .orElse(at);
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer to) {
        var hit = copyAt(scene, to.at());
        if (hit.isPresent()) {
            var grabbed = new Grabbed(hit.get(), to.at(), false);
            return Reply.to(with(copy -> copy.pointer(Optional.of(to.at()))
                            .at(Optional.empty())
                            .held(Optional.of(grabbed))))
                    .picking(Set.of(hit.get().copy().id()));
        }
        var aimed = aimed(scene, to);
        return aimed.at.isPresent() ? aimed.placed(scene) : Reply.to(aimed).picking(Set.of());
    }

    private Reply placed(Surroundings scene) {
        var id = unit.orElseThrow();
        var added = UnitEdits.place(scene.plan(), id, scene.storey(), Position.of(at.orElseThrow()), turnDeg, sense);
        return Reply.commit(this, added.plan(), "Place unit").picking(Set.of(added.id()));
    }

    @Override
    public Reply dragged(Surroundings scene, Pointer to) {
        return held.<Reply>map(g -> Reply.to(with(copy -> copy.pointer(Optional.of(to.at()))
                        .at(Optional.of(dragging(scene, g, to)))
                        .held(Optional.of(new Grabbed(g.laid, g.from, true))))))
                .orElseGet(() -> moved(scene, to));
    }

    private static Point dragging(Surroundings scene, Grabbed grabbed, Pointer to) {
        var copy = grabbed.laid.copy();
        var there = copy.at().point().plus(to.at().minus(grabbed.from));
        return caught(scene, copy.withAt(Position.of(there)), to);
    }

    @Override
    public Reply released(Surroundings scene, Pointer to) {
        var rest = with(
                copy -> copy.pointer(Optional.of(to.at())).at(Optional.empty()).held(Optional.empty()));
        return held.filter(Grabbed::moved)
                .flatMap(g -> at.map(p -> Reply.commit(
                        rest,
                        UnitEdits.change(scene.plan(), g.laid.copy().id(), c -> c.withAt(Position.of(p))),
                        "Move unit")))
                .orElse(Reply.to(rest));
    }

    @Override
    public Reply entered(Surroundings scene, Typed typed) {
        return typed.of(TURN)
                .map(deg -> Reply.to(withTurnDeg(deg)))
                .orElseGet(() -> at.isPresent() && unit.isPresent() ? placed(scene) : Reply.to(this));
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        var picked = scene.copies().stream()
                .map(Laid::copy)
                .filter(c -> scene.selection().contains(c.id()))
                .findFirst();
        var turning = key == Key.TURN;
        if (!turning && key != Key.FLIP) {
            return Reply.to(this);
        }
        if (unit.isEmpty() && picked.isPresent()) {
            return Reply.commit(
                    this,
                    UnitEdits.change(
                            scene.plan(),
                            picked.get().id(),
                            c -> turning
                                    ? c.turnedTo(c.turnDeg() + 90)
                                    : c.withSense(c.sense().other())),
                    turning ? "Turn unit" : "Mirror unit");
        }
        return Reply.to(turning ? withTurnDeg((turnDeg + 90) % 360) : withSense(sense.other()));
    }

    @Override
    public Gesture dropped() {
        return begin(held.isPresent() ? unit : Optional.empty());
    }

    @Override
    public boolean underWay() {
        return held.isPresent() || unit.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        return chosen(scene)
                .map(u -> new Readout(
                        List.of(new Readout.Field(TURN, Words.of("%.0f\u00b0", turnDeg))),
                        sense == Sense.MIRRORED ? "mirrored" : "",
                        "Click where " + u.name() + " stands once more. R turns it, F mirrors it, Esc leaves."))
                .orElseGet(
                        () -> Readout.hint(
                                scene.plan().repeats().units().isEmpty()
                                        ? "Pick rooms with Name rooms, holding Shift, and make a unit of them in the card."
                                        : "Choose a unit in the tray to place it; drag a copy to move it, R turns it, F mirrors it."));
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        for (var laid : scene.copies()) {
            var isHeld = held.filter(g -> g.laid.copy().id().equals(laid.copy().id()))
                    .isPresent();
            if (!isHeld && scene.selection().contains(laid.copy().id())) {
                out.addAll(sketch(scene, laid.contents(), laid.unit(), laid.copy()));
            }
        }
        held.flatMap(g -> at.map(p -> g.laid.copy().withAt(Position.of(p))))
                .ifPresent(copy -> out.addAll(sketch(
                        scene, held.get().laid.contents(), held.get().laid.unit(), copy)));
        if (held.isEmpty() && at.isPresent()) {
            chosen(scene).flatMap(u -> scene.unit(u.id())).ifPresent(d -> {
                var copy = new UnitCopy(
                        new UnitCopyId(0), d.unit().id(), scene.storey(), Position.of(at.get()), turnDeg, sense);
                out.addAll(sketch(scene, d.contents(), d.unit(), copy));
            });
        }
        return out;
    }

    private static List<Mark> sketch(Surroundings scene, UnitContents contents, Unit unit, UnitCopy copy) {
        return scene.unit(unit.id())
                .map(d -> PartSketches.unit(
                        scene.frame(), d.drawn(), contents, copy.placing(unit.origin()), scene.penMm()))
                .orElse(List.of());
    }
}
