package honeylamp.catalogue;

import honeylamp.catalogue.piece.FurnishingKind.Group;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.edit.Reach;
import honeylamp.edit.ViewEdits;
import honeylamp.plan.Annotation;
import honeylamp.plan.ElementId.FurnishingId;
import honeylamp.plan.ElementId.ViewId;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.RoomPairs;
import honeylamp.plan.RoomPairs.Usual;
import honeylamp.plan.Tiers;
import honeylamp.plan.Tiers.Kind;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** Dimensions around a plan, under names. */
public final class TierSets {
    /** Which pieces are measured from their walls. */
    public enum Pieces {
        NONE,
        /** Those somebody chose, or if nobody did all that are large. */
        CHOSEN
    }

    /**
     * Dimensions under a name.
     *
     * @param pairs whether rooms have their width and depth
     * @param tiles whether the rows of tiled floors are measured
     * @param pieces which pieces are measured from their walls
     */
    public record TierSet(String name, Tiers tiers, Usual pairs, Annotation.Tiles tiles, Pieces pieces) {
        private TierSet(String name, Tiers tiers, Usual pairs) {
            this(name, tiers, pairs, Annotation.Tiles.NONE, Pieces.NONE);
        }

        /** The tiers of this set, drawn and counted as others were, if nothing else is said in it. */
        public Tiers onto(Tiers now) {
            return isShipped(this)
                    ? tiers.with(copy -> copy.openings(now.openings()).jog(now.jog()))
                    : tiers;
        }

        /** Whether a view has the dimensions of this set. */
        public boolean is(Tiers now, Annotation annotation) {
            return now.rows().equals(tiers.rows())
                    && annotation.pairs().usual() == pairs
                    && annotation.tiles() == tiles
                    && annotation.distances().isEmpty() == (pieces == Pieces.NONE);
        }
    }

    /** All three tiers on every side. */
    public static final TierSet THREE_TIERS =
            new TierSet("Three tiers", Tiers.of(Kind.OPENINGS, Kind.WALLS, Kind.OVERALL), Usual.NONE);

    private static final List<TierSet> ALL = List.of(
            new TierSet("None", Tiers.of(), Usual.NONE),
            new TierSet("Room sizes", Tiers.of(), Usual.ALL),
            new TierSet("Overall only", Tiers.of(Kind.OVERALL), Usual.NONE),
            new TierSet("Two tiers", Tiers.USUAL, Usual.NONE),
            THREE_TIERS,
            new TierSet("Tiles", Tiers.of(), Usual.NONE, Annotation.Tiles.MEASURED, Pieces.NONE),
            new TierSet("Furniture layout", Tiers.of(Kind.OVERALL), Usual.NONE, Annotation.Tiles.NONE, Pieces.CHOSEN));

    /** Smaller footprints, in mm², are not large. */
    private static final double LARGE_MM2 = 0.5e6;

    /** What stands loose in rooms and is arranged. */
    private static final Set<Group> LOOSE = EnumSet.of(Group.SEATS, Group.TABLES, Group.SLEEPING, Group.WORK);

    /** What is lower, as rugs are, in mm, is not measured. */
    private static final double FLAT_MM = 60;

    private TierSets() {}

    /** A view, or all, with a set of dimensions. */
    public static Plan chosen(Plan plan, ViewId view, Reach reach, TierSet set) {
        var tiers = ViewEdits.tiers(plan, view, reach, set::onto);
        var large = large(plan);
        return ViewEdits.annotation(tiers, view, reach, a -> {
            var pairs = a.pairs().usual() == set.pairs ? a.pairs() : new RoomPairs(set.pairs, List.of());
            var chosen = a.distances().isEmpty() ? large : a.distances();
            return a.with(copy ->
                    copy.pairs(pairs).tiles(set.tiles).distances(set.pieces == Pieces.NONE ? List.of() : chosen));
        });
    }

    private static List<FurnishingId> large(Plan plan) {
        return plan.storeys().stream()
                .flatMap(s -> s.furnishings().stream())
                .filter(f -> f.height().mm() > FLAT_MM
                        && f.width().mm() * f.depth().mm() >= LARGE_MM2
                        && Furnishings.of(f)
                                .filter(k -> LOOSE.contains(k.group()))
                                .isPresent())
                .map(Furnishing::id)
                .toList();
    }

    private static boolean isShipped(TierSet set) {
        return ALL.contains(set);
    }

    /** Those that ship. */
    public static List<TierSet> all() {
        return ALL;
    }
}
