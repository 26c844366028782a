package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.FittingEdits;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class GroupsElsewhereTest {
    private static Plan with(Plan plan, int storey, FittingKind kind, Integer... groups) {
        var one = TestPlans.fitted(
                        TestPlans.clearRectangle(3000, 3000),
                        kind,
                        new Fitting.Ceiling(Position.ofMm(1000, 1000), Optional.empty()),
                        groups)
                .storeys()
                .getFirst()
                .fittings()
                .getFirst();
        return FittingEdits.add(plan, plan.storeys().get(storey).id(), one).plan();
    }

    private static String words(Plan plan, int storey, int nth, int group) {
        var laid = LaidPlan.of(plan).all().get(storey);
        return GroupsElsewhere.of(laid)
                .words(plan.storeys().get(storey).fittings().get(nth), group);
    }

    @Test
    void aSwitchSaysOnWhichStoreyItsLightsAre() {
        var plan = QuillbackLane.plan();
        plan = with(plan, 0, FittingKind.PULL_CORD, 1, 2, 3, 9);
        plan = with(plan, 0, FittingKind.CEILING_LIGHT, 1);
        plan = with(plan, 1, FittingKind.CEILING_LIGHT, 1);
        plan = with(plan, 1, FittingKind.PENDANT, 2);
        plan = with(plan, 1, FittingKind.PULL_CORD, 1, 2);
        assertThat(words(plan, 0, 0, 1)).as("a light of it is here").isEqualTo("1");
        assertThat(words(plan, 0, 0, 2)).isEqualTo("2 up");
        assertThat(words(plan, 0, 0, 9)).as("nobody has such a light").isEqualTo("9");
        assertThat(words(plan, 1, 2, 2)).isEqualTo("2");
        plan = with(plan, 0, FittingKind.CEILING_LIGHT, 3);
        plan = with(plan, 1, FittingKind.PULL_CORD, 3);
        assertThat(words(plan, 1, 3, 3)).isEqualTo("3 down");
        assertThat(words(plan, 0, 2, 3)).as("of a light its number alone").isEqualTo("3");
    }
}
