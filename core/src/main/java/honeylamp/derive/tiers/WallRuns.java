package honeylamp.derive.tiers;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.geometry.Arc;
import honeylamp.geometry.Point;
import honeylamp.geometry.Segment;
import honeylamp.plan.Side;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * What one meets along a side just inside its outer walls: walls, and what is clear between them. Where the outside has
 * steps the walls that stand foremost count.
 */
final class WallRuns {
    /** Nearer stops are one. */
    private static final double SAME_MM = 0.5;

    /** A face of a room lies so near to where the inner face of its outer wall must be. */
    private static final double AT_FACE_MM = 5;

    /** Faces that look to a side by more than this belong to it. */
    private static final double FACING_COSINE = 0.5;

    /** A face as seen from a side: from one place along it to another, with how far out it lies there. */
    private record Face(double fromMm, double toMm, double fromOutMm, double toOutMm) {
        boolean covers(double along) {
            return fromMm <= along && along <= toMm;
        }

        double outMm(double along) {
            var share = toMm - fromMm < 1e-9 ? 0 : (along - fromMm) / (toMm - fromMm);
            return fromOutMm + share * (toOutMm - fromOutMm);
        }
    }

    /**
     * An outer face.
     *
     * @param thickMm how thick its wall is square to the side
     * @param bulgeMm how far it may bow beside its chord
     */
    private record Outer(Face face, double thickMm, double bulgeMm) {}

    private record Inner(Room room, Face face) {}

    /** Along the side; in a wall, or clear in a room with how far out its faces lie at both ends. */
    private record Run(double fromMm, double toMm, @Nullable Room room, double fromOutMm, double toOutMm) {
        boolean goesOn(Run next, double jogMm) {
            return room == next.room && (room == null || Math.abs(toOutMm - next.fromOutMm) < Math.max(jogMm, SAME_MM));
        }
    }

    private final Side side;
    private final List<Outer> outer = new ArrayList<>();
    private final List<Inner> inner = new ArrayList<>();

    private WallRuns(StoreyGeometry geometry, Side side) {
        this.side = side;
        for (var edge : geometry.network().outerEdges()) {
            var facing = edge.outward().dot(side.outward());
            if (facing >= FACING_COSINE && edge.face().length() > SAME_MM) {
                var bulge = edge.piece().line() instanceof Arc arc
                        ? arc.middle().distance(new Segment(arc.a(), arc.b()).middle()) + AT_FACE_MM
                        : 0;
                outer.add(new Outer(face(edge.face()), edge.piece().thicknessMm() / facing, bulge));
            }
        }
        for (var room : geometry.rooms()) {
            for (var edge : room.outline().shell().counterClockwise().edges()) {
                if (edge.unit().left().times(-1).dot(side.outward()) >= FACING_COSINE) {
                    inner.add(new Inner(room, face(edge)));
                }
            }
        }
    }

    /**
     * Where walls begin and end along a side, and how far out the building stands there, both as its tiers have them.
     *
     * @param jogMm faces of one room that are less out of line are one
     */
    static List<Point> stops(StoreyGeometry geometry, Side side, double jogMm) {
        return new WallRuns(geometry, side).stops(jogMm);
    }

    private double along(Point p) {
        return side.alongX() ? p.x() : p.y();
    }

    private Face face(Segment edge) {
        var a = along(edge.a());
        var b = along(edge.b());
        var outA = edge.a().dot(side.outward());
        var outB = edge.b().dot(side.outward());
        return a <= b ? new Face(a, b, outA, outB) : new Face(b, a, outB, outA);
    }

    private List<Point> stops(double jogMm) {
        var runs = new ArrayList<Run>();
        for (var run : elementary()) {
            if (!runs.isEmpty() && runs.getLast().goesOn(run, jogMm)) {
                var last = runs.removeLast();
                runs.add(new Run(last.fromMm, run.toMm, last.room, last.fromOutMm, run.toOutMm));
            } else {
                runs.add(run);
            }
        }
        var out = new ArrayList<Point>();
        for (var run : runs) {
            out.add(new Point(run.fromMm, edgeAt(run.fromMm)));
        }
        if (!runs.isEmpty()) {
            out.add(new Point(runs.getLast().toMm, edgeAt(runs.getLast().toMm)));
        }
        return out;
    }

    /** How far out the building stands, as a coordinate across the side. */
    private double edgeAt(double along) {
        var out = outer.stream()
                .map(Outer::face)
                .filter(f -> f.fromMm - SAME_MM <= along && along <= f.toMm + SAME_MM)
                .mapToDouble(f -> f.outMm(Math.clamp(along, f.fromMm, f.toMm)))
                .max()
                .orElse(0);
        return out * (side.outward().x() + side.outward().y());
    }

    private List<Run> elementary() {
        var cuts = new ArrayList<Double>();
        outer.forEach(o -> cuts.addAll(List.of(o.face.fromMm, o.face.toMm)));
        if (cuts.isEmpty()) {
            return List.of();
        }
        var least = cuts.stream().mapToDouble(d -> d).min().orElseThrow();
        var most = cuts.stream().mapToDouble(d -> d).max().orElseThrow();
        inner.forEach(i -> cuts.addAll(List.of(i.face.fromMm, i.face.toMm)));
        var sorted = cuts.stream()
                .filter(c -> c >= least && c <= most)
                .distinct()
                .sorted()
                .toList();
        var out = new ArrayList<Run>();
        var from = least;
        for (var to : sorted) {
            if (to - from > SAME_MM || to == most && to > from) {
                out.add(run(from, to));
                from = to;
            }
        }
        return out;
    }

    private Run run(double from, double to) {
        var middle = (from + to) / 2;
        var foremost = outer.stream()
                .filter(o -> o.face.covers(middle))
                .max((a, b) -> Double.compare(a.face.outMm(middle), b.face.outMm(middle)));
        return foremost.flatMap(o -> behind(o, middle))
                .map(i -> new Run(from, to, i.room, i.face.outMm(from), i.face.outMm(to)))
                .orElseGet(() -> new Run(from, to, null, 0, 0));
    }

    /** The face of a room that is the inner face of an outer wall; empty where another wall stands against that. */
    private Optional<Inner> behind(Outer wall, double along) {
        var out = wall.face.outMm(along);
        return inner.stream()
                .filter(i -> i.face.covers(along))
                .filter(i -> Math.abs(out - wall.thickMm - i.face.outMm(along)) <= AT_FACE_MM + wall.bulgeMm)
                .max((a, b) -> Double.compare(a.face.outMm(along), b.face.outMm(along)));
    }
}
