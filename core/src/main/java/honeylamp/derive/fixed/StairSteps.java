package honeylamp.derive.fixed;

import honeylamp.geometry.Affine;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Stair;
import honeylamp.plan.Structure;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The steps of a stair, in mm.
 *
 * @param treads from the foot upwards; a landing is one of them
 * @param risers the front edges of the treads, and last the edge of the upper floor
 * @param walkingLine along the middle of the flights, from the first riser to the last
 * @param riserAt how far along the walking line each riser lies, in mm
 */
public record StairSteps(List<Tread> treads, List<Segment> risers, List<Point> walkingLine, List<Double> riserAt) {
    private static final double ARC_ERROR_MM = 1;
    private static final double WINDER_DEG = 90.0 / Stair.Shape.WINDER.turning();

    /**
     * A step.
     *
     * @param outline counter-clockwise
     * @param topMm above the foot of the stair
     */
    public record Tread(Ring outline, double topMm) {}

    public StairSteps {
        treads = List.copyOf(treads);
        risers = List.copyOf(risers);
        walkingLine = List.copyOf(walkingLine);
        riserAt = List.copyOf(riserAt);
    }

    /** The steps of a stair where it stands, in plan mm. */
    public static StairSteps of(Structure part, Stair stair) {
        return of(stair).through(part.placing());
    }

    /** The steps of a stair in its own frame: about the centre of its footprint, climbing to the back. */
    public static StairSteps of(Stair stair) {
        var builder = new Builder(stair);
        switch (stair.shape()) {
            case STRAIGHT -> builder.straight();
            case QUARTER, WINDER -> builder.quarter();
            case HALF -> builder.half();
            case SPIRAL -> builder.spiral();
        }
        var rightHanded = builder.steps();
        return stair.turn() == Stair.Turn.RIGHT ? rightHanded : rightHanded.through(Affine.scale(-1, 1));
    }

    private StairSteps through(Affine way) {
        return new StairSteps(
                treads.stream()
                        .map(t -> new Tread(t.outline.through(way).counterClockwise(), t.topMm))
                        .toList(),
                risers.stream()
                        .map(r -> new Segment(way.apply(r.a()), way.apply(r.b())))
                        .toList(),
                walkingLine.stream().map(way::apply).toList(),
                riserAt);
    }

    /** All steps together. */
    public List<Outline> outline() {
        return union(treads);
    }

    /** The steps from one of them on, the first being 0. */
    public List<Outline> from(int first) {
        return union(treads.subList(Math.min(first, treads.size()), treads.size()));
    }

    /** The steps whose tops lie below a height in mm. */
    public List<Outline> below(double heightMm) {
        return union(treads.subList(0, upTo(heightMm)));
    }

    private static List<Outline> union(List<Tread> some) {
        return Regions.union(some.stream().map(t -> Outline.of(t.outline)).toList());
    }

    /** How many treads, from the foot, lie no higher than a height in mm. */
    public int upTo(double heightMm) {
        return (int) treads.stream().filter(t -> t.topMm <= heightMm).count();
    }

    /**
     * The first tread, counted from 0, over which the floor above must be open: above it there would be less room for
     * the head than is asked for. As many as there are treads if the floor may cover all.
     *
     * @param clearMm from the lower floor to the ceiling under the upper floor
     * @param headroomMm least height above a tread
     */
    public int openFrom(double clearMm, double headroomMm) {
        var covered = treads.stream()
                .filter(t -> clearMm - t.topMm >= headroomMm - 1e-6)
                .count();
        return (int) covered;
    }

    /** The gap between the flights of a half-landing stair along steps from one of them on, in the stair's own frame. */
    static Optional<Ring> between(Stair stair, int first) {
        if (stair.shape() != Stair.Shape.HALF || stair.well().mm() == 0 || first >= stair.lower()) {
            return Optional.empty();
        }
        var landing = stair.depth().mm() / 2 - stair.flight().mm();
        var deep = stair.going().mm() * Math.min(stair.lower() - first, stair.upper());
        var half = stair.well().mm() / 2;
        return Optional.of(new Box(-half, landing - deep, half, landing).ring());
    }

    /** A place on the walking line and the way one climbs there. */
    public record Spot(Point at, Point unit) {}

    /** So far along the walking line, in mm from the first riser. */
    public Spot spot(double alongMm) {
        var left = alongMm;
        for (var i = 0; i + 1 < walkingLine.size(); i++) {
            var piece = new Segment(walkingLine.get(i), walkingLine.get(i + 1));
            if (left <= piece.length() || i + 2 == walkingLine.size()) {
                return new Spot(piece.at(Math.clamp(left, 0, piece.length())), piece.unit());
            }
            left -= piece.length();
        }
        throw new IllegalStateException("a stair has a walking line");
    }

    /** Length of the walking line, in mm. */
    public double walkMm() {
        return riserAt.getLast();
    }

    /** Builds a stair that turns to the right. */
    private static final class Builder {
        private final Stair stair;
        private final double flight;
        private final double going;
        private final Box box;
        private final List<Ring> rings = new ArrayList<>();
        private final List<Segment> risers = new ArrayList<>();
        private final List<Point> walk = new ArrayList<>();
        private final List<Double> riserAt = new ArrayList<>();

        Builder(Stair stair) {
            this.stair = stair;
            this.flight = stair.flight().mm();
            this.going = stair.going().mm();
            var w = stair.width().mm() / 2;
            var d = stair.depth().mm() / 2;
            this.box = new Box(-w, -d, w, d);
        }

        void straight() {
            up(box.minX(), box.minY(), stair.treads());
            finish(new Segment(new Point(box.minX(), box.maxY()), new Point(box.maxX(), box.maxY())));
        }

        void quarter() {
            var left = box.minX();
            var inner = new Point(left + flight, box.maxY() - flight);
            up(left, box.minY(), stair.lower());
            riser(new Segment(new Point(left, inner.y()), inner), going * stair.lower());
            if (stair.shape() == Stair.Shape.QUARTER) {
                rings.add(new Box(left, inner.y(), inner.x(), box.maxY()).ring());
            } else {
                winders(left, inner);
            }
            turn(inner);
            var before = length(walk);
            for (var i = 0; i < stair.upper(); i++) {
                var x = inner.x() + i * going;
                riser(new Segment(new Point(x, box.maxY()), new Point(x, inner.y())), before + i * going);
                rings.add(new Box(x, inner.y(), inner.x() + (i + 1) * going, box.maxY()).ring());
            }
            walk.add(new Point(box.maxX(), inner.y() + flight / 2));
            finish(new Segment(new Point(box.maxX(), box.maxY()), new Point(box.maxX(), inner.y())));
        }

        /** Steps around the inner corner, the same angle each. */
        private void winders(double left, Point inner) {
            var slope = Math.tan(Math.toRadians(WINDER_DEG)) * flight;
            var foot = new Point(left, inner.y());
            var first = new Point(left, inner.y() + slope);
            var corner = new Point(left, box.maxY());
            var second = new Point(inner.x() - slope, box.maxY());
            var top = new Point(inner.x(), box.maxY());
            rings.add(Ring.of(inner, first, foot).counterClockwise());
            rings.add(Ring.of(inner, second, corner, first).counterClockwise());
            rings.add(Ring.of(inner, top, second).counterClockwise());
            var at = going * stair.lower();
            var each = Math.toRadians(WINDER_DEG) * flight / 2;
            riser(new Segment(first, inner), at + each);
            riser(new Segment(second, inner), at + 2 * each);
        }

        void half() {
            var left = box.minX();
            var landing = box.maxY() - flight;
            var lower = landing - going * stair.lower();
            up(left, lower, stair.lower());
            var near = new Point(left + flight, landing);
            var far = new Point(box.maxX() - flight, landing);
            riser(new Segment(new Point(left, landing), near), going * stair.lower());
            rings.add(new Box(left, landing, box.maxX(), box.maxY()).ring());
            turn(near);
            if (stair.well().mm() > 0) {
                walk.add(new Point(far.x(), landing + flight / 2));
            }
            walk.addAll(quarterRound(far, 90));
            var before = length(walk);
            for (var i = 0; i < stair.upper(); i++) {
                var y = landing - i * going;
                riser(new Segment(new Point(box.maxX(), y), new Point(far.x(), y)), before + i * going);
                rings.add(new Box(far.x(), landing - (i + 1) * going, box.maxX(), y).ring());
            }
            var end = landing - going * stair.upper();
            walk.add(new Point(far.x() + flight / 2, end));
            finish(new Segment(new Point(box.maxX(), end), new Point(far.x(), end)));
        }

        void spiral() {
            var newel = stair.well().mm() / 2;
            var outer = newel + flight;
            var middle = newel + flight / 2;
            var stepDeg = Math.toDegrees(going / middle);
            for (var i = 0; i < stair.treads(); i++) {
                // neighbours share their corners to the last digit, so that they unite without a gap
                var from = -90 - i * stepDeg;
                var to = -90 - (i + 1) * stepDeg;
                riser(radius(newel, outer, from), going * i);
                var corners = new ArrayList<>(round(Point.ORIGIN, outer, from, to));
                corners.addAll(newel > 0 ? round(Point.ORIGIN, newel, to, from) : List.of(Point.ORIGIN));
                rings.add(new Ring(corners).counterClockwise());
                walk.addAll(round(Point.ORIGIN, middle, from, to));
            }
            finish(radius(newel, outer, -90 - stair.treads() * stepDeg));
        }

        private static Segment radius(double inner, double outer, double deg) {
            return new Segment(
                    Point.direction(deg).times(outer), Point.direction(deg).times(inner));
        }

        /** Points of an arc, both ends included. */
        private static List<Point> round(Point centre, double radius, double fromDeg, double toDeg) {
            var a = centre.plus(Point.direction(fromDeg).times(radius));
            var b = centre.plus(Point.direction(toDeg).times(radius));
            var out = new ArrayList<Point>();
            out.add(a);
            out.addAll(new Arc(a, b, centre, Math.toRadians(toDeg - fromDeg)).between(ARC_ERROR_MM));
            out.add(b);
            return out;
        }

        /** A flight that climbs to the back. */
        private void up(double left, double front, int count) {
            for (var i = 0; i < count; i++) {
                var y = front + i * going;
                riser(new Segment(new Point(left, y), new Point(left + flight, y)), i * going);
                rings.add(new Box(left, y, left + flight, front + (i + 1) * going).ring());
            }
            walk.add(new Point(left + flight / 2, front));
            walk.add(new Point(left + flight / 2, front + count * going));
        }

        /** The walking line turns to the right about an inner corner. */
        private void turn(Point inner) {
            walk.addAll(quarterRound(inner, 180));
        }

        private List<Point> quarterRound(Point inner, double fromDeg) {
            return round(inner, flight / 2, fromDeg, fromDeg - 90);
        }

        private void riser(Segment line, double alongMm) {
            risers.add(line);
            riserAt.add(alongMm);
        }

        private void finish(Segment last) {
            riser(last, length(walk));
        }

        private static double length(List<Point> points) {
            var sum = 0.0;
            for (var i = 0; i + 1 < points.size(); i++) {
                sum += points.get(i).distance(points.get(i + 1));
            }
            return sum;
        }

        StairSteps steps() {
            var treads = new ArrayList<Tread>();
            for (var i = 0; i < rings.size(); i++) {
                treads.add(new Tread(rings.get(i), (i + 1) * stair.riserMm()));
            }
            var line = new ArrayList<Point>();
            for (var p : walk) {
                if (line.isEmpty() || line.getLast().distance(p) > 1e-6) {
                    line.add(p);
                }
            }
            return new StairSteps(treads, risers, line, riserAt);
        }
    }
}
