package honeylamp.store;

import honeylamp.plan.Element;
import honeylamp.plan.ElementId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Repeats;
import honeylamp.plan.Storey;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Looks through a plan that was read: what can be mended is, and told; what cannot is a sentence. */
final class PlanCheck {
    /** Numbers from here on are those of copies of units. */
    private static final int MOST_NUMBER = 999_999;

    /** No site is larger. */
    private static final double FARTHEST_MM = 5_000_000;

    private PlanCheck() {}

    /**
     * A plan that hangs together.
     *
     * @param mended what was put right, a sentence each
     */
    record Checked(Plan plan, List<String> mended) {}

    /** Why a plan cannot be used; empty if it can. */
    static Optional<String> wrong(Plan plan) {
        Set<Integer> numbers = new HashSet<>();
        for (var id : ids(plan).toList()) {
            if (id.isCopied()) {
                return Optional.of("it holds " + id.text() + ", which stands in a copy and is never kept itself");
            }
            if (id.number() > MOST_NUMBER) {
                return Optional.of("the number of " + id.text() + " is larger than any this program gives");
            }
            if (!numbers.add(id.number())) {
                return Optional.of("two elements have the number " + id.number() + " (" + id.text() + ")");
            }
        }
        var apart = plan.schemes().numbersApart().filter(n -> n > MOST_NUMBER).findFirst();
        if (apart.isPresent()) {
            return Optional.of("the number " + apart.get() + " in a scheme is larger than any this program gives");
        }
        for (var storey : arrangements(plan).toList()) {
            var far = positions(storey).filter(PlanCheck::isFar).findFirst();
            if (far.isPresent()) {
                return Optional.of("on " + storey.name() + " something lies at "
                        + far.get().x() + ", " + far.get().y() + ", farther than any site");
            }
        }
        return Optional.empty();
    }

    /** The plan with what can be mended put right. */
    static Checked mended(Plan plan) {
        var told = new ArrayList<String>();
        var out = plan;
        var highest = Stream.concat(
                        ids(plan).map(ElementId::number), plan.schemes().numbersApart())
                .mapToInt(n -> n)
                .max()
                .orElse(0);
        if (out.nextNumber() <= highest) {
            told.add("the next number was too low and is " + (highest + 1) + " now");
            out = out.numbersTaken(highest + 1 - out.nextNumber());
        }
        var units = new HashSet<ElementId>();
        out.repeats().units().forEach(u -> units.add(u.id()));
        var copies = out.repeats().copies().stream()
                .filter(c -> units.contains(c.unit()))
                .toList();
        if (copies.size() < out.repeats().copies().size()) {
            told.add("copies of a unit that is not there were left out");
            out = out.withRepeats(new Repeats(out.repeats().units(), copies));
        }
        return new Checked(out, List.copyOf(told));
    }

    /** The storeys as they are laid open, and what schemes hold of them. */
    private static Stream<Storey> arrangements(Plan plan) {
        return Stream.concat(plan.storeys().stream(), plan.schemes().apart());
    }

    private static boolean isFar(Position p) {
        return !(Math.abs(p.x().mm()) <= FARTHEST_MM && Math.abs(p.y().mm()) <= FARTHEST_MM);
    }

    private static Stream<ElementId> ids(Plan plan) {
        Stream<ElementId> own = Stream.concat(
                plan.repeats().units().stream().map(u -> u.id()),
                plan.repeats().copies().stream().map(c -> c.id()));
        return Stream.concat(own, plan.storeys().stream().flatMap(PlanCheck::ids));
    }

    private static Stream<ElementId> ids(Storey s) {
        return s.elements().all().map(Element::id);
    }

    /** Of what lies on walls the corners are asked too, which are measured along and up these. */
    private static Stream<Position> positions(Storey s) {
        return Stream.concat(
                s.elements().all().flatMap(e -> e.places().stream()),
                s.regions().stream().flatMap(r -> r.corners().stream()));
    }
}
