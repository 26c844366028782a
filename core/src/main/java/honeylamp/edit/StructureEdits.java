package honeylamp.edit;

import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import java.util.function.Function;

/** Adding fixed parts that are no walls. */
public final class StructureEdits {
    private StructureEdits() {}

    /** Adds a post, stair or balcony; {@code make} is given its identity. */
    public static Added<StructureId> add(Plan plan, StoreyId storey, Function<StructureId, Structure> make) {
        var id = new StructureId(plan.nextNumber());
        var part = make.apply(id);
        return new Added<>(
                plan.numbersTaken(1).withStorey(storey, s -> s.withStructures(Lists.plus(s.structures(), part))), id);
    }

    /** Moves a fixed part. */
    public static Plan moveTo(Plan plan, StoreyId storey, StructureId id, Position at) {
        return plan.withStorey(
                storey,
                s -> s.withStructures(Lists.changed(s.structures(), x -> x.id().equals(id), x -> x.movedTo(at))));
    }
}
