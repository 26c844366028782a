package honeylamp.edit;

import honeylamp.plan.Element;
import honeylamp.plan.Elements;
import honeylamp.plan.Fitting;
import honeylamp.plan.Plan;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * The groups of pasted lights and switches. A light pasted by itself is switched with the one it was copied from; but lights
 * that come with their switches are switched by those alone, and so are a group of their own, if theirs is in use.
 */
record PastedGroups(Map<Integer, Integer> fresh) {
    /** For what is pasted into a plan; groups keep their numbers when there are no free ones left. */
    static PastedGroups of(Elements copied, Plan plan) {
        var used = plan.storeys().stream()
                .flatMap(s -> s.fittings().stream())
                .flatMap(f -> f.groups().stream())
                .collect(Collectors.toSet());
        var switched = groups(copied, f -> f.kind().isSwitch());
        var own = groups(copied, f -> f.kind().isLight()).stream()
                .filter(switched::contains)
                .filter(used::contains)
                .sorted()
                .toList();
        Map<Integer, Integer> fresh = new HashMap<>();
        var next = FittingEdits.freeGroup(plan);
        for (var group : own) {
            if (next <= Fitting.MOST_NUMBER) {
                fresh.put(group, next++);
            }
        }
        return new PastedGroups(Map.copyOf(fresh));
    }

    private static Set<Integer> groups(Elements copied, Predicate<Fitting> which) {
        return copied.of(Fitting.class).stream()
                .filter(which)
                .flatMap(f -> f.groups().stream())
                .collect(Collectors.toSet());
    }

    /** What was pasted, in its group. */
    Element in(Element pasted) {
        return pasted instanceof Fitting f && f.groups().stream().anyMatch(fresh::containsKey)
                ? f.withGroups(
                        f.groups().stream().map(g -> fresh.getOrDefault(g, g)).toList())
                : pasted;
    }
}
