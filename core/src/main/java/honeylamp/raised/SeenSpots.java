package honeylamp.raised;

import honeylamp.geometry.Point;
import honeylamp.plan.ElementId;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/** Where things are seen best: the place of each that is farthest from all else, told by a picture of pixels. */
public final class SeenSpots {
    private static final int LONGER_PX = 600;

    /** Steps to a pixel beside and to one across a corner, in thirds of a pixel: within 8 % of the true distance. */
    private static final int BESIDE = 3;

    private static final int ACROSS = 4;

    private SeenSpots() {}

    /**
     * Where a thing is seen best.
     *
     * @param at in picture mm
     * @param area what is seen of all of it, in picture mm²
     */
    public record Spot(Point at, double area) {}

    /** Where some things are seen best; what is hidden is left out. */
    public static Map<ElementId, Spot> of(Scene scene, Set<ElementId> things) {
        var out = new HashMap<ElementId, Spot>();
        if (scene.bounds().isEmpty() || things.isEmpty()) {
            return out;
        }
        var box = scene.bounds().get();
        var nearest = scene.nearest(box, LONGER_PX);
        var deep = deep(nearest);
        var deepest = new HashMap<ElementId, Integer>();
        var many = new HashMap<ElementId, Integer>();
        for (var at = 0; at < deep.length; at++) {
            if (nearest.facets()[at] != FacetBuffer.NONE) {
                var here = at;
                scene.thing(nearest.facets()[at]).filter(things::contains).ifPresent(id -> {
                    many.merge(id, 1, Integer::sum);
                    deepest.merge(id, here, (a, b) -> deep[b] > deep[a] ? b : a);
                });
            }
        }
        var mm = nearest.pixelMm();
        deepest.forEach((id, at) -> out.put(
                id,
                new Spot(
                        new Point(
                                box.minX() + (at % nearest.width() + 0.5) * mm,
                                box.minY() + (at / nearest.width() + 0.5) * mm),
                        many.getOrDefault(id, 0) * mm * mm)));
        return out;
    }

    /**
     * How far each pixel is from those of other facets.
     *
     * @see "G. Borgefors, Distance transformations in digital images, 1986: two sweeps with steps of 3 and 4"
     */
    private static int[] deep(Scene.Nearest nearest) {
        var wide = nearest.width();
        var high = nearest.height();
        var out = new int[wide * high];
        for (var row = 0; row < high; row++) {
            for (var column = 0; column < wide; column++) {
                var least = step(nearest, out, column, row, column - 1, row, BESIDE);
                least = Math.min(least, step(nearest, out, column, row, column - 1, row - 1, ACROSS));
                least = Math.min(least, step(nearest, out, column, row, column, row - 1, BESIDE));
                out[row * wide + column] =
                        Math.min(least, step(nearest, out, column, row, column + 1, row - 1, ACROSS));
            }
        }
        for (var row = high - 1; row >= 0; row--) {
            for (var column = wide - 1; column >= 0; column--) {
                var least = step(nearest, out, column, row, column + 1, row, BESIDE);
                least = Math.min(least, step(nearest, out, column, row, column + 1, row + 1, ACROSS));
                least = Math.min(least, step(nearest, out, column, row, column, row + 1, BESIDE));
                least = Math.min(least, step(nearest, out, column, row, column - 1, row + 1, ACROSS));
                out[row * wide + column] = Math.min(out[row * wide + column], least);
            }
        }
        return out;
    }

    private static int step(Scene.Nearest nearest, int[] deep, int x, int y, int besideX, int besideY, int step) {
        if (besideX < 0 || besideY < 0 || besideX >= nearest.width() || besideY >= nearest.height()) {
            return step;
        }
        var at = besideY * nearest.width() + besideX;
        return nearest.facets()[at] == nearest.facets()[y * nearest.width() + x] ? deep[at] + step : step;
    }
}
