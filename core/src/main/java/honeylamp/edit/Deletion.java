package honeylamp.edit;

import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import java.util.Set;

/** Removing things, and saying what goes with them. */
public final class Deletion {
    private Deletion() {}

    /** The plan without these elements; openings of a deleted wall go with it, names of rooms stay. */
    public static Plan of(Plan plan, StoreyId storey, Set<ElementId> gone) {
        return plan.withStorey(storey, s -> s.with(s.elements().only(e -> stays(e, gone))))
                .withRepeats(UnitEdits.without(plan.repeats(), gone));
    }

    private static boolean stays(Element element, Set<ElementId> gone) {
        return !gone.contains(element.id()) && !(element instanceof Opening o && gone.contains(o.host()));
    }

    /** What a deletion takes with it, in words; empty if nothing more than was picked. */
    public static String alongWith(Storey storey, Set<ElementId> gone) {
        var openings = storey.openings().stream()
                .filter(o -> gone.contains(o.host()) && !gone.contains(o.id()))
                .count();
        return openings == 0 ? "" : openings == 1 ? "and the opening in it" : "and the " + openings + " openings in it";
    }
}
