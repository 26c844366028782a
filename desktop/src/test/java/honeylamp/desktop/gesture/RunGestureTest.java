package honeylamp.desktop.gesture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.catalogue.NewPlan;
import honeylamp.catalogue.piece.Runs;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.desktop.gesture.look.WalkWay;
import honeylamp.desktop.gesture.place.LayRun;
import honeylamp.edit.WallEdits;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Run.Series;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Runs and ways by the pointer, in a room of 5,000 x 4,000 whose inner faces are drawn from the origin. */
class RunGestureTest {
    private static Plan room(UnitSystem units) {
        var plan = NewPlan.in(units);
        var xy = new double[][] {{0, 0}, {5000, 0}, {5000, 4000}, {0, 4000}};
        for (var i = 0; i < 4; i++) {
            var a = xy[i];
            var b = xy[(i + 1) % 4];
            plan = WallEdits.add(
                            plan,
                            plan.storeys().getFirst().id(),
                            Position.ofMm(a[0], a[1]),
                            Position.ofMm(b[0], b[1]),
                            BodySide.RIGHT,
                            plan.wallTypes().getFirst().id())
                    .orThrow()
                    .plan();
        }
        return plan;
    }

    private static List<Furnishing> pieces(Hand hand) {
        return hand.plan.storeys().getFirst().furnishings();
    }

    @Test
    void twoClicksLayARunFromCornerToCorner() {
        var hand = new Hand(room(UnitSystem.MM), LayRun.begin());
        hand.click(30, 3960); // the corner is caught
        assertThat(hand.gesture.underWay()).isTrue();
        hand.click(4970, 3960);
        assertThat(pieces(hand)).singleElement().satisfies(f -> {
            assertThat(f.width().mm()).isCloseTo(5000, within(0.01));
            assertThat(f.run().orElseThrow().series()).isEqualTo(Series.METRIC);
        });
        assertThat(hand.picked)
                .isEqualTo(java.util.Set.of(pieces(hand).getFirst().id()));
        assertThat(hand.gesture.underWay()).isFalse();
    }

    @Test
    void inInchesItIsTwentyFourDeep() {
        var hand = new Hand(room(UnitSystem.FEET_INCHES), LayRun.begin());
        hand.click(30, 3960);
        hand.click(3000, 3960);
        assertThat(pieces(hand)).singleElement().satisfies(f -> {
            assertThat(f.depth()).isEqualTo(Length.ofInches(24));
            assertThat(f.run().orElseThrow().series()).isEqualTo(Series.INCHES);
        });
    }

    @Test
    void theOtherWayRoundItTakesTheOtherCorners() {
        var hand = new Hand(room(UnitSystem.MM), LayRun.begin());
        hand.click(1000, 3960);
        hand.take(hand.gesture.key(hand.scene(), Gesture.Key.FLIP));
        hand.click(4000, 3960);
        // 1,000 and 1,000 of the north face, east, south and west: five runs and four corners
        assertThat(pieces(hand)).hasSize(9);
        assertThat(pieces(hand).stream().filter(f -> f.kind().equals(Runs.COUNTER)))
                .hasSize(5);
    }

    @Test
    void farFromAWallNothingBeginsAndEscapeLeavesNothingBehind() {
        var hand = new Hand(room(UnitSystem.MM), LayRun.begin());
        hand.click(2500, 2000);
        assertThat(hand.complaint).contains("No wall of a room is near");
        hand.click(1000, 3960);
        hand.gesture = hand.gesture.dropped();
        assertThat(hand.gesture.underWay()).isFalse();
        assertThat(pieces(hand)).isEmpty();
        hand.click(1000, 3960);
        hand.click(1040, 3960);
        assertThat(hand.complaint).contains("too short for a unit");
    }

    @Test
    void waysAreWalkedOnceTheyAreKnown() {
        var hand = new Hand(room(UnitSystem.MM), WalkWay.begin());
        var storey = LaidPlan.of(hand.plan).all().getFirst();
        assertThat(hand.gesture.readout(hand.scene()).hint()).startsWith("Looking for the ways");
        assertThat(hand.gesture.sketch(hand.scene())).isEmpty();
        hand.walked = Optional.of(Walked.of(storey, Optional.empty(), Optional.empty()));
        assertThat(hand.gesture.readout(hand.scene()).hint()).contains("No door leads in");
        hand.click(1000, 1000).click(4000, 3000);
        var walk = (WalkWay) hand.gesture;
        assertThat(walk.to()).isPresent();
        hand.walked = Optional.of(Walked.of(storey, walk.from(), walk.to()));
        var way = hand.walked.orElseThrow().way().orElseThrow();
        assertThat(hand.gesture.readout(hand.scene()).fields()).isNotEmpty();
        assertThat(way.lengthMm()).isCloseTo(Math.hypot(3000, 2000), within(100.0));
        assertThat(hand.gesture.sketch(hand.scene())).isNotEmpty();
        assertThat(hand.commits).isZero();
    }
}
