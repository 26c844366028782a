package honeylamp.derive.lighting;

import static honeylamp.TestPlans.PARTITION;
import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.PickedEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.Buying;
import honeylamp.plan.Element;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.Emission;
import honeylamp.plan.Emission.Dimming;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.Works;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The light of fittings point by point, against the formulas for one lamp over a plane. */
class LitTest {
    private static final int LUMEN = 1_000;
    private static final double LAMP_MM = 2_400;

    private static Emission light(double beamDeg) {
        return new Emission(LUMEN, 10, beamDeg, 2700, Dimming.FULL);
    }

    private static Plan lamp(Plan plan, FittingKind kind, Fitting.On on, Emission light) {
        return FittingEdits.add(
                        plan,
                        storey(plan),
                        new Fitting(
                                new FittingId(1),
                                kind,
                                on,
                                0,
                                Length.ofMm(1000),
                                Optional.of(light),
                                List.of(3),
                                0,
                                Works.NEW,
                                Buying.UNKNOWN))
                .plan();
    }

    private static Plan lampAt(Plan plan, double x, double y, double beamDeg) {
        return lamp(
                plan,
                FittingKind.PENDANT,
                new Fitting.Ceiling(Position.ofMm(x, y), Optional.of(Length.ofMm(LAMP_MM))),
                light(beamDeg));
    }

    private static Lit lit(Plan plan) {
        return Lit.of(TestPlans.geometry(plan), _ -> true);
    }

    @ParameterizedTest
    @ValueSource(doubles = {10, 36, 60, 90, 120, 179, 180, 240, 300, 360})
    void allOfTheLightGoesSomewhere(double beamDeg) {
        var beam = Beam.of(light(beamDeg), 1);
        var steps = 20_000;
        var sum = IntStream.range(0, steps)
                .mapToDouble(i -> Math.PI * (i + 0.5) / steps)
                .map(t -> beam.candela(Math.cos(t)) * 2 * Math.PI * Math.sin(t) * Math.PI / steps)
                .sum();
        assertThat(sum).isCloseTo(LUMEN, Percentage.withPercentage(0.1));
        if (beamDeg < 180) {
            assertThat(beam.candela(Math.cos(Math.toRadians(beamDeg / 2))))
                    .as("half of the middle at the edge of the beam")
                    .isCloseTo(beam.candela(1) / 2, Percentage.withPercentage(0.01));
        }
    }

    /** A curve of 100 cd for 1,000 lm everywhere below, nothing above: as measured, whatever its lumens say. */
    @Test
    void aMeasuredCurveIsReadBetweenItsPoints() {
        var curve = IntStream.range(0, Emission.CURVE_POINTS)
                .mapToObj(i -> i <= 18 ? 200 - 10 * i : 0)
                .toList();
        var beam = Beam.of(new Emission(2000, 20, 60, 2700, Dimming.FULL, curve), 1);
        assertThat(beam.candela(1)).isEqualTo(400);
        assertThat(beam.candela(Math.cos(Math.toRadians(12.5)))).isCloseTo(2 * (200 - 25), within(1e-6));
        assertThat(beam.candela(-1)).isZero();
    }

    /** E = I cos³ / h², I = Φ (m + 1) / 2π cosᵐ, m = ln ½ / ln cos 30°. */
    @Test
    void oneLampOverAPlaneIsAsTheFormulaSays() {
        var lit = lit(lampAt(TestPlans.clearRectangle(8000, 8000), 4000, 4000, 60));
        var m = Math.log(0.5) / Math.log(Math.cos(Math.toRadians(30)));
        for (var far : List.of(0.0, 300.0, 700.0, 1200.0, 2500.0)) {
            var h = (LAMP_MM - 850) / 1000;
            var cos = h / Math.hypot(h, far / 1000);
            var expected = LUMEN * (m + 1) / (2 * Math.PI) * Math.pow(cos, m) * Math.pow(cos, 3) / (h * h);
            assertThat(lit.level(new Point(4000 + far, 4000), 850))
                    .as("%.0f mm away", far)
                    .isCloseTo(expected, Percentage.withPercentage(1));
        }
    }

    /** A wall at x = 5,000 from y = 0 to 3,000: what it hides is dark, all else as if it were not there. */
    @Test
    void wallsStopItAndDoorsLetItThrough() {
        var open = TestPlans.clearRectangle(8000, 8000);
        var parted = TestPlans.walled(open, 5000, 0, 5000, 3000, PARTITION);
        var free = lit(lampAt(open, 4000, 1500, 360));
        var lit = lit(lampAt(parted, 4000, 1500, 360));
        var half = parted.wallType(PARTITION).thickness().mm() / 2;
        for (var y = 200; y < 8000; y += 300) {
            var at = new Point(6500, y);
            // the ray passes the far face of the wall at its end, y = 3,000, or the near one
            var near = 1500 + (y - 1500) * (1000 - half) / 2500;
            var beyond = 1500 + (y - 1500) * (1000 + half) / 2500;
            if (Math.min(near, beyond) > 3020) {
                assertThat(lit.level(at, 0)).as("at %d", y).isCloseTo(free.level(at, 0), Percentage.withPercentage(1));
            } else if (Math.max(near, beyond) < 2980) {
                assertThat(lit.level(at, 0)).as("at %d", y).isZero();
            }
        }
        var door = TestPlans.opening(parted, 4, OpeningKind.PLAIN, 1000, 1000, Hand.FIRST, Swing.LEFT);
        assertThat(lit(lampAt(door, 4000, 1500, 360)).level(new Point(6500, 1500), 0))
                .isCloseTo(free.level(new Point(6500, 1500), 0), Percentage.withPercentage(1));
    }

    /** A wardrobe 2,000 high between 1,000 and 1,600 from the lamp hides the floor behind it, not what is higher than it. */
    @Test
    void tallPiecesStandInItsWay() {
        var room = TestPlans.with(TestPlans.clearRectangle(8000, 4000), "wardrobe", 2000, 600, 2000, 2300, 2000, 90);
        var lit = lit(lampAt(room, 1000, 2000, 360));
        assertThat(lit.level(new Point(4000, 2000), 0)).isZero();
        var leaves = TestPlans.with(TestPlans.clearRectangle(8000, 4000), "palm", 2000, 600, 2000, 2300, 2000, 90);
        assertThat(lit(lampAt(leaves, 1000, 2000, 360)).level(new Point(4000, 2000), 0))
                .as("through leaves")
                .isPositive();
        assertThat(lit.level(new Point(1600, 2000), 0)).isPositive();
        assertThat(lit.level(new Point(4000, 2000), 2100)).isPositive();
        assertThat(lit.level(new Point(2300, 2000), 2000)).as("on top of it").isPositive();
    }

    @Test
    void whatIsOnAWallShinesAwayFromItAndWashersAtIt() {
        var room = TestPlans.clearRectangle(6000, 4000);
        var wall = TestPlans.wallId(room, 0);
        var on = lit(lamp(
                room,
                FittingKind.WALL_LIGHT,
                new Fitting.WallSide(wall, Swing.LEFT, Length.ofMm(3000), Length.ofMm(1800)),
                light(180)));
        assertThat(on.lamps()).hasSize(1);
        var at = on.lamps().getFirst().lamp().at();
        assertThat(TestPlans.geometry(room).roomAt(at))
                .as("it shines into the room")
                .isPresent();
        assertThat(on.level(new Point(3000, 1500), 0)).isPositive();
        var washer = lit(lamp(
                room,
                FittingKind.WALL_WASHER,
                new Fitting.AlongWall(wall, Swing.LEFT, Optional.empty(), 1, Length.ofMm(800), Optional.empty()),
                light(60)));
        var aim = washer.lamps().getFirst().lamp().aim();
        assertThat(aim.north()).as("at the wall in the south").isLessThan(-0.4);
        assertThat(aim.up()).isLessThan(-0.8);
    }

    /** A strip of 2,000 gives together what one lamp gives, spread over its length. */
    @Test
    void longOnesShineAllAlong() {
        var room = TestPlans.clearRectangle(8000, 8000);
        var strip = lamp(
                room, FittingKind.TRACK, new Fitting.Ceiling(Position.ofMm(4000, 4000), Optional.empty()), light(60));
        var wide = strip.withStorey(
                storey(strip),
                s -> s.change(Fitting.class, s.fittings().getFirst().id(), f -> f.withLength(Length.ofMm(2000))));
        var points = lit(wide).lamps();
        assertThat(points.stream().map(s -> s.lamp().at().x())).containsExactly(3250.0, 3750.0, 4250.0, 4750.0);
        assertThat(points.stream().mapToDouble(s -> s.lamp().beam().lumen()).sum())
                .isCloseTo(LUMEN, within(1e-6));
    }

    @Test
    void whatIsSwitchedOffOrGoesDoesNotShine() {
        var plan = lampAt(TestPlans.clearRectangle(4000, 4000), 2000, 2000, 60);
        assertThat(Lit.of(
                                TestPlans.geometry(plan),
                                f -> f.group().filter(g -> g == 3).isEmpty())
                        .lamps())
                .isEmpty();
        var gone = plan.withStorey(
                storey(plan),
                s -> s.change(Fitting.class, s.fittings().getFirst().id(), f -> f.withWorks(Works.REMOVED)));
        assertThat(lit(gone).lamps()).isEmpty();
    }

    /** Light knows no east: a whole house turned by 17 degrees, walls, door, wardrobe and lamps, is lit as before. */
    @Test
    void aTurnedHouseIsLitAsBefore() {
        var plan = TestPlans.walled(TestPlans.clearRectangle(8000, 4000), 5000, 0, 5000, 4000, PARTITION);
        plan = TestPlans.opening(plan, 4, OpeningKind.PLAIN, 1000, 1000, Hand.FIRST, Swing.LEFT);
        plan = TestPlans.with(plan, "wardrobe", 1200, 600, 2000, 2300, 3600, 0);
        plan = lampAt(plan, 2000, 1500, 90);
        var side = new Fitting.WallSide(TestPlans.wallId(plan, 4), Swing.LEFT, Length.ofMm(3000), Length.ofMm(1800));
        plan = lamp(plan, FittingKind.WALL_LIGHT, side, light(120));
        var all = plan.storeys().getFirst().elements().all().map(Element::id).collect(Collectors.toSet());
        var turned = PickedEdits.turn(plan, storey(plan), all, Point.ORIGIN, 17).orThrow();
        var before = lit(plan);
        var after = lit(turned);
        for (var x = 300; x < 8000; x += 430) {
            for (var y = 300; y < 4000; y += 430) {
                var at = new Point(x, y);
                var there = Affine.turn(17).apply(at);
                var lux = before.level(at, 850);
                if (isEven(before, at)) { // at the edge of a shadow a ray may fall on its other side
                    assertThat(after.level(there, 850)).as("at %s", at).isCloseTo(lux, within(0.02 * lux + 0.1));
                }
            }
        }
    }

    /** Whether nearly as much light falls all around a place: no edge of a shadow is there. */
    private static boolean isEven(Lit lit, Point at) {
        return IntStream.range(0, 8)
                .mapToObj(i -> at.plus(Point.direction(45 * i).times(40)))
                .allMatch(p -> Math.abs(lit.level(p, 850) - lit.level(at, 850)) < 0.15 * lit.level(at, 850) + 0.5);
    }

    /** A wall bent by 800 between lamp and floor: what lies behind it is dark, what it bows around is lit. */
    @Test
    void curvedWallsStopItWhereTheyAre() {
        var plan = TestPlans.walled(TestPlans.clearRectangle(8000, 4000), 5000, 0, 5000, 4000, PARTITION);
        var straight = lit(lampAt(plan, 2000, 2000, 360));
        var bent = WallEdits.bend(plan, storey(plan), TestPlans.wallId(plan, 4), Length.ofMm(800))
                .orThrow();
        var lit = lit(lampAt(bent, 2000, 2000, 360));
        var bowsEast = TestPlans.geometry(bent)
                        .network()
                        .of(TestPlans.wallId(bent, 4))
                        .getFirst()
                        .wall()
                        .line()
                        .at(2000)
                        .x()
                > 5000;
        var within = new Point(bowsEast ? 5500 : 4500, 2000);
        assertThat(straight.level(within, 0) > 0).isEqualTo(!bowsEast);
        assertThat(lit.level(within, 0) > 0).isEqualTo(bowsEast);
        assertThat(lit.level(new Point(6200, 2000), 0)).isZero();
        assertThat(lit.level(new Point(3000, 2000), 0))
                .isCloseTo(straight.level(new Point(3000, 2000), 0), Percentage.withPercentage(0.1));
    }
}
