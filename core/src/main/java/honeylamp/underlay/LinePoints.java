package honeylamp.underlay;

import java.util.ArrayList;
import java.util.List;

/**
 * Points of dark lines and of the edges of thick dark bodies in a window, each found to a part of a pixel.
 *
 * @see "C. Steger, An Unbiased Detector of Curvilinear Structures, IEEE PAMI 20(2), 1998"
 */
final class LinePoints {
    private static final int MARGIN = 4;

    /** A line must be darker than both its sides by so much of 255, and by so many times the noise. */
    private static final double LEAST_DEPTH = 9;

    private static final double NOISES = 3.2;

    private LinePoints() {}

    /** What a point lies on. */
    enum Kind {
        /** A thin dark line. */
        LINE,
        /** The edge of something dark and thick. */
        FACE
    }

    /**
     * A point, in pixels of the level, with the unit normal of its line.
     *
     * @param depth how much darker than its surroundings
     */
    record LinePoint(double x, double y, double nx, double ny, double depth, Kind kind) {}

    /** All line points of a window. */
    static List<LinePoint> of(Window w) {
        var out = new ArrayList<LinePoint>();
        var least = Math.max(LEAST_DEPTH, NOISES * w.noise());
        for (var y = MARGIN; y < w.size() - MARGIN; y++) {
            for (var x = MARGIN; x < w.size() - MARGIN; x++) {
                ridge(w, x, y, least, out);
                edge(w, x, y, 1.6 * least, out);
            }
        }
        return out;
    }

    /** The bottom of a dark line: the slope across it is nothing where it bends most. */
    private static void ridge(Window w, int x, int y, double least, List<LinePoint> out) {
        var gx = (w.at(x + 1, y) - w.at(x - 1, y)) / 2;
        var gy = (w.at(x, y + 1) - w.at(x, y - 1)) / 2;
        var xx = w.at(x + 1, y) - 2 * w.at(x, y) + w.at(x - 1, y);
        var yy = w.at(x, y + 1) - 2 * w.at(x, y) + w.at(x, y - 1);
        var xy = (w.at(x + 1, y + 1) - w.at(x - 1, y + 1) - w.at(x + 1, y - 1) + w.at(x - 1, y - 1)) / 4;
        var half = (xx + yy) / 2;
        var root = Math.hypot((xx - yy) / 2, xy);
        var bend = half + root;
        if (bend < 0.25 || half - root < -bend) {
            return;
        }
        double nx = xy, ny = bend - xx;
        if (Math.abs(nx) + Math.abs(ny) < 1e-6) {
            nx = xx >= yy ? 1 : 0;
            ny = 1 - nx;
        }
        var length = Math.hypot(nx, ny);
        nx /= length;
        ny /= length;
        var off = -(gx * nx + gy * ny) / (xx * nx * nx + 2 * xy * nx * ny + yy * ny * ny);
        if (Math.abs(off * nx) > 0.6 || Math.abs(off * ny) > 0.6) {
            return;
        }
        var px = x + off * nx;
        var py = y + off * ny;
        var depth = Math.max(depth(w, px, py, nx, ny, 3), depth(w, px, py, nx, ny, 5));
        if (depth >= least) {
            out.add(point(w, px, py, nx, ny, depth, Kind.LINE));
        }
    }

    private static double depth(Window w, double x, double y, double nx, double ny, double away) {
        return Math.min(w.between(x + away * nx, y + away * ny), w.between(x - away * nx, y - away * ny))
                - w.between(x, y);
    }

    /** Where lightness changes fastest, if the dark side is thick. */
    private static void edge(Window w, int x, int y, double least, List<LinePoint> out) {
        var gx = (w.at(x + 1, y) - w.at(x - 1, y)) / 2;
        var gy = (w.at(x, y + 1) - w.at(x, y - 1)) / 2;
        var slope = Math.hypot(gx, gy);
        if (slope < least / 6) {
            return;
        }
        var nx = gx / slope;
        var ny = gy / slope;
        var before = slope(w, x - nx, y - ny, nx, ny);
        var after = slope(w, x + nx, y + ny, nx, ny);
        var bend = before - 2 * slope + after;
        if (slope < before || slope <= after || bend >= 0) {
            return;
        }
        var off = (before - after) / (2 * bend);
        var px = x + off * nx;
        var py = y + off * ny;
        var dark = w.between(px - 3 * nx, py - 3 * ny);
        var darker = w.between(px - 6 * nx, py - 6 * ny);
        var light = w.between(px + 3 * nx, py + 3 * ny);
        if (light - dark >= least && darker - dark < 0.3 * (light - dark)) {
            out.add(point(w, px, py, nx, ny, light - dark, Kind.FACE));
        }
    }

    private static double slope(Window w, double x, double y, double nx, double ny) {
        return w.between(x + nx, y + ny) / 2 - w.between(x - nx, y - ny) / 2;
    }

    private static LinePoint point(Window w, double x, double y, double nx, double ny, double depth, Kind kind) {
        return new LinePoint(w.x0() + x, w.y0() + y, nx, ny, depth, kind);
    }
}
