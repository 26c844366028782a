package honeylamp.derive.storeys;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Fittings;
import honeylamp.derive.storeys.FittingPlaces.Placed;
import honeylamp.edit.Completing;
import honeylamp.edit.FittingEdits;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Buying;
import honeylamp.plan.ElementId.FittingId;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.plan.Wall.Works;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Fittings in a room of 5,000 x 4,000 clear, its walls around it: every place by hand. */
class FittingPlacesTest {
    private static Plan room() {
        return marked(TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .plan());
    }

    private static Plan marked(Plan walls) {
        return RoomEdits.mark(walls, storey(walls), Position.ofMm(1000, 1000), "Hall", Finish.of("wide-oak"))
                .plan();
    }

    private static RoomId mark(Plan plan) {
        return plan.storeys().getFirst().rooms().getFirst().id();
    }

    static Fitting fitting(FittingKind kind, Fitting.On on) {
        return new Fitting(
                new FittingId(1),
                kind,
                on,
                0,
                Length.ofMm(1000),
                Fittings.emission(kind),
                List.of(),
                0,
                Works.NEW,
                Buying.UNKNOWN);
    }

    private static List<Placed> placed(Plan plan, Fitting.On on) {
        return placed(FittingEdits.add(plan, storey(plan), fitting(FittingKind.CEILING_LIGHT, on))
                .plan());
    }

    private static List<Placed> placed(Plan plan) {
        return FittingPlaces.on(TestPlans.geometry(plan));
    }

    private static void areAt(List<Placed> placed, double... xy) {
        assertThat(placed).hasSize(xy.length / 2);
        for (var i = 0; i < placed.size(); i++) {
            var at = placed.get(i).at();
            assertThat(at.distance(new Point(xy[2 * i], xy[2 * i + 1])))
                    .as("the light %d is at %s", i, at)
                    .isLessThan(1e-6);
        }
    }

    @Test
    void onASideOfAWallItLooksIntoTheRoom() {
        var room = room();
        var south = TestPlans.wallId(room, 0);
        var inside = new Fitting.WallSide(south, Swing.LEFT, Length.ofMm(1200), Length.ofMm(1050));
        var there = placed(FittingEdits.add(room, storey(room), fitting(FittingKind.ONE_WAY, inside))
                .plan());
        areAt(there, 1200, 0);
        assertThat(there.getFirst().facingDeg()).isCloseTo(90, within(1e-9));
        assertThat(there.getFirst().heightMm()).isEqualTo(1050);
        var outside = new Fitting.WallSide(south, Swing.RIGHT, Length.ofMm(1200), Length.ofMm(1050));
        var beyond = placed(FittingEdits.add(room, storey(room), fitting(FittingKind.ONE_WAY, outside))
                .plan());
        var thick = room.wallType(OUTER).thickness().mm();
        areAt(beyond, 1200, -thick);
        assertThat(beyond.getFirst().facingDeg()).isCloseTo(270, within(1e-9));
    }

    @Test
    void rowsOverARoomStandTheirShareApartAndHalfOfItFromTheWalls() {
        // 5000 / 4 = 1250, the first at 625; 4000 / 2 = 2000, the first at 1000
        areAt(
                placed(room(), new Fitting.InRoom(mark(room()), 4, 2, Optional.empty())),
                625,
                1000,
                1875,
                1000,
                3125,
                1000,
                4375,
                1000,
                625,
                3000,
                1875,
                3000,
                3125,
                3000,
                4375,
                3000);
        assertThat(placed(room(), new Fitting.InRoom(mark(room()), 1, 1, Optional.empty()))
                        .getFirst()
                        .heightMm())
                .isEqualTo(room().storeys().getFirst().height().mm());
    }

    @Test
    void rowsFollowTheRoomWhenAWallIsMoved() {
        var room = room();
        var lit = FittingEdits.add(
                        room,
                        storey(room),
                        fitting(FittingKind.DOWNLIGHT, new Fitting.InRoom(mark(room), 2, 1, Optional.empty())))
                .plan();
        var east = TestPlans.wallId(lit, 1);
        var wider = WallEdits.moveWall(lit, storey(lit), east, Length.ofMm(1000), Length.ZERO)
                .result()
                .orElseThrow();
        areAt(placed(new Completing(new GeometryCache()).of(lit, wider)), 1500, 2000, 4500, 2000);
    }

    @Test
    void whatWouldBeOutsideARoomOrAtItsWallsIsLeftOut() {
        var l = marked(TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 4000, 0, 4000, 2000, 2000, 2000, 2000, 4000, 0, 4000)
                .plan());
        areAt(
                placed(l, new Fitting.InRoom(mark(l), 2, 2, Optional.empty())),
                1000,
                1000,
                3000,
                1000,
                1000,
                3000); // the fourth would be at 3000, 3000
        areAt(placed(l, new Fitting.InRoom(mark(l), 1, 1, Optional.empty()))); // in the inner corner
    }

    @Test
    void aRowAlongAWallIsSpreadOverWhatTheRoomSeesOfIt() {
        var room = room();
        var north = TestPlans.wallId(room, 2); // from 5000 to 0
        var row = new Fitting.AlongWall(
                north, Swing.LEFT, Optional.of(mark(room)), 5, Length.ofMm(900), Optional.of(Length.ofMm(2300)));
        var there = placed(FittingEdits.add(room, storey(room), fitting(FittingKind.WALL_WASHER, row))
                .plan());
        areAt(there, 4500, 3100, 3500, 3100, 2500, 3100, 1500, 3100, 500, 3100);
        assertThat(there).allSatisfy(p -> assertThat(p.heightMm()).isEqualTo(2300));
        // what stands before a wall shines at it: upright it would look north by itself
        assertThat(there)
                .allSatisfy(p -> assertThat((p.facingDeg() + 360) % 360).isCloseTo(0, within(1e-9)));
    }

    @Test
    void whatIsOverAPieceGoesWithItHoweverItIsTurned() {
        var table = TestPlans.with(room(), "table-dining", 1800, 900, 750, 2000, 2000, 90);
        var piece = table.storeys().getFirst().furnishings().getFirst();
        var over = new Fitting.AlongPiece(piece.id(), 3, Length.ZERO, Length.ofMm(650));
        var lit = FittingEdits.add(table, storey(table), fitting(FittingKind.PENDANT, over))
                .plan();
        // 1800 / 3 = 600 apart, now along y
        areAt(placed(lit), 2000, 1400, 2000, 2000, 2000, 2600);
        assertThat(placed(lit)).allSatisfy(p -> assertThat(p.heightMm()).isEqualTo(1400));
        var moved = FurnishingEdits.moveTo(lit, storey(lit), piece.id(), Position.ofMm(3000, 2500));
        areAt(placed(moved), 3000, 1900, 3000, 2500, 3000, 3100);
    }

    @Test
    void aRingIsEvenAroundItsMiddle() {
        areAt(
                placed(room(), new Fitting.Ring(Position.ofMm(2500, 2000), Length.ofMm(600), 4, Optional.empty())),
                3100,
                2000,
                2500,
                2600,
                1900,
                2000,
                2500,
                1400);
    }

    @Test
    void aHundredLightsAlongAnyLengthLeaveHalfASpaceAtTheEnds() {
        for (var n = 1; n <= 100; n++) {
            var length = 1000 + 37.0 * n;
            assertThat(FittingPlaces.even(0, n, length)).isCloseTo(length / (2 * n), within(1e-9));
            assertThat(length - FittingPlaces.even(n - 1, n, length)).isCloseTo(length / (2 * n), within(1e-9));
        }
    }
}
