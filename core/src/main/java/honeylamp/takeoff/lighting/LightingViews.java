package honeylamp.takeoff.lighting;

import honeylamp.catalogue.Looks;
import honeylamp.edit.Added;
import honeylamp.plan.Annotation;
import honeylamp.plan.ElementId.LookId;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.HeldLook;
import honeylamp.plan.Look;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Showing;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.View;
import honeylamp.plan.View.Subject.StoreyPlan;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * The view on which lights are planned: walls, openings, fixed parts and furniture in light grey, lights and what switches
 * them in full, everything else off.
 */
public final class LightingViews {
    /** What such a view shows. */
    public static final Showing SHOWING = new Showing(
            Set.of(Kind.WALLS, Kind.OPENINGS, Kind.FIXED_PARTS, Kind.FURNITURE),
            Set.of(
                    Kind.GROUND,
                    Kind.FINISHES,
                    Kind.OVERHEAD,
                    Kind.CROWNS,
                    Kind.DIMENSIONS,
                    Kind.ROOM_NAMES,
                    Kind.NOTES,
                    Kind.ACTIVITIES,
                    Kind.TAGS),
            Set.of());

    private static final String NAME = "Lighting and power";

    private LightingViews() {}

    /** Whether a view is made for lights: it shows them over a faint plan. */
    public static boolean isOne(View view) {
        return view.isForLights();
    }

    /** The page with the lighting view of a storey, if there is one. */
    public static Optional<Page> of(Plan plan, StoreyId storey) {
        return view(plan, storey).flatMap(v -> plan.presentation().pageOf(v.id()));
    }

    /** The lighting view of a storey, if there is one. */
    public static Optional<View> view(Plan plan, StoreyId storey) {
        return plan.presentation().views().stream()
                .filter(LightingViews::isOne)
                .filter(v -> v.subject().equals(new StoreyPlan(storey)))
                .findFirst();
    }

    /** A page with a lighting view of a storey, after all others, on a sheet like the last one's, with the key to it. */
    public static Added<PageId> add(Plan plan, StoreyId storey) {
        var presentation = plan.presentation();
        var look = look(plan);
        var held =
                look.isPresent() ? presentation : presentation.adding(new HeldLook(presentation.nextLook(), Looks.INK));
        var lookId = look.orElseGet(presentation::nextLook);
        var model =
                presentation.viewOf(storey).orElseGet(() -> presentation.views().getFirst());
        var view = model.with(copy -> copy.id(presentation.nextView())
                .name(name(plan, storey))
                .subject(new StoreyPlan(storey))
                .look(lookId)
                .light(model.light().withEvening(Optional.empty()))
                .showing(SHOWING)
                .annotation(model.annotation().withWords(Annotation.Words.LEFT_OUT))
                .moved(List.of())
                .movedTiers(List.of())
                .movedSlanted(List.of())
                .depth(0)
                .livedIn(0));
        var last = presentation.pages().getLast();
        var page = Page.of(presentation.nextPage(), view.id(), last.sheet())
                .withName(name(plan, storey))
                .withLists(Set.of(Page.Listing.FITTINGS));
        return new Added<>(
                plan.withPresentation(held.adding(view, page, last.views().getLast())), page.id());
    }

    private static String name(Plan plan, StoreyId storey) {
        return plan.storeys().size() == 1
                ? NAME
                : NAME + ", " + plan.storey(storey).name().toLowerCase(Locale.ROOT);
    }

    /** A look of the plan that is ink on paper, unchanged. */
    private static Optional<LookId> look(Plan plan) {
        return plan.presentation().looks().stream()
                .filter(l -> isInk(l.look()))
                .map(HeldLook::id)
                .findFirst();
    }

    private static boolean isInk(Look look) {
        return look.equals(Looks.INK);
    }
}
