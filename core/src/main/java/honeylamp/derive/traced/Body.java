package honeylamp.derive.traced;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** A wall by its centre line, to be compared with others. */
record Body(Segment line, double thicknessMm) {
    /** The sine of the angle under which two walls run the same way. */
    static final double SAME_WAY = 0.12;

    /** Walls nearer to each other than this, or than half their thickness, are the same. */
    private static final double SAME_WALL_MM = 60;

    private static final double SHIFT_STEP_MM = 10;
    private static final double AS_GOOD = 0.8;
    private static final int MOST_SHIFTS = 40;

    Body moved(Point by) {
        return new Body(new Segment(line.a().plus(by), line.b().plus(by)), thicknessMm);
    }

    boolean covers(Point p, Point unit) {
        return Math.abs(line.unit().cross(unit)) < SAME_WAY
                && line.distance(p) <= Math.max(SAME_WALL_MM, thicknessMm / 2);
    }

    /**
     * By how much walls are to be shifted so that most of their length lies on the lines of others. Of shifts that are as
     * good, the one under which the two cover each other most, then the one that brings their left and lower edges
     * together.
     */
    static Point shift(List<Body> fixed, List<Body> moving) {
        return offsets(fixed, moving, true).stream()
                .flatMap(x -> offsets(fixed, moving, false).stream().map(y -> new Point(x, y)))
                .max(Comparator.comparingDouble((Point by) -> covered(fixed, moving, by))
                        .thenComparingDouble(by -> shared(fixed, moving, by))
                        .thenComparingDouble(by -> -apart(fixed, moving, by)))
                .orElse(new Point(0, 0));
    }

    private static double covered(List<Body> fixed, List<Body> moving, Point by) {
        return moving.stream()
                .map(b -> b.moved(by))
                .filter(b -> fixed.stream().anyMatch(f -> f.covers(b.line.middle(), b.line.unit())))
                .mapToDouble(b -> Math.rint(b.line.length()))
                .sum();
    }

    private static Box box(List<Body> bodies) {
        return Box.around(
                bodies.stream().flatMap(b -> Stream.of(b.line.a(), b.line.b())).toList());
    }

    private static double shared(List<Body> fixed, List<Body> moving, Point by) {
        return box(fixed)
                .shared(box(moving.stream().map(b -> b.moved(by)).toList()))
                .map(b -> Math.rint(b.width() / SHIFT_STEP_MM) * Math.rint(b.height() / SHIFT_STEP_MM))
                .orElse(0.0);
    }

    private static double apart(List<Body> fixed, List<Body> moving, Point by) {
        var one = box(fixed);
        var other = box(moving);
        return Math.abs(other.minX() + by.x() - one.minX()) + Math.abs(other.minY() + by.y() - one.minY());
    }

    /** The shifts across upright walls, or lying ones, at which most wall meets wall. */
    private static List<Double> offsets(List<Body> fixed, List<Body> moving, boolean upright) {
        record Vote(double by, double weight) {}
        var votes = new ArrayList<Vote>();
        for (var f : fixed) {
            for (var m : moving) {
                if (isAlong(f.line, upright) && isAlong(m.line, upright)) {
                    var by = upright
                            ? f.line.middle().x() - m.line.middle().x()
                            : f.line.middle().y() - m.line.middle().y();
                    votes.add(new Vote(by, Math.min(f.line.length(), m.line.length())));
                }
            }
        }
        votes.sort(Comparator.comparingDouble(Vote::by));
        var weights = new ArrayList<Vote>();
        var sum = 0.0;
        for (int k = 0, first = 0, next = 0; k < votes.size(); k++) { // those within a step of each, in one sweep
            while (next < votes.size() && votes.get(next).by <= votes.get(k).by + SHIFT_STEP_MM) {
                sum += votes.get(next++).weight;
            }
            while (votes.get(first).by < votes.get(k).by - SHIFT_STEP_MM) {
                sum -= votes.get(first++).weight;
            }
            weights.add(new Vote(votes.get(k).by, sum));
        }
        var most = weights.stream().mapToDouble(Vote::weight).max().orElse(0);
        return weights.isEmpty()
                ? List.of(0.0)
                : weights.stream()
                        .filter(w -> w.weight >= AS_GOOD * most)
                        .map(Vote::by)
                        .distinct()
                        .sorted()
                        .limit(MOST_SHIFTS)
                        .toList();
    }

    private static boolean isAlong(Segment line, boolean upright) {
        return Math.abs(upright ? line.unit().x() : line.unit().y()) < SAME_WAY;
    }
}
