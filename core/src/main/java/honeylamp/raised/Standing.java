package honeylamp.raised;

import honeylamp.body.Body;
import honeylamp.body.RoofBodies;
import honeylamp.body.StoreyBodies;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import java.util.ArrayList;
import java.util.List;

/**
 * All that stands on a storey as it is built, with its roof.
 *
 * @param bodies at their true heights
 */
public record Standing(LaidStorey storey, List<Body> bodies) {
    /** Freezes the bodies. */
    public Standing {
        bodies = List.copyOf(bodies);
    }

    /** A whole building, storey by storey from the lowest. */
    public static List<Standing> of(LaidPlan plan) {
        var all = plan.all();
        var out = new ArrayList<Standing>();
        for (var i = 0; i < all.size(); i++) {
            var storey = all.get(i);
            var below = i == 0 ? StoreyBodies.Below.DARK : StoreyBodies.Below.STOREY;
            var bodies = new ArrayList<>(
                    StoreyBodies.whole(storey, storey.storey().height().mm(), below));
            StoreyBodies.upToNext(storey).ifPresent(bodies::add);
            bodies.addAll(RoofBodies.of(storey));
            out.add(new Standing(storey, bodies));
        }
        return out;
    }
}
