package honeylamp.edit;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.plan.Wall.BodySide;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;

/**
 * Walls around an outline. Where a wall stands already it is shared, not doubled; a new wall that runs on from one of its
 * kind becomes part of it. An outline laid partly over a room grows that room: between the two no wall is left.
 */
public final class WallsAround {
    private static final double SAME_MM = 1;

    /** Parallel walls that share at least this much of the thinner one's thickness are one wall. */
    private static final double SHARED = 0.5;

    private static final double PARALLEL_DEG = 0.5;

    private WallsAround() {}

    /**
     * One side of an outline.
     *
     * @param sagittaMm of an arc, to the left of the way round; 0 for a straight side
     */
    public record Edge(Position from, Position to, double sagittaMm) {
        Curve line() {
            return Curve.of(from.point(), to.point(), sagittaMm);
        }
    }

    /** The straight sides of a closed outline. */
    public static List<Edge> edges(List<Position> corners) {
        var out = new ArrayList<Edge>();
        for (var i = 0; i < corners.size(); i++) {
            out.add(new Edge(corners.get(i), corners.get((i + 1) % corners.size()), 0));
        }
        return out;
    }

    /**
     * Puts walls around a closed outline; refused if an arc of it is nearly a whole circle.
     *
     * @param geometry what is built on the storey in {@code plan}
     * @param drawn which line of the walls the outline is
     * @param works what becomes of the walls in the building works
     */
    public static Outcome<Plan> add(
            Plan plan,
            StoreyGeometry geometry,
            List<Edge> outline,
            DrawnFace drawn,
            WallTypeId type,
            Wall.Works works) {
        var storey = geometry.storey().id();
        var over = LaidOver.of(geometry, outline, inside(plan, drawn, type));
        if (over.isPresent()) {
            return over(over.get(), plan, storey, outline, drawn, type, works);
        }
        var body = drawn.body(isCounterClockwise(outline));
        var standing = outline.stream()
                .map(e -> !covering(plan, storey, e, body, type).isEmpty())
                .toList();
        var now = Outcome.done(plan);
        for (var i = 0; i < outline.size(); i++) {
            var edge = outline.get(i);
            if (edge.from.point().distance(edge.to.point()) >= Wall.SHORTEST_MM) {
                var corners = new Corners(
                        standing.get((i + outline.size() - 1) % outline.size()),
                        standing.get((i + 1) % outline.size()));
                now = now.then(p -> side(p, storey, edge, corners, body, type)
                        .map(q -> runningOn(p, WallEdits.setWorksOfAdded(p, q, storey, works), storey)));
            }
        }
        return now;
    }

    /** How far within its drawn line the clear space of an outline begins. */
    private static double inside(Plan plan, DrawnFace drawn, WallTypeId type) {
        return switch (drawn) {
            case INNER -> 0;
            case CENTRE -> thickness(plan, type) / 2;
            case OUTER -> thickness(plan, type);
        };
    }

    /** Walls around an outline that makes one room with those it is laid over. */
    private static Outcome<Plan> over(
            LaidOver over,
            Plan plan,
            StoreyId storey,
            List<Edge> outline,
            DrawnFace drawn,
            WallTypeId type,
            Wall.Works works) {
        var body = drawn.body(isCounterClockwise(outline));
        var now = Outcome.done(over.without(plan));
        for (var edge : outline.stream().flatMap(e -> over.built(e).stream()).toList()) {
            now = now.then(p -> side(p, storey, edge, new Corners(false, false), body, type)
                    .map(q -> WallEdits.setWorksOfAdded(p, q, storey, works)));
        }
        return now;
    }

    /**
     * What came of a wall drawn by itself.
     *
     * @param own the new wall, if it stands free of walls along its way
     * @param shared whether a wall stood along some of the way and is shared
     */
    public record Leg(Plan plan, Optional<WallId> own, boolean shared) {}

    /**
     * Puts a wall from one point to another, only where none stands along the way already; refused as by
     * {@link WallEdits#add}.
     */
    public static Outcome<Leg> leg(
            Plan plan, StoreyId storey, Position from, Position to, BodySide body, WallTypeId type) {
        var edge = new Edge(from, to, 0);
        if (covering(plan, storey, edge, body, type).isEmpty()) {
            return WallEdits.add(plan, storey, from, to, body, type)
                    .map(added -> new Leg(added.plan(), Optional.of(added.id()), false));
        }
        var now = Outcome.done(plan);
        for (var free : free(plan, storey, edge, new Corners(false, false), body, type)) {
            now = now.then(p -> WallEdits.add(p, storey, free.from, free.to, free.body, type)
                    .map(Added::plan));
        }
        return now.map(p -> new Leg(p, Optional.empty(), true));
    }

    /** Whether walls stand already along the sides before and after one; then its ends need no short stretch to reach them. */
    private record Corners(boolean before, boolean after) {}

    private static boolean isCounterClockwise(List<Edge> outline) {
        var points = new ArrayList<Point>();
        for (var edge : outline) {
            points.add(edge.from.point());
            points.add(edge.line().middle());
        }
        return new Ring(points).signedArea() >= 0;
    }

    private static Outcome<Plan> side(
            Plan plan, StoreyId storey, Edge edge, Corners corners, BodySide body, WallTypeId type) {
        if (edge.sagittaMm != 0) {
            return WallEdits.addArc(plan, storey, edge.from, edge.to, Length.ofMm(edge.sagittaMm), body, type)
                    .map(Added::plan);
        }
        var now = Outcome.done(plan);
        for (var free : free(plan, storey, edge, corners, body, type)) {
            now = now.then(p -> drawn(p, storey, free, type));
        }
        return now;
    }

    /** A stretch still to be drawn, on the line of the wall it runs on from if there is one. */
    private record Stretch(Position from, Position to, BodySide body) {}

    private static List<Wall> covering(Plan plan, StoreyId storey, Edge edge, BodySide body, WallTypeId type) {
        var line = new Segment(edge.from.point(), edge.to.point());
        if (edge.sagittaMm != 0 || line.length() < Wall.SHORTEST_MM) {
            return List.of();
        }
        var thickness = thickness(plan, type);
        return plan.storey(storey).standing().stream()
                .filter(w -> !w.isCurved() && covers(plan, w, line, body, thickness))
                .sorted(Comparator.comparingDouble(w ->
                        Math.min(line.along(w.chord().a()), line.along(w.chord().b()))))
                .toList();
    }

    private static List<Stretch> free(
            Plan plan, StoreyId storey, Edge edge, Corners corners, BodySide body, WallTypeId type) {
        var line = new Segment(edge.from.point(), edge.to.point());
        var thickness = thickness(plan, type);
        var covered = covering(plan, storey, edge, body, type);
        if (covered.isEmpty()) {
            return List.of(new Stretch(edge.from, edge.to, body));
        }
        var like = covered.getFirst();
        var turned = like.chord().unit().dot(line.unit()) < 0;
        var guide = turned ? like.chord().reversed() : like.chord();
        var side = turned ? like.body().flipped() : like.body();
        var out = new ArrayList<Stretch>();
        var from = guide.along(line.a());
        var end = guide.along(line.b());
        for (var i = 0; i < covered.size(); i++) {
            var a = guide.along(covered.get(i).chord().a());
            var b = guide.along(covered.get(i).chord().b());
            stretch(guide, from, Math.min(a, b), side, i == 0 && !corners.before ? SAME_MM : thickness, out);
            from = Math.max(from, Math.max(a, b));
        }
        stretch(guide, from, end, side, corners.after ? thickness : SAME_MM, out);
        return out;
    }

    /** What sticks out by no more than so much is covered by the corner of the wall that stands. */
    private static void stretch(
            Segment guide, double from, double to, BodySide side, double coveredMm, List<Stretch> out) {
        if (to - from > coveredMm) {
            out.add(new Stretch(Position.of(guide.at(from)), Position.of(guide.at(to)), side));
        }
    }

    private static boolean covers(Plan plan, Wall wall, Segment line, BodySide body, double thickness) {
        var other = wall.chord();
        if (Math.abs(other.unit().cross(line.unit())) > Math.sin(Math.toRadians(PARALLEL_DEG))) {
            return false;
        }
        var a = line.along(other.a());
        var b = line.along(other.b());
        if (Math.min(Math.max(a, b), line.length()) - Math.max(Math.min(a, b), 0) < SAME_MM) {
            return false;
        }
        if (Math.abs(line.offset(other.middle())) < SAME_MM) {
            return true;
        }
        var own = middle(line, body, thickness);
        var theirs = WallShaping.face(plan, wall, WallShaping.Face.MIDDLE);
        var otherThickness = thickness(plan, wall.type());
        var deep = (thickness + otherThickness) / 2 - Math.abs(own.offset(theirs.middle()));
        return deep >= SHARED * Math.min(thickness, otherThickness);
    }

    private static Segment middle(Segment line, BodySide body, double thickness) {
        return line.shiftedLeft(thickness * (body.leftShare() - 0.5));
    }

    private static double thickness(Plan plan, WallTypeId type) {
        return plan.wallType(type).thickness().mm();
    }

    private static Outcome<Plan> drawn(Plan plan, StoreyId storey, Stretch stretch, WallTypeId type) {
        var from = across(plan, storey, stretch.from, stretch, type);
        var to = across(plan, storey, stretch.to, stretch, type);
        return WallEdits.add(plan, storey, from, to, stretch.body, type).map(Added::plan);
    }

    /** The end of a wall of this kind on the other side of a cross wall that this end stops at; else the end itself. */
    private static Position across(Plan plan, StoreyId storey, Position end, Stretch stretch, WallTypeId type) {
        var line = new Segment(stretch.from.point(), stretch.to.point());
        var walls = plan.storey(storey).standing();
        for (var other : walls) {
            if (other.isCurved() || !other.type().equals(type) || !isOn(line, other)) {
                continue;
            }
            for (var theirs : List.of(other.from(), other.to())) {
                var middle = end.point().towards(theirs.point(), 0.5);
                var beyond = line.along(theirs.point()) < 0 || line.along(theirs.point()) > line.length();
                var through = List.of(end.point(), middle, theirs.point());
                if (beyond
                        && walls.stream()
                                .anyMatch(w -> w != other
                                        && !isOn(line, w)
                                        && through.stream().allMatch(p -> holds(plan, w, p)))) {
                    return theirs;
                }
            }
        }
        return end;
    }

    private static boolean isOn(Segment line, Wall wall) {
        return Math.abs(line.offset(wall.from().point())) < SAME_MM
                && Math.abs(line.offset(wall.to().point())) < SAME_MM;
    }

    private static boolean holds(Plan plan, Wall wall, Point p) {
        var line = wall.chord();
        var thickness = thickness(plan, wall.type());
        var left = thickness * wall.body().leftShare();
        var along = line.along(p);
        var offset = line.offset(p);
        return along > -thickness
                && along < line.length() + thickness
                && offset < left + SAME_MM
                && offset > left - thickness - SAME_MM;
    }

    /** Joins the walls that were added to those of their kind that they run on from. */
    private static Plan runningOn(Plan before, Plan plan, StoreyId storey) {
        var old = before.storey(storey);
        var now = plan;
        for (var wall : plan.storey(storey).walls()) {
            if (!wall.isCurved() && old.wall(wall.id()).isEmpty()) {
                now = runOn(now, storey, wall.id());
            }
        }
        return now;
    }

    /** Joins a new wall to those of its kind that it runs on from. */
    private static Plan runOn(Plan plan, StoreyId storey, WallId id) {
        var wall = plan.storey(storey).wall(id).orElseThrow(() -> new NoSuchElementException(id.text()));
        for (var other : plan.storey(storey).standing()) {
            if (!other.id().equals(id)
                    && other.type().equals(wall.type())
                    && other.works() == wall.works()
                    && other.height().equals(wall.height())
                    && (touches(other, wall.from()) || touches(other, wall.to()))) {
                var joined = WallShaping.join(plan, storey, other.id(), id).result(); // none round a corner
                if (joined.isPresent()) {
                    return runOn(joined.get(), storey, other.id());
                }
            }
        }
        return plan;
    }

    private static boolean touches(Wall wall, Position end) {
        return wall.from().equals(end) || wall.to().equals(end);
    }
}
