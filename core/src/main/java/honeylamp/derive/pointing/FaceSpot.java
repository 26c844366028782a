package honeylamp.derive.pointing;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A point on the faces around a room.
 *
 * @param alongMm from the first corner of the room's outline, with the room to the left
 */
public record FaceSpot(Room room, double alongMm) {
    /** What stands at a face is so near to it. */
    private static final double AT_FACE_MM = 100;

    /** Faces in line with each other turn by no more than this sine. */
    private static final double IN_LINE = 0.01;

    private static final double NONE_MM = 1;

    /** The point of a room's faces nearest to a point, if one is within reach; the room the point lies in comes first. */
    public static Optional<FaceSpot> near(StoreyGeometry geometry, Point p, double reachMm) {
        return geometry.rooms().stream()
                .filter(r -> ring(r).edgeDistance(p) <= reachMm)
                .min(Comparator.comparing((Room r) -> !r.outline().contains(p))
                        .thenComparingDouble(r -> ring(r).edgeDistance(p)))
                .map(r -> on(r, p));
    }

    /** The point of a room's faces nearest to a point. */
    public static FaceSpot on(Room room, Point p) {
        var best = Double.POSITIVE_INFINITY;
        var along = 0.0;
        var before = 0.0;
        for (var edge : ring(room).edges()) {
            var off = edge.distance(p);
            if (off < best) {
                best = off;
                along = before + Math.clamp(edge.along(p), 0, edge.length());
            }
            before += edge.length();
        }
        return new FaceSpot(room, along);
    }

    private static Ring ring(Room room) {
        return room.outline().shell().counterClockwise();
    }

    /** The point itself. */
    public Point at() {
        var left = alongMm;
        var edges = ring(room).edges();
        for (var edge : edges) {
            if (left <= edge.length()) {
                return edge.at(Math.max(0, left));
            }
            left -= edge.length();
        }
        return edges.getFirst().a();
    }

    /** The point so far on along the faces, with the room to the left. */
    public FaceSpot on(double mm) {
        var round = ring(room).perimeter();
        return new FaceSpot(room, ((alongMm + mm) % round + round) % round);
    }

    /** The corner, the jamb or the side of a piece at the face that is within reach; else the point itself. */
    public FaceSpot caught(StoreyGeometry geometry, double reachMm) {
        var here = at();
        return stops(geometry)
                .filter(p -> p.distance(here) <= reachMm)
                .min(Comparator.comparingDouble(p -> p.distance(here)))
                .map(p -> on(room, p))
                .orElse(this);
    }

    private Stream<Point> stops(StoreyGeometry geometry) {
        var out = new ArrayList<>(ring(room).corners());
        for (var cut : geometry.cuts()) {
            Stream.of(cut.left(), cut.right())
                    .flatMap(face -> Stream.of(face.a(), face.b()))
                    .filter(p -> ring(room).edgeDistance(p) < NONE_MM)
                    .forEach(out::add);
        }
        for (var piece : geometry.furnishingsIn(room)) {
            Picking.footprint(piece).corners().stream()
                    .filter(p -> ring(room).edgeDistance(p) < AT_FACE_MM)
                    .forEach(out::add);
        }
        return out.stream();
    }

    /** Which way round a room. */
    public enum Round {
        /** The shorter way. */
        SHORTER,
        LONGER;

        /** The other way. */
        public Round other() {
            return this == SHORTER ? LONGER : SHORTER;
        }
    }

    /** The faces from here to another point of the same room, each straight and with the room to its left. */
    public List<Segment> to(FaceSpot other, Round way) {
        var round = ring(room).perimeter();
        var ahead = ((other.alongMm - alongMm) % round + round) % round;
        var isAhead = ahead <= round / 2 == (way == Round.SHORTER);
        return isAhead ? ahead(ahead) : other.ahead(round - ahead);
    }

    private List<Segment> ahead(double mm) {
        var out = new ArrayList<Segment>();
        var edges = ring(room).edges();
        var index = 0;
        var from = alongMm;
        while (index < edges.size() - 1 && from >= edges.get(index).length()) {
            from -= edges.get(index++).length();
        }
        var left = mm;
        while (left > NONE_MM) {
            var edge = edges.get(index % edges.size());
            var part = Math.min(edge.length() - from, left);
            if (part > NONE_MM) {
                add(out, edge.part(from, from + part));
            }
            left -= part;
            from = 0;
            index++;
        }
        return List.copyOf(out);
    }

    private static void add(List<Segment> out, Segment next) {
        if (!out.isEmpty()
                && Math.abs(out.getLast().unit().cross(next.unit())) < IN_LINE
                && out.getLast().unit().dot(next.unit()) > 0) {
            out.set(out.size() - 1, new Segment(out.getLast().a(), next.b()));
        } else {
            out.add(next);
        }
    }
}
