package honeylamp.edit;

import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.derive.walls.WallPiece;
import honeylamp.edit.WallsAround.Edge;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Wall;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;

/**
 * An outline laid partly over rooms that stand makes one room of them and of what it encloses: what of their walls lies
 * within it goes, and what of its sides lies within them is not built. One that lies wholly within a room, or round one,
 * is a room by itself.
 */
final class LaidOver {
    /** Rooms that lie over each other by less than this in either direction do so by an unsteady hand, in mm. */
    private static final double LEAST_DEEP_MM = 400;

    private static final double LEAST_MM2 = 0.05e6;
    private static final double SAME_MM = 1;

    private final StoreyGeometry geometry;
    private final Outline drawn;
    private final List<Room> rooms;
    private final List<Wall> bounding;

    private LaidOver(StoreyGeometry geometry, Outline drawn, List<Room> rooms) {
        this.geometry = geometry;
        this.drawn = drawn;
        this.rooms = rooms;
        this.bounding = bounding(geometry, rooms);
    }

    /**
     * What an outline of straight sides is laid over; nothing if it lies beside, within or around the rooms there.
     *
     * @param insideMm how far within its sides the clear space begins
     */
    static Optional<LaidOver> of(StoreyGeometry geometry, List<Edge> outline, double insideMm) {
        var corners = outline.stream().map(e -> e.from().point()).toList();
        if (outline.stream().anyMatch(e -> e.sagittaMm() != 0) || corners.size() < 3) {
            return Optional.empty();
        }
        var ring = new Ring(corners);
        if (!ring.isSimple()) {
            return Optional.empty();
        }
        var clear = inside(ring.counterClockwise(), insideMm);
        var rooms = geometry.rooms().stream()
                .filter(r -> r.lie() == Room.Lie.INSIDE && isPartlyUnder(r.outline(), clear))
                .toList();
        return rooms.isEmpty()
                ? Optional.empty()
                : Optional.of(new LaidOver(geometry, Outline.of(ring.counterClockwise()), rooms));
    }

    /** The ring so far within another, corner by corner. */
    private static Outline inside(Ring ring, double byMm) {
        var sides = ring.edges().stream().map(e -> e.shiftedLeft(byMm)).toList();
        var corners = new ArrayList<Point>();
        for (var i = 0; i < sides.size(); i++) {
            var before = sides.get((i + sides.size() - 1) % sides.size());
            var side = sides.get(i);
            corners.add(before.lineCrossing(side).orElse(side.a()));
        }
        return Outline.of(new Ring(corners));
    }

    private static boolean isPartlyUnder(Outline room, Outline clear) {
        if (!room.bounds().meets(clear.bounds())) {
            return false;
        }
        return Regions.intersection(List.of(room), List.of(clear)).stream()
                        .anyMatch(both -> both.area() >= LEAST_MM2
                                && both.bounds().width() >= LEAST_DEEP_MM
                                && both.bounds().height() >= LEAST_DEEP_MM)
                && area(Regions.difference(List.of(room), List.of(clear))) >= LEAST_MM2
                && area(Regions.difference(List.of(clear), List.of(room))) >= LEAST_MM2;
    }

    private static double area(List<Outline> parts) {
        return parts.stream().mapToDouble(Outline::area).sum();
    }

    /** The straight walls that bound rooms. */
    private static List<Wall> bounding(StoreyGeometry geometry, List<Room> rooms) {
        var ids = new HashSet<WallId>();
        for (var room : rooms) {
            for (var edge :
                    room.outline().rings().flatMap(r -> r.edges().stream()).toList()) {
                geometry.network().near(edge.middle(), SAME_MM).stream()
                        .map(WallPiece::wall)
                        .filter(w -> !w.isCurved())
                        .forEach(w -> ids.add(w.id()));
            }
        }
        return geometry.storey().walls().stream()
                .filter(w -> ids.contains(w.id()))
                .toList();
    }

    /** The plan without what of the rooms' walls lies within the outline; a wall that cannot be cut there stays. */
    Plan without(Plan plan) {
        var storey = geometry.storey().id();
        var now = plan;
        var gone = new HashSet<ElementId>();
        for (var wall : bounding) {
            var line = wall.chord();
            var cuts = cuts(line, drawn.shell().edges());
            var parts = parted(now, storey, wall.id(), cuts.subList(1, cuts.size() - 1));
            if (parts.isEmpty()) {
                continue; // an opening lies across
            }
            now = parts.get().plan;
            for (var i = 0; i + 1 < cuts.size(); i++) {
                var middle = line.at((cuts.get(i) + cuts.get(i + 1)) / 2);
                if (drawn.contains(middle) && drawn.edgeDistance(middle) > SAME_MM) {
                    gone.add(parts.get().ids.get(i));
                }
            }
        }
        return gone.isEmpty() ? now : Deletion.of(now, storey, gone);
    }

    private record Parts(Plan plan, List<WallId> ids) {}

    /** A wall cut at some places, the last first, so that its first part keeps its name. */
    private static Optional<Parts> parted(Plan plan, StoreyId storey, WallId wall, List<Double> at) {
        var now = plan;
        var ids = new ArrayList<WallId>(List.of(wall));
        for (var i = at.size() - 1; i >= 0; i--) {
            var cut =
                    WallShaping.split(now, storey, wall, Length.ofMm(at.get(i))).result();
            if (cut.isEmpty()) {
                return Optional.empty();
            }
            now = cut.get().plan();
            ids.add(1, cut.get().id());
        }
        return Optional.of(new Parts(now, ids));
    }

    /** Where others cross a line, from its first end to its last, both ends among them. */
    private static List<Double> cuts(Segment line, List<Segment> others) {
        var crossings = others.stream()
                .flatMap(o -> line.crossing(o).stream())
                .mapToDouble(line::along)
                .filter(a -> a > SAME_MM && a < line.length() - SAME_MM);
        var out = new ArrayList<Double>();
        DoubleStream.concat(DoubleStream.of(0, line.length()), crossings)
                .sorted()
                .filter(a -> out.isEmpty() || a - out.getLast() > SAME_MM)
                .forEach(out::add);
        if (line.length() - out.getLast() > 0) {
            out.set(out.size() - 1, line.length());
        }
        return out;
    }

    /** What of a side is to be built: what does not lie within the rooms it is laid over. */
    List<Edge> built(Edge side) {
        var line = new Segment(side.from().point(), side.to().point());
        if (line.length() < Wall.SHORTEST_MM) {
            return List.of();
        }
        var walls = bounding.stream().map(Wall::chord).toList();
        var cuts = cuts(line, walls);
        var out = new ArrayList<Edge>();
        for (var i = 0; i + 1 < cuts.size(); i++) {
            var middle = line.at((cuts.get(i) + cuts.get(i + 1)) / 2);
            if (rooms.stream().noneMatch(r -> r.outline().contains(middle))) {
                out.add(new Edge(place(side, line, cuts.get(i)), place(side, line, cuts.get(i + 1)), 0));
            }
        }
        return joined(out);
    }

    /** The very ends of a side stay what they are. */
    private static Position place(Edge side, Segment line, double along) {
        if (along == 0) {
            return side.from();
        }
        return along == line.length() ? side.to() : Position.of(line.at(along));
    }

    /** Parts that run on from each other are one. */
    private static List<Edge> joined(List<Edge> parts) {
        var out = new ArrayList<Edge>();
        for (var part : parts) {
            if (!out.isEmpty() && out.getLast().to().equals(part.from())) {
                out.set(out.size() - 1, new Edge(out.getLast().from(), part.to(), 0));
            } else {
                out.add(part);
            }
        }
        return out;
    }
}
