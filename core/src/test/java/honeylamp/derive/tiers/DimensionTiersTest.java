package honeylamp.derive.tiers;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.tiers.DimensionTiers.Tier;
import honeylamp.edit.OpeningEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Side;
import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.Rounding;
import honeylamp.units.ShownIn;
import honeylamp.units.UnitSystem;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class DimensionTiersTest {
    @Test
    void aPlainRectangleHasItsOverallSizesOnly() {
        // clear 5,000 × 4,000 with 300 mm walls all round
        var plan = TestPlans.clearRectangle(5000, 4000);
        assertThat(totals(plan)).containsExactly("5600", "4600", "5600", "4600");
        assertThat(tiers(plan, Side.SOUTH)).hasSize(1);
    }

    @Test
    void theOpeningTierRunsFromCornerToJambsToCorner() {
        // the wall's line is its inner face and runs from the inner corner, so the outer corner lies 300 before
        var plan = window(TestPlans.clearRectangle(5000, 4000), 1200, 1500);
        var tiers = tiers(plan, Side.SOUTH);
        assertThat(tiers).hasSize(2);
        assertThat(tiers.getFirst().texts()).containsExactly("1500", "1500", "2600");
        assertThat(tiers.getLast().texts()).containsExactly("5600");
        assertThat(tiers(plan, Side.NORTH)).hasSize(1);
    }

    @Test
    void partitionsInsideDoNotShowOutside() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
                .wall(3000, 0, 3000, 4000, BodySide.CENTRE, PARTITION)
                .plan();
        assertThat(tiers(plan, Side.SOUTH)).hasSize(1);
    }

    @Test
    void stepsOfThePlanGiveStops() {
        var plan = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 6000, 0, 6000, 3000, 3500, 3000, 3500, 5000, 0, 5000)
                .plan();
        assertThat(tiers(plan, Side.NORTH).getFirst().texts()).containsExactly("3500", "2500");
        assertThat(tiers(plan, Side.EAST).getFirst().texts()).containsExactly("3000", "2000");
        assertThat(tiers(plan, Side.SOUTH)).hasSize(1);
    }

    /** Law: every tier adds up, as shown, to the overall length, as shown. */
    @Property(tries = 60, seed = "20261125")
    void everyTierAddsUpAsShown(
            @ForAll @DoubleRange(min = 3000, max = 9000) double w,
            @ForAll @DoubleRange(min = 100, max = 900) double offset,
            @ForAll @DoubleRange(min = 300, max = 1500) double width,
            @ForAll UnitSystem units) {
        var plan = window(TestPlans.clearRectangle(w, 4000), offset, width).withUnits(units);
        for (var step : Rounding.steps(units)) {
            for (var side :
                    DimensionTiers.of(TestPlans.geometry(plan), ShownIn.only(Rounding.to(units, step)), Tiers.USUAL)) {
                for (var tier : side.tiers()) {
                    assertThat(sum(tier, units)).isEqualTo(read(tier.total(), units));
                    assertThat(tier.total()).isEqualTo(side.tiers().getLast().total());
                }
            }
        }
    }

    @Test
    void theDemoAddsUpOnAllSides() {
        var plan = SailclothYard.plan();
        for (var side : DimensionTiers.of(
                TestPlans.geometry(plan), ShownIn.only(Rounding.finest(UnitSystem.MM)), Tiers.USUAL)) {
            assertThat(side.tiers()).hasSize(2);
            for (var tier : side.tiers()) {
                assertThat(sum(tier, UnitSystem.MM)).isEqualTo(read(tier.total(), UnitSystem.MM));
            }
        }
    }

    private static Length sum(Tier tier, UnitSystem units) {
        return tier.texts().stream().map(t -> read(t, units)).reduce(Length.ZERO, Length::plus);
    }

    private static Length read(String text, UnitSystem units) {
        return ((honeylamp.units.LengthReading.Good) honeylamp.units.LengthReader.signed(text, units)).length();
    }

    private static Plan window(Plan plan, double offset, double width) {
        return OpeningEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        OpeningKind.CASEMENT_WINDOW,
                        TestPlans.wallId(plan, 0),
                        Length.ofMm(offset),
                        Length.ofMm(width),
                        Hand.FIRST,
                        Swing.LEFT)
                .plan();
    }

    private static List<Tier> tiers(Plan plan, Side side) {
        return DimensionTiers.of(TestPlans.geometry(plan), ShownIn.only(Rounding.finest(plan.units())), Tiers.USUAL)
                .stream()
                .filter(s -> s.side() == side)
                .findFirst()
                .orElseThrow()
                .tiers();
    }

    private static List<String> totals(Plan plan) {
        return DimensionTiers.of(TestPlans.geometry(plan), ShownIn.only(Rounding.finest(plan.units())), Tiers.USUAL)
                .stream()
                .map(s -> s.tiers().getLast().total())
                .toList();
    }

    private static final Tiers THREE = Tiers.of(Kind.OPENINGS, Kind.WALLS, Kind.OVERALL);

    private static Tier walls(Plan plan, Side side) {
        return tiers(plan, side, THREE).stream()
                .filter(t -> t.kind() == Kind.WALLS)
                .findFirst()
                .orElseThrow();
    }

    private static List<Tier> tiers(Plan plan, Side side, Tiers wanted) {
        return DimensionTiers.of(TestPlans.geometry(plan), ShownIn.only(Rounding.finest(plan.units())), wanted).stream()
                .filter(s -> s.side() == side)
                .findFirst()
                .orElseThrow()
                .tiers();
    }

    /** Clear 6,000 between walls of 300, a partition of 100 on its centre at 2,000: 300, 1,950, 100, 3,950, 300. */
    @Test
    void theMiddleTierTellsWallsAndWhatIsClearBetween() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 4000, 0, 4000)
                .wall(2000, 0, 2000, 4000, BodySide.CENTRE, PARTITION)
                .wall(2000, 2500, 6000, 2500, BodySide.CENTRE, PARTITION)
                .plan();
        assertThat(walls(plan, Side.SOUTH).texts()).containsExactly("300", "1950", "100", "3950", "300");
        assertThat(walls(plan, Side.NORTH).texts()).containsExactly("300", "1950", "100", "3950", "300");
        assertThat(walls(plan, Side.EAST).texts()).containsExactly("300", "2450", "100", "1450", "300");
        assertThat(walls(plan, Side.WEST).texts()).containsExactly("300", "4000", "300");
        assertThat(walls(plan, Side.SOUTH).sum()).isEqualTo("300 + 1950 + 100 + 3950 + 300 = 6600");
    }

    /**
     * An L: seen from the north the lower part stands 2,000 back, between its inner faces 2,500 are clear. Outer faces are
     * drawn, walls of 300 lie within.
     */
    @Test
    void whereTheOutsideHasStepsTheForemostWallsCount() {
        var plan = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 6000, 0, 6000, 3000, 3500, 3000, 3500, 5000, 0, 5000)
                .plan();
        assertThat(walls(plan, Side.NORTH).texts()).containsExactly("300", "2900", "300", "2200", "300");
        assertThat(walls(plan, Side.SOUTH).texts()).containsExactly("300", "5400", "300");
    }

    /** Law: the middle tier is what a line cuts out of the walls that runs just inside the outer wall. */
    @Property(tries = 200, seed = "20261128")
    void theMiddleTierIsACutOfTheWalls(
            @ForAll @DoubleRange(min = 4000, max = 15_000) double w,
            @ForAll @DoubleRange(min = 0.1, max = 0.45) double first,
            @ForAll @DoubleRange(min = 0.55, max = 0.9) double second,
            @ForAll @DoubleRange(min = -400, max = 400) double leaning,
            @ForAll boolean mirrored) {
        var from = mirrored ? 4000.0 : 0;
        var to = 4000 - from;
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, w, 0, w, 4000, 0, 4000)
                .wall(w * first, from, w * first + leaning, to, BodySide.CENTRE, PARTITION)
                .wall(w * second, from, w * second, to, BodySide.LEFT, OUTER)
                .plan();
        var geometry = TestPlans.geometry(plan);
        for (var side : List.of(Side.SOUTH, Side.NORTH)) {
            var y = side == Side.SOUTH ? 0.01 : 3999.99;
            var line = new Segment(new Point(-1000, y), new Point(w + 1000, y));
            var expected = new java.util.TreeSet<Double>();
            geometry.network().poche().stream()
                    .flatMap(o -> o.rings())
                    .flatMap(r -> r.edges().stream())
                    .flatMap(e -> e.crossing(line).stream())
                    .forEach(p -> expected.add(p.x()));
            var found = walls(plan, side).stopsMm();
            assertThat(found).hasSameSizeAs(expected);
            var k = 0;
            for (var x : expected) {
                assertThat(found.get(k++)).isCloseTo(x, within(0.2));
            }
        }
    }

    @Test
    void openingsAreMeasuredByTheirMiddlesToo() {
        var plan = window(TestPlans.clearRectangle(5000, 4000), 1200, 1500);
        var centres = Tiers.USUAL.withOpenings(Tiers.Openings.CENTRES);
        assertThat(tiers(plan, Side.SOUTH, centres).getFirst().texts()).containsExactly("2250", "3350");
    }

    /** A step of 12 mm in the outside: told where steps of 10 are, part of what is beside it where steps of 20 are not. */
    @Test
    void smallStepsFoldIntoWhatIsBesideThem() {
        var plan = TestPlans.start()
                .chain(
                        BodySide.LEFT,
                        OUTER,
                        true,
                        0,
                        0,
                        6000,
                        0,
                        6000,
                        3000,
                        3500,
                        3000,
                        3500,
                        3012,
                        3488,
                        3012,
                        3488,
                        5000,
                        0,
                        5000)
                .plan();
        assertThat(tiers(plan, Side.NORTH, Tiers.USUAL.withJog(Length.ofMm(10)))
                        .getFirst()
                        .texts())
                .containsExactly("3488", "12", "2500");
        var folded = tiers(plan, Side.NORTH, Tiers.USUAL).getFirst();
        assertThat(folded.texts()).hasSize(2);
        assertThat(sum(folded, UnitSystem.MM)).isEqualTo(Length.ofMm(6000));
    }

    @Test
    void eachSideHasTheTiersThatAreWantedThere() {
        var plan = window(TestPlans.clearRectangle(5000, 4000), 1200, 1500);
        var one = Tiers.of(Kind.OVERALL).toggling(Side.NORTH, Kind.OVERALL).toggling(Side.SOUTH, Kind.WALLS);
        assertThat(tiers(plan, Side.NORTH, one)).isEmpty();
        assertThat(tiers(plan, Side.SOUTH, one)).extracting(Tier::kind).containsExactly(Kind.WALLS, Kind.OVERALL);
        assertThat(one.toggling(Side.SOUTH, Kind.WALLS).toggling(Side.NORTH, Kind.OVERALL))
                .isEqualTo(Tiers.of(Kind.OVERALL));
    }

    /**
     * Rounded to 50: 1,020 + 1,020 + 1,020 come to 3,060, which is 3,050; each is nearest to 1,000, so one gets the 50 that
     * is missing, the one that lost most.
     */
    @Test
    void partsThatLostMostMakeUpForTheSum() {
        var plan = window(TestPlans.clearRectangle(3060 - 600, 4000), 720, 1020);
        var rounded = DimensionTiers.of(
                TestPlans.geometry(plan), ShownIn.only(Rounding.to(UnitSystem.MM, Length.ofMm(50))), Tiers.USUAL);
        var south =
                rounded.stream().filter(s -> s.side() == Side.SOUTH).findFirst().orElseThrow();
        assertThat(south.tiers().getFirst().texts()).containsExactly("1050", "1000", "1000");
        assertThat(south.tiers().getFirst().sum()).isEqualTo("1050 + 1000 + 1000 = 3050");
    }

    /**
     * On the west the corner of the old stone wall at 0, 0 and that of the bay at 2,400, 0 stand in line. The witness line begins at
     * the first: from the other it would run along the wall's own face.
     */
    @Test
    void aWitnessLineBeginsAtTheNearestOfThoseInLine() {
        var west = tiers(SailclothYard.plan(), Side.WEST).getFirst();
        var at = west.stopsMm().indexOf(0.0);
        assertThat(at).isNotNegative();
        assertThat(west.witnessMm().get(at)).isCloseTo(0, within(1e-6));
    }

    /** A wall 10 mm off square over 5 m: the end of the building is measured at one corner, seen at the nearer other one. */
    @Test
    void anEndABitOffSquareBeginsAtTheNearerCorner() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4010)
                .plan();
        var box = TestPlans.geometry(plan).network().poche().getFirst().bounds();
        var overall = tiers(plan, Side.EAST).getLast();
        assertThat(overall.stopsMm().getLast()).isCloseTo(box.maxY(), within(1e-6));
        assertThat(overall.witnessMm().getLast()).isCloseTo(box.maxX(), within(1.0));
    }
}
