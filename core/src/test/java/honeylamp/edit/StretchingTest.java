package honeylamp.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.derive.pointing.ShownLength;
import honeylamp.derive.pointing.ShownLength.Axis;
import honeylamp.edit.Stretching.Moving;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Finish;
import honeylamp.plan.Motion;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/**
 * A house of 9,000 by 4,000 mm clear within outer walls of 300, whose inner faces are drawn; partitions of 100 on their
 * middle line stand at 3,050 and 6,050, so three rooms are 3,000, 2,900 and 2,900 wide.
 */
class StretchingTest {
    private static Plan house() {
        return TestPlans.start()
                .chain(BodySide.RIGHT, TestPlans.OUTER, true, 0, 0, 9000, 0, 9000, 4000, 0, 4000)
                .wall(3050, 0, 3050, 4000, BodySide.CENTRE, TestPlans.PARTITION)
                .wall(6050, 0, 6050, 4000, BodySide.CENTRE, TestPlans.PARTITION)
                .plan();
    }

    private static ShownLength across(double from, double to) {
        return new ShownLength(Axis.ACROSS, from, to, new Segment(new Point(from, 0), new Point(to, 0)));
    }

    private static Plan stretched(Plan plan, ShownLength shown, double wanted, Moving moving) {
        return Stretching.to(plan, TestPlans.storey(plan), shown, Length.ofMm(wanted), moving)
                .orThrow();
    }

    private static double x(Plan plan, int wall) {
        return plan.storeys().getFirst().walls().get(wall).from().point().x();
    }

    private static double roomWidth(Plan plan, double x) {
        return TestPlans.geometry(plan)
                .roomAt(new Point(x, 2000))
                .orElseThrow()
                .outline()
                .bounds()
                .width();
    }

    @Test
    void theRightSideMovesWithAllBeyondIt() {
        var wider = stretched(house(), across(3100, 6000), 3400, Moving.HIGH);
        assertThat(roomWidth(wider, 1500)).isCloseTo(3000, within(1e-6));
        assertThat(roomWidth(wider, 4500)).isCloseTo(3400, within(1e-6));
        assertThat(roomWidth(wider, 8000)).isCloseTo(2900, within(1e-6));
        assertThat(x(wider, 1)).isEqualTo(9500); // the outer wall went along
        assertThat(x(wider, 0)).isEqualTo(0);
    }

    @Test
    void theLeftSideMovesTheOtherWay() {
        var wider = stretched(house(), across(3100, 6000), 3400, Moving.LOW);
        assertThat(roomWidth(wider, 1000)).isCloseTo(3000, within(1e-6));
        assertThat(roomWidth(wider, 4500)).isCloseTo(3400, within(1e-6));
        assertThat(x(wider, 0)).isEqualTo(-500);
        assertThat(x(wider, 1)).isEqualTo(9000);
    }

    @Test
    void anOverallLengthFromOuterFaceToOuterFaceIsTypedOver() {
        var longer = stretched(house(), across(-300, 9300), 10_000, Moving.HIGH);
        assertThat(roomWidth(longer, 8000)).isCloseTo(3300, within(1e-6));
        assertThat(roomWidth(longer, 4500)).isCloseTo(2900, within(1e-6));
    }

    @Test
    void openingsAndPiecesBeyondGoAlongAndOthersStay() {
        var plan = TestPlans.opening(house(), 0, OpeningKind.DOOR, 1000, 800, Hand.FIRST, Swing.LEFT);
        plan = TestPlans.opening(plan, 0, OpeningKind.DOOR, 7000, 800, Hand.FIRST, Swing.LEFT);
        plan = RoomEdits.mark(plan, TestPlans.storey(plan), Position.ofMm(8000, 1000), "Den", Finish.of("bare"))
                .plan();
        var wider = stretched(plan, across(3100, 6000), 3400, Moving.HIGH);
        var openings = wider.storeys().getFirst().openings();
        assertThat(openings.get(0).offset().mm()).isEqualTo(1000);
        assertThat(openings.get(1).offset().mm()).isEqualTo(7500);
        assertThat(wider.storeys().getFirst().rooms().getFirst().at().point().x())
                .isEqualTo(8500);
    }

    @Test
    void theWidthOfAnOpeningIsChangedInTheOpening() {
        var plan = TestPlans.opening(house(), 0, OpeningKind.DOOR, 1000, 800, Hand.FIRST, Swing.LEFT);
        var right = stretched(plan, across(1000, 1800), 1200, Moving.HIGH)
                .storeys()
                .getFirst()
                .openings()
                .getFirst();
        assertThat(right.offset().mm()).isEqualTo(1000);
        assertThat(right.width().mm()).isEqualTo(1200);
        var left = stretched(plan, across(1000, 1800), 1200, Moving.LOW)
                .storeys()
                .getFirst()
                .openings()
                .getFirst();
        assertThat(left.offset().mm()).isEqualTo(600);
        assertThat(left.width().mm()).isEqualTo(1200);
    }

    @Test
    void whatCannotBeIsRefusedInWords() {
        var plan = house();
        var storey = TestPlans.storey(plan);
        assertThat(Stretching.to(plan, storey, across(3000, 3100), Length.ofMm(150), Moving.HIGH)
                        .refusal())
                .hasValueSatisfying(why -> assertThat(why).contains("thickness of a wall"));
        var tight = TestPlans.opening(plan, 0, OpeningKind.DOOR, 3200, 2700, Hand.FIRST, Swing.LEFT);
        assertThat(Stretching.to(tight, storey, across(3200, 5900), Length.ofMm(9900), Moving.HIGH)
                        .refusal())
                .hasValueSatisfying(why -> assertThat(why).contains("no room"));
        assertThat(Stretching.to(
                                plan,
                                storey,
                                across(-300, 9300),
                                Length.ofMm(4000),
                                Moving.HIGH) // the second partition
                        .refusal())
                .hasValueSatisfying(why -> assertThat(why).contains("stands in the way"));
        assertThat(Stretching.to(plan, storey, across(-300, 9300), Length.ofMm(4000), Moving.LOW)
                        .refusal())
                .hasValueSatisfying(why -> assertThat(why).contains("stands in the way"));
        assertThat(Stretching.to(plan, storey, across(20_000, 21_000), Length.ofMm(1500), Moving.HIGH)
                        .refusal())
                .hasValueSatisfying(why -> assertThat(why).contains("nothing stands"));
    }

    @Test
    void aDimensionThatWouldMeasureNothingStaysAsItIs() {
        var plan = house();
        var storey = TestPlans.storey(plan);
        plan = NoteEdits.measure(plan, storey, Position.ofMm(5600, 1000), Position.ofMm(6000, 1000), Length.ofMm(100))
                .orThrow()
                .plan();
        var narrower = stretched(plan, across(3100, 6000), 2500, Moving.HIGH); // its end would come to its beginning
        assertThat(narrower.storeys().getFirst().dimensions())
                .isEqualTo(plan.storeys().getFirst().dimensions());
    }

    /** The same house turned by 30 degrees about its corner: what is typed along its own walls moves as in the square one. */
    @Test
    void inATurnedHouseALengthIsTypedAlongItsWalls() {
        var turned = turned(house(), 30);
        var way = Point.direction(30);
        var shown = ShownLength.between(
                        way.times(3100).plus(way.left().times(2000)),
                        way.times(6000).plus(way.left().times(2000)),
                        new Segment(way.times(3100), way.times(6000)))
                .orElseThrow();
        assertThat(shown.lengthMm()).isCloseTo(2900, within(1e-6));
        var wider = Stretching.to(turned, TestPlans.storey(turned), shown, Length.ofMm(3400), Moving.HIGH)
                .orThrow();
        var square = stretched(house(), across(3100, 6000), 3400, Moving.HIGH);
        for (var i = 0; i < square.storeys().getFirst().walls().size(); i++) {
            var there = square.storeys().getFirst().walls().get(i).from().point();
            var expected = way.times(there.x()).plus(way.left().times(there.y()));
            assertThat(wider.storeys().getFirst().walls().get(i).from().point().distance(expected))
                    .isLessThan(1e-3);
        }
    }

    private static Plan turned(Plan plan, double deg) {
        var turn = Motion.turn(Point.ORIGIN, deg);
        return plan.withStorey(
                TestPlans.storey(plan), s -> s.with(s.elements().changed(e -> Optional.of(e.moved(turn)))));
    }

    @Test
    void aLengthAlongWhichOtherWallsWouldTurnIsRefused() {
        // from a corner of the square house slantwise to another
        var shown = ShownLength.between(
                        new Point(0, 0), new Point(9000, 4000), new Segment(new Point(0, 0), new Point(9000, 4000)))
                .orElseThrow();
        assertThat(Stretching.to(house(), TestPlans.storey(house()), shown, Length.ofMm(9900), Moving.HIGH)
                        .refusal())
                .get()
                .asString()
                .contains("would be turned");
    }
}
