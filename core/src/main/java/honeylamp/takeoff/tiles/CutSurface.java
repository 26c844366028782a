package honeylamp.takeoff.tiles;

import honeylamp.geometry.Box;
import honeylamp.geometry.ConvexClip;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;

/**
 * A surface parted into windows, so that a piece is compared only with what lies near it. Windows that are filled, or
 * empty, answer at once; in the others each piece is cut out of the part of the surface that the window holds.
 */
final class CutSurface {
    /** Windows are this many times as wide as the largest piece. */
    private static final double WINDOW_PIECES = 3;

    /** But no more than so many each way, so that tiny pieces in a huge surface do not take all memory. */
    private static final int MOST_WINDOWS = 256;

    /** Areas nearer to each other than this, in mm², are the same. */
    private static final double SAME_MM2 = 1e-2;

    /** Rings of a part of the surface, shells with what is cut out of them. */
    private record Part(List<Point> shell, List<List<Point>> holes) {}

    private enum Fill {
        EMPTY,
        PARTLY,
        WHOLLY
    }

    /**
     * A window.
     *
     * @param edges of the surface within it, without its own border: x and y of both ends, one after the other
     */
    private record Window(Fill fill, List<Part> parts, double[] edges) {
        static final Window EMPTY = new Window(Fill.EMPTY, List.of(), new double[0]);
        static final Window WHOLE = new Window(Fill.WHOLLY, List.of(), new double[0]);

        /** Whether an edge may run through a box. */
        boolean hasEdgeIn(double minX, double minY, double maxX, double maxY) {
            for (var i = 0; i < edges.length; i += 4) {
                var ax = edges[i];
                var ay = edges[i + 1];
                var bx = edges[i + 2];
                var by = edges[i + 3];
                if (Math.min(ax, bx) <= maxX
                        && Math.max(ax, bx) >= minX
                        && Math.min(ay, by) <= maxY
                        && Math.max(ay, by) >= minY) {
                    var dx = bx - ax;
                    var dy = by - ay;
                    var a = dx * (minY - ay) - dy * (minX - ax);
                    var b = dx * (minY - ay) - dy * (maxX - ax);
                    var c = dx * (maxY - ay) - dy * (minX - ax);
                    var d = dx * (maxY - ay) - dy * (maxX - ax);
                    if (!(a > 0 && b > 0 && c > 0 && d > 0) && !(a < 0 && b < 0 && c < 0 && d < 0)) {
                        return true;
                    }
                }
            }
            return false;
        }

        /** Whether a point that is on no edge lies on the surface: it crosses an odd number of edges of each part. */
        boolean contains(double x, double y) {
            for (var part : parts) {
                if (isIn(part.shell, x, y)) {
                    var isOut = false;
                    for (var hole : part.holes) {
                        isOut |= isIn(hole, x, y);
                    }
                    if (!isOut) {
                        return true;
                    }
                }
            }
            return false;
        }

        private static boolean isIn(List<Point> ring, double x, double y) {
            var inside = false;
            for (int i = 0, j = ring.size() - 1; i < ring.size(); j = i++) {
                var a = ring.get(i);
                var b = ring.get(j);
                if (a.y() > y != b.y() > y && x < (b.x() - a.x()) * (y - a.y()) / (b.y() - a.y()) + a.x()) {
                    inside = !inside;
                }
            }
            return inside;
        }
    }

    private final Box bounds;
    private final double side;
    private final int columns;
    private final Window[] windows;

    /**
     * A surface in the frame of a laying.
     *
     * @param reachMm the farthest a piece reaches from the middle of its box, along either axis
     */
    CutSurface(List<Outline> surface, double reachMm) {
        bounds = surface.stream().map(Outline::bounds).reduce(Box::union).orElse(new Box(0, 0, 0, 0));
        var extent = Math.max(bounds.width(), bounds.height());
        side = Math.max(Math.max(1, 2 * reachMm * WINDOW_PIECES), extent / MOST_WINDOWS);
        columns = 1 + (int) (bounds.width() / side);
        var rows = 1 + (int) (bounds.height() / side);
        windows = new Window[columns * rows];
        var whole = surface.stream()
                .map(o -> new Part(
                        o.shell().counterClockwise().corners(),
                        o.holes().stream()
                                .map(h -> h.counterClockwise().corners())
                                .toList()))
                .toList();
        for (var column = 0; column < columns; column++) {
            var x = bounds.minX() + column * side;
            var strip = within(
                    whole, new Box(x - reachMm, bounds.minY() - reachMm, x + side + reachMm, bounds.maxY() + reachMm));
            for (var row = 0; row < rows; row++) {
                var y = bounds.minY() + row * side;
                windows[row * columns + column] =
                        window(strip, new Box(x - reachMm, y - reachMm, x + side + reachMm, y + side + reachMm));
            }
        }
    }

    Box bounds() {
        return bounds;
    }

    private static Window window(List<Part> strip, Box box) {
        var parts = within(strip, box);
        var area = area(parts);
        if (area <= SAME_MM2) {
            return Window.EMPTY;
        }
        return area >= box.width() * box.height() - SAME_MM2
                ? Window.WHOLE
                : new Window(Fill.PARTLY, parts, edges(parts, box));
    }

    private static double[] edges(List<Part> parts, Box box) {
        var out = DoubleStream.builder();
        for (var part : parts) {
            edges(part.shell, box, out);
            part.holes.forEach(h -> edges(h, box, out));
        }
        return out.build().toArray();
    }

    private static void edges(List<Point> ring, Box box, DoubleStream.Builder out) {
        for (int i = 0, j = ring.size() - 1; i < ring.size(); j = i++) {
            var a = ring.get(j);
            var b = ring.get(i);
            var isBorder = a.x() == b.x() && (a.x() == box.minX() || a.x() == box.maxX())
                    || a.y() == b.y() && (a.y() == box.minY() || a.y() == box.maxY());
            if (!isBorder) {
                out.add(a.x()).add(a.y()).add(b.x()).add(b.y());
            }
        }
    }

    private static List<Part> within(List<Part> parts, Box box) {
        return within(parts, box.ring().corners());
    }

    private static List<Part> within(List<Part> parts, List<Point> convex) {
        var out = new ArrayList<Part>(parts.size());
        for (var part : parts) {
            var shell = ConvexClip.clip(part.shell, convex);
            if (shell.size() >= 3) {
                var holes = new ArrayList<List<Point>>();
                for (var hole : part.holes) {
                    var there = ConvexClip.clip(hole, convex);
                    if (there.size() >= 3) {
                        holes.add(there);
                    }
                }
                out.add(new Part(shell, holes));
            }
        }
        return out;
    }

    private static double area(List<Part> parts) {
        var sum = 0.0;
        for (var part : parts) {
            sum += area(part);
        }
        return sum;
    }

    private static double area(Part part) {
        var sum = Math.abs(new Ring(part.shell).signedArea());
        for (var hole : part.holes) {
            sum -= Math.abs(new Ring(hole).signedArea());
        }
        return sum;
    }

    /**
     * What of a piece lies on the surface.
     *
     * @param areaMm2 its area
     * @param corners of what is left; none if nothing was cut off, or all
     */
    record Within(double areaMm2, List<Point> corners) {
        static final Within NOTHING = new Within(0, List.of());
    }

    /** The part of a piece that lies on the surface. */
    Within within(Ring piece, double pieceMm2) {
        var corners = piece.corners();
        var minX = Double.POSITIVE_INFINITY;
        var minY = minX;
        var maxX = -minX;
        var maxY = -minX;
        for (var i = 0; i < corners.size(); i++) { // no box is made: this is done for every piece
            var c = corners.get(i);
            minX = Math.min(minX, c.x());
            minY = Math.min(minY, c.y());
            maxX = Math.max(maxX, c.x());
            maxY = Math.max(maxY, c.y());
        }
        var column = Math.clamp((int) Math.floor(((minX + maxX) / 2 - bounds.minX()) / side), 0, columns - 1);
        var row = Math.clamp(
                (int) Math.floor(((minY + maxY) / 2 - bounds.minY()) / side), 0, windows.length / columns - 1);
        var window = windows[row * columns + column];
        return switch (window.fill) {
            case EMPTY -> Within.NOTHING;
            case WHOLLY -> new Within(pieceMm2, List.of());
            case PARTLY ->
                window.hasEdgeIn(minX, minY, maxX, maxY)
                        ? cut(window, piece)
                        : window.contains((minX + maxX) / 2, (minY + maxY) / 2)
                                ? new Within(pieceMm2, List.of())
                                : Within.NOTHING;
        };
    }

    private static Within cut(Window window, Ring piece) {
        var parts = within(window.parts, piece.corners());
        var sum = 0.0;
        var corners = new ArrayList<Point>();
        for (var part : parts) {
            var area = area(part);
            sum += area;
            if (area > SAME_MM2) {
                corners.addAll(part.shell);
            }
        }
        return new Within(sum, corners);
    }
}
