package honeylamp.edit;

import honeylamp.plan.Activity;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Opening;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Removing things, and saying what goes with them. */
public final class Deletion {
    private Deletion() {}

    /** The plan without these elements; openings of a deleted wall go with it, names of rooms stay. */
    public static Plan of(Plan plan, StoreyId storey, Set<ElementId> gone) {
        return plan.withStorey(storey, s -> s.with(s.elements().only(e -> stays(e, gone))))
                .withRepeats(UnitEdits.without(plan.repeats(), gone));
    }

    private static boolean stays(Element element, Set<ElementId> gone) {
        return !gone.contains(element.id())
                && !(element instanceof Opening o && gone.contains(o.host()))
                && !(element instanceof Fitting f
                        && f.on().host().filter(gone::contains).isPresent())
                && !(element instanceof Activity a
                        && a.piece().filter(gone::contains).isPresent());
    }

    /** What a deletion takes with it, in words; empty if nothing more than was picked. */
    public static String alongWith(Storey storey, Set<ElementId> gone) {
        var openings = storey.openings().stream()
                .filter(o -> gone.contains(o.host()) && !gone.contains(o.id()))
                .count();
        var fittings = FittingEdits.goingWith(storey, gone);
        var activities = ActivityEdits.goingWith(storey, gone);
        var what = Stream.of(
                        counted(openings, "opening"), counted(fittings, "fitting"), counted(activities, "activity"))
                .filter(s -> !s.isEmpty())
                .collect(Collectors.joining(" and the "));
        if (what.isEmpty()) {
            return "";
        }
        var goes = openings + fittings + activities == 1 ? "goes" : "go";
        return "and the " + what + (fittings + activities == 0 ? " in it" : " that " + goes + " with it");
    }

    private static String counted(long n, String noun) {
        return n == 0
                ? ""
                : n == 1
                        ? noun
                        : n + " " + (noun.endsWith("y") ? noun.substring(0, noun.length() - 1) + "ie" : noun) + "s";
    }
}
