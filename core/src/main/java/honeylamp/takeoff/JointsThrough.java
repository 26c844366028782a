package honeylamp.takeoff;

import honeylamp.catalogue.Materials;
import honeylamp.derive.listing.Surfaces;
import honeylamp.derive.listing.WallSides;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.Coverings;
import honeylamp.geometry.Point;
import honeylamp.plan.Finish;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import honeylamp.units.UnitSystem;
import java.util.ArrayList;
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

    /** Begins all tiled walls of a room as its floor is laid; empty if the floor has no pieces or no wall has. */
    public static Optional<Done> in(Plan plan, LaidStorey storey, Room room) {
        var mark = room.mark();
        var floor = mark.map(RoomMark::floor);
        var onFloor = floor.flatMap(Materials::of).map(m -> m.laying()).filter(l -> !l.isSeamless());
        if (onFloor.isEmpty()) {
            return Optional.empty();
        }
        var out = plan;
        var words = new ArrayList<String>();
        var surfaces = Surfaces.ofRoom(storey, room, mark.get());
        for (var side : WallSides.of(storey.geometry(), room)) {
            var surface = new Surface.WallSide(
                    side.wall(), side.side(), Optional.of(mark.get().id()));
            var found =
                    surfaces.stream().filter(f -> f.surface().equals(surface)).findFirst();
            var finish = found.flatMap(Surfaces.Found::finish);
            var onWall = finish.flatMap(Materials::of).map(m -> m.laying()).filter(l -> !l.isSeamless());
            if (onWall.isPresent()) {
                var frame = found.get().frame();
                var meeting = meeting(floor.get(), onFloor.get(), frame.origin(), frame.along(), onWall.get());
                words.add(side.towards() + ": " + words(meeting, plan.units()));
                var begun = start(meeting).map(x -> finish.get().startingAt(new Position(Length.ofMm(x), Length.ZERO)));
                if (begun.isPresent()) {
                    out = Coverings.cover(out, storey.storey().id(), surface, begun);
                }
            }
        }
        return words.isEmpty() ? Optional.empty() : Optional.of(new Done(out, sentence(words)));
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
