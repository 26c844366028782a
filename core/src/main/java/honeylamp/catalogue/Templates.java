package honeylamp.catalogue;

import honeylamp.plan.HeldLook;
import honeylamp.plan.Plan;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.Showing.Degree;
import honeylamp.plan.Showing.Kind;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.function.Function;

/** What plans begin with that ship with the program; each for plans in any units. */
public final class Templates {
    /**
     * A beginning.
     *
     * @param about what it is for, in a few words
     */
    public record Template(String name, String about, Function<UnitSystem, Plan> plan) {}

    private static final List<Template> ALL = List.of(
            new Template("Plan for a client", "Colour, furniture, dimensions", NewPlan::in),
            new Template(
                    "Listing plan",
                    "Upright, names and areas, no dimensions",
                    units -> upright(seen(NewPlan.in(units), Kind.DIMENSIONS, Degree.HIDDEN), units)),
            new Template(
                    "Working plan",
                    "Lines and dimensions, furniture faint, tags",
                    units -> seen(
                            seen(looked(NewPlan.in(units)), Kind.TAGS, Degree.SHOWN), Kind.FURNITURE, Degree.FADED)));

    private Templates() {}

    /** All that ship. */
    public static List<Template> all() {
        return ALL;
    }

    private static Plan upright(Plan plan, UnitSystem units) {
        var paper = units.isMetric() ? Paper.A4 : Paper.LETTER;
        return plan.withPresentation(plan.presentation()
                .withPages(plan.presentation().pages().stream()
                        .map(p -> p.on(p.sheet().on(paper, Way.PORTRAIT)))
                        .toList()));
    }

    private static Plan seen(Plan plan, Kind kind, Degree degree) {
        return plan.withPresentation(plan.presentation()
                .withViews(plan.presentation().views().stream()
                        .map(v -> v.withShowing(v.showing().with(kind, degree)))
                        .toList()));
    }

    private static Plan looked(Plan plan) {
        return plan.withPresentation(plan.presentation()
                .withLooks(plan.presentation().looks().stream()
                        .map(l -> new HeldLook(l.id(), Looks.FLAT))
                        .toList()));
    }
}
