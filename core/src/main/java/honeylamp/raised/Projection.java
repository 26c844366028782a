package honeylamp.raised;

import honeylamp.geometry.Point;
import honeylamp.geometry.Projective;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;

/**
 * From space to a picture, in picture mm with y up. What is nearer has the greater nearness, which changes evenly over the
 * picture of any plane: in mm along the line of sight in parallel, 1 ÷ the distance before the eye in perspective.
 */
public sealed interface Projection {
    /** Where a point is seen. */
    Point of(SpacePoint p);

    /** How near a point is. */
    double nearness(SpacePoint p);

    /** What a shift of so many mm towards the eye makes of a nearness. */
    double shift(double nearness, double mm);

    /** Towards the eye from a point, at length one. */
    SpacePoint towardsEye(SpacePoint p);

    /** What lies behind a point of the picture. */
    LineOfSight through(Point picture);

    /** From the frame of a plane to the picture. */
    Projective of(Flat flat);

    /** The nearness of a plane that is not seen edge on, as it changes over the picture. */
    Slope slope(Flat flat);

    /** A value that changes evenly: a·x + b·y + c. */
    record Slope(double a, double b, double c) {
        /** The value at a place. */
        public double at(double x, double y) {
            return a * x + b * y + c;
        }

        /** The same. */
        public double at(Point p) {
            return at(p.x(), p.y());
        }
    }

    /** Whether a plane is seen from the side to which it looks. */
    default boolean sees(Flat flat) {
        return flat.normal().dot(towardsEye(flat.origin())) > EDGE_ON;
    }

    /** A plane that is seen at a sharper angle, as its sine, is not seen. */
    double EDGE_ON = 1e-6;

    /**
     * All lines of sight parallel.
     *
     * @param right what x of the picture is of a shift in space
     * @param up what y of the picture is
     */
    record Parallel(SpacePoint right, SpacePoint up) implements Projection {
        /** Towards the eye, at length one. */
        SpacePoint sight() {
            return right.cross(up).unit();
        }

        /**
         * As someone sees it who looks down on it.
         *
         * @param turnDeg how far the plan is turned before it is seen, counter-clockwise
         * @param downDeg how steeply one looks down, 0 for level
         */
        public static Parallel turned(double turnDeg, double downDeg) {
            var turn = Math.toRadians(turnDeg);
            var down = Math.toRadians(downDeg);
            return new Parallel(
                    new SpacePoint(Math.cos(turn), -Math.sin(turn), 0),
                    new SpacePoint(Math.sin(turn) * Math.sin(down), Math.cos(turn) * Math.sin(down), Math.cos(down)));
        }

        /** On the true plan, turned, with heights straight up, so many times as long as they are. */
        public static Parallel onPlan(double turnDeg, double heights) {
            var turn = Math.toRadians(turnDeg);
            return new Parallel(
                    new SpacePoint(Math.cos(turn), -Math.sin(turn), 0),
                    new SpacePoint(Math.sin(turn), Math.cos(turn), heights));
        }

        /** The same picture, so many times as large. */
        public Parallel times(double factor) {
            return new Parallel(right.times(factor), up.times(factor));
        }

        @Override
        public Point of(SpacePoint p) {
            return new Point(right.dot(p), up.dot(p));
        }

        @Override
        public double nearness(SpacePoint p) {
            return sight().dot(p);
        }

        @Override
        public double shift(double nearness, double mm) {
            return mm;
        }

        @Override
        public SpacePoint towardsEye(SpacePoint p) {
            return sight();
        }

        @Override
        public Projective of(Flat flat) {
            var at = of(flat.origin());
            return new Projective(
                    right.dot(flat.along()),
                    right.dot(flat.up()),
                    at.x(),
                    up.dot(flat.along()),
                    up.dot(flat.up()),
                    at.y(),
                    0,
                    0,
                    1);
        }

        @Override
        public LineOfSight through(Point picture) {
            return new LineOfSight(
                    lift(picture.x(), picture.y()),
                    sight().times(-1),
                    Double.NEGATIVE_INFINITY,
                    Double.POSITIVE_INFINITY);
        }

        /** The point of the plane of the picture that is seen there. */
        private SpacePoint lift(double x, double y) {
            var rr = right.dot(right);
            var ru = right.dot(up);
            var uu = up.dot(up);
            var det = rr * uu - ru * ru;
            return right.times((uu * x - ru * y) / det).plus(up.times((rr * y - ru * x) / det));
        }

        @Override
        public Slope slope(Flat flat) {
            var n = flat.normal();
            var towards = n.dot(sight());
            return new Slope(
                    -n.dot(lift(1, 0)) / towards, -n.dot(lift(0, 1)) / towards, n.dot(flat.origin()) / towards);
        }
    }

    /**
     * Seen from one point; verticals stay upright.
     *
     * @param eye where it is
     * @param right level, at length one
     * @param forward level, at length one
     * @param focalMm what lies so far before the eye is seen at true size
     * @param raisedMm how far the picture is shifted up
     */
    record Perspective(SpacePoint eye, SpacePoint right, SpacePoint forward, double focalMm, double raisedMm)
            implements Projection {
        /** Nearer than this before the eye nothing is seen, in mm. */
        public static final double NEAREST_MM = 60;

        /** Places farther before it are not pointed at: near the horizon a pixel is metres. */
        private static final double FARTHEST_MM = 60_000;

        /**
         * Looking level in a direction of the plan.
         *
         * @param towards at length one
         */
        public static Perspective looking(SpacePoint eye, Point towards, double focalMm, double raisedMm) {
            return new Perspective(
                    eye,
                    new SpacePoint(towards.y(), -towards.x(), 0),
                    new SpacePoint(towards.x(), towards.y(), 0),
                    focalMm,
                    raisedMm);
        }

        /** How far before the eye a point lies. */
        double before(SpacePoint p) {
            return forward.dot(p.minus(eye));
        }

        @Override
        public Point of(SpacePoint p) {
            var from = p.minus(eye);
            var share = focalMm / forward.dot(from);
            return new Point(right.dot(from) * share, from.z() * share + raisedMm);
        }

        @Override
        public double nearness(SpacePoint p) {
            return 1 / before(p);
        }

        @Override
        public double shift(double nearness, double mm) {
            return mm * nearness * nearness;
        }

        @Override
        public SpacePoint towardsEye(SpacePoint p) {
            return eye.minus(p).unit();
        }

        @Override
        public LineOfSight through(Point picture) {
            var along = forward.plus(right.times(picture.x() / focalMm))
                    .plus(SpacePoint.UP.times((picture.y() - raisedMm) / focalMm));
            return new LineOfSight(eye, along, NEAREST_MM, FARTHEST_MM);
        }

        @Override
        public Projective of(Flat flat) {
            var from = flat.origin().minus(eye);
            var g = forward.dot(flat.along());
            var h = forward.dot(flat.up());
            var i = forward.dot(from);
            return new Projective(
                    focalMm * right.dot(flat.along()),
                    focalMm * right.dot(flat.up()),
                    focalMm * right.dot(from),
                    focalMm * flat.along().z() + raisedMm * g,
                    focalMm * flat.up().z() + raisedMm * h,
                    focalMm * from.z() + raisedMm * i,
                    g,
                    h,
                    i);
        }

        @Override
        public Slope slope(Flat flat) {
            // on the ray forward + x/f right + (y − raised)/f up, n·(eye + Z·ray) = d, so 1/Z = n·ray ÷ (d − n·eye)
            var n = flat.normal();
            var away = n.dot(flat.origin().minus(eye));
            return new Slope(
                    n.dot(right) / focalMm / away,
                    n.z() / focalMm / away,
                    (n.dot(forward) - n.z() * raisedMm / focalMm) / away);
        }
    }
}
