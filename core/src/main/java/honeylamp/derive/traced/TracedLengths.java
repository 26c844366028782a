package honeylamp.derive.traced;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.KnownLength;
import honeylamp.plan.Underlay;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/** What is written on a picture beside what has been traced there. */
public final class TracedLengths {
    /** A traced face counts as the end of a length if it lies so near its mark. */
    private static final double REACH_MM = 160;

    /** A face may end so far beside the line of the length, as dimension lines lie outside the walls. */
    private static final double BESIDE_MM = 2500;

    /** A face ends a length if it stands across it to within about 20°. */
    private static final double ACROSS = 0.35;

    private TracedLengths() {}

    /**
     * One line of the table.
     *
     * @param pictureMm what the picture says at its present scale
     * @param tracedMm what the walls say; empty until both ends are traced
     */
    public record Row(KnownLength known, double pictureMm, OptionalDouble tracedMm) {
        /** What the picture measures more than what is written, in percent of that. */
        public double picturePercent() {
            return 100 * (pictureMm / known.length().mm() - 1);
        }

        /** Traced less written, in mm; empty until traced. */
        public OptionalDouble differenceMm() {
            return tracedMm.isEmpty()
                    ? OptionalDouble.empty()
                    : OptionalDouble.of(tracedMm.getAsDouble() - known.length().mm());
        }
    }

    /** The table of an underlay, in the order its lengths were marked. */
    public static List<Row> of(StoreyGeometry geometry, Underlay underlay) {
        return underlay.knownLengths().stream()
                .map(k -> {
                    var line = new Segment(underlay.plan(k.firstPx()), underlay.plan(k.secondPx()));
                    return new Row(k, line.length(), traced(geometry, line));
                })
                .toList();
    }

    private static OptionalDouble traced(StoreyGeometry geometry, Segment line) {
        var first = end(geometry, line, line.a());
        var second = end(geometry, line, line.b());
        return first.isPresent() && second.isPresent() && second.get() > first.get()
                ? OptionalDouble.of(second.get() - first.get())
                : OptionalDouble.empty();
    }

    /** How far along the line the traced face nearest to a mark stands. */
    private static Optional<Double> end(StoreyGeometry geometry, Segment line, Point mark) {
        var u = line.unit();
        var at = line.along(mark);
        return geometry.network().pieces().stream()
                .flatMap(p -> p.faces().stream())
                .filter(f -> f.length() > 1 && Math.abs(f.unitAt(f.along(mark)).dot(u)) < ACROSS)
                .filter(f -> f.distance(mark) < BESIDE_MM)
                .flatMap(f -> f.carriedCrossings(line).stream())
                .map(line::along)
                .filter(s -> Math.abs(s - at) <= REACH_MM)
                .min(Comparator.comparingDouble(s -> Math.abs(s - at)));
    }
}
