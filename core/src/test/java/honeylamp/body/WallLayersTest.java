package honeylamp.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/**
 * Layers where walls and floors are cut. Outer walls are render 20, insulation 120, brick 145, plaster 15; brick is
 * thickest, so what lies beside it is light, and render, the second from it, is not. Partitions have boards of 12.5 on both
 * sides of their studs.
 */
class WallLayersTest {
    /** Within outer faces 8600 by 4600; a partition with a door of 800 between its two rooms. */
    private static Plan house(BodySide side) {
        var corners = side == BodySide.RIGHT
                ? new double[] {0, 0, 8000, 0, 8000, 4000, 0, 4000}
                : new double[] {0, 0, 0, 4000, 8000, 4000, 8000, 0};
        var plan = TestPlans.start()
                .chain(side, TestPlans.OUTER, true, corners)
                .wall(3000, 0, 3000, 4000, BodySide.RIGHT, TestPlans.PARTITION)
                .plan();
        return TestPlans.opening(plan, 4, OpeningKind.DOOR, 1000, 800, Hand.FIRST, Swing.LEFT);
    }

    private static List<Facet> light(List<Body> bodies) {
        return bodies.stream()
                .flatMap(b -> b.facets().stream())
                .filter(f -> f.skin().sort() == Skin.Sort.LAYER)
                .toList();
    }

    private static double areaMm2(List<Facet> facets) {
        return facets.stream().mapToDouble(f -> f.outline().area()).sum();
    }

    /**
     * Insulation lies from 20 to 140 below the outer face, plaster from 285 to 300, all around; boards along what the door leaves of 4000. Walls
     * drawn the other way round have it on the same side.
     */
    @ParameterizedTest
    @EnumSource(
            value = BodySide.class,
            names = {"LEFT", "RIGHT"})
    void lightLayersLieWhereTheTypeSaysFromTheOuterFace(BodySide side) {
        var facets = light(StoreyBodies.whole(TestPlans.laid(house(side)), 1200, StoreyBodies.Below.DARK));
        var insulation = 8560.0 * 4560 - 8320.0 * 4320;
        var plaster = 8030.0 * 4030 - 8000.0 * 4000;
        assertThat(areaMm2(facets)).isCloseTo(insulation + plaster + 3200 * 25, within(100.0));
        var outlines = facets.stream().map(Facet::outline).toList();
        assertThat(contains(outlines, new Point(1000, -220))).isTrue();
        assertThat(contains(outlines, new Point(1000, -80))).isFalse();
        assertThat(contains(outlines, new Point(8220, 2000))).isTrue();
        assertThat(facets).allMatch(f -> Math.abs(f.flat().origin().z() - 1200) < 1e-9);
    }

    private static boolean contains(List<Outline> outlines, Point p) {
        return outlines.stream().anyMatch(o -> o.contains(p));
    }

    /** Cut through beside the door: two outer walls, one partition, 2600 high; of both floors what is not thickest. */
    @Test
    void aSectionShowsLayersOfWallsAndFloors() {
        var plan = house(BodySide.RIGHT);
        var storey = TestPlans.storey(plan);
        var layers =
                List.of(new BuildUpLayer("Screed", Length.ofMm(60)), new BuildUpLayer("Insulation", Length.ofMm(30)));
        for (var room : TestPlans.geometry(plan).rooms()) {
            plan = RoomEdits.name(plan, storey, room, "Room of " + Math.round(room.areaMm2()));
        }
        var floored = plan.withStorey(
                storey,
                s -> s.with(
                        RoomMark.class,
                        s.rooms().stream()
                                .map(m -> m.withFit(m.fit().withFloorLayers(layers)))
                                .toList()));
        var section =
                new Raised.Section(storey, Position.ofMm(-500, 2500), Position.ofMm(8500, 2500), Length.ofMm(3000));
        var facets = light(new SectionBodies(LaidPlan.of(floored), section).of(List.of()));
        var walls = (2 * 120 + 2 * 15 + 25) * floored.storey(storey).height().mm();
        assertThat(areaMm2(facets)).isCloseTo(walls + 30 * 7900, within(100.0));
    }

    /** A cutaway is cut low before the room and has its wall ends in the same layers, upright and level. */
    @Test
    void wallsThatEndInACutawayShowTheirLayersUpright() {
        var plan = house(BodySide.RIGHT);
        var laid = TestPlans.laid(plan);
        var room = laid.geometry().rooms().getFirst();
        var facets = light(StoreyBodies.cutaway(laid, room, Raised.Near.GONE, new Point(-0.6, 0.8), 0));
        var upright =
                facets.stream().filter(f -> Math.abs(f.normal().z()) < 1e-9).toList();
        assertThat(upright).isNotEmpty().allSatisfy(f -> {
            var box = f.outline().bounds();
            assertThat(Stream.of(120, 15, 12.5).mapToDouble(w -> Math.abs(box.width() - w.doubleValue())))
                    .anyMatch(off -> off < 1.5);
            assertThat(box.height()).isCloseTo(laid.storey().height().mm(), within(1e-6));
        });
    }

    @Test
    void oneLayerAloneIsDark() {
        assertThat(WallLayers.light(List.of(new BuildUpLayer("Brick", Length.ofMm(115)))))
                .isEmpty();
        assertThat(WallLayers.light(List.of())).isEmpty();
    }
}
