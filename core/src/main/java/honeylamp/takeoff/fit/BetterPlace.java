package honeylamp.takeoff.fit;

import honeylamp.catalogue.piece.FurnishingKind.Made;
import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.rooms.Room;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.GeometryCache;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.Deletion;
import honeylamp.edit.FurnishingEdits;
import honeylamp.edit.Mending.Mend;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import java.util.Comparator;
import java.util.Optional;
import java.util.Set;

/** Where a piece that stands too tight has the room it needs: the nearest such place in its room. */
public final class BetterPlace {
    private BetterPlace() {}

    /** The plan with the piece of a snag there; empty if the snag is another, or its room has no such place. */
    public static Optional<Mend> of(Plan plan, StoreyGeometry geometry, Snag snag) {
        return snag.kind() != Snag.Kind.PIECE_TIGHT
                ? Optional.empty()
                : geometry.storey()
                        .elements()
                        .find(Furnishing.class, snag.about().getFirst())
                        .flatMap(piece -> geometry.roomAt(piece.at().point())
                                .flatMap(room -> nearest(plan, geometry, room, piece)))
                        .map(there -> new Mend(
                                "Move it where it has room",
                                FurnishingEdits.place(
                                        plan, geometry.storey().id(), there.id(), there.at(), there.turnDeg())));
    }

    private static Optional<Furnishing> nearest(Plan plan, StoreyGeometry geometry, Room room, Furnishing piece) {
        var storey = geometry.storey().id();
        var cache = new GeometryCache();
        var without = Deletion.of(plan, storey, Set.of(piece.id()));
        var empty = cache.of(without, without.storey(storey));
        var minimums = plan.brief().minimums();
        var before = StarterGroup.tight(empty, room, minimums);
        var kept = StarterGroup.keptFree(empty);
        var size = new Made(piece.width(), piece.depth(), piece.height());
        return Furnishings.of(piece).stream()
                .flatMap(kind -> StarterGroup.candidates(without, empty, room, kind, size).stream())
                .map(c -> piece.withAt(c.at()).turnedTo(c.turnDeg()))
                .filter(f -> StarterGroup.stands(empty, room, f, kept))
                .sorted(Comparator.comparingDouble(
                        f -> f.at().point().distance(piece.at().point())))
                .limit(StarterGroup.MOST_TRIED)
                .filter(f -> {
                    var moved = FurnishingEdits.place(plan, storey, f.id(), f.at(), f.turnDeg());
                    return StarterGroup.tight(cache.of(moved, moved.storey(storey)), room, minimums) <= before;
                })
                .findFirst();
    }
}
