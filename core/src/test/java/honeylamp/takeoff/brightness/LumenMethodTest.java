package honeylamp.takeoff.brightness;

import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Fittings;
import honeylamp.derive.rooms.Room;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Emission;
import honeylamp.plan.Emission.Dimming;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.LightingRules;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.Works;
import honeylamp.takeoff.brightness.LumenMethod.Proportions;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;

/** The lumen method against its own parts worked out by closed formulas. */
class LumenMethodTest {
    /** A beam of 120° is as a matt surface shines: the share is the form factor of two squares that face each other. */
    private static final Emission MATT = new Emission(1_000, 10, 120, 3000, Dimming.FULL);

    /** Of a square of so many times the height to one like it above (Howell, Catalog of Radiation Factors, C-11). */
    private static double formFactor(double x) {
        var s = Math.sqrt(1 + x * x);
        return 2
                / (Math.PI * x * x)
                * (Math.log(Math.sqrt((1 + x * x) * (1 + x * x) / (1 + 2 * x * x)))
                        + 2 * x * s * Math.atan(x / s)
                        - 2 * x * Math.atan(x));
    }

    /** Thirty rooms from 2 by 2 to 12 by 7 m, each worked out by hand: E = Φ (F + what comes back) 0.8 / A. */
    @Test
    void thirtyRoomsAreAsWorkedOutByHand() {
        var rooms = new ArrayList<double[]>();
        for (var w = 2; w <= 12; w += 2) {
            for (var d = 2; d <= 6; d++) {
                rooms.add(new double[] {w, d, 1.55});
            }
        }
        assertThat(rooms).hasSize(30);
        var back = new Reflectances(0.2, 0.5, 0.7);
        for (var room : rooms) {
            var a = room[0] * room[1];
            var p = 2 * (room[0] + room[1]);
            var h = room[2];
            var f = formFactor(2 * a / (p * h) * 2);
            var first = f * 0.2 + (1 - f) * 0.5;
            var all = 2 * a + p * h;
            var mean = (a * 0.2 + a * 0.7 + p * h * 0.5) / all;
            var expected = 1_000 * (f + a * first / (all * (1 - mean))) * 0.8 / a;
            var proportions = new Proportions(a, p, h);
            var use = LumenMethod.utilisation(proportions, MATT, 1, back);
            assertThat(LumenMethod.lux(proportions, 1_000, use, 0.8))
                    .as("a room of %.0f by %.0f m", room[0], room[1])
                    .isCloseTo(expected, Percentage.withPercentage(1.5));
        }
    }

    @Test
    void theRoomIndexOfARectangleIsItsOwnFormula() {
        assertThat(new Proportions(20, 18, 1.6).index()).isCloseTo(4 * 5 / (1.6 * (4 + 5)), within(1e-9));
    }

    @Test
    void narrowBeamsAndPaleSurfacesUseMore() {
        var small = new Proportions(9, 12, 1.6);
        var narrow = new Emission(1_000, 10, 30, 3000, Dimming.FULL);
        assertThat(LumenMethod.utilisation(small, narrow, 1, Reflectances.USUAL))
                .isGreaterThan(LumenMethod.utilisation(small, MATT, 1, Reflectances.USUAL));
        assertThat(LumenMethod.utilisation(small, MATT, 1, new Reflectances(0.5, 0.8, 0.9)))
                .isGreaterThan(LumenMethod.utilisation(small, MATT, 1, Reflectances.USUAL));
        assertThat(LumenMethod.utilisation(small, MATT, 0, new Reflectances(0, 0, 0)))
                .as("an uplight in a black room")
                .isZero();
    }

    private static Plan lit(Plan plan) {
        return FittingEdits.add(
                        plan,
                        storey(plan),
                        new Fitting(
                                new FittingId(1),
                                FittingKind.CEILING_LIGHT,
                                new Fitting.InRoom(
                                        plan.storeys()
                                                .getFirst()
                                                .rooms()
                                                .getFirst()
                                                .id(),
                                        2,
                                        2,
                                        Optional.empty()),
                                0,
                                Length.ofMm(1000),
                                Fittings.emission(FittingKind.CEILING_LIGHT),
                                List.of(),
                                0,
                                Works.NEW,
                                Buying.UNKNOWN))
                .plan();
    }

    private static Plan room(String floor) {
        var plan = TestPlans.clearRectangle(5000, 4000);
        return RoomEdits.mark(plan, storey(plan), Position.ofMm(1000, 1000), "Hall", Finish.of(floor))
                .plan();
    }

    /** Four ceiling lights in a room: both ways of reckoning tell much the same, points the more the nearer to a lamp. */
    @Test
    void pointsAndLumensAgreeInARoomWithoutFurniture() {
        var plan = lit(room("wide-oak"));
        var laid = TestPlans.laid(plan);
        var mean = RoomLight.of(laid, LightingRules.USUAL, _ -> true).getFirst();
        var grid = LuxGrid.of(laid, LightingRules.USUAL, _ -> true, 100).getFirst();
        assertThat(mean.lumen()).isEqualTo(6_000);
        assertThat(mean.watt()).isEqualTo(60);
        assertThat(grid.mean()).isCloseTo(mean.meanLux(), Percentage.withPercentage(8));
        assertThat(grid.least()).isLessThan(grid.mean());
        assertThat(grid.most()).isGreaterThan(grid.mean());
        assertThat(grid.rows()).isEqualTo(41);
        assertThat(grid.columns()).isEqualTo(51);
    }

    @Test
    void aPaleFloorGivesMoreBack() {
        assertThat(Reflectances.of(TestPlans.laid(room("wide-oak")), only(room("wide-oak")))
                        .floor())
                .isBetween(0.3, 0.9);
        var oak = RoomLight.of(TestPlans.laid(lit(room("wide-oak"))), LightingRules.USUAL, _ -> true)
                .getFirst();
        var slate = RoomLight.of(TestPlans.laid(lit(room("slate"))), LightingRules.USUAL, _ -> true)
                .getFirst();
        assertThat(oak.meanLux()).isGreaterThan(slate.meanLux());
    }

    private static Room only(Plan plan) {
        return TestPlans.geometry(plan).rooms().getFirst();
    }
}
