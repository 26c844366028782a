package honeylamp.plan;

import honeylamp.plan.ElementId.CoveringId;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;

/**
 * The finish of a surface.
 *
 * @param finish laid in the frame of the surface: its starting point is measured along and up from the frame's origin
 */
@RecordBuilder
public record Covering(CoveringId id, Surface surface, Finish finish) implements Element, CoveringBuilder.With {

    /** It goes with its surface, and changes sides where that is mirrored. */
    @Override
    public Covering moved(Motion motion) {
        return motion.mirrors() ? withSurface(surface.mirrored()) : this;
    }

    @Override
    public Covering under(ElementId.Key key) {
        return withId(new CoveringId(key));
    }

    @Override
    public List<Position> places() {
        return List.of();
    }
}
