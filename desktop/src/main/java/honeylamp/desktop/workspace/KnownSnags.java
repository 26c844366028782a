package honeylamp.desktop.workspace;

import honeylamp.derive.Snag;
import honeylamp.derive.StoreyGeometry;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.sheet.SheetSnags;
import honeylamp.units.Length;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The snags of each storey, found once however many panels ask. */
final class KnownSnags {
    private record Known(Storey storey, Plan plan, Length reach, List<Snag> found) {}

    private final Map<StoreyId, Known> known = new HashMap<>();

    List<Snag> of(StoreyGeometry now, Plan shown, Length gapReach) {
        var id = now.storey().id();
        var before = known.get(id);
        if (before != null
                && before.storey == now.storey()
                && before.reach.equals(gapReach)
                && alike(before.plan, shown)) {
            return before.found;
        }
        var found = SheetSnags.all(shown, now, gapReach);
        known.put(id, new Known(now.storey(), shown, gapReach, found));
        return found;
    }

    /** Whether two plans agree in all that snags depend on beside the storey. */
    private static boolean alike(Plan a, Plan b) {
        return a.units() == b.units()
                && a.brief() == b.brief()
                && a.wallTypes() == b.wallTypes()
                && a.sheet() == b.sheet()
                && a.storeys() == b.storeys();
    }
}
