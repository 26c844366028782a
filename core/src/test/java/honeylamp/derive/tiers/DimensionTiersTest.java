package honeylamp.derive.tiers;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.tiers.DimensionTiers.Tier;
import honeylamp.edit.OpeningEdits;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Side;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.Rounding;
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
            for (var side : DimensionTiers.of(TestPlans.geometry(plan), Rounding.to(units, step))) {
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
        for (var side : DimensionTiers.of(TestPlans.geometry(plan), Rounding.finest(UnitSystem.MM))) {
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
        return DimensionTiers.of(TestPlans.geometry(plan), Rounding.finest(plan.units())).stream()
                .filter(s -> s.side() == side)
                .findFirst()
                .orElseThrow()
                .tiers();
    }

    private static List<String> totals(Plan plan) {
        return DimensionTiers.of(TestPlans.geometry(plan), Rounding.finest(plan.units())).stream()
                .map(s -> s.tiers().getLast().total())
                .toList();
    }
}
