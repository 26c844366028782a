package honeylamp.raised.traced;

import honeylamp.geometry.space.SpacePoint;
import honeylamp.raised.traced.LightSources.Lamp;
import honeylamp.raised.traced.LightSources.Rgb;
import honeylamp.raised.traced.RayTree.Ray;

/** One way of light after the other, back from what is seen; one for each thread. */
final class LightPath {
    private static final float FAR = 1e7f;

    /** Rays start so far before a surface, in mm. */
    private static final float OFF_MM = 1;

    /** What hides a lamp within so much of it is the lamp itself, in mm. */
    private static final float LAMP_MM = 130;

    /** The sun is taken for so wide, as the tangent of half of it: shadows grow softer as things are farther away. */
    private static final double SUN_WIDE = 0.02;

    /** More light from one pane than this comes from standing in it: it would be a speck. */
    private static final double MOST_OF_PANE = 6;

    /** The same on surfaces that are not seen themselves, but throw light on others. */
    private static final double MOST_THROWN_ON = 1.2;

    private final RayTree tree;
    private final Panes panes;
    private final LightSources sources;
    private final float[] normals;
    private final float[] thrown;
    private final double[] byLamp;
    private final double[] byPane;
    private final float[] normal = new float[3];
    private final Ray ray = new Ray();

    // where the way is now, where the surface there looks, and what is left of light
    private float x;
    private float y;
    private float z;
    private float nx;
    private float ny;
    private float nz;
    private float red;
    private float green;
    private float blue;

    LightPath(RayTree tree, Panes panes, LightSources sources, float[] normals, float[] thrown) {
        this.tree = tree;
        this.panes = panes;
        this.sources = sources;
        this.normals = normals;
        this.thrown = thrown;
        this.byPane = new double[panes.many()];
        this.byLamp = new double[sources.lamps().size()];
    }

    /** Adds the light that comes to a pixel by one more ray. */
    void follow(Spots spots, int pixel, int number, float[] sum) {
        var chance = new Chance(pixel, number);
        x = spots.at(pixel, 0);
        y = spots.at(pixel, 1);
        z = spots.at(pixel, 2);
        nx = spots.normal(pixel, 0);
        ny = spots.normal(pixel, 1);
        nz = spots.normal(pixel, 2);
        red = 1;
        green = 1;
        blue = 1;
        for (var bounce = 0; bounce <= sources.bounces(); bounce++) {
            var at = 3 * pixel;
            straight(chance, bounce == 0, sum, at);
            var u = bounce == 0 ? chance.spread(true) : chance.any();
            var v = bounce == 0 ? chance.spread(false) : chance.any();
            towardsAny(u, v);
            tree.first(ray);
            if (ray.met < 0) {
                open(sum, at);
                return;
            }
            on();
        }
    }

    /** What comes straight from the sun, from the sky behind panes and from lamps. */
    private void straight(Chance chance, boolean isFirst, float[] sum, int at) {
        var u = isFirst ? chance.spread(true) : chance.any();
        var v = isFirst ? chance.spread(false) : chance.any();
        sun(u, v, sum, at);
        var w = chance.any();
        pane(w, v, u, isFirst ? MOST_OF_PANE : MOST_THROWN_ON, sum, at);
        lamp(isFirst ? u : w, sum, at);
    }

    private void sun(float u, float v, float[] sum, int at) {
        if (sources.sun().isEmpty()) {
            return;
        }
        var sun = sources.sun().get();
        var to = sun.towards();
        var wide = SUN_WIDE * Math.sqrt(u);
        var turn = 2 * Math.PI * v;
        var side = Math.abs(to.z()) < 0.9
                ? SpacePoint.UP.cross(to).unit()
                : new SpacePoint(1, 0, 0).cross(to).unit();
        var way = to.plus(side.times(wide * Math.cos(turn)))
                .plus(to.cross(side).times(wide * Math.sin(turn)))
                .unit();
        var cos = nx * way.x() + ny * way.y() + nz * way.z();
        if (cos > 0) {
            start((float) way.x(), (float) way.y(), (float) way.z(), FAR);
            if (!tree.meets(ray)) {
                add(sum, at, sun.light(), (float) cos);
            }
        }
    }

    /** The light of the sky through a pane, by the angle at which it is seen from here. */
    private void pane(float which, float u, float v, double most, float[] sum, int at) {
        if (panes.areNone() || sources.sky().equals(Rgb.NONE)) {
            return;
        }
        var all = 0.0;
        normal[0] = nx;
        normal[1] = ny;
        normal[2] = nz;
        for (var i = 0; i < byPane.length; i++) {
            all += panes.share(i, x, y, z, normal);
            byPane[i] = all;
        }
        if (!(all > 0)) {
            return;
        }
        var one = oneBy(byPane, which * all);
        var chosen = (byPane[one] - (one == 0 ? 0 : byPane[one - 1])) / all;
        var glass = panes.one(one);
        var to = Panes.on(glass, u, v);
        var dx = to.x() - x;
        var dy = to.y() - y;
        var dz = to.z() - z;
        var far2 = dx * dx + dy * dy + dz * dz;
        var far = Math.sqrt(far2);
        if (far < 1) {
            return;
        }
        var cos = (nx * dx + ny * dy + nz * dz) / far;
        var square = glass.b().minus(glass.a()).cross(glass.c().minus(glass.a()));
        // times the surface of the pane
        var facing = Math.abs(square.x() * dx + square.y() * dy + square.z() * dz) / far / 2;
        if (cos <= 0) {
            return;
        }
        start((float) (dx / far), (float) (dy / far), (float) (dz / far), FAR);
        if (!tree.meets(ray)) {
            var share = Math.min(most, cos * facing / (Math.PI * far2) / chosen);
            add(sum, at, dz > 0 ? sources.sky() : sources.ground(), (float) share);
        }
    }

    /** One of the lamps, each by what it would give if nothing were in its way. */
    private void lamp(float chance, float[] sum, int at) {
        var lamps = sources.lamps();
        var all = 0.0;
        for (var i = 0; i < byLamp.length; i++) {
            all += lux(lamps.get(i));
            byLamp[i] = all;
        }
        if (!(all > 0)) {
            return;
        }
        var one = oneBy(byLamp, chance * all);
        var lamp = lamps.get(one);
        var to = lamp.at();
        var dx = to.x() - x;
        var dy = to.y() - y;
        var dz = to.z() - z;
        var far = Math.sqrt(dx * dx + dy * dy + dz * dz);
        start((float) (dx / far), (float) (dy / far), (float) (dz / far), (float) Math.max(0, far - LAMP_MM));
        if (!tree.meets(ray)) {
            add(sum, at, lamp.perLux(), (float) all);
        }
    }

    /** The first of rising sums that passes a value. */
    private static int oneBy(double[] upTo, double value) {
        var one = 0;
        while (one < upTo.length - 1 && upTo[one] <= value) {
            one++;
        }
        return one;
    }

    private double lux(Lamp lamp) {
        var dx = x - lamp.at().x();
        var dy = y - lamp.at().y();
        var dz = z - lamp.at().z();
        var far2 = dx * dx + dy * dy + dz * dz;
        var far = Math.sqrt(far2);
        var cos = -(nx * dx + ny * dy + nz * dz) / far;
        if (!(cos > 0)) {
            return 0;
        }
        var aim = lamp.aim();
        var off = (aim.east() * dx + aim.north() * dy + aim.up() * dz) / far;
        return lamp.beam().candela(off) * cos / Math.max(1e-2, far2 / 1e6);
    }

    /** What comes from where nothing stands; the sky behind panes is counted elsewhere. */
    private void open(float[] sum, int at) {
        var from = ray.dz > 0 ? sources.sky() : sources.ground();
        ray.far = FAR;
        if (!panes.areMet(ray)) {
            add(sum, at, from, 1);
        }
    }

    private void start(float dx, float dy, float dz, float far) {
        ray.x = x + OFF_MM * nx;
        ray.y = y + OFF_MM * ny;
        ray.z = z + OFF_MM * nz;
        ray.dx = dx;
        ray.dy = dy;
        ray.dz = dz;
        ray.far = far;
    }

    /** A ray any way from the surface, the more square to it the likelier. */
    private void towardsAny(float u, float v) {
        var r = Math.sqrt(u);
        var turn = 2 * Math.PI * v;
        var a = r * Math.cos(turn);
        var b = r * Math.sin(turn);
        var c = Math.sqrt(Math.max(0, 1 - u));
        // a frame about the normal: Duff et al., Building an orthonormal basis, revisited, JCGT 6(1), 2017
        var sign = Math.copySign(1f, nz);
        var k = -1 / (sign + nz);
        var m = nx * ny * k;
        var dx = a * (1 + sign * nx * nx * k) + b * m + c * nx;
        var dy = a * sign * m + b * (sign + ny * ny * k) + c * ny;
        var dz = -a * sign * nx - b * ny + c * nz;
        start((float) dx, (float) dy, (float) dz, FAR);
    }

    /** Goes to where a ray met something. */
    private void on() {
        x = ray.x + ray.far * ray.dx;
        y = ray.y + ray.far * ray.dy;
        z = ray.z + ray.far * ray.dz;
        var at = 3 * ray.met;
        var towards = normals[at] * ray.dx + normals[at + 1] * ray.dy + normals[at + 2] * ray.dz > 0 ? -1 : 1;
        nx = towards * normals[at];
        ny = towards * normals[at + 1];
        nz = towards * normals[at + 2];
        red *= thrown[at];
        green *= thrown[at + 1];
        blue *= thrown[at + 2];
    }

    private void add(float[] sum, int at, Rgb light, float share) {
        sum[at] += red * share * light.red();
        sum[at + 1] += green * share * light.green();
        sum[at + 2] += blue * share * light.blue();
    }
}
