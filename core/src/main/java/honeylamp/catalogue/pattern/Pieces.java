package honeylamp.catalogue.pattern;

import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.plan.Laying;
import honeylamp.plan.Pattern;
import java.util.List;
import java.util.Optional;

/**
 * The pieces of any laying, at true size in its own frame (mm): x along the courses, the corner of a piece in the
 * origin. Every size is that of a piece without its joint.
 */
public final class Pieces {
    private Pieces() {}

    /** All pieces that may touch a box, in a fixed order; the joints are the gaps between their rings. */
    public static List<Piece> of(Laying laying, Box cover, long seed) {
        return switch (laying.pattern()) {
            case Pattern.Seamless _ -> List.of();
            case Pattern.Plank _, Pattern.RandomLengths _, Pattern.CoursedSlabs _, Pattern.Setts _ ->
                new Rows(laying, seed).pieces(cover);
            default -> Repeats.of(laying).pieces(cover);
        };
    }

    /** The least distance between joints, in mm: tells at which scale the pieces can be drawn. */
    public static double pitchMm(Laying laying) {
        var width = laying.width().mm();
        var length = laying.length().mm();
        var least = switch (laying.pattern()) {
            case Pattern.Seamless _ -> Double.POSITIVE_INFINITY;
            case Pattern.Stack _,
                    Pattern.Diagonal _,
                    Pattern.Running _,
                    Pattern.Herringbone _,
                    Pattern.Chevron _,
                    Pattern.Windmill _,
                    Pattern.CoursedSlabs _,
                    Pattern.Setts _,
                    Pattern.Plank _,
                    Pattern.RandomLengths _ -> Math.min(width, length);
            case Pattern.Basket _,
                    Pattern.Block _,
                    Pattern.Hexagon _,
                    Pattern.OctagonDot _,
                    Pattern.Triangle _,
                    Pattern.Rhomb _,
                    Pattern.Fan _,
                    Pattern.Repeat _ -> width;
        };
        return least + laying.joint().mm();
    }

    /** The farthest a piece reaches from the middle of its box along either axis, in mm; more does no harm. */
    public static double reachMm(Laying laying) {
        var width = laying.width().mm();
        var length = laying.length().mm();
        return switch (laying.pattern()) {
            case Pattern.Seamless _ -> 0;
            case Pattern.Plank _, Pattern.RandomLengths _ -> Math.max(width, length) / 2 + 1;
            case Pattern.CoursedSlabs _ -> 1.6 * (width + length) / 2 + 1;
            case Pattern.Setts _ -> Math.max(width, length) + 1;
            default ->
                Repeats.of(laying).cell().stream()
                                .map(p -> p.ring().bounds())
                                .mapToDouble(b -> Math.max(b.width(), b.height()))
                                .max()
                                .orElse(0)
                        / 2;
        };
    }

    /** The sizes pieces come in: the areas of whole pieces by their number; one nominal for lengths by chance. */
    public static List<Format> formats(Laying laying) {
        return switch (laying.pattern()) {
            case Pattern.Seamless _ -> List.of();
            case Pattern.Plank _, Pattern.RandomLengths _, Pattern.CoursedSlabs _, Pattern.Setts _ ->
                List.of(new Format(laying.length().mm(), laying.width().mm()));
            default -> Repeats.of(laying).formats();
        };
    }

    /**
     * A size of pieces.
     *
     * @param lengthMm along its first side, or of the box around a piece with other than four corners
     */
    public record Format(double lengthMm, double widthMm) {}

    /** The two steps by which a laying repeats, in its own frame; empty for what chance lays. */
    public static Optional<Steps> steps(Laying laying) {
        return switch (laying.pattern()) {
            case Pattern.Seamless _,
                    Pattern.Plank _,
                    Pattern.RandomLengths _,
                    Pattern.CoursedSlabs _,
                    Pattern.Setts _ -> Optional.empty();
            default -> {
                var repeats = Repeats.of(laying);
                yield Optional.of(new Steps(repeats.across(), repeats.up()));
            }
        };
    }

    /** Two steps by which a laying repeats. */
    public record Steps(Point across, Point up) {}
}
