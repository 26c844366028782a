package honeylamp.edit;

import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.List;

/** Outlines of bands along lines on a floor, such as a border along two of the walls of a room. */
public final class Bands {
    /** So far beside a line one looks for a room. */
    private static final double BESIDE_MM = 20;

    private static final double SHORTEST_MM = 1;

    private Bands() {}

    /**
     * The corners around a band: on the side of its line where rooms lie, or half on either side if they lie on both. Where
     * the line bends its edges are mitred.
     *
     * @param line from point to point, two or more
     * @return refused if the line has no length, runs into itself, or bends too sharply for a band so wide
     */
    public static Outcome<List<Point>> along(StoreyGeometry geometry, List<Point> line, Length width) {
        var legs = new ArrayList<Segment>();
        for (var i = 0; i + 1 < line.size(); i++) {
            var leg = new Segment(line.get(i), line.get(i + 1));
            if (leg.length() >= SHORTEST_MM) {
                legs.add(leg);
            }
        }
        if (legs.isEmpty()) {
            return Outcome.refused("the line has no length", "Click a second point first.");
        }
        var left = rooms(geometry, legs, 1);
        var right = rooms(geometry, legs, -1);
        var toLeft = left == right ? width.mm() / 2 : left > right ? width.mm() : 0;
        var out = new ArrayList<>(shifted(legs, toLeft));
        out.addAll(shifted(legs, toLeft - width.mm()).reversed());
        var ring = new Ring(out);
        return ring.isSimple()
                ? Outcome.done(ring.counterClockwise().corners())
                : Outcome.refused("the line bends too sharply for a band so wide", "Type a narrower band.");
    }

    /** Along how much of a line a room lies on one side. */
    private static double rooms(StoreyGeometry geometry, List<Segment> legs, int side) {
        return legs.stream()
                .filter(leg -> geometry.roomAt(
                                leg.middle().plus(leg.unit().left().times(side * BESIDE_MM)))
                        .isPresent())
                .mapToDouble(Segment::length)
                .sum();
    }

    /** A line moved to its left, its corners where the moved legs cross. */
    private static List<Point> shifted(List<Segment> legs, double leftMm) {
        var moved = legs.stream().map(leg -> leg.shiftedLeft(leftMm)).toList();
        var out = new ArrayList<Point>();
        out.add(moved.getFirst().a());
        for (var i = 0; i + 1 < moved.size(); i++) {
            var next = moved.get(i + 1);
            var end = moved.get(i).b();
            out.add(moved.get(i).lineCrossing(next).orElse(end));
        }
        out.add(moved.getLast().b());
        return out;
    }
}
