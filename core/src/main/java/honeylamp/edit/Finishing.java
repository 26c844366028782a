package honeylamp.edit;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Segment;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import honeylamp.units.Length;
import java.util.Comparator;
import java.util.List;

/** Changes how the pieces of finishes lie. */
public final class Finishing {
    /** What is begun with where something is laid in pieces that was laid in one before. */
    private static final Laying PIECES = Laying.of(new Pattern.Stack(), 300, 300, 3);

    private Finishing() {}

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

    /** The direction of the longest straight edge of a surface, in degrees from 0 up to 180; 0 of nothing. */
    public static double alongLongestEdge(List<Outline> surface) {
        return surface.stream()
                .flatMap(o -> o.shell().edges().stream())
                .max(Comparator.comparingDouble(Segment::length))
                .map(e -> e.b().minus(e.a()).angleDeg())
                .map(deg -> ((deg % 180) + 180) % 180)
                .orElse(0.0);
    }
}
