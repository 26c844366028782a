package honeylamp.takeoff.key;

import honeylamp.catalogue.piece.Furnishings;
import honeylamp.derive.snags.Snag;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.edit.Leaning;
import honeylamp.plan.Stand;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.List;
import java.util.stream.Stream;

/** Pieces that stand on others by nature, and stand on none, as when what was below them went. */
public final class InAir {
    private InAir() {}

    /** The pieces of a storey that are in the air. */
    public static List<Snag> of(LaidStorey storey) {
        return storey.storey().furnishings().stream()
                .filter(f -> f.bottom().compareTo(Length.ZERO) > 0)
                .flatMap(piece -> Furnishings.of(piece).stream()
                        .filter(kind -> kind.stand() == Stand.ON_TOP)
                        .filter(_ -> Leaning.base(storey.storey(), piece).isEmpty())
                        .flatMap(kind -> Stream.of(new Snag(
                                Snag.Kind.PIECE_IN_AIR,
                                piece.at().point(),
                                List.of(piece.id()),
                                kind.label() + " is "
                                        + LengthText.roundedWithUnit(
                                                piece.bottom(), storey.plan().units())
                                        + " above the floor, and nothing is below it."))))
                .toList();
    }
}
