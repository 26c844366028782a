package honeylamp.derive.listing;

import honeylamp.derive.listing.Surfaces.Found;
import honeylamp.derive.listing.Surfaces.Frame;
import honeylamp.derive.listing.Surfaces.Up;
import honeylamp.derive.listing.WallElevation.Covered;
import honeylamp.derive.rooms.Compass;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.derive.walls.WallPiece;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Surface;
import honeylamp.plan.View.Subject;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/** The sides of walls that look outside. */
public final class OuterFaces {
    /** So far before a face lies what it looks on. */
    private static final double BESIDE_MM = 20;

    private static final double GAP_MM = 1;

    private OuterFaces() {}

    /**
     * A straight stretch of a face, from left to right as one sees it.
     *
     * @param heightMm of its wall
     */
    private record Face(WallId wall, Swing side, Segment line, double heightMm) {}

    /** Whether a side of a wall looks outside anywhere. */
    public static boolean looksOut(LaidStorey storey, WallId wall, Swing side) {
        return !lines(storey, wall, side).isEmpty();
    }

    /** The point of the compass a side of a wall looks to. */
    public static String towards(LaidStorey storey, WallId wall, Swing side) {
        return faces(storey, storey.geometry().network().of(wall)).stream()
                .filter(f -> f.side == side)
                .max(Comparator.comparingDouble(f -> f.line.length()))
                .map(f -> Compass.of(f.line.unit().left().times(-1)))
                .orElse("");
    }

    /**
     * A face that looks outside, all of its wall's.
     *
     * @param towards the point of the compass it looks to
     * @param lines its stretches seen from above
     */
    public record Near(Surface.OuterSide surface, String towards, List<Segment> lines) {}

    /** The face nearest to a point; empty if none lies within reach. */
    public static Optional<Near> near(LaidStorey storey, Point at, double reachMm) {
        var close = storey.geometry().network().pieces().stream()
                .filter(p -> isNear(p, at, reachMm))
                .toList();
        return faces(storey, close).stream()
                .filter(f -> f.line.distance(at) <= reachMm)
                .min(Comparator.comparingDouble(f -> f.line.distance(at)))
                .map(f -> new Near(
                        new Surface.OuterSide(f.wall, f.side),
                        towards(storey, f.wall, f.side),
                        lines(storey, f.wall, f.side)));
    }

    private static boolean isNear(WallPiece piece, Point at, double reachMm) {
        return piece.leftFace() instanceof Segment left
                && piece.rightFace() instanceof Segment right
                && Math.min(left.distance(at), right.distance(at)) <= reachMm;
    }

    /** The stretches of a side that look outside, seen from above. */
    public static List<Segment> lines(LaidStorey storey, WallId wall, Swing side) {
        return faces(storey, storey.geometry().network().of(wall)).stream()
                .filter(f -> f.side == side)
                .map(Face::line)
                .toList();
    }

    /** The surfaces of a side that looks outside, openings left out; none if it does not, or its wall is curved. */
    static List<Found> found(LaidStorey storey, WallId wall, Swing side) {
        return faces(storey, storey.geometry().network().of(wall)).stream()
                .filter(f -> f.side == side)
                .map(f -> found(storey, f))
                .toList();
    }

    private static Found found(LaidStorey storey, Face face) {
        var whole = List.of(Outline.of(new Box(0, 0, face.line.length(), face.heightMm).ring()));
        var holes = WallElevation.holes(storey, Set.of(face.wall), face.line, 0, face.line.length()).stream()
                .map(h -> Outline.of(OpeningShape.of(h.cut().opening().kind(), h.box())))
                .toList();
        var surface = new Surface.OuterSide(face.wall, face.side);
        return new Found(
                surface,
                new Frame(face.line.a(), storey.storey().level().mm(), face.line.unit(), Up.PLUMB),
                holes.isEmpty() ? whole : Regions.difference(whole, holes),
                Surfaces.finish(storey.storey(), surface));
    }

    /** A face from outside, with all that are in line with it; empty if it does not look outside, or its wall is curved. */
    static Optional<WallElevation> elevation(LaidStorey storey, Subject.OuterFace subject) {
        var first = faces(storey, storey.geometry().network().of(subject.wall())).stream()
                .filter(f -> f.side == subject.side())
                .max(Comparator.comparingDouble(f -> f.line.length()));
        return first.map(f -> elevation(storey, f.line, subject.depth().mm()));
    }

    private static WallElevation elevation(LaidStorey storey, Segment line, double depthMm) {
        var faces = run(
                line,
                faces(storey, storey.geometry().network().pieces()).stream()
                        .filter(f -> WallElevation.inLine(line, f.line))
                        .sorted(Comparator.comparingDouble(f -> line.along(f.line.a())))
                        .toList());
        var from = faces.stream().mapToDouble(f -> line.along(f.line.a())).min().orElse(0);
        var to = faces.stream().mapToDouble(f -> line.along(f.line.b())).max().orElse(0);
        var covered = faces.stream()
                .map(f -> new Covered(found(storey, f), line.along(f.line.a()) - from))
                .toList();
        var walls = faces.stream().map(Face::wall).collect(Collectors.toSet());
        var into = line.unit().left().times(-1);
        var towards = Compass.of(into);
        var outside = storey.storey().furnishings().stream()
                .filter(p -> storey.geometry().roomAt(p.at().point()).isEmpty())
                .toList();
        return new WallElevation(
                "Outer face to the " + towards,
                towards,
                to - from,
                WallElevation.Tops.level(
                        to - from,
                        faces.stream().mapToDouble(Face::heightMm).max().orElse(0)),
                covered,
                WallElevation.holes(storey, walls, line, from, to),
                WallElevation.before(outside, line, from, to, depthMm),
                List.of(),
                Optional.empty(),
                List.of(new Segment(line.at(from), line.at(to))),
                line.at((from + to) / 2),
                into);
    }

    /** Those that follow each other without a gap where a line lies. */
    private static List<Face> run(Segment line, List<Face> inLine) {
        var out = new ArrayList<Face>();
        for (var face : inLine) {
            var goesOn = out.isEmpty()
                    || line.along(face.line.a()) - line.along(out.getLast().line.b()) <= GAP_MM;
            if (!goesOn) {
                if (line.along(out.getLast().line.b()) > GAP_MM) {
                    return out;
                }
                out.clear();
            }
            out.add(face);
        }
        return out;
    }

    private static List<Face> faces(LaidStorey storey, List<WallPiece> pieces) {
        var out = new ArrayList<Face>();
        for (var piece : pieces) {
            if (piece.leftFace() instanceof Segment left && piece.rightFace() instanceof Segment right) {
                add(out, storey, piece, Swing.LEFT, left.reversed());
                add(out, storey, piece, Swing.RIGHT, right);
            }
        }
        return out;
    }

    private static void add(List<Face> out, LaidStorey storey, WallPiece piece, Swing side, Segment line) {
        if (line.length() < 1) {
            return;
        }
        var before = line.middle().minus(line.unit().left().times(BESIDE_MM));
        if (storey.geometry().roomAt(before).isEmpty()) {
            out.add(new Face(
                    piece.wall().id(), side, line, piece.wall().height().mm()));
        }
    }
}
