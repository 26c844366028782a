package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.FittingBefore;
import honeylamp.derive.listing.WallElevation;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.LaidView;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.Fitting.WallSide;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Sense;
import honeylamp.plan.Structure;
import honeylamp.plan.View.Subject;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * The south wall of a room of 5 by 3 m, as one sees it who looks south: west lies at the right. In it are a window of
 * 1,200 from 1,500 to 2,700 east, 900 to 2,100 high, and a door of 900 from 3,500 to 4,400; before it a chest and a shelf.
 */
class MovingInFrontTest {
    private static Plan room() {
        var plan = TestPlans.clearRectangle(5000, 3000);
        plan = RoomEdits.name(
                plan, TestPlans.storey(plan), TestPlans.geometry(plan).rooms().getFirst(), "Study");
        plan = TestPlans.opening(plan, 0, OpeningKind.CASEMENT_WINDOW, 1500, 1200, Hand.FIRST, Swing.LEFT);
        plan = TestPlans.opening(plan, 0, OpeningKind.DOOR, 3500, 900, Hand.FIRST, Swing.LEFT);
        plan = TestPlans.with(plan, "chest-of-drawers", 1000, 450, 800, 2200, 240, 180);
        var shelf = TestPlans.with(plan, "chest-of-drawers", 600, 250, 300, 700, 130, 180);
        var id = shelf.storeys().getFirst().furnishings().getLast().id();
        return FurnishingEdits.raise(shelf, TestPlans.storey(plan), List.of(id), Length.ofMm(1400))
                .orThrow();
    }

    private record Seen(Plan plan, ViewId view) {
        static Seen south(Plan plan) {
            var laid = TestPlans.laid(plan);
            var subject = WallElevation.around(laid, laid.geometry().rooms().getFirst()).stream()
                    .filter(s -> s.wall().equals(TestPlans.wallId(plan, 0)))
                    .findFirst()
                    .orElseThrow();
            var made = ViewEdits.elevations(
                    plan, plan.presentation().views().getFirst().id(), List.of(subject), List.of("South"), "South");
            return new Seen(
                    made.plan(), made.plan().presentation().views().getLast().id());
        }

        LaidView laid() {
            return LaidPlan.of(plan).view(view);
        }

        Plan moved(ElementId id, double right, double up, double reach) {
            return MovingInFront.moved(plan, laid(), id, new Point(right, up), reach)
                    .orThrow()
                    .plan();
        }
    }

    private static Opening opening(Plan plan, int at) {
        return plan.storeys().getFirst().openings().get(at);
    }

    private static double west(Plan plan, Opening opening) {
        return TestPlans.geometry(plan)
                .cut(opening.id())
                .orElseThrow()
                .middle()
                .bounds()
                .minX();
    }

    private static Furnishing piece(Plan plan, int at) {
        return plan.storeys().getFirst().furnishings().get(at);
    }

    @Test
    void aWindowGoesAlongItsWallAndUp() {
        var south = Seen.south(room());
        var before = opening(south.plan, 0);
        var after = south.moved(before.id(), 300, 150, 0);
        assertThat(west(after, opening(after, 0))).isCloseTo(west(south.plan, before) - 300, within(1e-6));
        assertThat(opening(after, 0).sill()).isEqualTo(Length.ofMm(1050));
        assertThat(opening(after, 0).head()).isEqualTo(before.head().plus(Length.ofMm(150)));
        assertThat(opening(south.moved(before.id(), 0, 5000, 0), 0).head())
                .as("no higher than its wall")
                .isEqualTo(south.plan.storeys().getFirst().walls().getFirst().height());
        assertThat(opening(south.moved(before.id(), 0, -5000, 0), 0).sill()).isEqualTo(Length.ZERO);
        assertThat(opening(south.moved(before.id(), 9000, 0, 0), 0).offset())
                .as("no farther than the end of its wall in the west")
                .isEqualTo(Length.ZERO);
    }

    @Test
    void itsHeadIsCaughtByTheHeadOfTheDoorWhichStaysOnTheFloor() {
        var south = Seen.south(room());
        var door = opening(south.plan, 1);
        var off = door.head().mm() - opening(south.plan, 0).head().mm();
        var caught = south.moved(opening(south.plan, 0).id(), 0, off + 30, 60);
        assertThat(opening(caught, 0).head()).isEqualTo(door.head());
        var moved = south.moved(door.id(), -100, 400, 0);
        assertThat(opening(moved, 1).sill()).isEqualTo(Length.ZERO);
        assertThat(opening(moved, 1).head()).isEqualTo(door.head());
        assertThat(west(moved, opening(moved, 1))).isCloseTo(west(south.plan, door) + 100, within(1e-6));
    }

    @Test
    void aPieceGoesAlongAndWhatHangsGoesUp() {
        var south = Seen.south(room());
        var chest = south.moved(piece(south.plan, 0).id(), 250, 300, 0);
        assertThat(piece(chest, 0).at()).isEqualTo(Position.ofMm(2200 - 250, 240));
        assertThat(piece(chest, 0).bottom()).isEqualTo(Length.ZERO);
        var shelf = south.moved(piece(south.plan, 1).id(), -40, 200, 0);
        assertThat(piece(shelf, 1).at()).isEqualTo(Position.ofMm(740, 130));
        assertThat(piece(shelf, 1).bottom()).isEqualTo(Length.ofMm(1600));
        // the middle of the window lies at 2,100, that of the chest 100 left of it as one sees it
        var caught = south.moved(piece(south.plan, 0).id(), 80, 0, 50);
        assertThat(piece(caught, 0).at().x()).isEqualTo(Length.ofMm(2100));
    }

    @Test
    void aRegionGoesAlongItsWallAndUpAndNotIntoTheFloor() {
        var plan = room();
        var corners = OwnRegions.rectangle(Length.ofMm(200), Length.ofMm(900), Length.ofMm(800), Length.ofMm(1500));
        var on = new Region.Upright(TestPlans.wallId(plan, 0), Swing.LEFT);
        var south = Seen.south(OwnRegions.add(plan, TestPlans.storey(plan), on, corners, Finish.of("tile-white"))
                .plan());
        var region = south.plan.storeys().getFirst().regions().getFirst();
        var wall = south.plan.storeys().getFirst().walls().getFirst();
        var moved = south.moved(region.id(), 100, 250, 0)
                .storeys()
                .getFirst()
                .regions()
                .getFirst();
        var isFromWest = wall.from().x().compareTo(wall.to().x()) < 0;
        assertThat(moved.ring().bounds().minX()).isCloseTo(isFromWest ? 100 : 300, within(1e-6));
        assertThat(moved.ring().bounds().minY()).isCloseTo(1150, within(1e-6));
        assertThat(south.moved(region.id(), 0, -4000, 0)
                        .storeys()
                        .getFirst()
                        .regions()
                        .getFirst()
                        .ring()
                        .bounds()
                        .minY())
                .isCloseTo(0, within(1e-6));
    }

    @Test
    void severalGoTogetherAndWallsStay() {
        var south = Seen.south(room());
        var wall = TestPlans.wallId(south.plan, 0);
        var ids = Set.<ElementId>of(
                piece(south.plan, 0).id(), opening(south.plan, 0).id(), wall);
        var moved = MovingInFront.all(south.plan, south.laid(), ids, Length.ofMm(120), Length.ZERO)
                .orThrow();
        assertThat(piece(moved, 0).at()).isEqualTo(Position.ofMm(2080, 240));
        assertThat(west(moved, opening(moved, 0)))
                .isCloseTo(west(south.plan, opening(south.plan, 0)) - 120, within(1e-6));
        assertThat(moved.storeys().getFirst().walls())
                .isEqualTo(south.plan.storeys().getFirst().walls());
    }

    @Test
    void whatBelongsToACopyOfAUnitIsMovedInTheUnit() {
        var plan = room();
        var room = plan.storeys().getFirst().rooms().getFirst().id();
        var unit = UnitEdits.make(plan, TestPlans.geometry(plan), Set.of(room), "Flat")
                .orThrow();
        var placed = UnitEdits.place(
                        unit.plan(), unit.id(), TestPlans.storey(plan), Position.ofMm(20_000, 0), 0, Sense.AS_DRAWN)
                .plan();
        var copied = LaidPlan.of(placed).on(TestPlans.storey(plan)).storey().openings().stream()
                .map(Opening::id)
                .filter(OpeningId::isCopied)
                .findFirst()
                .orElseThrow();
        var south = Seen.south(placed);
        assertThat(MovingInFront.moved(south.plan, south.laid(), copied, new Point(100, 0), 0))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class, r -> assertThat(r.sentence("No")).contains("copy of a unit"));
    }

    private static Fitting fitting(Plan plan, int at) {
        return plan.storeys().getFirst().fittings().get(at);
    }

    /** West lies at the right: what goes right goes back along a wall that is drawn eastwards. */
    @Test
    void aSwitchGoesAlongItsWallAndUpAndIsCaughtByOthers() {
        var plan = room();
        var wall = TestPlans.wallId(plan, 0);
        plan = TestPlans.fitted(
                plan, FittingKind.ONE_WAY, new WallSide(wall, Swing.LEFT, Length.ofMm(3200), Length.ofMm(1050)));
        plan = TestPlans.fitted(
                plan, FittingKind.SOCKET_2, new WallSide(wall, Swing.LEFT, Length.ofMm(800), Length.ofMm(450)));
        plan = TestPlans.fitted(
                plan, FittingKind.ONE_WAY, new WallSide(wall, Swing.RIGHT, Length.ofMm(800), Length.ofMm(450)));
        var south = Seen.south(plan);
        var button = fitting(plan, 0);
        var seen = FittingBefore.of(
                south.laid(),
                WallElevation.all(south.laid().storey(), (Subject.Front)
                                south.laid().view().subject())
                        .getFirst(),
                (Subject.Front) south.laid().view().subject());
        assertThat(seen.stream().map(s -> s.placed().fitting().id()))
                .as("what is on the other side of the wall is not seen")
                .containsExactlyInAnyOrder(button.id(), fitting(plan, 1).id());
        assertThat(fitting(south.moved(button.id(), 100, 50, 0), 0).on())
                .isEqualTo(new WallSide(wall, Swing.LEFT, Length.ofMm(3100), Length.ofMm(1100)));
        // 40 mm above the height of the socket it is caught by that
        assertThat(fitting(south.moved(button.id(), 0, -560, 60), 0).on())
                .isEqualTo(new WallSide(wall, Swing.LEFT, Length.ofMm(3200), Length.ofMm(450)));
        // never below the floor
        assertThat(fitting(south.moved(button.id(), 0, -5000, 0), 0).on())
                .isEqualTo(new WallSide(wall, Swing.LEFT, Length.ofMm(3200), Length.ZERO));
    }

    @Test
    void aPendantBeforeTheWallGoesAlongItAndRowsStay() {
        var plan = room();
        plan = TestPlans.fitted(
                plan,
                FittingKind.PENDANT,
                new Fitting.Ceiling(Position.ofMm(2000, 700), Optional.of(Length.ofMm(1900))));
        var row = new Fitting.AlongWall(
                TestPlans.wallId(plan, 0),
                Swing.LEFT,
                Optional.of(plan.storeys().getFirst().rooms().getFirst().id()),
                3,
                Length.ofMm(600),
                Optional.empty());
        plan = TestPlans.fitted(plan, FittingKind.WALL_WASHER, row);
        var south = Seen.south(plan);
        assertThat(fitting(south.moved(fitting(plan, 0).id(), -250, -100, 0), 0).on())
                .isEqualTo(new Fitting.Ceiling(Position.ofMm(2250, 700), Optional.of(Length.ofMm(1800))));
        assertThat(south.moved(fitting(plan, 1).id(), -250, -100, 0)).isEqualTo(south.plan());
    }

    @Test
    void postsGoAlongTheWallAndBeamsUpToo() {
        var post = part(Structure.Kind.POST, 2400, 1500);
        var seen = Seen.south(post.plan());
        // right is west; what stands on the floor stays on it
        assertThat(at(seen.moved(post.id(), 300, 500, 0), post.id())).isEqualTo(Position.ofMm(1200, 600));
        // its left edge is caught by the left edge of the window, 2,700 from the west
        assertThat(at(seen.moved(post.id(), -1080, 0, 50), post.id())).isEqualTo(Position.ofMm(2600, 600));
        var beam = part(Structure.Kind.BEAM, 2100, 1500);
        var raised = Seen.south(beam.plan()).moved(beam.id(), 0, 120, 0);
        assertThat(raised.storeys().getFirst().structures().getFirst().height()).isEqualTo(Length.ofMm(2220));
        assertThat(at(raised, beam.id())).isEqualTo(Position.ofMm(1500, 600));
        // never into the floor nor through the ceiling
        var hung = Seen.south(beam.plan());
        var lowest = hung.moved(beam.id(), 0, -9000, 0);
        assertThat(lowest.storeys().getFirst().structures().getFirst().height()).isEqualTo(Length.ofMm(1));
        var highest = hung.moved(beam.id(), 0, 9000, 0).storeys().getFirst();
        assertThat(highest.structures().getFirst().height())
                .isEqualTo(highest.height().minus(Length.ofMm(200)));
    }

    private static Added<ElementId.StructureId> part(Structure.Kind kind, double highMm, double x) {
        var form = new Structure.Block(kind, Length.ofMm(200), Length.ofMm(200), Length.ofMm(highMm));
        return StructureEdits.add(room(), TestPlans.storey(room()), form, Position.ofMm(x, 600), 0);
    }

    private static Position at(Plan plan, ElementId.StructureId id) {
        return plan.storeys()
                .getFirst()
                .elements()
                .find(Structure.class, id)
                .orElseThrow()
                .at();
    }
}
