package honeylamp.derive.pointing;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.ConvexClip;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Position;
import honeylamp.plan.Structure;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** How far a piece is from what stands beside it on its four sides. */
public final class BesidePiece {
    /** What is farther is not beside it. */
    private static final double FARTHEST_MM = 6000;

    /** What reaches less into the strip before a side is beside the strip. */
    private static final double GRAZING_MM = 20;

    /** Flat things are walked on. */
    private static final double FLAT_MM = 40;

    /** A free part of a side is looked for in such steps. */
    private static final double STEP_MM = 50;

    /** One stands so far before what one uses. */
    private static final double STANDING_MM = 350;

    private static final double SAME_MM = 1;

    private BesidePiece() {}

    /** The sides of a piece in its own frame. */
    public enum Side {
        LEFT("left", "on its left"),
        RIGHT("right", "on its right"),
        FRONT("front", "in front"),
        BACK("back", "behind");

        private final String label;
        private final String where;

        Side(String label, String where) {
            this.label = label;
            this.where = where;
        }

        /** Where something is that stands there, as the end of a sentence. */
        public String where() {
            return where;
        }

        /** The name shown to people. */
        public String label() {
            return label;
        }
    }

    /**
     * What is free before a side.
     *
     * @param line from the side to what stands there, in plan mm
     * @param what stands there; empty for a wall
     */
    public record Gap(Side side, Segment line, Optional<ElementId> what) {
        public double mm() {
            return line.length();
        }
    }

    /** The gaps on all sides on which something stands. */
    public static List<Gap> of(StoreyGeometry geometry, Furnishing piece) {
        var out = new ArrayList<Gap>();
        for (var side : Side.values()) {
            gap(geometry, piece, side, _ -> true).ifPresent(out::add);
        }
        return out;
    }

    /**
     * The gap on one side.
     *
     * @param counts which other pieces stand in the way
     * @return empty if nothing stands within six metres
     */
    public static Optional<Gap> gap(
            StoreyGeometry geometry, Furnishing piece, Side side, Predicate<Furnishing> counts) {
        return gap(geometry, piece, side, counts, Double.POSITIVE_INFINITY);
    }

    /**
     * The gap on one side, where a part of the side is enough: before that part of it before which most is free.
     *
     * @param wideMm so much of the side must be free; all of it if it is not so wide
     */
    public static Optional<Gap> gap(
            StoreyGeometry geometry, Furnishing piece, Side side, Predicate<Furnishing> counts, double wideMm) {
        var frame = strip(piece, side);
        var width = side == Side.LEFT || side == Side.RIGHT ? piece.depth() : piece.width();
        var half = Math.max(SAME_MM, width.mm() / 2 - GRAZING_MM);
        var inPlan = new Box(-half, 0, half, FARTHEST_MM).ring().through(frame).bounds();
        var found = new ArrayList<Met>();
        geometry.network().near(inPlan).forEach(p -> found.add(new Met(p.body(), Optional.empty())));
        for (var part : geometry.storey().structures()) {
            if (stands(part)
                    && mayReach(part.at(), part.form().width(), part.form().depth(), inPlan)
                    && part.footprint().bounds().meets(inPlan)) {
                found.add(new Met(part.footprint(), Optional.of(part.id())));
            }
        }
        for (var other : geometry.storey().furnishings()) {
            if (mayReach(other.at(), other.width(), other.depth(), inPlan)
                    && !other.id().equals(piece.id())
                    && isInTheWay(piece, other)
                    && counts.test(other)) {
                var footprint = Picking.footprint(other);
                if (footprint.bounds().meets(inPlan)) {
                    found.add(new Met(footprint, Optional.of(other.id())));
                }
            }
        }
        Optional<Nearest> best = Optional.empty();
        var wide = Math.min(2 * half, wideMm);
        for (var from = -half; from <= half - wide + SAME_MM; from += STEP_MM) {
            var nearest = new Nearest(
                    frame, new Box(from, 0, from + wide, FARTHEST_MM).ring().corners());
            found.forEach(nearest::take);
            if (best.filter(b -> b.least >= nearest.least).isEmpty()) {
                best = Optional.of(nearest);
            }
        }
        return best.flatMap(b -> b.gap(side));
    }

    /** Told without a footprint, which is dear where there are many: none reaches farther than its two sides together. */
    private static boolean mayReach(Position middle, Length width, Length depth, Box box) {
        var reach = width.mm() + depth.mm();
        var x = middle.x().mm();
        var y = middle.y().mm();
        return x >= box.minX() - reach && x <= box.maxX() + reach && y >= box.minY() - reach && y <= box.maxY() + reach;
    }

    /** Something that may stand in the way; a wall has no id. */
    private record Met(Ring ring, Optional<ElementId> id) {}

    /** Where someone stands who uses a piece: before the middle of its front, in plan mm. */
    public static Point before(Furnishing piece) {
        return piece.placing().apply(new Point(0, -piece.depth().mm() / 2 - STANDING_MM));
    }

    /** The strip of ground before a side, so deep, in plan mm. */
    public static Ring ground(Furnishing piece, Side side, double deepMm) {
        var width = side == Side.LEFT || side == Side.RIGHT ? piece.depth() : piece.width();
        var half = width.mm() / 2;
        return new Box(-half, 0, half, deepMm)
                .ring()
                .through(strip(piece, side))
                .counterClockwise();
    }

    /** The direction away from a side, in the plan, at length one. */
    public static Point away(Furnishing piece, Side side) {
        var strip = strip(piece, side);
        return strip.apply(new Point(0, 1)).minus(strip.apply(Point.ORIGIN));
    }

    /** From a frame whose x runs along a side about its middle, and y away from it, to the plan. */
    private static Affine strip(Furnishing piece, Side side) {
        var away = switch (side) {
            case LEFT -> Affine.turn(90).then(Affine.move(-piece.width().mm() / 2, 0));
            case RIGHT -> Affine.turn(-90).then(Affine.move(piece.width().mm() / 2, 0));
            case FRONT -> Affine.turn(180).then(Affine.move(0, -piece.depth().mm() / 2));
            case BACK -> Affine.move(0, piece.depth().mm() / 2);
        };
        return away.then(piece.placing());
    }

    /** What is as high above the floor as the piece, and no rug; what stands on it is not beside it. */
    private static boolean isInTheWay(Furnishing piece, Furnishing other) {
        return other.height().mm() > FLAT_MM
                && other.bottom().compareTo(piece.top()) < 0
                && other.top().compareTo(piece.bottom()) > 0;
    }

    private static boolean stands(Structure part) {
        return part.form() instanceof Structure.Block block
                && switch (block.kind()) {
                    case POST, LIFT_SHAFT, CHIMNEY, FIREPLACE -> true;
                    case BALCONY,
                            RAMP,
                            VOID,
                            GALLERY,
                            BEAM,
                            ROOFLIGHT,
                            OVERHANG,
                            TRAY_CEILING,
                            SLOPING_CEILING,
                            DORMER -> false;
                };
    }

    private static final class Nearest {
        private final Affine toPlan;
        private final Affine toStrip;
        private final List<Point> window;
        private double least = Double.POSITIVE_INFINITY;
        private double middle;
        private Optional<ElementId> what = Optional.empty();

        Nearest(Affine toPlan, List<Point> window) {
            this.toPlan = toPlan;
            this.toStrip = toPlan.inverse();
            this.window = window;
        }

        void take(Met met) {
            var inside = ConvexClip.clip(met.ring.through(toStrip).corners(), window);
            if (inside.isEmpty()) {
                return;
            }
            var y = inside.stream().mapToDouble(Point::y).min().orElseThrow();
            if (y < least - SAME_MM) {
                least = y;
                middle = inside.stream()
                        .filter(p -> p.y() <= y + SAME_MM)
                        .mapToDouble(Point::x)
                        .average()
                        .orElseThrow();
                what = met.id;
            }
        }

        Optional<Gap> gap(Side side) {
            return least == Double.POSITIVE_INFINITY
                    ? Optional.empty()
                    : Optional.of(new Gap(
                            side,
                            new Segment(toPlan.apply(new Point(middle, 0)), toPlan.apply(new Point(middle, least))),
                            what));
        }
    }
}
