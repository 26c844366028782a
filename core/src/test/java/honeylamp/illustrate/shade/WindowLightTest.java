package honeylamp.illustrate.shade;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.demo.place.SailclothYard;
import honeylamp.derive.storeys.LaidPlan;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.drawing.LayerKind;
import honeylamp.drawing.Remembered;
import honeylamp.edit.ViewEdits;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.illustrate.Illustration;
import honeylamp.illustrate.paper.Lamp;
import honeylamp.illustrate.shade.Solids.Solid;
import honeylamp.plan.Light;
import honeylamp.plan.Opening.Hand;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.OpeningKind;
import honeylamp.plan.Plan;
import honeylamp.sheet.SheetComposer;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The sun and the sky on floors through windows, against rays and against what is known of them. */
class WindowLightTest {
    /** 5 by 4 m, a window 1,200 wide in the middle of the wall in the north, sill at 900, head at 2,100. */
    private static Plan room() {
        return TestPlans.opening(
                TestPlans.clearRectangle(5000, 4000),
                2,
                OpeningKind.CASEMENT_WINDOW,
                1900,
                1200,
                Hand.FIRST,
                Swing.LEFT);
    }

    private static StoreyGeometry geometry() {
        return TestPlans.geometry(room());
    }

    private static double thicknessMm() {
        return geometry().cuts().getFirst().thicknessMm();
    }

    private static double northFace() {
        return geometry().rooms().getFirst().outline().bounds().maxY();
    }

    private static double at(WindowLight lit, Point p) {
        return lit.patches().stream().mapToDouble(patch -> patch.at(p)).sum();
    }

    /** At 45° the light falls as far as it is high: over the floor between what both faces let through. */
    @Test
    void theSunLiesWhereBothFacesLetItThrough() {
        var lit = WindowLight.of(geometry(), new Light(0, 45), List.of(), new Remembered());
        var face = northFace();
        var middle = geometry().cuts().getFirst().middle().middle().x();
        var from = face - 900; // farther in than the sill of the inner face is high
        var to = face - 2100 + thicknessMm();
        assertThat(at(lit, new Point(middle, (from + to) / 2))).isEqualTo(1);
        assertThat(at(lit, new Point(middle, from + 80))).isZero();
        assertThat(at(lit, new Point(middle, to - 80))).isZero();
        assertThat(at(lit, new Point(middle + 700, (from + to) / 2))).isZero();
        assertThat(at(lit, new Point(middle + 500, (from + to) / 2))).isEqualTo(1);
        var area = lit.patches().getFirst().steps().get(3).stream()
                .mapToDouble(Outline::area)
                .sum();
        assertThat(area).isCloseTo(1200 * (1200 - thicknessMm()), within(1.0));
    }

    @Test
    void fromTheOtherSideNothingComesInAndAPieceStandsInTheWay() {
        assertThat(WindowLight.of(geometry(), new Light(180, 45), List.of(), new Remembered())
                        .patches())
                .isEmpty();
        var middle = geometry().cuts().getFirst().middle().middle().x();
        var y = northFace() - 1300;
        var chest = new Solid(Outline.of(new Box(middle - 200, y + 300, middle + 200, y + 500).ring()), 600);
        var lit = WindowLight.of(geometry(), new Light(0, 45), List.of(chest), new Remembered());
        assertThat(at(lit, new Point(middle, y))).isZero();
        assertThat(at(lit, new Point(middle + 400, y))).isEqualTo(1);
    }

    /** Ray by ray, whatever the light: up from a point of the floor, through both faces of the wall. */
    @ParameterizedTest
    @CsvSource({"0,45", "30,35", "340,60", "60,25"})
    void aPointIsLitIfItsRayPassesTheOpening(double fromDeg, double altitudeDeg) {
        var light = new Light(fromDeg, altitudeDeg);
        var lit = WindowLight.of(geometry(), light, List.of(), new Remembered());
        var face = northFace();
        var middle = geometry().cuts().getFirst().middle().middle().x();
        var toSun = Math.toRadians(90 - fromDeg);
        var random = new Random(3);
        var seen = 0;
        for (var i = 0; i < 4000; i++) {
            var p = new Point(middle - 2400 + 4800 * random.nextDouble(), face - 20 - 3900 * random.nextDouble());
            var isLit = true;
            var isNearEdge = false;
            for (var plane : new double[] {face, face + thicknessMm()}) {
                var far = (plane - p.y()) / Math.sin(toSun);
                var high = far * Math.tan(Math.toRadians(altitudeDeg));
                var x = p.x() + far * Math.cos(toSun) - middle;
                isLit &= Math.abs(x) < 600 && high > 900 && high < 2100;
                isNearEdge |=
                        Math.abs(Math.abs(x) - 600) < 70 || Math.abs(high - 900) < 70 || Math.abs(high - 2100) < 70;
            }
            if (!isNearEdge) {
                assertThat(at(lit, p)).as("%s", p).isEqualTo(isLit ? 1 : 0);
                seen += isLit ? 1 : 0;
            }
        }
        assertThat(seen).isGreaterThan(10);
    }

    /** An upright wall of sky without end is half the sky; of a window, as many of a spot's rays as meet it. */
    @Test
    void theSkyThatIsSeenThroughAWindowIsThatOfItsRays() {
        var endless = new SkyLight.Pane(new Segment(new Point(-1e9, 0), new Point(1e9, 0)), new Point(0, -1), 0, 1e9);
        assertThat(endless.seenFrom(new Point(0, -1000))).isCloseTo(0.5, within(1e-3));
        var window = new SkyLight.Pane(new Segment(new Point(-700, 0), new Point(700, 0)), new Point(0, -1), 800, 2200);
        assertThat(window.seenFrom(new Point(0, 500))).as("behind it").isZero();
        for (var p : List.of(new Point(0, -1200), new Point(900, -700), new Point(-300, -3500))) {
            var random = new Random(5);
            var through = 0;
            var rays = 400_000;
            for (var i = 0; i < rays; i++) {
                // as many rays to a part of the sky as it lights a level spot: even over the disc below it
                var r = Math.sqrt(random.nextDouble());
                var a = 2 * Math.PI * random.nextDouble();
                var up = Math.sqrt(1 - r * r);
                var north = r * Math.sin(a);
                if (north > 0) {
                    var t = -p.y() / north;
                    var x = p.x() + t * r * Math.cos(a);
                    through += Math.abs(x) < 700 && t * up > 800 && t * up < 2200 ? 1 : 0;
                }
            }
            assertThat(window.seenFrom(p)).isCloseTo(through / (double) rays, within(0.0012));
        }
    }

    @Test
    void aPictureHasTheSunOnItsFloorsUnlessItsLookHasNot() {
        var plan = SailclothYard.plan();
        var kinds = List.of(0.5, 0.0).stream()
                .map(v -> ViewEdits.look(plan, l -> l.withWindowLight(v)))
                .map(p -> SheetComposer.compose(
                                LaidPlan.of(p).pages().getFirst(), Lamp.LIT, Illustration.SCREEN_SHADE_PX_PER_MM)
                        .drawing()
                        .layers()
                        .stream()
                        .map(l -> l.kind())
                        .toList())
                .toList();
        assertThat(kinds.getFirst()).contains(LayerKind.SUNLIGHT);
        assertThat(kinds.getLast()).doesNotContain(LayerKind.SUNLIGHT);
    }
}
