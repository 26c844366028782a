package honeylamp.derive.runs;

import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Where the parts of a run along several faces stand: straight stretches, and corner units where two faces meet at a right
 * angle.
 *
 * @param legs each along its face, with the room to its left
 * @param corners the middle of each corner unit
 */
public record RunPath(List<Leg> legs, List<Corner> corners) {
    /** Shorter stretches are rounding; longer ones are closed by a filler at least. */
    private static final double SHORTEST_MM = 5;

    private static final double SQUARE_SINE = 0.02;

    /**
     * A corner unit; its back and its right side, seen from its front, stand at the two faces.
     *
     * @param turnDeg as of furnishings
     */
    public record Corner(Point middle, double turnDeg) {}

    /** How a straight stretch ends. */
    public enum End {
        /** At nothing, or at a corner unit. */
        PLAIN,
        /** It runs through to the corner; another meets it there. */
        THROUGH,
        /** At the front of the one that runs through. */
        MEETING
    }

    /** A straight stretch, and how it ends where it begins and where it comes to. */
    public record Leg(Segment line, End begins, End comesTo) {
        private Leg(Segment line) {
            this(line, End.PLAIN, End.PLAIN);
        }

        private Leg with(Segment other) {
            return new Leg(other, begins, comesTo);
        }

        private Leg comingTo(End end) {
            return new Leg(line, begins, end);
        }

        private Leg beginning(End end) {
            return new Leg(line, end, comesTo);
        }
    }

    public RunPath {
        legs = List.copyOf(legs);
        corners = List.copyOf(corners);
    }

    /**
     * The path along faces that follow each other.
     *
     * @param deepMm of the straight stretches
     * @param cornerMm the side of corner units; empty if stretches run through to the corner
     */
    public static RunPath along(List<Segment> faces, double deepMm, Optional<Double> cornerMm) {
        var legs = new ArrayList<>(faces.stream().map(Leg::new).toList());
        var corners = new ArrayList<Corner>();
        for (var i = 0; i + 1 < legs.size(); i++) {
            var one = legs.get(i).line;
            var next = legs.get(i + 1).line;
            var u = one.unit();
            var v = next.unit();
            if (u.cross(v) <= 0) {
                // round an outer corner
                legs.set(i, legs.get(i).with(new Segment(one.a(), one.at(one.length() + deepMm))));
                continue;
            }
            var isSquare = Math.abs(u.dot(v)) < SQUARE_SINE;
            var side = cornerMm.filter(c -> isSquare && one.length() >= c && next.length() >= c);
            if (side.isPresent()) {
                var c = side.get();
                corners.add(new Corner(
                        one.b().plus(v.minus(u).times(c / 2)), v.times(-1).angleDeg()));
                legs.set(i, legs.get(i).with(shortened(one, 0, c)));
                legs.set(i + 1, legs.get(i + 1).with(shortened(next, c, 0)));
            } else if (isSquare) { // the longer one runs through
                var isThrough = one.length() >= next.length();
                legs.set(
                        i,
                        legs.get(i)
                                .with(isThrough ? one : shortened(one, 0, deepMm))
                                .comingTo(isThrough ? End.THROUGH : End.MEETING));
                legs.set(
                        i + 1,
                        legs.get(i + 1)
                                .with(isThrough ? shortened(next, deepMm, 0) : next)
                                .beginning(isThrough ? End.MEETING : End.THROUGH));
            } else {
                var half = Math.toRadians(180 - Math.toDegrees(Math.atan2(u.cross(v), u.dot(v)))) / 2;
                var cut = deepMm / Math.tan(half);
                legs.set(i, legs.get(i).with(shortened(one, 0, cut)));
                legs.set(i + 1, legs.get(i + 1).with(shortened(next, cut, 0)));
            }
        }
        legs.removeIf(l -> l.line.length() < SHORTEST_MM);
        return new RunPath(legs, corners);
    }

    private static Segment shortened(Segment leg, double before, double after) {
        var from = Math.min(before, leg.length());
        return leg.part(from, Math.max(from, leg.length() - after));
    }
}
