package honeylamp.takeoff.lighting;

import static honeylamp.TestPlans.PARTITION;
import static honeylamp.TestPlans.storey;
import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.QuillbackLane;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.edit.PickedEdits;
import honeylamp.edit.RoomEdits;
import honeylamp.edit.StructureEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Point;
import honeylamp.plan.Element;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Opening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import honeylamp.takeoff.lighting.LitWalk.Step;
import honeylamp.takeoff.lighting.LitWalk.Verdict;
import honeylamp.takeoff.way.Ways;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Ways walked after dark: three rooms in a row, a bedroom, a corridor and a bath, with sliding doors at 1,000 to 1,885. */
class LitWalkTest {
    private enum Last {
        SWITCH_AT_HAND(Verdict.LIT),
        SWITCH_FAR_OFF(Verdict.INTO_THE_DARK),
        SENSOR(Verdict.LIT),
        LIGHT_ALONE(Verdict.NO_LIGHT),
        NOTHING(Verdict.NO_LIGHT);

        private final Verdict verdict;

        Last(Verdict verdict) {
            this.verdict = verdict;
        }
    }

    /** The two walls between, 4 and 5, run north: the bedroom lies to the left of the first, the bath to the right of the second. */
    private static Plan rooms() {
        var plan = TestPlans.clearRectangle(10_000, 3000);
        plan = TestPlans.walled(plan, 4000, 0, 4000, 3000, PARTITION);
        plan = TestPlans.walled(plan, 6000, 0, 6000, 3000, PARTITION);
        plan = TestPlans.opening(plan, 4, OpeningKind.SLIDING_DOOR, 1000, 885, Hand.FIRST, Swing.LEFT);
        plan = TestPlans.opening(plan, 5, OpeningKind.SLIDING_DOOR, 1000, 885, Hand.FIRST, Swing.LEFT);
        plan = named(plan, 1000, "Bedroom");
        plan = named(plan, 5000, "Corridor");
        return named(plan, 8000, "Bathroom");
    }

    private static Plan named(Plan plan, double x, String name) {
        return RoomEdits.mark(plan, storey(plan), Position.ofMm(x, 1500), name, Finish.of("wide-oak"))
                .plan();
    }

    private static Plan with(Plan plan, FittingKind kind, Fitting.On on, Integer... groups) {
        return TestPlans.fitted(plan, kind, on, groups);
    }

    private static Plan light(Plan plan, double x, Integer... group) {
        return with(plan, FittingKind.CEILING_LIGHT, ceiling(x), group);
    }

    private static Fitting.On ceiling(double x) {
        return new Fitting.Ceiling(Position.ofMm(x, 1500), Optional.empty());
    }

    private static Plan button(Plan plan, int wall, Swing side, double along, int group) {
        return with(
                plan,
                FittingKind.TWO_WAY,
                new Fitting.WallSide(TestPlans.wallId(plan, wall), side, Length.ofMm(along), Length.ofMm(1050)),
                group);
    }

    private record Asked(boolean bedAtDoor, boolean corridorFirst, boolean corridorLast, Last bath) {
        Plan plan() {
            var plan = with(light(rooms(), 2000, 1), FittingKind.PULL_CORD, ceiling(700), 1);
            plan = bedAtDoor ? button(plan, 4, Swing.LEFT, 2100, 1) : plan;
            plan = light(plan, 5000, 2);
            plan = corridorFirst ? button(plan, 4, Swing.RIGHT, 2100, 2) : plan;
            plan = corridorLast ? button(plan, 5, Swing.LEFT, 2100, 2) : plan;
            return switch (bath) {
                case SWITCH_AT_HAND -> button(light(plan, 8000, 3), 5, Swing.RIGHT, 2100, 3);
                case SWITCH_FAR_OFF -> button(light(plan, 8000, 3), 5, Swing.RIGHT, 2900, 3);
                case SENSOR -> with(light(plan, 8000, 3), FittingKind.SENSOR, ceiling(6500), 3);
                case LIGHT_ALONE -> light(plan, 8000);
                case NOTHING -> plan;
            };
        }
    }

    static Stream<Asked> forty() {
        var out = new ArrayList<Asked>();
        for (var bed : List.of(true, false)) {
            for (var first : List.of(true, false)) {
                for (var last : List.of(true, false)) {
                    for (var bath : Last.values()) {
                        out.add(new Asked(bed, first, last, bath));
                    }
                }
            }
        }
        assertThat(out).hasSize(40);
        return out.stream();
    }

    private static LitWalk walked(Plan plan) {
        return LitWalk.along(TestPlans.laid(plan), List.of(new Point(500, 1400), new Point(8000, 1400)));
    }

    @ParameterizedTest
    @MethodSource("forty")
    void eachStepIsAsItIsKnownToBe(Asked asked) {
        var steps = walked(asked.plan()).steps();
        assertThat(steps.stream().map(Step::room)).containsExactly("Bedroom", "Corridor", "Bathroom");
        assertThat(steps.stream().map(Step::verdict))
                .containsExactly(
                        Verdict.LIT, asked.corridorFirst ? Verdict.LIT : Verdict.INTO_THE_DARK, asked.bath.verdict);
        assertThat(steps.get(1).leftOn())
                .as("the bedroom's light, behind one")
                .isEqualTo(asked.bedAtDoor ? List.of() : List.of(1));
        assertThat(steps.get(2).leftOn())
                .as("the corridor's light, behind one")
                .isEqualTo(asked.corridorFirst && !asked.corridorLast ? List.of(2) : List.of());
        assertThat(walked(asked.plan()).isGood())
                .isEqualTo(asked.bedAtDoor
                        && asked.corridorFirst
                        && asked.corridorLast
                        && asked.bath.verdict == Verdict.LIT);
    }

    @Test
    void wakingUpWithNothingAtHandIsTold() {
        var plan = button(light(rooms(), 2000, 1), 4, Swing.LEFT, 2100, 1);
        assertThat(walked(plan).steps().getFirst().verdict()).isEqualTo(Verdict.INTO_THE_DARK);
        var lamp = with(plan, FittingKind.TABLE_LAMP, new Fitting.Floor(Position.ofMm(600, 1000), Length.ofMm(900)));
        assertThat(walked(lamp).steps().getFirst().verdict()).isEqualTo(Verdict.LIT);
    }

    /** Through a plain opening the light of the corridor falls into the bath, which has none of its own. */
    @Test
    void openRoomsHaveTheLightOfTheirNeighbours() {
        var plan = new Asked(true, true, true, Last.NOTHING).plan();
        var opening = plan.storeys().getFirst().openings().getLast();
        var open = plan.withStorey(
                storey(plan), s -> s.change(Opening.class, opening.id(), o -> o.withKind(OpeningKind.PLAIN)));
        assertThat(walked(open).isGood()).isTrue();
    }

    /** The demo, lit by first lights: every way through it in the night. */
    @Test
    void theWaysOfTheNightAreFound() {
        var plan = QuillbackLane.plan();
        for (var s : plan.storeys()) {
            plan = StarterLights.of(plan, LaidPlan.of(plan).on(s.id()));
        }
        var upper = LaidPlan.of(plan).all().getLast();
        var ways = NightWays.of(Ways.of(upper));
        assertThat(ways).isNotEmpty();
        assertThat(ways.stream().map(NightWays.Named::words)).allMatch(w -> w.startsWith("From "));
        assertThat(ways.stream()
                        .flatMap(w -> w.walk().steps().stream().skip(1))
                        .filter(s -> !s.isGood())
                        .map(Step::sentence))
                .as("no false alarm")
                .isEmpty();
    }

    /** The same house turned by 17 degrees, and with the corridor's walls bent: what is at a hand stays there. */
    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void slantedAndCurvedWallsAreWalkedAsStraightOnes(boolean isBent) {
        for (var last : Last.values()) {
            var plan = new Asked(true, true, true, last).plan();
            if (isBent) {
                for (var wall : List.of(4, 5)) {
                    plan = WallEdits.bend(plan, storey(plan), TestPlans.wallId(plan, wall), Length.ofMm(300))
                            .orThrow();
                }
            }
            var all =
                    plan.storeys().getFirst().elements().all().map(Element::id).collect(Collectors.toSet());
            var turned =
                    PickedEdits.turn(plan, storey(plan), all, Point.ORIGIN, 17).orThrow();
            var line = Stream.of(new Point(500, 1400), new Point(8000, 1400))
                    .map(p -> Affine.turn(17).apply(p))
                    .toList();
            assertThat(LitWalk.along(TestPlans.laid(turned), line).steps().stream()
                            .map(Step::verdict))
                    .as(last.name())
                    .containsExactly(Verdict.LIT, Verdict.LIT, last.verdict);
        }
    }

    /** A kitchen with a door in the south and a car before it: the ground is lit if a sensor sees who comes home. */
    @Test
    void fromTheCarToTheKitchenOneWalksOverLitGround() {
        var plan = TestPlans.clearRectangle(6000, 4000);
        plan = TestPlans.opening(plan, 0, OpeningKind.OUTER_DOOR, 1000, 900, Hand.FIRST, Swing.LEFT);
        plan = RoomEdits.mark(plan, storey(plan), Position.ofMm(1000, 1500), "Kitchen", Finish.of("wide-oak"))
                .plan();
        plan = light(plan, 3000, 1);
        plan = button(plan, 0, Swing.LEFT, 2050, 1);
        assertThat(fromCar(plan)).as("there is no car").isEmpty();
        var bay = new Structure.ParkingBay(Structure.Car.MIDDLE, Length.ofMm(2800), Length.ofMm(5400));
        plan = StructureEdits.add(plan, storey(plan), bay, Position.ofMm(1500, -6000), 0)
                .plan();
        assertThat(fromCar(plan)).containsExactly("Outside: no light", "Kitchen: lit");
        var wall = new Fitting.WallSide(TestPlans.wallId(plan, 0), Swing.RIGHT, Length.ofMm(2200), Length.ofMm(1900));
        plan = with(plan, FittingKind.OUTDOOR_WALL_LIGHT, wall, 2);
        plan = button(plan, 0, Swing.LEFT, 2050, 2);
        assertThat(fromCar(plan)).containsExactly("Outside: into the dark", "Kitchen: lit");
        var eye = new Fitting.Ceiling(Position.ofMm(1500, -900), Optional.of(Length.ofMm(2200)));
        plan = with(plan, FittingKind.SENSOR, eye, 2);
        assertThat(fromCar(plan)).containsExactly("Outside: lit", "Kitchen: lit");
    }

    private static List<String> fromCar(Plan plan) {
        return NightWays.of(Ways.of(TestPlans.laid(plan))).stream()
                .filter(w -> w.words().equals("From the car to Kitchen"))
                .flatMap(w -> w.walk().steps().stream())
                .map(s -> s.room() + ": " + s.verdict().label())
                .toList();
    }
}
