package honeylamp.derive.lighting;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** How far one sees from a point all around: up to walls, and past what is not as tall as one looks over it. */
public final class Sight {
    private static final int ANGLES = 1024;

    private static final double HAIR_MM = 1e-6;

    private final Point from;
    private final double heightMm;
    private final double[] walls;
    /** The tall pieces at each angle: few of all. */
    private final List<List<Blind>> blinds;

    /** How far the nearest tall piece is at each angle. */
    private final double[] nearest;

    /**
     * What a tall piece hides.
     *
     * @param near how far it is at each angle
     * @param far how far its other side is
     */
    private record Blind(double[] near, double[] far, double bottomMm, double topMm) {
        /** Whether a ray that rises so, from a height, meets it before a place so far off. */
        boolean meets(int angle, double fromMm, double rise, double placeFar) {
            var in = fromMm + rise * near[angle];
            // what lies in its own footprint is hidden by its front alone
            var out = far[angle] < placeFar ? fromMm + rise * far[angle] : in;
            return Math.min(in, out) < topMm && Math.max(in, out) > bottomMm;
        }
    }

    private Sight(Point from, double heightMm, double[] walls, List<Blind> blinds) {
        this.from = from;
        this.heightMm = heightMm;
        this.walls = walls;
        this.blinds = IntStream.range(0, ANGLES)
                .mapToObj(k -> blinds.stream()
                        .filter(b -> b.near[k] < Double.POSITIVE_INFINITY)
                        .toList())
                .toList();
        this.nearest = new double[ANGLES];
        Arrays.fill(nearest, Double.POSITIVE_INFINITY);
        for (var blind : blinds) {
            for (var k = 0; k < ANGLES; k++) {
                nearest[k] = Math.min(nearest[k], blind.near[k]);
            }
        }
    }

    /** What is seen from a point at a height, no farther than so far. */
    public static Sight of(Point from, double heightMm, double reachMm, InTheWay way) {
        var walls = new double[ANGLES];
        Arrays.fill(walls, reachMm);
        for (var wall : way.walls()) {
            if (wall.distance(from) < reachMm) {
                meet(from, wall, (at, far) -> walls[at] = Math.min(walls[at], far));
            }
        }
        var blinds = new ArrayList<Blind>();
        for (var piece : way.pieces()) {
            if (piece.ring().edges().stream().anyMatch(e -> e.distance(from) < reachMm)
                    && !piece.ring().contains(from)) {
                blinds.add(blind(from, piece));
            }
        }
        return new Sight(from, heightMm, walls, List.copyOf(blinds));
    }

    private static Blind blind(Point from, InTheWay.Tall piece) {
        var near = new double[ANGLES];
        Arrays.fill(near, Double.POSITIVE_INFINITY);
        var beyond = new double[ANGLES];
        piece.ring()
                .edges()
                .forEach(edge -> meet(from, edge, (at, far) -> {
                    near[at] = Math.min(near[at], far);
                    beyond[at] = Math.max(beyond[at], far);
                }));
        return new Blind(near, beyond, piece.bottomMm(), piece.topMm());
    }

    private interface Meeting {
        void at(int angle, double far);
    }

    /** Where rays from a point meet a segment. */
    private static void meet(Point from, Segment segment, Meeting meeting) {
        var a = segment.a().minus(from);
        var b = segment.b().minus(from);
        var start = Math.atan2(a.y(), a.x());
        var turn = Math.atan2(a.cross(b), a.dot(b));
        var first = (int) Math.floor(Math.min(start, start + turn) / (2 * Math.PI) * ANGLES);
        var last = (int) Math.ceil(Math.max(start, start + turn) / (2 * Math.PI) * ANGLES);
        var along = b.minus(a);
        for (var k = first; k <= last; k++) {
            var ray = new Point(Math.cos(2 * Math.PI * k / ANGLES), Math.sin(2 * Math.PI * k / ANGLES));
            var cross = ray.cross(along);
            if (Math.abs(cross) > 1e-9) {
                var t = a.cross(along) / cross;
                var s = a.cross(ray) / cross;
                if (t > 0 && s >= -1e-6 && s <= 1 + 1e-6) {
                    meeting.at(Math.floorMod(k, ANGLES), t);
                }
            }
        }
    }

    /** The box around all that is seen, in plan mm. */
    public Box bounds() {
        var ends = new ArrayList<Point>(ANGLES);
        for (var k = 0; k < ANGLES; k++) {
            ends.add(from.plus(
                    new Point(Math.cos(2 * Math.PI * k / ANGLES), Math.sin(2 * Math.PI * k / ANGLES)).times(walls[k])));
        }
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
            return walls[angle] - far >= -HAIR_MM && isOver(angle, far, placeMm) ? 1 : 0;
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
        var sum = 0.0;
        for (var k = -2; k <= 2; k++) {
            var angle = middle + k & ANGLES - 1;
            var share = Math.clamp((walls[angle] - far) / softMm + 0.5, 0, 1);
            if (share > 0 && isOver(angle, far, placeMm)) {
                sum += share;
            }
        }
        return sum / 5;
    }

    /** Whether one looks over, or under, all that stands before a place. */
    private boolean isOver(int angle, double far, double placeMm) {
        if (nearest[angle] >= far) {
            return true;
        }
        for (var blind : blinds.get(angle)) {
            if (blind.near[angle] < far && blind.meets(angle, heightMm, (placeMm - heightMm) / far, far)) {
                return false;
            }
        }
        return true;
    }
}
