package honeylamp.derive;

import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;

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
        return FixedParts.on(plan.whole(), storey());
    }

    /** The fills of its walls, those that run through first. */
    public List<WallFills.Fill> wallFills() {
        return WallFills.of(plan.wallTypes(), geometry.network());
    }

    /**
     * What is probably wrong with what is built on it, unless nobody waits for it any more.
     *
     * @param gapReach ends nearer than this to a wall or to each other are taken for gaps
     * @param wanted asked between one family of snags and the next
     * @return empty if it was not wanted to the end
     */
    public Optional<List<Snag>> snags(Length gapReach, BooleanSupplier wanted) {
        return Snags.of(geometry, plan.whole(), gapReach, wanted);
    }
}
