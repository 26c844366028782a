package honeylamp.sheet;

import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.takeoff.brightness.CheckedActivities;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What checks found last of each storey, from which they go on after an edit. For one thread at a time. */
public final class KnownChecks {
    private final Map<StoreyId, CheckedActivities> activities = new HashMap<>();

    /** Begins with nothing. */
    public KnownChecks() {}

    /** What is wrong with the light where things are done. */
    List<Snag> activities(LaidStorey storey) {
        var now = CheckedActivities.of(storey, Optional.ofNullable(activities.get(storey.id())));
        activities.put(storey.id(), now);
        return now.snags();
    }
}
