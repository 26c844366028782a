package honeylamp.desktop.workspace;

import honeylamp.derive.Areas;
import honeylamp.derive.BriefCheck;
import honeylamp.derive.GeometryCache;
import honeylamp.derive.Schedule;
import honeylamp.derive.Snag;
import honeylamp.derive.StoreyGeometry;
import honeylamp.desktop.workspace.SnagSearch.SnagThere;
import honeylamp.drawing.Mark;
import honeylamp.illustrate.Sketches;
import honeylamp.plan.Plan;
import java.util.List;
import java.util.function.Supplier;

/** The plan as it is shown and counted, all copies of its units laid out, and what panels say of it. */
public final class ShownPlan {
    private final Supplier<Workspace> workspace;
    private final GeometryCache cache;
    private final SnagSearch search;

    ShownPlan(Supplier<Workspace> workspace, GeometryCache cache, SnagSearch search) {
        this.workspace = workspace;
        this.cache = cache;
        this.search = search;
    }

    /** The workspace has changed: what is wrong with it is looked for. */
    void changed() {
        search.want(plan(), geometry(), workspace.get().choices().gapReach());
    }

    /** A storey and its areas. */
    public record StoreyAreas(StoreyGeometry geometry, Areas areas) {}

    /** The plan. */
    public Plan plan() {
        return cache.laidOut(workspace.get().plan());
    }

    /** The storey worked on, derived. */
    public StoreyGeometry geometry() {
        var plan = plan();
        return cache.of(plan, plan.storey(workspace.get().storey()));
    }

    /** The search for what is probably wrong. */
    public SnagSearch search() {
        return search;
    }

    /** What is probably wrong with the storey, as far as is known. */
    public List<Snag> snags() {
        return search.known().get().on(workspace.get().storey());
    }

    /** What is probably wrong with the other storeys, as far as is known. */
    public List<SnagThere> snagsElsewhere() {
        var here = workspace.get().storey();
        return search.known().get().snags().stream()
                .filter(s -> !s.storey().id().equals(here))
                .toList();
    }

    /** The areas of the storey worked on. */
    public Areas areas() {
        var plan = plan();
        return cache.areas(plan, plan.storey(workspace.get().storey()));
    }

    /** The areas of all storeys, and the storeys they are of. */
    public List<StoreyAreas> allAreas() {
        var plan = plan();
        return plan.storeys().stream()
                .map(s -> new StoreyAreas(cache.of(plan, s), cache.areas(plan, s)))
                .toList();
    }

    /** A schedule of the plan. */
    public Schedule schedule(Schedule.Subject subject) {
        return Schedule.of(workspace.get().plan(), cache, subject);
    }

    /** What of the brief the plan has. */
    public BriefCheck briefCheck() {
        var plan = plan();
        return BriefCheck.of(
                plan, plan.storeys().stream().map(s -> cache.of(plan, s)).toList());
    }

    /** The other storey seen through this one, in paper mm; empty if none is. */
    public List<Mark> ghost() {
        var now = workspace.get();
        var plan = plan();
        return now.choices()
                .ghost()
                .filter(g -> !g.storey().equals(now.storey()))
                .flatMap(g -> plan.storeys().stream()
                        .filter(s -> s.id().equals(g.storey()))
                        .findFirst()
                        .map(s -> Sketches.ghost(now.frame(), cache.of(plan, s), g.across(), g.up(), g.strength())))
                .orElse(List.of());
    }
}
