package honeylamp.desktop.gesture;

import honeylamp.derive.storeys.Neighbourhood;
import honeylamp.drawing.Mark;
import honeylamp.edit.Settling;
import honeylamp.illustrate.sketch.Sketches;
import honeylamp.plan.Plan;
import honeylamp.units.AreaText;
import java.util.ArrayList;
import java.util.List;

/** What a plan would look like around the walls that change: their joints and openings, the rooms beside in numbers. */
public final class LivePlan {
    private LivePlan() {}

    public static List<Mark> marks(Surroundings scene, Plan plan) {
        var near = Neighbourhood.of(scene.geometry(), plan, plan.storey(scene.storey()));
        var out = new ArrayList<Mark>(Sketches.bodies(scene.frame(), near.bodies(), scene.penMm()));
        var settled = Settling.settled(scene.geometry(), plan, near.network());
        for (var cut : near.cuts(
                settled,
                settled.storey(scene.storey()),
                plan.storey(scene.storey()).openings())) {
            out.addAll(Sketches.opening(scene.view().look(), scene.frame(), cut, scene.penMm()));
        }
        for (var room : near.rooms()) {
            out.addAll(Sketches.words(
                    scene.frame(),
                    room.outline().bounds().centre(),
                    AreaText.rounded(room.areaMm2(), scene.units()),
                    scene.penMm()));
        }
        return out;
    }
}
