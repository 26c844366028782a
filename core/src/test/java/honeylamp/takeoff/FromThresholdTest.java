package honeylamp.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A room of 4,000 by 3,000 with a door in its south wall from 1,000 to 1,900: pieces of 200 by 600 begun at it. */
class FromThresholdTest {
    private static final Laying PLANK = Laying.of(new Pattern.Stack(), 200, 600, 3);

    private static Plan room() {
        var walls = TestPlans.clearRectangle(4000, 3000);
        var doored = TestPlans.opening(walls, 0, OpeningKind.DOOR, 1000, 900, Hand.FIRST, Swing.LEFT);
        return RoomEdits.mark(doored, TestPlans.storey(doored), Position.ofMm(2000, 1500), "Hall", Finish.of("screed"))
                .plan();
    }

    private static Optional<Point> start(Plan plan, double deg) {
        var geometry = TestPlans.geometry(plan);
        return StartProposals.fromThreshold(
                        geometry,
                        geometry.rooms().getFirst(),
                        PLANK,
                        Finish.of("screed").turnedTo(deg))
                .map(Position::point);
    }

    @Test
    void onePieceLiesInTheMiddleOfTheDoorAlongItOrOutOfIt() {
        var along = start(room(), 0).orElseThrow();
        assertThat(along.x()).isCloseTo(1450 - 300, within(1e-6));
        assertThat(along.y()).isCloseTo(0, within(1e-6));
        // courses run north: a piece is 200 wide to the west of its start
        var out = start(room(), 90).orElseThrow();
        assertThat(out.x()).isCloseTo(1450 + 100, within(1e-6));
        assertThat(out.y()).isCloseTo(0, within(1e-6));
        // courses run west: the piece of the first course ends at the threshold
        var west = start(room(), 180).orElseThrow();
        assertThat(west.x()).isCloseTo(1450 + 300, within(1e-6));
        assertThat(west.y()).isCloseTo(200, within(1e-6));
        assertThat(start(room(), 30).orElseThrow().distance(new Point(1450, 0))).isLessThan(1e-6);
    }

    @Test
    void aRoomWithoutADoorHasNoThresholdToBeginAt() {
        var closed = RoomEdits.mark(
                        TestPlans.clearRectangle(4000, 3000),
                        TestPlans.storey(TestPlans.clearRectangle(4000, 3000)),
                        Position.ofMm(2000, 1500),
                        "Store",
                        Finish.of("screed"))
                .plan();
        assertThat(start(closed, 0)).isEmpty();
    }
}
