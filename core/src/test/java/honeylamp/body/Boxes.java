package honeylamp.body;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;

/** Bodies of boxes for tests. */
public final class Boxes {
    private Boxes() {}

    /** A box turned about its middle. */
    public static Body box(double x, double y, double z, double wide, double deep, double high, double turnDeg) {
        var ring = new Box(-wide / 2, -deep / 2, wide / 2, deep / 2)
                .ring()
                .through(Affine.turn(turnDeg).then(Affine.move(x, y)))
                .counterClockwise();
        return new Body(
                Kind.FURNITURE, Optional.empty(), Prism.upright(Outline.of(ring), z, z + high, Skin.of(Role.BODY)));
    }

    /** So many boxes by chance in a room of 6 by 6 m, which may pass through each other. */
    public static List<Body> byChance(Random chance, int many) {
        var out = new ArrayList<Body>();
        out.add(box(3000, 3000, -150, 6000, 6000, 150, 0));
        for (var i = 0; i < many; i++) {
            out.add(box(
                    500 + 5000 * chance.nextDouble(),
                    500 + 5000 * chance.nextDouble(),
                    chance.nextInt(4) == 0 ? 600 * chance.nextDouble() : 0,
                    100 + 1500 * chance.nextDouble(),
                    100 + 1500 * chance.nextDouble(),
                    100 + 1900 * chance.nextDouble(),
                    chance.nextInt(3) == 0 ? 0 : 360 * chance.nextDouble()));
        }
        return out;
    }

    /** What bodies enclose, by the divergence theorem: a third of the sum of area times distance of every facet. */
    public static double volumeMm3(List<Body> bodies) {
        return bodies.stream()
                .flatMap(b -> b.facets().stream())
                .filter(f -> f.skin().sort() != Skin.Sort.LAYER) // lies on what is cut
                .mapToDouble(f -> f.outline().area() * f.normal().dot(f.flat().origin()) / 3)
                .sum();
    }
}
