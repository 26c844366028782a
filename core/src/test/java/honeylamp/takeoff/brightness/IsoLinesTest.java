package honeylamp.takeoff.brightness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.geometry.Point;
import honeylamp.plan.FittingKind;
import honeylamp.plan.LightingRules;
import java.util.ArrayList;
import java.util.function.ToDoubleFunction;
import org.junit.jupiter.api.Test;

/** Lines of equal light. */
class IsoLinesTest {
    private static LuxGrid grid(ToDoubleFunction<Point> light) {
        var laid = TestPlans.laid(
                LitRoom.empty().hung(FittingKind.DOWNLIGHT, 3000, 2000, 0).plan());
        var real = LuxGrid.of(laid, LightingRules.USUAL, _ -> true, 100).getFirst();
        var lux = new ArrayList<Float>();
        for (var i = 0; i < real.rows() * real.columns(); i++) {
            lux.add((float) light.applyAsDouble(real.at(i % real.columns(), i / real.columns())));
        }
        return new LuxGrid(real.light(), real.origin(), real.stepMm(), real.columns(), real.rows(), lux);
    }

    /** A cone of light: its lines are circles. */
    @Test
    void aroundOneLampTheyAreRings() {
        var grid = grid(p -> 1000 - p.distance(new Point(3000, 2000)) / 2);
        var lines = IsoLines.at(grid, 500); // 1,000 away
        assertThat(lines).hasSize(1);
        assertThat(lines.getFirst().getFirst()).isEqualTo(lines.getFirst().getLast());
        assertThat(lines.getFirst())
                .allSatisfy(p -> assertThat(p.distance(new Point(3000, 2000))).isCloseTo(1000, within(3.0)));
    }

    /** A slope from west to east: one line across, from wall to wall. */
    @Test
    void onASlopeItRunsAcross() {
        var lines = IsoLines.at(grid(p -> p.x() / 10), 234);
        assertThat(lines).hasSize(1);
        assertThat(lines.getFirst())
                .hasSize(41)
                .allSatisfy(p -> assertThat(p.x()).isCloseTo(2340, within(0.1)));
    }

    @Test
    void twoLampsHaveTwoRingsThatMergeBelow() {
        var grid =
                grid(p -> Math.max(1000 - p.distance(new Point(1500, 2000)), 1000 - p.distance(new Point(4500, 2000))));
        assertThat(IsoLines.at(grid, 500)).hasSize(2);
        assertThat(IsoLines.at(grid, 2000)).isEmpty();
        assertThat(IsoLines.at(grid, -5000)).isEmpty();
    }
}
