package honeylamp.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import honeylamp.geometry.Skeleton.Face;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SkeletonTest {
    private static Outline ring(double... xy) {
        var corners = new ArrayList<Point>();
        for (var i = 0; i < xy.length; i += 2) {
            corners.add(new Point(xy[i], xy[i + 1]));
        }
        return Outline.of(new Ring(corners));
    }

    private static double area(List<Face> faces) {
        return faces.stream().mapToDouble(f -> f.outline().area()).sum();
    }

    private static List<Face> faces(Outline ground) {
        return Skeleton.faces(List.of(ground), _ -> true);
    }

    /** By hand: hips at 45° from the corners meet 2 m within the short ends, so that the ends take 4 m² each. */
    @Test
    void aHippedRectangle() {
        var faces = faces(ring(0, 0, 10_000, 0, 10_000, 4000, 0, 4000));
        assertThat(faces).hasSize(4);
        assertThat(faces.stream().map(f -> f.outline().area() / 1e6).sorted().toList())
                .usingElementComparator((a, b) -> Math.abs(a - b) < 1e-6 ? 0 : Double.compare(a, b))
                .containsExactly(4.0, 4.0, 16.0, 16.0);
    }

    /** Where both ends stand still the ridge runs from end to end. */
    @Test
    void aGabledRectangle() {
        var faces = Skeleton.faces(
                List.of(ring(0, 0, 10_000, 0, 10_000, 4000, 0, 4000)),
                e -> Math.abs(e.unit().y()) < 0.5);
        assertThat(faces).hasSize(2).allSatisfy(f -> {
            assertThat(f.outline().area()).isCloseTo(20e6, within(1.0));
            assertThat(f.outline().shell().corners()).hasSize(4);
        });
    }

    @Test
    void aSquareIsAPyramid() {
        assertThat(faces(ring(0, 0, 4000, 0, 4000, 4000, 0, 4000)))
                .hasSize(4)
                .allSatisfy(f -> assertThat(f.outline().area()).isCloseTo(4e6, within(1.0)));
    }

    /** A courtyard: the roof is a ring with its ridge half way. */
    @Test
    void aroundACourtyard() {
        var yard = ring(4000, 4000, 8000, 4000, 8000, 8000, 4000, 8000).shell();
        var ground =
                new Outline(ring(0, 0, 12_000, 0, 12_000, 12_000, 0, 12_000).shell(), List.of(yard.reversed()));
        var faces = faces(ground);
        assertThat(faces).hasSize(8);
        assertThat(area(faces)).isCloseTo((144 - 16) * 1e6, within(10.0));
    }

    /** Wings of one width meet a main body of the same: ridges meet in one point, or run on at one height. */
    @ParameterizedTest
    @ValueSource(strings = {"L", "T", "U", "cross", "wide T", "bay", "step"})
    void shapes(String name) {
        var ground = switch (name) {
            case "L" -> ring(0, 0, 10_000, 0, 10_000, 4000, 4000, 4000, 4000, 9000, 0, 9000);
            case "T" -> ring(0, 0, 12_000, 0, 12_000, 4000, 8000, 4000, 8000, 9000, 4000, 9000, 4000, 4000, 0, 4000);
            case "wide T" ->
                ring(0, 0, 12_000, 0, 12_000, 4000, 9000, 4000, 9000, 9000, 3000, 9000, 3000, 4000, 0, 4000);
            case "U" -> ring(0, 0, 12_000, 0, 12_000, 9000, 8000, 9000, 8000, 4000, 4000, 4000, 4000, 9000, 0, 9000);
            case "cross" ->
                ring(
                        4000, 0, 8000, 0, 8000, 4000, 12_000, 4000, 12_000, 8000, 8000, 8000, 8000, 12_000, 4000,
                        12_000, 4000, 8000, 0, 8000, 0, 4000, 4000, 4000);
            case "bay" -> ring(0, 0, 3000, 0, 3600, -900, 5400, -900, 6000, 0, 9000, 0, 9000, 6000, 0, 6000);
            case "step" -> ring(0, 0, 6000, 0, 6000, 500, 10_000, 500, 10_000, 6000, 0, 6000);
            default -> throw new AssertionError(name);
        };
        holds(ground, name);
    }

    /** Faces fill the ground, each lies behind its own edge, and what is lowest there is what rises from that edge. */
    private static void holds(Outline ground, String name) {
        var faces = faces(ground);
        assertThat(area(faces)).as(name).isCloseTo(ground.area(), within(ground.area() * 1e-6));
        for (var face : faces) {
            assertThat(face.outline().holes()).as(name).isEmpty();
            for (var corner : face.outline().shell().corners()) {
                var own = face.eave().offset(corner);
                assertThat(own).as(name).isGreaterThan(-0.2);
                // every face at this corner is as high there
                faces.stream()
                        .filter(f -> f.outline().shell().corners().stream().anyMatch(c -> c.distance(corner) < 0.01))
                        .forEach(f -> assertThat(f.eave().offset(corner))
                                .as(name + " at " + corner)
                                .isCloseTo(own, within(0.5)));
            }
        }
    }

    /** Over a convex ground the roof is where the lowest of all planes is: a point belongs to the nearest edge. */
    @Test
    void convexGroundsBelongToTheNearestEdge() {
        var random = new Random(20);
        for (var i = 0; i < 60; i++) {
            var points = new ArrayList<Point>();
            for (var k = 0; k < 12; k++) {
                points.add(new Point(random.nextDouble() * 12_000, random.nextDouble() * 9000));
            }
            var ground = Outline.of(Regions.hull(points).counterClockwise());
            var faces = faces(ground);
            assertThat(area(faces)).isCloseTo(ground.area(), within(ground.area() * 1e-6));
            for (var k = 0; k < 40; k++) {
                var p = new Point(random.nextDouble() * 12_000, random.nextDouble() * 9000);
                if (ground.contains(p)) {
                    var nearest = ground.shell().edges().stream()
                            .mapToDouble(e -> e.offset(p))
                            .min()
                            .orElseThrow();
                    var face = faces.stream()
                            .filter(f -> f.outline().contains(p))
                            .findFirst()
                            .orElseThrow();
                    assertThat(face.eave().offset(p)).isCloseTo(nearest, within(0.5));
                }
            }
        }
    }

    /** Houses made of boxes one beside the other, square and turned. */
    @Test
    void unionsOfBoxes() {
        var random = new Random(7);
        for (var i = 0; i < 200; i++) {
            var boxes = new ArrayList<Outline>();
            var turn = i % 2 == 0 ? 0 : random.nextDouble() * 90;
            for (var k = 0; k < 2 + random.nextInt(4); k++) {
                var x = 500 * random.nextInt(16);
                var y = 500 * random.nextInt(12);
                boxes.add(Outline.of(
                                new Box(x, y, x + 3000 + 500 * random.nextInt(10), y + 3000 + 500 * random.nextInt(8))
                                        .ring())
                        .through(Affine.turn(turn)));
            }
            for (var part : Regions.union(boxes)) {
                var ground = new Outline(
                        part.shell().simplified(0.1),
                        part.holes().stream().map(h -> h.simplified(0.1)).toList());
                var faces = faces(ground);
                assertThat(area(faces)).as("house " + i).isCloseTo(ground.area(), within(ground.area() * 1e-5));
            }
        }
    }
}
