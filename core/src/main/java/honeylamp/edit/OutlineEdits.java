package honeylamp.edit;

import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Ground;
import honeylamp.plan.Outlined;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Moving outlines and their corners, whatever they are around. */
public final class OutlineEdits {
    private OutlineEdits() {}

    /** Moves an outline with all its corners. */
    public static Plan move(Plan plan, StoreyId storey, Outlined what, Length across, Length up) {
        return each(plan, storey, what, c -> c.moved(across, up));
    }

    /** Moves one corner of an outline. */
    public static Plan moveCorner(Plan plan, StoreyId storey, Outlined what, Position corner, Position to) {
        return each(plan, storey, what, c -> c.equals(corner) ? to : c);
    }

    /** Lays an outline along other corners, three or more. */
    public static Plan around(Plan plan, StoreyId storey, Outlined what, List<Position> corners) {
        var there = now(plan, storey, what);
        return there.isEmpty() ? plan : put(plan, storey, there.get().around(corners));
    }

    private static Plan each(Plan plan, StoreyId storey, Outlined what, UnaryOperator<Position> change) {
        return now(plan, storey, what)
                .map(o -> put(
                        plan, storey, o.around(o.corners().stream().map(change).toList())))
                .orElse(plan);
    }

    private static Optional<Outlined> now(Plan plan, StoreyId storey, Outlined what) {
        return plan.storey(storey).elements().find(what.id()).map(Outlined.class::cast);
    }

    private static Plan put(Plan plan, StoreyId storey, Outlined changed) {
        return plan.withStorey(storey, s -> switch (changed) {
            case Ground g -> s.change(Ground.class, g.id(), _ -> g);
            case Region r -> s.change(Region.class, r.id(), _ -> r);
        });
    }
}
