package honeylamp.desktop.gesture;

import honeylamp.geometry.Point;

/**
 * Where the pointer is.
 *
 * @param at in plan mm
 * @param clicks 1 for a single press, 2 for a double
 */
public record Pointer(Point at, int clicks, Keys keys) {
    /** Keys held down. */
    public record Keys(boolean shift, boolean alt, boolean control) {
        public static final Keys NONE = new Keys(false, false, false);
    }

    /** A pointer without keys held. */
    public static Pointer at(Point at) {
        return new Pointer(at, 1, Keys.NONE);
    }
}
