package honeylamp.plan;

import honeylamp.geometry.Arc;
import honeylamp.geometry.Curve;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.RoundDimensionId;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.List;
import java.util.Optional;

/**
 * A dimension that does not run straight: an angle between two lines, or of a curved line its radius, its diameter or how
 * long it is.
 *
 * @param from on the first leg of an angle, or the beginning of the curved line
 * @param middle where the legs meet, or a point on the curved line
 * @param to on the second leg, or the end of the curved line
 * @param out of an angle the radius its arc is drawn at; of a length how far outside the line it is drawn
 * @param hold whether what its points were put on is still there
 */
@RecordBuilder
public record RoundDimension(
        RoundDimensionId id, Measures measures, Position from, Position middle, Position to, Length out, Hold hold)
        implements Element, RoundDimensionBuilder.With {
    /** What it measures. */
    public enum Measures {
        ANGLE("Angle"),
        RADIUS("Radius"),
        DIAMETER("Diameter"),
        ARC_LENGTH("Length of arc");

        private final String label;

        Measures(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }

        /** The next of the three that measure a curved line. */
        public Measures next() {
            return switch (this) {
                case ANGLE -> ANGLE;
                case RADIUS -> DIAMETER;
                case DIAMETER -> ARC_LENGTH;
                case ARC_LENGTH -> RADIUS;
            };
        }
    }

    /** An angle is drawn no nearer to its corner, in plan mm. */
    public static final double LEAST_RADIUS_MM = 50;

    /** Refuses what measures nothing: points on one spot, legs along one line, a curved line that is straight. */
    public RoundDimension {
        whyNot(measures, from, middle, to).ifPresent(why -> {
            throw new IllegalArgumentException("dimension " + id.text() + ": " + why);
        });
        if (measures == Measures.ANGLE && out.mm() < LEAST_RADIUS_MM) {
            throw new IllegalArgumentException("an angle is drawn " + out + " from its corner, at least 50 mm");
        }
    }

    /** Why three points measure nothing so, in a few words; empty if they do. */
    public static Optional<String> whyNot(Measures measures, Position from, Position middle, Position to) {
        if (from.equals(middle) || middle.equals(to) || from.equals(to)) {
            return Optional.of("its points lie on one spot");
        }
        return Arc.sagitta(from.point(), middle.point(), to.point()) == 0
                ? Optional.of(measures == Measures.ANGLE ? "its legs lie along one line" : "its line is straight")
                : Optional.empty();
    }

    /** The curved line it measures; of an angle the arc it is drawn as. */
    public Arc arc() {
        if (measures == Measures.ANGLE) {
            var corner = middle.point();
            var first = from.point().minus(corner).unit();
            var second = to.point().minus(corner).unit();
            var sweep = Math.atan2(first.cross(second), first.dot(second));
            return new Arc(corner.plus(first.times(out.mm())), corner.plus(second.times(out.mm())), corner, sweep);
        }
        return (Arc) Arc.through(from.point(), middle.point(), to.point());
    }

    /** The line it is drawn along: an arc, or from the middle of the circle, or right across it, to the line. */
    public Curve line() {
        var arc = arc();
        return switch (measures) {
            case ANGLE -> arc;
            case ARC_LENGTH -> arc.sweep() > 0 ? arc.shiftedLeft(-out.mm()) : arc.shiftedLeft(out.mm());
            case RADIUS -> new Segment(arc.centre(), middle.point());
            case DIAMETER -> new Segment(arc.centre().plus(arc.centre().minus(middle.point())), middle.point());
        };
    }

    /** What it measures, in degrees for an angle, else in mm. */
    public double value() {
        var arc = arc();
        return switch (measures) {
            case ANGLE -> Math.toDegrees(Math.abs(arc.sweep()));
            case RADIUS -> arc.radius();
            case DIAMETER -> 2 * arc.radius();
            case ARC_LENGTH -> arc.length();
        };
    }

    /** With its line through a point: an angle farther out, the length of an arc too, a radius to another point of it. */
    public RoundDimension through(Point p) {
        var arc = arc();
        var far = p.distance(arc.centre());
        return switch (measures) {
            case ANGLE -> withOut(Length.ofMm(Math.max(LEAST_RADIUS_MM, far)));
            case ARC_LENGTH -> withOut(Length.ofMm(Math.max(LEAST_RADIUS_MM - arc.radius(), far - arc.radius())));
            case RADIUS, DIAMETER -> {
                var there = Position.of(arc.nearest(p));
                yield whyNot(measures, from, there, to).isEmpty() ? withMiddle(there) : this;
            }
        };
    }

    /** Made so small that it would measure nothing it stays as it was. */
    @Override
    public RoundDimension moved(Motion motion) {
        var first = motion.of(from);
        var second = motion.of(middle);
        var last = motion.of(to);
        return whyNot(measures, first, second, last).isPresent()
                ? this
                : with(copy -> copy.from(first).middle(second).to(last));
    }

    @Override
    public RoundDimension under(ElementId.Key key) {
        return withId(new RoundDimensionId(key));
    }

    @Override
    public List<Position> places() {
        return List.of(from, middle, to);
    }
}
