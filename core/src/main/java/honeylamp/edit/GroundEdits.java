package honeylamp.edit;

import honeylamp.plan.ElementId.GroundId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Ground;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import java.util.function.UnaryOperator;

/** Laying out the plot and the ground around a building. */
public final class GroundEdits {
    private GroundEdits() {}

    /** Adds ground within an outline of three corners or more. */
    public static Added<GroundId> add(Plan plan, StoreyId storey, Ground.Use use, List<Position> corners) {
        var id = new GroundId(plan.nextNumber());
        var ground = new Ground(id, use, corners, Length.ZERO);
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.with(Ground.class, Lists.plus(s.grounds(), ground))),
                id);
    }

    public static Plan change(Plan plan, StoreyId storey, GroundId id, UnaryOperator<Ground> change) {
        return plan.withStorey(storey, s -> s.change(Ground.class, id, change));
    }
}
