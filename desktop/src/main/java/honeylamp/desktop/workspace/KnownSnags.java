package honeylamp.desktop.workspace;

import honeylamp.derive.Snag;
import honeylamp.derive.Snags;
import honeylamp.derive.StoreyGeometry;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** The snags of the newest geometry, found once however many panels ask. */
final class KnownSnags {
    private @Nullable StoreyGeometry geometry;
    private @Nullable UnitSystem units;
    private @Nullable Length reach;
    private List<Snag> found = List.of();

    List<Snag> of(StoreyGeometry now, UnitSystem shown, Length gapReach) {
        if (geometry != now || units != shown || !gapReach.equals(reach)) {
            geometry = now;
            units = shown;
            reach = gapReach;
            found = Snags.of(now, shown, gapReach);
        }
        return found;
    }
}
