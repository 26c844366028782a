package honeylamp.takeoff.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Mending;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A room of 8,000 x 6,000 mm with a sofa 900 deep whose front edge faces south. */
class SeatCheckTest {
    private static Plan sofa(double turn) {
        return TestPlans.with(TestPlans.clearRectangle(8000, 6000), "sofa", 2200, 900, 800, 4000, 4000, turn);
    }

    private static List<Snag> snags(Plan plan) {
        return SeatCheck.of(TestPlans.laid(plan));
    }

    /** The sofa's front edge is at y = 3,550, its legs 75 behind; the rug is 2,000 deep. */
    @ParameterizedTest
    @CsvSource({"3700, 0", "3625, 0", "3600, 25", "3550, 75", "3400, 225", "3205, 420", "3100, 0"})
    void theFrontLegsOfASeatStandOnItsRug(double edge, double missing) {
        var plan = TestPlans.with(sofa(0), "rug", 3000, 2000, 10, 4000, edge - 1000, 0);
        var snags = snags(plan);
        if (missing == 0) {
            assertThat(snags).isEmpty();
            return;
        }
        assertThat(snags).singleElement().satisfies(s -> {
            assertThat(s.kind()).isEqualTo(Snag.Kind.SEAT_OFF_RUG);
            assertThat(s.sentence()).contains("Sofa stand " + (int) missing + " mm behind the rug");
        });
        var mended = Mending.of(plan, TestPlans.geometry(plan), snags.getFirst(), Length.ofMm(100))
                .orElseThrow()
                .plan();
        assertThat(snags(mended)).isEmpty();
        assertThat(mended.storeys().getFirst().furnishings().getFirst().at().y().mm())
                .isCloseTo(4000 - missing, within(0.01));
    }

    /** The screen is 1,400 wide: 1,680 to 4,200 suit it, from the middle of the sofa. */
    @ParameterizedTest
    @CsvSource({"1600, true", "1700, false", "3000, false", "4100, false", "4300, true"})
    void aSeatIsNeitherTooNearToItsScreenNorTooFar(double far, boolean isWrong) {
        var plan = TestPlans.with(TestPlans.clearRectangle(8000, 6000), "sofa", 2200, 900, 800, 4000, 1000 + far, 0);
        plan = TestPlans.with(plan, "screen-wall", 1400, 60, 800, 4000, 970, 180);
        assertThat(snags(plan)).hasSize(isWrong ? 1 : 0);
        if (isWrong) {
            assertThat(snags(plan).getFirst().sentence())
                    .contains((int) far + " mm from the screen")
                    .contains("1680 mm to 4200 mm");
        }
        // one that looks elsewhere has nothing to do with it
        var away = FurnishingEdits.turnBy(
                plan,
                TestPlans.storey(plan),
                List.of(plan.storeys().getFirst().furnishings().getFirst().id()),
                90);
        assertThat(snags(away)).isEmpty();
    }

    /** While it is dragged: what would be wrong there, as told by seat, rug and screen alike. */
    @Test
    void whatIsWrongIsToldOfAPieceWhereverItNowIs() {
        var plan = TestPlans.with(sofa(0), "rug", 3000, 2000, 10, 4000, 2500, 0); // up to 3,500: 125 before the legs
        plan = TestPlans.with(plan, "screen-wall", 1400, 60, 800, 4000, 1030, 180);
        var geometry = TestPlans.geometry(plan);
        var pieces = plan.storeys().getFirst().furnishings();
        var sofa = pieces.getFirst();
        assertThat(SeatCheck.of(geometry, sofa)).singleElement().satisfies(m -> {
            assertThat(m.kind()).isEqualTo(Snag.Kind.SEAT_OFF_RUG);
            assertThat(m.line().length()).isCloseTo(125, within(0.01));
        });
        assertThat(SeatCheck.of(geometry, sofa.withAt(Position.ofMm(4000, 3875))))
                .isEmpty();
        var rug = pieces.get(1);
        assertThat(SeatCheck.of(geometry, rug)).hasSize(1);
        assertThat(SeatCheck.of(geometry, rug.withAt(Position.ofMm(4000, 2700))))
                .isEmpty();
        // its face 4,400 before the middle of the sofa: more than three times 1,400
        var screen = pieces.get(2).withAt(Position.ofMm(4000, -430));
        assertThat(SeatCheck.of(geometry, screen)).isEmpty(); // beyond the wall, in no room
        assertThat(SeatCheck.of(geometry, sofa.withAt(Position.ofMm(4000, 5460))))
                .extracting(SeatCheck.Miss::kind)
                .contains(Snag.Kind.SEAT_AND_SCREEN);
    }

    @Test
    void theDemosSitWell() {
        for (var plan : List.of(SailclothYard.plan(), QuillbackLane.plan())) {
            assertThat(LaidPlan.of(plan).all())
                    .allSatisfy(s -> assertThat(SeatCheck.of(s))
                            .extracting(Snag::sentence)
                            .isEmpty());
        }
    }
}
