package honeylamp.geometry;

import java.util.Collection;
import java.util.Optional;

/** An upright rectangle; least and greatest coordinates. */
public record Box(double minX, double minY, double maxX, double maxY) {
    /** Refuses a turned-over or unfinished box. */
    public Box {
        if (!(minX <= maxX && minY <= maxY)) {
            throw new IllegalArgumentException("box " + minX + "," + minY + " to " + maxX + "," + maxY + " is empty");
        }
    }

    /** The box around some points; throws if there are none. */
    public static Box around(Collection<Point> points) {
        double minX = Double.POSITIVE_INFINITY, minY = minX, maxX = -minX, maxY = -minX;
        for (var p : points) {
            minX = Math.min(minX, p.x());
            minY = Math.min(minY, p.y());
            maxX = Math.max(maxX, p.x());
            maxY = Math.max(maxY, p.y());
        }
        return new Box(minX, minY, maxX, maxY);
    }

    /** Width along x. */
    public double width() {
        return maxX - minX;
    }

    /** Height along y. */
    public double height() {
        return maxY - minY;
    }

    public Point centre() {
        return new Point((minX + maxX) / 2, (minY + maxY) / 2);
    }

    /** The same box elsewhere. */
    public Box moved(Point by) {
        return new Box(minX + by.x(), minY + by.y(), maxX + by.x(), maxY + by.y());
    }

    /** The box grown on all sides; negative shrinks, at most to its centre lines. */
    public Box grown(double by) {
        var dx = Math.max(by, -width() / 2);
        var dy = Math.max(by, -height() / 2);
        return new Box(minX - dx, minY - dy, maxX + dx, maxY + dy);
    }

    /** The smallest box around both. */
    public Box union(Box o) {
        return new Box(Math.min(minX, o.minX), Math.min(minY, o.minY), Math.max(maxX, o.maxX), Math.max(maxY, o.maxY));
    }

    /** Whether the boxes share a point. */
    public boolean meets(Box o) {
        return minX <= o.maxX && o.minX <= maxX && minY <= o.maxY && o.minY <= maxY;
    }

    /** Whether a point lies inside or on the edge. */
    public boolean contains(Point p) {
        return p.x() >= minX && p.x() <= maxX && p.y() >= minY && p.y() <= maxY;
    }

    /** Whether another box lies inside or on the edge. */
    public boolean contains(Box o) {
        return o.minX >= minX && o.maxX <= maxX && o.minY >= minY && o.maxY <= maxY;
    }

    /** What both boxes share; empty if they lie apart. */
    public Optional<Box> shared(Box o) {
        return meets(o)
                ? Optional.of(new Box(
                        Math.max(minX, o.minX), Math.max(minY, o.minY), Math.min(maxX, o.maxX), Math.min(maxY, o.maxY)))
                : Optional.empty();
    }

    /** The four corners, counter-clockwise where y points up. */
    public Ring ring() {
        return Ring.of(new Point(minX, minY), new Point(maxX, minY), new Point(maxX, maxY), new Point(minX, maxY));
    }
}
