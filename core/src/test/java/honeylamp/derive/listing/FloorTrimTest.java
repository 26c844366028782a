package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.Coverings;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.plan.Finish;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall.BodySide;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** Trims, thresholds and plinths in two rooms with a door of 900 mm between them, in a wall of 100 mm; lengths by hand. */
class FloorTrimTest {
    private static Plan rooms(String west, String east) {
        var walls = TestPlans.clearRectangle(5000, 4000);
        var at = TestPlans.storey(walls);
        var parted = WallEdits.add(
                        walls,
                        at,
                        Position.ofMm(2500, 0),
                        Position.ofMm(2500, 4000),
                        BodySide.CENTRE,
                        TestPlans.PARTITION)
                .orThrow()
                .plan();
        var doored = TestPlans.opening(parted, 4, OpeningKind.DOOR, 1500, 900, Hand.FIRST, Swing.LEFT);
        var one = RoomEdits.mark(doored, at, Position.ofMm(1000, 2000), "Bath", Finish.of(west))
                .plan();
        return RoomEdits.mark(one, at, Position.ofMm(4000, 2000), "Hall", Finish.of(east))
                .plan();
    }

    private static double trims(Plan plan) {
        var edges = Takeoff.of(LaidPlan.of(plan), Schedule.Subject.EDGES);
        var column = edges.columns().stream().map(Schedule.Column::key).toList().indexOf("trims");
        return edges.rows().stream()
                .mapToDouble(r -> ((Cell.Long) r.cells().get(column)).length().mm())
                .sum();
    }

    @Test
    void aTrimLiesWhereTwoFloorsThatDifferMeetAndCountsOnce() {
        assertThat(trims(rooms("slate", "cork"))).isCloseTo(900, within(1e-6));
        assertThat(trims(rooms("slate", "slate"))).isZero();
    }

    @Test
    void aThresholdIsASurfaceOfTheOpeningAndTakesTheTrimAway() {
        var plan = rooms("slate", "cork");
        var door = plan.storeys().getFirst().openings().getFirst();
        var surface = new Surface.Threshold(door.id());
        var laid = Coverings.cover(plan, TestPlans.storey(plan), surface, Optional.of(Finish.of("marble-white")));
        assertThat(trims(laid)).isZero();
        var thickness = plan.wallType(TestPlans.PARTITION).thickness().mm();
        assertThat(Surfaces.on(TestPlans.laid(laid)))
                .filteredOn(f -> f.surface().equals(surface))
                .singleElement()
                .satisfies(f -> {
                    assertThat(f.areaMm2()).isCloseTo(900 * thickness, within(1e-3));
                    assertThat(f.finish()).map(Finish::material).contains("marble-white");
                });
    }

    @Test
    void aPlinthIsAsHighAsItIsSaidToBeAndGoneIfThatIsNothing() {
        var plan = rooms("slate", "cork");
        var id = plan.storeys().getFirst().rooms().getFirst().id();
        var high = RoomEdits.change(
                plan, TestPlans.storey(plan), id, m -> m.withFit(m.fit().withPlinth(Length.ofMm(120))));
        var none = RoomEdits.change(
                plan, TestPlans.storey(plan), id, m -> m.withFit(m.fit().withPlinth(Length.ZERO)));
        assertThat(plinths(plan)).isCloseTo(plinths(none) * 2, within(1.0)); // the other room is as large
        assertThat(plinths(high)).isCloseTo(plinths(none) * 2.5, within(1.0));
    }

    private static double plinths(Plan plan) {
        return Surfaces.on(TestPlans.laid(plan)).stream()
                .filter(f -> f.surface() instanceof Surface.Plinth)
                .mapToDouble(Surfaces.Found::areaMm2)
                .sum();
    }
}
