package honeylamp.derive.listing;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.pointing.Picking;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.derive.storeys.RegionPlaces;
import honeylamp.derive.walls.OpeningShape;
import honeylamp.geometry.Box;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Regions;
import honeylamp.geometry.Ring;
import honeylamp.geometry.Segment;
import honeylamp.plan.Covering;
import honeylamp.plan.ElementId.RoomId;
import honeylamp.plan.Finish;
import honeylamp.plan.Ground;
import honeylamp.plan.Opening;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Storey;
import honeylamp.plan.Surface;
import honeylamp.plan.Surface.OnWall;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.DoubleUnaryOperator;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The surfaces of a storey that can be covered: where each lies, and its outline in a frame of its own.
 *
 * <p>Lengths in a frame are mm along and up from its origin. Along the side of a wall runs from left to right as one sees
 * it from the room. Sides of curved walls and reveals are laid out flat: along follows the face.
 */
public final class Surfaces {
    /** Shorter or lower than this is no surface. */
    private static final double LEAST_MM = 1;

    private Surfaces() {}

    /** Which way up is in a frame. */
    public enum Up {
        /** Level: up is to the left of along, seen from above. */
        LEVEL,
        PLUMB
    }

    /**
     * Where a surface lies.
     *
     * @param origin in plan mm
     * @param levelMm the origin's height above the plan's zero
     * @param along of length one
     */
    public record Frame(Point origin, double levelMm, Point along, Up up, double risesDeg) {
        /** Of a surface that is level, or plumb. */
        public Frame(Point origin, double levelMm, Point along, Up up) {
            this(origin, levelMm, along, up, 0);
        }

        /** A point of a level surface in the plan. */
        public Point inPlan(Point point) {
            return origin.plus(along.times(point.x())).plus(along.left().times(point.y()));
        }

        /** A finish of a level surface as it lies in the plan. */
        public Finish inPlan(Finish finish) {
            return finish.startingAt(Position.of(inPlan(finish.start().point())))
                    .turnedTo(finish.directionDeg() + Math.toDegrees(Math.atan2(along.y(), along.x())));
        }
    }

    /**
     * A surface that was found.
     *
     * @param outline its parts in the frame, holes left out of them
     * @param finish what covers it; empty if nobody said
     */
    public record Found(Surface surface, Frame frame, List<Outline> outline, Optional<Finish> finish) {
        public Found {
            outline = List.copyOf(outline);
        }

        /** The same where nothing lies over it. */
        private Found without(List<Outline> over) {
            return over.isEmpty() ? this : new Found(surface, frame, Regions.difference(outline, over), finish);
        }

        /** Its area, holes not counted. */
        public double areaMm2() {
            return outline.stream().mapToDouble(Outline::area).sum();
        }
    }

    /** The covered surfaces of walls that look outside, those of curved walls left out. */
    public static List<Found> outside(LaidStorey storey) {
        return storey.storey().coverings().stream()
                .flatMap(c -> outer(c.surface()).stream())
                .distinct()
                .flatMap(o -> OuterFaces.found(storey, o.wall(), o.side()).stream())
                .flatMap(each -> inCourses(each).stream())
                .toList();
    }

    /** All surfaces of a storey: room by room, then the reveals, then the steps. */
    public static List<Found> on(LaidStorey storey) {
        var out = new ArrayList<Found>();
        for (var room : storey.geometry().rooms()) {
            room.mark().ifPresent(mark -> out.addAll(ofRoom(storey, room, mark)));
        }
        for (var cut : storey.geometry().cuts()) {
            out.add(reveal(storey, cut));
            threshold(storey, cut).ifPresent(out::add);
        }
        out.addAll(outside(storey));
        for (var ground : storey.storey().grounds()) {
            if (ground.use() != Ground.Use.PLOT) {
                var frame = new Frame(Point.ORIGIN, storey.storey().level().mm(), new Point(1, 0), Up.LEVEL);
                out.addAll(site(storey, ground, frame));
            }
        }
        for (var stair : storey.fixedParts().stairs()) {
            if (stair.seen() == FixedParts.End.FOOT) {
                out.addAll(steps(storey, stair));
            }
        }
        return List.copyOf(out);
    }

    /** The outer side that is covered with a surface: itself, or that of a whole side of a wall. */
    private static Optional<Surface.OuterSide> outer(Surface surface) {
        return surface instanceof OnWall on
                        && on.room().isEmpty()
                        && (on instanceof Surface.OuterSide || on instanceof Surface.WallSide)
                ? Optional.of(new Surface.OuterSide(on.wall(), on.side()))
                : Optional.empty();
    }

    /** What of a region lies on surfaces, room by room; only rooms that it reaches are looked at. */
    public static List<Found> ofRegion(LaidStorey storey, Region region) {
        var box = Picking.bounds(storey.geometry(), Set.of(region.id()));
        return storey.geometry().rooms().stream()
                .filter(room -> box.filter(
                                b -> b.grown(LEAST_MM).meets(room.outline().bounds()))
                        .isPresent())
                .flatMap(room -> room.mark().stream().flatMap(mark -> ofRoom(storey, room, mark).stream()))
                .filter(found -> found.surface().equals(new Surface.OwnRegion(region.id())))
                .toList();
    }

    /** The surfaces of one room. */
    public static List<Found> ofRoom(LaidStorey storey, Room room, RoomMark mark) {
        var floorLevel = storey.storey().level().mm();
        var height = mark.fit().height().orElse(storey.storey().height()).mm();
        var out = new ArrayList<Found>();
        var floor = new Frame(Point.ORIGIN, floorLevel, new Point(1, 0), Up.LEVEL);
        var ceiling = new Frame(Point.ORIGIN, floorLevel + height, new Point(1, 0), Up.LEVEL);
        var builtOut = storey.storey().regions().stream()
                .flatMap(r -> RegionPlaces.standingOnFloor(storey.geometry(), r).stream())
                .toList();
        level(storey, room, new Surface.Floor(mark.id()), floor, r -> r.on() instanceof Region.Floors)
                .forEach(found -> out.add(found.without(builtOut)));
        var level =
                level(storey, room, new Surface.Ceiling(mark.id()), ceiling, r -> r.on() instanceof Region.Ceilings);
        out.addAll(
                CeilingShape.isShaped(storey, room.outline().bounds()) ? shaped(storey, room, height, level) : level);
        out.addAll(edges(storey, room));
        for (var side : WallSides.of(storey.geometry(), room)) {
            var surface = new Surface.WallSide(side.wall(), side.side(), Optional.of(mark.id()));
            out.addAll(stretches(storey, side, surface, height).stream()
                    .flatMap(whole -> withRegions(whole, upright(storey, side, whole)).stream())
                    .flatMap(each -> inCourses(each).stream())
                    .toList());
            out.addAll(cheeks(storey, side, height));
            if (mark.fit().plinth().mm() <= LEAST_MM) {
                continue;
            }
            out.addAll(stretches(
                    storey,
                    side,
                    new Surface.Plinth(side.wall(), side.side(), Optional.of(mark.id())),
                    Math.min(mark.fit().plinth().mm(), height)));
        }
        return out;
    }

    /** A ceiling with its slopes and raised parts: what they take of it goes, what they are instead comes. */
    private static List<Found> shaped(LaidStorey storey, Room room, double clearMm, List<Found> level) {
        var parts = CeilingShape.parts(storey, room, clearMm);
        var taken = parts.stream().flatMap(p -> p.taken().stream()).toList();
        var out = new ArrayList<Found>();
        for (var found : level) {
            if (found.surface() instanceof Surface.Ceiling) {
                out.add(found.without(taken));
                parts.stream()
                        .flatMap(p -> p.faces().stream())
                        .forEach(face ->
                                out.add(new Found(found.surface(), face.frame(), face.outline(), found.finish())));
            } else {
                out.add(found);
            }
        }
        return out;
    }

    /** The faces of regions that lie higher or lower than the floor of the room around them, edge by edge. */
    private static List<Found> edges(LaidStorey storey, Room room) {
        var out = new ArrayList<Found>();
        for (var edge : FloorSteps.around(storey, room)) {
            var line = edge.step().line();
            var lower = storey.storey().level().plus(edge.lower()).mm();
            var frame = new Frame(line.a(), lower, line.unit(), Up.PLUMB);
            var face = new Box(0, 0, line.length(), edge.step().byMm());
            out.add(found(
                    storey.storey(),
                    new Surface.Edge(edge.region(), edge.number()),
                    frame,
                    List.of(Outline.of(face.ring()))));
        }
        return out;
    }

    /** A floor or ceiling, and what a person outlined on it. */
    private static List<Found> level(
            LaidStorey storey, Room room, Surface surface, Frame frame, Predicate<Region> liesOn) {
        var whole = found(storey.storey(), surface, frame, List.of(room.outline()));
        var regions = storey.storey().regions().stream()
                .filter(liesOn)
                .map(r -> found(storey.storey(), new Surface.OwnRegion(r.id()), frame, RegionPlaces.level(room, r)))
                .toList();
        return withRegions(whole, regions).stream()
                .flatMap(each -> inBorders(each).stream())
                .toList();
    }

    /** A level surface, parted into the borders of its finish and the field within. */
    private static List<Found> inBorders(Found whole) {
        return whole.finish()
                .filter(f -> !f.courses().isEmpty())
                .map(f -> Borders.of(whole.outline(), f).stream()
                        .map(p -> new Found(whole.surface(), whole.frame(), p.outline(), Optional.of(p.finish())))
                        .toList())
                .orElse(List.of(whole));
    }

    /** The regions on a stretch of a wall's side, in the frame of the stretch; openings are left out of them. */
    private static List<Found> upright(LaidStorey storey, WallSides.WallSide side, Found stretch) {
        var along = along(storey, side, stretch);
        return regions(storey, side)
                .map(r -> {
                    var ring = r.ring().corners().stream()
                            .map(c -> new Point(along.applyAsDouble(c.x()), c.y()))
                            .toList();
                    var outline = Regions.intersection(
                            stretch.outline(), List.of(Outline.of(new Ring(ring).counterClockwise())));
                    return found(storey.storey(), new Surface.OwnRegion(r.id()), stretch.frame(), outline);
                })
                .toList();
    }

    private static Stream<Region> regions(LaidStorey storey, WallSides.WallSide side) {
        var on = new Region.Upright(side.wall(), side.side());
        return storey.storey().regions().stream().filter(r -> r.on().equals(on));
    }

    /** From a place along a wall's line, from its first end, to one along a stretch of its side. */
    private static DoubleUnaryOperator along(LaidStorey storey, WallSides.WallSide side, Found stretch) {
        var line = storey.storey().wall(side.wall()).orElseThrow().line();
        var length = stretch.outline().stream()
                .mapToDouble(o -> o.bounds().maxX())
                .max()
                .orElse(0);
        var origin = stretch.frame().origin();
        var end = line instanceof Segment
                ? origin.plus(stretch.frame().along().times(length))
                : side.faces().getFirst().a();
        var from = line.along(origin);
        var toFrame = length / (line.along(end) - from);
        return at -> (at - from) * toFrame;
    }

    /**
     * The faces around regions that are let into a side of a wall or stand out of it, edge by edge, each laid out flat: the
     * level ones as long as their edge, the others as wide as the region is deep.
     */
    private static List<Found> cheeks(LaidStorey storey, WallSides.WallSide side, double height) {
        if (regions(storey, side).noneMatch(Region::isDeep)) {
            return List.of();
        }
        var out = new ArrayList<Found>();
        var bare = new Surface.OuterSide(side.wall(), side.side());
        for (var stretch : stretches(storey, side, bare, height)) {
            var along = along(storey, side, stretch);
            regions(storey, side).filter(Region::isDeep).forEach(region -> {
                var corners = region.corners().stream()
                        .map(c -> new Point(along.applyAsDouble(c.x().mm()), c.y().mm()))
                        .toList();
                for (var i = 0; i < corners.size(); i++) {
                    var edge = new Segment(corners.get(i), corners.get((i + 1) % corners.size()));
                    if (isOpen(edge, height)
                            && stretch.outline().stream()
                                    .anyMatch(o ->
                                            o.contains(edge.middle()) || o.edgeDistance(edge.middle()) <= LEAST_MM)) {
                        out.add(cheek(storey, stretch.frame(), region, i + 1, edge));
                    }
                }
            });
        }
        return out;
    }

    /** Whether an edge of a region lies neither on the floor nor at the ceiling. */
    private static boolean isOpen(Segment edge, double height) {
        return Math.max(edge.a().y(), edge.b().y()) > LEAST_MM
                && Math.min(edge.a().y(), edge.b().y()) < height - LEAST_MM;
    }

    private static Found cheek(LaidStorey storey, Frame side, Region region, int number, Segment edge) {
        var deep = Math.abs(region.raised().mm());
        var isLevel = Math.abs(edge.b().y() - edge.a().y()) <= LEAST_MM;
        var foot = edge.a().y() < edge.b().y()
                        || isLevel && edge.a().x() < edge.b().x()
                ? edge.a()
                : edge.b();
        var into = side.along().left().times(region.isNiche() ? 1 : -1);
        var frame = new Frame(
                side.origin().plus(side.along().times(foot.x())),
                side.levelMm() + foot.y(),
                isLevel ? side.along() : into,
                isLevel ? Up.LEVEL : Up.PLUMB);
        var flat = isLevel ? new Box(0, 0, edge.length(), deep) : new Box(0, 0, deep, edge.length());
        return found(storey.storey(), new Surface.Edge(region.id(), number), frame, List.of(Outline.of(flat.ring())));
    }

    /** A surface and the regions on it; of what lies over each other the later covers the earlier, where it is covered. */
    private static List<Found> withRegions(Found whole, List<Found> regions) {
        var out = new ArrayList<Found>();
        var above = new ArrayList<Outline>();
        for (var region : regions.reversed()) {
            if (!region.outline().isEmpty()) {
                out.addFirst(region.without(above));
                if (region.finish().isPresent()) {
                    above.addAll(region.outline());
                }
            }
        }
        out.addFirst(whole.without(above));
        return out;
    }

    /** A surface that stands upright, parted into the courses of its finish; what lies above them keeps the finish itself. */
    private static List<Found> inCourses(Found whole) {
        var finish = whole.finish().filter(f -> !f.courses().isEmpty());
        var box = whole.outline().stream().map(Outline::bounds).reduce(Box::union);
        if (finish.isEmpty() || box.isEmpty()) {
            return List.of(whole);
        }
        var out = new ArrayList<Found>();
        var y = box.get().minY();
        for (var course : finish.get().courses()) {
            var top = y + course.height().mm();
            var start = Position.ofMm(start(course, box.get(), finish.get()), y);
            var laid = new Finish(
                    course.material(),
                    0,
                    start,
                    Optional.of(course.laying()),
                    course.tone(),
                    finish.get().reason(),
                    List.of());
            strip(whole, box.get(), y, top, laid).ifPresent(out::add);
            y = top;
        }
        var rest = finish.get();
        var start = Position.ofMm(rest.start().x().mm(), rest.start().y().mm() + y);
        strip(whole, box.get(), y, box.get().maxY(), rest.startingAt(start).withCourses(List.of()))
                .ifPresent(out::add);
        return out;
    }

    private static double start(Finish.Course course, Box box, Finish finish) {
        var length = course.laying().length().mm();
        return switch (course.begins()) {
            case LEFT -> box.minX();
            case CENTRE -> box.centre().x() - length / 2;
            case RIGHT -> box.maxX() - length;
            case STARTED -> finish.start().x().mm();
        };
    }

    private static Optional<Found> strip(Found whole, Box box, double from, double to, Finish finish) {
        if (to - from <= LEAST_MM || from >= box.maxY()) {
            return Optional.empty();
        }
        var outline = Regions.intersection(
                whole.outline(), List.of(Outline.of(new Box(box.minX() - 1, from, box.maxX() + 1, to).ring())));
        return outline.isEmpty()
                ? Optional.empty()
                : Optional.of(new Found(whole.surface(), whole.frame(), outline, Optional.of(finish)));
    }

    /** The straight stretches of a wall side, or the one a curved side is when it is laid out flat. */
    private static List<Found> stretches(LaidStorey storey, WallSides.WallSide side, OnWall surface, double heightMm) {
        var isCurved =
                storey.storey().wall(side.wall()).filter(w -> w.isCurved()).isPresent();
        if (isCurved) {
            var first = side.faces().getLast().reversed();
            return List.of(upright(
                    storey, surface, first, CeilingShape.level(side.lengthMm(), heightMm), onCurve(storey, side)));
        }
        return side.faces().stream()
                .map(Segment::reversed)
                .filter(f -> f.length() > LEAST_MM)
                .map(f -> upright(storey, surface, f, top(storey, surface, f, heightMm), openings(storey, side, f)))
                .toList();
    }

    /** How high a stretch of a wall's side is: up to its ceiling, whatever the shape of that. */
    private static List<Point> top(LaidStorey storey, OnWall surface, Segment face, double heightMm) {
        return surface instanceof Surface.WallSide
                ? CeilingShape.along(storey, heightMm, face)
                : CeilingShape.level(face.length(), heightMm);
    }

    private static Found upright(
            LaidStorey storey, OnWall surface, Segment face, List<Point> top, List<Outline> holes) {
        var frame = new Frame(face.a(), storey.storey().level().mm(), face.unit(), Up.PLUMB);
        var whole = List.of(Outline.of(CeilingShape.below(top)));
        var left = holes.isEmpty() ? whole : Regions.difference(whole, holes);
        return found(storey.storey(), surface, frame, left);
    }

    /** The openings in a stretch of a wall's side, in the frame of the stretch. */
    private static List<Outline> openings(LaidStorey storey, WallSides.WallSide side, Segment face) {
        var out = new ArrayList<Outline>();
        for (var cut : storey.geometry().cuts()) {
            if (cut.host().id().equals(side.wall())) {
                var a = face.along(cut.middle().a());
                var b = face.along(cut.middle().b());
                var from = Math.min(a, b);
                var to = Math.max(a, b);
                if (to > 0 && from < face.length()) {
                    var sill = cut.opening().sill().mm();
                    var box = new Box(from, sill, to, sill + heightMm(cut.opening()));
                    out.add(Outline.of(OpeningShape.of(cut.opening().kind(), box)));
                }
            }
        }
        return out;
    }

    /** The openings in the side of a curved wall, laid out flat. */
    private static List<Outline> onCurve(LaidStorey storey, WallSides.WallSide side) {
        return WallElevation.onCurve(storey, side).stream()
                .map(h -> Outline.of(OpeningShape.of(h.cut().opening().kind(), h.box())))
                .toList();
    }

    private static double heightMm(Opening opening) {
        return opening.head().minus(opening.sill()).mm();
    }

    /** The floor in an opening that reaches down to it, along its wall. */
    public static Optional<Found> threshold(LaidStorey storey, OpeningCut cut) {
        if (cut.level() != OpeningCut.Level.CUT || cut.opening().sill().mm() > LEAST_MM) {
            return Optional.empty();
        }
        var middle = cut.middle();
        var half = cut.thicknessMm() / 2;
        var frame = new Frame(
                middle.a().minus(middle.unit().left().times(half)),
                storey.storey().level().mm(),
                middle.unit(),
                Up.LEVEL);
        var outline = new Box(0, 0, middle.length(), 2 * half);
        return Optional.of(found(
                storey.storey(),
                new Surface.Threshold(cut.opening().id()),
                frame,
                List.of(Outline.of(outline.ring()))));
    }

    /** Ground that is covered, less what the building and ground laid on it later cover. */
    private static List<Found> site(LaidStorey storey, Ground ground, Frame frame) {
        var surface = new Surface.Site(ground.id());
        if (covering(storey.storey(), surface).isEmpty()) {
            return List.of();
        }
        var seen = SiteAreas.seen(storey.geometry(), ground);
        return inBorders(found(storey.storey(), surface, frame, seen));
    }

    /** Jamb, head, jamb and, above the floor, sill, laid out one after the other. */
    private static Found reveal(LaidStorey storey, OpeningCut cut) {
        var opening = cut.opening();
        var length =
                2 * heightMm(opening) + opening.width().mm() * (opening.sill().mm() > LEAST_MM ? 2 : 1);
        var frame = new Frame(
                cut.middle().a(),
                storey.storey().level().plus(opening.sill()).mm(),
                cut.middle().unit().left(),
                Up.PLUMB);
        var strip = List.of(Outline.of(new Box(0, 0, cut.thicknessMm(), length).ring()));
        return found(storey.storey(), new Surface.Reveal(opening.id()), frame, strip);
    }

    /** The treads and risers of a stair from its foot up. */
    public static List<Found> steps(LaidStorey storey, FixedParts.Flights stair) {
        var out = new ArrayList<Found>();
        var level = storey.storey().level().mm();
        var id = stair.part().id();
        var treads = stair.steps().treads();
        for (var i = 0; i < treads.size(); i++) {
            var tread = treads.get(i);
            var frame = new Frame(Point.ORIGIN, level + tread.topMm(), new Point(1, 0), Up.LEVEL);
            out.add(found(storey.storey(), new Surface.Tread(id, i + 1), frame, List.of(Outline.of(tread.outline()))));
        }
        var rise = stair.stair().rise().mm() / stair.stair().risers();
        var risers = stair.steps().risers();
        for (var i = 0; i < risers.size(); i++) {
            var line = risers.get(i);
            var frame = new Frame(line.a(), level + i * rise, line.unit(), Up.PLUMB);
            var face = Outline.of(new Box(0, 0, line.length(), rise).ring());
            out.add(found(storey.storey(), new Surface.Riser(id, i + 1), frame, List.of(face)));
        }
        return out;
    }

    private static Found found(Storey storey, Surface surface, Frame frame, List<Outline> outline) {
        return new Found(surface, frame, outline, finish(storey, surface));
    }

    /**
     * What covers a surface: what was said of it, or of the whole side of its wall, or of all walls of its room. What was
     * said of a room that has gone into another goes on for the sides it had.
     */
    public static Optional<Finish> finish(Storey storey, Surface surface) {
        var own = covering(storey, surface).map(Covering::finish);
        if (own.isPresent()) {
            return own;
        }
        return switch (surface) {
            case Surface.WallSide(var wall, var side, var room) ->
                storey.coverings().stream()
                        .filter(c -> c.surface() instanceof Surface.WallSide(var w, var s, var r)
                                && w.equals(wall)
                                && s == side
                                && r.map(id -> isGone(storey, id)).orElse(true))
                        .map(Covering::finish)
                        .findFirst()
                        .or(() -> room.flatMap(r -> finish(storey, new Surface.Walls(r))));
            case Surface.Floor(var room) ->
                storey.elements().find(RoomMark.class, room).map(RoomMark::floor);
            case Surface.OuterSide(var wall, var side) ->
                covering(storey, new Surface.WallSide(wall, side, Optional.empty()))
                        .map(Covering::finish);
            case Surface.Plinth _,
                    Surface.Ceiling _,
                    Surface.Walls _,
                    Surface.Reveal _,
                    Surface.Threshold _,
                    Surface.Site _,
                    Surface.Counter _,
                    Surface.Edge _,
                    Surface.Riser _,
                    Surface.Tread _,
                    Surface.OwnRegion _ -> Optional.empty();
        };
    }

    /** What was said of this very surface. */
    public static Optional<Covering> covering(Storey storey, Surface surface) {
        return storey.coverings().stream()
                .filter(c -> c.surface().equals(surface))
                .findFirst();
    }

    private static boolean isGone(Storey storey, RoomId room) {
        return storey.elements()
                .find(RoomMark.class, room)
                .map(m -> m.standing() == RoomMark.Standing.WAITING)
                .orElse(true);
    }
}
