package honeylamp.takeoff.brightness;

import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.lighting.InTheWay;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A room of 5 by 4 m with a window of 1,200 in its south wall, from 1,900 to 3,100, 900 to 2,100 high. */
class DaylightTest {
    private static final double LET_THROUGH = 0.68 * 0.8 * 0.9;
    private static final double WORK_MM = 850;

    private static Plan dark() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        return RoomEdits.mark(plan, storey(plan), Position.ofMm(1000, 1000), "Study", Finish.of("wide-oak"))
                .plan();
    }

    private static Plan lit() {
        return TestPlans.opening(dark(), 0, OpeningKind.CASEMENT_WINDOW, 1900, 1200, Hand.FIRST, Swing.LEFT);
    }

    private static Daylight daylight(Plan plan) {
        var geometry = TestPlans.geometry(plan);
        return Daylight.of(geometry, InTheWay.of(geometry), geometry.rooms().getFirst(), Reflectances.USUAL);
    }

    /** All directions one after the other: the sky in them, on a level place. */
    private static double sky(double east, double north) {
        var n = 1200;
        var left = Math.atan2(1900 - east, north);
        var right = Math.atan2(3100 - east, north);
        var sum = 0.0;
        for (var i = 0; i < n; i++) {
            var turn = left + (i + 0.5) * (right - left) / n;
            var far = north / Math.cos(turn);
            var low = Math.atan2(900 - WORK_MM, far);
            var high = Math.atan2(2100 - WORK_MM, far);
            for (var k = 0; k < 200; k++) {
                var up = low + (k + 0.5) * (high - low) / 200;
                sum += (1 + 2 * Math.sin(up))
                        / 3
                        * Math.sin(up)
                        * Math.cos(up)
                        * (high - low)
                        / 200
                        * (right - left)
                        / n;
            }
        }
        return sum / (7 * Math.PI / 9);
    }

    @ParameterizedTest
    @CsvSource({"2500, 700", "2500, 1500", "2500, 3500", "900, 1500", "4600, 2500"})
    void theSkyThroughAWindowIsAsItsDirectionsSay(double east, double north) {
        var day = daylight(lit());
        var back = day.share(new Point(east, north), 2200); // above the window's head nothing falls straight
        assertThat(day.share(new Point(east, north), WORK_MM) - back)
                .isCloseTo(LET_THROUGH * sky(east, north), Percentage.withPercentage(2));
    }

    /** 0.4896 × 1.44 m² (0.39 below + 0.05 above) / A (1 − R), by hand for a room of 5 × 4 × 2.6 m. */
    @Test
    void surfacesGiveBackAsTheFormulaOfSplitFluxSays() {
        var plan = lit();
        var high = plan.storeys().getFirst().levels().height().mm() / 1000;
        var walls = 18 * high;
        var below = (20 * 0.3 + walls / 2 * 0.5) / (20 + walls / 2);
        var above = (20 * 0.7 + walls / 2 * 0.5) / (20 + walls / 2);
        var mean = (20 * 1.0 + walls * 0.5) / (40 + walls);
        var expected = LET_THROUGH * 1.44 * (0.39 * below + 0.05 * above) / ((40 + walls) * (1 - mean));
        assertThat(daylight(plan).share(new Point(2500, 3000), 2200))
                .isCloseTo(expected, Percentage.withPercentage(0.5));
    }

    @Test
    void daylightIsLeftOutUnlessAsked() {
        var laid = TestPlans.laid(lit());
        var out = RoomLight.of(laid, LightingRules.USUAL, _ -> true).getFirst();
        assertThat(out.dayLux()).isZero();
        assertThat(LuxGrid.of(laid, LightingRules.USUAL, _ -> true, 200)).isEmpty();
        var rules = LightingRules.USUAL.withSkyLux(LightingRules.USUAL_SKY_LUX);
        var in = RoomLight.of(laid, rules, _ -> true).getFirst();
        assertThat(in.dayLux()).isBetween(40.0, 200.0);
        assertThat(in.meanLux()).as("lamps are told by themselves").isEqualTo(out.meanLux());
        var grid = LuxGrid.of(laid, rules, _ -> true, 200).getFirst();
        assertThat(grid.mean()).isCloseTo(in.dayLux(), Percentage.withPercentage(10));
        assertThat(grid.most()).as("beside the window").isGreaterThan(3 * in.dayLux());
    }

    @Test
    void aWindowToAnotherRoomAndARoomWithoutOneHaveNone() {
        var rules = LightingRules.USUAL.withSkyLux(10_000);
        assertThat(RoomLight.of(TestPlans.laid(dark()), rules, _ -> true)
                        .getFirst()
                        .dayLux())
                .isZero();
        var parted = TestPlans.walled(dark(), 2500, 0, 2500, 4000, TestPlans.PARTITION);
        var inner = TestPlans.opening(parted, 4, OpeningKind.CASEMENT_WINDOW, 1900, 1200, Hand.FIRST, Swing.LEFT);
        assertThat(RoomLight.of(TestPlans.laid(inner), rules, _ -> true))
                .hasSize(2)
                .allSatisfy(r -> assertThat(r.dayLux()).isZero());
    }

    /** A wall before the window: what it hides has only what surfaces give back. */
    @Test
    void wallsStandInItsWay() {
        var plan = TestPlans.walled(lit(), 1000, 1500, 4000, 1500, TestPlans.PARTITION);
        var behind = new Point(2500, 3000);
        assertThat(daylight(plan).share(behind, WORK_MM))
                .isEqualTo(daylight(plan).share(behind, 2200));
        assertThat(daylight(lit()).share(behind, WORK_MM))
                .isGreaterThan(2 * daylight(plan).share(behind, WORK_MM));
    }
}
