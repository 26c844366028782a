package honeylamp.edit;

import honeylamp.geometry.Arc;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.RoundDimensionId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.Hold;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoundDimension;
import honeylamp.plan.RoundDimension.Measures;
import honeylamp.units.Length;
import java.util.function.UnaryOperator;

/** Measuring angles and curved lines. */
public final class RoundDimensionEdits {
    /** Lines that cross at a smaller sine have no angle worth telling: about a tenth of a degree. */
    private static final double PARALLEL_SINE = 0.002;

    /** So near to a line is on it, in mm. */
    private static final double ON_MM = 1;

    private RoundDimensionEdits() {}

    /** Measures a curved line; the length of it is drawn so far outside it, in plan mm. */
    public static Added<RoundDimensionId> of(Plan plan, StoreyId storey, Measures measures, Arc line, double outMm) {
        return added(
                plan,
                storey,
                measures,
                Position.of(line.a()),
                Position.of(line.at(line.length() / 2)),
                Position.of(line.b()),
                outMm);
    }

    /**
     * Measures the angle between two lines where they meet, or would if they went on: that of the four in which a point
     * lies. Refused if they run the same way, or if the point lies on one of them.
     *
     * @param within where the angle is drawn: so far from the corner its arc runs
     */
    public static Outcome<Added<RoundDimensionId>> angle(
            Plan plan, StoreyId storey, Segment first, Segment second, Point within) {
        var sine = second.unit().cross(first.unit());
        if (areParallel(first, second)) {
            return Outcome.refused("both lines run the same way", "Click two that meet, or would if they went on.");
        }
        var corner = first.at(-second.offset(first.a()) / sine);
        var by = within.minus(corner);
        var alongFirst = by.cross(second.unit()) / first.unit().cross(second.unit());
        var alongSecond = by.cross(first.unit()) / second.unit().cross(first.unit());
        if (Math.abs(alongFirst) < ON_MM || Math.abs(alongSecond) < ON_MM) {
            return Outcome.refused("no angle lies there", "Click between the two lines.");
        }
        return Outcome.done(added(
                plan,
                storey,
                Measures.ANGLE,
                leg(first, corner, alongFirst),
                Position.of(corner),
                leg(second, corner, alongSecond),
                Math.max(RoundDimension.LEAST_RADIUS_MM, by.length())));
    }

    /** Whether two lines run the same way, so that there is no angle between them. */
    public static boolean areParallel(Segment first, Segment second) {
        return Math.abs(second.unit().cross(first.unit())) < PARALLEL_SINE;
    }

    /** A point of a line on one side of a corner: in the middle of what there is of it, or as far as is wanted. */
    private static Position leg(Segment line, Point corner, double wanted) {
        var way = line.unit().times(Math.signum(wanted));
        var reach =
                Math.max(line.a().minus(corner).dot(way), line.b().minus(corner).dot(way));
        return Position.of(corner.plus(way.times(reach > ON_MM ? reach / 2 : Math.abs(wanted))));
    }

    private static Added<RoundDimensionId> added(
            Plan plan, StoreyId storey, Measures measures, Position from, Position middle, Position to, double outMm) {
        var id = new RoundDimensionId(plan.nextNumber());
        var dimension = new RoundDimension(id, measures, from, middle, to, Length.ofMm(outMm), Hold.HELD);
        return new Added<>(
                plan.numbersTaken(1)
                        .withStorey(
                                storey, s -> s.with(RoundDimension.class, Lists.plus(s.roundDimensions(), dimension))),
                id);
    }

    /** Draws the line of one through a point. */
    public static Plan through(Plan plan, StoreyId storey, RoundDimensionId id, Point p) {
        return change(plan, storey, id, d -> d.through(p));
    }

    /** Measures something else of the same curved line; an angle stays one. */
    public static Plan measuring(Plan plan, StoreyId storey, RoundDimensionId id, Measures measures) {
        return change(
                plan,
                storey,
                id,
                d -> d.measures() == Measures.ANGLE || measures == Measures.ANGLE ? d : d.withMeasures(measures));
    }

    private static Plan change(Plan plan, StoreyId storey, RoundDimensionId id, UnaryOperator<RoundDimension> change) {
        return plan.withStorey(storey, s -> s.change(RoundDimension.class, id, change));
    }
}
