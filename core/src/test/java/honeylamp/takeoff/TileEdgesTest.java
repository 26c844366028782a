package honeylamp.takeoff;

import static honeylamp.TestPlans.OUTER;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Schedule;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.Coverings;
import honeylamp.edit.OwnRegions;
import honeylamp.edit.RoomEdits;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Surface;
import honeylamp.plan.TileEdge;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Edges of tiles in a room of an L, 2,600 high: 5,000 and 4,000 long, its outer corner at 3,000, 2,000; lengths by hand. */
class TileEdgesTest {
    private static final double HIGH = 2600;
    private static final double ROUND = 5000 + 2000 + 2000 + 2000 + 3000 + 4000;
    private static final Optional<Finish> TILED = Optional.of(Finish.of("tile-white"));

    private static Plan ell(Finish walls) {
        var plan = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 2000, 3000, 2000, 3000, 4000, 0, 4000)
                .plan();
        plan = RoomEdits.mark(plan, storey(plan), Position.ofMm(1000, 1000), "Bath", Finish.of("square-tile"))
                .plan();
        return Coverings.cover(plan, storey(plan), new Surface.Walls(room(plan)), Optional.of(walls));
    }

    private static StoreyId storey(Plan plan) {
        return TestPlans.storey(plan);
    }

    private static RoomId room(Plan plan) {
        return plan.storeys().getFirst().rooms().getFirst().id();
    }

    private static double length(Plan plan, TileEdges.Place place) {
        var laid = TestPlans.laid(plan);
        var room = laid.geometry().rooms().getFirst();
        return TileEdges.of(laid, room, room.mark().orElseThrow()).stream()
                .filter(e -> e.place() == place)
                .mapToDouble(TileEdges.Edge::lengthMm)
                .sum();
    }

    private static double corners(Plan plan) {
        return length(plan, TileEdges.Place.CORNER);
    }

    private static double free(Plan plan) {
        return length(plan, TileEdges.Place.FREE);
    }

    private static Finish halfHigh() {
        var course = new Finish.Course(
                "tile-white",
                Materials.of("tile-white").orElseThrow().laying(),
                Optional.empty(),
                Length.ofMm(1200),
                Finish.Begins.LEFT);
        return Finish.of("paint-sage").withCourses(List.of(course));
    }

    @Test
    void tilesUpToTheCeilingHaveTheOuterCornerAlone() {
        var plan = ell(Finish.of("tile-white"));
        assertThat(plan.storeys().getFirst().height().mm()).isEqualTo(HIGH);
        assertThat(corners(plan)).isCloseTo(HIGH, within(0.1));
        assertThat(free(plan)).isZero();
        assertThat(length(ell(Finish.of("paint-sage")), TileEdges.Place.CORNER)).isZero();
    }

    @Test
    void tilesThatStopOnTheWallHaveAnUpperEdgeAllRound() {
        assertThat(corners(ell(halfHigh()))).isCloseTo(1200, within(0.1));
        assertThat(free(ell(halfHigh()))).isCloseTo(ROUND, within(0.1));
    }

    @Test
    void whereOneOfTwoWallsIsTiledHigherTheRestOfTheCornerIsFree() {
        var plan = ell(halfHigh());
        // the fourth wall runs from the outer corner northwards; the third comes to it from the east
        var side = new Surface.WallSide(TestPlans.wallId(plan, 3), Swing.LEFT, Optional.of(room(plan)));
        var one = Coverings.cover(plan, storey(plan), side, TILED);
        assertThat(corners(one)).isCloseTo(1200, within(0.1));
        assertThat(free(one)).isCloseTo(ROUND - 2000 + HIGH - 1200, within(0.1));
    }

    @Test
    void jambsAndHeadOfADoorAreCornersOnceItsRevealIsTiled() {
        var plan =
                TestPlans.opening(ell(Finish.of("tile-white")), 0, OpeningKind.DOOR, 1000, 900, Hand.FIRST, Swing.LEFT);
        var door = plan.storeys().getFirst().openings().getFirst();
        var around = 2 * door.head().mm() + 900;
        assertThat(free(plan)).isCloseTo(around, within(0.1));
        var revealed = Coverings.cover(plan, storey(plan), new Surface.Reveal(door.id()), TILED);
        assertThat(free(revealed)).isZero();
        assertThat(corners(revealed)).isCloseTo(HIGH + around, within(0.1));
    }

    @Test
    void aSplashBackIsFreeAllRoundAndANicheACornerOnceItsCheeksAreTiled() {
        var corners = OwnRegions.rectangle(Length.ofMm(1000), Length.ofMm(900), Length.ofMm(1600), Length.ofMm(1300));
        var on = new Region.Upright(TestPlans.wallId(ell(halfHigh()), 0), Swing.LEFT);
        var painted = ell(Finish.of("paint-sage"));
        var back = OwnRegions.add(painted, storey(painted), on, corners, TILED.get());
        assertThat(free(back.plan())).isCloseTo(2 * (600 + 400), within(0.1));
        var tiled = ell(Finish.of("tile-white"));
        var niche = OwnRegions.add(tiled, storey(tiled), on, corners, TILED.get());
        assertThat(free(niche.plan())).as("level with tiles around it").isZero();
        var region = niche.plan().storeys().getFirst().regions().getFirst();
        var deep = OwnRegions.standingOut(niche.plan(), storey(tiled), region, Length.ofMm(-100))
                .orThrow();
        assertThat(free(deep)).isCloseTo(2 * (600 + 400), within(0.1));
        var cheeks = Coverings.cover(deep, storey(deep), new Surface.Edge(region.id(), 1), TILED);
        assertThat(free(cheeks)).isZero();
        assertThat(corners(cheeks)).isCloseTo(HIGH + 2 * (600 + 400), within(0.1));
    }

    @Test
    void theListHasMitresOrTrimsAsTheRoomAsksFor() {
        var plan = ell(halfHigh());
        assertThat(row(plan, TileEdge.Form.PLAIN)).containsExactly(Takeoff.length(0), Takeoff.length(0));
        assertThat(row(plan, TileEdge.Form.MITRED)).containsExactly(Takeoff.length(1200), Takeoff.length(0));
        assertThat(row(plan, TileEdge.Form.TRIM)).containsExactly(Takeoff.length(0), Takeoff.length(ROUND + 1200));
    }

    private static List<Cell> row(Plan plan, TileEdge.Form form) {
        var laid = TestPlans.laid(plan);
        var edged = RoomEdits.fit(
                plan,
                storey(plan),
                laid.geometry().rooms().getFirst(),
                f -> f.withTileEdge(f.tileEdge().withForm(form)));
        var schedule = Takeoff.of(LaidPlan.of(edged), Schedule.Subject.EDGES);
        var keys = schedule.columns().stream().map(Schedule.Column::key).toList();
        var cells = schedule.rows().getFirst().cells();
        return List.of(cells.get(keys.indexOf("mitred")), cells.get(keys.indexOf("edge_trims")));
    }
}
