package honeylamp.derive.snags;

import honeylamp.derive.listing.Headroom;
import honeylamp.derive.openings.OpeningCut;
import honeylamp.derive.roof.RoofShape;
import honeylamp.derive.storeys.LaidStorey;
import honeylamp.units.Length;
import honeylamp.units.LengthText;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Doors and windows that reach above the roof over them. */
final class RoofSnags {
    private static final double LEAST_MM = 5;

    private RoofSnags() {}

    static List<Snag> of(LaidStorey storey) {
        return storey.roof().stream()
                .flatMap(roof -> storey.geometry().cuts().stream().flatMap(cut -> above(storey, roof, cut).stream()))
                .toList();
    }

    private static Optional<Snag> above(LaidStorey storey, RoofShape roof, OpeningCut cut) {
        var dormers = Headroom.dormers(storey);
        var head = cut.opening().head().mm();
        var lowest = cut.ring().corners().stream()
                .filter(p -> dormers.stream().noneMatch(d -> d.contains(p)))
                .flatMapToDouble(p -> roof.underMm(p).stream())
                .min();
        return Optional.of(lowest.orElse(head))
                .filter(under -> under < head - LEAST_MM)
                .map(under -> new Snag(
                        Snag.Kind.OPENING_ABOVE_ROOF,
                        cut.middle().middle(),
                        List.of(cut.opening().id()),
                        "This " + cut.opening().kind().label().toLowerCase(Locale.ROOT) + " reaches up to "
                                + shown(storey, head) + ", but the roof over it only to " + shown(storey, under)
                                + ": the rest is cut off. Make it lower, let the roof spring higher, or put a dormer"
                                + " over it."));
    }

    private static String shown(LaidStorey storey, double mm) {
        return LengthText.rounded(Length.ofMm(mm), storey.plan().units());
    }
}
