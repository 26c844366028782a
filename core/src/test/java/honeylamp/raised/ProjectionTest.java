package honeylamp.raised;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Point;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Raised.Eye;
import honeylamp.plan.Raised.Rays;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ProjectionTest {
    private static final SpacePoint CORNER = new SpacePoint(1200, -340, 90);

    private static double length(Projection projection, SpacePoint way, double mm) {
        return projection.of(CORNER).distance(projection.of(CORNER.plus(way.times(mm))));
    }

    /** On the true plan every level length is as the plan has it, whichever way it runs; heights are three quarters. */
    @Test
    void onTheTruePlanLevelLengthsAreTrue() {
        var seen = Projection.Parallel.onPlan(30, 0.75);
        for (var deg = 0; deg < 360; deg += 17) {
            var way = SpacePoint.of(Point.direction(deg), 0);
            assertThat(length(seen, way, 4321)).isCloseTo(4321, within(1e-6));
        }
        assertThat(length(seen, SpacePoint.UP, 2600)).isCloseTo(1950, within(1e-6));
    }

    /** From the corner of a cube all three of its directions are seen at true length. */
    @Test
    void threeDirectionsAreSeenAlike() {
        var eye = new Eye(Rays.PARALLEL, 45, Looking.ISOMETRIC_DOWN_DEG);
        var seen = Looking.parallel(eye);
        for (var way : List.of(new SpacePoint(1, 0, 0), new SpacePoint(0, 1, 0), SpacePoint.UP)) {
            assertThat(length(seen, way, 5000)).isCloseTo(5000, within(0.1));
        }
    }

    /** Looking down at d degrees, heights are drawn by cos d and what runs away from the eye by sin d. */
    @Test
    void lengthsAreShortenedByHowSteeplyOneLooks() {
        var seen = Projection.Parallel.turned(0, 36);
        assertThat(length(seen, SpacePoint.UP, 1000)).isCloseTo(1000 * Math.cos(Math.toRadians(36)), within(1e-6));
        assertThat(length(seen, new SpacePoint(0, 1, 0), 1000))
                .isCloseTo(1000 * Math.sin(Math.toRadians(36)), within(1e-6));
        assertThat(length(seen, new SpacePoint(1, 0, 0), 1000)).isCloseTo(1000, within(1e-6));
    }

    /** What lies behind a point of the picture is found again on every plane that is not seen edge on. */
    @Test
    void whatLiesBehindAPointOfThePictureIsFound() {
        var random = new Random(7);
        for (var seen : List.of(
                Projection.Parallel.turned(30, 36),
                Projection.Parallel.onPlan(-20, 0.75),
                Looking.parallel(new Eye(Rays.PARALLEL, 45, Looking.ISOMETRIC_DOWN_DEG)),
                Projection.Perspective.looking(new SpacePoint(0, -8000, 3000), new Point(0, 1), 8000, 120))) {
            for (var i = 0; i < 200; i++) {
                var p = new SpacePoint(random.nextInt(6000) - 3000, random.nextInt(9000), random.nextInt(2500));
                for (var flat :
                        List.of(Flat.level(p.z()), Flat.plumb(p.plan(), 0, Point.direction(5 + random.nextInt(60))))) {
                    var found = seen.through(seen.of(p)).meets(flat);
                    if (Math.abs(flat.normal().dot(seen.towardsEye(p))) > 0.021) {
                        assertThat(found.orElseThrow().distance(p)).isLessThan(1e-5);
                    }
                }
            }
        }
        var level = Projection.Parallel.turned(0, 0);
        assertThat(level.through(new Point(10, 10)).meets(Flat.level(0)))
                .as("looked along")
                .isEmpty();
        var eye = Projection.Perspective.looking(new SpacePoint(0, 0, 1600), new Point(0, 1), 3000, 0);
        assertThat(eye.through(new Point(0, 400)).meets(Flat.level(0)))
                .as("above the horizon there is no floor")
                .isEmpty();
    }

    /** Verticals stay upright in perspective, and what stands so far away as the focal length is seen at true size. */
    @Test
    void verticalsStayUpright() {
        var seen = Projection.Perspective.looking(new SpacePoint(0, -8000, 3000), new Point(0, 1), 8000, 0);
        var foot = seen.of(new SpacePoint(1500, 0, 0));
        var top = seen.of(new SpacePoint(1500, 0, 2500));
        assertThat(top.x()).isCloseTo(foot.x(), within(1e-9));
        assertThat(top.y() - foot.y()).isCloseTo(2500, within(1e-9));
        var far = seen.of(new SpacePoint(1500, 8000, 2500));
        assertThat(far.x()).isCloseTo(750, within(1e-9));
    }

    /** How near a plane is follows from its slope over the picture; and a plane's frame is seen where its points are. */
    @Test
    void planesAreSeenWhereTheirPointsAre() {
        var chance = new Random(5);
        for (var i = 0; i < 200; i++) {
            Projection seen = i % 2 == 0
                    ? Projection.Parallel.turned(360 * chance.nextDouble(), 20 + 50 * chance.nextDouble())
                    : Projection.Perspective.looking(
                            new SpacePoint(100, -9000, 2500),
                            Point.direction(70 + 40 * chance.nextDouble()),
                            7000,
                            300);
            var flat = Flat.plumb(
                    new Point(1000 * chance.nextDouble(), 1000 * chance.nextDouble()),
                    500 * chance.nextDouble(),
                    Point.direction(360 * chance.nextDouble()));
            if (!seen.sees(flat)) {
                continue;
            }
            var there = new Point(2000 * chance.nextDouble(), 1500 * chance.nextDouble());
            var at = seen.of(flat.at(there));
            assertThat(seen.of(flat).apply(there).distance(at)).isLessThan(1e-6);
            var near = seen.nearness(flat.at(there));
            assertThat(seen.slope(flat).at(at)).isCloseTo(near, within(1e-6 * Math.max(1e-3, Math.abs(near))));
        }
    }
}
