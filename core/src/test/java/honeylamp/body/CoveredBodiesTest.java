package honeylamp.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.edit.Coverings;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall.BodySide;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Finishes on the faces of walls that are not plain inner ones: round ones, reveals, those that look outside. */
class CoveredBodiesTest {
    private static final Finish TILED = Finish.of("tile-white");
    private static final double HIGH = 2600;

    private static List<Facet> tiled(Plan plan) {
        return StoreyBodies.whole(TestPlans.laid(plan), HIGH, StoreyBodies.Below.DARK).stream()
                .flatMap(b -> b.facets().stream())
                .filter(f ->
                        f.skin().laid().filter(l -> l.finish().equals(TILED)).isPresent())
                .toList();
    }

    private static double areaMm2(List<Facet> facets) {
        return facets.stream().mapToDouble(f -> f.outline().area()).sum();
    }

    private static Box laidOut(List<Facet> facets) {
        return facets.stream().map(f -> f.outline().bounds()).reduce(Box::union).orElseThrow();
    }

    private static Plan covered(Plan plan, Surface surface) {
        return Coverings.cover(plan, TestPlans.storey(plan), surface, Optional.of(TILED));
    }

    /**
     * One half-round side of a silo of 2 m radius, tiled: pi r by 2600 in chords, each where it is on the side laid out
     * flat, so that the pattern runs on from chord to chord; a window of 1000 by 1200 is left out.
     */
    @Test
    void aPatternRunsOnAroundACurvedWall() {
        var plan =
                TestPlans.opening(TestPlans.silo(), 0, OpeningKind.CASEMENT_WINDOW, 500, 1000, Hand.FIRST, Swing.LEFT);
        var side = new Surface.WallSide(
                TestPlans.wallId(plan, 0),
                Swing.LEFT,
                Optional.of(plan.storeys().getFirst().rooms().getFirst().id()));
        var facets = tiled(covered(plan, side));
        var window = plan.storeys().getFirst().openings().getFirst();
        var hole = 1000 * window.head().minus(window.sill()).mm();
        var whole = Math.PI * 2000 * HIGH;
        assertThat(areaMm2(facets)).isCloseTo(whole - hole, within(whole * 2e-3));
        assertThat(laidOut(facets).width()).isCloseTo(Math.PI * 2000, within(5.0));
        assertThat(facets).hasSizeGreaterThan(8).allSatisfy(f -> {
            var box = f.outline().bounds();
            assertThat(box.width()).isLessThan(laidOut(facets).width() / 4);
            // seen from the room the side begins in the north, and the middle of a chord lies so far round from there
            var at = f.flat().at(box.centre());
            assertThat(2000 * (Math.PI / 2 - Math.atan2(at.y(), at.x())))
                    .isCloseTo(box.centre().x(), within(5.0));
        });
    }

    /** A window of 1200 by 1200 in a wall of 300: four sides laid out one after the other, 4800 long. */
    @Test
    void revealsAreCovered() {
        var plan = TestPlans.opening(
                TestPlans.clearRectangle(4000, 3000), 0, OpeningKind.FIXED_WINDOW, 1000, 1200, Hand.FIRST, Swing.LEFT);
        var window = plan.storeys().getFirst().openings().getFirst();
        var facets = tiled(covered(plan, new Surface.Reveal(window.id())));
        var round = 2 * (1200 + window.head().minus(window.sill()).mm());
        assertThat(facets).hasSize(4);
        assertThat(areaMm2(facets)).isCloseTo(300 * round, within(1.0));
        assertThat(laidOut(facets).height()).isCloseTo(round, within(1e-6));
        assertThat(facets).allSatisfy(f -> {
            var middle =
                    f.flat().at(f.outline().bounds().centre()).plus(f.normal().times(100));
            assertThat(middle.x()).isBetween(1000.0, 2200.0); // every side looks into the hole
            assertThat(middle.z()).isBetween(window.sill().mm(), window.head().mm());
        });
    }

    /** Where tiles meet planks in a doorway 800 wide lies a strip of 25, above both. */
    @Test
    void aStripLiesWhereFloorsMeet() {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 8000, 0, 8000, 4000, 0, 4000)
                .wall(3000, 0, 3000, 4000, BodySide.RIGHT, TestPlans.PARTITION)
                .plan();
        var plan = TestPlans.opening(walls, 4, OpeningKind.DOOR, 1000, 800, Hand.FIRST, Swing.LEFT);
        var storey = TestPlans.storey(plan);
        plan = RoomEdits.mark(plan, storey, Position.ofMm(1000, 2000), "Bath", TILED)
                .plan();
        plan = RoomEdits.mark(plan, storey, Position.ofMm(6000, 2000), "Hall", Finish.of("wide-plank-oak"))
                .plan();
        var strips = StoreyBodies.whole(TestPlans.laid(plan), HIGH, StoreyBodies.Below.DARK).stream()
                .flatMap(b -> b.facets().stream())
                .filter(f -> f.skin()
                        .laid()
                        .filter(l -> l.finish().material().equals("metal-steel"))
                        .isPresent())
                .toList();
        assertThat(areaMm2(strips)).isCloseTo(800 * 25, within(1.0));
        assertThat(strips.getFirst().outline().contains(new Point(3050, 1400))).isTrue();
    }

    /** The outer side of a wall of 5300 between outer corners is tiled up to its top. */
    @Test
    void outerFacesAreCovered() {
        var plan = TestPlans.clearRectangle(4700, 3000);
        var marked = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(2000, 1500), "Shed", Finish.of("bare"))
                .plan();
        var facets = tiled(covered(marked, new Surface.OuterSide(TestPlans.wallId(marked, 0), Swing.RIGHT)));
        assertThat(areaMm2(facets)).isCloseTo(5300 * HIGH, within(1.0));
        assertThat(facets).allSatisfy(f -> assertThat(f.normal().y()).isCloseTo(-1, within(1e-9)));
    }
}
