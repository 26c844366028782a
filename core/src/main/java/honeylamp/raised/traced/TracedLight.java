package honeylamp.raised.traced;

import honeylamp.body.Body;
import honeylamp.body.Facet;
import honeylamp.body.Skin;
import honeylamp.geometry.Box;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.plan.Role;
import honeylamp.plan.Showing.Kind;
import honeylamp.raised.Scene;
import honeylamp.raised.traced.LightSources.Rgb;
import honeylamp.raised.traced.RayTree.Triangle;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.stream.IntStream;

/**
 * Follows light back from what is seen to where it comes from: to the sun, to windows, to lamps, and from surface to surface.
 * Surfaces throw light back evenly in all directions.
 *
 * @see "Kajiya, The rendering equation, SIGGRAPH 1986"
 */
public final class TracedLight {
    private static final int FIRST_RAYS = 4;

    private final Scene scene;
    private final LightSources sources;
    private final RayTree tree;
    private final float[] normals;
    private final float[] thrown;
    private final Panes panes;

    /** The share of light that a facet throws back. */
    public interface ThrowsBack {
        /** Of a facet of a body. */
        Rgb of(Body body, Facet facet);
    }

    /**
     * How far it is.
     *
     * @param rays so many of each pixel are shot
     * @param of so many will be
     */
    public record Step(LightMap map, int rays, int of) {}

    /** Makes a scene ready to be lit. */
    public TracedLight(Scene scene, ThrowsBack throwsBack, LightSources sources) {
        this.scene = scene;
        this.sources = sources;
        var triangles = new ArrayList<Triangle>();
        var glass = new ArrayList<Triangle>();
        var surfaces = new ArrayList<float[]>();
        for (var body : scene.bodies()) {
            if (body.kind() == Kind.FITTINGS) {
                continue; // a lamp would stand in its own light
            }
            for (var facet : body.facets()) {
                if (facet.skin().sort() != Skin.Sort.CLEAR) {
                    triangles(facet, surfaces.size(), triangles);
                    var n = facet.normal();
                    var back = throwsBack.of(body, facet);
                    surfaces.add(new float[] {
                        (float) n.x(), (float) n.y(), (float) n.z(), back.red(), back.green(), back.blue()
                    });
                } else if (facet.skin().role() == Role.GLASS) {
                    triangles(facet, glass.size(), glass);
                }
            }
        }
        this.tree = new RayTree(triangles);
        this.panes = new Panes(glass);
        this.normals = new float[3 * surfaces.size()];
        this.thrown = new float[3 * surfaces.size()];
        for (var i = 0; i < surfaces.size(); i++) {
            System.arraycopy(surfaces.get(i), 0, normals, 3 * i, 3);
            System.arraycopy(surfaces.get(i), 3, thrown, 3 * i, 3);
        }
    }

    private static void triangles(Facet facet, int surface, List<Triangle> into) {
        for (Ring ring : Regions.triangles(facet.outline())) {
            var c = facet.inSpace(ring.counterClockwise());
            into.add(new Triangle(c.get(0), c.get(1), c.get(2), surface));
        }
    }

    /**
     * The light on what is seen.
     *
     * @param box of the picture
     * @param longerPx so many pixels its longer side has
     * @param rays so many are shot for each pixel
     * @param sofar told maps that get better, from a coarse one on
     * @param wanted asked now and then whether anybody still waits
     * @return empty if nobody does
     */
    public Optional<LightMap> map(int longerPx, Box box, int rays, Consumer<Step> sofar, BooleanSupplier wanted) {
        if (rays > FIRST_RAYS) {
            var coarse = new Passes(new Spots(scene, box, longerPx / 2));
            if (!coarse.shoot(0, FIRST_RAYS, wanted)) {
                return Optional.empty();
            }
            sofar.accept(new Step(coarse.map(FIRST_RAYS), 1, rays));
        }
        var fine = new Passes(new Spots(scene, box, longerPx));
        var done = 0;
        while (done < rays) {
            var next = Math.min(rays, Math.max(2, 2 * done));
            if (!fine.shoot(done, next, wanted)) {
                return Optional.empty();
            }
            done = next;
            if (done < rays) {
                sofar.accept(new Step(fine.map(done), done, rays));
            }
        }
        return Optional.of(fine.map(rays));
    }

    /** The rays of all pixels of a picture. */
    private final class Passes {
        private final Spots spots;
        private final float[] sum;

        Passes(Spots spots) {
            this.spots = spots;
            this.sum = new float[3 * spots.width() * spots.height()];
        }

        /** Shoots some more rays for each pixel; whether that went to its end. */
        boolean shoot(int from, int to, BooleanSupplier wanted) {
            IntStream.range(0, spots.height()).parallel().forEach(row -> {
                if (wanted.getAsBoolean()) {
                    var path = new LightPath(tree, panes, sources, normals, thrown);
                    for (var i = row * spots.width(); i < (row + 1) * spots.width(); i++) {
                        if (spots.seen(i) >= 0) {
                            for (var ray = from; ray < to; ray++) {
                                path.follow(spots, i, ray, sum);
                            }
                        }
                    }
                }
            });
            return wanted.getAsBoolean();
        }

        LightMap map(int rays) {
            var mean = new float[sum.length];
            for (var i = 0; i < sum.length; i++) {
                mean[i] = sum[i] / rays;
            }
            var smooth = new Smoothing(spots, rays).smooth(mean);
            var many = spots.width() * spots.height();
            var rgb = new float[3][many];
            for (var i = 0; i < many; i++) {
                for (var c = 0; c < 3; c++) {
                    rgb[c][i] = smooth[3 * i + c];
                }
            }
            return new LightMap(spots.box(), spots.width(), spots.height(), spots.seen(), rgb[0], rgb[1], rgb[2]);
        }
    }
}
