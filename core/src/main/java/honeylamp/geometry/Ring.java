package honeylamp.geometry;

import java.util.ArrayList;
import java.util.List;

/** A closed outline of at least three corners; the last is joined to the first. */
public record Ring(List<Point> corners) {
    /** Freezes the corners. */
    public Ring {
        corners = List.copyOf(corners);
        if (corners.size() < 3) {
            throw new IllegalArgumentException("ring has " + corners.size() + " corners, needs 3");
        }
    }

    /** A ring of these corners. */
    public static Ring of(Point... corners) {
        return new Ring(List.of(corners));
    }

    /**
     * What lies between two lines that run the same way, counter-clockwise if the first is the right one.
     *
     * @param chordErrorMm how far a chord may stray from an arc, in mm
     */
    public static Ring between(Curve right, Curve left, double chordErrorMm) {
        var out = new ArrayList<Point>();
        out.add(right.a());
        out.addAll(right.between(chordErrorMm));
        out.add(right.b());
        out.add(left.b());
        out.addAll(left.between(chordErrorMm).reversed());
        out.add(left.a());
        return new Ring(out);
    }

    /** The area by the shoelace formula, positive if counter-clockwise where y points up. */
    public double signedArea() {
        var sum = 0.0;
        var origin = corners.getFirst(); // near the ring, so far-off plans lose no digits
        for (var i = 1; i + 1 < corners.size(); i++) {
            sum += corners.get(i).minus(origin).cross(corners.get(i + 1).minus(origin));
        }
        return sum / 2;
    }

    /** The area, never negative. */
    public double area() {
        return Math.abs(signedArea());
    }

    /** The length all round. */
    public double perimeter() {
        var sum = 0.0;
        for (var edge : edges()) {
            sum += edge.length();
        }
        return sum;
    }

    /** The edges in order. */
    public List<Segment> edges() {
        var edges = new ArrayList<Segment>(corners.size());
        for (var i = 0; i < corners.size(); i++) {
            edges.add(new Segment(corners.get(i), corners.get((i + 1) % corners.size())));
        }
        return edges;
    }

    /** The same outline the other way round. */
    public Ring reversed() {
        return new Ring(corners.reversed());
    }

    /** The same outline, counter-clockwise where y points up. */
    public Ring counterClockwise() {
        return signedArea() < 0 ? reversed() : this;
    }

    /** Whether a point lies inside, by counting crossings of a ray; points on the edge may go either way. */
    public boolean contains(Point p) {
        var inside = false;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            var a = corners.get(i);
            var b = corners.get(j);
            if (a.y() > p.y() != b.y() > p.y() && p.x() < (b.x() - a.x()) * (p.y() - a.y()) / (b.y() - a.y()) + a.x()) {
                inside = !inside;
            }
        }
        return inside;
    }

    /** The distance from a point to the nearest edge. */
    public double edgeDistance(Point p) {
        var best = Double.POSITIVE_INFINITY;
        for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
            best = Math.min(best, new Segment(corners.get(j), corners.get(i)).distance(p));
        }
        return best;
    }

    /** The box around it. */
    public Box bounds() {
        return Box.around(corners);
    }

    /**
     * Whether no edge touches another but its neighbours, and no neighbours fold back on each other. Takes
     * time with the square of the corners, with boxes compared first.
     */
    public boolean isSimple() {
        var edges = edges().stream().filter(e -> e.length() > 0).toList();
        var boxes = edges.stream().map(e -> Box.around(List.of(e.a(), e.b()))).toList();
        var n = edges.size();
        if (n < 3) {
            return false;
        }
        for (var i = 0; i < n; i++) {
            var next = edges.get((i + 1) % n);
            var way = edges.get(i).b().minus(edges.get(i).a());
            var turn = next.b().minus(next.a());
            if (way.cross(turn) == 0 && way.dot(turn) <= 0) {
                return false;
            }
            for (var j = i + 2; j < n; j++) {
                if (!(i == 0 && j == n - 1)
                        && boxes.get(i).meets(boxes.get(j))
                        && edges.get(i).touches(edges.get(j))) {
                    return false;
                }
            }
        }
        return true;
    }

    /** The ring in a picture; no corner may lie behind the eye. */
    public Ring through(Projective to) {
        var out = new Point[corners.size()]; // no stream: every corner of a storey comes by while it is turned
        for (var i = 0; i < out.length; i++) {
            out[i] = to.apply(corners.get(i));
        }
        return new Ring(List.of(out));
    }

    /** The ring seen through a transform. */
    public Ring through(Affine affine) {
        return new Ring(corners.stream().map(affine::apply).toList());
    }

    /**
     * The ring without corners that lie within {@code tolerance} of the line of their neighbours, and
     * without repeated corners; the ring itself if fewer than three would be left.
     */
    public Ring simplified(double tolerance) {
        var kept = new ArrayList<>(corners);
        var changed = true;
        while (changed && kept.size() > 3) {
            changed = false;
            for (var i = 0; i < kept.size() && kept.size() > 3; i++) {
                var before = kept.get(Math.floorMod(i - 1, kept.size()));
                var after = kept.get((i + 1) % kept.size());
                if (new Segment(before, after).distance(kept.get(i)) <= tolerance) {
                    kept.remove(i--);
                    changed = true;
                }
            }
        }
        return new Ring(kept);
    }
}
