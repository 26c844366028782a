package honeylamp.desktop.workspace;

import honeylamp.derive.Snag;
import honeylamp.derive.Snags;
import honeylamp.derive.StoreyGeometry;
import honeylamp.plan.Plan;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The snags of the newest storey, found once however many panels ask. */
final class KnownSnags {
    private @Nullable Storey storey;
    private @Nullable Plan plan;
    private @Nullable Length reach;
    private List<Snag> found = List.of();

    List<Snag> of(StoreyGeometry now, Plan shown, Length gapReach) {
        if (storey != now.storey() || !gapReach.equals(reach) || !(plan instanceof Plan p) || !alike(p, shown)) {
            storey = now.storey();
            plan = shown;
            reach = gapReach;
            found = Snags.of(now, shown, gapReach);
        }
        return found;
    }

    /** Whether two plans agree in all that snags depend on beside the storey. */
    private static boolean alike(Plan a, Plan b) {
        return a.units() == b.units()
                && a.brief() == b.brief()
                && a.wallTypes() == b.wallTypes()
                && a.storeys() == b.storeys();
    }
}
