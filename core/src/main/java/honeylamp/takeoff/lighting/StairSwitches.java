package honeylamp.takeoff.lighting;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Point;
import honeylamp.plan.Storey;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** Stairs whose light one switches at one end only: coming from the other one climbs in the dark. */
final class StairSwitches {
    /** From the first step, or the last, one reaches so far. */
    static final double REACH_MM = 2_000;

    private StairSwitches() {}

    /** What is wrong with stairs that begin on a storey, once there are switches on it and on the one above. */
    static List<Snag> of(LaidStorey storey, List<Placed> placed) {
        var above = other(storey, 1).orElse(List.of());
        if (switches(placed).isEmpty() || switches(above).isEmpty()) {
            return List.of();
        }
        var out = new ArrayList<Snag>();
        for (var stair : storey.fixedParts().stairs()) {
            if (stair.seen() == FixedParts.End.FOOT) {
                var line = stair.steps().walkingLine();
                var foot = line.getFirst();
                var head = line.getLast();
                var below = near(placed, foot);
                var over = near(above, head);
                if (below.stream().noneMatch(over::contains)) {
                    out.add(new Snag(
                            Snag.Kind.STAIR_LIT_FROM_ONE_END,
                            foot,
                            List.of(stair.part().id()),
                            "No light of this stair is switched at its foot and at its head. Give a switch at each"
                                    + " end the same group, both two-way."));
                }
            }
        }
        return out;
    }

    private static List<Placed> switches(List<Placed> placed) {
        return placed.stream().filter(p -> p.fitting().kind().isSwitch()).toList();
    }

    private static Set<Integer> near(List<Placed> placed, Point end) {
        return switches(placed).stream()
                .filter(p -> p.at().distance(end) <= REACH_MM)
                .flatMap(p -> p.fitting().groups().stream())
                .collect(Collectors.toSet());
    }

    /**
     * The end of a stair on a storey.
     *
     * @param otherGroups what is switched at its other end
     */
    record StairEnd(Point at, Set<Integer> otherGroups) {}

    /** The ends of stairs on a storey, of those that lead to another one of the plan. */
    static List<StairEnd> ends(LaidStorey storey) {
        return storey.fixedParts().stairs().stream()
                .flatMap(stair -> {
                    var line = stair.steps().walkingLine();
                    var isFoot = stair.seen() == FixedParts.End.FOOT;
                    return other(storey, isFoot ? 1 : -1).stream()
                            .map(placed -> new StairEnd(
                                    isFoot ? line.getFirst() : line.getLast(),
                                    near(placed, isFoot ? line.getLast() : line.getFirst())));
                })
                .toList();
    }

    /** What stands on the storey so many above. */
    private static Optional<List<Placed>> other(LaidStorey storey, int above) {
        var plan = storey.plan();
        var ids = plan.storeys().stream().map(Storey::id).toList();
        var there = ids.indexOf(storey.geometry().storey().id()) + above;
        return there < 0 || there >= ids.size()
                ? Optional.empty()
                : Optional.of(FittingPlaces.on(plan.on(ids.get(there)).geometry()).stream()
                        .filter(p -> p.fitting().stands())
                        .toList());
    }
}
