package honeylamp.takeoff.tiles;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Surfaces to be tiled: oblong, with corners, round, with holes, with islands in them. */
final class TileSurfaces {
    private TileSurfaces() {}

    /** One of many, by its number: sides of a metre or three, turned by chance. */
    static List<Outline> random(int number) {
        var random = new Random(number);
        var w = 900 + 2200 * random.nextDouble();
        var h = 700 + 1800 * random.nextDouble();
        var shell = switch (number % 4) {
            case 0 -> new Box(0, 0, w, h).ring();
            case 1 ->
                Ring.of(
                        Point.ORIGIN,
                        new Point(w, 0),
                        new Point(w, 0.55 * h),
                        new Point(0.45 * w, 0.55 * h),
                        new Point(0.45 * w, h),
                        new Point(0, h));
            case 2 -> round(w / 2, 60);
            default ->
                Ring.of(
                        Point.ORIGIN,
                        new Point(w, 0.1 * h),
                        new Point(1.1 * w, 0.7 * h),
                        new Point(0.6 * w, h),
                        new Point(-0.1 * w, 0.6 * h));
        };
        var centre = number % 4 == 1 ? new Point(0.22 * w, 0.3 * h) : new Point(0.45 * w, 0.45 * h);
        if (number % 4 == 2) {
            centre = Point.ORIGIN;
        }
        var least = Math.min(w, h);
        var hole = new Box(-0.14 * least, -0.1 * least, 0.14 * least, 0.1 * least)
                .ring()
                .through(Affine.turn(40 * random.nextDouble()).then(Affine.move(centre.x(), centre.y())));
        var out = new ArrayList<Outline>();
        if (number % 3 == 0) {
            out.add(Outline.of(shell));
        } else {
            out.add(new Outline(shell, List.of(hole)));
        }
        if (number % 3 == 2) {
            // an island in the hole that is tiled too
            out.add(Outline.of(new Box(-0.05 * least, -0.04 * least, 0.05 * least, 0.04 * least)
                    .ring()
                    .through(Affine.move(centre.x(), centre.y()))));
        }
        return out;
    }

    private static Ring round(double radius, int corners) {
        var points = new ArrayList<Point>();
        for (var k = 0; k < corners; k++) {
            points.add(Point.direction(360.0 * k / corners).times(radius));
        }
        return new Ring(points);
    }

    static double area(List<Outline> surface) {
        return surface.stream().mapToDouble(Outline::area).sum();
    }
}
