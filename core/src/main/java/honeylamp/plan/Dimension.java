package honeylamp.plan;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.DimensionId;
import honeylamp.units.Checks;
import honeylamp.units.Length;
import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A dimension between two points, or a chain of them over further points; its line lies {@code offset} to the left of
 * from → to.
 *
 * @param stops further points, in any order
 * @param alongDeg the way it is measured, in degrees from 0 up to 180; empty if straight from the first point to the last
 * @param figures what the figures of a chain say
 * @param hold whether what its points were put on is still there
 */
@RecordBuilder
public record Dimension(
        DimensionId id,
        Position from,
        Position to,
        Length offset,
        List<Position> stops,
        Optional<Double> alongDeg,
        Figures figures,
        Hold hold)
        implements Element, DimensionBuilder.With {
    /** What the figures of a chain say. */
    public enum Figures {
        /** Each how long its part is. */
        EACH("Each part"),
        /** Each how far it is from the first point. */
        FROM_FIRST("Running from the first");

        private final String label;

        Figures(String label) {
            this.label = label;
        }

        /** The words people see. */
        public String label() {
            return label;
        }

        /** The other of the two. */
        public Figures other() {
            return this == EACH ? FROM_FIRST : EACH;
        }
    }

    /** Level, in degrees. */
    public static final double ACROSS_DEG = 0;

    /** Plumb, in degrees. */
    public static final double UP_DEG = 90;

    private static final double HALF_TURN = 180;
    private static final double NOTHING_MM = 1e-6;

    /** Refuses a dimension between one and the same point. */
    public Dimension {
        stops = List.copyOf(stops);
        alongDeg.ifPresent(deg -> Checks.within("way of a dimension", deg, 0, HALF_TURN));
        if (from.equals(to)) {
            throw new IllegalArgumentException("dimension " + id.text() + " measures nothing");
        }
    }

    /** A single dimension, straight from point to point. */
    public Dimension(DimensionId id, Position from, Position to, Length offset) {
        this(id, from, to, offset, List.of(), Optional.empty(), Figures.EACH, Hold.HELD);
    }

    /** The same dimension between other points. */
    public Dimension between(Position otherFrom, Position otherTo) {
        return with(copy -> copy.from(otherFrom).to(otherTo));
    }

    /** The way it is measured, at length one, from the first point to the last. */
    private Point way() {
        var straight = to.point().minus(from.point());
        return alongDeg.map(Point::direction)
                .filter(unit -> Math.abs(unit.dot(straight)) > NOTHING_MM)
                .map(unit -> unit.dot(straight) < 0 ? unit.times(-1) : unit)
                .orElseGet(straight::unit);
    }

    /** Its line, in plan mm: from the foot of the first of its points along the way to that of the last. */
    public Segment line() {
        var feet = feet();
        return new Segment(feet.getFirst(), feet.getLast());
    }

    /** Its points along the way it is measured, in plan mm. */
    public List<Point> measured() {
        var way = way();
        return Stream.concat(Stream.of(from, to), stops.stream())
                .map(Position::point)
                .sorted(Comparator.comparingDouble(way::dot))
                .toList();
    }

    /** Where its points lie on its line, in the same order, in plan mm. */
    public List<Point> feet() {
        var way = way();
        var start = from.point().plus(way.left().times(offset.mm()));
        return measured().stream()
                .map(p -> start.plus(way.times(way.dot(p.minus(from.point())))))
                .toList();
    }

    /** How far each of its points is beyond the first one put, in the same order, in mm; less than 0 before it. */
    public List<Double> fromFirstMm() {
        var way = way();
        return measured().stream().map(p -> way.dot(p.minus(from.point()))).toList();
    }

    @Override
    public Dimension moved(Motion motion) {
        return with(copy -> copy.from(motion.of(from))
                .to(motion.of(to))
                .stops(stops.stream().map(motion::of).toList())
                .offset(motion.mirrors() ? offset.negated() : offset)
                .alongDeg(alongDeg.map(deg -> (motion.turned(deg) % HALF_TURN + HALF_TURN) % HALF_TURN)));
    }

    @Override
    public Dimension under(ElementId.Key key) {
        return withId(new DimensionId(key));
    }

    @Override
    public List<Position> places() {
        return Stream.concat(Stream.of(from, to), stops.stream()).toList();
    }
}
