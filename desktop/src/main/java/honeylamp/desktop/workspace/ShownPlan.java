package honeylamp.desktop.workspace;

import honeylamp.derive.listing.BriefCheck;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.Areas;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.LaidView;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.desktop.workspace.SnagSearch.SnagThere;
import honeylamp.desktop.workspace.Workspace.Worked;
import honeylamp.drawing.Mark;
import honeylamp.illustrate.sketch.Sketches;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** The plan as it is shown and counted, all copies of its units laid out, and what panels say of it. */
public final class ShownPlan {
    private final Supplier<Workspace> workspace;
    private final GeometryCache cache;
    private final SnagSearch search;
    private @Nullable Checked checked;

    private record Checked(LaidPlan plan, BriefCheck check) {}

    ShownPlan(Supplier<Workspace> workspace, GeometryCache cache, SnagSearch search) {
        this.workspace = workspace;
        this.cache = cache;
        this.search = search;
    }

    /** The workspace has changed: what is wrong with it is looked for. */
    void changed() {
        search.want(storey(), workspace.get().choices().gapReach());
    }

    public LaidPlan plan() {
        return cache.laidOut(workspace.get().plan());
    }

    /** The storey worked on. */
    public LaidStorey storey() {
        return plan().on(workspace.get().storey());
    }

    /** The view worked on. */
    public LaidView view() {
        var now = workspace.get();
        return view(plan(), now.worked(), now.stage());
    }

    /** The view of a plan that is worked on; it is turned only where one looks at the sheet, and drawn in as it is built. */
    static LaidView view(LaidPlan plan, Worked worked, WorkStage stage) {
        return stage == WorkStage.SHEET ? plan.view(worked.view()) : plan.straight(worked.view());
    }

    /** The page worked on. */
    public LaidPage page() {
        var now = workspace.get();
        return page(plan(), now.worked(), now.stage());
    }

    /** The page of a plan that is worked on, the view worked on as in {@link #view}. */
    static LaidPage page(LaidPlan plan, Worked worked, WorkStage stage) {
        var page = worked.page().map(plan::page).orElseGet(() -> plan.pageOf(worked.view()));
        return stage == WorkStage.SHEET ? page : plan.straight(page, worked.view());
    }

    /** What is built on the storey worked on. */
    public StoreyGeometry geometry() {
        return storey().geometry();
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
        return storey().areas();
    }

    /** A schedule of the plan. */
    public Schedule schedule(Schedule.Subject subject) {
        return Schedule.of(plan(), subject);
    }

    /** What of the brief the plan has. */
    public BriefCheck briefCheck() {
        var plan = plan();
        var known = checked;
        if (known == null || known.plan() != plan) {
            known = new Checked(plan, BriefCheck.of(plan)); // panels ask at every move of the pointer
            checked = known;
        }
        return known.check();
    }

    /** The other storey seen through this one, in paper mm; empty if none is. */
    public List<Mark> ghost() {
        var now = workspace.get();
        var plan = plan();
        return now.choices()
                .ghost()
                .filter(_ -> view().view().turnDeg() == 0)
                .filter(g -> !g.storey().equals(now.storey()))
                .flatMap(g -> plan.storeys().stream()
                        .filter(s -> s.id().equals(g.storey()))
                        .findFirst()
                        .map(s -> Sketches.ghost(
                                now.frame(), plan.on(s.id()).geometry(), g.across(), g.up(), g.strength())))
                .orElse(List.of());
    }
}
