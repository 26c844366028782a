package honeylamp.derive.pointing;

import static honeylamp.TestPlans.geometry;
import static honeylamp.TestPlans.newest;
import static honeylamp.TestPlans.opening;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.pointing.OpeningPlacing.Fit;
import honeylamp.derive.pointing.OpeningPlacing.Typed;
import honeylamp.plan.Keeping;
import honeylamp.plan.Keeping.Between;
import honeylamp.plan.Keeping.Rule;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.units.Length;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Where the ghost of an opening goes; the wall is 6,000 long between inner faces. */
class OpeningPlacingTest {
    private static final double REACH = 80;

    private static OpeningPlacing placing(Plan plan, OpeningKind kind, double width) {
        var like = newest(opening(plan, 0, kind, 0, width, Hand.FIRST, Swing.LEFT));
        var geometry = geometry(plan);
        return new OpeningPlacing(geometry, geometry.storey().walls().getFirst(), like);
    }

    private static OpeningPlacing door(double width) {
        return placing(TestPlans.clearRectangle(6000, 4000), OpeningKind.DOOR, width);
    }

    private static double from(OpeningPlacing.Spot spot) {
        return spot.opening().offset().mm();
    }

    @Test
    void withinReachOfTheMiddleItIsCaughtAndKeepsCentred() {
        var spot = door(900).at(3060, REACH);
        assertThat(spot.caught()).isEqualTo("centre");
        assertThat(from(spot)).isEqualTo(2550);
        assertThat(spot.opening().keeping()).isEqualTo(Keeping.centred(Between.WALLS));
        assertThat(from(door(900).at(3060, 0))).isEqualTo(2610); // nothing catches: where the pointer is
        assertThat(door(900).at(3060, 0).opening().keeping()).isEqualTo(Keeping.AS_PUT);
    }

    @Test
    void besideACornerADoorKeepsTheUsualNib() {
        var spot = door(900).at(520, REACH);
        assertThat(spot.caught()).isEqualTo("nib");
        assertThat(from(spot)).isEqualTo(50);
        assertThat(spot.opening().keeping()).isEqualTo(Keeping.fromFirst(Length.ofMm(50)));
        var end = door(900).at(5490, REACH);
        assertThat(end.opening().end()).isEqualTo(Length.ofMm(5950));
        var window = placing(TestPlans.clearRectangle(6000, 4000), OpeningKind.FIXED_WINDOW, 900);
        assertThat(window.at(520, REACH).caught()).isEmpty();
    }

    @Test
    void distancesAreThoseToTheNearestNeighbours() {
        var plan =
                opening(TestPlans.clearRectangle(6000, 4000), 0, OpeningKind.PLAIN, 1000, 1000, Hand.FIRST, Swing.LEFT);
        var spot = placing(plan, OpeningKind.FIXED_WINDOW, 800).at(3700, 0);
        assertThat(spot.bounds().beforeMm(spot.opening())).isCloseTo(1300, within(1e-6)); // 3,300 - 2,000
        assertThat(spot.bounds().afterMm(spot.opening())).isCloseTo(1900, within(1e-6)); // 6,000 - 4,100
        var between = placing(plan, OpeningKind.FIXED_WINDOW, 800).centred(3700, Between.NEIGHBOURS);
        assertThat(from(between)).isEqualTo(3600); // 2,000 + (4,000 - 800) / 2
    }

    @Test
    void whereThereIsNoRoomItGoesToTheNearestPlaceThatHas() {
        var plan =
                opening(TestPlans.clearRectangle(6000, 4000), 0, OpeningKind.PLAIN, 600, 3000, Hand.FIRST, Swing.LEFT);
        var spot = placing(plan, OpeningKind.FIXED_WINDOW, 800).at(300, 0);
        assertThat(spot.fit()).isEqualTo(Fit.NEAREST);
        assertThat(from(spot)).isEqualTo(3600);
        assertThat(spot.caught()).contains("nearest");
        var none = placing(plan, OpeningKind.FIXED_WINDOW, 2500).at(300, 0);
        assertThat(none.fit()).isEqualTo(Fit.NONE);
        assertThat(none.longestMm()).isCloseTo(2400, within(1e-6));
    }

    @Test
    void typedValuesPlaceItAndAreKept() {
        var placing = door(900);
        var at = placing.at(3000, 0);
        var before = placed(placing.typed(at, mm(200), Optional.empty(), Optional.empty()));
        assertThat(from(before)).isEqualTo(200);
        assertThat(before.opening().keeping().rule()).isEqualTo(Rule.FROM_FIRST);
        var after = placed(placing.typed(at, Optional.empty(), mm(150), mm(1000)));
        assertThat(after.opening().end()).isEqualTo(Length.ofMm(5850));
        assertThat(after.opening().width()).isEqualTo(Length.ofMm(1000));
        // both distances leave 6,000 - 2,000 - 3,200 for it
        assertThat(placed(placing.typed(at, mm(2000), mm(3200), Optional.empty()))
                        .opening()
                        .width())
                .isEqualTo(Length.ofMm(800));
        assertThat(placing.typed(at, mm(3000), mm(3000), Optional.empty()))
                .isEqualTo(new Typed.Refused("the two distances leave no width for it"));
        assertThat(placing.typed(at, mm(5500), Optional.empty(), Optional.empty()))
                .isEqualTo(new Typed.Refused("distance and width together are longer than the free stretch"));
    }

    private static Optional<Length> mm(double mm) {
        return Optional.of(Length.ofMm(mm));
    }

    @Test
    void aTypedWidthKeepsACentredOneCentred() {
        var placing = door(900);
        var centred = placing.centred(1000, Between.WALLS);
        var wider = placed(placing.typed(centred, Optional.empty(), Optional.empty(), mm(1200)));
        assertThat(from(wider)).isEqualTo(2400);
        assertThat(wider.opening().keeping()).isEqualTo(Keeping.centred(Between.WALLS));
    }

    @Test
    void aWindowRoundACornerReachesTheNearerEndOfTheWall() {
        var placing = placing(TestPlans.clearRectangle(6000, 4000), OpeningKind.CORNER_WINDOW, 1000);
        assertThat(from(placing.atCorner(4000))).isEqualTo(5000);
        assertThat(from(placing.atCorner(1000))).isZero();
        assertThat(placing.atCorner(1000).caught()).isEqualTo("corner");
        var wide = placing(TestPlans.clearRectangle(6000, 900), OpeningKind.CORNER_WINDOW, 1000);
        assertThat(wide.atCorner(1000).fit()).isEqualTo(Fit.NONE); // the wall round the corner is too short
        Opening half = placing.atCorner(1000).opening();
        assertThat(half.width()).isEqualTo(Length.ofMm(1000));
    }

    private static OpeningPlacing.Spot placed(Typed typed) {
        return ((Typed.Placed) typed).spot();
    }
}
