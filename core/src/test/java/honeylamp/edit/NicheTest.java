package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.snags.Snags;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.drawing.Mark;
import honeylamp.illustrate.building.NicheArt;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.illustrate.pen.Pens;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Region.Upright;
import honeylamp.plan.Sense;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall.BodySide;
import honeylamp.takeoff.JointsThrough;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * A niche of 600 x 400, 120 deep, its foot 1,000 above the floor, in the south wall (300 thick) of a room of 5,000 x 4,000:
 * all areas by hand.
 */
class NicheTest {
    private static Plan room() {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .plan();
        return RoomEdits.mark(walls, storey(walls), Position.ofMm(2500, 2000), "Bath", Finish.of("square-tile"))
                .plan();
    }

    private static StoreyId storey(Plan plan) {
        return TestPlans.storey(plan);
    }

    private static WallId south(Plan plan) {
        return plan.storeys().getFirst().walls().getFirst().id();
    }

    private static Plan outlined(Plan plan) {
        var corners = OwnRegions.rectangle(Length.ofMm(1000), Length.ofMm(1000), Length.ofMm(1600), Length.ofMm(1400));
        return OwnRegions.add(
                        plan, storey(plan), new Upright(south(plan), Swing.LEFT), corners, Finish.of("tile-white"))
                .plan();
    }

    private static Region region(Plan plan) {
        return plan.storeys().getFirst().regions().getLast();
    }

    private static Plan niche(double deepMm) {
        var plan = outlined(room());
        return OwnRegions.standingOut(plan, storey(plan), region(plan), Length.ofMm(-deepMm))
                .orThrow();
    }

    private static List<Surfaces.Found> cheeks(Plan plan) {
        return Surfaces.on(TestPlans.laid(plan)).stream()
                .filter(f -> f.surface() instanceof Surface.Edge)
                .toList();
    }

    @Test
    void itsBackAndItsFourCheeksAreSurfaces() {
        var plan = niche(120);
        var cheeks = cheeks(plan);
        assertThat(cheeks).hasSize(4);
        assertThat(cheeks.stream().mapToDouble(Surfaces.Found::areaMm2).sum())
                .isCloseTo(2 * (600 + 400) * 120, within(1e-3));
        var foot = cheeks.stream()
                .filter(c -> c.surface().equals(new Surface.Edge(region(plan).id(), 1)))
                .findFirst()
                .orElseThrow();
        assertThat(foot.frame().levelMm()).isCloseTo(1000, within(1e-6));
        assertThat(foot.frame().up()).isEqualTo(Surfaces.Up.LEVEL);
        var upright =
                cheeks.stream().filter(c -> c.frame().up() == Surfaces.Up.PLUMB).toList();
        assertThat(upright)
                .hasSize(2)
                .allSatisfy(c -> assertThat(c.frame().along().y())
                        .as("into the wall, which lies in the south")
                        .isCloseTo(-1, within(1e-9)));
        assertThat(cheeks(outlined(room()))).isEmpty();
    }

    @Test
    void aThinWallHasNoneAndAThinnedOneASnagThatIsMended() {
        var plan = outlined(room());
        assertThat(OwnRegions.standingOut(plan, storey(plan), region(plan), Length.ofMm(-300)))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        r -> assertThat(r.sentence("No")).contains("too thin").contains("285 mm"));
        assertThat(OwnRegions.niche(plan, storey(plan), region(plan))
                        .orThrow()
                        .storeys()
                        .getFirst()
                        .regions()
                        .getLast()
                        .raised())
                .isEqualTo(Length.ofMm(-90));
        var thinned = WallEdits.setType(niche(120), storey(plan), List.of(south(plan)), PARTITION);
        var snag = Snags.of(TestPlans.geometry(thinned), thinned).stream()
                .filter(s -> s.kind() == Snag.Kind.NICHE_TOO_DEEP)
                .findFirst()
                .orElseThrow();
        var mended = Mending.of(thinned, TestPlans.geometry(thinned), snag, Length.ofMm(150))
                .orElseThrow();
        assertThat(region(mended.plan()).raised())
                .isEqualTo(
                        Length.ofMm(15).minus(mended.plan().wallType(PARTITION).thickness()));
        assertThat(Snags.of(TestPlans.geometry(niche(120)), niche(120)))
                .extracting(Snag::kind)
                .doesNotContain(Snag.Kind.NICHE_TOO_DEEP);
    }

    /** The plan is cut 1,200 above the floor. */
    @Test
    void thePlanShowsWhatItCuts() {
        var art = new NicheArt(PaperFrame.atOrigin(50), Pens.usual(50), Lamp.COLOUR);
        assertThat(art.marks(TestPlans.laid(niche(120)))).hasSize(2); // its ground and its line
        var below =
                OutlineEdits.move(niche(120), storey(niche(120)), region(niche(120)), Length.ZERO, Length.ofMm(-600));
        assertThat(art.marks(TestPlans.laid(below))).isEmpty(); // the wall above it hides it
        var above =
                OutlineEdits.move(niche(120), storey(niche(120)), region(niche(120)), Length.ZERO, Length.ofMm(600));
        assertThat(art.marks(TestPlans.laid(above))).hasSize(1); // dashed
        assertThat(art.marks(TestPlans.laid(outlined(room())))).isEmpty();
        var windowed =
                TestPlans.opening(niche(120), 0, OpeningKind.CASEMENT_WINDOW, 1200, 2000, Hand.FIRST, Swing.LEFT);
        var left = ((Mark.Stroke) art.marks(TestPlans.laid(windowed)).getLast())
                .path()
                .bounds();
        assertThat(left.width()).as("from 1,000 to the window at 1,200").isCloseTo(200 / 50.0, within(0.1));
        var bounds = ((Mark.Stroke) art.marks(TestPlans.laid(niche(120))).getLast())
                .path()
                .bounds();
        // on paper y runs down: the wall lies below y = 0
        assertThat(bounds.maxY()).isCloseTo(120 / 50.0, within(0.5));
        assertThat(bounds.width()).isCloseTo(600 / 50.0, within(0.6));
    }

    @Test
    void aRegionIsOutlinedBesideTheOpeningsOfItsWall() {
        var plan = TestPlans.opening(room(), 0, OpeningKind.CASEMENT_WINDOW, 1000, 1800, Hand.FIRST, Swing.LEFT);
        var storey = plan.storeys().getFirst();
        // free are 0 to 1,000 and 2,800 to 5,000: the middle of the wider is 3,900
        assertThat(OwnRegions.splashBack(storey, south(plan), 5000, 0).getFirst())
                .isEqualTo(Position.ofMm(3600, 900));
        assertThat(OwnRegions.splashBack(storey, south(plan), 1200, 2000).getFirst())
                .as("all of it is window")
                .isEqualTo(Position.ofMm(1300, 900));
    }

    /** Around pipes, 600 wide, 150 out, from the floor to 1,400: so much of the floor is not laid. */
    @Test
    void whatIsBuiltOutFromTheFloorTakesSomeOfIt() {
        var plan = outlined(room());
        assertThat(floor(plan)).isCloseTo(5000 * 4000, within(1.0));
        var hung = OwnRegions.standingOut(plan, storey(plan), region(plan), Length.ofMm(150))
                .orThrow();
        assertThat(floor(hung)).as("1,000 above the floor").isCloseTo(5000 * 4000, within(1.0));
        var stood = OutlineEdits.move(hung, storey(hung), region(hung), Length.ZERO, Length.ofMm(-1000));
        assertThat(floor(stood)).isCloseTo(5000 * 4000 - 600 * 150, within(1.0));
        assertThat(cheeks(stood)).as("none on the floor").hasSize(3);
    }

    private static double floor(Plan plan) {
        return Surfaces.on(TestPlans.laid(plan)).stream()
                .filter(f -> f.surface() instanceof Surface.Floor)
                .mapToDouble(Surfaces.Found::areaMm2)
                .sum();
    }

    @Test
    void cheeksAreNoStepsBeforeOtherWalls() {
        var laid = TestPlans.laid(niche(120));
        var room = laid.geometry().rooms().getFirst();
        for (var side : WallElevation.around(laid, room)) {
            var seen = WallElevation.of(laid, side.deep(Length.ofMm(6000))).orElseThrow();
            assertThat(seen.covered()).noneMatch(c -> c.surface().surface() instanceof Surface.Edge);
        }
    }

    @Test
    void coursesOfItsCheeksGoOnThoseOfItsWall() {
        var plan = niche(120);
        var id = region(plan).id();
        var walls =
                new Surface.Walls(plan.storeys().getFirst().rooms().getFirst().id());
        plan = Coverings.cover(
                plan, storey(plan), walls, Optional.of(Finish.of("tile-white").startingAt(Position.ofMm(0, 30))));
        for (var n = 1; n <= 4; n++) {
            plan = Coverings.cover(plan, storey(plan), new Surface.Edge(id, n), Optional.of(Finish.of("tile-white")));
        }
        var laid = TestPlans.laid(plan);
        var done =
                JointsThrough.in(plan, laid, laid.geometry().rooms().getFirst()).orElseThrow();
        assertThat(cheeks(done.plan()))
                .filteredOn(c -> c.frame().up() == Surfaces.Up.PLUMB)
                .hasSize(2)
                .allSatisfy(c -> assertThat(c.finish().orElseThrow().start().y())
                        .as("a course line of the wall lies 30 above the floor, 970 below the niche")
                        .isEqualTo(Length.ofMm(-970)));
    }

    @Test
    void itGoesWithItsWallMirroredCopiedAndParted() {
        var plan = niche(120);
        var parted = new Completing(new GeometryCache())
                .of(
                        plan,
                        WallShaping.split(plan, storey(plan), south(plan), Length.ofMm(1300))
                                .orThrow()
                                .plan());
        assertThat(parted.storeys().getFirst().regions())
                .hasSize(2)
                .allSatisfy(r -> assertThat(r.raised()).isEqualTo(Length.ofMm(-120)));
        assertThat(region(plan).measuredBack(Length.ofMm(5000)).raised()).isEqualTo(Length.ofMm(-120));
    }

    @Test
    void everyCopyOfAUnitHasItMirroredToo() {
        var plan = niche(120);
        var room = plan.storeys().getFirst().rooms().getFirst().id();
        var unit = UnitEdits.make(plan, TestPlans.geometry(plan), Set.of(room), "Flat")
                .orThrow();
        var placed = UnitEdits.place(unit.plan(), unit.id(), storey(plan), Position.ofMm(20_000, 0), 0, Sense.MIRRORED)
                .plan();
        assertThat(cheeks(placed)).hasSize(8);
        assertThat(cheeks(placed).stream().mapToDouble(Surfaces.Found::areaMm2).sum())
                .isCloseTo(2 * 2 * (600 + 400) * 120, within(1e-2));
    }
}
