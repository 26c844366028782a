package honeylamp.geometry;

import java.util.Arrays;
import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** An immutable drawn path of lines and cubic curves in one or more parts, compact in memory. */
public final class Figure {
    /** What a sink does with each step of a path. */
    public interface Walker {
        /** Begins a part. */
        void moveTo(double x, double y);

        /** A straight line. */
        void lineTo(double x, double y);

        /** A cubic curve with two control points. */
        void curveTo(double x1, double y1, double x2, double y2, double x, double y);

        /** Joins the part's end to its beginning. */
        void close();
    }

    private static final byte MOVE = 0;
    private static final byte LINE = 1;
    private static final byte CURVE = 2;
    private static final byte CLOSE = 3;

    /** Paths of fewer steps are not worth looking into. */
    private static final int FEW_STEPS = 40;

    /** Control arm of a quarter circle of radius one; largest radial error 0.027 %. */
    private static final double QUARTER_ARM = 4.0 / 3.0 * (Math.sqrt(2) - 1);

    private final byte[] steps;
    private final double[] numbers;
    private @Nullable Box bounds; // worked out when first asked for; it is always the same
    private int hash; // the same
    private @Nullable Parts parts; // the same

    private Figure(byte[] steps, double[] numbers) {
        this.steps = steps;
        this.numbers = numbers;
    }

    /** A new empty builder. */
    public static Builder builder() {
        return new Builder();
    }

    /** One open line through these points. */
    public static Figure line(Point... points) {
        return builder().line(points).build();
    }

    /** One closed ring. */
    public static Figure ring(Ring ring) {
        return builder().ring(ring).build();
    }

    /** A circle of four cubic curves. */
    public static Figure circle(Point centre, double radius) {
        return builder().ellipse(centre, radius, radius).build();
    }

    /** Whether nothing is drawn. */
    public boolean isEmpty() {
        return steps.length == 0;
    }

    /** Whether a step follows another that was drawn. */
    public boolean hasCorners() {
        for (var i = 1; i < steps.length; i++) {
            if (steps[i] != MOVE && steps[i - 1] != MOVE) {
                return true;
            }
        }
        return false;
    }

    /** Where the parts of a path begin, among its steps and its numbers, and the box of each: four numbers. */
    private record Parts(int[] steps, int[] numbers, double[] boxes) {
        static Parts of(Figure path) {
            var count = 0;
            for (var step : path.steps) {
                count += step == MOVE ? 1 : 0;
            }
            var out = new Parts(new int[count + 1], new int[count + 1], new double[4 * count]);
            var part = -1;
            var number = 0;
            for (var i = 0; i < path.steps.length; i++) {
                if (path.steps[i] == MOVE) {
                    part++;
                    out.steps[part] = i;
                    out.numbers[part] = number;
                }
                number += numbersOf(path.steps[i]);
            }
            out.steps[count] = path.steps.length;
            out.numbers[count] = number;
            for (var i = 0; i < count; i++) {
                out.box(i, path.numbers);
            }
            return out;
        }

        private void box(int part, double[] of) {
            double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = -minX, maxY = -minX;
            for (var i = numbers[part]; i < numbers[part + 1]; i += 2) {
                minX = Math.min(minX, of[i]);
                maxX = Math.max(maxX, of[i]);
                minY = Math.min(minY, of[i + 1]);
                maxY = Math.max(maxY, of[i + 1]);
            }
            boxes[4 * part] = minX;
            boxes[4 * part + 1] = minY;
            boxes[4 * part + 2] = maxX;
            boxes[4 * part + 3] = maxY;
        }

        int count() {
            return steps.length - 1;
        }

        boolean meets(int part, Box box) {
            return boxes[4 * part] <= box.maxX()
                    && boxes[4 * part + 2] >= box.minX()
                    && boxes[4 * part + 1] <= box.maxY()
                    && boxes[4 * part + 3] >= box.minY();
        }
    }

    private static int numbersOf(byte step) {
        return switch (step) {
            case MOVE, LINE -> 2;
            case CURVE -> 6;
            default -> 0;
        };
    }

    /** Of a path of many parts those that meet a box: within it they paint what the whole path would. */
    public Figure within(Box box) {
        if (steps.length < FEW_STEPS) {
            return this;
        }
        var known = parts;
        if (known == null) {
            known = Parts.of(this);
            parts = known;
        }
        var out = new Figure.Builder();
        var left = 0;
        for (var i = 0; i < known.count(); i++) {
            if (known.meets(i, box)) {
                out.copy(this, known, i);
            } else {
                left++;
            }
        }
        return left == 0 ? this : out.build();
    }

    /** Tells each step to the walker, in order. */
    public void walk(Walker walker) {
        var i = 0;
        for (var step : steps) {
            switch (step) {
                case MOVE -> walker.moveTo(numbers[i++], numbers[i++]);
                case LINE -> walker.lineTo(numbers[i++], numbers[i++]);
                case CURVE ->
                    walker.curveTo(numbers[i++], numbers[i++], numbers[i++], numbers[i++], numbers[i++], numbers[i++]);
                default -> walker.close();
            }
        }
    }

    /** The path seen through a transform. */
    public Figure through(Affine t) {
        var out = new double[numbers.length];
        for (var i = 0; i < out.length; i += 2) {
            out[i] = t.a() * numbers[i] + t.c() * numbers[i + 1] + t.e();
            out[i + 1] = t.b() * numbers[i] + t.d() * numbers[i + 1] + t.f();
        }
        return new Figure(steps, out);
    }

    /**
     * The box around all points, control points included.
     *
     * @throws IllegalArgumentException if the path is empty
     */
    public Box bounds() {
        var known = bounds;
        if (known == null) {
            known = boxAround();
            bounds = known;
        }
        return known;
    }

    private Box boxAround() {
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = -minX, maxY = -minX;
        for (var i = 0; i < numbers.length; i += 2) {
            minX = Math.min(minX, numbers[i]);
            maxX = Math.max(maxX, numbers[i]);
            minY = Math.min(minY, numbers[i + 1]);
            maxY = Math.max(maxY, numbers[i + 1]);
        }
        return new Box(minX, minY, maxX, maxY);
    }

    /**
     * Whether a point lies within by the non-zero rule, curves cut into {@code piecesPerCurve} straight pieces; open parts
     * are taken as closed.
     */
    public boolean encloses(Point p, int piecesPerCurve) {
        var turns = new int[1];
        walk(new Walker() {
            private Point first = Point.ORIGIN;
            private Point at = Point.ORIGIN;

            @Override
            public void moveTo(double x, double y) {
                close(); // a part that was left open
                first = new Point(x, y);
                at = first;
            }

            @Override
            public void lineTo(double x, double y) {
                var to = new Point(x, y);
                if (at.y() <= p.y() != to.y() <= p.y()) {
                    var side = to.minus(at).cross(p.minus(at));
                    turns[0] += at.y() <= p.y() ? (side > 0 ? 1 : 0) : (side < 0 ? -1 : 0);
                }
                at = to;
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                straight(this, piecesPerCurve, at, x1, y1, x2, y2, x, y);
            }

            @Override
            public void close() {
                lineTo(first.x(), first.y());
            }
        });
        return turns[0] != 0;
    }

    /** A cubic curve as so many straight pieces. */
    private static void straight(
            Walker to, int pieces, Point from, double x1, double y1, double x2, double y2, double x, double y) {
        for (var k = 1; k <= pieces; k++) {
            var t = k / (double) pieces;
            var s = 1 - t;
            to.lineTo(
                    s * s * s * from.x() + 3 * s * s * t * x1 + 3 * s * t * t * x2 + t * t * t * x,
                    s * s * s * from.y() + 3 * s * s * t * y1 + 3 * s * t * t * y2 + t * t * t * y);
        }
    }

    /** The ring of the first part, curves cut into {@code piecesPerCurve} straight pieces. */
    public Ring flattened(int piecesPerCurve) {
        var corners = new java.util.ArrayList<Point>();
        walk(new Walker() {
            private boolean done;

            @Override
            public void moveTo(double x, double y) {
                done |= !corners.isEmpty();
                lineTo(x, y);
            }

            @Override
            public void lineTo(double x, double y) {
                var p = new Point(x, y);
                if (!done && (corners.isEmpty() || !corners.getLast().equals(p))) {
                    corners.add(p);
                }
            }

            @Override
            public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
                straight(this, piecesPerCurve, corners.getLast(), x1, y1, x2, y2, x, y);
            }

            @Override
            public void close() {
                done = true;
            }
        });
        if (corners.size() > 3 && corners.getLast().distance(corners.getFirst()) < 1e-9) {
            corners.removeLast();
        }
        return new Ring(corners);
    }

    @Override
    public boolean equals(@Nullable Object o) {
        return o instanceof Figure p && Arrays.equals(steps, p.steps) && Arrays.equals(numbers, p.numbers);
    }

    @Override
    public int hashCode() {
        if (hash == 0) {
            hash = Objects.hash(Arrays.hashCode(steps), Arrays.hashCode(numbers));
        }
        return hash;
    }

    /** Gathers steps; {@link #build} freezes them. Not for sharing between threads. */
    public static final class Builder implements Walker {
        private byte[] steps = new byte[16];
        private double[] numbers = new double[32];
        private int stepCount;
        private int numberCount;

        private Builder() {}

        @Override
        public void moveTo(double x, double y) {
            step(MOVE);
            number(x);
            number(y);
        }

        @Override
        public void lineTo(double x, double y) {
            step(LINE);
            number(x);
            number(y);
        }

        @Override
        public void curveTo(double x1, double y1, double x2, double y2, double x, double y) {
            step(CURVE);
            number(x1);
            number(y1);
            number(x2);
            number(y2);
            number(x);
            number(y);
        }

        @Override
        public void close() {
            step(CLOSE);
        }

        /** Adds an open line through these points. */
        public Builder line(Point... points) {
            moveTo(points[0].x(), points[0].y());
            for (var i = 1; i < points.length; i++) {
                lineTo(points[i].x(), points[i].y());
            }
            return this;
        }

        /** Adds a closed ring. */
        public Builder ring(Ring ring) {
            line(ring.corners().toArray(Point[]::new));
            close();
            return this;
        }

        /** Adds all steps of a path. */
        public Builder path(Figure path) {
            path.walk(this);
            return this;
        }

        /** Adds an ellipse, counter-clockwise where y points up. */
        public Builder ellipse(Point c, double rx, double ry) {
            var kx = rx * QUARTER_ARM;
            var ky = ry * QUARTER_ARM;
            moveTo(c.x() + rx, c.y());
            curveTo(c.x() + rx, c.y() + ky, c.x() + kx, c.y() + ry, c.x(), c.y() + ry);
            curveTo(c.x() - kx, c.y() + ry, c.x() - rx, c.y() + ky, c.x() - rx, c.y());
            curveTo(c.x() - rx, c.y() - ky, c.x() - kx, c.y() - ry, c.x(), c.y() - ry);
            curveTo(c.x() + kx, c.y() - ry, c.x() + rx, c.y() - ky, c.x() + rx, c.y());
            close();
            return this;
        }

        /** Adds an arc about a centre, beginning a part; sweep in degrees, counter-clockwise positive. */
        public Builder arc(Point centre, double radius, double fromDeg, double sweepDeg) {
            var pieces = Math.max(1, (int) Math.ceil(Math.abs(sweepDeg) / 45));
            var part = sweepDeg / pieces;
            var arm = 4.0 / 3.0 * Math.tan(Math.toRadians(part) / 4) * radius;
            var p = centre.plus(Point.direction(fromDeg).times(radius));
            moveTo(p.x(), p.y());
            for (var i = 0; i < pieces; i++) {
                var u = Point.direction(fromDeg + part * i);
                var v = Point.direction(fromDeg + part * (i + 1));
                var q = centre.plus(v.times(radius));
                var c1 = p.plus(u.left().times(arm));
                var c2 = q.minus(v.left().times(arm));
                curveTo(c1.x(), c1.y(), c2.x(), c2.y(), q.x(), q.y());
                p = q;
            }
            return this;
        }

        /** Adds a rectangle with corners rounded by {@code radius}, less where it would not fit. */
        public Builder roundedBox(Box b, double radius) {
            var r = Math.min(radius, Math.min(b.width(), b.height()) / 2);
            if (r <= 0) {
                return ring(b.ring());
            }
            var k = r * (1 - QUARTER_ARM);
            moveTo(b.minX() + r, b.minY());
            lineTo(b.maxX() - r, b.minY());
            curveTo(b.maxX() - k, b.minY(), b.maxX(), b.minY() + k, b.maxX(), b.minY() + r);
            lineTo(b.maxX(), b.maxY() - r);
            curveTo(b.maxX(), b.maxY() - k, b.maxX() - k, b.maxY(), b.maxX() - r, b.maxY());
            lineTo(b.minX() + r, b.maxY());
            curveTo(b.minX() + k, b.maxY(), b.minX(), b.maxY() - k, b.minX(), b.maxY() - r);
            lineTo(b.minX(), b.minY() + r);
            curveTo(b.minX(), b.minY() + k, b.minX() + k, b.minY(), b.minX() + r, b.minY());
            close();
            return this;
        }

        /** The path so far. */
        public Figure build() {
            return new Figure(Arrays.copyOf(steps, stepCount), Arrays.copyOf(numbers, numberCount));
        }

        private void copy(Figure from, Parts parts, int part) {
            for (var i = parts.steps[part]; i < parts.steps[part + 1]; i++) {
                step(from.steps[i]);
            }
            for (var i = parts.numbers[part]; i < parts.numbers[part + 1]; i++) {
                number(from.numbers[i]);
            }
        }

        private void step(byte kind) {
            if (stepCount == steps.length) {
                steps = Arrays.copyOf(steps, stepCount * 2);
            }
            steps[stepCount++] = kind;
        }

        private void number(double value) {
            if (numberCount == numbers.length) {
                numbers = Arrays.copyOf(numbers, numberCount * 2);
            }
            numbers[numberCount++] = value;
        }
    }
}
