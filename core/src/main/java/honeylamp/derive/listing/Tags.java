package honeylamp.derive.listing;

import honeylamp.derive.storeys.LaidPlan;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.Opening;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * The tags of openings, the same on plan and in schedules: D for doors, O for plain openings, W for windows, counted
 * through all storeys in the order they were made, so that moving one changes no tag.
 */
public final class Tags {
    private Tags() {}

    /** The tag of every opening of a plan. */
    public static Map<OpeningId, String> of(LaidPlan plan) {
        Map<OpeningId, String> out = new LinkedHashMap<>();
        var doors = 0;
        var plain = 0;
        var windows = 0;
        for (var storey : plan.storeys()) {
            for (var opening : storey.standingOpenings().stream()
                    .sorted(Comparator.comparing(Opening::id, ElementId.ORDER))
                    .toList()) {
                out.put(
                        opening.id(),
                        switch (opening.kind().family()) {
                            case DOOR -> "D" + ++doors;
                            case PLAIN -> "O" + ++plain;
                            case WINDOW -> "W" + ++windows;
                        });
            }
        }
        return out;
    }
}
