package honeylamp.body;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.Coverings;
import honeylamp.edit.Deletion;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised.Near;
import honeylamp.plan.Showing.Kind;
import honeylamp.plan.Structure;
import honeylamp.plan.Structure.Block;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What was painted stays painted around a window that is cut later, and where one was, in every way to look at it. */
class HealedBodiesTest {
    private static final Finish SAGE = Finish.of("paint-sage");
    private static final double LONG = 4200;
    private static final double DEEP = 3300;

    /** A room with the side of its south wall painted. */
    private static Plan painted() {
        var walls = TestPlans.clearRectangle(LONG, DEEP);
        var marked = RoomEdits.mark(
                walls, TestPlans.storey(walls), Position.ofMm(LONG / 2, DEEP / 2), "Study", Finish.of("bare"));
        var room = TestPlans.laid(marked.plan()).geometry().rooms().getFirst();
        var found = Surfaces.on(TestPlans.laid(marked.plan())).stream()
                .filter(f -> f.surface() instanceof Surface.WallSide)
                .filter(f -> Math.abs(f.frame().along().y()) < 0.1
                        && f.frame().origin().y() < DEEP / 2
                        && room.outline().edgeDistance(f.frame().origin()) < 1)
                .findFirst()
                .orElseThrow();
        return Coverings.cover(marked.plan(), TestPlans.storey(walls), found.surface(), Optional.of(SAGE));
    }

    private static Map<String, List<Body>> ways(LaidStorey storey) {
        var room = storey.geometry().rooms().getFirst();
        var high = storey.storey().height().mm();
        var out = new LinkedHashMap<String, List<Body>>();
        out.put("cut away", StoreyBodies.cutaway(storey, room, Near.GONE, new Point(-0.4, -0.9165), 0));
        out.put("storey", StoreyBodies.whole(storey, high, StoreyBodies.Below.DARK));
        out.put("inside", StoreyBodies.inside(storey, new Point(LONG / 2, DEEP / 2), 0));
        return out;
    }

    private static double sageMm2(List<Body> bodies) {
        return bodies.stream()
                .flatMap(b -> b.facets().stream())
                .filter(f ->
                        f.skin().laid().filter(l -> l.finish().equals(SAGE)).isPresent())
                .mapToDouble(f -> f.outline().area())
                .sum();
    }

    @Test
    void aWindowCutAfterPaintingHealsInEveryView() {
        var plan = painted();
        var storey = plan.storeys().getFirst();
        var high = storey.height().mm();
        ways(TestPlans.laid(plan))
                .forEach((way, bodies) ->
                        assertThat(sageMm2(bodies)).as(way + ", painted").isCloseTo(LONG * high, within(1.0)));
        var side = (Surface.WallSide) storey.coverings().getFirst().surface();
        var index = storey.walls().stream().map(Wall::id).toList().indexOf(side.wall());
        var window = TestPlans.opening(plan, index, OpeningKind.FIXED_WINDOW, 1500, 1200, Hand.FIRST, Swing.LEFT);
        var opening = window.storeys().getFirst().openings().getFirst();
        ways(TestPlans.laid(window))
                .forEach((way, bodies) -> assertThat(sageMm2(bodies))
                        .as(way + ", with a window")
                        .isCloseTo(
                                LONG * high
                                        - 1200
                                                * (opening.head().mm()
                                                        - opening.sill().mm()),
                                within(1.0)));
        var healed = Deletion.of(window, storey.id(), Set.of(opening.id()));
        assertThat(healed.storeys().getFirst().openings()).isEmpty();
        ways(TestPlans.laid(healed))
                .forEach((way, bodies) ->
                        assertThat(sageMm2(bodies)).as(way + ", healed").isCloseTo(LONG * high, within(1.0)));
    }

    /** A tray of 2.4 by 1.6 m, 200 mm up: level at both heights, with a side of 200 mm all around. */
    @Test
    void aTrayCeilingHasItsSides() {
        var walls = TestPlans.clearRectangle(LONG, DEEP);
        var marked = RoomEdits.mark(
                walls, TestPlans.storey(walls), Position.ofMm(LONG / 2, DEEP / 2), "Study", Finish.of("bare"));
        var high = walls.storeys().getFirst().height().mm();
        var tray =
                new Block(Structure.Kind.TRAY_CEILING, Length.ofMm(2400), Length.ofMm(1600), Length.ofMm(high + 200));
        var plan = StructureEdits.add(
                        marked.plan(), TestPlans.storey(walls), tray, Position.ofMm(LONG / 2, DEEP / 2), 0)
                .plan();
        var facets = ways(TestPlans.laid(plan)).get("inside").stream()
                .filter(b -> b.kind() == Kind.OVERHEAD)
                .flatMap(b -> b.facets().stream())
                .filter(f -> f.normal().z() < -0.5 || Math.abs(f.normal().z()) < 0.1)
                .toList();
        assertThat(level(facets, high)).isCloseTo(LONG * DEEP - 2400 * 1600, within(1.0));
        assertThat(level(facets, high + 200)).isCloseTo(2400 * 1600, within(1.0));
        // each side is there for who looks from either
        assertThat(facets.stream()
                        .filter(f -> Math.abs(f.normal().z()) < 0.1)
                        .mapToDouble(f -> f.outline().area())
                        .sum())
                .isCloseTo(2 * 200 * 2 * (2400 + 1600), within(1.0));
    }

    private static double level(List<Facet> facets, double z) {
        return facets.stream()
                .filter(f -> f.normal().z() < -0.5 && Math.abs(f.flat().origin().z() - z) < 1)
                .mapToDouble(f -> f.outline().area())
                .sum();
    }
}
