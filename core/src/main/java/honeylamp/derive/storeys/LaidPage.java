package honeylamp.derive.storeys;

import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Look;
import honeylamp.plan.Page;
import honeylamp.plan.Showing;
import honeylamp.plan.View;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** A page with the views that are on it; made by {@link LaidPlan} only. */
public final class LaidPage {
    private final LaidPlan plan;
    private final Page page;
    private final List<LaidView> views;

    LaidPage(LaidPlan plan, Page page, List<LaidView> views) {
        this.plan = plan;
        this.page = page;
        this.views = List.copyOf(views);
    }

    /** The plan it is a page of. */
    public LaidPlan plan() {
        return plan;
    }

    /** The page itself. */
    public Page page() {
        return page;
    }

    /** The views on it, one at least. */
    public List<LaidView> views() {
        return views;
    }

    /** The page whose lists go on here where they had no room. */
    public Optional<LaidPage> continued() {
        return page.arrangement()
                .continues()
                .filter(from -> from.number() < page.id().number()) // so that none goes on on itself
                .filter(from -> plan.presentation().page(from).isPresent())
                .map(plan::page);
    }

    /** The first page on which go on what had no room here. */
    public Optional<Page> goesOn() {
        return plan.presentation().pages().stream()
                .filter(p -> p.arrangement().continues().equals(Optional.of(page.id())))
                .filter(p -> p.id().number() > page.id().number())
                .findFirst();
    }

    /**
     * The page as several of the same name where plans of a storey are on it in several schemes, or before and after the
     * works: each has every storey in one state, and the first has all that is seen from the front too. None is lost.
     */
    public List<LaidPage> inStates() {
        var groups = new ArrayList<Map<StoreyId, LaidView.State>>();
        var of = new LinkedHashMap<LaidView, Integer>();
        for (var view : views) {
            var storey = view.storey().id();
            var at = 0;
            while (view.view().isPlan()
                    && at < groups.size()
                    && !groups.get(at).getOrDefault(storey, view.state()).equals(view.state())) {
                at++;
            }
            if (at == groups.size()) {
                groups.add(new HashMap<>());
            }
            if (view.view().isPlan()) {
                groups.get(at).put(storey, view.state());
            }
            of.put(view, at);
        }
        return groups.size() == 1
                ? List.of(this)
                : IntStream.range(0, groups.size())
                        .mapToObj(i -> new LaidPage(
                                plan,
                                page,
                                views.stream()
                                        .filter(v -> of.getOrDefault(v, 0) == i)
                                        .toList()))
                        .toList();
    }

    /** The look of the paper and of all that is written beside the views: that of the first. */
    public Look look() {
        return views.getFirst().look();
    }

    /** The direction of north on it, counter-clockwise from the right: as its first view is turned. */
    public double northDeg() {
        return plan.northDeg() + views.getFirst().view().turnDeg();
    }

    /** The same page with one of its views showing otherwise. */
    public LaidPage seenAs(ViewId id, Showing showing) {
        return seenAs(id, v -> v.withShowing(showing));
    }

    /** The same page with one of its views seen otherwise. */
    public LaidPage seenAs(ViewId id, UnaryOperator<View> otherwise) {
        return new LaidPage(
                plan,
                page,
                views.stream()
                        .map(v -> v.view().id().equals(id) ? v.seenAs(otherwise.apply(v.view())) : v)
                        .toList());
    }

    /** Its name; by itself those of its views. */
    public String name() {
        return page.name().isBlank()
                ? views.stream().map(LaidView::name).collect(Collectors.joining(", "))
                : page.name();
    }
}
