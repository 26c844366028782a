package honeylamp.body;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.fixed.StairSteps;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Role;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;

/**
 * Handrails of a stair: a baluster on every tread at each side that is open, and a rail from one to the next; along the open
 * edges of landings a baluster at each end.
 */
final class StairRails {
    /** The top of a rail above the treads, measured plumb. */
    static final double HIGH_MM = 900;

    private static final double RAIL_MM = 40;
    private static final double BALUSTER_MM = 22;
    private static final double INSET_MM = 40;
    private static final double ON_EDGE_MM = 3;
    private static final double LEAST_MM = 60;

    /** A longer edge is that of a landing. */
    private static final double LANDING_MM = 550;

    /** Balusters farther apart on the plan belong to different sides. */
    private static final double NEXT_MM = 700;

    private final StairSteps steps;
    private final double liftMm;
    private final double highestMm;
    private final Predicate<Point> isAtWall;
    private final List<Facet> facets = new ArrayList<>();

    /**
     * The rails of a stair.
     *
     * @param cutMm so high above the floor all is cut: rails that would reach higher are left out
     * @param isAtWall whether a wall stands right beside a place
     */
    StairRails(FixedParts.Flights stair, double floorMm, double cutMm, Predicate<Point> isAtWall) {
        this.steps = stair.steps();
        this.liftMm = floorMm
                - (stair.seen() == FixedParts.End.FOOT
                        ? 0
                        : stair.stair().rise().mm());
        this.highestMm = floorMm + cutMm;
        this.isAtWall = isAtWall;
    }

    List<Facet> rails() {
        var outline = steps.outline();
        var before = List.<SpacePoint>of();
        for (var tread : steps.treads()) {
            var now = new ArrayList<SpacePoint>();
            for (var edge : tread.outline().counterClockwise().edges()) {
                if (isOpenSide(edge, outline)) {
                    now.addAll(onEdge(edge, liftMm + tread.topMm()));
                }
            }
            for (var top : now) {
                before.stream()
                        .filter(p -> p.plan().distance(top.plan()) < NEXT_MM)
                        .min(Comparator.comparingDouble(p -> p.plan().distance(top.plan())))
                        .ifPresent(p -> bar(p, top));
            }
            before = now;
        }
        return facets;
    }

    /** Whether an edge of a tread is at the side of the stair, and no wall beside it. */
    private boolean isOpenSide(Segment edge, List<Outline> outline) {
        var middle = edge.middle();
        return edge.length() > LEAST_MM
                && outline.stream().anyMatch(o -> o.edgeDistance(middle) < ON_EDGE_MM)
                && steps.risers().stream().noneMatch(r -> r.distance(middle) < ON_EDGE_MM)
                && !isAtWall.test(middle);
    }

    /** The tops of the balusters along an edge. */
    private List<SpacePoint> onEdge(Segment edge, double treadMm) {
        var line = edge.shiftedLeft(INSET_MM);
        if (treadMm + HIGH_MM > highestMm) {
            return List.of();
        }
        if (line.length() <= LANDING_MM) {
            return List.of(baluster(line.middle(), treadMm));
        }
        var a = baluster(line.at(INSET_MM), treadMm);
        var b = baluster(line.at(line.length() - INSET_MM), treadMm);
        bar(a, b);
        return List.of(a, b);
    }

    private SpacePoint baluster(Point at, double footMm) {
        var half = BALUSTER_MM / 2;
        var ring = Ring.of(
                at.plus(new Point(-half, -half)),
                at.plus(new Point(half, -half)),
                at.plus(new Point(half, half)),
                at.plus(new Point(-half, half)));
        var top = footMm + HIGH_MM;
        facets.addAll(Prism.upright(Outline.of(ring), footMm, top - RAIL_MM, Skin.of(Role.TIMBER_DARK)));
        return SpacePoint.of(at, top);
    }

    /** A rail below the line between two points, as wide as it is high, its ends plumb. */
    private void bar(SpacePoint from, SpacePoint to) {
        var level = to.plan().minus(from.plan());
        var way = level.times(1 / level.length());
        var side = SpacePoint.of(way.left().times(RAIL_MM / 2), 0);
        var past = SpacePoint.of(way.times(RAIL_MM / 2), 0);
        var down = new SpacePoint(0, 0, -RAIL_MM);
        var a = from.minus(past);
        var b = to.plus(past);
        var right = List.of(a.minus(side), b.minus(side));
        var left = List.of(a.plus(side), b.plus(side));
        quad(right.get(0), right.get(1), left.get(1), left.get(0)); // top
        quad(
                left.get(0).plus(down),
                left.get(1).plus(down),
                right.get(1).plus(down),
                right.get(0).plus(down));
        quad(right.get(0).plus(down), right.get(1).plus(down), right.get(1), right.get(0));
        quad(left.get(1).plus(down), left.get(0).plus(down), left.get(0), left.get(1));
        quad(left.get(0).plus(down), right.get(0).plus(down), right.get(0), left.get(0));
        quad(right.get(1).plus(down), left.get(1).plus(down), left.get(1), right.get(1));
    }

    /** Four corners of a plane, counter-clockwise as one looks at it. */
    private void quad(SpacePoint a, SpacePoint b, SpacePoint c, SpacePoint d) {
        var along = b.minus(a).unit();
        var beside = d.minus(a);
        var up = beside.minus(along.times(beside.dot(along))).unit();
        var flat = new Flat(a, along, up);
        facets.add(new Facet(
                flat, Outline.of(Ring.of(flat.of(a), flat.of(b), flat.of(c), flat.of(d))), Skin.of(Role.TIMBER_DARK)));
    }
}
