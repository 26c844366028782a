package honeylamp.tracing;

import java.util.List;

/**
 * A wall found in a picture: a stretch of a line with its gaps.
 *
 * @param upright whether it runs along columns of the frame; else along rows
 * @param from where it begins along the line, in pixels of the frame
 * @param bodyFrom where the first band of the line within it begins
 * @param bodyTo where the last ends
 * @param tied how many of its ends lie on another wall
 */
record Stroke(
        boolean upright,
        WallLine line,
        double from,
        double to,
        double bodyFrom,
        double bodyTo,
        int tied,
        List<Gap> gaps) {
    private static final double SHORT = 3;
    private static final double SURE = 0.9;
    private static final double DOUBTFUL = 0.4;
    private static final double UNLIKELY = 0.2;

    Stroke {
        gaps = List.copyOf(gaps);
    }

    double length() {
        return to - from;
    }

    double thickness() {
        return line.thickness();
    }

    double middle() {
        return line.at((from + to) / 2);
    }

    Stroke between(double newFrom, double newTo) {
        return new Stroke(upright, line, newFrom, newTo, bodyFrom, bodyTo, tied, gaps);
    }

    Stroke withTied(int ends) {
        return new Stroke(upright, line, from, to, bodyFrom, bodyTo, ends, gaps);
    }

    Stroke with(List<Gap> other) {
        return new Stroke(upright, line, from, to, bodyFrom, bodyTo, tied, other);
    }

    /** How sure it is that this is a wall, from 0 to 1: short pieces and free ends are doubtful. */
    double sure() {
        return tied == 2 ? length() > SHORT * thickness() ? SURE : DOUBTFUL : tied == 1 ? DOUBTFUL : UNLIKELY;
    }
}
