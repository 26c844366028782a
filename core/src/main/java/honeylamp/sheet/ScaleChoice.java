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
