package honeylamp.raised.traced;

import honeylamp.geometry.space.SpacePoint;
import honeylamp.raised.traced.RayTree.Ray;
import honeylamp.raised.traced.RayTree.Triangle;
import java.util.List;

/** The glass through which the sky is seen: so small a part of what is around a room that rays are sent there on purpose. */
final class Panes {
    private static final double LEAST_COS = 0.04;
    private static final double NEAR_MM2 = 250_000;

    private final List<Triangle> glass;
    private final RayTree tree;
    /** Of each its middle, then what it faces, as long as it is large. */
    private final double[] faces;

    Panes(List<Triangle> glass) {
        this.glass = List.copyOf(glass);
        this.tree = new RayTree(glass);
        this.faces = new double[6 * glass.size()];
        for (var i = 0; i < glass.size(); i++) {
            var t = glass.get(i);
            var middle = t.a().plus(t.b()).plus(t.c()).times(1.0 / 3);
            var square = t.b().minus(t.a()).cross(t.c().minus(t.a())).times(0.5);
            var values = new double[] {middle.x(), middle.y(), middle.z(), square.x(), square.y(), square.z()};
            System.arraycopy(values, 0, faces, 6 * i, 6);
        }
    }

    boolean areNone() {
        return glass.isEmpty();
    }

    int many() {
        return glass.size();
    }

    Triangle one(int i) {
        return glass.get(i);
    }

    /**
     * About how much of what is seen from a place a pane takes up, by its middle.
     *
     * @param normal where the surface there looks, as three values
     */
    double share(int i, float x, float y, float z, float[] normal) {
        var at = 6 * i;
        var dx = faces[at] - x;
        var dy = faces[at + 1] - y;
        var dz = faces[at + 2] - z;
        var facing = Math.abs(faces[at + 3] * dx + faces[at + 4] * dy + faces[at + 5] * dz);
        var far2 = dx * dx + dy * dy + dz * dz;
        var far = Math.sqrt(far2);
        // its middle may lie behind where other parts of it are seen
        var cos = Math.max(LEAST_COS, (normal[0] * dx + normal[1] * dy + normal[2] * dz) / far);
        return cos * facing / (far * Math.max(NEAR_MM2, far2));
    }

    /** A place on one, every place alike. */
    static SpacePoint on(Triangle t, float u, float v) {
        var root = Math.sqrt(u);
        return t.a().plus(t.b().minus(t.a()).times(root * (1 - v)))
                .plus(t.c().minus(t.a()).times(root * v));
    }

    /** Whether a ray passes through any. */
    boolean areMet(Ray ray) {
        return !areNone() && tree.meets(ray);
    }
}
