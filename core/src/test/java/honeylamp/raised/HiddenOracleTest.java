package honeylamp.raised;

import static org.assertj.core.api.Assertions.assertThat;

import honeylamp.body.Body;
import honeylamp.body.Boxes;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.SpacePoint;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What is hidden, held against lines of sight that are met with every facet. */
class HiddenOracleTest {
    private static final int ACROSS = 70;
    private static final double BESIDE_EDGE_MM = 3;

    private static Projection projection(Random chance) {
        return switch (chance.nextInt(3)) {
            case 0 -> Projection.Parallel.turned(360 * chance.nextDouble(), 15 + 60 * chance.nextDouble());
            case 1 -> Projection.Parallel.onPlan(360 * chance.nextDouble(), 0.75);
            default -> {
                var towards = Point.direction(360 * chance.nextDouble());
                var at = new Point(3000, 3000).minus(towards.times(9000));
                yield Projection.Perspective.looking(
                        SpacePoint.of(at, 1500 + 4000 * chance.nextDouble()), towards, 9000, 0);
            }
        };
    }

    /** Fifty scenes of boxes that pass through each other: every point of the picture shows what a ray meets first. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4})
    void everyPointShowsWhatARayMeetsFirst(int part) {
        var wrong = 0;
        var asked = 0;
        for (var seed = 0; seed < 10; seed++) {
            var chance = new Random(100L * part + seed);
            var bodies = Boxes.byChance(chance, 4 + chance.nextInt(9));
            var scene = new Scene(bodies, projection(chance));
            var parts = SeenParts.of(scene);
            var caster = new RayCaster(bodies);
            var box = scene.bounds().orElseThrow();
            for (var i = 0; i < ACROSS; i++) {
                for (var k = 0; k < ACROSS; k++) {
                    var at = new Point(
                            box.minX() + box.width() * (i + 0.5) / ACROSS,
                            box.minY() + box.height() * (k + 0.5) / ACROSS);
                    if (isBesideEdge(parts, at)) {
                        continue;
                    }
                    asked++;
                    var shown = parts.stream()
                            .filter(p -> p.parts().stream().anyMatch(o -> o.contains(at)))
                            .map(p -> scene.facet(p.facet()))
                            .toList();
                    var met = caster.first(RayCaster.Ray.of(scene.projection(), at));
                    if (!shown.equals(met.stream().toList())) {
                        wrong++;
                    }
                }
            }
        }
        assertThat(asked).isGreaterThan(30_000);
        assertThat(wrong).as("of " + asked).isLessThan(asked / 1000);
    }

    private static boolean isBesideEdge(List<SeenParts.Part> parts, Point at) {
        return parts.stream()
                .flatMap(p -> p.parts().stream())
                .anyMatch(o -> o.bounds().grown(BESIDE_EDGE_MM).contains(at) && o.edgeDistance(at) < BESIDE_EDGE_MM);
    }

    /** A line is drawn where its edge can be seen, and nowhere else. */
    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2})
    void linesAreDrawnWhereTheirEdgesAreSeen(int part) {
        var asked = 0;
        var wrong = 0;
        for (var seed = 0; seed < 10; seed++) {
            var chance = new Random(1000L * part + seed);
            var bodies = Boxes.byChance(chance, 4 + chance.nextInt(9));
            var scene = new Scene(bodies, projection(chance));
            var caster = new RayCaster(bodies);
            for (var line : SeenLines.of(scene)) {
                for (var share : new double[] {0.21, 0.5, 0.83}) {
                    var at = line.line().a().towards(line.line().b(), share);
                    asked++;
                    if (!isOnEdgeInSight(scene, caster, bodies.get(line.body()), at)) {
                        wrong++;
                    }
                }
            }
        }
        assertThat(asked).isGreaterThan(800);
        assertThat(wrong).as("of " + asked).isLessThanOrEqualTo(asked / 500);
    }

    /** Whether some edge of a body passes a place of the picture with nothing before it. */
    private static boolean isOnEdgeInSight(Scene scene, RayCaster caster, Body body, Point at) {
        var ray = RayCaster.Ray.of(scene.projection(), at);
        for (var edge : Edges.of(body)) {
            var a = scene.projection().of(edge.a());
            var b = scene.projection().of(edge.b());
            var segment = new Segment(a, b);
            if (segment.distance(at) < 0.5) {
                // where the ray passes the edge: nearest points of two lines in space
                var u = edge.b().minus(edge.a());
                var n = u.cross(ray.way()).cross(u);
                var t = edge.a().minus(ray.from()).dot(n) / ray.way().dot(n);
                if (caster.isFree(ray, t, 4 / ray.way().length())) {
                    return true;
                }
            }
        }
        return false;
    }

    /** The pixels that tell which facets to look at lose none but slivers thinner than one: the areas are those of all with all. */
    @Test
    void pixelsOnlyTellWhereToLook() {
        for (var seed = 0; seed < 12; seed++) {
            var chance = new Random(seed);
            var scene = new Scene(Boxes.byChance(chance, 10), projection(chance));
            Map<Integer, Double> all = new HashMap<>();
            SeenParts.byAllPairs(scene).forEach(p -> all.put(p.facet(), area(p.parts())));
            var sum = all.values().stream().mapToDouble(v -> v).sum();
            var differing = 0.0;
            for (var part : SeenParts.of(scene)) {
                differing += Math.abs(area(part.parts()) - all.getOrDefault(part.facet(), 0.0));
            }
            assertThat(differing / sum).as("scene " + seed).isLessThan(1e-4);
        }
    }

    private static double area(List<Outline> parts) {
        return parts.stream().mapToDouble(Outline::area).sum();
    }
}
