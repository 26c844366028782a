package honeylamp.edit;

import honeylamp.geometry.Arc;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.RoundDimensionId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.RoundDimension.Measures;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.Comparator;
import java.util.Optional;

/** What is typed over an angle or a radius changes the walls it was put on. */
public final class RoundTyping {
    /** A wall runs along a leg if they differ by no more than this sine. */
    private static final double SAME_WAY_SINE = 1e-3;

    /** Lines of a wall lie within its thickness, and a little rounding. */
    private static final double ROUNDING_MM = 1;

    private RoundTyping() {}

    /** Which of the two lines of an angle gives. */
    public enum Giving {
        FIRST,
        SECOND
    }

    /** The way a line of an angle runs from its corner, at length one. */
    public static Point way(RoundDimension angle, Giving giving) {
        return leg(angle, giving).point().minus(angle.middle().point()).unit();
    }

    private static Position leg(RoundDimension angle, Giving giving) {
        return giving == Giving.FIRST ? angle.from() : angle.to();
    }

    /**
     * Turns the wall along one line of an angle about its end at the corner until the angle is as wanted; its far end goes
     * along with all that meets there. Refused if no straight wall runs along that line, for angles that are none, and if a
     * wall would shrink to nothing.
     *
     * @param wantedDeg above 0 and below 180
     */
    public static Outcome<Plan> angle(
            Plan plan, StoreyId storey, RoundDimensionId id, Giving giving, double wantedDeg) {
        if (!(wantedDeg > 0 && wantedDeg < 180)) {
            return Outcome.refused(
                    "an angle between two walls is more than 0 and less than 180 degrees", "Type what lies between.");
        }
        var angle = dimension(plan, storey, id);
        var corner = angle.middle().point();
        var wall = along(plan, storey, corner, leg(angle, giving).point());
        if (wall.isEmpty()) {
            return Outcome.refused("no straight wall runs along that line", "Turn the other one, or move the wall.");
        }
        var first = way(angle, Giving.FIRST);
        var second = way(angle, Giving.SECOND);
        var now = Math.toDegrees(Math.atan2(first.cross(second), first.dot(second)));
        var wider = Math.signum(now) * (wantedDeg - Math.abs(now));
        var turn = giving == Giving.SECOND ? wider : -wider;
        var chord = wall.get().chord();
        var isFromNear = chord.a().distance(corner) <= chord.b().distance(corner);
        var near = isFromNear ? chord.a() : chord.b();
        var far = isFromNear ? chord.b() : chord.a();
        var there = near.plus(Point.direction(far.minus(near).angleDeg() + turn).times(chord.length()));
        return WallEdits.moveCorner(
                plan, storey, isFromNear ? wall.get().to() : wall.get().from(), Position.of(there));
    }

    /** The straight wall nearest to a leg of an angle that runs along it. */
    private static Optional<Wall> along(Plan plan, StoreyId storey, Point corner, Point leg) {
        var way = leg.minus(corner).unit();
        return plan.storey(storey).standing().stream()
                .filter(w -> w.line() instanceof Segment line
                        && Math.abs(line.unit().cross(way)) < SAME_WAY_SINE
                        && line.distance(leg) <= thickMm(plan, w) + ROUNDING_MM)
                .min(Comparator.comparingDouble(w -> w.line().distance(leg)));
    }

    private static double thickMm(Plan plan, Wall wall) {
        return plan.wallType(wall.type()).thickness().mm();
    }

    /**
     * Bends the wall of a radius or a diameter until that is as wanted, its ends where they are. Refused if no curved wall
     * lies there, for lengths of arcs, and if the radius does not reach from end to end.
     *
     * @param wanted the radius or the diameter of the line that is measured, which may be a face
     */
    public static Outcome<Plan> radius(Plan plan, StoreyId storey, RoundDimensionId id, Length wanted) {
        var dimension = dimension(plan, storey, id);
        if (dimension.measures() != Measures.RADIUS && dimension.measures() != Measures.DIAMETER) {
            return Outcome.refused(
                    "the length of an arc follows its radius", "Measure the radius, and type over that.");
        }
        var measured = dimension.arc();
        var wall = plan.storey(storey).standing().stream()
                .filter(w -> w.line() instanceof Arc arc
                        && arc.centre().distance(measured.centre()) <= ROUNDING_MM
                        && Math.abs(arc.radius() - measured.radius()) <= thickMm(plan, w) + ROUNDING_MM)
                .min(Comparator.comparingDouble(
                        w -> w.line().distance(dimension.middle().point())));
        if (wall.isEmpty()) {
            return Outcome.refused("no curved wall runs there any more", "Delete the dimension, and measure anew.");
        }
        var arc = (Arc) wall.get().line();
        var radius = (dimension.measures() == Measures.DIAMETER ? wanted.mm() / 2 : wanted.mm())
                + arc.radius()
                - measured.radius();
        var chord = wall.get().chord().length();
        if (!(radius >= chord / 2)) {
            return Outcome.refused(
                    "that radius does not reach from end to end of the wall",
                    "Type more, or bring its ends nearer to each other.");
        }
        var shorter = Arc.rise(radius, chord);
        var rise = Math.abs(arc.sweep()) > Math.PI ? 2 * radius - shorter : shorter;
        var bent = Math.signum(wall.get().sagitta().mm()) * rise;
        return WallEdits.bend(plan, storey, wall.get().id(), Length.ofMm(bent));
    }

    private static RoundDimension dimension(Plan plan, StoreyId storey, RoundDimensionId id) {
        return plan.storey(storey)
                .elements()
                .find(RoundDimension.class, id)
                .orElseThrow(() -> new IllegalArgumentException("there is no dimension " + id.text()));
    }
}
