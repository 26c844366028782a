package honeylamp.bench;

import honeylamp.demo.place.Lamplit;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.FittingPlaces;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.Clipping;
import honeylamp.plan.Element;
import honeylamp.plan.Fitting;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A demo beside itself many times: 296 rooms and 1,295 pieces on one storey. */
final class LargePlan {
    private static final int COPIES = 37;
    private static final int ACROSS = 7;
    private static final double WIDE_MM = 15_000;
    private static final double HIGH_MM = 12_000;

    private LargePlan() {}

    static Plan made() {
        return manyTimes(SailclothYard.plan());
    }

    /** The same with 666 activities and so many lights, switches and sockets, or a few more or less. */
    static Plan lit(int points) {
        var plan = manyTimes(Lamplit.sailclothYard());
        var storey = plan.storeys().getFirst();
        var geometry = LaidPlan.of(plan).on(storey.id()).geometry();
        var share = (double) points / FittingPlaces.on(geometry).size();
        var fittings = List.copyOf(storey.fittings());
        var kept = IntStream.range(0, fittings.size())
                .filter(i -> (int) ((i + 1) * share) > (int) (i * share))
                .mapToObj(fittings::get)
                .toList();
        return plan.withStorey(storey.id(), s -> s.with(Fitting.class, kept));
    }

    private static Plan manyTimes(Plan plan) {
        var storey = plan.storeys().getFirst();
        var all = storey.elements().all().map(Element::id).collect(Collectors.toSet());
        var copied = Clipping.of(plan, storey.id(), all);
        var out = plan;
        for (var i = 1; i < COPIES; i++) {
            out = copied.into(out, storey.id(), Length.ofMm(i % ACROSS * WIDE_MM), Length.ofMm(i / ACROSS * HIGH_MM))
                    .plan();
        }
        return out;
    }
}
