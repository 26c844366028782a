package honeylamp.takeoff.way;

import honeylamp.geometry.Box;
import honeylamp.geometry.BoxIndex;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.OpeningId;
import honeylamp.takeoff.way.WalkedFloor.Edge;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A place where a way is narrow.
 *
 * @param line across the way, from one side to the other, in plan mm
 * @param between what stands on both sides; walls are left out
 * @param door if it is the passage of one
 */
public record NarrowPlace(Segment line, List<ElementId> between, Optional<OpeningId> door) {
    /** What lies so much more across than along is to a side. */
    private static final double ASIDE = 0.4;

    /** The edges on both sides are looked at this far beyond the nearest. */
    private static final double AROUND_MM = 150;

    /** Narrow places nearer to each other are one. */
    private static final double BESIDE_MM = 250;

    /** Those between the same things, too. */
    private static final double ALONG_MM = 1500;

    /** A passage through a door is met within this much of its middle line. */
    private static final double IN_DOOR_MM = 60;

    public NarrowPlace {
        between = List.copyOf(between);
    }

    /** How wide the way is there. */
    public double mm() {
        return line.length();
    }

    /** Whether it is the same place as another: right beside it, or a little farther along the same pieces. */
    boolean isSame(NarrowPlace other) {
        var apart = middle().distance(other.middle());
        return apart < BESIDE_MM || apart < ALONG_MM && !between.isEmpty() && between.equals(other.between);
    }

    /** Where to look. */
    public Point middle() {
        return line.middle();
    }

    /**
     * The narrow place near a point that is about in its middle: between the nearest edge and what is on the other side.
     *
     * @param index of the edges of the floor
     * @return empty if nothing is on the other side
     */
    static Optional<NarrowPlace> near(WalkedFloor floor, BoxIndex index, Point p, double clearMm) {
        var reach = clearMm + AROUND_MM;
        var near = index.meeting(new Box(p.x() - reach, p.y() - reach, p.x() + reach, p.y() + reach)).stream()
                .flatMap(i -> within(floor.edges().get(i), p, reach).stream())
                .toList();
        var nearest =
                near.stream().map(e -> e.line().nearest(p)).min((a, b) -> Double.compare(a.distance(p), b.distance(p)));
        if (nearest.isEmpty() || nearest.get().distance(p) == 0) {
            return Optional.empty();
        }
        var unit = nearest.get().minus(p).unit();
        Optional<NarrowPlace> best = Optional.empty();
        for (var one : near) {
            for (var other : near) {
                if (side(one, p, unit) > ASIDE && side(other, p, unit) < -ASIDE) {
                    var line = shortest(one.line(), other.line());
                    if (line.length() > 0
                            && best.filter(b -> b.mm() <= line.length()).isEmpty()) {
                        best = Optional.of(new NarrowPlace(line, ids(one, other), Optional.empty()));
                    }
                }
            }
        }
        return best.map(b -> b.in(floor));
    }

    /** The part of an edge within reach of a point. */
    private static Optional<Edge> within(Edge edge, Point p, double reach) {
        var line = edge.line();
        var foot = line.along(p);
        var off = line.offset(p);
        var half = Math.sqrt(Math.max(0, reach * reach - off * off));
        var from = Math.max(0, foot - half);
        var to = Math.min(line.length(), foot + half);
        return half == 0 || from >= to ? Optional.empty() : Optional.of(new Edge(line.part(from, to), edge.of()));
    }

    /** On which side of a point an edge lies: one straight ahead of the direction, minus one behind. */
    private static double side(Edge edge, Point p, Point unit) {
        var way = edge.line().nearest(p).minus(p);
        return way.length() == 0 ? 0 : way.dot(unit) / way.length();
    }

    private static Segment shortest(Segment a, Segment b) {
        if (a.touches(b)) {
            return new Segment(a.a(), a.a());
        }
        var all = List.of(
                new Segment(a.a(), b.nearest(a.a())),
                new Segment(a.b(), b.nearest(a.b())),
                new Segment(a.nearest(b.a()), b.a()),
                new Segment(a.nearest(b.b()), b.b()));
        return all.stream()
                .min((s, t) -> Double.compare(s.length(), t.length()))
                .orElseThrow();
    }

    private static List<ElementId> ids(Edge one, Edge other) {
        var out = new ArrayList<ElementId>();
        one.of().ifPresent(out::add);
        other.of().filter(id -> !out.contains(id)).ifPresent(out::add);
        return out;
    }

    private NarrowPlace in(WalkedFloor floor) {
        return floor.doorways().stream()
                .filter(d -> between.isEmpty()
                        && d.cut().middle().distance(middle())
                                <= IN_DOOR_MM + d.cut().thicknessMm() / 2)
                .findFirst()
                .map(d -> new NarrowPlace(
                        line, between, Optional.of(d.cut().opening().id())))
                .orElse(this);
    }
}
