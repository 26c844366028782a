package honeylamp.derive.listing;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.demo.place.SailclothYard;
import honeylamp.edit.Coverings;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Surfaces of a room of clear 5,000 × 4,000 mm in a storey of 2,600: areas by hand. */
class SurfacesTest {
    private static Plan room() {
        var walls = TestPlans.clearRectangle(5000, 4000);
        return RoomEdits.mark(walls, TestPlans.storey(walls), Position.ofMm(2500, 2000), "Study", Finish.of("bare"))
                .plan();
    }

    private static List<Surfaces.Found> found(Plan plan) {
        return Surfaces.on(TestPlans.laid(plan));
    }

    private static RoomId mark(Plan plan) {
        return plan.storeys().getFirst().rooms().getFirst().id();
    }

    private static double area(List<Surfaces.Found> all, Class<? extends Surface> kind) {
        return all.stream()
                .filter(f -> kind.isInstance(f.surface()))
                .mapToDouble(Surfaces.Found::areaMm2)
                .sum();
    }

    @Test
    void floorCeilingAndFourWallSidesOfARoom() {
        var all = found(room());
        assertThat(area(all, Surface.Floor.class)).isCloseTo(20e6, within(1.0));
        assertThat(area(all, Surface.Ceiling.class)).isCloseTo(20e6, within(1.0));
        assertThat(area(all, Surface.WallSide.class)).isCloseTo(18_000 * 2600, within(1.0));
        assertThat(area(all, Surface.Plinth.class)).isCloseTo(18_000 * 80, within(1.0));
        assertThat(all).filteredOn(f -> f.surface() instanceof Surface.WallSide).hasSize(4);
    }

    /** A door of 900 × 2,100 and a window of 1,200 × 1,300 above a sill of 900, in walls of 300 mm. */
    @Test
    void openingsAreHolesAndHaveReveals() {
        var doored = TestPlans.opening(room(), 0, OpeningKind.DOOR, 1000, 900, Hand.FIRST, Swing.LEFT);
        var plan = TestPlans.opening(doored, 1, OpeningKind.CASEMENT_WINDOW, 1000, 1200, Hand.FIRST, Swing.LEFT);
        var openings = plan.storeys().getFirst().openings();
        var door = openings.get(0);
        var window = openings.get(1);
        var doorHigh = door.head().minus(door.sill()).mm();
        var windowHigh = window.head().minus(window.sill()).mm();
        var all = found(plan);
        assertThat(area(all, Surface.WallSide.class))
                .isCloseTo(18_000 * 2600 - 900 * doorHigh - 1200 * windowHigh, within(1.0));
        assertThat(area(all, Surface.Plinth.class)).isCloseTo((18_000 - 900) * 80, within(1.0));
        assertThat(area(all, Surface.Reveal.class))
                .isCloseTo(300 * (2 * doorHigh + 900) + 300 * (2 * windowHigh + 2 * 1200), within(1.0));
        var windowed = all.stream()
                .filter(f ->
                        f.surface() instanceof Surface.WallSide s && s.wall().equals(window.host()))
                .findFirst()
                .orElseThrow();
        assertThat(windowed.outline())
                .singleElement()
                .satisfies(o -> assertThat(o.rings()).hasSize(2)); // a hole
    }

    /** An annex stands outside against half of a wall; the other half of that side is an outer face of its own. */
    @Test
    void anOuterFaceIsCoveredWithoutTheRoomOnTheSameSide() {
        var both = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .chain(BodySide.CENTRE, PARTITION, false, 0, 4000, 0, 7000, 2500, 7000, 2500, 4000)
                .plan();
        var plan = RoomEdits.mark(both, TestPlans.storey(both), Position.ofMm(1200, 5500), "Shed", Finish.of("bare"))
                .plan();
        var wall = TestPlans.wallId(plan, 2);
        var outer = new Surface.OuterSide(wall, Swing.RIGHT);
        var paint = Finish.of("paint-sage");
        var covered = Coverings.cover(plan, TestPlans.storey(plan), outer, Optional.of(paint));
        var half = covered.wallTypes().stream()
                        .filter(t -> t.id().equals(PARTITION))
                        .findFirst()
                        .orElseThrow()
                        .thickness()
                        .mm()
                / 2;
        assertThat(found(covered))
                .filteredOn(f -> f.surface().equals(outer))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.areaMm2()).isCloseTo((5300 - 2500 - half) * 2600, within(1.0));
                    assertThat(f.finish()).contains(paint);
                });
        assertThat(found(covered))
                .filteredOn(f ->
                        f.surface() instanceof Surface.WallSide s && s.wall().equals(wall))
                .isNotEmpty()
                .allSatisfy(f -> assertThat(f.finish()).isEmpty());
        var near = SurfacesAt.at(TestPlans.laid(covered), new Point(4000, 4330), 50);
        assertThat(near.getFirst().surfaces()).containsExactly(outer);
        assertThat(near.getFirst().called()).isEqualTo("the outer face to the north");
        assertThat(SurfacesAt.at(TestPlans.laid(covered), new Point(1200, 4330), 50))
                .noneMatch(t -> t.surfaces().contains(outer));
    }

    /** From its frame every corner of a side comes to lie on the face of its wall, between floor and ceiling. */
    @Test
    void framesLieOnTheFacesOfWalls() {
        for (var plan : List.of(room(), SailclothYard.plan(), QuillbackLane.plan())) {
            var storey = TestPlans.laid(plan);
            for (var found : Surfaces.on(storey)) {
                if (!(found.surface() instanceof Surface.WallSide side)
                        || storey.storey().wall(side.wall()).orElseThrow().isCurved()) {
                    continue;
                }
                assertThat(found.frame().up()).isEqualTo(Surfaces.Up.PLUMB);
                assertThat(found.frame().along().length()).isCloseTo(1, within(1e-9));
                for (var part : found.outline()) {
                    for (var corner : part.shell().corners()) {
                        var at = found.frame()
                                .origin()
                                .plus(found.frame().along().times(corner.x()));
                        assertThat(storey.geometry().network().of(side.wall()).stream()
                                        .flatMap(p -> p.faces().stream())
                                        .mapToDouble(f -> f.distance(at))
                                        .min()
                                        .orElseThrow())
                                .isLessThan(1.0);
                        assertThat(corner.y())
                                .isBetween(-1e-6, storey.storey().height().mm() + 1e-6);
                    }
                }
            }
        }
    }

    /** A round room of 2 m radius: its two half-round sides laid out flat are as long as its circle, 2 pi r. */
    @Test
    void curvedSidesAreAsLongAsTheirFace() {
        var plan = TestPlans.silo();
        var sides = found(plan).stream()
                .filter(f -> f.surface() instanceof Surface.WallSide)
                .toList();
        assertThat(sides).hasSize(2);
        assertThat(area(found(plan), Surface.WallSide.class))
                .isCloseTo(2 * Math.PI * 2000 * 2600, within(2 * Math.PI * 2000 * 2600 * 1e-3)); // chords for arcs
        assertThat(sides).allSatisfy(f -> assertThat(f.areaMm2()).isCloseTo(Math.PI * 2000 * 2600, within(2e4)));
    }

    /**
     * A window of 1,000 measured along the drawn line, which is the inner face here, in the half-round east of the silo: a
     * hole of 1,000 as long laid out flat, 500 from where the side begins.
     */
    @Test
    void openingsOfCurvedSidesAreHolesWhereTheyAreAlongThem() {
        var plan =
                TestPlans.opening(TestPlans.silo(), 0, OpeningKind.CASEMENT_WINDOW, 500, 1000, Hand.FIRST, Swing.LEFT);
        var window = plan.storeys().getFirst().openings().getFirst();
        var high = window.head().minus(window.sill()).mm();
        assertThat(area(found(TestPlans.silo()), Surface.WallSide.class) - area(found(plan), Surface.WallSide.class))
                .isCloseTo(1000 * high, within(1000 * high * 2e-3)); // chords for arcs
        var laid = TestPlans.laid(plan);
        var room = laid.geometry().rooms().getFirst();
        var seen = WallElevation.around(laid, room).stream()
                .flatMap(s -> WallElevation.of(laid, s).stream())
                .filter(w -> !w.holes().isEmpty())
                .toList();
        assertThat(seen).singleElement().satisfies(wall -> {
            var box = wall.holes().getFirst().box();
            assertThat(box.width()).isCloseTo(1000, within(3.0));
            // seen from the room the wall runs from north to south: its first end is at the right
            assertThat(wall.lengthMm() - box.maxX()).isCloseTo(500, within(3.0));
            assertThat(wall.holes().getFirst().firstIsLeft()).isFalse();
        });
    }

    /** A piece that stands before a curved wall is seen with it, where it is nearest to. */
    @Test
    void piecesBeforeACurvedWallAreSeenWithIt() {
        // its back 100 off the wall in the east, half way along it
        var plan = TestPlans.with(TestPlans.silo(), "chest", 900, 450, 800, 2000 - 100 - 225, 0, 270);
        var laid = TestPlans.laid(plan);
        var room = laid.geometry().rooms().getFirst();
        var seen = WallElevation.around(laid, room).stream()
                .flatMap(s -> WallElevation.of(laid, s.deep(Length.ofMm(600))).stream())
                .filter(w -> !w.before().isEmpty())
                .toList();
        assertThat(seen).singleElement().satisfies(wall -> {
            var before = wall.before().getFirst();
            assertThat(before.middleMm()).isCloseTo(wall.lengthMm() / 2, within(5.0));
            assertThat(before.box().width()).isCloseTo(900, within(30.0));
            assertThat(Math.cos(Math.toRadians(before.lookDeg())))
                    .as("its back to the wall")
                    .isCloseTo(1, within(1e-3));
        });
    }

    @Test
    void aStairHasItsTreadsAndRisers() {
        var all = found(QuillbackLane.plan());
        var risers =
                all.stream().filter(f -> f.surface() instanceof Surface.Riser).toList();
        var treads =
                all.stream().filter(f -> f.surface() instanceof Surface.Tread).toList();
        assertThat(risers).hasSizeGreaterThan(10);
        assertThat(treads).hasSize(risers.size() - 1); // the last riser leads onto the upper floor
        assertThat(treads)
                .isSortedAccordingTo(
                        (a, b) -> Double.compare(a.frame().levelMm(), b.frame().levelMm()));
        assertThat(risers.get(3).outline().getFirst().bounds().height())
                .isCloseTo(risers.get(0).outline().getFirst().bounds().height(), within(1e-9));
    }

    @Test
    void aFloorIsCoveredAsItsRoomSays() {
        var plan = room();
        var floor = Surfaces.finish(plan.storeys().getFirst(), new Surface.Floor(mark(plan)));
        assertThat(floor.map(Finish::material)).contains("bare");
        assertThat(Surfaces.finish(plan.storeys().getFirst(), new Surface.Ceiling(mark(plan))))
                .isEmpty();
    }

    /** A wall between two rooms has two sides, each seen by one room. */
    @Test
    void bothSidesOfAPartition() {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .wall(2000, 0, 2000, 4000, BodySide.CENTRE, PARTITION)
                .plan();
        var storey = TestPlans.storey(walls);
        var one = RoomEdits.mark(walls, storey, Position.ofMm(1000, 2000), "A", Finish.of("bare"))
                .plan();
        var two = RoomEdits.mark(one, storey, Position.ofMm(4000, 2000), "B", Finish.of("bare"))
                .plan();
        var partition = two.storeys().getFirst().walls().getLast().id();
        assertThat(found(two))
                .extracting(Surfaces.Found::surface)
                .filteredOn(s -> s instanceof Surface.WallSide w && w.wall().equals(partition))
                .extracting(s -> ((Surface.WallSide) s).side())
                .containsExactlyInAnyOrder(Swing.LEFT, Swing.RIGHT);
    }
}
