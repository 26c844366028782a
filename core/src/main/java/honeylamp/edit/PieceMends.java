package honeylamp.edit;

import honeylamp.derive.pointing.Behind;
import honeylamp.derive.pointing.SeatPlace;
import honeylamp.derive.pointing.StandsOn;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.StoreyGeometry;
import honeylamp.edit.Mending.Mend;
import honeylamp.geometry.Point;
import honeylamp.plan.Furnishing;
import honeylamp.plan.Plan;
import honeylamp.plan.Position;
import honeylamp.units.Length;
import java.util.List;
import java.util.Optional;

/** Puts pieces right that stand where none is meant to stand. */
final class PieceMends {
    /** What is farther behind a piece is not the wall it came off. */
    private static final double FARTHEST_BEHIND_MM = 700;

    private PieceMends() {}

    private static Optional<Furnishing> piece(StoreyGeometry geometry, Snag snag) {
        return snag.about().stream()
                .findFirst()
                .flatMap(id -> geometry.storey().elements().find(Furnishing.class, id));
    }

    /** A piece with its back at the wall behind it. */
    static Optional<Mend> movedBack(Plan plan, StoreyGeometry geometry, Snag snag) {
        return piece(geometry, snag)
                .flatMap(piece -> Behind.gapMm(geometry, piece, 0, FARTHEST_BEHIND_MM).stream()
                        .mapToObj(gap -> {
                            var by = Point.direction(piece.turnDeg() + 90).times(gap);
                            return new Mend(
                                    "Move it back",
                                    FurnishingEdits.move(
                                            plan,
                                            geometry.storey().id(),
                                            List.of(piece.id()),
                                            Length.ofMm(by.x()),
                                            Length.ofMm(by.y())));
                        })
                        .findFirst());
    }

    /** A seat moved forward until its front legs stand on the rug before it. */
    static Optional<Mend> ontoRug(Plan plan, StoreyGeometry geometry, Snag snag) {
        var rug =
                geometry.storey().elements().find(Furnishing.class, snag.about().getLast());
        return piece(geometry, snag)
                .flatMap(seat -> rug.flatMap(r -> {
                    var off = SeatPlace.offRugMm(seat, r);
                    if (off.isEmpty()) {
                        return Optional.empty();
                    }
                    var there = seat.placing().apply(new Point(0, -off.getAsDouble()));
                    return Optional.of(new Mend(
                            "Move it onto the rug",
                            FurnishingEdits.moveTo(plan, geometry.storey().id(), seat.id(), Position.of(there))));
                }));
    }

    /** A piece on what lies below it, or on the floor. */
    static Optional<Mend> putDown(Plan plan, StoreyGeometry geometry, Snag snag) {
        return piece(geometry, snag).flatMap(piece -> {
            var base = StandsOn.below(geometry.storey(), piece);
            var words = base.isPresent() ? "Put it on what is below it" : "Put it on the floor";
            return FurnishingEdits.raise(
                            plan,
                            geometry.storey().id(),
                            List.of(piece.id()),
                            base.map(Furnishing::top).orElse(Length.ZERO))
                    .result()
                    .map(down -> new Mend(words, down));
        });
    }
}
