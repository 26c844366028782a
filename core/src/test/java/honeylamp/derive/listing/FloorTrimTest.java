package honeylamp.derive.listing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.listing.Schedule.Cell;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.Coverings;
import honeylamp.edit.Edging;
import honeylamp.edit.Outcome;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.FloorStrip;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Surface;
import honeylamp.plan.Wall.BodySide;
import honeylamp.takeoff.Takeoff;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
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
    void aStripHasAFormAndAWidthAndANoneIsNone() {
        var plan = rooms("slate", "cork");
        var door = plan.storeys().getFirst().openings().getFirst().id();
        var tee = Edging.strip(plan, TestPlans.storey(plan), door, FloorStrip.USUAL.formed(FloorStrip.Form.TEE));
        assertThat(only(tee).strip().seen()).isEqualTo(Length.ofMm(14));
        var edges = Takeoff.of(LaidPlan.of(tee), Schedule.Subject.EDGES);
        assertThat(edges.rows().stream().flatMap(r -> r.cells().stream())).contains(new Cell.Words("T strip"));
        assertThat(Edging.wide(FloorStrip.USUAL, Length.ofMm(301), UnitSystem.MM))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class, r -> assertThat(r.sentence("No")).contains("At most 300 mm"));
        var none = Edging.strip(plan, TestPlans.storey(plan), door, FloorStrip.USUAL.formed(FloorStrip.Form.NONE));
        assertThat(trims(none)).isZero();
    }

    private static FloorTrim only(Plan plan) {
        return FloorTrim.in(TestPlans.geometry(plan)).getFirst();
    }

    @Test
    void aRampSlopesToTheLowerFloorWhicheverThatIs() {
        var plan = rooms("slate", "cork");
        var raised = List.of(1000.0, 4000.0);
        for (var x : raised) {
            var room = TestPlans.geometry(plan).roomAt(new Point(x, 2000)).orElseThrow();
            var higher = RoomEdits.fit(plan, TestPlans.storey(plan), room, f -> f.withRawFloor(Length.ofMm(18)));
            var line = only(higher).line();
            assertThat(line.offset(new Point(x, 2000)))
                    .as("the higher floor lies to the left")
                    .isPositive();
        }
    }

    @Test
    void aBoundaryBetweenFloorsThatDifferHasAStripToo() {
        var plan = TestPlans.clearRectangle(5000, 4000);
        var at = TestPlans.storey(plan);
        var bound = RoomEdits.bound(plan, at, Position.ofMm(2500, 0), Position.ofMm(2500, 4000))
                .orThrow();
        plan = RoomEdits.mark(bound.plan(), at, Position.ofMm(1000, 2000), "Kitchen", Finish.of("slate"))
                .plan();
        plan = RoomEdits.mark(plan, at, Position.ofMm(4000, 2000), "Living", Finish.of("cork"))
                .plan();
        assertThat(trims(plan)).isCloseTo(4000, within(1e-6));
        var none = Edging.strip(plan, at, bound.id(), FloorStrip.USUAL.formed(FloorStrip.Form.NONE));
        assertThat(trims(none)).isZero();
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
