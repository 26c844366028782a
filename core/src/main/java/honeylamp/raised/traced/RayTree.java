package honeylamp.raised.traced;

import honeylamp.geometry.space.SpacePoint;
import java.util.List;

/**
 * Triangles in a tree of boxes, against which rays are shot.
 *
 * @see "Wald, On fast construction of SAH-based bounding volume hierarchies, IEEE Symp. Interactive Ray Tracing, 2007"
 * @see "Moeller and Trumbore, Fast, minimum storage ray/triangle intersection, J. Graphics Tools 2(1), 1997"
 */
final class RayTree {
    private static final int BINS = 12;
    private static final int LEAF = 4;
    private static final int DEEPEST = 60;

    /** Nearer than this, in mm, nothing is met: a ray does not meet what it starts from. */
    private static final float NEAREST = 0.5f;

    private static final float PARALLEL = 1e-9f;

    /** One triangle of a surface with a number. */
    record Triangle(SpacePoint a, SpacePoint b, SpacePoint c, int surface) {}

    // nine floats of each triangle: a corner and the two edges from it
    private final float[] corners;
    private final int[] surface;
    // six floats of each node: least and most of x, y and z
    private final float[] boxes;
    /** Of a leaf its first triangle; of any other node its second child, the first being the next node. */
    private final int[] first;
    /** Of a leaf how many triangles it has; of any other node 0. */
    private final int[] many;

    RayTree(List<Triangle> triangles) {
        var n = triangles.size();
        this.corners = new float[9 * n];
        this.surface = new int[n];
        this.boxes = new float[6 * Math.max(1, 2 * n)];
        this.first = new int[Math.max(1, 2 * n)];
        this.many = new int[Math.max(1, 2 * n)];
        var build = new Build(triangles);
        if (n > 0) {
            build.node(0, n, 0);
        }
        for (var i = 0; i < n; i++) {
            put(i, triangles.get(build.order[i]));
        }
    }

    private void put(int i, Triangle t) {
        surface[i] = t.surface;
        var u = t.b.minus(t.a);
        var v = t.c.minus(t.a);
        var at = 9 * i;
        for (var p : new SpacePoint[] {t.a, u, v}) {
            corners[at++] = (float) p.x();
            corners[at++] = (float) p.y();
            corners[at++] = (float) p.z();
        }
    }

    /** Puts triangles into nodes where that is cheapest to search. */
    private final class Build {
        private final int[] order;
        private final float[] low;
        private final float[] high;
        private int nodes;

        Build(List<Triangle> triangles) {
            var n = triangles.size();
            this.order = new int[n];
            this.low = new float[3 * n];
            this.high = new float[3 * n];
            for (var i = 0; i < n; i++) {
                order[i] = i;
                var t = triangles.get(i);
                bound(3 * i, t.a.x(), t.b.x(), t.c.x());
                bound(3 * i + 1, t.a.y(), t.b.y(), t.c.y());
                bound(3 * i + 2, t.a.z(), t.b.z(), t.c.z());
            }
        }

        private void bound(int at, double a, double b, double c) {
            low[at] = Math.nextDown((float) Math.min(a, Math.min(b, c)));
            high[at] = Math.nextUp((float) Math.max(a, Math.max(b, c)));
        }

        private float middle(int triangle, int axis) {
            return (low[3 * triangle + axis] + high[3 * triangle + axis]) / 2;
        }

        void node(int from, int to, int deep) {
            var node = nodes++;
            var box = box(from, to);
            System.arraycopy(box, 0, boxes, 6 * node, 6);
            var cut = to - from <= LEAF || deep > DEEPEST ? -1 : cut(from, to);
            if (cut < 0) {
                first[node] = from;
                many[node] = to - from;
                return;
            }
            node(from, cut, deep + 1);
            first[node] = nodes;
            node(cut, to, deep + 1);
        }

        private float[] box(int from, int to) {
            var out = new float[] {
                Float.MAX_VALUE, Float.MAX_VALUE, Float.MAX_VALUE, -Float.MAX_VALUE, -Float.MAX_VALUE, -Float.MAX_VALUE
            };
            for (var i = from; i < to; i++) {
                grow(out, order[i]);
            }
            return out;
        }

        private void grow(float[] box, int triangle) {
            for (var axis = 0; axis < 3; axis++) {
                box[axis] = Math.min(box[axis], low[3 * triangle + axis]);
                box[3 + axis] = Math.max(box[3 + axis], high[3 * triangle + axis]);
            }
        }

        private static float half(float[] box) {
            var x = Math.max(0, box[3] - box[0]);
            var y = Math.max(0, box[4] - box[1]);
            var z = Math.max(0, box[5] - box[2]);
            return x * y + y * z + z * x;
        }

        /** Parts triangles in two along the axis in which their middles lie widest; -1 if they stay together. */
        private int cut(int from, int to) {
            var axis = 0;
            var least = 0f;
            var widest = 0f;
            for (var a = 0; a < 3; a++) {
                var lo = Float.MAX_VALUE;
                var hi = -Float.MAX_VALUE;
                for (var i = from; i < to; i++) {
                    lo = Math.min(lo, middle(order[i], a));
                    hi = Math.max(hi, middle(order[i], a));
                }
                if (hi - lo > widest) {
                    widest = hi - lo;
                    least = lo;
                    axis = a;
                }
            }
            if (widest <= 0) {
                return -1;
            }
            var perMm = BINS / widest * 0.9999f;
            var bin = cheapest(from, to, axis, least, perMm);
            var cut = from;
            for (var i = from; i < to; i++) {
                if ((int) ((middle(order[i], axis) - least) * perMm) <= bin) {
                    var swap = order[i];
                    order[i] = order[cut];
                    order[cut++] = swap;
                }
            }
            return cut == from || cut == to ? -1 : cut;
        }

        /** The last bin before the cut that makes the boxes on both sides, by how much is in them, smallest. */
        private int cheapest(int from, int to, int axis, float least, float perMm) {
            var counts = new int[BINS];
            var in = new float[BINS][];
            for (var i = from; i < to; i++) {
                var bin = (int) ((middle(order[i], axis) - least) * perMm);
                if (in[bin] == null) {
                    in[bin] = box(i, i + 1);
                }
                grow(in[bin], order[i]);
                counts[bin]++;
            }
            var right = new float[BINS];
            var box = box(from, from);
            var count = 0;
            for (var b = BINS - 1; b > 0; b--) {
                count += counts[b];
                merge(box, in[b]);
                right[b] = count * half(box);
            }
            box = box(from, from);
            count = 0;
            var best = 0;
            var price = Float.MAX_VALUE;
            for (var b = 0; b < BINS - 1; b++) {
                count += counts[b];
                merge(box, in[b]);
                var here = count * half(box) + right[b + 1];
                if (count > 0 && here < price) {
                    price = here;
                    best = b;
                }
            }
            return best;
        }

        private static void merge(float[] box, float[] other) {
            if (other != null) {
                for (var axis = 0; axis < 3; axis++) {
                    box[axis] = Math.min(box[axis], other[axis]);
                    box[3 + axis] = Math.max(box[3 + axis], other[3 + axis]);
                }
            }
        }
    }

    /** A ray and what it met: one for each thread, used again and again. */
    static final class Ray {
        float x;
        float y;
        float z;
        float dx;
        float dy;
        float dz;

        /** How far it goes, then how far it went. */
        float far;

        /** The surface it met; -1 for none. */
        int met;

        private final int[] stack = new int[DEEPEST + 8];

        void from(SpacePoint p) {
            x = (float) p.x();
            y = (float) p.y();
            z = (float) p.z();
        }
    }

    /** Which surface a ray meets first. */
    void first(Ray ray) {
        shoot(ray, false);
    }

    /** Whether a ray meets anything. */
    boolean meets(Ray ray) {
        shoot(ray, true);
        return ray.met >= 0;
    }

    private void shoot(Ray ray, boolean any) {
        ray.met = -1;
        if (surface.length == 0) {
            return;
        }
        var ix = 1 / ray.dx;
        var iy = 1 / ray.dy;
        var iz = 1 / ray.dz;
        var stack = ray.stack;
        var top = 0;
        var node = 0;
        if (enters(0, ray, ix, iy, iz) == Float.MAX_VALUE) {
            return;
        }
        while (true) {
            if (many[node] > 0) {
                triangles(node, ray);
                if (any && ray.met >= 0) {
                    return;
                }
                if (top == 0) {
                    return;
                }
                node = stack[--top];
                continue;
            }
            var left = node + 1;
            var right = first[node];
            var toLeft = enters(left, ray, ix, iy, iz);
            var toRight = enters(right, ray, ix, iy, iz);
            if (toLeft > toRight) {
                var swap = left;
                left = right;
                right = swap;
                var swapped = toLeft;
                toLeft = toRight;
                toRight = swapped;
            }
            if (toRight < ray.far) {
                stack[top++] = right;
            }
            if (toLeft < ray.far) {
                node = left;
            } else if (top > 0) {
                node = stack[--top];
            } else {
                return;
            }
        }
    }

    /** How far along a ray a box begins; as far as can be if it is missed. */
    private float enters(int node, Ray ray, float ix, float iy, float iz) {
        var at = 6 * node;
        var x0 = (boxes[at] - ray.x) * ix;
        var x1 = (boxes[at + 3] - ray.x) * ix;
        var y0 = (boxes[at + 1] - ray.y) * iy;
        var y1 = (boxes[at + 4] - ray.y) * iy;
        var z0 = (boxes[at + 2] - ray.z) * iz;
        var z1 = (boxes[at + 5] - ray.z) * iz;
        var in = Math.max(Math.max(Math.min(x0, x1), Math.min(y0, y1)), Math.max(Math.min(z0, z1), 0));
        var out = Math.min(Math.min(Math.max(x0, x1), Math.max(y0, y1)), Math.min(Math.max(z0, z1), ray.far));
        return in <= out ? in : Float.MAX_VALUE;
    }

    private void triangles(int leaf, Ray ray) {
        for (var i = first[leaf]; i < first[leaf] + many[leaf]; i++) {
            var at = 9 * i;
            var ux = corners[at + 3];
            var uy = corners[at + 4];
            var uz = corners[at + 5];
            var vx = corners[at + 6];
            var vy = corners[at + 7];
            var vz = corners[at + 8];
            var px = ray.dy * vz - ray.dz * vy;
            var py = ray.dz * vx - ray.dx * vz;
            var pz = ray.dx * vy - ray.dy * vx;
            var det = ux * px + uy * py + uz * pz;
            if (Math.abs(det) < PARALLEL) {
                continue;
            }
            var inv = 1 / det;
            var tx = ray.x - corners[at];
            var ty = ray.y - corners[at + 1];
            var tz = ray.z - corners[at + 2];
            var u = (tx * px + ty * py + tz * pz) * inv;
            if (!(u >= 0 && u <= 1)) {
                continue;
            }
            var qx = ty * uz - tz * uy;
            var qy = tz * ux - tx * uz;
            var qz = tx * uy - ty * ux;
            var v = (ray.dx * qx + ray.dy * qy + ray.dz * qz) * inv;
            var t = (vx * qx + vy * qy + vz * qz) * inv;
            if (v >= 0 && u + v <= 1 && t > NEAREST && t < ray.far) {
                ray.far = t;
                ray.met = surface[i];
            }
        }
    }
}
