package honeylamp.derive.fixed;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.PartKinds;
import honeylamp.derive.snags.Snags;
import honeylamp.edit.StoreyEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.StructureId;
import honeylamp.plan.Position;
import honeylamp.plan.Stair;
import honeylamp.plan.Stair.Leads;
import honeylamp.plan.Stair.Shape;
import honeylamp.plan.Stair.Turn;
import honeylamp.plan.Structure;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

class StairTest {
    private static final double HEADROOM = 2000;
    private static final double FLOOR = 300;

    private static Stair stair(Shape shape, int risers, double well) {
        return Stair.even(
                shape,
                Turn.RIGHT,
                Leads.UP,
                Length.ofMm(900),
                Length.ofMm(270),
                risers,
                Length.ofMm(risers * 175.0),
                Length.ofMm(well));
    }

    private static Stair fitting(double riseMm) {
        var begun = stair(Shape.STRAIGHT, 2, 0).withRise(Length.ofMm(riseMm));
        return StairRule.stepped(begun, UnitSystem.MM);
    }

    /**
     * Six storeys from floor to floor: risers nearest to 175, the riser, 630 less two risers to the next 5 mm, and the
     * stride that gives.
     */
    @ParameterizedTest
    @CsvSource({
        // 2400 / 175 = 13.7; 630 - 342.9 = 287.1
        "2400, 14, 171.429, 285, 627.857",
        // 2600 / 175 = 14.9; 630 - 346.7 = 283.3
        "2600, 15, 173.333, 285, 631.667",
        // 2750 / 175 = 15.7; 630 - 343.75 = 286.25
        "2750, 16, 171.875, 285, 628.75",
        // 2900 / 175 = 16.6; 630 - 341.2 = 288.8
        "2900, 17, 170.588, 290, 631.176",
        // 3050 / 175 = 17.4; 630 - 358.8 = 271.2
        "3050, 17, 179.412, 270, 628.824",
        // 3300 / 175 = 18.9; 630 - 347.4 = 282.6
        "3300, 19, 173.684, 285, 632.368"
    })
    void risersAndGoingsFollowFromTheHeight(double rise, int risers, double riser, double going, double stride) {
        var stair = fitting(rise);
        assertThat(stair.risers()).isEqualTo(risers);
        assertThat(stair.riserMm()).isCloseTo(riser, within(0.001));
        assertThat(stair.going().mm()).isEqualTo(going);
        assertThat(stair.strideMm()).isCloseTo(stride, within(0.001));
    }

    /** 120 in / 7 in = 17.1; 17 risers of 7.0588; 25 - 14.118 = 10.88, to the next quarter 11. */
    @Test
    void inFeetAndInchesTheyAreRoundedToQuarters() {
        var steps = StairRule.steps(Length.ofInches(120), UnitSystem.FEET_INCHES);
        assertThat(steps.risers()).isEqualTo(17);
        assertThat(steps.going()).isEqualTo(Length.ofInches(11));
    }

    /**
     * The same six storeys with a floor of 300 and 2,000 for the head: the steps that may be covered are those no
     * higher than the clear height less 2,000; all others lie under the opening, whose length is their number times
     * the going.
     */
    @ParameterizedTest
    @CsvSource({
        // 2100 clear: steps up to 100; none, so all 13 lie open: 13 x 285
        "2400, 0, 3705",
        // 2300 clear: up to 300; one of 173; 13 of 14 lie open
        "2600, 1, 3705",
        // 2450 clear: up to 450; two, 344; 13 of 15
        "2750, 2, 3705",
        // 2600 clear: up to 600; three, 512; 13 of 16 x 290
        "2900, 3, 3770",
        // 2750 clear: up to 750; four, 718; 12 of 16 x 270
        "3050, 4, 3240",
        // 3000 clear: up to 1000; five, 868; 13 of 18 x 285
        "3300, 5, 3705"
    })
    void theFloorAboveIsOpenOverTheStepsThatNeedIt(double rise, int covered, double length) {
        var steps = StairSteps.of(fitting(rise));
        var first = steps.openFrom(rise - FLOOR, HEADROOM);
        assertThat(first).isEqualTo(covered);
        var well = steps.from(first);
        assertThat(well).hasSize(1);
        assertThat(well.getFirst().area()).isCloseTo(length * 900, within(1.0));
        // nowhere over a covered step is there less than what the head wants, and over the next one there is
        var riser = rise / steps.risers().size();
        assertThat(rise - FLOOR - covered * riser).isGreaterThanOrEqualTo(HEADROOM);
        assertThat(rise - FLOOR - (covered + 1) * riser).isLessThan(HEADROOM);
    }

    @Test
    void anExactHeadroomIsEnough() {
        // the second step lies at 350: 2,350 clear leave exactly 2,000
        assertThat(StairSteps.of(stair(Shape.STRAIGHT, 14, 0)).openFrom(2350, HEADROOM))
                .isEqualTo(2);
        assertThat(StairSteps.of(stair(Shape.STRAIGHT, 14, 0)).openFrom(2349, HEADROOM))
                .isEqualTo(1);
        assertThat(StairSteps.of(stair(Shape.STRAIGHT, 4, 0)).openFrom(5000, HEADROOM))
                .isEqualTo(3);
    }

    @ParameterizedTest
    @EnumSource(Shape.class)
    void everyStepIsARiserHigherAndTheyDoNotOverlap(Shape shape) {
        var stair = stair(shape, 12, shape == Shape.HALF || shape == Shape.SPIRAL ? 100 : 0);
        var steps = StairSteps.of(stair);
        assertThat(steps.treads()).hasSize(11);
        assertThat(steps.risers()).hasSize(12);
        for (var i = 0; i < 11; i++) {
            assertThat(steps.treads().get(i).topMm()).isCloseTo(175.0 * (i + 1), within(1e-6));
        }
        var sum = steps.treads().stream().mapToDouble(t -> t.outline().area()).sum();
        assertThat(steps.outline().stream().mapToDouble(Outline::area).sum()).isCloseTo(sum, within(1.0));
        assertThat(steps.riserAt()).isSorted();
        var box = steps.outline().stream()
                .map(Outline::bounds)
                .reduce((a, b) -> a.union(b))
                .orElseThrow();
        if (shape != Shape.SPIRAL) {
            assertThat(box.width()).isCloseTo(stair.width().mm(), within(1e-6));
            assertThat(box.height()).isCloseTo(stair.depth().mm(), within(1e-6));
            assertThat(box.centre().length()).isLessThan(1e-6);
        }
    }

    /** 16 treads: 8, a landing, 7. 1,900 wide, 900 and 8 goings deep. */
    @Test
    void aHalfLandingHasTwoFlightsBesideEachOther() {
        var stair = stair(Shape.HALF, 17, 100);
        assertThat(stair.width().mm()).isEqualTo(1900);
        assertThat(stair.depth().mm()).isEqualTo(900 + 8 * 270);
        var steps = StairSteps.of(stair);
        assertThat(steps.treads().get(8).outline().area()).isCloseTo(1900 * 900, within(1e-6));
        // up 8 goings, a quarter round of 450, 100 across, a quarter round, down 7 goings
        assertThat(steps.walkMm()).isCloseTo(15 * 270 + Math.PI * 450 + 100, within(5.0));
    }

    /** 16 treads: 8, a landing, 7 at right angles to the right. */
    @Test
    void aQuarterLandingTurnsToItsHand() {
        var right = StairSteps.of(stair(Shape.QUARTER, 17, 0));
        var last = right.risers().getLast().middle();
        var first = right.risers().getFirst().middle();
        assertThat(last.x()).isGreaterThan(first.x());
        var left = StairSteps.of(stair(Shape.QUARTER, 17, 0).mirrored());
        assertThat(left.risers().getLast().middle().x()).isCloseTo(-last.x(), within(1e-6));
        assertThat(right.walkMm()).isCloseTo(15 * 270 + Math.PI / 2 * 450, within(3.0));
    }

    /** The corner of 900 by 900 falls into two right triangles with an angle of 30 degrees and a kite. */
    @Test
    void windersShareTheCorner() {
        var stair = stair(Shape.WINDER, 14, 0);
        var steps = StairSteps.of(stair);
        var triangle = 900 * 900 * Math.tan(Math.toRadians(30)) / 2;
        var lower = stair.lower();
        assertThat(steps.treads().get(lower).outline().area()).isCloseTo(triangle, within(1e-3));
        assertThat(steps.treads().get(lower + 1).outline().area()).isCloseTo(900 * 900 - 2 * triangle, within(1e-3));
        assertThat(steps.treads().get(lower + 2).outline().area()).isCloseTo(triangle, within(1e-3));
    }

    /** A step of a spiral is as large as one of a straight flight with the going at its middle. */
    @Test
    void aSpiralKeepsItsGoingInTheMiddleOfItsWidth() {
        var stair = stair(Shape.SPIRAL, 14, 100);
        assertThat(stair.width().mm()).isEqualTo(1900);
        assertThat(StairSteps.of(stair).treads())
                .allSatisfy(t -> assertThat(t.outline().area()).isCloseTo(270 * 900, within(1200.0)));
    }

    /**
     * 2,900 in 17 risers of 170.6; a circle of 2 x 3.1416 x 500 shall rise by 2,100: 12.3 steps of 255, where a
     * straight flight would have 290.
     */
    @Test
    void aFullTurnOfASpiralLeavesRoomForTheHead() {
        var begun = stair(Shape.SPIRAL, 14, 100).withRise(Length.ofMm(2900));
        var spiral = StairRule.stepped(begun, UnitSystem.MM);
        assertThat(spiral.risers()).isEqualTo(17);
        assertThat(spiral.going()).isEqualTo(Length.ofMm(255));
        assertThat(StairRule.turnRiseMm(spiral)).isBetween(2100.0, 2110.0);
        // a wide one turns slowly anyhow
        var wide = StairRule.stepped(begun.wide(Length.ofMm(1500), Length.ofMm(600)), UnitSystem.MM);
        assertThat(wide.going()).isEqualTo(Length.ofMm(290));
    }

    @Test
    void flightsCanDiffer() {
        var stair = stair(Shape.QUARTER, 12, 0).withLower(3);
        assertThat(stair.upper()).isEqualTo(7);
        assertThat(stair.width().mm()).isEqualTo(900 + 7 * 270);
        assertThat(stair.depth().mm()).isEqualTo(900 + 3 * 270);
        assertThatThrownBy(() -> stair.withLower(10)).hasMessageContaining("treads before the turn");
        assertThatThrownBy(() -> stair.withLower(0)).hasMessageContaining("treads before the turn");
    }

    @Test
    void itStandsWhereItIsPutAndTurned() {
        var part = new Structure(new StructureId(3), stair(Shape.STRAIGHT, 12, 0), Position.ofMm(5000, 1000), 90);
        var steps = StairSteps.of(part, stair(Shape.STRAIGHT, 12, 0));
        // climbing to the back, which is turned to the west; 11 goings of 270 are 2,970
        assertThat(steps.risers().getFirst().middle().distance(new Point(5000 + 1485, 1000)))
                .isLessThan(1e-6);
        assertThat(steps.risers().getLast().middle().distance(new Point(5000 - 1485, 1000)))
                .isLessThan(1e-6);
    }

    @Test
    void theCutParsTheStepsBelowFromThoseAbove() {
        var steps = StairSteps.of(stair(Shape.STRAIGHT, 14, 0));
        assertThat(steps.upTo(1200)).isEqualTo(6); // the sixth lies at 1,050, the seventh at 1,225
        assertThat(steps.below(1200).getFirst().area()).isCloseTo(6 * 270 * 900, within(1.0));
        assertThat(IntStream.range(0, 14).allMatch(i -> Math.abs(steps.riserAt().get(i) - 270 * i) < 1e-6))
                .isTrue();
    }

    /** Offered in storeys too low or too high to climb as well: what is wrong with the stair is a snag, no mishap. */
    @ParameterizedTest
    @ValueSource(doubles = {1, 40, 700, 12_000, 99_000})
    void everyStairIsOfferedInAnyStorey(double heightMm) {
        var plan = TestPlans.clearRectangle(8000, 5000);
        var at = TestPlans.storey(plan);
        var high = StoreyEdits.levels(plan, at, l -> l.withHeight(Length.ofMm(heightMm)));
        for (var kind : PartKinds.all()) {
            var added = StructureEdits.add(high, at, PartKinds.usual(kind, high, at), Position.ofMm(3000, 2500), 0);
            assertThat(FixedParts.on(added.plan(), added.plan().storey(at))).isNotNull();
            assertThat(Snags.of(TestPlans.laid(added.plan()), Snags.USUAL_GAP_REACH, () -> true))
                    .isPresent();
        }
    }
}
