package honeylamp.edit;

import honeylamp.derive.listing.SurfacesAt.Target;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Segment;
import honeylamp.plan.Covering;
import honeylamp.plan.ElementId.StoreyId;
import honeylamp.plan.FacePicture;
import honeylamp.plan.Finish;
import honeylamp.plan.Finish.Begins;
import honeylamp.plan.Finish.Course;
import honeylamp.plan.Laying;
import honeylamp.plan.Laying.Blend;
import honeylamp.plan.Laying.Blend.Mixing;
import honeylamp.plan.Laying.Share;
import honeylamp.plan.Laying.Turning;
import honeylamp.plan.Oklch;
import honeylamp.plan.Pattern;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomMark;
import honeylamp.plan.Surface;
import honeylamp.units.Length;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Changes how the pieces of finishes lie. */
public final class Finishing {
    /** What is begun with where something is laid in pieces that was laid in one before. */
    private static final Laying PIECES = Laying.of(new Pattern.Stack(), 300, 300, 3);

    /** A blend has no more tones. */
    public static final int MOST_TONES = 4;

    private static final double STEP_OF_BLEND = 0.08;

    private static final Length FIRST_COURSE = Length.ofMm(600);

    private static final Length FIRST_BORDER = Length.ofMm(120);

    private Finishing() {}

    /**
     * Covers what was pointed at; a room that nobody spoke of is given a mark with it. Finishes lie in the direction and
     * begin where they did, unless nothing lay there.
     */
    public static Plan lay(Plan plan, StoreyId storey, Target target, Finish finish) {
        if (target.of().isEmpty()) {
            return lay(plan, storey, target.surfaces(), finish);
        }
        var marked = RoomEdits.marked(plan, storey, target.room().orElseThrow());
        return lay(marked.plan(), storey, List.of(target.of().get().apply(marked.id())), finish);
    }

    /** Covers surfaces. */
    public static Plan lay(Plan plan, StoreyId storey, List<Surface> surfaces, Finish finish) {
        var out = plan;
        for (var surface : surfaces) {
            out = surface instanceof Surface.Floor(var room)
                    ? RoomEdits.change(out, storey, room, m -> m.withFloor(finish))
                    : Coverings.cover(out, storey, surface, Optional.of(finish));
        }
        return out;
    }

    /**
     * Lays something else wherever a material lies, on all storeys; each surface keeps its direction and start.
     *
     * @param change of a finish of that material
     */
    public static Plan everywhere(Plan plan, String material, UnaryOperator<Finish> change) {
        var out = plan;
        for (var storey : plan.storeys()) {
            var rooms = storey.rooms().stream()
                    .map(r -> r.floor().material().equals(material) ? r.withFloor(change.apply(r.floor())) : r)
                    .toList();
            var coverings = storey.coverings().stream()
                    .map(c -> c.finish().material().equals(material) ? c.withFinish(change.apply(c.finish())) : c)
                    .toList();
            if (!rooms.equals(storey.rooms())) {
                out = out.withStorey(storey.id(), s -> s.with(RoomMark.class, rooms));
            }
            if (!coverings.equals(storey.coverings())) {
                out = out.withStorey(storey.id(), s -> s.with(Covering.class, coverings));
            }
        }
        return out;
    }

    /** Pieces of other sizes with other joints. */
    public static Outcome<Laying> sized(Laying laying, Length width, Length length, Length joint) {
        for (var side : List.of(width, length)) {
            if (side.compareTo(Laying.LEAST_SIDE) < 0 || side.compareTo(Laying.GREATEST_SIDE) > 0) {
                return Outcome.refused("a piece has sides from 2 mm to 20 m");
            }
        }
        if (joint.compareTo(Length.ZERO) < 0 || joint.compareTo(Laying.WIDEST_JOINT) > 0) {
            return Outcome.refused("a joint is at most 500 mm wide");
        }
        return Outcome.done(laying.with(copy -> copy.width(width).length(length).joint(joint)));
    }

    /** With a picture of another size on its face. */
    public static Outcome<Laying> faced(Laying laying, FacePicture face) {
        for (var side : List.of(face.width(), face.height())) {
            if (side.compareTo(Laying.LEAST_SIDE) < 0 || side.compareTo(Laying.GREATEST_SIDE) > 0) {
                return Outcome.refused("a picture on a material is from 2 mm to 20 m wide and high");
            }
        }
        return Outcome.done(laying.withFace(Optional.of(face)));
    }

    /** With another tone or share in a blend. */
    public static Laying mixed(Laying laying, int at, Share share) {
        var shares = new ArrayList<>(laying.blend().shares());
        shares.set(at, share);
        return laying.withBlend(new Blend(laying.blend().mixing(), shares));
    }

    /** With a tone more in the blend, a little darker than the last; the first two are the tone of the material and a darker one. */
    public static Laying oneToneMore(Laying laying, Oklch tone) {
        var shares = new ArrayList<>(laying.blend().shares());
        if (shares.isEmpty()) {
            shares.add(new Share(tone, 1));
        }
        shares.add(new Share(shares.getLast().tone().lighter(-STEP_OF_BLEND), 1));
        return laying.withBlend(new Blend(laying.blend().mixing(), shares));
    }

    /** In turn instead of by chance, or the other way. */
    public static Laying mixedOtherwise(Laying laying) {
        var other = laying.blend().mixing() == Mixing.IN_TURN ? Mixing.BY_CHANCE : Mixing.IN_TURN;
        return laying.withBlend(new Blend(other, laying.blend().shares()));
    }

    /** Pieces turned by chance, or no longer. */
    public static Laying turnedOtherwise(Laying laying) {
        return laying.withTurning(laying.turning() == Turning.NONE ? Turning.BY_CHANCE : Turning.NONE);
    }

    /** A finish with a course more on top of those it has, of pieces as they usually lie. */
    public static Finish oneCourseMore(Finish finish, String material, Laying laying) {
        var courses = new ArrayList<>(finish.courses());
        courses.add(new Course(material, laying, Optional.empty(), FIRST_COURSE, Begins.LEFT));
        return finish.withCourses(courses);
    }

    /** A finish with a border more within those it has, as wide as one of its pieces. */
    public static Finish oneBorderMore(Finish finish, String material, Laying laying) {
        var courses = new ArrayList<>(finish.courses());
        courses.add(new Course(
                material, laying, Optional.empty(), laying.isSeamless() ? FIRST_BORDER : laying.width(), Begins.LEFT));
        return finish.withCourses(courses);
    }

    /** With a course changed; without it if there is nothing in its place. */
    public static Finish course(Finish finish, int at, Optional<Course> course) {
        var courses = new ArrayList<>(finish.courses());
        courses.remove(at);
        course.ifPresent(c -> courses.add(at, c));
        return finish.withCourses(courses);
    }

    /** The same pieces in another pattern; oblong ones where the pattern needs them. */
    public static Laying inPattern(Laying laying, Pattern pattern) {
        if (pattern instanceof Pattern.Seamless) {
            return laying.withPattern(pattern).withJoint(Length.ZERO);
        }
        var pieces = laying.isSeamless() ? PIECES : laying;
        var isOblong = pieces.width().compareTo(pieces.length()) < 0;
        var needsOblong = switch (pattern) {
            case Pattern.Herringbone _,
                    Pattern.Chevron _,
                    Pattern.Windmill _,
                    Pattern.Plank _,
                    Pattern.RandomLengths _,
                    Pattern.CoursedSlabs _ -> true;
            default -> false;
        };
        var sized = needsOblong && !isOblong
                ? pieces.withWidth(Length.max(pieces.width().times(0.25), Laying.LEAST_SIDE))
                : pieces;
        return sized.withPattern(pattern);
    }

    /** A direction as finishes keep it: courses run both ways, so from 0 up to 180 degrees. */
    public static double direction(double deg) {
        return ((deg % 180) + 180) % 180;
    }

    /** The direction of the longest straight edge of a surface, in degrees from 0 up to 180; 0 of nothing. */
    public static double alongLongestEdge(List<Outline> surface) {
        return surface.stream()
                .flatMap(o -> o.shell().edges().stream())
                .max(Comparator.comparingDouble(Segment::length))
                .map(e -> e.b().minus(e.a()).angleDeg())
                .map(Finishing::direction)
                .orElse(0.0);
    }
}
