package honeylamp.edit;

import honeylamp.plan.Elements;
import honeylamp.plan.Plan;
import honeylamp.plan.Repeats;
import honeylamp.plan.Schemes;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.Way;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;

/** What concerns a plan as a whole: its name, its units, and what of it makes a template. */
public final class PlanEdits {
    private PlanEdits() {}

    /** The plan under another name. */
    public static Plan named(Plan plan, String name) {
        return name.strip().equals(plan.name()) ? plan : plan.withName(name.strip());
    }

    /** The plan with lengths read and shown in other units; no length changes. */
    public static Plan in(Plan plan, UnitSystem units) {
        return units == plan.units() ? plan : plan.withUnits(units);
    }

    /** The plan with lengths rounded to a step where a drawing shows them; no length changes. */
    public static Plan rounded(Plan plan, Length step) {
        return step.equals(plan.roundedTo()) ? plan : plan.withRoundedTo(step);
    }

    /** The plan with north that many degrees clockwise from straight up on it. */
    public static Plan north(Plan plan, double clockwiseDeg) {
        var to = ((90 - clockwiseDeg) % 360 + 360) % 360;
        return to == plan.northDeg() ? plan : plan.withNorthDeg(to);
    }

    /** How far north lies from straight up, clockwise, from 0 up to 360 degrees. */
    public static double northClockwise(Plan plan) {
        return ((90 - plan.northDeg()) % 360 + 360) % 360;
    }

    /** The plan with all its pages on such paper. */
    public static Plan on(Plan plan, Paper paper, Way way) {
        return PageEdits.sheet(plan, s -> s.on(paper, way));
    }

    /**
     * What a plan leaves to others that begin with it: units, wall types, storeys and their heights, looks, views, sheets
     * and words of the title block, the brief; nothing that stands in it, and no part or place of what is gone.
     */
    public static Plan template(Plan plan) {
        var bare = plan.keepingSchemes(Schemes.NONE);
        var presentation = bare.presentation();
        return bare.with(copy -> copy.storeys(
                        bare.storeys().stream().map(s -> s.with(Elements.NONE)).toList())
                .repeats(Repeats.NONE)
                .presentation(presentation.with(inner -> inner.views(presentation.views().stream()
                                .map(v -> v.with(view -> view.crop(Optional.empty())
                                        .moved(List.of())
                                        .movedTiers(List.of())
                                        .movedSlanted(List.of())))
                                .toList())
                        .pages(presentation.pages().stream()
                                .map(p -> p.withPictures(List.of()))
                                .toList()))));
    }
}
