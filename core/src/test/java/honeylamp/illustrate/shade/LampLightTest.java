package honeylamp.illustrate.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.Mark;
import honeylamp.drawing.ink.Ink;
import honeylamp.edit.FurnishingEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.paper.PaperFrame;
import honeylamp.plan.Light.Evening;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The light of lamps in the evening. */
class LampLightTest {
    private static final PaperFrame FRAME = PaperFrame.atOrigin(50);
    private static final double PX = 2;
    private static final LampLight.Asked ASKED = new LampLight.Asked(Evening.ALL, List.of(), LampLight.Outside.NIGHT);

    /** A picture of light, read at points of the plan. */
    private record Lit(Mark.Clip clip) {
        static Lit of(StoreyGeometry geometry, List<Box> words) {
            return new Lit((Mark.Clip) LampLight.of(geometry, FRAME, ASKED, words, List.of(), PX));
        }

        /** The red that is left of white, from 0 to 1. */
        double at(double x, double y) {
            var image = (Mark.Image) clip.inside().getFirst();
            var on = FRAME.paper(new Point(x, y));
            var column = (int) ((on.x() - image.where().minX()) * PX);
            var row = (int) ((on.y() - image.where().minY()) * PX);
            return (image.pixels().argb()[row * image.pixels().width() + column] >> 16 & 0xff) / 255.0;
        }
    }

    private static Plan lamp(Plan plan, double x, double y) {
        return FurnishingEdits.add(
                        plan,
                        TestPlans.storey(plan),
                        "floor-lamp",
                        Length.ofMm(450),
                        Length.ofMm(450),
                        Length.ofMm(1600),
                        Position.ofMm(x, y),
                        0)
                .plan();
    }

    @Test
    void itIsBrightByALampAndFadesFromIt() {
        var room = lamp(TestPlans.clearRectangle(9000, 4000), 1000, 2000);
        var lit = Lit.of(TestPlans.geometry(room), List.of());
        assertThat(lit.at(1000, 2000)).isGreaterThan(0.9);
        assertThat(lit.at(1000, 2000)).isGreaterThan(lit.at(2500, 2000));
        assertThat(lit.at(8800, 200)).as("far from it").isLessThan(0.6);
    }

    /** The demo: the bedroom's lamps light nothing behind its wall, where the stairs are, but what its door lets out. */
    @Test
    void wallsStopItAndItsMiddleIsDim() {
        var dark = TestPlans.clearRectangle(3000, 3000);
        var lit = Lit.of(TestPlans.geometry(dark), List.of());
        assertThat(lit.at(-150, 1500)).as("within a wall").isCloseTo(0.27, within(0.02));
        assertThat(lit.at(1500, 1500))
                .as("a room without a lamp has a light in its middle")
                .isGreaterThan(0.8);
    }

    @Test
    void windowsAreLeftOutAndKeepTheirGlow() {
        var plan = SailclothYard.plan();
        var geometry = TestPlans.geometry(plan);
        var clip = Lit.of(geometry, List.of()).clip().path();
        for (var cut : geometry.cuts()) {
            var middle = FRAME.paper(cut.middle().middle());
            assertThat(clip.encloses(middle, 6))
                    .as(cut.opening().kind().name())
                    .isEqualTo(!cut.opening().kind().isWindow());
        }
    }

    @Test
    void whereWordsAreReadThereIsLightEnough() {
        var room = TestPlans.geometry(TestPlans.clearRectangle(9000, 8000));
        var corner = new Box(2, -16, 14, -10); // 500 by 600 mm from the corner at the origin, at 1:50
        var before = Lit.of(room, List.of()).at(400, 650);
        var after = Lit.of(room, List.of(corner)).at(400, 650);
        assertThat(before).isLessThan(0.85);
        assertThat(after).isGreaterThan(0.92);
        assertThat(LampLight.underWords(Ink.of(0xffffff)).rgb() >> 16)
                .as("what is said of it")
                .isCloseTo((int) Math.round(255 * after), within(3));
    }

    /** Pale words outside need the dark: none of the lamp's light lies there, farther off it does. */
    @Test
    void whereWordsAreReadOutsideItStaysDark() {
        var room = TestPlans.geometry(lamp(TestPlans.clearRectangle(9000, 4000), 1000, 2000));
        var around = FRAME.paper(new Box(800, 1800, 1200, 2200));
        var dark = new Lit((Mark.Clip) LampLight.of(room, FRAME, ASKED, List.of(), List.of(around), PX));
        assertThat(dark.at(1000, 2000)).isCloseTo(0.27, within(0.03));
        assertThat(dark.at(1800, 2000)).isCloseTo(Lit.of(room, List.of()).at(1800, 2000), within(0.01));
    }

    /** A window 1,200 wide in the north wall: light before it, brightest at the glass, none in the wall or past 400 (8 paper mm). */
    @Test
    void lightFallsOutOfWindows() {
        var plan = TestPlans.opening(
                TestPlans.clearRectangle(5000, 4000),
                2,
                OpeningKind.CASEMENT_WINDOW,
                1900,
                1200,
                Hand.FIRST,
                Swing.LEFT);
        var geometry = TestPlans.geometry(plan);
        var glow = (Mark.Clip)
                WindowGlow.of(geometry, FRAME, new Ink(0xf0c880, 1), _ -> true).orElseThrow();
        var x = geometry.cuts().getFirst().middle().middle().x();
        var face = geometry.shellBounds().orElseThrow().maxY();
        assertThat(covers(glow, x, face + 20)).isGreaterThan(0.15).isLessThan(0.25);
        assertThat(covers(glow, x, face + 200)).isLessThan(covers(glow, x, face + 20));
        assertThat(covers(glow, x, face + 420)).isZero();
        assertThat(covers(glow, x, face - 100)).as("in the wall").isZero();
        assertThat(covers(glow, x + 1000, face + 20)).as("beside it").isZero();
        assertThat(WindowGlow.of(
                        TestPlans.geometry(TestPlans.clearRectangle(5000, 4000)), FRAME, new Ink(0, 1), _ -> true))
                .isEmpty();
    }

    private static double covers(Mark.Clip glow, double x, double y) {
        return glow.inside().stream()
                .map(Mark.Fill.class::cast)
                .filter(fill -> fill.path().encloses(FRAME.paper(new Point(x, y)), 8))
                .mapToDouble(fill -> fill.ink().opacity())
                .sum();
    }
}
