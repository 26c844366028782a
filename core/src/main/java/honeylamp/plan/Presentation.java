package honeylamp.plan;

import honeylamp.plan.ElementId.LookId;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.units.Checks;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * How a plan is shown: its looks, its views and its pages in their order. Looks, views and pages are numbered each by
 * themselves, so that what chance makes of the numbers of elements never changes with them.
 *
 * @param revisions what was changed since it was first sent, the first first
 * @param recipes the names of the recipes its packs are made by
 */
@RecordBuilder
public record Presentation(
        List<HeldLook> looks, List<View> views, List<Page> pages, List<Revision> revisions, List<String> recipes)
        implements PresentationBuilder.With {
    /** More packs of one plan nobody makes. */
    public static final int MOST_RECIPES = 40;

    /** Freezes the lists; refuses a view in no look and a page of no view. */
    public Presentation {
        looks = List.copyOf(looks);
        views = List.copyOf(views);
        pages = List.copyOf(pages);
        revisions = List.copyOf(revisions);
        recipes = List.copyOf(recipes);
        Checks.within("recipes of a plan", recipes.size(), 0, MOST_RECIPES);
        Checks.within("revisions", revisions.size(), 0, Revision.MOST);
        if (views.isEmpty() || pages.isEmpty()) {
            throw new IllegalArgumentException("a plan needs a view and a page");
        }
        var known = new HashSet<ElementId>();
        Stream.of(
                        looks.stream().map(HeldLook::id),
                        views.stream().map(View::id),
                        pages.stream().map(Page::id))
                .flatMap(ids -> ids)
                .forEach(id -> requireOnce(known, id));
        views.forEach(v -> requireKnown(known, "view " + v.id().text(), v.look()));
        pages.forEach(p -> p.views().forEach(v -> requireKnown(known, "page " + p.id().text(), v)));
    }

    private static void requireOnce(HashSet<ElementId> known, ElementId id) {
        if (!known.add(id)) {
            throw new IllegalArgumentException("two are called " + id.text());
        }
    }

    private static void requireKnown(HashSet<ElementId> known, String what, ElementId id) {
        if (!known.contains(id)) {
            throw new IllegalArgumentException(what + " asks for " + id.text() + ", which is not there");
        }
    }

    /** One look, and a view and a page of each storey. */
    public static Presentation of(Look look, Light light, Sheet sheet, List<StoreyId> storeys) {
        var held = new HeldLook(new LookId(1), look);
        var views = new ArrayList<View>();
        var pages = new ArrayList<Page>();
        for (var storey : storeys) {
            var view = View.of(new ViewId(views.size() + 1), storey, held.id(), light);
            views.add(view);
            pages.add(Page.of(new PageId(pages.size() + 1), view.id(), sheet));
        }
        return new Presentation(List.of(held), views, pages, List.of(), List.of());
    }

    /**
     * A look of the plan.
     *
     * @throws NoSuchElementException if it has none of this id
     */
    public Look look(LookId id) {
        return looks.stream()
                .filter(l -> l.id().equals(id))
                .map(HeldLook::look)
                .findFirst()
                .orElseThrow();
    }

    /** A view of the plan. */
    public Optional<View> view(ViewId id) {
        return views.stream().filter(v -> v.id().equals(id)).findFirst();
    }

    /** A page of the plan. */
    public Optional<Page> page(PageId id) {
        return pages.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** The first page that a view is on. */
    public Optional<Page> pageOf(ViewId view) {
        return pages.stream().filter(p -> p.views().contains(view)).findFirst();
    }

    /** The first view of a storey. */
    public Optional<View> viewOf(StoreyId storey) {
        return views.stream()
                .filter(v -> v.isPlan() && v.storey().equals(storey))
                .findFirst();
    }

    /** An id that no look has. */
    public LookId nextLook() {
        return new LookId(next(looks.stream().map(HeldLook::id)));
    }

    /** An id that no view has. */
    public ViewId nextView() {
        return new ViewId(next(views.stream().map(View::id)));
    }

    /** An id that no page has. */
    public PageId nextPage() {
        return new PageId(next(pages.stream().map(Page::id)));
    }

    private static int next(Stream<? extends ElementId> ids) {
        return 1 + ids.mapToInt(ElementId::number).max().orElse(0);
    }

    /** With other looks and views; looks that no view has any more are dropped. */
    public Presentation with(List<HeldLook> otherLooks, List<View> otherViews) {
        var used = new HashSet<LookId>();
        otherViews.forEach(v -> used.add(v.look()));
        return new Presentation(
                otherLooks.stream().filter(l -> used.contains(l.id())).toList(), otherViews, pages, revisions, recipes);
    }

    /** With a further look. */
    public Presentation adding(HeldLook look) {
        var all = new ArrayList<>(looks);
        all.add(look);
        return withLooks(all);
    }

    /** With all looks changed alike; those that become the same are one, which all their views have. */
    public Presentation changingLooks(UnaryOperator<Look> change) {
        Map<Look, LookId> kept = new LinkedHashMap<>();
        Map<LookId, LookId> now = new HashMap<>();
        for (var held : looks) {
            var id = kept.computeIfAbsent(change.apply(held.look()), _ -> held.id());
            now.put(held.id(), id);
        }
        return new Presentation(
                kept.entrySet().stream()
                        .map(e -> new HeldLook(e.getValue(), e.getKey()))
                        .toList(),
                views.stream()
                        .map(v -> v.withLook(now.getOrDefault(v.look(), v.look())))
                        .toList(),
                pages,
                revisions,
                recipes);
    }

    /** With a look changed, for all that have it. */
    public Presentation changing(LookId id, UnaryOperator<Look> change) {
        return withLooks(looks.stream()
                .map(l -> l.id().equals(id) ? new HeldLook(id, change.apply(l.look())) : l)
                .toList());
    }

    /** With views changed. */
    public Presentation changing(Collection<ViewId> ids, UnaryOperator<View> change) {
        return with(
                looks,
                views.stream()
                        .map(v -> ids.contains(v.id()) ? change.apply(v) : v)
                        .toList());
    }

    public Presentation changingPages(Collection<PageId> ids, UnaryOperator<Page> change) {
        return withPages(pages.stream()
                .map(p -> ids.contains(p.id()) ? change.apply(p) : p)
                .toList());
    }

    /** With a further view, shown on a page of its own; both stand after another view and its page. */
    public Presentation adding(View view, Page page, ViewId after) {
        var allViews = new ArrayList<>(views);
        allViews.add(1 + index(views, v -> v.id().equals(after)), view);
        var allPages = new ArrayList<>(pages);
        allPages.add(1 + index(pages, p -> p.views().contains(after)), page);
        return new Presentation(looks, allViews, allPages, revisions, recipes);
    }

    /** The place of the last that is meant; of the last of all if none is. */
    private static <T> int index(List<T> list, Predicate<T> meant) {
        for (var i = list.size() - 1; i >= 0; i--) {
            if (meant.test(list.get(i))) {
                return i;
            }
        }
        return list.size() - 1;
    }

    /** Without views that are not wanted, and without pages that have no other; one page stays in any case. */
    public Presentation keeping(Predicate<View> wanted) {
        var left = views.stream().filter(wanted).toList();
        if (left.size() == views.size()) {
            return this;
        }
        var ids = new HashSet<ViewId>();
        left.forEach(v -> ids.add(v.id()));
        var pagesLeft = pages.stream()
                .filter(p -> p.views().stream().anyMatch(ids::contains))
                .map(p -> p.withViews(p.views().stream().filter(ids::contains).toList()))
                .toList();
        var used = new HashSet<LookId>();
        left.forEach(v -> used.add(v.look()));
        return new Presentation(
                looks.stream().filter(l -> used.contains(l.id())).toList(),
                left,
                pagesLeft.isEmpty()
                        ? List.of(Page.of(
                                nextPage(),
                                left.getFirst().id(),
                                pages.getFirst().sheet()))
                        : pagesLeft,
                revisions,
                recipes);
    }

    /** What becomes of it when storeys come and go: each new one gets a view and a page, lost ones lose theirs. */
    Presentation following(List<StoreyId> before, List<StoreyId> now) {
        var out = this;
        for (var storey : now) {
            if (!before.contains(storey) && out.viewOf(storey).isEmpty()) {
                out = out.showing(storey);
            }
        }
        if (out.views.stream().noneMatch(v -> now.contains(v.storey()))) {
            out = out.showing(now.getFirst());
        }
        return out.keeping(v -> now.contains(v.storey()));
    }

    /** With no view of a scheme that is not there. */
    Presentation inSchemes(Schemes schemes) {
        return views.stream().allMatch(v -> v.arranged().isIn(schemes))
                ? this
                : withViews(views.stream()
                        .map(v -> v.withArranged(v.arranged().in(schemes)))
                        .toList());
    }

    /** With a view and a page of a further storey, like those of the last one. */
    private Presentation showing(StoreyId storey) {
        var like = views.getLast();
        var view = View.of(nextView(), storey, like.look(), like.light())
                .withScale(like.scale())
                .withShowing(like.showing())
                .withAnnotation(like.annotation());
        return adding(view, Page.of(nextPage(), view.id(), pages.getLast().sheet()), like.id());
    }
}
