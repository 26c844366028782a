package honeylamp.plan;

import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.units.Checks;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How a picture taken at a slant is squared up: four corners of something rectangular, in picture pixels
 * and going round clockwise from its top left, and the size that rectangle gets, in squared pixels. The
 * first corner stays where it is.
 */
public record Squaring(List<Point> cornersPx, double widthPx, double heightPx) {
    /** Refuses corners that do not go round a convex shape clockwise. */
    public Squaring {
        Checks.positive("squared width", widthPx);
        Checks.positive("squared height", heightPx);
        cornersPx = List.copyOf(cornersPx);
        whyNot(cornersPx).ifPresent(why -> {
            throw new IllegalArgumentException(why);
        });
    }

    /** Why a picture cannot be squared up by these corners; empty if it can. */
    public static Optional<String> whyNot(List<Point> corners) {
        if (corners.size() != 4) {
            return Optional.of("squaring up needs 4 corners, not " + corners.size());
        }
        for (var i = 0; i < 4; i++) {
            var a = corners.get(i);
            var b = corners.get((i + 1) % 4);
            var c = corners.get((i + 2) % 4);
            if (!(b.minus(a).cross(c.minus(b)) > 1)) { // y points down, so clockwise is positive
                return Optional.of("the four corners do not go round clockwise");
            }
        }
        return Optional.empty();
    }

    /** Four corners in any order, put clockwise as seen, beginning at the top left. */
    public static List<Point> clockwise(List<Point> corners) {
        var middle = corners.stream().reduce(Point.ORIGIN, Point::plus).times(1.0 / corners.size());
        var round = corners.stream()
                .sorted(Comparator.comparingDouble(p -> p.minus(middle).angleDeg())) // y points down
                .toList();
        var first = 0;
        for (var i = 1; i < round.size(); i++) {
            if (round.get(i).x() + round.get(i).y()
                    < round.get(first).x() + round.get(first).y()) {
                first = i;
            }
        }
        var out = new ArrayList<Point>();
        for (var i = 0; i < round.size(); i++) {
            out.add(round.get((first + i) % round.size()));
        }
        return List.copyOf(out);
    }

    /** The squaring whose rectangle has the mean lengths of opposite sides. */
    public static Squaring of(List<Point> corners) {
        return new Squaring(
                corners,
                (corners.get(0).distance(corners.get(1)) + corners.get(3).distance(corners.get(2))) / 2,
                (corners.get(0).distance(corners.get(3)) + corners.get(1).distance(corners.get(2))) / 2);
    }

    /** The squaring whose rectangle has these proportions, as wide as it was. */
    public Squaring proportioned(double widthOverHeight) {
        return new Squaring(cornersPx, widthPx, widthPx / widthOverHeight);
    }

    /** From picture pixels to squared pixels. */
    public Projective projective() {
        var o = cornersPx.getFirst();
        return Projective.between(
                cornersPx,
                List.of(
                        o,
                        o.plus(new Point(widthPx, 0)),
                        o.plus(new Point(widthPx, heightPx)),
                        o.plus(new Point(0, heightPx))));
    }
}
