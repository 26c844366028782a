package honeylamp.catalogue;

import honeylamp.plan.Brief;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Plan;
import honeylamp.plan.Presentation;
import honeylamp.plan.Repeats;
import honeylamp.plan.Review;
import honeylamp.plan.Schemes;
import honeylamp.plan.Sheet;
import honeylamp.plan.Sheet.Paper;
import honeylamp.plan.Sheet.TitleBlock;
import honeylamp.plan.Sheet.Way;
import honeylamp.plan.Storey;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;

/** What an empty plan starts with: wall types, one storey, a look, a light, a sheet; no room, no figure. */
public final class NewPlan {
    private NewPlan() {}

    /** An empty plan in a unit system. */
    public static Plan in(UnitSystem units) {
        var metric = units.isMetric();
        return new Plan(
                "",
                units,
                Length.ZERO,
                90,
                WallTypes.starting(units),
                List.of(Storey.empty(
                        new StoreyId(4),
                        "Ground storey",
                        Length.ZERO,
                        metric ? Length.ofMm(2600) : Length.ofInches(102))),
                Presentation.of(
                        Looks.DAYLIGHT,
                        Looks.UPPER_LEFT,
                        new Sheet(metric ? Paper.A3 : Paper.TABLOID, Way.LANDSCAPE, TitleBlock.of("")),
                        List.of(new StoreyId(4))),
                Brief.OPEN,
                Repeats.NONE,
                List.of(),
                Schemes.NONE,
                LightingRules.USUAL,
                Review.NONE,
                6);
    }
}
