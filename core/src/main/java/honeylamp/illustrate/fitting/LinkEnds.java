package honeylamp.illustrate.fitting;

import honeylamp.derive.listing.LightGroup;
import honeylamp.geometry.Box;
import honeylamp.geometry.Point;
import honeylamp.illustrate.fitting.LinkRoutes.Ends;
import java.util.List;
import java.util.stream.Stream;

/**
 * A link that is to be drawn, from beside one symbol to beside another, in paper mm.
 *
 * @param group the number of those it is of
 */
record LinkEnds(int group, Ends ends) {
    /** Links begin so far from the middle of a symbol. */
    private static final double FROM_MM = 1.9;

    /** So much of its beginning is to be seen. */
    private static final double SEEN_MM = 1.6;

    /** Words are so far from it that the link can keep off them. */
    private static final double AIR_MM = LinkRoutes.CLEAR_MM + 0.1;

    /** The links of some groups; none between symbols that nearly touch. */
    static List<LinkEnds> of(List<LightGroup> groups, FittingArt art) {
        return groups.stream()
                .flatMap(group -> group.links().stream()
                        .map(link -> between(group.number(), art.middle(link.from()), art.middle(link.to())))
                        .flatMap(l -> l))
                .toList();
    }

    private static Stream<LinkEnds> between(int group, Point from, Point to) {
        var far = from.distance(to);
        return far > 2 * FROM_MM
                ? Stream.of(
                        new LinkEnds(group, new Ends(from.towards(to, FROM_MM / far), to.towards(from, FROM_MM / far))))
                : Stream.empty();
    }

    /** What its two beginnings take of the paper. */
    Stream<Box> beginnings() {
        var far = Math.max(SEEN_MM, ends.from().distance(ends.to()));
        return Stream.of(
                beginning(ends.from(), ends.to(), SEEN_MM / far), beginning(ends.to(), ends.from(), SEEN_MM / far));
    }

    private static Box beginning(Point from, Point to, double share) {
        return Box.around(List.of(from, from.towards(to, share))).grown(AIR_MM);
    }
}
