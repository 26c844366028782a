package honeylamp.edit;

import static honeylamp.TestPlans.OUTER;
import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Covering;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Sense;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The finish of a wall side stays on it through all that is done to its wall. */
class CoveringsTest {
    private static final Optional<Finish> SAGE = Optional.of(Finish.of("paint-sage"));

    /** A room of 5,000 × 4,000; the side of its south wall that faces the room is sage. */
    private static Plan room() {
        var walls = TestPlans.start()
                .chain(BodySide.RIGHT, OUTER, true, 0, 0, 5000, 0, 5000, 4000, 0, 4000)
                .plan();
        var storey = TestPlans.storey(walls);
        var marked = RoomEdits.mark(walls, storey, Position.ofMm(2500, 2000), "Study", Finish.of("bare"));
        var south = walls.storeys().getFirst().walls().getFirst();
        var side = new Surface.WallSide(south.id(), Swing.LEFT, Optional.of(marked.id()));
        return Coverings.cover(marked.plan(), storey, side, SAGE);
    }

    private static StoreyId storey(Plan plan) {
        return TestPlans.storey(plan);
    }

    private static WallId south(Plan plan) {
        return plan.storeys().getFirst().walls().getFirst().id();
    }

    private static Plan completed(Plan before, Plan after) {
        return new Completing(new GeometryCache()).of(before, after);
    }

    /** Where the sides lie that are sage: their middles, rounded to 100 mm, in order. */
    private static List<String> sage(Plan plan) {
        return sage(plan, storey(plan));
    }

    private static List<String> sage(Plan plan, StoreyId storey) {
        return Surfaces.on(LaidPlan.of(plan).on(storey)).stream()
                .filter(f ->
                        f.surface() instanceof Surface.WallSide && f.finish().equals(SAGE))
                .map(f -> {
                    var box = f.outline().getFirst().bounds();
                    var at = f.frame()
                            .origin()
                            .plus(f.frame().along().times(box.centre().x()));
                    return Math.round(at.x() / 100) + "," + Math.round(at.y() / 100);
                })
                .collect(Collectors.toCollection(TreeSet::new))
                .stream()
                .toList();
    }

    @Test
    void aSideIsCoveredAndUncovered() {
        var plan = room();
        assertThat(sage(plan)).containsExactly("25,0");
        var covering = plan.storeys().getFirst().coverings().getFirst();
        var other = Coverings.cover(plan, storey(plan), covering.surface(), Optional.of(Finish.of("tile-white")));
        assertThat(other.storeys().getFirst().coverings())
                .extracting(Covering::id)
                .containsExactly(covering.id()); // the same covering, of another finish
        assertThat(Coverings.cover(other, storey(plan), covering.surface(), Optional.empty())
                        .storeys()
                        .getFirst()
                        .coverings())
                .isEmpty();
    }

    @Test
    void allWallsOfARoomAreCoveredAtOnce() {
        var plan = room();
        var mark = plan.storeys().getFirst().rooms().getFirst().id();
        var white = Coverings.cover(plan, storey(plan), new Surface.Walls(mark), Optional.of(Finish.of("lime-white")));
        assertThat(sage(white)).isEmpty(); // the side's own finish went
        assertThat(Surfaces.on(TestPlans.laid(white)))
                .filteredOn(f -> f.surface() instanceof Surface.WallSide)
                .allMatch(f -> f.finish().equals(Optional.of(Finish.of("lime-white"))));
    }

    @Test
    void aPartedWallKeepsItOnBothParts() {
        var plan = room();
        var parted = WallShaping.split(plan, storey(plan), south(plan), Length.ofMm(2000))
                .orThrow()
                .plan();
        var both = completed(plan, parted);
        assertThat(sage(both)).containsExactly("25,0"); // one side between two corners, of two walls that are covered
        assertThat(both.storeys().getFirst().coverings())
                .extracting(c -> c.surface().host())
                .containsExactly(
                        south(plan), both.storeys().getFirst().walls().getLast().id());
    }

    @Test
    void joinedWallsKeepIt() {
        var plan = room();
        var parted = WallShaping.split(plan, storey(plan), south(plan), Length.ofMm(2000))
                .orThrow();
        var both = completed(plan, parted.plan());
        var joined =
                WallShaping.join(both, storey(plan), south(plan), parted.id()).orThrow();
        assertThat(sage(completed(both, joined))).containsExactly("25,0");
        // and the other way round, where the first is turned to join
        var turned =
                WallShaping.join(both, storey(plan), parted.id(), south(plan)).orThrow();
        assertThat(sage(completed(both, turned))).containsExactly("25,0");
    }

    @Test
    void aWallDrawnTheOtherWayKeepsItOnTheSameSide() {
        var plan = room();
        var reversed = plan.withStorey(storey(plan), s -> s.change(Wall.class, south(plan), Wall::reversed));
        assertThat(sage(completed(plan, reversed))).containsExactly("25,0");
    }

    @Test
    void aMirroredRoomHasItOnTheSideThatFacesTheRoom() {
        var plan = room();
        Set<ElementId> all =
                plan.storeys().getFirst().walls().stream().map(Wall::id).collect(Collectors.toSet());
        for (var axis : List.of(
                new Segment(new Point(-1000, 0), new Point(-1000, 100)), // upright beside it
                new Segment(new Point(2500, 0), new Point(2500, 100)), // upright through its middle
                new Segment(new Point(0, -1000), new Point(100, -1000)), // level below it
                new Segment(new Point(0, 0), new Point(100, 100)))) {
            var mirrored = completed(
                    plan, PickedEdits.mirror(plan, storey(plan), all, axis).orThrow());
            var at = Affines.mirrored(axis, new Point(2500, 0));
            assertThat(sage(mirrored)).containsExactly(Math.round(at.x() / 100) + "," + Math.round(at.y() / 100));
        }
    }

    /** Mirroring worked out anew. */
    private static final class Affines {
        static Point mirrored(Segment axis, Point p) {
            var u = axis.unit();
            var v = p.minus(axis.a());
            var along = u.times(v.x() * u.x() + v.y() * u.y());
            return axis.a().plus(along.times(2)).minus(v);
        }
    }

    @Test
    void aCopyOfTheWallsBringsItAlong() {
        var plan = room();
        Set<ElementId> all =
                plan.storeys().getFirst().walls().stream().map(Wall::id).collect(Collectors.toSet());
        var pasted = Clipping.of(plan, storey(plan), all).into(plan, storey(plan), Length.ofMm(9000), Length.ZERO);
        var done = completed(plan, pasted.plan());
        assertThat(sage(done)).containsExactly("115,0", "25,0");
        assertThat(pasted.ids()).hasSize(4); // the walls; what covers them is not picked by itself
    }

    @Test
    void aWallThatGoesTakesItAlong() {
        var plan = room();
        var gone = Deletion.of(plan, storey(plan), Set.of(south(plan)));
        assertThat(completed(plan, gone).storeys().getFirst().coverings()).isEmpty();
    }

    @Test
    void aRoomThatSplitsOffKeepsIt() {
        var plan = room();
        var walls = WallEdits.add(
                        plan,
                        storey(plan),
                        Position.ofMm(2000, 0),
                        Position.ofMm(2000, 4000),
                        BodySide.CENTRE,
                        PARTITION)
                .orThrow();
        var split = completed(plan, walls.plan());
        assertThat(split.storeys().getFirst().rooms()).hasSize(2);
        assertThat(sage(split)).containsExactly("10,0", "35,0");
        // and merged again
        var merged = completed(split, Deletion.of(split, storey(plan), Set.of(walls.id())));
        assertThat(sage(merged)).containsExactly("25,0");
    }

    @Test
    void aStoreyOnTopHasItToo() {
        var plan = room();
        var mark = plan.storeys().getFirst().rooms().getFirst().id();
        var ceiled = Coverings.cover(plan, storey(plan), new Surface.Ceiling(mark), SAGE);
        var top = StoreyEdits.copyOnTop(ceiled, storey(plan), "Upper");
        assertThat(sage(top.plan(), top.id())).containsExactly("25,0");
        var room = top.plan().storey(top.id()).rooms().getFirst().id();
        assertThat(Surfaces.finish(top.plan().storey(top.id()), new Surface.Ceiling(room)))
                .isEqualTo(SAGE);
    }

    /** In a mirrored copy of a unit the finish is on the side that faces the copied room, and goes with the unit. */
    @Test
    void aCopyOfAUnitHasItOnTheSameSide() {
        var plan = room();
        var mark = plan.storeys().getFirst().rooms().getFirst().id();
        var made = UnitEdits.make(plan, TestPlans.geometry(plan), Set.of(mark), "Studio")
                .orThrow();
        for (var sense : Sense.values()) {
            var placed = UnitEdits.place(made.plan(), made.id(), storey(plan), Position.ofMm(12_000, 0), 0, sense)
                    .plan();
            // its origin is the middle of the room, so that the south wall comes to lie 2,000 mm below
            assertThat(sage(placed)).containsExactly("120,-20", "25,0");
        }
    }
}
