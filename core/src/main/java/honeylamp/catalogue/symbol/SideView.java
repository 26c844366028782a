package honeylamp.catalogue.symbol;

import honeylamp.catalogue.symbol.SymbolShape.Detail;
import honeylamp.catalogue.symbol.SymbolShape.Edge;
import honeylamp.catalogue.symbol.SymbolShape.Level;
import honeylamp.catalogue.symbol.SymbolShape.Paint;
import honeylamp.geometry.Affine;
import honeylamp.geometry.Box;
import honeylamp.geometry.Figure;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** A symbol seen level from one of its four sides: shapes with x to the right as one sees it and y up from the floor. */
public final class SideView {
    private static final double QUARTER = 90;

    private SideView() {}

    /** From where a piece is seen. */
    public enum From {
        FRONT,
        /** From the right of someone who stands before it. */
        RIGHT,
        BACK,
        LEFT;

        /**
         * The side seen by someone who looks along a direction.
         *
         * @param lookDeg where one looks, counter-clockwise from the back of the piece
         * @return that which is turned to one most
         */
        public static From looking(double lookDeg) {
            var quarters = (int) Math.floorMod(Math.round(lookDeg / QUARTER), 4L);
            return switch (quarters) {
                case 0 -> FRONT;
                case 1 -> RIGHT;
                case 2 -> BACK;
                default -> LEFT;
            };
        }

        /** How far a direction is from looking straight at a side, in degrees. */
        public static double aslantDeg(double lookDeg) {
            return Math.abs(lookDeg - QUARTER * Math.rint(lookDeg / QUARTER));
        }

        /** The side that lies there when left and right of a piece are exchanged. */
        public From mirrored() {
            return switch (this) {
                case FRONT, BACK -> this;
                case LEFT -> RIGHT;
                case RIGHT -> LEFT;
            };
        }
    }

    private record Seen(SymbolShape shape, double nearMm) {}

    /** What is seen, the farthest first; what is as far away in the order in which it was drawn. */
    public static List<SymbolShape> of(Symbol symbol, From from) {
        var seen = new ArrayList<Seen>();
        for (var body : symbol.bodies()) {
            var plan = body.footprint().bounds();
            var face = new Box(left(plan, from), body.bottomMm(), right(plan, from), body.topMm());
            var soft = Math.min(body.softMm(), Math.min(face.width(), face.height()) / 2);
            var path = Figure.builder().roundedBox(face, soft).build();
            seen.add(new Seen(
                    new SymbolShape(path, new Paint.Of(body.role()), Edge.OUTLINE, Level.BODY, Detail.PLAIN),
                    near(plan, from)));
        }
        if (from == From.FRONT) {
            symbol.fronts().forEach(f -> seen.add(new Seen(f.shape(), -f.yMm())));
        }
        for (var round : symbol.rounds()) {
            var at = new Box(
                    round.at().x(), round.at().y(), round.at().x(), round.at().y());
            var shape = round.shape();
            var there = shape.path().through(Affine.move(left(at, from), 0));
            seen.add(new Seen(
                    new SymbolShape(there, shape.paint(), shape.edge(), shape.level(), shape.detail()),
                    near(at, from)));
        }
        seen.sort(Comparator.comparingDouble(Seen::nearMm));
        return seen.stream().map(Seen::shape).toList();
    }

    private static double left(Box plan, From from) {
        return switch (from) {
            case FRONT -> plan.minX();
            case RIGHT -> plan.minY();
            case BACK -> -plan.maxX();
            case LEFT -> -plan.maxY();
        };
    }

    private static double right(Box plan, From from) {
        return switch (from) {
            case FRONT -> plan.maxX();
            case RIGHT -> plan.maxY();
            case BACK -> -plan.minX();
            case LEFT -> -plan.minY();
        };
    }

    /** How near its nearest face is to the eye. */
    private static double near(Box plan, From from) {
        return switch (from) {
            case FRONT -> -plan.minY();
            case RIGHT -> plan.maxX();
            case BACK -> plan.maxY();
            case LEFT -> -plan.minX();
        };
    }
}
