package honeylamp.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class ArcTest {
    private static final Curve HALF = Curve.of(new Point(0, 0), new Point(2000, 0), 1000);

    @Test
    void halfACircleRisesLeftAndTurnsClockwise() {
        var arc = (Arc) HALF;
        assertThat(arc.centre().distance(new Point(1000, 0))).isLessThan(1e-9);
        assertThat(arc.radius()).isCloseTo(1000, within(1e-9));
        assertThat(arc.sweep()).isCloseTo(-Math.PI, within(1e-12));
        assertThat(arc.middle().distance(new Point(1000, 1000))).isLessThan(1e-9);
        assertThat(arc.unitAt(0).distance(new Point(0, 1))).isLessThan(1e-12);
        assertThat(arc.bounds().maxY()).isCloseTo(1000, within(1e-9));
    }

    @Test
    void parallelsKeepTheCentre() {
        assertThat(HALF.shiftedLeft(100).length()).isCloseTo(1100 * Math.PI, within(1e-6));
        assertThat(HALF.shiftedLeft(-100).length()).isCloseTo(900 * Math.PI, within(1e-6));
        assertThat(HALF.offset(new Point(1000, 1100))).isCloseTo(100, within(1e-9));
        assertThat(HALF.offset(new Point(1000, 900))).isCloseTo(-100, within(1e-9));
    }

    /** The chord y = 600 of the circle of radius 1000 about (1000, 0) meets it at x = 1000 ± 800. */
    @Test
    void linesAndCirclesCrossWhereTheyShould() {
        var line = new Segment(new Point(-500, 600), new Point(2500, 600));
        assertThat(HALF.crossings(line)).extracting(p -> Math.round(p.x())).containsExactlyInAnyOrder(200L, 1800L);
        assertThat(HALF.crossings(new Segment(new Point(-500, -600), new Point(2500, -600))))
                .isEmpty();
        assertThat(HALF.carriedCrossings(new Segment(new Point(-500, -600), new Point(2500, -600))))
                .hasSize(2);
        var other = Curve.of(new Point(1200, 0), new Point(3200, 0), 1000);
        // equal circles 1200 apart cross midway, 800 above
        assertThat(HALF.crossings(other))
                .singleElement()
                .satisfies(p -> assertThat(p.distance(new Point(1600, 800))).isLessThan(1e-6));
    }

    /** Law: the chords and what they lack make the whole segment of the circle, however fine the chords. */
    @Property(tries = 100, seed = "20261125")
    void chordsAndWhatTheyLackMakeTheWhole(@ForAll long seed) {
        var random = new Random(seed);
        var a = new Point(random.nextInt(5000), random.nextInt(5000));
        var b = a.plus(new Point(500 + random.nextInt(4000), random.nextInt(3000)));
        var curve = Curve.of(a, b, (random.nextBoolean() ? 1 : -1) * (50 + random.nextInt(1500)));
        var coarse = area(curve, 20);
        assertThat(coarse).isCloseTo(area(curve, 0.01), within(1e-3));
    }

    private static double area(Curve curve, double errorMm) {
        var points = new java.util.ArrayList<Point>();
        points.add(curve.a());
        points.addAll(curve.between(errorMm));
        points.add(curve.b());
        return (points.size() < 3 ? 0 : new Ring(points).signedArea()) + curve.areaBeyondChords(errorMm);
    }

    /** Law: a part measured along the arc lies on it, and along() finds it again. */
    @Property(tries = 100, seed = "20261125")
    void whatIsMeasuredAlongIsFoundAgain(@ForAll long seed) {
        var random = new Random(seed);
        var curve = Curve.of(
                Point.ORIGIN, new Point(1000 + random.nextInt(3000), random.nextInt(500)), 100 + random.nextInt(1200));
        var mm = random.nextDouble() * curve.length();
        assertThat(curve.along(curve.at(mm))).isCloseTo(mm, within(1e-6));
        assertThat(curve.distance(curve.at(mm))).isLessThan(1e-6);
        assertThat(curve.reversed().along(curve.at(mm))).isCloseTo(curve.length() - mm, within(1e-6));
    }

    @Test
    void threePointsMakeAnArcAndPointsInLineDoNot() {
        assertThat(Arc.sagitta(new Point(0, 0), new Point(1000, 1000), new Point(2000, 0)))
                .isCloseTo(1000, within(1e-9));
        assertThat(Arc.sagitta(new Point(0, 0), new Point(1000, -1000), new Point(2000, 0)))
                .isCloseTo(-1000, within(1e-9));
        assertThat(Arc.through(new Point(0, 0), new Point(500, 0), new Point(2000, 0)))
                .isInstanceOf(Segment.class);
        // three quarters of a circle of radius 1000 about (0, 0), the long way round through the west
        var long270 = (Arc) Arc.through(new Point(0, -1000), new Point(-1000, 0), new Point(1000, 0));
        assertThat(Math.abs(long270.sweep())).isCloseTo(1.5 * Math.PI, within(1e-9));
    }
}
