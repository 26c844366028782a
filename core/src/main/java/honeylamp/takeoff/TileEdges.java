package honeylamp.takeoff;

import honeylamp.catalogue.Family;
import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.Surfaces.Frame;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Segment;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/**
 * Where tiles on the walls of a room end: at outer corners, at openings and niches, and where they stop on a wall. Tiles
 * that run into an inner corner, down to the floor or up to the ceiling have no edge there.
 */
public final class TileEdges {
    /** Nearer to an end of a wall is at it, in mm. */
    private static final double AT_MM = 1;

    private static final double BESIDE_MM = 2;
    private static final double STRAIGHT = 1e-3;
    private static final Set<Family> LAID = Set.of(Family.TILE, Family.STONE, Family.GLASS);

    private TileEdges() {}

    /** What an edge is. */
    public enum Place {
        /** Tiles go on round it. */
        CORNER,
        /** The same corner on its other wall. */
        CORNER_AGAIN,
        /** Tiles stop there. */
        FREE
    }

    /**
     * An edge.
     *
     * @param line in the frame of its wall, with the tiles to its left
     */
    public record Edge(Frame frame, Segment line, Place place) {
        /** How long it is; nothing of a corner that was counted on its other wall. */
        public double lengthMm() {
            return place == Place.CORNER_AGAIN ? 0 : line.length();
        }

        /** From the edge to where tiles lie, of length one. */
        public Point ontoTiles() {
            return line.unit().left();
        }

        /** Whether tiles go on round it. */
        public boolean isCorner() {
            return place != Place.FREE;
        }
    }

    /** A stretch of a wall. */
    private record Stretch(Frame frame, List<Surfaces.Found> parts, List<Outline> tiled, Box whole) {
        static Stretch of(LaidStorey storey, Frame frame, List<Surfaces.Found> parts) {
            var tiled = parts.stream()
                    .filter(f ->
                            isTiled(f.finish()) && deep(storey, f.surface()).isEmpty())
                    .flatMap(f -> f.outline().stream())
                    .toList();
            var whole = parts.stream()
                    .flatMap(f -> f.outline().stream())
                    .map(Outline::bounds)
                    .reduce(Box::union)
                    .orElse(new Box(0, 0, 0, 0));
            return new Stretch(frame, parts, tiled.isEmpty() ? List.of() : Regions.union(tiled), whole);
        }

        Point at(double along) {
            return frame.origin().plus(frame.along().times(along));
        }

        /** Where tiles come to one of its ends, from the floor up. */
        List<Segment> at(End end) {
            return edges().filter(e -> end == this.end(e)).toList();
        }

        Stream<Segment> edges() {
            return tiled.stream().flatMap(Outline::rings).flatMap(r -> r.edges().stream());
        }

        End end(Segment edge) {
            if (isAt(edge.a().x(), edge.b().x(), whole.minX())) {
                return End.LEFT;
            }
            if (isAt(edge.a().x(), edge.b().x(), whole.maxX())) {
                return End.RIGHT;
            }
            return isAt(edge.a().y(), edge.b().y(), whole.minY())
                            || isAt(edge.a().y(), edge.b().y(), whole.maxY())
                    ? End.FOOT_OR_TOP
                    : End.WITHIN;
        }

        private static boolean isAt(double a, double b, double line) {
            return Math.abs(a - line) <= AT_MM && Math.abs(b - line) <= AT_MM;
        }
    }

    private enum End {
        LEFT,
        RIGHT,
        FOOT_OR_TOP,
        WITHIN
    }

    /** All edges of tiles on the walls of a room. */
    public static List<Edge> of(LaidStorey storey, Room room, RoomMark mark) {
        Map<Frame, List<Surfaces.Found>> by = new LinkedHashMap<>();
        for (var found : Surfaces.ofRoom(storey, room, mark)) {
            if (found.surface() instanceof Surface.WallSide
                    || found.surface() instanceof Surface.OwnRegion
                            && found.frame().up() == Surfaces.Up.PLUMB) {
                by.computeIfAbsent(found.frame(), _ -> new ArrayList<>()).add(found);
            }
        }
        var stretches = by.entrySet().stream()
                .map(e -> Stretch.of(storey, e.getKey(), e.getValue()))
                .toList();
        var out = new ArrayList<Edge>();
        for (var stretch : stretches) {
            stretch.edges()
                    .filter(e -> stretch.end(e) == End.WITHIN)
                    .forEach(e ->
                            within(storey, stretch, e).ifPresent(place -> out.add(new Edge(stretch.frame, e, place))));
        }
        for (var right : stretches) {
            stretches.stream()
                    .filter(left -> left.at(left.whole.maxX()).distance(right.at(0)) <= BESIDE_MM)
                    .findFirst()
                    .ifPresent(left -> between(out, left, right));
        }
        return out;
    }

    /** Where the right end of one stretch is the left end of another. */
    private static void between(List<Edge> out, Stretch left, Stretch right) {
        var turn = left.frame.along().cross(right.frame.along());
        if (turn < -STRAIGHT) {
            return; // an inner corner
        }
        var isStraight = turn <= STRAIGHT && left.frame.along().dot(right.frame.along()) > 0;
        var lefts = left.at(End.RIGHT);
        var rights = right.at(End.LEFT);
        for (var each : rights) {
            parts(each, lefts).forEach(p -> {
                if (!p.meets) {
                    out.add(new Edge(right.frame, p.line, Place.FREE));
                } else if (!isStraight) {
                    out.add(new Edge(right.frame, p.line, Place.CORNER));
                }
            });
        }
        for (var each : lefts) {
            parts(each, rights).forEach(p -> {
                if (!p.meets) {
                    out.add(new Edge(left.frame, p.line, Place.FREE));
                } else if (!isStraight) {
                    out.add(new Edge(left.frame, p.line, Place.CORNER_AGAIN));
                }
            });
        }
    }

    private record Part(Segment line, boolean meets) {}

    /** An upright edge, parted where others beside it begin and end. */
    private static List<Part> parts(Segment edge, List<Segment> others) {
        var x = edge.a().x();
        var from = Math.min(edge.a().y(), edge.b().y());
        var to = Math.max(edge.a().y(), edge.b().y());
        var stops = new TreeSet<Double>(List.of(from, to));
        others.forEach(o ->
                Stream.of(o.a().y(), o.b().y()).filter(y -> y > from && y < to).forEach(stops::add));
        var out = new ArrayList<Part>();
        var at = from;
        for (var stop : stops.tailSet(from, false)) {
            var middle = (at + stop) / 2;
            var meets = others.stream()
                    .anyMatch(
                            o -> Math.min(o.a().y(), o.b().y()) <= middle && Math.max(o.a().y(), o.b().y()) >= middle);
            var part = new Segment(new Point(x, at), new Point(x, stop));
            out.add(new Part(edge.b().y() > edge.a().y() ? part : part.reversed(), meets));
            at = stop;
        }
        return out;
    }

    /** What lies beyond an edge that is at no end of its wall: a niche, the bare wall, or an opening; no edge at a ceiling. */
    private static Optional<Place> within(LaidStorey storey, Stretch stretch, Segment edge) {
        var beyond = edge.middle().plus(edge.unit().left().times(-BESIDE_MM)); // tiles lie to the left
        var there = stretch.parts.stream()
                .filter(f -> f.outline().stream().anyMatch(o -> o.contains(beyond)))
                .toList();
        var deep =
                there.stream().flatMap(f -> deep(storey, f.surface()).stream()).findFirst();
        if (deep.isPresent()) {
            return Optional.of(areCheeksTiled(storey, deep.get().id()) ? Place.CORNER : Place.FREE);
        }
        if (!there.isEmpty()) {
            return Optional.of(Place.FREE);
        }
        var walls = stretch.parts.stream()
                .flatMap(f -> wall(storey, f.surface()).stream())
                .toList();
        var at = stretch.at(edge.middle().x());
        return storey.geometry().cuts().stream()
                .filter(c -> walls.contains(c.host().id()))
                .min(Comparator.comparingDouble(c -> c.middle().distance(at)))
                .map(OpeningCut::opening)
                .filter(o -> edge.middle().y() <= o.head().mm() + AT_MM)
                .map(o -> isTiled(Surfaces.finish(storey.storey(), new Surface.Reveal(o.id())))
                        ? Place.CORNER
                        : Place.FREE);
    }

    private static Optional<WallId> wall(LaidStorey storey, Surface surface) {
        if (surface instanceof Surface.OnWall on) {
            return Optional.of(on.wall());
        }
        return surface instanceof Surface.OwnRegion(var id)
                ? storey.storey().elements().find(Region.class, id).flatMap(Region::wall)
                : Optional.empty();
    }

    private static Optional<Region> deep(LaidStorey storey, Surface surface) {
        return surface instanceof Surface.OwnRegion(var id)
                ? storey.storey().elements().find(Region.class, id).filter(Region::isDeep)
                : Optional.empty();
    }

    private static boolean areCheeksTiled(LaidStorey storey, RegionId region) {
        return storey.storey().coverings().stream()
                .anyMatch(c -> c.surface() instanceof Surface.Edge(var id, var _)
                        && id.equals(region)
                        && isTiled(Optional.of(c.finish())));
    }

    private static boolean isTiled(Optional<Finish> finish) {
        return finish.flatMap(Materials::of)
                .filter(m -> LAID.contains(m.family()) && !m.laying().isSeamless())
                .isPresent();
    }
}
