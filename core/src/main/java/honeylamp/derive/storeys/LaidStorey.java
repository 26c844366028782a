package honeylamp.derive.storeys;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.roof.RoofShape;
import honeylamp.derive.walls.WallFills;
import honeylamp.geometry.Outline;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Storey;
import java.util.List;
import java.util.Optional;

/** A storey of a plan with what is copied to it, and what follows from it; made by {@link LaidPlan} only. */
public final class LaidStorey {
    private final LaidPlan plan;
    private final StoreyGeometry geometry;
    private final GeometryCache cache;

    LaidStorey(LaidPlan plan, StoreyGeometry geometry, GeometryCache cache) {
        this.plan = plan;
        this.geometry = geometry;
        this.cache = cache;
    }

    /** The plan it is a storey of. */
    public LaidPlan plan() {
        return plan;
    }

    /** The storey and all that is built on it. */
    public StoreyGeometry geometry() {
        return geometry;
    }

    /** The storey itself. */
    public Storey storey() {
        return geometry.storey();
    }

    /** Its identity. */
    public StoreyId id() {
        return storey().id();
    }

    /** Its areas by each basis. */
    public Areas areas() {
        return cache.areas(plan.whole(), storey());
    }

    /** What one meets on it that is no wall, stairs from and to other storeys among it. */
    public FixedParts fixedParts() {
        return cache.fixedParts(plan.whole(), storey());
    }

    /** The roof over it, as far as no other storey stands there; empty if it has none. */
    public Optional<RoofShape> roof() {
        return cache.roof(plan.whole(), storey());
    }

    /** What of the storey above stands out over its outside, in plan mm. */
    public List<Outline> overhead() {
        return StandsOut.over(this, plan.all());
    }

    /** The fills of its walls, those that run through first. */
    public List<WallFills.Fill> wallFills() {
        return WallFills.of(plan.wallTypes(), geometry.network());
    }
}
