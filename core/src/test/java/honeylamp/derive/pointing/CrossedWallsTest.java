package honeylamp.derive.pointing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Wall.BodySide;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A house of 6,000 by 4,000 clear with walls of 300 and a partition of 100 in the middle. */
class CrossedWallsTest {
    private static final TestPlans HOUSE = TestPlans.start()
            .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
            .wall(3000, 0, 3000, 4000, BodySide.CENTRE, TestPlans.PARTITION);

    private static List<Double> along(double y0, double y1) {
        return CrossedWalls.along(HOUSE.geometry(), new Segment(new Point(-1000, y0), new Point(7000, y1))).stream()
                .map(Point::x)
                .toList();
    }

    @Test
    void everyFaceThatIsCrossedIsAStop() {
        var stops = along(2000, 2000);
        var wanted = List.of(-300.0, 0.0, 2950.0, 3050.0, 6000.0, 6300.0);
        assertThat(stops).hasSize(6);
        for (var i = 0; i < 6; i++) {
            assertThat(stops.get(i)).isCloseTo(wanted.get(i), within(1e-6));
        }
        assertThat(along(9000, 9000)).isEmpty();
    }

    @Test
    void aWallIsCrossedAsIfNoDoorWereInIt() {
        var plan = TestPlans.opening(HOUSE.plan(), 4, OpeningKind.DOOR, 1600, 800, Hand.FIRST, Swing.LEFT);
        assertThat(CrossedWalls.along(
                        TestPlans.geometry(plan), new Segment(new Point(100, 2000), new Point(5900, 2000))))
                .hasSize(2);
    }
}
