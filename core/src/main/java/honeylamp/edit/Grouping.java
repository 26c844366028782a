package honeylamp.edit;

import honeylamp.plan.Covering;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Group;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import honeylamp.plan.Underlay;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.IntUnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Keeps things together, so that who picks one of them picks them all; nothing is in two groups. */
public final class Grouping {
    private Grouping() {}

    /** What is picked, with all that is kept together with any of it. */
    public static Set<ElementId> whole(Plan plan, Storey storey, Set<ElementId> picked) {
        var met = numbers(touched(plan, picked));
        if (met.isEmpty()) {
            return picked;
        }
        var out = new HashSet<>(picked);
        storey.elements()
                .all()
                .map(Element::id)
                .filter(id -> met.contains(id.number()) && !id.isCopied())
                .forEach(out::add);
        return Set.copyOf(out);
    }

    /** Keeps together what is picked, with all that is kept together with it already; refused if that is less than two. */
    public static Outcome<Plan> together(Plan plan, Storey storey, Set<ElementId> picked) {
        var all = whole(plan, storey, picked);
        var numbers = storey.elements()
                .all()
                .filter(e -> all.contains(e.id()) && goesTogether(e))
                .map(e -> e.id().number())
                .toList();
        if (numbers.size() < 2) {
            return Outcome.refused("only two things or more are kept together", "Pick more, with Shift held.");
        }
        var groups = new ArrayList<>(plan.groups());
        groups.removeAll(touched(plan, all));
        groups.add(new Group(numbers));
        return Outcome.done(groups.equals(plan.groups()) ? plan : plan.withGroups(groups));
    }

    /** A room's name goes with its room, a finish with its surface, and a picture to trace lies below all. */
    private static boolean goesTogether(Element element) {
        return !(element instanceof RoomMark || element instanceof Covering || element instanceof Underlay);
    }

    /** Whether any of what is picked is kept together with something. */
    public static boolean isAny(Plan plan, Set<ElementId> picked) {
        return !touched(plan, picked).isEmpty();
    }

    /** Lets go of each other what is kept together with any of what is picked. */
    public static Plan apart(Plan plan, Set<ElementId> picked) {
        var groups = new ArrayList<>(plan.groups());
        return groups.removeAll(touched(plan, picked)) ? plan.withGroups(groups) : plan;
    }

    /** The groups without what is no longer there. */
    static Plan kept(Plan plan) {
        if (plan.groups().isEmpty()) {
            return plan;
        }
        var there = Stream.concat(
                        plan.storeys().stream().flatMap(s -> s.elements().all()).map(e -> e.id().number()),
                        plan.schemes().numbersApart())
                .collect(Collectors.toSet());
        if (plan.groups().stream().allMatch(g -> there.containsAll(g.numbers()))) {
            return plan;
        }
        return plan.withGroups(mapped(plan.groups(), n -> there.contains(n) ? n : 0));
    }

    /** Groups of other things; what comes to 0 falls away, and so does a group that comes to less than two. */
    static List<Group> mapped(List<Group> groups, IntUnaryOperator to) {
        return groups.stream()
                .map(g -> g.numbers().stream()
                        .map(to::applyAsInt)
                        .filter(n -> n > 0)
                        .toList())
                .filter(n -> n.size() > 1)
                .map(Group::new)
                .toList();
    }

    private static List<Group> touched(Plan plan, Set<ElementId> picked) {
        if (plan.groups().isEmpty()) {
            return List.of();
        }
        var numbers = picked.stream()
                .filter(id -> !id.isCopied())
                .map(ElementId::number)
                .collect(Collectors.toSet());
        return plan.groups().stream()
                .filter(g -> g.numbers().stream().anyMatch(numbers::contains))
                .toList();
    }

    private static Set<Integer> numbers(List<Group> groups) {
        return groups.stream().flatMap(g -> g.numbers().stream()).collect(Collectors.toSet());
    }
}
