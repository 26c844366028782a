package honeylamp.takeoff.way;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.ElementId.StoreyId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;

/** How one comes from outside to storeys that only stairs lead to: through the other storeys and over the stairs. */
public final class FromOutside {
    private final Map<StoreyId, Ways> walked = new HashMap<>();
    private final BooleanSupplier wanted;

    /**
     * Nothing walked yet.
     *
     * @param wanted asked now and then; once it says no, nothing more is found
     */
    public FromOutside(BooleanSupplier wanted) {
        this.wanted = wanted;
    }

    /**
     * The narrowest place on the way.
     *
     * @param mm how wide it is; 0 if no way leads through
     * @param where in words, as the end of a sentence
     */
    public record Place(double mm, String where) {}

    /** The ways of a storey, walked once. */
    public Ways ways(LaidStorey storey) {
        return walked.computeIfAbsent(storey.id(), _ -> Ways.of(storey, wanted));
    }

    /**
     * Where the way is narrowest before one stands on a storey: the stair, or a place before it. Of several ways in the
     * widest counts. Empty where a door leads in from outside, and where nobody knows whence the stair comes.
     */
    public Optional<Place> narrowestBefore(LaidStorey storey) {
        return before(storey, new ArrayList<>());
    }

    private Optional<Place> before(LaidStorey storey, List<StoreyId> seen) {
        seen.add(storey.id());
        return ways(storey).comingIn().stream()
                .flatMap(e -> e.stair().stream())
                .flatMap(stair -> over(storey, stair, seen).stream())
                .max(Comparator.comparingDouble(Place::mm));
    }

    private Optional<Place> over(LaidStorey storey, FixedParts.Flights stair, List<StoreyId> seen) {
        var other = OtherEnd.of(storey, stair);
        if (other.isEmpty() || seen.contains(other.get().storey().id())) {
            return Optional.empty();
        }
        var from = other.get().storey();
        var name = from.storey().name();
        if (ways(from).entrances().isEmpty()) {
            return Optional.empty();
        }
        var found = new ArrayList<Place>();
        found.add(new Place(stair.stair().flight().mm(), "on the stair"));
        ways(from)
                .leadingTo(Entrance.before(other.get().stair()))
                .ifPresentOrElse(
                        way -> way.narrowest()
                                .ifPresent(n -> found.add(new Place(n.mm(), WaySnags.where(from, n) + " on " + name))),
                        () -> found.add(new Place(0, "no way leads to the stair on " + name)));
        before(from, seen).ifPresent(found::add);
        return found.stream().min(Comparator.comparingDouble(Place::mm));
    }
}
