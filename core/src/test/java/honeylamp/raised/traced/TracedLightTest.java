package honeylamp.raised.traced;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.body.Body;
import honeylamp.body.Boxes;
import honeylamp.body.Facet;
import honeylamp.body.Skin;
import honeylamp.derive.lighting.Beam;
import honeylamp.derive.lighting.LampPoint.Aim;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Emission;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.raised.Projection;
import honeylamp.raised.Scene;
import honeylamp.raised.traced.LightSources.Lamp;
import honeylamp.raised.traced.LightSources.Rgb;
import honeylamp.raised.traced.LightSources.Sun;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ForkJoinPool;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class TracedLightTest {
    private static final Rgb ONE = new Rgb(1, 1, 1);
    private static final Rgb HALF = new Rgb(0.5f, 0.5f, 0.5f);
    private static final LightSources SKY = new LightSources(ONE, Rgb.NONE, Optional.empty(), List.of(), 0);

    private static LightSources sun(SpacePoint towards) {
        return new LightSources(Rgb.NONE, Rgb.NONE, Optional.of(new Sun(towards, ONE)), List.of(), 0);
    }

    /** A level plate of 4 by 4 m with its top at the height 0. */
    private static Body plate() {
        return Boxes.box(0, 0, -100, 4000, 4000, 100, 0);
    }

    private static Scene fromAbove(List<Body> bodies) {
        return new Scene(bodies, Projection.Parallel.turned(0, 90));
    }

    private static LightMap lit(Scene scene, Rgb thrown, LightSources sources, int longerPx, int rays) {
        return new TracedLight(scene, (_, _) -> thrown, sources)
                .map(longerPx, scene.bounds().orElseThrow(), rays, _ -> {}, () -> true)
                .orElseThrow();
    }

    /** The mean light around a place of the picture. */
    private static double at(LightMap map, double x, double y, int around) {
        var px = map.width() / map.box().width();
        var column = (int) ((x - map.box().minX()) * px);
        var row = (int) ((y - map.box().minY()) * px);
        var sum = 0.0;
        for (var j = -around; j <= around; j++) {
            for (var i = -around; i <= around; i++) {
                sum += map.green()[(row + j) * map.width() + column + i];
            }
        }
        return sum / (2 * around + 1) / (2 * around + 1);
    }

    @Test
    void aLevelPlateUnderTheOpenSkyHasAllOfItsLight() {
        assertThat(at(lit(fromAbove(List.of(plate())), HALF, SKY, 60, 4), 0, 0, 5))
                .isCloseTo(1, within(1e-5));
    }

    /** At the foot of the middle of a wall without end half of the sky is hidden; this one is 30 times as wide and high as it is far. */
    @Test
    void aWallHidesHalfOfTheSkyAtItsFoot() {
        var wall = Boxes.box(0, 150, 0, 6000, 100, 3000, 0);
        var light = at(lit(fromAbove(List.of(plate(), wall)), Rgb.NONE, SKY, 400, 64), 0, 30, 2);
        assertThat(light).isCloseTo(0.5, within(0.05));
    }

    /** By Lambert's law, on all surfaces alike; what stands in the way of the sun leaves nothing. */
    @Test
    void theSunLightsByTheCosineAndCastsShadows() {
        var towards = new SpacePoint(Math.sin(Math.toRadians(50)), 0, Math.cos(Math.toRadians(50)));
        var box = Boxes.box(0, 0, 0, 400, 400, 1000, 0);
        var map = lit(fromAbove(List.of(plate(), box)), Rgb.NONE, sun(towards), 200, 16);
        assertThat(at(map, 1500, 1500, 3)).isCloseTo(Math.cos(Math.toRadians(50)), within(0.01));
        // 1000 mm high under 40 degrees it throws a shadow of 1192 mm towards the west
        assertThat(at(map, -700, 0, 3)).isLessThan(0.01);
        assertThat(at(map, -200 - 1192 + 150, 0, 2)).isLessThan(0.1);
        assertThat(at(map, -200 - 1192 - 150, 0, 2)).isGreaterThan(0.55);
    }

    /** I cos / d2, with I as the beam has it; behind a screen there is none. */
    @Test
    void aLampLightsByTheSquareOfTheDistance() {
        var beam = Beam.of(new Emission(1000, 10, 360, 3000, Emission.Dimming.FULL), 1);
        var lamp = new Lamp(new SpacePoint(0, 0, 2000), Aim.DOWN, beam, ONE);
        var sources = new LightSources(Rgb.NONE, Rgb.NONE, Optional.empty(), List.of(lamp), 0);
        var screen = Boxes.box(-1000, 0, 900, 300, 300, 20, 0);
        var map = lit(fromAbove(List.of(plate(), screen)), Rgb.NONE, sources, 700, 4);
        var candela = 1000 / (4 * Math.PI);
        assertThat(at(map, 0, 0, 2)).isCloseTo(candela / 4, within(candela / 4 * 0.01));
        var far2 = 1.5 * 1.5 + 2 * 2;
        assertThat(at(map, 1500, 0, 2)).isCloseTo(candela / far2 * 2 / Math.sqrt(far2), within(candela / far2 * 0.02));
        // the screen at half its height hides what lies twice as far from below the lamp as its middle does
        assertThat(at(map, -1000 * 2000.0 / 1090, 0, 2)).isLessThan(candela / far2 * 0.02);
    }

    /** A lit wall lights the floor before it by what the floor sees of it. */
    @Test
    void lightIsThrownOnFromSurfaceToSurface() {
        var wall = Boxes.box(0, 1000, 0, 4000, 100, 2000, 0);
        var towards = new SpacePoint(0, -Math.sin(Math.toRadians(60)), Math.cos(Math.toRadians(60)));
        var scene = fromAbove(List.of(plate(), wall));
        var straight = new LightSources(Rgb.NONE, Rgb.NONE, Optional.of(new Sun(towards, ONE)), List.of(), 0);
        var thrown = new LightSources(Rgb.NONE, Rgb.NONE, Optional.of(new Sun(towards, ONE)), List.of(), 1);
        var first = at(lit(scene, HALF, straight, 100, 16), 0, 500, 4);
        var more = at(lit(scene, HALF, thrown, 100, 64), 0, 500, 4);
        // the wall is lit by cos 30; half is thrown back; from 450 mm it takes up this share of what a plate sees, by
        // the
        // configuration factor of a rectangle square to a small plate (Howell, A Catalog of Radiation Heat Transfer
        // Configuration Factors, B-4), both halves of it
        var seen = 2 * squareRectangle(2000, 2000, 450);
        assertThat(more - first).isCloseTo(Math.cos(Math.toRadians(30)) * 0.5 * seen, within(0.02));
    }

    /** The configuration factor from a small plate to a rectangle square to it, so wide and high, its corner so far before it. */
    private static double squareRectangle(double wide, double high, double far) {
        var root = Math.sqrt(high * high + far * far);
        return 1 / (2 * Math.PI) * (Math.atan(wide / far) - far / root * Math.atan(wide / root));
    }

    private static Body cover(double minX, double maxX) {
        return new Body(
                Kind.OVERHEAD,
                Optional.empty(),
                List.of(new Facet(
                        Flat.level(2500).turnedOver(),
                        Outline.of(new Box(-2000, minX, 2000, maxX).ring()),
                        Skin.of(Role.BODY))));
    }

    /** A room of 4 by 4 m below a lid with a hole; seen from above through the lid, which looks down. */
    private static List<Body> room(boolean isGlazed) {
        var out = new ArrayList<Body>();
        out.add(plate());
        out.add(Boxes.box(0, 2050, 0, 4200, 100, 2500, 0));
        out.add(Boxes.box(0, -2050, 0, 4200, 100, 2500, 0));
        out.add(Boxes.box(2050, 0, 0, 100, 4200, 2500, 0));
        out.add(Boxes.box(-2050, 0, 0, 100, 4200, 2500, 0));
        out.add(cover(-2000, -400));
        out.add(cover(400, 2000));
        if (isGlazed) {
            out.add(new Body(
                    Kind.OPENINGS,
                    Optional.empty(),
                    List.of(new Facet(
                            Flat.level(2500), Outline.of(new Box(-400, -2000, 400, 2000).ring()), Skin.glass()))));
        }
        return out;
    }

    /** Whether rays are sent to panes on purpose or find the same hole by chance, it is as light. */
    @Test
    void panesLetInWhatComesThroughHolesOfTheirSize() {
        var sources = new LightSources(ONE, Rgb.NONE, Optional.empty(), List.of(), 2);
        var byChance = lit(fromAbove(room(false)), HALF, sources, 60, 256);
        var onPurpose = lit(fromAbove(room(true)), HALF, sources, 60, 256);
        for (var x : new double[] {-1500, 0, 1200}) {
            var light = at(byChance, x, 200, 6);
            assertThat(light).as("at " + x).isGreaterThan(0.05);
            assertThat(at(onPurpose, x, 200, 6)).as("at " + x).isCloseTo(light, within(0.06 * light));
        }
    }

    @Test
    void itIsTheSameHoweverManyWorkOnIt() throws Exception {
        var scene = fromAbove(room(true));
        var sources = new LightSources(ONE, HALF, Optional.of(new Sun(SpacePoint.UP, HALF)), List.of(), 2);
        var first = lit(scene, HALF, sources, 50, 8);
        try (var alone = new ForkJoinPool(1)) {
            var second = alone.submit(() -> lit(scene, HALF, sources, 50, 8)).get();
            assertThat(second.red()).containsExactly(first.red());
            assertThat(second.blue()).containsExactly(first.blue());
        }
    }

    @Test
    void itGetsBetterAndEndsWhenNobodyWaits() {
        var scene = fromAbove(List.of(plate()));
        var told = new ArrayList<Integer>();
        var traced = new TracedLight(scene, (_, _) -> HALF, SKY);
        var box = scene.bounds().orElseThrow();
        assertThat(traced.map(40, box, 16, step -> told.add(step.rays()), () -> true))
                .isPresent();
        assertThat(told).containsExactly(1, 2, 4, 8);
        var asked = new AtomicInteger();
        assertThat(traced.map(40, box, 16, _ -> {}, () -> asked.incrementAndGet() < 50))
                .isEmpty();
    }

    /** A ray meets what it meets if every triangle is asked one after the other. */
    @Test
    void theTreeFindsWhatIsMetFirst() {
        var chance = new Random(7);
        for (var scene = 0; scene < 50; scene++) {
            var bodies = Boxes.byChance(chance, 12);
            var facets = bodies.stream().flatMap(b -> b.facets().stream()).toList();
            var triangles = new ArrayList<RayTree.Triangle>();
            for (var i = 0; i < facets.size(); i++) {
                for (var ring : Regions.triangles(facets.get(i).outline())) {
                    var c = facets.get(i).inSpace(ring);
                    triangles.add(new RayTree.Triangle(c.get(0), c.get(1), c.get(2), i));
                }
            }
            var tree = new RayTree(triangles);
            for (var k = 0; k < 60; k++) {
                var from = new SpacePoint(6000 * chance.nextDouble(), 6000 * chance.nextDouble(), 2500);
                var to = new SpacePoint(6000 * chance.nextDouble(), 6000 * chance.nextDouble(), 0);
                var way = to.minus(from).unit();
                var ray = new RayTree.Ray();
                ray.x = (float) from.x();
                ray.y = (float) from.y();
                ray.z = (float) from.z();
                ray.dx = (float) way.x();
                ray.dy = (float) way.y();
                ray.dz = (float) way.z();
                ray.far = 1e6f;
                tree.first(ray);
                var nearest = facets.stream()
                        .mapToDouble(f -> far(f, from, way))
                        .min()
                        .orElse(1e6);
                assertThat((double) ray.far)
                        .as("scene " + scene + " ray " + k)
                        .isCloseTo(Math.min(1e6, nearest), within(0.5));
            }
        }
    }

    /** How far along a ray the plane of a facet is met within it; as far as can be if it is not. */
    private static double far(Facet facet, SpacePoint from, SpacePoint way) {
        var towards = facet.normal().dot(way);
        if (Math.abs(towards) < 1e-9) {
            return 1e6;
        }
        var t = facet.normal().dot(facet.flat().origin().minus(from)) / towards;
        Point at = facet.flat().of(from.plus(way.times(t)));
        return t > 0 && facet.outline().contains(at) ? t : 1e6;
    }
}
