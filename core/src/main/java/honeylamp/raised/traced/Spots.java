package honeylamp.raised.traced;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.raised.Scene;
import java.util.Arrays;

/** What each pixel of a picture shows, and where that is. */
final class Spots {
    private final Box box;
    private final int width;
    private final int height;
    private final int[] seen;
    private final float[] at;
    private final float[] normals;

    /** Of a scene, its longer side so many pixels long. */
    Spots(Scene scene, Box whole, int longerPx) {
        var nearest = scene.nearest(whole, longerPx);
        this.width = nearest.width();
        this.height = nearest.height();
        this.seen = nearest.facets();
        this.box = new Box(
                whole.minX(),
                whole.minY(),
                whole.minX() + width * nearest.pixelMm(),
                whole.minY() + height * nearest.pixelMm());
        this.normals = new float[3 * scene.count()];
        for (var i = 0; i < scene.count(); i++) {
            var n = scene.facet(i).normal();
            normals[3 * i] = (float) n.x();
            normals[3 * i + 1] = (float) n.y();
            normals[3 * i + 2] = (float) n.z();
        }
        this.at = new float[3 * seen.length];
        var lifts = new Projective[scene.count()];
        Arrays.setAll(lifts, i -> scene.projection().of(scene.facet(i).flat()).inverse());
        for (var row = 0; row < height; row++) {
            for (var x = 0; x < width; x++) {
                var i = row * width + x;
                if (seen[i] >= 0) {
                    var onPicture = new Point(
                            whole.minX() + (x + 0.5) * nearest.pixelMm(),
                            whole.minY() + (row + 0.5) * nearest.pixelMm());
                    var p = scene.facet(seen[i]).flat().at(lifts[seen[i]].apply(onPicture));
                    at[3 * i] = (float) p.x();
                    at[3 * i + 1] = (float) p.y();
                    at[3 * i + 2] = (float) p.z();
                }
            }
        }
    }

    Box box() {
        return box;
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }

    /** Which facet a pixel shows; -1 for none. */
    int seen(int pixel) {
        return seen[pixel];
    }

    int[] seen() {
        return seen;
    }

    /** One of x, y and z of what a pixel shows. */
    float at(int pixel, int axis) {
        return at[3 * pixel + axis];
    }

    /** Where what a pixel shows looks. */
    float normal(int pixel, int axis) {
        return normals[3 * seen[pixel] + axis];
    }

    /** The cosine of the angle between what two pixels show. */
    float sameWay(int a, int b) {
        return normal(a, 0) * normal(b, 0) + normal(a, 1) * normal(b, 1) + normal(a, 2) * normal(b, 2);
    }

    /** How far what one pixel shows lies out of the plane of what another does. */
    float offPlaneMm(int a, int b) {
        return (at(b, 0) - at(a, 0)) * normal(a, 0)
                + (at(b, 1) - at(a, 1)) * normal(a, 1)
                + (at(b, 2) - at(a, 2)) * normal(a, 2);
    }
}
