package honeylamp.edit;

import honeylamp.plan.Wall.BodySide;

/** Which line of a wall is drawn. */
public enum DrawnFace {
    /** The face away from the room. */
    OUTER("Outer face"),
    /** The middle of the wall. */
    CENTRE("Centre"),
    /** The face towards the room. */
    INNER("Inner face");

    private final String label;

    DrawnFace(String label) {
        this.label = label;
    }

    /** The name shown to people. */
    public String label() {
        return label;
    }

    /** The next one, for a key that goes round. */
    public DrawnFace next() {
        return values()[(ordinal() + 1) % values().length];
    }

    /** The body side for a chain that turns counter-clockwise, or clockwise. */
    public BodySide body(boolean counterClockwise) {
        return switch (this) {
            case CENTRE -> BodySide.CENTRE;
            case OUTER -> counterClockwise ? BodySide.LEFT : BodySide.RIGHT;
            case INNER -> counterClockwise ? BodySide.RIGHT : BodySide.LEFT;
        };
    }
}
