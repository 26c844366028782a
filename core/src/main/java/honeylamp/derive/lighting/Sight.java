package honeylamp.derive.lighting;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import java.util.stream.IntStream;

/** How far one sees from a point all around: up to walls, and past what is not as tall as one looks over it. */
public final class Sight {
    private static final int ANGLES = SightRays.ANGLES;

    /** Soft edges are seen from so many angles on each side. */
    private static final int BESIDE = 2;

    private static final double HAIR_MM = 1e-6;

    private final Point from;
    private final double heightMm;
    private final double[] walls;

    /** The farthest that walls let one see at an angle and those beside it. */
    private final double[] farthest;

    /** So far one sees everything at an angle and those beside it. */
    private final double[] clear;

    /** What tall pieces hide at each angle, the nearest first. */
    private final Hidden[] hidden;

    /**
     * What tall pieces hide at one angle, the nearest first.
     *
     * @param nearest how far the first is
     * @param spans four numbers of each: how far it is, how far its other side, its bottom and its top, in mm
     */
    private record Hidden(double nearest, double[] spans) {
        private static final int NUMBERS = SightRays.NUMBERS;
        static final Hidden NOTHING = new Hidden(Double.POSITIVE_INFINITY, new double[0]);

        /** Whether a ray from a height to a place so far off and so high passes them all. */
        boolean isPassed(double fromMm, double placeFar, double placeMm) {
            if (nearest >= placeFar) {
                return true;
            }
            var rise = (placeMm - fromMm) / placeFar;
            for (var i = 0; i < spans.length && spans[i] < placeFar; i += NUMBERS) {
                var in = fromMm + rise * spans[i];
                // what lies in its own footprint is hidden by its front alone
                var out = spans[i + 1] < placeFar ? fromMm + rise * spans[i + 1] : in;
                if (Math.min(in, out) < spans[i + 3] && Math.max(in, out) > spans[i + 2]) {
                    return false;
                }
            }
            return true;
        }
    }

    private Sight(Point from, double heightMm, double[] walls, Hidden[] hidden) {
        this.from = from;
        this.heightMm = heightMm;
        this.walls = walls;
        this.hidden = hidden;
        this.farthest = new double[ANGLES];
        this.clear = new double[ANGLES];
        for (var middle = 0; middle < ANGLES; middle++) {
            clear[middle] = Double.POSITIVE_INFINITY;
            for (var k = middle - BESIDE; k <= middle + BESIDE; k++) {
                var wall = walls[k & ANGLES - 1];
                farthest[middle] = Math.max(farthest[middle], wall);
                clear[middle] = Math.min(clear[middle], Math.min(wall, hidden[k & ANGLES - 1].nearest));
            }
        }
    }

    /** What is seen from a point at a height, no farther than so far. */
    public static Sight of(Point from, double heightMm, double reachMm, InTheWay way) {
        var rays = new SightRays(from, reachMm);
        way.walls().forEach(rays::wall);
        way.pieces().forEach(rays::piece);
        return new Sight(
                from,
                heightMm,
                rays.walls(),
                rays.spans().stream()
                        .map(spans -> spans.length == 0 ? Hidden.NOTHING : new Hidden(spans[0], spans))
                        .toArray(Hidden[]::new));
    }

    /** The box around all that is seen, in plan mm. */
    public Box bounds() {
        var ends = IntStream.range(0, ANGLES)
                .mapToObj(k -> from.plus(SightRays.ray(k).times(walls[k])))
                .toList();
        return Box.around(ends);
    }

    /**
     * How much of the point is seen from a place, from 0 to 1.
     *
     * @param placeMm its height above the floor
     * @param softMm so wide are the edges of what walls hide; 0 for a sharp edge
     */
    public double share(Point place, double placeMm, double softMm) {
        var east = place.x() - from.x();
        var north = place.y() - from.y();
        var far = Math.sqrt(east * east + north * north);
        var middle = angle(east, north);
        if (softMm == 0) {
            var angle = middle & ANGLES - 1;
            return walls[angle] - far >= -HAIR_MM && hidden[angle].isPassed(heightMm, far, placeMm) ? 1 : 0;
        }
        return soft(middle, far, placeMm, softMm);
    }

    /**
     * The number of the angle nearest to a direction: the arc tangent as a polynomial, wrong by less than 0.0004, a
     * fifteenth of the step between two angles.
     *
     * @see "S. Rajan et al., Efficient approximations for the arctangent function, IEEE Signal Process. Mag. 23(3), 2006"
     */
    private static int angle(double east, double north) {
        var x = Math.abs(east);
        var y = Math.abs(north);
        var most = Math.max(x, y);
        if (most == 0) {
            return 0;
        }
        var a = Math.min(x, y) / most;
        var s = a * a;
        var turn = ((-0.0464964749 * s + 0.15931422) * s - 0.327622764) * s * a + a;
        turn = y > x ? Math.PI / 2 - turn : turn;
        turn = east < 0 ? Math.PI - turn : turn;
        return (int) Math.rint((north < 0 ? -turn : turn) / (2 * Math.PI) * ANGLES);
    }

    private double soft(int middle, double far, double placeMm, double softMm) {
        var at = middle & ANGLES - 1;
        if (far >= farthest[at] + softMm / 2) {
            return 0;
        }
        if (far <= clear[at] - softMm / 2) {
            return 1;
        }
        var sum = 0.0;
        for (var k = -BESIDE; k <= BESIDE; k++) {
            var angle = middle + k & ANGLES - 1;
            var share = Math.clamp((walls[angle] - far) / softMm + 0.5, 0, 1);
            if (share > 0 && hidden[angle].isPassed(heightMm, far, placeMm)) {
                sum += share;
            }
        }
        return sum / (2 * BESIDE + 1);
    }
}
