package honeylamp.plan;

import honeylamp.plan.ElementId.CoveringId;
import java.util.List;

/**
 * The finish of a surface.
 *
 * @param finish laid in the frame of the surface: its starting point is measured along and up from the frame's origin
 */
public record Covering(CoveringId id, Surface surface, Finish finish) implements Element {
    /** The covering of another surface. */
    public Covering on(Surface other) {
        return new Covering(id, other, finish);
    }

    /** The surface covered by another finish. */
    public Covering with(Finish other) {
        return new Covering(id, surface, other);
    }

    /** It goes with its surface, and changes sides where that is mirrored. */
    @Override
    public Covering moved(Motion motion) {
        return motion.mirrors() ? on(surface.mirrored()) : this;
    }

    @Override
    public Covering under(ElementId.Key key) {
        return new Covering(new CoveringId(key), surface, finish);
    }

    @Override
    public List<Position> places() {
        return List.of();
    }
}
