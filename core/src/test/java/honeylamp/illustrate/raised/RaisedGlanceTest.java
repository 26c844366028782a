package honeylamp.illustrate.raised;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.drawing.Mark;
import honeylamp.edit.OpeningEdits;
import honeylamp.edit.WallEdits;
import honeylamp.geometry.Affine;
import honeylamp.output.ScreenPainter;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Raised;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

class RaisedGlanceTest {
    private static List<Mark> glance(Plan plan) {
        return RaisedGlance.marks(TestPlans.view(plan), subject(plan), 224, 168);
    }

    private static Raised subject(Plan plan) {
        return new Raised.WholeStorey(
                TestPlans.storey(plan), Length.ofMm(1300), new Raised.Eye(Raised.Rays.PARALLEL, 28, 42));
    }

    @Test
    void withoutWallsThereIsNothingToSee() {
        assertThat(glance(TestPlans.start().plan())).isEmpty();
    }

    @Test
    void allOfTheStoreyIsInThePicture() {
        var image = ScreenPainter.overlay(glance(SailclothYard.plan()), Affine.IDENTITY, 1000, 1000)
                .orElseThrow();
        assertThat(image.x()).isBetween(0, 30);
        assertThat(image.y()).isBetween(0, 80);
        assertThat(image.x() + image.image().getWidth()).isBetween(190, 226);
        assertThat(image.y() + image.image().getHeight()).isBetween(90, 170);
    }

    /** Walls are darker on top than any of their sides, so a plan with a wall more is darker. */
    @Test
    void everyWallStands() {
        var room = TestPlans.clearRectangle(5000, 4000);
        var divided = WallEdits.add(
                        room,
                        TestPlans.storey(room),
                        Position.ofMm(2500, 0),
                        Position.ofMm(2500, 4000),
                        BodySide.CENTRE,
                        TestPlans.PARTITION)
                .orThrow()
                .plan();
        assertThat(dark(divided)).isGreaterThan(dark(room) + 50);
    }

    @Test
    void aDoorIsAGapAndAWindowStandsOnItsSill() {
        var room = TestPlans.clearRectangle(5000, 4000);
        var door = opening(room, OpeningKind.DOOR);
        var window = opening(room, OpeningKind.CASEMENT_WINDOW);
        assertThat(dark(door)).isLessThan(dark(room) - 20);
        // under a window the wall stands up to its sill: fewer sides are lost than at a door
        assertThat(filled(window)).isGreaterThan(filled(door));
    }

    private static Plan opening(Plan plan, OpeningKind kind) {
        return OpeningEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        kind,
                        TestPlans.wallId(plan, 0),
                        Length.ofMm(1500),
                        Length.ofMm(1500),
                        Hand.FIRST,
                        Swing.LEFT)
                .plan();
    }

    private static long dark(Plan plan) {
        return count(plan, 0x70);
    }

    private static long filled(Plan plan) {
        return count(plan, 0xF0);
    }

    /** How many pixels are covered and darker than a level. */
    private static long count(Plan plan, int level) {
        var image = ScreenPainter.overlay(glance(plan), Affine.IDENTITY, 224, 168)
                .orElseThrow()
                .image();
        var count = 0L;
        for (var y = 0; y < image.getHeight(); y++) {
            for (var x = 0; x < image.getWidth(); x++) {
                var argb = image.getRGB(x, y);
                if (argb >>> 24 > 0x80 && (argb >> 8 & 0xFF) < level) {
                    count++;
                }
            }
        }
        return count;
    }
}
