package honeylamp.body;

import honeylamp.catalogue.pattern.Seeds;
import honeylamp.geometry.Outline;
import honeylamp.geometry.Point;
import honeylamp.geometry.Ring;
import honeylamp.geometry.space.Flat;
import honeylamp.geometry.space.SpacePoint;
import honeylamp.plan.Role;
import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;

/** The leaves that stand out of a crown, so that it is no ball: flat, seen from both sides, by chance of what they grow on. */
final class Leaves {
    private static final int COUNT = 52;

    /** From leaf to leaf around the stem, in degrees: no two are over each other. */
    private static final double GOLDEN_DEG = 137.508;

    /** How far out a leaf begins, as a share of the crown there. */
    private static final double ROOT = 0.5;

    /** A leaf is so long as a share of how far the crown reaches, and so wide as a share of that. */
    private static final double LONG = 0.62;

    private static final double WIDE = 0.56;
    private static final double CORE = 0.72;
    private static final double WIDEST_AT = 0.45;
    private static final double LOWEST_DEG = -25;
    private static final double HIGHEST_DEG = 75;
    private static final List<Role> TONES = List.of(Role.LEAF, Role.LEAF_LIGHT, Role.LEAF, Role.LEAF_DEEP);

    private Leaves() {}

    /**
     * The leaves of a crown.
     *
     * @param profile how far it reaches from its middle at heights from its foot to its tip: x out, y up
     * @param at its middle in the plan
     * @param footMm the height that y is told from
     * @param seed of chance
     * @param skin what a part of a role looks like
     */
    static void of(
            Consumer<Facet> out, List<Point> profile, Point at, double footMm, long seed, Function<Role, Skin> skin) {
        var most = profile.stream().mapToDouble(Point::x).max().orElse(0);
        for (var i = 0; i < COUNT; i++) {
            var share = (i + 0.5) / COUNT;
            var on = on(profile, share);
            var way = Point.direction(i * GOLDEN_DEG + 25 * Seeds.signed(seed, i, 1));
            var rises = Math.toRadians(LOWEST_DEG + (HIGHEST_DEG - LOWEST_DEG) * share + 12 * Seeds.signed(seed, i, 2));
            var along = SpacePoint.of(way.times(Math.cos(rises)), Math.sin(rises));
            var root = SpacePoint.of(at.plus(way.times(ROOT * on.x())), footMm + on.y());
            var length = LONG * most * (1 + 0.25 * Seeds.signed(seed, i, 3));
            var flat = new Flat(root, along, SpacePoint.of(way.left(), 0));
            var leaf = Outline.of(leaf(length));
            var tone = skin.apply(TONES.get(i % TONES.size()));
            out.accept(new Facet(flat, Prism.oriented(leaf), tone));
            out.accept(new Facet(flat.turnedOver(), Prism.turnedOver(Prism.oriented(leaf)), tone));
        }
    }

    /** What is seen between the leaves: the crown, smaller. */
    static List<Point> core(List<Point> profile) {
        var middle = (profile.getFirst().y() + profile.getLast().y()) / 2;
        return profile.stream()
                .map(p -> new Point(CORE * p.x(), middle + CORE * (p.y() - middle)))
                .toList();
    }

    /** The point of a profile at a share of its height. */
    private static Point on(List<Point> profile, double share) {
        var low = profile.getFirst().y();
        var y = low + share * (profile.getLast().y() - low);
        for (var i = 0; i + 1 < profile.size(); i++) {
            var a = profile.get(i);
            var b = profile.get(i + 1);
            if (y <= b.y()) {
                return a.towards(b, (y - a.y()) / (b.y() - a.y()));
            }
        }
        return profile.getLast();
    }

    private static Ring leaf(double length) {
        var half = WIDE * length / 2;
        return new Ring(List.of(
                Point.ORIGIN,
                new Point(WIDEST_AT * length, -half),
                new Point(length, 0),
                new Point(WIDEST_AT * length, half)));
    }
}
