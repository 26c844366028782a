package honeylamp.takeoff.way;

import honeylamp.derive.fixed.FixedParts;
import honeylamp.derive.storeys.LaidStorey;
import java.util.Optional;

/**
 * The other end of a stair.
 *
 * @param storey on which it stands
 * @param stair as seen from there
 */
record OtherEnd(LaidStorey storey, FixedParts.Flights stair) {
    /** Of a stair as seen from a storey; empty if no storey is drawn there. */
    static Optional<OtherEnd> of(LaidStorey storey, FixedParts.Flights stair) {
        return storey.plan().all().stream()
                .filter(s -> !s.id().equals(storey.id()))
                .flatMap(s -> s.fixedParts().stairs().stream()
                        .filter(f -> f.part().id().equals(stair.part().id()) && f.seen() != stair.seen())
                        .map(f -> new OtherEnd(s, f)))
                .findFirst();
    }
}
