package honeylamp.derive.lighting;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.DoubleUnaryOperator;

/** How far one sees from a point all around: up to walls, and past what is not as tall as one looks over it. */
public final class Sight {
    private static final int ANGLES = 1024;

    private final Point from;
    private final double heightMm;
    private final double[] walls;
    private final List<Blind> blinds;

    /**
     * What a tall piece hides.
     *
     * @param near how far it is at each angle
     */
    private record Blind(double[] near, double bottomMm, double topMm) {}

    private Sight(Point from, double heightMm, double[] walls, List<Blind> blinds) {
        this.from = from;
        this.heightMm = heightMm;
        this.walls = walls;
        this.blinds = blinds;
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
        piece.ring().edges().forEach(edge -> meet(from, edge, (at, far) -> near[at] = Math.min(near[at], far)));
        return new Blind(near, piece.bottomMm(), piece.topMm());
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

    /** The farthest that anything is seen. */
    public double farthestMm() {
        return Arrays.stream(walls).max().orElse(0);
    }

    /**
     * How much of the point is seen from a place, from 0 to 1.
     *
     * @param placeMm its height above the floor
     * @param softMm so wide are the edges of what walls hide; 0 for a sharp edge
     */
    public double share(Point place, double placeMm, double softMm) {
        var way = place.minus(from);
        var far = way.length();
        var middle = (int) Math.round(Math.atan2(way.y(), way.x()) / (2 * Math.PI) * ANGLES);
        return softMm == 0
                ? seen(Math.floorMod(middle, ANGLES), far, placeMm, gap -> gap >= -1e-6 ? 1 : 0)
                : soft(middle, far, placeMm, softMm);
    }

    private double soft(int middle, double far, double placeMm, double softMm) {
        var sum = 0.0;
        for (var k = -2; k <= 2; k++) {
            sum += seen(Math.floorMod(middle + k, ANGLES), far, placeMm, gap -> Math.clamp(gap / softMm + 0.5, 0, 1));
        }
        return sum / 5;
    }

    /** @param of how much is seen of what is so far nearer than the wall behind it */
    private double seen(int angle, double far, double placeMm, DoubleUnaryOperator of) {
        var share = of.applyAsDouble(walls[angle] - far);
        for (var blind : blinds) {
            var near = blind.near[angle];
            if (share > 0 && near < far) {
                var at = heightMm + (placeMm - heightMm) * near / far;
                if (at < blind.topMm && at > blind.bottomMm) {
                    return 0;
                }
            }
        }
        return share;
    }
}
