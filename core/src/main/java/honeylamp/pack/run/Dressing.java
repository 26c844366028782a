package honeylamp.pack.run;

import honeylamp.catalogue.LabelSets;
import honeylamp.catalogue.LabelSets.LabelSet;
import honeylamp.catalogue.Looks;
import honeylamp.catalogue.TierSets;
import honeylamp.catalogue.TierSets.TierSet;
import honeylamp.edit.PageEdits;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.pack.Brand;
import honeylamp.pack.Recipe.Drawn;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Look;
import honeylamp.plan.Oklch;
import honeylamp.plan.Page.Listing;
import honeylamp.plan.Plan;
import honeylamp.plan.Role;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.Showing;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A plan as it is drawn for a part of a pack. */
final class Dressing {
    private Dressing() {}

    /**
     * The plan in the look, with the words and without the furniture that are asked for, in the colours of a brand.
     *
     * @throws IllegalArgumentException if there is no look or set of such a name
     */
    static Plan of(Plan plan, Drawn drawn, Optional<Brand> brand) {
        var out = plan;
        var view = plan.presentation().views().getFirst().id();
        if (drawn.look().isPresent()) {
            var look = named("look", drawn.look().get(), looks(plan), Look::name);
            out = ViewEdits.look(out, view, Reach.ALL, _ -> look);
        }
        if (brand.isPresent()) {
            out = ViewEdits.look(out, view, Reach.ALL, look -> branded(look, brand.get()));
        }
        if (drawn.square()) {
            out = squared(out);
        }
        return drawn.bare() ? worded(bare(out, view), view, drawn) : worded(out, view, drawn);
    }

    private static Plan squared(Plan plan) {
        var out = plan;
        for (var page : plan.presentation().pages()) {
            if (!page.lists().contains(Listing.SQUARE)) {
                out = PageEdits.toggle(out, page.id(), Reach.THIS, Listing.SQUARE);
            }
        }
        return out;
    }

    private static Plan bare(Plan plan, ViewId view) {
        return ViewEdits.showing(plan, view, Reach.ALL, Showing.Kind.FURNITURE, Showing.Degree.HIDDEN);
    }

    private static Plan worded(Plan plan, ViewId view, Drawn drawn) {
        var out = plan;
        if (drawn.labels().isPresent()) {
            var labels = named("set of labels", drawn.labels().get(), LabelSets.all(), LabelSet::name);
            out = ViewEdits.annotation(out, view, Reach.ALL, a -> a.withRooms(labels.onto(a.rooms())));
        }
        if (drawn.dimensions().isPresent()) {
            var set = named("set of dimensions", drawn.dimensions().get(), TierSets.all(), TierSet::name);
            out = ViewEdits.tiers(out, view, Reach.ALL, set::onto);
            out = ViewEdits.annotation(
                    out,
                    view,
                    Reach.ALL,
                    a -> a.withPairs(new RoomPairs(set.pairs(), a.pairs().others()))
                            .withTiles(set.tiles()));
        }
        return out;
    }

    /** Looks that can be asked for by name: those that ship are the same for every plan, then the plan's own. */
    static List<Look> looks(Plan plan) {
        var out = new ArrayList<>(Looks.all());
        for (var held : plan.presentation().looks()) {
            if (find(held.look().name(), out, Look::name).isEmpty()) {
                out.add(held.look());
            }
        }
        return out;
    }

    /** What is asked for by a name that nothing has, each in words. */
    static List<String> missing(Plan plan, Drawn drawn) {
        return Stream.of(
                        missing("look", drawn.look(), looks(plan), Look::name),
                        missing("set of labels", drawn.labels(), LabelSets.all(), LabelSet::name),
                        missing("set of dimensions", drawn.dimensions(), TierSets.all(), TierSet::name))
                .flatMap(Optional::stream)
                .toList();
    }

    private static <T> Optional<String> missing(
            String what, Optional<String> name, List<T> all, Function<T, String> names) {
        return name.filter(n -> find(n, all, names).isEmpty()).map(n -> "the " + what + " \"" + n + "\"");
    }

    private static <T> Optional<T> find(String name, List<T> all, Function<T, String> names) {
        return all.stream()
                .filter(t -> names.apply(t).equalsIgnoreCase(name.strip()))
                .findFirst();
    }

    private static <T> T named(String what, String name, List<T> all, Function<T, String> names) {
        return find(name, all, names)
                .orElseThrow(() -> new IllegalArgumentException("there is no " + what + " called \"" + name
                        + "\"; there are " + all.stream().map(names).collect(Collectors.joining(", "))));
    }

    private static Look branded(Look look, Brand brand) {
        Map<Role, Oklch> colours = new EnumMap<>(Role.class);
        brand.paper().ifPresent(code -> colours.put(Role.PAPER, Brand.colour("paper", code)));
        brand.ink().ifPresent(code -> colours.put(Role.INK, Brand.colour("ink", code)));
        var coloured = look.withPalette(look.palette().with(colours));
        return brand.titles()
                .map(family -> coloured.withDrafting(coloured.drafting()
                        .withLettering(coloured.drafting().lettering().withTitles(family))))
                .orElse(coloured);
    }
}
