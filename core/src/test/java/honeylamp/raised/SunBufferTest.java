package honeylamp.raised;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.TestPlans;
import honeylamp.body.Body;
import honeylamp.body.StoreyBodies;
import honeylamp.edit.RoomEdits;
import honeylamp.geometry.Point;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Finish;
import honeylamp.plan.Fitting;
import honeylamp.plan.FittingKind;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Showing.Kind;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What the sun reaches, place by place: by how long shadows must be, and as it is worked out exactly. */
class SunBufferTest {
    /** From the south at 45°: shadows are as long as things are high, to the north. */
    private static final SpacePoint SOUTH = new SpacePoint(0, -1, 1).unit();

    /** A wardrobe 1,200 × 600 mm and 2 m high in the middle of a large room whose walls are not there. */
    private static Scene wardrobe(Projection projection) {
        var plan = TestPlans.with(floored(12_000, 9000), "wardrobe", 1200, 600, 2000, 6000, 3000, 0);
        return new Scene(
                bodies(plan).stream().filter(b -> b.kind() != Kind.WALLS).toList(), projection);
    }

    private static Plan floored(double wide, double deep) {
        var plan = TestPlans.clearRectangle(wide, deep);
        return RoomEdits.mark(
                        plan, TestPlans.storey(plan), Position.ofMm(500, 500), "Living room", Finish.of("wide-oak"))
                .plan();
    }

    private static List<Body> bodies(Plan plan) {
        var storey = TestPlans.laid(plan);
        return StoreyBodies.whole(storey, storey.storey().height().mm(), StoreyBodies.Below.DARK);
    }

    private static int floor(Scene scene) {
        for (var i = 0; i < scene.count(); i++) {
            if (scene.body(i).kind() == Kind.FINISHES && scene.facet(i).normal().z() > 0.9) {
                return i;
            }
        }
        throw new AssertionError("no floor");
    }

    private static boolean isDark(SunBuffer light, Scene scene, Point onFloor) {
        var p = scene.projection().of(SpacePoint.of(onFloor, 0));
        return light.isDark(floor(scene), p.x(), p.y());
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, 40, 200})
    void aShadowIsAsLongAsTheSunIsHigh(double turnDeg) {
        var scene = wardrobe(Projection.Parallel.turned(turnDeg, 50));
        var light = SunBuffer.of(scene, SOUTH, 1500).orElseThrow();
        // it stands from 2,700 to 3,300 mm; its shadow ends 2 m behind its back
        for (var x : new double[] {5500, 6000, 6500}) {
            assertThat(isDark(light, scene, new Point(x, 2600))).isFalse();
            assertThat(isDark(light, scene, new Point(x, 3400))).isTrue();
            assertThat(isDark(light, scene, new Point(x, 5250))).isTrue();
            assertThat(isDark(light, scene, new Point(x, 5350))).isFalse();
        }
        assertThat(isDark(light, scene, new Point(5350, 4000))).isFalse();
        assertThat(isDark(light, scene, new Point(6650, 4000))).isFalse();
    }

    @Test
    void whatLooksAwayIsNeverInShadow() {
        var scene = wardrobe(Projection.Parallel.turned(180, 30));
        var light = SunBuffer.of(scene, SOUTH, 1500).orElseThrow();
        for (var i = 0; i < scene.count(); i++) {
            var looks = scene.facet(i).normal().dot(SOUTH) > 1e-9;
            assertThat(light.looksToLight(i)).isEqualTo(looks);
            var at = scene.box(i).centre();
            assertThat(!looks && light.isDark(i, at.x(), at.y())).isFalse();
        }
    }

    /** Of a room with pieces, lit at a slant: dark where the exact parts are dark, but for a hair along their edges. */
    @Test
    void asItIsWorkedOutExactly() {
        var scene = wardrobe(Projection.Parallel.turned(205, 40));
        var from = new SpacePoint(-0.4, -0.7, 0.9).unit();
        var light = SunBuffer.of(scene, from, 2000).orElseThrow();
        var dark = SunParts.of(scene, SeenParts.of(scene), from);
        var asked = 0;
        var darkThere = 0;
        var nearest = scene.nearest(scene.bounds().orElseThrow(), 300);
        for (var at = 0; at < nearest.facets().length; at++) {
            var facet = nearest.facets()[at];
            if (facet < 0) {
                continue;
            }
            var p = new Point(
                    scene.bounds().orElseThrow().minX() + (at % nearest.width() + 0.5) * nearest.pixelMm(),
                    scene.bounds().orElseThrow().minY() + (at / nearest.width() + 0.5) * nearest.pixelMm());
            var parts = dark.getOrDefault(facet, List.of());
            if (parts.stream().anyMatch(o -> o.edgeDistance(p) < 25)) {
                continue;
            }
            asked++;
            var isDark = parts.stream().anyMatch(o -> o.contains(p));
            darkThere += isDark ? 1 : 0;
            assertThat(light.isDark(facet, p.x(), p.y())).as(p + " of " + facet).isEqualTo(isDark);
        }
        assertThat(asked).isGreaterThan(20_000);
        assertThat(darkThere).isGreaterThan(300);
    }

    /** Lamps hang in the air where no ceiling is shown: they throw no shadow by day, whichever way it is found. */
    @Test
    void lampsThrowNoShadow() {
        var plan = TestPlans.fitted(
                floored(6000, 4000),
                FittingKind.PENDANT,
                new Fitting.Ceiling(Position.ofMm(3000, 2000), Optional.of(Length.ofMm(1800))));
        var bodies = bodies(plan).stream().filter(b -> b.kind() != Kind.WALLS).toList();
        assertThat(bodies).anyMatch(b -> b.kind() == Kind.FITTINGS);
        var scene = new Scene(bodies, Projection.Parallel.turned(0, 60));
        var up = new SpacePoint(0, 0, 1);
        assertThat(SunParts.of(scene, SeenParts.of(scene), up)).isEmpty();
        assertThat(isDark(SunBuffer.of(scene, up, 1500).orElseThrow(), scene, new Point(3000, 2000)))
                .isFalse();
    }
}
