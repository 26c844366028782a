package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.pointing.AgainstWall;
import honeylamp.derive.snags.Snags;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Opening;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What must hold whatever a person does, in whatever order. */
class RandomEditsTest {
    private static final StoreyId STOREY = TestPlans.storey(SailclothYard.plan());

    private static <T> T any(Random random, List<T> from) {
        return from.get(random.nextInt(from.size()));
    }

    private static Length mm(Random random, int least, int most) {
        return Length.ofMm(least + random.nextInt(most - least + 1));
    }

    private static Position place(Random random) {
        return Position.ofMm(random.nextInt(14_000) - 500, random.nextInt(10_000) - 500);
    }

    /** One action picked by chance; an action that cannot be leaves the plan as it was. */
    static Plan edited(Plan plan, Random random) {
        var storey = plan.storey(STOREY);
        return switch (random.nextInt(14)) {
            case 0 ->
                WallEdits.add(
                                plan,
                                STOREY,
                                any(random, storey.walls()).from(),
                                place(random),
                                any(random, List.of(BodySide.values())),
                                any(random, plan.wallTypes()).id())
                        .map(Added::plan)
                        .result()
                        .orElse(plan);
            case 1 ->
                WallEdits.moveCorner(plan, STOREY, any(random, storey.walls()).to(), place(random))
                        .result()
                        .orElse(plan);
            case 2 ->
                WallEdits.moveWall(
                                plan,
                                STOREY,
                                any(random, storey.walls()).id(),
                                mm(random, -600, 600),
                                mm(random, -600, 600))
                        .result()
                        .orElse(plan);
            case 3 ->
                WallEdits.setLength(
                                plan,
                                STOREY,
                                any(random, storey.walls()).id(),
                                mm(random, 200, 6000),
                                any(random, List.of(WallEdits.End.values())))
                        .result()
                        .orElse(plan);
            case 4 ->
                WallEdits.setType(
                        plan,
                        STOREY,
                        List.of(any(random, storey.walls()).id()),
                        any(random, plan.wallTypes()).id());
            case 5 ->
                FurnishingEdits.add(
                                plan,
                                STOREY,
                                any(random, Furnishings.all()).key(),
                                mm(random, 300, 2500),
                                mm(random, 300, 2500),
                                mm(random, 10, 2000),
                                place(random),
                                random.nextInt(360))
                        .plan();
            case 6 ->
                OpeningEdits.add(
                                plan,
                                STOREY,
                                any(random, List.of(OpeningKind.values())),
                                any(random, storey.walls()).id(),
                                mm(random, 0, 3000),
                                mm(random, 400, 1500),
                                Opening.Hand.FIRST,
                                Opening.Swing.LEFT)
                        .plan();
            case 8 ->
                WallShaping.split(plan, STOREY, any(random, storey.walls()).id(), mm(random, 100, 4000))
                        .map(Added::plan)
                        .result()
                        .orElse(plan);
            case 9 ->
                WallShaping.join(
                                plan,
                                STOREY,
                                any(random, storey.walls()).id(),
                                any(random, storey.walls()).id())
                        .result()
                        .orElse(plan);
            case 10 ->
                WallEdits.bend(plan, STOREY, any(random, storey.walls()).id(), mm(random, -900, 900))
                        .result()
                        .orElse(plan);
            case 11 ->
                WallCopies.parallel(plan, STOREY, any(random, storey.walls()).id(), mm(random, -900, 900), 1)
                        .map(WallCopies.Several::plan)
                        .result()
                        .orElse(plan);
            case 12 ->
                PickedEdits.turn(
                                plan,
                                STOREY,
                                Set.of(any(random, storey.walls()).id()),
                                place(random).point(),
                                random.nextInt(360))
                        .result()
                        .orElse(plan);
            case 7 ->
                OpeningEdits.setWidth(
                        plan, STOREY, any(random, storey.openings()).id(), mm(random, 300, 2500));
            default ->
                storey.walls().size() < 6
                        ? plan
                        : Deletion.of(
                                plan, STOREY, Set.of(any(random, storey.walls()).id()));
        };
    }

    /** Law: taking back a random series of 200 edits gives the identical plan. */
    @Property(tries = 5, seed = "20261125")
    void undoingTwoHundredEditsGivesBackThePlan(@ForAll long seed) {
        var random = new Random(seed);
        var first = SailclothYard.plan();
        var history = History.of(first);
        var done = 0;
        for (var i = 0; done < 200 && i < 2000; i++) {
            var next = history.then(edited(history.now(), random), "step " + i);
            done += next == history ? 0 : 1;
            history = next;
        }
        assertThat(done).isEqualTo(200);
        for (var i = 0; i < 200; i++) {
            history = history.undo();
        }
        assertThat(history.now()).isEqualTo(first);
    }

    @Property(tries = 20, seed = "20261125")
    void everyPlanCanBeDerivedAndUndoingGivesTheFirst(@ForAll long seed) {
        var random = new Random(seed);
        var first = SailclothYard.plan();
        var history = History.of(first);
        for (var i = 0; i < 30; i++) {
            history = history.then(edited(history.now(), random), "step " + i);
            var plan = history.now();
            var geometry = TestPlans.geometry(plan);
            var snags = Snags.of(geometry, plan);
            snags.forEach(s -> assertThat(s.sentence()).endsWith("."));
            for (var opening : geometry.storey().openings()) {
                var host = geometry.storey().wall(opening.host()).orElseThrow();
                var fits = opening.offset().mm() + opening.width().mm()
                        <= host.length().mm() + 2;
                assertThat(fits || snags.stream().anyMatch(s -> s.about().contains(opening.id())))
                        .as("an opening that overreaches is a snag")
                        .isTrue();
            }
        }
        while (history.undoable().isPresent()) {
            history = history.undo();
        }
        assertThat(history.now()).isEqualTo(first);
    }

    /** Rooms never overlap each other or the poché, whatever the walls are. */
    @Property(tries = 20, seed = "20261125")
    void roomsAndPocheShareNoGround(@ForAll long seed) {
        var random = new Random(seed);
        var plan = SailclothYard.plan();
        for (var i = 0; i < 12; i++) {
            plan = edited(plan, random);
        }
        var geometry = TestPlans.geometry(plan);
        var sum = 0.0;
        List<Outline> all = List.of();
        for (var room : geometry.rooms()) {
            sum += room.outline().area(); // with chords for arcs, as the union has them
            all = Regions.union(java.util.stream.Stream.concat(all.stream(), java.util.stream.Stream.of(room.outline()))
                    .toList());
        }
        assertThat(area(all)).isCloseTo(sum, within(1.0));
        // films thinner than a millimetre are taken for wall, so a room may share a hair's breadth of them
        assertThat(area(Regions.intersection(all, geometry.poche()))).isLessThan(500.0);
    }

    private static double area(List<Outline> outlines) {
        return outlines.stream().mapToDouble(Outline::area).sum();
    }

    /** A leaning piece touches its wall's face with its back and reaches into no wall. */
    @Property(tries = 60, seed = "20261125")
    void aLeaningPieceTouchesTheFaceAndStaysOutOfTheWall(@ForAll long seed) {
        var random = new Random(seed);
        var geometry = TestPlans.geometry(TestPlans.clearRectangle(5000, 4000));
        var width = 400 + random.nextInt(1000);
        var depth = 300 + random.nextInt(500);
        var at = new Point(1000 + random.nextInt(3000), 800 + random.nextInt(2400));
        var found = AgainstWall.nearest(geometry, at, width, depth, 5000);
        assertThat(found).isPresent();
        var place = found.orElseThrow();
        var back = Point.direction(place.turnDeg() + 90).times(depth / 2.0);
        assertThat(place.face().distance(place.at().plus(back))).isLessThan(0.01);
        // the whole footprint lies in the clear 5,000 × 4,000
        var across = Point.direction(place.turnDeg()).times(width / 2.0);
        for (var corner : List.of(
                place.at().plus(back).plus(across),
                place.at().plus(back).minus(across),
                place.at().minus(back).plus(across),
                place.at().minus(back).minus(across))) {
            assertThat(corner.x()).isBetween(-0.01, 5000.01);
            assertThat(corner.y()).isBetween(-0.01, 4000.01);
        }
    }

    /** Walls keep their exact lengths when the whole chain is moved together, as whole nanometres. */
    @Property(tries = 40, seed = "20261125")
    void movingAWallThereAndBackChangesNothing(@ForAll long seed) {
        var random = new Random(seed);
        var plan = SailclothYard.plan();
        var wall = any(random, plan.storey(STOREY).walls());
        var dx = mm(random, -300, 300);
        var dy = mm(random, -300, 300);
        var ends = endsAt(plan, wall);
        var there = WallEdits.moveWall(plan, STOREY, wall.id(), dx, dy).orThrow();
        var back = WallEdits.moveWall(
                        there,
                        STOREY,
                        wall.id(),
                        Length.ofMm(0).minus(dx),
                        Length.ofMm(0).minus(dy))
                .orThrow();
        var after = back.storey(STOREY).wall(wall.id()).orElseThrow();
        assertThat(List.of(after.from(), after.to())).isEqualTo(List.of(wall.from(), wall.to()));
        assertThat(endsAt(back, after)).isEqualTo(ends);
    }

    private static long endsAt(Plan plan, Wall wall) {
        return plan.storey(STOREY).walls().stream()
                .filter(w -> w.from().equals(wall.to()) || w.to().equals(wall.to()))
                .count();
    }
}
