package honeylamp.derive.listing;

import static honeylamp.TestPlans.PARTITION;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.edit.OwnRegions;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Two rooms of 2,450 × 4,000 mm beside each other with a door between them; heights by hand. */
class FloorStepsTest {
    private static Plan rooms() {
        var walls = TestPlans.clearRectangle(5000, 4000);
        var at = TestPlans.storey(walls);
        var parted = WallEdits.add(
                        walls, at, Position.ofMm(2500, 0), Position.ofMm(2500, 4000), BodySide.CENTRE, PARTITION)
                .orThrow()
                .plan();
        var doored = TestPlans.opening(parted, 4, OpeningKind.DOOR, 1500, 900, Hand.FIRST, Swing.LEFT);
        var west = RoomEdits.mark(doored, at, Position.ofMm(1000, 2000), "Bath", Finish.of("bare"))
                .plan();
        return RoomEdits.mark(west, at, Position.ofMm(4000, 2000), "Hall", Finish.of("bare"))
                .plan();
    }

    private static Plan layers(Plan plan, int room, double... mm) {
        var id = plan.storeys().getFirst().rooms().get(room).id();
        var layers = java.util.Arrays.stream(mm)
                .mapToObj(t -> new BuildUpLayer("Layer", Length.ofMm(t)))
                .toList();
        return RoomEdits.change(
                plan, TestPlans.storey(plan), id, m -> m.withFit(m.fit().withFloorLayers(layers)));
    }

    private static List<FloorSteps.Step> steps(Plan plan) {
        return FloorSteps.on(TestPlans.laid(plan));
    }

    @Test
    void aDoorBetweenFloorsOfUnequalHeightHasAStepOfTheDifferenceUpToTheHigher() {
        var plan = layers(layers(rooms(), 0, 65, 30), 1, 80);
        assertThat(steps(plan)).singleElement().satisfies(step -> {
            assertThat(step.byMm()).isCloseTo(15, within(1e-9));
            assertThat(step.line().length()).isCloseTo(900, within(1e-6));
            var higher = step.line().middle().plus(step.line().unit().left().times(500));
            assertThat(higher.x()).isLessThan(2500); // the bath, in the west
        });
        assertThat(steps(layers(plan, 1, 95))).isEmpty();
        assertThat(steps(layers(rooms(), 0, 95)))
                .as("of one of them nobody said")
                .isEmpty();
    }

    @Test
    void theCoveringCountsAsThickAsItsPiecesAreSaidToBeAndTheRawFloorByWhichItIsRaised() {
        var plan = layers(layers(rooms(), 0, 85), 1, 95);
        var bath = plan.storeys().getFirst().rooms().getFirst();
        var stack = Laying.of(new Pattern.Stack(), 200, 200, 3);
        var thick = stack.withGoods(stack.goods().withThickness(Length.ofMm(10)));
        var tiled = RoomEdits.change(
                plan,
                TestPlans.storey(plan),
                bath.id(),
                m -> m.withFloor(m.floor().withLaying(java.util.Optional.of(thick))));
        assertThat(steps(plan)).hasSize(1);
        assertThat(steps(tiled)).isEmpty();
        var sunk = RoomEdits.change(
                tiled, TestPlans.storey(plan), bath.id(), m -> m.withFit(m.fit().withRawFloor(Length.ofMm(-150))));
        assertThat(steps(sunk)).singleElement().satisfies(step -> {
            assertThat(step.byMm()).isCloseTo(150, within(1e-9));
            assertThat(step.line()
                            .middle()
                            .plus(step.line().unit().left().times(500))
                            .x())
                    .isGreaterThan(2500);
        });
    }

    /** The bath has 65 + 30 on its raw floor, which lies 120 below that of its storey, at 2,800: 2,800 - 120 + 95. */
    @Test
    void aFloorLiesAsHighAsItsStoreyItsRawFloorAndWhatLiesOnThat() {
        var plan = layers(rooms(), 0, 65, 30);
        var bath = plan.storeys().getFirst().rooms().getFirst();
        var storey = TestPlans.storey(plan);
        var sunk =
                RoomEdits.change(plan, storey, bath.id(), m -> m.withFit(m.fit().withRawFloor(Length.ofMm(-120))));
        var up = sunk.withStorey(storey, s -> s.withLevels(s.levels().withLevel(Length.ofMm(2800))));
        var laid = TestPlans.laid(up);
        assertThat(FloorSteps.level(laid, new Point(1000, 2000))).isEqualTo(Length.ofMm(2775));
        assertThat(FloorSteps.level(laid, new Point(4000, 2000)))
                .as("nobody said anything of the hall")
                .isEqualTo(Length.ofMm(2800));
    }

    /** A tray of 900 × 900 in a corner of walls: two of its edges are free. */
    @Test
    void aRaisedRegionHasStepsAtItsFreeEdgesAndFacesToCover() {
        var plan = rooms();
        var at = TestPlans.storey(plan);
        var corner = new Point(0, 0);
        var tray = OwnRegions.add(
                plan,
                at,
                new Region.Floors(),
                OwnRegions.rectangle(
                        Length.ofMm(corner.x() - 100),
                        Length.ofMm(corner.y() - 100),
                        Length.ofMm(900),
                        Length.ofMm(900)),
                Finish.of("tile-white"));
        assertThat(steps(tray.plan())).isEmpty();
        var raised = OwnRegions.change(tray.plan(), at, tray.id(), r -> r.withRaised(Length.ofMm(120)));
        assertThat(steps(raised)).hasSize(2).allSatisfy(step -> {
            assertThat(step.byMm()).isCloseTo(120, within(1e-9));
            assertThat(step.line().length()).isCloseTo(900, within(1e-6));
            var higher = step.line().middle().plus(step.line().unit().left().times(100));
            assertThat(higher.x() < 900 && higher.y() < 900).isTrue();
        });
        assertThat(Surfaces.on(TestPlans.laid(raised)))
                .filteredOn(f -> f.surface() instanceof Surface.Edge)
                .hasSize(2)
                .allSatisfy(f -> assertThat(f.areaMm2()).isCloseTo(900 * 120, within(1e-3)));
        var sunk = OwnRegions.change(tray.plan(), at, tray.id(), r -> r.withRaised(Length.ofMm(-20)));
        assertThat(steps(sunk)).hasSize(2).allSatisfy(step -> {
            var higher = step.line().middle().plus(step.line().unit().left().times(100));
            assertThat(higher.x() > 900 || higher.y() > 900).isTrue();
        });
    }
}
