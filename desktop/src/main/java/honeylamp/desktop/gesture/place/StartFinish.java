package honeylamp.desktop.gesture.place;

import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.SurfacesAt;
import honeylamp.derive.listing.SurfacesAt.Lies;
import honeylamp.derive.listing.SurfacesAt.Target;
import honeylamp.desktop.gesture.Catch;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.Finishing;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.sketch.FinishSketch;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Finish;
import honeylamp.plan.Position;
import honeylamp.units.Words;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Sets where the pieces of a floor begin and which way they run: the first click puts the corner of a piece, the second
 * gives the direction. What it will look like is seen before each.
 *
 * @param of the floor whose start was put, and where; empty before the first click
 */
public record StartFinish(Catch aim, Optional<Begun> of) implements Gesture {
    private static final double SHOWN_PX = 7;

    /** A floor whose start was put. */
    public record Begun(Target target, Point start) {}

    /** Before the first click. */
    public static StartFinish begin() {
        return new StartFinish(Catch.none(), Optional.empty());
    }

    private static Optional<Finish> finish(Surroundings scene, Target target) {
        return target.surfaces().stream()
                .findFirst()
                .flatMap(s -> Surfaces.finish(scene.view().storey().storey(), s))
                .filter(f ->
                        Materials.of(f).filter(m -> !m.laying().isSeamless()).isPresent());
    }

    /** The floor under the pointer that is laid in pieces. */
    private static Optional<Target> floor(Surroundings scene, Point at) {
        return SurfacesAt.at(scene.view().storey(), at, 0).stream()
                .filter(t -> t.lies() == Lies.FLOOR && finish(scene, t).isPresent())
                .findFirst();
    }

    @Override
    public Reply moved(Surroundings scene, Pointer pointer) {
        return Reply.to(new StartFinish(
                aim.moved(scene, pointer, of.map(b -> List.of(b.start())).orElse(List.of())), of));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer pointer) {
        var there = (StartFinish) moved(scene, pointer).next();
        return of.map(b -> there.turned(scene, b)).orElseGet(() -> there.started(scene, pointer.at()));
    }

    private Reply started(Surroundings scene, Point at) {
        var target = floor(scene, at);
        if (target.isEmpty()) {
            return Reply.complain(this, "No floor is laid in pieces here. Lay a finish first, or click one that is.");
        }
        if (target.get().surfaces().getFirst().host().isCopied()) {
            return Reply.complain(this, "This floor belongs to a copy of a unit. Change it in the unit itself.");
        }
        var begun = finish(scene, target.get()).orElseThrow().startingAt(Position.of(aim.at()));
        var plan = Finishing.lay(scene.plan(), scene.storey(), target.get(), begun);
        return Reply.commit(
                new StartFinish(aim, Optional.of(new Begun(target.get(), aim.at()))), plan, "Move starting point");
    }

    private Reply turned(Surroundings scene, Begun begun) {
        var finish = finish(scene, begun.target());
        var deg = direction(scene, begun);
        if (finish.isEmpty() || deg.isEmpty()) {
            return Reply.to(this);
        }
        var plan = Finishing.lay(
                scene.plan(), scene.storey(), begun.target(), finish.get().turnedTo(deg.get()));
        return Reply.commit(begin(), plan, "Turn finish");
    }

    /** From the start to the pointer, or along the edge of the floor that the pointer is on; from 0 up to 180 degrees. */
    private Optional<Double> direction(Surroundings scene, Begun begun) {
        var way = aim.at().minus(begun.start());
        var edge = begun.target().outline().stream()
                .flatMap(o -> o.rings())
                .flatMap(r -> r.edges().stream())
                .filter(e -> e.distance(aim.pointer().at()) <= scene.reachMm())
                .max(Comparator.comparingDouble(Segment::length));
        if (edge.isPresent()) {
            return Optional.of(upright(edge.get().unit()));
        }
        return way.length() <= scene.reachMm() ? Optional.empty() : Optional.of(upright(way));
    }

    private static double upright(Point way) {
        // a hundredth of a degree is finer than any floor is laid
        return Finishing.direction(Math.rint(way.angleDeg() * 100) / 100);
    }

    @Override
    public Reply key(Surroundings scene, Key key) {
        return key == Key.NEXT ? Reply.to(new StartFinish(aim.next(scene, List.of()), of)) : Reply.to(this);
    }

    @Override
    public Gesture dropped() {
        return begin();
    }

    @Override
    public boolean underWay() {
        return of.isPresent();
    }

    @Override
    public Readout readout(Surroundings scene) {
        var hint = of.map(b -> direction(scene, b)
                        .map(d -> "Click: courses run at " + Words.of("%.1f", d)
                                + "\u00b0. On an edge they run along it. Esc keeps the direction.")
                        .orElse("Click a second point for the direction, or an edge to run along. "
                                + "Esc keeps the direction."))
                .orElse("Click where the corner of a piece shall lie; corners are caught.");
        return new Readout(List.of(), aim.word(), hint);
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<Mark>();
        var target = of.map(Begun::target).or(() -> floor(scene, aim.pointer().at()));
        target.ifPresent(t -> finish(scene, t).ifPresent(f -> {
            var shown = of.map(b -> direction(scene, b).map(f::turnedTo).orElse(f))
                    .orElseGet(() -> f.startingAt(Position.of(aim.at())));
            Materials.of(f.material())
                    .ifPresent(m -> out.addAll(FinishSketch.of(
                            scene.view().storey(), scene.frame(), scene.view().look(), t, m, shown)));
            out.addAll(FinishSketch.outline(scene.frame(), t, scene.penMm()));
        }));
        of.ifPresent(b -> out.add(Sketches.line(scene.frame(), new Segment(b.start(), aim.at()), scene.penMm(), true)));
        out.addAll(aim.marks(scene));
        out.add(Sketches.spot(
                scene.frame(), of.map(Begun::start).orElse(aim.at()), SHOWN_PX * scene.penMm(), scene.penMm()));
        return out;
    }
}
