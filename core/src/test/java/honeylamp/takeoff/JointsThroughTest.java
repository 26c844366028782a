package honeylamp.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.pattern.Pieces;
import honeylamp.derive.listing.Surfaces;
import honeylamp.edit.Coverings;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Surface;
import honeylamp.takeoff.JointsThrough.Meeting;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class JointsThroughTest {
    private static Plan room(Laying onFloor, Laying onWall, double directionDeg) {
        var plan = TestPlans.clearRectangle(3170, 2430);
        var floor = Finish.of("square-tile")
                .withLaying(Optional.of(onFloor))
                .turnedTo(directionDeg)
                .startingAt(Position.ofMm(137, 61));
        plan = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(1500, 1200), "Bath", floor)
                .plan();
        var walls =
                new Surface.Walls(plan.storeys().getFirst().rooms().getFirst().id());
        return Coverings.cover(
                plan,
                TestPlans.storey(plan),
                walls,
                Optional.of(Finish.of("tile-white").withLaying(Optional.of(onWall))));
    }

    private static JointsThrough.Done through(Plan plan) {
        var laid = TestPlans.laid(plan);
        return JointsThrough.in(plan, laid, laid.geometry().rooms().getFirst()).orElseThrow();
    }

    /** On every wall the left edges of the pieces of the lowest course stand where edges of floor pieces meet the wall. */
    @Test
    void jointsOfFloorAndWallsMeetOnAllFourWalls() {
        for (var direction : List.of(0, 90)) {
            var tile = Laying.of(new Pattern.Stack(), 200, 200, 3);
            var done = through(room(tile, tile, direction));
            assertThat(done.words()).contains("joints run through").doesNotContain("drift");
            var laid = TestPlans.laid(done.plan());
            var room = laid.geometry().rooms().getFirst();
            var floor = room.mark().orElseThrow().floor();
            var way = Affine.turn(direction)
                    .then(Affine.move(floor.start().x().mm(), floor.start().y().mm()));
            var corners = Pieces.of(tile, new Box(-4000, -4000, 4000, 4000), 1).stream()
                    .flatMap(p -> p.ring().through(way).corners().stream())
                    .toList();
            var walls = Surfaces.ofRoom(laid, room, room.mark().orElseThrow()).stream()
                    .filter(f -> f.surface() instanceof Surface.WallSide)
                    .toList();
            assertThat(walls).hasSize(4);
            for (var wall : walls) {
                var start = wall.finish().orElseThrow().start().x().mm();
                for (var k = 0; k < 8; k++) {
                    var at = wall.frame().origin().plus(wall.frame().along().times(start + k * 203));
                    // the corner of some floor piece lies on the line through it at right angles to the wall
                    assertThat(corners)
                            .as("wall along %s", wall.frame().along())
                            .anyMatch(c -> Math.abs(c.minus(at).dot(wall.frame().along())) < 0.01);
                    var next = at.plus(wall.frame().along().times(200));
                    assertThat(corners)
                            .anyMatch(
                                    c -> Math.abs(c.minus(next).dot(wall.frame().along())) < 0.01);
                }
            }
        }
    }

    @Test
    void smallerPiecesMeetAtEverySecondJointAndOthersDriftApart() {
        var floor = Finish.of("square-tile");
        var on = Laying.of(new Pattern.Stack(), 400, 400, 4);
        var along = new Point(1, 0);
        // 2 x (198 + 4) = 404
        assertThat(JointsThrough.meeting(floor, on, Point.ORIGIN, along, Laying.of(new Pattern.Stack(), 198, 198, 4)))
                .isEqualTo(new Meeting.Through(0, 2));
        assertThat(JointsThrough.meeting(floor, on, Point.ORIGIN, along, Laying.of(new Pattern.Stack(), 390, 390, 4)))
                .isInstanceOfSatisfying(
                        Meeting.Drifting.class, d -> assertThat(d.byMm()).isCloseTo(10, within(1e-9)));
        assertThat(JointsThrough.meeting(
                        floor.turnedTo(30), on, Point.ORIGIN, along, Laying.of(new Pattern.Stack(), 198, 198, 4)))
                .isEqualTo(new Meeting.Askew());
    }

    @Test
    void withoutTilesOnTheWallsThereIsNothingToBegin() {
        var plan = room(Laying.of(new Pattern.Stack(), 200, 200, 3), Laying.seamless(), 0);
        var laid = TestPlans.laid(plan);
        assertThat(JointsThrough.in(plan, laid, laid.geometry().rooms().getFirst()))
                .isEmpty();
    }
}
