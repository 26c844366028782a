package honeylamp.desktop.gesture;

import honeylamp.derive.openings.OpeningCut;
import honeylamp.drawing.Mark;
import honeylamp.illustrate.sketch.Captions;
import honeylamp.illustrate.sketch.PartSketches;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Wall;
import honeylamp.units.LengthText;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;

/** What would be other in a plan that has not come about yet: while numbers are typed, and before a mend. */
public final class Difference {
    /** More walls than this tell no length: their figures would hide what they are about. */
    private static final int MOST_TOLD = 8;

    private Difference() {}

    /** Everything of the storey worked on that is new or changed in {@code plan}, as it would be. */
    public static List<Mark> marks(Surroundings scene, Plan plan) {
        var before = scene.geometry().storey();
        var after = plan.storey(scene.storey());
        var out = new ArrayList<Mark>();
        if (after.walls() != before.walls()) {
            out.addAll(LivePlan.marks(scene, plan));
            out.addAll(lengths(scene, fresh(before.walls(), after.walls())));
        }
        for (var opening : fresh(before.openings(), after.openings())) {
            after.wall(opening.host())
                    .ifPresent(host -> out.addAll(Sketches.opening(
                            scene.view().look(),
                            scene.frame(),
                            OpeningCut.in(plan, after, host, opening),
                            scene.penMm())));
        }
        for (var piece : fresh(before.furnishings(), after.furnishings())) {
            out.addAll(Sketches.piece(scene.frame(), piece, scene.penMm()));
        }
        for (var part : fresh(before.structures(), after.structures())) {
            out.addAll(PartSketches.part(scene.frame(), plan, after, part, scene.penMm()));
        }
        for (var boundary : fresh(before.boundaries(), after.boundaries())) {
            out.add(Sketches.line(scene.frame(), boundary.line(), 2 * scene.penMm(), true));
        }
        for (var ground : fresh(before.grounds(), after.grounds())) {
            out.addAll(PartSketches.outline(scene.frame(), ground.ring().corners(), scene.penMm()));
        }
        var words = new HashSet<ElementId>();
        fresh(before.notes(), after.notes()).forEach(n -> words.add(n.id()));
        fresh(before.dimensions(), after.dimensions()).forEach(d -> words.add(d.id()));
        out.addAll(Captions.picked(scene.view(), after, scene.frame(), words, scene.penMm()));
        return out;
    }

    /** What is typed for a side stands beside it. */
    private static List<Mark> lengths(Surroundings scene, List<Wall> walls) {
        if (walls.size() > MOST_TOLD) {
            return List.of();
        }
        return walls.stream()
                .flatMap(w -> Sketches.words(
                        scene.frame(), w.line().middle(), LengthText.rounded(w.length(), scene.units()), scene.penMm())
                        .stream())
                .toList();
    }

    private static <T> List<T> fresh(List<T> before, List<T> after) {
        if (before == after) {
            return List.of();
        }
        var known = new HashSet<>(before);
        return after.stream().filter(x -> !known.contains(x)).toList();
    }
}
