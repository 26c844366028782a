package honeylamp.plan;

import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.ElementId.WallTypeId;
import honeylamp.units.Checks;
import honeylamp.units.Length;

/**
 * A straight wall, held as the line that was drawn or measured and the side its body lies on. Walls
 * join where their lines share an end or where an end lies on another's line.
 */
public record Wall(WallId id, Position from, Position to, BodySide body, WallTypeId type, Length height) {
    /** Where the body lies, seen along the drawn line from its first end to its second. */
    public enum BodySide {
        /** The line is the right face. */
        LEFT,
        /** The line is the centre of the wall. */
        CENTRE,
        /** The line is the left face. */
        RIGHT;

        /** The share of the thickness that lies left of the drawn line. */
        public double leftShare() {
            return switch (this) {
                case LEFT -> 1;
                case CENTRE -> 0.5;
                case RIGHT -> 0;
            };
        }

        /** The same body for a line drawn the other way. */
        public BodySide flipped() {
            return switch (this) {
                case LEFT -> RIGHT;
                case CENTRE -> CENTRE;
                case RIGHT -> LEFT;
            };
        }
    }

    /** The shortest wall kept, in mm. */
    public static final double SHORTEST_MM = 1;

    /** Refuses a wall shorter than {@link #SHORTEST_MM} or without height. */
    public Wall {
        Checks.positive("wall height", height);
        if (from.point().distance(to.point()) < SHORTEST_MM) {
            throw new IllegalArgumentException("wall " + id.text() + " is shorter than " + SHORTEST_MM + " mm");
        }
    }

    /** The drawn line, in plan mm. */
    public Segment line() {
        return new Segment(from.point(), to.point());
    }

    /** The length of the drawn line. */
    public Length length() {
        return Length.ofMm(line().length());
    }

    /** The wall between other ends. */
    public Wall between(Position newFrom, Position newTo) {
        return new Wall(id, newFrom, newTo, body, type, height);
    }

    /** The wall with another body side. */
    public Wall withBody(BodySide side) {
        return new Wall(id, from, to, side, type, height);
    }

    /** The wall with another type. */
    public Wall withType(WallTypeId other) {
        return new Wall(id, from, to, body, other, height);
    }

    /** The wall with another height. */
    public Wall withHeight(Length other) {
        return new Wall(id, from, to, body, type, other);
    }
}
