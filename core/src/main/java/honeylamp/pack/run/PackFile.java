package honeylamp.pack.run;

import honeylamp.derive.storeys.LaidPage;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.output.Export;
import honeylamp.output.FileWords;
import honeylamp.pack.Recipe;
import honeylamp.pack.Recipe.Measure;
import honeylamp.pack.Recipe.Part;
import honeylamp.plan.Arrangement;
import honeylamp.plan.ElementId.PageId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Page;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet;
import honeylamp.plan.View;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/**
 * A file of a pack.
 *
 * @param name with its ending
 * @param pages what is on it; several only in a PDF, none for schedules
 */
record PackFile(String name, Part part, List<LaidPage> pages) {
    PackFile {
        pages = List.copyOf(pages);
    }

    /** All files a recipe makes of a plan, no two of one name. */
    static List<PackFile> of(Plan plan, Recipe recipe) {
        var out = new ArrayList<PackFile>();
        var names = new HashSet<String>();
        for (var part : recipe.parts()) {
            var dressed = Dressing.of(plan, part.drawn(), recipe.brand());
            switch (part.of()) {
                case ALL_PAGES ->
                    out.add(named(
                            part, "", "", dressed, names, LaidPlan.of(dressed).pages()));
                case EACH_PAGE ->
                    LaidPlan.of(dressed)
                            .pages()
                            .forEach(p -> out.add(named(part, p.name(), storey(p), dressed, names, List.of(p))));
                case EACH_STOREY ->
                    laid(dressed, plans(dressed).map(List::of).toList())
                            .forEach(p -> out.add(named(part, p.name(), storey(p), dressed, names, List.of(p))));
                case ALL_STOREYS -> {
                    var all = plans(dressed).toList();
                    if (all.size() > 1) { // of one storey that would be the same picture twice
                        out.add(named(part, "", "", dressed, names, laid(dressed, List.of(all))));
                    }
                }
                case SCHEDULES -> out.add(named(part, "", "", dressed, names, List.of()));
            }
        }
        return out;
    }

    /** How the pages become pixels. */
    Export.Picture picture() {
        var measure = part.measure();
        return new Export.Picture(
                size(measure),
                switch (part.ground()) {
                    case PAPER -> Export.Backing.PAPER;
                    case WHITE -> Export.Backing.WHITE;
                    case CLEAR -> Export.Backing.CLEAR;
                },
                Export.Cut.PAGE, // cut before the brand is put below it
                measure.mostKb(),
                part.lasting(),
                part.notes());
    }

    private static Export.Size size(Measure measure) {
        if (measure.longestPx().isPresent()) {
            return new Export.Size.Longest(measure.longestPx().get());
        }
        if (measure.acrossPx().isPresent()) {
            return new Export.Size.Sides(
                    measure.acrossPx().get(), measure.upPx().orElseThrow());
        }
        return new Export.Size.Dpi(measure.dpi().map(Integer::doubleValue).orElse(Export.USUAL_DPI));
    }

    /** A view of each storey from end to end, those on pages first. */
    private static Stream<ViewId> plans(Plan plan) {
        var onPages = plan.presentation().pages().stream().flatMap(p -> p.views().stream());
        var all = Stream.concat(onPages, plan.presentation().views().stream().map(View::id))
                .distinct()
                .map(id -> view(plan, id))
                .filter(v -> v.isPlan() && v.crop().isEmpty())
                .toList();
        return plan.storeys().stream()
                .flatMap(
                        s -> all.stream().filter(v -> v.storey().equals(s.id())).limit(1))
                .map(View::id);
    }

    private static View view(Plan plan, ViewId id) {
        return plan.presentation().views().stream()
                .filter(v -> v.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** Pages without lists with some views each, all of one paper. */
    private static List<LaidPage> laid(Plan plan, List<List<ViewId>> each) {
        var first = plan.presentation().pages().getFirst();
        var sheet = each.stream().anyMatch(views -> views.size() > 1)
                ? first.sheet().on(first.sheet().paper(), Sheet.Way.LANDSCAPE)
                : first.sheet();
        var pages = new ArrayList<Page>();
        for (var i = 0; i < each.size(); i++) {
            pages.add(new Page(
                    new PageId(i + 1), "", sheet, each.get(i), Set.of(), "", List.of(), List.of(), Arrangement.USUAL));
        }
        return LaidPlan.of(plan.withPresentation(plan.presentation().withPages(pages)))
                .pages();
    }

    private static String storey(LaidPage page) {
        return page.views().getFirst().storey().geometry().storey().name();
    }

    private static PackFile named(
            Part part, String page, String storey, Plan plan, Set<String> taken, List<LaidPage> pages) {
        var stem = part.file()
                .replace("{plan}", FileWords.of(plan.name(), "plan"))
                .replace("{page}", FileWords.of(page, "page"))
                .replace("{storey}", FileWords.of(storey, "storey"));
        var ending =
                "." + (part.of() == Recipe.Of.SCHEDULES ? "xlsx" : part.format().ending());
        var name = Stream.concat(Stream.of(""), Stream.iterate(2, n -> n + 1).map(n -> "-" + n))
                .map(n -> stem + n + ending)
                .filter(n -> !taken.contains(n))
                .findFirst()
                .orElseThrow();
        taken.add(name);
        return new PackFile(name, part, pages);
    }
}
