package honeylamp.sheet;

import honeylamp.catalogue.Scales;
import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.edit.Outcome;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Plan;
import honeylamp.plan.View;
import java.util.Optional;

/** Chooses scales that have room on their pages. */
public final class ScaleChoice {
    private ScaleChoice() {}

    /**
     * Locks the scale of a view, or of all.
     *
     * @return refused if a view would leave its part of a page, with the nearest scale at which none does
     */
    public static Outcome<Plan> lock(LaidPlan laid, ViewId view, Reach reach, int scale) {
        var plan = laid.drawn();
        var locked = ViewEdits.scale(plan, view, reach, Optional.of(scale));
        return tooLarge(laid.presented(locked), view, reach)
                .map(page -> Outcome.<Plan>refused(
                        "at " + Scales.words(scale, plan.units()) + " it does not fit " + where(page),
                        nearest(laid, view, reach, scale)
                                .map(s -> Scales.words(s, plan.units()) + " does. Choose that, or larger paper.")
                                .orElse("Take larger paper, or show only a part of it.")))
                .orElseGet(() -> Outcome.done(locked));
    }

    /**
     * Takes paper, margins or views of pages as they are to become.
     *
     * @return refused if a view that is locked to a scale had room and would have none, with the nearest scale that has
     */
    public static Outcome<Plan> keeping(LaidPlan laid, Plan changed) {
        if (changed.presentation().views().stream().allMatch(v -> v.scale().isEmpty())) {
            return Outcome.done(changed);
        }
        var now = laid.presented(changed);
        for (var page : now.pages()) {
            for (var view : page.views()) {
                var locked = view.view().scale();
                var id = view.view().id();
                if (locked.isPresent() && !SheetComposer.fits(page, id) && fitted(laid, page, id)) {
                    return Outcome.refused(
                            view.name() + ", locked to " + Scales.words(locked.get(), changed.units())
                                    + ", would not fit " + where(page),
                            nearest(now, id, Reach.THIS, locked.get())
                                    .map(s -> Scales.words(s, changed.units()) + " would. Choose that scale first.")
                                    .orElse("Take larger paper, or let go of the scale."));
                }
            }
        }
        return Outcome.done(changed);
    }

    private static boolean fitted(LaidPlan laid, LaidPage page, ViewId view) {
        return laid.pages().stream()
                .filter(p -> p.page().id().equals(page.page().id()))
                .anyMatch(p ->
                        p.views().stream().anyMatch(v -> v.view().id().equals(view)) && SheetComposer.fits(p, view));
    }

    private static String where(LaidPage page) {
        var share = page.views().size() > 1 ? "its share of " + page.name() + " on " : "";
        return share + page.page().sheet().paper().label();
    }

    /** The largest standard scale, smaller than the one asked for, at which all that is locked fits. */
    private static Optional<Integer> nearest(LaidPlan laid, ViewId view, Reach reach, int asked) {
        var plan = laid.drawn();
        return Scales.standard(plan.units()).stream()
                .filter(s -> s > asked)
                .filter(s -> {
                    var tried = ViewEdits.scale(plan, view, reach, Optional.of(s));
                    return tooLarge(laid.presented(tried), view, reach).isEmpty();
                })
                .findFirst();
    }

    private static Optional<LaidPage> tooLarge(LaidPlan laid, ViewId of, Reach reach) {
        return laid.pages().stream()
                .filter(page -> page.views().stream()
                        .map(LaidView::view)
                        .map(View::id)
                        .filter(id -> reach == Reach.ALL || id.equals(of))
                        .anyMatch(id -> !SheetComposer.fits(page, id)))
                .findFirst();
    }
}
