package honeylamp.edit;

import honeylamp.derive.storeys.ActivityPlaces;
import honeylamp.geometry.Point;
import honeylamp.plan.Activity;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.ActivityId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Storey;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.UnaryOperator;

/** Puts the marks of activities in, changes them, and lets them go with the pieces they belong to. */
public final class ActivityEdits {
    private ActivityEdits() {}

    /** Puts a mark in; whatever its id says, it gets one of its own. */
    public static Added<ActivityId> add(Plan plan, StoreyId storey, Activity activity) {
        var id = new ActivityId(plan.nextNumber());
        return new Added<>(addAll(plan, storey, List.of(activity)), id);
    }

    /** Puts several in, each under an id of its own. */
    public static Plan addAll(Plan plan, StoreyId storey, List<Activity> activities) {
        var first = plan.nextNumber();
        var all = new ArrayList<>(plan.storey(storey).activities());
        for (var i = 0; i < activities.size(); i++) {
            all.add(activities.get(i).withId(new ActivityId(first + i)));
        }
        return plan.numbersTaken(activities.size()).withStorey(storey, s -> s.with(Activity.class, all));
    }

    /** Changes a mark; the same plan if it is not there. */
    public static Plan change(Plan plan, StoreyId storey, ActivityId id, UnaryOperator<Activity> change) {
        return plan.withStorey(storey, s -> s.change(Activity.class, id, change));
    }

    /** Puts a mark elsewhere, in plan mm; one that goes with a piece stays with that. */
    public static Plan moved(Plan plan, StoreyId storey, ActivityId id, Point to) {
        return change(
                plan,
                storey,
                id,
                a -> a.piece()
                        .flatMap(f -> plan.storey(storey).elements().find(Furnishing.class, f))
                        .map(f -> a.withAt(Position.of(f.placing().inverse().apply(to))))
                        .orElseGet(() -> a.withAt(Position.of(to))));
    }

    /** Takes a mark off the piece it goes with: it stays where it is, facing as it does. */
    public static Plan loosened(Plan plan, StoreyId storey, ActivityId id) {
        return change(
                plan,
                storey,
                id,
                a -> ActivityPlaces.of(plan.storey(storey), a)
                        .filter(_ -> a.piece().isPresent())
                        .map(p -> new Activity(a.id(), a.doing(), Position.of(p.at()), 0)
                                .facing(Math.rint(p.facingDeg())))
                        .orElse(a));
    }

    /** The plan in which an activity is no longer proposed. */
    public static Plan dropped(Plan plan, LightingRules.Dropped dropped) {
        var rules = plan.lighting();
        return plan.withLighting(rules.withDropped(Lists.plus(rules.dropped(), dropped)));
    }

    /** The plan without marks whose pieces are gone. */
    static Plan kept(Plan plan, StoreyId id) {
        var storey = plan.storey(id);
        var kept = storey.activities().stream()
                .filter(a -> a.piece()
                        .filter(f -> storey.elements().find(f).isEmpty())
                        .isEmpty())
                .toList();
        return kept.size() == storey.activities().size()
                ? plan
                : plan.withStorey(id, s -> s.with(Activity.class, kept));
    }

    /** How many marks go when these go. */
    static long goingWith(Storey storey, Set<ElementId> gone) {
        return storey.activities().stream()
                .filter(a -> !gone.contains(a.id()))
                .filter(a -> a.piece().filter(gone::contains).isPresent())
                .count();
    }
}
