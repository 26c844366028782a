package honeylamp.tracing;

/**
 * A stretch of a wall in which its body is not drawn.
 *
 * @param from along its wall, in pixels of the frame
 * @param kind what is drawn in it
 * @param arc the leaf's, for doors and pairs; its share is zero for others
 * @param sure from 0 to 1
 */
record Gap(double from, double to, Kind kind, Signs.Arc arc, double sure) {
    static final Signs.Arc NO_ARC = new Signs.Arc(true, true, 0);

    enum Kind {
        DOOR,
        PAIR,
        WINDOW,
        PLAIN
    }

    double width() {
        return to - from;
    }
}
