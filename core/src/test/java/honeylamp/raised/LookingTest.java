package honeylamp.raised;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Raised;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Rays;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LookingTest {
    /** A leaf that stands open may reach over the edge of a house; nothing else may, balconies and wardrobes neither. */
    private static final double LEAF_MM = 40;

    @ParameterizedTest
    @ValueSource(doubles = {30, 72, 120, 210, 300})
    void theRoomForAStoreyHoldsAllThatIsSeen(double turnDeg) {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
            for (var storey : plan.storeys()) {
                for (var rays : Rays.values()) {
                    var subject =
                            new Raised.WholeStorey(storey.id(), storey.levels().cut(), new Eye(rays, turnDeg, 36));
                    var added = ViewEdits.raised(
                            plan, plan.presentation().views().getFirst().id(), subject, "Raised");
                    var view = LaidPlan.of(added.plan())
                            .view(added.plan().presentation().views().getLast().id());
                    var extent = Looking.of(view, subject).orElseThrow().extent();
                    var seen =
                            SeenThings.of(view).scene().orElseThrow().bounds().orElseThrow();
                    assertThat(extent.grown(LEAF_MM).contains(seen))
                            .as(storey.name() + " " + rays + " holds " + seen + " in " + extent)
                            .isTrue();
                }
            }
        }
    }
}
