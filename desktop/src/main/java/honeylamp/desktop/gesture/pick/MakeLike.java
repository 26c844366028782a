package honeylamp.desktop.gesture.pick;

import honeylamp.derive.pointing.Picking;
import honeylamp.desktop.gesture.Difference;
import honeylamp.desktop.gesture.Gesture;
import honeylamp.desktop.gesture.Pointer;
import honeylamp.desktop.gesture.Readout;
import honeylamp.desktop.gesture.Reply;
import honeylamp.desktop.gesture.Surroundings;
import honeylamp.drawing.Mark;
import honeylamp.edit.Likening;
import honeylamp.edit.Outcome;
import honeylamp.geometry.Point;
import honeylamp.illustrate.sketch.Captions;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * Makes what is picked like what is clicked next.
 *
 * @param under what goes on afterwards
 * @param picked what is to be made like something
 */
public record MakeLike(Gesture under, Set<ElementId> picked, Optional<Point> pointer) implements Gesture {
    /** Before anything is pointed at. */
    public static MakeLike begin(Gesture under, Set<ElementId> picked) {
        return new MakeLike(under, Set.copyOf(picked), Optional.empty());
    }

    @Override
    public Reply moved(Surroundings scene, Pointer at) {
        return Reply.to(new MakeLike(under, picked, Optional.of(at.at())));
    }

    @Override
    public Reply pressed(Surroundings scene, Pointer at) {
        return model(scene, at.at())
                .map(m -> Reply.outcome(this, like(scene, m), under, "Make like that", "That cannot be"))
                .orElseGet(() -> Reply.complain(this, "Nothing of that kind lies here. Click one, or let go with Esc."))
                .picking(picked);
    }

    private Outcome<Plan> like(Surroundings scene, ElementId model) {
        return Likening.like(scene.plan(), scene.storey(), model, picked);
    }

    /** What lies there of the kinds that are picked. */
    private Optional<ElementId> model(Surroundings scene, Point at) {
        var kinds = scene.geometry()
                .storey()
                .elements()
                .all()
                .filter(e -> picked.contains(e.id()))
                .map(Element::getClass)
                .collect(Collectors.toSet());
        return Picking.at(
                        scene.geometry(),
                        at,
                        scene.reachMm(),
                        e -> kinds.contains(e.getClass()) && !picked.contains(e.id()))
                .stream()
                .findFirst()
                .or(() -> Captions.at(scene.view(), scene.geometry().storey(), scene.frame(), at, scene.reachMm())
                        .filter(id -> !picked.contains(id))
                        .filter(id -> scene.geometry()
                                .storey()
                                .elements()
                                .find(id)
                                .filter(e -> kinds.contains(e.getClass()))
                                .isPresent()))
                .or(() -> scene.laid()
                        .roomAt(at)
                        .flatMap(r -> r.mark())
                        .<ElementId>map(m -> m.id())
                        .filter(id -> !picked.contains(id)));
    }

    @Override
    public Gesture dropped() {
        return under;
    }

    @Override
    public boolean underWay() {
        return true;
    }

    @Override
    public Readout readout(Surroundings scene) {
        return Readout.hint("Click what it should be like. Esc lets go.");
    }

    @Override
    public List<Mark> sketch(Surroundings scene) {
        var out = new ArrayList<>(under.sketch(scene));
        pointer.flatMap(p -> model(scene, p))
                .flatMap(m -> like(scene, m).result())
                .ifPresent(plan -> out.addAll(Difference.marks(scene, plan)));
        return out;
    }
}
