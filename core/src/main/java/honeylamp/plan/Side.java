package honeylamp.plan;

import honeylamp.geometry.Point;
import java.util.Locale;

/** The sides of the plan, by the way they face. */
public enum Side {
    /** Top of an upright plan. */
    NORTH(0, 1),
    /** Right. */
    EAST(1, 0),
    /** Bottom. */
    SOUTH(0, -1),
    /** Left. */
    WEST(-1, 0);

    private final Point outward;

    Side(double x, double y) {
        outward = new Point(x, y);
    }

    /** Square to the side, away from the building. */
    public Point outward() {
        return outward;
    }

    /** Whether distances on this side are measured along x. */
    public boolean alongX() {
        return outward.x() == 0;
    }

    /** The side that this one becomes by so many quarter turns counter-clockwise. */
    public Side turned(int quarters) {
        return values()[Math.floorMod(ordinal() - quarters, values().length)];
    }

    /** The name people see. */
    public String label() {
        return name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT);
    }
}
