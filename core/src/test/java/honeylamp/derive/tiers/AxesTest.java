package honeylamp.derive.tiers;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.tiers.Axes.Axis;
import honeylamp.derive.tiers.Axes.Way;
import honeylamp.edit.StructureEdits;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Kind;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Axes of buildings, their places by hand. */
class AxesTest {
    private static List<Axis> axes(Plan plan) {
        return Axes.of(LaidPlan.of(plan));
    }

    private static Plan post(Plan plan, double x, double y) {
        return StructureEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        new Structure.Block(Kind.POST, Length.ofMm(150), Length.ofMm(150), Length.ofMm(2500)),
                        Position.ofMm(x, y),
                        0)
                .plan();
    }

    /** A room of 6 by 4 m clear within walls so thick: their middles lie half of that outside it. */
    @Test
    void runThroughTheMiddlesOfCarryingWalls() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var half = plan.wallType(TestPlans.OUTER).thickness().mm() / 2;
        assertThat(axes(plan)).extracting(Axis::name).containsExactly("1", "2", "A", "B");
        assertThat(axes(plan).get(0).atMm()).isCloseTo(-half, within(1e-6));
        assertThat(axes(plan).get(1).atMm()).isCloseTo(6000 + half, within(1e-6));
        assertThat(axes(plan).get(3).atMm()).isCloseTo(4000 + half, within(1e-6));
        var parted = TestPlans.walled(plan, 2500, 0, 2500, 4000, TestPlans.PARTITION);
        assertThat(axes(parted)).as("a partition carries nothing").isEqualTo(axes(plan));
    }

    /** Posts a metre apart up the plan: letters go on after Z, and none of them is I or O. */
    @Test
    void postsHaveAxesBothWaysAndNoLetterIsTakenForAFigure() {
        var plan = TestPlans.clearRectangle(6000, 30_000);
        for (var i = 1; i <= 27; i++) {
            plan = post(plan, 3000 + 10 * (i % 3), 1000.0 * i); // all but in one line
        }
        var up = axes(plan).stream().filter(a -> a.way() == Way.UP).toList();
        var across = axes(plan).stream().filter(a -> a.way() == Way.ACROSS).toList();
        assertThat(up).extracting(Axis::name).containsExactly("1", "2", "3");
        assertThat(across).hasSize(29);
        assertThat(across).extracting(Axis::name).doesNotContain("I", "O").contains("H", "J", "Z", "AA", "AE");
        assertThat(across.get(24).name()).isEqualTo("AA"); // 24 letters before it
    }

    /** Two storeys, an upper one with a post of its own: its axes are those of the building, on both. */
    @Test
    void areTheSameOnEveryStorey() {
        var plan = QuillbackLane.plan();
        var upper = plan.storeys().getLast();
        var more = StructureEdits.add(
                        plan,
                        upper.id(),
                        new Structure.Block(Kind.POST, Length.ofMm(150), Length.ofMm(150), Length.ofMm(2500)),
                        Position.ofMm(3333, 5555),
                        0)
                .plan();
        assertThat(axes(plan)).noneMatch(a -> a.atMm() == 3333 || a.atMm() == 5555);
        assertThat(axes(more)).hasSize(axes(plan).size() + 2);
        assertThat(axes(more))
                .filteredOn(a -> a.atMm() == 3333)
                .singleElement()
                .satisfies(a -> assertThat(a.way()).isEqualTo(Way.UP));
        for (var way : Way.values()) {
            assertThat(axes(more).stream().filter(a -> a.way() == way).map(Axis::atMm))
                    .isSorted();
        }
    }

    /** A carrying wall six degrees off the plumb has no axis; one that stands plumb beside it has. */
    @Test
    void leaveSlantingWallsOut() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        var slanting = TestPlans.walled(plan, 2500, 0, 2920, 4000, TestPlans.OUTER);
        assertThat(axes(slanting)).isEqualTo(axes(plan));
        var plumb = TestPlans.walled(plan, 2500, 0, 2500, 4000, TestPlans.OUTER);
        assertThat(axes(plumb)).extracting(Axis::name).containsExactly("1", "2", "3", "A", "B");
        assertThat(axes(plumb).get(1).atMm()).isCloseTo(2500, within(1e-6));
    }
}
