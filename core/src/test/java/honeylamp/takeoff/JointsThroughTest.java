package honeylamp.takeoff;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.PartKinds;
import honeylamp.catalogue.pattern.Pieces;
import honeylamp.derive.listing.Surfaces;
import honeylamp.edit.Coverings;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
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

    /** A straight stair in the room: its treads go on the floor's courses, its risers begin where joints meet them. */
    @Test
    void jointsRunUpTheStepsOfAStairThatBeginsInTheRoom() {
        var tile = Laying.of(new Pattern.Stack(), 200, 200, 3);
        var plan = TestPlans.clearRectangle(4500, 6000);
        var storey = TestPlans.storey(plan);
        var floor = Finish.of("square-tile").withLaying(Optional.of(tile)).startingAt(Position.ofMm(137, 61));
        plan = RoomEdits.mark(plan, storey, Position.ofMm(4300, 5800), "Hall", floor)
                .plan();
        var form = PartKinds.usual(PartKinds.of("stair-straight").orElseThrow(), plan, storey);
        var stair = StructureEdits.add(plan, storey, form, Position.ofMm(2200, 2900), 0);
        plan = stair.plan();
        var tiled = Optional.of(Finish.of("tile-white").withLaying(Optional.of(tile)));
        var steps = TestPlans.laid(plan).fixedParts().stairs().getFirst().steps();
        for (var n = 1; n <= steps.risers().size(); n++) {
            plan = Coverings.cover(plan, storey, new Surface.Riser(stair.id(), n), tiled);
        }
        plan = Coverings.cover(plan, storey, new Surface.Tread(stair.id(), 1), tiled);
        var done = through(plan);
        assertThat(done.words()).containsOnlyOnce("isers: joints run through");
        var laid = TestPlans.laid(done.plan());
        var all = Surfaces.on(laid);
        var tread = new Surface.Tread(stair.id(), 1);
        assertThat(all.stream()
                        .filter(f -> f.surface().equals(tread))
                        .findFirst()
                        .orElseThrow()
                        .finish()
                        .orElseThrow()
                        .start())
                .isEqualTo(Position.ofMm(137, 61));
        var risers =
                all.stream().filter(f -> f.surface() instanceof Surface.Riser).toList();
        assertThat(risers).hasSizeGreaterThan(10).allSatisfy(riser -> {
            var at = riser.frame()
                    .origin()
                    .plus(riser.frame()
                            .along()
                            .times(riser.finish().orElseThrow().start().x().mm()));
            // the stair climbs along the floor's axes: across them a joint ends at 137 or 61, and every 203 from there
            var isAlongX = Math.abs(riser.frame().along().x()) > 0.5;
            var off = isAlongX ? at.x() - 137 : at.y() - 61;
            var isForth = riser.frame().along().x() + riser.frame().along().y() > 0;
            var corner = isForth ? off : off + 3; // the far edge of a piece, where one walks against them
            assertThat(Math.abs(corner - 203 * Math.rint(corner / 203))).isCloseTo(0, within(1e-3));
        });
    }

    @Test
    void coursesThatDoNotGoOnFromWallToWallAreTold() {
        var tile = Laying.of(new Pattern.Stack(), 200, 200, 3);
        var plan = room(tile, tile, 0);
        assertThat(through(plan).words()).doesNotContain("course");
        assertThat(through(oneWall(plan, Laying.of(new Pattern.Stack(), 403, 403, 3)))
                        .words())
                .contains("one course in 2 runs through"); // 2 x (200 + 3) = 403 + 3
        assertThat(through(oneWall(plan, Laying.of(new Pattern.Stack(), 250, 200, 3)))
                        .words())
                .contains("courses drift apart by 50 mm a course");
    }

    /** The plan with another laying on one of its walls. */
    private static Plan oneWall(Plan plan, Laying laying) {
        var laid = TestPlans.laid(plan);
        var side = Surfaces.on(laid).stream()
                .map(Surfaces.Found::surface)
                .filter(Surface.WallSide.class::isInstance)
                .findFirst()
                .orElseThrow();
        return Coverings.cover(
                plan,
                TestPlans.storey(plan),
                side,
                Optional.of(Finish.of("tile-white").withLaying(Optional.of(laying))));
    }

    @Test
    void withoutTilesOnTheWallsThereIsNothingToBegin() {
        var plan = room(Laying.of(new Pattern.Stack(), 200, 200, 3), Laying.seamless(), 0);
        var laid = TestPlans.laid(plan);
        assertThat(JointsThrough.in(plan, laid, laid.geometry().rooms().getFirst()))
                .isEmpty();
    }
}
