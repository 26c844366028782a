package honeylamp.derive.listing;

import honeylamp.derive.openings.ClearDistances;
import honeylamp.derive.openings.Stretches;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Compass;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening.Swing;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The wall sides of a room, and what is left of their length beside openings and what stands against them. */
public final class WallSides {
    private static final double ON_FACE_MM = 1;

    /** A piece so near to a wall stands against it. */
    private static final double AGAINST_MM = 120;

    /** What hangs higher takes nothing of a wall for what stands below. */
    private static final double OVERHEAD_MM = 1200;

    private static final double FLAT_MM = 40;

    private WallSides() {}

    /**
     * One side.
     *
     * @param side of the wall, seen along it from its first end
     * @param faces what of it the room sees, in order round the room
     * @param towards the point of the compass its outward direction is nearest to: "north" for the wall in the north
     * @param lengthMm the length of all its faces
     * @param takenMm what openings and pieces take of it
     * @param longestFreeMm the longest stretch nothing stands against
     */
    public record WallSide(
            WallId wall,
            Swing side,
            List<Segment> faces,
            String towards,
            double lengthMm,
            double takenMm,
            double longestFreeMm) {
        /**
         * How far a point lies along the side laid out flat, from its left end as one sees it from the room: of where it is
         * nearest to.
         */
        public double along(Point p) {
            var from = 0.0;
            var least = Double.POSITIVE_INFINITY;
            var out = 0.0;
            for (var face : faces.reversed()) {
                var seen = face.reversed();
                var away = seen.distance(p);
                if (away < least) {
                    least = away;
                    out = from + Math.clamp(seen.along(p), 0, seen.length());
                }
                from += seen.length();
            }
            return out;
        }

        /** How far a point lies from the side. */
        public double distance(Point p) {
            return faces.stream().mapToDouble(f -> f.distance(p)).min().orElse(Double.POSITIVE_INFINITY);
        }

        /** Into the room, of length one, where a point is nearest to. */
        Point into(Point p) {
            return faces.stream()
                    .min(Comparator.comparingDouble(f -> f.distance(p)))
                    .orElseThrow()
                    .unit()
                    .left();
        }

        /** What is left of the length. */
        public double leftMm() {
            return Math.max(0, lengthMm - takenMm);
        }
    }

    /** The sides of a room, the longest first. */
    public static List<WallSide> of(StoreyGeometry geometry, Room room) {
        record Found(WallId wall, Swing side, List<Segment> faces) {}
        var found = new ArrayList<Found>();
        for (var ring : room.outline().rings().toList()) {
            for (var edge : ring.edges()) {
                piece(geometry, edge).ifPresent(p -> {
                    var side = p.leftFace().distance(edge.middle()) <= ON_FACE_MM ? Swing.LEFT : Swing.RIGHT;
                    var known = found.stream()
                            .filter(f -> f.wall.equals(p.wall().id()) && f.side == side)
                            .findFirst();
                    if (known.isPresent()) {
                        known.get().faces.add(edge);
                    } else {
                        found.add(new Found(p.wall().id(), side, new ArrayList<>(List.of(edge))));
                    }
                });
            }
        }
        return found.stream()
                .map(f -> side(geometry, room, f.wall, f.side, chained(f.faces)))
                .sorted(Comparator.comparingDouble(WallSide::lengthMm)
                        .reversed()
                        .thenComparing(WallSide::wall, ElementId.ORDER))
                .toList();
    }

    /** Faces of a curved side that follow each other, although the ring of the room begins among them. */
    private static List<Segment> chained(List<Segment> faces) {
        var last = faces.size() - 1;
        if (last < 1 || faces.get(last).b().distance(faces.getFirst().a()) > ON_FACE_MM) {
            return List.copyOf(faces);
        }
        for (var i = 0; i < last; i++) {
            if (faces.get(i).b().distance(faces.get(i + 1).a()) > ON_FACE_MM) {
                var out = new ArrayList<>(faces.subList(i + 1, faces.size()));
                out.addAll(faces.subList(0, i + 1));
                return List.copyOf(out);
            }
        }
        return List.copyOf(faces);
    }

    private static Optional<WallPiece> piece(StoreyGeometry geometry, Segment edge) {
        return geometry.network().near(edge.middle(), ON_FACE_MM).stream()
                .filter(p -> p.faces().stream().anyMatch(f -> f.distance(edge.middle()) <= ON_FACE_MM))
                .min(Comparator.comparingDouble(p -> p.faces().stream()
                        .mapToDouble(f -> f.distance(edge.middle()))
                        .min()
                        .orElse(0)));
    }

    private static WallSide side(StoreyGeometry geometry, Room room, WallId wall, Swing side, List<Segment> faces) {
        var length = 0.0;
        var taken = 0.0;
        var longest = 0.0;
        for (var face : faces) {
            var spans = spans(geometry, wall, face);
            var free = Stretches.minus(List.of(new ClearDistances(0, face.length())), spans);
            var left = free.stream().mapToDouble(ClearDistances::lengthMm).sum();
            length += face.length();
            taken += face.length() - left;
            longest = Math.max(
                    longest,
                    free.stream().mapToDouble(ClearDistances::lengthMm).max().orElse(0));
        }
        return new WallSide(wall, side, faces, towards(room, faces.getFirst()), length, taken, longest);
    }

    /** What openings of the wall, and pieces near the face, take of it. */
    private static List<ClearDistances> spans(StoreyGeometry geometry, WallId wall, Segment face) {
        var out = new ArrayList<ClearDistances>();
        for (var cut : geometry.cuts()) {
            if (cut.host().id().equals(wall) && !cut.opening().kind().isWindow()) {
                add(out, face, List.of(cut.middle().a(), cut.middle().b()));
            }
        }
        var near = face.bounds().grown(AGAINST_MM);
        for (var piece : geometry.storey().furnishings()) {
            if (piece.height().mm() > FLAT_MM && piece.bottom().mm() < OVERHEAD_MM && mayReach(piece, near)) {
                var footprint = Picking.footprint(piece);
                if (near.meets(footprint.bounds())
                        && footprint.corners().stream().anyMatch(c -> face.distance(c) <= AGAINST_MM)) {
                    add(out, face, footprint.corners());
                }
            }
        }
        return out;
    }

    /** Of many pieces few are near: no corner is farther from the middle than half of width and depth together. */
    private static boolean mayReach(Furnishing piece, Box near) {
        return near.grown((piece.width().mm() + piece.depth().mm()) / 2)
                .contains(piece.at().point());
    }

    private static void add(List<ClearDistances> out, Segment face, List<Point> points) {
        var along = points.stream().mapToDouble(face::along).summaryStatistics();
        var from = Math.max(0, along.getMin());
        var to = Math.min(face.length(), along.getMax());
        if (to > from) {
            out.add(new ClearDistances(from, to));
        }
    }

    /** Which way the wall lies, seen from the room; its outlines run counter-clockwise, or clockwise round islands. */
    private static String towards(Room room, Segment face) {
        var middle = face.middle();
        var left = face.unit().left();
        var outward = room.outline().contains(middle.plus(left.times(5))) ? left.times(-1) : left;
        return Compass.of(outward);
    }
}
