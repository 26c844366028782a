package honeylamp.desktop.workspace;

/**
 * How the window itself looks; the paper is the same in all.
 *
 * @param textPercent the size of its words, of the usual size
 */
public record WindowStyle(Room room, int textPercent) {
    /** What lies round the paper. */
    public enum Room {
        LIGHT("Light room"),
        DARK("Dark room");

        private final String label;

        Room(String label) {
            this.label = label;
        }

        /** The name people see. */
        public String label() {
            return label;
        }

        public Room other() {
            return this == LIGHT ? DARK : LIGHT;
        }
    }

    /** Light, with words of the usual size. */
    public static final WindowStyle USUAL = new WindowStyle(Room.LIGHT, 100);

    /** Words smaller than this are hard to read. */
    public static final int LEAST_PERCENT = 100;

    /** Words larger than this leave too little room for the drawing. */
    public static final int MOST_PERCENT = 200;

    private static final int STEP_PERCENT = 25;

    /** So wide a window has room for words of twice the size, in px. */
    private static final double WIDTH_AT_TWICE_PX = 1280;

    /** Brings sizes that cannot be to the nearest that can. */
    public WindowStyle {
        textPercent = Math.clamp(textPercent, LEAST_PERCENT, MOST_PERCENT);
    }

    /** The largest words that a window so wide has room for, in px; whole steps. */
    public static int mostPercent(double widthPx) {
        var steps = Math.floor(widthPx / WIDTH_AT_TWICE_PX * MOST_PERCENT / STEP_PERCENT);
        return (int) Math.clamp(steps * STEP_PERCENT, LEAST_PERCENT, MOST_PERCENT);
    }

    public WindowStyle withRoom(Room other) {
        return new WindowStyle(other, textPercent);
    }

    public WindowStyle withTextPercent(int other) {
        return new WindowStyle(room, other);
    }

    /** With words so many steps larger. */
    public WindowStyle larger(int steps) {
        return withTextPercent(textPercent + steps * STEP_PERCENT);
    }
}
