package honeylamp.derive.storeys;

import honeylamp.geometry.Outline;
import honeylamp.geometry.Regions;
import honeylamp.plan.Structure;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/** What of the storey above stands out over the outside of one: bays, upper rooms, balconies. */
final class StandsOut {
    /** What stands out less to all sides, in mm, is the thickness of a wall or a slip of the hand. */
    private static final double LEAST_MM = 100;

    private static final double TOLERANCE_MM = 10;

    private StandsOut() {}

    /** Over a storey, in plan mm; nothing over one without walls, and over the uppermost. */
    static List<Outline> over(LaidStorey storey, List<LaidStorey> all) {
        var level = storey.storey().level();
        return all.stream()
                .filter(s -> s.storey().level().compareTo(level) > 0)
                .min(Comparator.comparing(s -> s.storey().level()))
                .map(above -> over(storey.geometry().shells(), standing(above)))
                .orElse(List.of());
    }

    private static List<Outline> over(List<Outline> here, List<Outline> above) {
        return here.isEmpty()
                ? List.of()
                : Regions.difference(Regions.union(above), here).stream()
                        .filter(o -> Regions.freestPoint(o, TOLERANCE_MM).radiusMm() >= LEAST_MM)
                        .toList();
    }

    private static List<Outline> standing(LaidStorey above) {
        var balconies = above.storey().structures().stream()
                .filter(s -> s.is(Structure.Kind.BALCONY))
                .map(s -> Outline.of(s.footprint()));
        return Stream.concat(above.geometry().shells().stream(), balconies).toList();
    }
}
