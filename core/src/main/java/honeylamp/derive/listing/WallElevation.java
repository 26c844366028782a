package honeylamp.derive.listing;

import honeylamp.derive.listing.WallSides.WallSide;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.BuildUpLayer;
import honeylamp.plan.ElementId.RegionId;
import honeylamp.plan.ElementId.WallId;
import honeylamp.plan.Finish;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Opening.Swing;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.plan.View.Subject;
import honeylamp.plan.Wall;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A wall as it is seen from a room: all sides in one line, what covers them, what is in them and what stands before
 * them. Measures are mm from the left end and up from the floor.
 *
 * @param name of the room and the wall
 * @param towards the point of the compass in which it stands
 * @param tops how high the wall and what is seen of the ceiling before it is
 * @param floor what the floor before the wall is built up of, from the top down
 * @param onFloor what lies on that floor; nothing outside
 * @param line its foot from left to right, in plan mm; of a curve in chords
 * @param middle of the wall's face, in plan mm
 * @param into the room, of length one, in the plan
 */
public record WallElevation(
        String name,
        String towards,
        double lengthMm,
        Tops tops,
        List<Covered> covered,
        List<Hole> holes,
        List<Before> before,
        List<BuildUpLayer> floor,
        Optional<Finish> onFloor,
        List<Segment> line,
        Point middle,
        Point into) {
    private static final double IN_LINE_MM = 1;

    /** One stands so far before the wall behind one's back at least. */
    private static final double BEFORE_FAR_WALL_MM = 40;

    /** Chords lie so far beside the curve they stand for. */
    private static final double ON_CURVE_MM = 10;

    /** Freezes the lists. */
    public WallElevation {
        covered = List.copyOf(covered);
        holes = List.copyOf(holes);
        before = List.copyOf(before);
        floor = List.copyOf(floor);
        line = List.copyOf(line);
    }

    /**
     * A place at its foot.
     *
     * @param into the room, of length one
     */
    public record Foot(Point at, Point into) {}

    /** The foot so far from its left end. */
    public Foot foot(double alongMm) {
        var left = alongMm;
        for (var part : line) {
            if (left <= part.length() || part.equals(line.getLast())) {
                return new Foot(
                        part.at(Math.clamp(left, 0, part.length())),
                        part.unit().left().times(-1));
            }
            left -= part.length();
        }
        throw new IllegalStateException("a wall has a foot");
    }

    /**
     * Where a point lies.
     *
     * @param awayMm before the wall; less than 0 behind it
     */
    public record Lies(double alongMm, double awayMm) {}

    /** How far along and before it a point lies; empty if it is beside all of it. */
    public Optional<Lies> lies(Point p) {
        var from = 0.0;
        Optional<Lies> nearest = Optional.empty();
        for (var part : line) {
            var along = part.along(p);
            var away = -part.offset(p);
            if (along >= -IN_LINE_MM
                    && along <= part.length() + IN_LINE_MM
                    && nearest.filter(n -> Math.abs(n.awayMm) <= Math.abs(away)).isEmpty()) {
                nearest = Optional.of(new Lies(from + along, away));
            }
            from += part.length();
        }
        return nearest;
    }

    /**
     * How high a wall is from its left end to its right, in mm along it and up.
     *
     * @param ceiling the same where one stands: a ceiling that rises from the wall is seen between both
     */
    public record Tops(List<Point> wall, List<Point> ceiling) {
        public Tops {
            wall = List.copyOf(wall);
            ceiling = List.copyOf(ceiling);
        }

        static Tops level(double lengthMm, double heightMm) {
            var top = CeilingShape.level(lengthMm, heightMm);
            return new Tops(top, top);
        }

        /** The face of the wall. */
        public Ring face() {
            return CeilingShape.below(wall);
        }

        /** What is not cut: the wall and the ceiling before it. */
        public Ring seen() {
            return CeilingShape.below(ceiling);
        }
    }

    /** How high what is seen is at its highest. */
    public double heightMm() {
        return Stream.concat(tops.wall.stream(), tops.ceiling.stream())
                .mapToDouble(Point::y)
                .max()
                .orElse(0);
    }

    /** How thick the floor is. */
    public double floorMm() {
        return floor.stream().mapToDouble(l -> l.thickness().mm()).sum();
    }

    /** A surface in the wall, so far from its left end. */
    public record Covered(Surfaces.Found surface, double fromMm) {}

    /**
     * An opening in the wall.
     *
     * @param firstIsLeft whether its first jamb lies to the left
     */
    public record Hole(OpeningCut cut, Box box, boolean firstIsLeft) {
        /** From its first jamb to its second, in mm from the left end of the wall. */
        static Hole between(OpeningCut cut, double first, double second) {
            var opening = cut.opening();
            var box = new Box(
                    Math.min(first, second),
                    opening.sill().mm(),
                    Math.max(first, second),
                    opening.head().mm());
            return new Hole(cut, box, first < second);
        }
    }

    /**
     * A piece before the wall.
     *
     * @param awayMm from the wall to its back
     * @param frontMm from the wall to its front
     * @param middleMm of its middle along the wall
     * @param lookDeg where one looks, counter-clockwise from the back of the piece
     */
    public record Before(Furnishing piece, Box box, double awayMm, double frontMm, double middleMm, double lookDeg) {}

    /** What an elevation shows; empty if its room or wall is gone. */
    public static Optional<WallElevation> of(LaidStorey storey, Subject.Elevation subject) {
        return storey.geometry().rooms().stream()
                .filter(r -> r.mark()
                        .map(RoomMark::id)
                        .filter(subject.room()::equals)
                        .isPresent())
                .findFirst()
                .flatMap(room -> WallSides.of(storey.geometry(), room).stream()
                        .filter(s -> s.wall().equals(subject.wall()) && s.side() == subject.side())
                        .findFirst()
                        .map(side -> of(storey, room, side, subject.depth().mm())));
    }

    /** What a view of walls is called; empty words if they are gone. */
    public static String name(LaidStorey storey, Subject.Front subject) {
        var walls = all(storey, subject);
        return subject instanceof Subject.Unrolled(var _, var room, var _)
                ? storey.storey()
                        .elements()
                        .find(RoomMark.class, room)
                        .map(RoomMark::name)
                        .map(name -> (name.isBlank() ? "Room" : name) + ", unrolled")
                        .orElse("")
                : walls.stream().findFirst().map(WallElevation::name).orElse("");
    }

    /** All walls a view shows, from left to right; none if its room or wall is gone. */
    public static List<WallElevation> all(LaidStorey storey, Subject.Front subject) {
        return switch (subject) {
            case Subject.Elevation elevation -> of(storey, elevation).stream().toList();
            case Subject.Unrolled unrolled ->
                storey.geometry().rooms().stream()
                        .filter(r -> r.mark()
                                .map(RoomMark::id)
                                .filter(unrolled.room()::equals)
                                .isPresent())
                        .flatMap(room -> around(storey, room).stream())
                        .flatMap(s -> of(storey, s.deep(unrolled.depth())).stream())
                        .toList();
            case Subject.OuterFace outer ->
                OuterFaces.elevation(storey, outer).stream().toList();
        };
    }

    /** The walls of a room one after the other, round it from left to right, those in line as one. */
    public static List<Subject.Elevation> around(LaidStorey storey, Room room) {
        var out = new ArrayList<Subject.Elevation>();
        var seen = new ArrayList<Segment>();
        var id = room.mark().map(RoomMark::id);
        if (id.isEmpty()) {
            return out;
        }
        var sides = WallSides.of(storey.geometry(), room);
        for (var edge : room.outline().shell().edges().reversed()) {
            sides.stream()
                    .filter(s -> s.faces().contains(edge))
                    .filter(_ -> seen.stream().noneMatch(line -> inLine(line, edge)))
                    .findFirst()
                    .ifPresent(s -> {
                        seen.addAll(isCurved(storey, s) ? s.faces() : List.of(edge));
                        out.add(new Subject.Elevation(storey.storey().id(), id.get(), s.wall(), s.side()));
                    });
        }
        return out;
    }

    private static boolean isCurved(LaidStorey storey, WallSide side) {
        return storey.storey().wall(side.wall()).filter(Wall::isCurved).isPresent();
    }

    static boolean inLine(Segment line, Segment other) {
        return line.unit().dot(other.unit()) > 0
                && Math.abs(line.offset(other.a())) <= IN_LINE_MM
                && Math.abs(line.offset(other.b())) <= IN_LINE_MM;
    }

    private static WallElevation of(LaidStorey storey, Room room, WallSide side, double depthMm) {
        var line = side.faces().stream()
                .max(Comparator.comparingDouble(Segment::length))
                .orElseThrow()
                .reversed();
        var isCurved = isCurved(storey, side);
        var sides = isCurved
                ? List.of(side)
                : WallSides.of(storey.geometry(), room).stream()
                        .filter(s -> s.faces().stream().anyMatch(f -> inLine(line, f.reversed())))
                        .toList();
        var faces = sides.stream()
                .flatMap(s -> s.faces().stream())
                .map(Segment::reversed)
                .filter(f -> inLine(line, f))
                .toList();
        var from = faces.stream().mapToDouble(f -> line.along(f.a())).min().orElse(0);
        var to = faces.stream().mapToDouble(f -> line.along(f.b())).max().orElse(0);
        var mark = room.mark().orElseThrow();
        var covered = Surfaces.ofRoom(storey, room, mark).stream()
                .filter(f -> f.frame().up() == Surfaces.Up.PLUMB)
                .filter(f -> f.surface() instanceof Surface.WallSide
                        || f.surface() instanceof Surface.OwnRegion
                        || f.surface() instanceof Surface.Plinth && f.finish().isPresent())
                .filter(f -> isCurved
                        ? f.surface() instanceof Surface.OnWall s && s.wall().equals(side.wall())
                        : lies(line, f))
                .map(f -> new Covered(f, isCurved ? 0 : line.along(f.frame().origin()) - from))
                .collect(Collectors.toCollection(ArrayList::new));
        var steps = isCurved ? List.<Covered>of() : steps(storey, room, line, from, depthMm);
        var height = mark.fit().height().orElse(storey.storey().height()).mm();
        var walls = sides.stream().map(WallSide::wall).collect(Collectors.toSet());
        var holes = isCurved ? onCurve(storey, side) : holes(storey, walls, line, from, to);
        var into = line.unit().left().times(-1);
        covered.addAll(steps);
        return new WallElevation(
                (room.name().isBlank() ? "Room" : room.name()) + ", wall in the " + side.towards(),
                side.towards(),
                isCurved ? side.lengthMm() : to - from,
                isCurved
                        ? Tops.level(side.lengthMm(), height)
                        : tops(storey, room, height, new Segment(line.at(from), line.at(to)), depthMm),
                covered,
                holes,
                isCurved
                        ? beforeCurve(storey.geometry().furnishingsIn(room), side, depthMm)
                        : before(storey.geometry().furnishingsIn(room), line, from, to, depthMm),
                FloorSteps.layers(mark),
                Optional.of(mark.floor()),
                isCurved
                        ? side.faces().reversed().stream()
                                .map(Segment::reversed)
                                .toList()
                        : List.of(new Segment(line.at(from), line.at(to))),
                line.at((from + to) / 2),
                into);
    }

    /** The ceiling along a wall, and as far before it as one sees, no farther than the room is deep. */
    private static Tops tops(LaidStorey storey, Room room, double clearMm, Segment line, double depthMm) {
        var wall = CeilingShape.along(storey, clearMm, line);
        var deep = room.outline().shell().corners().stream()
                .mapToDouble(c -> -line.offset(c))
                .max()
                .orElse(0);
        var before = CeilingShape.along(
                storey, clearMm, line.shiftedLeft(-Math.min(depthMm, Math.max(0, deep - BEFORE_FAR_WALL_MM))));
        return new Tops(wall, before);
    }

    /** The edges of raised regions before a wall that are seen with it, the farthest from the eye first. */
    private static List<Covered> steps(LaidStorey storey, Room room, Segment line, double from, double depthMm) {
        return Surfaces.ofRoom(storey, room, room.mark().orElseThrow()).stream()
                .filter(f -> f.surface() instanceof Surface.Edge(var region, var _)
                        && isOnFloor(storey, region)
                        && f.frame().levelMm() >= storey.storey().level().mm()
                        && f.frame().along().dot(line.unit()) > 0.99)
                .filter(f -> -line.offset(f.frame().origin()) <= depthMm)
                .sorted(Comparator.comparingDouble(f -> -line.offset(f.frame().origin())))
                .map(f -> new Covered(f, line.along(f.frame().origin()) - from))
                .toList();
    }

    private static boolean isOnFloor(LaidStorey storey, RegionId id) {
        return storey.storey()
                .elements()
                .find(Region.class, id)
                .filter(r -> r.on() instanceof Region.Floors)
                .isPresent();
    }

    private static boolean lies(Segment line, Surfaces.Found found) {
        return found.frame().along().dot(line.unit()) > 0.9999
                && Math.abs(line.offset(found.frame().origin())) <= IN_LINE_MM;
    }

    /** The openings in walls, from left to right, measured from {@code from} along a line. */
    static List<Hole> holes(LaidStorey storey, Set<WallId> walls, Segment line, double from, double to) {
        var out = new ArrayList<Hole>();
        for (var cut : storey.geometry().cuts()) {
            var a = line.along(cut.middle().a()) - from;
            var b = line.along(cut.middle().b()) - from;
            var isSeen = Math.max(a, b) > IN_LINE_MM && Math.min(a, b) < to - from - IN_LINE_MM;
            if (isSeen && walls.contains(cut.host().id())) {
                out.add(Hole.between(cut, a, b));
            }
        }
        out.sort(Comparator.comparingDouble(h -> h.box.minX()));
        return out;
    }

    /** The openings in the side of a curved wall, from left to right, measured along it. */
    static List<Hole> onCurve(LaidStorey storey, WallSide side) {
        var out = new ArrayList<Hole>();
        for (var cut : storey.geometry().cuts()) {
            var face = side.side() == Swing.LEFT ? cut.leftFace() : cut.rightFace();
            if (cut.host().id().equals(side.wall()) && side.distance(face.middle()) <= ON_CURVE_MM) {
                var a = side.along(face.a());
                var b = side.along(face.b());
                if (Math.abs(b - a) > IN_LINE_MM) {
                    out.add(Hole.between(cut, a, b));
                }
            }
        }
        out.sort(Comparator.comparingDouble(h -> h.box.minX()));
        return out;
    }

    /** The pieces before a curved wall, each where it is nearest to it, the farthest from it last. */
    private static List<Before> beforeCurve(List<Furnishing> pieces, WallSide side, double depthMm) {
        var out = new ArrayList<Before>();
        for (var piece : pieces) {
            var corners = Picking.footprint(piece).corners();
            var away = corners.stream().mapToDouble(side::distance).summaryStatistics();
            var along = corners.stream().mapToDouble(side::along).summaryStatistics();
            if (away.getMin() <= depthMm && along.getMax() - along.getMin() > IN_LINE_MM) {
                var middle = side.along(piece.at().point());
                var look = side.into(piece.at().point()).times(-1).angleDeg()
                        - Point.direction(90 + piece.turnDeg()).angleDeg();
                var half = Math.abs(piece.width().mm() / 2 * Math.cos(Math.toRadians(look)))
                        + Math.abs(piece.depth().mm() / 2 * Math.sin(Math.toRadians(look)));
                out.add(new Before(
                        piece,
                        new Box(
                                middle - half,
                                piece.bottom().mm(),
                                middle + half,
                                piece.top().mm()),
                        away.getMin(),
                        away.getMax(),
                        middle,
                        look));
            }
        }
        out.sort(Comparator.comparingDouble(Before::awayMm));
        return out;
    }

    /** The pieces before a wall, the farthest from it last. */
    static List<Before> before(List<Furnishing> pieces, Segment line, double from, double to, double depthMm) {
        var out = new ArrayList<Before>();
        for (var piece : pieces) {
            var corners = Picking.footprint(piece).corners();
            var along = corners.stream().mapToDouble(line::along).summaryStatistics();
            var away = corners.stream()
                    .mapToDouble(c -> -c.minus(line.a()).dot(line.unit().left()))
                    .summaryStatistics();
            var left = Math.max(along.getMin(), from);
            var right = Math.min(along.getMax(), to);
            if (away.getMin() <= depthMm && away.getMax() > 0 && right - left > IN_LINE_MM) {
                out.add(new Before(
                        piece,
                        new Box(
                                left - from,
                                piece.bottom().mm(),
                                right - from,
                                piece.top().mm()),
                        Math.max(0, away.getMin()),
                        away.getMax(),
                        line.along(piece.at().point()) - from,
                        line.unit().left().angleDeg()
                                - Point.direction(90 + piece.turnDeg()).angleDeg()));
            }
        }
        out.sort(Comparator.comparingDouble(Before::awayMm));
        return out;
    }
}
