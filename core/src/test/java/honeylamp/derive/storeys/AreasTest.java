package honeylamp.derive.storeys;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Dissection;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallEdits;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/**
 * Areas by three bases and the gross areas, worked out by hand in the comments; outer walls are 300 thick, partitions
 * 100. Every dissection sums to the area of its room to 1 mm².
 */
class AreasTest {
    private static final double MM2 = 1.0;

    private static Areas areas(Plan plan) {
        return Areas.of(plan, TestPlans.geometry(plan));
    }

    private static void one(Plan plan, double inner, double centres, double outer) {
        var areas = areas(plan);
        assertThat(areas.rooms()).hasSize(1);
        room(areas.rooms().getFirst(), inner, centres, outer);
        dissected(plan);
    }

    private static void room(Map<AreaBasis, Double> by, double inner, double centres, double outer) {
        assertThat(by.get(AreaBasis.INNER_FACES)).isCloseTo(inner, within(MM2));
        assertThat(by.get(AreaBasis.WALL_CENTRES)).isCloseTo(centres, within(MM2));
        assertThat(by.get(AreaBasis.OUTER_FACES)).isCloseTo(outer, within(MM2));
    }

    private static void gross(Plan plan, double internal, double external) {
        assertThat(areas(plan).internalGrossMm2()).isCloseTo(internal, within(MM2));
        assertThat(areas(plan).externalGrossMm2()).isCloseTo(external, within(MM2));
    }

    private static void dissected(Plan plan) {
        var geometry = TestPlans.geometry(plan);
        for (var room : geometry.rooms()) {
            var parts = Dissection.of(geometry, room);
            assertThat(parts.areaMm2()).isCloseTo(room.areaMm2(), within(MM2));
            assertThat(parts.parts())
                    .allSatisfy(p -> assertThat(p.working(UnitSystem.MM)).isNotEmpty());
        }
    }

    private static List<Dissection.Shape> shapes(Plan plan) {
        var geometry = TestPlans.geometry(plan);
        return Dissection.of(geometry, geometry.rooms().getFirst()).parts().stream()
                .map(Dissection.Part::shape)
                .toList();
    }

    @Test
    void aRectangle() {
        // 5,000 x 4,000; half a wall on each side: 5,300 x 4,300; the whole wall: 5,600 x 4,600
        var plan = TestPlans.clearRectangle(5000, 4000);
        one(plan, 5000 * 4000, 5300.0 * 4300, 5600.0 * 4600);
        gross(plan, 5000 * 4000, 5600.0 * 4600);
        assertThat(shapes(plan)).containsExactly(Dissection.Shape.RECTANGLE);
    }

    @Test
    void theDrawnFaceMakesNoDifference() {
        for (var body : BodySide.values()) {
            var off = 300 * body.leftShare(); // the line lies so far outside the inner faces
            var plan = TestPlans.start()
                    .chain(body, OUTER, true, -off, -off, 5000 + off, -off, 5000 + off, 4000 + off, -off, 4000 + off)
                    .plan();
            one(plan, 5000 * 4000, 5300.0 * 4300, 5600.0 * 4600);
        }
    }

    @Test
    void aVoidOverADoubleHeightIsNoFloor() {
        // 5,000 x 4,000 less a void of 2,000 x 1,500 in the corner: the same is taken from every basis
        var plan = TestPlans.clearRectangle(5000, 4000);
        var open = new Structure.Block(Structure.Kind.VOID, Length.ofMm(2000), Length.ofMm(1500), Length.ofMm(2600));
        var storey = TestPlans.storey(plan);
        var corner = StructureEdits.add(plan, storey, open, Position.ofMm(1000, 750), 0)
                .plan();
        one(corner, 5000 * 4000 - 3_000_000, 5300.0 * 4300 - 3_000_000, 5600.0 * 4600 - 3_000_000);
        gross(corner, 5000 * 4000 - 3_000_000, 5600.0 * 4600 - 3_000_000);
        assertThat(shapes(corner)).containsExactly(Dissection.Shape.RECTANGLE, Dissection.Shape.RECTANGLE);
        // in the middle of the floor it is a hole
        var middle = StructureEdits.add(plan, storey, open, Position.ofMm(2500, 2000), 0)
                .plan();
        one(middle, 17_000_000, 5300.0 * 4300 - 3_000_000, 5600.0 * 4600 - 3_000_000);
        // right across, it parts the floor: galleries of 1,500 and 1,500 on both sides
        var across = new Structure.Block(Structure.Kind.VOID, Length.ofMm(2000), Length.ofMm(4000), Length.ofMm(2600));
        var parted = StructureEdits.add(plan, storey, across, Position.ofMm(2500, 2000), 0)
                .plan();
        assertThat(areas(parted).rooms())
                .extracting(r -> r.get(AreaBasis.INNER_FACES))
                .allSatisfy(a -> assertThat(a).isCloseTo(1500 * 4000, within(MM2)))
                .hasSize(2);
    }

    @Test
    void anL() {
        // 6,000 x 5,000 less 2,500 x 2,000; the notch stays as large when its walls are moved outwards by as much:
        // 6,300 x 5,300 less 2,500 x 2,000, and 6,600 x 5,600 less 2,500 x 2,000
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 3000, 3500, 3000, 3500, 5000, 0, 5000)
                .plan();
        one(plan, 25_000_000, 6300.0 * 5300 - 5_000_000, 6600.0 * 5600 - 5_000_000);
        assertThat(shapes(plan)).containsExactly(Dissection.Shape.RECTANGLE, Dissection.Shape.RECTANGLE);
    }

    @Test
    void aU() {
        // 7,000 x 5,000 with a court of 2,000 x 3,000 open at the top; half a wall outwards: 7,300 x 5,300 less
        // (2,000 - 300) x 3,000; a whole wall: 7,600 x 5,600 less (2,000 - 600) x 3,000
        var plan = TestPlans.start()
                .chain(
                        BodySide.RIGHT,
                        OUTER,
                        true,
                        0,
                        0,
                        7000,
                        0,
                        7000,
                        5000,
                        4500,
                        5000,
                        4500,
                        2000,
                        2500,
                        2000,
                        2500,
                        5000,
                        0,
                        5000)
                .plan();
        one(plan, 35_000_000 - 6_000_000, 7300.0 * 5300 - 1700.0 * 3000, 7600.0 * 5600 - 1400.0 * 3000);
        assertThat(shapes(plan)).hasSize(3);
    }

    @Test
    void aSlantedWall() {
        // a trapezium 4,000 high, base 5,000, top 3,000: 16,000,000. Offset outwards by d its area grows by
        // perimeter x d + d² x (sum of the cotangents of half its corners): the corners are 90, 90, and a, 180 - a
        var lean = Math.atan2(4000, 2000);
        var perimeter = 5000 + 3000 + 4000 + Math.hypot(4000, 2000);
        var cotangents = 2 + 1 / Math.tan(lean / 2) + 1 / Math.tan((Math.PI - lean) / 2);
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 3000, 4000, 0, 4000)
                .plan();
        one(
                plan,
                16_000_000,
                16_000_000 + perimeter * 150 + cotangents * 150 * 150,
                16_000_000 + perimeter * 300 + cotangents * 300 * 300);
        assertThat(shapes(plan)).hasSize(1).contains(Dissection.Shape.TRAPEZIUM);
    }

    @Test
    void aTriangle() {
        // legs 6,000 and 4,000
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 0, 4000)
                .plan();
        assertThat(areas(plan).rooms().getFirst().get(AreaBasis.INNER_FACES)).isCloseTo(12_000_000, within(MM2));
        assertThat(shapes(plan)).containsExactly(Dissection.Shape.TRIANGLE); // on its longest side
        dissected(plan);
    }

    @Test
    void aRoundRoom() {
        // two half circles of radius 2,000 on the inner face: pi r² with r = 2,000, 2,150, 2,300
        var start = TestPlans.start().plan();
        var storey = TestPlans.storey(start);
        var south = Position.ofMm(0, -2000);
        var north = Position.ofMm(0, 2000);
        // drawn upwards an arc to the right has its room on the left and its body on the right
        var half = WallEdits.addArc(start, storey, south, north, Length.ofMm(-2000), BodySide.RIGHT, OUTER)
                .orThrow();
        var plan = WallEdits.addArc(half.plan(), storey, north, south, Length.ofMm(-2000), BodySide.RIGHT, OUTER)
                .orThrow()
                .plan();
        one(plan, Math.PI * 2000 * 2000, Math.PI * 2150 * 2150, Math.PI * 2300 * 2300);
        assertThat(shapes(plan)).contains(Dissection.Shape.SECTOR);
    }

    @Test
    void aBowedSide() {
        // 4,000 x 3,000 with a half circle of radius 1,500 instead of its eastern side
        var start = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, false, 4000, 3000, 0, 3000, 0, 0, 4000, 0)
                .plan();
        var plan = WallEdits.addArc(
                        start,
                        TestPlans.storey(start),
                        Position.ofMm(4000, 0),
                        Position.ofMm(4000, 3000),
                        Length.ofMm(-1500),
                        BodySide.RIGHT,
                        OUTER)
                .orThrow()
                .plan();
        one(
                plan,
                4000.0 * 3000 + Math.PI * 1500 * 1500 / 2,
                4150.0 * 3300 + Math.PI * 1650 * 1650 / 2,
                4300.0 * 3600 + Math.PI * 1800 * 1800 / 2);
    }

    @Test
    void aSplayedBay() {
        // 6,000 x 4,000, and a bay 2,000 wide and 500 deep with sides at 45 degrees: a trapezium (2,000 + 1,000) / 2
        var plan = TestPlans.start()
                .chain(
                        BodySide.RIGHT,
                        OUTER,
                        true,
                        0,
                        0,
                        2000,
                        0,
                        2500,
                        -500,
                        3500,
                        -500,
                        4000,
                        0,
                        6000,
                        0,
                        6000,
                        4000,
                        0,
                        4000)
                .plan();
        assertThat(areas(plan).rooms().getFirst().get(AreaBasis.INNER_FACES))
                .isCloseTo(24_000_000 + 750_000, within(MM2));
        dissected(plan);
    }

    @Test
    void aTinyClosetInACornerOfARoom() {
        // 4,000 x 3,000; a closet 800 x 600 clear in a corner behind partitions of 100. By wall centres it is
        // 800 + 150 + 50 by 600 + 150 + 50; by outer faces 800 + 300 + 50 by 600 + 300 + 50
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 4000, 0, 4000, 3000, 0, 3000)
                .wall(850, 0, 850, 650, BodySide.CENTRE, PARTITION)
                .wall(850, 650, 0, 650, BodySide.CENTRE, PARTITION)
                .plan();
        var areas = areas(plan);
        assertThat(areas.rooms()).hasSize(2);
        room(areas.rooms().get(1), 800 * 600, 1000.0 * 800, 1150.0 * 950);
        // the rest is what is left of the whole by each basis: 900 x 700 with the partitions, and the same two shares
        room(
                areas.rooms().getFirst(),
                12_000_000 - 900.0 * 700,
                4300.0 * 3300 - 1000.0 * 800,
                4600.0 * 3600 - 1150.0 * 950);
        gross(plan, 12_000_000, 4600.0 * 3600);
        dissected(plan);
    }

    @Test
    void aColumnOfWallsInARoomIsTakenOut() {
        // 6,000 x 5,000 less a shaft of 1,000 x 1,000 between its outer faces, walled by partitions
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 6000, 0, 6000, 5000, 0, 5000)
                .chain(BodySide.LEFT, PARTITION, true, 2000, 2000, 3000, 2000, 3000, 3000, 2000, 3000)
                .plan();
        var areas = areas(plan);
        // by wall centres the shaft takes 900 x 900
        room(areas.rooms().getFirst(), 29_000_000, 6300.0 * 5300 - 900 * 900, 6600.0 * 5600 - 900 * 900);
        dissected(plan);
    }

    @Test
    void whatCountsAsGarageOrOutdoorIsSummedApart() {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 8100, 0, 8100, 4000, 0, 4000)
                .wall(5050, 0, 5050, 4000, BodySide.CENTRE, PARTITION)
                .plan();
        var garage = TestPlans.geometry(plan).rooms().get(1);
        var storey = TestPlans.storey(plan);
        plan = RoomEdits.fit(plan, storey, garage, f -> f.withCounts(CountsAs.GARAGE));
        var geometry = TestPlans.geometry(plan);
        var areas = Areas.of(plan, geometry);
        // 5,000 x 4,000 to live in, 3,000 x 4,000 for the car
        assertThat(areas.sum(geometry, AreaBasis.INNER_FACES, CountsAs.INDOOR)).isCloseTo(20_000_000, within(MM2));
        assertThat(areas.sum(geometry, AreaBasis.INNER_FACES, CountsAs.GARAGE)).isCloseTo(12_000_000, within(MM2));
        assertThat(areas.sum(geometry, AreaBasis.INNER_FACES, CountsAs.OUTDOOR)).isZero();
    }
}
