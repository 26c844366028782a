package honeylamp.lettering;

/**
 * The box of pixels that hang together, in pixels of its frame.
 *
 * @param x0 its first column
 * @param y0 its first row
 * @param x1 one past its last column
 * @param y1 one past its last row
 * @param darkest the most ink in it
 */
record Blot(int x0, int y0, int x1, int y1, float darkest) {
    int width() {
        return x1 - x0;
    }

    int height() {
        return y1 - y0;
    }

    double middleX() {
        return (x0 + x1) / 2.0;
    }

    /** What two have in common of their height, as a share of the lower one's. */
    double sharedHeight(Blot other) {
        var shared = Math.min(y1, other.y1) - Math.max(y0, other.y0);
        return shared / (double) Math.min(height(), other.height());
    }

    Blot columns(int from, int to) {
        return new Blot(from, y0, to, y1, darkest);
    }
}
