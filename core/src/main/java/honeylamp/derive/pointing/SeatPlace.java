package honeylamp.derive.pointing;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Furnishing;
import java.util.Optional;
import java.util.OptionalDouble;

/** How seats stand to what belongs before them: a rug, a screen. */
public final class SeatPlace {
    /** The front legs of a seat stand so far behind its front edge. */
    public static final double LEGS_MM = 75;

    /** A rug farther before a seat is not its own. */
    private static final double FARTHEST_RUG_MM = 350;

    /** Legs on the very edge of a rug stand on it. */
    private static final double AT_EDGE_MM = 1;

    /** A seat that is turned farther away than this does not look at the screen, nor the screen at it. */
    private static final double LOOKING_DEG = 35;

    private static final double SEEN_DEG = 60;

    private SeatPlace() {}

    /** How far a seat has to go forward to stand on a rug with its front legs; empty if it does, or is not near it. */
    public static OptionalDouble offRugMm(Furnishing seat, Furnishing rug) {
        return offRug(seat, rug).stream().mapToDouble(Segment::length).findFirst();
    }

    /** From the front legs of a seat to the rug before them; empty if they stand on it, or it is not near. */
    public static Optional<Segment> offRug(Furnishing seat, Furnishing rug) {
        if (isOn(seat, rug)) {
            return Optional.empty();
        }
        var legs = LEGS_MM - seat.depth().mm() / 2;
        var ahead = new Segment(
                seat.placing().apply(new Point(0, legs)),
                seat.placing().apply(new Point(0, legs - LEGS_MM - FARTHEST_RUG_MM)));
        return Picking.footprint(rug).edges().stream()
                .flatMap(edge -> ahead.crossing(edge).stream())
                .mapToDouble(ahead.a()::distance)
                .min()
                .stream()
                .filter(mm -> mm > AT_EDGE_MM)
                .mapToObj(
                        mm -> new Segment(ahead.a(), ahead.a().plus(ahead.unit().times(mm))))
                .findFirst();
    }

    /** Whether a rug lies under the front legs of a seat. */
    public static boolean isOn(Furnishing seat, Furnishing rug) {
        return Picking.footprint(rug)
                .contains(
                        seat.placing().apply(new Point(0, LEGS_MM - seat.depth().mm() / 2)));
    }

    /** From the middle of a seat to the front of a screen it looks at; empty if it looks elsewhere. */
    public static Optional<Segment> view(Furnishing seat, Furnishing screen) {
        var eye = seat.at().point();
        var seen = screen.placing().apply(new Point(0, -screen.depth().mm() / 2));
        var way = seen.minus(eye);
        if (way.length() < 1) {
            return Optional.empty();
        }
        var looks = angleDeg(way, ahead(seat)) <= LOOKING_DEG && angleDeg(way.times(-1), ahead(screen)) <= SEEN_DEG;
        return looks ? Optional.of(new Segment(eye, seen)) : Optional.empty();
    }

    /** The way a piece faces. */
    private static Point ahead(Furnishing piece) {
        return piece.placing().apply(new Point(0, -1)).minus(piece.at().point()).unit();
    }

    private static double angleDeg(Point a, Point b) {
        return Math.toDegrees(Math.abs(Math.atan2(a.cross(b), a.dot(b))));
    }
}
