package honeylamp.derive.storeys;

import honeylamp.geometry.Point;
import honeylamp.plan.Arrangement;
import honeylamp.plan.Brief;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.SchemeId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Motion;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Presentation;
import honeylamp.plan.Storey;
import honeylamp.plan.View;
import honeylamp.plan.WallType;
import honeylamp.units.Rounding;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.NoSuchElementException;

/**
 * A plan with all copies of its units laid into their storeys: what is shown, printed, counted and listed. It is a type
 * of its own so that nothing can be shown or counted without its copies, and nothing of a copy can be edited. Two are
 * equal only if they are the same object; a cache gives the same one for the same plan. Safe to share between threads.
 */
public final class LaidPlan {
    private final Plan drawn;
    private final Plan whole;
    private final GeometryCache cache;

    LaidPlan(Plan drawn, Plan whole, GeometryCache cache) {
        this.drawn = drawn;
        this.whole = whole;
        this.cache = cache;
    }

    /** A plan laid out once, for work that keeps no cache. */
    public static LaidPlan of(Plan drawn) {
        return new GeometryCache().laidOut(drawn);
    }

    /** The plan as it is drawn and edited. */
    public Plan drawn() {
        return drawn;
    }

    /** The plan with its copies, for what is derived of several storeys at once; no edit may ever start from it. */
    public Plan whole() {
        return whole;
    }

    /**
     * The plan with other views and pages and all else as it is: nothing of it is derived anew.
     *
     * @throws IllegalArgumentException if the other plan has other storeys
     */
    public LaidPlan presented(Plan other) {
        if (other.storeys() != drawn.storeys()) {
            throw new IllegalArgumentException("the plan differs in more than its views and pages");
        }
        return new LaidPlan(other, whole.withPresentation(other.presentation()), cache);
    }

    /** The same plan derived with memory of its own, for a thread that should keep nobody waiting. */
    public LaidPlan derivedBy(GeometryCache other) {
        return new LaidPlan(drawn, whole, other);
    }

    /** The storeys with what is copied to them, lowest first. */
    public List<Storey> storeys() {
        return whole.storeys();
    }

    /**
     * A storey of this plan, derived.
     *
     * @throws NoSuchElementException if the plan has no such storey
     */
    public LaidStorey on(StoreyId storey) {
        return on(whole.storey(storey));
    }

    /** All storeys, derived, lowest first. */
    public List<LaidStorey> all() {
        return whole.storeys().stream().map(this::on).toList();
    }

    private LaidStorey on(Storey storey) {
        return new LaidStorey(this, cache.of(whole, storey), cache);
    }

    /** The plan's name. */
    public String name() {
        return drawn.name();
    }

    /** The units it is shown in. */
    public UnitSystem units() {
        return drawn.units();
    }

    /** How lengths are rounded where it shows them. */
    public Rounding rounding() {
        return Rounding.to(drawn.units(), drawn.roundedTo());
    }

    /** How it is shown: its looks, views and pages. */
    public Presentation presentation() {
        return drawn.presentation();
    }

    /** The direction of north, counter-clockwise from east. */
    public double northDeg() {
        return drawn.northDeg();
    }

    /**
     * A view of this plan.
     *
     * @throws NoSuchElementException if the plan has no such view
     */
    public LaidView view(ViewId id) {
        return view(drawn.presentation().view(id).orElseThrow());
    }

    private LaidView view(View view) {
        var other = view.arranged().as().filter(id -> !id.equals(drawn.schemes().open()));
        return other.isPresent() ? arranged(other.get()).seen(view) : seen(view);
    }

    /** The same plan in another arrangement: for the picture of a view, and to be compared. */
    public LaidPlan arranged(SchemeId id) {
        return id.equals(drawn.schemes().open()) ? this : cache.arranged(drawn, id);
    }

    private LaidView seen(View view) {
        var look = drawn.presentation().look(view.look());
        var seen = view.works() == View.Works.MARKED ? this : during(view.works());
        return view.turnDeg() == 0
                ? new LaidView(seen.on(view.storey()), view, look)
                : new LaidView(seen.turned(view.turnDeg()).on(view.storey()), turnedNames(view), look);
    }

    /** The same plan with the walls that are there before or after the works: for the picture of a view. */
    private LaidPlan during(View.Works works) {
        return new LaidPlan(drawn, cache.during(whole, works), cache);
    }

    /** The same plan turned about its origin: for the picture of a view, never to be drawn in. */
    private LaidPlan turned(double deg) {
        return new LaidPlan(drawn, cache.turned(whole, deg), cache);
    }

    private static View turnedNames(View view) {
        var motion = Motion.turn(Point.ORIGIN, view.turnDeg());
        return view.withMoved(view.moved().stream()
                .map(m -> new View.MovedName(m.of(), motion.of(m.at())))
                .toList());
    }

    /** A view as one draws in it: not turned, and of the scheme laid open. */
    public LaidView straight(ViewId id) {
        return view(drawn.presentation().view(id).orElseThrow().straight());
    }

    /**
     * A page of this plan.
     *
     * @throws NoSuchElementException if the plan has no such page
     */
    public LaidPage page(PageId id) {
        return page(drawn.presentation().page(id).orElseThrow());
    }

    private LaidPage page(Page page) {
        return new LaidPage(this, page, page.views().stream().map(this::view).toList());
    }

    /** A page with one of its views as one draws in it, even where the page is for lists only. */
    public LaidPage straight(LaidPage page, ViewId worked) {
        return new LaidPage(
                this,
                page.page().showsViews()
                        ? page.page()
                        : page.page().withArrangement(page.page().arrangement().withShares(Arrangement.Shares.ALIKE)),
                page.views().stream()
                        .map(v -> v.view().id().equals(worked) ? straight(worked) : v)
                        .toList());
    }

    /** All pages, in their order. */
    public List<LaidPage> pages() {
        return drawn.presentation().pages().stream().map(this::page).toList();
    }

    /** The page a view is first on; the view by itself on a sheet like the first page's if it is on none. */
    public LaidPage pageOf(ViewId id) {
        var presentation = drawn.presentation();
        return page(presentation
                .pageOf(id)
                .orElseGet(() -> Page.of(
                        presentation.nextPage(),
                        id,
                        presentation.pages().getFirst().sheet())));
    }

    public Brief brief() {
        return drawn.brief();
    }

    public List<WallType> wallTypes() {
        return drawn.wallTypes();
    }

    /**
     * The wall type of this id.
     *
     * @throws NoSuchElementException if the plan has none
     */
    public WallType wallType(WallTypeId id) {
        return drawn.wallType(id);
    }
}
