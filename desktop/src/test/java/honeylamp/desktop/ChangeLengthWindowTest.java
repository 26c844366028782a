package honeylamp.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestWalls;
import honeylamp.derive.pointing.ShownLength.Axis;
import honeylamp.desktop.gesture.draw.ChangeLength;
import honeylamp.edit.PlanEdits;
import honeylamp.geometry.Point;
import honeylamp.illustrate.words.TierPlaces;
import honeylamp.plan.Motion;
import honeylamp.plan.Plan;
import honeylamp.plan.Side;
import honeylamp.store.PlanDocument;
import honeylamp.units.UnitSystem;
import java.util.Optional;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** Typing over what is shown: a number of a tier, and the clear size of a room; the rooms are 2,300 and 3,300 wide. */
class ChangeLengthWindowTest {
    private static WindowDriver ready(Plan plan) throws Exception {
        var w = WindowDriver.with(PlanDocument.of(plan));
        w.press("stage-dimensions");
        w.press("tool-change-a-length");
        w.show(3000, 2000, 14_000);
        return w;
    }

    private static double width(WindowDriver w, double x) throws Exception {
        return TestWalls.geometry(w.plan())
                .roomAt(new Point(x, 2000))
                .orElseThrow()
                .outline()
                .bounds()
                .width();
    }

    /** Where the overall length is written below the house. */
    private static Point overall(WindowDriver w) throws Exception {
        return WindowDriver.onScreen(() -> {
            var frame = w.model().now().frame();
            var line = TierPlaces.of(w.model().shown().view(), frame).stream()
                    .filter(t -> t.tier().side() == Side.SOUTH)
                    .toList()
                    .getLast()
                    .line();
            return new Point(3000, frame.plan(new Point(0, line)).y());
        });
    }

    @Test
    void aNumberIsTypedOverAndTheSideThatMovesIsChosenOnce() throws Exception {
        try (var w = ready(TestWalls.house())) {
            var at = overall(w);
            w.click(at.x(), at.y());
            assertThat(WindowDriver.onScreen(() -> w.model().readout().beside()))
                    .isEqualTo("the right side moves");
            w.write("6700");
            w.key(KeyCode.ENTER);
            assertThat(width(w, 5000)).isCloseTo(3300 + 400, within(1e-6));
            assertThat(width(w, 1000)).isCloseTo(2300, within(1e-6));
            w.key(KeyCode.CONTROL, KeyCode.Z);
            assertThat(w.plan()).isEqualTo(TestWalls.house());
            var again = overall(w);
            w.click(again.x(), again.y());
            w.key(KeyCode.F);
            w.write("6.7 m");
            w.key(KeyCode.ENTER);
            assertThat(width(w, 1000)).isCloseTo(2300 + 400, within(1e-6));
            assertThat(WindowDriver.onScreen(() -> w.model().now().gesture() instanceof ChangeLength c
                            && c.moving().word(Axis.ACROSS).equals("left")))
                    .isTrue();
        }
    }

    @Test
    void theClearSizeOfARoomIsTypedOver() throws Exception {
        try (var w = ready(TestWalls.house())) {
            w.click(600, 2000); // on the level line through the middle of the left room
            w.write("2550");
            w.key(KeyCode.ENTER);
            assertThat(width(w, 1000)).isCloseTo(2550, within(1e-6));
            assertThat(width(w, 5000)).isCloseTo(3300, within(1e-6));
        }
    }

    @Test
    void whereNothingIsShownAndWhatCannotBeIsSaid() throws Exception {
        try (var w = ready(TestWalls.house())) {
            w.click(-3000, 6500);
            assertThat(w.message()).contains("No length is shown here");
            w.click(600, 2000);
            w.write("12 xx");
            w.key(KeyCode.ENTER);
            assertThat(w.message()).contains("xx");
            assertThat(w.plan()).isEqualTo(TestWalls.house());
        }
    }

    /** A house that stands at 30 degrees: a press into a room takes the length along its longest wall. */
    @Test
    void inATurnedHouseTheClearSizeOfARoomIsTypedOver() throws Exception {
        var turn = Motion.turn(Point.ORIGIN, 30);
        var house = TestWalls.house();
        var turned = house.withStorey(
                house.storeys().getFirst().id(), s -> s.with(s.elements().changed(e -> Optional.of(e.moved(turn)))));
        var in = Point.direction(30).times(1000).plus(Point.direction(120).times(2000));
        try (var w = ready(turned)) {
            var before = area(w, in);
            w.click(in.x(), in.y());
            var shown = WindowDriver.onScreen(
                    () -> ((ChangeLength) w.model().now().gesture()).taken().orElseThrow());
            assertThat(shown.axis().isSlanted()).isTrue();
            w.write(Math.round(shown.lengthMm()) + 500 + "");
            w.key(KeyCode.ENTER);
            assertThat(w.message()).doesNotContain("cannot");
            // one side of a rectangle is longer by half a metre, the other as it was
            var other = before / shown.lengthMm();
            assertThat(area(w, in)).isCloseTo(other * (Math.round(shown.lengthMm()) + 500), within(50.0));
        }
    }

    private static double area(WindowDriver w, Point at) throws Exception {
        return TestWalls.geometry(w.plan()).roomAt(at).orElseThrow().areaMm2();
    }

    @Test
    void inFeetAndInchesTheNewLengthIsFeetAndInches() throws Exception {
        var feet = PlanEdits.in(TestWalls.house(), UnitSystem.FEET_INCHES);
        try (var w = ready(feet)) {
            w.click(600, 2000);
            w.write("10'6\"");
            w.key(KeyCode.ENTER);
            assertThat(width(w, 1000)).isCloseTo(126 * 25.4, within(1e-6));
        }
    }
}
