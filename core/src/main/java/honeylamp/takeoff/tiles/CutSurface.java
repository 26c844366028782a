package honeylamp.takeoff.tiles;

import honeylamp.geometry.Box;
import honeylamp.geometry.ConvexClip;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import java.util.ArrayList;
import java.util.List;

/**
 * A surface parted into windows, so that a piece is compared only with what lies near it. Windows that are filled, or
 * empty, answer at once; in the others each piece is cut out of the part of the surface that the window holds.
 */
final class CutSurface {
    /** Windows are this many times as wide as the largest piece. */
    private static final double WINDOW_PIECES = 4;

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

    private record Window(Fill fill, List<Part> parts) {
        static final Window EMPTY = new Window(Fill.EMPTY, List.of());
        static final Window WHOLE = new Window(Fill.WHOLLY, List.of());
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
        return area >= box.width() * box.height() - SAME_MM2 ? Window.WHOLE : new Window(Fill.PARTLY, parts);
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
        var centre = piece.bounds().centre();
        var column = Math.clamp((int) Math.floor((centre.x() - bounds.minX()) / side), 0, columns - 1);
        var row = Math.clamp((int) Math.floor((centre.y() - bounds.minY()) / side), 0, windows.length / columns - 1);
        var window = windows[row * columns + column];
        return switch (window.fill) {
            case EMPTY -> Within.NOTHING;
            case WHOLLY -> new Within(pieceMm2, List.of());
            case PARTLY -> cut(window, piece);
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
