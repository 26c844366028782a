package honeylamp.derive.storeys;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Dissection;
import honeylamp.derive.listing.SiteAreas;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.edit.GroundEdits;
import honeylamp.edit.Mending;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallEdits;
import honeylamp.plan.AreaBasis;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomFit.CountsAs;
import honeylamp.plan.Structure;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Plans in which areas are easily got wrong, each worked out by hand; outer walls 300 thick, partitions 100. */
class AreaCasesTest {
    private static final double MM2 = 1.0;

    private static Areas areas(Plan plan) {
        return Areas.of(plan, TestPlans.geometry(plan));
    }

    private static Stream<Double> by(Plan plan, AreaBasis basis) {
        return areas(plan).rooms().stream().map(r -> r.getOrDefault(basis, Double.NaN));
    }

    private static double sum(Plan plan, AreaBasis basis) {
        return by(plan, basis).mapToDouble(Double::doubleValue).sum();
    }

    private static Plan round(double clear) {
        var start = TestPlans.start().plan();
        var storey = TestPlans.storey(start);
        var north = Position.ofMm(0, clear);
        var south = Position.ofMm(0, -clear);
        var rise = Length.ofMm(-clear);
        var half = WallEdits.addArc(start, storey, south, north, rise, BodySide.RIGHT, OUTER)
                .orThrow()
                .plan();
        return WallEdits.addArc(half, storey, north, south, rise, BodySide.RIGHT, OUTER)
                .orThrow()
                .plan();
    }

    private static Plan pierced(Plan plan, double x, double y, double wide) {
        var open = new Structure.Block(Structure.Kind.VOID, Length.ofMm(wide), Length.ofMm(wide), Length.ofMm(2600));
        return StructureEdits.add(plan, TestPlans.storey(plan), open, Position.ofMm(x, y), 0)
                .plan();
    }

    private static void worked(Plan plan) {
        var geometry = TestPlans.geometry(plan);
        for (var room : geometry.rooms()) {
            assertThat(Dissection.of(geometry, room).areaMm2()).isCloseTo(room.areaMm2(), within(MM2));
        }
    }

    @Test
    void aVoidInARoundRoomIsTakenAway() {
        var plan = pierced(round(2150), 0, 0, 2000);
        var circle = Math.PI * 2150 * 2150;
        assertThat(by(plan, AreaBasis.INNER_FACES))
                .singleElement()
                .satisfies(a -> assertThat(a).isCloseTo(circle - 4e6, within(MM2)));
        worked(plan);
        var geometry = TestPlans.geometry(plan);
        assertThat(geometry.grossAreaMm2()).isCloseTo(Math.PI * 2450 * 2450 - 4e6, within(MM2));
        assertThat(geometry.netAreaMm2()).isLessThan(geometry.grossAreaMm2());
        // once round the circle and once round the void
        assertThat(geometry.rooms().getFirst().perimeterMm()).isCloseTo(2 * Math.PI * 2150 + 4 * 2000, within(1e-3));
    }

    @Test
    void anIslandInAHalfRoundRoomCutByABoundary() {
        var plan = pierced(round(3000), 0, 1300, 1000);
        var bound = RoomEdits.bound(plan, TestPlans.storey(plan), Position.ofMm(-3000, 0), Position.ofMm(3000, 0))
                .orThrow()
                .plan();
        var half = Math.PI * 3000 * 3000 / 2;
        assertThat(by(bound, AreaBasis.INNER_FACES).sorted().toList())
                .satisfiesExactly(
                        a -> assertThat(a).isCloseTo(half - 1e6, within(MM2)),
                        a -> assertThat(a).isCloseTo(half, within(MM2)));
        worked(bound);
    }

    @Test
    void aStubOfWallChangesNeitherCentresNorOuterFaces() {
        for (var body : BodySide.values()) {
            // 6,000 x 5,000 outside, walls of 200
            var in = 200 * (1 - body.leftShare());
            var thick = TestPlans.start().plan();
            var types = new ArrayList<>(thick.wallTypes());
            types.replaceAll(t -> t.id().equals(OUTER) ? t.withLayers(List.of()).withThickness(Length.ofMm(200)) : t);
            var plan = thick.withWallTypes(types);
            var storey = TestPlans.storey(plan);
            var corners = List.of(
                    Position.ofMm(in, in),
                    Position.ofMm(6000 - in, in),
                    Position.ofMm(6000 - in, 5000 - in),
                    Position.ofMm(in, 5000 - in));
            for (var i = 0; i < 4; i++) {
                plan = WallEdits.add(plan, storey, corners.get(i), corners.get((i + 1) % 4), body, OUTER)
                        .orThrow()
                        .plan();
            }
            // 100 long, from the drawn line or the face into the room
            plan = WallEdits.add(
                            plan,
                            storey,
                            Position.ofMm(2500, Math.max(in, 200)),
                            Position.ofMm(2500, Math.max(in, 200) + 100),
                            BodySide.CENTRE,
                            PARTITION)
                    .orThrow()
                    .plan();
            assertThat(sum(plan, AreaBasis.INNER_FACES)).isCloseTo(5600 * 4600 - 100 * 100, within(MM2));
            assertThat(sum(plan, AreaBasis.WALL_CENTRES)).as("" + body).isCloseTo(5800 * 4800, within(MM2));
            assertThat(sum(plan, AreaBasis.OUTER_FACES)).as("" + body).isCloseTo(6000 * 5000, within(MM2));
        }
    }

    @Test
    void twoPartitionsNearlyOppositeEachOther() {
        // two rooms above and two below a wall of 300 through the middle; their partitions are 35 apart
        for (var body : BodySide.values()) {
            var off = 300 * (0.5 - body.leftShare());
            var plan = TestPlans.start()
                    .chain(BodySide.RIGHT, OUTER, true, 0, 0, 8000, 0, 8000, 6300, 0, 6300)
                    .wall(0, 3150 + off, 8000, 3150 + off, body, OUTER)
                    .wall(4000, 0, 4000, 3000, BodySide.CENTRE, PARTITION)
                    .wall(4035, 3300, 4035, 6300, BodySide.CENTRE, PARTITION)
                    .plan();
            var outer = 8600.0 * 6900;
            assertThat(by(plan, AreaBasis.OUTER_FACES).sorted().toList())
                    .as("" + body)
                    .satisfiesExactly(
                            a -> assertThat(a).isCloseTo(4265 * 3450.0, within(MM2)),
                            a -> assertThat(a).isCloseTo(4300 * 3450.0, within(MM2)),
                            a -> assertThat(a).isCloseTo(4300 * 3450.0, within(MM2)),
                            a -> assertThat(a).isCloseTo(4335 * 3450.0, within(MM2)));
            assertThat(areas(plan).externalGrossMm2()).isCloseTo(outer, within(MM2));
        }
    }

    @Test
    void aWallWithASlightBend() {
        // the south wall bends outward by 0.4 degrees in its middle, 4,000 from both corners
        var sag = 4000 * Math.tan(Math.toRadians(0.2));
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 4000, -sag, 8000, 0, 8000, 5000, 0, 5000)
                .plan();
        assertThat(sum(plan, AreaBasis.INNER_FACES)).isCloseTo(8000 * 5000 + 4000 * sag, within(MM2));
        // by half-planes: each wall moved out by so much, corners where neighbours meet
        for (var by : new double[] {150, 300}) {
            var slope = Math.toRadians(0.2);
            // the slanted walls, moved out square to themselves: lower by by / cos, and run on to the side walls
            var low = by / Math.cos(slope);
            var atSide = -low + by * Math.tan(slope);
            var atMiddle = -sag - low;
            var wide = 8000 + 2 * by;
            var expected = wide * (5000 + by) + wide * -(atSide + atMiddle) / 2;
            var basis = by == 150 ? AreaBasis.WALL_CENTRES : AreaBasis.OUTER_FACES;
            assertThat(sum(plan, basis)).isCloseTo(expected, within(MM2));
        }
        assertThat(areas(plan).externalGrossMm2()).isCloseTo(sum(plan, AreaBasis.OUTER_FACES), within(MM2));
    }

    @Test
    void boundariesPartEveryBasis() {
        // outside 8,000 x 8,000 less 4,000 x 2,000; the boundary runs from the corner that turns inward to the far side
        var plan = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 8000, 0, 8000, 6000, 4000, 6000, 4000, 8000, 0, 8000)
                .plan();
        for (var to : List.of(Position.ofMm(3700, 300), Position.ofMm(300, 5700), Position.ofMm(300, 2000))) {
            var bound = RoomEdits.bound(plan, TestPlans.storey(plan), Position.ofMm(3700, 5700), to)
                    .orThrow()
                    .plan();
            assertThat(areas(bound).rooms()).hasSize(2);
            assertThat(sum(bound, AreaBasis.OUTER_FACES)).isCloseTo(56e6, within(MM2));
            assertThat(sum(bound, AreaBasis.INNER_FACES)).isCloseTo(sum(plan, AreaBasis.INNER_FACES), within(MM2));
            assertThat(sum(bound, AreaBasis.WALL_CENTRES)).isCloseTo(7700 * 7700 - 4000 * 2000, within(MM2));
        }
    }

    @Test
    void aCourtyardDoesNotCount() {
        // 12,000 x 10,000 outside, a courtyard of 4,000 x 3,000 clear within walls of 300
        var plan = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 12_000, 0, 12_000, 10_000, 0, 10_000)
                .chain(BodySide.RIGHT, OUTER, true, 4000, 3000, 8000, 3000, 8000, 6000, 4000, 6000)
                .plan();
        assertThat(areas(plan).externalGrossMm2()).isCloseTo(120e6, within(MM2));
        var storey = TestPlans.storey(plan);
        plan = RoomEdits.mark(plan, storey, Position.ofMm(6000, 4500), "Court", Finish.of("stone-slabs"))
                .plan();
        var court = TestPlans.geometry(plan)
                .roomAt(Position.ofMm(6000, 4500).point())
                .orElseThrow();
        plan = RoomEdits.use(plan, storey, court, "balcony", CountsAs.OUTDOOR);
        var areas = areas(plan);
        assertThat(areas.externalGrossMm2()).isCloseTo(108e6, within(MM2));
        assertThat(areas.sum(TestPlans.geometry(plan), AreaBasis.OUTER_FACES, CountsAs.INDOOR))
                .isCloseTo(108e6, within(MM2));
        // inner faces of the outer walls: 11,400 x 9,400 outside, 4,600 x 3,600 around the court
        assertThat(areas.internalGrossMm2()).isCloseTo(11_400 * 9400 - 4600 * 3600, within(MM2));
    }

    @Test
    void aPartitionThatRunsOnFromACornerThatTurnsInward() {
        // 8,000 x 8,000 less 4,000 x 2,000; the partition goes on from the return, to the far side
        for (var x : new double[] {3750, 3850, 3950}) {
            var plan = TestPlans.start()
                    .chain(BodySide.LEFT, OUTER, true, 0, 0, 8000, 0, 8000, 6000, 4000, 6000, 4000, 8000, 0, 8000)
                    .wall(x, 5700, x, 300, BodySide.CENTRE, PARTITION)
                    .plan();
            assertThat(areas(plan).rooms()).hasSize(2);
            assertThat(sum(plan, AreaBasis.OUTER_FACES)).isCloseTo(56e6, within(MM2));
            assertThat(areas(plan).externalGrossMm2()).isCloseTo(56e6, within(MM2));
        }
    }

    @Test
    void anEndALittleOffLeavesTheWallItMeetsStraight() {
        // the partition ends 0.9 short of the drawn line, which is the outer face; and 0.9 beyond the other one
        var plan = TestPlans.start()
                .chain(BodySide.LEFT, OUTER, true, 0, 0, 8000, 0, 8000, 6000, 0, 6000)
                .wall(4000, 0.9, 4000, 5999.1, BodySide.CENTRE, PARTITION)
                .plan();
        assertThat(areas(plan).externalGrossMm2()).isCloseTo(48e6, within(1e-3));
        assertThat(areas(plan).rooms()).hasSize(2);
    }

    @Test
    void partitionsAHairApartAreTwo() {
        // 1/32 in and 1/64 in between the lines of two partitions side by side: each has its own body
        for (var apart : new double[] {25.4 / 32, 25.4 / 64}) {
            var plan = TestPlans.start()
                    .chain(BodySide.RIGHT, OUTER, true, 0, 0, 8000, 0, 8000, 6000, 0, 6000)
                    .wall(4000, 0, 4000, 6000, BodySide.LEFT, PARTITION)
                    .wall(4000 + apart, 0, 4000 + apart, 6000, BodySide.RIGHT, PARTITION)
                    .plan();
            var geometry = TestPlans.geometry(plan);
            // bodies from 3,900 to 4,000 and from 4,000 + apart on by 100, a slit between them
            var widths = geometry.rooms().stream()
                    .map(r -> r.outline().bounds().width())
                    .sorted()
                    .toList();
            assertThat(widths.getLast()).isCloseTo(3900, within(1e-6));
            assertThat(widths.get(widths.size() - 2)).isCloseTo(3900 - apart, within(1e-6));
        }
    }

    @Test
    void aNearMissIsASnagAndItsMendMovesTheEnd() {
        // the partition stops 0.9 short of the face of the north wall
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 8000, 0, 8000, 6000, 0, 6000)
                .wall(4000, 0, 4000, 5999.1, BodySide.CENTRE, PARTITION)
                .plan();
        var geometry = TestPlans.geometry(plan);
        assertThat(geometry.rooms()).hasSize(1);
        var reach = Length.ofMm(300);
        var snag = Snags.of(geometry, plan, reach).stream()
                .filter(s -> s.kind() == Snag.Kind.SHORT_END)
                .findFirst()
                .orElseThrow();
        assertThat(snag.sentence()).contains("0.9 mm short");
        var mended = Mending.of(plan, geometry, snag, reach).orElseThrow().plan();
        assertThat(TestPlans.geometry(mended).rooms()).hasSize(2);
        var before = plan.storeys().getFirst().walls();
        var after = mended.storeys().getFirst().walls();
        assertThat(after.subList(0, 4)).isEqualTo(before.subList(0, 4));
        assertThat(after.getLast().chord().unit().x()).isCloseTo(0, within(1e-12));
    }

    @Test
    void aLawnUnderATerraceCountsOnce() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var storey = TestPlans.storey(plan);
        var box = List.of(
                Position.ofMm(10_000, 0),
                Position.ofMm(20_000, 0),
                Position.ofMm(20_000, 10_000),
                Position.ofMm(10_000, 10_000));
        var small = List.of(
                Position.ofMm(12_000, 0),
                Position.ofMm(16_000, 0),
                Position.ofMm(16_000, 5000),
                Position.ofMm(12_000, 5000));
        plan = GroundEdits.add(plan, storey, Ground.Use.LAWN, box).plan();
        plan = GroundEdits.add(plan, storey, Ground.Use.TERRACE, small).plan();
        var areas = SiteAreas.of(TestPlans.geometry(plan));
        assertThat(areas.surfacesMm2().get(Ground.Use.TERRACE)).isCloseTo(20e6, within(MM2));
        assertThat(areas.surfacesMm2().get(Ground.Use.LAWN)).isCloseTo(80e6, within(MM2));
    }
}
