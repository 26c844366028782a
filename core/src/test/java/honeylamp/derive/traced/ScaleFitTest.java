package honeylamp.derive.traced;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.TestPlans;
import honeylamp.geometry.Point;
import honeylamp.plan.ElementId.UnderlayId;
import honeylamp.plan.KnownLength;
import honeylamp.plan.KnownLength.Trust;
import honeylamp.plan.Placing;
import honeylamp.plan.Placing.Axes;
import honeylamp.plan.Position;
import honeylamp.plan.Underlay;
import honeylamp.units.Length;
import honeylamp.units.UnitSystem;
import java.util.List;
import org.junit.jupiter.api.Test;

class ScaleFitTest {
    private static KnownLength across(double px, double mm) {
        return new KnownLength(new Point(10, 10), new Point(10 + px, 10), Length.ofMm(mm));
    }

    private static KnownLength up(double px, double mm) {
        return new KnownLength(new Point(20, 700), new Point(20, 700 - px), Length.ofMm(mm));
    }

    private static Underlay with(Axes axes, KnownLength... known) {
        return Underlay.of(
                        new UnderlayId(1),
                        new Underlay.Picture("a".repeat(64), "scan", 1000, 800),
                        new Placing(Position.ORIGIN, 10, 10, 0, axes))
                .withKnownLengths(List.of(known));
    }

    private static ScaleFit fit(Axes axes, KnownLength... known) {
        return ScaleFit.of(with(axes, known)).orElseThrow();
    }

    @Test
    void oneLengthGivesTheScaleAndWhatAPixelIsWorth() {
        var fit = fit(Axes.ONE, across(500, 6000));
        assertThat(fit.mmPerPixelX()).isEqualTo(12);
        assertThat(fit.residuals().getFirst().mm()).isCloseTo(0, within(1e-9));
        assertThat(fit.words(UnitSystem.MM)).contains("12.000 mm per pixel").contains("2.0 mm in a metre");
        assertThat(ScaleFit.of(with(Axes.ONE))).isEmpty();
    }

    /** By hand: s = (500·5000 + 300·3030) / (500² + 300²) = 3,409,000 / 340,000 = 10.026470… */
    @Test
    void severalLengthsAreFittedByLeastSquares() {
        var fit = fit(Axes.ONE, across(500, 5000), up(300, 3030));
        assertThat(fit.mmPerPixelX()).isCloseTo(3_409_000.0 / 340_000, within(1e-12));
        assertThat(fit.residuals().get(0).mm()).isCloseTo(13.235294, within(1e-6));
        assertThat(fit.residuals().get(1).mm()).isCloseTo(-22.058824, within(1e-6));
        assertThat(fit.residuals().get(1).percent()).isCloseTo(-0.728014, within(1e-6));
        assertThat(fit.suspect()).isEmpty();
    }

    @Test
    void theOneThatDisagreesIsNamedAndCanBeLeftOut() {
        var wrong = up(400, 4120);
        var fit = fit(Axes.ONE, across(700, 7000), wrong, across(300, 3002));
        assertThat(fit.suspect()).hasValue(1);
        assertThat(fit.worstPercent()).isGreaterThan(ScaleFit.WARNING_PERCENT);
        assertThat(fit.words(UnitSystem.MM)).contains("4120 mm disagrees").contains("leave it out");
        var without = fit(Axes.ONE, across(700, 7000), wrong.withTrust(Trust.LEFT_OUT), across(300, 3002));
        // (700·7000 + 300·3002) / (700² + 300²) = 5,800,600 / 580,000
        assertThat(without.mmPerPixelX()).isCloseTo(5_800_600.0 / 580_000, within(1e-12));
        assertThat(without.worstPercent()).isLessThan(0.1);
        assertThat(without.residuals().get(1).percent()).isLessThan(-2.8); // still compared
    }

    @Test
    void twoThatDisagreeCannotBeJudged() {
        var fit = fit(Axes.ONE, across(500, 5000), across(480, 5000));
        assertThat(fit.suspect()).isEmpty();
        assertThat(fit.words(UnitSystem.MM)).contains("mark another");
    }

    /** Rows 1.5 % longer: 10 mm per pixel up, 10.15 across, and a slanting length by Pythagoras. */
    @Test
    void aStretchedPictureIsToldFromAWrongLength() {
        var slanting = new KnownLength(
                new Point(100, 700), new Point(400, 300), Length.ofMm(Math.hypot(300 * 10.15, 400 * 10)));
        KnownLength[] lengths = {across(700, 7105), up(600, 6000), slanting};
        var one = fit(Axes.ONE, lengths);
        assertThat(one.stretched().likely()).isTrue();
        assertThat(one.stretched().checked()).isTrue();
        assertThat(one.stretched().percent()).isCloseTo(1.5, within(1e-6));
        assertThat(one.words(UnitSystem.MM)).contains("stretched");
        var two = fit(Axes.SEPARATE, lengths);
        assertThat(two.mmPerPixelX()).isCloseTo(10.15, within(1e-9));
        assertThat(two.mmPerPixelY()).isCloseTo(10, within(1e-9));
        assertThat(two.worstPercent()).isLessThan(1e-6);
        assertThat(fit(Axes.ONE, across(700, 7000), up(600, 6001), slanting.withLength(Length.ofMm(5003)))
                        .stretched()
                        .likely())
                .isFalse();
    }

    /** A room 5,000 by 4,000 clear, 300 thick: outer faces 5,600 apart, and a length written beside it. */
    @Test
    void theTraceIsComparedWithWhatIsWritten() {
        var geometry = TestPlans.geometry(TestPlans.clearRectangle(5000, 4000));
        // 10 mm per pixel from (-1000, 5000): plan x = -1000 + 10 px, y = 5000 - 10 px
        var inner = new KnownLength(new Point(100, 300), new Point(600, 300), Length.ofMm(5020));
        var outer = new KnownLength(new Point(70, 570), new Point(630, 570), Length.ofMm(5600));
        var missing = new KnownLength(new Point(70, 600), new Point(900, 600), Length.ofMm(8300));
        var underlay = with(Axes.ONE, inner, outer, missing).withPlacing(Placing.of(Position.ofMm(-1000, 5000), 10, 0));
        var rows = TracedLengths.of(geometry, underlay);
        assertThat(rows.get(0).pictureMm()).isCloseTo(5000, within(1e-6));
        assertThat(rows.get(0).tracedMm().orElseThrow()).isCloseTo(5000, within(1e-6));
        assertThat(rows.get(0).differenceMm().orElseThrow()).isCloseTo(-20, within(1e-6));
        assertThat(rows.get(1).differenceMm().orElseThrow()).isCloseTo(0, within(1e-6));
        assertThat(rows.get(2).tracedMm()).isEmpty();
    }
}
