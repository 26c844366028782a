package honeylamp.edit;

import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import java.util.ArrayList;

/** Adding storeys. */
public final class StoreyEdits {
    private StoreyEdits() {}

    /** Adds an empty storey on top, as high as the one below it. */
    public static Added<StoreyId> addOnTop(Plan plan, String name) {
        var below = plan.storeys().getLast();
        var id = new StoreyId(plan.nextNumber());
        var storeys = new ArrayList<>(plan.storeys());
        storeys.add(Storey.empty(id, name.strip(), below.level().plus(below.height()), below.height()));
        return new Added<>(plan.numbersTaken(1).withStoreys(storeys), id);
    }
}
