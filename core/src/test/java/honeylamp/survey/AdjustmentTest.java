package honeylamp.survey;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Point;
import honeylamp.survey.Adjustment.Method;
import honeylamp.survey.reading.Survey;
import honeylamp.survey.reading.Survey.Diagonal;
import honeylamp.survey.reading.Survey.Leg;
import honeylamp.survey.reading.Survey.OnLeg;
import honeylamp.survey.reading.Survey.Reading;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;

class AdjustmentTest {
    private static Leg leg(String from, String to, double mm, double turnDeg) {
        return new Leg(1, from, to, Length.ofMm(mm), OptionalDouble.of(turnDeg), Survey.USUAL_THICKNESS, "");
    }

    private static Survey survey(Reading... readings) {
        return new Survey("test", Length.ofMm(2500), List.of(readings));
    }

    /** East 4028, north 3000, west 2000 twice, south 2986: it comes out 28 mm east and 14 mm north. */
    private static Reading[] fiveLegs() {
        return new Reading[] {
            leg("A", "B", 4028, 0),
            leg("B", "C", 3000, 90),
            leg("C", "D", 2000, 90),
            leg("D", "E", 2000, 0),
            leg("E", "A", 2986, 90)
        };
    }

    private static void at(Map<String, Point> stations, String name, double x, double y) {
        assertThat(stations.get(name).distance(new Point(x, y))).as(name).isLessThan(0.002);
    }

    @Test
    void theClosingErrorIsSeen() throws SurveyException {
        var closing = Traverse.of(survey(fiveLegs())).closings().getFirst();
        assertThat(closing.error().distance(new Point(28, 14))).isLessThan(1e-9);
        assertThat(closing.errorMm()).isCloseTo(31.305, within(0.001)); // √(28² + 14²)
        assertThat(closing.lengthMm()).isEqualTo(14_014);
        assertThat(closing.ratio()).isCloseTo(447.66, within(0.01));
    }

    /** By hand: each mm walked takes off 28/14014 mm east and 14/14014 mm north. */
    @Test
    void theCompassRuleSpreadsItByLength() throws SurveyException {
        var done = Adjustment.of(survey(fiveLegs()));
        assertThat(done.method()).isEqualTo(Method.COMPASS_RULE);
        at(done.stations(), "A", 0, 0);
        at(done.stations(), "B", 4028 - 8.0480, -4.0240);
        at(done.stations(), "C", 4028 - 14.0420, 3000 - 7.0210);
        at(done.stations(), "D", 2028 - 18.0380, 3000 - 9.0190);
        at(done.stations(), "E", 28 - 22.0340, 3000 - 11.0170);
        // the last leg closes exactly: from E back to A
        assertThat(done.corrections().getLast().way().distance(new Point(-5.9660, -2.9830)))
                .isLessThan(0.002);
        assertThat(done.closingWords())
                .isEqualTo("closing error 31 mm in 14.01 m (1:448), spread over the legs by the compass rule");
    }

    /** Weighted squares over all readings, written out here anew: 3 mm for lengths, half a degree for turns. */
    private static double missed(List<Reading> readings, Map<String, Point> at) {
        var sum = 0.0;
        Point before = new Point(1, 0);
        var first = true;
        for (var reading : readings) {
            switch (reading) {
                case Leg l -> {
                    var way = at.get(l.to()).minus(at.get(l.from()));
                    sum += Math.pow((way.length() - l.length().mm()) / 3, 2);
                    if (!first) {
                        var turned = Math.toDegrees(Math.atan2(before.cross(way), before.dot(way)));
                        sum += Math.pow((turned - l.turnDeg().orElseThrow()) / 0.5, 2);
                    }
                    before = way;
                    first = false;
                }
                case Diagonal d ->
                    sum += Math.pow(
                            (at.get(d.from()).distance(at.get(d.to()))
                                            - d.length().mm())
                                    / 3,
                            2);
                default -> throw new IllegalStateException();
            }
        }
        return sum;
    }

    @Test
    void withADiagonalNoOtherPlaceOfAnyStationFitsBetter() throws SurveyException {
        List<Reading> readings = new ArrayList<>(List.of(fiveLegs()));
        readings.add(new Diagonal(6, "A", "C", Length.ofMm(4990)));
        var done = Adjustment.of(new Survey("test", Length.ofMm(2500), readings));
        assertThat(done.method()).isEqualTo(Method.LEAST_SQUARES);
        var best = missed(readings, done.stations());
        assertThat(best)
                .isLessThan(missed(readings, Adjustment.of(survey(fiveLegs())).stations()));
        for (var name : List.of("B", "C", "D", "E")) {
            for (var step : List.of(new Point(0.05, 0), new Point(-0.05, 0), new Point(0, 0.05), new Point(0, -0.05))) {
                if (name.equals("B") && step.y() != 0) {
                    continue; // the first leg keeps its direction
                }
                var moved = new java.util.HashMap<>(done.stations());
                moved.put(name, moved.get(name).plus(step));
                assertThat(missed(readings, moved))
                        .as("%s moved by %s", name, step)
                        .isGreaterThan(best);
            }
        }
    }

    /**
     * A 3-4-5 rectangle whose lengths are all read true, with turns that were not: lengths alone fix it, and
     * least squares must find the rectangle though the walk started 1.2° off.
     */
    @Test
    void diagonalsPutRightWhatWasTakenForSquare() throws SurveyException {
        var open = new Leg(1, "B", "C", Length.ofMm(3000), OptionalDouble.empty(), Survey.USUAL_THICKNESS, "");
        var next = new Leg(1, "C", "D", Length.ofMm(4000), OptionalDouble.empty(), Survey.USUAL_THICKNESS, "");
        var last = new Leg(1, "D", "A", Length.ofMm(3000), OptionalDouble.empty(), Survey.USUAL_THICKNESS, "");
        // a parallelogram leaning by 200 mm: by Pythagoras its heights and diagonals follow
        var h = Math.sqrt(3000.0 * 3000 - 200.0 * 200);
        var done = Adjustment.of(survey(
                leg("A", "B", 4000, 0),
                open,
                next,
                last,
                new Diagonal(5, "A", "C", Length.ofMm(Math.hypot(4200, h))),
                new Diagonal(6, "B", "D", Length.ofMm(Math.hypot(3800, h)))));
        at(done.stations(), "C", 4200, h);
        at(done.stations(), "D", 200, h);
        assertThat(done.misfits()).allSatisfy(m -> assertThat(m.mm()).isCloseTo(0, within(0.01)));
    }

    @Test
    void aBranchClosesOnTheRingWithoutMovingIt() throws SurveyException {
        var done = Adjustment.of(
                survey(
                        leg("A", "B", 6000, 0),
                        leg("B", "C", 4000, 90),
                        leg("C", "D", 6000, 90),
                        leg("D", "A", 4000, 90),
                        new OnLeg(5, "P", "A", "B", Length.ofMm(2000)),
                        new OnLeg(6, "Q", "C", "D", Length.ofMm(4010)),
                        leg("P", "Q", 3990, 90)),
                Method.COMPASS_RULE);
        at(done.stations(), "B", 6000, 0);
        at(done.stations(), "P", 2000, 0);
        at(done.stations(), "Q", 1990, 4000); // read on the far wall, not walked to
        assertThat(done.closings().getLast().error().distance(new Point(10, -10)))
                .isLessThan(1e-6);
        assertThat(done.corrections().getLast().way().distance(new Point(-10, 10)))
                .isLessThan(1e-6);
    }

    @Test
    void whatCannotBePutTogetherSaysWhichLine() {
        assertThatThrownBy(() -> Adjustment.of(survey(leg("A", "B", 1000, 0), leg("X", "Y", 1000, 90))))
                .isInstanceOf(SurveyException.class)
                .hasMessageContaining("X-Y begins at X");
        assertThatThrownBy(() -> Adjustment.of(survey())).hasMessageContaining("no leg");
        assertThatThrownBy(() ->
                        Adjustment.of(survey(leg("A", "B", 1000, 0), new OnLeg(2, "P", "A", "B", Length.ofMm(1200)))))
                .hasMessageContaining("beyond the end");
        assertThatThrownBy(() -> Adjustment.of(
                        survey(leg("A", "B", 1000, 0), new Diagonal(9, "A", "Z", Length.ofMm(1200))),
                        Method.COMPASS_RULE))
                .satisfies(e -> assertThat(((SurveyException) e).line()).isEqualTo(9));
    }
}
