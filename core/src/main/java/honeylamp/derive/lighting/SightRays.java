package honeylamp.derive.lighting;

import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/** Rays from a point all around, and what walls and tall pieces they meet. */
final class SightRays {
    static final int ANGLES = 1024;

    /** Of each piece that a ray meets: how far it is, how far its other side, its bottom and its top, in mm. */
    static final int NUMBERS = 4;

    /** Pieces so far behind a wall are not seen, even where its edge is soft. */
    private static final double BEHIND_MM = 200;

    private static final double[] EAST =
            IntStream.range(0, ANGLES).mapToDouble(k -> Math.cos(turn(k))).toArray();
    private static final double[] NORTH =
            IntStream.range(0, ANGLES).mapToDouble(k -> Math.sin(turn(k))).toArray();

    private final Point from;
    private final double reachMm;
    private final double[] walls = new double[ANGLES];
    private final double[][] spans = new double[ANGLES][0];

    /** How far the piece in hand is at each angle, and its other side; as before where no ray meets it. */
    private final double[] near = new double[ANGLES];

    private final double[] beyond = new double[ANGLES];

    /** Begins with nothing in the way. */
    SightRays(Point from, double reachMm) {
        this.from = from;
        this.reachMm = reachMm;
        Arrays.fill(walls, reachMm);
        Arrays.fill(near, Double.POSITIVE_INFINITY);
    }

    private static double turn(int angle) {
        return 2 * Math.PI * angle / ANGLES;
    }

    /** The direction of a ray. */
    static Point ray(int angle) {
        return new Point(EAST[angle], NORTH[angle]);
    }

    /** How far walls let one see at each angle. */
    double[] walls() {
        return walls;
    }

    /** What tall pieces are met at each angle, the nearest first: {@link #NUMBERS} of each. */
    List<double[]> spans() {
        return Arrays.asList(spans);
    }

    /** Puts a wall in the way. */
    void wall(Segment wall) {
        if (isInReach(wall)) {
            meet(wall, (at, far) -> walls[at] = Math.min(walls[at], far));
        }
    }

    /** Puts a tall piece in the way, after all walls: what is behind them does not count. */
    void piece(InTheWay.Tall piece) {
        var ring = piece.ring();
        if (!mayMeet(ring) || ring.edges().stream().noneMatch(this::isInReach) || ring.contains(from)) {
            return;
        }
        var met = new ArrayList<Integer>();
        ring.edges()
                .forEach(edge -> meet(edge, (at, far) -> {
                    if (near[at] == Double.POSITIVE_INFINITY) {
                        met.add(at);
                    }
                    near[at] = Math.min(near[at], far);
                    beyond[at] = Math.max(beyond[at], far);
                }));
        for (var at : met) {
            if (near[at] < walls[at] + BEHIND_MM) {
                spans[at] = inserted(spans[at], near[at], beyond[at], piece.bottomMm(), piece.topMm());
            }
            near[at] = Double.POSITIVE_INFINITY;
            beyond[at] = 0;
        }
    }

    /** With another piece among those of a ray, after those that are as near. */
    private static double[] inserted(double[] spans, double... piece) {
        var at = 0;
        while (at < spans.length && spans[at] <= piece[0]) {
            at += NUMBERS;
        }
        var out = Arrays.copyOf(spans, spans.length + NUMBERS);
        System.arraycopy(spans, at, out, at + NUMBERS, spans.length - at);
        System.arraycopy(piece, 0, out, at, NUMBERS);
        return out;
    }

    /** Few of many are near: told by the box around them first. */
    private boolean isInReach(Segment wall) {
        return Math.min(wall.a().x(), wall.b().x()) < from.x() + reachMm
                && Math.max(wall.a().x(), wall.b().x()) > from.x() - reachMm
                && Math.min(wall.a().y(), wall.b().y()) < from.y() + reachMm
                && Math.max(wall.a().y(), wall.b().y()) > from.y() - reachMm
                && wall.distance(from) < reachMm;
    }

    private boolean mayMeet(Ring ring) {
        return ring.bounds().grown(reachMm).contains(from);
    }

    private interface Meeting {
        void at(int angle, double far);
    }

    /** Where rays meet a segment. */
    private void meet(Segment segment, Meeting meeting) {
        var a = segment.a().minus(from);
        var b = segment.b().minus(from);
        var start = Math.atan2(a.y(), a.x());
        var turn = Math.atan2(a.cross(b), a.dot(b));
        var first = (int) Math.floor(Math.min(start, start + turn) / (2 * Math.PI) * ANGLES);
        var last = (int) Math.ceil(Math.max(start, start + turn) / (2 * Math.PI) * ANGLES);
        var along = b.minus(a);
        var across = a.cross(along);
        for (var k = first; k <= last; k++) {
            var at = k & ANGLES - 1;
            var cross = EAST[at] * along.y() - NORTH[at] * along.x();
            if (Math.abs(cross) > 1e-9) {
                var far = across / cross;
                var part = (a.x() * NORTH[at] - a.y() * EAST[at]) / cross;
                if (far > 0 && part >= -1e-6 && part <= 1 + 1e-6) {
                    meeting.at(at, far);
                }
            }
        }
    }
}
