package honeylamp.edit;

import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Fitting;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Plan;
import java.util.List;
import java.util.Optional;

/** Turns the picture of a view to evening and back, and presses its switches. */
public final class EveningEdits {
    private EveningEdits() {}

    /** The view after dark with all lights on, or by day. */
    public static Plan evening(Plan plan, ViewId view, boolean isEvening) {
        return with(plan, view, isEvening ? Optional.of(Evening.ALL) : Optional.empty());
    }

    /** The view after dark with these groups off, and all others on. */
    public static Plan off(Plan plan, ViewId view, List<Integer> groups) {
        return with(plan, view, Optional.of(new Evening(groups)));
    }

    /**
     * A switch is pressed, or what it switches: if any of its groups is off they are on now, else off. By day it becomes
     * evening, with only them on.
     *
     * @return refused if it switches nothing, and is switched by nothing
     */
    public static Outcome<Plan> press(Plan plan, ViewId view, Fitting fitting) {
        if (fitting.groups().isEmpty()) {
            return Outcome.refused(
                    fitting.kind().isLight() ? "no switch is linked to this light" : "it switches no light",
                    "Pick lights with their switches, and switch them together.");
        }
        var now = plan.presentation().view(view).flatMap(v -> v.light().evening());
        var off = now.orElseGet(() -> new Evening(groups(plan)));
        return Outcome.done(with(plan, view, Optional.of(off.switching(fitting.groups()))));
    }

    private static Plan with(Plan plan, ViewId view, Optional<Evening> evening) {
        return ViewEdits.light(plan, view, Reach.THIS, l -> l.withEvening(evening));
    }

    /** The groups of all lights, rising. */
    public static List<Integer> groups(Plan plan) {
        return plan.storeys().stream()
                .flatMap(s -> s.fittings().stream())
                .filter(f -> f.kind().isLight())
                .flatMap(f -> f.group().stream())
                .distinct()
                .sorted()
                .toList();
    }
}
