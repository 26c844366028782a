package honeylamp.takeoff;

import honeylamp.catalogue.Material;
import honeylamp.catalogue.Materials;
import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.Coverings;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.Region;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Joints of a floor that go on up the walls of its room: where pieces have one pitch, or the one a whole multiple of the
 * other, walls are begun so that they meet; else it is said by how much they drift apart.
 */
public final class JointsThrough {
    /** Pitches nearer to each other than this are the same, in mm. */
    private static final double SAME_MM = 0.05;

    private static final double PARALLEL = 1e-4;
    private static final int MOST_TIMES = 12;

    private JointsThrough() {}

    /** How joints of a floor and a wall meet. */
    public sealed interface Meeting {
        /** All of the one with pieces that are not the smaller meet one of the other. */
        record Through(double startMm, int every) implements Meeting {}

        /** They drift apart by so much from piece to piece; only those at the start meet. */
        record Drifting(double startMm, double byMm) implements Meeting {}

        /** The floor runs at an angle to the wall, or has no joints that could go on. */
        record Askew() implements Meeting {}
    }

    /**
     * How joints meet along a wall.
     *
     * @param origin of the wall's frame, in plan mm
     * @param along the wall, of length one
     */
    public static Meeting meeting(Finish floor, Laying onFloor, Point origin, Point along, Laying onWall) {
        var courses = Point.direction(floor.directionDeg());
        var isAlong = Math.abs(along.dot(courses.left())) < PARALLEL;
        var isAcross = Math.abs(along.dot(courses)) < PARALLEL;
        var goesOn =
                onFloor.pattern() instanceof Pattern.Stack || isAcross && onFloor.pattern() instanceof Pattern.Running;
        var onWallGoesOn = onWall.pattern() instanceof Pattern.Stack || onWall.pattern() instanceof Pattern.Running;
        if (!(isAlong || isAcross) || !goesOn || !onWallGoesOn) {
            return new Meeting.Askew();
        }
        var axis = isAlong ? courses : courses.left();
        var pitch = (isAlong ? onFloor.length() : onFloor.width())
                .plus(onFloor.joint())
                .mm();
        var wallPitch = onWall.length().plus(onWall.joint()).mm();
        var at = origin.minus(floor.start().point()).dot(axis);
        // walking against the floor's axis one meets the far edge of its pieces first, a joint before the next corner
        var start = along.dot(axis) > 0
                ? wrapped(-at, pitch)
                : wrapped(at + onFloor.joint().mm(), pitch);
        var times = Math.rint(Math.max(pitch, wallPitch) / Math.min(pitch, wallPitch));
        var off = Math.abs(Math.max(pitch, wallPitch) - times * Math.min(pitch, wallPitch));
        return off <= SAME_MM && times <= MOST_TIMES
                ? new Meeting.Through(start, (int) times)
                : new Meeting.Drifting(start, off);
    }

    private static double wrapped(double value, double span) {
        return value - Math.floor(value / span) * span;
    }

    /**
     * A plan in which the walls of a room are begun where the joints of its floor meet them.
     *
     * @param words what came of it, wall by wall
     */
    public record Done(Plan plan, String words) {}

    /**
     * Begins all that is laid in pieces in a room as its floor is laid: walls with their courses, plinths, regions on the
     * floor and the edges of those that are raised, the steps of stairs that begin in it; the cheeks of niches as their
     * wall is laid. Empty if the floor has no pieces, or nothing else has.
     */
    public static Optional<Done> in(Plan plan, LaidStorey storey, Room room) {
        var mark = room.mark();
        var floor = mark.map(RoomMark::floor);
        var onFloor = floor.flatMap(JointsThrough::pieces);
        if (onFloor.isEmpty()) {
            return Optional.empty();
        }
        var out = plan;
        var words = new LinkedHashSet<String>();
        var done = new HashSet<Surface>();
        var walls = new ArrayList<Tiled>();
        for (var found : surfaces(storey, room, mark.get())) {
            var surface = found.surface();
            var finish = Surfaces.finish(storey.storey(), surface);
            if (finish.isEmpty() || surface instanceof Surface.Ceiling || !done.add(surface)) {
                continue;
            }
            var begun = Optional.<Finish>empty();
            var niche = inWall(storey, surface);
            if (niche.isPresent()) {
                begun = likeWall(finish.get(), storey, mark.get(), niche.get(), found.frame());
            } else if (found.frame().up() == Surfaces.Up.LEVEL) {
                begun = surface instanceof Surface.OwnRegion || surface instanceof Surface.Tread
                        ? likeFloor(finish.get(), floor.get())
                        : Optional.<Finish>empty();
            } else {
                var meetings = meetings(finish.get(), floor.get(), onFloor.get(), found.frame());
                begun = upright(finish.get(), meetings);
                meetings.stream()
                        .flatMap(Optional::stream)
                        .forEach(m -> words.add(part(storey, surface) + ": " + words(m, plan.units())));
            }
            if (surface instanceof Surface.WallSide side
                    && finish.get().courses().isEmpty()) {
                pieces(finish.get()).ifPresent(laying -> walls.add(new Tiled(side, laying)));
            }
            if (begun.isPresent()) {
                out = Coverings.cover(out, storey.storey().id(), surface, begun);
            }
        }
        fromWallToWall(storey, walls, plan.units()).ifPresent(words::add);
        return words.isEmpty() ? Optional.empty() : Optional.of(new Done(out, sentence(List.copyOf(words))));
    }

    /** A wall in pieces from the floor to the ceiling. */
    private record Tiled(Surface.WallSide side, Laying laying) {
        double pitchMm() {
            return laying.width().plus(laying.joint()).mm();
        }
    }

    /**
     * How level joints go on from wall to wall, since all walls begin at the floor: said once, of the two that agree least;
     * nothing if all have the same courses.
     */
    private static Optional<String> fromWallToWall(LaidStorey storey, List<Tiled> walls, UnitSystem units) {
        var lowest = walls.stream().min(Comparator.comparingDouble(Tiled::pitchMm));
        var highest = walls.stream().max(Comparator.comparingDouble(Tiled::pitchMm));
        if (lowest.isEmpty() || highest.get().pitchMm() - lowest.get().pitchMm() <= SAME_MM) {
            return Optional.empty();
        }
        var both =
                SurfaceNames.part(storey, lowest.get().side) + " to " + SurfaceNames.part(storey, highest.get().side);
        var times = Math.rint(highest.get().pitchMm() / lowest.get().pitchMm());
        var off = Math.abs(highest.get().pitchMm() - times * lowest.get().pitchMm());
        return Optional.of(both + ": "
                + (off <= SAME_MM && times <= MOST_TIMES
                        ? "one course in " + (int) times + " runs through"
                        : "courses drift apart by " + LengthText.roundedWithUnit(Length.ofMm(off), units)
                                + " a course"));
    }

    private static String part(LaidStorey storey, Surface surface) {
        return surface instanceof Surface.Riser ? "risers" : SurfaceNames.part(storey, surface);
    }

    private static List<Surfaces.Found> surfaces(LaidStorey storey, Room room, RoomMark mark) {
        var out = new ArrayList<>(Surfaces.ofRoom(storey, room, mark));
        storey.fixedParts().stairs().stream()
                .filter(s -> s.seen() == FixedParts.End.FOOT && begins(s, room))
                .forEach(s -> out.addAll(Surfaces.steps(storey, s)));
        return out;
    }

    /** Whether the first riser of a stair stands in a room. */
    private static boolean begins(FixedParts.Flights stair, Room room) {
        return stair.steps().risers().stream()
                .findFirst()
                .filter(r -> room.outline().contains(r.middle()))
                .isPresent();
    }

    /** The region of a wall of which a surface is an edge. */
    private static Optional<Region> inWall(LaidStorey storey, Surface surface) {
        return surface instanceof Surface.Edge(var region, var _)
                ? storey.storey().elements().find(Region.class, region).filter(Region::isDeep)
                : Optional.empty();
    }

    /** A cheek whose courses go on those of its wall; one that lies level, or in a wall without pieces, stays as it is. */
    private static Optional<Finish> likeWall(
            Finish cheek, LaidStorey storey, RoomMark room, Region region, Surfaces.Frame frame) {
        return region.on() instanceof Region.Upright(var wall, var side) && frame.up() == Surfaces.Up.PLUMB
                ? Surfaces.finish(storey.storey(), new Surface.WallSide(wall, side, Optional.of(room.id())))
                        .filter(f -> f.courses().isEmpty() && pieces(f).isPresent())
                        .map(f -> cheek.startingAt(new Position(
                                Length.ZERO,
                                f.start()
                                        .y()
                                        .minus(Length.ofMm(frame.levelMm())
                                                .minus(storey.storey().level())))))
                : Optional.empty();
    }

    private static Optional<Laying> pieces(Finish finish) {
        return Materials.of(finish).map(Material::laying).filter(l -> !l.isSeamless());
    }

    /** A region on a floor that begins where that does, and runs its way. */
    private static Optional<Finish> likeFloor(Finish region, Finish floor) {
        return pieces(region).map(_ -> region.startingAt(floor.start()).turnedTo(floor.directionDeg()));
    }

    /** How the joints of the courses of a surface, and above them of its finish, meet those of the floor; empty for what has none. */
    private static List<Optional<Meeting>> meetings(Finish finish, Finish floor, Laying onFloor, Surfaces.Frame frame) {
        var layings = new ArrayList<Optional<Laying>>();
        finish.courses().forEach(c -> layings.add(Optional.of(c.laying()).filter(l -> !l.isSeamless())));
        layings.add(pieces(finish));
        return layings.stream()
                .map(laying -> laying.map(l -> meeting(floor, onFloor, frame.origin(), frame.along(), l)))
                .toList();
    }

    /** A finish of what stands upright, begun where joints meet; empty if none can. */
    private static Optional<Finish> upright(Finish finish, List<Optional<Meeting>> meetings) {
        var start = meetings.stream()
                .flatMap(Optional::stream)
                .flatMap(m -> start(m).stream())
                .findFirst();
        if (start.isEmpty()) {
            return Optional.empty();
        }
        var courses = new ArrayList<Finish.Course>();
        for (var i = 0; i < finish.courses().size(); i++) {
            var meets = meetings.get(i).flatMap(JointsThrough::start).isPresent();
            var course = finish.courses().get(i);
            courses.add(meets ? course.withBegins(Finish.Begins.STARTED) : course);
        }
        return Optional.of(finish.withCourses(courses).startingAt(new Position(Length.ofMm(start.get()), Length.ZERO)));
    }

    /**
     * Where joints of a floor meet the foot of a wall, in mm along it; none if its joints do not run towards the wall.
     *
     * @param lengthMm of the wall
     */
    public static List<Double> along(Finish floor, Point origin, Point along, double lengthMm) {
        var out = new ArrayList<Double>();
        var onFloor = pieces(floor);
        if (onFloor.isPresent()
                && meeting(floor, onFloor.get(), origin, along, onFloor.get().withPattern(new Pattern.Stack()))
                        instanceof Meeting.Through(var start, var _)) {
            var isAlong =
                    Math.abs(along.dot(Point.direction(floor.directionDeg()).left())) < PARALLEL;
            var pitch = (isAlong ? onFloor.get().length() : onFloor.get().width())
                    .plus(onFloor.get().joint())
                    .mm();
            for (var at = start; at < lengthMm; at += pitch) {
                out.add(at - onFloor.get().joint().mm() / 2);
            }
        }
        return out;
    }

    private static Optional<Double> start(Meeting meeting) {
        return switch (meeting) {
            case Meeting.Through(var start, var _) -> Optional.of(start);
            case Meeting.Drifting(var start, var _) -> Optional.of(start);
            case Meeting.Askew _ -> Optional.empty();
        };
    }

    private static String words(Meeting meeting, UnitSystem units) {
        return switch (meeting) {
            case Meeting.Through(var _, var every) ->
                every == 1 ? "joints run through" : "one joint in " + every + " runs through";
            case Meeting.Drifting(var _, var by) ->
                "joints drift apart by " + LengthText.roundedWithUnit(Length.ofMm(by), units) + " a piece";
            case Meeting.Askew _ -> "the floor runs at an angle or has no joints to go on";
        };
    }

    private static String sentence(List<String> words) {
        var text = String.join("; ", words);
        return text.substring(0, 1).toUpperCase(Locale.ROOT) + text.substring(1) + ".";
    }
}
