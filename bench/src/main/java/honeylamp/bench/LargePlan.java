package honeylamp.bench;

import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.Clipping;
import honeylamp.plan.Element;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import java.util.stream.Collectors;

/** The demo beside itself many times: 296 rooms and 1,295 pieces on one storey. */
final class LargePlan {
    private static final int COPIES = 37;
    private static final int ACROSS = 7;
    private static final double WIDE_MM = 15_000;
    private static final double HIGH_MM = 12_000;

    private LargePlan() {}

    static Plan made() {
        var plan = SailclothYard.plan();
        var storey = plan.storeys().getFirst();
        var all = storey.elements().all().map(Element::id).collect(Collectors.toSet());
        var copied = Clipping.of(plan, storey.id(), all);
        for (var i = 1; i < COPIES; i++) {
            plan = copied.into(plan, storey.id(), Length.ofMm(i % ACROSS * WIDE_MM), Length.ofMm(i / ACROSS * HIGH_MM))
                    .plan();
        }
        return plan;
    }
}
