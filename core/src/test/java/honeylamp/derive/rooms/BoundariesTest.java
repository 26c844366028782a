package honeylamp.derive.rooms;

import static honeylamp.TestPlans.geometry;
import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Dissection;
import honeylamp.derive.snags.WhyNoRoom;
import honeylamp.derive.storeys.Areas;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.edit.Completing;
import honeylamp.edit.Deletion;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Finish;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.units.UnitSystem;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Rooms that end without a wall. Outer walls are 300 thick. */
class BoundariesTest {
    private static final double MM2 = 1.0;

    private static Plan bounded(Plan plan, double... xy) {
        var out = plan;
        for (var i = 0; i + 3 < xy.length; i += 2) {
            out = RoomEdits.bound(
                            out, storey(out), Position.ofMm(xy[i], xy[i + 1]), Position.ofMm(xy[i + 2], xy[i + 3]))
                    .orThrow()
                    .plan();
        }
        return out;
    }

    private static void room(Map<AreaBasis, Double> by, double inner, double centres, double outer) {
        assertThat(by.get(AreaBasis.INNER_FACES)).isCloseTo(inner, within(MM2));
        assertThat(by.get(AreaBasis.WALL_CENTRES)).isCloseTo(centres, within(MM2));
        assertThat(by.get(AreaBasis.OUTER_FACES)).isCloseTo(outer, within(MM2));
    }

    @Test
    void anOpenPlanIsTwoRoomsWithABoundaryBetween() {
        // 8,000 x 4,000, bounded at x = 5,000; the boundary has no thickness to share
        var plan = bounded(TestPlans.clearRectangle(8000, 4000), 5000, 0, 5000, 4000);
        var areas = Areas.of(plan, geometry(plan));
        assertThat(areas.rooms()).hasSize(2);
        room(areas.rooms().get(0), 5000 * 4000, 5150.0 * 4300, 5300.0 * 4600);
        room(areas.rooms().get(1), 3000 * 4000, 3150.0 * 4300, 3300.0 * 4600);
        assertThat(geometry(plan).netAreaMm2()).isCloseTo(32_000_000, within(MM2));
        for (var room : geometry(plan).rooms()) {
            assertThat(Dissection.of(geometry(plan), room).areaMm2()).isCloseTo(room.areaMm2(), within(MM2));
        }
    }

    @Test
    void aBoundaryALittleShortOfTheWallsStillReachesThem() {
        var plan = bounded(TestPlans.clearRectangle(8000, 4000), 5000, 15, 5000, 3990);
        assertThat(geometry(plan).rooms()).hasSize(2);
        // one that hangs free in the room divides nothing
        assertThat(geometry(bounded(TestPlans.clearRectangle(8000, 4000), 5000, 500, 5000, 3000))
                        .rooms())
                .hasSize(1);
    }

    @Test
    void aBoundaryRoundACornerTakesARectangleOut() {
        // 2,000 x 1,500 in the corner of 8,000 x 4,000
        var plan = bounded(TestPlans.clearRectangle(8000, 4000), 2000, 0, 2000, 1500, 0, 1500);
        var rooms = geometry(plan).rooms();
        assertThat(rooms).hasSize(2);
        assertThat(rooms.getLast().areaMm2()).isCloseTo(3_000_000, within(MM2));
        assertThat(rooms.getFirst().areaMm2()).isCloseTo(29_000_000, within(MM2));
    }

    @Test
    void outsideTheWallsBoundariesMakeABalconyThatIsNotCountedInside() {
        // 3,000 x 1,200 before the southern outer face, at y = -300
        var plan = bounded(TestPlans.clearRectangle(8000, 4000), 2000, -300, 2000, -1500, 5000, -1500, 5000, -300);
        plan = RoomEdits.markNew(plan, storey(plan), geometry(plan));
        var rooms = geometry(plan).rooms();
        assertThat(rooms).hasSize(2);
        var balcony = rooms.getLast();
        assertThat(balcony.lie()).isEqualTo(Room.Lie.OUTSIDE);
        assertThat(balcony.areaMm2()).isCloseTo(3000 * 1200, within(MM2));
        assertThat(balcony.mark().orElseThrow().fit().counts()).isEqualTo(CountsAs.OUTDOOR);
        assertThat(geometry(plan).netAreaMm2()).isCloseTo(32_000_000, within(MM2));
        var areas = Areas.of(plan, geometry(plan));
        assertThat(areas.sum(geometry(plan), AreaBasis.INNER_FACES, CountsAs.OUTDOOR))
                .isCloseTo(3_600_000, within(MM2));
        assertThat(areas.externalGrossMm2()).isCloseTo(8600.0 * 4600, within(MM2));
    }

    @Test
    void namesComeAndGoWithBoundariesAsWithWalls() {
        var plan = bounded(TestPlans.clearRectangle(8000, 4000), 5000, 0, 5000, 4000);
        plan = RoomEdits.mark(plan, storey(plan), Position.ofMm(1000, 2000), "Kitchen", Finish.of("screed"))
                .plan();
        plan = RoomEdits.mark(plan, storey(plan), Position.ofMm(7000, 2000), "Dining", Finish.of("screed"))
                .plan();
        var gone = Deletion.of(
                plan,
                storey(plan),
                Set.of(plan.storeys().getFirst().boundaries().getFirst().id()));
        var merged = new Completing(new GeometryCache()).of(plan, gone);
        assertThat(geometry(merged).rooms()).hasSize(1);
        assertThat(geometry(merged).rooms().getFirst().name()).isEqualTo("Kitchen");
        assertThat(RoomEdits.bound(gone, storey(gone), Position.ofMm(1, 1), Position.ofMm(1, 1))
                        .refusal())
                .hasValue("That cannot be: both ends lie on the same spot.");
    }

    @Test
    void aSpaceThatIsNoRoomSaysWhyAndWhere() {
        var open = TestPlans.start()
                .chain(honeylamp.plan.Wall.BodySide.RIGHT, TestPlans.OUTER, false, 0, 0, 4000, 0, 4000, 3000, 60, 3000)
                .plan();
        var why = WhyNoRoom.at(geometry(open), new Point(1000, 2000), UnitSystem.MM)
                .orElseThrow();
        assertThat(why.sentence()).contains("do not close");
        assertThat(why.where().orElseThrow().distance(new Point(60, 3000))).isLessThan(400);
        var closed = TestPlans.clearRectangle(4000, 3000);
        assertThat(WhyNoRoom.at(geometry(closed), new Point(1000, 1000), UnitSystem.MM))
                .isEmpty();
        assertThat(WhyNoRoom.at(geometry(closed), new Point(-150, 1000), UnitSystem.MM)
                        .orElseThrow()
                        .sentence())
                .contains("wall");
        assertThat(WhyNoRoom.at(geometry(closed), new Point(-5000, 1000), UnitSystem.MM)
                        .orElseThrow()
                        .sentence())
                .contains("outside");
    }
}
